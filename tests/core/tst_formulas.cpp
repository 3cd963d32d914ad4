// Formulas of docs/mathematics.md written once more, in another way than the core writes them: by searching,
// by plain geometry, or by what must come out of it.
#include "common/jobs.h"
#include "core/design/fields.h"
#include "core/found/hand.h"
#include "core/part/bridge_work.h"
#include "core/part/placing.h"
#include "core/part/saddle_cut.h"
#include "core/shop/shop_work.h"
#include "core/shop/tools.h"
#include "core/solution/least_action.h"
#include "core/solution/nut_plan.h"
#include "core/solution/solution.h"
#include "core/string/buzz.h"

#include <QTest>

#include <cmath>
#include <numbers>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance * std::max(1.0, std::abs(b));
}

} // namespace

class TestFormulas : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// What is left after the pass, two deviations of the gauge and three of the hand together, is nothing.
    void a_pass_ends_where_gauge_and_hand_allow() {
        QCOMPARE(pass_of_hand_mm(0.30, 0.02, {}), 0.30 - 2 * 0.02);
        QCOMPARE(pass_of_hand_mm(0.04, 0.02, {}), 0.0);
        QCOMPARE(pass_of_hand_mm(0.03, 0.02, {}), 0.0); // less than the gauge can tell is no pass
        QCOMPARE(pass_of_hand_mm(0.03, 0.02, {9, 0.9, 0.1}), 0.0);
        for (const double took : {0.7, 1.0, 1.3})
            for (const double scatter : {0.05, 0.2, took / 3}) // the last makes the square equation a line
                for (const double above_mm : {0.1, 0.35, 0.8}) {
                    const double pass_mm = pass_of_hand_mm(above_mm, 0.015, {12, took, scatter});
                    const double most_mm = above_mm - 2 * 0.015;
                    QVERIFY(pass_mm > 0 && pass_mm <= most_mm);
                    if (pass_mm == most_mm) continue;
                    const double off_mm = std::hypot(2 * 0.015, 3 * scatter * pass_mm);
                    QVERIFY2(near(took * pass_mm + off_mm, above_mm), qPrintable(QString::number(pass_mm)));
                }
    }
    /// Two usual passes beside those that were seen; a pass smaller than three of its deviations teaches
    /// nothing.
    void a_hand_is_what_its_passes_took() {
        const std::vector<PassOutcome> passes{{0.2, 0.18, 0.01}, {0.1, 0.11, 0.01}, {0.02, 0.5, 0.01}};
        const Hand hand = hand_of(passes);
        QCOMPARE(hand.passes, 2);
        const double took = (0.9 + 1.1 + 2) / 4;
        QVERIFY(near(hand.took, took));
        const auto square = [&](double share, double noise) {
            return std::max(0.0, (share - took) * (share - took) - noise * noise);
        };
        const double squares = 2 * 0.2 * 0.2 + square(0.9, 0.05) + square(1.1, 0.1);
        QVERIFY(near(hand.scatter, std::sqrt(squares / 4)));
        QCOMPARE(hand_of({}).passes, 0);
        QCOMPARE(hand_of({{0.02, 0.02, 0.01}}).passes, 0);
        QCOMPARE(hand_of({{0.03, 0.03, 0.01}}).passes, 1); // just three
        // What was known weighs as its passes, thirty at most.
        const Hand before{50, 0.8, 0.1};
        const Hand after = hand_of({{0.2, 0.2, 0.001}}, before);
        QCOMPARE(after.passes, 51);
        const double mean = (30 * 0.8 + 1 + 2) / 33;
        QVERIFY(near(after.took, mean));
        const double spread =
            2 * 0.04 + 30 * (0.01 + (0.8 - mean) * (0.8 - mean)) + ((1 - mean) * (1 - mean) - 0.005 * 0.005);
        QVERIFY(near(after.scatter, std::sqrt(spread / 33)));
        QCOMPARE(hand_of({{0.2, 0.2, 0.001}, {0.2, 0.2, 0.001}}, {40, 1.0, 0.0}).scatter,
                 0.05); // no steadier
    }
    /// The slot's front edge is half a thickness before its centreline, and on the string.
    void marks_lie_on_the_front_edge() {
        for (unsigned seed = 0; seed < 40; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            const Solution solution = solve(design);
            const StraightSaddle& saddle = solution.straight_saddle;
            const Neck neck(design.neck);
            for (const Side side : {Side::bass, Side::treble}) {
                const StringSolution& string =
                    side == Side::bass ? solution.strings.front() : solution.strings.back();
                const PlacingMarks& marks =
                    side == Side::bass ? solution.placing.bass : solution.placing.treble;
                // Walk along the string in plan until the edge is met.
                const StringLine& line = string.line;
                const double x0 = line.plan_x_mm(line.set_forward_mm);
                const double x1 = line.plan_x_mm(line.saddle_x_mm);
                const double y0 = line.y_mm(line.set_forward_mm);
                const double y1 = line.y_mm(line.saddle_x_mm);
                const auto before_edge = [&](double share) { // along the normal of the slot
                    const double x = x0 + (x1 - x0) * share;
                    const double y = y0 + (y1 - y0) * share;
                    const double behind = x - saddle.slot_x_mm(y);
                    return behind * std::cos(saddle.line.angle_deg * std::acos(-1.0) / 180.0) +
                           (design.has_slot() ? 0.5 * design.saddle.thickness_mm : 0.0);
                };
                double low = 0;
                double high = 2;
                for (int k = 0; k < 200; ++k) {
                    const double middle = 0.5 * (low + high);
                    (before_edge(middle) < 0 ? low : high) = middle;
                }
                const double length = std::hypot(x1 - x0, y1 - y0);
                QVERIFY2(near(marks.from_nut_mm, low * length, 1e-7), qPrintable(QString::number(seed)));
                const double to_12 = std::hypot(line.plan_x_mm(neck.fret_x_mm(12, line.scale_mm)) - x0,
                                                line.y_mm(neck.fret_x_mm(12, line.scale_mm)) - y0);
                QVERIFY(near(marks.from_fret12_mm, low * length - to_12, 1e-7));
            }
        }
    }
    /// From the usable edge in, bevel and half a string: at the nut under its front, elsewhere by the share
    /// of the scale.
    void margins_are_counted_from_the_usable_edge() {
        for (unsigned seed = 0; seed < 40; ++seed) {
            Design design = job_of(RandomJob(seed).document()).design;
            const Solution plain = solve(design);
            const Neck neck(design.neck);
            const StringLine& treble = plain.strings.back().line;
            const double at_nut = neck.half_width_mm(0.0) - design.neck.fret_end_bevel_mm -
                                  treble.y_mm(treble.set_forward_mm) -
                                  0.5 * design.strings.back().diameter_mm;
            QVERIFY(near(plain.placing.treble_margins_mm[0], at_nut));
            const StringLine& bass = plain.strings.front().line;
            const double x_mm = neck.fret_x_mm(7, neck.mean_scale_mm());
            const double at_7 = neck.half_width_mm(x_mm) - design.neck.fret_end_bevel_mm +
                                bass.y_mm(neck.fret_x_mm(7, bass.scale_mm)) -
                                0.5 * design.strings.front().diameter_mm;
            QVERIFY(near(plain.placing.bass_margins_mm[7], at_7));
            design.neck.fret_end_bevel_mm += 0.5;
            const Solution bevelled = solve(design);
            for (const std::size_t fret : {std::size_t{0}, std::size_t{12}})
                QVERIFY(
                    near(bevelled.placing.bass_margins_mm[fret], plain.placing.bass_margins_mm[fret] - 0.5));
        }
    }
    /// What lowers the neck's end by so much at the saddle is packed where the pocket ends, by similar
    /// triangles.
    void packing_tilts_the_neck_about_its_pivot() {
        Design design = job_of(demo_document("kittiwake")).design;
        design.bridge->height_mm.reset();
        design.bridge->auto_height = true;
        design.bridge->height_max_mm = 0.5 * design.bridge->height_min_mm + 4.0;
        design.bridge->height_min_mm = 0;
        design.bridge->neck_pocket = NeckPocket{70, 300};
        const Solution solution = solve(design);
        const BridgeSolution& bridge = *solution.bridge;
        QVERIFY(bridge.plane_off_mm > 0); // the plane lies too high: the neck's end must go down
        const double arm_mm = solution.straight_saddle.slot_x_at_centre_mm - 300;
        QVERIFY(near(*bridge.neck_packing_mm / 70, -bridge.plane_off_mm / arm_mm));
    }
    /// Rise and fall at the saddle as angles in the strings' own plane, and the forces they make.
    void a_string_bends_over_the_saddle() {
        const double degrees = 180 / std::acos(-1.0);
        for (const char* name : {"kittiwake", "lantern", "curlew"}) {
            const Design design = job_of(demo_document(name)).design;
            const Solution solution = solve(design);
            for (const StringSolution& string : solution.strings) {
                const BridgeString& at = *string.bridge;
                const double rise = (string.ends.saddle_z_mm - string.ends.nut_z_mm) /
                                    (string.line.saddle_x_mm - string.line.set_forward_mm);
                QVERIFY(near(std::tan(at.slope_before_deg / degrees), rise));
                QVERIFY(near(at.break_angle_deg, at.slope_before_deg + at.slope_behind_deg));
                const double tension_n = *string.tension_n();
                // The two pulls added as vectors.
                const double a = at.slope_before_deg / degrees;
                const double b = at.slope_behind_deg / degrees;
                QVERIFY(near(at.down_force_n, tension_n * (std::sin(a) + std::sin(b))));
                QVERIFY(near(at.force_n, std::hypot(at.down_force_n, at.toward_nut_force_n)));
                QVERIFY(near(at.toward_nut_force_n, tension_n * (std::cos(a) - std::cos(b))));
            }
        }
    }
    /// By looking at every fret beyond, whichever meets the string first as it is plucked harder.
    void the_first_fret_met_is_named() {
        for (unsigned seed = 0; seed < 12; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            const Solution solution = solve(design);
            const Neck neck(design.neck);
            for (const StringSolution& string : solution.strings) {
                if (!string.sound) continue;
                const StandingString standing(StringOnNeck(neck, string.line), string.ends);
                for (const int fretted : {0, 3, 9}) {
                    const Headroom& told = string.headroom[static_cast<std::size_t>(fretted)];
                    const double tension = string.sound->tension_n[static_cast<std::size_t>(fretted)];
                    const double length = standing.length_left_mm(fretted);
                    double least = 1e18;
                    for (int over = fretted + 1; over <= standing.frets(); ++over) {
                        const double clear = clearance_mm(standing, fretted, over);
                        const double depth = swing_mm_per_n(design.player, length, tension,
                                                            standing.x_mm(over) - standing.x_mm(fretted));
                        least = std::min(least, clear <= 0 ? 0.0 : clear / depth);
                    }
                    QVERIFY(near(told.force_n.value_or(1e18), least, 1e-6));
                    const double there = clearance_mm(standing, fretted, told.fret);
                    if (least > 0)
                        QVERIFY(
                            near(there / swing_mm_per_n(design.player, length, tension,
                                                        standing.x_mm(told.fret) - standing.x_mm(fretted)),
                                 least, 1e-5));
                    else
                        for (int over = fretted + 1; over <= standing.frets(); ++over)
                            QVERIFY(clearance_mm(standing, fretted, over) >= there - 1e-12);
                }
            }
        }
    }
    /// A pluck draws the string into a kink: deepest where it is plucked, or as far from the other end.
    void a_swing_is_the_kink_and_its_mirror() {
        Player player;
        player.pluck_from_saddle_mm = 100;
        player.pluck_share_down = 1;
        // 1 N at 100 of 500 mm under 80 N: 1·400·100/(80·500) mm there.
        QVERIFY(near(swing_mm_per_n(player, 500, 80, 400), 1.0));
        QVERIFY(near(swing_mm_per_n(player, 500, 80, 100), 1.0)); // the mirrored kink
        QVERIFY(near(swing_mm_per_n(player, 500, 80, 200), 0.75));
        QVERIFY(near(swing_mm_per_n(player, 500, 80, 50), 0.5));
        player.pluck_share_down = 0.5;
        QVERIFY(near(swing_mm_per_n(player, 500, 80, 400), 0.5));
        player.pluck_from_saddle_mm = 400; // never beyond the middle
        QVERIFY(near(swing_mm_per_n(player, 500, 80, 250), 0.5 * 250.0 * 250.0 / (80 * 500)));
    }
    /// No relief of a fine grid lets the strings lie lower.
    void no_other_relief_is_better() {
        for (const char* name : {"kittiwake", "curlew"}) {
            Design design = job_of(demo_document(name)).design;
            const auto least = least_action(design);
            QVERIFY(least);
            design.neck.relief = least->relief;
            design.saddle.action = {least->bass_mm, least->treble_mm, {}};
            const Solution solution = solve(design);
            const Neck neck(design.neck);
            // What a line over all strings' least actions costs in the middle: the highest chord across it.
            const auto mean_of = [&](double relief_mm) {
                Design tried = design;
                tried.neck.relief->depth_mm = relief_mm;
                const Neck bent(tried.neck);
                std::vector<double> least_mm;
                for (std::size_t i = 0; i < design.strings.size(); ++i)
                    least_mm.push_back(
                        least_action_of_string(tried, bent, solution.strings[i].line, i, 2.0)->action_mm);
                const double middle = 0.5 * static_cast<double>(least_mm.size() - 1);
                double highest_mm = 0;
                for (std::size_t a = 0; static_cast<double>(a) < middle; ++a)
                    for (std::size_t b = least_mm.size() - 1; static_cast<double>(b) > middle; --b) {
                        const double share = (middle - static_cast<double>(a)) / static_cast<double>(b - a);
                        highest_mm = std::max(highest_mm, least_mm[a] + (least_mm[b] - least_mm[a]) * share);
                    }
                return highest_mm;
            };
            const double best = mean_of(least->relief.depth_mm);
            QVERIFY(near(best, least->mean_mm, 1e-4));
            for (const double off_mm : {-0.02, -0.005, 0.005, 0.02})
                QVERIFY(mean_of(least->relief.depth_mm + off_mm) > best);
            for (int k = 0; k <= 10; ++k) QVERIFY(mean_of(0.05 * k) > best);
        }
    }
    void a_string_of_unknown_tension_turns_nothing() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        std::vector<BridgeStringInput> strings;
        for (const StringSolution& string : solution.strings)
            strings.push_back({string.line, string.ends, {}});
        const auto moment_nm = [&] {
            return bridge_solution(design, *design.bridge, solution.straight_saddle, strings).moment_nm;
        };
        QCOMPARE(moment_nm(), 0.0);
        strings[0].tension_n = 70;
        QVERIFY(moment_nm() > 0.1);
    }
    /// As docs/mathematics.md says under "How sure is a number".
    void what_is_judged_may_be_off_by_so_much() {
        for (const auto& [key, off] : {std::pair{"player.end_stiffness", 0.1},
                                       {"player.finger_behind_mm", 2.0},
                                       {"player.press_depth_mm", 0.05},
                                       {"nut.headstock_angle_deg", 0.5}})
            QCOMPARE(field_of(key).sure.off, off);
        for (const auto& [key, share] :
             {std::pair{"neck.radius_mm", 0.02}, {"strings[].unit_mass_g_m", 0.01}})
            QCOMPARE(field_of(key).sure.share, share);
    }
    /// A nut aslant: its ends run with the board's edges, its slots toward their strings or their posts.
    void a_nut_aslant_runs_with_the_board_and_its_strings() {
        Design design = job_of(demo_document("groundswell")).design;
        const Solution solution = solve(design);
        const double a = solution.nut_angle_deg * std::numbers::pi / 180;
        QVERIFY(std::abs(a) > 0.05 && design.neck.fanned());
        struct At {
            double x, y;
        };
        // On the front face so far along it from the centreline, and behind it by so much.
        const auto at = [&](double middle_mm, double along, double behind, double run) -> At {
            const double on = along + run * behind;
            return {middle_mm + on * std::sin(a) - behind * std::cos(a),
                    on * std::cos(a) + behind * std::sin(a)};
        };
        const Neck neck(design.neck);
        const NutPlan nut = nut_plan_of(design, solution);
        const StringLine& outer = solution.strings.front().line;
        const double middle_mm = outer.plan_x_mm(outer.set_forward_mm) - outer.nut_y_mm * std::tan(a);
        for (const NutEnd& end : {nut.bass, nut.treble})
            for (const double behind : {0.0, 4.0}) {
                const At corner = at(middle_mm, end.along_mm, behind, end.run);
                QVERIFY(near(std::abs(corner.y), neck.half_width_mm(corner.x)));
            }
        const auto toward = [&](std::size_t i, double dx, double dy) {
            const At front = at(0, 0, 0, 0), behind = at(0, 0, 1, slot_run(design, solution, i));
            return near((behind.x - front.x) * dy, (behind.y - front.y) * dx);
        };
        for (std::size_t i = 0; i < solution.strings.size(); ++i) {
            const StringLine& line = solution.strings[i].line;
            const double dx = line.plan_x_mm(line.set_forward_mm) - line.plan_x_mm(line.saddle_x_mm);
            design.nut.posts.clear();
            QVERIFY(toward(i, dx, line.nut_y_mm - line.saddle_y_mm));
            design.nut.posts.resize(solution.strings.size());
            design.nut.posts[i].behind_mm = 60;
            design.nut.posts[i].across_mm = line.nut_y_mm + 25;
            QVERIFY(toward(i, -60, 25));
        }
    }
    void a_file_just_too_narrow_is_rocked() {
        // Wanted 0.50 + 0.06; from half the clearance up it is right, and 0.05 over.
        const auto choice = [](std::vector<double> files) { return file_for_slot(files, 0.50, 0.06, 0.05); };
        QCOMPARE(choice({}).fit, FileFit::unlisted);
        QCOMPARE(choice({0.70}).fit, FileFit::none);
        QCOMPARE(choice({0.53}).fit, FileFit::fits);
        QCOMPARE(choice({0.61}).fit, FileFit::fits);
        QCOMPARE(choice({0.62}).fit, FileFit::none);
        QCOMPARE(choice({0.52, 0.40}).fit, FileFit::rock);
        QCOMPARE(choice({0.40, 0.52}).width_mm, 0.52);
        QVERIFY(near(choice({0.52}).short_mm, 0.04));
        QCOMPARE(choice({0.53, 0.55, 0.60}).width_mm, 0.55);
        QCOMPARE(choice({0.60, 0.55, 0.53}).width_mm, 0.55);
    }
    void the_lowest_stack_that_reaches_is_taken() {
        const std::vector<double> leaves{0.05, 0.10, 0.15, 0.20};
        QVERIFY(!feeler_stack(leaves, 0.0) && !feeler_stack(leaves, -1.0) && !feeler_stack({}, 0.1));
        QCOMPARE(feeler_stack(leaves, 0.15)->leaves_mm, (std::vector<double>{0.15})); // fewer of the same
        QCOMPARE(feeler_stack(leaves, 0.16)->leaves_mm, (std::vector<double>{0.20}));
        QCOMPARE(feeler_stack(leaves, 0.26)->leaves_mm, (std::vector<double>{0.20, 0.10}));
        QCOMPARE(feeler_stack(leaves, 0.44)->leaves_mm, (std::vector<double>{0.20, 0.15, 0.10}));
        QVERIFY(!feeler_stack(leaves, 0.46));
    }
    /// No straight cut takes more and leaves every string enough.
    void the_bottom_takes_what_a_straight_cut_can() {
        const std::vector<double> y{-26, -10, 6, 26};
        const std::vector<std::optional<double>> amounts{0.5, 0.9, 0.4, 0.7};
        const SaddleCut cut = saddle_cut(y, amounts);
        const auto taken = [&](double bass, double treble, std::size_t i) {
            return bass + (treble - bass) * (y[i] - y.front()) / (y.back() - y.front());
        };
        double best = -1;
        for (int b = 0; b <= 500; ++b)
            for (int t = 0; t <= 700; ++t) {
                double sum = 0;
                bool fits = true;
                for (std::size_t i = 0; i < y.size(); ++i) {
                    const double mm = taken(b / 1000.0, t / 1000.0, i);
                    fits = fits && mm <= *amounts[i] + 1e-9;
                    sum += mm;
                }
                if (fits) best = std::max(best, sum);
            }
        double sum = 0;
        for (std::size_t i = 0; i < y.size(); ++i) {
            const double mm = taken(cut.bottom_mm.bass_mm, cut.bottom_mm.treble_mm, i);
            sum += mm;
            QVERIFY(near(*cut.top_mm[i], *amounts[i] - mm));
        }
        QVERIFY(std::abs(sum - best) < 0.01);
        QVERIFY(cut.pack_mm == 0 && near(saddle_cut(y, {{-0.3}, 0.9, 0.4, 0.7}).pack_mm, 0.3));
    }
    /// The screws' line through the strings, by trying lines about it.
    void two_screws_follow_the_amounts_best() {
        const std::vector<double> y{-26, -10, 6, 26};
        const std::vector<std::optional<double>> amounts{0.5, std::nullopt, 0.1, 0.3};
        const EdgeMargins across{-40, 35};
        const EdgeMargins best = screw_amounts_mm(y, amounts, across);
        const auto squares = [&](const EdgeMargins& turned) {
            double sum = 0;
            for (std::size_t i = 0; i < y.size(); ++i)
                if (amounts[i]) sum += std::pow(lowered_by_screws_mm(turned, across, y[i]) - *amounts[i], 2);
            return sum;
        };
        for (const double bass : {-0.01, 0.0, 0.01})
            for (const double treble : {-0.01, 0.0, 0.01})
                QVERIFY(squares({best.bass_mm + bass, best.treble_mm + treble}) >= squares(best) - 1e-12);
        QVERIFY(near(lowered_by_screws_mm({0.4, 0.2}, across, -40), 0.4));
        QVERIFY(near(lowered_by_screws_mm({0.4, 0.2}, across, 35), 0.2));
        QVERIFY(near(lowered_by_screws_mm({0.4, 0.2}, {0, 0}, 5), 0.3)); // one place: the mean
    }
};

QTEST_APPLESS_MAIN(TestFormulas)
#include "tst_formulas.moc"
