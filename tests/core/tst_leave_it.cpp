// What is right is left alone, and what is wrong is seen, whatever the gauges scatter.
#include "common/read_again.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

class TestLeaveIt : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void what_is_right_is_left_data() { instruments(); }
    void what_is_right_is_left() {
        const LeftCount left = instrument().trials(trials, {});
        QVERIFY2(left.relief >= 0.94 * trials && left.saddle >= 0.94 * trials && left.nut >= 0.94 * trials,
                 qPrintable(QStringLiteral("%1 %2 %3 of %4")
                                .arg(left.relief)
                                .arg(left.saddle)
                                .arg(left.nut)
                                .arg(trials)));
    }
    void what_is_wrong_is_seen_data() { instruments(); }
    void what_is_wrong_is_seen() {
        ReadAgain read = instrument();
        for (std::size_t string = 0; string < read.strings(); string += 3)
            QVERIFY(read.trials(trials / 4, {0.16, string, 0}).slot_filed >= 0.98 * trials / 4);
        QVERIFY(read.trials(trials, {0, std::nullopt, 0.5}).saddle_lowered >= 0.98 * trials);
    }

private:
    static constexpr int trials = 400;
    static void instruments() {
        QTest::addColumn<QByteArray>("demo");
        QTest::addColumn<bool>("pressed");
        for (const char* demo : {"kittiwake", "curlew", "teal", "lantern"})
            for (const bool pressed : {false, true})
                QTest::addRow("%s %s", demo, pressed ? "pressed" : "open") << QByteArray(demo) << pressed;
    }
    static ReadAgain instrument() {
        QFETCH(QByteArray, demo);
        QFETCH(bool, pressed);
        return {demo.constData(), pressed ? NutReadBy::pressed : NutReadBy::open, 1};
    }
};

QTEST_APPLESS_MAIN(TestLeaveIt)
#include "tst_leave_it.moc"
