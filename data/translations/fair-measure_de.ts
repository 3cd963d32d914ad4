<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE">
<context>
    <name>fm</name>
    <message>
        <source>%1 is no picture that can be read: %2</source>
        <translation>%1 ist kein lesbares Bild: %2</translation>
    </message>
    <message>
        <source>it is not there</source>
        <translation>es ist nicht da</translation>
    </message>
    <message>
        <source>it is no plain file</source>
        <translation>es ist keine gewöhnliche Datei</translation>
    </message>
    <message>
        <source>it has %1 MB</source>
        <translation>es hat %1 MB</translation>
    </message>
    <message>
        <source>its kind is not known</source>
        <translation>seine Art ist nicht bekannt</translation>
    </message>
    <message>
        <source>it has %1 × %2 pixels, more than %3 million</source>
        <translation>es hat %1 × %2 Bildpunkte, mehr als %3 Millionen</translation>
    </message>
</context>
<context>
    <name>fm::Application</name>
    <message>
        <source>Something went wrong inside the program: %1.</source>
        <translation>Im Programm ist etwas schiefgegangen: %1.</translation>
    </message>
    <message>
        <source>The job is kept in %1</source>
        <translation>Der Auftrag steht in %1</translation>
    </message>
</context>
<context>
    <name>fm::BackgroundPage</name>
    <message>
        <source>A drawing or a picture…</source>
        <translation>Eine Zeichnung oder ein Bild…</translation>
    </message>
    <message>
        <source>Lay a DXF, PNG or JPEG of what is there behind the drawing</source>
        <translation>Ein DXF, PNG oder JPEG dessen, was da ist, hinter die Zeichnung legen</translation>
    </message>
    <message>
        <source>Set true by two points…</source>
        <translation>An zwei Punkten wahr machen…</translation>
    </message>
    <message>
        <source>Click two places on the drawing and enter how far they truly are apart</source>
        <translation>Zwei Stellen der Zeichnung anklicken und eingeben, wie weit sie wirklich auseinander sind</translation>
    </message>
    <message>
        <source>Take away</source>
        <translation>Wegnehmen</translation>
    </message>
    <message>
        <source>Nothing behind the drawing; the file stays in the job&apos;s folder</source>
        <translation>Nichts hinter der Zeichnung; die Datei bleibt im Ordner des Auftrags</translation>
    </message>
    <message>
        <source>how far the two points are apart</source>
        <translation>Abstand der zwei Punkte</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>along</source>
        <translation>längs</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>mm a unit</source>
        <translation>mm je Einheit</translation>
    </message>
    <message>
        <source>truly apart</source>
        <translation>wirklicher Abstand</translation>
    </message>
    <message>
        <source>What is behind the drawing</source>
        <translation>Was hinter der Zeichnung liegt</translation>
    </message>
    <message>
        <source>Click the first of two places whose distance you know.</source>
        <translation>Die erste von zwei Stellen anklicken, deren Abstand bekannt ist.</translation>
    </message>
    <message>
        <source>nothing behind the drawing</source>
        <translation>nichts hinter der Zeichnung</translation>
    </message>
    <message>
        <source>A drawing of the board, the headstock or the old bridge, or a scanned picture with a ruler in it.</source>
        <translation>Eine Zeichnung des Griffbretts, der Kopfplatte oder des alten Stegs, oder ein gescanntes Bild mit einem Lineal darin.</translation>
    </message>
    <message>
        <source>true to scale</source>
        <translation>maßstäblich</translation>
    </message>
    <message>
        <source>not true yet: set it by two points</source>
        <translation>noch nicht wahr: an zwei Punkten einstellen</translation>
    </message>
    <message>
        <source>left out: %1</source>
        <translation>ausgelassen: %1</translation>
    </message>
    <message>
        <source>Behind the drawing</source>
        <translation>Hinter der Zeichnung</translation>
    </message>
    <message>
        <source>Drawings and pictures (*.dxf *.png *.jpg *.jpeg)</source>
        <translation>Zeichnungen und Bilder (*.dxf *.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>%1 behind the drawing</source>
        <translation>%1 hinter der Zeichnung</translation>
    </message>
    <message>
        <source>The two points are drawn %1 apart. Enter how far they truly are.</source>
        <translation>Die zwei Punkte sind %1 auseinander gezeichnet. Wirklichen Abstand eingeben.</translation>
    </message>
    <message>
        <source>two points on one another, or no distance, tell no scale</source>
        <translation>zwei Punkte aufeinander oder kein Abstand geben keinen Maßstab</translation>
    </message>
    <message>
        <source>background set true</source>
        <translation>Hintergrund wahr gemacht</translation>
    </message>
    <message>
        <source>Stop reading</source>
        <translation>Nicht weiterlesen</translation>
    </message>
    <message>
        <source>The file is not laid behind the drawing</source>
        <translation>Die Datei kommt nicht hinter die Zeichnung</translation>
    </message>
    <message>
        <source>Reading %1 …</source>
        <translation>%1 wird gelesen …</translation>
    </message>
</context>
<context>
    <name>fm::BenchGauge</name>
    <message>
        <source>Listen</source>
        <translation>Horchen</translation>
    </message>
    <message>
        <source>Listen at this port: then press the gauge&apos;s button</source>
        <translation>An diesem Anschluss horchen: dann den Knopf des Messmittels drücken</translation>
    </message>
    <message>
        <source>Simulated gauge</source>
        <translation>Simuliertes Messmittel</translation>
    </message>
    <message>
        <source>Start a gauge that is not there, with an instrument and a hand of its own: + files the pass and reads it</source>
        <translation>Ein Messmittel starten, das es nicht gibt, mit eigenem Instrument und eigener Hand: + feilt den Gang und misst</translation>
    </message>
    <message>
        <source>Port of the gauge</source>
        <translation>Anschluss des Messmittels</translation>
    </message>
    <message>
        <source>Where the gauge is plugged in: a port the system lists, or a path typed in</source>
        <translation>Wo das Messmittel steckt: ein Anschluss, den das System nennt, oder ein getippter Pfad</translation>
    </message>
    <message>
        <source>Unit of a gauge that does not say it</source>
        <translation>Einheit eines Messmittels, das sie nicht nennt</translation>
    </message>
    <message>
        <source>Gauge</source>
        <translation>Messmittel</translation>
    </message>
    <message>
        <source>The gauge sent something that is no reading: “%1”</source>
        <translation>Das Messmittel schickte etwas, das keine Messung ist: „%1“</translation>
    </message>
    <message>
        <source>The gauge is gone (%1). Type the reading, or plug it in and listen again</source>
        <translation>Das Messmittel ist weg (%1). Die Messung tippen, oder einstecken und wieder horchen</translation>
    </message>
    <message>
        <source>no gauge</source>
        <translation>kein Messmittel</translation>
    </message>
    <message>
        <source>listening: press the gauge&apos;s button</source>
        <translation>horcht: den Knopf des Messmittels drücken</translation>
    </message>
    <message>
        <source>gauge heard</source>
        <translation>Messmittel gehört</translation>
    </message>
    <message>
        <source>Let go</source>
        <translation>Loslassen</translation>
    </message>
    <message>
        <source>End simulation</source>
        <translation>Simulation beenden</translation>
    </message>
    <message>
        <source>Type the port the gauge is plugged into</source>
        <translation>Den Anschluss tippen, an dem das Messmittel steckt</translation>
    </message>
    <message>
        <source>The simulated gauge did not start</source>
        <translation>Das simulierte Messmittel startete nicht</translation>
    </message>
    <message>
        <source>dial gauge</source>
        <translation>Messuhr</translation>
    </message>
    <message>
        <source>caliper</source>
        <translation>Messschieber</translation>
    </message>
    <message>
        <source>Kind of the gauge</source>
        <translation>Art des Messgeräts</translation>
    </message>
    <message>
        <source>Kind of the gauge: how sure its readings are</source>
        <translation>Art des Messgeräts: wie sicher es misst</translation>
    </message>
    <message>
        <source>starting …</source>
        <translation>startet …</translation>
    </message>
    <message>
        <source>heard: does it send by itself?</source>
        <translation>gehört: sendet es von selbst?</translation>
    </message>
    <message>
        <source>sends by itself: Enter keeps what it shows</source>
        <translation>sendet von selbst: Enter übernimmt die Anzeige</translation>
    </message>
</context>
<context>
    <name>fm::BenchView</name>
    <message>
        <source>Bench message</source>
        <translation>Meldung der Werkbank</translation>
    </message>
    <message>
        <source>What the gauge reads; two leaves as 0.40 &lt; 0.45, or with two points between</source>
        <translation>Was das Messmittel zeigt; zwei Fühlerlehren als 0.40 &lt; 0.45, oder mit zwei Punkten dazwischen</translation>
    </message>
    <message>
        <source>Enter when it is done</source>
        <translation>Eingabe, wenn getan</translation>
    </message>
    <message>
        <source>%1 is far from what should be there. In inches it would be %2. Enter: it was inches. / : it is %1. − : not taken</source>
        <translation>%1 ist weit von dem, was da sein sollte. In Zoll wäre es %2. Eingabe: es waren Zoll. / : es sind %1. − : nicht nehmen</translation>
    </message>
    <message>
        <source>%1 is far from what should be there. In mm it would be %2. Enter: it was mm. / : it is %1. − : not taken</source>
        <translation>%1 ist weit von dem, was da sein sollte. In mm wäre es %2. Eingabe: es waren mm. / : es sind %1. − : nicht nehmen</translation>
    </message>
    <message>
        <source>%1 kept.</source>
        <translation>%1 behalten.</translation>
    </message>
    <message>
        <source>%1 is there: %2.</source>
        <translation>%1 ist am Ziel: %2.</translation>
    </message>
    <message>
        <source>That is more than before, though a pass was made: read it again, or take it back.</source>
        <translation>Das ist mehr als vorher, obwohl gefeilt wurde: noch einmal messen oder zurücknehmen.</translation>
    </message>
    <message>
        <source>The last one is taken back.</source>
        <translation>Das Letzte ist zurückgenommen.</translation>
    </message>
    <message>
        <source>course %1</source>
        <translation>Chor %1</translation>
    </message>
    <message>
        <source>course %1, low</source>
        <translation>Chor %1, tiefe Saite</translation>
    </message>
    <message>
        <source>course %1, high</source>
        <translation>Chor %1, hohe Saite</translation>
    </message>
    <message>
        <source>no file of the shop fits</source>
        <translation>keine Feile der Werkstatt passt</translation>
    </message>
    <message>
        <source>file %1</source>
        <translation>Feile %1</translation>
    </message>
    <message>
        <source>file %1, rocked</source>
        <translation>Feile %1, gewiegt</translation>
    </message>
    <message>
        <source>Leaves on the board under the file: %1.</source>
        <translation>Fühlerlehren auf dem Griffbrett unter der Feile: %1.</translation>
    </message>
    <message>
        <source>The gauge alone would allow %1; this hand took %2 of its passes, give or take %3.</source>
        <translation>Das Messmittel allein ließe %1 zu; diese Hand nahm das %2-Fache, mehr oder weniger %3.</translation>
    </message>
    <message>
        <source>Read again to be sure. Packing under the saddle by %1 (Ctrl+Enter when it is in), or a new saddle.</source>
        <translation>Zur Sicherheit noch einmal messen. Einlage um %1 unterlegen (Strg+Eingabe, wenn es liegt) oder eine neue Einlage.</translation>
    </message>
    <message>
        <source>Read again to be sure. Fill the slot by %1 or more (Ctrl+Enter when it is filled), or lift the nut by %2. The nut station weighs it up.</source>
        <translation>Zur Sicherheit noch einmal messen. Kerbe um %1 oder mehr füllen (Strg+Eingabe, wenn gefüllt) oder den Sattel um %2 heben. Die Station Sattel wägt ab.</translation>
    </message>
    <message>
        <source>Relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>gap under the string</source>
        <translation>Spalt unter der Saite</translation>
    </message>
    <message>
        <source>Small turns; stop when it binds; know which way it goes. When unsure, a professional.</source>
        <translation>Kleine Drehungen; aufhören, wenn es klemmt; die Richtung kennen. Im Zweifel zum Fachmann.</translation>
    </message>
    <message>
        <source>less relief: tighten the rod</source>
        <translation>weniger Krümmung: Halsstab anziehen</translation>
    </message>
    <message>
        <source>more relief: loosen the rod</source>
        <translation>mehr Krümmung: Halsstab lösen</translation>
    </message>
    <message>
        <source>, about %1, then read</source>
        <translation>, etwa %1, dann messen</translation>
    </message>
    <message>
        <source> by less than an eighth, then read</source>
        <translation> um weniger als eine achtel Drehung, dann messen</translation>
    </message>
    <message>
        <source> a little, then read</source>
        <translation> ein wenig, dann messen</translation>
    </message>
    <message>
        <source>Turned: %1 %2. + changes it.</source>
        <translation>Gedreht: %1 %2. + ändert es.</translation>
    </message>
    <message>
        <source>tighter</source>
        <translation>fester</translation>
    </message>
    <message>
        <source>looser</source>
        <translation>loser</translation>
    </message>
    <message>
        <source>+ logs the turn, an eighth a press.</source>
        <translation>+ hält die Drehung fest, je Druck eine achtel.</translation>
    </message>
    <message>
        <source>The whole nut</source>
        <translation>Der ganze Sattel</translation>
    </message>
    <message>
        <source>The whole saddle</source>
        <translation>Die ganze Einlage</translation>
    </message>
    <message>
        <source>shim under the nut, before its slots are filed</source>
        <translation>unter den Sattel legen, bevor seine Kerben gefeilt werden</translation>
    </message>
    <message>
        <source>packing under the saddle at the bass end, %1 at the treble end</source>
        <translation>unter die Einlage an der Bassseite, %1 an der Diskantseite</translation>
    </message>
    <message>
        <source>off the saddle&apos;s bottom at the bass string, %1 at the treble string</source>
        <translation>von der Unterseite der Einlage an der Basssaite, %1 an der Diskantsaite</translation>
    </message>
    <message>
        <source>Slacken the strings. Clean joint; the shim is glued to the nut, not to the seat. Glue: fumes, eyes, fingers.</source>
        <translation>Saiten entspannen. Die Unterlage wird an den Sattel geleimt, nicht an den Sitz. Kleber: Dämpfe, Augen, Finger.</translation>
    </message>
    <message>
        <source>Slacken the strings. Bottom flat and square on the stone; dust: mask. String up before reading.</source>
        <translation>Saiten entspannen. Unterseite eben und winklig auf dem Stein; Staub: Maske. Vor dem Messen stimmen.</translation>
    </message>
    <message>
        <source>off the slot in this pass, then string up and read</source>
        <translation>aus der Kerbe in diesem Gang, dann aufziehen und messen</translation>
    </message>
    <message>
        <source>lower at the screw, then tune and read</source>
        <translation>an der Schraube tiefer, dann stimmen und messen</translation>
    </message>
    <message>
        <source>off the top under this string, then string up and read</source>
        <translation>von oben unter dieser Saite, dann aufziehen und messen</translation>
    </message>
    <message>
        <source>over its target: too near to file. Read it once more</source>
        <translation>über dem Ziel: zu nah zum Feilen. Noch einmal messen</translation>
    </message>
    <message>
        <source>Each reading makes the mean surer; * leaves the string as it is.</source>
        <translation>Jede Messung macht das Mittel sicherer; * lässt die Saite, wie sie ist.</translation>
    </message>
    <message>
        <source>this string is there</source>
        <translation>diese Saite ist am Ziel</translation>
    </message>
    <message>
        <source>too deep: so much is missing under the string</source>
        <translation>zu tief: so viel fehlt unter der Saite</translation>
    </message>
    <message>
        <source>too low: so much is missing under the string</source>
        <translation>zu niedrig: so viel fehlt unter der Saite</translation>
    </message>
    <message>
        <source>an eighth of a turn</source>
        <translation>eine achtel Drehung</translation>
    </message>
    <message>
        <source>a quarter turn</source>
        <translation>eine viertel Drehung</translation>
    </message>
    <message>
        <source>three eighths of a turn</source>
        <translation>drei achtel Drehungen</translation>
    </message>
    <message>
        <source>half a turn</source>
        <translation>eine halbe Drehung</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Einlage</translation>
    </message>
    <message>
        <source>no string has both a nut and an action reading yet: take them at the survey</source>
        <translation>noch hat keine Saite eine Messung am Sattel und eine der Saitenlage: beim Befund nehmen</translation>
    </message>
    <message>
        <source>string %1 of %2</source>
        <translation>Saite %1 von %2</translation>
    </message>
    <message>
        <source>height over fret 12</source>
        <translation>Höhe über Bund 12</translation>
    </message>
    <message>
        <source>over fret 12, capo at 1</source>
        <translation>über Bund 12, Kapodaster am 1.</translation>
    </message>
    <message>
        <source>gap over fret 1, pressed at %1</source>
        <translation>Spalt über Bund 1, gedrückt am %1.</translation>
    </message>
    <message>
        <source>gap over fret 1</source>
        <translation>Spalt über Bund 1</translation>
    </message>
    <message>
        <source>is what it should read now: read it before the first stroke</source>
        <translation>sollte es jetzt sein: vor dem ersten Strich messen</translation>
    </message>
    <message>
        <source>was read last: read it again before the rod is touched</source>
        <translation>wurde zuletzt gemessen: noch einmal messen, bevor der Stab gedreht wird</translation>
    </message>
    <message>
        <source>from what is wanted: the neck is there</source>
        <translation>vom Gewünschten: der Hals ist am Ziel</translation>
    </message>
    <message>
        <source>%1 now, mean of %2</source>
        <translation>%1 jetzt, Mittel aus %2</translation>
    </message>
    <message>
        <source>%1 now</source>
        <translation>%1 jetzt</translation>
    </message>
    <message>
        <source>%1 stop</source>
        <translation>%1 halt</translation>
    </message>
    <message>
        <source>%1 wanted</source>
        <translation>%1 Ziel</translation>
    </message>
    <message>
        <source>Enter takes the last one back; a digit makes it a number below nothing.</source>
        <translation>Enter nimmt die letzte zurück; eine Ziffer macht daraus eine Zahl unter null.</translation>
    </message>
    <message>
        <source>Enter: it is done. * : not now.
− Enter takes the last one back. Esc leaves.</source>
        <translation>Enter: getan. * : nicht jetzt.
− Enter nimmt die letzte zurück. Esc verlässt.</translation>
    </message>
    <message>
        <source>Enter keeps it. Same string until it is there,
then the next. − Enter takes the last one back.</source>
        <translation>Enter behält sie. Dieselbe Saite, bis sie da ist,
dann die nächste. − Enter nimmt die letzte zurück.</translation>
    </message>
    <message>
        <source>%1 is below nothing: a string that touches reads 0</source>
        <translation>%1 liegt unter null: Eine Saite, die aufliegt, liest 0</translation>
    </message>
    <message>
        <source>Read again to be sure. Turn it up at the screw by %1 (Ctrl+Enter when it is).</source>
        <translation>Zur Sicherheit noch einmal messen. An der Schraube um %1 höher drehen (dann Strg+Enter).</translation>
    </message>
    <message>
        <source>Both screws</source>
        <translation>Beide Schrauben</translation>
    </message>
    <message>
        <source>Strings under tension: mind the eyes. Slacken, turn, tune, then read.</source>
        <translation>Saiten unter Spannung: Augen schützen. Entspannen, drehen, stimmen, dann messen.</translation>
    </message>
    <message>
        <source>is what it should read now: read it before the screw is turned</source>
        <translation>müsste jetzt zu lesen sein: messen, bevor die Schraube gedreht wird</translation>
    </message>
    <message>
        <source>the shop&apos;s files are not listed</source>
        <translation>die Feilen der Werkstatt sind nicht verzeichnet</translation>
    </message>
    <message>
        <source>off the nut&apos;s bottom in one, before its slots are filed</source>
        <translation>in einem von der Unterseite des Sattels, bevor seine Kerben gefeilt werden</translation>
    </message>
    <message>
        <source>nothing to do here: left as found, within what the gauge can tell</source>
        <translation>hier ist nichts zu tun: bleibt wie vorgefunden, im Rahmen der Messgenauigkeit</translation>
    </message>
    <message>
        <source>The verdict says why, and lets it be done all the same.</source>
        <translation>Das Urteil sagt, warum, und lässt es trotzdem tun.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Posts are never turned under tension: slacken, turn, tune, then read.</source>
        <translation>Bolzen werden nie unter Spannung gedreht: entspannen, drehen, stimmen, dann ablesen.</translation>
    </message>
    <message>
        <source>lower at the screw, %1, then tune and read</source>
        <translation>an der Schraube tiefer, %1, dann stimmen und ablesen</translation>
    </message>
    <message>
        <source>Leave as found</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>The part that comes first, or next; Page Up and Page Down walk all three</source>
        <translation>Der Teil, der zuerst kommt oder als Nächster; Bild auf und Bild ab gehen durch alle drei</translation>
    </message>
    <message>
        <source>Nothing is done in this step; asks why, for the record</source>
        <translation>In diesem Schritt wird nichts getan; fragt warum, für die Akte</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>First: %1</source>
        <translation>Zuerst: %1</translation>
    </message>
    <message>
        <source>Next: the intonation</source>
        <translation>Als Nächstes: die Intonation</translation>
    </message>
    <message>
        <source>Enter leads on. A reading is kept all the same.
− Enter takes the last one back. Esc leaves.</source>
        <translation>Enter führt weiter. Eine Ablesung wird trotzdem behalten.
− Enter nimmt die letzte zurück. Esc verlässt.</translation>
    </message>
    <message>
        <source>▲ First %1: it moves what is read here</source>
        <translation>▲ Zuerst %1: das verschiebt, was hier abgelesen wird</translation>
    </message>
    <message>
        <source>string held at frets %1 and %2, gap read at %3</source>
        <translation>Saite an Bund %1 und %2 gehalten, am Bund %3 abgelesen</translation>
    </message>
    <message>
        <source>Both posts</source>
        <translation>Beide Bolzen</translation>
    </message>
    <message>
        <source>at the bass, and at the treble</source>
        <translation>am Bass, und am Diskant</translation>
    </message>
    <message>
        <source>%1 at the bass, %2 at the treble</source>
        <translation>%1 am Bass, %2 am Diskant</translation>
    </message>
    <message>
        <source>off what the two screws can give: read every string, then turn both</source>
        <translation>daneben, was zwei Schrauben geben können: jede Saite ablesen, dann beide drehen</translation>
    </message>
    <message>
        <source>raise at the screw, then tune and read</source>
        <translation>an der Schraube heben, dann stimmen und ablesen</translation>
    </message>
    <message>
        <source>raise at the screw, %1, then tune and read</source>
        <translation>an der Schraube heben, %1, dann stimmen und ablesen</translation>
    </message>
    <message>
        <source>%1 here becomes %2 after these steps: %3</source>
        <translation>%1 hier wird %2 nach diesen Schritten: %3</translation>
    </message>
    <message>
        <source>shims under the whole block</source>
        <translation>Unterlagen unter den ganzen Block</translation>
    </message>
    <message>
        <source>Slacken the strings. Shims lie flat under all of it; its screws snug, no more. Lock it only once it is in tune, then read.</source>
        <translation>Saiten entspannen. Die Unterlagen liegen flach unter dem Ganzen; die Schrauben handfest, nicht mehr. Erst klemmen, wenn es gestimmt ist, dann messen.</translation>
    </message>
    <message>
        <source>is wanted here: make the new saddle to its sheet, then read</source>
        <translation>ist hier gewollt: die neue Stegeinlage nach ihrem Blatt machen, dann messen</translation>
    </message>
    <message>
        <source>is wanted here: cut the new nut to its sheet, then read</source>
        <translation>ist hier gewollt: den neuen Sattel nach seinem Blatt schneiden, dann messen</translation>
    </message>
    <message>
        <source>is wanted here: a shim or fillings? The verdict (V) first</source>
        <translation>ist hier gewollt: unterlegen oder füllen? Zuerst das Urteil (V)</translation>
    </message>
    <message>
        <source>is wanted here: fill this slot first and cut it anew, then read</source>
        <translation>ist hier gewollt: zuerst diese Kerbe füllen und neu schneiden, dann messen</translation>
    </message>
</context>
<context>
    <name>fm::BenchWorker</name>
    <message>
        <source>relief read, %1</source>
        <translation>Halskrümmung gemessen, %1</translation>
    </message>
    <message>
        <source>reading %1, %2</source>
        <translation>Messung %1, %2</translation>
    </message>
    <message>
        <source>nut shimmed by %1</source>
        <translation>Sattel um %1 unterlegt</translation>
    </message>
    <message>
        <source>saddle raised</source>
        <translation>Einlage gehoben</translation>
    </message>
    <message>
        <source>saddle&apos;s bottom taken down</source>
        <translation>Unterseite der Einlage abgenommen</translation>
    </message>
    <message>
        <source>saddle packed</source>
        <translation>Einlage unterlegt</translation>
    </message>
    <message>
        <source>slot of %1 filled</source>
        <translation>Kerbe von %1 gefüllt</translation>
    </message>
    <message>
        <source>reading taken back</source>
        <translation>Messung zurückgenommen</translation>
    </message>
    <message>
        <source>Nothing was read at the bench last: there is nothing to take back</source>
        <translation>Zuletzt wurde nicht an der Werkbank gemessen: nichts zurückzunehmen</translation>
    </message>
    <message>
        <source>screws turned</source>
        <translation>Schrauben gedreht</translation>
    </message>
    <message>
        <source>saddle of %1 turned up</source>
        <translation>Reiter von %1 hochgedreht</translation>
    </message>
</context>
<context>
    <name>fm::BridgeCanvas</name>
    <message>
        <source>Drawing of the bridge</source>
        <translation>Zeichnung des Stegs</translation>
    </message>
    <message>
        <source>bridge length across</source>
        <translation>Steglänge quer</translation>
    </message>
    <message>
        <source>bridge width along the strings</source>
        <translation>Stegbreite längs der Saiten</translation>
    </message>
    <message>
        <source>front edge to the slot&apos;s middle</source>
        <translation>Vorderkante bis Nutmitte</translation>
    </message>
    <message>
        <source>pins behind the slot</source>
        <translation>Pins hinter der Nut</translation>
    </message>
    <message>
        <source>pin hole</source>
        <translation>Pinloch</translation>
    </message>
    <message>
        <source>exit behind the slot</source>
        <translation>Austritt hinter der Nut</translation>
    </message>
    <message>
        <source>exit over the soundboard</source>
        <translation>Austritt über der Decke</translation>
    </message>
    <message>
        <source>fret plane over the soundboard</source>
        <translation>Bundebene über der Decke</translation>
    </message>
    <message>
        <source>bridge height</source>
        <translation>Steghöhe</translation>
    </message>
    <message>
        <source>saddle exposed, wanted</source>
        <translation>Überstand der Stegeinlage, gewünscht</translation>
    </message>
    <message>
        <source>string over the soundboard</source>
        <translation>Saite über der Decke</translation>
    </message>
    <message>
        <source>saddle exposed</source>
        <translation>Überstand der Stegeinlage</translation>
    </message>
    <message>
        <source>break angle at the saddle</source>
        <translation>Knickwinkel an der Stegeinlage</translation>
    </message>
    <message>
        <source>wood under the slot</source>
        <translation>Holz unter der Nut</translation>
    </message>
    <message>
        <source>turning moment</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>front to slot</source>
        <translation>Kante bis Nut</translation>
    </message>
    <message>
        <source>pins behind slot</source>
        <translation>Pins hinter Nut</translation>
    </message>
    <message>
        <source>exit behind slot</source>
        <translation>Austritt hinter Nut</translation>
    </message>
    <message>
        <source>exit over soundboard</source>
        <translation>Austritt über Decke</translation>
    </message>
    <message>
        <source>cut at %1</source>
        <translation>Schnitt bei %1</translation>
    </message>
    <message>
        <source>fret plane</source>
        <translation>Bundebene</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>exposed</source>
        <translation>Überstand</translation>
    </message>
    <message>
        <source>break angle</source>
        <translation>Knickwinkel</translation>
    </message>
    <message>
        <source>under slot</source>
        <translation>unter der Nut</translation>
    </message>
    <message>
        <source>moment</source>
        <translation>Moment</translation>
    </message>
    <message>
        <source>crown from the reference edge</source>
        <translation>Krone ab der Bezugskante</translation>
    </message>
    <message>
        <source>reference edge from the nut line</source>
        <translation>Bezugskante ab der Sattellinie</translation>
    </message>
    <message>
        <source>This job has no bridge: choose its kind below, and its drawing stands here.</source>
        <translation>Dieser Auftrag hat keinen Steg: unten seine Art wählen, dann steht hier die Zeichnung.</translation>
    </message>
    <message>
        <source>front edge</source>
        <translation>Vorderkante</translation>
    </message>
    <message>
        <source>exit behind crowns</source>
        <translation>Austritt hinter Kronen</translation>
    </message>
    <message>
        <source>from edge</source>
        <translation>ab Kante</translation>
    </message>
    <message>
        <source>edge from nut</source>
        <translation>ab Sattel</translation>
    </message>
    <message>
        <source>bridge height under this string</source>
        <translation>Steghöhe unter dieser Saite</translation>
    </message>
    <message>
        <source>height here</source>
        <translation>Höhe hier</translation>
    </message>
</context>
<context>
    <name>fm::BridgePages</name>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>tailpiece</source>
        <translation>Saitenhalter</translation>
    </message>
    <message>
        <source>Pins in a line</source>
        <translation>Pins in einer Linie</translation>
    </message>
    <message>
        <source>along the slot</source>
        <translation>längs der Nut</translation>
    </message>
    <message>
        <source>square</source>
        <translation>rechtwinklig</translation>
    </message>
    <message>
        <source>looks square; break angles differ a little</source>
        <translation>wirkt gerade; die Knickwinkel weichen etwas ab</translation>
    </message>
    <message>
        <source>line of the pins</source>
        <translation>Linie der Pins</translation>
    </message>
    <message>
        <source>ramp in front of the pins</source>
        <translation>Rampe vor den Pins</translation>
    </message>
    <message>
        <source>ramp deep</source>
        <translation>Rampe tief</translation>
    </message>
    <message>
        <source>no bridge</source>
        <translation>kein Steg</translation>
    </message>
    <message>
        <source>Bridge height</source>
        <translation>Steghöhe</translation>
    </message>
    <message>
        <source>as given</source>
        <translation>wie angegeben</translation>
    </message>
    <message>
        <source>the bridge is there, or its height is decided</source>
        <translation>der Steg ist da, oder seine Höhe steht fest</translation>
    </message>
    <message>
        <source>from the exposure</source>
        <translation>aus dem Überstand</translation>
    </message>
    <message>
        <source>as high as the saddle&apos;s exposure asks, within its limits</source>
        <translation>so hoch, wie der Überstand verlangt, in seinen Grenzen</translation>
    </message>
    <message>
        <source>least bridge height</source>
        <translation>kleinste Steghöhe</translation>
    </message>
    <message>
        <source>least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>greatest bridge height</source>
        <translation>größte Steghöhe</translation>
    </message>
    <message>
        <source>greatest</source>
        <translation>höchstens</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>least break angle</source>
        <translation>kleinster Knickwinkel</translation>
    </message>
    <message>
        <source>break at least</source>
        <translation>Knick mindestens</translation>
    </message>
    <message>
        <source>least wood under the slot</source>
        <translation>kleinste Holzstärke unter der Nut</translation>
    </message>
    <message>
        <source>floor at least</source>
        <translation>Boden mindestens</translation>
    </message>
    <message>
        <source>bridge height from the exposure</source>
        <translation>Steghöhe aus dem Überstand</translation>
    </message>
    <message>
        <source>bridge height as given</source>
        <translation>Steghöhe wie angegeben</translation>
    </message>
    <message>
        <source>Outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>waisted</source>
        <translation>tailliert</translation>
    </message>
    <message>
        <source>bellied</source>
        <translation>bauchig</translation>
    </message>
    <message>
        <source>length of the middle</source>
        <translation>Länge der Mitte</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>width of the wings</source>
        <translation>Breite der Flügel</translation>
    </message>
    <message>
        <source>wings</source>
        <translation>Flügel</translation>
    </message>
    <message>
        <source>bulge of the back edge</source>
        <translation>Wölbung der Hinterkante</translation>
    </message>
    <message>
        <source>belly</source>
        <translation>Bauch</translation>
    </message>
    <message>
        <source>outline of the bridge</source>
        <translation>Umriss des Stegs</translation>
    </message>
    <message>
        <source>Bridge that is there</source>
        <translation>Vorhandener Steg</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>bridge that is there</source>
        <translation>vorhandener Steg</translation>
    </message>
    <message>
        <source>no bridge there</source>
        <translation>kein Steg vorhanden</translation>
    </message>
    <message>
        <source>height of the bridge that is there</source>
        <translation>Höhe des vorhandenen Stegs</translation>
    </message>
    <message>
        <source>its height</source>
        <translation>seine Höhe</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>bolted in a pocket</source>
        <translation>in einer Tasche verschraubt</translation>
    </message>
    <message>
        <source>packing tilts it; says how much</source>
        <translation>Unterlagen neigen ihn; sagt, wie viel</translation>
    </message>
    <message>
        <source>neck pocket</source>
        <translation>Halstasche</translation>
    </message>
    <message>
        <source>length of the neck pocket</source>
        <translation>Länge der Halstasche</translation>
    </message>
    <message>
        <source>pocket</source>
        <translation>Tasche</translation>
    </message>
    <message>
        <source>pivot from the nut line</source>
        <translation>Drehpunkt ab der Sattellinie</translation>
    </message>
    <message>
        <source>pivot</source>
        <translation>Drehpunkt</translation>
    </message>
    <message>
        <source>There now</source>
        <translation>Vorhanden</translation>
    </message>
    <message>
        <source>Behind</source>
        <translation>Dahinter</translation>
    </message>
    <message>
        <source>as far behind the slot on every string; break angles differ with the heights</source>
        <translation>bei jeder Saite gleich weit hinter der Nut; die Knickwinkel folgen den Höhen</translation>
    </message>
    <message>
        <source>pinned</source>
        <translation>mit Pins</translation>
    </message>
    <message>
        <source>tied</source>
        <translation>geknüpft</translation>
    </message>
    <message>
        <source>through</source>
        <translation>durch</translation>
    </message>
    <message>
        <source>floating</source>
        <translation>schwebend</translation>
    </message>
    <message>
        <source>on wheels</source>
        <translation>auf Rädern</translation>
    </message>
    <message>
        <source>plate</source>
        <translation>Platte</translation>
    </message>
    <message>
        <source>shared</source>
        <translation>geteilt</translation>
    </message>
    <message>
        <source>two posts</source>
        <translation>zwei Pfosten</translation>
    </message>
    <message>
        <source>glued on, the strings held by pins</source>
        <translation>aufgeleimt, die Saiten von Pins gehalten</translation>
    </message>
    <message>
        <source>glued on, the strings tied to a block</source>
        <translation>aufgeleimt, die Saiten an einen Block geknüpft</translation>
    </message>
    <message>
        <source>glued on, the strings through holes from behind</source>
        <translation>aufgeleimt, die Saiten von hinten durch Löcher</translation>
    </message>
    <message>
        <source>glued on, the strings to a tailpiece</source>
        <translation>aufgeleimt, die Saiten an einem Saitenhalter</translation>
    </message>
    <message>
        <source>held down by the strings, in one piece with a notched top</source>
        <translation>von den Saiten gehalten, aus einem Stück mit gekerbter Oberkante</translation>
    </message>
    <message>
        <source>held down by the strings, its height set by two wheels</source>
        <translation>von den Saiten gehalten, die Höhe mit zwei Rädern gestellt</translation>
    </message>
    <message>
        <source>a plate with a saddle for each string</source>
        <translation>eine Platte mit einem Reiter für jede Saite</translation>
    </message>
    <message>
        <source>a plate with saddles that neighbours share</source>
        <translation>eine Platte mit Reitern, die Nachbarn teilen</translation>
    </message>
    <message>
        <source>a bar on two posts</source>
        <translation>ein Balken auf zwei Pfosten</translation>
    </message>
    <message>
        <source>Kind of bridge</source>
        <translation>Art des Stegs</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>kind of bridge</source>
        <translation>Art des Stegs</translation>
    </message>
    <message>
        <source>Reference edge</source>
        <translation>Bezugskante</translation>
    </message>
    <message>
        <source>where it is best</source>
        <translation>wo sie am besten liegt</translation>
    </message>
    <message>
        <source>every saddle keeps the most of its travel, either way</source>
        <translation>jeder Reiter behält am meisten Weg, nach beiden Seiten</translation>
    </message>
    <message>
        <source>where it is</source>
        <translation>wo sie ist</translation>
    </message>
    <message>
        <source>the plate cannot move: what each saddle has left is shown</source>
        <translation>die Platte bleibt, wo sie ist: was jeder Reiter übrig hat, wird gezeigt</translation>
    </message>
    <message>
        <source>nut line to the edge along the bass string</source>
        <translation>Sattellinie bis Kante längs der Basssaite</translation>
    </message>
    <message>
        <source>edge, bass</source>
        <translation>Kante, Bass</translation>
    </message>
    <message>
        <source>nut line to the edge along the treble string</source>
        <translation>Sattellinie bis Kante längs der Diskantsaite</translation>
    </message>
    <message>
        <source>edge, treble</source>
        <translation>Kante, Diskant</translation>
    </message>
    <message>
        <source>This string&apos;s saddle</source>
        <translation>Reiter dieser Saite</translation>
    </message>
    <message>
        <source>its own</source>
        <translation>ein eigener</translation>
    </message>
    <message>
        <source>its bass neighbour&apos;s, too</source>
        <translation>auch der des Bassnachbarn</translation>
    </message>
    <message>
        <source>travel from</source>
        <translation>Weg von</translation>
    </message>
    <message>
        <source>travel to</source>
        <translation>Weg bis</translation>
    </message>
    <message>
        <source>pitch of the saddles&apos; screws</source>
        <translation>Steigung der Reiterschrauben</translation>
    </message>
    <message>
        <source>screw&apos;s pitch</source>
        <translation>Steigung</translation>
    </message>
    <message>
        <source>length of the saddles&apos; screws from the edge</source>
        <translation>Länge der Reiterschrauben ab der Kante</translation>
    </message>
    <message>
        <source>screw&apos;s length</source>
        <translation>Schraube lang</translation>
    </message>
    <message>
        <source>spring on the screw, pressed solid</source>
        <translation>Feder auf der Schraube, ganz gedrückt</translation>
    </message>
    <message>
        <source>spring, solid</source>
        <translation>Feder, gedrückt</translation>
    </message>
    <message>
        <source>Crowns that are there</source>
        <translation>Kronen, wie vorgefunden</translation>
    </message>
    <message>
        <source>fret 12 to this string&apos;s crown, as found</source>
        <translation>Bund 12 bis zur Krone dieser Saite, wie vorgefunden</translation>
    </message>
    <message>
        <source>fret 12 to crown</source>
        <translation>Bund 12 bis Krone</translation>
    </message>
    <message>
        <source>Saddles</source>
        <translation>Reiter</translation>
    </message>
    <message>
        <source>edge where it is best</source>
        <translation>Kante, wo sie am besten liegt</translation>
    </message>
    <message>
        <source>edge where it is</source>
        <translation>Kante, wo sie ist</translation>
    </message>
    <message>
        <source>strings that share a saddle</source>
        <translation>Saiten auf einem Reiter</translation>
    </message>
    <message>
        <source>a saddle of its own</source>
        <translation>ein eigener Reiter</translation>
    </message>
    <message>
        <source>crowns not measured</source>
        <translation>Kronen nicht gemessen</translation>
    </message>
    <message>
        <source>crowns that are there</source>
        <translation>Kronen, wie vorgefunden</translation>
    </message>
    <message>
        <source>equal angle</source>
        <translation>gleicher Winkel</translation>
    </message>
    <message>
        <source>every string breaks alike; the pins stand in a curve</source>
        <translation>jede Saite knickt gleich; die Pins stehen in einem Bogen</translation>
    </message>
    <message>
        <source>Fret plane over the top</source>
        <translation>Bundebene über der Decke</translation>
    </message>
    <message>
        <source>by the old strings</source>
        <translation>nach den alten Saiten</translation>
    </message>
    <message>
        <source>from the strings over the old top, and their action as found</source>
        <translation>aus den Saiten über der alten Decke und ihrer Saitenlage, wie vorgefunden</translation>
    </message>
    <message>
        <source>bass string over the top before the old bridge</source>
        <translation>Basssaite über der Decke vor dem alten Steg</translation>
    </message>
    <message>
        <source>string, bass</source>
        <translation>Saite, Bass</translation>
    </message>
    <message>
        <source>treble string over the top before the old bridge</source>
        <translation>Diskantsaite über der Decke vor dem alten Steg</translation>
    </message>
    <message>
        <source>string, treble</source>
        <translation>Saite, Diskant</translation>
    </message>
    <message>
        <source>fret plane as measured</source>
        <translation>Bundebene wie gemessen</translation>
    </message>
    <message>
        <source>fret plane by the old strings</source>
        <translation>Bundebene nach den alten Saiten</translation>
    </message>
    <message>
        <source>hole drilled before the reamer</source>
        <translation>vor der Reibahle gebohrtes Loch</translation>
    </message>
    <message>
        <source>drilled</source>
        <translation>gebohrt</translation>
    </message>
    <message>
        <source>taper of pins and reamer</source>
        <translation>Konus von Pins und Reibahle</translation>
    </message>
    <message>
        <source>taper</source>
        <translation>Konus</translation>
    </message>
    <message>
        <source>chamfer at the top of the hole</source>
        <translation>Fase oben am Loch</translation>
    </message>
    <message>
        <source>chamfer</source>
        <translation>Fase</translation>
    </message>
    <message>
        <source>back edge to the slot&apos;s middle</source>
        <translation>Hinterkante bis Mitte der Nut</translation>
    </message>
    <message>
        <source>back to slot</source>
        <translation>hinten bis Nut</translation>
    </message>
    <message>
        <source>front edge to this string&apos;s pin</source>
        <translation>Vorderkante bis zum Pin dieser Saite</translation>
    </message>
    <message>
        <source>front to pin</source>
        <translation>vorn bis Pin</translation>
    </message>
    <message>
        <source>Its strings held by</source>
        <translation>Seine Saiten hält</translation>
    </message>
    <message>
        <source>as the new one</source>
        <translation>wie beim neuen</translation>
    </message>
    <message>
        <source>pins</source>
        <translation>Pins</translation>
    </message>
    <message>
        <source>tie block</source>
        <translation>Knüpfblock</translation>
    </message>
    <message>
        <source>hole</source>
        <translation>Loch</translation>
    </message>
    <message>
        <source>old exit behind the slot</source>
        <translation>alter Austritt hinter der Nut</translation>
    </message>
    <message>
        <source>exit behind</source>
        <translation>Austritt hinten</translation>
    </message>
    <message>
        <source>old exit over the soundboard</source>
        <translation>alter Austritt über der Decke</translation>
    </message>
    <message>
        <source>exit over top</source>
        <translation>Austritt über Decke</translation>
    </message>
    <message>
        <source>old bridge held as the new one</source>
        <translation>alter Steg hält wie der neue</translation>
    </message>
    <message>
        <source>how the old bridge held its strings</source>
        <translation>wie der alte Steg die Saiten hielt</translation>
    </message>
    <message>
        <source>tapered</source>
        <translation>konisch</translation>
    </message>
    <message>
        <source>its own height at either side, level along the strings</source>
        <translation>an jeder Seite die eigene Höhe, längs der Saiten eben</translation>
    </message>
    <message>
        <source>bridge height at the bass string</source>
        <translation>Steghöhe an der Basssaite</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>bridge height at the treble string</source>
        <translation>Steghöhe an der Diskantsaite</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>bridge height tapered</source>
        <translation>Steghöhe konisch</translation>
    </message>
    <message>
        <source>back edge to this string&apos;s pin</source>
        <translation>Hinterkante bis zum Pin dieser Saite</translation>
    </message>
    <message>
        <source>back to pin</source>
        <translation>hinten bis Pin</translation>
    </message>
    <message>
        <source>Old bridge&apos;s print</source>
        <translation>Abdruck des alten Stegs</translation>
    </message>
    <message>
        <source>nut line to the old bridge&apos;s front edge</source>
        <translation>Sattellinie bis Vorderkante des alten Stegs</translation>
    </message>
    <message>
        <source>front from nut</source>
        <translation>vorn ab Sattel</translation>
    </message>
    <message>
        <source>old bridge&apos;s length across</source>
        <translation>Länge des alten Stegs quer</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>old bridge&apos;s width along the strings</source>
        <translation>Breite des alten Stegs längs</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>length of the old bridge&apos;s middle</source>
        <translation>Länge der Mitte des alten Stegs</translation>
    </message>
    <message>
        <source>width of the old bridge&apos;s wings</source>
        <translation>Breite der Flügel des alten Stegs</translation>
    </message>
    <message>
        <source>bulge of the old bridge&apos;s back</source>
        <translation>Bauch der Hinterkante des alten Stegs</translation>
    </message>
    <message>
        <source>Old holes</source>
        <translation>Alte Löcher</translation>
    </message>
    <message>
        <source>one for each string</source>
        <translation>eines für jede Saite</translation>
    </message>
    <message>
        <source>old front edge to this string&apos;s old hole</source>
        <translation>alte Vorderkante bis zum alten Loch dieser Saite</translation>
    </message>
    <message>
        <source>hole from front</source>
        <translation>Loch ab vorn</translation>
    </message>
    <message>
        <source>this string&apos;s old hole from the centreline</source>
        <translation>altes Loch dieser Saite ab Mittellinie</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>this string&apos;s old hole</source>
        <translation>altes Loch dieser Saite</translation>
    </message>
    <message>
        <source>Wood inside</source>
        <translation>Holz innen</translation>
    </message>
    <message>
        <source>bridge&apos;s front edge to the wood inside</source>
        <translation>Vorderkante des Stegs bis zum Holz innen</translation>
    </message>
    <message>
        <source>begins behind front</source>
        <translation>beginnt hinter vorn</translation>
    </message>
    <message>
        <source>width of the wood inside</source>
        <translation>Breite des Holzes innen</translation>
    </message>
    <message>
        <source>length of the wood inside</source>
        <translation>Länge des Holzes innen</translation>
    </message>
    <message>
        <source>Top&apos;s curve</source>
        <translation>Wölbung der Decke</translation>
    </message>
    <message>
        <source>three gaps</source>
        <translation>drei Spalte</translation>
    </message>
    <message>
        <source>under a straightedge laid across the top where the bridge goes</source>
        <translation>unter einem Lineal quer über der Decke, wo der Steg hinkommt</translation>
    </message>
    <message>
        <source>top&apos;s curve</source>
        <translation>Wölbung der Decke</translation>
    </message>
    <message>
        <source>middle to either gap of the top&apos;s curve</source>
        <translation>Mitte bis zu jedem Spalt der Wölbung</translation>
    </message>
    <message>
        <source>middle to gap</source>
        <translation>Mitte bis Spalt</translation>
    </message>
    <message>
        <source>gap at the bass under the straightedge</source>
        <translation>Spalt am Bass unter dem Lineal</translation>
    </message>
    <message>
        <source>gap in the middle under the straightedge</source>
        <translation>Spalt in der Mitte unter dem Lineal</translation>
    </message>
    <message>
        <source>gap at the treble under the straightedge</source>
        <translation>Spalt am Diskant unter dem Lineal</translation>
    </message>
    <message>
        <source>how you glue and clamp</source>
        <translation>wie geleimt und gespannt wird</translation>
    </message>
    <message>
        <source>how it is glued</source>
        <translation>wie er geleimt wird</translation>
    </message>
    <message>
        <source>you glue and clamp it so</source>
        <translation>so wird er geleimt und gespannt</translation>
    </message>
    <message>
        <source>The top</source>
        <translation>Die Decke</translation>
    </message>
    <message>
        <source>old print not measured</source>
        <translation>alter Abdruck nicht gemessen</translation>
    </message>
    <message>
        <source>old bridge&apos;s print</source>
        <translation>Abdruck des alten Stegs</translation>
    </message>
    <message>
        <source>old holes not measured</source>
        <translation>alte Löcher nicht gemessen</translation>
    </message>
    <message>
        <source>old holes</source>
        <translation>alte Löcher</translation>
    </message>
    <message>
        <source>wood inside not measured</source>
        <translation>Holz innen nicht gemessen</translation>
    </message>
    <message>
        <source>wood inside</source>
        <translation>Holz innen</translation>
    </message>
    <message>
        <source>not told</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>Screws that hold it</source>
        <translation>Schrauben, die sie halten</translation>
    </message>
    <message>
        <source>screw between its threads</source>
        <translation>Schraube zwischen den Gängen</translation>
    </message>
    <message>
        <source>core</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>screw&apos;s length under the head</source>
        <translation>Länge der Schraube unter dem Kopf</translation>
    </message>
    <message>
        <source>plate under the screw&apos;s head</source>
        <translation>Platte unter dem Schraubenkopf</translation>
    </message>
    <message>
        <source>in the plate</source>
        <translation>in der Platte</translation>
    </message>
    <message>
        <source>hole for the earth wire</source>
        <translation>Loch für den Erdungsdraht</translation>
    </message>
    <message>
        <source>earth wire</source>
        <translation>Erdungsdraht</translation>
    </message>
    <message>
        <source>front edge to screw %1</source>
        <translation>Vorderkante bis Schraube %1</translation>
    </message>
    <message>
        <source>%1 from front</source>
        <translation>%1 ab vorn</translation>
    </message>
    <message>
        <source>screw %1 from the centreline</source>
        <translation>Schraube %1 ab Mittellinie</translation>
    </message>
    <message>
        <source>%1 across</source>
        <translation>%1 quer</translation>
    </message>
    <message>
        <source>Screws</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>no screws told</source>
        <translation>keine Schrauben gesagt</translation>
    </message>
    <message>
        <source>screws that hold it</source>
        <translation>Schrauben, die sie halten</translation>
    </message>
</context>
<context>
    <name>fm::BridgeStation</name>
    <message>
        <source>Bridge</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>At the bridge</source>
        <translation>Am Steg</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>its place</source>
        <translation>sein Platz</translation>
    </message>
    <message>
        <source>P</source>
        <translation>P</translation>
    </message>
    <message>
        <source>Which drawing</source>
        <translation>Welche Zeichnung</translation>
    </message>
    <message>
        <source>breaks</source>
        <translation>Knick</translation>
    </message>
    <message>
        <source>down, N</source>
        <translation>ab, N</translation>
    </message>
    <message>
        <source>exposed</source>
        <translation>Überstand</translation>
    </message>
    <message>
        <source>turning moment %1 N·m</source>
        <translation>Drehmoment %1 N·m</translation>
    </message>
    <message>
        <source>, as found %1</source>
        <translation>, vorgefunden %1</translation>
    </message>
    <message>
        <source>packing in the neck pocket: %1</source>
        <translation>Unterlage in der Halstasche: %1</translation>
    </message>
    <message>
        <source>pinned</source>
        <translation>mit Pins</translation>
    </message>
    <message>
        <source>tied</source>
        <translation>geknüpft</translation>
    </message>
    <message>
        <source>through holes</source>
        <translation>durch Löcher</translation>
    </message>
    <message>
        <source>floating, tailpiece</source>
        <translation>schwebend, Saitenhalter</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>%1 hoch</translation>
    </message>
    <message>
        <source>none in this job</source>
        <translation>keiner in diesem Auftrag</translation>
    </message>
    <message>
        <source>glued, tailpiece</source>
        <translation>aufgeleimt, Saitenhalter</translation>
    </message>
    <message>
        <source>floating on wheels</source>
        <translation>schwebend auf Rädern</translation>
    </message>
    <message>
        <source>a plate, a saddle for each string</source>
        <translation>Platte, ein Reiter für jede Saite</translation>
    </message>
    <message>
        <source>a plate with shared saddles</source>
        <translation>Platte mit geteilten Reitern</translation>
    </message>
    <message>
        <source>a bar on two posts</source>
        <translation>ein Balken auf zwei Pfosten</translation>
    </message>
    <message>
        <source>from edge</source>
        <translation>ab Kante</translation>
    </message>
    <message>
        <source>move</source>
        <translation>schieben</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Umdrehungen</translation>
    </message>
    <message>
        <source>shared, ct</source>
        <translation>geteilt, ct</translation>
    </message>
    <message>
        <source>to nut</source>
        <translation>zum Sattel</translation>
    </message>
    <message>
        <source>from nut</source>
        <translation>vom Sattel</translation>
    </message>
    <message>
        <source>no bridge in this job: choose its kind</source>
        <translation>kein Steg in diesem Auftrag: seine Art wählen</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>bass, %</source>
        <translation>Bass, %</translation>
    </message>
    <message>
        <source>reamer %1 past the drilled hole</source>
        <translation>Reibahle %1 über das Bohrloch hinaus</translation>
    </message>
    <message>
        <source>slot&apos;s mouth %1 before the crowns</source>
        <translation>Mündung der Nut %1 vor den Kronen</translation>
    </message>
    <message>
        <source>slot&apos;s mouth %1 behind the crowns</source>
        <translation>Mündung der Nut %1 hinter den Kronen</translation>
    </message>
    <message>
        <source>tailpiece pulled by %1 N</source>
        <translation>Saitenhalter gezogen mit %1 N</translation>
    </message>
    <message>
        <source>each screw holds %1 N</source>
        <translation>jede Schraube hält %1 N</translation>
    </message>
    <message>
        <source>bottom hollow %1, radius %2</source>
        <translation>Unterseite hohl %1, Radius %2</translation>
    </message>
    <message>
        <source>bottom round %1, radius %2</source>
        <translation>Unterseite rund %1, Radius %2</translation>
    </message>
    <message>
        <source>saddle tipped %1 N, %2 less per ° back</source>
        <translation>Einlage gekippt %1 N, je ° zurück −%2</translation>
    </message>
    <message>
        <source>bears %1 N at bass, %2 N at treble</source>
        <translation>trägt %1 N am Bass, %2 N am Diskant</translation>
    </message>
</context>
<context>
    <name>fm::CauseRow</name>
    <message>
        <source>gone</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>Its test was made, and what was heard is gone, or it shows the cause</source>
        <translation>Die Probe wurde gemacht, und das Gehörte ist weg, oder sie zeigt die Ursache</translation>
    </message>
    <message>
        <source>better</source>
        <translation>besser</translation>
    </message>
    <message>
        <source>Its test was made, and it is better, not gone</source>
        <translation>Die Probe wurde gemacht, und es ist besser, nicht weg</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>Its test was made, and nothing changed</source>
        <translation>Die Probe wurde gemacht, und nichts änderte sich</translation>
    </message>
</context>
<context>
    <name>fm::ChoiceRow</name>
    <message>
        <source>compare</source>
        <translation>vergleichen</translation>
    </message>
    <message>
        <source>The numbers that differ between these, side by side (C)</source>
        <translation>Die Zahlen, in denen sie sich unterscheiden, nebeneinander (C)</translation>
    </message>
</context>
<context>
    <name>fm::Comparison</name>
    <message>
        <source>doubts</source>
        <translation>Zweifel</translation>
    </message>
    <message>
        <source>No number changes, only the way it is read.</source>
        <translation>Keine Zahl ändert sich, nur die Art, sie zu lesen.</translation>
    </message>
</context>
<context>
    <name>fm::CrownCanvas</name>
    <message>
        <source>The saddle from above</source>
        <translation>Die Einlage von oben</translation>
    </message>
    <message>
        <source>← toward the nut</source>
        <translation>← zum Sattel</translation>
    </message>
    <message>
        <source>longer →</source>
        <translation>länger →</translation>
    </message>
    <message>
        <source>where each crown should stand</source>
        <translation>wo jede Krone stehen sollte</translation>
    </message>
    <message>
        <source>From a light hand&apos;s crown to a heavy hand&apos;s: %1 %2 and %3</source>
        <translation>Von der Krone einer leichten Hand zu der einer schweren: %1 %2 und %3</translation>
    </message>
</context>
<context>
    <name>fm::CutList</name>
    <message>
        <source>Cut list</source>
        <translation>Schnittliste</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>B</source>
        <translation>B</translation>
    </message>
    <message>
        <source>fitted nut</source>
        <translation>eingesetzt</translation>
    </message>
    <message>
        <source>seat</source>
        <translation>Auflage</translation>
    </message>
    <message>
        <source>over the seat</source>
        <translation>über der Auflage</translation>
    </message>
    <message>
        <source>D</source>
        <translation>D</translation>
    </message>
    <message>
        <source>board</source>
        <translation>Brett</translation>
    </message>
    <message>
        <source>over the board, on feelers</source>
        <translation>über dem Griffbrett, auf Fühlerlehren</translation>
    </message>
    <message>
        <source>frets</source>
        <translation>Bünde</translation>
    </message>
    <message>
        <source>over a straightedge on the frets</source>
        <translation>über einem Lineal auf den Bünden</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>from the top of the blank</source>
        <translation>von der Oberkante des Rohlings</translation>
    </message>
    <message>
        <source>Which list</source>
        <translation>Welche Liste</translation>
    </message>
    <message>
        <source>Measured over</source>
        <translation>Gemessen über</translation>
    </message>
</context>
<context>
    <name>fm::CutListModel</name>
    <message>
        <source>over the seat</source>
        <translation>über der Auflage</translation>
    </message>
    <message>
        <source>over the board</source>
        <translation>über dem Griffbrett</translation>
    </message>
    <message>
        <source>over the frets</source>
        <translation>über den Bünden</translation>
    </message>
    <message>
        <source>from the blank&apos;s top</source>
        <translation>von der Rohlingoberkante</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>saw to</source>
        <translation>Säge</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>file</source>
        <translation>Feile</translation>
    </message>
    <message>
        <source>gap 1</source>
        <translation>Luft 1</translation>
    </message>
    <message>
        <source>at 12</source>
        <translation>am 12.</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>take off</source>
        <translation>abtragen</translation>
    </message>
    <message>
        <source>rock it</source>
        <translation>wiegen</translation>
    </message>
    <message>
        <source>none fits</source>
        <translation>keine passt</translation>
    </message>
    <message>
        <source>to fill</source>
        <translation>füllen</translation>
    </message>
    <message>
        <source>no stack of three feelers reaches that height</source>
        <translation>kein Stapel aus drei Fühlerlehren erreicht diese Höhe</translation>
    </message>
    <message>
        <source>the file stops on feelers %1 = %2</source>
        <translation>die Feile hält auf Fühlerlehren %1 = %2</translation>
    </message>
    <message>
        <source>held %1</source>
        <translation>an %1</translation>
    </message>
    <message>
        <source>not listed</source>
        <translation>keine Liste</translation>
    </message>
</context>
<context>
    <name>fm::DecisionBar</name>
    <message>
        <source>the relief</source>
        <translation>die Krümmung</translation>
    </message>
    <message>
        <source>the saddle</source>
        <translation>die Einlage</translation>
    </message>
    <message>
        <source>the nut</source>
        <translation>den Sattel</translation>
    </message>
    <message>
        <source>leave it</source>
        <translation>so lassen</translation>
    </message>
    <message>
        <source>set it</source>
        <translation>stellen</translation>
    </message>
    <message>
        <source>turn the screws</source>
        <translation>Schrauben drehen</translation>
    </message>
    <message>
        <source>lower it or pack it</source>
        <translation>tiefer oder unterlegen</translation>
    </message>
    <message>
        <source>other saddles</source>
        <translation>andere Reiter</translation>
    </message>
    <message>
        <source>new saddle</source>
        <translation>neue Einlage</translation>
    </message>
    <message>
        <source>file</source>
        <translation>feilen</translation>
    </message>
    <message>
        <source>from below</source>
        <translation>von unten</translation>
    </message>
    <message>
        <source>fill</source>
        <translation>füllen</translation>
    </message>
    <message>
        <source>shim</source>
        <translation>unterlegen</translation>
    </message>
    <message>
        <source>new nut</source>
        <translation>neuer Sattel</translation>
    </message>
    <message>
        <source>Decide so</source>
        <translation>So entscheiden</translation>
    </message>
    <message>
        <source>Enter: the decision and its reason go into the record</source>
        <translation>Enter: Entscheidung und Grund gehen in die Akte</translation>
    </message>
    <message>
        <source>Not so</source>
        <translation>Doch nicht</translation>
    </message>
    <message>
        <source>Esc: nothing is decided</source>
        <translation>Esc: nichts ist entschieden</translation>
    </message>
    <message>
        <source>What is to be decided</source>
        <translation>Was zu entscheiden ist</translation>
    </message>
    <message>
        <source>Reason of the decision</source>
        <translation>Grund der Entscheidung</translation>
    </message>
    <message>
        <source>why</source>
        <translation>warum</translation>
    </message>
    <message>
        <source>Write down first why: it stays in the record</source>
        <translation>Zuerst aufschreiben, warum: es bleibt in der Akte</translation>
    </message>
    <message>
        <source>decided: %1</source>
        <translation>entschieden: %1</translation>
    </message>
    <message>
        <source>%1: %2, where what is proposed is: %3. Why? It goes into the record.</source>
        <translation>%1: %2, vorgeschlagen ist aber: %3. Warum? Es geht in die Akte.</translation>
    </message>
</context>
<context>
    <name>fm::DrawingTable</name>
    <message>
        <source>The drawing as a table</source>
        <translation>Die Zeichnung als Tabelle</translation>
    </message>
</context>
<context>
    <name>fm::DrawingTableModel</name>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
</context>
<context>
    <name>fm::FieldBinder</name>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 %2 confirmed</source>
        <translation>%1 %2 bestätigt</translation>
    </message>
</context>
<context>
    <name>fm::Finder</name>
    <message>
        <source>Find a number, a value or an action</source>
        <translation>Eine Zahl, einen Wert oder eine Handlung suchen</translation>
    </message>
    <message>
        <source>a number, a value or an action</source>
        <translation>eine Zahl, ein Wert oder eine Handlung</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>Nothing is called so.</source>
        <translation>Nichts heißt so.</translation>
    </message>
    <message>
        <source>Nothing is called so. Near it:</source>
        <translation>Nichts heißt so. Ähnlich:</translation>
    </message>
</context>
<context>
    <name>fm::FirstScreen</name>
    <message>
        <source>title or owner</source>
        <translation>Titel oder Besitzer</translation>
    </message>
    <message>
        <source>look for a job by its title or owner</source>
        <translation>einen Auftrag nach Titel oder Besitzer suchen</translation>
    </message>
    <message>
        <source>jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>Open a file…</source>
        <translation>Datei öffnen …</translation>
    </message>
    <message>
        <source>A job that lies elsewhere (Ctrl+O)</source>
        <translation>Ein Auftrag, der anderswo liegt (Strg+O)</translation>
    </message>
    <message>
        <source>The demo workshop</source>
        <translation>Die Beispielwerkstatt</translation>
    </message>
    <message>
        <source>Example jobs to try everything on (Ctrl+Shift+D)</source>
        <translation>Beispielaufträge, um alles auszuprobieren (Strg+Umschalt+D)</translation>
    </message>
    <message>
        <source>Begin a job</source>
        <translation>Einen Auftrag beginnen</translation>
    </message>
    <message>
        <source>Pick what comes nearest. Its figures are assumed until you type your own.</source>
        <translation>Wähle, was am nächsten kommt. Seine Zahlen sind angenommen, bis du deine eingibst.</translation>
    </message>
    <message>
        <source>kinds of instruments to begin from</source>
        <translation>Arten von Instrumenten, mit denen man beginnt</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>Jobs of %1</source>
        <translation>Aufträge von %1</translation>
    </message>
    <message>
        <source>No job lies here yet: begin one, or look at the demo workshop.</source>
        <translation>Hier liegt noch kein Auftrag: beginne einen oder sieh dir die Beispielwerkstatt an.</translation>
    </message>
    <message>
        <source>No title and no owner has “%1” in it.</source>
        <translation>Kein Titel und kein Besitzer enthält „%1“.</translation>
    </message>
    <message>
        <source>New, same instrument</source>
        <translation>Neu, selbes Instrument</translation>
    </message>
    <message>
        <source>Another job of the chosen one&apos;s instrument, without what was read and done</source>
        <translation>Ein weiterer Auftrag am Instrument des gewählten, ohne was gemessen und getan wurde</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>scale ≈%1, ≈%2 mm at the nut</source>
        <translation>Mensur ≈%1, ≈%2 mm am Sattel</translation>
    </message>
    <message>
        <source>newest</source>
        <translation>neueste</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>how far</source>
        <translation>wie weit</translation>
    </message>
    <message>
        <source>In which order the jobs stand</source>
        <translation>In welcher Reihenfolge die Aufträge stehen</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>The chosen job, with its pictures, into the desktop&apos;s wastebasket</source>
        <translation>Den gewählten Auftrag mit seinen Bildern in den Papierkorb</translation>
    </message>
    <message>
        <source>%1 is back among the jobs.</source>
        <translation>%1 ist wieder bei den Aufträgen.</translation>
    </message>
    <message>
        <source>%1 is put away.</source>
        <translation>%1 ist weggelegt.</translation>
    </message>
    <message>
        <source>%1 lies in the desktop&apos;s wastebasket.</source>
        <translation>%1 liegt im Papierkorb.</translation>
    </message>
    <message>
        <source>Bring back</source>
        <translation>Zurückholen</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>The chosen job, among the others again</source>
        <translation>Den gewählten Auftrag wieder zu den anderen</translation>
    </message>
    <message>
        <source>The chosen job out of the list; it can be brought back</source>
        <translation>Den gewählten Auftrag aus der Liste; er lässt sich zurückholen</translation>
    </message>
    <message>
        <source>All jobs</source>
        <translation>Alle Aufträge</translation>
    </message>
    <message numerus="yes">
        <source>%n put away</source>
        <translation>
            <numerusform>%n weggelegt</numerusform>
            <numerusform>%n weggelegt</numerusform>
        </translation>
    </message>
    <message>
        <source>Back to the jobs</source>
        <translation>Zurück zu den Aufträgen</translation>
    </message>
    <message>
        <source>Shows the jobs that were put away</source>
        <translation>Zeigt die weggelegten Aufträge</translation>
    </message>
    <message>
        <source>Keep as a kind</source>
        <translation>Als Art behalten</translation>
    </message>
    <message>
        <source>Jobs can begin from an instrument like the chosen one&apos;s</source>
        <translation>Aufträge können mit einem Instrument wie dem des gewählten beginnen</translation>
    </message>
</context>
<context>
    <name>fm::FoundPicture</name>
    <message>
        <source>As found</source>
        <translation>Wie gefunden</translation>
    </message>
    <message>
        <source>off by</source>
        <translation>daneben um</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>gesehen</translation>
    </message>
</context>
<context>
    <name>fm::FretBoard</name>
    <message>
        <source>Board</source>
        <translation>Griffbrett</translation>
    </message>
    <message>
        <source>seen from the front, the head to the left; frets drawn evenly</source>
        <translation>von vorn gesehen, der Kopf links; Bünde gleichmäßig gezeichnet</translation>
    </message>
    <message>
        <source>found</source>
        <translation>vorgefunden</translation>
    </message>
    <message>
        <source>T</source>
        <translation>T</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Which state the board shows</source>
        <translation>Welchen Zustand das Griffbrett zeigt</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>how far each note is off against its open string</source>
        <translation>wie weit jeder Ton gegen seine leere Saite daneben liegt</translation>
    </message>
    <message>
        <source>M</source>
        <translation>M</translation>
    </message>
    <message>
        <source>headroom</source>
        <translation>Spielraum</translation>
    </message>
    <message>
        <source>how hard a pluck each note bears, in multiples of your own</source>
        <translation>wie starken Anschlag jeder Ton trägt, in Vielfachen des eigenen</translation>
    </message>
    <message>
        <source>open gap</source>
        <translation>Luft leer</translation>
    </message>
    <message>
        <source>from the top of every fret to the open string</source>
        <translation>von jeder Bundkrone bis zur leeren Saite</translation>
    </message>
    <message>
        <source>behind the finger</source>
        <translation>hinter dem Finger</translation>
    </message>
    <message>
        <source>what the string has to swing between nut and finger</source>
        <translation>was die Saite zwischen Sattel und Finger zum Schwingen hat</translation>
    </message>
    <message>
        <source>What the board shows</source>
        <translation>Was das Griffbrett zeigt</translation>
    </message>
    <message>
        <source>Worst place</source>
        <translation>Schlechteste Stelle</translation>
    </message>
    <message>
        <source>The place read</source>
        <translation>Die gelesene Stelle</translation>
    </message>
    <message>
        <source>nothing read yet: enter gap and action in the cut list</source>
        <translation>noch nichts gelesen: Luft und Saitenlage in der Schnittliste eintragen</translation>
    </message>
    <message>
        <source>worst: %1</source>
        <translation>am schlechtesten: %1</translation>
    </message>
    <message>
        <source>good everywhere</source>
        <translation>überall gut</translation>
    </message>
</context>
<context>
    <name>fm::FretPlaces</name>
    <message>
        <source>open</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>at fret %1</source>
        <translation>am Bund %1</translation>
    </message>
    <message>
        <source>not read yet</source>
        <translation>noch nicht gelesen</translation>
    </message>
    <message>
        <source>no pluck reaches a fret</source>
        <translation>kein Anschlag erreicht einen Bund</translation>
    </message>
    <message>
        <source>nothing swings behind it</source>
        <translation>dahinter schwingt nichts</translation>
    </message>
    <message>
        <source>it rests on fret 1: nothing swings behind the finger</source>
        <translation>sie ruht auf Bund 1: hinter dem Finger schwingt nichts</translation>
    </message>
    <message>
        <source>nothing to say</source>
        <translation>nichts zu sagen</translation>
    </message>
    <message>
        <source>in tune</source>
        <translation>stimmt</translation>
    </message>
    <message>
        <source>%1 cents sharp</source>
        <translation>%1 Cent zu hoch</translation>
    </message>
    <message>
        <source>%1 cents flat</source>
        <translation>%1 Cent zu tief</translation>
    </message>
    <message>
        <source>chokes on fret %1</source>
        <translation>liegt auf Bund %1 auf</translation>
    </message>
    <message>
        <source>bears %1 times your pluck before it meets fret %2</source>
        <translation>trägt das %1-fache des eigenen Anschlags, bevor sie Bund %2 trifft</translation>
    </message>
    <message>
        <source>%1 under the open string</source>
        <translation>%1 unter der leeren Saite</translation>
    </message>
    <message>
        <source>the open string touches</source>
        <translation>die leere Saite liegt auf</translation>
    </message>
    <message>
        <source>%1 to swing behind the finger</source>
        <translation>%1 zum Schwingen hinter dem Finger</translation>
    </message>
    <message>
        <source>up to 2 cents</source>
        <translation>bis 2 Cent</translation>
    </message>
    <message>
        <source>up to 5</source>
        <translation>bis 5</translation>
    </message>
    <message>
        <source>up to 10</source>
        <translation>bis 10</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>%1 times your pluck and more</source>
        <translation>das %1-fache des eigenen Anschlags und mehr</translation>
    </message>
    <message>
        <source>down to your pluck</source>
        <translation>bis zum eigenen Anschlag</translation>
    </message>
    <message>
        <source>down to %1</source>
        <translation>bis %1</translation>
    </message>
    <message>
        <source>less: it buzzes</source>
        <translation>weniger: es schnarrt</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>touches</source>
        <translation>liegt auf</translation>
    </message>
    <message>
        <source>%1 and more</source>
        <translation>%1 und mehr</translation>
    </message>
    <message>
        <source>less: likely heard</source>
        <translation>weniger: wohl zu hören</translation>
    </message>
</context>
<context>
    <name>fm::HelpWindow</name>
    <message>
        <source>Help · Fair Measure</source>
        <translation>Hilfe · Fair Measure</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
</context>
<context>
    <name>fm::InkNumber</name>
    <message>
        <source>Space shows the working</source>
        <translation>Leertaste zeigt die Rechnung</translation>
    </message>
</context>
<context>
    <name>fm::IntonationModel</name>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>fret %1</source>
        <translation>Bund %1</translation>
    </message>
    <message>
        <source>off</source>
        <translation>daneben</translation>
    </message>
    <message>
        <source>move</source>
        <translation>schieben</translation>
    </message>
    <message>
        <source>there</source>
        <translation>am Ziel</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>From fret 12 to the crown, measured along the string</source>
        <translation>Vom 12. Bund bis zur Krone, an der Saite entlang gemessen</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Krone</translation>
    </message>
    <message>
        <source>Read before strings, heights or crown were changed: kept, not used. Read again.</source>
        <translation>Abgelesen, bevor Saiten, Höhen oder Krone geändert wurden: bleibt stehen, zählt nicht. Neu ablesen.</translation>
    </message>
    <message>
        <source>%1 readings count, %2 moves between them: %3 cents off, ± %4; %5 cents a mm</source>
        <translation>%1 Ablesungen zählen, %2-mal dazwischen verschoben: %3 Cent daneben, ± %4; %5 Cent je mm</translation>
    </message>
    <message>
        <source>As measured the crown stands %1 %2 of where the design has it</source>
        <translation>Gemessen steht die Krone %1 %2, verglichen mit dem Entwurf</translation>
    </message>
    <message>
        <source>short</source>
        <translation>zu kurz</translation>
    </message>
    <message>
        <source>beyond</source>
        <translation>zu weit</translation>
    </message>
    <message>
        <source>again</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>way flat</source>
        <translation>viel zu tief</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>zu tief</translation>
    </message>
    <message>
        <source>a bit flat</source>
        <translation>etwas zu tief</translation>
    </message>
    <message>
        <source>in tune</source>
        <translation>stimmt</translation>
    </message>
    <message>
        <source>a bit sharp</source>
        <translation>etwas zu hoch</translation>
    </message>
    <message>
        <source>sharp</source>
        <translation>zu hoch</translation>
    </message>
    <message>
        <source>way sharp</source>
        <translation>viel zu hoch</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>länger</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>kürzer</translation>
    </message>
    <message>
        <source>Heard: a direction and no amount. A tuner&apos;s cents say how far.</source>
        <translation>Gehört: eine Richtung und kein Betrag. Die Cent eines Stimmgeräts sagen, wie weit.</translation>
    </message>
    <message>
        <source>%1 is no reading in cents; allowed is −200 to 200, or flat, a bit sharp, way sharp, in tune</source>
        <translation>%1 ist keine Ablesung in Cent; erlaubt ist −200 bis 200, oder zu tief, etwas zu hoch, viel zu hoch, stimmt</translation>
    </message>
</context>
<context>
    <name>fm::IntonationStation</name>
    <message>
        <source>Moved</source>
        <translation>Verschoben</translation>
    </message>
    <message>
        <source>each crown</source>
        <translation>jede Krone</translation>
    </message>
    <message>
        <source>one line</source>
        <translation>eine Linie</translation>
    </message>
    <message>
        <source>nut and crowns</source>
        <translation>Sattel und Kronen</translation>
    </message>
    <message>
        <source>Read against</source>
        <translation>Gemessen gegen</translation>
    </message>
    <message>
        <source>the open string</source>
        <translation>die leere Saite</translation>
    </message>
    <message>
        <source>its harmonic</source>
        <translation>ihr Flageolett</translation>
    </message>
    <message>
        <source>aimed flat, cents</source>
        <translation>Ziel tiefer, Cent</translation>
    </message>
    <message>
        <source>fret that is read</source>
        <translation>gemessener Bund</translation>
    </message>
    <message>
        <source>Intonation</source>
        <translation>Intonation</translation>
    </message>
    <message>
        <source>Advice</source>
        <translation>Rat</translation>
    </message>
    <message>
        <source>crowns moved: %1</source>
        <translation>Kronen verschoben: %1</translation>
    </message>
    <message>
        <source>cents against %1</source>
        <translation>Cent gegen %1</translation>
    </message>
    <message>
        <source>aimed %1 cents flat</source>
        <translation>Ziel %1 Cent tiefer</translation>
    </message>
    <message>
        <source>%1: %2 cents at fret %3</source>
        <translation>%1: %2 Cent am Bund %3</translation>
    </message>
    <message>
        <source>Cents and moves</source>
        <translation>Cent und Wege</translation>
    </message>
    <message>
        <source>Moved, tuned</source>
        <translation>Verschoben, gestimmt</translation>
    </message>
    <message>
        <source>The crowns were moved as the list says: the next round begins (Ctrl+Enter)</source>
        <translation>Die Kronen wurden verschoben, wie die Liste sagt: die nächste Runde beginnt (Strg+Eingabe)</translation>
    </message>
    <message>
        <source>Ctrl+Return</source>
        <translation>Ctrl+Return</translation>
    </message>
    <message>
        <source>Fit to the instrument</source>
        <translation>Anpassung an das Instrument</translation>
    </message>
    <message>
        <source>Use this fit</source>
        <translation>Diese Anpassung nehmen</translation>
    </message>
    <message>
        <source>Writes what fits these readings into the string</source>
        <translation>Schreibt in die Saite, was zu diesen Messungen passt</translation>
    </message>
    <message>
        <source>fret %1 is read; allowed is 1 to %2</source>
        <translation>Bund %1 wird gemessen; erlaubt ist 1 bis %2</translation>
    </message>
    <message>
        <source>Nothing is to be moved: read the cents first</source>
        <translation>Nichts ist zu verschieben: erst die Cent messen</translation>
    </message>
    <message>
        <source>crowns moved</source>
        <translation>Kronen verschoben</translation>
    </message>
    <message>
        <source>fit of %1</source>
        <translation>Anpassung von %1</translation>
    </message>
    <message>
        <source>With cents at two or more frets of a string the stiffness of its ends can be fitted, with six its stretch.</source>
        <translation>Mit Cent an zwei oder mehr Bünden einer Saite lässt sich die Steife ihrer Enden anpassen, mit sechs ihre Dehnung.</translation>
    </message>
    <message>
        <source>%1: ends %2 ± %3 fit %4 readings; they are missed by %5 cents instead of %6.</source>
        <translation>%1: Enden %2 ± %3 passen zu %4 Messungen; sie werden um %5 Cent verfehlt statt um %6.</translation>
    </message>
    <message>
        <source>&lt;b&gt;The line:&lt;/b&gt; %1 at the bass string, %2 at the treble string; what is left is %3 cents at most.</source>
        <translation>&lt;b&gt;Die Linie:&lt;/b&gt; %1 an der Basssaite, %2 an der Diskantsaite; es bleiben höchstens %3 Cent.</translation>
    </message>
    <message>
        <source>For the nut, read one of frets 1 to 5 and fret 12 of a string: low frets sharp and the octave true is the nut.</source>
        <translation>Für den Sattel einen der Bünde 1 bis 5 und Bund 12 einer Saite messen: tiefe Bünde zu hoch und die Oktave rein, das ist der Sattel.</translation>
    </message>
    <message>
        <source>&lt;b&gt;The nut:&lt;/b&gt; its front %1 ± %2 toward the bridge (%3 strings tell it); the low frets are %4 cents off.</source>
        <translation>&lt;b&gt;Der Sattel:&lt;/b&gt; seine Vorderkante %1 ± %2 zum Steg (%3 Saiten sagen es); die tiefen Bünde sind %4 Cent daneben.</translation>
    </message>
    <message>
        <source>not read yet: type what the tuner says of the note at fret %1, string by string</source>
        <translation>noch nicht gemessen: tippen, was das Stimmgerät vom Ton am Bund %1 sagt, Saite für Saite</translation>
    </message>
    <message>
        <source>%1: %2 from fret 12 to its crown</source>
        <translation>%1: %2 vom 12. Bund bis zur Krone</translation>
    </message>
    <message>
        <source>New strings</source>
        <translation>Neue Saiten</translation>
    </message>
    <message>
        <source>New strings were fitted: cents of the old ones are kept, and do not count</source>
        <translation>Neue Saiten wurden aufgezogen: Die Cent der alten bleiben stehen und zählen nicht</translation>
    </message>
    <message>
        <source>new strings fitted</source>
        <translation>neue Saiten aufgezogen</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1:&lt;/b&gt; two readings of one fret differ by %2 cents; type the right one again. </source>
        <translation>&lt;b&gt;%1:&lt;/b&gt; zwei Ablesungen eines Bundes unterscheiden sich um %2 Cent; die richtige neu eintippen. </translation>
    </message>
    <message>
        <source>&lt;b&gt;%1:&lt;/b&gt; its crown would stand %2 beyond its saddle: that is a matter of the bridge&apos;s place, not of the crown. </source>
        <translation>&lt;b&gt;%1:&lt;/b&gt; die Krone stünde %2 außerhalb ihrer Einlage: Das ist Sache des Steges und seines Platzes, nicht der Krone. </translation>
    </message>
    <message>
        <source>&lt;b&gt;%1:&lt;/b&gt; fret 12 itself stands wrong by %2 cents against its neighbours and is left out. </source>
        <translation>&lt;b&gt;%1:&lt;/b&gt; der 12. Bund selbst steht um %2 Cent falsch gegen seine Nachbarn und zählt nicht. </translation>
    </message>
    <message>
        <source>&lt;b&gt;Read frets 11 and 13 too&lt;/b&gt; before a crown moves that far (%1): a fret 12 that stands wrong itself shows there.</source>
        <translation>&lt;b&gt;Auch Bund 11 und 13 ablesen&lt;/b&gt;, bevor eine Krone so weit rückt (%1): Ein 12. Bund, der selbst falsch steht, zeigt sich dort.</translation>
    </message>
    <message>
        <source>Sharp: lengthen. Flat: shorten. Move, tune, press at fret 12 as it is played, read again; moves written down join the readings. Strings under tension: mind the eyes, slacken before a screw is turned.</source>
        <translation>Zu hoch: verlängern. Zu tief: verkürzen. Verschieben, stimmen, am 12. Bund so drücken, wie gespielt wird, neu ablesen; aufgeschriebene Verschiebungen verbinden die Ablesungen. Saiten unter Spannung: auf die Augen achten, entspannen, bevor eine Schraube gedreht wird.</translation>
    </message>
    <message>
        <source>read before strings, heights or crowns were changed: those cents are kept, pale, and do not count; read fret %1 again</source>
        <translation>abgelesen, bevor Saiten, Höhen oder Kronen geändert wurden: Diese Cent bleiben blass stehen und zählen nicht; Bund %1 neu ablesen</translation>
    </message>
    <message>
        <source>%1 of %2 read · %3 there: two readings within %4 cents · round %5</source>
        <translation>%1 von %2 abgelesen · %3 stimmen: zwei Ablesungen innerhalb von %4 Cent · Runde %5</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>The design sets it forward; what each further tenth gains of all errors, in cents: %1.</source>
        <translation>Der Entwurf setzt ihn vor; was jedes weitere Zehntel an allen Fehlern gewinnt, in Cent: %1.</translation>
    </message>
    <message>
        <source>%1: heard at fret %2</source>
        <translation>%1: am Bund %2 gehört</translation>
    </message>
    <message>
        <source>Type what the tuner reads, in cents, + sharp, or what you hear: flat, a bit sharp; Enter goes on to the next string</source>
        <translation>Tippe, was das Stimmgerät zeigt, in Cent, + zu hoch, oder was du hörst: zu tief, etwas zu hoch; Enter geht zur nächsten Saite</translation>
    </message>
    <message>
        <source>&lt;b&gt;The line:&lt;/b&gt; %1 at the bass post, %2 at the treble post; what is left is %3 cents at most.</source>
        <translation>&lt;b&gt;Die Linie:&lt;/b&gt; %1 an der Basssäule, %2 an der Diskantsäule; übrig bleiben höchstens %3 Cent.</translation>
    </message>
</context>
<context>
    <name>fm::KeyWords</name>
    <message>
        <source>gap over fret 1</source>
        <translation>Lücke über Bund 1</translation>
    </message>
    <message>
        <source>gap over fret 1, pressed</source>
        <translation>Lücke über Bund 1, gedrückt</translation>
    </message>
    <message>
        <source>height over fret 12</source>
        <translation>Höhe über Bund 12</translation>
    </message>
    <message>
        <source>height over fret 12, capo at 1</source>
        <translation>Höhe über Bund 12, Kapo an 1</translation>
    </message>
    <message>
        <source>width of the slot</source>
        <translation>Breite der Kerbe</translation>
    </message>
    <message>
        <source>humidity in percent</source>
        <translation>Luftfeuchte in Prozent</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>how far the crown was moved</source>
        <translation>wie weit die Krone verschoben wurde</translation>
    </message>
    <message>
        <source>gauge</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>core</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>mass, grams in a metre</source>
        <translation>Masse, Gramm je Meter</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Tonhöhe</translation>
    </message>
    <message>
        <source>post behind the nut</source>
        <translation>Wirbel hinter dem Sattel</translation>
    </message>
    <message>
        <source>post from the centreline</source>
        <translation>Wirbel von der Mittellinie</translation>
    </message>
    <message>
        <source>post below the fret tops</source>
        <translation>Wirbel unter den Bundkronen</translation>
    </message>
    <message>
        <source>the strings&apos; places at the nut</source>
        <translation>die Plätze der Saiten am Sattel</translation>
    </message>
    <message>
        <source>the strings&apos; places at the saddle</source>
        <translation>die Plätze der Saiten an der Einlage</translation>
    </message>
    <message>
        <source>the frets the string is held at</source>
        <translation>die Bünde, an denen die Saite gehalten wird</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>from fret 12 to the crown</source>
        <translation>vom 12. Bund bis zur Krone</translation>
    </message>
</context>
<context>
    <name>fm::MachinePanel</name>
    <message>
        <source>For a machine</source>
        <translation>Für eine Maschine</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Einlage</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>cutter</source>
        <translation>Fräser</translation>
    </message>
    <message>
        <source>Diameter of the cutter, or what the beam takes; 0: true outlines only</source>
        <translation>Durchmesser des Fräsers, oder was der Strahl nimmt; 0: nur wahre Umrisse</translation>
    </message>
    <message>
        <source>Save for a machine…</source>
        <translation>Für Maschine speichern…</translation>
    </message>
    <message>
        <source>The part alone as SVG, DXF, STEP or STL (Ctrl+Shift+M)</source>
        <translation>Das Teil allein als SVG, DXF, STEP oder STL (Strg+Umschalt+M)</translation>
    </message>
    <message>
        <source>The part alone as SVG or DXF (Ctrl+Shift+M)</source>
        <translation>Das Teil allein als SVG oder DXF (Strg+Umschalt+M)</translation>
    </message>
    <message>
        <source>What the cutter does not reach</source>
        <translation>Was der Fräser nicht erreicht</translation>
    </message>
    <message>
        <source>a cutter is %1 to %2 wide</source>
        <translation>ein Fräser ist %1 bis %2 breit</translation>
    </message>
    <message>
        <source>the job has no bridge</source>
        <translation>der Auftrag hat keinen Steg</translation>
    </message>
    <message>
        <source>and %1 more, all in the file&apos;s list</source>
        <translation>und %1 weitere, alle in der Liste zur Datei</translation>
    </message>
    <message>
        <source>The cutter reaches all of it.</source>
        <translation>Der Fräser erreicht alles.</translation>
    </message>
    <message>
        <source>True outlines, no cutter&apos;s way.</source>
        <translation>Wahre Umrisse, kein Fräserweg.</translation>
    </message>
    <message>
        <source>DXF in mm (*.dxf);;SVG in mm (*.svg)</source>
        <translation>DXF in mm (*.dxf);;SVG in mm (*.svg)</translation>
    </message>
    <message>
        <source>Save the part for a machine</source>
        <translation>Das Teil für eine Maschine speichern</translation>
    </message>
    <message>
        <source>Not saved: save it again to have it in spite of that.</source>
        <translation>Nicht gesichert: noch einmal sichern, um es trotzdem zu haben.</translation>
    </message>
    <message>
        <source>slots as notches</source>
        <translation>Kerben im Umriss</translation>
    </message>
    <message>
        <source>Slots in one contour with the outline, instead of each on its own</source>
        <translation>Kerben und Umriss in einer Linie statt jede Kerbe für sich</translation>
    </message>
</context>
<context>
    <name>fm::MainWindow</name>
    <message>
        <source>Fair Measure</source>
        <translation>Fair Measure</translation>
    </message>
    <message>
        <source>%1 was not opened: %2</source>
        <translation>%1 wurde nicht geöffnet: %2</translation>
    </message>
    <message>
        <source>%1 · Fair Measure</source>
        <translation>%1 · Fair Measure</translation>
    </message>
    <message>
        <source>unit %1</source>
        <translation>Einheit %1</translation>
    </message>
    <message>
        <source>&amp;Job</source>
        <translation>&amp;Auftrag</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Open a job file</source>
        <translation>Eine Auftragsdatei öffnen</translation>
    </message>
    <message>
        <source>&amp;Recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Open the &amp;demo workshop</source>
        <translation>&amp;Beispielwerkstatt öffnen</translation>
    </message>
    <message>
        <source>Ctrl+Shift+D</source>
        <translation>Ctrl+Shift+D</translation>
    </message>
    <message>
        <source>Copies the shipped example jobs into your data folder and opens the first</source>
        <translation>Kopiert die mitgelieferten Beispielaufträge in Ihren Datenordner und öffnet den ersten</translation>
    </message>
    <message>
        <source>Save under another &amp;name…</source>
        <translation>Unter anderem &amp;Namen sichern…</translation>
    </message>
    <message>
        <source>Ctrl+Shift+S</source>
        <translation>Ctrl+Shift+S</translation>
    </message>
    <message>
        <source>Write the job to another file and go on there; every change is saved by itself</source>
        <translation>Den Auftrag in eine andere Datei schreiben und dort weiterarbeiten; jede Änderung wird von selbst gesichert</translation>
    </message>
    <message>
        <source>Ctrl+E</source>
        <translation>Ctrl+E</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>Ctrl+Q</source>
        <translation>Ctrl+Q</translation>
    </message>
    <message>
        <source>Close the window; the job is saved</source>
        <translation>Das Fenster schließen; der Auftrag ist gesichert</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Ctrl+Shift+Z</source>
        <translation>Ctrl+Shift+Z</translation>
    </message>
    <message>
        <source>Ctrl+Y</source>
        <translation>Ctrl+Y</translation>
    </message>
    <message>
        <source>Make the step again (Ctrl+Shift+Z)</source>
        <translation>Den Schritt wieder tun (Ctrl+Shift+Z)</translation>
    </message>
    <message>
        <source>&amp;Copy the cut list</source>
        <translation>Schnittliste &amp;kopieren</translation>
    </message>
    <message>
        <source>Ctrl+Shift+C</source>
        <translation>Ctrl+Shift+C</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>An&amp;sicht</translation>
    </message>
    <message>
        <source>&amp;Whole working</source>
        <translation>Ganze &amp;Rechnung</translation>
    </message>
    <message>
        <source>Show or hide the whole working of the chosen number</source>
        <translation>Die ganze Rechnung der gewählten Zahl zeigen oder verbergen</translation>
    </message>
    <message>
        <source>&amp;Found or target</source>
        <translation>&amp;Vorgefunden oder Ziel</translation>
    </message>
    <message>
        <source>Draw the slots as found, or the target</source>
        <translation>Die Kerben zeichnen, wie vorgefunden, oder das Ziel</translation>
    </message>
    <message>
        <source>&amp;Blank or fitted nut</source>
        <translation>Roh&amp;ling oder eingesetzter Sattel</translation>
    </message>
    <message>
        <source>The list for an uncut blank, or for a nut that is in</source>
        <translation>Die Liste für einen Rohling oder für einen eingesetzten Sattel</translation>
    </message>
    <message>
        <source>Next &amp;datum</source>
        <translation>Nächster &amp;Bezug</translation>
    </message>
    <message>
        <source>Measure floors over the seat, the board, the frets, or from the blank&apos;s top</source>
        <translation>Kerbgründe über Auflage, Griffbrett, Bünden oder von der Rohlingoberkante messen</translation>
    </message>
    <message>
        <source>Next &amp;unit</source>
        <translation>Nächste &amp;Einheit</translation>
    </message>
    <message>
        <source>mm, inch, thou, sixty-fourths</source>
        <translation>mm, Zoll, Tausendstel, Vierundsechzigstel</translation>
    </message>
    <message>
        <source>String toward the &amp;bass</source>
        <translation>Saite zum B&amp;ass hin</translation>
    </message>
    <message>
        <source>Choose the next string toward the bass</source>
        <translation>Die nächste Saite zum Bass hin wählen</translation>
    </message>
    <message>
        <source>String toward the t&amp;reble</source>
        <translation>Saite zum Diskan&amp;t hin</translation>
    </message>
    <message>
        <source>Choose the next string toward the treble</source>
        <translation>Die nächste Saite zum Diskant hin wählen</translation>
    </message>
    <message>
        <source>Whole dra&amp;wing</source>
        <translation>Ganze &amp;Zeichnung</translation>
    </message>
    <message>
        <source>Ctrl+0</source>
        <translation>Ctrl+0</translation>
    </message>
    <message>
        <source>Show these choices under the drawing</source>
        <translation>Diese Wahl unter der Zeichnung zeigen</translation>
    </message>
    <message>
        <source>E&amp;vening</source>
        <translation>Aben&amp;d</translation>
    </message>
    <message>
        <source>Ctrl+Shift+E</source>
        <translation>Ctrl+Shift+E</translation>
    </message>
    <message>
        <source>Dark colours for the evening</source>
        <translation>Dunkle Farben für den Abend</translation>
    </message>
    <message>
        <source>&amp;Language</source>
        <translation>S&amp;prache</translation>
    </message>
    <message>
        <source>of the system</source>
        <translation>des Systems</translation>
    </message>
    <message>
        <source>The window&apos;s language</source>
        <translation>Die Sprache des Fensters</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Keys</source>
        <translation>&amp;Tasten</translation>
    </message>
    <message>
        <source>All shortcuts of this station</source>
        <translation>Alle Tasten dieser Station</translation>
    </message>
    <message>
        <source>Tab, Enter, Esc</source>
        <translation>Tab, Eingabe, Esc</translation>
    </message>
    <message>
        <source>next value, make the step, old value back</source>
        <translation>nächster Wert, Schritt tun, alter Wert zurück</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keiner</translation>
    </message>
    <message>
        <source>Open a job</source>
        <translation>Einen Auftrag öffnen</translation>
    </message>
    <message>
        <source>Jobs (*.fmjob)</source>
        <translation>Aufträge (*.fmjob)</translation>
    </message>
    <message>
        <source>Save the job under another name</source>
        <translation>Den Auftrag unter anderem Namen sichern</translation>
    </message>
    <message>
        <source>Copy the cut list, or the board, as text and as a table</source>
        <translation>Die Schnittliste oder das Griffbrett als Text und als Tabelle kopieren</translation>
    </message>
    <message>
        <source>Sound and bu&amp;zz on the board</source>
        <translation>Klang und &amp;Schnarren auf dem Griffbrett</translation>
    </message>
    <message>
        <source>The whole board: error, headroom and gaps of every string at every fret; again for the station</source>
        <translation>Das ganze Griffbrett: Fehler, Spielraum und Luft jeder Saite an jedem Bund; noch einmal zurück zur Station</translation>
    </message>
    <message>
        <source>Next &amp;measure on the board</source>
        <translation>Nächste &amp;Größe auf dem Griffbrett</translation>
    </message>
    <message>
        <source>Cents, headroom, open gap, behind the finger</source>
        <translation>Cent, Spielraum, Luft leer, hinter dem Finger</translation>
    </message>
    <message>
        <source>&amp;Read a set of strings…</source>
        <translation>Einen Saitensatz &amp;lesen…</translation>
    </message>
    <message>
        <source>Ctrl+I</source>
        <translation>Ctrl+I</translation>
    </message>
    <message>
        <source>Pitch, gauge and make-up of all strings from a CSV file</source>
        <translation>Tonhöhe, Stärke und Machart aller Saiten aus einer CSV-Datei</translation>
    </message>
    <message>
        <source>Bridge or its &amp;place</source>
        <translation>Steg oder sein &amp;Platz</translation>
    </message>
    <message>
        <source>Draw the bridge, or its place on the instrument</source>
        <translation>Den Steg zeichnen oder seinen Platz auf dem Instrument</translation>
    </message>
    <message>
        <source>Page %1 under the drawing</source>
        <translation>Seite %1 unter der Zeichnung</translation>
    </message>
    <message>
        <source>&amp;New…</source>
        <translation>&amp;Neu…</translation>
    </message>
    <message>
        <source>&amp;Add a string</source>
        <translation>Saite &amp;hinzufügen</translation>
    </message>
    <message>
        <source>A string like the chosen one, on its treble side</source>
        <translation>Eine Saite wie die gewählte, auf ihrer Diskantseite</translation>
    </message>
    <message>
        <source>&amp;Take the string out</source>
        <translation>Saite &amp;herausnehmen</translation>
    </message>
    <message>
        <source>The chosen string, and all that is said of it</source>
        <translation>Die gewählte Saite und alles, was von ihr gesagt ist</translation>
    </message>
    <message>
        <source>Find a nu&amp;mber or an action</source>
        <translation>Zahl oder Handlung su&amp;chen</translation>
    </message>
    <message>
        <source>Ctrl+K</source>
        <translation>Ctrl+K</translation>
    </message>
    <message>
        <source>Find any number, value or action by its words</source>
        <translation>Jede Zahl, jeden Wert, jede Handlung nach ihren Wörtern suchen</translation>
    </message>
    <message>
        <source>, fret %1</source>
        <translation>, Bund %1</translation>
    </message>
    <message>
        <source>, open</source>
        <translation>, leer</translation>
    </message>
    <message>
        <source>Nut or what lies be&amp;hind it</source>
        <translation>Sattel oder was da&amp;hinter liegt</translation>
    </message>
    <message>
        <source>Draw the nut, or the string&apos;s way from it to the post</source>
        <translation>Den Sattel zeichnen oder den Weg der Saite von ihm zum Wirbel</translation>
    </message>
    <message>
        <source>The drawing as a tab&amp;le</source>
        <translation>Die Zeichnung als Tabe&amp;lle</translation>
    </message>
    <message>
        <source>The values of this drawing as a table, or the drawing again</source>
        <translation>Die Werte dieser Zeichnung als Tabelle, oder wieder die Zeichnung</translation>
    </message>
    <message>
        <source>&amp;Compare schools</source>
        <translation>S&amp;chulen vergleichen</translation>
    </message>
    <message>
        <source>The numbers that differ between the schools of the choice in sight, side by side</source>
        <translation>Die Zahlen, in denen sich die Schulen der Wahl in Sicht unterscheiden, nebeneinander</translation>
    </message>
    <message>
        <source>&amp;Help on this station</source>
        <translation>&amp;Hilfe zu dieser Station</translation>
    </message>
    <message>
        <source>What this station is for, how its numbers come about, what to mind</source>
        <translation>Wozu diese Station da ist, wie ihre Zahlen zustande kommen, worauf zu achten ist</translation>
    </message>
    <message>
        <source>There is no choice between schools on this page</source>
        <translation>Auf dieser Seite gibt es keine Wahl zwischen Schulen</translation>
    </message>
    <message>
        <source>Schools side by side</source>
        <translation>Schulen nebeneinander</translation>
    </message>
    <message>
        <source>&amp;Print sheets…</source>
        <translation>Blätter &amp;drucken…</translation>
    </message>
    <message>
        <source>Print the chosen sheets in true size</source>
        <translation>Die gewählten Blätter in wahrer Größe drucken</translation>
    </message>
    <message>
        <source>Sheets as a &amp;file…</source>
        <translation>Blätter als &amp;Datei…</translation>
    </message>
    <message>
        <source>Save the chosen sheets as PDF, SVG or DXF</source>
        <translation>Die gewählten Blätter als PDF, SVG oder DXF speichern</translation>
    </message>
    <message>
        <source>A part for a &amp;machine…</source>
        <translation>Ein Teil für eine &amp;Maschine…</translation>
    </message>
    <message>
        <source>Ctrl+Shift+M</source>
        <translation>Ctrl+Shift+M</translation>
    </message>
    <message>
        <source>Save nut, saddle or bridge alone, with the way of a cutter, or as a solid</source>
        <translation>Sattel, Einlage oder Steg allein speichern, mit dem Weg eines Fräsers oder als Körper</translation>
    </message>
    <message>
        <source>&amp;Bench</source>
        <translation>&amp;Werkbank</translation>
    </message>
    <message>
        <source>At the &amp;bench</source>
        <translation>An der &amp;Werkbank</translation>
    </message>
    <message>
        <source>The whole window for filing: one string, one number, readable from across the room</source>
        <translation>Das ganze Fenster zum Feilen: eine Saite, eine Zahl, quer durch den Raum lesbar</translation>
    </message>
    <message>
        <source>&amp;Order of the strings</source>
        <translation>&amp;Reihenfolge der Saiten</translation>
    </message>
    <message>
        <source>bass to treble</source>
        <translation>vom Bass zum Diskant</translation>
    </message>
    <message>
        <source>treble to bass</source>
        <translation>vom Diskant zum Bass</translation>
    </message>
    <message>
        <source>the most to take off first</source>
        <translation>wo am meisten abzunehmen ist zuerst</translation>
    </message>
    <message>
        <source>round and round, a pass each</source>
        <translation>reihum, je ein Gang</translation>
    </message>
    <message>
        <source>Which string comes next at the bench</source>
        <translation>Welche Saite an der Werkbank als nächste kommt</translation>
    </message>
    <message>
        <source>&amp;Sounds</source>
        <translation>&amp;Töne</translation>
    </message>
    <message>
        <source>One sound when a string is there, three when it is too deep</source>
        <translation>Ein Ton, wenn eine Saite am Ziel ist, drei, wenn sie zu tief ist</translation>
    </message>
    <message>
        <source>What was hea&amp;rd</source>
        <translation>Was zu hö&amp;ren war</translation>
    </message>
    <message>
        <source>A buzz, a note out of tune, a ping: where, the cheapest test, the likeliest cause; again for the station</source>
        <translation>Ein Schnarren, ein unreiner Ton, ein Knacken: wo, die billigste Probe, die wahrscheinlichste Ursache; noch einmal für die Station</translation>
    </message>
    <message>
        <source>The p&amp;lan</source>
        <translation>Der P&amp;lan</translation>
    </message>
    <message>
        <source>Step after step what to do, how much, what the gauges should read then, how long it takes; again for the station</source>
        <translation>Schritt für Schritt, was zu tun ist, wie viel, was die Messmittel dann zeigen sollten, wie lange es dauert; noch einmal für die Station</translation>
    </message>
    <message>
        <source>The &amp;verdict</source>
        <translation>Das &amp;Urteil</translation>
    </message>
    <message>
        <source>What to do with nut and saddle as found, argued, and what was decided; again for the station</source>
        <translation>Was mit Sattel und Einlage, wie gefunden, zu tun ist, begründet, und was entschieden wurde; noch einmal für die Station</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>Take the last step back</source>
        <translation>Den letzten Schritt zurücknehmen</translation>
    </message>
    <message>
        <source>Re&amp;do</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>&amp;Undo: %1</source>
        <translation>&amp;Rückgängig: %1</translation>
    </message>
    <message>
        <source>Re&amp;do: %1</source>
        <translation>&amp;Wiederholen: %1</translation>
    </message>
    <message>
        <source>Ctrl+Shift+L</source>
        <translation>Ctrl+Shift+L</translation>
    </message>
    <message>
        <source>%1 is there already.</source>
        <translation>%1 gibt es schon.</translation>
    </message>
    <message>
        <source>If it gives way it is kept beside, under a name with today&apos;s date.</source>
        <translation>Macht sie Platz, bleibt sie daneben erhalten, unter einem Namen mit dem heutigen Datum.</translation>
    </message>
    <message>
        <source>Another name</source>
        <translation>Anderer Name</translation>
    </message>
    <message>
        <source>Put it aside</source>
        <translation>Beiseitelegen</translation>
    </message>
    <message numerus="yes">
        <source>(and %n more)</source>
        <translation>
            <numerusform>(und %n weiterer Fehler)</numerusform>
            <numerusform>(und %n weitere Fehler)</numerusform>
        </translation>
    </message>
    <message>
        <source>A copy could not be written anywhere, so the window stays open.</source>
        <translation>Eine Kopie ließ sich nirgends schreiben, darum bleibt das Fenster offen.</translation>
    </message>
    <message>
        <source>A copy is kept</source>
        <translation>Eine Kopie ist da</translation>
    </message>
    <message>
        <source>The last start did not come to its end with %1, so it was not opened again. Open it, or another job.</source>
        <translation>Der letzte Start kam mit %1 nicht zu Ende, darum wurde es nicht wieder geöffnet. Öffnen Sie es, oder einen anderen Auftrag.</translation>
    </message>
    <message>
        <source>&amp;Jobs</source>
        <translation>Auf&amp;träge</translation>
    </message>
    <message>
        <source>Ctrl+J</source>
        <translation>Ctrl+J</translation>
    </message>
    <message>
        <source>The workshop&apos;s jobs, looked for as you type, and what to begin from</source>
        <translation>Die Aufträge der Werkstatt, beim Tippen gesucht, und womit man beginnt</translation>
    </message>
    <message>
        <source>Begin a job from a kind of instrument</source>
        <translation>Einen Auftrag mit einer Art von Instrument beginnen</translation>
    </message>
    <message>
        <source>kept %1</source>
        <translation>gesichert %1</translation>
    </message>
    <message>
        <source>Every change is saved by itself, last at %1, to %2</source>
        <translation>Jede Änderung wird von selbst gesichert, zuletzt um %1, in %2</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Neck, saddle, nut in order, and how much; the same again leads back (N)</source>
        <translation>Hals, Stegeinlage, Sattel der Reihe nach, und wie viel; nochmals führt zurück (N)</translation>
    </message>
    <message>
        <source>Board</source>
        <translation>Griffbrett</translation>
    </message>
    <message>
        <source>Where it sounds and where it buzzes; the same again leads back (S)</source>
        <translation>Wo es klingt und wo es schnarrt; nochmals führt zurück (S)</translation>
    </message>
    <message>
        <source>Heard</source>
        <translation>Gehört</translation>
    </message>
    <message>
        <source>From what was heard to what is wrong; the same again leads back (W)</source>
        <translation>Vom Gehörten zur Ursache; nochmals führt zurück (W)</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>One string, one number, readable from across the room; Esc leads back (F)</source>
        <translation>Eine Saite, eine Zahl, quer durch den Raum lesbar; Esc führt zurück (F)</translation>
    </message>
    <message>
        <source>The s&amp;hop&apos;s things…</source>
        <translation>Was die Werkstatt &amp;hat …</translation>
    </message>
    <message>
        <source>Ctrl+Shift+H</source>
        <translation>Ctrl+Shift+H</translation>
    </message>
    <message>
        <source>Files, feelers, gauges, shims, blocks, strings, blanks, prices, minutes</source>
        <translation>Feilen, Fühlerlehren, Messmittel, Unterlagen, Radiusklötze, Saiten, Rohlinge, Preise, Minuten</translation>
    </message>
    <message>
        <source>P&amp;references…</source>
        <translation>&amp;Einstellungen …</translation>
    </message>
    <message>
        <source>Ctrl+,</source>
        <translation>Ctrl+,</translation>
    </message>
    <message>
        <source>Language, colours, text size; units and hands of new jobs</source>
        <translation>Sprache, Farben, Textgröße; Einheiten und Hände neuer Aufträge</translation>
    </message>
    <message>
        <source>Drawing larger</source>
        <translation>Zeichnung größer</translation>
    </message>
    <message>
        <source>Enlarge the drawing: + on it, or Ctrl and the wheel</source>
        <translation>Die Zeichnung vergrößern: + auf ihr, oder Strg und das Rad</translation>
    </message>
    <message>
        <source>Drawing smaller</source>
        <translation>Zeichnung kleiner</translation>
    </message>
    <message>
        <source>Draw it smaller: − on it</source>
        <translation>Kleiner zeichnen: − auf ihr</translation>
    </message>
    <message>
        <source>The whole drawing again: 0 on it</source>
        <translation>Wieder die ganze Zeichnung: 0 auf ihr</translation>
    </message>
    <message>
        <source>Text larger</source>
        <translation>Text größer</translation>
    </message>
    <message>
        <source>Ctrl++</source>
        <translation>Ctrl++</translation>
    </message>
    <message>
        <source>Everything in the window larger</source>
        <translation>Alles im Fenster größer</translation>
    </message>
    <message>
        <source>Ctrl+=</source>
        <translation>Ctrl+=</translation>
    </message>
    <message>
        <source>Text smaller</source>
        <translation>Text kleiner</translation>
    </message>
    <message>
        <source>Ctrl+-</source>
        <translation>Ctrl+-</translation>
    </message>
    <message>
        <source>Everything in the window smaller</source>
        <translation>Alles im Fenster kleiner</translation>
    </message>
    <message>
        <source>Text as usual</source>
        <translation>Text wie üblich</translation>
    </message>
    <message>
        <source>Everything in the window in its usual size</source>
        <translation>Alles im Fenster in üblicher Größe</translation>
    </message>
    <message>
        <source>Full screen</source>
        <translation>Ganzer Bildschirm</translation>
    </message>
    <message>
        <source>The window over the whole screen, or as before</source>
        <translation>Das Fenster über den ganzen Bildschirm, oder wie zuvor</translation>
    </message>
    <message>
        <source>S&amp;tations</source>
        <translation>S&amp;tationen</translation>
    </message>
    <message>
        <source>&amp;Drawing and list</source>
        <translation>&amp;Zeichnung und Liste</translation>
    </message>
    <message>
        <source>Pages &amp;under the drawing</source>
        <translation>Seiten &amp;unter der Zeichnung</translation>
    </message>
    <message>
        <source>Te&amp;xt, colours, language</source>
        <translation>Te&amp;xt, Farben, Sprache</translation>
    </message>
    <message>
        <source>&amp;Next</source>
        <translation>&amp;Weiter</translation>
    </message>
    <message>
        <source>Ctrl+G</source>
        <translation>Ctrl+G</translation>
    </message>
    <message>
        <source>Goes where the work goes on, as it says at the left</source>
        <translation>Dorthin, wo die Arbeit weitergeht, wie links steht</translation>
    </message>
    <message>
        <source>Alt++</source>
        <translation>Alt++</translation>
    </message>
    <message>
        <source>Alt+-</source>
        <translation>Alt+-</translation>
    </message>
    <message>
        <source>Alt+0</source>
        <translation>Alt+0</translation>
    </message>
    <message>
        <source>+ − 0</source>
        <translation>+ − 0</translation>
    </message>
    <message>
        <source>on a drawing: larger, smaller, the whole</source>
        <translation>auf einer Zeichnung: größer, kleiner, ganz</translation>
    </message>
    <message>
        <source>heard</source>
        <translation>gehört</translation>
    </message>
    <message>
        <source>the shop&apos;s things</source>
        <translation>was die Werkstatt hat</translation>
    </message>
    <message>
        <source>%1 is one of the kinds to begin from now.</source>
        <translation>%1 ist nun eine der Arten, mit denen man beginnt.</translation>
    </message>
    <message>
        <source>kind: %1</source>
        <translation>Art: %1</translation>
    </message>
    <message>
        <source>Now: %1. What was measured and read stayed; the rest is assumed.</source>
        <translation>Jetzt: %1. Was gemessen und abgelesen war, blieb; der Rest ist angenommen.</translation>
    </message>
    <message>
        <source>Of another &amp;kind</source>
        <translation>Von anderer &amp;Art</translation>
    </message>
    <message>
        <source>What is assumed, chosen and wanted becomes the kind&apos;s; what was measured and read stays</source>
        <translation>Angenommenes, Gewähltes und Ziele werden die der Art; Gemessenes und Abgelesenes bleibt</translation>
    </message>
</context>
<context>
    <name>fm::NeckCanvas</name>
    <message>
        <source>Drawing of the neck</source>
        <translation>Zeichnung des Halses</translation>
    </message>
    <message>
        <source>string held at fret</source>
        <translation>Saite gehalten am Bund</translation>
    </message>
    <message>
        <source>relief read at fret</source>
        <translation>Halskrümmung gelesen am Bund</translation>
    </message>
    <message>
        <source>string held at the upper fret</source>
        <translation>Saite gehalten am oberen Bund</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>scale length</source>
        <translation>Mensur</translation>
    </message>
    <message>
        <source>nut to fret 12</source>
        <translation>Sattel bis Bund 12</translation>
    </message>
    <message>
        <source>scale length, bass edge</source>
        <translation>Mensur an der Basskante</translation>
    </message>
    <message>
        <source>scale length, treble edge</source>
        <translation>Mensur an der Diskantkante</translation>
    </message>
    <message>
        <source>board width at the nut</source>
        <translation>Griffbrettbreite am Sattel</translation>
    </message>
    <message>
        <source>board width at its end</source>
        <translation>Griffbrettbreite am Ende</translation>
    </message>
    <message>
        <source>fret height</source>
        <translation>Bundhöhe</translation>
    </message>
    <message>
        <source>radius at the nut</source>
        <translation>Radius am Sattel</translation>
    </message>
    <message>
        <source>radius at the end</source>
        <translation>Radius am Ende</translation>
    </message>
    <message>
        <source>chosen fret higher by</source>
        <translation>gewählter Bund höher um</translation>
    </message>
    <message>
        <source>fret tops from the side, the head to the left; heights ×%1</source>
        <translation>Bundkronen von der Seite, der Kopf links; Höhen ×%1</translation>
    </message>
    <message>
        <source>relief: none given</source>
        <translation>Halskrümmung: keine</translation>
    </message>
    <message>
        <source>the neck counts as straight</source>
        <translation>der Hals gilt als gerade</translation>
    </message>
    <message>
        <source>held at fret</source>
        <translation>gehalten an</translation>
    </message>
    <message>
        <source>read at fret</source>
        <translation>gelesen an</translation>
    </message>
    <message>
        <source>nut width</source>
        <translation>Sattelbreite</translation>
    </message>
    <message>
        <source>end width</source>
        <translation>Endbreite</translation>
    </message>
    <message>
        <source>scale bass</source>
        <translation>Mensur Bass</translation>
    </message>
    <message>
        <source>scale treble</source>
        <translation>Mensur Diskant</translation>
    </message>
    <message>
        <source>nut to 12</source>
        <translation>Sattel bis 12</translation>
    </message>
    <message>
        <source>radius at nut</source>
        <translation>Radius Sattel</translation>
    </message>
    <message>
        <source>radius</source>
        <translation>Radius</translation>
    </message>
    <message>
        <source>radius at end</source>
        <translation>Radius Ende</translation>
    </message>
    <message>
        <source>fret %1 higher</source>
        <translation>Bund %1 höher</translation>
    </message>
</context>
<context>
    <name>fm::NeckPages</name>
    <message>
        <source>Scale</source>
        <translation>Mensur</translation>
    </message>
    <message>
        <source>one</source>
        <translation>eine</translation>
    </message>
    <message>
        <source>fanned</source>
        <translation>gefächert</translation>
    </message>
    <message>
        <source>fanned frets</source>
        <translation>gefächerte Bünde</translation>
    </message>
    <message>
        <source>one scale</source>
        <translation>eine Mensur</translation>
    </message>
    <message>
        <source>fret square to the centreline</source>
        <translation>Bund rechtwinklig zur Mittellinie</translation>
    </message>
    <message>
        <source>square at fret</source>
        <translation>gerade am Bund</translation>
    </message>
    <message>
        <source>number of frets</source>
        <translation>Zahl der Bünde</translation>
    </message>
    <message>
        <source>frets</source>
        <translation>Bünde</translation>
    </message>
    <message>
        <source>fret at the body joint</source>
        <translation>Bund am Korpusübergang</translation>
    </message>
    <message>
        <source>joint at fret</source>
        <translation>Übergang am Bund</translation>
    </message>
    <message>
        <source>Board across</source>
        <translation>Griffbrett quer</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>one radius</source>
        <translation>ein Radius</translation>
    </message>
    <message>
        <source>radius grows</source>
        <translation>Radius wächst</translation>
    </message>
    <message>
        <source>flat board</source>
        <translation>flaches Griffbrett</translation>
    </message>
    <message>
        <source>board of one radius</source>
        <translation>Griffbrett mit einem Radius</translation>
    </message>
    <message>
        <source>board whose radius grows</source>
        <translation>Griffbrett mit wachsendem Radius</translation>
    </message>
    <message>
        <source>where the end radius is read</source>
        <translation>wo der Endradius gelesen ist</translation>
    </message>
    <message>
        <source>radius read at</source>
        <translation>Radius gelesen bei</translation>
    </message>
    <message>
        <source>Board</source>
        <translation>Griffbrett</translation>
    </message>
    <message>
        <source>where the end width is read, from the nut line</source>
        <translation>wo die Endbreite gelesen ist, ab der Sattellinie</translation>
    </message>
    <message>
        <source>width read at</source>
        <translation>Breite gelesen bei</translation>
    </message>
    <message>
        <source>fret ends in from the edge</source>
        <translation>Bundenden vom Rand einwärts</translation>
    </message>
    <message>
        <source>fret ends in by</source>
        <translation>Bundenden einwärts</translation>
    </message>
    <message>
        <source>Straight string held at</source>
        <translation>Gerade Saite gehalten an</translation>
    </message>
    <message>
        <source>fret 1 and the joint</source>
        <translation>Bund 1 und Übergang</translation>
    </message>
    <message>
        <source>nut and the joint</source>
        <translation>Sattel und Übergang</translation>
    </message>
    <message>
        <source>fret 1 and the last</source>
        <translation>Bund 1 und letztem</translation>
    </message>
    <message>
        <source>relief read between frets %1 and %2</source>
        <translation>Halskrümmung zwischen Bund %1 und %2 gelesen</translation>
    </message>
    <message>
        <source>The same neck read in other ways</source>
        <translation>Derselbe Hals anders gelesen</translation>
    </message>
    <message>
        <source>Relief</source>
        <translation>Krümmung</translation>
    </message>
    <message>
        <source>all level</source>
        <translation>alle eben</translation>
    </message>
    <message>
        <source>No fret is higher or lower than the others, as after dressing them</source>
        <translation>Kein Bund ist höher oder tiefer als die anderen, wie nach dem Abrichten</translation>
    </message>
    <message>
        <source>all frets level</source>
        <translation>alle Bünde eben</translation>
    </message>
    <message>
        <source>Frets</source>
        <translation>Bünde</translation>
    </message>
    <message>
        <source>fallaway at the last fret</source>
        <translation>Abfall am letzten Bund</translation>
    </message>
    <message>
        <source>fallaway</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>held at %1 and %2, read at %3: %4</source>
        <translation>gehalten an %1 und %2, gelesen an %3: %4</translation>
    </message>
</context>
<context>
    <name>fm::NeckStation</name>
    <message>
        <source>fret</source>
        <translation>Bund</translation>
    </message>
    <message>
        <source>top</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>from nut</source>
        <translation>ab Sattel</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>Frets</source>
        <translation>Bünde</translation>
    </message>
    <message>
        <source>fret %1 higher by %2</source>
        <translation>Bund %1 höher um %2</translation>
    </message>
    <message>
        <source>%1 frets, joint at %2</source>
        <translation>%1 Bünde, Übergang am %2.</translation>
    </message>
    <message>
        <source>frets not level</source>
        <translation>Bünde nicht eben</translation>
    </message>
    <message>
        <source>top: over the body&apos;s fret plane, on the centreline</source>
        <translation>Höhe: über der Bundebene des Korpus, auf der Mittellinie</translation>
    </message>
</context>
<context>
    <name>fm::Notice</name>
    <message>
        <source>Notice</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>Read the file again</source>
        <translation>Datei neu lesen</translation>
    </message>
    <message>
        <source>Shows what stands on the disk; undo brings back what is here</source>
        <translation>Zeigt, was auf der Platte steht; Rückgängig bringt zurück, was hier ist</translation>
    </message>
    <message>
        <source>Save mine under another name</source>
        <translation>Meine unter anderem Namen sichern</translation>
    </message>
    <message>
        <source>Writes the job as it is here to another file and goes on there</source>
        <translation>Schreibt den Auftrag, wie er hier ist, in eine andere Datei und arbeitet dort weiter</translation>
    </message>
    <message>
        <source>Close, keep a copy</source>
        <translation>Schließen, Kopie behalten</translation>
    </message>
    <message>
        <source>Closes the window; the job as it is here is written to a new file first</source>
        <translation>Schließt das Fenster; vorher wird der Auftrag, wie er hier ist, in eine neue Datei geschrieben</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Takes this notice away</source>
        <translation>Nimmt diesen Hinweis weg</translation>
    </message>
</context>
<context>
    <name>fm::NumbersList</name>
    <message>
        <source>Which list</source>
        <translation>Welche Liste</translation>
    </message>
</context>
<context>
    <name>fm::NumbersModel</name>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
</context>
<context>
    <name>fm::NutBehindCanvas</name>
    <message>
        <source>Drawing of what lies behind the nut</source>
        <translation>Zeichnung dessen, was hinter dem Sattel liegt</translation>
    </message>
    <message>
        <source>post behind the front face</source>
        <translation>Wirbel hinter der Vorderseite</translation>
    </message>
    <message>
        <source>post across from the centreline</source>
        <translation>Wirbel quer zur Mittellinie</translation>
    </message>
    <message>
        <source>post below the fret tops</source>
        <translation>Wirbel unter den Bundkronen</translation>
    </message>
    <message>
        <source>headstock angle</source>
        <translation>Kopfwinkel</translation>
    </message>
    <message>
        <source>front set forward</source>
        <translation>Vorderkante vorgesetzt</translation>
    </message>
    <message>
        <source>breaks down over the nut</source>
        <translation>knickt über dem Sattel nach unten</translation>
    </message>
    <message>
        <source>bends to the side over the nut</source>
        <translation>knickt über dem Sattel zur Seite</translation>
    </message>
    <message>
        <source>bends in all over the nut</source>
        <translation>knickt über dem Sattel insgesamt</translation>
    </message>
    <message>
        <source>fall of the slot&apos;s floor</source>
        <translation>Fall des Kerbengrunds</translation>
    </message>
    <message>
        <source>front %1 forward: fret 1 plays %2 off; with the front at the line %3</source>
        <translation>Kante %1 vor: Bund 1 liegt %2 daneben; an der Linie %3</translation>
    </message>
    <message>
        <source>the chosen string from the side, all from above; the head to the left</source>
        <translation>die gewählte Saite von der Seite, alle von oben; der Kopf links</translation>
    </message>
    <message>
        <source>no posts given (page Behind): floors follow the headstock angle</source>
        <translation>keine Wirbel angegeben (Seite Dahinter): Die Gründe folgen dem Kopfwinkel</translation>
    </message>
    <message>
        <source>behind the front</source>
        <translation>hinter der Kante</translation>
    </message>
    <message>
        <source>across</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>below the frets</source>
        <translation>unter den Bünden</translation>
    </message>
    <message>
        <source>headstock</source>
        <translation>Kopfwinkel</translation>
    </message>
    <message>
        <source>set forward</source>
        <translation>vorgesetzt</translation>
    </message>
    <message>
        <source>breaks down</source>
        <translation>nach unten</translation>
    </message>
    <message>
        <source>to the side</source>
        <translation>zur Seite</translation>
    </message>
    <message>
        <source>floor falls</source>
        <translation>Grund fällt</translation>
    </message>
    <message>
        <source>in all</source>
        <translation>insgesamt</translation>
    </message>
</context>
<context>
    <name>fm::NutCanvas</name>
    <message>
        <source>Drawing of the nut</source>
        <translation>Zeichnung des Sattels</translation>
    </message>
    <message>
        <source>nut width</source>
        <translation>Sattelbreite</translation>
    </message>
    <message>
        <source>string spread at the nut</source>
        <translation>Spreizung am Sattel</translation>
    </message>
    <message>
        <source>fret height</source>
        <translation>Bundhöhe</translation>
    </message>
    <message>
        <source>board over seat</source>
        <translation>Griffbrett über Auflage</translation>
    </message>
    <message>
        <source>gap wanted, bass</source>
        <translation>Luft gewünscht, Bass</translation>
    </message>
    <message>
        <source>gap wanted, treble</source>
        <translation>Luft gewünscht, Diskant</translation>
    </message>
    <message>
        <source>gap wanted, this string</source>
        <translation>Luft gewünscht, diese Saite</translation>
    </message>
    <message>
        <source>string gauge</source>
        <translation>Saitenstärke</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>pressed gap</source>
        <translation>Luft gedrückt</translation>
    </message>
    <message>
        <source>over zero line</source>
        <translation>über Nulllinie</translation>
    </message>
    <message>
        <source>open gap</source>
        <translation>Luft leer</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>⌀ %1</source>
        <translation>⌀ %1</translation>
    </message>
    <message>
        <source>floor over seat</source>
        <translation>Grund über Auflage</translation>
    </message>
    <message>
        <source>floor over board</source>
        <translation>Grund über Griffbrett</translation>
    </message>
    <message>
        <source>floor over frets</source>
        <translation>Grund über Bünden</translation>
    </message>
    <message>
        <source>floor from blank top</source>
        <translation>Grund von oben</translation>
    </message>
    <message>
        <source>fret tops</source>
        <translation>Bundkronen</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>to the bass</source>
        <translation>zum Bass</translation>
    </message>
    <message>
        <source>take off</source>
        <translation>abtragen</translation>
    </message>
    <message>
        <source>floor as found</source>
        <translation>Grund, vorgefunden</translation>
    </message>
</context>
<context>
    <name>fm::NutPages</name>
    <message>
        <source>Spacing</source>
        <translation>Abstände</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Slots</source>
        <translation>Kerben</translation>
    </message>
    <message>
        <source>Seat</source>
        <translation>Auflage</translation>
    </message>
    <message>
        <source>Behind</source>
        <translation>Dahinter</translation>
    </message>
    <message>
        <source>Nut height read</source>
        <translation>Sattelhöhe gelesen</translation>
    </message>
    <message>
        <source>open</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>read without pressing; moves when the saddle does</source>
        <translation>ohne Druck gelesen; ändert sich mit der Stegeinlage</translation>
    </message>
    <message>
        <source>pressed</source>
        <translation>gedrückt</translation>
    </message>
    <message>
        <source>the saddle does not matter; a gap too small for most leaves</source>
        <translation>die Stegeinlage spielt keine Rolle; zu klein für die meisten Lehren</translation>
    </message>
    <message>
        <source>zero fret</source>
        <translation>Nullbund</translation>
    </message>
    <message>
        <source>thinks of a fret at the nut; nothing to slip a gauge under</source>
        <translation>denkt sich einen Bund am Sattel; nichts, worunter eine Lehre passt</translation>
    </message>
    <message>
        <source>pressed at fret</source>
        <translation>gedrückt am Bund</translation>
    </message>
    <message>
        <source>pressed at fret %1</source>
        <translation>gedrückt am Bund %1</translation>
    </message>
    <message>
        <source>Top</source>
        <translation>Oberkante</translation>
    </message>
    <message>
        <source>at every string</source>
        <translation>an jeder Saite</translation>
    </message>
    <message>
        <source>each string as deep as wanted; mixed strings make a zigzag</source>
        <translation>jede Saite so tief wie gewünscht; gemischte Saiten geben einen Zickzack</translation>
    </message>
    <message>
        <source>fair</source>
        <translation>stetig</translation>
    </message>
    <message>
        <source>one sweep over all; some strings lie a little deeper</source>
        <translation>ein Bogen über alle; manche Saiten liegen etwas tiefer</translation>
    </message>
    <message>
        <source>fair top</source>
        <translation>stetige Oberkante</translation>
    </message>
    <message>
        <source>top at every string</source>
        <translation>Oberkante an jeder Saite</translation>
    </message>
    <message>
        <source>clearance, plain strings</source>
        <translation>Spiel, blanke Saiten</translation>
    </message>
    <message>
        <source>clearance plain</source>
        <translation>Spiel blank</translation>
    </message>
    <message>
        <source>clearance, wound strings</source>
        <translation>Spiel, umsponnene Saiten</translation>
    </message>
    <message>
        <source>clearance wound</source>
        <translation>Spiel umsp.</translation>
    </message>
    <message>
        <source>share in the slot, plain strings</source>
        <translation>Anteil in der Kerbe, blanke Saiten</translation>
    </message>
    <message>
        <source>in slot, plain</source>
        <translation>in Kerbe, blank</translation>
    </message>
    <message>
        <source>share in the slot, wound strings</source>
        <translation>Anteil in der Kerbe, umsponnene Saiten</translation>
    </message>
    <message>
        <source>in slot, wound</source>
        <translation>in Kerbe, umsp.</translation>
    </message>
    <message>
        <source>saw stays above the floor</source>
        <translation>Säge bleibt über dem Grund</translation>
    </message>
    <message>
        <source>saw stays over</source>
        <translation>Säge darüber</translation>
    </message>
    <message>
        <source>file may be wider by</source>
        <translation>Feile darf breiter sein um</translation>
    </message>
    <message>
        <source>file may be over</source>
        <translation>Feile darf über</translation>
    </message>
    <message>
        <source>floor takes this share of the fall</source>
        <translation>Grund nimmt diesen Anteil des Falls</translation>
    </message>
    <message>
        <source>floor share</source>
        <translation>Grundanteil</translation>
    </message>
    <message>
        <source>square</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>angled</source>
        <translation>schräg</translation>
    </message>
    <message>
        <source>curved</source>
        <translation>gewölbt</translation>
    </message>
    <message>
        <source>seat</source>
        <translation>Auflage</translation>
    </message>
    <message>
        <source>seat radius</source>
        <translation>Auflageradius</translation>
    </message>
    <message>
        <source>headstock angle</source>
        <translation>Kopfplattenwinkel</translation>
    </message>
    <message>
        <source>headstock</source>
        <translation>Kopfplatte</translation>
    </message>
    <message>
        <source>front set forward</source>
        <translation>Vorderkante vorgesetzt</translation>
    </message>
    <message>
        <source>set forward</source>
        <translation>vorgesetzt</translation>
    </message>
    <message>
        <source>Posts or bar</source>
        <translation>Wirbel oder Niederhalter</translation>
    </message>
    <message>
        <source>not given</source>
        <translation>nicht gegeben</translation>
    </message>
    <message>
        <source>floors follow the headstock angle</source>
        <translation>Gründe folgen dem Kopfplattenwinkel</translation>
    </message>
    <message>
        <source>given</source>
        <translation>gegeben</translation>
    </message>
    <message>
        <source>floors follow each string&apos;s own fall</source>
        <translation>Gründe folgen dem Fall jeder Saite</translation>
    </message>
    <message>
        <source>Zero fret</source>
        <translation>Nullbund</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>real</source>
        <translation>echt</translation>
    </message>
    <message>
        <source>post behind the front face</source>
        <translation>Wirbel hinter der Vorderkante</translation>
    </message>
    <message>
        <source>behind</source>
        <translation>dahinter</translation>
    </message>
    <message>
        <source>post across from the centreline</source>
        <translation>Wirbel seitlich der Mittellinie</translation>
    </message>
    <message>
        <source>across</source>
        <translation>seitlich</translation>
    </message>
    <message>
        <source>post below the fret tops</source>
        <translation>Wirbel unter den Bundkronen</translation>
    </message>
    <message>
        <source>below</source>
        <translation>darunter</translation>
    </message>
    <message>
        <source>all as this one</source>
        <translation>alle wie diese</translation>
    </message>
    <message>
        <source>A retainer bar: every string as far behind and as far below as the chosen one, straight back</source>
        <translation>Ein Niederhalter: jede Saite so weit dahinter und darunter wie die gewählte, gerade zurück</translation>
    </message>
    <message>
        <source>height of the zero fret</source>
        <translation>Höhe des Nullbunds</translation>
    </message>
    <message>
        <source>its height</source>
        <translation>seine Höhe</translation>
    </message>
    <message>
        <source>guide slots lie lower by</source>
        <translation>Führungskerben liegen tiefer um</translation>
    </message>
    <message>
        <source>guide below</source>
        <translation>Führung tiefer</translation>
    </message>
    <message>
        <source>nut height read open</source>
        <translation>Sattelhöhe leer gelesen</translation>
    </message>
    <message>
        <source>nut height read pressed</source>
        <translation>Sattelhöhe gedrückt gelesen</translation>
    </message>
    <message>
        <source>nut height as a zero fret</source>
        <translation>Sattelhöhe wie ein Nullbund</translation>
    </message>
    <message>
        <source>posts given</source>
        <translation>Wirbel gegeben</translation>
    </message>
    <message>
        <source>posts left out</source>
        <translation>Wirbel weggelassen</translation>
    </message>
    <message>
        <source>all posts as one bar</source>
        <translation>alle Wirbel als ein Niederhalter</translation>
    </message>
    <message>
        <source>floor %1</source>
        <translation>Grund %1</translation>
    </message>
    <message>
        <source>breaks %1 down, %2 aside</source>
        <translation>knickt %1 abwärts, %2 seitwärts</translation>
    </message>
    <message>
        <source>clear space wanted between strings</source>
        <translation>gewünschter Zwischenraum der Saiten</translation>
    </message>
    <message>
        <source>clear at least</source>
        <translation>frei mindestens</translation>
    </message>
    <message>
        <source>wanted from the outer strings to the edge</source>
        <translation>gewünscht von den Außensaiten zum Rand</translation>
    </message>
    <message>
        <source>edge at least</source>
        <translation>Rand mindestens</translation>
    </message>
    <message>
        <source>Verdict on the nut as found</source>
        <translation>Urteil über den Sattel im Fundzustand</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>This nut</source>
        <translation>Dieser Sattel</translation>
    </message>
    <message>
        <source>from a blank</source>
        <translation>aus Rohling</translation>
    </message>
    <message>
        <source>cut here; filed, filled, shimmed or made anew</source>
        <translation>hier gemacht; gefeilt, gefüllt, unterlegt oder neu</translation>
    </message>
    <message>
        <source>bought, slotted</source>
        <translation>gekauft, gekerbt</translation>
    </message>
    <message>
        <source>its slots are cut: lowered from below first</source>
        <translation>seine Kerben sind da: zuerst von unten tiefer</translation>
    </message>
    <message>
        <source>locking</source>
        <translation>klemmend</translation>
    </message>
    <message>
        <source>never filed: up on shims, down at its seat by a repairer</source>
        <translation>nie gefeilt: hoch auf Unterlagen, tiefer am Auflager in der Werkstatt</translation>
    </message>
    <message>
        <source>nut from a blank</source>
        <translation>Sattel aus Rohling</translation>
    </message>
    <message>
        <source>nut bought and slotted</source>
        <translation>Sattel gekauft und gekerbt</translation>
    </message>
    <message>
        <source>locking nut</source>
        <translation>Klemmsattel</translation>
    </message>
    <message>
        <source>step the shims are rounded up to</source>
        <translation>Schritt, auf den Unterlagen gerundet werden</translation>
    </message>
    <message>
        <source>shims in steps of</source>
        <translation>Unterlagen je</translation>
    </message>
    <message>
        <source>packing found under the nut</source>
        <translation>Unterlage, die unter dem Sattel lag</translation>
    </message>
    <message>
        <source>packed with</source>
        <translation>unterlegt mit</translation>
    </message>
</context>
<context>
    <name>fm::NutStation</name>
    <message>
        <source>Nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>found</source>
        <translation>vorgefunden</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>Which state is drawn</source>
        <translation>Welcher Zustand gezeichnet ist</translation>
    </message>
    <message>
        <source>blank %1 × %2 × %3</source>
        <translation>Rohling %1 × %2 × %3</translation>
    </message>
    <message>
        <source>nothing read yet: enter gap and action in the cut list of the fitted nut</source>
        <translation>noch nichts gemessen: Luft und Saitenlage in der Schnittliste des eingesetzten Sattels eingeben</translation>
    </message>
    <message>
        <source>behind it</source>
        <translation>dahinter</translation>
    </message>
    <message>
        <source>T, H</source>
        <translation>T, H</translation>
    </message>
</context>
<context>
    <name>fm::OrderedBar</name>
    <message>
        <source>relief</source>
        <translation>Krümmung</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Stegeinlage</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>intonation</source>
        <translation>Intonation</translation>
    </message>
    <message>
        <source>spent</source>
        <translation>verbraucht</translation>
    </message>
    <message>
        <source>Do what fits</source>
        <translation>Tun, was hineinpasst</translation>
    </message>
    <message>
        <source>What is ordered</source>
        <translation>Was bestellt ist</translation>
    </message>
    <message>
        <source>ordered for at most %1</source>
        <translation>bestellt für höchstens %1</translation>
    </message>
    <message>
        <source>Decides these steps so, with what is ordered as the reason; undone like anything</source>
        <translation>Entscheidet diese Schritte so, mit dem Auftrag als Grund; rückgängig wie alles</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Ordered for at most %1, %2 left; the steps come to %3.</source>
        <translation>Bestellt für höchstens %1, davon sind %2 übrig; die Schritte kosten %3.</translation>
    </message>
    <message>
        <source>Nothing of them fits.</source>
        <translation>Nichts davon passt hinein.</translation>
    </message>
    <message>
        <source>Within it, %1 in all: %2.</source>
        <translation>Darin, zusammen %1: %2.</translation>
    </message>
</context>
<context>
    <name>fm::OwnPointsList</name>
    <message>
        <source>a point of your own to look at</source>
        <translation>ein eigener Punkt zum Ansehen</translation>
    </message>
    <message>
        <source>a point of your own…</source>
        <translation>ein eigener Punkt …</translation>
    </message>
    <message>
        <source>point %1</source>
        <translation>Punkt %1</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation>fraglich</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>note on %1</source>
        <translation>Notiz zu %1</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>away</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>%1 is not looked at any more</source>
        <translation>%1 wird nicht mehr angesehen</translation>
    </message>
    <message>
        <source>%1: seen</source>
        <translation>%1: gesehen</translation>
    </message>
    <message>
        <source>without %1</source>
        <translation>ohne %1</translation>
    </message>
</context>
<context>
    <name>fm::PageView</name>
    <message>
        <source>Pages as they will be printed</source>
        <translation>Seiten, wie sie gedruckt werden</translation>
    </message>
</context>
<context>
    <name>fm::PartCanvas</name>
    <message>
        <source>edge to the bass string</source>
        <translation>Rand bis Basssaite</translation>
    </message>
    <message>
        <source>edge to the treble string</source>
        <translation>Rand bis Diskantsaite</translation>
    </message>
    <message>
        <source>shift to the bass side</source>
        <translation>Versatz zur Bassseite</translation>
    </message>
    <message>
        <source>centre of this string</source>
        <translation>Mitte dieser Saite</translation>
    </message>
    <message>
        <source>by spread</source>
        <translation>Spreizung</translation>
    </message>
    <message>
        <source>by edges</source>
        <translation>nach Rand</translation>
    </message>
    <message>
        <source>Set the outer strings by their spread instead of the edges</source>
        <translation>Die Außensaiten nach ihrer Spreizung statt nach dem Rand setzen</translation>
    </message>
    <message>
        <source>Set the outer strings by the board&apos;s edges instead of their spread</source>
        <translation>Die Außensaiten nach dem Griffbrettrand statt nach ihrer Spreizung setzen</translation>
    </message>
</context>
<context>
    <name>fm::PartPages</name>
    <message>
        <source>%1 (Ctrl+%2)</source>
        <translation>%1 (Ctrl+%2)</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstände</translation>
    </message>
    <message>
        <source>equal centres</source>
        <translation>gleiche Mitten</translation>
    </message>
    <message>
        <source>quick to mark; thick strings crowd their neighbours</source>
        <translation>schnell anzureißen; dicke Saiten bedrängen ihre Nachbarn</translation>
    </message>
    <message>
        <source>equal gaps</source>
        <translation>gleiche Lücken</translation>
    </message>
    <message>
        <source>even under the fingers; centres differ from string to string</source>
        <translation>gleichmäßig unter den Fingern; die Mitten wechseln von Saite zu Saite</translation>
    </message>
    <message>
        <source>between</source>
        <translation>dazwischen</translation>
    </message>
    <message>
        <source>a blend: some of the even feel, some of the even centres</source>
        <translation>eine Mischung aus gleichmäßigem Griff und gleichen Mitten</translation>
    </message>
    <message>
        <source>as measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>somebody else&apos;s rule kept string by string; nothing is evened out</source>
        <translation>eine fremde Regel, Saite für Saite behalten; nichts wird ausgeglichen</translation>
    </message>
    <message>
        <source>share of equal gaps</source>
        <translation>Anteil gleicher Lücken</translation>
    </message>
    <message>
        <source>share of gaps</source>
        <translation>Anteil Lücken</translation>
    </message>
    <message>
        <source>distance in a course</source>
        <translation>Abstand im Chor</translation>
    </message>
    <message>
        <source>in a course</source>
        <translation>im Chor</translation>
    </message>
    <message>
        <source>spacing between</source>
        <translation>Abstände dazwischen</translation>
    </message>
    <message>
        <source>spacing as measured</source>
        <translation>Abstände wie gemessen</translation>
    </message>
    <message>
        <source>outer strings by edge</source>
        <translation>Außensaiten nach Rand</translation>
    </message>
    <message>
        <source>outer strings by spread</source>
        <translation>Außensaiten nach Spreizung</translation>
    </message>
    <message>
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>blank length</source>
        <translation>Rohlinglänge</translation>
    </message>
    <message>
        <source>blank height</source>
        <translation>Rohlinghöhe</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>blank thickness</source>
        <translation>Rohlingdicke</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>slot of %1: %2</source>
        <translation>Kerbe von %1: %2</translation>
    </message>
</context>
<context>
    <name>fm::PhotoButton</name>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>It goes without its picture; the file stays in the job&apos;s folder</source>
        <translation>Es geht ohne sein Bild; die Datei bleibt im Ordner des Auftrags</translation>
    </message>
    <message>
        <source>A picture of it</source>
        <translation>Ein Bild davon</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.webp *.bmp *.gif *.tif *.tiff)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.webp *.bmp *.gif *.tif *.tiff)</translation>
    </message>
    <message>
        <source>a picture…</source>
        <translation>ein Bild …</translation>
    </message>
    <message>
        <source>Keep a picture of it in the job&apos;s folder</source>
        <translation>Ein Bild davon im Ordner des Auftrags behalten</translation>
    </message>
    <message>
        <source>Show the picture</source>
        <translation>Das Bild zeigen</translation>
    </message>
    <message>
        <source>%1 cannot be shown</source>
        <translation>%1 lässt sich nicht zeigen</translation>
    </message>
</context>
<context>
    <name>fm::PlacingCanvas</name>
    <message>
        <source>Drawing of the bridge&apos;s place</source>
        <translation>Zeichnung des Stegplatzes</translation>
    </message>
    <message>
        <source>at the nut</source>
        <translation>am Sattel</translation>
    </message>
    <message>
        <source>at fret 12</source>
        <translation>am Bund 12</translation>
    </message>
    <message>
        <source>at the last fret</source>
        <translation>am letzten Bund</translation>
    </message>
    <message>
        <source>bass string to the edge %1</source>
        <translation>Basssaite bis zum Rand %1</translation>
    </message>
    <message>
        <source>treble string to the edge %1</source>
        <translation>Diskantsaite bis zum Rand %1</translation>
    </message>
    <message>
        <source>shift toward the treble that balances the last fret</source>
        <translation>Versatz zum Diskant, der am letzten Bund ausgleicht</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>the outer strings&apos; margins along the board; across ×%1, the head to the left</source>
        <translation>Ränder der Außensaiten längs des Griffbretts; quer ×%1, der Kopf links</translation>
    </message>
    <message>
        <source>diagonal, bass to treble</source>
        <translation>Diagonale Bass–Diskant</translation>
    </message>
    <message>
        <source>diagonal, treble to bass</source>
        <translation>Diagonale Diskant–Bass</translation>
    </message>
    <message>
        <source>shift to the treble that balances the last fret</source>
        <translation>Versatz zum Diskant, der am letzten Bund ausgleicht</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Kante</translation>
    </message>
    <message>
        <source>crowns</source>
        <translation>Kronen</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Nut</translation>
    </message>
    <message>
        <source>fret 12 to the bridge, bass</source>
        <translation>Bund 12 bis zum Steg, Bass</translation>
    </message>
    <message>
        <source>fret 12 to the bridge, treble</source>
        <translation>Bund 12 bis zum Steg, Diskant</translation>
    </message>
    <message>
        <source>nut to the bridge, bass</source>
        <translation>Sattel bis zum Steg, Bass</translation>
    </message>
    <message>
        <source>nut to the bridge, treble</source>
        <translation>Sattel bis zum Steg, Diskant</translation>
    </message>
    <message>
        <source>diagonal, bass fret 12 to the treble side</source>
        <translation>Diagonale, Bund 12 Bass bis Diskantseite</translation>
    </message>
    <message>
        <source>diagonal, treble fret 12 to the bass side</source>
        <translation>Diagonale, Bund 12 Diskant bis Bassseite</translation>
    </message>
    <message>
        <source>fret 12 to %1, bass</source>
        <translation>Bund 12 bis %1, Bass</translation>
    </message>
    <message>
        <source>fret 12 to %1, treble</source>
        <translation>Bund 12 bis %1, Diskant</translation>
    </message>
    <message>
        <source>nut to %1, bass</source>
        <translation>Sattel bis %1, Bass</translation>
    </message>
    <message>
        <source>nut to %1, treble</source>
        <translation>Sattel bis %1, Diskant</translation>
    </message>
</context>
<context>
    <name>fm::PlanPicture</name>
    <message>
        <source>The plan, drawn</source>
        <translation>Der Plan, gezeichnet</translation>
    </message>
    <message>
        <source>bench</source>
        <translation>Bank</translation>
    </message>
    <message>
        <source>%1: at the bench</source>
        <translation>%1: an der Bank</translation>
    </message>
    <message>
        <source>%1: the station</source>
        <translation>%1: die Station</translation>
    </message>
    <message>
        <source>To the bench</source>
        <translation>An die Bank</translation>
    </message>
    <message>
        <source>To the intonation</source>
        <translation>Zur Intonation</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>leave</source>
        <translation>lassen</translation>
    </message>
    <message>
        <source>Nothing is left to do: read once more, and write the record.</source>
        <translation>Nichts mehr zu tun: noch einmal messen und das Protokoll schreiben.</translation>
    </message>
    <message>
        <source>%1 %2 min</source>
        <translation>%1 %2 min</translation>
    </message>
    <message>
        <source>+ %1 while %2: %3</source>
        <translation>+ %1, während %2: %3</translation>
    </message>
    <message>
        <source>%1 min of work, ready at %2 if begun now; written down %3 min</source>
        <translation>%1 min Arbeit, um %2 fertig, wenn jetzt begonnen; aufgeschrieben %3 min</translation>
    </message>
    <message>
        <source>± %1 each</source>
        <translation>je ± %1</translation>
    </message>
    <message>
        <source>± %1 to %2</source>
        <translation>± %1 bis %2</translation>
    </message>
    <message>
        <source>go</source>
        <translation>hin</translation>
    </message>
    <message>
        <source>%1: which way it goes, and why</source>
        <translation>%1: welchen Weg es geht, und warum</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>✓ there</source>
        <translation>✓ da</translation>
    </message>
</context>
<context>
    <name>fm::PlanView</name>
    <message>
        <source>%1, touches</source>
        <translation>%1, liegt auf</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>neck, saddle, nut</source>
        <translation>Hals, Einlage, Sattel</translation>
    </message>
    <message>
        <source>neck, nut, saddle</source>
        <translation>Hals, Sattel, Einlage</translation>
    </message>
    <message>
        <source>The plan</source>
        <translation>Der Plan</translation>
    </message>
    <message>
        <source>No string has both a nut and an action reading yet: the plan begins with what is there.</source>
        <translation>Noch hat keine Saite eine Messung am Sattel und eine der Saitenlage: der Plan beginnt mit dem, was da ist.</translation>
    </message>
    <message>
        <source>Read it at the survey.</source>
        <translation>Beim Befund messen.</translation>
    </message>
    <message>
        <source>Not read at both ends, and not in the plan: %1</source>
        <translation>Nicht an beiden Enden gemessen und nicht im Plan: %1</translation>
    </message>
    <message>
        <source>Nothing is left to do: read once more, and write the record.</source>
        <translation>Nichts bleibt zu tun: noch einmal messen und die Akte schreiben.</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Einlage</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>intonation</source>
        <translation>Intonation</translation>
    </message>
    <message>
        <source>%1 %2 min</source>
        <translation>%1 %2 min</translation>
    </message>
    <message>
        <source> + %1 while %2 (%3)</source>
        <translation> + %1, während %2 (%3)</translation>
    </message>
    <message>
        <source>%1 minutes of work; begun now it can be ready at %2. Written down so far: %3 minutes.</source>
        <translation>%1 Minuten Arbeit; jetzt begonnen, kann es um %2 fertig sein. Bisher aufgeschrieben: %3 Minuten.</translation>
    </message>
    <message>
        <source>Neck: relief</source>
        <translation>Hals: Krümmung</translation>
    </message>
    <message>
        <source>Saddle</source>
        <translation>Einlage</translation>
    </message>
    <message>
        <source>Nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>at the bench</source>
        <translation>an der Werkbank</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>take off</source>
        <translation>abnehmen</translation>
    </message>
    <message>
        <source>gap 1 should read</source>
        <translation>Spalt 1 soll zeigen</translation>
    </message>
    <message>
        <source>pressed at 2</source>
        <translation>gedrückt am 2.</translation>
    </message>
    <message>
        <source>at 3</source>
        <translation>am 3.</translation>
    </message>
    <message>
        <source>fret 12</source>
        <translation>Bund 12</translation>
    </message>
    <message>
        <source>with capo at 1</source>
        <translation>mit Kapodaster am 1.</translation>
    </message>
    <message>
        <source>at least </source>
        <translation>mindestens </translation>
    </message>
    <message>
        <source>↻ tighten the rod, less relief</source>
        <translation>↻ Stab anziehen, weniger Krümmung</translation>
    </message>
    <message>
        <source>↺ loosen the rod, more relief</source>
        <translation>↺ Stab lösen, mehr Krümmung</translation>
    </message>
    <message>
        <source>From %1 to %2, under a string held at frets %3 and %4: %5%6.</source>
        <translation>Von %1 auf %2, unter einer an Bund %3 und %4 gehaltenen Saite: %5%6.</translation>
    </message>
    <message>
        <source>, about %1/8 of a turn by this rod&apos;s own log</source>
        <translation>, nach den Aufzeichnungen dieses Stabes etwa %1/8 Drehung</translation>
    </message>
    <message>
        <source>Small turns; stop when it binds. A neck moves on after the wrench is put down: read again in an hour.</source>
        <translation>Kleine Drehungen; aufhören, wenn es klemmt. Ein Hals bewegt sich weiter, wenn der Schlüssel weggelegt ist: in einer Stunde noch einmal messen.</translation>
    </message>
    <message>
        <source>Packing under the saddle of %1, or a new one.</source>
        <translation>Einlage um %1 unterlegen oder eine neue.</translation>
    </message>
    <message>
        <source>Off its bottom in one: %1 at the bass string, %2 at the treble string; what a string still has is taken off the top.</source>
        <translation>Von der Unterseite in einem: %1 an der Basssaite, %2 an der Diskantsaite; was eine Saite noch hat, kommt von oben ab.</translation>
    </message>
    <message>
        <source>Slacken the strings first. Dust: mask and extraction. Follow your tools&apos; instructions and local rules.</source>
        <translation>Erst die Saiten entspannen. Staub: Maske und Absaugung. Anleitungen und örtliche Regeln befolgen.</translation>
    </message>
    <message>
        <source>File the slots; each with a file of its own width, stopping two standard deviations early.</source>
        <translation>Die Kerben feilen; jede mit einer Feile ihrer Breite, zwei Standardabweichungen vorher aufhören.</translation>
    </message>
    <message>
        <source>Shim of %1 under the whole nut, then file what stands too high.</source>
        <translation>Unterlage von %1 unter den ganzen Sattel, dann feilen, was zu hoch steht.</translation>
    </message>
    <message>
        <source>Fill %1 slots proud, let it cure, cut them anew.</source>
        <translation>%1 Kerben überhöht füllen, aushärten lassen, neu schneiden.</translation>
    </message>
    <message>
        <source>A shim of %1, or filling: decide at the nut.</source>
        <translation>Eine Unterlage von %1, oder füllen: am Sattel entscheiden.</translation>
    </message>
    <message>
        <source>A new nut: its sheet and the order of cuts are at Sheets.</source>
        <translation>Ein neuer Sattel: sein Blatt und die Schnittfolge stehen bei den Blättern.</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Files away from the hand; dust: mask; instant glue: fumes, eyes, fingers. Follow your tools&apos; instructions and local rules.</source>
        <translation>Feilen von der Hand weg; Staub: Maske; Sekundenkleber: Dämpfe, Augen, Finger. Anleitungen und örtliche Regeln befolgen.</translation>
    </message>
    <message>
        <source>%1 reads %2 where %3 was foretold</source>
        <translation>%1 zeigt %2, vorhergesagt war %3</translation>
    </message>
    <message>
        <source>That is more than the gauge explains: not there yet, a soft reading, or a neck still moving. Read it and the relief again in an hour; all else is worked out from what is read.</source>
        <translation>Das ist mehr, als das Messmittel erklärt: noch nicht am Ziel, eine weiche Messung oder ein Hals, der sich noch bewegt. In einer Stunde noch einmal messen, die Krümmung auch; alles andere wird aus dem Gemessenen errechnet.</translation>
    </message>
    <message>
        <source>down</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>%1 up</source>
        <translation>%1 hoch</translation>
    </message>
    <message>
        <source>%1 down</source>
        <translation>%1 tiefer</translation>
    </message>
    <message>
        <source>Screws: %1 at the bass, %2 at the treble.</source>
        <translation>Schrauben: %1 am Bass, %2 am Diskant.</translation>
    </message>
    <message>
        <source>Every saddle goes down by its own screw, by the amount in its row; minus is up.</source>
        <translation>Jeder Reiter geht mit seiner Schraube um das tiefer, was in seiner Zeile steht; minus ist höher.</translation>
    </message>
    <message>
        <source>Strings under tension: mind the eyes. Slacken before a screw is turned, tune, read again.</source>
        <translation>Saiten unter Spannung: Augen schützen. Entspannen, bevor eine Schraube gedreht wird, stimmen, wieder messen.</translation>
    </message>
    <message>
        <source>left (%1)</source>
        <translation>bleibt (%1)</translation>
    </message>
    <message>
        <source>%1%2 too low</source>
        <translation>%1%2 zu tief</translation>
    </message>
    <message>
        <source>too high</source>
        <translation>zu hoch</translation>
    </message>
    <message>
        <source>Left as found: what is missing or too much is within the gauge, or was left by choice.</source>
        <translation>Bleibt wie vorgefunden: was fehlt oder zu viel ist, liegt im Rahmen der Messgenauigkeit oder wurde belassen.</translation>
    </message>
    <message>
        <source>A new saddle, to the heights wanted: its sheet is at Sheets.</source>
        <translation>Eine neue Einlage auf die gewünschten Höhen: ihr Blatt liegt bei Blätter.</translation>
    </message>
    <message>
        <source>The relief was not read yet: it is left as it is.</source>
        <translation>Die Halskrümmung wurde noch nicht gemessen: sie bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Left as found: %1 ± %2, under a string held at frets %3 and %4. Heights are wanted over the neck as it stands.</source>
        <translation>Bleibt wie vorgefunden: %1 ± %2 unter einer an Bund %3 und %4 gehaltenen Saite. Die Höhen gelten über dem Hals, wie er steht.</translation>
    </message>
    <message>
        <source>Left as found: no slot is off by more than its gauges can tell, or it was left by choice.</source>
        <translation>Bleibt wie vorgefunden: keine Kerbe weicht um mehr ab, als ihre Messung unterscheiden kann, oder sie wurde belassen.</translation>
    </message>
    <message>
        <source>%1 off the nut&apos;s bottom in one; then file what still stands too high.</source>
        <translation>%1 in einem von der Unterseite des Sattels; dann feilen, was noch zu hoch steht.</translation>
    </message>
    <message>
        <source>No amount before the stop above is passed.</source>
        <translation>Kein Betrag, bevor der Halt oben übergangen ist.</translation>
    </message>
    <message>
        <source>Posts are never turned under tension: slacken, turn, tune, read again.</source>
        <translation>Bolzen werden nie unter Spannung gedreht: entspannen, drehen, stimmen, neu ablesen.</translation>
    </message>
    <message>
        <source>over fret 1</source>
        <translation>über Bund 1</translation>
    </message>
    <message>
        <source>over fret 12</source>
        <translation>über Bund 12</translation>
    </message>
    <message>
        <source>open</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>held at %1</source>
        <translation>gehalten am %1.</translation>
    </message>
    <message>
        <source>capo at 1</source>
        <translation>Kapo am 1.</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>relief, held at %1 and %2</source>
        <translation>Halskrümmung, gehalten an %1 und %2</translation>
    </message>
    <message>
        <source>can be turned back</source>
        <translation>lässt sich zurückdrehen</translation>
    </message>
    <message>
        <source>can be taken out again</source>
        <translation>lässt sich wieder herausnehmen</translation>
    </message>
    <message>
        <source>what is off stays off</source>
        <translation>was weg ist, bleibt weg</translation>
    </message>
    <message>
        <source>Intonation</source>
        <translation>Intonation</translation>
    </message>
    <message>
        <source>cents at fret 12</source>
        <translation>Cent am 12. Bund</translation>
    </message>
    <message>
        <source>can be moved back</source>
        <translation>lässt sich zurückschieben</translation>
    </message>
    <message>
        <source>Last of all: fret 12 of every string against a tuner.</source>
        <translation>Zuletzt: der 12. Bund jeder Saite gegen ein Stimmgerät.</translation>
    </message>
    <message>
        <source>%1 of %2 read with the heights as they are.</source>
        <translation>%1 von %2 gemessen bei den Höhen, wie sie sind.</translation>
    </message>
    <message>
        <source>a new one</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>%1 bass, %2 treble</source>
        <translation>%1 Bass, %2 Diskant</translation>
    </message>
    <message>
        <source>each its own</source>
        <translation>jede für sich</translation>
    </message>
    <message>
        <source>pack %1</source>
        <translation>unterlegen %1</translation>
    </message>
    <message>
        <source>shim %1</source>
        <translation>Unterlage %1</translation>
    </message>
    <message>
        <source>shim %1, or fill</source>
        <translation>Unterlage %1, oder füllen</translation>
    </message>
    <message>
        <source>%1 from below</source>
        <translation>%1 von unten</translation>
    </message>
    <message>
        <source>fill %1</source>
        <translation>%1 füllen</translation>
    </message>
    <message>
        <source>file, %1 at most</source>
        <translation>feilen, höchstens %1</translation>
    </message>
    <message>
        <source>exposed %1 → %2</source>
        <translation>frei %1 → %2</translation>
    </message>
    <message>
        <source>breaks %1° → %2°</source>
        <translation>knickt %1° → %2°</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Gezeigt</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>gezeichnet</translation>
    </message>
    <message>
        <source>as tables</source>
        <translation>als Tabellen</translation>
    </message>
    <message>
        <source>shimmed</source>
        <translation>unterlegt</translation>
    </message>
    <message>
        <source>to choose</source>
        <translation>zu wählen</translation>
    </message>
    <message>
        <source>pack it</source>
        <translation>unterlegen</translation>
    </message>
    <message>
        <source>lower it</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source> (proposed)</source>
        <translation> (vorgeschlagen)</translation>
    </message>
    <message>
        <source>Side by side: the verdict</source>
        <translation>Nebeneinander: das Urteil</translation>
    </message>
    <message>
        <source>this hand</source>
        <translation>diese Hand</translation>
    </message>
    <message>
        <source>a soft hand</source>
        <translation>eine weiche Hand</translation>
    </message>
    <message>
        <source>a normal hand</source>
        <translation>eine gewöhnliche Hand</translation>
    </message>
    <message>
        <source>a hard hand</source>
        <translation>eine harte Hand</translation>
    </message>
    <message>
        <source>No action is free of buzz under %1: the frets, or the neck.</source>
        <translation>Für %1 ist keine Saitenlage frei von Schnarren: die Bünde, oder der Hals.</translation>
    </message>
    <message>
        <source>As low as %1 plays it free: %2 bass, %3 treble</source>
        <translation>So tief spielt %1 es frei: %2 Bass, %3 Diskant</translation>
    </message>
    <message>
        <source> (open, %1 meets fret %2 first)</source>
        <translation> (leer trifft %1 zuerst Bund %2)</translation>
    </message>
    <message>
        <source> (%1 held at %2 meets fret %3 first)</source>
        <translation> (%1 an %2 gehalten trifft zuerst Bund %3)</translation>
    </message>
    <message>
        <source>%1 more relief buys nothing.</source>
        <translation>%1 mehr Krümmung bringt nichts.</translation>
    </message>
    <message>
        <source>%1 more relief: %2 lower.</source>
        <translation>%1 mehr Krümmung: %2 tiefer.</translation>
    </message>
    <message>
        <source>%1 more relief: %2 higher.</source>
        <translation>%1 mehr Krümmung: %2 höher.</translation>
    </message>
    <message>
        <source>The whole nut up on shims by %1; a nut that clamps is not filed.</source>
        <translation>Der ganze Sattel auf Unterlagen um %1 hoch; ein Klemmsattel wird nicht gefeilt.</translation>
    </message>
    <message>
        <source>fitted to what is ordered</source>
        <translation>an den Auftrag angepasst</translation>
    </message>
</context>
<context>
    <name>fm::Preferences</name>
    <message>
        <source>Preferences</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>This program</source>
        <translation>Dieses Programm</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>of the system</source>
        <translation>des Systems</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>evening</source>
        <translation>Abend</translation>
    </message>
    <message>
        <source>Text size (Ctrl+plus, Ctrl+minus, Ctrl+0)</source>
        <translation>Textgröße (Strg+Plus, Strg+Minus, Strg+0)</translation>
    </message>
    <message>
        <source>New jobs</source>
        <translation>Neue Aufträge</translation>
    </message>
    <message>
        <source>All lengths</source>
        <translation>Alle Längen</translation>
    </message>
    <message>
        <source>Scales and widths</source>
        <translation>Mensuren, Breiten</translation>
    </message>
    <message>
        <source>Gauges and thicknesses</source>
        <translation>Stärken, Dicken</translation>
    </message>
    <message>
        <source>Gaps, relief, cuts</source>
        <translation>Lücken, Abtrag</translation>
    </message>
    <message>
        <source>Height over fret 12</source>
        <translation>Höhe über Bund 12</translation>
    </message>
    <message>
        <source>Played</source>
        <translation>Gespielt</translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation>rechtshändig</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>linkshändig</translation>
    </message>
    <message>
        <source>The usual player&apos;s hand</source>
        <translation>Die übliche Hand</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>Tension</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>newton</source>
        <translation>Newton</translation>
    </message>
    <message>
        <source>pounds</source>
        <translation>Pfund</translation>
    </message>
    <message>
        <source>At the bench and on paper</source>
        <translation>An der Bank und auf Papier</translation>
    </message>
    <message>
        <source>Near enough in tune, once the tuner&apos;s ± is allowed for</source>
        <translation>Nahe genug gestimmt, das ± des Stimmgeräts abgezogen</translation>
    </message>
    <message>
        <source>Sounds when a string is there</source>
        <translation>Töne, wenn eine Saite stimmt</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
</context>
<context>
    <name>fm::PricePanel</name>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Einlage</translation>
    </message>
    <message>
        <source>bridge</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>nut, bought</source>
        <translation>Sattel, gekauft</translation>
    </message>
    <message>
        <source>saddle, bought</source>
        <translation>Einlage, gekauft</translation>
    </message>
    <message>
        <source>set-up</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>ordered for at most</source>
        <translation>bestellt für höchstens</translation>
    </message>
    <message>
        <source>Order and price</source>
        <translation>Auftrag und Preis</translation>
    </message>
    <message>
        <source>Ordered by the owner: it stands in the price</source>
        <translation>Vom Besitzer bestellt: Es steht im Preis</translation>
    </message>
    <message>
        <source>Price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>ordered for %1</source>
        <translation>bestellt für %1</translation>
    </message>
    <message>
        <source>what is ordered</source>
        <translation>was bestellt ist</translation>
    </message>
    <message>
        <source>%1: %2, %3 min</source>
        <translation>%1: %2, %3 min</translation>
    </message>
    <message>
        <source>The shop&apos;s tables hold neither rate nor blanks: no price.</source>
        <translation>Die Tabellen der Werkstatt enthalten weder Satz noch Rohlinge: kein Preis.</translation>
    </message>
    <message>
        <source>Together %1</source>
        <translation>Zusammen %1</translation>
    </message>
    <message>
        <source>Together %1, and what is missing above</source>
        <translation>Zusammen %1, und was oben fehlt</translation>
    </message>
    <message>
        <source>Ordered for %1; spent so far %2; left %3</source>
        <translation>Bestellt für %1; bisher verbraucht %2; übrig %3</translation>
    </message>
    <message>
        <source>%1: not known</source>
        <translation>%1: nicht bekannt</translation>
    </message>
    <message>
        <source>minutes ordered at most</source>
        <translation>Minuten höchstens bestellt</translation>
    </message>
    <message>
        <source>ordered for %1 min</source>
        <translation>bestellt: %1 min</translation>
    </message>
</context>
<context>
    <name>fm::PrinterPanel</name>
    <message>
        <source>Name of the printer</source>
        <translation>Name des Druckers</translation>
    </message>
    <message>
        <source>Printer</source>
        <translation>Drucker</translation>
    </message>
    <message>
        <source>The printer these sheets are for: one that was measured prints true</source>
        <translation>Der Drucker dieser Blätter: ein vermessener druckt maßhaltig</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>bar X reads</source>
        <translation>Balken X</translation>
    </message>
    <message>
        <source>bar Y reads</source>
        <translation>Balken Y</translation>
    </message>
    <message>
        <source>What a caliper reads on the test page, from cross line to cross line</source>
        <translation>Was der Messschieber auf der Testseite zeigt, von Querstrich zu Querstrich</translation>
    </message>
    <message>
        <source>as it is, not measured</source>
        <translation>wie er ist, nicht vermessen</translation>
    </message>
    <message>
        <source>give the printer a name first</source>
        <translation>zuerst dem Drucker einen Namen geben</translation>
    </message>
    <message>
        <source>a test page&apos;s bar reads %1 to %2</source>
        <translation>ein Balken der Testseite liest %1 bis %2</translation>
    </message>
</context>
<context>
    <name>fm::RecordStation</name>
    <message>
        <source>corrected</source>
        <translation>berichtigt</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Akte</translation>
    </message>
    <message>
        <source>The story, in order</source>
        <translation>Die Geschichte, der Reihe nach</translation>
    </message>
    <message>
        <source>Write down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>a note</source>
        <translation>eine Notiz</translation>
    </message>
    <message>
        <source>work done</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>a decision</source>
        <translation>eine Entscheidung</translation>
    </message>
    <message>
        <source>left undone</source>
        <translation>nicht getan</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>why</source>
        <translation>warum</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>How long it took, in minutes</source>
        <translation>Wie lange es dauerte, in Minuten</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Adds this to the record (Enter)</source>
        <translation>Fügt dies der Akte hinzu (Eingabe)</translation>
    </message>
    <message>
        <source>Correct the chosen line</source>
        <translation>Gewählte Zeile berichtigen</translation>
    </message>
    <message>
        <source>The chosen line in these words, with why; the old one stays in the file</source>
        <translation>Die gewählte Zeile in diesen Worten, mit Grund; die alte bleibt in der Datei</translation>
    </message>
    <message>
        <source>Take it out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>The chosen line counts no more; the file keeps it, with why</source>
        <translation>Die gewählte Zeile zählt nicht mehr; die Datei behält sie, mit Grund</translation>
    </message>
    <message>
        <source>Readings as left</source>
        <translation>Messungen beim Verlassen</translation>
    </message>
    <message>
        <source>What was read last is how the instrument leaves the bench</source>
        <translation>Was zuletzt gemessen wurde, so verlässt das Instrument die Werkbank</translation>
    </message>
    <message>
        <source>Page for the owner</source>
        <translation>Blatt für den Eigentümer</translation>
    </message>
    <message>
        <source>What was found, done and left, in plain words, as a sheet</source>
        <translation>Was gefunden, getan und gelassen wurde, in einfachen Worten, als Blatt</translation>
    </message>
    <message>
        <source>Pages for the shop</source>
        <translation>Blätter für die Werkstatt</translation>
    </message>
    <message>
        <source>Everything in order, as sheets</source>
        <translation>Alles der Reihe nach, als Blätter</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Vorher und nachher</translation>
    </message>
    <message>
        <source>Nothing is written yet: what was it?</source>
        <translation>Noch steht nichts da: was war es?</translation>
    </message>
    <message>
        <source>in the record: %1</source>
        <translation>in der Akte: %1</translation>
    </message>
    <message>
        <source>A correction says why: write it beside</source>
        <translation>Eine Berichtigung sagt, warum: daneben schreiben</translation>
    </message>
    <message>
        <source>reading taken out</source>
        <translation>Messung herausgenommen</translation>
    </message>
    <message>
        <source>line taken out</source>
        <translation>Zeile herausgenommen</translation>
    </message>
    <message>
        <source>line corrected</source>
        <translation>Zeile berichtigt</translation>
    </message>
    <message>
        <source>readings as left</source>
        <translation>Messungen beim Verlassen</translation>
    </message>
    <message>
        <source>%1 lines · %2 minutes of work · nothing is rewritten: a correction says what it corrects and why</source>
        <translation>%1 Zeilen · %2 Minuten Arbeit · nichts wird umgeschrieben: eine Berichtigung sagt, was sie berichtigt und warum</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>gap 1</source>
        <translation>Spalt 1</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>at 12</source>
        <translation>am 12.</translation>
    </message>
    <message>
        <source>relief: found %1, now %2
humidity: found %3, now %4</source>
        <translation>Halskrümmung: gefunden %1, jetzt %2
Feuchte: gefunden %3, jetzt %4</translation>
    </message>
    <message>
        <source>%1 minutes: allowed is 0 to 100000</source>
        <translation>%1 Minuten: erlaubt ist 0 bis 100000</translation>
    </message>
    <message>
        <source>Nothing was read since it was found: read it as it leaves, then write that down</source>
        <translation>Seit dem Fund wurde nichts gemessen: messen, wie es geht, dann das festhalten</translation>
    </message>
    <message>
        <source>1 line · %1 minutes of work · nothing is rewritten: a correction says what it corrects and why</source>
        <translation>1 Zeile · %1 Minuten Arbeit · nichts wird überschrieben: Eine Korrektur sagt, was sie korrigiert und warum</translation>
    </message>
    <message>
        <source>held %1</source>
        <translation>an %1</translation>
    </message>
    <message>
        <source>Gap over fret 1 of the open string, as found</source>
        <translation>Lücke der leeren Saite über Bund 1, wie gefunden</translation>
    </message>
    <message>
        <source>Gap over fret 1 with the string held down at fret %1, as found</source>
        <translation>Lücke über Bund 1, die Saite an Bund %1 gedrückt, wie gefunden</translation>
    </message>
    <message>
        <source>Nothing yet. What is read, decided, filed, moved and printed comes here by itself, in order; a note is written below.</source>
        <translation>Noch nichts. Was gemessen, entschieden, gefeilt, verschoben und gedruckt wird, kommt von selbst hierher, der Reihe nach; eine Notiz wird unten geschrieben.</translation>
    </message>
    <message>
        <source>in order</source>
        <translation>der Reihe nach</translation>
    </message>
    <message>
        <source>over time</source>
        <translation>über die Zeit</translation>
    </message>
</context>
<context>
    <name>fm::SaddleCanvas</name>
    <message>
        <source>Drawing of the saddle</source>
        <translation>Zeichnung der Stegeinlage</translation>
    </message>
    <message>
        <source>string spread at the saddle</source>
        <translation>Saitenspreizung an der Stegeinlage</translation>
    </message>
    <message>
        <source>action at fret 12, bass</source>
        <translation>Saitenlage am Bund 12, Bass</translation>
    </message>
    <message>
        <source>action at fret 12, treble</source>
        <translation>Saitenlage am Bund 12, Diskant</translation>
    </message>
    <message>
        <source>action at fret 12, this string</source>
        <translation>Saitenlage am Bund 12, diese Saite</translation>
    </message>
    <message>
        <source>saddle thickness</source>
        <translation>Dicke der Stegeinlage</translation>
    </message>
    <message>
        <source>slot depth</source>
        <translation>Nuttiefe</translation>
    </message>
    <message>
        <source>saddle at the string</source>
        <translation>Stegeinlage an der Saite</translation>
    </message>
    <message>
        <source>thickness the crowns need</source>
        <translation>Dicke, die die Kronen brauchen</translation>
    </message>
    <message>
        <source>angle of the saddle</source>
        <translation>Winkel der Stegeinlage</translation>
    </message>
    <message>
        <source>saddle out of the bridge</source>
        <translation>Stegeinlage über dem Steg</translation>
    </message>
    <message>
        <source>break angle at the saddle</source>
        <translation>Knickwinkel an der Stegeinlage</translation>
    </message>
    <message>
        <source>over the packing</source>
        <translation>über der Unterlage</translation>
    </message>
    <message>
        <source>over the slot&apos;s floor</source>
        <translation>über dem Nutboden</translation>
    </message>
    <message>
        <source>over the soundboard</source>
        <translation>über der Decke</translation>
    </message>
    <message>
        <source>over the fret plane</source>
        <translation>über der Bundebene</translation>
    </message>
    <message>
        <source>to the bass</source>
        <translation>zum Bass</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>action at 12</source>
        <translation>Lage 12.</translation>
    </message>
    <message>
        <source>take off</source>
        <translation>abtragen</translation>
    </message>
    <message>
        <source>from front, ×%1</source>
        <translation>ab vorn, ×%1</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>span</source>
        <translation>Spanne</translation>
    </message>
    <message>
        <source>cut at %1</source>
        <translation>Schnitt bei %1</translation>
    </message>
    <message>
        <source>exposed</source>
        <translation>Überstand</translation>
    </message>
    <message>
        <source>break angle</source>
        <translation>Knickwinkel</translation>
    </message>
    <message>
        <source>saddle&apos;s angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>capo 1, at 12</source>
        <translation>Kapo 1, an 12</translation>
    </message>
    <message>
        <source>at 12,</source>
        <translation>Lage 12.,</translation>
    </message>
    <message>
        <source>from edge, ×%1</source>
        <translation>ab Kante, ×%1</translation>
    </message>
    <message>
        <source>crown from the front face, or the line or edge it is set from</source>
        <translation>Krone ab der Vorderseite oder der Linie oder Kante, von der sie gesetzt wird</translation>
    </message>
    <message>
        <source>from line, ×%1</source>
        <translation>ab Linie, ×%1</translation>
    </message>
</context>
<context>
    <name>fm::SaddlePages</name>
    <message>
        <source>Spacing</source>
        <translation>Abstände</translation>
    </message>
    <message>
        <source>Action read</source>
        <translation>Saitenlage gelesen</translation>
    </message>
    <message>
        <source>open</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>over fret 12, nothing pressed; the nut&apos;s height is in it</source>
        <translation>über Bund 12, nichts gedrückt; die Sattelhöhe steckt darin</translation>
    </message>
    <message>
        <source>capo at 1</source>
        <translation>Kapo am 1.</translation>
    </message>
    <message>
        <source>held at fret 1; the nut is left out of it</source>
        <translation>am Bund 1 gehalten; der Sattel bleibt außen vor</translation>
    </message>
    <message>
        <source>action read open</source>
        <translation>Saitenlage leer gelesen</translation>
    </message>
    <message>
        <source>action read with a capo</source>
        <translation>Saitenlage mit Kapo gelesen</translation>
    </message>
    <message>
        <source>Actions</source>
        <translation>Saitenlagen</translation>
    </message>
    <message>
        <source>by the outer strings</source>
        <translation>nach den Außensaiten</translation>
    </message>
    <message>
        <source>one by one</source>
        <translation>einzeln</translation>
    </message>
    <message>
        <source>actions one by one</source>
        <translation>Saitenlagen einzeln</translation>
    </message>
    <message>
        <source>actions by the outer strings</source>
        <translation>Saitenlagen nach den Außensaiten</translation>
    </message>
    <message>
        <source>Action</source>
        <translation>Saitenlage</translation>
    </message>
    <message>
        <source>what sets the height</source>
        <translation>was die Höhe stellt</translation>
    </message>
    <message>
        <source>Crowns</source>
        <translation>Kronen</translation>
    </message>
    <message>
        <source>fixed</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>the same compensation for every string, from an old rule or another instrument</source>
        <translation>dieselbe Kompensation für jede Saite, nach alter Regel oder anderem Instrument</translation>
    </message>
    <message>
        <source>fret 12 true</source>
        <translation>Bund 12 rein</translation>
    </message>
    <message>
        <source>the octave is right; the frets between err as they must</source>
        <translation>die Oktave stimmt; die Bünde dazwischen irren, wie sie müssen</translation>
    </message>
    <message>
        <source>all frets</source>
        <translation>alle Bünde</translation>
    </message>
    <message>
        <source>the least error over the whole board; fret 12 itself may be off a little</source>
        <translation>der kleinste Fehler über das ganze Griffbrett; Bund 12 selbst darf etwas abweichen</translation>
    </message>
    <message>
        <source>compensation of every string</source>
        <translation>Kompensation jeder Saite</translation>
    </message>
    <message>
        <source>compensation</source>
        <translation>Kompensation</translation>
    </message>
    <message>
        <source>Nut&apos;s front with it</source>
        <translation>Sattelvorderseite dazu</translation>
    </message>
    <message>
        <source>where it is</source>
        <translation>wo sie ist</translation>
    </message>
    <message>
        <source>the front stays as the nut gives it</source>
        <translation>die Vorderseite bleibt, wie der Sattel sie vorgibt</translation>
    </message>
    <message>
        <source>one for all</source>
        <translation>eine für alle</translation>
    </message>
    <message>
        <source>one set-forward for the whole nut</source>
        <translation>ein Vorsatz für den ganzen Sattel</translation>
    </message>
    <message>
        <source>each its own</source>
        <translation>jede ihre eigene</translation>
    </message>
    <message>
        <source>a stepped front, the least error of all</source>
        <translation>eine gestufte Vorderseite, der kleinste Fehler</translation>
    </message>
    <message>
        <source>nut&apos;s front with the crowns</source>
        <translation>Sattelvorderseite mit den Kronen</translation>
    </message>
    <message>
        <source>one compensation for all</source>
        <translation>eine Kompensation für alle</translation>
    </message>
    <message>
        <source>crowns for fret 12</source>
        <translation>Kronen für Bund 12</translation>
    </message>
    <message>
        <source>crowns for all frets</source>
        <translation>Kronen für alle Bünde</translation>
    </message>
    <message>
        <source>saddle length</source>
        <translation>Länge der Stegeinlage</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>radius of the ends</source>
        <translation>Radius der Enden</translation>
    </message>
    <message>
        <source>end radius</source>
        <translation>Endradius</translation>
    </message>
    <message>
        <source>lean toward the nut</source>
        <translation>Neigung zum Sattel</translation>
    </message>
    <message>
        <source>leans</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>pickup or packing in the slot</source>
        <translation>Tonabnehmer oder Unterlage in der Nut</translation>
    </message>
    <message>
        <source>under it</source>
        <translation>darunter</translation>
    </message>
    <message>
        <source>crown stays from the faces</source>
        <translation>Krone bleibt von den Flächen</translation>
    </message>
    <message>
        <source>crown inside</source>
        <translation>Krone innen um</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Werkstück</translation>
    </message>
    <message>
        <source>Saddle that is there</source>
        <translation>Vorhandene Stegeinlage</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>saddle that is there</source>
        <translation>vorhandene Stegeinlage</translation>
    </message>
    <message>
        <source>no saddle there</source>
        <translation>keine Stegeinlage vorhanden</translation>
    </message>
    <message>
        <source>its height at the bass string</source>
        <translation>ihre Höhe an der Basssaite</translation>
    </message>
    <message>
        <source>height bass</source>
        <translation>Höhe Bass</translation>
    </message>
    <message>
        <source>its height at the treble string</source>
        <translation>ihre Höhe an der Diskantsaite</translation>
    </message>
    <message>
        <source>height treble</source>
        <translation>Höhe Diskant</translation>
    </message>
    <message>
        <source>Single saddles</source>
        <translation>Einzelne Reiter</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>with a travel</source>
        <translation>mit Verstellweg</translation>
    </message>
    <message>
        <source>single saddles</source>
        <translation>einzelne Reiter</translation>
    </message>
    <message>
        <source>one saddle</source>
        <translation>eine Stegeinlage</translation>
    </message>
    <message>
        <source>travel from</source>
        <translation>Verstellweg von</translation>
    </message>
    <message>
        <source>travel to</source>
        <translation>Verstellweg bis</translation>
    </message>
    <message>
        <source>Height set by</source>
        <translation>Höhe gestellt durch</translation>
    </message>
    <message>
        <source>bottom and top</source>
        <translation>unten und oben</translation>
    </message>
    <message>
        <source>a screw each</source>
        <translation>je eine Schraube</translation>
    </message>
    <message>
        <source>two side screws</source>
        <translation>zwei Schrauben außen</translation>
    </message>
    <message>
        <source>bass screw from the centreline</source>
        <translation>Bassschraube ab der Mittellinie</translation>
    </message>
    <message>
        <source>bass screw</source>
        <translation>Bassschraube</translation>
    </message>
    <message>
        <source>treble screw from the centreline</source>
        <translation>Diskantschraube ab der Mittellinie</translation>
    </message>
    <message>
        <source>treble screw</source>
        <translation>Diskantschraube</translation>
    </message>
    <message>
        <source>There now</source>
        <translation>Vorhanden</translation>
    </message>
    <message>
        <source>two posts</source>
        <translation>zwei Pfosten</translation>
    </message>
    <message>
        <source>feet</source>
        <translation>Füße</translation>
    </message>
    <message>
        <source>wheels</source>
        <translation>Rädchen</translation>
    </message>
    <message>
        <source>straight line</source>
        <translation>gerade Linie</translation>
    </message>
    <message>
        <source>one straight slanted top: every string pays what its own crown is off that line</source>
        <translation>eine gerade, schräge Oberkante: jede Saite zahlt, was ihre eigene Krone neben der Linie liegt</translation>
    </message>
    <message>
        <source>crowns on one straight line</source>
        <translation>Kronen auf einer geraden Linie</translation>
    </message>
    <message>
        <source>Ends</source>
        <translation>Enden</translation>
    </message>
    <message>
        <source>margin alike</source>
        <translation>Überstand gleich</translation>
    </message>
    <message>
        <source>the same beyond both outer strings</source>
        <translation>gleich viel über beide Außensaiten hinaus</translation>
    </message>
    <message>
        <source>longer at one end than at the other</source>
        <translation>an einem Ende länger als am anderen</translation>
    </message>
    <message>
        <source>by its length</source>
        <translation>nach ihrer Länge</translation>
    </message>
    <message>
        <source>as long as is given, the strings in its middle</source>
        <translation>so lang wie angegeben, die Saiten in ihrer Mitte</translation>
    </message>
    <message>
        <source>margin beyond the outer strings</source>
        <translation>Überstand über die Außensaiten</translation>
    </message>
    <message>
        <source>margin</source>
        <translation>Überstand</translation>
    </message>
    <message>
        <source>margin beyond the bass string</source>
        <translation>Überstand über die Basssaite</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>margin beyond the treble string</source>
        <translation>Überstand über die Diskantsaite</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>saddle by its length</source>
        <translation>Stegeinlage nach ihrer Länge</translation>
    </message>
    <message>
        <source>saddle&apos;s ends alike</source>
        <translation>Enden der Stegeinlage gleich</translation>
    </message>
    <message>
        <source>saddle&apos;s ends each its own</source>
        <translation>Enden der Stegeinlage je für sich</translation>
    </message>
    <message>
        <source>each end its own</source>
        <translation>jedes Ende für sich</translation>
    </message>
</context>
<context>
    <name>fm::SaddleStation</name>
    <message>
        <source>Saddle</source>
        <translation>Stegeinlage</translation>
    </message>
    <message>
        <source>Saddle list</source>
        <translation>Einlagenliste</translation>
    </message>
    <message>
        <source>new saddle</source>
        <translation>neue Einlage</translation>
    </message>
    <message>
        <source>B</source>
        <translation>B</translation>
    </message>
    <message>
        <source>fitted saddle</source>
        <translation>vorhandene Einlage</translation>
    </message>
    <message>
        <source>found</source>
        <translation>vorgefunden</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>T</source>
        <translation>T</translation>
    </message>
    <message>
        <source>Which state is drawn</source>
        <translation>Welcher Zustand gezeichnet ist</translation>
    </message>
    <message>
        <source>at 12</source>
        <translation>am 12.</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>take off</source>
        <translation>abtragen</translation>
    </message>
    <message>
        <source>top</source>
        <translation>oben</translation>
    </message>
    <message>
        <source>notch</source>
        <translation>Kerbe</translation>
    </message>
    <message>
        <source>off</source>
        <translation>Abw.</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Krone</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>länger</translation>
    </message>
    <message>
        <source>nothing read yet: type what the gauge says over fret 12</source>
        <translation>noch nichts gelesen: eintippen, was die Lehre über Bund 12 sagt</translation>
    </message>
    <message>
        <source>pack under it, or a new saddle: %1</source>
        <translation>unterlegen, oder neue Einlage: %1</translation>
    </message>
    <message>
        <source>off the bottom: bass %1, treble %2</source>
        <translation>unten ab: Bass %1, Diskant %2</translation>
    </message>
    <message>
        <source>reserve: %1 toward the nut, %2 away from it</source>
        <translation>Reserve: %1 zum Sattel, %2 von ihm weg</translation>
    </message>
    <message>
        <source>top straight</source>
        <translation>oben gerade</translation>
    </message>
    <message>
        <source>top on radius %1, nearest block %2</source>
        <translation>oben Radius %1, nächster Block %2</translation>
    </message>
    <message>
        <source>top on radius %1</source>
        <translation>oben Radius %1</translation>
    </message>
    <message>
        <source>the floating bridge&apos;s top</source>
        <translation>die Oberseite des schwebenden Stegs</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>a straight line does not hold every crown</source>
        <translation>eine gerade Linie fasst nicht jede Krone</translation>
    </message>
    <message>
        <source>nothing read yet: enter the action in the list of the fitted saddle</source>
        <translation>noch nichts gelesen: die Saitenlage in die Liste der vorhandenen Einlage eintragen</translation>
    </message>
    <message>
        <source>down</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>every saddle by its own screw; minus is up</source>
        <translation>jeder Reiter mit seiner Schraube; minus ist höher</translation>
    </message>
    <message>
        <source>screws down: bass %1, treble %2; minus is up</source>
        <translation>Schrauben tiefer: Bass %1, Diskant %2; minus ist höher</translation>
    </message>
    <message>
        <source>from edge</source>
        <translation>ab Kante</translation>
    </message>
    <message>
        <source>single saddles</source>
        <translation>einzelne Reiter</translation>
    </message>
    <message>
        <source>the bar&apos;s top</source>
        <translation>die Oberkante des Balkens</translation>
    </message>
    <message>
        <source>from line</source>
        <translation>ab Linie</translation>
    </message>
</context>
<context>
    <name>fm::SeenRow</name>
    <message>
        <source>moves from side to side: too wide</source>
        <translation>bewegt sich seitlich: zu weit</translation>
    </message>
    <message>
        <source>the string is pinched and sits high</source>
        <translation>die Saite wird geklemmt und sitzt hoch</translation>
    </message>
    <message>
        <source>built up before: dust and glue, bone or a chip</source>
        <translation>schon aufgefüllt: Staub und Kleber, Knochen oder ein Span</translation>
    </message>
    <message>
        <source>no fall towards the head: the string bears somewhere along it</source>
        <translation>ohne Gefälle zum Kopf: die Saite liegt irgendwo darin auf</translation>
    </message>
    <message>
        <source>falls towards the fingerboard: the string bears at the head&apos;s side</source>
        <translation>fällt zum Griffbrett: die Saite liegt auf der Kopfseite auf</translation>
    </message>
    <message>
        <source>the string does not bear at the front edge</source>
        <translation>die Saite liegt an der Vorderkante nicht auf</translation>
    </message>
    <message>
        <source>nothing to see: clears what was seen before</source>
        <translation>nichts zu sehen: löscht, was vorher gesehen wurde</translation>
    </message>
    <message>
        <source>wiggles</source>
        <translation>wackelt</translation>
    </message>
    <message>
        <source>binds</source>
        <translation>klemmt</translation>
    </message>
    <message>
        <source>filled</source>
        <translation>gefüllt</translation>
    </message>
    <message>
        <source>floor flat</source>
        <translation>Grund flach</translation>
    </message>
    <message>
        <source>floor forward</source>
        <translation>fällt vor</translation>
    </message>
    <message>
        <source>front free</source>
        <translation>vorn frei</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>gut</translation>
    </message>
    <message>
        <source>Slot of %1: what is seen, several at once</source>
        <translation>Kerbe von %1: was zu sehen ist, mehreres zugleich</translation>
    </message>
</context>
<context>
    <name>fm::SerialGauge</name>
    <message>
        <source>half a line</source>
        <translation>eine halbe Zeile</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>fm::Session</name>
    <message>
        <source>Read the file again</source>
        <translation>Datei neu lesen</translation>
    </message>
</context>
<context>
    <name>fm::SheetStation</name>
    <message>
        <source>Sheets</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>What is shown</source>
        <translation>Was zu sehen ist</translation>
    </message>
    <message>
        <source>Print or save this sheet</source>
        <translation>Dieses Blatt drucken oder speichern</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Second unit</source>
        <translation>Zweite Einheit</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>in brackets</source>
        <translation>in Klammern</translation>
    </message>
    <message>
        <source>Language of the sheets</source>
        <translation>Sprache der Blätter</translation>
    </message>
    <message>
        <source>the window&apos;s</source>
        <translation>des Fensters</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>Print these sheets in true size (Ctrl+P)</source>
        <translation>Diese Blätter in wahrer Größe drucken (Strg+P)</translation>
    </message>
    <message>
        <source>Save as a file…</source>
        <translation>Als Datei speichern…</translation>
    </message>
    <message>
        <source>Save these sheets as PDF, SVG or DXF (Ctrl+E)</source>
        <translation>Diese Blätter als PDF, SVG oder DXF speichern (Strg+E)</translation>
    </message>
    <message>
        <source>Printed before</source>
        <translation>Früher gedruckt</translation>
    </message>
    <message>
        <source>choose a sheet</source>
        <translation>ein Blatt wählen</translation>
    </message>
    <message>
        <source>1 page</source>
        <translation>1 Seite</translation>
    </message>
    <message>
        <source>%1 pages</source>
        <translation>%1 Seiten</translation>
    </message>
    <message>
        <source>revision %1</source>
        <translation>Revision %1</translation>
    </message>
    <message>
        <source>%1, revision %2: %3</source>
        <translation>%1, Revision %2: %3</translation>
    </message>
    <message>
        <source>Not printed yet. What changes after a print is marked ▲ on the next.</source>
        <translation>Noch nicht gedruckt. Was sich nach einem Druck ändert, trägt auf dem nächsten ein ▲.</translation>
    </message>
    <message>
        <source>Printed:</source>
        <translation>Gedruckt:</translation>
    </message>
    <message>
        <source>choose a sheet first</source>
        <translation>zuerst ein Blatt wählen</translation>
    </message>
    <message>
        <source>%1 must end in .pdf, .svg or .dxf</source>
        <translation>%1 muss auf .pdf, .svg oder .dxf enden</translation>
    </message>
    <message>
        <source>sheets saved as %1</source>
        <translation>Blätter gespeichert als %1</translation>
    </message>
    <message>
        <source>the printer did not take the sheets; the job is as it was</source>
        <translation>der Drucker nahm die Blätter nicht an; der Auftrag ist, wie er war</translation>
    </message>
    <message>
        <source>sheets printed</source>
        <translation>Blätter gedruckt</translation>
    </message>
    <message>
        <source>Save the sheets</source>
        <translation>Blätter speichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;SVG in mm (*.svg);;DXF in mm (*.dxf)</source>
        <translation>PDF (*.pdf);;SVG in mm (*.svg);;DXF in mm (*.dxf)</translation>
    </message>
    <message>
        <source>Print at 100 %, not fitted to the page</source>
        <translation>Mit 100 % drucken, nicht an die Seite angepasst</translation>
    </message>
</context>
<context>
    <name>fm::ShopModel</name>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>add…</source>
        <translation>neu …</translation>
    </message>
    <message>
        <source>row %1, %2</source>
        <translation>Zeile %1, %2</translation>
    </message>
    <message>
        <source>%1, row %2</source>
        <translation>%1, Zeile %2</translation>
    </message>
    <message>
        <source>%1: row taken out</source>
        <translation>%1: Zeile herausgenommen</translation>
    </message>
    <message>
        <source>%1: %2 rows more</source>
        <translation>%1: %2 Zeilen mehr</translation>
    </message>
    <message>
        <source>%1: pasted</source>
        <translation>%1: eingefügt</translation>
    </message>
</context>
<context>
    <name>fm::ShopWindow</name>
    <message>
        <source>The shop&apos;s things</source>
        <translation>Was die Werkstatt hat</translation>
    </message>
    <message>
        <source>Lists of the shop</source>
        <translation>Listen der Werkstatt</translation>
    </message>
    <message>
        <source>A usual set</source>
        <translation>Ein üblicher Satz</translation>
    </message>
    <message>
        <source>Begins the list with what a shop usually has; take out what is not there</source>
        <translation>Beginnt die Liste mit dem, was eine Werkstatt meist hat; was fehlt, herausnehmen</translation>
    </message>
    <message>
        <source>These are ours</source>
        <translation>Das sind unsere</translation>
    </message>
    <message>
        <source>The usual set is what lies in the drawer</source>
        <translation>Der übliche Satz ist, was in der Schublade liegt</translation>
    </message>
    <message>
        <source>ours</source>
        <translation>unsere</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>The chosen rows (Del)</source>
        <translation>Die gewählten Zeilen (Entf)</translation>
    </message>
    <message>
        <source>Paste</source>
        <translation>Einfügen</translation>
    </message>
    <message>
        <source>Rows from a table or from text, from the chosen cell on (Ctrl+V)</source>
        <translation>Zeilen aus einer Tabelle oder aus Text, ab der gewählten Zelle (Strg+V)</translation>
    </message>
    <message>
        <source>From a file…</source>
        <translation>Aus Datei …</translation>
    </message>
    <message>
        <source>Rows from a CSV file, behind those here; a set of strings among the sets</source>
        <translation>Zeilen aus einer CSV-Datei, hinter denen hier; einen Saitensatz zu den Sätzen</translation>
    </message>
    <message>
        <source>To a file…</source>
        <translation>In Datei …</translation>
    </message>
    <message>
        <source>This list as a CSV file</source>
        <translation>Diese Liste als CSV-Datei</translation>
    </message>
    <message numerus="yes">
        <source>%n row(s) kept once the marked cells are filled in</source>
        <translation>
            <numerusform>%n Zeile wird behalten, sobald die markierten Zellen gefüllt sind</numerusform>
            <numerusform>%n Zeilen werden behalten, sobald die markierten Zellen gefüllt sind</numerusform>
        </translation>
    </message>
    <message>
        <source>A usual set, not yet yours: take out what you do not have.</source>
        <translation>Ein üblicher Satz, noch nicht deiner: nimm heraus, was du nicht hast.</translation>
    </message>
    <message>
        <source>Not listed yet.</source>
        <translation>Noch nicht aufgeführt.</translation>
    </message>
    <message>
        <source>Nothing to paste.</source>
        <translation>Nichts einzufügen.</translation>
    </message>
    <message>
        <source>Rows from a file</source>
        <translation>Zeilen aus einer Datei</translation>
    </message>
    <message>
        <source>Tables (*.csv *.tsv *.txt);;All files (*)</source>
        <translation>Tabellen (*.csv *.tsv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>This list as a file</source>
        <translation>Diese Liste als Datei</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Written to %1</source>
        <translation>In %1 geschrieben</translation>
    </message>
    <message>
        <source>a usual set</source>
        <translation>ein üblicher Satz</translation>
    </message>
</context>
<context>
    <name>fm::StationFrame</name>
    <message>
        <source>for reading only</source>
        <translation>nur zum Lesen</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und %n weitere</numerusform>
            <numerusform>und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>only the first</source>
        <translation>nur der erste</translation>
    </message>
    <message>
        <source>Doubts: %1</source>
        <translation>Zweifel: %1</translation>
    </message>
    <message>
        <source>reading %1, %2</source>
        <translation>Messung %1, %2</translation>
    </message>
    <message>
        <source>≈ is assumed: type what you read, Enter leads on</source>
        <translation>≈ ist angenommen: eingeben, was du misst; Enter führt weiter</translation>
    </message>
</context>
<context>
    <name>fm::StationPath</name>
    <message>
        <source>Next</source>
        <translation>Als Nächstes</translation>
    </message>
    <message>
        <source>%1 strings, %2 courses</source>
        <translation>%1 Saiten, %2 Chöre</translation>
    </message>
    <message>
        <source>%1 strings</source>
        <translation>%1 Saiten</translation>
    </message>
    <message>
        <source>scale %1 to %2 %3</source>
        <translation>Mensur %1 bis %2 %3</translation>
    </message>
    <message>
        <source>scale %1 %2</source>
        <translation>Mensur %1 %2</translation>
    </message>
    <message>
        <source>owner %1</source>
        <translation>Eigentümer %1</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>linkshändig</translation>
    </message>
    <message>
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>Open %1</source>
        <translation>%1 öffnen</translation>
    </message>
    <message>
        <source>The jobs of this workshop</source>
        <translation>Die Aufträge dieser Werkstatt</translation>
    </message>
    <message>
        <source>The jobs of %1</source>
        <translation>Die Aufträge von %1</translation>
    </message>
    <message>
        <source>Print again what has changed</source>
        <translation>Neu drucken, was sich geändert hat</translation>
    </message>
    <message>
        <source>1 string</source>
        <translation>1 Saite</translation>
    </message>
    <message>
        <source>Stop: the plan (N) says why</source>
        <translation>Halt: Der Plan (N) sagt, warum</translation>
    </message>
    <message numerus="yes">
        <source>%n assumed, not measured</source>
        <translation>
            <numerusform>%n angenommen, nicht gemessen</numerusform>
            <numerusform>%n angenommen, nicht gemessen</numerusform>
        </translation>
    </message>
    <message>
        <source>All jobs, and a new one (Ctrl+J)</source>
        <translation>Alle Aufträge und ein neuer (Strg+J)</translation>
    </message>
    <message>
        <source>Goes there (Ctrl+G)</source>
        <translation>Dorthin (Strg+G)</translation>
    </message>
    <message>
        <source>First %1</source>
        <translation>Zuerst %1</translation>
    </message>
</context>
<context>
    <name>fm::StationWords</name>
    <message>
        <source>Nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>read, %1 slots</source>
        <translation>gemessen, %1 Kerben</translation>
    </message>
    <message>
        <source>%1 slots to cut</source>
        <translation>%1 Kerben zu schneiden</translation>
    </message>
    <message>
        <source>File to the gaps wanted</source>
        <translation>Auf die gewünschte Luft feilen</translation>
    </message>
    <message>
        <source>Fret tops onto the blank</source>
        <translation>Bundkronen auf den Rohling</translation>
    </message>
    <message>
        <source>Brass may hold lead: wash hands. File toward the vice, mind the edges. Follow your tools&apos; instructions and local rules.</source>
        <translation>Messing kann Blei enthalten: Hände waschen. Zum Schraubstock hin feilen, auf Kanten achten. Anleitungen und örtlichen Regeln folgen.</translation>
    </message>
    <message>
        <source>Some woods sensitise: mask and extraction. Blades away from the hand. Follow your tools&apos; instructions and local rules.</source>
        <translation>Manche Hölzer sensibilisieren: Maske und Absaugung. Klingen von der Hand weg. Anleitungen und örtlichen Regeln folgen.</translation>
    </message>
    <message>
        <source>Dust: mask and extraction. Files and saws away from the hand. Follow your tools&apos; instructions and local rules.</source>
        <translation>Staub: Maske und Absaugung. Feilen und Sägen von der Hand weg. Anleitungen und örtlichen Regeln folgen.</translation>
    </message>
    <message>
        <source>Strings</source>
        <translation>Saiten</translation>
    </message>
    <message>
        <source>Fill the low or wide slots</source>
        <translation>Tiefe oder weite Kerben füllen</translation>
    </message>
    <message>
        <source>Shim the nut, then file</source>
        <translation>Den Sattel unterlegen, dann feilen</translation>
    </message>
    <message>
        <source>Make a new nut</source>
        <translation>Einen neuen Sattel machen</translation>
    </message>
    <message>
        <source>Shim or fill: decide</source>
        <translation>Unterlegen oder füllen: entscheiden</translation>
    </message>
    <message>
        <source>Truss rod: small turns, stop when it binds, know its direction. When unsure, ask a trained repairer.</source>
        <translation>Halsstab: kleine Drehungen, bei Widerstand aufhören, die Richtung kennen. Im Zweifel eine gelernte Fachkraft fragen.</translation>
    </message>
    <message>
        <source>Strings under tension: mind the eyes. Slacken before cutting or taking one off.</source>
        <translation>Saiten unter Spannung: auf die Augen achten. Vor dem Schneiden oder Abnehmen entspannen.</translation>
    </message>
    <message>
        <source>Slacken the strings before lifting a bridge or pulling pins. Drill with the work clamped. A lifted bridge is a job for a trained repairer.</source>
        <translation>Entspannen, bevor ein Steg gehoben oder Pins gezogen werden. Nur Eingespanntes bohren. Gelöster Steg: zur Fachkraft.</translation>
    </message>
    <message>
        <source>Read the relief</source>
        <translation>Halskrümmung lesen</translation>
    </message>
    <message>
        <source>Tighten the rod: less relief</source>
        <translation>Stab anziehen: weniger Krümmung</translation>
    </message>
    <message>
        <source>Slacken the rod: more relief</source>
        <translation>Stab lösen: mehr Krümmung</translation>
    </message>
    <message>
        <source>Fit the thickness to its slot</source>
        <translation>Dicke in die Nut passen</translation>
    </message>
    <message>
        <source>Pack it up, or make a new one</source>
        <translation>Unterlegen oder neu machen</translation>
    </message>
    <message>
        <source>Take its bottom down, then the top</source>
        <translation>Erst unten abnehmen, dann oben</translation>
    </message>
    <message>
        <source>Turn the screws down</source>
        <translation>Schrauben tiefer drehen</translation>
    </message>
    <message>
        <source>none in this job</source>
        <translation>keiner in diesem Auftrag</translation>
    </message>
    <message>
        <source>%1 high</source>
        <translation>%1 hoch</translation>
    </message>
    <message>
        <source>floating</source>
        <translation>schwebend</translation>
    </message>
    <message>
        <source>Gauge every string</source>
        <translation>Jede Saite messen</translation>
    </message>
    <message>
        <source>Neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>The neck: scale, frets, board, relief (Alt+2)</source>
        <translation>Der Hals: Mensur, Bünde, Griffbrett, Krümmung (Alt+2)</translation>
    </message>
    <message>
        <source>The strings: pitch, gauge, make-up, tension (Alt+3)</source>
        <translation>Die Saiten: Tonhöhe, Stärke, Machart, Spannung (Alt+3)</translation>
    </message>
    <message>
        <source>The nut: spacing, heights, slots (Alt+4)</source>
        <translation>Der Sattel: Abstände, Höhen, Kerben (Alt+4)</translation>
    </message>
    <message>
        <source>Saddle</source>
        <translation>Stegeinlage</translation>
    </message>
    <message>
        <source>The saddle: action, crowns, the piece (Alt+5)</source>
        <translation>Die Stegeinlage: Saitenlage, Kronen, Werkstück (Alt+5)</translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>The bridge: height, anchor, outline, its place (Alt+6)</source>
        <translation>Der Steg: Höhe, Halt, Umriss, sein Platz (Alt+6)</translation>
    </message>
    <message>
        <source>relief %1</source>
        <translation>Krümmung %1</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>read at fret 12</source>
        <translation>am Bund 12 gelesen</translation>
    </message>
    <message>
        <source>to be made</source>
        <translation>anzufertigen</translation>
    </message>
    <message>
        <source>Strings under tension: mind the eyes. A lifted bridge, a loose brace or a stuck rod is a job for a trained repairer.</source>
        <translation>Saiten unter Spannung: auf die Augen achten. Ein gelöster Steg, ein loser Balken oder ein fester Halsstab ist Arbeit für eine geübte Hand.</translation>
    </message>
    <message>
        <source>Look for: %1</source>
        <translation>Ansehen: %1</translation>
    </message>
    <message>
        <source>Looked at and read</source>
        <translation>Angesehen und gemessen</translation>
    </message>
    <message>
        <source>Read gap and height, string by string</source>
        <translation>Lücke und Höhe messen, Saite für Saite</translation>
    </message>
    <message>
        <source>Survey</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>The survey: what to look at, readings as found (Alt+1)</source>
        <translation>Der Befund: was anzusehen ist, Messungen im Fundzustand (Alt+1)</translation>
    </message>
    <message>
        <source>not looked at</source>
        <translation>nicht angesehen</translation>
    </message>
    <message>
        <source>%1 found</source>
        <translation>%1 gefunden</translation>
    </message>
    <message>
        <source>%1 of %2 looked at</source>
        <translation>%1 von %2 angesehen</translation>
    </message>
    <message>
        <source>Print at 100 %. Measure the bars with a caliper before anything is cut by a sheet.</source>
        <translation>Mit 100 % drucken. Die Balken mit dem Messschieber prüfen, bevor nach einem Blatt geschnitten wird.</translation>
    </message>
    <message>
        <source>not printed</source>
        <translation>nicht gedruckt</translation>
    </message>
    <message>
        <source>revision %1 printed</source>
        <translation>Revision %1 gedruckt</translation>
    </message>
    <message>
        <source>Print the sheets of the parts to be cut</source>
        <translation>Blätter der Teile drucken</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>Strings under tension: mind the eyes. Slacken before a crown or a screw is moved.</source>
        <translation>Saiten unter Spannung: Augen schützen. Entspannen, bevor eine Krone oder Schraube bewegt wird.</translation>
    </message>
    <message>
        <source>%1 of %2 read</source>
        <translation>%1 von %2 gemessen</translation>
    </message>
    <message>
        <source>Read fret 12 of every string, in cents</source>
        <translation>Bund 12 jeder Saite messen, in Cent</translation>
    </message>
    <message>
        <source>Move, tune, and read again</source>
        <translation>Schieben, stimmen und wieder messen</translation>
    </message>
    <message>
        <source>Write down what was done, and what was left</source>
        <translation>Aufschreiben, was getan und was gelassen wurde</translation>
    </message>
    <message>
        <source>Intonation</source>
        <translation>Intonation</translation>
    </message>
    <message>
        <source>The intonation: cents as read, crowns as moved (Alt+7)</source>
        <translation>Die Intonation: Cent wie gemessen, Kronen wie verschoben (Alt+7)</translation>
    </message>
    <message>
        <source>The sheets: templates, lists and cards on paper (Alt+8)</source>
        <translation>Die Blätter: Schablonen, Listen und Karten auf Papier (Alt+8)</translation>
    </message>
    <message>
        <source>Record</source>
        <translation>Akte</translation>
    </message>
    <message>
        <source>The record: found, heard, decided, done and left (Alt+9)</source>
        <translation>Die Akte: gefunden, gehört, entschieden, getan und gelassen (Alt+9)</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>nothing written yet</source>
        <translation>noch leer</translation>
    </message>
    <message>
        <source>Turn the screws up</source>
        <translation>Die Schrauben höher drehen</translation>
    </message>
    <message>
        <source>Turn the screws, each its own way</source>
        <translation>Die Schrauben drehen, jede in ihre Richtung</translation>
    </message>
    <message>
        <source>Nothing to do: none in this job</source>
        <translation>Nichts: kein Steg</translation>
    </message>
    <message>
        <source>Cut by the sheets that were printed</source>
        <translation>Nach den gedruckten Blättern schneiden</translation>
    </message>
    <message>
        <source>read, 1 slot</source>
        <translation>gemessen, 1 Kerbe</translation>
    </message>
    <message>
        <source>1 slot to cut</source>
        <translation>1 Kerbe zu schneiden</translation>
    </message>
    <message>
        <source>1 line</source>
        <translation>1 Zeile</translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation>%1 Zeilen</translation>
    </message>
    <message>
        <source>Read the gaps over fret 1</source>
        <translation>Luft über Bund 1 messen</translation>
    </message>
    <message>
        <source>Leave it: within the gauge</source>
        <translation>Belassen: in der Messgenauigkeit</translation>
    </message>
    <message>
        <source>Take it down from below</source>
        <translation>Von unten abnehmen</translation>
    </message>
    <message>
        <source>Leave the relief: within the gauge</source>
        <translation>Krümmung belassen: in der Messgenauigkeit</translation>
    </message>
    <message>
        <source>Make a new saddle</source>
        <translation>Neue Einlage machen</translation>
    </message>
    <message>
        <source>to be read again</source>
        <translation>neu abzulesen</translation>
    </message>
    <message>
        <source>S&amp;trings</source>
        <translation>S&amp;aiten</translation>
    </message>
    <message>
        <source>Go to the strings</source>
        <translation>Zu den Saiten</translation>
    </message>
    <message>
        <source>N&amp;ut</source>
        <translation>Satte&amp;l</translation>
    </message>
    <message>
        <source>Go to the nut</source>
        <translation>Zum Sattel</translation>
    </message>
    <message>
        <source>Nec&amp;k</source>
        <translation>&amp;Hals</translation>
    </message>
    <message>
        <source>Go to the neck</source>
        <translation>Zum Hals gehen</translation>
    </message>
    <message>
        <source>Sa&amp;ddle</source>
        <translation>Stege&amp;inlage</translation>
    </message>
    <message>
        <source>Go to the saddle</source>
        <translation>Zur Stegeinlage gehen</translation>
    </message>
    <message>
        <source>Brid&amp;ge</source>
        <translation>Ste&amp;g</translation>
    </message>
    <message>
        <source>Go to the bridge</source>
        <translation>Zum Steg gehen</translation>
    </message>
    <message>
        <source>Su&amp;rvey</source>
        <translation>&amp;Befund</translation>
    </message>
    <message>
        <source>Go to the survey</source>
        <translation>Zum Befund</translation>
    </message>
    <message>
        <source>Sheet&amp;s</source>
        <translation>&amp;Blätter</translation>
    </message>
    <message>
        <source>Go to the sheets: templates, lists and cards</source>
        <translation>Zu den Blättern: Schablonen, Listen und Karten</translation>
    </message>
    <message>
        <source>&amp;Intonation</source>
        <translation>&amp;Intonation</translation>
    </message>
    <message>
        <source>Go to the intonation: cents and crowns</source>
        <translation>Zur Intonation: Cent und Kronen</translation>
    </message>
    <message>
        <source>Re&amp;cord</source>
        <translation>A&amp;kte</translation>
    </message>
    <message>
        <source>Go to the record: found, decided, done, left</source>
        <translation>Zur Akte: gefunden, entschieden, getan, gelassen</translation>
    </message>
    <message>
        <source>single saddles</source>
        <translation>einzelne Reiter</translation>
    </message>
    <message>
        <source>on two posts</source>
        <translation>auf zwei Pfosten</translation>
    </message>
    <message>
        <source>glued</source>
        <translation>aufgeleimt</translation>
    </message>
    <message>
        <source>Set every crown from the reference edge</source>
        <translation>Jede Krone ab der Bezugskante stellen</translation>
    </message>
    <message>
        <source>Cut the notches of its top</source>
        <translation>Die Kerben der Oberkante schneiden</translation>
    </message>
    <message>
        <source>Set the bar square, then its height</source>
        <translation>Den Balken winklig stellen, dann seine Höhe</translation>
    </message>
    <message>
        <source>Change strings one at a time: with all of them off it falls, and what stands inside under a foot can fall, too.</source>
        <translation>Saiten einzeln wechseln: Sind alle ab, fällt er um, und was innen unter einem Fuß steht, kann auch umfallen.</translation>
    </message>
    <message>
        <source>Slacken the strings before posts are turned far. Drill in a press with the work clamped; what is drilled through is.</source>
        <translation>Saiten entspannen, bevor Pfosten weit gedreht werden. Im Bohrständer mit gespanntem Werkstück bohren; durchgebohrt ist durchgebohrt.</translation>
    </message>
    <message>
        <source>Set it up by fret 12, both sides</source>
        <translation>Nach Bund 12 aufstellen, beidseits</translation>
    </message>
    <message>
        <source>Check the edge at both outer strings</source>
        <translation>Die Kante an beiden Seiten prüfen</translation>
    </message>
    <message>
        <source>Give the saddles&apos; travel</source>
        <translation>Den Weg der Reiter angeben</translation>
    </message>
    <message>
        <source>Check the posts&apos; line, both sides</source>
        <translation>Die Pfostenlinie beidseits prüfen</translation>
    </message>
    <message>
        <source>Check the place at both outer strings</source>
        <translation>Platz an beiden Außensaiten prüfen</translation>
    </message>
    <message>
        <source>to be set</source>
        <translation>zu stellen</translation>
    </message>
    <message>
        <source>Unplug everything before working near a wire. Drill with the work clamped, no deeper than the screws.</source>
        <translation>Alles ausstecken, bevor man an einem Draht arbeitet. Mit gespanntem Werkstück bohren, nicht tiefer als die Schrauben.</translation>
    </message>
    <message>
        <source>%1 of %2 begun</source>
        <translation>%1 von %2 begonnen</translation>
    </message>
    <message>
        <source>begun</source>
        <translation>begonnen</translation>
    </message>
    <message>
        <source>read</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>at the bench</source>
        <translation>an der Werkbank</translation>
    </message>
    <message>
        <source>printed</source>
        <translation>gedruckt</translation>
    </message>
    <message>
        <source>%1 %2 in all</source>
        <translation>%1 %2 zusammen</translation>
    </message>
    <message>
        <source>Raise the nut on shims</source>
        <translation>Sattel auf Unterlagen heben</translation>
    </message>
</context>
<context>
    <name>fm::StopBar</name>
    <message>
        <source>Go on all the same</source>
        <translation>Trotzdem weiter</translation>
    </message>
    <message>
        <source>Passes this stop; the reason goes into the record</source>
        <translation>Übergeht diesen Halt; der Grund kommt in die Akte</translation>
    </message>
    <message>
        <source>What stops the work</source>
        <translation>Was die Arbeit anhält</translation>
    </message>
    <message>
        <source>why you go on all the same: what was mended, or who has looked at it</source>
        <translation>warum es trotzdem weitergeht: was repariert wurde oder wer es angesehen hat</translation>
    </message>
    <message>
        <source>Reason for going on</source>
        <translation>Grund weiterzumachen</translation>
    </message>
    <message>
        <source>before anything</source>
        <translation>vor allem anderen</translation>
    </message>
    <message>
        <source>at the neck</source>
        <translation>am Hals</translation>
    </message>
    <message>
        <source>at the saddle</source>
        <translation>an der Einlage</translation>
    </message>
    <message>
        <source>at the nut</source>
        <translation>am Sattel</translation>
    </message>
    <message>
        <source>▲ Stop, %1: %2.</source>
        <translation>▲ Halt, %1: %2.</translation>
    </message>
    <message>
        <source>(%1 more after it)</source>
        <translation>(danach noch %1)</translation>
    </message>
    <message>
        <source>Write down first why you go on: it stays in the record</source>
        <translation>Erst aufschreiben, warum es weitergeht: Es bleibt in der Akte</translation>
    </message>
    <message>
        <source>stop passed</source>
        <translation>Halt übergangen</translation>
    </message>
    <message>
        <source>No amount before the stop is passed: the plan (N) asks why.</source>
        <translation>Kein Betrag, bevor der Halt übergangen ist: Der Plan (N) fragt nach dem Grund.</translation>
    </message>
</context>
<context>
    <name>fm::StringWay</name>
    <message>
        <source>The string&apos;s way from post to anchor</source>
        <translation>Der Weg der Saite vom Wirbel zum Anker</translation>
    </message>
    <message>
        <source>bends %1</source>
        <translation>knickt %1</translation>
    </message>
    <message>
        <source>over fret 1</source>
        <translation>über Bund 1</translation>
    </message>
    <message>
        <source>over fret 12</source>
        <translation>über Bund 12</translation>
    </message>
    <message>
        <source>over fret %1</source>
        <translation>über Bund %1</translation>
    </message>
    <message>
        <source>compensation</source>
        <translation>Kompensation</translation>
    </message>
    <message>
        <source>The string from post to anchor. Click nut, neck, saddle or bridge for its station; the wheel changes the string</source>
        <translation>Die Saite von der Mechanik bis zum Halt. Ein Klick auf Sattel, Hals, Stegeinlage oder Steg führt zu seiner Station; das Rad wechselt die Saite</translation>
    </message>
    <message>
        <source>%1 over fret %2</source>
        <translation>%1 über Bund %2</translation>
    </message>
    <message>
        <source>break angle</source>
        <translation>Knickwinkel</translation>
    </message>
    <message>
        <source>gaps ×%1, swing at %2 N dashed</source>
        <translation>Lücken ×%1, Schwingung bei %2 N gestrichelt</translation>
    </message>
    <message>
        <source>not to scale</source>
        <translation>nicht maßstäblich</translation>
    </message>
</context>
<context>
    <name>fm::StringsModel</name>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>pitch</source>
        <translation>Tonhöhe</translation>
    </message>
    <message>
        <source>gauge</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>make</source>
        <translation>Machart</translation>
    </message>
    <message>
        <source>core</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>mass, g/m</source>
        <translation>Masse, g/m</translation>
    </message>
    <message>
        <source>stress, MPa</source>
        <translation>Kernzug, MPa</translation>
    </message>
    <message>
        <source>wound</source>
        <translation>umsponnen</translation>
    </message>
    <message>
        <source>plain</source>
        <translation>blank</translation>
    </message>
    <message>
        <source>estimated</source>
        <translation>geschätzt</translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation>zweifelhaft</translation>
    </message>
    <message>
        <source>estimated; what the maker states can be typed over it</source>
        <translation>geschätzt; was der Hersteller angibt, kann darübergeschrieben werden</translation>
    </message>
    <message>
        <source>%1: a number of grams in a metre is needed</source>
        <translation>%1: eine Zahl von Gramm je Meter ist nötig</translation>
    </message>
    <message>
        <source>bronze</source>
        <translation>Bronze</translation>
    </message>
    <message>
        <source>nickel steel</source>
        <translation>Nickelstahl</translation>
    </message>
    <message>
        <source>stainless</source>
        <translation>rostfrei</translation>
    </message>
    <message>
        <source>silvered copper</source>
        <translation>Silber auf Kupfer</translation>
    </message>
    <message>
        <source>Enter or a double click: plain, wound, and wound with what</source>
        <translation>Eingabe oder Doppelklick: blank, umsponnen, und womit</translation>
    </message>
    <message>
        <source>assumed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>assumed, not measured; type what you read, or open it and Enter to confirm it</source>
        <translation>angenommen, nicht gemessen; gib ein, was du misst, oder öffne es und bestätige mit Enter</translation>
    </message>
    <message>
        <source>%1 %2 confirmed</source>
        <translation>%1 %2 bestätigt</translation>
    </message>
    <message>
        <source>tension, %1</source>
        <translation>Spannung, %1</translation>
    </message>
</context>
<context>
    <name>fm::StringsStation</name>
    <message>
        <source>Strings</source>
        <translation>Saiten</translation>
    </message>
    <message>
        <source>Total tension</source>
        <translation>Gesamtspannung</translation>
    </message>
    <message>
        <source>Read a set…</source>
        <translation>Satz lesen…</translation>
    </message>
    <message>
        <source>Pitch, gauge and make-up of all strings from a CSV file (Ctrl+I)</source>
        <translation>Tonhöhe, Stärke und Machart aller Saiten aus einer CSV-Datei (Ctrl+I)</translation>
    </message>
    <message>
        <source>Core of the chosen string</source>
        <translation>Kern der gewählten Saite</translation>
    </message>
    <message>
        <source>steel</source>
        <translation>Stahl</translation>
    </message>
    <message>
        <source>nylon</source>
        <translation>Nylon</translation>
    </message>
    <message>
        <source>fluorocarbon</source>
        <translation>Fluorcarbon</translation>
    </message>
    <message>
        <source>gut</source>
        <translation>Darm</translation>
    </message>
    <message>
        <source>nylon fibres</source>
        <translation>Nylonfasern</translation>
    </message>
    <message>
        <source>tuned to A4, Hz</source>
        <translation>gestimmt auf A4, Hz</translation>
    </message>
    <message>
        <source>tuned to A4</source>
        <translation>gestimmt auf A4</translation>
    </message>
    <message>
        <source>One course</source>
        <translation>Ein Chor</translation>
    </message>
    <message>
        <source>The selected neighbours stand together as a course</source>
        <translation>Die gewählten Nachbarn stehen als Chor zusammen</translation>
    </message>
    <message>
        <source>Single</source>
        <translation>Einzeln</translation>
    </message>
    <message>
        <source>The selected strings stand alone again</source>
        <translation>Die gewählten Saiten stehen wieder allein</translation>
    </message>
    <message>
        <source>core</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>Read a set of strings</source>
        <translation>Einen Saitensatz lesen</translation>
    </message>
    <message>
        <source>String sets (*.csv *.txt *.tsv)</source>
        <translation>Saitensätze (*.csv *.txt *.tsv)</translation>
    </message>
    <message>
        <source>strings from %1</source>
        <translation>Saiten aus %1</translation>
    </message>
    <message>
        <source>select two or more neighbouring strings</source>
        <translation>zwei oder mehr benachbarte Saiten wählen</translation>
    </message>
    <message>
        <source>one course</source>
        <translation>ein Chor</translation>
    </message>
    <message>
        <source>single strings</source>
        <translation>einzelne Saiten</translation>
    </message>
    <message>
        <source>Add one</source>
        <translation>Eine mehr</translation>
    </message>
    <message>
        <source>A string like the chosen one, on its treble side (Ins)</source>
        <translation>Eine Saite wie die gewählte, auf ihrer Diskantseite (Einfg)</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>The chosen string, and all that is said of it (Ctrl+Del)</source>
        <translation>Die gewählte Saite und alles, was von ihr gesagt ist (Strg+Entf)</translation>
    </message>
    <message>
        <source>a job has %1 strings at most</source>
        <translation>ein Auftrag hat höchstens %1 Saiten</translation>
    </message>
    <message>
        <source>a string more</source>
        <translation>eine Saite mehr</translation>
    </message>
    <message>
        <source>one string stays</source>
        <translation>eine Saite bleibt</translation>
    </message>
    <message>
        <source>%1 taken out</source>
        <translation>%1 herausgenommen</translation>
    </message>
    <message>
        <source>Shop&apos;s sets</source>
        <translation>Eigene Sätze</translation>
    </message>
    <message>
        <source>A set from the shop&apos;s list</source>
        <translation>Ein Satz aus der Liste der Werkstatt</translation>
    </message>
    <message>
        <source>none in the workshop&apos;s file</source>
        <translation>keiner in der Datei der Werkstatt</translation>
    </message>
    <message>
        <source>%1 more than when the job was opened</source>
        <translation>%1 mehr als beim Öffnen des Auftrags</translation>
    </message>
    <message>
        <source>%1 less than when the job was opened</source>
        <translation>%1 weniger als beim Öffnen des Auftrags</translation>
    </message>
    <message>
        <source>Into the record, with its date: what a tuner said of the old ones counts no more</source>
        <translation>Ins Buch, mit Datum: was ein Stimmgerät von den alten sagte, zählt nicht mehr</translation>
    </message>
    <message>
        <source>new strings fitted</source>
        <translation>neue Saiten aufgezogen</translation>
    </message>
    <message>
        <source>New strings</source>
        <translation>Neue Saiten</translation>
    </message>
    <message>
        <source>total tension %1 %2</source>
        <translation>gesamt %1 %2</translation>
    </message>
</context>
<context>
    <name>fm::SurveyCanvas</name>
    <message>
        <source>Drawing of the instrument</source>
        <translation>Zeichnung des Instruments</translation>
    </message>
    <message>
        <source>humidity in percent</source>
        <translation>Luftfeuchte in Prozent</translation>
    </message>
    <message>
        <source>relief as found</source>
        <translation>Halskrümmung im Fundzustand</translation>
    </message>
    <message>
        <source>gap over fret 1 as found</source>
        <translation>Lücke über Bund 1 im Fundzustand</translation>
    </message>
    <message>
        <source>height over fret 12 as found</source>
        <translation>Höhe über Bund 12 im Fundzustand</translation>
    </message>
    <message>
        <source>width of the slot as found</source>
        <translation>Weite der Kerbe im Fundzustand</translation>
    </message>
    <message>
        <source>slot width</source>
        <translation>Kerbe weit</translation>
    </message>
    <message>
        <source>over fret 1, held at %1</source>
        <translation>Bund 1, an %1 gedrückt</translation>
    </message>
    <message>
        <source>gap over fret 1</source>
        <translation>über Bund 1</translation>
    </message>
    <message>
        <source>over fret 12</source>
        <translation>über Bund 12</translation>
    </message>
    <message>
        <source>over fret 12, capo at 1</source>
        <translation>Bund 12, Kapo an 1</translation>
    </message>
    <message>
        <source>humidity, %</source>
        <translation>Feuchte, %</translation>
    </message>
    <message>
        <source>from the front, %1 side up, and from the side; body and head broken off</source>
        <translation>von vorn, %1 oben, und von der Seite; Korpus und Kopf abgebrochen</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>relief as found under the treble string</source>
        <translation>Halskrümmung im Fundzustand unter der Diskantsaite</translation>
    </message>
    <message>
        <source>relief wanted</source>
        <translation>Halskrümmung, Ziel</translation>
    </message>
    <message>
        <source>gap over fret 1 wanted</source>
        <translation>Lücke über Bund 1, Ziel</translation>
    </message>
    <message>
        <source>height over fret 12 wanted</source>
        <translation>Höhe über Bund 12, Ziel</translation>
    </message>
    <message>
        <source>relief, treble side</source>
        <translation>Krümmung, Diskant</translation>
    </message>
    <message>
        <source>found</source>
        <translation>war</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>off by</source>
        <translation>Differenz</translation>
    </message>
    <message>
        <source>from the front, %1 side up; body and head broken off</source>
        <translation>von vorn, %1 oben; Korpus und Kopf abgebrochen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Kerbe</translation>
    </message>
    <message>
        <source>over 1</source>
        <translation>über 1</translation>
    </message>
    <message>
        <source>over 1, held %1</source>
        <translation>über 1, geh. %1</translation>
    </message>
    <message>
        <source>relief, bass, held at %1</source>
        <translation>Krümmung, Bass, gehalten %1</translation>
    </message>
    <message>
        <source>relief, held at %1</source>
        <translation>Krümmung, gehalten %1</translation>
    </message>
    <message>
        <source>relief %1</source>
        <translation>Hals %1</translation>
    </message>
    <message>
        <source>relief treble</source>
        <translation>Hals Diskant</translation>
    </message>
    <message>
        <source>over 12</source>
        <translation>über 12</translation>
    </message>
    <message>
        <source>over 12, capo</source>
        <translation>über 12, Kapo</translation>
    </message>
    <message>
        <source>hum. %</source>
        <translation>Feuchte %</translation>
    </message>
</context>
<context>
    <name>fm::SurveyMarkButton</name>
    <message>
        <source>not looked at</source>
        <translation>nicht angesehen</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>in Ordnung</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>%1 · %2: %3</source>
        <translation>%1 · %2: %3</translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation>zweifelhaft</translation>
    </message>
</context>
<context>
    <name>fm::SurveyPages</name>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>not looked at</source>
        <translation>nicht angesehen</translation>
    </message>
    <message>
        <source>fine</source>
        <translation>in Ordnung</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>note on this point</source>
        <translation>Notiz zu diesem Punkt</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>Gap over fret 1 read with</source>
        <translation>Lücke über Bund 1 gemessen mit</translation>
    </message>
    <message>
        <source>Height over fret 12 read with</source>
        <translation>Höhe über Bund 12 gemessen mit</translation>
    </message>
    <message>
        <source>Relief read with</source>
        <translation>Krümmung gemessen mit</translation>
    </message>
    <message>
        <source>Gauges</source>
        <translation>Messmittel</translation>
    </message>
    <message>
        <source>title of the job</source>
        <translation>Titel des Auftrags</translation>
    </message>
    <message>
        <source>owner</source>
        <translation>Besitzer</translation>
    </message>
    <message>
        <source>Played</source>
        <translation>Gespielt</translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>links</translation>
    </message>
    <message>
        <source>unit %1</source>
        <translation>Einheit %1</translation>
    </message>
    <message>
        <source>pitch of A4 in Hz</source>
        <translation>Tonhöhe von A4 in Hz</translation>
    </message>
    <message>
        <source>Job</source>
        <translation>Auftrag</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>A4, Hz</source>
        <translation>A4, Hz</translation>
    </message>
    <message>
        <source>Playing</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>finger behind the fret</source>
        <translation>Finger hinter dem Bund</translation>
    </message>
    <message>
        <source>finger behind</source>
        <translation>Finger dahinter</translation>
    </message>
    <message>
        <source>string pressed below the fret&apos;s top</source>
        <translation>Saite unter die Bundkrone gedrückt</translation>
    </message>
    <message>
        <source>pressed by</source>
        <translation>gedrückt um</translation>
    </message>
    <message>
        <source>share of the pluck toward the board</source>
        <translation>Anteil des Anschlags zum Griffbrett</translation>
    </message>
    <message>
        <source>share down</source>
        <translation>Anteil abwärts</translation>
    </message>
    <message>
        <source>plucked this far from the saddle</source>
        <translation>so weit von der Einlage angeschlagen</translation>
    </message>
    <message>
        <source>from saddle</source>
        <translation>von der Einlage</translation>
    </message>
    <message>
        <source>least gap behind the finger</source>
        <translation>kleinste Lücke hinter dem Finger</translation>
    </message>
    <message>
        <source>behind finger</source>
        <translation>hinterm Finger</translation>
    </message>
    <message>
        <source>stiffness of the string&apos;s ends, 0 to 1</source>
        <translation>Steife der Saitenenden, 0 bis 1</translation>
    </message>
    <message>
        <source>stiff ends</source>
        <translation>steife Enden</translation>
    </message>
    <message>
        <source>string beyond nut and saddle that stretches too</source>
        <translation>Saite jenseits von Sattel und Einlage, die sich mitdehnt</translation>
    </message>
    <message>
        <source>beyond the ends</source>
        <translation>jenseits der Enden</translation>
    </message>
    <message>
        <source>%1: not looked at</source>
        <translation>%1: nicht angesehen</translation>
    </message>
    <message>
        <source>%1: fine</source>
        <translation>%1: in Ordnung</translation>
    </message>
    <message>
        <source>%1: found</source>
        <translation>%1: gefunden</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>normal</translation>
    </message>
    <message>
        <source>hard</source>
        <translation>hart</translation>
    </message>
    <message>
        <source>hand of the player</source>
        <translation>Hand des Spielers</translation>
    </message>
    <message>
        <source>pluck measured with a spring scale, in newton</source>
        <translation>Anschlag, mit einer Federwaage gemessen, in Newton</translation>
    </message>
    <message>
        <source>measured, N</source>
        <translation>gemessen, N</translation>
    </message>
    <message>
        <source>Slots</source>
        <translation>Kerben</translation>
    </message>
    <message>
        <source>All lengths</source>
        <translation>Alle Längen</translation>
    </message>
    <message>
        <source>Scales and widths</source>
        <translation>Mensuren, Breiten</translation>
    </message>
    <message>
        <source>Gauges and thicknesses</source>
        <translation>Stärken, Dicken</translation>
    </message>
    <message>
        <source>Gaps, relief, cuts</source>
        <translation>Lücken, Abtrag</translation>
    </message>
    <message>
        <source>Height over fret 12</source>
        <translation>Höhe über Bund 12</translation>
    </message>
    <message>
        <source>%1 in %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>Units</source>
        <translation>Maße</translation>
    </message>
    <message>
        <source>Wanted: %1 and %2 over fret 1, %3 and %4 over fret 12, bass and treble</source>
        <translation>Ziel: %1 und %2 über Bund 1, %3 und %4 über Bund 12, Bass und Diskant</translation>
    </message>
    <message>
        <source>heights: %1</source>
        <translation>Höhen: %1</translation>
    </message>
    <message>
        <source>the shop&apos;s heights</source>
        <translation>Höhen der Werkstatt</translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation>zweifelhaft</translation>
    </message>
    <message>
        <source>%1: doubtful</source>
        <translation>%1: zweifelhaft</translation>
    </message>
    <message>
        <source>Tension</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>newton</source>
        <translation>Newton</translation>
    </message>
    <message>
        <source>pounds</source>
        <translation>Pfund</translation>
    </message>
    <message>
        <source>tension in pounds</source>
        <translation>Spannung in Pfund</translation>
    </message>
    <message>
        <source>tension in newton</source>
        <translation>Spannung in Newton</translation>
    </message>
</context>
<context>
    <name>fm::SurveyStation</name>
    <message>
        <source>fret 1</source>
        <translation>Bund 1</translation>
    </message>
    <message>
        <source>fret 12</source>
        <translation>Bund 12</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Kerbe</translation>
    </message>
    <message>
        <source>Survey</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>As found</source>
        <translation>Fundzustand</translation>
    </message>
    <message>
        <source>reading %1, %2</source>
        <translation>Messung %1, %2</translation>
    </message>
    <message>
        <source>%1 of %2 looked at</source>
        <translation>%1 von %2 angesehen</translation>
    </message>
    <message>
        <source>%1 found</source>
        <translation>%1 gefunden</translation>
    </message>
    <message>
        <source>%1 of %2 · %3</source>
        <translation>%1 von %2 · %3</translation>
    </message>
    <message>
        <source>off by</source>
        <translation>Differenz</translation>
    </message>
    <message>
        <source>found</source>
        <translation>war</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>gap over fret 1: found and wanted</source>
        <translation>Lücke über Bund 1: Fund und Ziel</translation>
    </message>
    <message>
        <source>height over fret 12: found and wanted</source>
        <translation>Höhe über Bund 12: Fund und Ziel</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Krone</translation>
    </message>
    <message>
        <source>from fret 12 to the crown: found and wanted</source>
        <translation>vom 12. Bund zur Krone: Fund und Ziel</translation>
    </message>
    <message>
        <source>%1 doubtful</source>
        <translation>%1 zweifelhaft</translation>
    </message>
</context>
<context>
    <name>fm::SymptomBoard</name>
    <message>
        <source>Where it was heard</source>
        <translation>Wo es zu hören war</translation>
    </message>
    <message>
        <source>Click where it was heard; arrows and Enter do the same. Fret 0 is the open string</source>
        <translation>Klicken, wo es zu hören war; Pfeile und Eingabe tun dasselbe. Bund 0 ist die leere Saite</translation>
    </message>
    <message>
        <source>string %1, fret %2</source>
        <translation>Saite %1, Bund %2</translation>
    </message>
    <message>
        <source>With this cure %1 places are better, %2 worse.</source>
        <translation>Mit dieser Abhilfe sind %1 Stellen besser, %2 schlechter.</translation>
    </message>
</context>
<context>
    <name>fm::SymptomView</name>
    <message>
        <source>likely</source>
        <translation>wahrscheinlich</translation>
    </message>
    <message>
        <source>possible</source>
        <translation>möglich</translation>
    </message>
    <message>
        <source>unlikely</source>
        <translation>unwahrscheinlich</translation>
    </message>
    <message>
        <source>the relief</source>
        <translation>die Halskrümmung</translation>
    </message>
    <message>
        <source>the width of the slot</source>
        <translation>die Breite der Kerbe</translation>
    </message>
    <message>
        <source>cents at fret 12</source>
        <translation>Cent am Bund 12</translation>
    </message>
    <message>
        <source>the gap at the nut</source>
        <translation>der Spalt am Sattel</translation>
    </message>
    <message>
        <source>the height over fret 12</source>
        <translation>die Höhe über Bund 12</translation>
    </message>
    <message>
        <source>Causes, the likeliest first</source>
        <translation>Ursachen, die wahrscheinlichste zuerst</translation>
    </message>
    <message>
        <source>What was heard</source>
        <translation>Was zu hören war</translation>
    </message>
    <message>
        <source>The chosen cause</source>
        <translation>Die gewählte Ursache</translation>
    </message>
    <message>
        <source>What its cure does to every string</source>
        <translation>Was die Abhilfe mit jeder Saite macht</translation>
    </message>
    <message>
        <source>This is it</source>
        <translation>Das ist es</translation>
    </message>
    <message>
        <source>Writes what was heard and this cause into the record</source>
        <translation>Schreibt in die Akte, was zu hören war, und diese Ursache</translation>
    </message>
    <message>
        <source>Click everywhere it was heard; the readings at hand are used. Arrows show what a cure does to the room of every note: ▲ more, ▼ less</source>
        <translation>Überall klicken, wo es zu hören war; die vorhandenen Messungen werden benutzt. Pfeile zeigen, was eine Abhilfe mit dem Raum jedes Tons macht: ▲ mehr, ▼ weniger</translation>
    </message>
    <message>
        <source>Not read yet, and of help on this string: %1</source>
        <translation>Noch nicht gemessen, und auf dieser Saite hilfreich: %1</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>halt</translation>
    </message>
    <message>
        <source>Structural: no setting up before it is mended. A job for a trained repairer.</source>
        <translation>Am Bau: nichts einstellen, bevor es behoben ist. Eine Arbeit für eine ausgebildete Fachkraft.</translation>
    </message>
    <message>
        <source>Cheapest test first: %1.</source>
        <translation>Billigste Probe zuerst: %1.</translation>
    </message>
    <message>
        <source>Test:</source>
        <translation>Probe:</translation>
    </message>
    <message>
        <source>Read already.</source>
        <translation>Schon gemessen.</translation>
    </message>
    <message>
        <source>Cure:</source>
        <translation>Abhilfe:</translation>
    </message>
    <message>
        <source>least room behind the finger, mm</source>
        <translation>kleinster Raum hinter dem Finger, mm</translation>
    </message>
    <message>
        <source>least headroom of the string</source>
        <translation>kleinste Reserve der Saite</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>cure %1</source>
        <translation>Abhilfe %1</translation>
    </message>
    <message>
        <source>cause found: %1</source>
        <translation>Ursache gefunden: %1</translation>
    </message>
    <message>
        <source>In the record: %1</source>
        <translation>In der Akte: %1</translation>
    </message>
    <message>
        <source>Where was it heard? Click it on the board, string and fret; then say what it was.</source>
        <translation>Wo war es zu hören? Auf dem Griffbrett anklicken, Saite und Bund; dann sagen, was es war.</translation>
    </message>
    <message>
        <source>What was heard there? Choose it in the list.</source>
        <translation>Was war dort zu hören? In der Liste wählen.</translation>
    </message>
    <message>
        <source>test made: %1</source>
        <translation>Probe gemacht: %1</translation>
    </message>
</context>
<context>
    <name>fm::TextField</name>
    <message>
        <source>%1: click or Tab, write, Enter</source>
        <translation>%1: anklicken oder Tab, schreiben, Enter</translation>
    </message>
</context>
<context>
    <name>fm::TimePicture</name>
    <message>
        <source>The instrument over time</source>
        <translation>Das Instrument über die Zeit</translation>
    </message>
    <message>
        <source>humidity, %</source>
        <translation>Feuchte, %</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>over fret 12, mean</source>
        <translation>über Bund 12, im Mittel</translation>
    </message>
    <message>
        <source>over fret 1, mean</source>
        <translation>über Bund 1, im Mittel</translation>
    </message>
    <message>
        <source>No reading says yet on which day it was taken. Each day it is read becomes a column here.</source>
        <translation>Noch sagt keine Ablesung, an welchem Tag. Jeder Tag, an dem abgelesen wird, wird hier eine Spalte.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 within the gauge</source>
        <translation>%1 innerhalb der Lehre</translation>
    </message>
    <message>
        <source>over fret 12</source>
        <translation>über Bund 12</translation>
    </message>
    <message>
        <source>From %1 % to %2 % humidity, %3 days: %4.</source>
        <translation>Von %1 % auf %2 % Feuchte, %3 Tage: %4.</translation>
    </message>
    <message>
        <source>What a season does to it is not known before it was read at two humidities with nothing done between.</source>
        <translation>Was eine Jahreszeit mit ihm macht, weiß man erst, wenn es bei zweierlei Feuchte abgelesen wurde und dazwischen nichts getan.</translation>
    </message>
    <message>
        <source>An eighth of a turn of this rod moves its relief by %1.</source>
        <translation>Ein Achtel Drehung dieses Stabs bewegt die Krümmung um %1.</translation>
    </message>
    <message>
        <source>same</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>worked on</source>
        <translation>gearbeitet</translation>
    </message>
    <message>
        <source>rod %1/8</source>
        <translation>Stab %1/8</translation>
    </message>
</context>
<context>
    <name>fm::ValueField</name>
    <message>
        <source>degrees</source>
        <translation>Grad</translation>
    </message>
    <message>
        <source>%1: click or Tab, type, Enter</source>
        <translation>%1: Klick oder Tab, tippen, Eingabe</translation>
    </message>
    <message>
        <source>a number is needed</source>
        <translation>eine Zahl ist nötig</translation>
    </message>
    <message>
        <source>fraction taken as inches; F2 takes it in %1</source>
        <translation>Bruch als Zoll gelesen; F2 liest ihn in %1</translation>
    </message>
    <message>
        <source>%1: %2; the old value stands</source>
        <translation>%1: %2; der alte Wert bleibt</translation>
    </message>
    <message>
        <source>%1, assumed</source>
        <translation>%1, angenommen</translation>
    </message>
    <message>
        <source>%1: assumed, not measured; type what you read, or Enter to confirm it</source>
        <translation>%1: angenommen, nicht gemessen; gib ein, was du misst, oder bestätige mit Enter</translation>
    </message>
    <message>
        <source>a bound: kept and compared, nothing is worked out from it</source>
        <translation>eine Schranke: behalten und verglichen, berechnet wird nichts daraus</translation>
    </message>
</context>
<context>
    <name>fm::Verdict</name>
    <message>
        <source>&lt;b&gt;Fill and cut again: %1.&lt;/b&gt; A third of the slots or fewer, none deeper than 0.4 mm.</source>
        <translation>&lt;b&gt;Füllen und neu schneiden: %1.&lt;/b&gt; Ein Drittel der Kerben oder weniger, keine um mehr als 0,4 mm.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Shim the whole nut by %1, then file.&lt;/b&gt; More than two thirds of the slots are too low.</source>
        <translation>&lt;b&gt;Den ganzen Sattel um %1 unterlegen, dann feilen.&lt;/b&gt; Mehr als zwei Drittel der Kerben sind zu tief.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Make a new nut.&lt;/b&gt; Half of the slots or more are too wide or filled, or one is too deep to fill.</source>
        <translation>&lt;b&gt;Einen neuen Sattel machen.&lt;/b&gt; Die Hälfte der Kerben oder mehr ist zu weit oder gefüllt, oder eine ist zu tief zum Füllen.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Shim by %1, or fill: %2.&lt;/b&gt; Too many to fill without thought, too few to shim without loss: the maker decides.</source>
        <translation>&lt;b&gt;Um %1 unterlegen oder füllen: %2.&lt;/b&gt; Zu viele, um ohne Bedenken zu füllen, zu wenige, um ohne Verlust zu unterlegen: Wer ihn macht, entscheidet.</translation>
    </message>
    <message>
        <source>Instead: a shim under the nut lifts every slot, and all are filed again; a new nut lasts longest.</source>
        <translation>Stattdessen: Eine Unterlage hebt jede Kerbe, und alle werden neu gefeilt; ein neuer Sattel hält am längsten.</translation>
    </message>
    <message>
        <source>Instead: a new nut costs more time and leaves nothing under it; filling so many slots wears soon.</source>
        <translation>Stattdessen: Ein neuer Sattel kostet mehr Zeit und lässt nichts unter sich; so viele Füllungen sind bald abgespielt.</translation>
    </message>
    <message>
        <source>Instead: filling holds for a while where the budget ends; say so to the owner.</source>
        <translation>Stattdessen: Füllen hält eine Weile, wo das Geld endet; dem Besitzer sagen.</translation>
    </message>
    <message>
        <source>Nothing read yet: with gap and action of a string its slot is judged here.</source>
        <translation>Noch nichts gemessen: Mit Lücke und Lage einer Saite wird ihre Kerbe hier beurteilt.</translation>
    </message>
    <message>
        <source>Of %1 slots read, %2 too low</source>
        <translation>Von %1 gemessenen Kerben %2 zu tief</translation>
    </message>
    <message>
        <source> (the lowest by %1)</source>
        <translation> (die tiefste um %1)</translation>
    </message>
    <message>
        <source>%1 raise %2</source>
        <translation>%1 heben %2</translation>
    </message>
    <message>
        <source>%1 take off %2</source>
        <translation>%1 abnehmen %2</translation>
    </message>
    <message>
        <source> (too wide)</source>
        <translation> (zu weit)</translation>
    </message>
    <message>
        <source>&lt;b&gt;Leave it.&lt;/b&gt; No slot is off by more than its gauges can tell.</source>
        <translation>&lt;b&gt;Belassen.&lt;/b&gt; Keine Kerbe weicht um mehr ab, als ihre Messung unterscheiden kann.</translation>
    </message>
    <message numerus="yes">
        <source>&lt;b&gt;File.&lt;/b&gt; No slot is too low or too wide; %n stand too high by more than their gauges can tell.</source>
        <translation>
            <numerusform>&lt;b&gt;Feilen.&lt;/b&gt; Keine Kerbe ist zu tief oder zu weit; %n steht um mehr zu hoch, als ihre Messung unterscheiden kann.</numerusform>
            <numerusform>&lt;b&gt;Feilen.&lt;/b&gt; Keine Kerbe ist zu tief oder zu weit; %n stehen um mehr zu hoch, als ihre Messung unterscheiden kann.</numerusform>
        </translation>
    </message>
    <message>
        <source>&lt;b&gt;From below: %1 off the nut&apos;s bottom in one.&lt;/b&gt; Every slot stands higher than that: they stay as deep as they are.</source>
        <translation>&lt;b&gt;Von unten: %1 in einem von der Unterseite.&lt;/b&gt; Jede Kerbe steht höher als das: sie bleiben so tief, wie sie sind.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Fill %1, or a new nut.&lt;/b&gt; Too many to fill without thought; a shim does not mend them: the maker decides.</source>
        <translation>&lt;b&gt;%1 füllen, oder ein neuer Sattel.&lt;/b&gt; Zu viele, um sie ohne Bedacht zu füllen; eine Unterlage hilft ihnen nicht: wer baut, entscheidet.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Shim by %1, or a new nut.&lt;/b&gt; One is too deep to fill: the maker decides.</source>
        <translation>&lt;b&gt;Um %1 unterlegen, oder ein neuer Sattel.&lt;/b&gt; Eine ist zu tief zum Füllen: wer baut, entscheidet.</translation>
    </message>
    <message>
        <source>, %1 too wide or filled. What is within three standard deviations of its gauges, or under 0.05 mm, does not count as low; too wide is from 0.1 mm.</source>
        <translation>, %1 zu weit oder gefüllt. Was innerhalb von drei Standardabweichungen seiner Messung liegt oder unter 0,05 mm, gilt nicht als zu tief; zu weit ab 0,1 mm.</translation>
    </message>
    <message>
        <source>No action was read: open gaps are judged with the action wanted.</source>
        <translation>Es wurde keine Saitenlage gemessen: die Luft leerer Saiten wird mit der gewünschten beurteilt.</translation>
    </message>
    <message>
        <source>How deep they are only gaps say.</source>
        <translation>Wie tief sie sind, sagt nur die Luft.</translation>
    </message>
    <message>
        <source>&lt;b&gt;By sight alone: nothing speaks against its slots&lt;/b&gt; (%1 looked at).</source>
        <translation>&lt;b&gt;Nach dem Auge allein: nichts spricht gegen seine Kerben&lt;/b&gt; (%1 angesehen).</translation>
    </message>
    <message>
        <source>&lt;b&gt;By sight alone: a new nut.&lt;/b&gt; Too wide, or filled before: %1, half or more of %2 that were looked at.</source>
        <translation>&lt;b&gt;Nach dem Auge allein: ein neuer Sattel.&lt;/b&gt; Zu weit oder schon gefüllt: %1, die Hälfte oder mehr von %2 angesehenen.</translation>
    </message>
    <message>
        <source>&lt;b&gt;By sight alone: fill and cut again %1.&lt;/b&gt; Too wide, or filled before; the others are fine to the eye.</source>
        <translation>&lt;b&gt;Nach dem Auge allein: %1 füllen und neu schneiden.&lt;/b&gt; Zu weit oder schon gefüllt; die anderen sehen gut aus.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Raise it on shims by %1.&lt;/b&gt; A nut that clamps is not filed: it goes up as a block.</source>
        <translation>&lt;b&gt;Auf Unterlagen um %1 heben.&lt;/b&gt; Ein Klemmsattel wird nicht gefeilt: er geht als Block hoch.</translation>
    </message>
</context>
<context>
    <name>fm::VerdictView</name>
    <message>
        <source>Verdict on</source>
        <translation>Urteil über</translation>
    </message>
    <message>
        <source>the nut</source>
        <translation>den Sattel</translation>
    </message>
    <message>
        <source>the saddle</source>
        <translation>die Einlage</translation>
    </message>
    <message>
        <source>The verdict</source>
        <translation>Das Urteil</translation>
    </message>
    <message>
        <source>Decided:</source>
        <translation>Entschieden:</translation>
    </message>
    <message>
        <source>, instead of: %1</source>
        <translation>, statt: %1</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>gap read</source>
        <translation>Spalt gemessen</translation>
    </message>
    <message>
        <source>stands</source>
        <translation>steht</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Kerbe</translation>
    </message>
    <message>
        <source>%1 too low</source>
        <translation>%1 zu tief</translation>
    </message>
    <message>
        <source>%1 too high</source>
        <translation>%1 zu hoch</translation>
    </message>
    <message>
        <source>right</source>
        <translation>recht</translation>
    </message>
    <message>
        <source>filled before</source>
        <translation>schon gefüllt</translation>
    </message>
    <message>
        <source>wiggles</source>
        <translation>wackelt</translation>
    </message>
    <message>
        <source>binds: open it by the clearance</source>
        <translation>klemmt: um das Spiel öffnen</translation>
    </message>
    <message>
        <source>%1 over its string</source>
        <translation>%1 über ihrer Saite</translation>
    </message>
    <message>
        <source> or less</source>
        <translation> oder weniger</translation>
    </message>
    <message>
        <source>too wide</source>
        <translation>zu weit</translation>
    </message>
    <message>
        <source>Nothing read yet: with gap and action of a string the saddle is judged here.</source>
        <translation>Noch nichts gemessen: mit Spalt und Saitenlage einer Saite wird die Einlage hier beurteilt.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Pack it up, or make a new one.&lt;/b&gt; A string stands too low by %1; material does not go back on.</source>
        <translation>&lt;b&gt;Unterlegen oder eine neue machen.&lt;/b&gt; Eine Saite steht um %1 zu tief; Material kommt nicht zurück.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Lower it.&lt;/b&gt; What all strings have too much comes off the straight bottom, the rest off the top.</source>
        <translation>&lt;b&gt;Senken.&lt;/b&gt; Was alle Saiten zu viel haben, kommt von der geraden Unterseite ab, der Rest von oben.</translation>
    </message>
    <message>
        <source>height read</source>
        <translation>Höhe gemessen</translation>
    </message>
    <message>
        <source>off the top</source>
        <translation>von oben</translation>
    </message>
    <message>
        <source>&lt;b&gt;Off the bottom:&lt;/b&gt; %1 at the bass string, %2 at the treble string, about twice what fret 12 should lose.</source>
        <translation>&lt;b&gt;Von der Unterseite:&lt;/b&gt; %1 an der Basssaite, %2 an der Diskantsaite, etwa das Doppelte dessen, was Bund 12 verlieren soll.</translation>
    </message>
    <message>
        <source>&lt;b&gt;New saddle:&lt;/b&gt; where the crown is worn, the height short, or the thickness does not hold every crown.</source>
        <translation>&lt;b&gt;Neue Einlage:&lt;/b&gt; wo die Krone abgenutzt ist, die Höhe fehlt oder die Dicke nicht jede Krone fasst.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Pack:&lt;/b&gt; a strip of hard wood or bone of the whole width and length; soft packing gives way.</source>
        <translation>&lt;b&gt;Unterlegen:&lt;/b&gt; ein Streifen hartes Holz oder Knochen in ganzer Breite und Länge; Weiches gibt nach.</translation>
    </message>
    <message>
        <source>, held at %1</source>
        <translation>, an %1 gedrückt</translation>
    </message>
    <message>
        <source>&lt;b&gt;Turn the screws.&lt;/b&gt; Nothing is cut and nothing packed: what goes down comes up again.</source>
        <translation>&lt;b&gt;Die Schrauben drehen.&lt;/b&gt; Nichts wird geschnitten und nichts unterlegt: Was tiefer geht, kommt wieder hoch.</translation>
    </message>
    <message>
        <source>off its own target</source>
        <translation>neben ihrem Ziel</translation>
    </message>
    <message>
        <source>down</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>&lt;b&gt;Down at the screws:&lt;/b&gt; %1 at the bass, %2 at the treble; minus is up. It is the line that is least wrong for all strings.</source>
        <translation>&lt;b&gt;An den Schrauben tiefer:&lt;/b&gt; %1 am Bass, %2 am Diskant; minus ist höher. Es ist die Linie, die für alle Saiten am wenigsten falsch ist.</translation>
    </message>
    <message>
        <source>Strings under tension: mind the eyes. Slacken before a screw is turned.</source>
        <translation>Saiten unter Spannung: Augen schützen. Entspannen, bevor eine Schraube gedreht wird.</translation>
    </message>
    <message>
        <source>the relief</source>
        <translation>die Krümmung</translation>
    </message>
    <message>
        <source>±</source>
        <translation>±</translation>
    </message>
    <message>
        <source>within the gauge</source>
        <translation>in der Messgenauigkeit</translation>
    </message>
    <message>
        <source>&lt;b&gt;Leave it.&lt;/b&gt; No string is off by more than its gauges can tell.</source>
        <translation>&lt;b&gt;Belassen.&lt;/b&gt; Keine Saite weicht um mehr ab, als ihre Messung unterscheiden kann.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Make a new saddle&lt;/b&gt;, to the heights wanted.</source>
        <translation>&lt;b&gt;Eine neue Einlage machen&lt;/b&gt;, auf die gewünschten Höhen.</translation>
    </message>
    <message>
        <source>asked for</source>
        <translation>verlangt</translation>
    </message>
    <message>
        <source>Nothing read yet: with gap and action of a string, and the relief, it is judged here.</source>
        <translation>Noch nichts gemessen: mit Luft und Saitenlage einer Saite und der Krümmung wird hier geurteilt.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Leave it.&lt;/b&gt; The relief was not read yet.</source>
        <translation>&lt;b&gt;Belassen.&lt;/b&gt; Die Krümmung wurde noch nicht gemessen.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Leave it.&lt;/b&gt; It reads %1 ± %2; none is wanted in this job, so that it stays.</source>
        <translation>&lt;b&gt;Belassen.&lt;/b&gt; Gemessen %1 ± %2; in diesem Auftrag ist keine gewünscht, also bleibt sie.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Leave it.&lt;/b&gt; It reads %1 ± %2: what is missing or too much is within the gauge, or was left by choice. Heights are wanted over the neck as it stands.</source>
        <translation>&lt;b&gt;Belassen.&lt;/b&gt; Gemessen %1 ± %2: was fehlt oder zu viel ist, liegt in der Messgenauigkeit oder wurde belassen. Die Höhen gelten über dem Hals, wie er steht.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Set it.&lt;/b&gt; From %1 ± %2 to %3, as held at frets %4 and %5.</source>
        <translation>&lt;b&gt;Einstellen.&lt;/b&gt; Von %1 ± %2 auf %3, an Bund %4 und %5 gehalten.</translation>
    </message>
    <message>
        <source>Small turns; stop when it binds; know its direction. When unsure, a trained repairer.</source>
        <translation>Kleine Drehungen; aufhören, wenn es klemmt; die Richtung kennen. Im Zweifel eine Fachwerkstatt.</translation>
    </message>
    <message>
        <source>floor flat: let it fall towards the head</source>
        <translation>Grund flach: zum Kopf hin fallen lassen</translation>
    </message>
    <message>
        <source>floor falls forward: file it down behind the front edge</source>
        <translation>Grund fällt nach vorn: hinter der Vorderkante tiefer feilen</translation>
    </message>
    <message>
        <source>bears behind the front edge: file it down there</source>
        <translation>liegt hinter der Vorderkante auf: dort tiefer feilen</translation>
    </message>
    <message>
        <source>Read it at the survey.</source>
        <translation>Beim Befund messen.</translation>
    </message>
    <message>
        <source>gap over fret 1</source>
        <translation>Luft über Bund 1</translation>
    </message>
    <message>
        <source>gap over fret 1, held at %1</source>
        <translation>Luft über Bund 1, gehalten an %1</translation>
    </message>
    <message>
        <source>height over fret 12</source>
        <translation>Höhe über Bund 12</translation>
    </message>
    <message>
        <source>height over fret 12, capo at 1</source>
        <translation>Höhe über Bund 12, Kapo an 1</translation>
    </message>
    <message>
        <source>relief, held at %1 and %2</source>
        <translation>Krümmung, gehalten an %1 und %2</translation>
    </message>
    <message>
        <source>binds</source>
        <translation>klemmt</translation>
    </message>
    <message>
        <source>floor flat</source>
        <translation>Grund flach</translation>
    </message>
    <message>
        <source>floor falls forward</source>
        <translation>Grund fällt nach vorn</translation>
    </message>
    <message>
        <source>front edge untouched</source>
        <translation>Vorderkante frei</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>%1 waiting</source>
        <translation>%1 warten</translation>
    </message>
    <message>
        <source>nothing to file</source>
        <translation>nichts zu feilen</translation>
    </message>
    <message>
        <source>file %1, %2 at most</source>
        <translation>%1 feilen, höchstens %2</translation>
    </message>
    <message>
        <source>nothing is touched</source>
        <translation>nichts wird angefasst</translation>
    </message>
    <message>
        <source>a nut that clamps is not filed</source>
        <translation>ein Klemmsattel wird nicht gefeilt</translation>
    </message>
    <message>
        <source>no slot is too high</source>
        <translation>keine Kerbe ist zu hoch</translation>
    </message>
    <message>
        <source>%1 off its bottom</source>
        <translation>%1 von unten ab</translation>
    </message>
    <message>
        <source>not every slot is too high</source>
        <translation>nicht jede Kerbe ist zu hoch</translation>
    </message>
    <message>
        <source>fill %1, %2 the deepest, and cut them anew</source>
        <translation>%1 füllen, die tiefste %2, und neu schneiden</translation>
    </message>
    <message>
        <source>%1 under it, %2</source>
        <translation>%1 darunter, %2</translation>
    </message>
    <message>
        <source>no slot is too low</source>
        <translation>keine Kerbe ist zu tief</translation>
    </message>
    <message>
        <source>from a blank, by its sheet</source>
        <translation>aus einem Rohling, nach dem Blatt</translation>
    </message>
    <message>
        <source>from a blank of %1, by its sheet</source>
        <translation>aus %1-Rohling, nach dem Blatt</translation>
    </message>
    <message>
        <source>deeper than a filling holds</source>
        <translation>tiefer, als eine Füllung hält</translation>
    </message>
    <message>
        <source>no slot asks for it</source>
        <translation>keine Kerbe verlangt es</translation>
    </message>
    <message>
        <source>none of the shop&apos;s shims come near</source>
        <translation>keine Unterlage der Werkstatt kommt hin</translation>
    </message>
    <message>
        <source>of %1</source>
        <translation>aus %1</translation>
    </message>
    <message numerus="yes">
        <source>%n stay too low</source>
        <translation>
            <numerusform>%n bleibt zu tief</numerusform>
            <numerusform>%n bleiben zu tief</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n stay too high</source>
        <translation>
            <numerusform>%n bleibt zu hoch</numerusform>
            <numerusform>%n bleiben zu hoch</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 of packing under it</source>
        <translation>%1 Unterlage darunter</translation>
    </message>
    <message>
        <source>filled slots, which wear sooner</source>
        <translation>gefüllte Kerben, früher ausgeschlissen</translation>
    </message>
    <message numerus="yes">
        <source>%n stay too wide</source>
        <translation>
            <numerusform>%n bleibt zu weit</numerusform>
            <numerusform>%n bleiben zu weit</numerusform>
        </translation>
    </message>
    <message>
        <source>slots as deep as they are</source>
        <translation>Kerben so tief wie sie sind</translation>
    </message>
    <message>
        <source>every slot new, nothing under it</source>
        <translation>jede Kerbe neu, nichts darunter</translation>
    </message>
    <message>
        <source>every slot where it is wanted</source>
        <translation>jede Kerbe, wo sie sein soll</translation>
    </message>
    <message>
        <source>to the heights wanted, by its sheet</source>
        <translation>auf die gewünschten Höhen, nach dem Blatt</translation>
    </message>
    <message numerus="yes">
        <source>%n strings off</source>
        <translation>
            <numerusform>%n Saite daneben</numerusform>
            <numerusform>%n Saiten daneben</numerusform>
        </translation>
    </message>
    <message>
        <source>what goes down comes up again</source>
        <translation>was tiefer geht, kommt wieder hoch</translation>
    </message>
    <message>
        <source>what is off stays off</source>
        <translation>was weg ist, bleibt weg</translation>
    </message>
    <message>
        <source>every string where it is wanted</source>
        <translation>jede Saite, wo sie sein soll</translation>
    </message>
    <message>
        <source>the rod is not touched</source>
        <translation>der Stab bleibt unberührt</translation>
    </message>
    <message>
        <source>heights wanted over the neck as it stands</source>
        <translation>Höhen über dem Hals, wie er steht</translation>
    </message>
    <message>
        <source>can be turned back</source>
        <translation>lässt sich zurückdrehen</translation>
    </message>
    <message>
        <source>none is wanted, or none was read</source>
        <translation>keine gewünscht, oder keine abgelesen</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Gezeigt</translation>
    </message>
    <message>
        <source>drawn</source>
        <translation>gezeichnet</translation>
    </message>
    <message>
        <source>as tables</source>
        <translation>als Tabellen</translation>
    </message>
    <message>
        <source>What was decided</source>
        <translation>Was entschieden wurde</translation>
    </message>
    <message>
        <source>Two thirds low: shim. A third or fewer to fill: fill. Half too wide or filled, or one deeper than a filling holds: a new nut.</source>
        <translation>Zwei Drittel tief: unterlegen. Ein Drittel oder weniger zu füllen: füllen. Die Hälfte zu weit oder gefüllt, oder eine tiefer, als eine Füllung hält: ein neuer Sattel.</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>what it does</source>
        <translation>was er tut</translation>
    </message>
    <message>
        <source>takes</source>
        <translation>braucht</translation>
    </message>
    <message>
        <source>leaves behind</source>
        <translation>hinterlässt</translation>
    </message>
    <message>
        <source> (proposed)</source>
        <translation> (vorgeschlagen)</translation>
    </message>
    <message>
        <source>not here</source>
        <translation>hier nicht</translation>
    </message>
    <message>
        <source>Files away from the hand; dust: mask. Instant glue: fumes, eyes, fingers. A seat to be cut is a job for a trained repairer.</source>
        <translation>Feilen von der Hand weg; Staub: Maske; Sekundenkleber: Dämpfe, Augen, Finger. Am Auflager nur Fachleute.</translation>
    </message>
    <message>
        <source>Slacken the strings first. Dust: mask and extraction.</source>
        <translation>Zuerst die Saiten entspannen. Staub: Maske und Absaugung.</translation>
    </message>
    <message>
        <source>another one, of the height that is wanted</source>
        <translation>ein anderer, von der gewünschten Höhe</translation>
    </message>
</context>
<context>
    <name>fm::WayCard</name>
    <message>
        <source>decided</source>
        <translation>entschieden</translation>
    </message>
    <message>
        <source>proposed</source>
        <translation>vorgeschlagen</translation>
    </message>
    <message>
        <source>not here:</source>
        <translation>hier nicht:</translation>
    </message>
</context>
<context>
    <name>fm::WeighedView</name>
    <message>
        <source>What the new bridge changes</source>
        <translation>Was der neue Steg ändert</translation>
    </message>
    <message>
        <source>%1 N·m</source>
        <translation>%1 N·m</translation>
    </message>
    <message>
        <source>saddle exposed</source>
        <translation>Einlage steht vor</translation>
    </message>
    <message>
        <source>breaks</source>
        <translation>knickt</translation>
    </message>
    <message>
        <source>turns the top</source>
        <translation>dreht die Decke</translation>
    </message>
    <message>
        <source>%1: as found %2, new %3</source>
        <translation>%1: vorgefunden %2, neu %3</translation>
    </message>
    <message>
        <source>found</source>
        <translation>war</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
</context>
<context>
    <name>fm::WorkingBar</name>
    <message>
        <source>Working</source>
        <translation>Rechnung</translation>
    </message>
    <message>
        <source>The whole working</source>
        <translation>Die ganze Rechnung</translation>
    </message>
    <message>
        <source>Space shows the whole working</source>
        <translation>Leertaste zeigt die ganze Rechnung</translation>
    </message>
    <message>
        <source>, most of it from: %1, %2</source>
        <translation>, das meiste davon: %1, %2</translation>
    </message>
    <message>
        <source>computed</source>
        <translation>berechnet</translation>
    </message>
    <message>
        <source>your figure in the job</source>
        <translation>Ihre Zahl im Auftrag</translation>
    </message>
    <message>
        <source>from the job, or its usual value</source>
        <translation>aus dem Auftrag, sonst der übliche Wert</translation>
    </message>
    <message>
        <source>the usual value</source>
        <translation>der übliche Wert</translation>
    </message>
    <message>
        <source>How sure: ± %1</source>
        <translation>Wie sicher: ± %1</translation>
    </message>
    <message>
        <source>%1 (%2): ± %3</source>
        <translation>%1 (%2): ± %3</translation>
    </message>
    <message>
        <source>open</source>
        <translation>leer</translation>
    </message>
</context>
<context>
    <name>kinds</name>
    <message>
        <source>Flat top, six steel strings</source>
        <translation>Flache Decke, sechs Stahlsaiten</translation>
    </message>
    <message>
        <source>Flat top, six pairs of steel strings</source>
        <translation>Flache Decke, sechs Paare Stahlsaiten</translation>
    </message>
    <message>
        <source>Flat board, six nylon strings</source>
        <translation>Flaches Griffbrett, sechs Nylonsaiten</translation>
    </message>
    <message>
        <source>Solid body, six strings, single saddles</source>
        <translation>Massiver Korpus, sechs Saiten, Einzelreiter</translation>
    </message>
    <message>
        <source>Solid body, six strings, bar on posts</source>
        <translation>Massiver Korpus, sechs Saiten, Steg auf Pfosten</translation>
    </message>
    <message>
        <source>Solid body, seven strings</source>
        <translation>Massiver Korpus, sieben Saiten</translation>
    </message>
    <message>
        <source>Solid body, eight strings</source>
        <translation>Massiver Korpus, acht Saiten</translation>
    </message>
    <message>
        <source>Solid body, six strings, fanned frets</source>
        <translation>Massiver Korpus, sechs Saiten, gefächerte Bünde</translation>
    </message>
    <message>
        <source>Bass, four strings</source>
        <translation>Bass, vier Saiten</translation>
    </message>
    <message>
        <source>Bass, five strings</source>
        <translation>Bass, fünf Saiten</translation>
    </message>
    <message>
        <source>Tenor, four steel strings</source>
        <translation>Tenor, vier Stahlsaiten</translation>
    </message>
    <message>
        <source>Short neck, four nylon strings</source>
        <translation>Kurzer Hals, vier Nylonsaiten</translation>
    </message>
    <message>
        <source>Four pairs, floating bridge on wheels</source>
        <translation>Vier Paare, loser Steg auf Rädern</translation>
    </message>
    <message>
        <source>Five pairs, floating bridge</source>
        <translation>Fünf Paare, loser Steg</translation>
    </message>
</context>
<context>
    <name>messages</name>
    <message>
        <source>the file has {0} bytes; a job may have at most {1}</source>
        <translation>die Datei hat {0} Bytes; ein Auftrag darf höchstens {1} haben</translation>
    </message>
    <message>
        <source>there is no file {0}</source>
        <translation>es gibt keine Datei {0}</translation>
    </message>
    <message>
        <source>{0} is a folder; a job file is needed</source>
        <translation>{0} ist ein Ordner; eine Auftragsdatei ist nötig</translation>
    </message>
    <message>
        <source>{0} cannot be read: {1}</source>
        <translation>{0} kann nicht gelesen werden: {1}</translation>
    </message>
    <message>
        <source>{0} could not be written, the old file stands: {1}</source>
        <translation>{0} konnte nicht geschrieben werden, die alte Datei bleibt: {1}</translation>
    </message>
    <message>
        <source>{0} was changed by another program since it was read; nothing was written over it</source>
        <translation>{0} wurde seit dem Lesen von einem anderen Programm geändert; nichts wurde überschrieben</translation>
    </message>
    <message>
        <source>{0} is open in another window; it opens for reading only</source>
        <translation>{0} ist in einem anderen Fenster offen; hier nur zum Lesen</translation>
    </message>
    <message>
        <source>this job is open for reading only; save it under another name to change it</source>
        <translation>dieser Auftrag ist nur zum Lesen offen; zum Ändern unter anderem Namen sichern</translation>
    </message>
    <message>
        <source>this is no JSON: line {0}, column {1}</source>
        <translation>das ist kein JSON: Zeile {0}, Spalte {1}</translation>
    </message>
    <message>
        <source>the file ends too early: line {0}, column {1}</source>
        <translation>die Datei endet zu früh: Zeile {0}, Spalte {1}</translation>
    </message>
    <message>
        <source>the key &quot;{0}&quot; stands twice in one object</source>
        <translation>der Schlüssel &quot;{0}&quot; steht zweimal in einem Objekt</translation>
    </message>
    <message>
        <source>objects are nested deeper than {0} levels</source>
        <translation>Objekte sind tiefer als {0} Ebenen geschachtelt</translation>
    </message>
    <message>
        <source>{where} is missing</source>
        <translation>{where} fehlt</translation>
    </message>
    <message>
        <source>{where} is missing: strings in courses need course_gap_mm or course_centres_mm</source>
        <translation>{where} fehlt: Saiten in Chören brauchen course_gap_mm oder course_centres_mm</translation>
    </message>
    <message>
        <source>{where} is {0}; a number is needed</source>
        <translation>{where} ist {0}; eine Zahl ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0}; a whole number from {1} to {2} is needed</source>
        <translation>{where} ist {0}; eine ganze Zahl von {1} bis {2} ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0}; true or false is needed</source>
        <translation>{where} ist {0}; true oder false ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0}; text is needed</source>
        <translation>{where} ist {0}; Text ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0}; a list is needed</source>
        <translation>{where} ist {0}; eine Liste ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0}; an object with keys is needed</source>
        <translation>{where} ist {0}; ein Objekt mit Schlüsseln ist nötig</translation>
    </message>
    <message>
        <source>{where} is &quot;{0}&quot;; a note such as G2, C#3 or Bb1 is needed</source>
        <translation>{where} ist &quot;{0}&quot;; ein Ton wie G2, C#3 oder Bb1 ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0}; allowed are {1}</source>
        <translation>{where} ist {0}; erlaubt sind {1}</translation>
    </message>
    <message>
        <source>{where} is {0}; allowed is {1} to {2}</source>
        <translation>{where} ist {0}; erlaubt ist {1} bis {2}</translation>
    </message>
    <message>
        <source>{where} is {0}; allowed is {1} or more</source>
        <translation>{where} ist {0}; erlaubt ist {1} oder mehr</translation>
    </message>
    <message>
        <source>{where} has {0} entries; {1} are needed</source>
        <translation>{where} hat {0} Einträge; {1} sind nötig</translation>
    </message>
    <message>
        <source>{where} has {0} entries; allowed are {1} to {2}</source>
        <translation>{where} hat {0} Einträge; erlaubt sind {1} bis {2}</translation>
    </message>
    <message>
        <source>{where} stands beside {0}; only one of the two is allowed</source>
        <translation>{where} steht neben {0}; nur eines von beiden ist erlaubt</translation>
    </message>
    <message>
        <source>{where} has no meaning beside edge_margin_mm; leave it out, 0 included</source>
        <translation>{where} hat neben edge_margin_mm keinen Sinn; weglassen, auch 0</translation>
    </message>
    <message>
        <source>{where} is {0}; it must be more than half the nut&apos;s width, {1}</source>
        <translation>{where} ist {0}; es muss mehr als die halbe Sattelbreite sein, {1}</translation>
    </message>
    <message>
        <source>{where} is {0}: at the last fret the radius would be {1}; at least {2} is needed</source>
        <translation>{where} ist {0}: am letzten Bund wäre der Radius {1}; mindestens {2} ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0} and {1}, read at {2}; the reading&apos;s fret must lie between the two, and the first below the body joint, fret {3}</source>
        <translation>{where} ist {0} und {1}, gelesen an {2}; der gelesene Bund muss zwischen den beiden liegen und der erste vor dem Korpusbund {3}</translation>
    </message>
    <message>
        <source>{where}: value {0} is {1}; the twelve must rise from above 0 to 1200 at the last</source>
        <translation>{where}: Wert {0} ist {1}; die zwölf müssen von über 0 bis 1200 am letzten steigen</translation>
    </message>
    <message>
        <source>{where} is &quot;auto&quot;; with a tailpiece a number is needed, or no key</source>
        <translation>{where} ist &quot;auto&quot;; mit Saitenhalter ist eine Zahl nötig oder kein Schlüssel</translation>
    </message>
    <message>
        <source>{where} puts a string {0} from the centreline; allowed is up to {1}</source>
        <translation>{where} setzt eine Saite {0} von der Mittellinie; erlaubt ist bis {1}</translation>
    </message>
    <message>
        <source>{where} puts the outer strings&apos; centres {0} apart; the strings between need {1}</source>
        <translation>{where} setzt die Mitten der Außensaiten {0} auseinander; die Saiten dazwischen brauchen {1}</translation>
    </message>
    <message>
        <source>{0} and {1} touch: the space between them is {2}</source>
        <translation>{0} und {1} berühren sich: der Raum dazwischen ist {2}</translation>
    </message>
    <message>
        <source>{0} and {1} stand {2} apart; {3} is wanted</source>
        <translation>{0} und {1} stehen {2} auseinander; gewünscht ist {3}</translation>
    </message>
    <message>
        <source>{0}: the nut would stand {1} below the fret tops; raise its target or the action</source>
        <translation>{0}: der Sattel stünde {1} unter den Bundkronen; sein Ziel oder die Saitenlage anheben</translation>
    </message>
    <message>
        <source>{0}: the slot&apos;s floor would lie {1} over the seat; the board&apos;s height over the seat is wanting</source>
        <translation>{0}: der Kerbgrund läge {1} über der Auflage; die Höhe des Griffbretts über der Auflage reicht nicht</translation>
    </message>
    <message>
        <source>{0}: pressed at fret 3 the string lies on fret 2; read it with pressed fret 2</source>
        <translation>{0}: am Bund 3 gedrückt liegt die Saite auf Bund 2; mit Bund 2 lesen</translation>
    </message>
    <message>
        <source>{0} stands {2} from the board&apos;s edge at the nut; {3} is wanted: less spread, or bias away from that edge</source>
        <translation>{0} steht am Sattel {2} vom Griffbrettrand; gewünscht ist {3}: weniger Spreizung oder Versatz von diesem Rand weg</translation>
    </message>
    <message>
        <source>{0} stands {2} from the board&apos;s edge at fret {1}; {3} is wanted: less spread at the saddle, bias, or shift the bridge</source>
        <translation>{0} steht am Bund {1} {2} vom Griffbrettrand; gewünscht ist {3}: weniger Spreizung am Steg, Versatz oder den Steg verschieben</translation>
    </message>
    <message>
        <source>this job was written by a newer version ({0}); it opens for reading only</source>
        <translation>dieser Auftrag wurde von einer neueren Version ({0}) geschrieben; nur zum Lesen</translation>
    </message>
    <message>
        <source>nothing is written here; a length is needed</source>
        <translation>hier steht nichts; eine Länge ist nötig</translation>
    </message>
    <message>
        <source>too long: at most 200 characters</source>
        <translation>zu lang: höchstens 200 Zeichen</translation>
    </message>
    <message>
        <source>not understood at character {0}; numbers, + - * / ( ), mm, in, &quot;, thou and 64ths are</source>
        <translation>nicht verstanden bei Zeichen {0}; verstanden werden Zahlen, + - * / ( ), mm, in, &quot;, thou und 64ths</translation>
    </message>
    <message>
        <source>a number is missing at character {0}</source>
        <translation>bei Zeichen {0} fehlt eine Zahl</translation>
    </message>
    <message>
        <source>character {0}: + - * or / is missing before it</source>
        <translation>Zeichen {0}: davor fehlt + - * oder /</translation>
    </message>
    <message>
        <source>a bracket is not closed at character {0}</source>
        <translation>bei Zeichen {0} ist eine Klammer nicht geschlossen</translation>
    </message>
    <message>
        <source>too many brackets inside each other at character {0}</source>
        <translation>bei Zeichen {0} zu viele Klammern ineinander</translation>
    </message>
    <message>
        <source>no number at character {0}: one decimal mark, no thousands marks</source>
        <translation>keine Zahl bei Zeichen {0}: ein Dezimalzeichen, keine Tausenderzeichen</translation>
    </message>
    <message>
        <source>the fraction at character {0} after a whole number must be smaller than one</source>
        <translation>der Bruch bei Zeichen {0} nach einer ganzen Zahl muss kleiner als eins sein</translation>
    </message>
    <message>
        <source>division by nothing at character {0}</source>
        <translation>Teilung durch nichts bei Zeichen {0}</translation>
    </message>
    <message>
        <source>a length times a length at character {0} is no length</source>
        <translation>Länge mal Länge bei Zeichen {0} ist keine Länge</translation>
    </message>
    <message>
        <source>a number divided by a length at character {0} is no length</source>
        <translation>Zahl durch Länge bei Zeichen {0} ist keine Länge</translation>
    </message>
    <message>
        <source>at character {0}: before the &lt; stands the leaf that goes, the thinner one</source>
        <translation>bei Zeichen {0}: vor dem &lt; steht das Blatt, das geht, das dünnere</translation>
    </message>
    <message>
        <source>the length is too large</source>
        <translation>die Länge ist zu groß</translation>
    </message>
    <message>
        <source>floor over seat</source>
        <translation>Grund über Auflage</translation>
    </message>
    <message>
        <source>floor over board</source>
        <translation>Grund über Griffbrett</translation>
    </message>
    <message>
        <source>floor over frets</source>
        <translation>Grund über Bünden</translation>
    </message>
    <message>
        <source>floor under blank top</source>
        <translation>Grund unter Rohlingoberkante</translation>
    </message>
    <message>
        <source>saw to</source>
        <translation>Säge</translation>
    </message>
    <message>
        <source>slot width</source>
        <translation>Kerbbreite</translation>
    </message>
    <message>
        <source>slot depth</source>
        <translation>Kerbtiefe</translation>
    </message>
    <message>
        <source>finished top</source>
        <translation>fertige Oberkante</translation>
    </message>
    <message>
        <source>pencil line</source>
        <translation>Bleistiftlinie</translation>
    </message>
    <message>
        <source>over the fret line</source>
        <translation>über der Bundlinie</translation>
    </message>
    <message>
        <source>action at fret 12</source>
        <translation>Saitenlage am Bund 12</translation>
    </message>
    <message>
        <source>slot centre</source>
        <translation>Kerbmitte</translation>
    </message>
    <message>
        <source>floor angle</source>
        <translation>Grundwinkel</translation>
    </message>
    <message>
        <source>break angle</source>
        <translation>Knickwinkel</translation>
    </message>
    <message>
        <source>board</source>
        <translation>Griffbrett</translation>
    </message>
    <message>
        <source>fret</source>
        <translation>Bund</translation>
    </message>
    <message>
        <source>curve of the board</source>
        <translation>Wölbung des Griffbretts</translation>
    </message>
    <message>
        <source>curve of the seat</source>
        <translation>Wölbung der Auflage</translation>
    </message>
    <message>
        <source>guide below the zero fret</source>
        <translation>Führung unter dem Nullbund</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>board here</source>
        <translation>Griffbrett hier</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>left for the file</source>
        <translation>für die Feile</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>clearance</source>
        <translation>Spiel</translation>
    </message>
    <message>
        <source>share in the slot</source>
        <translation>Anteil in der Kerbe</translation>
    </message>
    <message>
        <source>depth in the slot</source>
        <translation>Tiefe in der Kerbe</translation>
    </message>
    <message>
        <source>zero fret</source>
        <translation>Nullbund</translation>
    </message>
    <message>
        <source>target</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>pressed gap wanted</source>
        <translation>Luft gedrückt gewünscht</translation>
    </message>
    <message>
        <source>open gap wanted</source>
        <translation>Luft leer gewünscht</translation>
    </message>
    <message>
        <source>action wanted</source>
        <translation>Saitenlage gewünscht</translation>
    </message>
    <message>
        <source>fret 1 top</source>
        <translation>Krone Bund 1</translation>
    </message>
    <message>
        <source>fret 2 top</source>
        <translation>Krone Bund 2</translation>
    </message>
    <message>
        <source>fret 3 top</source>
        <translation>Krone Bund 3</translation>
    </message>
    <message>
        <source>fret 12 top</source>
        <translation>Krone Bund 12</translation>
    </message>
    <message>
        <source>fret line at the nut</source>
        <translation>Bundlinie am Sattel</translation>
    </message>
    <message>
        <source>fret top</source>
        <translation>Bundkrone</translation>
    </message>
    <message>
        <source>across</source>
        <translation>seitlich</translation>
    </message>
    <message>
        <source>nut angle</source>
        <translation>Sattelwinkel</translation>
    </message>
    <message>
        <source>outer string</source>
        <translation>Außensaite</translation>
    </message>
    <message>
        <source>centre before</source>
        <translation>Mitte davor</translation>
    </message>
    <message>
        <source>half of that string</source>
        <translation>Hälfte jener Saite</translation>
    </message>
    <message>
        <source>clear gap</source>
        <translation>freie Lücke</translation>
    </message>
    <message>
        <source>half of this one</source>
        <translation>Hälfte dieser</translation>
    </message>
    <message>
        <source>fall to the post</source>
        <translation>Fall zum Wirbel</translation>
    </message>
    <message>
        <source>headstock angle</source>
        <translation>Kopfplattenwinkel</translation>
    </message>
    <message>
        <source>share for the floor</source>
        <translation>Anteil für den Grund</translation>
    </message>
    <message>
        <source>post below</source>
        <translation>Wirbel darunter</translation>
    </message>
    <message>
        <source>post behind</source>
        <translation>Wirbel dahinter</translation>
    </message>
    <message>
        <source>saddle over nut</source>
        <translation>Stegeinlage über Sattel</translation>
    </message>
    <message>
        <source>nut width</source>
        <translation>Sattelbreite</translation>
    </message>
    <message>
        <source>scale</source>
        <translation>Mensur</translation>
    </message>
    <message>
        <source>relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>read with a caliper</source>
        <translation>mit der Schieblehre gemessen</translation>
    </message>
    <message>
        <source>read with a half-millimetre rule</source>
        <translation>mit dem Halbmillimetermaß gemessen</translation>
    </message>
    <message>
        <source>read with a string gauge</source>
        <translation>mit der Saitenlehre gemessen</translation>
    </message>
    <message>
        <source>judged by light</source>
        <translation>nach Lichtspalt geschätzt</translation>
    </message>
    <message>
        <source>board over the seat, the fret on it, and how far the string stands over the line of the fret tops, less what the board falls toward the edge</source>
        <translation>Griffbrett über der Auflage, der Bund darauf und wie weit die Saite über der Linie der Bundkronen steht, weniger, was das Griffbrett zum Rand hin fällt</translation>
    </message>
    <message>
        <source>floor over the seat less the height of the board under this string</source>
        <translation>Grund über der Auflage weniger die Höhe des Griffbretts unter dieser Saite</translation>
    </message>
    <message>
        <source>how far the string stands over a straightedge laid on the frets</source>
        <translation>wie weit die Saite über einem auf die Bünde gelegten Lineal steht</translation>
    </message>
    <message>
        <source>height of the blank less the floor: how deep to go from its top</source>
        <translation>Höhe des Rohlings weniger der Grund: wie tief von oben</translation>
    </message>
    <message>
        <source>the floor, and what is left for the file</source>
        <translation>der Grund und was für die Feile bleibt</translation>
    </message>
    <message>
        <source>the string, and the clearance for its kind</source>
        <translation>die Saite und das Spiel für ihre Art</translation>
    </message>
    <message>
        <source>the string times the share of it that lies in the slot</source>
        <translation>die Saite mal der Anteil, der in der Kerbe liegt</translation>
    </message>
    <message>
        <source>the floor and the depth of the finished slot</source>
        <translation>der Grund und die Tiefe der fertigen Kerbe</translation>
    </message>
    <message>
        <source>the fret tops carried onto the front face</source>
        <translation>die Bundkronen auf die Vorderseite übertragen</translation>
    </message>
    <message>
        <source>the target itself: as if a zero fret stood at the nut</source>
        <translation>das Ziel selbst: als stünde am Sattel ein Nullbund</translation>
    </message>
    <message>
        <source>how much taller the zero fret is than the others</source>
        <translation>um wie viel der Nullbund höher ist als die anderen</translation>
    </message>
    <message>
        <source>the string lies on fret 2; the straight line from there over fret 1, with the wanted gap, is carried back to the nut</source>
        <translation>die Saite liegt auf Bund 2; die Gerade von dort über Bund 1, mit der gewünschten Luft, zum Sattel verlängert</translation>
    </message>
    <message>
        <source>the string lies on fret 3; the straight line from there over fret 1, with the wanted gap, is carried back to the nut</source>
        <translation>die Saite liegt auf Bund 3; die Gerade von dort über Bund 1, mit der gewünschten Luft, zum Sattel verlängert</translation>
    </message>
    <message>
        <source>a straight string with the wanted gap over fret 1 and the wanted action at fret 12, carried back to the nut</source>
        <translation>eine gerade Saite mit der gewünschten Luft über Bund 1 und der gewünschten Saitenlage am Bund 12, zum Sattel verlängert</translation>
    </message>
    <message>
        <source>a straight string from the saddle (set by the action with a capo at fret 1) with the wanted gap over fret 1, carried back to the nut</source>
        <translation>eine gerade Saite von der Stegeinlage (durch die Saitenlage mit Kapodaster am Bund 1 bestimmt) mit der gewünschten Luft über Bund 1, zum Sattel verlängert</translation>
    </message>
    <message>
        <source>height of the string over the fret less the height of the fret top</source>
        <translation>Höhe der Saite über dem Bund weniger die Höhe der Bundkrone</translation>
    </message>
    <message>
        <source>the place across, measured along the slanted nut: divided by the cosine of its angle</source>
        <translation>der Ort quer, entlang des schrägen Sattels gemessen: durch den Kosinus seines Winkels geteilt</translation>
    </message>
    <message>
        <source>the outer string as the spread or the edge margin gives it</source>
        <translation>die Außensaite, wie Spreizung oder Randabstand sie gibt</translation>
    </message>
    <message>
        <source>from the centre before: half of that string, the clear gap, half of this one</source>
        <translation>von der Mitte davor: die Hälfte jener Saite, die freie Lücke, die Hälfte dieser</translation>
    </message>
    <message>
        <source>how steeply the string falls behind the nut, times the share the floor takes of it</source>
        <translation>wie steil die Saite hinter dem Sattel fällt, mal der Anteil, den der Grund davon nimmt</translation>
    </message>
    <message>
        <source>the fall to the post less the rise to the saddle, as angles</source>
        <translation>der Fall zum Wirbel weniger der Anstieg zur Stegeinlage, als Winkel</translation>
    </message>
    <message>
        <source>{0} has steps that could not be written; it stays open</source>
        <translation>{0} hat Schritte, die nicht geschrieben werden konnten; der Auftrag bleibt offen</translation>
    </message>
    <message>
        <source>{where} is {0}; a wound string&apos;s core must be thinner than the string, {1}</source>
        <translation>{where} ist {0}; der Kern einer umsponnenen Saite muss dünner sein als die Saite, {1}</translation>
    </message>
    <message>
        <source>{where} is missing: a wound string without a steel core needs it, or unit_mass_g_m</source>
        <translation>{where} fehlt: eine umsponnene Saite ohne Stahlkern braucht es, oder unit_mass_g_m</translation>
    </message>
    <message>
        <source>{where} are all 0; at least one fret must count</source>
        <translation>{where} sind alle 0; mindestens ein Bund muss zählen</translation>
    </message>
    <message>
        <source>{where} is {0} to {1}; the first must be the smaller</source>
        <translation>{where} ist {0} bis {1}; das erste muss das kleinere sein</translation>
    </message>
    <message>
        <source>{where}: a fret from 1 to {0} is needed as the key</source>
        <translation>{where}: ein Bund von 1 bis {0} ist als Schlüssel nötig</translation>
    </message>
    <message>
        <source>{where} puts fret 1 only {0} from the nut line; at least {1} is needed</source>
        <translation>{where} setzt Bund 1 nur {0} von der Sattellinie; mindestens {1} ist nötig</translation>
    </message>
    <message>
        <source>{where} names no measured input of this job</source>
        <translation>{where} nennt keine gemessene Eingabe dieses Auftrags</translation>
    </message>
    <message>
        <source>{where} has {1} bytes; a scale file may have at most 65536</source>
        <translation>{where} hat {1} Bytes; eine Skalendatei darf höchstens 65536 haben</translation>
    </message>
    <message>
        <source>{where} ends at line {0}; a name, the number 12 and twelve pitches are needed</source>
        <translation>{where} endet bei Zeile {0}; ein Name, die Zahl 12 und zwölf Tonhöhen sind nötig</translation>
    </message>
    <message>
        <source>{where}, line {0}: it has {1} notes; twelve are needed</source>
        <translation>{where}, Zeile {0}: sie hat {1} Töne; zwölf sind nötig</translation>
    </message>
    <message>
        <source>{where}, line {0}: {1} is no pitch; cents such as 701.955 or a ratio such as 3/2 are needed</source>
        <translation>{where}, Zeile {0}: {1} ist keine Tonhöhe; Cent wie 701.955 oder ein Verhältnis wie 3/2 sind nötig</translation>
    </message>
    <message>
        <source>{where}, line {0}: {1} is not higher than the pitch before it</source>
        <translation>{where}, Zeile {0}: {1} ist nicht höher als die Tonhöhe davor</translation>
    </message>
    <message>
        <source>{where}, line {0}: {1} is no octave; the last pitch must be 2/1 or 1200.0</source>
        <translation>{where}, Zeile {0}: {1} ist keine Oktave; die letzte Tonhöhe muss 2/1 oder 1200.0 sein</translation>
    </message>
    <message>
        <source>{where} has {2} bytes; at most 262144 are read</source>
        <translation>{where} hat {2} Bytes; höchstens 262144 werden gelesen</translation>
    </message>
    <message>
        <source>{where}, row {0}: a quote is not closed</source>
        <translation>{where}, Reihe {0}: ein Anführungszeichen ist nicht geschlossen</translation>
    </message>
    <message>
        <source>{where} has no strings; a header row and one row a string are needed</source>
        <translation>{where} hat keine Saiten; eine Kopfzeile und je Saite eine Reihe sind nötig</translation>
    </message>
    <message>
        <source>{where} has {0} rows; a header and 1 to 14 strings are allowed</source>
        <translation>{where} hat {0} Reihen; erlaubt sind eine Kopfzeile und 1 bis 14 Saiten</translation>
    </message>
    <message>
        <source>{where} has no column {1}</source>
        <translation>{where} hat keine Spalte {1}</translation>
    </message>
    <message>
        <source>{where} has two columns for {1}</source>
        <translation>{where} hat zwei Spalten für {1}</translation>
    </message>
    <message>
        <source>{where}, row {0}, {1}: {2} is no length; 0.42, 0.42 mm or .017 in are</source>
        <translation>{where}, Reihe {0}, {1}: {2} ist keine Länge; 0,42, 0,42 mm oder .017 in sind es</translation>
    </message>
    <message>
        <source>{where}, row {0}, {1}: {2} is no number that is allowed there</source>
        <translation>{where}, Reihe {0}, {1}: {2} ist keine Zahl, die dort erlaubt ist</translation>
    </message>
    <message>
        <source>{where}, row {0}, {1}: {2} is not understood; yes or no is needed</source>
        <translation>{where}, Reihe {0}, {1}: {2} wird nicht verstanden; yes oder no ist nötig</translation>
    </message>
    <message>
        <source>{0}: no tension makes this string sound {1} Hz: its bending alone is higher; take a thinner core, a lighter string or a higher pitch</source>
        <translation>{0}: keine Spannung lässt diese Saite mit {1} Hz klingen: schon ihre Biegung klingt höher; einen dünneren Kern, eine leichtere Saite oder eine höhere Stimmung nehmen</translation>
    </message>
    <message>
        <source>{0}: no place of the crown within a quarter of the scale makes it play true; check pitch, diameter and core</source>
        <translation>{0}: keine Lage der Krone innerhalb einer Viertelmensur lässt sie rein klingen; Tonhöhe, Durchmesser und Kern prüfen</translation>
    </message>
    <message>
        <source>{0}: no best place of the nut&apos;s front was found; it stands as the job has it</source>
        <translation>{0}: keine beste Lage der Sattelvorderseite wurde gefunden; sie bleibt, wie der Auftrag sie hat</translation>
    </message>
    <message>
        <source>{0}: its core would carry {1} MPa; usual is {2} to {3}: check pitch, diameter and core</source>
        <translation>{0}: ihr Kern trüge {1} MPa; üblich ist {2} bis {3}: Tonhöhe, Durchmesser und Kern prüfen</translation>
    </message>
    <message>
        <source>{0}: so stiff at the last fret that its pitch is known to a cent no more</source>
        <translation>{0}: am letzten Bund so steif, dass ihre Tonhöhe nicht mehr auf einen Cent bekannt ist</translation>
    </message>
    <message>
        <source>{0} chokes on {3} frets: held at fret {1} it lies on fret {2}</source>
        <translation>{0} liegt auf {3} Bünden auf: am Bund {1} gegriffen liegt sie auf Bund {2}</translation>
    </message>
    <message>
        <source>{0} chokes open: it lies on fret {2}</source>
        <translation>{0} liegt leer auf: auf Bund {2}</translation>
    </message>
    <message>
        <source>{0}: behind the finger at fret {1} it has {2} to swing; under {3} it is likely heard there</source>
        <translation>{0}: hinter dem Finger am Bund {1} hat sie {2} zum Schwingen; unter {3} hört man sie dort wahrscheinlich</translation>
    </message>
    <message>
        <source>the crowns and their edges need {0}; the saddle is {1} thick: a thicker one, or the straight line</source>
        <translation>die Kronen und ihre Ränder brauchen {0}; die Stegeinlage ist {1} dick: eine dickere oder die gerade Linie</translation>
    </message>
    <message>
        <source>{0}: its saddle cannot reach its place; move the bridge or use a longer travel</source>
        <translation>{0}: ihr Reiter kann seinen Ort nicht erreichen; den Steg versetzen oder mehr Verstellweg nehmen</translation>
    </message>
    <message>
        <source>the fret plane passes {0} too high at the saddle for a bridge of {1}: the neck&apos;s angle is at fault</source>
        <translation>die Bundebene geht am Steg um {0} zu hoch vorbei für einen Steg von {1}: der Halswinkel ist schuld</translation>
    </message>
    <message>
        <source>the fret plane passes {0} too low at the saddle for a bridge of {1}: the neck&apos;s angle is at fault</source>
        <translation>die Bundebene geht am Steg um {0} zu tief vorbei für einen Steg von {1}: der Halswinkel ist schuld</translation>
    </message>
    <message>
        <source>{where} is {1}: {0} would leave before its crown; more than {2} is needed</source>
        <translation>{where} ist {1}: {0} verließe den Steg vor ihrer Krone; mehr als {2} ist nötig</translation>
    </message>
    <message>
        <source>{0} of wood would be left under the saddle&apos;s slot; {1} is wanted</source>
        <translation>unter der Nut der Stegeinlage blieben {0} Holz; gewünscht ist {1}</translation>
    </message>
    <message>
        <source>{0}: the string would lie {1} below the top of the bridge</source>
        <translation>{0}: die Saite läge {1} unter der Oberkante des Stegs</translation>
    </message>
    <message>
        <source>{0}: the saddle stands {1} out of a slot {2} deep; at least half of it should stand in wood</source>
        <translation>{0}: die Stegeinlage steht {1} aus einer {2} tiefen Nut; mindestens die Hälfte sollte im Holz stehen</translation>
    </message>
    <message>
        <source>{0} breaks over the saddle by {1}; {2} is wanted</source>
        <translation>{0} knickt über der Stegeinlage um {1}; gewünscht ist {2}</translation>
    </message>
    <message>
        <source>{0} has not both a nut and an action reading yet; it takes no part in the plan</source>
        <translation>{0} hat noch nicht beides, eine Lesung am Sattel und eine der Saitenlage; sie nimmt am Plan nicht teil</translation>
    </message>
    <message>
        <source>{where}: no string has both a nut and an action reading; nothing can be planned</source>
        <translation>{where}: keine Saite hat eine Lesung am Sattel und eine der Saitenlage; nichts kann geplant werden</translation>
    </message>
    <message>
        <source>{where} is no number of this job&apos;s solution; solve prints them by their keys</source>
        <translation>{where} ist keine Zahl der Lösung dieses Auftrags; solve druckt sie mit ihren Schlüsseln</translation>
    </message>
    <message>
        <source>{where}: no string has cents at two or more frets; nothing can be fitted</source>
        <translation>{where}: keine Saite hat Cent an zwei oder mehr Bünden; nichts kann angepasst werden</translation>
    </message>
    <message>
        <source>these readings cannot tell the ends&apos; stiffness from the string&apos;s stretch; read more frets, low and high</source>
        <translation>diese Lesungen können die Steife der Enden nicht von der Dehnung der Saite trennen; mehr Bünde lesen, tiefe und hohe</translation>
    </message>
    <message>
        <source>these readings leave the ends&apos; stiffness uncertain by {0}; read more frets</source>
        <translation>diese Lesungen lassen die Steife der Enden um {0} ungewiss; mehr Bünde lesen</translation>
    </message>
    <message>
        <source>the ends&apos; stiffness comes out as {0}, outside 0 to 1: it makes up for an error in the crown&apos;s place</source>
        <translation>die Steife der Enden kommt als {0} heraus, außerhalb von 0 bis 1: sie gleicht einen Fehler im Ort der Krone aus</translation>
    </message>
    <message>
        <source>no stretch within six times the usual fits these readings; only the ends&apos; stiffness is fitted</source>
        <translation>keine Dehnung innerhalb des Sechsfachen der üblichen passt zu diesen Lesungen; nur die Steife der Enden wird angepasst</translation>
    </message>
    <message>
        <source>the open string buzzes and stops when fret 1 is held</source>
        <translation>die leere Saite schnarrt und hört auf, wenn Bund 1 gehalten wird</translation>
    </message>
    <message>
        <source>a fretted note buzzes toward the bridge</source>
        <translation>ein gegriffener Ton schnarrt zum Steg hin</translation>
    </message>
    <message>
        <source>everything up the neck buzzes</source>
        <translation>den ganzen Hals hinauf schnarrt es</translation>
    </message>
    <message>
        <source>a buzz that stops when the string is touched between nut and finger</source>
        <translation>ein Schnarren, das aufhört, wenn die Saite zwischen Sattel und Finger berührt wird</translation>
    </message>
    <message>
        <source>the first frets are sharp, the octave is true</source>
        <translation>die ersten Bünde sind zu hoch, die Oktave stimmt</translation>
    </message>
    <message>
        <source>sharp all the way up</source>
        <translation>den ganzen Hals hinauf zu hoch</translation>
    </message>
    <message>
        <source>flat all the way up</source>
        <translation>den ganzen Hals hinauf zu tief</translation>
    </message>
    <message>
        <source>sharp only under a heavy hand</source>
        <translation>zu hoch nur unter schwerer Hand</translation>
    </message>
    <message>
        <source>a sitar-like sound from the nut</source>
        <translation>ein sitarartiger Klang vom Sattel</translation>
    </message>
    <message>
        <source>a muffled or sizzling sound from the saddle</source>
        <translation>ein dumpfer oder zischender Klang von der Stegeinlage</translation>
    </message>
    <message>
        <source>ping and jump when tuning</source>
        <translation>Knacken und Springen beim Stimmen</translation>
    </message>
    <message>
        <source>a weak, unfocused sound</source>
        <translation>ein schwacher, unscharfer Klang</translation>
    </message>
    <message>
        <source>the bridge rotates or lifts</source>
        <translation>der Steg dreht sich oder hebt ab</translation>
    </message>
    <message>
        <source>it changed with the season</source>
        <translation>es hat sich mit der Jahreszeit verändert</translation>
    </message>
    <message>
        <source>the slot is too low</source>
        <translation>die Kerbe ist zu tief</translation>
    </message>
    <message>
        <source>hold fret 1: the buzz stops; a paper shim under the string at the nut cures it</source>
        <translation>Bund 1 halten: das Schnarren hört auf; ein Papierstreifen unter der Saite am Sattel heilt es</translation>
    </message>
    <message>
        <source>fill the slot, or shim the nut, and recut</source>
        <translation>die Kerbe füllen oder den Sattel unterlegen und neu feilen</translation>
    </message>
    <message>
        <source>the slot&apos;s floor is flat or tilted forward</source>
        <translation>der Kerbgrund ist flach oder nach vorn geneigt</translation>
    </message>
    <message>
        <source>press the string down right behind the nut: the buzz changes</source>
        <translation>die Saite gleich hinter dem Sattel niederdrücken: das Schnarren ändert sich</translation>
    </message>
    <message>
        <source>file the floor falling toward the headstock, the front edge untouched</source>
        <translation>den Grund zur Kopfplatte hin fallend feilen, die Vorderkante bleibt unberührt</translation>
    </message>
    <message>
        <source>the slot is too wide</source>
        <translation>die Kerbe ist zu weit</translation>
    </message>
    <message>
        <source>push the string sideways in its slot: it moves</source>
        <translation>die Saite in ihrer Kerbe seitlich schieben: sie bewegt sich</translation>
    </message>
    <message>
        <source>fill the slot and recut it to the string</source>
        <translation>die Kerbe füllen und nach der Saite neu feilen</translation>
    </message>
    <message>
        <source>the neck is too straight</source>
        <translation>der Hals ist zu gerade</translation>
    </message>
    <message>
        <source>hold the string at two frets and look for the gap between</source>
        <translation>die Saite an zwei Bünden halten und nach der Luft dazwischen sehen</translation>
    </message>
    <message>
        <source>a little more relief, small turns, read again</source>
        <translation>etwas mehr Halskrümmung, in kleinen Drehungen, neu lesen</translation>
    </message>
    <message>
        <source>the next fret stands high, or this one is worn low</source>
        <translation>der nächste Bund steht hoch, oder dieser ist abgespielt</translation>
    </message>
    <message>
        <source>rock a short straightedge over three frets</source>
        <translation>ein kurzes Lineal über drei Bünde kippeln</translation>
    </message>
    <message>
        <source>level the high fret; a loose one is seated first</source>
        <translation>den hohen Bund abrichten; einen losen zuerst einsetzen</translation>
    </message>
    <message>
        <source>the action is too low for this hand</source>
        <translation>die Saitenlage ist für diese Hand zu niedrig</translation>
    </message>
    <message>
        <source>slip card under the saddle for a trial</source>
        <translation>zur Probe Karton unter die Stegeinlage schieben</translation>
    </message>
    <message>
        <source>packing under the saddle, or a new one</source>
        <translation>die Stegeinlage unterlegen, oder eine neue</translation>
    </message>
    <message>
        <source>the slot is so deep that the string lies close behind the finger</source>
        <translation>die Kerbe ist so tief, dass die Saite hinter dem Finger dicht liegt</translation>
    </message>
    <message>
        <source>a paper shim under the string at the nut</source>
        <translation>ein Papierstreifen unter der Saite am Sattel</translation>
    </message>
    <message>
        <source>raise this slot</source>
        <translation>diese Kerbe anheben</translation>
    </message>
    <message>
        <source>the neck is so straight that the string lies close behind the finger</source>
        <translation>der Hals ist so gerade, dass die Saite hinter dem Finger dicht liegt</translation>
    </message>
    <message>
        <source>read the relief</source>
        <translation>die Halskrümmung lesen</translation>
    </message>
    <message>
        <source>more relief, then the saddle lower by what it lifts</source>
        <translation>mehr Halskrümmung, dann die Stegeinlage um so viel tiefer, wie sie hebt</translation>
    </message>
    <message>
        <source>the nut is high</source>
        <translation>der Sattel ist hoch</translation>
    </message>
    <message>
        <source>read the gap over fret 1</source>
        <translation>die Luft über Bund 1 lesen</translation>
    </message>
    <message>
        <source>lower the slot to its target</source>
        <translation>die Kerbe auf ihr Ziel senken</translation>
    </message>
    <message>
        <source>the nut stands back of where it should</source>
        <translation>der Sattel steht weiter zurück, als er soll</translation>
    </message>
    <message>
        <source>measure nut to fret 12 and double it</source>
        <translation>Sattel bis Bund 12 messen und verdoppeln</translation>
    </message>
    <message>
        <source>set the nut&apos;s front forward</source>
        <translation>die Sattelvorderseite vorsetzen</translation>
    </message>
    <message>
        <source>the crown stands too far forward</source>
        <translation>die Krone steht zu weit vorn</translation>
    </message>
    <message>
        <source>octave harmonic against the fretted octave</source>
        <translation>Oktavflageolett gegen die gegriffene Oktave</translation>
    </message>
    <message>
        <source>move the crown back</source>
        <translation>die Krone zurücksetzen</translation>
    </message>
    <message>
        <source>the crown stands too far back</source>
        <translation>die Krone steht zu weit hinten</translation>
    </message>
    <message>
        <source>move the crown forward</source>
        <translation>die Krone vorsetzen</translation>
    </message>
    <message>
        <source>the string is pressed deep</source>
        <translation>die Saite wird tief gedrückt</translation>
    </message>
    <message>
        <source>play the note with the lightest touch that sounds</source>
        <translation>den Ton mit der leichtesten Berührung spielen, die klingt</translation>
    </message>
    <message>
        <source>a lighter hand, or lower frets</source>
        <translation>eine leichtere Hand oder niedrigere Bünde</translation>
    </message>
    <message>
        <source>the string breaks too little over the nut</source>
        <translation>die Saite knickt zu wenig über den Sattel</translation>
    </message>
    <message>
        <source>press the string down behind the nut</source>
        <translation>die Saite hinter dem Sattel niederdrücken</translation>
    </message>
    <message>
        <source>more turns down the post, or a retainer</source>
        <translation>mehr Windungen am Wirbel hinab oder ein Niederhalter</translation>
    </message>
    <message>
        <source>the crown is flat or tilted forward</source>
        <translation>die Krone ist flach oder nach vorn geneigt</translation>
    </message>
    <message>
        <source>look along the crown under a lamp</source>
        <translation>unter einer Lampe die Krone entlangsehen</translation>
    </message>
    <message>
        <source>shape the crown to a thin line that leads</source>
        <translation>die Krone zu einer schmalen Linie formen, die führt</translation>
    </message>
    <message>
        <source>the string breaks too little over the saddle</source>
        <translation>die Saite knickt zu wenig über die Stegeinlage</translation>
    </message>
    <message>
        <source>press the string down behind the saddle</source>
        <translation>die Saite hinter der Stegeinlage niederdrücken</translation>
    </message>
    <message>
        <source>ramps, a lower exit, or a taller saddle</source>
        <translation>Rampen, ein tieferer Austritt oder eine höhere Stegeinlage</translation>
    </message>
    <message>
        <source>the slot is tight</source>
        <translation>die Kerbe ist eng</translation>
    </message>
    <message>
        <source>tune down and up: it pings</source>
        <translation>hinunter und hinauf stimmen: es knackt</translation>
    </message>
    <message>
        <source>open the slot to the string and its clearance</source>
        <translation>die Kerbe auf Saite und Spiel öffnen</translation>
    </message>
    <message>
        <source>the string bends sideways in its slot</source>
        <translation>die Saite knickt in ihrer Kerbe seitlich</translation>
    </message>
    <message>
        <source>look from above, from the slot to the post</source>
        <translation>von oben sehen, von der Kerbe zum Wirbel</translation>
    </message>
    <message>
        <source>ease the slot&apos;s back toward the post</source>
        <translation>den hinteren Teil der Kerbe zum Wirbel hin öffnen</translation>
    </message>
    <message>
        <source>the bridge is low and the strings press little on it</source>
        <translation>der Steg ist niedrig, und die Saiten drücken wenig auf ihn</translation>
    </message>
    <message>
        <source>look at the string&apos;s break behind the saddle</source>
        <translation>den Knick der Saite hinter der Stegeinlage ansehen</translation>
    </message>
    <message>
        <source>a taller bridge, if the neck&apos;s angle allows it</source>
        <translation>ein höherer Steg, wenn der Halswinkel es erlaubt</translation>
    </message>
    <message>
        <source>the bridge or the top gives way: structural</source>
        <translation>Steg oder Decke geben nach: ein Schaden am Bau</translation>
    </message>
    <message>
        <source>slide a strip of paper under the bridge&apos;s edge</source>
        <translation>einen Papierstreifen unter den Rand des Stegs schieben</translation>
    </message>
    <message>
        <source>slacken the strings and stop: a trained repairer first</source>
        <translation>die Saiten entspannen und aufhören: zuerst zu einem ausgebildeten Reparateur</translation>
    </message>
    <message>
        <source>the neck has moved</source>
        <translation>der Hals hat sich bewegt</translation>
    </message>
    <message>
        <source>read the relief and the humidity again</source>
        <translation>Halskrümmung und Luftfeuchte neu lesen</translation>
    </message>
    <message>
        <source>bring the relief back, then read all again</source>
        <translation>die Halskrümmung zurückholen, dann alles neu lesen</translation>
    </message>
    <message>
        <source>raising the slot by {0} frees it</source>
        <translation>die Kerbe um {0} anheben macht sie frei</translation>
    </message>
    <message>
        <source>this alone does not free it</source>
        <translation>das allein macht sie nicht frei</translation>
    </message>
    <message>
        <source>the slot is {0} wider than string and clearance</source>
        <translation>die Kerbe ist {0} weiter als Saite und Spiel</translation>
    </message>
    <message>
        <source>it binds, as the readings say</source>
        <translation>sie klemmt, wie die Lesungen sagen</translation>
    </message>
    <message>
        <source>the slot is {0} narrower than string and clearance</source>
        <translation>die Kerbe ist {0} enger als Saite und Spiel</translation>
    </message>
    <message>
        <source>it bends {0} sideways</source>
        <translation>sie knickt {0} seitlich</translation>
    </message>
    <message>
        <source>it breaks by {0}</source>
        <translation>sie knickt um {0}</translation>
    </message>
    <message>
        <source>fret {0} lower by {1} frees it</source>
        <translation>Bund {0} um {1} niedriger macht sie frei</translation>
    </message>
    <message>
        <source>{0} more relief frees it</source>
        <translation>{0} mehr Halskrümmung macht sie frei</translation>
    </message>
    <message>
        <source>raising the saddle by {0} frees it</source>
        <translation>die Stegeinlage um {0} anheben macht sie frei</translation>
    </message>
    <message>
        <source>raising this slot by {0} quiets it and leaves the others as they are</source>
        <translation>diese Kerbe um {0} anheben beruhigt sie und lässt die anderen, wie sie sind</translation>
    </message>
    <message>
        <source>{0} more relief, then the saddle {1} lower, quiets it and widens the room of all strings</source>
        <translation>{0} mehr Halskrümmung, dann die Stegeinlage {1} tiefer, beruhigt sie und weitet den Raum aller Saiten</translation>
    </message>
    <message>
        <source>{0} lower takes {1} cents off fret 1</source>
        <translation>{0} tiefer nimmt {1} Cent von Bund 1</translation>
    </message>
    <message>
        <source>{0} forward takes {1} cents off fret 1</source>
        <translation>{0} vor nimmt {1} Cent von Bund 1</translation>
    </message>
    <message>
        <source>{0} cents at fret 12: the crown {1} further back</source>
        <translation>{0} Cent am Bund 12: die Krone {1} weiter zurück</translation>
    </message>
    <message>
        <source>{0} cents at fret 12: the crown {1} further forward</source>
        <translation>{0} Cent am Bund 12: die Krone {1} weiter vor</translation>
    </message>
    <message>
        <source>{0} deeper makes it {1} cents sharper</source>
        <translation>{0} tiefer gedrückt macht es {1} Cent höher</translation>
    </message>
    <message>
        <source>{0} N down on the saddle at a break of {1}</source>
        <translation>{0} N auf die Stegeinlage bei einem Knick von {1}</translation>
    </message>
    <message>
        <source>the strings turn the bridge with {0} N·m</source>
        <translation>die Saiten drehen den Steg mit {0} N·m</translation>
    </message>
    <message>
        <source>the neck is {0} straighter than at the first reading</source>
        <translation>der Hals ist {0} gerader als bei der ersten Lesung</translation>
    </message>
    <message>
        <source>the neck is bowed {0} more than at the first reading</source>
        <translation>der Hals ist {0} stärker gekrümmt als bei der ersten Lesung</translation>
    </message>
    <message>
        <source>buff on a soft wheel or with a cloth</source>
        <translation>auf weicher Scheibe oder mit einem Tuch polieren</translation>
    </message>
    <message>
        <source>stop at a satin</source>
        <translation>bei Seidenglanz aufhören</translation>
    </message>
    <message>
        <source>oil or wax, and rub out</source>
        <translation>ölen oder wachsen und ausreiben</translation>
    </message>
    <message>
        <source>no wet paper: it stains the pores</source>
        <translation>kein nasses Papier: es verfärbt die Poren</translation>
    </message>
    <message>
        <source>no heat: it softens and smears</source>
        <translation>keine Hitze: es wird weich und schmiert</translation>
    </message>
    <message>
        <source>a mirror shows every scratch</source>
        <translation>ein Spiegel zeigt jeden Kratzer</translation>
    </message>
    <message>
        <source>never across the grain</source>
        <translation>nie quer zur Faser</translation>
    </message>
    <message>
        <source>bone dust: mask and extraction; follow your tools&apos; instructions and local rules</source>
        <translation>Knochenstaub: Maske und Absaugung; den Anleitungen der Werkzeuge und örtlichen Regeln folgen</translation>
    </message>
    <message>
        <source>dust: mask and extraction; follow your tools&apos; instructions and local rules</source>
        <translation>Staub: Maske und Absaugung; den Anleitungen der Werkzeuge und örtlichen Regeln folgen</translation>
    </message>
    <message>
        <source>brass may hold lead: wash hands, no dry dust; follow your tools&apos; instructions and local rules</source>
        <translation>Messing kann Blei enthalten: Hände waschen, kein trockener Staub; den Anleitungen der Werkzeuge und örtlichen Regeln folgen</translation>
    </message>
    <message>
        <source>many hardwoods sensitise: mask and extraction; follow your tools&apos; instructions and local rules</source>
        <translation>viele Harthölzer machen empfindlich: Maske und Absaugung; den Anleitungen der Werkzeuge und örtlichen Regeln folgen</translation>
    </message>
    <message>
        <source>gap over the fret</source>
        <translation>Luft über dem Bund</translation>
    </message>
    <message>
        <source>string&apos;s place at the nut</source>
        <translation>Ort der Saite am Sattel</translation>
    </message>
    <message>
        <source>over the fret line on the centreline</source>
        <translation>über der Bundlinie auf der Mittellinie</translation>
    </message>
    <message>
        <source>top as made</source>
        <translation>Oberkante, wie gemacht</translation>
    </message>
    <message>
        <source>board over the seat</source>
        <translation>Griffbrett über der Auflage</translation>
    </message>
    <message>
        <source>floor lower at the back</source>
        <translation>Grund hinten tiefer</translation>
    </message>
    <message>
        <source>side angle at the nut</source>
        <translation>Seitenwinkel am Sattel</translation>
    </message>
    <message>
        <source>bend over the nut</source>
        <translation>Knick über dem Sattel</translation>
    </message>
    <message>
        <source>force in the slot</source>
        <translation>Kraft in der Kerbe</translation>
    </message>
    <message>
        <source>clear space to the next string</source>
        <translation>freier Raum zur nächsten Saite</translation>
    </message>
    <message>
        <source>pressed gap over fret 1</source>
        <translation>Luft gedrückt über Bund 1</translation>
    </message>
    <message>
        <source>action with a capo at fret 1</source>
        <translation>Saitenlage mit Kapodaster am Bund 1</translation>
    </message>
    <message>
        <source>core</source>
        <translation>Kern</translation>
    </message>
    <message>
        <source>unit mass</source>
        <translation>Masse je Länge</translation>
    </message>
    <message>
        <source>tension</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>stress in the core</source>
        <translation>Zugspannung im Kern</translation>
    </message>
    <message>
        <source>compensation</source>
        <translation>Kompensation</translation>
    </message>
    <message>
        <source>nut set forward</source>
        <translation>Sattel vorgesetzt</translation>
    </message>
    <message>
        <source>error at the fret</source>
        <translation>Fehler am Bund</translation>
    </message>
    <message>
        <source>errors of all frets together</source>
        <translation>Fehler aller Bünde zusammen</translation>
    </message>
    <message>
        <source>errors with the nut where it was</source>
        <translation>Fehler mit dem Sattel, wo er war</translation>
    </message>
    <message>
        <source>headroom</source>
        <translation>Spielraum</translation>
    </message>
    <message>
        <source>room behind the finger</source>
        <translation>Raum hinter dem Finger</translation>
    </message>
    <message>
        <source>scale length</source>
        <translation>Mensur</translation>
    </message>
    <message>
        <source>string&apos;s place at the saddle</source>
        <translation>Ort der Saite an der Stegeinlage</translation>
    </message>
    <message>
        <source>crown along the saddle</source>
        <translation>Krone entlang der Stegeinlage</translation>
    </message>
    <message>
        <source>crown from the nut line</source>
        <translation>Krone ab der Sattellinie</translation>
    </message>
    <message>
        <source>crown over the fret plane</source>
        <translation>Krone über der Bundebene</translation>
    </message>
    <message>
        <source>slant of the straight saddle</source>
        <translation>Neigung der geraden Stegeinlage</translation>
    </message>
    <message>
        <source>angle of the straight saddle</source>
        <translation>Winkel der geraden Stegeinlage</translation>
    </message>
    <message>
        <source>straight saddle on the centreline</source>
        <translation>gerade Stegeinlage auf der Mittellinie</translation>
    </message>
    <message>
        <source>slot on the centreline</source>
        <translation>Nut auf der Mittellinie</translation>
    </message>
    <message>
        <source>thickness the crowns need</source>
        <translation>Dicke, die die Kronen brauchen</translation>
    </message>
    <message>
        <source>crown off the straight saddle</source>
        <translation>Krone neben der geraden Stegeinlage</translation>
    </message>
    <message>
        <source>error at fret 12 on the straight saddle</source>
        <translation>Fehler am Bund 12 auf der geraden Stegeinlage</translation>
    </message>
    <message>
        <source>crown from the front face</source>
        <translation>Krone ab der Vorderseite</translation>
    </message>
    <message>
        <source>error at the fret on the straight saddle</source>
        <translation>Fehler am Bund auf der geraden Stegeinlage</translation>
    </message>
    <message>
        <source>string over the soundboard</source>
        <translation>Saite über der Decke</translation>
    </message>
    <message>
        <source>saddle out of the bridge</source>
        <translation>Stegeinlage über dem Steg</translation>
    </message>
    <message>
        <source>saddle height</source>
        <translation>Höhe der Stegeinlage</translation>
    </message>
    <message>
        <source>break angle at the saddle</source>
        <translation>Knickwinkel an der Stegeinlage</translation>
    </message>
    <message>
        <source>force on the saddle</source>
        <translation>Kraft auf die Stegeinlage</translation>
    </message>
    <message>
        <source>force down on the saddle</source>
        <translation>Kraft nach unten auf die Stegeinlage</translation>
    </message>
    <message>
        <source>force toward the nut on the saddle</source>
        <translation>Kraft zum Sattel hin auf die Stegeinlage</translation>
    </message>
    <message>
        <source>bridge height</source>
        <translation>Steghöhe</translation>
    </message>
    <message>
        <source>turning moment at the bridge</source>
        <translation>Drehmoment am Steg</translation>
    </message>
    <message>
        <source>fret plane off at the saddle</source>
        <translation>Bundebene am Steg daneben</translation>
    </message>
    <message>
        <source>wood under the slot</source>
        <translation>Holz unter der Nut</translation>
    </message>
    <message>
        <source>packing in the neck pocket</source>
        <translation>Beilage in der Halstasche</translation>
    </message>
    <message>
        <source>pin from the nut line</source>
        <translation>Stift ab der Sattellinie</translation>
    </message>
    <message>
        <source>pin across</source>
        <translation>Stift quer</translation>
    </message>
    <message>
        <source>half of both strings</source>
        <translation>Hälfte beider Saiten</translation>
    </message>
    <message>
        <source>top over the string</source>
        <translation>Oberkante über der Saite</translation>
    </message>
    <message>
        <source>raised to the fair line</source>
        <translation>zur ausgeglichenen Linie angehoben</translation>
    </message>
    <message>
        <source>saddle&apos;s thickness</source>
        <translation>Dicke der Stegeinlage</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>post across</source>
        <translation>Wirbel seitlich</translation>
    </message>
    <message>
        <source>across at the saddle</source>
        <translation>seitlich an der Stegeinlage</translation>
    </message>
    <message>
        <source>bend</source>
        <translation>Knick</translation>
    </message>
    <message>
        <source>nut at the bass string</source>
        <translation>Sattel an der Basssaite</translation>
    </message>
    <message>
        <source>nut at the treble string</source>
        <translation>Sattel an der Diskantsaite</translation>
    </message>
    <message>
        <source>between the outer strings</source>
        <translation>zwischen den Außensaiten</translation>
    </message>
    <message>
        <source>next string</source>
        <translation>nächste Saite</translation>
    </message>
    <message>
        <source>this string</source>
        <translation>diese Saite</translation>
    </message>
    <message>
        <source>string at the nut</source>
        <translation>Saite am Sattel</translation>
    </message>
    <message>
        <source>string at the saddle</source>
        <translation>Saite an der Stegeinlage</translation>
    </message>
    <message>
        <source>open length</source>
        <translation>leere Länge</translation>
    </message>
    <message>
        <source>stiffness of the ends</source>
        <translation>Steife der Enden</translation>
    </message>
    <message>
        <source>finger behind the fret</source>
        <translation>Finger hinter dem Bund</translation>
    </message>
    <message>
        <source>press depth</source>
        <translation>Drucktiefe</translation>
    </message>
    <message>
        <source>fret to saddle</source>
        <translation>Bund bis Stegeinlage</translation>
    </message>
    <message>
        <source>tension of the note</source>
        <translation>Spannung des Tons</translation>
    </message>
    <message>
        <source>limiting fret</source>
        <translation>begrenzender Bund</translation>
    </message>
    <message>
        <source>clearance there</source>
        <translation>Raum dort</translation>
    </message>
    <message>
        <source>pluck from the saddle</source>
        <translation>Anschlag ab der Stegeinlage</translation>
    </message>
    <message>
        <source>share toward the frets</source>
        <translation>Anteil zu den Bünden hin</translation>
    </message>
    <message>
        <source>bass scale</source>
        <translation>Bassmensur</translation>
    </message>
    <message>
        <source>treble scale</source>
        <translation>Diskantmensur</translation>
    </message>
    <message>
        <source>saddle angle</source>
        <translation>Winkel der Stegeinlage</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Krone</translation>
    </message>
    <message>
        <source>straight line</source>
        <translation>gerade Linie</translation>
    </message>
    <message>
        <source>middle of the crowns</source>
        <translation>Mitte der Kronen</translation>
    </message>
    <message>
        <source>off the line</source>
        <translation>neben der Linie</translation>
    </message>
    <message>
        <source>cents a millimetre</source>
        <translation>Cent je Millimeter</translation>
    </message>
    <message>
        <source>half the thickness</source>
        <translation>halbe Dicke</translation>
    </message>
    <message>
        <source>behind the slot&apos;s middle</source>
        <translation>hinter der Mitte der Nut</translation>
    </message>
    <message>
        <source>error on its own crown</source>
        <translation>Fehler auf der eigenen Krone</translation>
    </message>
    <message>
        <source>fret plane over the soundboard</source>
        <translation>Bundebene über der Decke</translation>
    </message>
    <message>
        <source>out of the bridge</source>
        <translation>über dem Steg</translation>
    </message>
    <message>
        <source>under the saddle</source>
        <translation>unter der Stegeinlage</translation>
    </message>
    <message>
        <source>exit over the soundboard</source>
        <translation>Austritt über der Decke</translation>
    </message>
    <message>
        <source>exit behind the crown</source>
        <translation>Austritt hinter der Krone</translation>
    </message>
    <message>
        <source>strings over the soundboard, mean</source>
        <translation>Saiten über der Decke, Mittel</translation>
    </message>
    <message>
        <source>exposure wanted</source>
        <translation>gewünschter Überstand</translation>
    </message>
    <message>
        <source>beyond the limit</source>
        <translation>über die Grenze</translation>
    </message>
    <message>
        <source>height needed</source>
        <translation>nötige Höhe</translation>
    </message>
    <message>
        <source>height allowed</source>
        <translation>erlaubte Höhe</translation>
    </message>
    <message>
        <source>fret plane off</source>
        <translation>Bundebene daneben</translation>
    </message>
    <message>
        <source>pocket length</source>
        <translation>Länge der Tasche</translation>
    </message>
    <message>
        <source>pocket&apos;s pivot</source>
        <translation>Drehpunkt der Tasche</translation>
    </message>
    <message>
        <source>slot&apos;s middle</source>
        <translation>Mitte der Nut</translation>
    </message>
    <message>
        <source>pins behind it</source>
        <translation>Stifte dahinter</translation>
    </message>
    <message>
        <source>travel from</source>
        <translation>Verstellweg von</translation>
    </message>
    <message>
        <source>travel to</source>
        <translation>Verstellweg bis</translation>
    </message>
    <message>
        <source>radius</source>
        <translation>Radius</translation>
    </message>
    <message>
        <source>radius at the nut</source>
        <translation>Radius am Sattel</translation>
    </message>
    <message>
        <source>radius at the end</source>
        <translation>Radius am Ende</translation>
    </message>
    <message>
        <source>end width</source>
        <translation>Endbreite</translation>
    </message>
    <message>
        <source>fall-away</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>fret&apos;s height</source>
        <translation>Höhe des Bundes</translation>
    </message>
    <message>
        <source>core, estimated</source>
        <translation>Kern, geschätzt</translation>
    </message>
    <message>
        <source>exit behind the slot</source>
        <translation>Austritt hinter der Nut</translation>
    </message>
    <message>
        <source>read with a rule in sixty-fourths</source>
        <translation>mit einem Maß in Vierundsechzigsteln gemessen</translation>
    </message>
    <message>
        <source>read with a feeler</source>
        <translation>mit einer Fühlerlehre gemessen</translation>
    </message>
    <message>
        <source>read with a dial gauge</source>
        <translation>mit einer Messuhr gemessen</translation>
    </message>
    <message>
        <source>not measured, the usual value</source>
        <translation>nicht gemessen, der übliche Wert</translation>
    </message>
    <message>
        <source>as the job states</source>
        <translation>wie der Auftrag angibt</translation>
    </message>
    <message>
        <source>from the outer string: every clear space and half of the two strings beside it</source>
        <translation>von der Außensaite: jeder freie Raum und die Hälfte der beiden Saiten daneben</translation>
    </message>
    <message>
        <source>how far the string stands over the fret line, less the board&apos;s fall under it</source>
        <translation>wie weit die Saite über der Bundlinie steht, weniger der Fall des Griffbretts unter ihr</translation>
    </message>
    <message>
        <source>the top over the string, raised where the fair line stands over it</source>
        <translation>die Oberkante über der Saite, angehoben, wo die ausgeglichene Linie darüber steht</translation>
    </message>
    <message>
        <source>the board over the seat in the middle, less its fall toward the edge</source>
        <translation>das Griffbrett über der Auflage in der Mitte, weniger sein Fall zum Rand hin</translation>
    </message>
    <message>
        <source>the thickness times the tangent of the floor&apos;s angle</source>
        <translation>die Dicke mal dem Tangens des Grundwinkels</translation>
    </message>
    <message>
        <source>the bend seen from above: toward the saddle against toward the post</source>
        <translation>der Knick von oben gesehen: zur Stegeinlage gegen zum Wirbel</translation>
    </message>
    <message>
        <source>the angle in space between the string to the saddle and the string to the post</source>
        <translation>der Winkel im Raum zwischen der Saite zur Stegeinlage und der Saite zum Wirbel</translation>
    </message>
    <message>
        <source>the same with the nut contact exactly where it stands on a tapering radius</source>
        <translation>dasselbe mit dem Sattelpunkt genau dort, wo er auf einem sich weitenden Radius steht</translation>
    </message>
    <message>
        <source>twice the tension times the sine of half the bend</source>
        <translation>zweimal die Spannung mal dem Sinus des halben Knicks</translation>
    </message>
    <message>
        <source>the line through the outer strings&apos; nut contacts against the square</source>
        <translation>die Linie durch die Sattelpunkte der Außensaiten gegen den rechten Winkel</translation>
    </message>
    <message>
        <source>the next centre less this one and half of both strings</source>
        <translation>die nächste Mitte weniger diese und die Hälfte beider Saiten</translation>
    </message>
    <message>
        <source>the straight line from the nut to the pressed fret&apos;s top, over fret 1, less that fret&apos;s top</source>
        <translation>die Gerade vom Sattel zur Krone des gedrückten Bundes, über Bund 1, weniger dessen Krone</translation>
    </message>
    <message>
        <source>the straight line from fret 1&apos;s top to the saddle, over fret 12, less that fret&apos;s top</source>
        <translation>die Gerade von der Krone des Bundes 1 zur Stegeinlage, über Bund 12, weniger dessen Krone</translation>
    </message>
    <message>
        <source>a plain string is its own core</source>
        <translation>eine blanke Saite ist ihr eigener Kern</translation>
    </message>
    <message>
        <source>as the string&apos;s maker states it</source>
        <translation>wie der Hersteller der Saite es angibt</translation>
    </message>
    <message>
        <source>estimated: the usual core of such a wound string</source>
        <translation>geschätzt: der übliche Kern einer solchen umsponnenen Saite</translation>
    </message>
    <message>
        <source>the core and one close layer of round wire around it, by their densities</source>
        <translation>der Kern und eine dichte Lage runden Drahts darum, nach ihren Dichten</translation>
    </message>
    <message>
        <source>the wire&apos;s cross-section times its density</source>
        <translation>der Querschnitt des Drahts mal seine Dichte</translation>
    </message>
    <message>
        <source>the tension at which this length of this mass sounds the wanted pitch, its stiffness counted</source>
        <translation>die Spannung, bei der diese Länge dieser Masse die gewünschte Tonhöhe klingt, ihre Steife mitgerechnet</translation>
    </message>
    <message>
        <source>the tension over the core&apos;s cross-section</source>
        <translation>die Spannung durch den Querschnitt des Kerns</translation>
    </message>
    <message>
        <source>as the job gives it</source>
        <translation>wie der Auftrag es angibt</translation>
    </message>
    <message>
        <source>the crown stands where fret 12 sounds exactly the octave; heights are solved anew for every trial</source>
        <translation>die Krone steht, wo Bund 12 genau die Oktave klingt; für jeden Versuch werden die Höhen neu gelöst</translation>
    </message>
    <message>
        <source>the crown stands where the squares of all frets&apos; errors are least in sum; heights are solved anew for every trial</source>
        <translation>die Krone steht, wo die Quadrate der Fehler aller Bünde in Summe am kleinsten sind; für jeden Versuch werden die Höhen neu gelöst</translation>
    </message>
    <message>
        <source>one place for all strings, where the squares of all their frets&apos; errors are least in sum</source>
        <translation>ein Ort für alle Saiten, wo die Quadrate der Fehler all ihrer Bünde in Summe am kleinsten sind</translation>
    </message>
    <message>
        <source>each string&apos;s own place, where the squares of its frets&apos; errors are least in sum</source>
        <translation>für jede Saite ihr eigener Ort, wo die Quadrate der Fehler ihrer Bünde in Summe am kleinsten sind</translation>
    </message>
    <message>
        <source>the fretted length and its raised tension give the pitch; against the open string and the fret&apos;s ratio</source>
        <translation>die gegriffene Länge und ihre erhöhte Spannung geben die Tonhöhe; gegen die leere Saite und das Verhältnis des Bundes</translation>
    </message>
    <message>
        <source>the root of the mean square of all frets&apos; errors</source>
        <translation>die Wurzel aus dem mittleren Quadrat der Fehler aller Bünde</translation>
    </message>
    <message>
        <source>the same with the nut where the job has it, the crown at its best there</source>
        <translation>dasselbe mit dem Sattel, wo der Auftrag ihn hat, die Krone dort am besten</translation>
    </message>
    <message>
        <source>the pluck whose swing just reaches the limiting fret: clearance over the swing of one newton</source>
        <translation>der Anschlag, dessen Schwingung den begrenzenden Bund gerade erreicht: der Raum durch die Schwingung eines Newton</translation>
    </message>
    <message>
        <source>the straight string from the fret to the saddle touches there: no pluck is free</source>
        <translation>die gerade Saite vom Bund zur Stegeinlage berührt dort: kein Anschlag ist frei</translation>
    </message>
    <message>
        <source>taut over the frets behind the finger: the least gap against a half wave between nut and the fret it rests on</source>
        <translation>straff über die Bünde hinter dem Finger: die kleinste Luft gegen eine halbe Welle zwischen Sattel und dem Bund, auf dem sie ruht</translation>
    </message>
    <message>
        <source>the instrument&apos;s scale</source>
        <translation>die Mensur des Instruments</translation>
    </message>
    <message>
        <source>between the two scales as the string lies between the outer ones at the nut</source>
        <translation>zwischen den beiden Mensuren, wie die Saite am Sattel zwischen den Außensaiten liegt</translation>
    </message>
    <message>
        <source>the place across, measured along the slanted part: divided by the cosine of its angle</source>
        <translation>der Ort quer, entlang des schrägen Teils gemessen: durch den Kosinus seines Winkels geteilt</translation>
    </message>
    <message>
        <source>the scale and the compensation</source>
        <translation>die Mensur und die Kompensation</translation>
    </message>
    <message>
        <source>the straight string from the nut through the wanted action over fret 12</source>
        <translation>die gerade Saite vom Sattel durch die gewünschte Saitenlage über Bund 12</translation>
    </message>
    <message>
        <source>the straight string from fret 1&apos;s top through the wanted action over fret 12</source>
        <translation>die gerade Saite von der Krone des Bundes 1 durch die gewünschte Saitenlage über Bund 12</translation>
    </message>
    <message>
        <source>the straight line with the least squares through all crowns in plan</source>
        <translation>die Gerade mit den kleinsten Quadraten durch alle Kronen im Grundriss</translation>
    </message>
    <message>
        <source>the straight line, moved to the middle of the foremost and hindmost crown</source>
        <translation>die Gerade, in die Mitte zwischen vorderster und hinterster Krone gerückt</translation>
    </message>
    <message>
        <source>from the foremost to the hindmost crown, square to the saddle</source>
        <translation>von der vordersten zur hintersten Krone, rechtwinklig zur Stegeinlage</translation>
    </message>
    <message>
        <source>the string&apos;s own crown less the straight line there</source>
        <translation>die eigene Krone der Saite weniger die Gerade dort</translation>
    </message>
    <message>
        <source>how far its crown is from the line, times the cents a millimetre is worth at fret 12</source>
        <translation>wie weit ihre Krone von der Linie steht, mal was ein Millimeter am Bund 12 in Cent ausmacht</translation>
    </message>
    <message>
        <source>half the thickness and how far the crown stands behind the slot&apos;s middle</source>
        <translation>die halbe Dicke und wie weit die Krone hinter der Mitte der Nut steht</translation>
    </message>
    <message>
        <source>the fret&apos;s error with the crown moved onto the straight line, heights solved anew</source>
        <translation>der Fehler des Bundes mit der Krone auf der Geraden, die Höhen neu gelöst</translation>
    </message>
    <message>
        <source>the fret plane over the soundboard and the string over the fret plane</source>
        <translation>die Bundebene über der Decke und die Saite über der Bundebene</translation>
    </message>
    <message>
        <source>the string over the soundboard less the bridge</source>
        <translation>die Saite über der Decke weniger der Steg</translation>
    </message>
    <message>
        <source>the slot&apos;s depth and what stands out of it, less what lies under the saddle</source>
        <translation>die Tiefe der Nut und was aus ihr steht, weniger was unter der Stegeinlage liegt</translation>
    </message>
    <message>
        <source>the rise from the nut and the fall to the exit, as angles</source>
        <translation>der Anstieg vom Sattel und der Fall zum Austritt, als Winkel</translation>
    </message>
    <message>
        <source>the tension times the sines of both slopes</source>
        <translation>die Spannung mal die Sinus beider Neigungen</translation>
    </message>
    <message>
        <source>the tension times the difference of the cosines of both slopes</source>
        <translation>die Spannung mal der Unterschied der Kosinus beider Neigungen</translation>
    </message>
    <message>
        <source>the mean height of the strings over the soundboard less the wanted exposure, within the limits</source>
        <translation>die mittlere Höhe der Saiten über der Decke weniger der gewünschte Überstand, in den Grenzen</translation>
    </message>
    <message>
        <source>each tension times the string&apos;s height over the soundboard, in sum</source>
        <translation>jede Spannung mal die Höhe der Saite über der Decke, in Summe</translation>
    </message>
    <message>
        <source>each tension&apos;s push toward the nut times the string&apos;s height over the soundboard, in sum</source>
        <translation>der Schub jeder Spannung zum Sattel hin mal die Höhe der Saite über der Decke, in Summe</translation>
    </message>
    <message>
        <source>the height that would be needed less the nearest that is allowed</source>
        <translation>die nötige Höhe weniger die nächste erlaubte</translation>
    </message>
    <message>
        <source>the bridge&apos;s height less the slot&apos;s depth</source>
        <translation>die Höhe des Stegs weniger die Tiefe der Nut</translation>
    </message>
    <message>
        <source>what the plane must move, as the pocket&apos;s length is to the saddle&apos;s distance from its pivot</source>
        <translation>was die Ebene wandern muss, wie die Länge der Tasche zum Abstand der Stegeinlage von ihrem Drehpunkt</translation>
    </message>
    <message>
        <source>the slot&apos;s middle there and how far the pins stand behind it</source>
        <translation>die Mitte der Nut dort und wie weit die Stifte dahinter stehen</translation>
    </message>
    <message>
        <source>as the strings at the saddle, or by the pins&apos; own spacing</source>
        <translation>wie die Saiten an der Stegeinlage, oder nach dem eigenen Abstand der Stifte</translation>
    </message>
    <message>
        <source>the edge stands where the least reserve of all saddles, either way, is largest</source>
        <translation>die Kante steht, wo die kleinste Reserve aller Reiter, nach beiden Seiten, am größten ist</translation>
    </message>
    <message>
        <source>saddle&apos;s length</source>
        <translation>Länge der Stegeinlage</translation>
    </message>
    <message>
        <source>radius of the crown</source>
        <translation>Radius der Krone</translation>
    </message>
    <message>
        <source>saddle&apos;s height</source>
        <translation>Höhe der Stegeinlage</translation>
    </message>
    <message>
        <source>to take off the saddle that is there</source>
        <translation>von der vorhandenen Stegeinlage abtragen</translation>
    </message>
    <message>
        <source>notch along the bridge</source>
        <translation>Kerbe entlang des Stegs</translation>
    </message>
    <message>
        <source>notch width</source>
        <translation>Breite der Kerbe</translation>
    </message>
    <message>
        <source>notch depth</source>
        <translation>Tiefe der Kerbe</translation>
    </message>
    <message>
        <source>notch floor over the soundboard</source>
        <translation>Kerbgrund über der Decke</translation>
    </message>
    <message>
        <source>fret 12 to the slot&apos;s front</source>
        <translation>Bund 12 bis Vorderkante der Nut</translation>
    </message>
    <message>
        <source>nut to the slot&apos;s front</source>
        <translation>Sattel bis Vorderkante der Nut</translation>
    </message>
    <message>
        <source>diagonal from fret 12</source>
        <translation>Diagonale von Bund 12</translation>
    </message>
    <message>
        <source>string to the board&apos;s edge</source>
        <translation>Saite bis Griffbrettrand</translation>
    </message>
    <message>
        <source>shift that balances the margins</source>
        <translation>Verschiebung, die die Ränder ausgleicht</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>crown of the treble string</source>
        <translation>Krone der Diskantsaite</translation>
    </message>
    <message>
        <source>crown of the bass string</source>
        <translation>Krone der Basssaite</translation>
    </message>
    <message>
        <source>margins at both ends</source>
        <translation>Ränder an beiden Enden</translation>
    </message>
    <message>
        <source>height square to the soundboard</source>
        <translation>Höhe senkrecht zur Decke</translation>
    </message>
    <message>
        <source>lean</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>the saddle that is there</source>
        <translation>die vorhandene Stegeinlage</translation>
    </message>
    <message>
        <source>height wanted</source>
        <translation>gewünschte Höhe</translation>
    </message>
    <message>
        <source>fret 12 from the nut line</source>
        <translation>Bund 12 ab der Sattellinie</translation>
    </message>
    <message>
        <source>half of the board&apos;s width</source>
        <translation>halbe Griffbrettbreite</translation>
    </message>
    <message>
        <source>fret ends&apos; bevel</source>
        <translation>Fase der Bundenden</translation>
    </message>
    <message>
        <source>string from the centreline</source>
        <translation>Saite ab der Mittellinie</translation>
    </message>
    <message>
        <source>half of the string</source>
        <translation>halbe Saite</translation>
    </message>
    <message>
        <source>margin on the treble side</source>
        <translation>Rand auf der Diskantseite</translation>
    </message>
    <message>
        <source>margin on the bass side</source>
        <translation>Rand auf der Bassseite</translation>
    </message>
    <message>
        <source>from the bass string&apos;s crown to the treble string&apos;s, and a margin at both ends</source>
        <translation>von der Krone der Basssaite bis zu der der Diskantsaite und ein Rand an beiden Enden</translation>
    </message>
    <message>
        <source>the circle that comes nearest to the strings&apos; undersides along the saddle</source>
        <translation>der Kreis, der den Unterseiten der Saiten entlang der Stegeinlage am nächsten kommt</translation>
    </message>
    <message>
        <source>the height over what it stands on, along a leaning saddle divided by the cosine of the lean</source>
        <translation>die Höhe über dem, worauf sie steht, entlang einer geneigten Stegeinlage durch den Kosinus der Neigung geteilt</translation>
    </message>
    <message>
        <source>the saddle that is there less the height wanted</source>
        <translation>die vorhandene Stegeinlage weniger die gewünschte Höhe</translation>
    </message>
    <message>
        <source>as the string&apos;s crown lies along the bridge</source>
        <translation>wie die Krone der Saite entlang des Stegs liegt</translation>
    </message>
    <message>
        <source>as wide as the string</source>
        <translation>so breit wie die Saite</translation>
    </message>
    <message>
        <source>the string lies on it</source>
        <translation>die Saite liegt darauf</translation>
    </message>
    <message>
        <source>the floor and the depth of the notch, raised where the fair line stands over it</source>
        <translation>der Grund und die Tiefe der Kerbe, angehoben, wo die ausgeglichene Linie darüber steht</translation>
    </message>
    <message>
        <source>from the edge of the usable board to the outer side of the string</source>
        <translation>vom Rand des brauchbaren Griffbretts bis zur Außenseite der Saite</translation>
    </message>
    <message>
        <source>the difference of the margins at the last fret over what one millimetre at the bridge changes there</source>
        <translation>der Unterschied der Ränder am letzten Bund durch das, was ein Millimeter am Steg dort ändert</translation>
    </message>
    <message>
        <source>the set has {0} strings; this instrument has {1}</source>
        <translation>der Satz hat {0} Saiten; dieses Instrument hat {1}</translation>
    </message>
    <message>
        <source>the saddle&apos;s slot reaches out of the bridge&apos;s outline</source>
        <translation>die Nut der Stegeinlage ragt aus dem Umriss des Stegs</translation>
    </message>
    <message>
        <source>{0}: the pin&apos;s hole reaches out of the bridge&apos;s outline</source>
        <translation>{0}: das Pinloch ragt aus dem Umriss des Stegs</translation>
    </message>
    <message>
        <source>{where} is {0}; the plain name of a file in the job&apos;s folder of pictures is needed</source>
        <translation>{where} ist {0}; nötig ist der bloße Name einer Datei im Bilderordner des Auftrags</translation>
    </message>
    <message>
        <source>bridge lifting</source>
        <translation>Steg löst sich</translation>
    </message>
    <message>
        <source>Slip a thin card along the bridge&apos;s edges, the back one first: it finds no gap.</source>
        <translation>Eine dünne Karte an den Kanten des Stegs entlangführen, hinten zuerst: Sie findet keinen Spalt.</translation>
    </message>
    <message>
        <source>bridge lifting: no set-up until it is glued down; slacken the strings, it is a job for a trained repairer</source>
        <translation>Steg löst sich: keine Einstellung, bevor er wieder geleimt ist; Saiten entspannen, das ist Arbeit für eine geübte Hand</translation>
    </message>
    <message>
        <source>loose brace or sunk top</source>
        <translation>Balken lose oder Decke eingesunken</translation>
    </message>
    <message>
        <source>Tap the top and the back, then sight along the top: nothing rattles, no dip before the bridge, no hump behind it.</source>
        <translation>Decke und Boden abklopfen, dann an der Decke entlangsehen: Nichts klirrt, keine Senke vor dem Steg, kein Buckel dahinter.</translation>
    </message>
    <message>
        <source>loose brace or sunk top: no set-up until it is mended; slacken the strings, it is a job for a trained repairer</source>
        <translation>Balken lose oder Decke eingesunken: keine Einstellung, bevor das behoben ist; Saiten entspannen, das ist Arbeit für eine geübte Hand</translation>
    </message>
    <message>
        <source>open crack</source>
        <translation>offener Riss</translation>
    </message>
    <message>
        <source>Look along the grain of top, back and ribs in slanting light: no line opens under a light press.</source>
        <translation>Decke, Boden und Zargen im Streiflicht entlang der Faser ansehen: Keine Linie öffnet sich unter leichtem Druck.</translation>
    </message>
    <message>
        <source>open crack: close it first, it changes height and sound</source>
        <translation>offener Riss: zuerst schließen, er verändert Höhe und Klang</translation>
    </message>
    <message>
        <source>neck joint open</source>
        <translation>Halsansatz offen</translation>
    </message>
    <message>
        <source>Hold the body and press the neck to and fro: no line opens at the joint.</source>
        <translation>Den Korpus halten und den Hals hin und her drücken: Am Ansatz öffnet sich keine Linie.</translation>
    </message>
    <message>
        <source>neck joint open: no set-up until it holds; every height read now is lost</source>
        <translation>Halsansatz offen: keine Einstellung, bevor er hält; jede Höhe von jetzt wäre verloren</translation>
    </message>
    <message>
        <source>headstock cracked</source>
        <translation>Kopfplatte gerissen</translation>
    </message>
    <message>
        <source>Look behind the nut and between the posts, strings up to pitch: no line.</source>
        <translation>Hinter dem Sattel und zwischen den Wirbeln nachsehen, Saiten auf Tonhöhe: keine Linie.</translation>
    </message>
    <message>
        <source>headstock cracked: slacken the strings; no set-up until it is mended by a trained repairer</source>
        <translation>Kopfplatte gerissen: Saiten entspannen; keine Einstellung, bevor eine geübte Hand sie gerichtet hat</translation>
    </message>
    <message>
        <source>truss rod stuck or at its end</source>
        <translation>Halsstab fest oder am Ende</translation>
    </message>
    <message>
        <source>Set the wrench and feel, without force: the nut gives a little both ways.</source>
        <translation>Den Schlüssel ansetzen und ohne Kraft fühlen: Die Mutter gibt nach beiden Seiten ein wenig nach.</translation>
    </message>
    <message>
        <source>truss rod stuck or at its end: do not force it, it breaks; relief cannot be set until a trained repairer has seen it</source>
        <translation>Halsstab fest oder am Ende: nicht zwingen, er bricht; die Krümmung lässt sich nicht einstellen, bevor eine geübte Hand ihn gesehen hat</translation>
    </message>
    <message>
        <source>neck twisted</source>
        <translation>Hals verdreht</translation>
    </message>
    <message>
        <source>Sight from the body&apos;s end over the first fret and the last: they lie parallel.</source>
        <translation>Vom Korpusende über den ersten und den letzten Bund sehen: Sie liegen parallel.</translation>
    </message>
    <message>
        <source>neck twisted: the actions of the two sides cannot both be had; straighten it first or say what is left</source>
        <translation>Hals verdreht: Beide Seiten können die gewünschte Lage nicht zugleich haben; zuerst richten oder sagen, was bleibt</translation>
    </message>
    <message>
        <source>hump at the joint</source>
        <translation>Buckel am Halsansatz</translation>
    </message>
    <message>
        <source>Lay a straightedge on the frets: it does not ride on the joint.</source>
        <translation>Ein Lineal auf die Bünde legen: Es reitet nicht auf dem Ansatz.</translation>
    </message>
    <message>
        <source>hump at the joint: level it first, relief and action cannot make up for it</source>
        <translation>Buckel am Halsansatz: zuerst abrichten, Krümmung und Lage gleichen ihn nicht aus</translation>
    </message>
    <message>
        <source>high or loose fret</source>
        <translation>Bund zu hoch oder lose</translation>
    </message>
    <message>
        <source>Rock a short straightedge over three frets at a time, press each end: nothing rocks or gives.</source>
        <translation>Ein kurzes Lineal über je drei Bünde wippen, jedes Ende drücken: Nichts wippt oder gibt nach.</translation>
    </message>
    <message>
        <source>high or loose fret: seat or level it first, it buzzes at any action</source>
        <translation>Bund zu hoch oder lose: zuerst setzen oder abrichten, er schnarrt bei jeder Lage</translation>
    </message>
    <message>
        <source>frets worn</source>
        <translation>Bünde abgespielt</translation>
    </message>
    <message>
        <source>Look under the strings at the first frets: no flats, no grooves a nail finds.</source>
        <translation>Unter den Saiten die ersten Bünde ansehen: keine Flächen, keine Rillen, die der Nagel findet.</translation>
    </message>
    <message>
        <source>frets worn: dress them first, heights read over grooves are not the frets&apos;</source>
        <translation>Bünde abgespielt: zuerst abrichten, über Rillen gelesene Höhen sind nicht die der Bünde</translation>
    </message>
    <message>
        <source>sharp fret ends</source>
        <translation>Bundenden stehen vor</translation>
    </message>
    <message>
        <source>Run a finger along both edges of the board: no end stands out.</source>
        <translation>Mit dem Finger an beiden Kanten des Griffbretts entlang: Kein Ende steht vor.</translation>
    </message>
    <message>
        <source>sharp fret ends: the board has shrunk; dress them, and read again when the air is back</source>
        <translation>Bundenden stehen vor: Das Griffbrett ist geschwunden; abrunden und wieder messen, wenn die Luft zurück ist</translation>
    </message>
    <message>
        <source>packing under the nut</source>
        <translation>Unterlage unter dem Sattel</translation>
    </message>
    <message>
        <source>Look along the seat from both ends: bare wood, no paper, no glue line thicker than a hair.</source>
        <translation>Von beiden Enden am Sitz entlangsehen: blankes Holz, kein Papier, keine Leimfuge dicker als ein Haar.</translation>
    </message>
    <message>
        <source>packing under the nut: it goes when the nut is lifted, and the height with it</source>
        <translation>Unterlage unter dem Sattel: Sie geht, wenn er abgenommen wird, und mit ihr die Höhe</translation>
    </message>
    <message>
        <source>slots filled before</source>
        <translation>Kerben schon gefüllt</translation>
    </message>
    <message>
        <source>Look into each slot under the glass: one colour, no shine of glue.</source>
        <translation>Unter der Lupe in jede Kerbe sehen: eine Farbe, kein Glanz von Kleber.</translation>
    </message>
    <message>
        <source>slots filled before: a filling wears sooner; a new nut may be the quicker way</source>
        <translation>Kerben schon gefüllt: Eine Füllung trägt sich schneller ab; ein neuer Sattel kann der kürzere Weg sein</translation>
    </message>
    <message>
        <source>slots too wide</source>
        <translation>Kerben zu weit</translation>
    </message>
    <message>
        <source>Push each string sideways in its slot: it does not move.</source>
        <translation>Jede Saite in ihrer Kerbe seitlich drücken: Sie bewegt sich nicht.</translation>
    </message>
    <message>
        <source>slots too wide: note their widths, such slots count as too wide in the verdict</source>
        <translation>Kerben zu weit: ihre Weite notieren, solche Kerben gelten im Urteil als zu weit</translation>
    </message>
    <message>
        <source>packing under the saddle</source>
        <translation>Unterlage unter der Einlage</translation>
    </message>
    <message>
        <source>Look into both ends of the slot: the piece stands on wood.</source>
        <translation>An beiden Enden in die Nut sehen: Das Stück steht auf Holz.</translation>
    </message>
    <message>
        <source>packing under the saddle: the height to take off counts from what it stands on</source>
        <translation>Unterlage unter der Einlage: Was abzunehmen ist, zählt von dem, worauf sie steht</translation>
    </message>
    <message>
        <source>saddle leans or is loose</source>
        <translation>Einlage neigt sich oder ist lose</translation>
    </message>
    <message>
        <source>Push the saddle&apos;s top to and fro: it stands upright and still.</source>
        <translation>Oben an der Einlage hin und her drücken: Sie steht gerade und still.</translation>
    </message>
    <message>
        <source>saddle leans or is loose: fit it first, its crown moves with every turn of a post</source>
        <translation>Einlage neigt sich oder ist lose: zuerst einpassen, ihr Scheitel wandert mit jeder Drehung am Wirbel</translation>
    </message>
    <message>
        <source>a post slips</source>
        <translation>ein Wirbel rutscht</translation>
    </message>
    <message>
        <source>Tune up from below and wait: the pitch stays.</source>
        <translation>Von unten stimmen und warten: Die Tonhöhe bleibt.</translation>
    </message>
    <message>
        <source>a post slips: mend it first, nothing read at a sinking pitch holds</source>
        <translation>ein Wirbel rutscht: zuerst beheben, bei sinkender Tonhöhe gilt keine Messung</translation>
    </message>
    <message>
        <source>old or unknown strings</source>
        <translation>Saiten alt oder unbekannt</translation>
    </message>
    <message>
        <source>Look and feel along each string: clean, even, of the gauge in the list.</source>
        <translation>Jede Saite ansehen und befühlen: sauber, gleichmäßig, von der Stärke in der Liste.</translation>
    </message>
    <message>
        <source>old or unknown strings: put the set on that will stay; gaps and intonation belong to it</source>
        <translation>Saiten alt oder unbekannt: den Satz aufziehen, der bleibt; Lücken und Reinheit gehören zu ihm</translation>
    </message>
    <message>
        <source>{where} is no DXF drawing</source>
        <translation>{where} ist keine DXF-Zeichnung</translation>
    </message>
    <message>
        <source>{where} is no DXF drawing: line {0} is no group code</source>
        <translation>{where} ist keine DXF-Zeichnung: Zeile {0} ist kein Gruppencode</translation>
    </message>
    <message>
        <source>{where} has a count nobody draws: {0}</source>
        <translation>{where} hat eine Anzahl, die niemand zeichnet: {0}</translation>
    </message>
    <message>
        <source>{where} breaks off before its end; nothing of it was taken</source>
        <translation>{where} bricht vor dem Ende ab; nichts davon wurde übernommen</translation>
    </message>
    <message>
        <source>{where} is a binary DXF; save it as a text DXF in the program it is from</source>
        <translation>{where} ist ein binäres DXF; im Ursprungsprogramm als Text-DXF speichern</translation>
    </message>
    <message>
        <source>{where} cannot be read as DXF: {0}</source>
        <translation>{where} kann nicht als DXF gelesen werden: {0}</translation>
    </message>
    <message>
        <source>{where} has no line, arc or curve in it</source>
        <translation>in {where} ist keine Linie, kein Bogen, keine Kurve</translation>
    </message>
    <message>
        <source>{where}: there is no entry before it to replace</source>
        <translation>{where}: davor steht kein Eintrag, den er ersetzen könnte</translation>
    </message>
    <message>
        <source>{0}: pressed, the gap over fret 1 was read as {1}, open as {2}; a pressed string lies lower, so one of the two is to be read again</source>
        <translation>{0}: gedrückt wurde der Spalt über Bund 1 als {1} gemessen, offen als {2}; eine gedrückte Saite liegt tiefer, eines von beiden ist noch einmal zu messen</translation>
    </message>
    <message>
        <source>{0}: with {1} at the nut and {2} at fret 12 the string would stand {3} below the top of fret {4}; one of the readings is to be taken again</source>
        <translation>{0}: mit {1} am Sattel und {2} am Bund 12 stünde die Saite {3} unter dem Scheitel von Bund {4}; eine der Messungen ist zu wiederholen</translation>
    </message>
    <message>
        <source>as found</source>
        <translation>wie gefunden</translation>
    </message>
    <message>
        <source>as left</source>
        <translation>wie verlassen</translation>
    </message>
    <message>
        <source>humidity {0} %</source>
        <translation>Feuchte {0} %</translation>
    </message>
    <message>
        <source>relief {0}</source>
        <translation>Halskrümmung {0}</translation>
    </message>
    <message>
        <source>{0} gaps at the nut read</source>
        <translation>{0} Spalte am Sattel gemessen</translation>
    </message>
    <message>
        <source>{0} heights at fret 12 read</source>
        <translation>{0} Höhen am Bund 12 gemessen</translation>
    </message>
    <message>
        <source>rod tightened by {0}/8 of a turn</source>
        <translation>Halsstab um {0}/8 Drehung angezogen</translation>
    </message>
    <message>
        <source>rod loosened by {0}/8 of a turn</source>
        <translation>Halsstab um {0}/8 Drehung gelöst</translation>
    </message>
    <message>
        <source>nut shimmed by {0}</source>
        <translation>Sattel um {0} unterlegt</translation>
    </message>
    <message>
        <source>{0} off the saddle&apos;s bottom at the bass, {1} at the treble</source>
        <translation>{0} von der Unterseite der Einlage am Bass, {1} am Diskant</translation>
    </message>
    <message>
        <source>saddle packed by {0} at the bass, {1} at the treble</source>
        <translation>Einlage um {0} am Bass und {1} am Diskant unterlegt</translation>
    </message>
    <message>
        <source>{0}: slot filled by {1}</source>
        <translation>{0}: Kerbe um {1} gefüllt</translation>
    </message>
    <message>
        <source>{0}: {1} asked off the slot</source>
        <translation>{0}: {1} aus der Kerbe gewollt</translation>
    </message>
    <message>
        <source>{0}: {1} asked off the saddle</source>
        <translation>{0}: {1} von der Einlage gewollt</translation>
    </message>
    <message>
        <source>{0}: gap {1}</source>
        <translation>{0}: Spalt {1}</translation>
    </message>
    <message>
        <source>{0}: {1} over fret 12</source>
        <translation>{0}: {1} über Bund 12</translation>
    </message>
    <message>
        <source>{0}: crown {1} longer</source>
        <translation>{0}: Krone {1} länger</translation>
    </message>
    <message>
        <source>{0}: crown {1} shorter</source>
        <translation>{0}: Krone {1} kürzer</translation>
    </message>
    <message>
        <source>{0}: {1} cents at fret {2}</source>
        <translation>{0}: {1} Cent am Bund {2}</translation>
    </message>
    <message>
        <source>a reading was taken back</source>
        <translation>eine Messung wurde zurückgenommen</translation>
    </message>
    <message>
        <source>{0}, fret {1}</source>
        <translation>{0}, Bund {1}</translation>
    </message>
    <message>
        <source>the cause</source>
        <translation>die Ursache</translation>
    </message>
    <message>
        <source>decided</source>
        <translation>entschieden</translation>
    </message>
    <message>
        <source>left undone</source>
        <translation>nicht getan</translation>
    </message>
    <message>
        <source>{0} minutes</source>
        <translation>{0} Minuten</translation>
    </message>
    <message>
        <source>sheets printed, revision {0}</source>
        <translation>Blätter gedruckt, Stand {0}</translation>
    </message>
    <message>
        <source>the readings alone explain it</source>
        <translation>die Messungen allein erklären es</translation>
    </message>
    <message>
        <source>the string wiggles in it, as the readings say</source>
        <translation>die Saite wackelt darin, wie die Messungen sagen</translation>
    </message>
    <message>
        <source>the neck settles</source>
        <translation>der Hals zur Ruhe kommt</translation>
    </message>
    <message>
        <source>the glue cures</source>
        <translation>der Kleber aushärtet</translation>
    </message>
    <message>
        <source>the strings stretch</source>
        <translation>die Saiten sich dehnen</translation>
    </message>
    <message>
        <source>clean the seat, look out files and leaves, measure the blank</source>
        <translation>Sitz säubern, Feilen und Lehren heraussuchen, Rohling messen</translation>
    </message>
    <message>
        <source>mark and clean the slots of the nut</source>
        <translation>Kerben des Sattels anzeichnen und säubern</translation>
    </message>
    <message>
        <source>shape the saddle&apos;s crowns, write the record</source>
        <translation>Kronen der Einlage formen, Akte schreiben</translation>
    </message>
    <message>
        <source>write the record</source>
        <translation>Akte schreiben</translation>
    </message>
    <message>
        <source>saddle&apos;s screws turned down: {0} at the bass, {1} at the treble; minus is up</source>
        <translation>Schrauben der Einlage tiefer gedreht: {0} am Bass, {1} am Diskant; minus ist höher</translation>
    </message>
    <message>
        <source>{0}: saddle turned up by {1}</source>
        <translation>{0}: Reiter um {1} höher gedreht</translation>
    </message>
    <message>
        <source>{0}: saddle to be turned down by {1}</source>
        <translation>{0}: Reiter um {1} tiefer zu drehen</translation>
    </message>
    <message>
        <source>turn its screw up a little for a trial</source>
        <translation>zur Probe seine Schraube etwas höher drehen</translation>
    </message>
    <message>
        <source>turn the screw up, tune, read again</source>
        <translation>die Schraube höher drehen, stimmen, wieder messen</translation>
    </message>
    <message>
        <source>there is no folder {0}</source>
        <translation>es gibt keinen Ordner {0}</translation>
    </message>
    <message>
        <source>{0} has no rate, no minutes and no blanks: there is nothing to quote by</source>
        <translation>{0} hat weder Stundensatz noch Minuten noch Rohlinge: es gibt nichts, womit sich rechnen ließe</translation>
    </message>
    <message>
        <source>{0} is being written by another program; nothing was written, try again</source>
        <translation>{0} wird gerade von einem anderen Programm geschrieben; nichts wurde geschrieben, bitte noch einmal</translation>
    </message>
    <message>
        <source>{0} is there already; nothing was written over it</source>
        <translation>{0} gibt es schon; nichts wurde darübergeschrieben</translation>
    </message>
    <message>
        <source>{where} is {0}: a newer version of this program wrote it. What is known of it is read; nothing is written into it</source>
        <translation>{where} ist {0}: eine neuere Fassung dieses Programms hat es geschrieben. Was bekannt ist, wird gelesen; geschrieben wird nichts hinein</translation>
    </message>
    <message>
        <source>the workshop&apos;s file stays as it is, until it is mended: {0}</source>
        <translation>die Datei der Werkstatt bleibt, wie sie ist, bis sie in Ordnung ist: {0}</translation>
    </message>
    <message>
        <source>there is no workshop folder to keep this in</source>
        <translation>es gibt keinen Werkstattordner, in dem das stehen könnte</translation>
    </message>
    <message>
        <source>{0} is no plain file; nothing is read from it</source>
        <translation>{0} ist keine gewöhnliche Datei; es wird nichts daraus gelesen</translation>
    </message>
    <message>
        <source>{where} is too large for a background: {0} MB</source>
        <translation>{where} ist zu groß für einen Hintergrund: {0} MB</translation>
    </message>
    <message>
        <source>{where} is too much for a background: more than {0} points, or blocks within blocks without end</source>
        <translation>{where} ist zu viel für einen Hintergrund: mehr als {0} Punkte, oder Blöcke in Blöcken ohne Ende</translation>
    </message>
    <message>
        <source>{where} was not read to its end</source>
        <translation>{where} wurde nicht zu Ende gelesen</translation>
    </message>
    <message>
        <source>{0} is no longer there; the job stands in this window only. Save it under another name, or bring the file back</source>
        <translation>{0} ist nicht mehr da; der Auftrag steht nur noch in diesem Fenster. Sichern Sie ihn unter anderem Namen, oder bringen Sie die Datei zurück</translation>
    </message>
    <message>
        <source>{0} was changed by another program and cannot be read any more ({1}); the job stands in this window only. Save it under another name</source>
        <translation>{0} wurde von einem anderen Programm verändert und ist nicht mehr lesbar ({1}); der Auftrag steht nur noch in diesem Fenster. Sichern Sie ihn unter anderem Namen</translation>
    </message>
    <message>
        <source>{0}: the nut&apos;s front would stand {1} forward, more than {2}: it rests on the press depth and on the ends&apos; stiffness, which nobody measured; read cents at frets 1 to 5 before a board is shortened</source>
        <translation>{0}: die Sattelvorderkante stünde {1} vor, mehr als {2}: das beruht auf der Drucktiefe und der Steifigkeit der Enden, die niemand gemessen hat; Cent an Bund 1 bis 5 messen, bevor ein Griffbrett gekürzt wird</translation>
    </message>
    <message>
        <source>{0}: the nut&apos;s front would stand as far forward as is looked for, {1}: it rests on the press depth and on the ends&apos; stiffness, which nobody measured; read cents at frets 1 to 5 before a board is shortened</source>
        <translation>{0}: die Sattelvorderkante stünde so weit vor, wie gesucht wird, {1}: das beruht auf der Drucktiefe und der Steifigkeit der Enden, die niemand gemessen hat; Cent an Bund 1 bis 5 messen, bevor ein Griffbrett gekürzt wird</translation>
    </message>
    <message>
        <source>{0}: held at fret {1} it bears {3} N before it meets fret {2}; this hand plucks with {4} N</source>
        <translation>{0}: an Bund {1} gegriffen verträgt sie {3} N, bevor sie Bund {2} trifft; diese Hand schlägt mit {4} N an</translation>
    </message>
    <message>
        <source>{0}: open it bears {3} N before it meets fret {2}; this hand plucks with {4} N</source>
        <translation>{0}: leer verträgt sie {3} N, bevor sie Bund {2} trifft; diese Hand schlägt mit {4} N an</translation>
    </message>
    <message>
        <source>strings that choke: {0}; most of all {1}, on {4} frets: held at fret {2} it lies on fret {3}</source>
        <translation>Saiten, die ersticken: {0}; am meisten {1}, an {4} Bünden: an Bund {2} gegriffen liegt sie auf Bund {3}</translation>
    </message>
    <message>
        <source>strings that meet a fret under this hand: {0}; most of all {1}: held at fret {2} (0: open) it bears {4} N before it meets fret {3}; the hand plucks with {5} N</source>
        <translation>Saiten, die unter dieser Hand einen Bund treffen: {0}; am meisten {1}: an Bund {2} gegriffen (0: leer) verträgt sie {4} N, bevor sie Bund {3} trifft; die Hand schlägt mit {5} N an</translation>
    </message>
    <message>
        <source>strings with little room behind the finger: {0}; least has {1}, held at fret {2}: {3}; under {4} it is likely heard there</source>
        <translation>Saiten mit wenig Raum hinter dem Finger: {0}; am wenigsten hat {1}, an Bund {2} gegriffen: {3}; unter {4} hört man sie dort wohl</translation>
    </message>
    <message>
        <source>{0}: wound with what is not said; bronze is taken, plated steel would be 7 to 13 % slacker</source>
        <translation>{0}: womit umsponnen, ist nicht gesagt; angenommen wird Bronze, vernickelter Stahl wäre 7 bis 13 % schlaffer</translation>
    </message>
    <message>
        <source>{where}: no action up to 12 mm is free of buzz under this hand; a softer one is allowed</source>
        <translation>{where}: keine Saitenlage bis 12 mm ist unter dieser Hand frei von Schnarren; eine weichere ist erlaubt</translation>
    </message>
    <message>
        <source>{where} is set, but no relief is wanted: it is left as found</source>
        <translation>{where} ist „set“, aber es ist keine Krümmung gewünscht: sie bleibt wie vorgefunden</translation>
    </message>
    <message>
        <source>{where} is shim, but no slot is so low that a gauge can tell: what counts is filed</source>
        <translation>{where} ist „shim“, aber keine Kerbe ist so tief, dass eine Messung es unterscheidet: gefeilt wird, was zählt</translation>
    </message>
    <message>
        <source>{where} is below, but not every slot is so high that a gauge can tell: what counts is filed</source>
        <translation>{where} ist „below“, aber nicht jede Kerbe ist so hoch, dass eine Messung es unterscheidet: gefeilt wird, was zählt</translation>
    </message>
    <message>
        <source>{where} is not in the file; what is taken for it was {0} and is {1} now</source>
        <translation>{where} steht nicht in der Datei; dafür wurde {0} genommen, jetzt {1}</translation>
    </message>
    <message>
        <source>{where}: nylon is taken lighter and stiffer than it was (950 kg/m³ and 5 GPa at pitch; floss 5 GPa)</source>
        <translation>{where}: Nylon wird leichter und steifer genommen als zuvor (950 kg/m³ und 5 GPa gestimmt; Fäden 5 GPa)</translation>
    </message>
    <message>
        <source>{where} is not in the file; every string was plucked with {0} N, now a normal hand draws each aside by its length and pitch</source>
        <translation>{where} steht nicht in der Datei; jede Saite wurde mit {0} N angeschlagen, jetzt lenkt eine normale Hand jede nach Länge und Tonhöhe aus</translation>
    </message>
    <message>
        <source>{0}: by that its compensation moved from {1} to {2}, its tension from {3} N to {4} N</source>
        <translation>{0}: dadurch ging ihre Kompensation von {1} auf {2}, ihre Spannung von {3} N auf {4} N</translation>
    </message>
    <message>
        <source>{where} has {0}; allowed are wiggles, binds, filled, floor_flat, floor_forward, front_untouched, fine</source>
        <translation>{where} hat {0}; erlaubt sind wiggles, binds, filled, floor_flat, floor_forward, front_untouched, fine</translation>
    </message>
    <message>
        <source>{where} is choose; allowed are file, fill, shim, replace, leave, below</source>
        <translation>{where} ist choose; erlaubt sind file, fill, shim, replace, leave, below</translation>
    </message>
    <message>
        <source>something is loose: a bush, a ball end, a pin, a pickup, a brace, a screw, a winding</source>
        <translation>etwas ist lose: eine Buchse, ein Kugelende, ein Stift, ein Tonabnehmer, ein Balken, eine Schraube, eine Umspinnung</translation>
    </message>
    <message>
        <source>damp and tap one part after the other, behind nut and bridge too, and play it again</source>
        <translation>ein Teil nach dem anderen dämpfen und abklopfen, auch hinter Sattel und Steg, und wieder anspielen</translation>
    </message>
    <message>
        <source>tighten or seat what is loose, before any wood goes</source>
        <translation>festziehen oder setzen, was lose ist, bevor Holz weggeht</translation>
    </message>
    <message>
        <source>the readings show another fault; damp it all the same</source>
        <translation>die Messungen zeigen einen anderen Fehler; trotzdem abdämpfen</translation>
    </message>
    <message>
        <source>everything read stands as it should: this first</source>
        <translation>alles Gemessene steht, wie es soll: dies zuerst</translation>
    </message>
    <message>
        <source>by the readings there is room, and it was heard: {0} is the least a gauge can tell; else the hand is harder than assumed, or the cause is one no reading shows</source>
        <translation>nach den Messungen ist Raum, und gehört wurde es doch: {0} ist das Kleinste, was eine Messung unterscheidet; sonst ist die Hand härter als angenommen, oder die Ursache zeigt keine Messung</translation>
    </message>
    <message>
        <source>what was read does not explain it: look for what no gauge shows</source>
        <translation>was gemessen wurde, erklärt es nicht: suchen, was keine Messung zeigt</translation>
    </message>
    <message>
        <source>by its width the slot fits its string</source>
        <translation>nach ihrer Weite passt die Kerbe zur Saite</translation>
    </message>
    <message>
        <source>density of the core</source>
        <translation>Dichte des Kerns</translation>
    </message>
    <message>
        <source>density of the wrap</source>
        <translation>Dichte der Umspinnung</translation>
    </message>
    <message>
        <source>modulus of the core</source>
        <translation>Elastizitätsmodul des Kerns</translation>
    </message>
    <message>
        <source>by the readings there is room, and it was heard: {0} brings it back to its target</source>
        <translation>nach den Messungen ist Raum, und gehört wurde es doch: {0} bringt es auf sein Maß zurück</translation>
    </message>
    <message>
        <source>no truss rod: relief is left as found; heavier or lighter strings, heat or a levelled board change it: a trained repairer</source>
        <translation>kein Halsstab: die Krümmung bleibt wie vorgefunden; stärkere oder schwächere Saiten, Wärme oder ein abgerichtetes Griffbrett ändern sie: eine Fachwerkstatt</translation>
    </message>
    <message>
        <source>the truss rod is stuck: relief is left as found, and nobody forces it: a trained repairer</source>
        <translation>der Halsstab klemmt: die Krümmung bleibt wie vorgefunden, und niemand erzwingt etwas: eine Fachwerkstatt</translation>
    </message>
    <message>
        <source>relief of {0} at full tension, more than {1}: no matter of a rod alone; a trained repairer</source>
        <translation>Krümmung von {0} unter voller Spannung, mehr als {1}: keine Sache eines Halsstabs allein; eine Fachwerkstatt</translation>
    </message>
    <message>
        <source>a back-bow of {0} and a rod that only straightens: the strings have to bring it back, or a trained repairer</source>
        <translation>eine Rückbiegung von {0} und ein Halsstab, der nur streckt: die Saiten müssen sie zurückholen, oder eine Fachwerkstatt</translation>
    </message>
    <message>
        <source>packing of {0}, more than {1}: a new saddle</source>
        <translation>Unterlage von {0}, mehr als {1}: eine neue Einlage</translation>
    </message>
    <message>
        <source>packed up, {0} of the saddle would stand in its slot and {1} out of it: a new saddle</source>
        <translation>unterlegt stünde die Einlage {0} in ihrem Schlitz und {1} heraus: eine neue Einlage</translation>
    </message>
    <message>
        <source>the saddle would stand out by {0}, less than {1}: the neck&apos;s angle, or the bridge, is the matter: a trained repairer</source>
        <translation>die Einlage stünde {0} heraus, weniger als {1}: es liegt am Halswinkel oder am Steg: eine Fachwerkstatt</translation>
    </message>
    <message>
        <source>the strings would break by {0} over the saddle, less than {1}: the neck&apos;s angle, or the bridge, is the matter: a trained repairer</source>
        <translation>die Saiten knickten über der Einlage um {0}, weniger als {1}: es liegt am Halswinkel oder am Steg: eine Fachwerkstatt</translation>
    </message>
    <message>
        <source>where the crown stood was not measured, and the ends&apos; stiffness takes up any error of it: measure from fret 12 to the crown before this is used</source>
        <translation>wo die Krone stand, wurde nicht gemessen, und die Endsteifigkeit nimmt jeden Fehler davon auf: vom 12. Bund bis zur Krone messen, bevor dies benutzt wird</translation>
    </message>
    <message>
        <source>a rattle or ring somewhere, behind nut or bridge too</source>
        <translation>ein Klappern oder Klingeln irgendwo, auch hinter Sattel oder Steg</translation>
    </message>
    <message>
        <source>a note chokes when it is bent</source>
        <translation>ein Ton erstickt beim Ziehen</translation>
    </message>
    <message>
        <source>flat after a bend or the arm</source>
        <translation>zu tief nach dem Ziehen oder dem Hebel</translation>
    </message>
    <message>
        <source>one note is dead: it does not ring on</source>
        <translation>ein Ton ist tot: er klingt nicht nach</translation>
    </message>
    <message>
        <source>a string breaks, or wears its slot</source>
        <translation>eine Saite reißt oder schleift ihre Kerbe aus</translation>
    </message>
    <message>
        <source>the heights wanted are too low for this hand</source>
        <translation>die gewünschten Höhen sind zu niedrig für diese Hand</translation>
    </message>
    <message>
        <source>play it half as hard: it is gone</source>
        <translation>halb so stark spielen: Es ist weg</translation>
    </message>
    <message>
        <source>want more action, or a little more relief; measure the hand first</source>
        <translation>mehr Saitenlage wünschen oder etwas mehr Krümmung; erst die Hand messen</translation>
    </message>
    <message>
        <source>a brace or the top is loose: structural</source>
        <translation>eine Leiste oder die Decke ist lose: die Struktur</translation>
    </message>
    <message>
        <source>tap the top with a fingertip and listen for an echo</source>
        <translation>mit der Fingerspitze auf die Decke klopfen und auf ein Echo hören</translation>
    </message>
    <message>
        <source>the strings are old, worn or false</source>
        <translation>die Saiten sind alt, abgenutzt oder unrein</translation>
    </message>
    <message>
        <source>put one new string on and listen again</source>
        <translation>eine neue Saite aufziehen und wieder hören</translation>
    </message>
    <message>
        <source>new strings, stretched in, before anything is moved</source>
        <translation>neue Saiten, eingedehnt, bevor irgendetwas verschoben wird</translation>
    </message>
    <message>
        <source>the bent string climbs the curve of the board</source>
        <translation>die gezogene Saite steigt an der Wölbung des Griffbretts hinauf</translation>
    </message>
    <message>
        <source>bend the same note the other way, and the next string there</source>
        <translation>denselben Ton andersherum ziehen, und die nächste Saite dort</translation>
    </message>
    <message>
        <source>more action, or a flatter curve up the neck: fretwork</source>
        <translation>mehr Saitenlage oder oben eine flachere Wölbung: Bundarbeit</translation>
    </message>
    <message>
        <source>the string still gives, at its windings or its ball end</source>
        <translation>die Saite gibt noch nach, an ihren Wicklungen oder am Kugelende</translation>
    </message>
    <message>
        <source>draw it up gently at fret 12 and tune again</source>
        <translation>am 12. Bund sanft hochziehen und neu stimmen</translation>
    </message>
    <message>
        <source>stretch it in until it stays; few turns on the post</source>
        <translation>eindehnen, bis sie bleibt; wenige Windungen auf der Achse</translation>
    </message>
    <message>
        <source>the arm does not come back, or the string sticks at saddle or guide</source>
        <translation>der Hebel kommt nicht zurück, oder die Saite hängt an Einlage oder Führung</translation>
    </message>
    <message>
        <source>down and let go, then up and let go: it comes back to two pitches</source>
        <translation>hinunter und loslassen, dann hinauf und loslassen: Er kommt zu zwei Tonhöhen zurück</translation>
    </message>
    <message>
        <source>clean and ease knife edges, notches and guides where it sticks</source>
        <translation>Schneiden, Kerben und Führungen reinigen und glätten, wo es hängt</translation>
    </message>
    <message>
        <source>the fret is loose in its slot</source>
        <translation>der Bund sitzt lose in seinem Schlitz</translation>
    </message>
    <message>
        <source>press the fret down beside the string while the note rings</source>
        <translation>den Bund neben der Saite niederdrücken, während der Ton klingt</translation>
    </message>
    <message>
        <source>seat and glue the fret, then level it</source>
        <translation>den Bund einsetzen und leimen, dann abrichten</translation>
    </message>
    <message>
        <source>the neck itself takes this note away</source>
        <translation>der Hals selbst nimmt diesen Ton weg</translation>
    </message>
    <message>
        <source>hold the headstock, or clamp a weight to it: the dead note moves</source>
        <translation>die Kopfplatte halten oder ein Gewicht daran klemmen: Der tote Ton wandert</translation>
    </message>
    <message>
        <source>no matter of slots or saddles: a weight at the head, or live with it</source>
        <translation>keine Sache von Kerben oder Einlagen: ein Gewicht am Kopf, oder damit leben</translation>
    </message>
    <message>
        <source>it runs over a sharp edge</source>
        <translation>sie läuft über eine scharfe Kante</translation>
    </message>
    <message>
        <source>look where it broke; draw a cotton thread through there</source>
        <translation>nachsehen, wo sie riss; einen Baumwollfaden dort durchziehen</translation>
    </message>
    <message>
        <source>round and polish the edge where it broke</source>
        <translation>die Kante, an der sie riss, runden und polieren</translation>
    </message>
    <message>
        <source>the core is strained close to what it bears</source>
        <translation>der Kern ist nahe an dem gespannt, was er trägt</translation>
    </message>
    <message>
        <source>compare its gauge and pitch with its maker&apos;s limits</source>
        <translation>Durchmesser und Tonhöhe mit den Grenzen des Herstellers vergleichen</translation>
    </message>
    <message>
        <source>a thinner string for this pitch, or a lower pitch</source>
        <translation>eine dünnere Saite für diesen Ton oder ein tieferer Ton</translation>
    </message>
    <message>
        <source>the slot&apos;s floor bends it sharply, or saws at it</source>
        <translation>der Kerbgrund knickt sie scharf oder sägt an ihr</translation>
    </message>
    <message>
        <source>look along the floor under a lamp: flat, or a step</source>
        <translation>unter einer Lampe am Grund entlangsehen: flach oder eine Stufe</translation>
    </message>
    <message>
        <source>round the floor to the string, falling toward the headstock; polish</source>
        <translation>den Grund nach der Saite runden, zur Kopfplatte fallend; polieren</translation>
    </message>
    <message>
        <source>everything stands as wanted; this hand has {0} times the room it is reckoned to need</source>
        <translation>alles steht wie gewünscht; diese Hand hat das {0}-Fache des Platzes, den sie rechnerisch braucht</translation>
    </message>
    <message>
        <source>the survey found it: this first</source>
        <translation>der Befund sagt es: dies zuerst</translation>
    </message>
    <message>
        <source>the readings say the strings are new</source>
        <translation>nach den Ablesungen sind die Saiten neu</translation>
    </message>
    <message>
        <source>a bend of one, two and three semitones leaves {0}, {1} and {2}; the least over fret {3}</source>
        <translation>Ziehen um einen, zwei und drei Halbtöne lässt {0}, {1} und {2}; am wenigsten über Bund {3}</translation>
    </message>
    <message>
        <source>raising the saddle by {0} leaves room after a bend of two semitones</source>
        <translation>die Einlage um {0} höher lässt Platz nach dem Ziehen um zwei Halbtöne</translation>
    </message>
    <message>
        <source>fret {0} stands {1} over the one that is held</source>
        <translation>Bund {0} steht {1} über dem gegriffenen</translation>
    </message>
    <message>
        <source>its core carries {0} N/mm²; such strings are made for up to {1}</source>
        <translation>ihr Kern trägt {0} N/mm²; solche Saiten sind für bis zu {1} gemacht</translation>
    </message>
    <message>
        <source>the floor was seen flat or falling forward</source>
        <translation>der Grund wurde flach oder nach vorn fallend gesehen</translation>
    </message>
    <message>
        <source>{0} cents at fret 12: the crown would go {1}, beyond its saddle: that is a matter of the bridge&apos;s place</source>
        <translation>{0} Cent am 12. Bund: die Krone müsste um {1} rücken, aus ihrer Einlage hinaus: Das ist Sache des Platzes des Steges</translation>
    </message>
    <message>
        <source>the slot stands as wanted: lowering it would mend next to nothing</source>
        <translation>die Kerbe steht wie gewünscht: tiefer zu feilen hülfe fast nichts</translation>
    </message>
    <message>
        <source>{0}: by the saddle that is there {1} would come off, by the action that was read {2}: one of the two is wrong; measure the saddle&apos;s height and read the action again</source>
        <translation>{0}: nach der vorhandenen Einlage käme {1} ab, nach der abgelesenen Saitenlage {2}: Eines von beiden ist falsch; die Höhe der Einlage messen und die Saitenlage neu ablesen</translation>
    </message>
    <message>
        <source>the nut that clamps stands {0} or more too high: its seat would have to be cut: a trained repairer</source>
        <translation>der Klemmsattel steht {0} oder mehr zu hoch: Sein Sitz müsste geschnitten werden: eine Sache für die Fachwerkstatt</translation>
    </message>
    <message>
        <source>{where} cannot be for a nut that clamps: it goes up on shims, or its seat is cut; it is left</source>
        <translation>{where} geht bei einem Klemmsattel nicht: Er wird unterlegt, oder sein Sitz wird geschnitten; er bleibt</translation>
    </message>
    <message>
        <source>there is {0} of packing under the nut already; {1} would be under it in all: a new nut that stands on its seat</source>
        <translation>unter dem Sattel liegt schon {0}; im Ganzen wären es {1}: ein neuer Sattel, der auf seinem Sitz steht</translation>
    </message>
    <message>
        <source>the tables hold no wood for bridges: its price is not in this</source>
        <translation>die Tabellen enthalten kein Holz für Stege: Sein Preis ist nicht dabei</translation>
    </message>
    <message>
        <source>nothing is read yet: a set-up cannot be reckoned</source>
        <translation>noch ist nichts abgelesen: eine Einstellung lässt sich nicht berechnen</translation>
    </message>
    <message>
        <source>the tables hold no rate: work is not in this</source>
        <translation>die Tabellen enthalten keinen Satz: Arbeit ist nicht dabei</translation>
    </message>
    <message>
        <source>the tables hold no operations of this part: its work is not in this</source>
        <translation>die Tabellen enthalten keine Arbeitsgänge dieses Teils: Seine Arbeit ist nicht dabei</translation>
    </message>
    <message>
        <source>the tables hold no factor for {0}: it is reckoned as the plainest material</source>
        <translation>die Tabellen enthalten keinen Faktor für {0}: gerechnet wie das einfachste Material</translation>
    </message>
    <message>
        <source>its height is not known: no blank can be chosen, and none is in this</source>
        <translation>seine Höhe ist nicht bekannt: Es lässt sich kein Rohling wählen, und keiner ist dabei</translation>
    </message>
    <message>
        <source>the tables hold no blank of {0}: none is in this</source>
        <translation>die Tabellen enthalten keinen Rohling aus {0}: Keiner ist dabei</translation>
    </message>
    <message>
        <source>no blank of {0} in the tables is large enough: none is in this</source>
        <translation>kein Rohling aus {0} in den Tabellen ist groß genug: Keiner ist dabei</translation>
    </message>
    <message>
        <source>the tables hold no such part bought ready: it is not in this</source>
        <translation>die Tabellen enthalten kein solches Fertigteil: Es ist nicht dabei</translation>
    </message>
    <message>
        <source>edge at the bass string</source>
        <translation>Kante an der Basssaite</translation>
    </message>
    <message>
        <source>edge at the treble string</source>
        <translation>Kante an der Diskantsaite</translation>
    </message>
    <message>
        <source>crown as found</source>
        <translation>Krone, wie vorgefunden</translation>
    </message>
    <message>
        <source>in true length, to where that line crosses the outer string of the other side</source>
        <translation>in wahrer Länge, bis wo diese Linie die äußere Saite der anderen Seite kreuzt</translation>
    </message>
    <message>
        <source>along the string, in true length, to where that line crosses it</source>
        <translation>an der Saite entlang, in wahrer Länge, bis wo diese Linie sie kreuzt</translation>
    </message>
    <message>
        <source>fret 12 to the reference edge</source>
        <translation>Bund 12 bis Bezugskante</translation>
    </message>
    <message>
        <source>nut to the reference edge</source>
        <translation>Sattel bis Bezugskante</translation>
    </message>
    <message>
        <source>fret 12 to the crowns&apos; line</source>
        <translation>Bund 12 bis Kronenlinie</translation>
    </message>
    <message>
        <source>nut to the crowns&apos; line</source>
        <translation>Sattel bis Kronenlinie</translation>
    </message>
    <message>
        <source>as it is given: through its places along the outer strings</source>
        <translation>wie angegeben: durch ihre Stellen an den äußeren Saiten</translation>
    </message>
    <message>
        <source>in plan; strings that share a saddle stand where the squares of what they pay at fret 12 are least</source>
        <translation>im Grundriss; Saiten auf einem Reiter stehen, wo die Quadrate dessen, was sie am 12. Bund zahlen, am kleinsten sind</translation>
    </message>
    <message>
        <source>how far its crown stands off its own place, times what one millimetre there changes at fret 12</source>
        <translation>wie weit ihre Krone von der eigenen Stelle absteht, mal was ein Millimeter dort am 12. Bund ändert</translation>
    </message>
    <message>
        <source>along the centreline, from the edge to the crown</source>
        <translation>an der Mittellinie entlang, von der Kante bis zur Krone</translation>
    </message>
    <message>
        <source>from the near end of its travel to where its crown stands</source>
        <translation>vom nahen Ende des Wegs bis zur Krone</translation>
    </message>
    <message>
        <source>from where its crown stands to the far end of its travel</source>
        <translation>von der Krone bis zum fernen Ende des Wegs</translation>
    </message>
    <message>
        <source>from fret 12 along the string: where it is to stand less where it was found; minus is toward the nut</source>
        <translation>ab Bund 12 an der Saite entlang: wo sie stehen soll weniger wo sie stand; minus geht zum Sattel</translation>
    </message>
    <message>
        <source>what is to be moved over the thread&apos;s pitch</source>
        <translation>was zu schieben ist durch die Steigung des Gewindes</translation>
    </message>
    <message>
        <source>the least of all saddles</source>
        <translation>der kleinste aller Reiter</translation>
    </message>
    <message>
        <source>crown as its saddle is set</source>
        <translation>Krone, wie der Reiter steht</translation>
    </message>
    <message>
        <source>crown from the reference edge</source>
        <translation>Krone ab der Bezugskante</translation>
    </message>
    <message>
        <source>its saddle&apos;s reserve toward the nut</source>
        <translation>Reserve des Reiters zum Sattel hin</translation>
    </message>
    <message>
        <source>its saddle&apos;s reserve away from the nut</source>
        <translation>Reserve des Reiters vom Sattel weg</translation>
    </message>
    <message>
        <source>error at fret 12 on a shared saddle</source>
        <translation>Fehler am 12. Bund auf geteiltem Reiter</translation>
    </message>
    <message>
        <source>its saddle is to be moved</source>
        <translation>der Reiter ist zu schieben</translation>
    </message>
    <message>
        <source>turns of its saddle&apos;s screw</source>
        <translation>Umdrehungen der Reiterschraube</translation>
    </message>
    <message>
        <source>reference edge on the centreline</source>
        <translation>Bezugskante auf der Mittellinie</translation>
    </message>
    <message>
        <source>angle of the reference edge</source>
        <translation>Winkel der Bezugskante</translation>
    </message>
    <message>
        <source>least reserve toward the nut</source>
        <translation>kleinste Reserve zum Sattel hin</translation>
    </message>
    <message>
        <source>least reserve away from the nut</source>
        <translation>kleinste Reserve vom Sattel weg</translation>
    </message>
    <message>
        <source>{where} holds {0}; a string is named by a whole number from 0, the bass, to {1}</source>
        <translation>{where} enthält {0}; eine Saite wird mit einer ganzen Zahl von 0, dem Bass, bis {1} genannt</translation>
    </message>
    <message>
        <source>{where} holds no string; a saddle carries at least one</source>
        <translation>{where} enthält keine Saite; ein Reiter trägt mindestens eine</translation>
    </message>
    <message>
        <source>{where}: strings that share a saddle are neighbours, named from the bass on, and no string stands on two</source>
        <translation>{where}: Saiten auf einem Reiter sind Nachbarn, vom Bass an genannt, und keine steht auf zweien</translation>
    </message>
    <message>
        <source>{0} and {1} share a saddle and stand {2} apart: a saddle of its own for each, or other neighbours</source>
        <translation>{0} und {1} teilen einen Reiter und liegen {2} auseinander: jede einen eigenen Reiter, oder andere Nachbarn</translation>
    </message>
    <message>
        <source>{0}: its crown would stand {1} from the edge; the screw ends at {2}</source>
        <translation>{0}: ihre Krone stünde {1} von der Kante; die Schraube endet bei {2}</translation>
    </message>
    <message>
        <source>{0}: its crown would stand {1} from the edge; the spring, pressed solid, takes {2}</source>
        <translation>{0}: ihre Krone stünde {1} von der Kante; die Feder braucht ganz gedrückt {2}</translation>
    </message>
    <message>
        <source>{where} is {0}, inside the outer string at {1}: what is turned there moves the other side, too</source>
        <translation>{where} ist {0}, innerhalb der äußeren Saite bei {1}: was dort gedreht wird, bewegt auch die andere Seite</translation>
    </message>
    <message>
        <source>reference edge</source>
        <translation>Bezugskante</translation>
    </message>
    <message>
        <source>edge&apos;s angle</source>
        <translation>Winkel der Kante</translation>
    </message>
    <message>
        <source>crown from the edge</source>
        <translation>Krone ab Kante</translation>
    </message>
    <message>
        <source>reserve</source>
        <translation>Reserve</translation>
    </message>
    <message>
        <source>its own crown</source>
        <translation>die eigene Krone</translation>
    </message>
    <message>
        <source>off its own crown</source>
        <translation>neben der eigenen Krone</translation>
    </message>
    <message>
        <source>crown as set</source>
        <translation>Krone, wie gestellt</translation>
    </message>
    <message>
        <source>to move</source>
        <translation>zu schieben</translation>
    </message>
    <message>
        <source>where this string breaks by the angle that all do; in the mean they stand behind the slot as far as is given</source>
        <translation>wo diese Saite um denselben Winkel knickt wie alle; im Mittel stehen sie so weit hinter der Nut wie angegeben</translation>
    </message>
    <message>
        <source>{where} is missing; it follows from the strings over the old top once the action of both outer strings is read as found</source>
        <translation>{where} fehlt; es folgt aus den Saiten über der alten Decke, sobald die Saitenlage beider äußeren Saiten im Zustand vorher gelesen ist</translation>
    </message>
    <message>
        <source>by the strings over the old top the fret plane passes {0} over it at the bass and {1} at the treble: the top is sunk or waved, or one was misread</source>
        <translation>nach den Saiten über der alten Decke liegt die Bundebene am Bass {0} und am Diskant {1} über ihr: die Decke ist eingesunken oder wellig, oder eine ist falsch abgelesen</translation>
    </message>
    <message>
        <source>pin hole</source>
        <translation>Pinloch</translation>
    </message>
    <message>
        <source>taper</source>
        <translation>Konus</translation>
    </message>
    <message>
        <source>pilot hole</source>
        <translation>Bohrloch</translation>
    </message>
    <message>
        <source>bridge width</source>
        <translation>Stegbreite</translation>
    </message>
    <message>
        <source>front edge to the slot</source>
        <translation>Vorderkante bis Nut</translation>
    </message>
    <message>
        <source>the pin from the nut line less the bridge&apos;s front edge</source>
        <translation>der Pin ab der Sattellinie weniger die Vorderkante des Stegs</translation>
    </message>
    <message>
        <source>the bridge&apos;s width less its front edge to the slot&apos;s middle</source>
        <translation>die Breite des Stegs weniger Vorderkante bis Mitte der Nut</translation>
    </message>
    <message>
        <source>half of what the hole is wider than the pilot, over the tangent of half the taper</source>
        <translation>die Hälfte dessen, was das Loch weiter ist als das Bohrloch, durch den Tangens des halben Konus</translation>
    </message>
    <message>
        <source>pin from the bridge&apos;s front edge</source>
        <translation>Pin ab der Vorderkante des Stegs</translation>
    </message>
    <message>
        <source>slot&apos;s middle from the bridge&apos;s back edge</source>
        <translation>Mitte der Nut ab der Hinterkante des Stegs</translation>
    </message>
    <message>
        <source>reamer past the pilot hole</source>
        <translation>Reibahle über das Bohrloch hinaus</translation>
    </message>
    <message>
        <source>the strings will turn the bridge with {0} N·m instead of {1} as found: more than a tenth harder, and the top has to bear it</source>
        <translation>die Saiten werden den Steg mit {0} N·m drehen statt mit {1} wie vorgefunden: mehr als ein Zehntel stärker, und die Decke muss es tragen</translation>
    </message>
    <message>
        <source>{0} and {1}: between their pins&apos; holes {2} of wood would be left</source>
        <translation>{0} und {1}: zwischen ihren Pinlöchern blieben {2} Holz</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>Pin</translation>
    </message>
    <message>
        <source>front edge</source>
        <translation>Vorderkante</translation>
    </message>
    <message>
        <source>where the string meets the best straight line through the crowns that make fret 12 true, from its scale&apos;s end</source>
        <translation>wo die Saite die beste gerade Linie durch die Kronen trifft, die den 12. Bund rein machen, vom Ende ihrer Mensur</translation>
    </message>
    <message>
        <source>height at the bass string</source>
        <translation>Höhe an der Basssaite</translation>
    </message>
    <message>
        <source>height at the treble string</source>
        <translation>Höhe an der Diskantsaite</translation>
    </message>
    <message>
        <source>the mean of both ends</source>
        <translation>das Mittel beider Enden</translation>
    </message>
    <message>
        <source>the bridge is level</source>
        <translation>der Steg ist eben</translation>
    </message>
    <message>
        <source>straight between the outer strings</source>
        <translation>gerade zwischen den äußeren Saiten</translation>
    </message>
    <message>
        <source>bridge&apos;s top under the string</source>
        <translation>Stegoberkante unter der Saite</translation>
    </message>
    <message>
        <source>the bridge is {0} high at its lowest; {1} is the least</source>
        <translation>der Steg ist an der niedrigsten Stelle {0} hoch; mindestens {1}</translation>
    </message>
    <message>
        <source>the bridge is {0} high at its highest; {1} is the most</source>
        <translation>der Steg ist an der höchsten Stelle {0} hoch; höchstens {1}</translation>
    </message>
    <message>
        <source>top sunk or waved</source>
        <translation>Decke eingesunken oder wellig</translation>
    </message>
    <message>
        <source>Lay a straightedge across the top before the bridge and behind it: no hollow and no wave deeper than 2 mm.</source>
        <translation>Ein Lineal vor und hinter dem Steg quer über die Decke legen: keine Mulde und keine Welle tiefer als 2 mm.</translation>
    </message>
    <message>
        <source>top sunk or waved: look inside for a loose brace, and fit a new bridge to the top as it is; deeper than 2 mm is a job for a trained repairer</source>
        <translation>Decke eingesunken oder wellig: innen nach einer losen Leiste sehen und einen neuen Steg der Decke anpassen, wie sie ist; tiefer als 2 mm ist es Arbeit für ausgebildete Reparateure</translation>
    </message>
    <message>
        <source>crowns&apos; line</source>
        <translation>Kronenlinie</translation>
    </message>
    <message>
        <source>screw&apos;s length</source>
        <translation>Schraube lang</translation>
    </message>
    <message>
        <source>plate under the head</source>
        <translation>Platte unter dem Kopf</translation>
    </message>
    <message>
        <source>from the middle to either reading</source>
        <translation>von der Mitte bis zu jeder Messung</translation>
    </message>
    <message>
        <source>gap at the bass</source>
        <translation>Spalt am Bass</translation>
    </message>
    <message>
        <source>gap in the middle</source>
        <translation>Spalt in der Mitte</translation>
    </message>
    <message>
        <source>gap at the treble</source>
        <translation>Spalt am Diskant</translation>
    </message>
    <message>
        <source>all tensions, in sum</source>
        <translation>alle Zugkräfte zusammen</translation>
    </message>
    <message>
        <source>what the strings pull along the top, shared by the screws</source>
        <translation>was die Saiten längs der Decke ziehen, auf die Schrauben verteilt</translation>
    </message>
    <message>
        <source>what the strings push toward the nut, shared by the screws</source>
        <translation>was die Saiten zum Sattel drücken, auf die Schrauben verteilt</translation>
    </message>
    <message>
        <source>each string&apos;s force down, on either post by how near it stands to it</source>
        <translation>die Kraft jeder Saite nach unten, auf jeden Pfosten danach, wie nah sie ihm steht</translation>
    </message>
    <message>
        <source>each string&apos;s push toward the nut, on either post by how near it stands to it</source>
        <translation>der Druck jeder Saite zum Sattel, auf jeden Pfosten danach, wie nah sie ihm steht</translation>
    </message>
    <message>
        <source>the angle whose tangent is what the strings push toward the nut over what they press down; minus is back, away from the nut</source>
        <translation>der Winkel, dessen Tangens der Druck zum Sattel durch den Druck nach unten ist; minus ist zurück, vom Sattel weg</translation>
    </message>
    <message>
        <source>the mean of what stands out of the bridge times the tangent of the lean; minus is toward the nut</source>
        <translation>das Mittel dessen, was aus dem Steg steht, mal dem Tangens der Neigung; minus ist zum Sattel</translation>
    </message>
    <message>
        <source>what of both forces goes across the saddle as it leans; plus tips it toward the nut</source>
        <translation>was von beiden Kräften quer zur geneigten Einlage wirkt; plus kippt sie zum Sattel</translation>
    </message>
    <message>
        <source>twice the tension times the sine of half the bend from its fall behind the saddle to straight down</source>
        <translation>zweimal die Zugkraft mal dem Sinus der halben Biegung vom Fall hinter der Einlage bis senkrecht hinab</translation>
    </message>
    <message>
        <source>how far it stands from the treble post, over how far the posts stand apart</source>
        <translation>wie weit sie vom Diskantpfosten steht, durch den Abstand der Pfosten</translation>
    </message>
    <message>
        <source>the screw&apos;s length less what of it stays in the plate</source>
        <translation>die Länge der Schraube weniger dem, was in der Platte bleibt</translation>
    </message>
    <message>
        <source>the mean of the gaps beside it less the gap in the middle</source>
        <translation>das Mittel der Spalte daneben weniger dem Spalt in der Mitte</translation>
    </message>
    <message>
        <source>the circle through the three readings</source>
        <translation>der Kreis durch die drei Messungen</translation>
    </message>
    <message>
        <source>the gap at the treble less the one at the bass</source>
        <translation>der Spalt am Diskant weniger dem am Bass</translation>
    </message>
    <message>
        <source>the slot&apos;s middle amid the strings less what lies before it</source>
        <translation>die Mitte der Nut mitten unter den Saiten weniger dem, was davor liegt</translation>
    </message>
    <message>
        <source>how far the old bridge&apos;s print reaches beyond the new one there; below 0 it is covered with so much to spare</source>
        <translation>wie weit der Abdruck des alten Stegs dort über den neuen hinausreicht; unter 0 ist er um so viel verdeckt</translation>
    </message>
    <message>
        <source>pull on the tailpiece</source>
        <translation>Zug am Saitenhalter</translation>
    </message>
    <message>
        <source>force along the top on each screw</source>
        <translation>Kraft längs der Decke auf jede Schraube</translation>
    </message>
    <message>
        <source>force down on the bass post</source>
        <translation>Kraft hinab auf den Basspfosten</translation>
    </message>
    <message>
        <source>force down on the treble post</source>
        <translation>Kraft hinab auf den Diskantpfosten</translation>
    </message>
    <message>
        <source>force toward the nut on the bass post</source>
        <translation>Kraft zum Sattel am Basspfosten</translation>
    </message>
    <message>
        <source>force toward the nut on the treble post</source>
        <translation>Kraft zum Sattel am Diskantpfosten</translation>
    </message>
    <message>
        <source>lean at which nothing tips the saddle</source>
        <translation>Neigung, bei der nichts die Einlage kippt</translation>
    </message>
    <message>
        <source>leaning slot&apos;s mouth behind the crowns&apos; line</source>
        <translation>Mündung der geneigten Nut hinter der Kronenlinie</translation>
    </message>
    <message>
        <source>force that tips the saddle</source>
        <translation>Kraft, die die Einlage kippt</translation>
    </message>
    <message>
        <source>force on its pin&apos;s hole</source>
        <translation>Kraft auf das Pinloch</translation>
    </message>
    <message>
        <source>goes with the bass post</source>
        <translation>geht mit dem Basspfosten</translation>
    </message>
    <message>
        <source>screw holes&apos; depth in the wood</source>
        <translation>Tiefe der Schraubenlöcher im Holz</translation>
    </message>
    <message>
        <source>rise of the top under the bridge</source>
        <translation>Anstieg der Decke unter dem Steg</translation>
    </message>
    <message>
        <source>radius of the feet</source>
        <translation>Radius der Füße</translation>
    </message>
    <message>
        <source>treble foot lower than the bass one</source>
        <translation>Diskantfuß tiefer als der Bassfuß</translation>
    </message>
    <message>
        <source>bridge&apos;s front edge from the nut line</source>
        <translation>Vorderkante des Stegs ab der Sattellinie</translation>
    </message>
    <message>
        <source>old print before the front edge</source>
        <translation>alter Abdruck vor der Vorderkante</translation>
    </message>
    <message>
        <source>old print behind the back edge</source>
        <translation>alter Abdruck hinter der Hinterkante</translation>
    </message>
    <message>
        <source>old print beyond the bass end</source>
        <translation>alter Abdruck über das Bassende</translation>
    </message>
    <message>
        <source>old print beyond the treble end</source>
        <translation>alter Abdruck über das Diskantende</translation>
    </message>
    <message>
        <source>the old bridge&apos;s print shows {0} before the front edge</source>
        <translation>der Abdruck des alten Stegs ist {0} vor der Vorderkante zu sehen</translation>
    </message>
    <message>
        <source>the old bridge&apos;s print shows {0} behind the back edge</source>
        <translation>der Abdruck des alten Stegs ist {0} hinter der Hinterkante zu sehen</translation>
    </message>
    <message>
        <source>the old bridge&apos;s print shows {0} beyond the bass end</source>
        <translation>der Abdruck des alten Stegs ist {0} über das Bassende hinaus zu sehen</translation>
    </message>
    <message>
        <source>the old bridge&apos;s print shows {0} beyond the treble end</source>
        <translation>der Abdruck des alten Stegs ist {0} über das Diskantende hinaus zu sehen</translation>
    </message>
    <message>
        <source>the old bridge&apos;s print shows beside the new outline</source>
        <translation>der Abdruck des alten Stegs ist neben dem neuen Umriss zu sehen</translation>
    </message>
    <message>
        <source>old hole {0} stays in sight beside the new bridge</source>
        <translation>das alte Loch {0} bleibt neben dem neuen Steg zu sehen</translation>
    </message>
    <message>
        <source>old hole {0} is cut by a new pin&apos;s hole: plug it first, or the drill runs off into it</source>
        <translation>das alte Loch {0} wird vom Loch eines neuen Pins angeschnitten: erst stopfen, sonst verläuft der Bohrer</translation>
    </message>
    <message>
        <source>{0}: its pin does not go through the wood inside: the string&apos;s end would hold on the top alone</source>
        <translation>{0}: der Pin geht nicht durch das Holz innen: das Saitenende hielte nur an der Decke</translation>
    </message>
    <message>
        <source>screw {0} stands outside the bridge&apos;s outline</source>
        <translation>Schraube {0} steht außerhalb des Umrisses</translation>
    </message>
    <message>
        <source>screws {0} and {1} stand {2} apart: their holes would split the wood</source>
        <translation>Schrauben {0} und {1} stehen {2} auseinander: ihre Löcher würden das Holz spalten</translation>
    </message>
    <message>
        <source>toward the nut</source>
        <translation>zum Sattel</translation>
    </message>
    <message>
        <source>down on the saddle</source>
        <translation>auf die Einlage</translation>
    </message>
    <message>
        <source>fall behind the saddle</source>
        <translation>Fall hinter der Einlage</translation>
    </message>
    <message>
        <source>its crown off the straight line, less that of the middle of the foremost and hindmost; square to the line</source>
        <translation>seine Krone neben der Geraden, weniger die Mitte der vordersten und hintersten; rechtwinklig zur Geraden</translation>
    </message>
    <message>
        <source>crown behind the line of slot or posts</source>
        <translation>Krone hinter der Linie der Nut oder der Pfosten</translation>
    </message>
    <message>
        <source>fret height</source>
        <translation>Bundhöhe</translation>
    </message>
    <message>
        <source>board&apos;s radius</source>
        <translation>Radius des Griffbretts</translation>
    </message>
    <message>
        <source>board over seat</source>
        <translation>Griffbrett über der Auflage</translation>
    </message>
    <message>
        <source>nut&apos;s thickness</source>
        <translation>Dicke des Sattels</translation>
    </message>
    <message>
        <source>height of the nut&apos;s blank</source>
        <translation>Höhe des Sattelrohlings</translation>
    </message>
    <message>
        <source>depth of the saddle&apos;s slot</source>
        <translation>Tiefe der Stegnut</translation>
    </message>
    <message>
        <source>string gauge</source>
        <translation>Saitenstärke</translation>
    </message>
    <message>
        <source>string spread at the nut</source>
        <translation>Saitenspreizung am Sattel</translation>
    </message>
    <message>
        <source>string spread at the saddle</source>
        <translation>Saitenspreizung am Steg</translation>
    </message>
    <message>
        <source>{where} is assumed, not measured</source>
        <translation>{where} ist angenommen, nicht gemessen</translation>
    </message>
    <message>
        <source>{where} is no job to begin from: {0}</source>
        <translation>{where} ist kein Auftrag, mit dem man beginnen kann: {0}</translation>
    </message>
    <message>
        <source>{where} says “{0}” is assumed; only what is measured on the instrument can be</source>
        <translation>{where} nennt „{0}“ angenommen; nur was am Instrument gemessen wird, kann es sein</translation>
    </message>
    <message>
        <source>assumed, not measured</source>
        <translation>angenommen, nicht gemessen</translation>
    </message>
    <message>
        <source>{where}, row {0}, {1}: {2}</source>
        <translation>{where}, Zeile {0}, {1}: {2}</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is no number</source>
        <translation>„{0}“ ist keine Zahl</translation>
    </message>
    <message>
        <source>&quot;{0}&quot; is none of the words allowed here</source>
        <translation>„{0}“ ist keines der hier erlaubten Wörter</translation>
    </message>
    <message>
        <source>{0}: read as {1}, by a leaf since {2} {3}; the plan still works with the number, so read it again</source>
        <translation>{0}: gemessen als {1}, seither mit einem Blatt {2} {3}; der Plan rechnet noch mit der Zahl, also neu messen</translation>
    </message>
    <message>
        <source>{0}: {1} {2} by the leaf, so higher than the {3} wanted; by how much is not said</source>
        <translation>{0}: {1} {2} nach dem Blatt, also höher als das Ziel {3}; um wie viel, ist nicht gesagt</translation>
    </message>
    <message>
        <source>{0}: {1} {2} by the leaf, so lower than the {3} wanted; by how much is not said</source>
        <translation>{0}: {1} {2} nach dem Blatt, also tiefer als das Ziel {3}; um wie viel, ist nicht gesagt</translation>
    </message>
    <message>
        <source>{0}: {1} {2} by the leaf, {3} wanted: it can be either; read it closer</source>
        <translation>{0}: {1} {2} nach dem Blatt, Ziel {3}: beides kann sein; genauer messen</translation>
    </message>
    <message>
        <source>a bound at character {0}: only a reading can be more or less than a leaf</source>
        <translation>eine Schranke bei Zeichen {0}: nur eine Messung kann mehr oder weniger als ein Blatt sein</translation>
    </message>
    <message>
        <source>found: {0}</source>
        <translation>gefunden: {0}</translation>
    </message>
    <message>
        <source>to be looked at again: {0}</source>
        <translation>nochmals anzusehen: {0}</translation>
    </message>
    <message>
        <source>that kind has {0} strings; what was measured and read here is of {1}</source>
        <translation>jene Art hat {0} Saiten; was hier gemessen und abgelesen ist, sind {1}</translation>
    </message>
    <message>
        <source>{0}: way flat at fret {1}, by ear</source>
        <translation>{0}: viel zu tief am Bund {1}, nach Gehör</translation>
    </message>
    <message>
        <source>{0}: flat at fret {1}, by ear</source>
        <translation>{0}: zu tief am Bund {1}, nach Gehör</translation>
    </message>
    <message>
        <source>{0}: a bit flat at fret {1}, by ear</source>
        <translation>{0}: etwas zu tief am Bund {1}, nach Gehör</translation>
    </message>
    <message>
        <source>{0}: in tune at fret {1}, by ear</source>
        <translation>{0}: stimmt am Bund {1}, nach Gehör</translation>
    </message>
    <message>
        <source>{0}: a bit sharp at fret {1}, by ear</source>
        <translation>{0}: etwas zu hoch am Bund {1}, nach Gehör</translation>
    </message>
    <message>
        <source>{0}: sharp at fret {1}, by ear</source>
        <translation>{0}: zu hoch am Bund {1}, nach Gehör</translation>
    </message>
    <message>
        <source>{0}: way sharp at fret {1}, by ear</source>
        <translation>{0}: viel zu hoch am Bund {1}, nach Gehör</translation>
    </message>
    <message>
        <source>the cause is not found yet</source>
        <translation>die Ursache ist noch nicht gefunden</translation>
    </message>
    <message>
        <source>gone with the test for</source>
        <translation>weg bei der Probe auf</translation>
    </message>
    <message>
        <source>better with the test for</source>
        <translation>besser bei der Probe auf</translation>
    </message>
    <message>
        <source>the same with the test for</source>
        <translation>gleich bei der Probe auf</translation>
    </message>
    <message>
        <source>margin at the bass end</source>
        <translation>Überstand am Bassende</translation>
    </message>
    <message>
        <source>margin at the treble end</source>
        <translation>Überstand am Diskantende</translation>
    </message>
    <message>
        <source>{0}: between its pin&apos;s hole and the saddle&apos;s slot {1} of wood would be left</source>
        <translation>{0}: zwischen dem Loch ihres Stifts und der Nut der Stegeinlage bliebe {1} Holz</translation>
    </message>
    <message>
        <source>{0}: between its pin&apos;s hole and the bridge&apos;s edge {1} of wood would be left</source>
        <translation>{0}: zwischen dem Loch ihres Stifts und der Kante des Stegs bliebe {1} Holz</translation>
    </message>
    <message>
        <source>between the saddle&apos;s slot and the bridge&apos;s edge {0} of wood would be left</source>
        <translation>zwischen der Nut der Stegeinlage und der Kante des Stegs bliebe {0} Holz</translation>
    </message>
</context>
<context>
    <name>sense</name>
    <message>
        <source>over fret 1</source>
        <translation>über Bund 1</translation>
    </message>
    <message>
        <source>over fret 12</source>
        <translation>über Bund 12</translation>
    </message>
    <message>
        <source>of relief</source>
        <translation>Halskrümmung</translation>
    </message>
    <message>
        <source>wide, for this string&apos;s slot</source>
        <translation>breit, für die Kerbe dieser Saite</translation>
    </message>
    <message>
        <source>from fret 12 to the crown</source>
        <translation>vom 12. Bund bis zur Krone</translation>
    </message>
    <message>
        <source>%1 %2? Usual is %3 to %4.</source>
        <translation>%1 %2? Üblich ist %3 bis %4.</translation>
    </message>
    <message>
        <source>Was %1 meant?</source>
        <translation>Waren %1 gemeint?</translation>
    </message>
    <message>
        <source>Enter again keeps it.</source>
        <translation>Nochmals Enter behält es.</translation>
    </message>
</context>
<context>
    <name>sheet</name>
    <message>
        <source>seat square</source>
        <translation>Auflage gerade</translation>
    </message>
    <message>
        <source>seat at the headstock&apos;s angle</source>
        <translation>Auflage im Kopfplattenwinkel</translation>
    </message>
    <message>
        <source>seat curved</source>
        <translation>Auflage gewölbt</translation>
    </message>
    <message>
        <source>Nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>linkshändig</translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation>rechtshändig</translation>
    </message>
    <message>
        <source>BASS</source>
        <translation>BASS</translation>
    </message>
    <message>
        <source>TREBLE</source>
        <translation>DISKANT</translation>
    </message>
    <message>
        <source>True size 1:1</source>
        <translation>Wahre Größe 1:1</translation>
    </message>
    <message>
        <source>HEAD</source>
        <translation>KOPF</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>board</source>
        <translation>Griffbrett</translation>
    </message>
    <message>
        <source>fret tops</source>
        <translation>Bundkronen</translation>
    </message>
    <message>
        <source>highest</source>
        <translation>höchste</translation>
    </message>
    <message>
        <source>FRONT</source>
        <translation>VORN</translation>
    </message>
    <message>
        <source>end view</source>
        <translation>Seitenansicht</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Saite</translation>
    </message>
    <message>
        <source>saw to</source>
        <translation>Säge</translation>
    </message>
    <message>
        <source>floor</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>none fits</source>
        <translation>keine passt</translation>
    </message>
    <message>
        <source>Print at 100 %, not fitted to the page.</source>
        <translation>Mit 100 % drucken, nicht an die Seite angepasst.</translation>
    </message>
    <message>
        <source>bone</source>
        <translation>Knochen</translation>
    </message>
    <message>
        <source>brass</source>
        <translation>Messing</translation>
    </message>
    <message>
        <source>hardwood</source>
        <translation>Hartholz</translation>
    </message>
    <message>
        <source>synthetic</source>
        <translation>Kunststoff</translation>
    </message>
    <message>
        <source>flat board</source>
        <translation>flaches Griffbrett</translation>
    </message>
    <message>
        <source>along the instrument from the nut line; across from the centreline</source>
        <translation>längs von der Sattellinie; quer von der Mittellinie</translation>
    </message>
    <message>
        <source>fret</source>
        <translation>Bund</translation>
    </message>
    <message>
        <source>at the bass string</source>
        <translation>an der Basssaite</translation>
    </message>
    <message>
        <source>from the nut line</source>
        <translation>von der Sattellinie</translation>
    </message>
    <message>
        <source>at the treble string</source>
        <translation>an der Diskantsaite</translation>
    </message>
    <message>
        <source>board wide</source>
        <translation>Brett breit</translation>
    </message>
    <message>
        <source>gauge</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>at the nut</source>
        <translation>am Sattel</translation>
    </message>
    <message>
        <source>at fret 12</source>
        <translation>am 12. Bund</translation>
    </message>
    <message>
        <source>at the saddle</source>
        <translation>an der Einlage</translation>
    </message>
    <message>
        <source>speaking length</source>
        <translation>klingende Länge</translation>
    </message>
    <message>
        <source>Bridge</source>
        <translation>Steg</translation>
    </message>
    <message>
        <source>front edge</source>
        <translation>Vorderkante</translation>
    </message>
    <message>
        <source>back edge</source>
        <translation>Hinterkante</translation>
    </message>
    <message>
        <source>slot&apos;s end</source>
        <translation>Nutende</translation>
    </message>
    <message>
        <source>crowns&apos; line</source>
        <translation>Kronenlinie</translation>
    </message>
    <message>
        <source>across from the centreline; along from the slot&apos;s centreline on it</source>
        <translation>quer von der Mittellinie; längs von der Mitte der Nut auf ihr</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>over the soundboard</source>
        <translation>über der Decke</translation>
    </message>
    <message>
        <source>pin behind slot</source>
        <translation>Stift hinter Nut</translation>
    </message>
    <message>
        <source>break angle</source>
        <translation>Knickwinkel</translation>
    </message>
    <message>
        <source>down on it, N</source>
        <translation>Druck darauf, N</translation>
    </message>
    <message>
        <source>Set-up card</source>
        <translation>Einstellkarte</translation>
    </message>
    <message>
        <source>write in pencil what the gauge says</source>
        <translation>mit Bleistift eintragen, was gemessen wird</translation>
    </message>
    <message>
        <source>1. Neck</source>
        <translation>1. Hals</translation>
    </message>
    <message>
        <source>small turns; stop when it binds; when unsure, a trained repairer</source>
        <translation>kleine Drehungen; aufhören, wenn es klemmt; im Zweifel zum Fachmann</translation>
    </message>
    <message>
        <source>The neck straight</source>
        <translation>Der Hals gerade</translation>
    </message>
    <message>
        <source>reads</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>2. Saddle, 3. Nut</source>
        <translation>2. Einlage, 3. Sattel</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Spalt</translation>
    </message>
    <message>
        <source>action</source>
        <translation>Lage</translation>
    </message>
    <message>
        <source>neck set: gap</source>
        <translation>Hals gestellt: Spalt</translation>
    </message>
    <message>
        <source>saddle off</source>
        <translation>Einlage ab</translation>
    </message>
    <message>
        <source>then gap</source>
        <translation>dann Spalt</translation>
    </message>
    <message>
        <source>nut off</source>
        <translation>Sattel ab</translation>
    </message>
    <message>
        <source>no readings yet: what each should read in the end</source>
        <translation>noch nichts gemessen: was am Ende zu messen sein soll</translation>
    </message>
    <message>
        <source>gap, fret 1</source>
        <translation>Spalt, Bund 1</translation>
    </message>
    <message>
        <source>found</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>pressed at 3</source>
        <translation>gedrückt bei 3</translation>
    </message>
    <message>
        <source>action, fret 12</source>
        <translation>Lage, 12. Bund</translation>
    </message>
    <message>
        <source>with capo</source>
        <translation>mit Kapodaster</translation>
    </message>
    <message>
        <source>Colour the face, scribe every mark with a steel point, and start the saw in a nick of a three-square file.</source>
        <translation>Die Fläche einfärben, jede Marke mit der Reißnadel anreißen und die Säge in einer Kerbe der Dreikantfeile ansetzen.</translation>
    </message>
    <message>
        <source>Cut every mark with a knife across the grain, so that the edge does not splinter, and start the saw in the cut.</source>
        <translation>Jede Marke mit dem Messer quer zur Faser schneiden, damit die Kante nicht ausreißt, und die Säge im Schnitt ansetzen.</translation>
    </message>
    <message>
        <source>Nick every mark with a fine blade or the corner of a file; the saw starts in the nick.</source>
        <translation>Jede Marke mit feiner Klinge oder Feilenkante einkerben; die Säge setzt in der Kerbe an.</translation>
    </message>
    <message>
        <source>Brass is slow by hand: allow hours, clear the file&apos;s teeth often, hold the part in soft jaws.</source>
        <translation>Messing geht von Hand langsam: Stunden einplanen, die Feile oft reinigen, in weichen Backen spannen.</translation>
    </message>
    <message>
        <source>The grain runs along the part: mark its direction on the blank, and plane or file with it.</source>
        <translation>Die Faser läuft längs: ihre Richtung auf dem Rohling anzeichnen und mit ihr hobeln oder feilen.</translation>
    </message>
    <message>
        <source>Short strokes, no pressure: what is rubbed warm smears and clogs the file.</source>
        <translation>Kurze Striche ohne Druck: warm Geriebenes schmiert und setzt die Feile zu.</translation>
    </message>
    <message>
        <source>Saw and file dry, with light strokes; heat and haste crack it at thin places.</source>
        <translation>Trocken sägen und feilen, mit leichten Strichen; Hitze und Hast sprengen dünne Stellen.</translation>
    </message>
    <message>
        <source>Blades, saws and files move away from the hand that holds; the part is clamped.</source>
        <translation>Klingen, Sägen und Feilen von der haltenden Hand weg führen; das Teil ist eingespannt.</translation>
    </message>
    <message>
        <source>String up. A few strokes, string down, read: stop at the floor plus twice its ±, then the last of it by readings.</source>
        <translation>Saiten aufziehen. Wenige Striche, Saite einlegen, messen: bei Grund plus doppeltem ± aufhören, das Letzte nach Messung.</translation>
    </message>
    <message>
        <source>Take the top down to the drawn line and ease every edge a finger meets.</source>
        <translation>Die Oberseite bis zur Linie abnehmen und jede Kante brechen, die ein Finger trifft.</translation>
    </message>
    <message>
        <source>Notch each place to its width; the floor falls away on both sides of the crown.</source>
        <translation>Jede Stelle auf ihre Breite kerben; der Grund fällt zu beiden Seiten der Krone ab.</translation>
    </message>
    <message>
        <source>String up, read the action at fret 12, and lower in turns.</source>
        <translation>Saiten aufziehen, die Lage am 12. Bund messen und reihum senken.</translation>
    </message>
    <message>
        <source>Shape the crown to a thin line at every string, where the list puts it behind the front face.</source>
        <translation>Die Krone an jeder Saite zu einer schmalen Linie formen, dort, wo die Liste sie hinter die Vorderseite setzt.</translation>
    </message>
    <message>
        <source>String up and read. Lower from the bottom: fret 12 loses a little less than half of what the saddle does.</source>
        <translation>Saiten aufziehen und messen. Von unten senken: am 12. Bund geht etwas weniger als die Hälfte dessen verloren, was die Einlage verliert.</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
    </message>
    <message>
        <source>The job&apos;s blank is large enough.</source>
        <translation>Der Rohling des Auftrags reicht.</translation>
    </message>
    <message>
        <source>Order of cuts</source>
        <translation>Schnittfolge</translation>
    </message>
    <message>
        <source>from blank to finish</source>
        <translation>vom Rohling bis zum Finish</translation>
    </message>
    <message>
        <source>nut&apos;s front</source>
        <translation>Sattelvorderseite</translation>
    </message>
    <message>
        <source>fret 12</source>
        <translation>12. Bund</translation>
    </message>
    <message>
        <source>slot&apos;s front edge</source>
        <translation>Vorderkante der Nut</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>Stift</translation>
    </message>
    <message>
        <source>seen from the front, head to the left</source>
        <translation>von vorn gesehen, Kopf links</translation>
    </message>
    <message>
        <source>Cut along one frame and lay the marks with the same letter on one another. Then measure from the nut&apos;s front on the joined strip: it must be what is written here.</source>
        <translation>An einem Rahmen entlang schneiden und die Marken mit demselben Buchstaben aufeinanderlegen. Dann auf dem zusammengefügten Streifen ab der Sattelvorderseite messen: es muss sein, was hier steht.</translation>
    </message>
    <message>
        <source>drawn as it is, whatever printer is chosen</source>
        <translation>zum Vermessen eines Druckers</translation>
    </message>
    <message>
        <source>1. Print this page at 100 %, not fitted to the page, on the paper the sheets will use.</source>
        <translation>1. Diese Seite mit 100 % drucken, nicht an die Seite angepasst, auf dem Papier der Blätter.</translation>
    </message>
    <message>
        <source>3. Print the page again as a sheet for that printer: the frame&apos;s sides and its diagonal must then read what is written at them.</source>
        <translation>3. Die Seite als Blatt für diesen Drucker noch einmal drucken: Seiten und Diagonale des Rahmens müssen dann messen, was an ihnen steht.</translation>
    </message>
    <message>
        <source>Bridge top</source>
        <translation>Stegoberseite</translation>
    </message>
    <message>
        <source>Single saddles</source>
        <translation>Einzelreiter</translation>
    </message>
    <message>
        <source>Saddle</source>
        <translation>Einlage</translation>
    </message>
    <message>
        <source>heights from the slot&apos;s floor</source>
        <translation>Höhen vom Grund der Nut</translation>
    </message>
    <message>
        <source>heights over the soundboard</source>
        <translation>Höhen über der Decke</translation>
    </message>
    <message>
        <source>heights over the fret plane</source>
        <translation>Höhen über der Bundebene</translation>
    </message>
    <message>
        <source>bridge&apos;s top</source>
        <translation>Stegoberseite</translation>
    </message>
    <message>
        <source>From above: the crowns from the reference edge</source>
        <translation>Von oben: die Kronen ab der Bezugskante</translation>
    </message>
    <message>
        <source>From above: the crowns between front and back face</source>
        <translation>Von oben: die Kronen zwischen Vorder- und Rückseite</translation>
    </message>
    <message>
        <source>not to scale across; the figures are in the list</source>
        <translation>quer nicht maßstäblich; die Zahlen stehen in der Liste</translation>
    </message>
    <message>
        <source>to the string</source>
        <translation>bis zur Saite</translation>
    </message>
    <message>
        <source>crown from the edge</source>
        <translation>Krone ab Kante</translation>
    </message>
    <message>
        <source>crown behind front face</source>
        <translation>Krone hinter Vorderseite</translation>
    </message>
    <message>
        <source>compensation</source>
        <translation>Kompensation</translation>
    </message>
    <message>
        <source>Placing strip</source>
        <translation>Setzstreifen</translation>
    </message>
    <message>
        <source>Check the bars with a caliper before cutting.</source>
        <translation>Vor dem Schneiden die Balken mit dem Messschieber prüfen.</translation>
    </message>
    <message>
        <source>Print at 100 %: the bars must read 100 mm, else do not cut.</source>
        <translation>Mit 100 % drucken: die Balken müssen 100 mm messen, sonst nicht schneiden.</translation>
    </message>
    <message>
        <source>height %1</source>
        <translation>Höhe %1</translation>
    </message>
    <message>
        <source>pin holes %1, ramps %2 deep</source>
        <translation>Stiftlöcher %1, Rampen %2 tief</translation>
    </message>
    <message>
        <source>Outline %1 × %2</source>
        <translation>Umriss %1 × %2</translation>
    </message>
    <message>
        <source>slot %1 wide</source>
        <translation>Nut %1 breit</translation>
    </message>
    <message>
        <source>%1 deep</source>
        <translation>%1 tief</translation>
    </message>
    <message>
        <source>at %1 to the square, the %2 end further back</source>
        <translation>um %1 schräg, das Ende am %2 weiter hinten</translation>
    </message>
    <message>
        <source>floor left under the slot %1</source>
        <translation>Holz unter der Nut %1</translation>
    </message>
    <message>
        <source>Finish through the grits %1; then %2.</source>
        <translation>Schleifen mit %1; dann %2.</translation>
    </message>
    <message>
        <source>Keep from it: %1.</source>
        <translation>Vermeiden: %1.</translation>
    </message>
    <message>
        <source>Nut, %1</source>
        <translation>Sattel, %1</translation>
    </message>
    <message>
        <source>Square one face and one edge of the blank. %1</source>
        <translation>Eine Fläche und eine Kante des Rohlings winklig richten. %1</translation>
    </message>
    <message>
        <source>Thickness %1, until it stands in its seat without wedging.</source>
        <translation>Dicke %1, bis er ohne zu klemmen in seinem Sitz steht.</translation>
    </message>
    <message>
        <source>Bottom at %1 to the front face, as the seat falls.</source>
        <translation>Unterseite um %1 gegen die Vorderseite, wie der Sitz fällt.</translation>
    </message>
    <message>
        <source>Bottom to a radius of %1, as the seat is cut.</source>
        <translation>Unterseite mit Radius %1, wie der Sitz geschnitten ist.</translation>
    </message>
    <message>
        <source>Length %1: leave %2 at either end until it is glued, then flush with the board.</source>
        <translation>Länge %1: bis zum Leimen an jedem Ende %2 lassen, dann bündig mit dem Griffbrett.</translation>
    </message>
    <message>
        <source>Rub the fret tops onto the front face: in the middle the line stands %1 over the seat.</source>
        <translation>Die Bundkronen auf die Vorderseite durchreiben: in der Mitte steht die Linie %1 über dem Sitz.</translation>
    </message>
    <message>
        <source>Bridge top, %1</source>
        <translation>Stegoberseite, %1</translation>
    </message>
    <message>
        <source>Saddle, %1</source>
        <translation>Einlage, %1</translation>
    </message>
    <message>
        <source>Fit the feet to the soundboard first. %1</source>
        <translation>Zuerst die Füße an die Decke anpassen. %1</translation>
    </message>
    <message>
        <source>Draw the top line over the soundboard from the sheet; leave %1 over it.</source>
        <translation>Die Oberlinie über der Decke vom Blatt anzeichnen; %1 darüber stehen lassen.</translation>
    </message>
    <message>
        <source>Mark the strip of string places. %1</source>
        <translation>Den Streifen der Saitenplätze anzeichnen. %1</translation>
    </message>
    <message>
        <source>Thickness %1: it just holds in the slot when the instrument is turned over. %2</source>
        <translation>Dicke %1: sie hält gerade in der Nut, wenn das Instrument umgedreht wird. %2</translation>
    </message>
    <message>
        <source>Length %1, ends rounded %2 like the slot&apos;s.</source>
        <translation>Länge %1, Enden mit %2 gerundet wie die Nut.</translation>
    </message>
    <message>
        <source>Draw the top from the sheet and leave %1 over it; a straight bottom, square to the faces.</source>
        <translation>Die Oberseite vom Blatt anzeichnen und %1 darüber lassen; eine gerade Unterseite, winklig zu den Flächen.</translation>
    </message>
    <message>
        <source>The job&apos;s blank is %1 short in %2.</source>
        <translation>Dem Rohling des Auftrags fehlen %1 an %2.</translation>
    </message>
    <message>
        <source>scale lengths %1 and %2</source>
        <translation>Mensuren %1 und %2</translation>
    </message>
    <message>
        <source>scale length %1</source>
        <translation>Mensur %1</translation>
    </message>
    <message>
        <source>radius %1</source>
        <translation>Radius %1</translation>
    </message>
    <message>
        <source>radius %1 to %2</source>
        <translation>Radius %1 bis %2</translation>
    </message>
    <message>
        <source>Whole board, scale %1</source>
        <translation>Ganzes Griffbrett, Maßstab %1</translation>
    </message>
    <message>
        <source>owner %1</source>
        <translation>Eigentümer %1</translation>
    </message>
    <message>
        <source>Relief %1 under a string held at frets %2</source>
        <translation>Halskrümmung %1 unter einer Saite, gehalten an Bund %2</translation>
    </message>
    <message>
        <source>read at fret %1</source>
        <translation>gemessen an Bund %1</translation>
    </message>
    <message>
        <source>now %1, to %2 there</source>
        <translation>jetzt %1, dort auf %2</translation>
    </message>
    <message>
        <source>Pack under the saddle %1, or a new one.</source>
        <translation>Die Einlage um %1 unterlegen, oder eine neue.</translation>
    </message>
    <message>
        <source>Off the saddle&apos;s bottom: bass %1, treble %2; the rest off its top.</source>
        <translation>Von der Unterseite der Einlage: Bass %1, Diskant %2; der Rest von oben.</translation>
    </message>
    <message>
        <source>Enlarged %1</source>
        <translation>Vergrößert %1</translation>
    </message>
    <message>
        <source>end view, seat %1</source>
        <translation>Seitenansicht, Sitz %1</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>file</source>
        <translation>Feile</translation>
    </message>
    <message>
        <source>rock %1</source>
        <translation>wiegen %1</translation>
    </message>
    <message>
        <source>Placing strip %1 of %2</source>
        <translation>Setzstreifen %1 von %2</translation>
    </message>
    <message>
        <source>%1 to either side of the centreline</source>
        <translation>%1 zu beiden Seiten der Mittellinie</translation>
    </message>
    <message>
        <source>Along the outer strings, nut&apos;s front to the slot&apos;s front edge: bass %1, treble %2.</source>
        <translation>Längs der äußeren Saiten, Sattelvorderseite bis Vorderkante der Nut: Bass %1, Diskant %2.</translation>
    </message>
    <message>
        <source>Fret 12 to the same: bass %1, treble %2.</source>
        <translation>12. Bund bis dorthin: Bass %1, Diskant %2.</translation>
    </message>
    <message>
        <source>bar Y, %1</source>
        <translation>Balken Y, %1</translation>
    </message>
    <message>
        <source>bar X, %1</source>
        <translation>Balken X, %1</translation>
    </message>
    <message>
        <source>side %1</source>
        <translation>Seite %1</translation>
    </message>
    <message>
        <source>diagonal %1</source>
        <translation>Diagonale %1</translation>
    </message>
    <message>
        <source>ends rounded %1</source>
        <translation>Enden gerundet %1</translation>
    </message>
    <message>
        <source>crown radius %1</source>
        <translation>Kronenradius %1</translation>
    </message>
    <message>
        <source>block %1</source>
        <translation>Schleifblock %1</translation>
    </message>
    <message>
        <source>notch width</source>
        <translation>Kerbe breit</translation>
    </message>
    <message>
        <source>notch depth</source>
        <translation>Kerbe tief</translation>
    </message>
    <message>
        <source>Thickness %1; it holds in its slot without being forced.</source>
        <translation>Dicke %1; sie hält ohne Zwang in ihrer Nut.</translation>
    </message>
    <message>
        <source>The crowns&apos; line stands at %1 to the square, the %2 end further back.</source>
        <translation>Die Kronenlinie steht um %1 schräg, das Ende am %2 weiter hinten.</translation>
    </message>
    <message>
        <source>revision %1</source>
        <translation>Revision %1</translation>
    </message>
    <message>
        <source>scale %1</source>
        <translation>Maßstab %1</translation>
    </message>
    <message>
        <source>Drawn %1 for %2.</source>
        <translation>Gezeichnet %1 für %2.</translation>
    </message>
    <message>
        <source>no figure has changed since %1</source>
        <translation>keine Zahl geändert seit %1</translation>
    </message>
    <message>
        <source>▲ changed since %1: %2</source>
        <translation>▲ geändert seit %1: %2</translation>
    </message>
    <message>
        <source>Fret plan</source>
        <translation>Bundplan</translation>
    </message>
    <message>
        <source>Test page</source>
        <translation>Testseite</translation>
    </message>
    <message>
        <source>this program was built without solid models</source>
        <translation>dieses Programm wurde ohne Körpermodelle gebaut</translation>
    </message>
    <message>
        <source>single saddles are bought: there is no solid model of them</source>
        <translation>Einzelreiter werden gekauft: von ihnen gibt es kein Körpermodell</translation>
    </message>
    <message>
        <source>a machine&apos;s file ends in .svg, .dxf, .step or .stl</source>
        <translation>eine Datei für Maschinen endet auf .svg, .dxf, .step oder .stl</translation>
    </message>
    <message>
        <source>saddle&apos;s slot</source>
        <translation>Nut der Einlage</translation>
    </message>
    <message>
        <source>%1 wide, a cutter of %2 does not get in</source>
        <translation>%1 breit, ein Fräser von %2 kommt nicht hinein</translation>
    </message>
    <message>
        <source>left standing at %1: %2</source>
        <translation>bleibt stehen bei %1: %2</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>slot %1</source>
        <translation>Kerbe %1</translation>
    </message>
    <message>
        <source>hole %1</source>
        <translation>Loch %1</translation>
    </message>
    <message>
        <source>outline not given: drawn plain</source>
        <translation>Umriss nicht gegeben: schlicht gezeichnet</translation>
    </message>
    <message>
        <source>lengths: %1</source>
        <translation>Längen: %1</translation>
    </message>
    <message>
        <source>grain</source>
        <translation>Faser</translation>
    </message>
    <message>
        <source>For the owner</source>
        <translation>Für den Eigentümer</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>The neck was bowed by %1.</source>
        <translation>Der Hals war um %1 gekrümmt.</translation>
    </message>
    <message>
        <source>Strings over the first fret: %1 to %2.</source>
        <translation>Saiten über dem ersten Bund: %1 bis %2.</translation>
    </message>
    <message>
        <source>Strings over the twelfth fret: %1 to %2.</source>
        <translation>Saiten über dem zwölften Bund: %1 bis %2.</translation>
    </message>
    <message>
        <source>Heard: %1; %2.</source>
        <translation>Zu hören: %1; %2.</translation>
    </message>
    <message>
        <source>Nothing was written down yet.</source>
        <translation>Noch wurde nichts aufgeschrieben.</translation>
    </message>
    <message>
        <source>What was done</source>
        <translation>Was getan wurde</translation>
    </message>
    <message>
        <source>The neck was set with its rod: now bowed by %1.</source>
        <translation>Der Hals wurde mit seinem Stab gestellt: jetzt um %1 gekrümmt.</translation>
    </message>
    <message>
        <source>The nut was lifted on a shim of %1.</source>
        <translation>Der Sattel wurde mit einer Unterlage von %1 gehoben.</translation>
    </message>
    <message>
        <source>The saddle was packed by %1 at the bass and %2 at the treble.</source>
        <translation>Die Einlage wurde um %1 am Bass und %2 am Diskant unterlegt.</translation>
    </message>
    <message>
        <source>The saddle was lowered by %1 at the bass and %2 at the treble.</source>
        <translation>Die Einlage wurde um %1 am Bass und %2 am Diskant gesenkt.</translation>
    </message>
    <message>
        <source>Slots of the nut filled and cut anew: %1.</source>
        <translation>Kerben des Sattels gefüllt und neu geschnitten: %1.</translation>
    </message>
    <message>
        <source>Slots of the nut filed to depth, string by string: %1.</source>
        <translation>Kerben des Sattels Saite für Saite auf Tiefe gefeilt: %1.</translation>
    </message>
    <message>
        <source>The saddle&apos;s crowns were set so that the strings play in tune with themselves.</source>
        <translation>Die Kronen der Einlage wurden so gestellt, dass die Saiten in sich rein klingen.</translation>
    </message>
    <message>
        <source>Nothing yet.</source>
        <translation>Noch nichts.</translation>
    </message>
    <message>
        <source>over the first fret</source>
        <translation>über dem ersten Bund</translation>
    </message>
    <message>
        <source>over the twelfth fret</source>
        <translation>über dem zwölften Bund</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Vorher und nachher</translation>
    </message>
    <message>
        <source>ring: before; full: now; dash: what was aimed at</source>
        <translation>Ring: vorher; voll: jetzt; Strich: das Ziel</translation>
    </message>
    <message>
        <source>The numbers that matter</source>
        <translation>Die Zahlen, auf die es ankommt</translation>
    </message>
    <message>
        <source>lengths in %1</source>
        <translation>Längen in %1</translation>
    </message>
    <message>
        <source>fret 1, before</source>
        <translation>Bund 1, vorher</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>aimed at</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>fret 12, before</source>
        <translation>Bund 12, vorher</translation>
    </message>
    <message>
        <source>What was left, and what to watch</source>
        <translation>Was gelassen wurde und worauf zu achten ist</translation>
    </message>
    <message>
        <source>Left: %1</source>
        <translation>Gelassen: %1</translation>
    </message>
    <message>
        <source>To be seen to: </source>
        <translation>Zu beheben: </translation>
    </message>
    <message>
        <source>A new buzz, a bridge that lifts or a crack: slacken the strings and bring it in.</source>
        <translation>Ein neues Schnarren, ein Steg, der sich hebt, ein Riss: Saiten entspannen und vorbeibringen.</translation>
    </message>
    <message>
        <source>For the shop</source>
        <translation>Für die Werkstatt</translation>
    </message>
    <message>
        <source>corrected</source>
        <translation>berichtigt</translation>
    </message>
    <message>
        <source>page %1</source>
        <translation>Seite %1</translation>
    </message>
    <message>
        <source>%1 readings, %2 passes with the file.</source>
        <translation>%1 Messungen, %2 Gänge mit der Feile.</translation>
    </message>
    <message>
        <source>The rod was turned %1 eighths in all.</source>
        <translation>Der Halsstab wurde um insgesamt %1 Achtel gedreht.</translation>
    </message>
    <message>
        <source>%1 minutes of work written down.</source>
        <translation>%1 Minuten Arbeit aufgeschrieben.</translation>
    </message>
    <message>
        <source>In order</source>
        <translation>Der Reihe nach</translation>
    </message>
    <message>
        <source>only ever added: a correction says so</source>
        <translation>nur ergänzt: eine Berichtigung sagt es</translation>
    </message>
    <message>
        <source>fallaway %1</source>
        <translation>Abfall am Griffbrettende %1</translation>
    </message>
    <message>
        <source>frets up to %1 off their line, see under the table</source>
        <translation>Bünde bis %1 neben ihrer Linie, siehe unter der Tabelle</translation>
    </message>
    <message>
        <source>Frets that stand off their line (+ higher): %1</source>
        <translation>Bünde, die neben ihrer Linie stehen (+ höher): %1</translation>
    </message>
    <message>
        <source>Screws down: bass %1, treble %2; minus is up.</source>
        <translation>Schrauben tiefer: Bass %1, Diskant %2; minus ist höher.</translation>
    </message>
    <message>
        <source>Every saddle goes down by its own screw; minus is up.</source>
        <translation>Jeder Reiter geht mit seiner Schraube tiefer; minus ist höher.</translation>
    </message>
    <message>
        <source>The front face stands at %1 to the square of the neck. The ends follow the board&apos;s edges: they run %2 aside over the thickness.</source>
        <translation>Die Vorderfläche steht unter %1 zum rechten Winkel des Halses. Die Enden folgen den Kanten des Griffbretts: Sie laufen über die Dicke um %2 seitwärts.</translation>
    </message>
    <message>
        <source>Lead saw and files along each string, not square to the face: over the thickness a slot runs aside by %1.</source>
        <translation>Säge und Feilen entlang jeder Saite führen, nicht rechtwinklig zur Fläche: Über die Dicke läuft eine Kerbe um %1 seitwärts.</translation>
    </message>
    <message>
        <source>String up and read, and set its height with the screws: fret 12 loses a little less than half of what the saddle does.</source>
        <translation>Aufziehen, messen und die Höhe mit den Schrauben stellen: Bund 12 verliert etwas weniger als die Hälfte dessen, was der Reiter verliert.</translation>
    </message>
    <message>
        <source>nut at %1 to the square</source>
        <translation>Sattel unter %1 zum rechten Winkel</translation>
    </message>
    <message>
        <source>the front face stands at %1 to the square of the neck; the ends run with the board&apos;s edges</source>
        <translation>die Vorderfläche steht unter %1 zum rechten Winkel des Halses; die Enden laufen mit den Kanten des Griffbretts</translation>
    </message>
    <message>
        <source>fret 1 read with the string held down at fret %1</source>
        <translation>Bund 1 gemessen, die Saite an Bund %1 gedrückt</translation>
    </message>
    <message>
        <source>Not drawn here: the front face stands %1 forward of the nut line, over the board; shorten the board by that much, or let the nut overhang.</source>
        <translation>Hier nicht gezeichnet: Die Vorderfläche steht %1 vor der Sattellinie, über dem Griffbrett; das Griffbrett um so viel kürzen oder den Sattel überstehen lassen.</translation>
    </message>
    <message>
        <source>Not drawn here: the saddle leans %1 toward the nut; its heights are along it.</source>
        <translation>Hier nicht gezeichnet: Die Einlage neigt sich um %1 zum Sattel; ihre Höhen sind an ihr entlang gemessen.</translation>
    </message>
    <message>
        <source>Seen square to the front face. The nut stands at %1; over its thickness the slots run aside, in %2</source>
        <translation>Rechtwinklig auf die Vorderfläche gesehen. Der Sattel steht unter %1; über seine Dicke laufen die Kerben seitwärts, in %2</translation>
    </message>
    <message>
        <source>Heights count from what lies in the slot, %1, not from the slot&apos;s floor.</source>
        <translation>Die Höhen zählen von dem, was in der Nut liegt, %1, nicht vom Nutboden.</translation>
    </message>
    <message>
        <source>heights from what lies in the slot, not from its floor</source>
        <translation>Höhen von dem, was in der Nut liegt, nicht von ihrem Boden</translation>
    </message>
    <message>
        <source>not listed</source>
        <translation>keine Liste</translation>
    </message>
    <message>
        <source>leave it: %1 as found</source>
        <translation>belassen: %1 wie vorgefunden</translation>
    </message>
    <message>
        <source>gap: open, over fret 1; action: open, at fret 12; minus: filled, or turned up</source>
        <translation>Luft: leer, über Bund 1; Saitenlage: leer, an Bund 12; minus: gefüllt oder hochgedreht</translation>
    </message>
    <message>
        <source>The saddle is left as found.</source>
        <translation>Die Einlage bleibt wie vorgefunden.</translation>
    </message>
    <message>
        <source>A new saddle: its sheet has its heights.</source>
        <translation>Eine neue Einlage: ihr Blatt hat die Höhen.</translation>
    </message>
    <message>
        <source>Shim under the whole nut: %1; then file.</source>
        <translation>Unterlage unter den ganzen Sattel: %1; dann feilen.</translation>
    </message>
    <message>
        <source>Off the nut&apos;s bottom in one: %1; then file.</source>
        <translation>In einem von der Unterseite des Sattels: %1; dann feilen.</translation>
    </message>
    <message>
        <source>A shim or filling: decide at the nut first.</source>
        <translation>Unterlegen oder füllen: erst beim Sattel entscheiden.</translation>
    </message>
    <message>
        <source>leave</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>Heights by the plan, from the readings up to %1</source>
        <translation>Höhen nach dem Plan, aus den Messungen bis %1</translation>
    </message>
    <message>
        <source>Heights by the plan, from the readings</source>
        <translation>Höhen nach dem Plan, aus den Messungen</translation>
    </message>
    <message>
        <source>; relief left as found</source>
        <translation>; Krümmung bleibt wie vorgefunden</translation>
    </message>
    <message>
        <source>; saddle left as found</source>
        <translation>; Einlage bleibt wie vorgefunden</translation>
    </message>
    <message>
        <source>slots left as found: %1</source>
        <translation>Kerben, die bleiben: %1</translation>
    </message>
    <message>
        <source>STOP, not passed: %1.</source>
        <translation>HALT, nicht übergangen: %1.</translation>
    </message>
    <message>
        <source>reference edge</source>
        <translation>Bezugskante</translation>
    </message>
    <message>
        <source>Along the outer strings, nut&apos;s front to the edge the saddles are set from: bass %1, treble %2.</source>
        <translation>Längs der äußeren Saiten, Sattelvorderseite bis zur Bezugskante der Reiter: Bass %1, Diskant %2.</translation>
    </message>
    <message>
        <source>Along the outer strings, nut&apos;s front to the line of the crowns: bass %1, treble %2.</source>
        <translation>Längs der äußeren Saiten, Sattelvorderseite bis zur Linie der Kronen: Bass %1, Diskant %2.</translation>
    </message>
    <message>
        <source>crown from the nut line</source>
        <translation>Krone ab der Sattellinie</translation>
    </message>
    <message>
        <source>left toward the nut</source>
        <translation>übrig zum Sattel</translation>
    </message>
    <message>
        <source>left away from it</source>
        <translation>übrig vom Sattel weg</translation>
    </message>
    <message>
        <source>pays, cents</source>
        <translation>zahlt, Cent</translation>
    </message>
    <message>
        <source>across from the centreline; along from the crowns&apos; line on it</source>
        <translation>quer ab der Mittellinie; längs ab der Kronenlinie auf ihr</translation>
    </message>
    <message>
        <source>2. Measure bar X and bar Y with a caliper, from the middle of one cross line to the middle of the other, and enter what it reads.</source>
        <translation>2. Balken X und Balken Y mit dem Messschieber messen, von der Mitte des einen Querstrichs zur Mitte des anderen, und eintragen, was er zeigt.</translation>
    </message>
    <message>
        <source>Bar on posts</source>
        <translation>Balken auf Pfosten</translation>
    </message>
    <message>
        <source>drilled %1, reamed at %2</source>
        <translation>gebohrt %1, gerieben mit %2</translation>
    </message>
    <message>
        <source>%1 further</source>
        <translation>%1 weiter</translation>
    </message>
    <message>
        <source>holes chamfered %1</source>
        <translation>Löcher gefast %1</translation>
    </message>
    <message>
        <source>height %1 at the bass, %2 at the treble string</source>
        <translation>Höhe %1 an der Bass-, %2 an der Diskantsaite</translation>
    </message>
    <message>
        <source>Plane a blank of hardwood to %1, its grain along the length.</source>
        <translation>Einen Rohling aus Hartholz auf %1 hobeln, die Faser längs.</translation>
    </message>
    <message>
        <source>Prick slot and holes through the true-size page before the outline is cut: the square blank still runs along a fence.</source>
        <translation>Nut und Löcher durch das Blatt in wahrer Größe anstechen, bevor der Umriss gesägt wird: der rechtwinklige Rohling läuft noch am Anschlag.</translation>
    </message>
    <message>
        <source>Bring the top to %1 over its bottom at the bass string, %2 at the treble string.</source>
        <translation>Die Oberseite auf %1 über der Unterseite bringen an der Basssaite, %2 an der Diskantsaite.</translation>
    </message>
    <message>
        <source>Bring the top to %1 over its bottom.</source>
        <translation>Die Oberseite auf %1 über der Unterseite bringen.</translation>
    </message>
    <message>
        <source>Saw the outline, and shape the wings last: they are the first to break.</source>
        <translation>Den Umriss sägen und die Flügel zuletzt formen: sie brechen als Erste.</translation>
    </message>
    <message>
        <source>Hollow the bottom to the top: rub it on paper laid where it stands, until no light shows under any edge.</source>
        <translation>Die Unterseite an die Decke anpassen: auf Schleifpapier reiben, das liegt, wo er stehen wird, bis unter keiner Kante Licht zu sehen ist.</translation>
    </message>
    <message>
        <source>Drill the pins&apos; holes %1, square to the bottom, on scrap.</source>
        <translation>Die Pinlöcher mit %1 bohren, rechtwinklig zur Unterseite, auf Abfallholz.</translation>
    </message>
    <message>
        <source>Front edge to their middles: %1.</source>
        <translation>Vorderkante bis Lochmitten: %1.</translation>
    </message>
    <message>
        <source>Cut a ramp from each hole toward the slot, %1 deep at the hole and as wide as its string.</source>
        <translation>Von jedem Loch eine Rampe zur Nut schneiden, am Loch %1 tief und so breit wie die Saite.</translation>
    </message>
    <message>
        <source>Drill a hole for each string %1 over the bottom; it opens %2 behind the slot.</source>
        <translation>Für jede Saite ein Loch bohren, %1 über der Unterseite; es öffnet sich %2 hinter der Nut.</translation>
    </message>
    <message>
        <source>Cut the saddle&apos;s slot %1 wide, at %2 to the square of the centreline.</source>
        <translation>Die Nut der Einlage %1 breit schneiden, unter %2 zum rechten Winkel der Mittellinie.</translation>
    </message>
    <message>
        <source>%1 deep: %2 of wood stays under it.</source>
        <translation>%1 tief: darunter bleiben %2 Holz.</translation>
    </message>
    <message>
        <source>It leans back by %1: cut its mouth %2 nearer the nut than the line of the crowns.</source>
        <translation>Sie neigt sich um %1 zurück: ihre Mündung %2 näher am Sattel schneiden als die Linie der Kronen.</translation>
    </message>
    <message>
        <source>It leans toward the nut by %1: cut its mouth %2 farther from it than the line of the crowns.</source>
        <translation>Sie neigt sich um %1 zum Sattel: ihre Mündung %2 weiter weg schneiden als die Linie der Kronen.</translation>
    </message>
    <message>
        <source>Once the glue is hard, drill on through the top and the wood inside, with scrap held under it.</source>
        <translation>Ist der Leim hart, durch die Decke und das Holz innen weiterbohren, Abfallholz dagegengehalten.</translation>
    </message>
    <message>
        <source>Ream at %1 until the pin&apos;s collar nearly sits: the hole is then %2 at the top.</source>
        <translation>Mit %1 reiben, bis der Kragen des Pins fast sitzt: oben ist das Loch dann %2.</translation>
    </message>
    <message>
        <source>From where the reamer first fills the pilot hole it goes %1 in.</source>
        <translation>Von da, wo die Reibahle das Bohrloch erstmals füllt, geht sie %1 tiefer.</translation>
    </message>
    <message>
        <source>Chamfer each hole %1.</source>
        <translation>Jedes Loch %1 fasen.</translation>
    </message>
    <message>
        <source>Plug the old holes %1 with wood of the top&apos;s kind, its grain along the top&apos;s: a new pin cuts into them.</source>
        <translation>Die alten Löcher %1 mit Holz von der Art der Decke stopfen, Faser mit der Decke: ein neuer Pin schneidet sie an.</translation>
    </message>
    <message>
        <source>the reference edge</source>
        <translation>zur Bezugskante</translation>
    </message>
    <message>
        <source>the slot&apos;s front edge</source>
        <translation>zur Vorderkante der Nut</translation>
    </message>
    <message>
        <source>the crowns&apos; line</source>
        <translation>zur Linie der Kronen</translation>
    </message>
    <message>
        <source>Set it: from fret 12 along the bass string %1, along the treble string %2</source>
        <translation>Setzen: von Bund 12 längs der Basssaite %1, längs der Diskantsaite %2</translation>
    </message>
    <message>
        <source>to %1; check with the diagonals %2.</source>
        <translation>%1; mit den Diagonalen %2 prüfen.</translation>
    </message>
    <message>
        <source>Clamps through the hole bear on braces: a block that fits between them carries the force. Keep to the glue&apos;s own times, warmth and airing.</source>
        <translation>Zwingen durch das Loch drücken auf Balken: ein Klotz, der dazwischen passt, trägt die Kraft. Zeiten, Wärme und Lüftung des Leims einhalten.</translation>
    </message>
    <message>
        <source>A top that has sunk, a loose brace or wood torn out under the old bridge comes first, and is a trained repairer&apos;s work.</source>
        <translation>Eine eingesunkene Decke, ein loser Balken oder ausgerissenes Holz unter dem alten Steg geht vor und ist Sache einer gelernten Werkstatt.</translation>
    </message>
    <message>
        <source>Foot and top are two parts: the wheels stand square to the foot, and turn freely in the top.</source>
        <translation>Fuß und Oberteil sind zwei Teile: die Räder stehen rechtwinklig zum Fuß und drehen frei im Oberteil.</translation>
    </message>
    <message>
        <source>Fit the feet to the top where it will stand, rubbed on paper laid there, until they bear all over.</source>
        <translation>Die Füße an die Decke anpassen, wo er stehen wird, auf dort gelegtem Schleifpapier gerieben, bis sie überall aufliegen.</translation>
    </message>
    <message>
        <source>Cut its height and notches as the bridge&apos;s top above.</source>
        <translation>Höhe und Kerben schneiden wie oben bei der Oberkante des Stegs.</translation>
    </message>
    <message>
        <source>Strings on one at a time: it stands by their pressure alone, is never glued, and is set upright again after every tuning.</source>
        <translation>Saiten einzeln aufziehen: er steht nur durch ihren Druck, wird nie geleimt und nach jedem Stimmen wieder aufgerichtet.</translation>
    </message>
    <message>
        <source>Never all strings off at once: what stands inside the top under a foot can fall.</source>
        <translation>Nie alle Saiten auf einmal abnehmen: was innen unter einem Fuß steht, kann umfallen.</translation>
    </message>
    <message>
        <source>The top rises %1 there: a hollow of radius %2.</source>
        <translation>Die Decke steigt dort um %1: hohl mit Radius %2.</translation>
    </message>
    <message>
        <source>The top falls %1 there: a round of radius %2.</source>
        <translation>Die Decke fällt dort um %1: rund mit Radius %2.</translation>
    </message>
    <message>
        <source>Lay the plate so that its front edge lies %1 before the reference edge, square by both diagonals, and tape it down.</source>
        <translation>Die Platte so legen, dass ihre Vorderkante %1 vor der Bezugskante liegt, rechtwinklig nach beiden Diagonalen, und festkleben.</translation>
    </message>
    <message>
        <source>Set the saddles&apos; crowns from the edge before the strings go on: %1.</source>
        <translation>Die Kronen der Reiter ab der Kante stellen, bevor die Saiten daraufkommen: %1.</translation>
    </message>
    <message>
        <source>Prick its screw holes through the plate, in the middle of each.</source>
        <translation>Ihre Schraubenlöcher durch die Platte anstechen, jeweils in der Mitte.</translation>
    </message>
    <message>
        <source>Prick %1 screw holes through the true-size page, from the front edge and across from the centreline (treble +): %2.</source>
        <translation>%1 Schraubenlöcher durch das Blatt in wahrer Größe anstechen, ab Vorderkante und quer ab Mittellinie (Diskant +): %2.</translation>
    </message>
    <message>
        <source>Drill them %1, as the screw is between its threads, %2 deep in the wood: a flag of tape on the drill.</source>
        <translation>Mit %1 bohren, wie die Schraube zwischen den Gängen, %2 tief ins Holz: ein Fähnchen Klebeband am Bohrer.</translation>
    </message>
    <message>
        <source>Drill %1 slanting from under the plate into the room of the electrics; the wire&apos;s bare end lies fanned out flat under the plate.</source>
        <translation>%1 schräg von unter der Platte in das Elektrikfach bohren; das blanke Ende des Drahts liegt aufgefächert flach unter der Platte.</translation>
    </message>
    <message>
        <source>With the plate on, a meter between strings and the socket&apos;s sleeve reads less than one ohm.</source>
        <translation>Mit der Platte darauf zeigt ein Messgerät zwischen Saiten und Hülse der Buchse weniger als ein Ohm.</translation>
    </message>
    <message>
        <source>Work on the wire with everything unplugged and batteries out. Mains and amplifiers are for those who are licensed.</source>
        <translation>Am Draht nur arbeiten, wenn nichts eingesteckt ist und die Batterien draußen sind. Netz und Verstärker sind Sache derer, die es dürfen.</translation>
    </message>
    <message>
        <source>Wax the screws, turn each in and out once by hand, then hold the plate with all of them, crosswise and without force.</source>
        <translation>Die Schrauben wachsen, jede einmal von Hand ein- und ausdrehen, dann die Platte mit allen halten, über Kreuz und ohne Gewalt.</translation>
    </message>
    <message>
        <source>Prick the posts on that line: %1 toward the bass, %2 toward the treble of the centreline.</source>
        <translation>Die Pfosten auf dieser Linie anstechen: %1 zum Bass, %2 zum Diskant von der Mittellinie.</translation>
    </message>
    <message>
        <source>Drill for their bushings, as wide and as deep as those are, square to the top&apos;s plane at the bridge, in a press; try them in scrap first.</source>
        <translation>Für ihre Hülsen bohren, so weit und so tief wie diese, rechtwinklig zur Decke am Steg, im Bohrständer; erst in Abfallholz probieren.</translation>
    </message>
    <message>
        <source>No string&apos;s height is set alone. Of what the bass side is raised each goes with it by: %1; the rest follows the treble side.</source>
        <translation>Keine Saite wird allein gestellt. Von dem, was die Bassseite steigt, geht jede mit um: %1; der Rest folgt der Diskantseite.</translation>
    </message>
    <message>
        <source>Drill presses: the work clamped, fingers, hair and sleeves away, eyes covered. Measure every depth twice: what is drilled through is.</source>
        <translation>Bohrständer: das Werkstück gespannt, Finger, Haare und Ärmel weg, Augen geschützt. Jede Tiefe zweimal messen: durchgebohrt ist durchgebohrt.</translation>
    </message>
    <message>
        <source>A router is fed against its cutter&apos;s turning, in passes of no more than the cutter&apos;s radius, the work clamped, eyes and ears covered.</source>
        <translation>Eine Oberfräse wird gegen die Drehung des Fräsers geführt, in Gängen von höchstens dem halben Fräser, das Werkstück gespannt, Augen und Ohren geschützt.</translation>
    </message>
    <message>
        <source>slot leans back: mouth %1 nearer the nut</source>
        <translation>Nut neigt sich zurück: Mündung %1 näher am Sattel</translation>
    </message>
    <message>
        <source>slot leans to the nut: mouth %1 farther</source>
        <translation>Nut neigt sich zum Sattel: Mündung %1 weiter weg</translation>
    </message>
    <message>
        <source>broken line: the old bridge&apos;s print</source>
        <translation>gestrichelt: Abdruck des alten Stegs</translation>
    </message>
    <message>
        <source>screw</source>
        <translation>Schraube</translation>
    </message>
    <message>
        <source>old hole</source>
        <translation>altes Loch</translation>
    </message>
    <message>
        <source>from the front edge</source>
        <translation>ab Vorderkante</translation>
    </message>
    <message>
        <source>from the centreline, treble +</source>
        <translation>ab Mittellinie, Diskant +</translation>
    </message>
    <message>
        <source>strings leave %1 behind the slot, %2 over the soundboard</source>
        <translation>die Saiten gehen %1 hinter der Nut ab, %2 über der Decke</translation>
    </message>
    <message>
        <source>strings leave %1 behind the crowns, %2 over the soundboard</source>
        <translation>die Saiten gehen %1 hinter den Kronen ab, %2 über der Decke</translation>
    </message>
    <message>
        <source>posts %1 toward the bass, %2 toward the treble</source>
        <translation>Pfosten %1 zum Bass, %2 zum Diskant</translation>
    </message>
    <message>
        <source>screws %1 toward the bass, %2 toward the treble</source>
        <translation>Schrauben %1 zum Bass, %2 zum Diskant</translation>
    </message>
    <message>
        <source>screws drilled %1, %2 deep in the wood</source>
        <translation>Schrauben mit %1 gebohrt, %2 tief ins Holz</translation>
    </message>
    <message>
        <source>Diagonals, from fret 12 at the bass string %1, at the treble string %2.</source>
        <translation>Diagonalen, von Bund 12 an der Basssaite %1, an der Diskantsaite %2.</translation>
    </message>
    <message>
        <source>bottom hollow by %1, radius %2</source>
        <translation>Unterseite hohl um %1, Radius %2</translation>
    </message>
    <message>
        <source>bottom round by %1, radius %2</source>
        <translation>Unterseite rund um %1, Radius %2</translation>
    </message>
    <message>
        <source>thin broken line: the wood inside</source>
        <translation>dünn gestrichelt: das Holz innen</translation>
    </message>
    <message>
        <source>Not drawn here: the saddle leans back by %1, away from the nut; its heights are along it.</source>
        <translation>Hier nicht gezeichnet: Die Einlage neigt sich um %1 zurück, vom Sattel weg; ihre Höhen sind an ihr entlang gemessen.</translation>
    </message>
    <message>
        <source>Score round it and take the finish off to the line within.</source>
        <translation>Rundum anreißen und innerhalb der Linie den Lack abnehmen.</translation>
    </message>
    <message>
        <source>Glue and clamp it as you do: everything clamped once without glue first, clamps and cauls at hand, its place measured again once it is held.</source>
        <translation>Leimen und spannen nach eigener Art: alles erst einmal ohne Leim gespannt, Zwingen und Zulagen bereit, der Platz noch einmal gemessen, wenn er gehalten ist.</translation>
    </message>
    <message>
        <source>Then, as you have written: %1</source>
        <translation>Dann, wie selbst geschrieben: %1</translation>
    </message>
    <message>
        <source>post</source>
        <translation>Pfosten</translation>
    </message>
    <message>
        <source>From above: the crowns from the bridge&apos;s middle line</source>
        <translation>Von oben: die Kronen ab der Mittellinie des Stegs</translation>
    </message>
    <message>
        <source>From above: the crowns from the line of the posts</source>
        <translation>Von oben: die Kronen ab der Linie der Pfosten</translation>
    </message>
    <message>
        <source>crown behind that line</source>
        <translation>Krone hinter dieser Linie</translation>
    </message>
    <message>
        <source>Assumed, not measured, in %1: %2. Measure before cutting by it.</source>
        <translation>Angenommen, nicht gemessen, in %1: %2. Vor dem Schneiden messen.</translation>
    </message>
    <message>
        <source>the cause is not found yet</source>
        <translation>die Ursache ist noch nicht gefunden</translation>
    </message>
    <message>
        <source>Ordered for at most %1; minutes of work so far: %2.</source>
        <translation>Bestellt für höchstens %1; Minuten Arbeit bisher: %2.</translation>
    </message>
    <message>
        <source>Minutes of work: %1.</source>
        <translation>Minuten Arbeit: %1.</translation>
    </message>
    <message>
        <source>From %1 % to %2 % humidity</source>
        <translation>Von %1 % auf %2 % Feuchte</translation>
    </message>
    <message>
        <source>%1 its neck stayed as it was.</source>
        <translation>%1 blieb sein Hals, wie er war.</translation>
    </message>
    <message>
        <source>%1 its neck bowed by %2 more.</source>
        <translation>%1 bog sich sein Hals um %2 mehr.</translation>
    </message>
    <message>
        <source>%1 its neck bowed by %2 less.</source>
        <translation>%1 bog sich sein Hals um %2 weniger.</translation>
    </message>
    <message>
        <source>Read at %1 % humidity.</source>
        <translation>Abgelesen bei %1 % Feuchte.</translation>
    </message>
    <message>
        <source>at fret %1</source>
        <translation>am Bund %1</translation>
    </message>
    <message>
        <source>sheet %1 of %2</source>
        <translation>Blatt %1 von %2</translation>
    </message>
    <message>
        <source>the relief</source>
        <translation>die Krümmung</translation>
    </message>
    <message>
        <source>the saddle</source>
        <translation>die Stegeinlage</translation>
    </message>
    <message>
        <source>the nut</source>
        <translation>der Sattel</translation>
    </message>
    <message>
        <source>Ordered for at most %1: %2 of it spent on work, %3 left.</source>
        <translation>Bestellt für höchstens %1: davon %2 für Arbeit verbraucht, %3 übrig.</translation>
    </message>
    <message>
        <source>Minutes of work: %1 of the %2 ordered.</source>
        <translation>Minuten Arbeit: %1 von %2 bestellten.</translation>
    </message>
    <message>
        <source>slots&apos; width</source>
        <translation>Kerben breit</translation>
    </message>
    <message>
        <source>floors</source>
        <translation>Gründe</translation>
    </message>
    <message>
        <source>slots&apos; places</source>
        <translation>Orte der Kerben</translation>
    </message>
    <message>
        <source>heights</source>
        <translation>Höhen</translation>
    </message>
    <message>
        <source>crowns&apos; places</source>
        <translation>Orte der Kronen</translation>
    </message>
    <message>
        <source>saddle slot&apos;s width</source>
        <translation>Stegschlitz breit</translation>
    </message>
    <message>
        <source>its depth and place</source>
        <translation>seine Tiefe und sein Ort</translation>
    </message>
    <message>
        <source>Tolerances: %1</source>
        <translation>Toleranzen: %1</translation>
    </message>
    <message>
        <source>places</source>
        <translation>Orte</translation>
    </message>
    <message>
        <source>centreline</source>
        <translation>Mittellinie</translation>
    </message>
    <message>
        <source>slot&apos;s middle</source>
        <translation>Mitte der Nut</translation>
    </message>
    <message>
        <source>along the bridge from its bass end; back from its front edge</source>
        <translation>entlang des Stegs vom Bassende; nach hinten von der Vorderkante</translation>
    </message>
    <message>
        <source>from the seat there</source>
        <translation>von der Auflage dort</translation>
    </message>
    <message>
        <source>along the front from its bass end; heights from the seat under the middle, a floor&apos;s from the seat under it</source>
        <translation>entlang der Vorderseite vom Bassende; Höhen von der Auflage unter der Mitte, die eines Grundes von der Auflage unter ihm</translation>
    </message>
    <message>
        <source>along the front from its bass end; heights from the seat</source>
        <translation>entlang der Vorderseite vom Bassende; Höhen von der Auflage</translation>
    </message>
    <message>
        <source>at the head</source>
        <translation>am Kopf</translation>
    </message>
    <message>
        <source>seen from the tail; over it a strip of string places</source>
        <translation>vom unteren Ende gesehen; darüber ein Streifen der Saitenplätze</translation>
    </message>
    <message>
        <source>along the part from its bass end</source>
        <translation>entlang des Teils vom Bassende</translation>
    </message>
    <message>
        <source>The job has no bridge: heights are over the fret plane, and what the saddle stands on is not in them. Do not cut its height by them.</source>
        <translation>Der Auftrag hat keinen Steg: die Höhen gelten über der Bundebene, und worauf die Stegeinlage steht, ist nicht darin. Ihre Höhe nicht danach schneiden.</translation>
    </message>
    <message>
        <source>fold</source>
        <translation>falten</translation>
    </message>
    <message>
        <source>How the floors fall toward the head is not known: neither the headstock&apos;s angle nor the posts are given. Measure one of them before sawing.</source>
        <translation>Wie die Gründe zum Kopf fallen, ist nicht bekannt: weder der Winkel der Kopfplatte noch die Wirbel sind angegeben. Eines davon messen, ehe gesägt wird.</translation>
    </message>
    <message>
        <source>The steps of the front face are not drawn.</source>
        <translation>Die Stufen der Vorderfläche sind nicht gezeichnet.</translation>
    </message>
    <message>
        <source>Not in this file: the steps of the front face, forward of the nut line in %1: %2.</source>
        <translation>Nicht in dieser Datei: die Stufen der Vorderfläche, vor der Sattellinie in %1: %2.</translation>
    </message>
    <message>
        <source>Grease every slot before the last stringing: a soft pencil&apos;s lead, or wax.</source>
        <translation>Jede Kerbe vor dem letzten Aufziehen schmieren: weiche Bleistiftmine oder Wachs.</translation>
    </message>
    <message>
        <source>A locking nut is bought with its places for the strings: nothing of it is cut. A drawing of it shows where they are to lie.</source>
        <translation>Ein Klemmsattel wird mit seinen Plätzen für die Saiten gekauft: Nichts an ihm wird geschnitten. Eine Zeichnung von ihm zeigt, wo sie liegen sollen.</translation>
    </message>
    <message>
        <source>Set it on its seat, tighten, string up and read. Too low: shims under it, in steps of %1. Too high: the seat is cut, square and flat, by what was read and no more.</source>
        <translation>Auf seine Auflage setzen, festziehen, Saiten aufziehen und ablesen. Zu tief: Plättchen darunter, in Schritten von %1. Zu hoch: die Auflage tiefer schneiden, rechtwinklig und eben, um das Abgelesene und nicht mehr.</translation>
    </message>
    <message>
        <source>A seat to be cut is a job for a trained repairer.</source>
        <translation>Eine Auflage zu schneiden ist Arbeit für geschulte Hände.</translation>
    </message>
    <message>
        <source>Its slots are cut already. Set it on its seat, string up and read every string.</source>
        <translation>Seine Kerben sind schon geschnitten. Auf die Auflage setzen, Saiten aufziehen und jede ablesen.</translation>
    </message>
    <message>
        <source>Lower it from below, flat on paper on a plate, by what the string that is least too high stands too high, less twice its ±.</source>
        <translation>Von unten abnehmen, flach auf Papier auf einer Platte, um so viel, wie die am wenigsten zu hohe Saite zu hoch steht, weniger ihr doppeltes ±.</translation>
    </message>
    <message>
        <source>What the others are still too high comes off in their slots, each with its own file.</source>
        <translation>Was die anderen noch zu hoch sind, kommt in ihren Kerben weg, jede mit ihrer Feile.</translation>
    </message>
    <message>
        <source>Cut out the template, fold it and stick it on the blank, its arrow to the bass. %1</source>
        <translation>Die Schablone ausschneiden, falten und auf den Rohling kleben, ihr Pfeil zum Bass. %1</translation>
    </message>
    <message>
        <source>The zero fret carries the strings, the nut only guides them: saw and file each slot to its width and to the guide&apos;s depth in the list. Nothing is read here.</source>
        <translation>Der Nullbund trägt die Saiten, der Sattel führt sie nur: Jede Kerbe auf ihre Breite und auf die Tiefe der Führung in der Liste sägen und feilen. Hier wird nichts abgelesen.</translation>
    </message>
    <message>
        <source>Saw each slot as deep as the list says: %1 is left over its floor for the file.</source>
        <translation>Jede Kerbe so tief sägen, wie die Liste sagt: Über ihrem Grund bleiben %1 für die Feile.</translation>
    </message>
    <message>
        <source>Then its own file, held so that the floor falls toward the head: %1.</source>
        <translation>Dann ihre eigene Feile, so gehalten, dass der Grund zum Kopf fällt: %1.</translation>
    </message>
    <message>
        <source>Round the back of every slot toward its post: the string rests on the front edge and leaves over a curve.</source>
        <translation>Jede Kerbe hinten zu ihrem Wirbel hin runden: Die Saite liegt an der Vorderkante auf und geht über eine Rundung ab.</translation>
    </message>
    <message>
        <source>saw below the top</source>
        <translation>sägen unter Oberkante</translation>
    </message>
    <message>
        <source>guide&apos;s floor</source>
        <translation>Führungsgrund</translation>
    </message>
    <message>
        <source>falls</source>
        <translation>fällt</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vor</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>Blank: at least %1, which is the part&apos;s %2 with %3 at either end and in height and %4 in thickness for saw and finish.</source>
        <translation>Rohling: mindestens %1, das sind die %2 des Teils mit %3 an jedem Ende und in der Höhe und %4 in der Dicke für Säge und Finish.</translation>
    </message>
    <message>
        <source>as the list says</source>
        <translation>wie die Liste sagt</translation>
    </message>
    <message>
        <source>The zero fret carries the strings: the floors only guide them.</source>
        <translation>Der Nullbund trägt die Saiten: Die Gründe führen sie nur.</translation>
    </message>
    <message>
        <source>Stop at the floor plus twice its ±, string up, read again.</source>
        <translation>Bei Grund plus doppeltem ± aufhören, Saite aufziehen, neu messen.</translation>
    </message>
    <message>
        <source>not given</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>The front face goes in steps, over the board: every string&apos;s place stands forward of the nut line by its own amount, under &quot;forward&quot; in the list.</source>
        <translation>Die Vorderfläche geht in Stufen über das Griffbrett: Der Platz jeder Saite steht um seinen eigenen Betrag vor der Sattellinie, in der Liste unter &quot;vor&quot;.</translation>
    </message>
    <message>
        <source>Over the board leave the front face %1 thicker, and cut every string&apos;s place back to what the list has under &quot;forward&quot;.</source>
        <translation>Über dem Griffbrett die Vorderfläche %1 dicker lassen und den Platz jeder Saite auf das zurückschneiden, was die Liste unter &quot;vor&quot; hat.</translation>
    </message>
    <message>
        <source>Rough the top first, flat and square to the faces, to %1 over %2: the template&apos;s fold lies on its front edge, and the saw&apos;s depths in the list are from there.</source>
        <translation>Die Oberkante zuerst eben und rechtwinklig zu den Flächen auf %1 über %2 bringen: Der Falz der Schablone liegt auf ihrer Vorderkante, und die Sägetiefen der Liste zählen von dort.</translation>
    </message>
    <message>
        <source>the seat&apos;s middle</source>
        <translation>der Mitte der Auflage</translation>
    </message>
    <message>
        <source>the seat</source>
        <translation>der Auflage</translation>
    </message>
    <message>
        <source>soundboard</source>
        <translation>Decke</translation>
    </message>
    <message>
        <source>slot&apos;s floor</source>
        <translation>Grund der Nut</translation>
    </message>
    <message>
        <source>Cut along a string, %1</source>
        <translation>Schnitt entlang einer Saite, %1</translation>
    </message>
    <message>
        <source>bridge&apos;s front edge</source>
        <translation>Vorderkante des Stegs</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Krone</translation>
    </message>
    <message>
        <source>of a bridge that floats the top is milled: choose the saddle</source>
        <translation>von einem aufgesetzten Steg wird das Oberteil gefräst: die Stegeinlage wählen</translation>
    </message>
    <message>
        <source>a bridge of metal is bought: there is no solid model of it</source>
        <translation>ein Steg aus Metall wird gekauft: Von ihm gibt es kein Volumenmodell</translation>
    </message>
    <message>
        <source>the bridge has no height yet: there is no solid model of it</source>
        <translation>der Steg hat noch keine Höhe: Von ihm gibt es kein Volumenmodell</translation>
    </message>
    <message>
        <source>The bridge&apos;s outline is not given: what is drawn is a plain board round slot and holes, not its form.</source>
        <translation>Der Umriss des Stegs ist nicht angegeben: Gezeichnet ist ein schlichtes Brett um Nut und Löcher, nicht seine Form.</translation>
    </message>
    <message>
        <source>The slot leans back by %1: tilt the work by it. Here it lies where it opens, %2 nearer the nut than the crowns&apos; line.</source>
        <translation>Die Nut ist um %1 nach hinten geneigt: das Werkstück so kippen. Hier liegt sie, wo sie sich öffnet, %2 näher am Sattel als die Linie der Scheitel.</translation>
    </message>
    <message>
        <source>The slot leans toward the nut by %1: tilt the work by it. Here it lies where it opens, %2 farther from the nut than the crowns&apos; line.</source>
        <translation>Die Nut ist um %1 zum Sattel geneigt: das Werkstück so kippen. Hier liegt sie, wo sie sich öffnet, %2 weiter vom Sattel als die Linie der Scheitel.</translation>
    </message>
    <message>
        <source>The holes are as they are drilled, %1; they are reamed to %2 once the bridge is glued.</source>
        <translation>Die Löcher sind, wie sie gebohrt werden, %1; auf %2 gerieben werden sie, wenn der Steg geleimt ist.</translation>
    </message>
    <message>
        <source>Not in this file: the strings&apos; holes along it, %1 over the bottom; they open %2 behind the slot.</source>
        <translation>Nicht in dieser Datei: die Löcher der Saiten, %1 über der Unterseite; sie öffnen sich %2 hinter der Nut.</translation>
    </message>
    <message>
        <source>The bottom is flat here: it is fitted to the top&apos;s curve, %1 in its middle, by hand.</source>
        <translation>Die Unterseite ist hier eben: Sie wird von Hand an die Wölbung der Decke angepasst, %1 in ihrer Mitte.</translation>
    </message>
    <message>
        <source>Screws are only marked.</source>
        <translation>Schrauben sind nur angezeichnet.</translation>
    </message>
    <message>
        <source>Saddle&apos;s slot: %1 deep under the top.</source>
        <translation>Nut der Stegeinlage: %1 tief unter der Oberseite.</translation>
    </message>
    <message>
        <source>Holes: through. Ramps: by hand, or in the solid, %1 deep where the string turns down.</source>
        <translation>Löcher: durch. Rampen: von Hand, oder im Volumenmodell, %1 tief, wo die Saite nach unten geht.</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>from %1 to %2 along</source>
        <translation>von %1 bis %2 längs</translation>
    </message>
    <message>
        <source>wing&apos;s front</source>
        <translation>Flügel vorn</translation>
    </message>
    <message>
        <source>wing&apos;s back</source>
        <translation>Flügel hinten</translation>
    </message>
    <message>
        <source>back edge at the ends</source>
        <translation>Hinterkante an den Enden</translation>
    </message>
    <message>
        <source>back edge in the middle</source>
        <translation>Hinterkante in der Mitte</translation>
    </message>
    <message>
        <source>Too large for this paper: %1 here, in true size on the sheets after it</source>
        <translation>Zu groß für dieses Papier: hier %1, in wahrer Größe auf den Blättern danach</translation>
    </message>
    <message>
        <source>%1 long, its ends round as cut</source>
        <translation>%1 lang, ihre Enden rund wie gefräst</translation>
    </message>
    <message>
        <source>the back edge&apos;s curve stands %1 out over its ends at a quarter of the length</source>
        <translation>der Bogen der Hinterkante steht in einem Viertel der Länge %1 über ihre Enden vor</translation>
    </message>
    <message>
        <source>Bridge in true size</source>
        <translation>Steg in wahrer Größe</translation>
    </message>
    <message>
        <source>Piece %1 of %2, true size 1:1</source>
        <translation>Teil %1 von %2, wahre Größe 1:1</translation>
    </message>
    <message>
        <source>cut along a line with a letter, and lay it on that line of the next</source>
        <translation>an einer Linie mit Buchstaben schneiden und auf dieselbe Linie des nächsten legen</translation>
    </message>
    <message>
        <source>The nut from the front: at every slot its floor over the seat</source>
        <translation>Der Sattel von vorn: an jeder Kerbe ihr Grund über der Auflage</translation>
    </message>
    <message>
        <source>For the next time</source>
        <translation>Für das nächste Mal</translation>
    </message>
    <message>
        <source>The nut from the front</source>
        <translation>Der Sattel von vorn</translation>
    </message>
    <message>
        <source>at every slot its floor over the seat</source>
        <translation>an jeder Kerbe ihr Grund über der Auflage</translation>
    </message>
    <message>
        <source>read with %1</source>
        <translation>abgelesen mit %1</translation>
    </message>
    <message>
        <source>%1 thick</source>
        <translation>%1 dick</translation>
    </message>
    <message>
        <source>Relief: %1 aimed at, held at frets %2</source>
        <translation>Krümmung: %1 angestrebt, gehalten an den Bünden %2</translation>
    </message>
    <message>
        <source>%1 read last</source>
        <translation>%1 zuletzt abgelesen</translation>
    </message>
    <message>
        <source>fret 1, aimed at</source>
        <translation>Bund 1, angestrebt</translation>
    </message>
    <message>
        <source>read last</source>
        <translation>zuletzt</translation>
    </message>
    <message>
        <source>fret 12, aimed at</source>
        <translation>Bund 12, angestrebt</translation>
    </message>
    <message>
        <source>slot</source>
        <translation>Kerbe</translation>
    </message>
    <message>
        <source>Nut and bridge top</source>
        <translation>Sattel und Stegoberseite</translation>
    </message>
    <message>
        <source>Nut and single saddles</source>
        <translation>Sattel und Einzelreiter</translation>
    </message>
    <message>
        <source>Nut and saddle</source>
        <translation>Sattel und Einlage</translation>
    </message>
    <message>
        <source>Nut and bar on posts</source>
        <translation>Sattel und Balken auf Pfosten</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, enlarged %2</source>
        <translation>%1, vergrößert %2</translation>
    </message>
    <message>
        <source>a template to cut out, fold and stick on the blank: low ticks are floors, those above where to saw to; under the fold the finished top</source>
        <translation>eine Schablone zum Ausschneiden, Falten und Aufkleben: untere Striche sind Kerbengründe, die darüber, bis wohin gesägt wird; unter der Falz die fertige Oberkante</translation>
    </message>
    <message>
        <source>The part itself 1:1</source>
        <translation>Das Teil selbst 1:1</translation>
    </message>
    <message>
        <source>It goes up on shims, and down at its seat.</source>
        <translation>Er wird mit Unterlagen erhöht und an seiner Auflage tiefer gesetzt.</translation>
    </message>
</context>
<context>
    <name>shop</name>
    <message>
        <source>size</source>
        <translation>Maß</translation>
    </message>
    <message>
        <source>What a new part takes, in the shop&apos;s plainest material.</source>
        <translation>Was ein neues Teil braucht, im einfachsten Material der Werkstatt.</translation>
    </message>
    <message>
        <source>operation</source>
        <translation>Arbeitsgang</translation>
    </message>
    <message>
        <source>minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>each string</source>
        <translation>je Saite</translation>
    </message>
    <message>
        <source>Nut files</source>
        <translation>Sattelfeilen</translation>
    </message>
    <message>
        <source>Feelers</source>
        <translation>Fühlerlehren</translation>
    </message>
    <message>
        <source>Leaves to read gaps with, and to stop the file on.</source>
        <translation>Blätter, um Lücken zu messen und die Feile anzuhalten.</translation>
    </message>
    <message>
        <source>Shims</source>
        <translation>Unterlagen</translation>
    </message>
    <message>
        <source>What goes under a nut, a saddle or a neck.</source>
        <translation>Was unter Sattel, Einlage oder Hals kommt.</translation>
    </message>
    <message>
        <source>Radius blocks</source>
        <translation>Radiusklötze</translation>
    </message>
    <message>
        <source>Blocks a saddle&apos;s top is sanded on.</source>
        <translation>Klötze, auf denen der Rücken einer Einlage geschliffen wird.</translation>
    </message>
    <message>
        <source>Gauges</source>
        <translation>Messmittel</translation>
    </message>
    <message>
        <source>Gauges of your own and how far one may be off: one standard deviation.</source>
        <translation>Eigene Messmittel und wie weit eines irren kann: eine Standardabweichung.</translation>
    </message>
    <message>
        <source>gauge</source>
        <translation>Messmittel</translation>
    </message>
    <message>
        <source>±</source>
        <translation>±</translation>
    </message>
    <message>
        <source>Blanks</source>
        <translation>Rohlinge</translation>
    </message>
    <message>
        <source>What nuts and saddles are made from.</source>
        <translation>Woraus Sättel und Einlagen gemacht werden.</translation>
    </message>
    <message>
        <source>blank</source>
        <translation>Rohling</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>high</source>
        <translation>hoch</translation>
    </message>
    <message>
        <source>thick</source>
        <translation>dick</translation>
    </message>
    <message>
        <source>price</source>
        <translation>Preis</translation>
    </message>
    <message>
        <source>String sets</source>
        <translation>Saitensätze</translation>
    </message>
    <message>
        <source>Sets kept together, bass first; a set is read from a CSV file.</source>
        <translation>Sätze, der Bass zuerst; ein Satz wird aus einer CSV-Datei gelesen.</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>strings</source>
        <translation>Saiten</translation>
    </message>
    <message>
        <source>Wanted heights</source>
        <translation>Höhen als Ziel</translation>
    </message>
    <message>
        <source>played</source>
        <translation>gespielt</translation>
    </message>
    <message>
        <source>fret 1, bass</source>
        <translation>Bund 1, Bass</translation>
    </message>
    <message>
        <source>treble</source>
        <translation>Diskant</translation>
    </message>
    <message>
        <source>fret 12, bass</source>
        <translation>Bund 12, Bass</translation>
    </message>
    <message>
        <source>A new nut</source>
        <translation>Ein neuer Sattel</translation>
    </message>
    <message>
        <source>A new saddle</source>
        <translation>Eine neue Einlage</translation>
    </message>
    <message>
        <source>A new bridge</source>
        <translation>Ein neuer Steg</translation>
    </message>
    <message>
        <source>Parts bought ready</source>
        <translation>Fertig gekaufte Teile</translation>
    </message>
    <message>
        <source>Set against what is made by hand.</source>
        <translation>Verglichen mit dem, was von Hand gemacht wird.</translation>
    </message>
    <message>
        <source>part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>minutes to fit</source>
        <translation>Minuten zum Einpassen</translation>
    </message>
    <message>
        <source>Materials</source>
        <translation>Materialien</translation>
    </message>
    <message>
        <source>How much longer, or shorter, work in a material takes.</source>
        <translation>Wie viel länger oder kürzer Arbeit in einem Material dauert.</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>Minutes of a set-up</source>
        <translation>Minuten eines Einstellens</translation>
    </message>
    <message>
        <source>What each step takes, and the waits between them.</source>
        <translation>Was jeder Schritt braucht, und die Wartezeiten dazwischen.</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>truss rod</source>
        <translation>Halsstab</translation>
    </message>
    <message>
        <source>saddle&apos;s bottom</source>
        <translation>Boden der Einlage</translation>
    </message>
    <message>
        <source>saddle&apos;s top, each string</source>
        <translation>Rücken der Einlage, je Saite</translation>
    </message>
    <message>
        <source>a screw of the saddles</source>
        <translation>eine Schraube der Reiter</translation>
    </message>
    <message>
        <source>packing a saddle</source>
        <translation>Einlage unterfüttern</translation>
    </message>
    <message>
        <source>a slot of the nut</source>
        <translation>eine Kerbe des Sattels</translation>
    </message>
    <message>
        <source>shimming a nut</source>
        <translation>Sattel unterlegen</translation>
    </message>
    <message>
        <source>filling a slot</source>
        <translation>Kerbe füllen</translation>
    </message>
    <message>
        <source>intonation, each string</source>
        <translation>Intonation, je Saite</translation>
    </message>
    <message>
        <source>the neck settles</source>
        <translation>der Hals zur Ruhe kommt</translation>
    </message>
    <message>
        <source>glue cures</source>
        <translation>Kleber härtet</translation>
    </message>
    <message>
        <source>the strings stretch</source>
        <translation>die Saiten sich dehnen</translation>
    </message>
    <message>
        <source>Money and allowances</source>
        <translation>Geld und Zugaben</translation>
    </message>
    <message>
        <source>What an hour costs, and what a blank must be larger by.</source>
        <translation>Was eine Stunde kostet, und um wie viel ein Rohling größer sein muss.</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>name of the shop</source>
        <translation>Name der Werkstatt</translation>
    </message>
    <message>
        <source>an hour</source>
        <translation>eine Stunde</translation>
    </message>
    <message>
        <source>on top, as a share</source>
        <translation>Aufschlag, als Anteil</translation>
    </message>
    <message>
        <source>currency</source>
        <translation>Währung</translation>
    </message>
    <message>
        <source>blank larger by</source>
        <translation>Rohling größer um</translation>
    </message>
    <message>
        <source>blank thicker by</source>
        <translation>Rohling dicker um</translation>
    </message>
    <message>
        <source>tuner, ± cents</source>
        <translation>Stimmgerät, ± Cent</translation>
    </message>
    <message>
        <source>near enough, cents</source>
        <translation>nahe genug, Cent</translation>
    </message>
    <message>
        <source>nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>saddle</source>
        <translation>Einlage</translation>
    </message>
    <message>
        <source>called</source>
        <translation>heißt</translation>
    </message>
    <message>
        <source>Widths of the files for slots, and what you call them. Every slot is given the one that fits.</source>
        <translation>Breiten der Feilen für Kerben, und wie sie heißen. Jede Kerbe bekommt, die passt.</translation>
    </message>
    <message>
        <source>Hands at the bench</source>
        <translation>Hände an der Bank</translation>
    </message>
    <message>
        <source>What was learned of the hand: how much of a pass asked for it takes. Emptied it is learned anew.</source>
        <translation>Was von der Hand gelernt wurde: wie viel eines verlangten Zuges sie nimmt. Geleert wird neu gelernt.</translation>
    </message>
    <message>
        <source>nut: passes seen</source>
        <translation>Sattel: Züge gesehen</translation>
    </message>
    <message>
        <source>nut: takes, of 1 asked for</source>
        <translation>Sattel: nimmt, von 1 verlangt</translation>
    </message>
    <message>
        <source>nut: give or take</source>
        <translation>Sattel: mehr oder weniger</translation>
    </message>
    <message>
        <source>saddle: passes seen</source>
        <translation>Einlage: Züge gesehen</translation>
    </message>
    <message>
        <source>saddle: takes, of 1 asked for</source>
        <translation>Einlage: nimmt, von 1 verlangt</translation>
    </message>
    <message>
        <source>saddle: give or take</source>
        <translation>Einlage: mehr oder weniger</translation>
    </message>
    <message>
        <source>What is wanted under the outer strings, to set a job by: by way of playing, and for kinds that are called so (nylon, bass), or for all.</source>
        <translation>Was unter den Außensaiten gewünscht ist, um einen Auftrag danach zu stellen: nach Spielweise, und für Arten, die so heißen (Nylon, Bass), oder für alle.</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
</context>
<context>
    <name>texts</name>
    <message>
        <source>%1 turns</source>
        <translation>%1 Umdrehungen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>some</source>
        <translation>etwas</translation>
    </message>
</context>
<context>
    <name>trade</name>
    <message>
        <source>between nut and finger=back buzz</source>
        <translation>Sattel und Finger=Rückschnarren, hinteres Schnarren</translation>
    </message>
    <message>
        <source>behind the finger=back buzz</source>
        <translation>hinter dem Finger=Rückschnarren, hinteres Schnarren</translation>
    </message>
    <message>
        <source>board across=cone, conical, compound radius, flat, cylinder</source>
        <translation>Griffbrett quer=Konus, konisch, Compound, flach, Zylinder</translation>
    </message>
    <message>
        <source>radius=camber, compound</source>
        <translation>Radius=Wölbung, Compound</translation>
    </message>
    <message>
        <source>nut height read=zero fret, locking nut</source>
        <translation>Sattelhöhe=Nullbund, Klemmsattel</translation>
    </message>
    <message>
        <source>kind of bridge=tremolo, vibrato, bar on posts, tailpiece, archtop</source>
        <translation>Art des Stegs=Tremolo, Vibrato, Pfosten, Saitenhalter, Archtop</translation>
    </message>
    <message>
        <source>bend=choke, choking out, fretting out</source>
        <translation>Ziehen=Abwürgen, Bending, Absterben</translation>
    </message>
    <message>
        <source>relief=bow, back-bow, forward bow, truss rod</source>
        <translation>Halskrümmung=Durchbiegung, Biegung, Halsstab</translation>
    </message>
    <message>
        <source>fret 12=action, string height</source>
        <translation>Bund 12=Saitenlage, Saitenhöhe</translation>
    </message>
    <message>
        <source>action=string height, setup</source>
        <translation>Saitenlage=Saitenhöhe, Einstellen</translation>
    </message>
    <message>
        <source>break angle=down pressure, string pressure</source>
        <translation>Knickwinkel=Druck auf die Einlage</translation>
    </message>
    <message>
        <source>compensation=offset, intonation</source>
        <translation>Kompensation=Versatz, Intonation</translation>
    </message>
    <message>
        <source>slot=groove, kerf, notch</source>
        <translation>Kerbe=Nut, Rille, Einschnitt</translation>
    </message>
    <message>
        <source>spread=string spacing, E to E</source>
        <translation>Spreizung=Saitenabstand, Saitenbreite</translation>
    </message>
    <message>
        <source>fall-away=ramp, tongue, drop-off</source>
        <translation>Abfall=Rampe, Zunge</translation>
    </message>
    <message>
        <source>the plan=set-up, setup, work order</source>
        <translation>Der Plan=Einstellen, Setup, Arbeitsauftrag</translation>
    </message>
    <message>
        <source>blank=bone, stock</source>
        <translation>Rohling=Knochen, Material</translation>
    </message>
    <message>
        <source>shim=packing, wedge</source>
        <translation>unterlegen=Unterlage, Keil</translation>
    </message>
</context>
</TS>
