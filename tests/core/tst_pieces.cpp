#include "common/jobs.h"
#include "core/shop/shop_work.h"
#include "core/solution/solution.h"

#include <QTest>

#include <cmath>
#include <numbers>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance * std::max(1.0, std::abs(b));
}

Design demo_design(const char* name) {
    return job_of(demo_document(name)).design;
}

} // namespace

/// Parts as they are cut and placed: saddle, notches, marks, margins, blanks, time and price.
class TestPieces : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void a_saddle_is_told_with_its_block_and_its_amounts() {
        Design design = demo_design("kittiwake");
        design.saddle.existing_height = Targets{9.4, 9.0, {}};
        design.saddle.lean_deg = 9.0;
        const Solution solution = solve(design);
        const SaddlePiece& piece = solution.saddle;
        const std::optional<double> block_mm =
            nearest_block_mm(*piece.crown_radius_mm, 10.0, {184, 254, 305, 406});
        const double lean = std::cos(9.0 * std::numbers::pi / 180.0);
        for (std::size_t i = 0; i < 4; ++i) {
            const double upright_mm = *design.saddle.slot_depth_mm + *solution.strings[i].bridge->exposure_mm;
            QVERIFY(near(*piece.height_mm[i], upright_mm / lean));
            QVERIFY(
                near(*piece.take_off_mm[i], 9.4 - 0.4 * static_cast<double>(i) / 3 - *piece.height_mm[i]));
        }
        QVERIFY(near(piece.end_radius_mm, 0.5 * design.saddle.thickness_mm));
        QVERIFY(near(piece.crown_shift_per_mm, std::sin(9.0 * std::numbers::pi / 180.0)));
        QVERIFY(near(piece.length_mm, solution.strings[3].saddle_along_mm -
                                          solution.strings[0].saddle_along_mm +
                                          2 * design.saddle.end_margin_mm));
        QVERIFY(block_mm && !nearest_block_mm(*piece.crown_radius_mm, 10.0, {}));
        const auto sag = [](double radius_mm) { return 1.0 / radius_mm; };
        for (const double other : {184.0, 254.0, 305.0, 406.0})
            QVERIFY(std::abs(sag(*block_mm) - sag(*piece.crown_radius_mm)) <=
                    std::abs(sag(other) - sag(*piece.crown_radius_mm)) + 1e-15);
        // A block that would cut another top is not named: 508 for a crown of 18 m.
        QVERIFY(!nearest_block_mm(18000.0, 52.0, {254, 508}));
        QCOMPARE(nearest_block_mm(330.0, 52.0, {254, 305, 356}), std::optional(356.0));
        // Flatter than 5 m is flat.
        QVERIFY(!crown_radius_mm({-26, 0, 26}, {0.0, 0.5 * 26 * 26 / 6000.0, 0.0}));
        QVERIFY(std::abs(*crown_radius_mm({-26, 0, 26}, {0.0, 0.5 * 26 * 26 / 4000.0, 0.0}) - 4000.0) < 1.0);
        design.saddle.length_mm = 72.5;
        design.saddle.under_mm = 0.8;
        const SaddlePiece packed = solve(design).saddle;
        QCOMPARE(packed.length_mm, 72.5);
        QVERIFY(near(*packed.height_mm[0], *piece.height_mm[0] - 0.8 / lean));
    }
    void the_crown_circle_is_the_one_the_heights_lie_on() {
        std::vector<double> y;
        std::vector<double> z;
        for (int i = 0; i < 7; ++i) {
            y.push_back(-27.0 + 9.0 * i);
            z.push_back(std::sqrt(300.0 * 300.0 - y.back() * y.back()) - 300.0 + 0.01 * y.back());
        }
        QVERIFY(std::abs(*crown_radius_mm(y, z) - 300.0) < 1.0);
        QVERIFY(!crown_radius_mm({-1, 0, 1}, {2, 2, 2})); // flat
        QVERIFY(!crown_radius_mm({-9, 0, 9}, {2, 1, 2})); // hollow
        QVERIFY(!crown_radius_mm({-9, 9}, {2, 1}));       // two say nothing
    }
    void a_floating_bridge_is_notched_like_a_nut() {
        const Design design = demo_design("curlew");
        const Solution solution = solve(design);
        const std::vector<Notch>& notches = solution.notches;
        QCOMPARE(notches.size(), std::size_t(10));
        for (std::size_t i = 0; i < 10; ++i) {
            const StringDesign& made = design.strings[i];
            QCOMPARE(notches[i].width_mm, made.diameter_mm);
            QVERIFY(near(notches[i].depth_mm, made.diameter_mm * (made.wound ? 0.5 : 1.0)));
            QVERIFY(near(notches[i].floor_over_top_mm, solution.strings[i].bridge->height_over_top_mm));
            QVERIFY(notches[i].made_top_over_top_mm >=
                    notches[i].floor_over_top_mm + notches[i].depth_mm - 1e-12);
        }
        QVERIFY(solve(demo_design("kittiwake")).notches.empty());
    }

    void marks_close_their_triangles() {
        // A square instrument: bass and treble mirror each other, and so do the diagonals.
        Design design = demo_design("kittiwake");
        for (StringDesign& string : design.strings) string = design.strings[0];
        for (Targets* targets : {&design.nut.height, &design.saddle.action})
            targets->treble_mm = targets->bass_mm;
        design.nut.spacing = Spacing{};
        design.nut.spacing.spread_mm = 30.0;
        const Solution even = solve(design);
        const Placing& marks = even.placing;
        QVERIFY(near(marks.bass.from_fret12_mm, marks.treble.from_fret12_mm));
        QVERIFY(near(marks.diagonal_from_bass_mm, marks.diagonal_from_treble_mm));
        // By hand: the slot's front is a line square to the centreline, half a thickness before the crowns.
        const StringLine& line = even.strings[0].line;
        const double x12 = StringOnNeck(Neck(design.neck), line).fret_x_mm(12);
        const double front = even.straight_saddle.slot_x_at_centre_mm - 0.5 * design.saddle.thickness_mm;
        const double across = (line.saddle_y_mm - line.nut_y_mm) / line.saddle_x_mm * (front - x12);
        QVERIFY(near(marks.bass.from_fret12_mm, std::hypot(front - x12, across)));
        const double y12 = line.y_mm(x12);
        const double far_front =
            -(line.nut_y_mm + (line.saddle_y_mm - line.nut_y_mm) * front / line.saddle_x_mm);
        QVERIFY(near(marks.diagonal_from_bass_mm, std::hypot(front - x12, far_front - y12)));
    }
    void a_balanced_bridge_has_equal_margins_at_the_last_fret() {
        for (unsigned seed = 0; seed < 300; ++seed) {
            Design design = job_of(RandomJob(seed).document()).design;
            design.saddle.compensation = CompensationMethod::fixed;
            design.saddle.set_forward = SetForward::keep;
            if (design.saddle.spacing.edge_margin_mm || design.strings.size() < 2) continue;
            const Placing before = solve(design).placing;
            QCOMPARE(before.bass_margins_mm.size(), static_cast<std::size_t>(design.neck.frets) + 1);
            design.saddle.spacing.bias_mm -= before.balancing_shift_mm; // bias is toward the bass
            const Placing after = solve(design).placing;
            QVERIFY2(std::abs(after.bass_margins_mm.back() - after.treble_margins_mm.back()) < 1e-3,
                     qPrintable(QString::number(seed)));
            QVERIFY(near(after.bass_margins_mm.front(), before.bass_margins_mm.front())); // the nut stays
        }
    }
    void a_blank_says_what_it_lacks() {
        Design design = demo_design("kittiwake");
        design.nut.seat = Seat::square;
        const Solution solution = solve(design);
        const Blank needed = nut_needs(design, solution, {0.5, 0.05});
        QVERIFY(near(needed.length_mm, design.neck.nut_width_mm + 1.0));
        QVERIFY(near(needed.thickness_mm, design.nut.thickness_mm + 0.05));
        QVERIFY(blank_fit(needed, needed).fits());
        const BlankFit fit =
            blank_fit(needed, {needed.length_mm - 2, needed.height_mm, needed.thickness_mm - 0.25});
        QVERIFY(!fit.fits() && near(fit.length_short_mm, 2) && near(fit.thickness_short_mm, 0.25));
        QCOMPARE(fit.height_short_mm, 0.0);
        design.nut.seat = Seat::angled;
        design.nut.headstock_angle_deg = 14;
        QVERIFY(near(nut_needs(design, solution, {0.5, 0.05}).height_mm - needed.height_mm,
                     design.nut.thickness_mm * std::tan(14 * std::numbers::pi / 180)));
        QVERIFY(saddle_needs(design, solution, {}));
        QVERIFY(!saddle_needs(demo_design("teal"), solve(demo_design("teal")), {})); // no bridge
    }
    void minutes_and_price_follow_the_table() {
        const std::vector<Operation> table{{"fit", 20}, {"file", 4, true}};
        QCOMPARE(minutes_of(table, {{"brass", 2}}, "bone", 6), 44.0);
        QCOMPARE(minutes_of(table, {{"brass", 2}}, "brass", 6), 88.0);
        QCOMPARE(corrected_minutes(40, {}), 40.0);
        QVERIFY(near(corrected_minutes(40, {60}), 45.0));
        QVERIFY(near(corrected_minutes(40, std::vector<double>(300, 60.0)), 60.0, 0.01));
        const Price price = price_of(90, 40, 7, 0.1);
        QVERIFY(near(price.work, 60) && near(price.premium, 6.7) && near(price.total(), 73.7));
    }
    void every_material_is_finished_its_way() {
        for (const char* material : {"bone", "synthetic", "brass", "hardwood"}) {
            const Finish* finish = finish_of(material);
            QVERIFY(finish && std::is_sorted(finish->grits.begin(), finish->grits.end()));
            for (const char* id : {finish->last_step_id, finish->avoid_id, finish->caution_id})
                QVERIFY2(!english_template(id).empty(), id);
        }
        QVERIFY(!finish_of("cheese"));
    }
};

QTEST_APPLESS_MAIN(TestPieces)
#include "tst_pieces.moc"
