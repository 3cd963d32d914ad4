#include "common/jobs.h"
#include "core/solution/check.h"
#include "core/solution/solution.h"
#include "job/document/json.h"
#include "job/edits/string_edits.h"

#include <QTest>

#include <algorithm>
#include <cmath>
#include <random>

using namespace fm;
using namespace fm::test;

namespace {

/// Where a function of one place is greatest, by thirds: it has one top.
template <class Height> double place_of_the_top(double low, double high, Height height) {
    for (int k = 0; k < 300; ++k) {
        const double left = low + (high - low) / 3.0;
        const double right = high - (high - low) / 3.0;
        (height(left) < height(right) ? low : high) = height(left) < height(right) ? left : right;
    }
    return 0.5 * (low + high);
}

/// A random job whose strings stand on single saddles, some of them shared.
Design on_a_plate(unsigned seed) {
    Design design = job_of(RandomJob(seed).document()).design;
    design.bridge.reset();
    design.saddle.compensation = CompensationMethod::octave;
    std::mt19937 random(seed);
    const auto at = [&](double least, double most) {
        return std::uniform_real_distribution(least, most)(random);
    };
    const double least_mm = at(-6, 4);
    design.saddle.travel = Travel{least_mm, least_mm + at(1, 20)};
    for (std::size_t i = 0; i < design.strings.size();) {
        const std::size_t last = std::min(design.strings.size() - 1, i + random() % 3);
        if (last > i) design.saddle.groups.push_back({i, last});
        i = last + 1;
    }
    return design;
}

Design demo_design(const char* name) {
    return job_of(demo_document(name)).design;
}

bool has(const Solution& solution, const char* id) {
    return std::any_of(solution.warnings.begin(), solution.warnings.end(),
                       [id](const Message& message) { return message.id == id; });
}

} // namespace

/// Saddles on a plate, one a string or shared: docs/mathematics.md, "Single saddles".
class TestSingleSaddles : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_edge_leaves_the_largest_least_reserve() {
        for (unsigned seed = 0; seed < 1000; ++seed) {
            const Design design = on_a_plate(seed);
            const Solution solution = solve(design);
            const SingleSaddles& single = *solution.single;
            const auto least_reserve = [&](double at_centre_mm) {
                double least = 1e9;
                for (std::size_t i = 0; i < single.strings.size(); ++i) {
                    const double y_mm = solution.strings[i].line.saddle_y_mm;
                    const double from_mm =
                        single.strings[i].crown_x_mm - at_centre_mm - single.edge->slope * y_mm;
                    least = std::min({least, from_mm - design.saddle.travel->least_mm,
                                      design.saddle.travel->most_mm - from_mm});
                }
                return least;
            };
            const double found = place_of_the_top(single.edge->at_centre_mm - 60,
                                                  single.edge->at_centre_mm + 60, least_reserve);
            QVERIFY2(std::abs(found - single.edge->at_centre_mm) < 1e-6, qPrintable(QString::number(seed)));
            QVERIFY(std::abs(least_reserve(found) - single.least_reserve()->least_mm()) < 1e-9);
            for (std::size_t i = 0; i < single.strings.size(); ++i) {
                const bool named = std::find(single.out_of_reach.begin(), single.out_of_reach.end(), i) !=
                                   single.out_of_reach.end();
                QCOMPARE(named, single.strings[i].reserve->least_mm() < -1e-9);
            }
            QCOMPARE(single.edge->slope != 0.0, design.neck.fanned() && design.strings.size() > 1);
        }
    }

    void strings_that_share_a_saddle_pay_the_least_there() {
        int shared = 0;
        for (unsigned seed = 0; seed < 1000; ++seed) {
            const Design design = on_a_plate(seed);
            const Solution solution = solve(design);
            const SingleSaddles& single = *solution.single;
            const Neck neck(design.neck);
            for (std::size_t i = 0; i < single.strings.size(); ++i) {
                const bool alone = std::none_of(
                    design.saddle.groups.begin(), design.saddle.groups.end(),
                    [i](const SharedSaddle& group) { return group.first <= i && i <= group.last; });
                if (alone) QCOMPARE(single.strings[i].shared_cents, 0.0);
            }
            for (const SharedSaddle& group : design.saddle.groups) {
                ++shared;
                // Where the squares of their cents at fret 12 are least: by the length that is left there.
                const auto paid = [&](double off_first_mm) {
                    double squares = 0;
                    const double place_mm = single.strings[group.first].crown_x_mm + off_first_mm;
                    const double y0_mm = solution.strings[group.first].line.saddle_y_mm;
                    for (std::size_t i = group.first; i <= group.last; ++i) {
                        const StringLine& line = solution.strings[i].line;
                        const double x_mm = place_mm + single.edge->slope * (line.saddle_y_mm - y0_mm);
                        const double off_mm = (x_mm - line.plan_x_mm(line.saddle_x_mm)) / line.plan_cosine;
                        const double cents = off_mm * cents_per_crown_mm(StringOnNeck(neck, line), 12);
                        squares += cents * cents;
                    }
                    return -squares;
                };
                QVERIFY2(std::abs(place_of_the_top(-20, 20, paid)) < 1e-6, qPrintable(QString::number(seed)));
                for (std::size_t i = group.first; i <= group.last; ++i) {
                    const StringLine& line = solution.strings[i].line;
                    // Further from the nut than its own crown a string is flat.
                    const double off_mm = single.strings[i].crown_x_mm - line.plan_x_mm(line.saddle_x_mm);
                    QVERIFY(off_mm * single.strings[i].shared_cents <= 0);
                }
            }
        }
        QVERIFY(shared > 1000);
    }

    void a_given_edge_goes_through_its_places() {
        Design design = on_a_plate(3);
        design.bridge.emplace();
        const Solution free = solve(design);
        const StringLine& bass = free.strings.front().line;
        const StringLine& treble = free.strings.back().line;
        design.bridge->edge_mm = EdgeMargins{bass.saddle_x_mm - 5.0, treble.saddle_x_mm - 4.0};
        const Solution given = solve(design);
        const ReferenceEdge& edge = *given.single->edge;
        for (const auto& [line, mm] :
             {std::pair{bass, bass.saddle_x_mm - 5.0}, std::pair{treble, treble.saddle_x_mm - 4.0}})
            QVERIFY(std::abs(edge.x_mm(line.y_mm(mm)) - line.plan_x_mm(mm)) < 1e-9);
        QVERIFY(given.placing.by == PlacedBy::edge);
        QVERIFY(
            std::abs(given.placing.bass.from_nut_mm -
                     std::hypot(bass.plan_x_mm(bass.saddle_x_mm - 5.0) - bass.plan_x_mm(bass.set_forward_mm),
                                bass.y_mm(bass.saddle_x_mm - 5.0) - bass.nut_y_mm)) < 1e-6);
        // An edge so far off that no travel reaches: every string is named, and nothing is moved for it.
        design.bridge->edge_mm = EdgeMargins{bass.saddle_x_mm - 80.0, treble.saddle_x_mm - 80.0};
        const Solution beyond = solve(design);
        QCOMPARE(beyond.single->out_of_reach.size(), design.strings.size());
        QVERIFY(has(beyond, "travel_too_short"));
    }

    void a_crown_as_found_says_what_to_move() {
        Design design =
            job_of(with(demo_document("teal"), "saddle.travel_mm", Value::Array{Value(0.0), Value(12.0)}))
                .design;
        const Solution before = solve(design);
        design.bridge.emplace();
        design.bridge->stands = BridgeStands::plate;
        design.bridge->existing.emplace();
        design.saddle.travel_pitch_mm = 0.5;
        const Neck neck(design.neck);
        for (const StringSolution& string : before.strings)
            design.bridge->existing->crown_mm.push_back(string.line.saddle_x_mm -
                                                        neck.fret_x_mm(12, string.line.scale_mm) - 1.25);
        const Solution solution = solve(design);
        for (const StringSolution& string : solution.strings) {
            QVERIFY(std::abs(*string.single->move_mm - 1.25) < 1e-9); // away from the nut
            QVERIFY(std::abs(*string.single->turns - 2.5) < 1e-9);
        }
    }

    void what_cannot_be_is_said() {
        const Value plate =
            with(demo_document("teal"), "saddle.travel_mm", Value::Array{Value(0.0), Value(12.0)});
        const auto problem = [&](const char* groups) {
            const JobResult read = read_job(with(plate, "saddle.groups", parse_json(groups)));
            return read.job ? std::string() : english(read.problems.front());
        };
        QCOMPARE(problem("[[]]"),
                 std::string("saddle.groups[0] holds no string; a saddle carries at least one"));
        for (const auto& [wrong, where] : {std::pair{"[[0, 2]]", "saddle.groups[0]: "},
                                           {"[[1, 0]]", "saddle.groups[0]: "},
                                           {"[[0, 0]]", "saddle.groups[0]: "},
                                           {"[[2, 3], [0, 1]]", "saddle.groups[1]: "},
                                           {"[[0, 1], [1, 2]]", "saddle.groups[1]: "}})
            QCOMPARE(problem(wrong),
                     where + std::string("strings that share a saddle are neighbours, named from "
                                         "the bass on, and no string stands on two"));
        QVERIFY(problem("[[0, 99]]").find("holds 99") != std::string::npos);
        QVERIFY(problem("[[0.5]]").find("holds 0.5") != std::string::npos);
        QVERIFY(problem("[[0, 0, 0, 0, 0, 0, 0, 0, 0]]").find("saddle.groups[0] has 9 entries") !=
                std::string::npos);
        QVERIFY(problem("[3]").find("saddle.groups[0]") != std::string::npos);
        QVERIFY(problem("7").find("saddle.groups") != std::string::npos);
        QCOMPARE(problem("[[0, 1]]"), std::string());
        QCOMPARE(problem("[]"), std::string());
    }

    void what_a_maker_would_doubt_is_doubted() {
        Design design = demo_design("groundswell");
        design.saddle.travel = Travel{0, 30};
        QVERIFY(!has(solve(design), "shared_saddle_wide"));
        design.saddle.groups = {{0, 1}};
        design.saddle.spacing.spread_mm = 30.0 * static_cast<double>(design.strings.size() - 1);
        QVERIFY(has(solve(design), "shared_saddle_wide"));
        design.saddle.groups.clear();
        QVERIFY(!has(solve(design), "shared_saddle_wide"));
        const Solution plain = solve(design);
        const double nearest_mm =
            *std::min_element(
                 plain.single->strings.begin(), plain.single->strings.end(),
                 [](const SingleSaddle& a, const SingleSaddle& b) { return a.from_edge_mm < b.from_edge_mm; })
                 ->from_edge_mm;
        design.saddle.travel_spring_mm = nearest_mm - 0.1;
        QVERIFY(!has(solve(design), "crown_in_spring"));
        design.saddle.travel_spring_mm = nearest_mm + 0.1;
        QVERIFY(has(solve(design), "crown_in_spring"));
        design.saddle.travel_spring_mm.reset();
        design.saddle.travel_screw_mm = 60;
        QVERIFY(!has(solve(design), "crown_past_screw"));
        design.saddle.travel_screw_mm = nearest_mm + 0.01;
        QVERIFY(has(solve(design), "crown_past_screw"));
        design.saddle.height_by = HeightBy::posts;
        design.saddle.screws_across_mm = EdgeMargins{-100, 100};
        QVERIFY(!has(solve(design), "posts_within_strings"));
        design.saddle.screws_across_mm = EdgeMargins{-10, 100};
        QVERIFY(has(solve(design), "posts_within_strings"));
    }

    void a_string_more_or_less_keeps_its_neighbours_together() {
        Value document = with(demo_document("curlew"), "saddle.groups", parse_json("[[0, 1], [2, 3]]"));
        const auto groups = [](const Value& changed) {
            return compact_json(*find(changed, "saddle.groups"));
        };
        QCOMPARE(groups(with_string_added(document, 0)), std::string("[[0,1,2],[3,4]]"));
        QCOMPARE(groups(with_string_removed(document, 1)), std::string("[[0],[1,2]]"));
        QCOMPARE(groups(with_string_removed(with_string_removed(document, 0), 0)), std::string("[[0,1]]"));
    }
};

QTEST_APPLESS_MAIN(TestSingleSaddles)
#include "tst_single_saddles.moc"
