#include "common/jobs.h"
#include "core/design/bridge_kind.h"
#include "core/design/inputs.h"
#include "core/solution/uncertainty.h"
#include "core/solution/working.h"
#include "job/document/json.h"

#include <QTest>

#include <cmath>
#include <set>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance * std::max(1.0, std::abs(b));
}

/// Whether a key of a term may stand in a job file: its first part is one of the file's.
bool names_a_key_of_a_job(const std::string& key) {
    for (const char* part :
         {"neck.", "strings[", "nut.", "saddle.", "bridge.", "player.", "a4_hz", "temperament"})
        if (key.starts_with(part)) return true;
    return false;
}

/// A job of each kind of bridge, and what they can have besides.
std::vector<Value> bridges_of_every_kind() {
    std::vector<Value> documents;
    for (const std::string_view word : words_of(BridgeKind{})) {
        const QString kind = QString::fromLatin1(word.data(), static_cast<qsizetype>(word.size()));
        documents.push_back(document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(kind)));
    }
    Value pinned = documents.front();
    pinned = with(pinned, "bridge.height_mm", parse_json(R"({"bass": 9.2, "treble": 8.4})"));
    pinned = with(pinned, "bridge.pins",
                  parse_json(R"({"line": "equal_angle", "pilot_mm": 4.4, "taper_deg": 3})"));
    documents.push_back(with(pinned, "saddle.compensation.method", "straight"));
    Value plate = document_of(QStringLiteral(TEST_DATA "/kinds/plate_shared.fmjob"));
    plate = with(plate, "bridge.edge_mm", parse_json(R"({"bass": 640.5, "treble": 639.5})"));
    documents.push_back(
        with(plate, "bridge.existing.crown_mm", parse_json("[326.1, 326.0, 325.4, 325.6, 324.8, 324.2]")));
    return documents;
}

} // namespace

/// Numbers by their keys, their workings, and how sure they are.
class TestExplained : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void keys_name_every_number_once() {
        for (unsigned seed = 0; seed < 40; ++seed) {
            const Solution solution = solve(job_of(RandomJob(seed).document()).design);
            std::set<std::string> seen;
            for (const NumberKey& number : all_numbers(solution)) {
                const std::string key = number.text();
                QVERIFY2(seen.insert(key).second, key.c_str());
                const auto again = number_of_key(solution, key);
                QVERIFY2(again && again->quantity == number.quantity && again->string == number.string &&
                             again->item == number.item,
                         key.c_str());
                QVERIFY(std::isfinite(*value_of(solution, number)));
            }
        }
    }
    void keys_that_name_nothing_are_refused() {
        const Solution solution = solve(job_of(demo_document("curlew")).design);
        for (const char* key :
             {"", "strings", "strings[]", "strings[0]", "strings[-1].tension_n", "strings[10].tension_n",
              "strings[0].tension_n[0]", "strings[0].cents[20]", "strings[0].cents[]", "strings[0].cents[0",
              "strings[99999999999999999999].tension_n", "notches[10].width_mm", "nut", "placing.bass",
              "bridge.pins[0].x_mm"}) // it has no pins
            QVERIFY2(!number_of_key(solution, key), key);
        QCOMPARE(number_of_key(solution, "strings[3].cents[11]")->name(), std::string("cents[11]"));
        QCOMPARE(number_of_key(solution, "bridge.moment_nm")->name(), std::string("bridge.moment_nm"));
    }

    /// A working quotes other numbers as they are, and the job by its own keys.
    void terms_are_what_their_keys_say() {
        int quoted = 0;
        std::set<std::string> wrong; // a kind each
        std::vector<Value> documents = bridges_of_every_kind();
        for (unsigned seed = 0; seed < 60; ++seed) documents.push_back(RandomJob(seed).document());
        for (const Value& document : documents) {
            const Design design = job_of(document).design;
            const Solution solution = solve(design);
            for (const NumberKey& number : all_numbers(solution)) {
                const auto made = working(design, solution, number.text());
                QVERIFY2(made, number.text().c_str());
                for (const Term& term : made->terms) {
                    if (term.key.empty()) continue;
                    if (!term.computed) {
                        QVERIFY2(names_a_key_of_a_job(term.key), (number.text() + ": " + term.key).c_str());
                        const Value* written = find(document, term.key);
                        if (written && written->is_number() && !near(written->number(), term.value))
                            wrong.insert(std::string(number.quantity->key) + ": " + std::string(term.name) +
                                         " is not what the job says");
                        continue;
                    }
                    const auto other = number_of_key(solution, term.key);
                    if (!other && names_a_key_of_a_job(term.key))
                        continue; // worked out from that part of the job
                    QVERIFY2(other, (number.text() + " quotes " + term.key).c_str());
                    QVERIFY2(other->text() != number.text(), number.text().c_str());
                    ++quoted;
                    if (!near(*value_of(solution, *other), term.value))
                        wrong.insert(std::string(number.quantity->key) + " quotes " +
                                     std::string(other->quantity->key) + " as another number");
                }
            }
        }
        for (const std::string& each : wrong) qWarning("%s", each.c_str());
        QVERIFY(wrong.empty());
        QVERIFY(quoted > 10000);
    }

    void every_number_is_some_way_sure() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Design design = job_of(demo_document(name)).design;
            const Solution solution = solve(design);
            const std::vector<NumberKey> numbers = all_numbers(solution);
            const std::vector<Uncertainty> sure = uncertainties(design, solution, numbers, 2);
            for (std::size_t k = 0; k < numbers.size(); ++k) {
                QVERIFY2(std::isfinite(sure[k].standard) && sure[k].standard >= 0, numbers[k].text().c_str());
                QVERIFY(sure[k].contributions.size() <= 3);
                double squares = 0;
                double before = 1e9;
                for (const Contribution& part : sure[k].contributions) {
                    QVERIFY(std::abs(part.change) <= before);
                    before = std::abs(part.change);
                    squares += part.change * part.change;
                    QVERIFY(!part.name.empty() && !english_template(part.gauge_id).empty());
                    QVERIFY(is_input_key(design, part.key));
                }
                QVERIFY(squares <= sure[k].standard * sure[k].standard * (1 + 1e-12));
            }
        }
    }
    void threads_do_not_change_what_is_found() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        const std::vector<NumberKey> numbers = all_numbers(solution);
        const auto one = uncertainties(design, solution, numbers, 1);
        const auto four = uncertainties(design, solution, numbers, 4);
        for (std::size_t k = 0; k < numbers.size(); ++k) QCOMPARE(one[k].standard, four[k].standard);
    }
    /// Against changes made by hand: everything solved anew from nowhere near.
    void an_uncertainty_is_the_root_of_the_squares_of_the_changes() {
        Design design = job_of(demo_document("kittiwake")).design;
        design.saddle.compensation = CompensationMethod::all_frets;
        design.saddle.set_forward = SetForward::each;
        const Solution solution = solve(design);
        for (const char* key :
             {"strings[1].compensation_mm", "strings[2].set_forward_mm", "strings[0].cents[4]",
              "bridge.moment_nm", "placing.diagonal_from_bass_mm", "strings[3].headroom_n[0]"}) {
            const NumberKey number = *number_of_key(solution, key);
            double squares = 0;
            for (const Input& input : inputs_of(design)) {
                Design above = design;
                Design below = design;
                input.add(above, input.uncertainty);
                input.add(below, -input.uncertainty);
                const double change =
                    0.5 * (*value_of(solve(above), number) - *value_of(solve(below), number));
                squares += change * change;
            }
            const double standard = uncertainties(design, solution, {number}).front().standard;
            QVERIFY2(near(standard, std::sqrt(squares), 1e-4), key);
        }
    }
    void a_job_may_say_how_sure_it_is() {
        Value document = demo_document("curlew");
        const auto standard = [](const Value& job) {
            const Design design = job_of(job).design;
            const Solution solution = solve(design);
            return uncertainties(design, solution, {*number_of_key(solution, "strings[4].slot_width_mm")})
                .front();
        };
        QVERIFY(near(standard(document).standard, 0.01));
        document = with(document, "uncertainty", parse_json("{\"strings[4].diameter_mm\": 0.03}"));
        QVERIFY(near(standard(document).standard, 0.03));
        QCOMPARE(standard(document).contributions.front().gauge_id, std::string("gauge.stated"));
        document = with(document, "uncertainty", parse_json("{\"strings[4].diameter_mm\": \"caliper\"}"));
        QVERIFY(near(standard(document).standard, 0.02));
        QCOMPARE(standard(document).contributions.front().gauge_id, std::string("gauge.caliper"));
        document = with(document, "uncertainty", parse_json("{\"strings[4].diameter_mm\": 0}"));
        QCOMPARE(standard(document).standard, 0.0);
    }
    void every_input_has_a_name_and_moves_what_it_names() {
        for (unsigned seed = 0; seed < 30; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            std::set<std::string> keys;
            for (const Input& input : inputs_of(design)) {
                QVERIFY2(keys.insert(input.key).second, input.key.c_str());
                QVERIFY(!input.name.empty() && !english_template(input.gauge_id).empty());
                QVERIFY2(input.uncertainty > 0, input.key.c_str());
            }
        }
        QVERIFY(!is_input_key(job_of(demo_document("curlew")).design, "nut.height.bass_mm")); // a choice
    }
};

QTEST_APPLESS_MAIN(TestExplained)
#include "tst_explained.moc"
