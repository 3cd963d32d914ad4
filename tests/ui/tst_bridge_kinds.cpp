#include "common/jobs.h"
#include "common/window.h"
#include "core/design/bridge_kind.h"
#include "job/document/json.h"
#include "ui/field/text_field.h"

#include <QDir>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// The kinds of bridge in the window: chosen as drawings, and what each then offers; driven by hand.
class TestBridgeKinds : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-kinds-test"); }
    void init() { pressed_ = 0; }

    void a_plate_gives_its_edge_and_its_reserves() {
        open("teal");
        click("Kind of bridge: plate");
        QCOMPARE(kind_of_bridge(state().job.design), BridgeKind::plate);
        QTRY_VERIFY(!shown("reference edge from the nut line").isEmpty());
        tab("Saddles");
        type("saddle.travel_mm[1]", "600"); // thou in this job: 15.24 mm
        QCOMPARE(state().job.design.saddle.travel->most_mm, 15.24);
        // A plate that cannot move.
        click("Reference edge: where it is");
        const double before_mm = state().solution.single->edge->at_centre_mm;
        type("bridge.edge_mm.bass", "26.9 in");
        QVERIFY(std::abs(state().job.design.bridge->edge_mm->bass_mm - 26.9 * 25.4) < 1e-6);
        QVERIFY(state().solution.single->edge->at_centre_mm != before_mm);
        for (int i = 0; i < 4; ++i) press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!state().job.design.bridge);
    }

    void neighbours_come_together_and_part() {
        open("teal");
        click("Kind of bridge: plate");
        tab("Saddles");
        window()->choose_string(3);
        click("This string's saddle: its bass neighbour's, too");
        QCOMPARE(kind_of_bridge(state().job.design), BridgeKind::plate_shared);
        QCOMPARE(state().job.design.saddle.groups.front().first, std::size_t{2});
        QCOMPARE(state().solution.strings[2].single->crown_x_mm,
                 state().solution.strings[3].single->crown_x_mm);
        click("This string's saddle: its own");
        QCOMPARE(kind_of_bridge(state().job.design), BridgeKind::plate);
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(kind_of_bridge(state().job.design), BridgeKind::plate_shared);
    }

    void a_crown_as_found_says_how_far_to_move_it() {
        open("teal");
        click("Kind of bridge: plate");
        tab("Saddles");
        type("saddle.travel_pitch_mm", "0.5 mm");
        click("Crowns that are there: measured");
        window()->choose_string(1);
        const StringSolution& string = state().solution.strings[1];
        const double there_mm =
            string.line.saddle_x_mm - state().neck.fret_x_mm(12, string.line.scale_mm) - 1.5;
        type("bridge.existing.crown_mm", QString::number(there_mm, 'f', 6) + QStringLiteral(" mm"));
        QVERIFY(std::abs(*state().solution.strings[1].single->move_mm - 1.5) < 1e-6);
        QVERIFY(std::abs(*state().solution.strings[1].single->turns - 3.0) < 1e-6);
    }

    void fences_are_typed() {
        open("kittiwake");
        tab("Outline");
        click("Outline: straight");
        const double width_mm = state().job.design.bridge->outline->width_mm;
        type("bridge.outline.front_mm/back", "20");
        QVERIFY(std::abs(state().job.design.bridge->outline->front_mm - (width_mm - 20)) < 1e-9);
        const double first_mm = state().solution.bridge->pins_from_front_mm[0];
        const double behind_mm = state().job.design.bridge->pins.behind_mm;
        type("bridge.pins.behind_mm/front", QString::number(first_mm + 0.5, 'f', 6));
        QVERIFY(std::abs(state().job.design.bridge->pins.behind_mm - (behind_mm + 0.5)) < 1e-6);
        QVERIFY(std::abs(state().solution.bridge->pins_from_front_mm[0] - (first_mm + 0.5)) < 1e-6);
        type("bridge.pins.behind_mm/back", "9.25");
        QVERIFY(std::abs(width_mm - 9.25 - state().solution.bridge->pins_from_front_mm[0]) < 1e-6);
    }

    void what_it_goes_on_is_measured_and_undone() {
        open("kittiwake");
        const Value before = window()->session().document();
        tab("The top");
        click("Old bridge's print: straight");
        const double there_mm = state().job.design.bridge->existing->front_x_mm;
        type("bridge.existing.front_x_mm", QString::number(there_mm - 1.5, 'f', 2));
        QVERIFY(doubted("print_front"));
        click("Old holes: one for each string");
        window()->choose_string(2);
        type("bridge.existing.holes.from_front_mm", "-8");
        QCOMPARE(state().job.design.bridge->existing->holes[2].from_front_mm, -8.0);
        QVERIFY(doubted("old_hole_shows"));
        click("Wood inside: measured");
        type("bridge.plate_inside.width_mm", "6");
        QVERIFY(doubted("pin_off_inside"));
        click("Top's curve: three gaps");
        type("bridge.arching.bass_mm", "0.9");
        type("bridge.arching.treble_mm", "0.7");
        QVERIFY(std::abs(state().solution.bridge->feet->rise_mm - 0.8) < 1e-9);
        QVERIFY(told("bottom hollow"));
        auto* gluing = pages()->findChild<TextField*>(QStringLiteral("bridge.gluing"));
        QTest::mouseClick(gluing, Qt::LeftButton);
        QTest::keyClicks(gluing, QStringLiteral("hot glue, two clamps"));
        QTest::keyClick(gluing, Qt::Key_Return);
        QCOMPARE(state().job.design.bridge->gluing, std::string("hot glue, two clamps"));
        // A choice taken back takes its figures with it; each step goes back by itself.
        click("Old bridge's print: not measured");
        QVERIFY(!state().job.design.bridge->existing);
        for (int i = 0; i < 40 && window()->session().undo_stack()->canUndo(); ++i)
            press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(window()->session().document() == before);
    }

    void screws_of_a_plate_are_told_one_by_one() {
        open("teal");
        tab("Kind");
        click("Kind of bridge: plate");
        tab("Screws");
        click("Screws that hold it: 3");
        QCOMPARE(state().job.design.bridge->screws->holes.size(), std::size_t{3});
        type("bridge.screws.holes[1].across_mm", "4 mm");
        QCOMPARE(state().job.design.bridge->screws->holes[1].across_mm, 4.0);
        type("bridge.screws.length_mm", "30 mm");
        QCOMPARE(*state().solution.bridge->drill_depth_mm, 28.0);
        QVERIFY(told("each screw holds"));
        // One more keeps those that are there; what is longer than the screw is refused and stays to be
        // mended.
        click("Screws that hold it: 4");
        QCOMPARE(state().job.design.bridge->screws->holes[1].across_mm, 4.0);
        auto* through = pages()->findChild<ValueField*>(QStringLiteral("bridge.screws.through_mm"));
        QTest::mouseClick(through, Qt::LeftButton);
        QTest::keyClick(through, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(through, QStringLiteral("31 mm"));
        QTest::keyClick(through, Qt::Key_Return);
        QCOMPARE(state().job.design.bridge->screws->through_mm, 2.0);
        QTest::keyClick(through, Qt::Key_Escape);
        click("Screws that hold it: not told");
        QVERIFY(!state().job.design.bridge->screws);
    }

    /// What is next, what can hurt and the help speak of the bridge that is there.
    void words_follow_the_kind() {
        struct Said {
            const char* kind;
            const char* next;
            const char* help;
        };
        open("teal");
        for (const Said& said : {Said{"pinned", "at both outer strings", "a sunken top"},
                                 Said{"floating", "fret 12", "never glued"},
                                 Said{"plate", "Check the edge", "Unplug everything"},
                                 Said{"two posts", "posts' line", "A bar on two posts has two heights"}}) {
            window_.press(Qt::Key_6, Qt::AltModifier);
            tab("Kind");
            click((std::string("Kind of bridge: ") + said.kind).c_str());
            const StationKind kind = bridge_kind();
            QVERIFY2(kind.next(state()).contains(QLatin1String(said.next)), said.kind);
            const bool bought =
                said.kind == std::string_view("plate") || said.kind == std::string_view("two posts");
            QCOMPARE(saddle_kind().state(state()),
                     bought ? QStringLiteral("to be set") : QStringLiteral("to be made"));
            press(Qt::Key_F1);
            const QString help = window()->help()->toPlainText();
            for (const char* words :
                 {"a sunken top", "never glued", "Unplug everything", "A bar on two posts has two heights"})
                QCOMPARE(help.contains(QLatin1String(words)),
                         QLatin1String(words) == QLatin1String(said.help));
            window()->help()->close();
            window()->activateWindow();
            QVERIFY(QTest::qWaitForWindowActive(window()));
        }
    }

    /// An old bridge measured, the new one's page saved: what a hand does for it is counted.
    void from_an_old_bridge_to_the_new_ones_page() {
        window_.start("kittiwake");
        press(Qt::Key_6, Qt::AltModifier);
        tab("There now");
        click("Bridge that is there: measured");
        type("bridge.existing.height_mm", "7.5");
        click("Fret plane over the top: by the old strings");
        type("bridge.existing.string_over_top_mm.bass", "11.2");
        type("bridge.existing.string_over_top_mm.treble", "10.9");
        QVERIFY(state().job.design.bridge->plane_from_strings);
        tab("Kind");
        click("Pins in a line: equal angle");
        press(Qt::Key_8, Qt::AltModifier);
        QCheckBox* box = nullptr;
        for (auto* each : window()->sheets()->beside()->findChildren<QCheckBox*>())
            if (each->text() == QStringLiteral("Bridge")) box = each;
        QVERIFY(box);
        QTest::mouseClick(box, Qt::LeftButton, {}, QPoint(8, 16));
        ++pressed_;
        const QString path =
            QFileInfo(window_.path("kittiwake")).dir().filePath(QStringLiteral("bridge.pdf"));
        window()->sheets()->save_to(path); // as the dialog does at Ctrl+E, Enter
        pressed_ += 2;
        QVERIFY(QFileInfo(path).size() > 1000);
        qInfo("%d keys and clicks", pressed_);
        QVERIFY(pressed_ <= 60);
    }

private:
    MainWindow* window() { return window_.operator->(); }
    const State& state() { return window_.state(); }
    void open(const char* job) {
        window_.again(job);
        press(Qt::Key_6, Qt::AltModifier);
    }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = {}) {
        window_.press(key, modifiers);
        ++pressed_;
    }
    bool doubted(const char* id) {
        const auto& warnings = state().solution.warnings;
        return std::any_of(warnings.begin(), warnings.end(),
                           [id](const Message& message) { return message.id == id; });
    }
    /// Whether it stands under the numbers.
    bool told(const char* words) {
        for (auto* label : window()->findChildren<QLabel*>())
            if (label->isVisible() && label->text().contains(QLatin1String(words))) return true;
        return false;
    }
    PartPages* pages() { return window()->bridge()->pages(); }
    QToolButton* button(const QString& name) {
        for (auto* each : pages()->findChildren<QToolButton*>())
            if (each->isVisible() && (each->accessibleName() == name || each->text() == name)) return each;
        return nullptr;
    }
    void click(const char* name) {
        QToolButton* there = button(QString::fromUtf8(name));
        QVERIFY2(there, name);
        QTest::mouseClick(there, Qt::LeftButton);
        ++pressed_;
        QVERIFY2(window()->notice().isEmpty(), qPrintable(window()->notice()));
    }
    void tab(const char* name) { click(name); }
    void type(const char* key, const QString& text) {
        auto* field = pages()->findChild<ValueField*>(QString::fromLatin1(key));
        QVERIFY2(field && field->isVisible(), key);
        QTest::mouseClick(field, Qt::LeftButton);
        QTest::keyClick(field, Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(field, text);
        QTest::keyClick(field, Qt::Key_Return);
        pressed_ += 3 + static_cast<int>(text.size());
        QVERIFY2(!field->property("fault").toBool(), qPrintable(field->accessibleDescription()));
    }
    void type(const char* key, const char* text) { type(key, QString::fromUtf8(text)); }
    /// A number as it stands on the drawing.
    QString shown(const char* name) {
        for (auto* number : window()->bridge()->findChildren<InkNumber*>())
            if (number->isVisible() && number->accessibleName().startsWith(QLatin1String(name)))
                return number->text();
        return {};
    }
    WindowOnDemo window_;
    int pressed_ = 0;
};

QTEST_MAIN(TestBridgeKinds)
#include "tst_bridge_kinds.moc"
