#include "common/figures.h"
#include "job/document/json.h"

#include <QToolButton>

#include <map>

using namespace fm;
using namespace fm::test;

namespace {

/// A document as keys and values, times left out: they are those of the sitting.
void spread(const Value& value, const std::string& key, std::map<std::string, std::string>& into) {
    if (const auto* members = value.object()) {
        for (const auto& [name, member] : *members) spread(member, key + "." + name, into);
    } else if (const auto* items = value.array()) {
        for (std::size_t i = 0; i < items->size(); ++i)
            spread((*items)[i], key + "[" + std::to_string(i) + "]", into);
    } else if (!key.ends_with(".when")) {
        into[key] = value.is_number() ? std::to_string(value.number()) : written_json(value);
    }
}

} // namespace

/// The whole bench order by keyboard alone: from a kind of instrument to a solved Kittiwake, with nothing
/// left that is assumed.
class TestWalk : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-walk-test"); }

    void from_a_kind_to_kittiwake() {
        window_.start("curlew");
        begin(QStringLiteral("Tenor, four steel strings"));
        press(Qt::Key_Escape);
        go(Qt::Key_1);
        survey();
        neck();
        strings();
        nut();
        saddle();
        bridge();
        readings();
        QVERIFY(window_->session().save());
        compare_documents();
        compare_figures();
    }

private:
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QWidget* there = QApplication::focusWidget();
        QTest::keyClick(there ? there : window_.operator->(), key, modifiers);
    }
    void go(Qt::Key number) { press(number, Qt::AltModifier); }
    void page(Qt::Key number) { press(number, Qt::ControlModifier); }
    void type(const QString& text) { QTest::keyClicks(QApplication::focusWidget(), text); }

    /// Tab until the focus is on a value or a button of that name.
    void tab_to(const QString& name) {
        if (QTest::currentTestFailed()) return;
        for (int i = 0; i < 250; ++i) {
            press(Qt::Key_Tab);
            const QWidget* there = QApplication::focusWidget();
            if (there->objectName() == name || there->accessibleName().startsWith(name)) return;
        }
        QFAIL(qPrintable(QStringLiteral("Tab never came to ") + name));
    }
    void set(const char* field, const char* text) {
        tab_to(QString::fromUtf8(field));
        type(QString::fromUtf8(text));
        press(Qt::Key_Return);
    }
    void choose(const char* button) {
        const QString wanted = QString::fromUtf8(button);
        const qsizetype colon = wanted.indexOf(QStringLiteral(": "));
        // Tab comes to the chosen one of a choice, arrows to the others.
        tab_to(colon < 0 ? wanted : wanted.left(colon + 2));
        if (QTest::currentTestFailed()) return;
        const auto name = [] { return QApplication::focusWidget()->accessibleName(); };
        for (int i = 0; i < 8 && colon >= 0 && name() != wanted; ++i) press(Qt::Key_Left);
        for (int i = 0; i < 8 && colon >= 0 && name() != wanted; ++i) press(Qt::Key_Right);
        QCOMPARE(name(), wanted);
        press(Qt::Key_Space);
    }

    /// Ctrl+N, and down to the kind that comes nearest.
    void begin(const QString& kind) {
        press(Qt::Key_N, Qt::ControlModifier);
        PictureList* kinds = window_->first()->kinds();
        QVERIFY(kinds->hasFocus());
        for (int i = 0; i < 40 && kinds->rows()->row(kinds->currentIndex().row()).title != kind; ++i)
            press(Qt::Key_Down);
        press(Qt::Key_Return);
        QCOMPARE(window_->session().path(), window_.path("Tenor, four steel strings.fmjob"));
        QCOMPARE(window_->view().station, Station::neck); // what is asked first
        QCOMPARE(QApplication::focusWidget()->objectName(), QStringLiteral("neck.scale_mm"));
    }

    void survey() {
        press(Qt::Key_2);
        set("survey.note", "a card goes 12 mm under its back edge, both wings");
        go(Qt::Key_1); // back to the drawing
        press(Qt::Key_Down);
        const auto point = [this] { return survey_points()[window_->view().point].word; };
        while (point() != "neck_twisted") press(point() == "top_sunk" ? Qt::Key_Down : Qt::Key_1);
        while (point() != "slots_filled") press(Qt::Key_Down);
        press(Qt::Key_2);
        set("survey.note", "string 2, shiny with glue");
        page(Qt::Key_4);
        set("title", "Kittiwake");
        set("owner", "J.B.");
        page(Qt::Key_5);
        choose("All lengths: mm");
    }

    void neck() {
        go(Qt::Key_2);
        set("neck.scale_mm", "584");
        page(Qt::Key_1);
        set("neck.frets", "19");
        set("neck.body_joint_fret", "12");
        page(Qt::Key_2);
        choose("Board across: radius grows");
        set("neck.end_at_mm", "389");
        go(Qt::Key_2);
        set("neck.nut_width_mm", "34");
        set("neck.end_width_mm", "43.5");
        set("neck.fret_height_mm", "0.98");
        set("neck.radius_nut_mm", "300");
        set("neck.radius_end_mm", "380");
        set("neck.relief.depth_mm", "0.16");
        go(Qt::Key_2);
        set("neck.relief.between_frets[0]", "1");
        set("neck.relief.at_fret", "6");
        set("neck.relief.between_frets[1]", "12");
        page(Qt::Key_4);
        set("neck.fallaway_mm", "0.1");
    }

    void cell(int row, StringsModel::Column column, const char* text) {
        QTableView* table = window_->strings()->table();
        while (table->currentIndex().row() < row) press(Qt::Key_Down);
        while (table->currentIndex().row() > row) press(Qt::Key_Up);
        while (table->currentIndex().column() < static_cast<int>(column)) press(Qt::Key_Right);
        while (table->currentIndex().column() > static_cast<int>(column)) press(Qt::Key_Left);
        press(Qt::Key_F2);
        text ? type(QString::fromLatin1(text)) : press(Qt::Key_Delete);
        press(Qt::Key_Return);
        QApplication::processEvents();
    }

    void strings() {
        using Column = StringsModel::Column;
        go(Qt::Key_3);
        const char* const pitches[] = {"C3", "G3", "D4", "A4"};
        const char* const gauges[] = {".86", ".61", ".36", ".23"};
        for (int i = 0; i < 4; ++i) {
            cell(i, Column::pitch, pitches[i]);
            cell(i, Column::diameter, gauges[i]);
        }
        cell(0, Column::core, ".38");
        cell(1, Column::core, nullptr); // not stated: estimated
    }

    void nut() {
        go(Qt::Key_4);
        page(Qt::Key_1);
        set("nut.spacing.edge_margin_mm.bass", "3");
        set("nut.spacing.edge_margin_mm.treble", "3.2");
        set("nut.board_above_seat_mm", "4.1");
        set("nut.height.bass_mm", ".45");
        set("nut.height.treble_mm", ".32");
        set("nut.thickness_mm", "4.5");
        choose("Spacing: between");
        set("nut.spacing.blend", "0.5");
        set("limits.string_gap_min_mm", "6");
        set("limits.edge_min_mm", "2");
        page(Qt::Key_4);
        choose("Seat: angled");
        choose("Material: hardwood");
        set("nut.headstock_angle_deg", "13");
        set("nut.blank.length_mm", "40");
        set("nut.blank.height_mm", "9");
        set("nut.blank.thickness_mm", "5");
        page(Qt::Key_5);
        choose("Posts or bar: given");
        press(Qt::Key_H);
        const char* const posts[][3] = {
            {"42", "-15", "11"}, {"76", "-17", "18.5"}, {"76", "17", "18.5"}, {"42", "15", "11"}};
        for (int i = 0; i < 4; ++i) {
            while (window_->view().string > static_cast<std::size_t>(i)) press(Qt::Key_Left);
            while (window_->view().string < static_cast<std::size_t>(i)) press(Qt::Key_Right);
            set("posts.behind_mm on the drawing", posts[i][0]);
            set("posts.across_mm on the drawing", posts[i][1]);
            set("posts.below_mm on the drawing", posts[i][2]);
            press(Qt::Key_Escape); // back to the drawing
            QVERIFY(window_->nut()->canvas()->hasFocus());
        }
    }

    void saddle() {
        go(Qt::Key_5);
        set("saddle.spacing.spread_mm", "36.5");
        set("saddle.action.bass_mm", "2.2");
        set("saddle.action.treble_mm", "1.7");
        set("saddle.thickness_mm", "3");
        page(Qt::Key_2);
        choose("Crowns: fret 12 true");
    }

    void bridge() {
        go(Qt::Key_6);
        page(Qt::Key_1);
        choose("Kind of bridge: pinned");
        go(Qt::Key_6);
        set("bridge.plane_above_top_mm", "8.8");
        set("bridge.pins.behind_mm", "8");
        set("bridge.pins.hole_mm", "5");
        set("bridge.exposure_target_mm", "3");
        set("bridge.pins.ramp_mm", "1");
        choose("Pins in a line: along the slot");
        go(Qt::Key_5); // the slot is the bridge's
        set("saddle.slot_depth_mm", "5");
    }

    void readings() {
        go(Qt::Key_1);
        set("found.humidity_pct", "51");
        set("found.relief_mm", "0.24");
        const char* const gaps[] = {"0.3", "0.26", "0.21", "0.35"};
        const char* const actions[] = {"2.9", "2.75", "2.5", "2.4"};
        press(Qt::Key_Escape);
        while (window_->view().string > 0) press(Qt::Key_Left);
        tab_to(QStringLiteral("found.nut_gap_mm"));
        for (const char* gap :
             gaps) { // Enter goes on to the next string, and to the next reading after the last
            type(QLatin1String(gap));
            press(Qt::Key_Return);
        }
        QCOMPARE(QApplication::focusWidget()->objectName(), QStringLiteral("found.action_mm"));
        for (const char* action : actions) {
            QApplication::processEvents();
            type(QLatin1String(action));
            press(Qt::Key_Return);
        }
    }

    void compare_documents() {
        std::map<std::string, std::string> made;
        std::map<std::string, std::string> wanted;
        QFile file(QStringLiteral(DEMO_DATA "/kittiwake.fmjob"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        // Its stop was passed in the shop, at an hour of its own.
        spread(without(parse_json(file.readAll().toStdString()), "record"), "", wanted);
        QFile saved(window_->session().path());
        QVERIFY(saved.open(QIODevice::ReadOnly));
        // It says from which kind it began; the shipped one from none.
        spread(without(parse_json(saved.readAll().toStdString()), "kind"), "", made);
        QByteArray apart;
        for (const auto& [key, value] : wanted)
            if (made.count(key) == 0 || made[key] != value)
                apart += QByteArray::fromStdString("\nwanted " + key + " " + value + ", made " + made[key]);
        for (const auto& [key, value] : made)
            if (wanted.count(key) == 0) apart += QByteArray::fromStdString("\nmade " + key + " " + value);
        QVERIFY2(apart.isEmpty(), apart.constData());
    }

    void compare_figures() {
        const Solution solution = solve(window_.state().job.design);
        QVERIFY(solution.bridge.has_value());
        int seen = 0;
        for (const Qt::Key key : {Qt::Key_1, Qt::Key_2, Qt::Key_4, Qt::Key_5, Qt::Key_6})
            for (int string = 0; string < 4; ++string) {
                go(key);
                window_->choose_string(static_cast<std::size_t>(string));
                for (StationFrame* frame :
                     std::initializer_list<StationFrame*>{window_->survey(), window_->neck(), window_->nut(),
                                                          window_->saddle(), window_->bridge()})
                    if (frame->isVisible()) {
                        seen += compare_drawing(frame->canvas(), solution, Units());
                        if (frame->list()) compare_list(frame->list(), solution, Units());
                    }
            }
        QVERIFY(seen > 40);
    }

    WindowOnDemo window_;
};

QTEST_MAIN(TestWalk)
#include "tst_walk.moc"
