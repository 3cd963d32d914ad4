#include "common/jobs.h"
#include "common/sheet_text.h"
#include "core/design/bridge_kind.h"
#include "job/document/json.h"
#include "job/state/state.h"
#include "sheet/drawing/fonts.h"
#include "sheet/machine/machine_files.h"
#include "sheet/pages/sheet_book.h"
#include "sheet/views/bridge_kind_views.h"
#include "sheet/views/bridge_views.h"
#include "sheet/views/saddle_views.h"

#include <QTest>

#include <algorithm>
#include <cmath>

using namespace fm;
using namespace fm::test;

/// Every kind of bridge on paper and for a machine: each with what it has, and with nothing it has not.
class TestKinds : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { load_fonts(); }

    void its_sheets_say_only_what_is_there_data() {
        QTest::addColumn<QString>("kind");
        for (const std::string_view word : words_of(BridgeKind{}))
            QTest::addRow("%s", word.data()) << QString::fromLatin1(word.data());
    }
    void its_sheets_say_only_what_is_there() {
        QFETCH(const QString, kind);
        const Value document = document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(kind));
        const auto state = state_of(document).state;
        QVERIFY(state);
        const Design& design = state->job.design;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        for (const SheetPart part : {SheetPart::bridge, SheetPart::saddle, SheetPart::placing}) {
            const std::vector<Sheet> sheets = printing_of(book, {part}).sheets;
            QVERIFY(!sheets.empty());
            const QString all = words_on({sheets.front()}).join(QLatin1Char('\n'));
            const auto says = [&](const char* words) {
                return all.contains(QLatin1String(words), Qt::CaseInsensitive);
            };
            if (!design.has_slot()) QVERIFY2(!says("slot"), qPrintable(all));
            if (part == SheetPart::bridge)
                QCOMPARE(says("pin behind slot"), design.bridge->anchor == Anchor::pins);
            if (part == SheetPart::saddle) { // a thickness only where something is to be cut to it
                QCOMPARE(says("front face"), design.has_slot());
                QCOMPARE(says("crown behind that line"),
                         !design.has_slot() && design.bridge->stands != BridgeStands::plate);
                QCOMPARE(says("crown from the edge"), design.bridge->stands == BridgeStands::plate);
            }
            if (part == SheetPart::placing)
                QCOMPARE(says("the edge the saddles are set"), design.bridge->stands == BridgeStands::plate);
        }
        // The part for a machine: a slot where there is one, holes where there are pins.
        const MachineFile file = machine_file(*state, MachinePartKind::bridge, QStringLiteral(".svg"), {});
        QVERIFY2(!file.bytes.isEmpty(), file.fault.c_str());
        QCOMPARE(!file.bytes.contains("<g id=\"SLOT\"/>"), design.has_slot());
        QCOMPARE(!file.bytes.contains("<g id=\"HOLE\"/>"), design.bridge->anchor == Anchor::pins);
    }

    /// What a bridge maker looks for on the pages of each kind.
    void a_makers_twelve_measures_data() {
        QTest::addColumn<QString>("kind");
        QTest::addColumn<QStringList>("measures");
        const auto names = [](std::initializer_list<const char*> list) {
            QStringList made;
            for (const char* name : list) made << QString::fromLatin1(name);
            return made;
        };
        const QStringList place =
            names({"placing.12_bass", "placing.12_treble", "placing.nut_bass", "placing.nut_treble",
                   "placing.diagonal_bass", "placing.diagonal_treble"});
        const QStringList body =
            names({"bridge.length", "bridge.width", "bridge.slot_at_centre", "bridge.strings[0].from_bass",
                   "bridge.strings[0].over_top", "bridge.strings[0].break"});
        const QStringList slot =
            names({"bridge.slot_width", "bridge.slot_length", "bridge.slot_from", "bridge.slot_to",
                   "bridge.slot_depth", "bridge.angle", "bridge.floor_left", "bridge.height"});
        const QStringList leaves = names({"bridge.exit_behind", "bridge.exit_over_top"});
        const QStringList edge = names({"bridge.edge", "saddle.strings[0].crown"});
        const QStringList notched = names({"saddle.strings[0].notch_width", "saddle.strings[0].notch_depth"});
        const QStringList posts = names({"bridge.post_bass", "bridge.post_treble"});
        const QStringList screws = names(
            {"bridge.screws[0].from_front", "bridge.screws[0].across", "bridge.drill", "bridge.drill_depth"});
        const QStringList pins = names({"bridge.strings[0].pin_from_bass", "bridge.strings[0].pin_behind"});
        const QStringList feet = names({"bridge.feet_rise"});
        QTest::newRow("pinned") << QStringLiteral("pinned") << place + body + slot + pins + feet;
        QTest::newRow("tied") << QStringLiteral("tied") << place + body + slot + leaves;
        QTest::newRow("through") << QStringLiteral("through") << place + body + slot + leaves;
        QTest::newRow("glued_tailpiece") << QStringLiteral("glued_tailpiece") << place + body + slot + leaves;
        QTest::newRow("floating") << QStringLiteral("floating") << place + body + notched + leaves + feet;
        QTest::newRow("floating_wheels")
            << QStringLiteral("floating_wheels") << place + body + notched + leaves + posts + feet;
        QTest::newRow("plate") << QStringLiteral("plate") << place + body + leaves + edge + screws;
        QTest::newRow("plate_shared")
            << QStringLiteral("plate_shared") << place + body + leaves + edge + screws;
        QTest::newRow("posts") << QStringLiteral("posts") << place + body + leaves + posts;
    }
    void a_makers_twelve_measures() {
        QFETCH(const QString, kind);
        QFETCH(const QStringList, measures);
        const auto state = state_of(document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(kind))).state;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        QStringList there;
        for (const SheetPart part : {SheetPart::bridge, SheetPart::saddle, SheetPart::placing})
            for (const Sheet& sheet : printing_of(book, {part}).sheets)
                for (const auto& [name, value] : sheet.figures) there << QString::fromStdString(name);
        QVERIFY(measures.size() >= 12);
        for (const QString& measure : measures)
            QVERIFY2(there.contains(measure),
                     qPrintable(measure + QStringLiteral(": ") + there.join(QLatin1Char(' '))));
    }

    /// Middle, wings and belly are told where they are measured from, each once.
    void every_outline_can_be_cut_by_its_page() {
        struct Outline {
            const char* json;
            std::vector<const char*> told;
        };
        const Outline outlines[] = {
            {R"({"form": "waisted", "length_mm": 120, "width_mm": 34, "front_mm": 12, "middle_mm": 60, "wing_width_mm": 22})",
             {"30.00 middle", "90.00 middle", "6.00 wing's front", "28.00 wing's back", "34.00 back edge",
              "12.00 slot's middle"}},
            {R"({"form": "bellied", "length_mm": 150, "width_mm": 30, "front_mm": 12, "belly_mm": 9})",
             {"30.00 back edge at the ends", "39.00 back edge in the middle", "6.36"}},
            {R"({"form": "straight", "length_mm": 110, "width_mm": 31, "front_mm": 11})",
             {"31.00 back edge", "11.00 slot's middle"}}};
        for (const Outline& outline : outlines)
            for (const char* handed : {"right", "left"}) {
                Value document = with(demo_document("kittiwake"), "bridge.outline", parse_json(outline.json));
                const auto state = state_of(with(document, "handed", handed)).state;
                const Tools tools;
                const SheetBook book{*state, tools, SheetStyle{}, {}};
                const std::vector<Sheet> sheets = printing_of(book, {SheetPart::bridge}).sheets;
                const QString all = words_on(sheets).join(QLatin1Char('\n'));
                for (const char* told : outline.told)
                    QVERIFY2(all.count(QLatin1String(told)) == 1, qPrintable(QLatin1String(told) + all));
                // Its slot by both ends from the bass end, which are as far apart as a round-ended slot is
                // wide there.
                const Solution& solution = state->solution;
                const double angle = solution.straight_saddle.line.angle_deg * std::acos(-1.0) / 180.0;
                const Figures& figures = sheets.front().figures;
                const double r = 0.5 * state->job.design.saddle.thickness_mm;
                QVERIFY(std::abs(figures.at("bridge.slot_to") - figures.at("bridge.slot_from") -
                                 ((solution.saddle.length_mm - 2 * r) * std::cos(angle) + 2 * r)) < 0.006);
            }
    }

    /// A bridge whose outline is known lies on the strip: its front and back edge across it, where they are.
    void a_bridge_lies_on_its_strip_data() { its_sheets_say_only_what_is_there_data(); }
    void a_bridge_lies_on_its_strip() {
        QFETCH(const QString, kind);
        const auto state = state_of(document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(kind))).state;
        const auto& outline = state->job.design.bridge->outline;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        const std::vector<Sheet> strip = printing_of(book, {SheetPart::placing}).sheets;
        const auto stands_at = [&](double x_mm) {
            for (const Sheet& sheet : strip)
                for (const Item& item : sheet.page.items)
                    if (const auto* path = std::get_if<Path>(&item);
                        path && path->layer == Layer::scribe && path->vertices.size() >= 2)
                        for (std::size_t i = 0; i + 1 < path->vertices.size(); ++i) {
                            const Point a = path->vertices[i].at;
                            const Point b = path->vertices[i + 1].at;
                            if (std::abs(a.x - b.x) < 1e-6 && std::abs(a.y - b.y) > 20.0 &&
                                std::abs(a.x - sheet.page.origin.x - x_mm) < 1e-6)
                                return true;
                        }
            return false;
        };
        const bool told =
            words_on(strip).join(QLatin1Char(' ')).contains(QLatin1String("bridge's front edge"));
        QCOMPARE(told, outline.has_value());
        if (!outline) return;
        const double front_mm = front_edge_mm(*outline, state->solution);
        QVERIFY(stands_at(front_mm));
        if (outline->form != BridgeForm::bellied) QVERIFY(stands_at(front_mm + outline->width_mm));
    }

    /// The order of cuts of a bridge speaks of what it has, in the order of the work, and of nothing else.
    void its_order_of_cuts_is_its_own_data() { its_sheets_say_only_what_is_there_data(); }
    void its_order_of_cuts_is_its_own() {
        QFETCH(const QString, kind);
        const auto state = state_of(document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(kind))).state;
        const Design& design = state->job.design;
        const Tools tools;
        const SheetBook book{*state, tools, SheetStyle{}, {}};
        QString all = words_on(printing_of(book, {SheetPart::cuts}).sheets).join(QLatin1Char(' '));
        QCOMPARE(all.contains(QLatin1String("holds in the slot")), design.has_slot());
        QCOMPARE(all.contains(QLatin1String("Bridge top, hardwood")), design.bridge->floats());
        QVERIFY(!all.contains(QLatin1String("Bridge top, bone")));
        all = all.mid(all.indexOf(QLatin1String("Bridge 1.")));
        const auto at = [&](const char* words) { return all.indexOf(QLatin1String(words)); };
        const auto says = [&](const char* words) { return at(words) >= 0; };
        const bool glued = design.bridge->stands == BridgeStands::glued;
        const bool pinned = design.bridge->anchor == Anchor::pins;
        QVERIFY2(says("from fret 12 along the bass string"), qPrintable(all));
        QCOMPARE(says("Score round it"), glued);
        QCOMPARE(says("Cut the saddle's slot"), design.has_slot());
        QCOMPARE(says("Drill the pins' holes"), pinned);
        QCOMPARE(says("never glued"), design.bridge->stands == BridgeStands::floating);
        QCOMPARE(says("Prick the posts"), design.bridge->stands == BridgeStands::posts);
        QCOMPARE(says("Set the saddles' crowns"), design.bridge->stands == BridgeStands::plate);
        QCOMPARE(says("No string's height is set alone"), state->solution.bridge->posts.has_value());
        const auto& screws = design.bridge->screws;
        QCOMPARE(says("as the screw is between its threads"), screws.has_value());
        QCOMPARE(says("Mains and amplifiers"), screws && screws->earth_hole_mm);
        if (pinned) // drilled before the glue, reamed after it
            QVERIFY(at("Drill the pins' holes") < at("Score round it") &&
                    at("Score round it") < at("Ream at"));
        if (screws) QVERIFY(at("Set it:") < at("Prick") && at("Prick") < at("Wax the screws"));
    }

    /// From above: a saddle drawn is a saddle to buy, and the edge it is set from lies in the picture.
    void saddles_are_drawn_as_many_as_there_are_data() {
        QTest::addColumn<QString>("kind");
        QTest::addColumn<int>("bodies");
        QTest::newRow("one in its slot") << QStringLiteral("pinned") << 1;
        QTest::newRow("one a string") << QStringLiteral("plate") << 6;
        QTest::newRow("shared by two") << QStringLiteral("plate_shared") << 3;
        QTest::newRow("none that is known") << QStringLiteral("posts") << 0;
        QTest::newRow("the bridge itself") << QStringLiteral("floating") << 0;
    }
    void saddles_are_drawn_as_many_as_there_are() {
        QFETCH(const QString, kind);
        QFETCH(const int, bodies);
        const auto state = state_of(document_of(QStringLiteral(TEST_DATA "/kinds/%1.fmjob").arg(kind))).state;
        const Design& design = state->job.design;
        for (const bool left_handed : {false, true}) {
            SaddleViewOptions options;
            options.mirrored = left_handed;
            const Drawing plan = saddle_plan(design, state->solution, options, 2.0);
            QCOMPARE(std::count_if(plan.items.begin(), plan.items.end(),
                                   [](const Item& item) {
                                       const auto* path = std::get_if<Path>(&item);
                                       return path && path->fill == Fill::material;
                                   }),
                     bodies);
        }
        const SaddleSpan depth = saddle_plan_depth(design, state->solution);
        QVERIFY(depth.from_mm <= 0.0 && depth.to_mm >= 0.0);
        for (std::size_t i = 0; i < design.strings.size(); ++i) // by its place off the line, worked out here
            if (!state->solution.single) {
                const StraightSaddle& saddle = state->solution.straight_saddle;
                const StringLine& line = state->solution.strings[i].line;
                const double off_mm = line.plan_x_mm(line.saddle_x_mm) - saddle.slot_x_mm(line.saddle_y_mm);
                QVERIFY(std::abs(saddle.line_to_crown_mm[i] -
                                 off_mm * std::cos(std::atan(saddle.line.slope))) < 1e-9);
            }
    }

    void every_kind_has_a_picture_of_its_own() {
        std::vector<Drawing> pictures;
        for (std::size_t i = 0; i < words_of(BridgeKind{}).size(); ++i) {
            pictures.push_back(bridge_kind_picture(static_cast<BridgeKind>(i)));
            QVERIFY(!pictures.back().items.empty());
            for (const Item& item : pictures.back().items) {
                const auto* path = std::get_if<Path>(&item);
                if (!path) continue;
                for (const Vertex& vertex : path->vertices)
                    QVERIFY(vertex.at.x >= 0 && vertex.at.x <= 60 && vertex.at.y >= 0 && vertex.at.y <= 30);
            }
        }
    }
};

QTEST_MAIN(TestKinds)
#include "tst_kinds.moc"
