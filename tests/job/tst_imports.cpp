#include "common/jobs.h"
#include "job/exchange/scala.h"
#include "job/exchange/string_set.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

const char* meantone = "! mean.scl\n"
                       "!\n"
                       "A quiet meantone\n"
                       " 12\n"
                       "!\n"
                       " 76.049\n"
                       " 193.157 a remark\n"
                       " 310.265\n"
                       " 5/4\n"
                       " 503.422\n"
                       " 579.471\n"
                       " 696.578\n"
                       " 25/16\n"
                       " 889.735\n"
                       " 1006.843\n"
                       " 1082.892\n"
                       " 2/1\n";

/// What a reader says to a text it refuses.
template <class Read> QString refusal(const Read& read, const QByteArray& text) {
    try {
        (void)read(std::string_view(text.constData(), static_cast<std::size_t>(text.size())));
    } catch (const InputError& error) {
        return QString::fromUtf8(error.what());
    }
    return QStringLiteral("taken");
}

} // namespace

/// Scale files and string sets from elsewhere.
class TestImports : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_scale_file_becomes_a_temperament() {
        const Value read = temperament_of_scl(meantone);
        QCOMPARE(*find(read, "name")->text(), std::string("A quiet meantone"));
        const Value::Array& cents = *find(read, "cents")->array();
        QCOMPARE(cents.size(), std::size_t(12));
        QVERIFY(std::abs(cents[3].number() - 1200 * std::log2(1.25)) < 1e-9);
        QCOMPARE(cents[1].number(), 193.157);
        QCOMPARE(cents[11].number(), 1200.0);
        const Job job = job_of(with(demo_document("kittiwake"), "temperament", read));
        QVERIFY(job.design.neck.temperament_cents);
        std::string windows = meantone;
        for (std::size_t at = 0; (at = windows.find('\n', at)) != std::string::npos; at += 2)
            windows.insert(at, "\r");
        QCOMPARE(temperament_of_scl(windows), read);
    }
    void a_bad_scale_file_is_told_by_line_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("says");
        const auto changed = [](const char* from, const char* to) {
            return QByteArray(meantone).replace(from, to);
        };
        QTest::newRow("nothing") << QByteArray() << "ends at line";
        QTest::newRow("seven notes") << changed(" 12\n", " 7\n") << "line 4: it has 7 notes";
        QTest::newRow("no number") << changed(" 12\n", " twelve\n") << "line 4: it has twelve notes";
        QTest::newRow("a word") << changed("503.422", "high") << "line 10: high is no pitch";
        QTest::newRow("a bad ratio") << changed("5/4", "5/0") << "line 9: 5/0 is no pitch";
        QTest::newRow("a minus") << changed("76.049", "-5/4") << "line 6: -5/4 is no pitch";
        QTest::newRow("falling") << changed("503.422", "300.0") << "line 10: 300.0 is not higher";
        QTest::newRow("no octave") << changed("2/1", "1190.0") << "line 17: 1190.0 is no octave";
        QTest::newRow("too short") << changed(" 2/1\n", "") << "ends at line 16";
        QTest::newRow("huge number") << changed("5/4", "99999999999999999999/4") << "is no pitch";
        QTest::newRow("too large") << QByteArray(70000, 'x') << "has 70000 bytes";
    }
    void a_bad_scale_file_is_told_by_line() {
        QFETCH(QByteArray, text);
        QFETCH(QString, says);
        const QString said = refusal(temperament_of_scl, text);
        QVERIFY2(said.contains(says), qPrintable(said));
    }

    void a_string_set_becomes_strings_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::newRow("commas") << QByteArray("Pitch,Diameter,Wound,Core mm,Unit mass\nG2,1.12 mm,yes,0.43,\n"
                                              "G4,0.28,no,,0.49\n");
        QTest::newRow("semicolons, decimal commas")
            << QByteArray("pitch;diameter_mm;wound;core_mm;unit_mass_g_m\nG2;1,12;wound;0,43;\n"
                          "G4;0,28;plain;;0,49\n");
        QTest::newRow("tabs, quotes, other columns, a mark at the head")
            << QByteArray("\xEF\xBB\xBF\"pitch\"\tmaker\tdiameter\twound\tcore-mm\tunit_mass\r\n"
                          "\"G2\"\t\"not, read\"\t1.12\ttrue\t0.43\t\r\n\r\nG4\t\t0.28\t0\t\t0.49\r\n");
    }
    void a_string_set_becomes_strings() {
        QFETCH(QByteArray, text);
        const Value read = strings_of_csv(text.toStdString());
        QCOMPARE(QString::fromStdString(compact_json(read)),
                 QStringLiteral(
                     "[{\"pitch\":\"G2\",\"diameter_mm\":1.12,\"wound\":true,\"core_mm\":0.43},"
                     "{\"pitch\":\"G4\",\"diameter_mm\":0.28,\"wound\":false,\"unit_mass_g_m\":0.49}]"));
    }
    void inches_are_inches() {
        QCOMPARE(compact_json(strings_of_csv("pitch_hz,diameter_in,course\n98,.042,1\n392,11/1000 in,2\n")),
                 std::string("[{\"pitch_hz\":98.0,\"diameter_mm\":1.0668,\"course\":1},"
                             "{\"pitch_hz\":392.0,\"diameter_mm\":0.2794,\"course\":2}]"));
    }
    void a_bad_string_set_is_told_by_row_and_column_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("says");
        const QByteArray head = "pitch,diameter,wound\n";
        QTest::newRow("nothing") << QByteArray() << "has no strings";
        QTest::newRow("a header alone") << head << "has no strings";
        QTest::newRow("no pitch") << QByteArray("diameter\n0.4\n") << "has no column pitch";
        QTest::newRow("no diameter") << QByteArray("pitch\nG2\n") << "has no column diameter";
        QTest::newRow("twice") << QByteArray("pitch,note,diameter\nG2,G2,1\n") << "two columns for note";
        QTest::newRow("no length") << head + "G2,thick,yes\n"
                                   << "row 2, diameter: thick is no length";
        QTest::newRow("no answer") << head + "G2,1,maybe\n"
                                   << "row 2, wound: maybe is not understood";
        QTest::newRow("no number") << QByteArray("pitch_hz,diameter\nhigh,1\n")
                                   << "row 2, pitch_hz: high is no number";
        QTest::newRow("open quote") << head + "\"G2,1,yes\n"
                                    << "a quote is not closed";
        QTest::newRow("too many") << head + QByteArray("G2,1,yes\n").repeated(15) << "has 16 rows";
        QTest::newRow("too large") << QByteArray(300000, 'x') << "at most 262144";
    }
    void a_bad_string_set_is_told_by_row_and_column() {
        QFETCH(QByteArray, text);
        QFETCH(QString, says);
        const QString said = refusal(strings_of_csv, text);
        QVERIFY2(said.contains(says), qPrintable(said));
    }
};

QTEST_APPLESS_MAIN(TestImports)
#include "tst_imports.moc"
