#include "common/jobs.h"
#include "sheet/views/bridge_views.h"
#include "sheet/views/neck_views.h"
#include "sheet/views/nut_behind_views.h"
#include "sheet/views/saddle_views.h"
#include "sheet/views/survey_views.h"

#include <QTest>

#include <cmath>
#include <numbers>

using namespace fm;
using namespace fm::test;

namespace {

/// Height of a profile at x, between its points.
double height_at(const std::vector<Point>& profile, double x) {
    for (std::size_t i = 1; i < profile.size(); ++i) {
        const Point& a = profile[i - 1];
        const Point& b = profile[i];
        if (x < std::min(a.x, b.x) - 1e-9 || x > std::max(a.x, b.x) + 1e-9 || a.x == b.x) continue;
        return a.y + (b.y - a.y) * (x - a.x) / (b.x - a.x);
    }
    return std::nan("");
}

std::vector<Circle> circles(const Drawing& drawing) {
    std::vector<Circle> found;
    for (const Item& item : drawing.items)
        if (const auto* circle = std::get_if<Circle>(&item)) found.push_back(*circle);
    return found;
}

int areas(const Drawing& drawing, Fill fill) {
    int count = 0;
    for (const Item& item : drawing.items)
        if (const auto* path = std::get_if<Path>(&item)) count += path->fill == fill ? 1 : 0;
    return count;
}

bool all_finite(const Drawing& drawing) {
    for (const Item& item : drawing.items) {
        if (const auto* path = std::get_if<Path>(&item))
            for (const Vertex& vertex : path->vertices)
                if (!std::isfinite(vertex.at.x) || !std::isfinite(vertex.at.y)) return false;
        if (const auto* circle = std::get_if<Circle>(&item))
            if (!std::isfinite(circle->centre.x) || !std::isfinite(circle->centre.y)) return false;
    }
    return true;
}

/// Whether a line of the drawing passes through a point.
bool has_vertex(const Drawing& drawing, Point at) {
    for (const Item& item : drawing.items)
        if (const auto* path = std::get_if<Path>(&item))
            for (const Vertex& vertex : path->vertices)
                if (std::abs(vertex.at.x - at.x) < 1e-9 && std::abs(vertex.at.y - at.y) < 1e-9) return true;
    return false;
}

} // namespace

/// What is drawn is what was solved.
class TestPartViews : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_saddle_passes_under_every_string() {
        for (const char* name : {"kittiwake", "lantern", "teal", "groundswell"}) {
            const Design design = job_of(demo_document(name)).design;
            const Solution solution = solve(design);
            const auto profile = saddle_top_profile(design, solution);
            const SaddleSpan span = saddle_span(solution);
            QVERIFY(std::abs(span.to_mm - span.from_mm - solution.saddle.length_mm) < 1e-9);
            QVERIFY(std::abs(profile.front().x - span.from_mm) < 1e-9 &&
                    std::abs(profile.back().x - span.to_mm) < 1e-9);
            for (std::size_t i = 0; i < solution.strings.size(); ++i)
                QVERIFY(std::abs(height_at(profile, solution.strings[i].saddle_along_mm) -
                                 saddle_height_mm(design, solution, i)) < 1e-9);
        }
    }
    void behind_the_nut_every_string_goes_to_its_post() {
        for (const char* name : {"curlew", "kittiwake", "teal"}) {
            const Design design = job_of(demo_document(name)).design;
            const Solution solution = solve(design);
            for (const bool mirrored : {false, true}) {
                const Drawing plan = nut_behind_plan(design, solution, 1, mirrored);
                QCOMPARE(circles(plan).size(), design.nut.posts.size());
                for (std::size_t i = 0; i < solution.strings.size(); ++i) {
                    const Circle post = circles(plan)[i];
                    QCOMPARE(post.centre.y, (mirrored ? -1.0 : 1.0) * design.nut.posts[i].across_mm);
                    QVERIFY(has_vertex(plan, post.centre));
                }
            }
            for (std::size_t i = 0; i < solution.strings.size(); ++i) {
                const StringSolution& string = solution.strings[i];
                const Drawing side = nut_behind_side(design, solution, i);
                const Point post{string.line.set_forward_mm - design.nut.posts[i].behind_mm,
                                 -design.nut.posts[i].below_mm};
                const Point contact{string.line.set_forward_mm, string.nut_z_over_fret_line_mm};
                QVERIFY(has_vertex(side, post) && has_vertex(side, contact));
                // The angle drawn is the one computed: from the string's rise to its fall.
                const double fall = std::atan2(contact.y - post.y, contact.x - post.x);
                const double rise = std::atan2(string.ends.saddle_z_mm - string.ends.nut_z_mm,
                                               (string.line.saddle_x_mm - string.line.set_forward_mm) *
                                                   string.line.plan_cosine);
                const double drawn_deg = (fall - rise) * 180.0 / std::numbers::pi;
                QVERIFY2(std::abs(drawn_deg - string.bend->break_angle_exact_deg) < 1e-6,
                         qPrintable(QStringLiteral("%1 %2 %3")
                                        .arg(QLatin1String(name))
                                        .arg(drawn_deg)
                                        .arg(string.bend->break_angle_exact_deg)));
            }
        }
    }
    void the_instrument_is_drawn_to_scale() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Design design = job_of(demo_document(name)).design;
            const Solution solution = solve(design);
            const Drawing front = instrument_front(design, solution, {false, 0, 80.0, 40.0});
            for (const StringSolution& string : solution.strings)
                QVERIFY(has_vertex(
                    front, {string.line.plan_x_mm(string.line.saddle_x_mm), string.line.saddle_y_mm}));
            const InstrumentReach reach = instrument_reach(design, solution);
            for (const SurveyPoint& point : survey_points()) {
                const Point at = survey_point_mm(design, solution, point);
                QVERIFY(at.x > -reach.before_mm && at.x < reach.behind_mm);
            }
            QVERIFY(areas(front, Fill::material) >= 2); // nut, and saddle or bridge
        }
    }
    void any_job_can_be_looked_at() {
        for (unsigned seed = 0; seed < 120; ++seed) {
            const Job job = job_of(RandomJob(seed).document());
            const Solution solution = solve(job.design);
            for (std::size_t i = 0; i < solution.strings.size(); ++i) {
                const InstrumentViewOptions options{job.left_handed, i, 70.0, 40.0};
                QVERIFY(all_finite(instrument_front(job.design, solution, options)));
                QVERIFY(all_finite(instrument_side(job.design, solution, options)));
                QVERIFY(all_finite(nut_behind_side(job.design, solution, i)));
                QVERIFY(all_finite(nut_behind_plan(job.design, solution, i, job.left_handed)));
            }
        }
    }
    void a_floating_bridge_is_drawn_with_its_notches() {
        const Design design = job_of(demo_document("curlew")).design;
        const Solution solution = solve(design);
        QCOMPARE(saddle_ground(design, solution), SaddleGround::soundboard);
        const auto profile = saddle_top_profile(design, solution);
        for (const Notch& notch : solution.notches)
            QVERIFY(std::abs(height_at(profile, notch.along_mm) - notch.made_top_over_top_mm) < 1e-9);
    }
    void strings_mirror_for_the_left_handed() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        SaddleViewOptions options;
        const auto right = circles(saddle_front(design, solution, options));
        options.mirrored = true;
        const auto left = circles(saddle_front(design, solution, options));
        QCOMPARE(right.size(), std::size_t(4));
        for (std::size_t i = 0; i < 4; ++i) {
            QCOMPARE(left[i].centre.x, -right[i].centre.x);
            QCOMPARE(left[i].centre.y, right[i].centre.y);
        }
    }
    void dust_and_fill_differ() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        SaddleViewOptions options;
        options.shown = SaddleShown::fitted;
        QCOMPARE(areas(saddle_front(design, solution, options), Fill::waste), 0); // nothing known
        std::vector<double> y_mm;
        for (const StringSolution& string : solution.strings) y_mm.push_back(string.line.saddle_y_mm);
        options.take_off_mm = {1.0, 1.2, 1.1, 0.8};
        options.cut = saddle_cut(y_mm, options.take_off_mm);
        QCOMPARE(areas(saddle_front(design, solution, options), Fill::waste), 2); // bottom and top
        options.take_off_mm = {-0.4, 0.1, 0.1, 0.1};
        options.cut = saddle_cut(y_mm, options.take_off_mm);
        QCOMPARE(areas(saddle_front(design, solution, options), Fill::missing), 1);
    }
    void pins_are_drawn_where_they_go() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        const auto holes = circles(bridge_plan(design, solution, {}));
        QCOMPARE(holes.size(), solution.bridge->pins.size());
        for (std::size_t i = 0; i < holes.size(); ++i) {
            QVERIFY(std::abs(holes[i].centre.x - solution.bridge->pins[i].y_mm) < 1e-9);
            QVERIFY(std::abs(solution.straight_saddle.slot_x_at_centre_mm - holes[i].centre.y -
                             solution.bridge->pins[i].x_mm) < 1e-9);
            QCOMPARE(holes[i].radius, 2.5);
        }
    }
    void fret_tops_and_the_string_of_the_reading() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const NeckDesign design = job_of(demo_document(name)).design.neck;
            const Neck neck(design);
            const double gap =
                relief_string_mm(neck, design.relief->at_fret) -
                neck.relief_curve_mm(neck.fret_x_mm(design.relief->at_fret, neck.mean_scale_mm()));
            QVERIFY(std::abs(gap - design.relief->depth_mm) < 1e-9); // what the gauge read
            constexpr double stretch = 50;
            const auto tops = circles(neck_side(neck, 1, stretch));
            QCOMPARE(static_cast<int>(tops.size()), neck.frets());
            for (int n = 1; n <= neck.frets(); ++n)
                QVERIFY(std::abs(tops[static_cast<std::size_t>(n) - 1].centre.y -
                                 stretch * neck.fret_top_mm(n, 0.0)) < 1e-9);
        }
    }
    void the_board_has_its_widths_and_margins() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        const Drawing drawing = placing_board(design, solution, {}, 1.0);
        const auto& board = std::get<Path>(drawing.items.front());
        QVERIFY(std::abs(board.vertices[3].at.y - board.vertices[0].at.y - design.neck.nut_width_mm) < 1e-9);
        const StringSolution& bass = solution.strings.front();
        const double margin =
            board.vertices[0].at.y - (bass.line.nut_y_mm - 0.5 * design.strings.front().diameter_mm);
        QVERIFY(std::abs(-margin - solution.placing.bass_margins_mm[0]) < 1e-9);
    }
};

QTEST_APPLESS_MAIN(TestPartViews)
#include "tst_part_views.moc"
