#include "common/jobs.h"
#include "job/document/json.h"
#include "job/edits/edits.h"

#include <QTest>

using namespace fm;
using namespace fm::test;

namespace {

QString fault_of(const std::string& text) {
    try {
        (void)parse_json(text);
    } catch (const InputError& error) {
        return QString::fromStdString(error.message().id) + QStringLiteral(" | ") +
               QString::fromUtf8(error.what());
    }
    return {};
}

} // namespace

class TestJson : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void bad_text_is_refused_data() {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<QString>("says");
        const auto row = [](const char* name, const QByteArray& text, const char* says) {
            QTest::newRow(name) << text << QString::fromLatin1(says);
        };
        row("empty", "", "json_ends_early");
        row("truncated", "{\"a\": [1, 2", "json_ends_early");
        row("line and column", "{\n  \"a\": 1,\n  b\n}", "line 3, column 3");
        row("binary", QByteArray("\x00\x01\x02\xff", 4), "json_not_valid");
        row("not UTF-8", "{\"a\": \"\xff\xfe\"}", "json_not_valid");
        row("NaN", "{\"a\": NaN}", "json_not_valid");
        row("infinite", "{\"a\": 1e999}", "json_not_valid");
        row("a key twice", "{\"neck\": {\"frets\": 12, \"frets\": 13}}", "the key \"frets\" stands twice");
        row("two documents", "{} {}", "json_not_valid");
        row("a comment", "{ /* no */ }", "json_not_valid");
        row("deep", QByteArray(100, '[') + QByteArray(100, ']'), "nested deeper than 64");
        row("too large", QByteArray(9 * 1024 * 1024, ' '), "file_too_large");
    }
    void bad_text_is_refused() {
        QFETCH(QByteArray, text);
        QFETCH(QString, says);
        const QString fault = fault_of(text.toStdString());
        QVERIFY2(fault.contains(says), qPrintable(fault));
    }
    void numbers_read_back_the_same() {
        std::mt19937_64 random(7);
        for (int i = 0; i < 2000; ++i) {
            double value = 0;
            const std::uint64_t bits = random();
            std::memcpy(&value, &bits, sizeof value);
            if (!std::isfinite(value)) continue;
            QVERIFY(parse_json("[" + number_text(value) + "]").array()->front().number() == value);
        }
        QCOMPARE(number_text(0.1), std::string("0.1"));
        QCOMPARE(number_text(44.0), std::string("44.0"));
        QCOMPARE(number_text(std::nan("")), std::string("null"));
    }
    void what_is_written_reads_back() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Value document = demo_document(name);
            QCOMPARE(parse_json(written_json(document)), document);
            QCOMPARE(parse_json(compact_json(document)), document);
            QCOMPARE(written_json(parse_json(written_json(document))), written_json(document));
        }
        for (unsigned seed = 0; seed < 200; ++seed) {
            const Value document = RandomJob(seed).document();
            QCOMPARE(parse_json(written_json(document)), document);
        }
    }
    void lines_stay_short_and_keys_in_order() {
        const std::string text = written_json(demo_document("curlew"));
        for (const QString& line : QString::fromStdString(text).split(QLatin1Char('\n')))
            QVERIFY2(line.size() <= 112, qPrintable(line));
        QVERIFY(text.find("\"title\"") < text.find("\"neck\"") &&
                text.find("\"neck\"") < text.find("\"strings\""));
    }
    void signs_survive() {
        const Value document = parse_json("{\"owner\": \"\\u010dł\\u266f \\\"x\\\" \\\\ \\n\"}");
        QCOMPARE(*document.member("owner")->text(), std::string("čł♯ \"x\" \\ \n"));
        QCOMPARE(parse_json(written_json(document)), document);
    }
    void places_are_found_set_and_removed() {
        Value document = parse_json("{\"a\": {\"b\": [1, {\"c\": 2}]}, \"unknown\": [true, null]}");
        QCOMPARE(find(document, "a.b[1].c")->number(), 2.0);
        QVERIFY(!find(document, "a.b[2]") && !find(document, "a.x.y") && !find(document, "a.b.c") &&
                !find(document, "a[0]"));
        document = with(document, "a.b[1].c", 3.5);
        document = with(document, "a.b[2]", "end");
        document = with(document, "new.branch.leaf", 1);
        QCOMPARE(compact_json(document), std::string("{\"a\":{\"b\":[1,{\"c\":3.5},\"end\"]},\"unknown\":["
                                                     "true,null],\"new\":{\"branch\":{\"leaf\":1}}}"));
        document = without(without(document, "a.b[0]"), "new.branch");
        QCOMPARE(compact_json(document),
                 std::string("{\"a\":{\"b\":[{\"c\":3.5},\"end\"]},\"unknown\":[true,null],\"new\":{}}"));
        QCOMPARE(without(document, "nothing.here[3].at.all"), document);
        QVERIFY_EXCEPTION_THROWN((void)with(document, "a.b[9].c", 1), std::logic_error);
        QVERIFY_EXCEPTION_THROWN((void)with(document, "unknown.x", 1), std::logic_error);
    }
    void a_choice_of_spacing_keeps_the_outer_strings() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Value document = demo_document(name);
            const Solution before = solve(job_of(document).design);
            std::vector<double> centres;
            for (const StringSolution& s : before.strings) centres.push_back(s.line.nut_y_mm);
            const Value given = with_spacing_method(document, "nut.spacing", SpacingMethod::given, centres);
            for (const SpacingMethod method : {SpacingMethod::equal_centres, SpacingMethod::equal_gaps,
                                               SpacingMethod::blend, SpacingMethod::given})
                for (const Value& from : {document, given}) {
                    const Solution after =
                        solve(job_of(with_spacing_method(from, "nut.spacing", method, centres)).design);
                    QVERIFY(std::abs(after.strings.front().line.nut_y_mm - centres.front()) < 1e-3);
                    QVERIFY(std::abs(after.strings.back().line.nut_y_mm - centres.back()) < 1e-3);
                }
            for (const bool margin : {true, false}) {
                const Design changed =
                    job_of(with_edge_margins(document, "nut.spacing", margin, centres,
                                             job_of(document).design,
                                             0.5 * job_of(document).design.neck.nut_width_mm))
                        .design;
                const Solution after = solve(changed);
                QCOMPARE(changed.nut.spacing.edge_margin_mm.has_value(), margin);
                for (std::size_t i = 0; i < centres.size(); ++i)
                    QVERIFY(std::abs(after.strings[i].line.nut_y_mm - centres[i]) < 2e-3);
            }
        }
    }
    void a_choice_of_height_school_keeps_the_outer_slots() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Value document = demo_document(name);
            const Solution before = solve(job_of(document).design);
            for (const NutHeightMethod method :
                 {NutHeightMethod::open_gap, NutHeightMethod::pressed_gap, NutHeightMethod::zero_fret}) {
                const Solution after = solve(job_of(with_height_method(document, method, 2, before)).design);
                // Targets are rounded to a thousandth; a pressed gap's is magnified on its way to the nut.
                QVERIFY(std::abs(after.strings.front().slot.floor_above_seat_mm -
                                 before.strings.front().slot.floor_above_seat_mm) < 0.003);
                QVERIFY(std::abs(after.strings.back().slot.floor_above_seat_mm -
                                 before.strings.back().slot.floor_above_seat_mm) < 0.003);
            }
        }
    }
    void readings_are_only_added() {
        const Value document = demo_document("lantern");
        Value once = with_reading(document, 7, {2, {BenchPart::nut, 3}, 0.2}, "2031-05-01T10:00:00");
        QCOMPARE(find(once, "readings")->array()->size(), std::size_t(1));
        QCOMPARE(*find(once, "readings[0].state")->text(), std::string("found"));
        once = with_reading(once, 7, {2, {BenchPart::saddle, 0}, 3.5}, "2031-05-01T10:00:00");
        QCOMPARE(find(once, "readings")->array()->size(), std::size_t(1)); // the same sitting
        const Value again = with_reading(once, 7, {2, {BenchPart::nut, 3}, 0.18}, "2031-05-01T10:00:00");
        QCOMPARE(find(again, "readings")->array()->size(), std::size_t(2)); // the first number stays
        QCOMPARE(find(again, "readings[0].strings[2].pressed_gap_mm")->number(), 0.2);
        QCOMPARE(*find(again, "readings[1].state")->text(), std::string("during"));
        const Job job = job_of(again);
        const auto known = known_heights(job.design, solve(job.design), job.readings);
        QCOMPARE(*known[2].nut_gap_mm, 0.18);
        QVERIFY(known[2].above_fret_line_mm && !known[1].above_fret_line_mm);
    }
};

QTEST_APPLESS_MAIN(TestJson)
#include "tst_json.moc"
