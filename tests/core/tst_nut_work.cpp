#include "common/strings.h"
#include "core/part/nut_work.h"
#include "core/solution/nut_plan.h"

#include <QTest>

#include <cmath>
#include <random>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance;
}

/// The upper hull the slow way: at every point the highest of all chords over it.
std::vector<double> slow_hull(const std::vector<double>& x, const std::vector<double>& y) {
    std::vector<double> hull(y);
    for (std::size_t m = 0; m < x.size(); ++m)
        for (std::size_t a = 0; a < m; ++a)
            for (std::size_t b = m + 1; b < x.size(); ++b)
                hull[m] = std::max(hull[m], y[a] + (y[b] - y[a]) * (x[m] - x[a]) / (x[b] - x[a]));
    return hull;
}

Design plain_design() {
    Design design;
    design.neck.scale_bass_mm = design.neck.scale_treble_mm = 640;
    design.neck.frets = 20;
    design.neck.body_joint_fret = 14;
    design.neck.fret_height_mm = 1.0;
    design.neck.nut_width_mm = 44;
    design.neck.end_width_mm = 56;
    design.nut.board_above_seat_mm = 5.0;
    design.strings = {string_of(110, "A2", 0.9, true, -1), string_of(220, "A3", 0.4, false, -2)};
    return design;
}

/// The slots of two strings that stand 0.2 over a flat board's fret line.
std::vector<SlotWork> works_of(const Design& design) {
    const Neck neck(design.neck);
    const auto lines = string_lines(neck, {-15, 15}, {-25, 25}, {0, 0}, {0, 0});
    std::vector<NutContact> contacts;
    for (const StringLine& line : lines) contacts.push_back({StringOnNeck(neck, line), {0.2, 4.0}});
    return slot_works(design, contacts, 0.0);
}

} // namespace

class TestNutWork : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void by_hand() {
        const auto works = works_of(plain_design());
        QVERIFY(near(works[0].floor_above_seat_mm, 5.0 + 1.0 + 0.2));
        QVERIFY(near(works[0].floor_over_board_mm, 1.2));
        QVERIFY(near(works[0].over_frets_mm, 0.2));
        QVERIFY(near(works[0].saw_to_above_seat_mm, 6.5));
        QVERIFY(near(works[0].width_mm, 0.98) && near(works[1].width_mm, 0.45));
        QVERIFY(near(works[0].depth_mm, 0.45) && near(works[1].depth_mm, 0.4));
        QVERIFY(near(works[0].top_above_seat_mm, 6.65) && near(works[1].top_above_seat_mm, 6.6));
        QVERIFY(near(works[0].fret_tops_above_seat_mm, 6.0) && near(works[0].board_above_seat_mm, 5.0));
        QVERIFY(!works[0].floor_below_blank_top_mm);
    }
    void the_floor_falls_by_a_share() {
        Design design = plain_design();
        design.nut.headstock_angle_deg = 15;
        design.nut.floor_angle_share = 1.0; // parallel to the headstock
        QVERIFY(near(works_of(design)[0].floor_angle_deg, 15));
        design.nut.floor_angle_share = 0.5;
        const SlotWork half = works_of(design)[0];
        QVERIFY(near(half.floor_angle_deg, 7.5));
        QVERIFY(near(half.floor_back_drop_mm, design.nut.thickness_mm * std::tan(7.5 * M_PI / 180)));
        design.nut.posts = {{40, -15, 9.8}, {40, 15, 9.8}};
        QVERIFY(near(works_of(design)[0].floor_angle_deg,
                     0.5 * std::atan(10.0 / 40.0) * 180 / M_PI)); // 9.8 and 0.2 fall
    }
    void a_blank_gives_depths_from_its_top() {
        Design design = plain_design();
        design.nut.blank = Blank{50, 9, 6};
        QVERIFY(near(*works_of(design)[0].floor_below_blank_top_mm, 9 - 6.2));
    }
    void guide_slots_lie_lower() {
        Design design = plain_design();
        design.nut.zero_fret = ZeroFret{1.2, 0.4};
        const SlotWork guide = works_of(design)[0];
        QVERIFY(near(guide.floor_above_seat_mm, 5.8) && near(guide.over_frets_mm, -0.2) &&
                near(guide.floor_over_board_mm, 0.8));
    }
    void the_fair_top_is_the_upper_hull() {
        std::mt19937 random(3);
        std::uniform_real_distribution<double> height(5, 7);
        std::uniform_real_distribution<double> step(0.5, 8);
        for (int round = 0; round < 300; ++round) {
            std::vector<double> x{0}, y{height(random)};
            const auto count = static_cast<std::size_t>(1 + round % 14);
            while (x.size() < count) {
                x.push_back(x.back() + step(random));
                y.push_back(height(random));
            }
            const auto fair = fair_heights_mm(x, y);
            const auto slow = slow_hull(x, y);
            for (std::size_t i = 0; i < x.size(); ++i) QVERIFY(near(fair[i], slow[i]));
        }
        QCOMPARE(fair_heights_mm({0, 1, 2}, {1, 1, 1}), (std::vector<double>{1, 1, 1}));
    }
    void distances_run_along_a_slanted_part() {
        QCOMPARE(along_part_mm(10, 0), 10.0);
        QVERIFY(near(along_part_mm(10, 60), 20));
        QVERIFY(near(along_part_mm(-10, -60), -20));
    }
    void only_a_fan_slants_the_nut() {
        NeckDesign neck = plain_design().neck;
        const Neck straight(neck);
        QCOMPARE(nut_angle_deg(straight, string_lines(straight, {-15, 15}, {-25, 25}, {0.0, 0.4}, {0, 0})),
                 0.0); // a stepped nut
        neck.scale_bass_mm = 660;
        neck.perpendicular_fret = 12;
        const Neck fan(neck);
        const auto lines = string_lines(fan, {-15, 15}, {-25, 25}, {0.3, 0.3}, {0, 0});
        const double angle = nut_angle_deg(fan, lines);
        QVERIFY(angle > 0); // the longer bass string begins further from the bridge
        const double run = lines[1].plan_x_mm(0.3) - lines[0].plan_x_mm(0.3);
        QVERIFY(near(std::tan(angle * M_PI / 180), run / 30));
        QCOMPARE(nut_angle_deg(fan, string_lines(fan, {0}, {0}, {0}, {0})), 0.0); // one string
    }
    /// The walls of a slot stand its width apart; the front face cuts them aslant.
    void a_slot_aslant_opens_wider_on_the_face() {
        for (const double run : {-0.6, -0.1, 0.0, 0.05, 0.75}) {
            const double long_mm = std::hypot(1, run);
            constexpr double width_mm = 1.2;
            double crosses_mm[2];
            for (const int wall : {0, 1}) { // a point of it, and where it comes to the face from there
                const double aside_mm = (wall == 0 ? -0.5 : 0.5) * width_mm;
                const double behind_mm = -aside_mm * run / long_mm;
                crosses_mm[wall] = aside_mm / long_mm - behind_mm * run;
            }
            QVERIFY(near(slot_opening_factor(run) * width_mm, crosses_mm[1] - crosses_mm[0]));
        }
    }
    void each_string_begins_and_ends_where_it_is_asked_to() {
        const auto lines =
            string_lines(Neck(plain_design().neck), {-15, 15}, {-25, 25}, {0.3, 0.1}, {2.5, 1.5});
        QCOMPARE(lines[0].set_forward_mm, 0.3);
        QCOMPARE(lines[1].set_forward_mm, 0.1);
        QCOMPARE(lines[0].saddle_x_mm - lines[1].saddle_x_mm, 1.0);
        QCOMPARE(lines[1].nut_y_mm, 15.0);
        QCOMPARE(lines[1].saddle_y_mm, 25.0);
    }
    void a_curved_seat_falls_toward_the_edges() {
        NutDesign nut;
        QCOMPARE(seat_fall_mm(nut, 15), 0.0);
        nut.seat = Seat::curved;
        nut.seat_radius_mm = 300;
        QVERIFY(near(seat_fall_mm(nut, 15), circle_fall_mm(300, 15)));
        QCOMPARE(seat_fall_mm(nut, 0), 0.0);
    }
};

QTEST_APPLESS_MAIN(TestNutWork)
#include "tst_nut_work.moc"
