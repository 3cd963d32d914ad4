// Ordinary instruments, set up as they usually are: what the hands' rules say of them.
#include "common/jobs.h"
#include "core/solution/least_action.h"

#include <QDir>
#include <QTest>

using namespace fm;
using namespace fm::test;

class TestOrdinary : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_normal_hand_meets_no_fret_data() { jobs(); }
    void a_normal_hand_meets_no_fret() {
        QCOMPARE(swings(design()), QStringList());
        // One line for many strings, however many there are.
        Design low = halved(PlayingHand::hard);
        for (double& mm : {std::ref(low.saddle.action.bass_mm), std::ref(low.saddle.action.treble_mm)})
            mm *= 0.7;
        QVERIFY(swings(low).size() <= 4);
    }

    void half_the_action_is_too_low_data() { jobs(); }
    void half_the_action_is_too_low() {
        QVERIFY(!swings(halved(PlayingHand::hard)).isEmpty());
        const QString name = QString::fromLatin1(QTest::currentDataTag());
        for (const char* steel : {"steel-flat-top", "solid-body", "bass-of-four"})
            if (name == QLatin1String(steel)) QVERIFY(!swings(halved(PlayingHand::normal)).isEmpty());
    }

    void the_least_action_is_that_of_a_normal_hand_data() { jobs(); }
    void the_least_action_is_that_of_a_normal_hand() {
        const auto least = least_action(design());
        QVERIFY(least && !least->limits.empty());
        QVERIFY2(least->bass_mm > least->treble_mm,
                 qPrintable(QStringLiteral("%1 %2").arg(least->bass_mm).arg(least->treble_mm)));
        const double bass = least->bass_mm / design().saddle.action.bass_mm;
        const double treble = least->treble_mm / design().saddle.action.treble_mm;
        QVERIFY2(bass > 0.35 && bass < 1.1 && treble > 0.35 && treble < 1.1,
                 qPrintable(QStringLiteral("%1 %2").arg(bass).arg(treble)));
        for (const ActionLimit& limit : least->limits) QVERIFY(limit.fretted > 0 || limit.over > 1);
    }

    void every_kind_is_there() { QCOMPARE(names().size(), 6); }

private:
    static QStringList names() {
        return QDir(QStringLiteral(TEST_DATA "/ordinary")).entryList({QStringLiteral("*.fmjob")});
    }
    static void jobs() {
        QTest::addColumn<QString>("path");
        for (const QString& name : names())
            QTest::newRow(qPrintable(name.chopped(6))) << QStringLiteral(TEST_DATA "/ordinary/") + name;
    }
    static Design design() {
        QFETCH(QString, path);
        return job_of(document_of(path)).design;
    }
    static Design halved(PlayingHand hand) {
        Design low = design();
        low.player.hand = hand;
        low.saddle.action.bass_mm *= 0.5;
        low.saddle.action.treble_mm *= 0.5;
        return low;
    }
    /// What is said of strings that meet a fret.
    static QStringList swings(const Design& design) {
        QStringList codes;
        for (const Message& message : solve(design).warnings) codes << QString::fromStdString(message.id);
        return codes.filter(QStringLiteral("headroom")) + codes.filter(QStringLiteral("choke"));
    }
};

QTEST_APPLESS_MAIN(TestOrdinary)
#include "tst_ordinary.moc"
