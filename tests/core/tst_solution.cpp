#include "common/jobs.h"
#include "core/solution/solution.h"
#include "core/solution/uncertainty.h"
#include "core/solution/working.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {
constexpr int random_jobs = 400;
bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance * std::max(1.0, std::abs(b));
}
} // namespace

/// Laws that hold for every job, on random ones from fixed seeds.
class TestSolution : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void targets_are_met();
    void the_floor_reads_the_same_from_every_datum();
    void a_slot_filed_lowers_the_gap_as_stated();
    void a_lower_saddle_lowers_as_stated();
    void the_top_covers_the_strings();
    void workings_give_the_solved_numbers();
    void uncertainty_is_the_root_of_the_squares();
    void a_zero_fret_carries_the_string();
    void a_curved_seat_changes_heights_over_it_only();
    void a_straight_pull_does_not_bend();
};

void TestSolution::targets_are_met() {
    for (unsigned seed = 0; seed < random_jobs; ++seed) {
        const Job job = job_of(RandomJob(seed).document());
        const Solution solution = solve(job.design);
        const std::size_t count = job.design.strings.size();
        for (std::size_t i = 0; i < count; ++i) {
            const StringSolution& s = solution.strings[i];
            const double target = job.design.nut.height.of(i, count);
            switch (job.design.nut.height_method) {
            case NutHeightMethod::open_gap: QVERIFY(near(s.open_gaps_mm[0], target)); break;
            case NutHeightMethod::pressed_gap:
                QVERIFY(
                    near(job.design.nut.pressed_fret == 2 ? s.pressed_gap_2_mm : s.pressed_gap_3_mm, target));
                break;
            case NutHeightMethod::zero_fret: QVERIFY(near(s.above_fret_line_mm, target)); break;
            }
            const double action = job.design.saddle.action.of(i, count);
            QVERIFY(
                near(job.design.saddle.measured == ActionMeasure::open ? s.action12_mm : s.action12_capo_mm,
                     action));
            QVERIFY(near(s.action12_mm, s.open_gaps_mm[11]));
        }
    }
}

void TestSolution::the_floor_reads_the_same_from_every_datum() {
    for (unsigned seed = 0; seed < random_jobs; ++seed) {
        Design design = job_of(RandomJob(seed).document()).design;
        design.nut.blank = Blank{60, 12, 6};
        design.saddle.set_forward = SetForward::keep; // 0.6 mm at most
        const Solution solution = solve(design);
        for (const StringSolution& s : solution.strings) {
            QVERIFY(
                near(s.slot.floor_above_seat_mm, s.slot.floor_over_board_mm + s.slot.board_above_seat_mm));
            QVERIFY(near(s.slot.floor_above_seat_mm, 12 - *s.slot.floor_below_blank_top_mm));
            // Over the board lie the fret and the gap to a straightedge, but for the crown between nut line
            // and front.
            QVERIFY(
                near(s.slot.floor_over_board_mm, design.neck.fret_height_mm + s.slot.over_frets_mm, 2e-3));
            QVERIFY(near(s.slot.fret_tops_above_seat_mm,
                         s.slot.board_above_seat_mm + design.neck.fret_height_mm));
        }
    }
}

void TestSolution::a_slot_filed_lowers_the_gap_as_stated() {
    const Design design = job_of(demo_document("curlew")).design;
    const Solution solution = solve(design);
    const Neck neck(design.neck);
    constexpr double filed = 0.1;
    for (const StringSolution& s : solution.strings) {
        const StringOnNeck string(neck, s.line);
        const EndHeights lower{s.ends.nut_z_mm - filed, s.ends.saddle_z_mm};
        QVERIFY(
            near(s.open_gaps_mm[0] - open_gap_mm(string, lower, 1), filed * open_gap_per_slot_mm(string)));
        for (const int p : {2, 3})
            QVERIFY(near(pressed_gap_mm(string, s.ends, p) - pressed_gap_mm(string, lower, p),
                         filed * pressed_gap_per_slot_mm(string, p)));
        // Readings run backwards give the heights they came from, by either school.
        const EndHeights by_open =
            heights_of_readings(string, {open_gap_mm(string, lower, 1), std::nullopt, 3},
                                {ActionMeasure::open, open_gap_mm(string, lower, 12)});
        const EndHeights by_pressed =
            heights_of_readings(string, {std::nullopt, pressed_gap_mm(string, lower, 2), 2},
                                {ActionMeasure::capo_1, capo_action_mm(string, lower)});
        for (const EndHeights& back : {by_open, by_pressed}) {
            QVERIFY(near(back.nut_z_mm, lower.nut_z_mm));
            QVERIFY(near(back.saddle_z_mm, lower.saddle_z_mm));
        }
    }
}

void TestSolution::a_lower_saddle_lowers_as_stated() {
    const Design design = job_of(demo_document("kittiwake")).design;
    const Solution solution = solve(design);
    const Neck neck(design.neck);
    constexpr double off_at_12 = 0.5;
    for (const StringSolution& s : solution.strings) {
        const StringOnNeck string(neck, s.line);
        const double off_saddle = off_at_12 / string.fret_share(12);
        QVERIFY(off_saddle > 2 * off_at_12 && off_saddle < 2.05 * off_at_12);
        const EndHeights lower{s.ends.nut_z_mm, s.ends.saddle_z_mm - off_saddle};
        QVERIFY(near(s.action12_mm - open_gap_mm(string, lower, 12), off_at_12));
        QVERIFY(near(s.open_gaps_mm[0] - open_gap_mm(string, lower, 1), off_at_12 * 0.112, 2e-3));
    }
}

void TestSolution::the_top_covers_the_strings() {
    for (unsigned seed = 0; seed < random_jobs; ++seed) {
        Design design = job_of(RandomJob(seed).document()).design;
        design.nut.fair_top = true;
        const Solution solution = solve(design);
        for (std::size_t i = 0; i < solution.strings.size(); ++i) {
            const SlotWork& here = solution.strings[i].slot;
            QVERIFY(here.made_top_above_seat_mm >= here.top_above_seat_mm - 1e-12);
            if (i == 0 || i + 1 == solution.strings.size()) continue;
            const SlotWork& a = solution.strings[i - 1].slot;
            const SlotWork& b = solution.strings[i + 1].slot;
            const double chord =
                a.made_top_above_seat_mm + (b.made_top_above_seat_mm - a.made_top_above_seat_mm) *
                                               (here.along_mm - a.along_mm) / (b.along_mm - a.along_mm);
            QVERIFY(here.made_top_above_seat_mm >= chord - 1e-9); // bends one way
        }
    }
}

void TestSolution::workings_give_the_solved_numbers() {
    for (unsigned seed = 0; seed < 60; ++seed) {
        Design design = job_of(RandomJob(seed).document()).design;
        if (seed % 3 == 0) design.nut.blank = Blank{70, 12, 6};
        if (seed % 5 == 0) design.nut.zero_fret = ZeroFret{1.3, 0.4};
        if (seed % 7 == 0) design.nut.seat = Seat::curved, design.nut.seat_radius_mm = 300;
        const Solution solution = solve(design);
        for (const NumberKey& number : all_numbers(solution)) {
            const std::string key = number.text();
            const auto made = working(design, solution, key);
            const auto value = value_of(solution, number);
            QVERIFY2(made && value, key.c_str());
            QCOMPARE(made->result, *value);
            QVERIFY2(!made->title.empty() && !made->formula.empty(), key.c_str());
            double sum = 0;
            double product = 1;
            for (const Term& term : made->terms) {
                QVERIFY2(!term.name.empty(), key.c_str());
                sum += term.sign == '-' ? -term.value : term.value;
                product *= term.value;
            }
            if (made->is_sum)
                QVERIFY2(near(sum, *value), key.c_str());
            else if (made->terms.back().sign == '*')
                QVERIFY2(near(product, *value), key.c_str());
        }
    }
    const Design design = job_of(demo_document("curlew")).design;
    for (const char* key :
         {"", "strings[99].slot_width_mm", "strings[0].nothing", "strings[x].slot_width_mm",
          "strings[0].cents[99]", "bridge.nothing", "strings[0].cents", "strings[0].cents["})
        QVERIFY(!working(design, solve(design), key));
}

void TestSolution::uncertainty_is_the_root_of_the_squares() {
    const Design design = job_of(demo_document("curlew")).design;
    const Solution solution = solve(design);
    std::vector<NumberKey> numbers;
    for (const char* name : {"floor_above_seat_mm", "slot_width_mm", "floor_below_blank_top_mm"})
        numbers.push_back(*number_of_key(solution, string_key(2, name)));
    const auto result = uncertainties(design, solution, numbers, 2);
    // The floor: fret height and board by caliper (0.02 each), and a little from the relief and the rest.
    QVERIFY(result[0].standard > std::hypot(0.02, 0.02) && result[0].standard < 0.035);
    QCOMPARE(result[0].contributions.size(), std::size_t(3));
    QVERIFY(near(std::abs(result[0].contributions[0].change), 0.02, 1e-6));
    QVERIFY(near(result[1].standard, 0.01, 1e-9)); // the string gauge alone
    QCOMPARE(result[1].contributions.front().key, std::string("strings[2].diameter_mm"));
    QVERIFY(result[2].standard > result[0].standard); // the blank's height adds to it
}

void TestSolution::a_zero_fret_carries_the_string() {
    Design design = job_of(demo_document("lantern")).design;
    design.nut.zero_fret = ZeroFret{1.25, 0.4};
    const Solution solution = solve(design);
    for (const StringSolution& s : solution.strings) {
        QVERIFY(near(s.above_fret_line_mm, 1.25 - design.neck.fret_height_mm));
        QVERIFY(near(s.slot.over_frets_mm, s.above_fret_line_mm - 0.4));
    }
}

void TestSolution::a_curved_seat_changes_heights_over_it_only() {
    Design design = job_of(demo_document("curlew")).design;
    const Solution flat = solve(design);
    design.nut.seat = Seat::curved;
    design.nut.seat_radius_mm = 350;
    const Solution curved = solve(design);
    for (std::size_t i = 0; i < flat.strings.size(); ++i) {
        const double fall = circle_fall_mm(350, flat.strings[i].line.nut_y_mm);
        QVERIFY(near(curved.strings[i].slot.floor_above_seat_mm,
                     flat.strings[i].slot.floor_above_seat_mm + fall));
        QVERIFY(near(curved.strings[i].slot.floor_over_board_mm, flat.strings[i].slot.floor_over_board_mm));
    }
}

void TestSolution::a_straight_pull_does_not_bend() {
    Design design = job_of(demo_document("lantern")).design;
    const Solution solution = solve(design);
    const Neck neck(design.neck);
    for (const StringSolution& s : solution.strings) {
        const double run = s.line.saddle_x_mm - s.line.set_forward_mm;
        const double slope_y = (s.line.saddle_y_mm - s.line.nut_y_mm) / run;
        const double slope_z = (s.ends.saddle_z_mm - s.ends.nut_z_mm) / run;
        const StringOnNeck string(neck, s.line);
        const double below = string.fret_line_mm() - s.ends.nut_z_mm + slope_z * 50;
        const NutContact contact{string, s.ends};
        const NutBend straight = nut_bend(contact, {50, s.line.nut_y_mm - slope_y * 50, below});
        QVERIFY(std::abs(straight.bend_deg) < 1e-6 && std::abs(straight.break_angle_deg) < 1e-9 &&
                std::abs(straight.side_angle_deg) < 1e-9);
        QVERIFY(nut_bend(contact, {50, s.line.nut_y_mm - slope_y * 50 + 5, below}).side_angle_deg >
                0); // toward the treble
        QVERIFY(nut_bend(contact, {50, s.line.nut_y_mm - slope_y * 50, below + 5}).break_angle_deg >
                0); // down
    }
}

QTEST_APPLESS_MAIN(TestSolution)
#include "tst_solution.moc"
