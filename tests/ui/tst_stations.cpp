#include "common/figures.h"
#include "common/jobs.h"
#include "job/document/json.h"
#include "ui/look/texts.h"

#include <QClipboard>
#include <QPointer>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

namespace {

const char* const demo_jobs[] = {"curlew", "lantern", "kittiwake", "groundswell", "teal"};

} // namespace

/// The stations with a drawing: neck, nut, saddle, bridge and its place.
class TestStations : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-stations-test"); }
    void init() {
        if (!window_) window_ = std::make_unique<WindowOnDemo>();
        window_->again("kittiwake");
        window()->choose_string(0);
    }
    void cleanupTestCase() { window_.reset(); }

    void keys_go_to_every_station() {
        for (const auto& [key, station] :
             {std::pair{Qt::Key_1, Station::survey}, std::pair{Qt::Key_2, Station::neck},
              std::pair{Qt::Key_5, Station::saddle}, std::pair{Qt::Key_6, Station::bridge},
              std::pair{Qt::Key_4, Station::nut}}) {
            press(key, Qt::AltModifier);
            QCOMPARE(window()->view().station, station);
            QVERIFY(frame()->canvas()->isVisible() && frame()->canvas()->hasFocus());
        }
        press(Qt::Key_P); // from anywhere to the bridge's place
        QCOMPARE(window()->view().station, Station::bridge);
        QVERIFY(window()->view().placing);
        press(Qt::Key_P);
        QVERIFY(!window()->view().placing);
    }

    void a_station_not_seen_for_long_is_made_anew_as_it_was_left() {
        press(Qt::Key_5, Qt::AltModifier);
        press(Qt::Key_3, Qt::ControlModifier); // its third page
        canvas()->setFocus();
        for (int i = 0; i < 3; ++i) press_on(canvas(), Qt::Key_Plus);
        const PartCanvas::Sight left = canvas()->sight();
        QVERIFY(left.zoom > 1);
        QCOMPARE(frame()->pages()->page(), 2);
        const QPointer<PartCanvas> before(canvas());
        for (const Qt::Key other : {Qt::Key_6, Qt::Key_4, Qt::Key_2, Qt::Key_3, Qt::Key_1})
            press(other, Qt::AltModifier);
        QTRY_VERIFY(!before); // what it took is given back
        press(Qt::Key_5, Qt::AltModifier);
        QCOMPARE(frame()->pages()->page(), 2);
        QCOMPARE(canvas()->sight().zoom, left.zoom);
        QCOMPARE(canvas()->sight().pan, left.pan);
        press_on(canvas(), Qt::Key_0);
        QCOMPARE(canvas()->sight().zoom, 1.0);
    }

    void every_number_is_the_solved_one() {
        for (const char* job : demo_jobs) {
            window_->again(job);
            for (int view = 0; view < views; ++view) {
                show_view(view);
                const Solution solution = solve(state().job.design);
                press(Qt::Key_BracketRight);
                const int seen = compare_drawing(canvas(), solution, state().job.units);
                const bool has_numbers = view > 0 && view != 4 && (view != 2 || state().job.design.bridge);
                if (has_numbers) QVERIFY2(seen > 2, job);
                if (NumbersList* list = frame()->list()) compare_list(list, solution, state().job.units);
            }
        }
    }

    void nothing_lies_on_anything() {
        for (const char* job : demo_jobs) {
            window_->again(job);
            for (int view = 0; view < views; ++view)
                for (const QSize size : {QSize(1280, 800), QSize(1024, 700), QSize(1920, 1080)}) {
                    show_view(view);
                    window()->resize(size);
                    QApplication::processEvents();
                    QCOMPARE(window()->size(), size);
                    QList<QWidget*> shown;
                    for (QWidget* widget :
                         canvas()->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly))
                        if (widget->isVisible() && !qobject_cast<QLabel*>(widget)) shown << widget;
                    for (qsizetype i = 0; i < shown.size(); ++i) {
                        const QByteArray what = QByteArray(job) + ' ' + QByteArray::number(view) + ' ' +
                                                QByteArray::number(size.width()) + ' ' +
                                                shown[i]->objectName().toUtf8();
                        QVERIFY2(canvas()->rect().contains(shown[i]->geometry()), what.constData());
                        for (qsizetype k = 0; k < i; ++k)
                            QVERIFY2(!shown[i]->geometry().intersects(shown[k]->geometry()),
                                     (what + " on " + shown[k]->objectName().toUtf8()).constData());
                    }
                }
        }
    }

    void what_is_typed_is_written_data() {
        QTest::addColumn<int>("view");
        QTest::addColumn<QString>("field");
        QTest::addColumn<QString>("typed");
        QTest::addColumn<QString>("key");
        QTest::addColumn<double>("value");
        const auto row = [](int view, const char* field, const char* typed, const char* key, double value) {
            QTest::newRow(field) << view << QString::fromLatin1(field) << QString::fromUtf8(typed)
                                 << QString::fromLatin1(key) << value;
        };
        row(0, "neck.scale_mm", "23\"", "neck.scale_mm", 584.2);
        row(0, "neck.scale_mm/2", "407-100", "neck.scale_mm", 614.0);
        row(0, "neck.relief.depth_mm", "0.2", "neck.relief.depth_mm", 0.2);
        row(0, "neck.relief.at_fret", "7", "neck.relief.at_fret", 7);
        row(0, "neck.relief.between_frets[1]", "11", "neck.relief.between_frets[1]", 11);
        row(0, "neck.fret_offsets_mm", "-.04", "neck.fret_offsets_mm[0]", -0.04);
        row(0, "neck.radius_nut_mm", "305", "neck.radius_nut_mm", 305);
        row(0, "neck.frets", "20", "neck.frets", 20);
        row(0, "neck.end_width_mm", "44", "neck.end_width_mm", 44);
        row(1, "saddle.spacing.spread_mm", "37", "saddle.spacing.spread_mm", 37);
        row(1, "saddle.action.bass_mm", "3/32", "saddle.action.bass_mm", 2.38125);
        row(1, "saddle.thickness_mm", "1/8", "saddle.thickness_mm", 3.175);
        row(1, "saddle.slot_depth_mm", "4.5", "saddle.slot_depth_mm", 4.5);
        row(2, "bridge.pins.behind_mm", "9", "bridge.pins.behind_mm", 9);
        row(2, "bridge.plane_above_top_mm", "9.1", "bridge.plane_above_top_mm", 9.1);
        row(2, "bridge.exposure_target_mm", "3.2", "bridge.exposure_target_mm", 3.2);
        row(2, "bridge.outline.length_mm", "120", "bridge.outline.length_mm", 120);
        row(4, "found.nut_gap_mm", "0.31", "readings[1].strings[0].open_gap_fret1_mm", 0.31);
        row(4, "found.relief_mm", "0.2", "readings[1].relief.depth_mm", 0.2);
        row(4, "found.humidity_pct", "44", "readings[1].humidity_pct", 44);
        row(4, "player.pluck_force_n", "2", "player.pluck_force_n", 2);
        row(4, "a4_hz", "442", "a4_hz", 442);
        row(5, "posts.below_mm on the drawing", "12", "nut.posts[0].below_mm", 12);
        row(5, "limits.edge_min_mm", "1.5", "limits.edge_min_mm", 1.5);
    }
    void what_is_typed_is_written() {
        QFETCH(int, view);
        QFETCH(QString, field);
        QFETCH(QString, typed);
        QFETCH(QString, key);
        QFETCH(double, value);
        show_view(view);
        const Value before = window()->session().document();
        auto* into = frame()->findChild<ValueField*>(field);
        QVERIFY(into);
        into->setFocus();
        into->selectAll();
        QTest::keyClicks(into, typed);
        QTest::keyClick(into, Qt::Key_Return);
        const Value* now = fm::find(window()->session().document(), key.toStdString());
        QVERIFY2(now && now->is_number(), qPrintable(key));
        QVERIFY2(std::abs(now->number() - value) < 1e-9, written_json(*now).c_str());
        QCOMPARE(window()->session().undo_stack()->count(), 1);
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(window()->session().document() == before);
    }

    void every_choice_can_be_made_and_taken_back() {
        for (const char* job : demo_jobs) {
            // Two jobs have every choice between them; the others where there is time.
            const bool has_most = std::string_view(job) == "kittiwake" || std::string_view(job) == "curlew";
            if (!has_most && !qEnvironmentVariableIsSet("FAIR_MEASURE_LONG")) continue;
            window_->again(job);
            for (const int view : {0, 1, 2, 4, 5}) {
                show_view(view);
                const std::string before = written_json(window()->session().document());
                for (int page = 0; page < frame()->pages()->page_count(); ++page) {
                    frame()->pages()->show_page(page);
                    QApplication::processEvents();
                    for (QToolButton* button : frame()->pages()->findChildren<QToolButton*>()) {
                        if (!button->isVisible() || !button->isEnabled() ||
                            !button->property("choice").toBool())
                            continue;
                        button->click();
                        frame()->repaint();
                        const Value document = window()->session().document();
                        const StateResult again = state_of(document);
                        QVERIFY2(again.state, qPrintable(button->accessibleName()));
                        QVERIFY(again.state->solution.strings[0].ends.saddle_z_mm ==
                                state().solution.strings[0].ends.saddle_z_mm); // screen and core are one
                    }
                }
                while (window()->session().undo_stack()->canUndo()) window()->session().undo_stack()->undo();
                QCOMPARE(written_json(window()->session().document()), before);
            }
        }
    }

    void choices_keep_what_is_there() {
        show_view(1);
        const double action = state().solution.strings[0].action12_mm;
        click("Action read: capo at 1");
        QCOMPARE(state().job.design.saddle.measured, ActionMeasure::capo_1);
        QVERIFY(std::abs(state().solution.strings[0].action12_mm - action) < 0.002);
        click("Actions: one by one");
        QCOMPARE(state().job.design.saddle.action.each_mm.size(), std::size_t(4));
        QVERIFY(std::abs(state().solution.strings[0].action12_mm - action) < 0.002);
        show_view(0);
        const Neck before(state().job.design.neck);
        frame()->pages()->show_page(2);
        click("Straight string held at: fret 1 and the last");
        QCOMPARE(state().job.design.neck.relief->to_fret, 19);
        const Neck after(state().job.design.neck);
        for (const double x : {0.0, 100.0, 250.0})
            QVERIFY(std::abs(before.relief_curve_mm(x) - after.relief_curve_mm(x)) < 0.004);
    }

    void readings_of_the_action_give_bottom_and_top() {
        show_view(1);
        press(Qt::Key_B);
        NumbersList* list = frame()->list();
        QCOMPARE(list->model()->columnCount(), 5);
        const auto& cut = state().plan->saddle.cut;
        for (int row = 0; row < 4; ++row) {
            const auto i = static_cast<std::size_t>(row);
            QCOMPARE(spoken_cell(list->table(), row, 3),
                     length_number(*state().plan->saddle.take_off_mm[i], Unit::mm));
            QCOMPARE(spoken_cell(list->table(), row, 4), length_number(*cut.top_mm[i], Unit::mm));
        }
        const auto readings = state().job.readings.size();
        QVERIFY(list->model()->setData(list->model()->index(2, 1), QStringLiteral("2.1"), Qt::EditRole));
        QCOMPARE(state().job.readings.size(), readings + 1);
        QCOMPARE(*state().known[2].action_mm, 2.1);
        QCOMPARE(spoken_cell(list->table(), 2, 1), QStringLiteral("2.10"));
        QVERIFY(!list->model()->setData(list->model()->index(2, 1), QStringLiteral("two"), Qt::EditRole));
        QVERIFY(window()->notice().contains(QStringLiteral("two")));
    }

    void frets_are_picked_and_dressed() {
        show_view(0);
        press_on(canvas(), Qt::Key_Right);
        press_on(canvas(), Qt::Key_Right);
        QCOMPARE(window()->view().fret, 3);
        NumbersList* list = frame()->list();
        QCOMPARE(list->table()->currentIndex().row(), 2);
        QVERIFY(list->model()->setData(list->model()->index(2, 3), QStringLiteral("0.1"), Qt::EditRole));
        QCOMPARE(state().job.design.neck.fret_offsets_mm[2], 0.1);
        QVERIFY(!list->model()->setData(list->model()->index(2, 3), QStringLiteral("x"), Qt::EditRole));
        frame()->pages()->show_page(3);
        for (QToolButton* button : frame()->pages()->findChildren<QToolButton*>())
            if (button->text() == QStringLiteral("all level")) button->click();
        QVERIFY(state().job.design.neck.fret_offsets_mm.empty());
    }

    void a_bridge_is_added_and_taken_away() {
        window_->again("groundswell");
        show_view(2);
        QVERIFY(!state().solution.bridge);
        const std::array kinds{"tied",  "through", "tailpiece", "floating", "on wheels",
                               "plate", "shared",  "two posts", "pinned"};
        for (const char* kind : kinds) {
            click((std::string("Kind of bridge: ") + kind).c_str());
            QVERIFY2(state().solution.bridge.has_value(), kind);
            QVERIFY2(window()->notice().isEmpty(), qPrintable(window()->notice()));
        }
        click("Kind of bridge: none");
        QVERIFY(!state().solution.bridge);
    }

    void a_smaller_job_opens_from_anywhere() {
        for (int view = 0; view < 6; ++view) {
            window_->again("curlew"); // ten strings
            if (view < 4) show_view(view);
            if (view == 4) window()->choose_station(Station::strings);
            if (view == 5) press(Qt::Key_S);
            QVERIFY(!window()->grab().isNull());
            QVERIFY(window()->open(window_->path("kittiwake.fmjob"))); // four
            QVERIFY(!window()->grab().isNull());
            press(Qt::Key_S);
            QCOMPARE(window()->board()->places()->rowCount(), 4);
            QVERIFY(!window()->grab().isNull());
        }
    }

    void lists_are_copied() {
        for (int view = 0; view < 3; ++view) {
            show_view(view);
            press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
            const NumbersModel* model = frame()->list()->model();
            QCOMPARE(QApplication::clipboard()->text().count(QLatin1Char('\n')), model->rowCount() + 1);
        }
    }

    void the_working_follows_the_number_and_the_string() {
        show_view(1);
        for (InkNumber* number : canvas()->findChildren<InkNumber*>())
            if (number->objectName() == QLatin1String("saddle.height_mm[0]")) number->setFocus();
        QCOMPARE(window()->working()->key(), QStringLiteral("saddle.height_mm[0]"));
        canvas()->setFocus();
        press(Qt::Key_BracketRight);
        QCOMPARE(window()->working()->key(), QStringLiteral("saddle.height_mm[1]"));
    }

    void one_string_and_fourteen() {
        for (const int strings : {1, 14})
            for (int view = 0; view < views; ++view) {
                window_->again("curlew");
                Value document = window()->session().document();
                Value::Array list(static_cast<std::size_t>(strings), *fm::find(document, "strings[6]"));
                document = with(without(document, "nut.posts"), "strings", std::move(list));
                document = without(document, "readings");
                for (std::size_t i = 0; i < static_cast<std::size_t>(strings); ++i)
                    document = without(document, "strings[" + std::to_string(i) + "].course");
                QVERIFY(window()->session().commit(QStringLiteral("strings"), document).empty());
                show_view(view);
                QVERIFY(!window()->grab().isNull());
                QCOMPARE(static_cast<int>(state().solution.strings.size()), strings);
            }
    }

    void everything_has_a_name() {
        for (int view = 0; view < views; ++view) {
            show_view(view);
            for (int page = 0; page < frame()->pages()->page_count(); ++page) {
                frame()->pages()->show_page(page);
                for (QWidget* widget : window()->findChildren<QWidget*>()) {
                    if (!widget->isVisible() || !(widget->focusPolicy() & Qt::TabFocus)) continue;
                    const QString what =
                        widget->objectName() + QLatin1String(widget->metaObject()->className());
                    const QString name = spoken(widget, QAccessible::Name);
                    QVERIFY2(!name.isEmpty(), qPrintable(what));
                    QVERIFY2(QAccessible::queryAccessibleInterface(widget)->role() != QAccessible::NoRole,
                             qPrintable(what));
                    const auto* field = qobject_cast<ValueField*>(widget);
                    if (field && field->kind() == FieldKind::length)
                        QVERIFY2(name.endsWith(QStringLiteral(", mm")), qPrintable(name));
                    if (field && field->kind() == FieldKind::angle)
                        QVERIFY2(name.endsWith(QStringLiteral(", degrees")), qPrintable(name));
                }
            }
        }
    }

private:
    MainWindow* window() { return window_->operator->(); }
    const State& state() { return window_->state(); }
    StationFrame* frame() { return window_->frame(); }
    PartCanvas* canvas() { return frame()->canvas(); }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window_->press(key, modifiers);
    }
    static void press_on(QWidget* widget, Qt::Key key) { QTest::keyClick(widget, key); }
    /// 0 neck, 1 saddle, 2 bridge, 3 its place, 4 survey, 5 behind the nut.
    static constexpr int views = 6;
    void show_view(int view) {
        const std::array stations{Station::neck,   Station::saddle, Station::bridge,
                                  Station::bridge, Station::survey, Station::nut};
        window()->choose_station(stations[static_cast<std::size_t>(view)]);
        if (view == 2 || view == 3) window()->choose_placing(view == 3);
        if (view == 5) window()->choose_behind(true);
        QApplication::processEvents();
    }
    void click(const char* name) {
        for (int page = 0; page < frame()->pages()->page_count(); ++page) {
            frame()->pages()->show_page(page);
            QApplication::processEvents();
            for (QToolButton* button : frame()->findChildren<QToolButton*>())
                if (button->accessibleName() == QLatin1String(name) && button->isVisible())
                    return QTest::mouseClick(button, Qt::LeftButton);
        }
        QFAIL(name);
    }
    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestStations)
#include "tst_stations.moc"
