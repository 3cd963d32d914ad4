// Values nobody measured: how far off they are, how they become measured, and the kinds they come from.
#include "common/jobs.h"
#include "core/design/assumed.h"
#include "core/design/inputs.h"
#include "core/solution/uncertainty.h"
#include "job/edits/assumed_edits.h"
#include "job/edits/string_edits.h"
#include "job/state/state.h"
#include "workshop/kinds.h"

#include <QTest>

#include <algorithm>
#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

Value assuming(const Value& document, std::initializer_list<const char*> keys) {
    Value::Array list;
    for (const char* key : keys) list.emplace_back(key);
    return with(document, "assumed", std::move(list));
}

QStringList assumed_of(const Value& document) {
    QStringList keys;
    const Value* list = find(document, "assumed");
    for (const Value& key : list && list->array() ? *list->array() : Value::Array{})
        keys << QString::fromStdString(*key.text());
    return keys;
}

double u_of(const Design& design, std::string_view key) {
    for (const Input& input : inputs_of(design))
        if (input.key == key) return input.uncertainty;
    return std::nan("");
}

} // namespace

class TestAssumed : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// The handbook's own figures, one a kind of value.
    void an_assumed_value_is_off_by_more_data() {
        QTest::addColumn<QString>("key");
        QTest::addColumn<double>("u");
        const auto row = [](const char* key, double u) {
            QTest::newRow(key) << QString::fromLatin1(key) << u;
        };
        row("neck.scale_mm", 3.0);
        row("neck.nut_width_mm", 1.5);
        row("neck.end_width_mm", 1.5);
        row("saddle.spacing.spread_mm", 1.5);
        row("neck.fret_height_mm", 0.15);
        row("nut.board_above_seat_mm", 0.6);
        row("neck.radius_mm", 0.15 * 400.0);
        row("strings[1].diameter_mm", 0.05 * 1.07);
        row("strings[0].core_mm", 0.05 * 0.46);
        row("nut.thickness_mm", 0.5);          // a tenth
        row("bridge.plane_above_top_mm", 1.0); // a tenth
        row("saddle.thickness_mm", 0.3);
    }
    void an_assumed_value_is_off_by_more() {
        QFETCH(const QString, key);
        QFETCH(const double, u);
        const std::string place = key.toStdString();
        const Value whole = job_of_kind(shipped_kinds().front(), "Whole");
        QVERIFY(is_assumed(job_of(whole).design, place));
        QVERIFY(std::abs(u_of(job_of(whole).design, place) - u) < 1e-12);
        // Confirmed it is sure as its gauge; what the job states of it wins.
        const Design measured = job_of(with_confirmed(whole, place)).design;
        QVERIFY(!is_assumed(measured, place));
        QVERIFY(!(u_of(measured, place) >= u)); // or no measured input at all
        const Value stated = with(with(whole, "uncertainty", Value::Object{}), "uncertainty",
                                  Value::Object{{place, Value(0.0125)}});
        QCOMPARE(u_of(job_of(stated).design, place), 0.0125);
    }

    void a_tenth_has_its_least_and_its_most() {
        const Field& thickness = field_of("nut.thickness_mm");
        QCOMPARE(assumed_uncertainty(thickness, 0.1), 0.05);
        QCOMPARE(assumed_uncertainty(thickness, 29.0), 2.0);
    }

    void keys_are_taken_apart() {
        QVERIFY(place_of_key("neck.scale_mm").field == &field_of("neck.scale_mm"));
        QCOMPARE(place_of_key("strings[12].diameter_mm").item, std::size_t{12});
        for (const char* wrong :
             {"", "[", "strings[", "strings[]", "strings[].diameter_mm", "strings[x].diameter_mm",
              "strings[1.diameter_mm", "strings[01].diameter_mm", "strings[-1].diameter_mm", "neck",
              "neck.scale_mm ", "strings[1]diameter_mm"})
            QVERIFY2(!place_of_key(wrong).field, wrong);
    }

    void what_cannot_be_assumed_is_told() {
        const Value plain = demo_document("kittiwake");
        for (const char* wrong : {"nut.height.bass_mm", "saddle.action.bass_mm", "strings[0].pitch",
                                  "player.press_depth_mm", "moon", ""}) {
            const JobResult read = read_job(assuming(plain, {wrong}));
            QVERIFY2(!read.job && read.problems.size() == 1, wrong);
            QCOMPARE(std::string(read.problems.front().id), std::string("not_to_be_assumed"));
            QCOMPARE(read.problems.front().where, std::string("assumed"));
        }
        QVERIFY(!read_job(with(plain, "assumed", "neck.scale_mm")).job);
        QVERIFY(!read_job(with(plain, "assumed", Value::Array{Value(3)})).job);
        // A place the design has not got says nothing.
        QVERIFY(
            assumed_values(job_of(assuming(plain, {"strings[13].diameter_mm", "neck.scale_bass_mm"})).design)
                .empty());
        QCOMPARE(job_of(assuming(plain, {"neck.scale_mm", "neck.scale_mm"})).design.assumed.size(),
                 std::size_t{1});
    }

    void what_is_changed_is_measured() {
        const Value before = assuming(demo_document("kittiwake"),
                                      {"neck.scale_mm", "strings[1].diameter_mm", "nut.thickness_mm"});
        QCOMPARE(assumed_of(with_measured(before, with(before, "neck.scale_mm", 581.0))),
                 QStringList({QStringLiteral("strings[1].diameter_mm"), QStringLiteral("nut.thickness_mm")}));
        QCOMPARE(with_measured(before, with(before, "title", "Other")), with(before, "title", "Other"));
        Value last = before;
        for (const char* key : {"neck.scale_mm", "strings[1].diameter_mm", "nut.thickness_mm"})
            last = with_confirmed(last, key);
        QVERIFY(!find(last, "assumed"));
        QCOMPARE(with_confirmed(last, "neck.scale_mm"), last);
        // Strings that move take it along; a string that goes takes it away.
        QCOMPARE(assumed_of(with_measured(before, with_string_removed(before, 0))),
                 QStringList({QStringLiteral("neck.scale_mm"), QStringLiteral("strings[0].diameter_mm"),
                              QStringLiteral("nut.thickness_mm")}));
        QCOMPARE(assumed_of(with_measured(before, with_string_removed(before, 1))),
                 QStringList({QStringLiteral("neck.scale_mm"), QStringLiteral("nut.thickness_mm")}));
    }

    void kinds_are_sound_data() {
        QTest::addColumn<int>("kind");
        for (std::size_t i = 0; i < shipped_kinds().size(); ++i)
            QTest::newRow(shipped_kinds()[i].word.c_str()) << static_cast<int>(i);
    }
    void kinds_are_sound() {
        QFETCH(const int, kind);
        const Value document = job_of_kind(shipped_kinds()[static_cast<std::size_t>(kind)], "Begun");
        const StateResult read = state_of(document);
        QVERIFY2(read.state, read.problems.empty() ? "" : english(read.problems.front()).c_str());
        for (const Message& warning : read.state->written.warnings)
            QVERIFY2(warning.severity == Severity::note, english(warning).c_str());
        QVERIFY(!find(document, "neck.relief"));
        QVERIFY(read.state->job.design.bridge);
        // Everything that is measured on an instrument, and nothing that is wanted.
        const Design& design = read.state->job.design;
        const std::vector<Input> inputs = inputs_of(design);
        for (const Input& input : inputs) {
            const FieldPlace place = place_of_key(input.key);
            const Value* written = find(document, input.key);
            if (!written || !place.field || place.field->key.starts_with("player.")) continue;
            QVERIFY2(is_assumed(design, input.key), input.key.c_str());
        }
        QCOMPARE(assumed_values(design).size(), design.assumed.size());
        for (const char* wanted : {"nut.height.bass_mm", "saddle.action.bass_mm"})
            QVERIFY(!is_assumed(design, wanted));
        // All confirmed, one by one, in any order: a job like any other.
        Value measured = document;
        for (const std::string& key : design.assumed) measured = with_confirmed(measured, key);
        QVERIFY(job_of(measured).design.assumed.empty());
    }
    void there_is_a_kind_for_each_instrument() {
        QVERIFY(shipped_kinds().size() >= 12);
        const auto has = [](auto fits) {
            return std::any_of(
                shipped_kinds().begin(), shipped_kinds().end(),
                [&](const InstrumentKind& kind) { return fits(job_of(job_of_kind(kind, "Any")).design); });
        };
        for (const std::size_t strings : {4U, 5U, 6U, 7U, 8U, 10U, 12U})
            QVERIFY(has([&](const Design& d) { return d.strings.size() == strings; }));
        QVERIFY(has([](const Design& d) { return d.neck.fanned(); }));
        QVERIFY(
            has([](const Design& d) { return d.bridge->floats() && course_starts(d.strings).size() == 5; }));
        QVERIFY(has([](const Design& d) { return d.bridge->anchor == Anchor::tie; }));
        QVERIFY(has([](const Design& d) { return d.strings.size() == 4 && d.neck.scale_bass_mm > 800; }));
    }

    /// What rests on an assumed value is as unsure as that, and says so.
    void numbers_that_rest_on_it_say_so() {
        const Design design = job_of(job_of_kind(shipped_kinds().front(), "Whole")).design;
        const Solution solution = solve(design);
        const auto number = *number_of_key(solution, "strings[0].floor_above_seat_mm");
        const Uncertainty u = uncertainties(design, solution, {number}).front();
        QVERIFY(u.standard > 0.6);
        QCOMPARE(std::string(u.contributions.front().key), std::string("nut.board_above_seat_mm"));
        QCOMPARE(std::string(u.contributions.front().gauge_id), std::string("gauge.not_measured"));
    }
};

QTEST_GUILESS_MAIN(TestAssumed)
#include "tst_assumed.moc"
