#include "gauge/serial_gauge.h"

#include "common/jobs.h"
#include "gauge/stand_in.h"

#include <QElapsedTimer>
#include <QSignalSpy>
#include <QTest>

#include <fcntl.h>
#include <termios.h>
#include <unistd.h>

using namespace fm;
using namespace fm::test;

namespace {

/// The far end of a serial line: a pseudo-terminal the test writes to.
class FarEnd {
public:
    FarEnd() : near_(::posix_openpt(O_RDWR | O_NOCTTY)) {
        if (near_ < 0 || ::grantpt(near_) != 0 || ::unlockpt(near_) != 0) throw std::runtime_error("no pty");
        name_ = QString::fromLatin1(::ptsname(near_));
        far_ = ::open(::ptsname(near_), O_RDWR | O_NOCTTY);
        termios raw{};
        ::tcgetattr(far_, &raw);
        ::cfmakeraw(&raw);
        ::tcsetattr(far_, TCSANOW, &raw);
    }
    ~FarEnd() { unplug(); }
    void send(const QByteArray& bytes) const {
        QCOMPARE(::write(near_, bytes.constData(), static_cast<std::size_t>(bytes.size())), bytes.size());
    }
    void unplug() {
        for (int* end : {&near_, &far_})
            if (*end >= 0) ::close(std::exchange(*end, -1));
    }
    const QString& name() const { return name_; }

private:
    int near_;
    int far_ = -1;
    QString name_;
};

} // namespace

class TestGauge : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void lines_are_readings_or_none_data() {
        QTest::addColumn<QByteArray>("line");
        QTest::addColumn<bool>("understood");
        QTest::addColumn<double>("mm");
        const auto row = [](const char* line, double mm) {
            QTest::newRow(line) << QByteArray(line) << true << mm;
        };
        const auto none = [](const char* name, const QByteArray& line) {
            QTest::newRow(name) << line << false << 0.0;
        };
        row("+0.392 mm", 0.392);
        row("0.0154 in", 0.0154 * 25.4);
        row("0.392", 0.392);
        row("-0,05mm", -0.05);
        row("  + 0.40 MM ", 0.4);
        row("0.0154\"", 0.0154 * 25.4);
        row(".5", 0.5);
        row("-.12", -0.12);
        row("12", 12);
        none("nothing", "");
        none("a word", "ready");
        none("a unit alone", "mm");
        none("another unit", "0.3 um");
        none("two numbers", "0.3 0.4x");
        none("two signs", "+-0.3");
        none("inf", "inf mm");
        none("nan", "nan");
        none("hexadecimal", "0x1p3");
        none("far too large", "12345.6 mm");
        none("two points", "0.3.4");
        none("bytes", QByteArray("\x00\xff\xfe", 3));
        none("exponent", "1e-1");
    }
    void lines_are_readings_or_none() {
        QFETCH(QByteArray, line);
        QFETCH(bool, understood);
        QFETCH(double, mm);
        const auto reading = gauge_reading(line);
        QCOMPARE(reading.has_value(), understood);
        if (reading) QVERIFY(std::abs(reading->mm(Unit::mm) - mm) < 1e-12);
    }

    void any_cut_of_the_bytes_gives_the_same_lines() {
        const QByteArray all = "+0.392 mm\r\n0.1\r0.2\n\n" + QByteArray(300, 'x') + "\r\n-0.05\r\n";
        const std::vector<QByteArray> whole = GaugeLines().take(all);
        QCOMPARE(whole.size(), std::size_t{5});
        std::mt19937 random(3);
        for (int trial = 0; trial < 200; ++trial) {
            GaugeLines lines;
            std::vector<QByteArray> taken;
            for (qsizetype at = 0; at < all.size();) {
                const qsizetype piece = std::uniform_int_distribution<int>(1, 40)(random);
                for (const QByteArray& line : lines.take(all.mid(at, piece))) taken.push_back(line);
                at += piece;
            }
            QCOMPARE(taken, whole);
        }
        GaugeLines half;
        QVERIFY(half.take("0.3").empty());
        QVERIFY(half.drop_half());
        QCOMPARE(half.take("92 mm\n0.4\n"), std::vector<QByteArray>{"0.4"}); // its rest is no line of its own
        (void)half.take("0.3");
        half.forget();
        QCOMPARE(half.take("0.5\n"), std::vector<QByteArray>{"0.5"});
    }

    void what_is_sent_by_itself_is_no_press_data() {
        QTest::addColumn<QList<int>>("waits_ms"); // before each line
        QTest::addColumn<bool>("pressed");
        const auto waits = [](std::initializer_list<int> list) { return QList<int>(list); };
        QTest::newRow("by a clock") << waits({0, 300, 300, 300, 300, 300}) << false;
        QTest::newRow("by a clock that trembles") << waits({0, 300, 320, 290, 305, 310, 295}) << false;
        QTest::newRow("by a hand") << waits({0, 200, 390, 270}) << true;
        QTest::newRow("once") << waits({0}) << true;
        QTest::newRow("twice") << waits({0, 270}) << true;
    }
    void what_is_sent_by_itself_is_no_press() {
        QFETCH(QList<int>, waits_ms);
        QFETCH(bool, pressed);
        constexpr int most_late_ms = 12; // a busy host that keeps lines longer makes other waits of them
        constexpr int most_tries = 40;
        bool late = true;
        for (int tries = 0; late && tries < most_tries; ++tries) {
            FarEnd far;
            SerialGauge gauge;
            gauge.set_press_silence_ms(30);
            gauge.set_settle_ms(600);
            QSignalSpy presses(&gauge, &SerialGauge::pressed);
            QSignalSpy settled(&gauge, &SerialGauge::settled);
            QElapsedTimer clock;
            QList<qint64> heard_ms;
            connect(&gauge, &SerialGauge::live, this, [&] { heard_ms << clock.elapsed(); });
            QCOMPARE(gauge.open(far.name()), QString());
            clock.start();
            for (const int wait_ms : waits_ms) {
                QTest::qWait(wait_ms);
                far.send("0.000 mm\r\n");
            }
            QTRY_COMPARE(settled.size(), 1);
            QTRY_COMPARE(heard_ms.size(), waits_ms.size());
            late = false;
            for (qsizetype i = 1; i < waits_ms.size(); ++i)
                late |= std::abs(heard_ms[i] - heard_ms[i - 1] - waits_ms[i]) > most_late_ms;
            if (late) continue;
            QCOMPARE(gauge.sends(), pressed ? SerialGauge::Sends::at_a_press : SerialGauge::Sends::by_itself);
            QTRY_COMPARE(presses.size(), pressed ? waits_ms.size() : 0);
            QTest::qWait(100);
            QCOMPARE(presses.size(), pressed ? waits_ms.size() : 0);
        }
        QVERIFY2(!late, "the host is too busy to send at equal times");
    }

    void a_press_is_one_reading_and_a_stream_is_none() {
        FarEnd far;
        SerialGauge gauge;
        gauge.set_press_silence_ms(60);
        gauge.set_settle_ms(200);
        QSignalSpy pressed(&gauge, &SerialGauge::pressed);
        QSignalSpy live(&gauge, &SerialGauge::live);
        QCOMPARE(gauge.open(far.name()), QString());
        QCOMPARE(gauge.baud(), 0);
        far.send("+0.3");
        far.send("92 mm\r\n");
        QVERIFY(pressed.wait(3000));
        QCOMPARE(pressed.front().front().toDouble(), 0.392);
        QVERIFY(gauge.baud() > 0);
        // A hundred and more without silence: shown, none of them kept.
        for (int i = 0; i < 120; ++i) far.send("0.5" + QByteArray::number(i % 10) + "\r\n");
        QTRY_COMPARE(live.size(), 121);
        QTest::qWait(120);
        QCOMPARE(pressed.size(), 1);
    }

    void garbage_and_half_lines_are_told_and_harmless() {
        FarEnd far;
        SerialGauge gauge;
        gauge.set_press_silence_ms(0);
        gauge.set_settle_ms(0);
        QSignalSpy garbage(&gauge, &SerialGauge::garbage);
        QSignalSpy pressed(&gauge, &SerialGauge::pressed);
        QCOMPARE(gauge.open(far.name()), QString());
        far.send(QByteArray("\xff\x80garbage\r\n\x01\x02\r\n", 14));
        QTRY_COMPARE(garbage.size(), 2);
        far.send("0.25 mm\r"); // understood at the next speed it listens at
        QVERIFY(pressed.wait(3000));
        QVERIFY(gauge.baud() > 0 && gauge.baud() != 9600);
        far.send("0.1"); // never ended
        QVERIFY(garbage.wait(4000));
        far.send("92 mm\r\n"); // the rest of that line, and no reading of 92
        far.send("0.30\r\n");
        QVERIFY(pressed.wait(3000));
        QCOMPARE(pressed.back().front().toDouble(), 0.3);
    }

    void unplugged_is_told_once_and_can_be_plugged_in_again() {
        SerialGauge gauge;
        QSignalSpy lost(&gauge, &SerialGauge::lost);
        {
            FarEnd far;
            QCOMPARE(gauge.open(far.name()), QString());
            far.send("0.2");
            QTest::qWait(20);
        }
        QVERIFY(!lost.isEmpty() || lost.wait(3000));
        QTest::qWait(50);
        QCOMPARE(lost.size(), 1);
        QVERIFY(!gauge.is_open());
        FarEnd again;
        QSignalSpy pressed(&gauge, &SerialGauge::pressed);
        gauge.set_press_silence_ms(0);
        gauge.set_settle_ms(0);
        gauge.set_unit(Unit::in);
        QCOMPARE(gauge.open(again.name()), QString());
        again.send("0.0154\n"); // without its unit; nothing is left of the half line before
        QVERIFY(pressed.wait(3000));
        QVERIFY(std::abs(pressed.front().front().toDouble() - 0.39116) < 1e-9);
        QVERIFY(!gauge.open(QStringLiteral("/nowhere")).isEmpty());
        QVERIFY(!gauge.is_open());
    }

    void the_stand_in_does_what_it_is_told() {
        const Job job = job_of(demo_document("kittiwake"));
        const HiddenInstrument exact(job.design, solve(job.design), job.readings, {0, 0, 1, 0}, 1);
        StandIn gauge(exact, Unit::mm, true);
        QCOMPARE(gauge.told("read nut 1").serial, QByteArray("+0.350 mm\r\n")); // as found, without scatter
        QCOMPARE(gauge.told("read saddle 4").serial, QByteArray("+2.900 mm\r\n"));
        QCOMPARE(gauge.told("read relief").serial, QByteArray("+0.240 mm\r\n"));
        QCOMPARE(gauge.told("filed nut 1 0.1").told, QByteArray("ok\n"));
        const double lowered_mm = gauge.told("truth nut 1").told.split(' ')[0].toDouble();
        QVERIFY(lowered_mm > 0.35 - 0.1 && lowered_mm < 0.35 - 0.09);
        QCOMPARE(gauge.told("filled 1 0.1").told, QByteArray("ok\n"));
        QCOMPARE(gauge.told("read nut 1").serial, QByteArray("+0.350 mm\r\n"));
        QVERIFY(gauge.told("lowered saddle 0.4 0.2").serial.isEmpty());
        QVERIFY(gauge.told("truth saddle 4").told.split(' ')[0].toDouble() < 2.75);
        QVERIFY(gauge.told("turned 2").told == "ok\n");
        QVERIFY(gauge.told("truth relief").told.split(' ')[0].toDouble() < 0.24);
        for (const char* wrong : {"", "read", "read nut", "read nut 0", "read nut 5", "read moon 1",
                                  "filed relief 0 1", "filed nut 1", "filed nut 1 -1", "filed nut 1 1e9",
                                  "filled 9 0.1", "turned x", "turned 99", "lowered saddle 1", "sing"}) {
            QVERIFY2(gauge.told(wrong).told != "ok\n", wrong);
            QVERIFY2(gauge.told(wrong).serial.isEmpty(), wrong);
        }
        StandIn inches(exact, Unit::in, false);
        QCOMPARE(inches.told("read nut 1").serial, QByteArray("+0.0138\r\n"));
    }
};

QTEST_GUILESS_MAIN(TestGauge)
#include "tst_gauge.moc"
