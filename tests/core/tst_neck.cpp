#include "core/string/string_line.h"

#include <QTest>

#include <cmath>

using namespace fm;

namespace {

NeckDesign plain_neck() {
    NeckDesign design;
    design.scale_bass_mm = design.scale_treble_mm = 640;
    design.frets = 22;
    design.body_joint_fret = 14;
    design.fret_height_mm = 1.0;
    design.nut_width_mm = 44;
    design.end_width_mm = 56;
    return design;
}

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance;
}

} // namespace

class TestNeck : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void frets_halve_the_string() {
        const Neck neck(plain_neck());
        QCOMPARE(neck.fret_x_mm(0, 640), 0.0);
        QVERIFY(near(neck.fret_x_mm(12, 640), 320));
        QVERIFY(near(neck.fret_x_mm(7, 640), 640 * (1 - std::pow(2, -7.0 / 12))));
        QVERIFY(near(neck.ratio(12), 2));
    }
    void a_temperament_repeats_every_octave() {
        NeckDesign design = plain_neck();
        design.temperament_cents = {90, 204, 294, 408, 498, 588, 702, 792, 906, 996, 1110, 1200};
        const Neck neck(design);
        QVERIFY(near(neck.fret_x_mm(12, 640), 320));
        QVERIFY(near(1200 * std::log2(neck.ratio(7)), 702));
        QVERIFY(near(1200 * std::log2(neck.ratio(19)), 1902));
        design.temperament_cents = {100, 200, 300, 400, 500, 600, 700, 800, 900, 1000, 1100, 1200};
        const Neck equal(design);
        const Neck plain(plain_neck());
        for (int n = 1; n <= 22; ++n) QVERIFY(near(equal.fret_x_mm(n, 640), plain.fret_x_mm(n, 640)));
    }
    void a_reading_of_relief_reads_itself() {
        NeckDesign design = plain_neck();
        design.fallaway_mm = 0.2;
        for (const Relief& reading :
             {Relief{0.2, 6, 1, 14}, Relief{0.15, 8, 0, 22}, Relief{-0.1, 5, 2, 12}}) {
            design.relief = reading;
            const Neck neck(design);
            QVERIFY(near(neck.relief_depth_mm(reading.from_fret, reading.at_fret, reading.to_fret),
                         reading.depth_mm));
            // Any reading converts to any other and back.
            const double other = neck.relief_depth_mm(1, 7, 13);
            design.relief = Relief{other, 7, 1, 13};
            QVERIFY(near(Neck(design).relief_factor(), neck.relief_factor(), 1e-15));
        }
        design.relief.reset();
        QCOMPARE(Neck(design).relief_factor(), 0.0);
    }
    void the_neck_bends_over_the_joint_and_falls_away_after_it() {
        NeckDesign design = plain_neck();
        design.relief = Relief{0.2, 6, 1, 14};
        design.fallaway_mm = 0.3;
        const Neck neck(design);
        const double joint = neck.fret_x_mm(14, 640);
        QVERIFY(neck.relief_curve_mm(0) > neck.relief_curve_mm(100));
        QCOMPARE(neck.relief_curve_mm(joint), 0.0);
        QVERIFY(near(neck.relief_curve_mm(neck.fret_x_mm(22, 640)), -0.3));
    }
    void the_board_curves() {
        QCOMPARE(circle_fall_mm(0, 20), 0.0);
        QVERIFY(near(circle_fall_mm(300, 20), 300 - std::sqrt(300.0 * 300 - 400), 1e-12));
        NeckDesign design = plain_neck();
        design.shape = BoardShape::cone;
        design.radius_nut_mm = 250;
        design.radius_end_mm = 400;
        design.radius_end_at_mm = 450;
        const Neck cone(design);
        QVERIFY(near(cone.crown_fall_mm(0, 18), circle_fall_mm(250, 18)));
        QVERIFY(near(cone.crown_fall_mm(225, 18), circle_fall_mm(325, 18)));
        design.fret_offsets_mm.assign(22, 0.0);
        design.fret_offsets_mm[4] = 0.07;
        QVERIFY(near(Neck(design).fret_top_mm(5, 10) - cone.fret_top_mm(5, 10), 0.07, 1e-12));
    }
    void the_board_widens_as_a_straight_line() {
        NeckDesign design = plain_neck();
        design.end_at_mm = 400;
        const Neck neck(design);
        QCOMPARE(neck.half_width_mm(0), 22.0);
        QCOMPARE(neck.half_width_mm(400), 28.0);
        QCOMPARE(neck.half_width_mm(800), 34.0);
    }
    void a_fan_is_square_at_its_fret() {
        NeckDesign design = plain_neck();
        design.scale_bass_mm = 660;
        design.scale_treble_mm = 630;
        design.perpendicular_fret = 7;
        const Neck neck(design);
        const auto lines = string_lines(neck, {-18, 0, 18}, {-26, 0, 26}, {0, 0, 0}, {0, 0, 0});
        const double bass = lines.front().plan_x_mm(neck.fret_x_mm(7, 660));
        const double treble = lines.back().plan_x_mm(neck.fret_x_mm(7, 630));
        QVERIFY(near(bass, treble, 1e-9));
        QVERIFY(lines.front().plan_start_mm < lines.back().plan_start_mm);
    }
};

QTEST_APPLESS_MAIN(TestNeck)
#include "tst_neck.moc"
