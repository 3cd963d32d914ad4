<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE">
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
        <source>from the blank's top</source>
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
        <source>pressed</source>
        <translation>gedrückt</translation>
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
</context>
<context>
    <name>fm::FieldBinder</name>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
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
    <name>fm::MainWindow</name>
    <message>
        <source>Fair Measure</source>
        <translation>Fair Measure</translation>
    </message>
    <message>
        <source>Notice</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>Read the file again</source>
        <translation>Datei neu lesen</translation>
    </message>
    <message>
        <source>Save mine under another name</source>
        <translation>Meine unter anderem Namen sichern</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
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
        <source>reading %1, %2</source>
        <translation>Messung %1, %2</translation>
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
        <source>&amp;Print the nut's template…</source>
        <translation>Sattelschablone &amp;drucken…</translation>
    </message>
    <message>
        <source>Print the template in true size</source>
        <translation>Die Schablone in wahrer Größe drucken</translation>
    </message>
    <message>
        <source>&amp;Template as a file…</source>
        <translation>&amp;Schablone als Datei…</translation>
    </message>
    <message>
        <source>Ctrl+E</source>
        <translation>Ctrl+E</translation>
    </message>
    <message>
        <source>Save the template as PDF, SVG or DXF</source>
        <translation>Die Schablone als PDF, SVG oder DXF sichern</translation>
    </message>
    <message>
        <source>Pa&amp;per</source>
        <translation>Pa&amp;pier</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>The page templates are laid out for</source>
        <translation>Die Seite, für die Schablonen gesetzt werden</translation>
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
        <source>Undo:</source>
        <translation>Rückgängig:</translation>
    </message>
    <message>
        <source>Take the last step back (Ctrl+Z)</source>
        <translation>Den letzten Schritt zurücknehmen (Ctrl+Z)</translation>
    </message>
    <message>
        <source>Redo:</source>
        <translation>Wiederholen:</translation>
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
        <source>Copy the cut list as text and as a table</source>
        <translation>Die Schnittliste als Text und als Tabelle kopieren</translation>
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
        <source>Measure floors over the seat, the board, the frets, or from the blank's top</source>
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
        <source>Zoom &amp;in</source>
        <translation>Ver&amp;größern</translation>
    </message>
    <message>
        <source>Enlarge the drawing</source>
        <translation>Die Zeichnung vergrößern</translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation>Ver&amp;kleinern</translation>
    </message>
    <message>
        <source>Draw it smaller</source>
        <translation>Kleiner zeichnen</translation>
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
        <source>The whole drawing again</source>
        <translation>Wieder die ganze Zeichnung</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstände</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Slots and top</source>
        <translation>Kerben und Oberkante</translation>
    </message>
    <message>
        <source>Seat and material</source>
        <translation>Auflage und Material</translation>
    </message>
    <message>
        <source>Behind the nut</source>
        <translation>Hinter dem Sattel</translation>
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
        <source>The window's language</source>
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
        <source>Save the template</source>
        <translation>Die Schablone sichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;SVG in mm (*.svg);;DXF in mm (*.dxf)</source>
        <translation>PDF (*.pdf);;SVG in mm (*.svg);;DXF in mm (*.dxf)</translation>
    </message>
    <message>
        <source>%1 must end in .pdf, .svg or .dxf</source>
        <translation>%1 muss auf .pdf, .svg oder .dxf enden</translation>
    </message>
    <message>
        <source>Print the nut's template, at 100 %</source>
        <translation>Die Sattelschablone drucken, mit 100 %</translation>
    </message>
    <message>
        <source>No job is open: open one, drag one in, or open the demo workshop from the Job menu</source>
        <translation>Kein Auftrag ist offen: einen öffnen, hereinziehen oder die Beispielwerkstatt im Menü Auftrag öffnen</translation>
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
        <source>edge to the bass string</source>
        <translation>Rand bis Basssaite</translation>
    </message>
    <message>
        <source>edge to the treble string</source>
        <translation>Rand bis Diskantsaite</translation>
    </message>
    <message>
        <source>string spread at the nut</source>
        <translation>Spreizung am Sattel</translation>
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
        <source>by spread</source>
        <translation>nach Spreizung</translation>
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
        <source>Set the outer strings by the board's edges instead of their spread</source>
        <translation>Die Außensaiten nach dem Griffbrettrand statt nach ihrer Spreizung setzen</translation>
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
        <source>%1 (Ctrl+%2)</source>
        <translation>%1 (Ctrl+%2)</translation>
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
        <source>somebody else's rule kept string by string; nothing is evened out</source>
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
        <source>outer strings by edge</source>
        <translation>Außensaiten nach Rand</translation>
    </message>
    <message>
        <source>outer strings by spread</source>
        <translation>Außensaiten nach Spreizung</translation>
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
        <source>Material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>material</source>
        <translation>Material</translation>
    </message>
    <message>
        <source>seat radius</source>
        <translation>Auflageradius</translation>
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
        <source>blank thickness</source>
        <translation>Rohlingdicke</translation>
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
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>thickness</source>
        <translation>Dicke</translation>
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
        <source>floors follow each string's own fall</source>
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
        <source>spacing between</source>
        <translation>Abstände dazwischen</translation>
    </message>
    <message>
        <source>spacing as measured</source>
        <translation>Abstände wie gemessen</translation>
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
        <source>T</source>
        <translation>T</translation>
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
        <source>for reading only</source>
        <translation>nur zum Lesen</translation>
    </message>
    <message>
        <source>nothing read yet: enter gap and action in the cut list of the fitted nut</source>
        <translation>noch nichts gemessen: Luft und Saitenlage in der Schnittliste des eingesetzten Sattels eingeben</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und %n weitere</numerusform>
            <numerusform>und %n weitere</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>fm::StationPath</name>
    <message>
        <source>Nut</source>
        <translation>Sattel</translation>
    </message>
    <message>
        <source>The nut: spacing, heights, slots</source>
        <translation>Der Sattel: Abstände, Höhen, Kerben</translation>
    </message>
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
        <source>Jobs</source>
        <translation>Aufträge</translation>
    </message>
    <message>
        <source>Open %1</source>
        <translation>%1 öffnen</translation>
    </message>
    <message>
        <source>Brass may hold lead: wash hands. File toward the vice, mind the edges. Follow your tools' instructions and local rules.</source>
        <translation>Messing kann Blei enthalten: Hände waschen. Zum Schraubstock hin feilen, auf Kanten achten. Anleitungen und örtlichen Regeln folgen.</translation>
    </message>
    <message>
        <source>Some woods sensitise: mask and extraction. Blades away from the hand. Follow your tools' instructions and local rules.</source>
        <translation>Manche Hölzer sensibilisieren: Maske und Absaugung. Klingen von der Hand weg. Anleitungen und örtlichen Regeln folgen.</translation>
    </message>
    <message>
        <source>Dust: mask and extraction. Files and saws away from the hand. Follow your tools' instructions and local rules.</source>
        <translation>Staub: Maske und Absaugung. Feilen und Sägen von der Hand weg. Anleitungen und örtlichen Regeln folgen.</translation>
    </message>
</context>
<context>
    <name>fm::StringWay</name>
    <message>
        <source>The string's way from post to anchor</source>
        <translation>Der Weg der Saite vom Wirbel zum Anker</translation>
    </message>
    <message>
        <source>The string from post to anchor. Click the nut for its station; the wheel changes the string</source>
        <translation>Die Saite vom Wirbel zum Anker. Ein Klick auf den Sattel führt zu seiner Station; das Rad wechselt die Saite</translation>
    </message>
    <message>
        <source>%1: %2 over fret 1, %3 over fret 12, %4 over fret %5</source>
        <translation>%1: %2 über Bund 1, %3 über Bund 12, %4 über Bund %5</translation>
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
        <source>gaps over the frets ×%1; ends not to scale</source>
        <translation>Luft über den Bünden ×%1; Enden nicht maßstäblich</translation>
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
        <source>the key "{0}" stands twice in one object</source>
        <translation>der Schlüssel "{0}" steht zweimal in einem Objekt</translation>
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
        <source>{where} is "{0}"; a note such as G2, C#3 or Bb1 is needed</source>
        <translation>{where} ist "{0}"; ein Ton wie G2, C#3 oder Bb1 ist nötig</translation>
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
        <source>{where} is {0}; it must be more than half the nut's width, {1}</source>
        <translation>{where} ist {0}; es muss mehr als die halbe Sattelbreite sein, {1}</translation>
    </message>
    <message>
        <source>{where} is {0}: at the last fret the radius would be {1}; at least {2} is needed</source>
        <translation>{where} ist {0}: am letzten Bund wäre der Radius {1}; mindestens {2} ist nötig</translation>
    </message>
    <message>
        <source>{where} is {0} and {1}, read at {2}; the reading's fret must lie between the two, and the first below the body joint, fret {3}</source>
        <translation>{where} ist {0} und {1}, gelesen an {2}; der gelesene Bund muss zwischen den beiden liegen und der erste vor dem Korpusbund {3}</translation>
    </message>
    <message>
        <source>{where}: value {0} is {1}; the twelve must rise from above 0 to 1200 at the last</source>
        <translation>{where}: Wert {0} ist {1}; die zwölf müssen von über 0 bis 1200 am letzten steigen</translation>
    </message>
    <message>
        <source>{where} is "auto"; with a tailpiece a number is needed, or no key</source>
        <translation>{where} ist "auto"; mit Saitenhalter ist eine Zahl nötig oder kein Schlüssel</translation>
    </message>
    <message>
        <source>{where} puts a string {0} from the centreline; allowed is up to {1}</source>
        <translation>{where} setzt eine Saite {0} von der Mittellinie; erlaubt ist bis {1}</translation>
    </message>
    <message>
        <source>{where} puts the outer strings' centres {0} apart; the strings between need {1}</source>
        <translation>{where} setzt die Mitten der Außensaiten {0} auseinander; die Saiten dazwischen brauchen {1}</translation>
    </message>
    <message>
        <source>this version computes fixed compensation only; solved as fixed 0, the file keeps its method</source>
        <translation>diese Version rechnet nur feste Kompensation; gelöst mit fest 0, die Datei behält ihr Verfahren</translation>
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
        <source>{0}: the slot's floor would lie {1} over the seat; the board's height over the seat is wanting</source>
        <translation>{0}: der Kerbgrund läge {1} über der Auflage; die Höhe des Griffbretts über der Auflage reicht nicht</translation>
    </message>
    <message>
        <source>{0}: pressed at fret 3 the string lies on fret 2; read it with pressed fret 2</source>
        <translation>{0}: am Bund 3 gedrückt liegt die Saite auf Bund 2; mit Bund 2 lesen</translation>
    </message>
    <message>
        <source>{0} stands {2} from the board's edge at the nut; {3} is wanted: less spread, or bias away from that edge</source>
        <translation>{0} steht am Sattel {2} vom Griffbrettrand; gewünscht ist {3}: weniger Spreizung oder Versatz von diesem Rand weg</translation>
    </message>
    <message>
        <source>{0} stands {2} from the board's edge at fret {1}; {3} is wanted: less spread at the saddle, bias, or shift the bridge</source>
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
        <source>not understood at character {0}; numbers, + - * / ( ), mm, in, ", thou and 64ths are</source>
        <translation>nicht verstanden bei Zeichen {0}; verstanden werden Zahlen, + - * / ( ), mm, in, ", thou und 64ths</translation>
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
        <source>gap over fret 1</source>
        <translation>Luft über Bund 1</translation>
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
</context>
<context>
    <name>sheet</name>
    <message>
        <source>seat square</source>
        <translation>Auflage gerade</translation>
    </message>
    <message>
        <source>seat at the headstock's angle</source>
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
        <source>first a strip of slot centres</source>
        <translation>zuerst ein Streifen der Kerbmitten</translation>
    </message>
    <message>
        <source>to stick on the blank</source>
        <translation>zum Aufkleben auf den Rohling</translation>
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
        <source>floor angle</source>
        <translation>Grundwinkel</translation>
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
        <source>Check both bars with a caliper before cutting.</source>
        <translation>Vor dem Schneiden beide Strecken mit der Schieblehre prüfen.</translation>
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
        <source>slot centres from the centreline, along the nut; heights from the seat, in the middle but for the edges</source>
        <translation>Kerbmitten von der Mittellinie, am Sattel entlang; Höhen von der Auflage, in der Mitte außer am Rand</translation>
    </message>
</context>
</TS>