// Parts as machines cut them: outlines, the cutter's way, solids; read back by readers that are not ours.
#include "common/jobs.h"
#include "common/run.h"
#include "core/solution/nut_plan.h"
#include "job/document/json.h"
#include "sheet/drawing/fonts.h"
#include "sheet/machine/arcs.h"
#include "sheet/machine/machine_files.h"
#include "sheet/machine/solid.h"

#include <QFile>
#include <QGuiApplication>
#include <QTemporaryDir>
#include <QTest>

#include <bit>
#include <cmath>
#include <cstring>
#include <numbers>

#ifdef HAS_SOLIDS
#include <BRepGProp.hxx>
#include <GProp_GProps.hxx>
#include <STEPControl_Reader.hxx>
#include <TopoDS_Shape.hxx>
#endif

using namespace fm;
using namespace fm::test;

namespace {

double distance(Point p, Point q) {
    return std::hypot(p.x - q.x, p.y - q.y);
}

double to_line(Point p, Point a, Point b) {
    const double dx = b.x - a.x, dy = b.y - a.y;
    const double length2 = dx * dx + dy * dy;
    const double t =
        length2 == 0 ? 0.0 : std::clamp(((p.x - a.x) * dx + (p.y - a.y) * dy) / length2, 0.0, 1.0);
    return distance(p, {a.x + t * dx, a.y + t * dy});
}

/// Distance to an arc given by its bulge: by its circle where the point lies in its sector, else by its ends.
double to_arc(Point p, Point a, Point b, double bulge) {
    const double chord = distance(a, b);
    const double sagitta = 0.5 * chord * bulge; // to the right of a → b for positive bulges
    const double radius = (0.25 * chord * chord + sagitta * sagitta) / (2.0 * std::abs(sagitta));
    const Point right{(b.y - a.y) / chord, -(b.x - a.x) / chord};
    const Point top{0.5 * (a.x + b.x) + sagitta * right.x, 0.5 * (a.y + b.y) + sagitta * right.y};
    const double side = sagitta > 0 ? 1.0 : -1.0;
    const Point centre{top.x - side * radius * right.x, top.y - side * radius * right.y};
    const double half = std::acos(std::clamp(1.0 - std::abs(sagitta) / radius, -1.0, 1.0));
    const double away =
        std::acos(std::clamp(((p.x - centre.x) * (top.x - centre.x) + (p.y - centre.y) * (top.y - centre.y)) /
                                 (distance(p, centre) * radius + 1e-300),
                             -1.0, 1.0));
    if (away <= half) return std::abs(distance(p, centre) - radius);
    return std::min(distance(p, a), distance(p, b));
}

double to_outline(Point p, const Path& outline) {
    double least = 1e9;
    for (std::size_t i = 0; i < outline.vertices.size(); ++i) {
        const Vertex& a = outline.vertices[i];
        const Point b = outline.vertices[(i + 1) % outline.vertices.size()].at;
        least = std::min(least, a.bulge == 0.0 ? to_line(p, a.at, b) : to_arc(p, a.at, b, a.bulge));
    }
    return least;
}

/// The greatest error of a path that should run at a distance of an outline, at its corners and between them.
double worst(const Path& path, const Path& outline, double radius) {
    double most = 0;
    const std::vector<Point> corners = corners_of(path);
    for (std::size_t i = 0; i < corners.size(); ++i) {
        const Point a = corners[i];
        const Point b = corners[(i + 1) % corners.size()];
        for (const double share : {0.0, 0.25, 0.5, 0.75}) {
            const Point p{a.x + share * (b.x - a.x), a.y + share * (b.y - a.y)};
            most = std::max(most, std::abs(to_outline(p, outline) - radius));
        }
    }
    return most;
}

Path box(double wide, double high) {
    Path path;
    path.closed = true;
    path.vertices = {{{0, 0}}, {{wide, 0}}, {{wide, high}}, {{0, high}}};
    return path;
}

struct Case {
    const char* job;
    MachinePartKind kind;
};

Job demo_job(const char* name) {
    return job_of(demo_document(name));
}

/// A bridge with inner corners.
Job waisted() {
    Value document = demo_document("kittiwake");
    for (const auto& [key, mm] :
         {std::pair{"length_mm", 120.0}, std::pair{"width_mm", 34.0}, std::pair{"front_mm", 12.0},
          std::pair{"middle_mm", 60.0}, std::pair{"wing_width_mm", 22.0}})
        document = with(document, std::string("bridge.outline.") + key, mm);
    return job_of(with(document, "bridge.outline.form", "waisted"));
}

Job curved_seat() {
    const Value document = with(demo_document("groundswell"), "nut.seat", "curved");
    return job_of(with(document, "nut.seat_radius_mm", 300.0));
}

void add_parts() {
    QTest::addColumn<Job>("job");
    QTest::addColumn<int>("kind");
    const auto add = [](const char* row, const Job& job, MachinePartKind kind) {
        QTest::newRow(row) << job << static_cast<int>(kind);
    };
    for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
        add((std::string(name) + " nut").c_str(), demo_job(name), MachinePartKind::nut);
        add((std::string(name) + " saddle").c_str(), demo_job(name), MachinePartKind::saddle);
    }
    for (const char* name : {"curlew", "lantern", "kittiwake"})
        add((std::string(name) + " bridge").c_str(), demo_job(name), MachinePartKind::bridge);
    add("waisted bridge", waisted(), MachinePartKind::bridge);
    add("curved seat", curved_seat(), MachinePartKind::nut);
}

/// One of every kind: reading each takes its time.
void add_some_parts() {
    QTest::addColumn<Job>("job");
    QTest::addColumn<int>("kind");
    QTest::newRow("nut") << demo_job("teal") << static_cast<int>(MachinePartKind::nut);
    QTest::newRow("bridge top") << demo_job("curlew") << static_cast<int>(MachinePartKind::saddle);
    QTest::newRow("saddle") << demo_job("lantern") << static_cast<int>(MachinePartKind::saddle);
    QTest::newRow("bridge") << waisted() << static_cast<int>(MachinePartKind::bridge);
}

Value read_dxf(const QByteArray& bytes) {
    const QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("part.dxf"));
    QFile file(path);
    if (file.open(QIODevice::WriteOnly)) file.write(bytes);
    file.close();
    return measured("measure_machine.py", path);
}

/// Volume by the shoelace rule and columns, without the library that made the solid.
double expected_volume(const SolidPart& part) {
    constexpr int slices = 400;
    double low = 1e9, high = -1e9;
    for (const Point& p : part.profile) low = std::min(low, p.x), high = std::max(high, p.x);
    const std::size_t bottom = part.bottom_points;
    // Height of the top at x: its points run from right to left.
    const auto top = [&](double x) {
        for (std::size_t i = bottom; i + 1 < part.profile.size(); ++i) {
            const Point& a = part.profile[i + 1];
            const Point& b = part.profile[i];
            if (x >= a.x && x <= b.x) return a.x == b.x ? b.y : a.y + (b.y - a.y) * (x - a.x) / (b.x - a.x);
        }
        return 0.0;
    };
    double volume = 0;
    for (int slice = 0; slice < slices; ++slice) {
        const double z = part.thickness_mm * (slice + 0.5) / slices;
        std::vector<Point> outline = part.profile;
        for (std::size_t i = 0; i < outline.size(); ++i) outline[i].x += part.runs[i] * z;
        for (std::size_t i = 0; i < bottom; ++i) outline[i].y -= part.bottom_fall_mm * z / part.thickness_mm;
        double area = std::abs(area_of(outline));
        const double r = part.end_radius_mm;
        const double edge = std::min(z, part.thickness_mm - z);
        if (r > 0 && edge < r) { // the round ends: two strips off the ends
            const double in = r - std::sqrt(r * r - (r - edge) * (r - edge));
            constexpr int columns = 50;
            for (int c = 0; c < columns; ++c)
                for (const double x : {low + in * (c + 0.5) / columns, high - in * (c + 0.5) / columns})
                    area -= top(x) * in / columns;
        }
        for (const SolidPart::Slot& slot : part.slots) {
            const double share = z / part.thickness_mm;
            const double x = slot.x_mm + share * (slot.back_x_mm - slot.x_mm);
            const double floor = slot.floor_mm - share * slot.back_fall_mm;
            // A slot that runs aside is cut by a slice into half an ellipse: wider, and no deeper.
            const double run = (slot.back_x_mm - slot.x_mm) / part.thickness_mm;
            const double half = 0.5 * slot.width_mm * std::sqrt(1 + run * run);
            const double deep = 0.5 * slot.width_mm;
            constexpr int columns = 200;
            for (int c = 0; c < columns; ++c) {
                const double at = half * ((c + 0.5) * 2.0 / columns - 1.0);
                const double low_y = floor + deep - deep / half * std::sqrt(half * half - at * at);
                area -= std::max(0.0, top(x + at) - low_y) * 2 * half / columns;
            }
        }
        volume += area * part.thickness_mm / slices;
    }
    return volume;
}

/// Volume within a binary STL's triangles.
double volume_of_stl(const QByteArray& stl) {
    quint32 count = 0;
    std::memcpy(&count, stl.constData() + 80, 4);
    double six = 0;
    for (quint32 i = 0; i < count; ++i) {
        float v[12];
        std::memcpy(v, stl.constData() + 84 + 50 * i, sizeof v);
        six += v[3] * (double(v[7]) * v[11] - double(v[8]) * v[10]) +
               v[4] * (double(v[8]) * v[9] - double(v[6]) * v[11]) +
               v[5] * (double(v[6]) * v[10] - double(v[7]) * v[9]);
    }
    return six / 6.0;
}

#ifdef HAS_SOLIDS
double volume_of_step(const QByteArray& step) {
    const QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("part.step"));
    QFile file(path);
    if (file.open(QIODevice::WriteOnly)) file.write(step);
    file.close();
    STEPControl_Reader reader;
    if (reader.ReadFile(path.toLocal8Bit().constData()) != IFSelect_RetDone) return 0;
    reader.TransferRoots();
    GProp_GProps properties;
    BRepGProp::VolumeProperties(reader.OneShape(), properties);
    return properties.Mass();
}
#endif

} // namespace

Q_DECLARE_METATYPE(fm::Job)

class TestMachine : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }
    void the_cutter_runs_at_its_radius_data() { add_parts(); }
    void the_cutter_runs_at_its_radius();
    void files_are_clean_data() { add_some_parts(); }
    void files_are_clean();
    void inner_corners_are_listed();
    void a_slot_too_narrow_is_listed();
    void outer_corners_are_reached();
    void slots_stand_where_they_are_computed();
    void the_left_handed_part_is_the_mirror_image();
    void files_of_no_kind_are_refused();
    void a_saddle_without_a_bridge_is_not_for_cutting();
    void a_slanted_slot_is_as_wide_as_it_is_across();
    void what_is_designed_and_not_drawn_is_said();
    void a_saddle_has_its_strings_and_its_crowns_from_above();
    void curves_become_arcs();
    void outlines_are_what_is_computed_data() { add_some_parts(); }
    void outlines_are_what_is_computed();
    void slots_are_notches_where_one_contour_is_wanted();
    void a_file_tells_its_order_and_whose_it_is();
    void a_machine_drills_before_anybody_reams();
    void a_leaning_slot_lies_where_it_opens();
    void bridges_have_their_volume_data();
    void bridges_have_their_volume();
    void a_bridge_has_its_ramps();
    void a_solid_says_whose_it_is();
    void solids_have_their_volume_data();
    void solids_have_their_volume();
};

void TestMachine::the_cutter_runs_at_its_radius() {
    QFETCH(const Job, job);
    QFETCH(const int, kind);
    const Solution solution = solve(job.design);
    const MachinePart part =
        machine_part(job.design, solution, static_cast<MachinePartKind>(kind), job.left_handed);
    for (const double radius : {0.05, 0.4, 1.5, 3.0}) {
        const CutterPaths around = cutter_around(part.outline, radius);
        QCOMPARE(around.paths.size(), std::size_t{1});
        QVERIFY2(worst(around.paths.front(), part.outline, radius) < 0.005,
                 qPrintable(QString::number(worst(around.paths.front(), part.outline, radius))));
        for (const MachineSlot& slot : part.slots) {
            Path outline = slot.reach.vertices.empty() ? slot.outline : slot.reach;
            if (!slot.reach.vertices.empty()) // led out over its open top
                outline.vertices.front().at.y += radius, outline.vertices.back().at.y += radius;
            const CutterPaths within = cutter_within(outline, radius);
            for (const Path& path : within.paths) QVERIFY(worst(path, outline, radius) < 0.005);
            const bool fits = 2.0 * radius <= slot.centre.wide_mm + 1e-9;
            QCOMPARE(within.paths.empty(), !fits);
            if (!fits) QVERIFY(within.unreached.front().is_whole);
        }
    }
}

void TestMachine::files_are_clean() {
    QFETCH(const Job, job);
    QFETCH(const int, kind);
    const Solution solution = solve(job.design);
    const MachinePart part =
        machine_part(job.design, solution, static_cast<MachinePartKind>(kind), job.left_handed);
    const Value seen = read_dxf(
        machine_file(*state_of(job, {}), static_cast<MachinePartKind>(kind), QStringLiteral("a.dxf"), {0.2})
            .bytes);
    QCOMPARE(find(seen, "errors")->number(), 0.0);
    QCOMPARE(find(seen, "repairs")->number(), 0.0);
    QCOMPARE(find(seen, "duplicates")->number(), 0.0);
    QCOMPARE(find(seen, "open")->number(), 0.0); // on the layers that are cut
    QCOMPARE(find(seen, "layers.CUT")->number(), 1.0);
    QCOMPARE(find(seen, "layers.SLOT")->number(), static_cast<double>(part.slots.size()));
    QCOMPARE(find(seen, "layers.HOLE")->number(), static_cast<double>(part.holes.size()));
    const Value::Array& widths = *find(seen, "widths")->array();
    QCOMPARE(widths.size(), part.slots.size());
    std::vector<double> wanted;
    for (const MachineSlot& slot : part.slots) wanted.push_back(slot.centre.wide_mm);
    std::sort(wanted.begin(), wanted.end());
    for (std::size_t i = 0; i < widths.size(); ++i) QVERIFY(std::abs(widths[i].number() - wanted[i]) < 0.001);
    const QByteArray svg =
        machine_file(*state_of(job, {}), static_cast<MachinePartKind>(kind), QStringLiteral("a.svg"), {})
            .bytes;
    QCOMPARE(svg.count("data-width-mm"), static_cast<qsizetype>(part.slots.size()));
}

void TestMachine::inner_corners_are_listed() {
    const Job job = waisted();
    const Solution solution = solve(job.design);
    const MachinePart part = machine_part(job.design, solution, MachinePartKind::bridge, false);
    const double radius = 2.0;
    const CutterPaths around = cutter_around(part.outline, radius);
    QCOMPARE(around.unreached.size(), std::size_t{4}); // where the wings meet the middle
    for (const Unreached& corner : around.unreached) {
        QVERIFY(!corner.is_whole);
        QVERIFY(corner.high_mm > 0.9 * radius && corner.high_mm < 1.01 * radius);
        // The circle that fits between the cutter's round and both walls.
        const double fits_mm = 2.0 * radius * std::pow(std::numbers::sqrt2 - 1.0, 2);
        QVERIFY2(std::abs(corner.wide_mm - fits_mm) < 0.03, qPrintable(QString::number(corner.wide_mm)));
        QVERIFY(to_outline(corner.at, part.outline) < radius);
    }
    const MachineDrawing drawing = machine_drawing(part, "b", {2.0 * radius}, Unit::mm);
    QVERIFY(std::any_of(drawing.unreached.begin(), drawing.unreached.end(), [](const std::string& line) {
        return line.find("outline: left standing at x") != std::string::npos;
    }));
}

void TestMachine::a_slot_too_narrow_is_listed() {
    const CutterPaths within = cutter_within(box(0.3, 5.0), 0.5);
    QVERIFY(within.paths.empty());
    QCOMPARE(within.unreached.size(), std::size_t{1});
    QVERIFY(within.unreached.front().is_whole);
    QVERIFY(std::abs(within.unreached.front().wide_mm - 0.3) < 1e-4);
    // A thin neck between two wide places is left, and said, while both places are cut.
    Path neck;
    neck.closed = true;
    neck.vertices = {{{0, 0}},  {{4, 0}}, {{4, 1.85}}, {{6, 1.85}}, {{6, 0}}, {{10, 0}},
                     {{10, 4}}, {{6, 4}}, {{6, 2.15}}, {{4, 2.15}}, {{4, 4}}, {{0, 4}}};
    const CutterPaths two = cutter_within(neck, 0.5);
    QCOMPARE(two.paths.size(), std::size_t{2});
    QVERIFY(std::any_of(two.unreached.begin(), two.unreached.end(), [](const Unreached& place) {
        return std::abs(place.at.x - 5.0) < 0.1 && std::abs(place.at.y - 2.0) < 0.1;
    }));
}

void TestMachine::outer_corners_are_reached() {
    QVERIFY(cutter_around(box(10, 5), 2.0).unreached.empty());
    const double area = std::abs(area_of(corners_of(cutter_around(box(10, 5), 2.0).paths.front())));
    QVERIFY(std::abs(area - (50.0 + 2.0 * 2.0 * 15.0 + std::numbers::pi * 4.0)) < 0.02);
    // An open slot's top is no corner to be listed.
    const Job job = demo_job("groundswell");
    const MachinePart part = machine_part(job.design, solve(job.design), MachinePartKind::nut, false);
    QVERIFY(machine_drawing(part, "n", {1.0}, Unit::mm).unreached.empty());
}

void TestMachine::slots_stand_where_they_are_computed() {
    for (const char* name : {"curlew", "teal"}) {
        const Job job = demo_job(name);
        const Solution solution = solve(job.design);
        const Value seen = read_dxf(
            machine_file(*state_of(job, {}), MachinePartKind::nut, QStringLiteral("a.dxf"), {}).bytes);
        const Value::Array& places = *find(seen, "centres")->array();
        std::vector<double> wanted;
        for (const StringSolution& string : solution.strings)
            wanted.push_back((job.left_handed ? -1 : 1) *
                             (string.slot.along_mm - nut_plan_of(job.design, solution).bass.along_mm));
        std::sort(wanted.begin(), wanted.end());
        QCOMPARE(places.size(), wanted.size());
        for (std::size_t i = 0; i < wanted.size(); ++i)
            QVERIFY(std::abs(places[i].number() - wanted[i]) < 0.001);
    }
}

void TestMachine::the_left_handed_part_is_the_mirror_image() {
    const Job job = demo_job("kittiwake");
    const Solution solution = solve(job.design);
    for (const MachinePartKind kind :
         {MachinePartKind::nut, MachinePartKind::saddle, MachinePartKind::bridge}) {
        const Path right = machine_part(job.design, solution, kind, false).outline;
        Path left = machine_part(job.design, solution, kind, true).outline;
        for (Vertex& v : left.vertices) v.at.x = -v.at.x;
        for (const Vertex& v : left.vertices) QVERIFY(to_outline(v.at, right) < 1e-9);
    }
    for (const auto& solid : {solid_nut, solid_saddle}) {
        const SolidPart right = solid(job.design, solution, false);
        const SolidPart left = solid(job.design, solution, true);
        QVERIFY(std::abs(area_of(right.profile) - area_of(left.profile)) < 1e-9); // the same way round, too
        QVERIFY(std::abs(expected_volume(right) - expected_volume(left)) < 1e-6);
    }
}

void TestMachine::files_of_no_kind_are_refused() {
    const Job job = demo_job("kittiwake");
    const MachineFile file =
        machine_file(*state_of(job, {}), MachinePartKind::nut, QStringLiteral("a.pdf"), {});
    QVERIFY(file.bytes.isEmpty() && file.fault.find(".svg, .dxf, .step or .stl") != std::string::npos);
}

/// Its height is over the fret plane: no machine should take it for the piece.
void TestMachine::a_saddle_without_a_bridge_is_not_for_cutting() {
    const Job job = demo_job("groundswell");
    QVERIFY(!job.design.bridge);
    const MachineFile file =
        machine_file(*state_of(job, {}), MachinePartKind::saddle, QStringLiteral("a.dxf"), {1.0});
    QVERIFY(std::any_of(file.unreached.begin(), file.unreached.end(), [](const std::string& line) {
        return line.find("Do not cut") != std::string::npos;
    }));
    const Value seen = read_dxf(file.bytes);
    QCOMPARE(find(seen, "layers.CUT")->number(), 0.0);
    QCOMPARE(find(seen, "layers.TOOL")->number(), 0.0);
    QVERIFY(find(seen, "layers.SCRIBE")->number() > 0);
    QVERIFY(file.bytes.contains("Do not cut"));
}

void TestMachine::a_slanted_slot_is_as_wide_as_it_is_across() {
    const Job job = demo_job("kittiwake");
    const Solution solution = solve(job.design);
    const double wide_mm = job.design.saddle.thickness_mm;
    const MachinePart part = machine_part(job.design, solution, MachinePartKind::bridge, false);
    const auto whole_slots = [&](double cutter_mm) {
        std::string lines;
        for (const std::string& line : machine_drawing(part, "b", {cutter_mm}, Unit::mm).unreached)
            if (line.find("does not get in") != std::string::npos) lines += line;
        return lines;
    };
    QCOMPARE(whole_slots(wide_mm - 0.02), std::string());
    const std::string told = whole_slots(wide_mm + 0.1);
    QVERIFY2(told.find("3.00 mm wide") != std::string::npos, told.c_str());
    // Its ends are round, as the order of cuts says: together one whole turn.
    double turned = 0;
    for (const MachineSlot& slot : part.slots)
        for (const Vertex& v : slot.outline.vertices) turned += 4.0 * std::atan(std::abs(v.bulge));
    QVERIFY2(std::abs(turned - 2.0 * std::numbers::pi) < 1e-6, qPrintable(QString::number(turned)));
}

/// Whatever was designed and is not in the outline stands in the file itself and is told.
void TestMachine::what_is_designed_and_not_drawn_is_said() {
    struct Hidden {
        const char* key;
        double value;
        MachinePartKind kind;
        const char* word;
    };
    for (const Hidden& hidden : {Hidden{"nut.set_forward_mm", 0.35, MachinePartKind::nut, "0.35"},
                                 Hidden{"saddle.lean_deg", 4.0, MachinePartKind::saddle, "4.0"},
                                 Hidden{"saddle.under_mm", 0.45, MachinePartKind::saddle, "0.45"}}) {
        const Job job = job_of(with(demo_document("kittiwake"), hidden.key, hidden.value));
        for (const char* name : {"a.dxf", "a.svg"}) {
            const MachineFile file = machine_file(*state_of(job, {}), hidden.kind, QLatin1String(name), {});
            QVERIFY2(file.bytes.contains(hidden.word), hidden.key);
            QVERIFY2(std::any_of(file.unreached.begin(), file.unreached.end(),
                                 [&](const std::string& line) {
                                     return line.find(hidden.word) != std::string::npos;
                                 }),
                     hidden.key);
        }
    }
}

/// Each string is scribed up the front; where its crown lies is seen from above, where nothing is cut.
void TestMachine::a_saddle_has_its_strings_and_its_crowns_from_above() {
    for (const bool mirrored : {false, true}) {
        const Job job = demo_job("kittiwake");
        const Solution solution = solve(job.design);
        const MachinePart part = machine_part(job.design, solution, MachinePartKind::saddle, mirrored);
        double face = -1e9; // of the picture: its front
        for (const Path& path : part.picture) {
            QVERIFY(path.layer == Layer::dimension);
            if (path.closed)
                for (const Vertex& v : path.vertices) face = std::max(face, v.at.y);
        }
        for (std::size_t i = 0; i < solution.strings.size(); ++i) {
            const double x = (mirrored ? -1.0 : 1.0) * solution.strings[i].saddle_along_mm;
            const double crown = face - solution.straight_saddle.front_to_crown_mm[i];
            QVERIFY(std::any_of(part.picture.begin(), part.picture.end(), [&](const Path& path) {
                if (path.vertices.size() != 2) return false;
                const Point a = path.vertices[0].at;
                const Point b = path.vertices[1].at;
                return std::abs(a.y - crown) < 1e-9 && std::abs(b.y - crown) < 1e-9 &&
                       std::abs(0.5 * (a.x + b.x) - x) < 1e-9 && std::abs(b.x - a.x) < 5.0;
            }));
            QVERIFY(std::any_of(part.marks.begin(), part.marks.end(), [&](const Path& path) {
                return path.vertices.size() == 2 && std::abs(path.vertices[0].at.x - x) < 1e-9 &&
                       std::abs(path.vertices[1].at.y - *solution.saddle.height_mm[i]) < 1e-6;
            }));
        }
    }
}

void TestMachine::solids_have_their_volume_data() {
    QTest::addColumn<Job>("job");
    QTest::addColumn<int>("kind");
    const int nut = static_cast<int>(MachinePartKind::nut);
    const int saddle = static_cast<int>(MachinePartKind::saddle);
    QTest::newRow("seat at an angle, floors that fall") << demo_job("kittiwake") << nut;
    QTest::newRow("left-handed") << demo_job("teal") << nut;
    QTest::newRow("curved seat and top") << curved_seat() << nut;
    QTest::newRow("saddle with round ends") << demo_job("lantern") << saddle;
    QTest::newRow("bridge top with notches") << demo_job("curlew") << saddle;
}

void TestMachine::solids_have_their_volume() {
    if (!makes_solids()) QSKIP("built without solids");
    QFETCH(const Job, job);
    QFETCH(const int, kind);
    const Solution solution = solve(job.design);
    const SolidPart part = static_cast<MachinePartKind>(kind) == MachinePartKind::nut
                               ? solid_nut(job.design, solution, job.left_handed)
                               : solid_saddle(job.design, solution, job.left_handed);
    const double wanted = expected_volume(part);
    const double in_stl = volume_of_stl(stl_of(part));
    QVERIFY2(std::abs(in_stl / wanted - 1.0) < 0.001, qPrintable(QString::number(in_stl / wanted)));
#ifdef HAS_SOLIDS
    const double in_step = volume_of_step(step_of(part, {"part", "Shop"}));
    QVERIFY2(std::abs(in_step / wanted - 1.0) < 0.001, qPrintable(QString::number(in_step / wanted)));
#endif
}

/// Of curves there remain few pieces, none farther from the corners than was asked; corners stay.
void TestMachine::curves_become_arcs() {
    std::vector<Point> corners{{0, 0}, {40, 0}, {40, 5}};
    for (int i = 1; i < 400; ++i) { // a flat curve that is no circle
        const double x = 40.0 - 40.0 * i / 400;
        corners.push_back({x, 5.0 + 3.0 * std::sin(std::numbers::pi * x / 40.0)});
    }
    corners.push_back({0, 5});
    const Path fitted = fitted_by_arcs(corners, 0.003);
    QVERIFY2(fitted.vertices.size() < 30, qPrintable(QString::number(fitted.vertices.size())));
    for (const Point& p : corners) QVERIFY(to_outline(p, fitted) <= 0.003 + 1e-9);
    for (const Point corner : {Point{0, 0}, Point{40, 0}, Point{40, 5}, Point{0, 5}})
        QVERIFY(std::any_of(fitted.vertices.begin(), fitted.vertices.end(),
                            [&](const Vertex& v) { return distance(v.at, corner) < 1e-9; }));
    QVERIFY(std::abs(area_of(corners_of(fitted)) / area_of(corners) - 1.0) < 1e-4);
    // A whole circle has no corner to begin at, and no arc over half of it.
    std::vector<Point> circle;
    for (int i = 0; i < 200; ++i)
        circle.push_back(
            {7.0 * std::cos(i * std::numbers::pi / 100), 7.0 * std::sin(i * std::numbers::pi / 100)});
    const Path round = fitted_by_arcs(circle, 0.003);
    QVERIFY(round.vertices.size() >= 2 && round.vertices.size() <= 4);
    for (const Vertex& v : round.vertices) QVERIFY(v.bulge > 0 && v.bulge < 1.01);
    // What is made of straight pieces stays so.
    for (const Vertex& v :
         fitted_by_arcs(box(12, 0.4).vertices.empty() ? std::vector<Point>{} : corners_of(box(12, 0.4)),
                        0.003)
             .vertices)
        QCOMPARE(v.bulge, 0.0);
}

/// Counted from the bass end, every corner and area as the solution has it, to a thousandth of it; nothing of
/// a slot outside the part, nothing without length; curves as few arcs.
void TestMachine::outlines_are_what_is_computed() {
    QFETCH(const Job, job);
    QFETCH(const int, kind);
    const auto part = static_cast<MachinePartKind>(kind);
    const Solution solution = solve(job.design);
    for (const bool one_contour : {false, true}) {
        const Value seen = read_dxf(
            machine_file(*state_of(job, {}), part, QStringLiteral("a.dxf"), {{}, one_contour, {}}).bytes);
        QVERIFY(find(seen, "shortest")->number() > 1e-5);
        const double length = find(seen, "right")->number() - find(seen, "left")->number();
        if (part == MachinePartKind::saddle) {
            QVERIFY(std::abs(length - solution.saddle.length_mm) < 0.001);
            const bool is_curved = solution.saddle.crown_radius_mm.has_value();
            QVERIFY2((find(seen, "arcs")->number() > 0) == (is_curved || !solution.notches.empty()) &&
                         find(seen, "corners")->number() < 60,
                     qPrintable(QString::number(find(seen, "corners")->number())));
        }
        if (part == MachinePartKind::nut)
            QVERIFY(std::abs(length - nut_plan_of(job.design, solution).length_mm()) < 0.001);
        if (part != MachinePartKind::bridge) // from the bass end: the right one of a left-handed part
            QVERIFY(std::abs(find(seen, job.left_handed ? "right" : "left")->number()) < 0.001);
        if (one_contour) continue;
        QVERIFY2(find(seen, "outside")->number() < 0.004,
                 qPrintable(QString::number(find(seen, "outside")->number())));
        const double wanted =
            part == MachinePartKind::bridge
                ? 60.0 * 34.0 + 60.0 * 22.0 // the waisted one: its middle and its wings
            : part == MachinePartKind::nut
                ? std::abs(area_of(solid_nut(job.design, solution, job.left_handed).profile))
                : std::abs(area_of(solid_saddle(job.design, solution, job.left_handed).profile));
        QVERIFY(std::abs(find(seen, "area")->number() / wanted - 1.0) < 0.001);
    }
}

/// One outline, less by what the slots take of it; the cutter goes round it, too.
void TestMachine::slots_are_notches_where_one_contour_is_wanted() {
    for (const char* name : {"curlew", "teal", "kittiwake"}) {
        const Job job = demo_job(name);
        const auto seen = [&](bool one_contour, std::optional<double> cutter_mm) {
            return read_dxf(machine_file(*state_of(job, {}), MachinePartKind::nut, QStringLiteral("a.dxf"),
                                         {cutter_mm, one_contour, {}})
                                .bytes);
        };
        const Value apart = seen(false, {});
        const Value notched = seen(true, 0.2);
        QCOMPARE(find(notched, "errors")->number() + find(notched, "open")->number(), 0.0);
        QCOMPARE(find(notched, "layers.CUT")->number(), 1.0);
        QCOMPARE(find(notched, "layers.SLOT")->number(), 0.0);
        QCOMPARE(find(notched, "layers.TOOL")->number(), 1.0);
        const Solution solution = solve(job.design);
        const MachinePart part = machine_part(job.design, solution, MachinePartKind::nut, job.left_handed);
        double slots = 0;
        for (const MachineSlot& slot : part.slots) slots += std::abs(area_of(corners_of(slot.outline)));
        QVERIFY2(slots > 0.1, qPrintable(QString::number(slots)));
        QVERIFY2(
            std::abs(find(apart, "area")->number() - slots - find(notched, "area")->number()) < 0.005,
            qPrintable(QString::number(find(apart, "area")->number() - find(notched, "area")->number())));
    }
}

/// What is inside comes before the outline sets the part free; each operation has a colour of its own.
void TestMachine::a_file_tells_its_order_and_whose_it_is() {
    const Job job = demo_job("lantern");
    const auto file = [&](const char* name) {
        return machine_file(*state_of(job, {}), MachinePartKind::nut, QLatin1String(name),
                            {0.2, false, "Two & Co"})
            .bytes;
    };
    const QByteArray svg = file("a.svg");
    qsizetype before = 0;
    QSet<QByteArray> colours;
    for (const char* layer : {"SCRIBE", "SLOT", "HOLE", "CUT", "TOOL"}) {
        const qsizetype at = svg.indexOf(QByteArray("id=\"") + layer);
        QVERIFY(at > before);
        before = at;
        const qsizetype stroke = svg.indexOf("stroke=\"", at);
        if (QByteArray(layer) != "HOLE") colours.insert(svg.mid(stroke + 8, 7));
    }
    QCOMPARE(colours.size(), 4);
    QVERIFY(svg.contains("Two &amp; Co") && svg.contains("Nut · "));
    const QByteArray dxf = file("a.dxf");
    QVERIFY(dxf.contains("Two & Co") && dxf.contains("Nut \\U+00B7 "));
    QVERIFY(dxf.indexOf("\nSLOT\n", dxf.indexOf("ENTITIES")) <
            dxf.indexOf("\nCUT\n", dxf.indexOf("ENTITIES")));
    // The cross stands where the file counts from.
    QVERIFY(dxf.contains("CENTRE"));
    const MachinePart part =
        machine_part(job.design, solve(job.design), MachinePartKind::nut, job.left_handed);
    const Drawing drawing = machine_drawing(part, "n", {}, Unit::mm).drawing;
    int arms = 0;
    for (const Item& item : drawing.items)
        if (const auto* path = std::get_if<Path>(&item);
            path && path->layer == Layer::centre && path->wide_mm == 0) {
            const Point middle{0.5 * (path->vertices[0].at.x + path->vertices[1].at.x),
                               0.5 * (path->vertices[0].at.y + path->vertices[1].at.y)};
            arms += distance(middle, drawing.origin) < 1e-9;
        }
    QCOMPARE(arms, 2);
}

void TestMachine::a_machine_drills_before_anybody_reams() {
    const auto radius = [](const Value& document) {
        const Job job = job_of(document);
        return machine_part(job.design, solve(job.design), MachinePartKind::bridge, false)
            .holes.front()
            .circle.radius;
    };
    const Value plain = demo_document("kittiwake");
    QVERIFY(std::abs(radius(plain) - 2.5) < 1e-9);
    const Value reamed = with(with(plain, "bridge.pins.pilot_mm", 4.0), "bridge.pins.taper_deg", 3.0);
    QVERIFY(std::abs(radius(reamed) - 2.0) < 1e-9);
    const MachineFile file =
        machine_file(*state_of(job_of(reamed), {}), MachinePartKind::bridge, QStringLiteral("a.svg"), {});
    QVERIFY(std::any_of(file.unreached.begin(), file.unreached.end(), [](const std::string& line) {
        return line.find("reamed to 5.00") != std::string::npos;
    }));
}

void TestMachine::a_leaning_slot_lies_where_it_opens() {
    const auto slot_y = [](double lean_deg) {
        const Job job = job_of(with(demo_document("kittiwake"), "saddle.lean_deg", lean_deg));
        const Solution solution = solve(job.design);
        const MachinePart part = machine_part(job.design, solution, MachinePartKind::bridge, false);
        const Path& middle = part.slots.front().centre;
        return std::pair{0.5 * (middle.vertices[0].at.y + middle.vertices[1].at.y),
                         solution.bridge->mouth_mm.value_or(0.0)};
    };
    const auto [upright, none] = slot_y(0);
    const auto [leaning, mouth_mm] = slot_y(-5);
    QVERIFY(none == 0 && mouth_mm < -0.1); // before the crowns, toward the nut: up
    QVERIFY2(std::abs(leaning - upright + mouth_mm) < 0.02, qPrintable(QString::number(leaning - upright)));
}

namespace {

Value tapered() {
    return with(demo_document("kittiwake"), "bridge.height_mm",
                parse_json(R"({"bass": 9.5, "treble": 8.5})"));
}

/// By its parts: outline under the top's plane, less slot and holes. Ramps are a millionth or two of it.
double expected_volume(const SolidBridge& solid) {
    const std::vector<Point> corners = corners_of(solid.outline);
    double area = 0, moment = 0;
    for (std::size_t i = 0; i < corners.size(); ++i) {
        const Point& a = corners[i];
        const Point& b = corners[(i + 1) % corners.size()];
        const double twice = a.x * b.y - b.x * a.y;
        area += 0.5 * twice;
        moment += twice * (a.x + b.x) / 6.0;
    }
    double volume = std::abs(area * solid.top_mm + moment * solid.top_run);
    if (!solid.slot.vertices.empty())
        volume -= std::abs(area_of(corners_of(solid.slot))) * solid.slot_depth_mm;
    for (const SolidBridge::Hole& hole : solid.holes)
        volume -=
            std::numbers::pi * hole.radius_mm * hole.radius_mm * (solid.top_mm + solid.top_run * hole.at.x);
    return volume;
}

} // namespace

void TestMachine::bridges_have_their_volume_data() {
    QTest::addColumn<Job>("job");
    const Value plain = demo_document("kittiwake");
    QTest::newRow("pinned") << job_of(plain);
    QTest::newRow("left-handed, higher at the bass") << job_of(with(tapered(), "handed", "left"));
    QTest::newRow("waisted, its slot leaning back") << [] {
        Job job = waisted();
        job.design.saddle.lean_deg = -4.0;
        return job;
    }();
    Value bellied = with(plain, "bridge.outline.form", "bellied");
    for (const auto& [key, mm] : {std::pair{"length_mm", 150.0}, std::pair{"width_mm", 30.0},
                                  std::pair{"front_mm", 12.0}, std::pair{"belly_mm", 9.0}})
        bellied = with(bellied, std::string("bridge.outline.") + key, mm);
    QTest::newRow("bellied") << job_of(bellied);
    QTest::newRow("tied") << demo_job("lantern");
}

void TestMachine::bridges_have_their_volume() {
    if (!makes_solids()) QSKIP("built without solids");
    QFETCH(const Job, job);
    const Solution solution = solve(job.design);
    QVERIFY(is_solid_bridge(job.design, solution));
    const SolidBridge solid = solid_bridge(job.design, solution, job.left_handed);
    const double wanted = expected_volume(solid);
    QVERIFY(wanted > 1000);
    const double in_stl = volume_of_stl(stl_of(solid));
    QVERIFY2(std::abs(in_stl / wanted - 1.0) < 0.001, qPrintable(QString::number(in_stl / wanted)));
#ifdef HAS_SOLIDS
    const double in_step = volume_of_step(step_of(solid, {"Bridge", ""}));
    QVERIFY2(std::abs(in_step / wanted - 1.0) < 0.001, qPrintable(QString::number(in_step / wanted)));
#endif
}

/// A ramp takes its wedge between the hole's edge and where the string meets the top.
void TestMachine::a_bridge_has_its_ramps() {
#ifndef HAS_SOLIDS
    QSKIP("built without solids");
#else
    const Job job = demo_job("kittiwake");
    SolidBridge solid = solid_bridge(job.design, solve(job.design), false);
    QCOMPARE(solid.ramps.size(), job.design.strings.size());
    const double with_ramps = volume_of_step(step_of(solid, {"Bridge", ""}));
    double wedges = 0;
    const double r = solid.holes.front().radius_mm;
    for (const SolidBridge::Ramp& ramp : solid.ramps) {
        const double run = distance(ramp.from, ramp.to);
        const double fall = ramp.depth_mm / run;
        QVERIFY(std::abs(fall * (run - r) - job.design.bridge->pins.ramp_mm) < 1e-6); // deep there
        // Strips across it, each as far as the hole's round.
        constexpr int strips = 200;
        for (int k = 0; k < strips; ++k) {
            const double off = ramp.width_mm * ((k + 0.5) / strips - 0.5);
            const double to = run - std::sqrt(r * r - off * off);
            wedges += 0.5 * fall * to * to * ramp.width_mm / strips;
        }
    }
    solid.ramps.clear();
    const double without = volume_of_step(step_of(solid, {"Bridge", ""}));
    QVERIFY2(std::abs((without - with_ramps) / wedges - 1.0) < 0.05,
             qPrintable(QStringLiteral("%1 of %2").arg(without - with_ramps).arg(wedges)));
#endif
}

void TestMachine::a_solid_says_whose_it_is() {
    if (!makes_solids()) QSKIP("built without solids");
    Job job = demo_job("kittiwake");
    job.title = "K\u00f6nig's No. 3";
    const auto file = [&](MachinePartKind kind) {
        return machine_file(*state_of(job, {}), kind, QStringLiteral("a.step"), {{}, false, "Lantern Hill"});
    };
    const QByteArray step = file(MachinePartKind::bridge).bytes;
    QVERIFY(step.contains("FILE_NAME('Bridge") && step.contains("'Lantern Hill'"));
    QVERIFY2(step.contains("K\\X2\\00F6\\X0\\nig''s No. 3"), step.left(900).constData());
    // What is no block of wood has no solid, and says why.
    const MachineFile floats = machine_file(*state_of(demo_job("curlew"), {}), MachinePartKind::bridge,
                                            QStringLiteral("a.step"), {});
    QVERIFY(floats.bytes.isEmpty() && floats.fault.find("choose the saddle") != std::string::npos);
}

QTEST_MAIN(TestMachine)
#include "tst_machine.moc"
