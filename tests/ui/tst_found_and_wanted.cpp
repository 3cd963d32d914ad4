#include "common/hands.h"
#include "common/text_log.h"
#include "job/document/json.h"
#include "job/edits/edits.h"
#include "ui/look/texts.h"

#include <QClipboard>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// What is found and what is wanted in one place, slots as they are seen, leaves as bounds, questions before
/// a number is kept that cannot be: by mouse and keys.
class TestFoundAndWanted : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-found-and-wanted-test"); }
    void init() {
        if (!window_) window_ = std::make_unique<WindowOnDemo>();
        window_->again("kittiwake");
        window()->choose_string(0);
        window()->choose_station(Station::survey);
        QApplication::processEvents();
    }

    /// In a window of the usual size the drawing tells the difference, too, not the lists alone.
    void what_is_off_stands_in_the_drawing() {
        window()->resize(1280, 800);
        QApplication::processEvents();
        QWidget* canvas = window()->survey()->canvas();
        TextLog log(canvas->size());
        canvas->render(&log, {}, {}, QWidget::RenderFlags());
        QStringList painted;
        for (const PaintedText& text : log.texts()) painted << text.text;
        QVERIFY2(painted.contains(QStringLiteral("off by")), qPrintable(painted.join(QLatin1Char('|'))));
    }
    void cleanupTestCase() { window_.reset(); }

    void slots_are_marked_as_they_are_seen() {
        click_on(button(window()->survey(), QStringLiteral("Slots")));
        click_on(button(window()->survey(), QStringLiteral("binds")));
        click_on(button(window()->survey(), QStringLiteral("floor flat")));
        const SlotSeen both{SlotFound::binds, SlotFound::floor_flat};
        QCOMPARE(state().known[0].slot, both);
        NumbersList* list = window()->survey()->list();
        QVERIFY(spoken_cell(list->table(), 0, 3).contains(QStringLiteral("floor flat")));

        // The nut shows the same, and takes it back.
        window()->choose_station(Station::nut);
        click_on(button(window()->nut(), QStringLiteral("Slots")));
        QToolButton* binds = button(window()->nut(), QStringLiteral("binds"));
        QVERIFY(binds->isChecked());
        click_on(binds);
        QCOMPARE(state().known[0].slot, SlotSeen{SlotFound::floor_flat});
        key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().known[0].slot, both);
        QVERIFY(binds->isChecked());

        // Another string has its own; fine clears what was seen.
        window()->choose_string(1);
        QVERIFY(!binds->isChecked());
        click_on(button(window()->nut(), QStringLiteral("wiggles")));
        QCOMPARE(state().known[1].slot, SlotSeen{SlotFound::wiggles});
        QVERIFY(state().nut && state().nut->step.findings[1].wiggles);
        click_on(button(window()->nut(), QStringLiteral("fine")));
        QCOMPARE(state().known[1].slot, SlotSeen{SlotFound::fine});
        QVERIFY(!state().nut->step.findings[1].wiggles);
        QCOMPARE(state().known[0].slot, both);
    }

    void a_leaf_alone_is_a_bound() {
        clear_readings();
        ValueField* gap = field("found.nut_gap_mm");
        type(gap, QStringLiteral("> 0.25"));
        QCOMPARE(find_in("open_gap_fret1_mm", 0), QStringLiteral("{\"above_mm\":0.25}"));
        window()->choose_string(0);
        window()->survey()->canvas()->setFocus();
        QCOMPARE(gap->text(), QStringLiteral("> 0.25"));
        QVERIFY(!state().known[0].nut_gap_mm && state().known[0].nut_bound);
        QVERIFY(!state().plan || !state().plan->strings[0]);
        QVERIFY2(doubts().contains(QStringLiteral("it can be either")) ||
                     doubts().contains(QStringLiteral("higher than")),
                 qPrintable(doubts()));
        type(gap, QStringLiteral("0.25..0.30"));
        QCOMPARE(find_in("open_gap_fret1_mm", 0), QStringLiteral("{\"above_mm\":0.25,\"below_mm\":0.3}"));
        QCOMPARE(*state().known[0].nut_gap_mm, 0.275);
        QVERIFY(!state().known[0].nut_bound);
        window()->choose_string(0);
        type(gap, QStringLiteral("just 0.3"));
        QCOMPARE(*state().known[0].nut_gap_mm, 0.3);
        // A value that is no reading takes no bound.
        ValueField* target = field("wanted.nut_gap_mm");
        window()->choose_string(0);
        const Value before = window()->session().document();
        type(target, QStringLiteral("> 0.25"));
        QVERIFY(said().contains(QStringLiteral("only a reading")));
        QVERIFY(window()->session().document() == before);
        key(Qt::Key_Escape);
    }

    /// What stands in the file already is shown so from the first.
    void a_bound_that_is_there_is_shown() {
        clear_readings();
        Value::Array strings(4, Value(Value::Object{}));
        strings[1] = with(strings[1], "open_gap_fret1_mm.below_mm", 0.3);
        const Value entry = with(with(Value(Value::Object{}), "state", "found"), "strings", strings);
        const Value document = with(window()->session().document(), "readings", Value(Value::Array{entry}));
        QVERIFY(window()->session().commit(QStringLiteral("x"), document).empty());
        QCOMPARE(field("found.nut_gap_mm")->text(), QStringLiteral("\u2013"));
        window()->choose_string(1);
        QCOMPARE(field("found.nut_gap_mm")->text(), QStringLiteral("< 0.30"));
        window()->choose_string(0);
        QCOMPARE(field("found.nut_gap_mm")->text(), QStringLiteral("\u2013"));
    }

    void a_tap_says_none_or_some() {
        clear_readings();
        const Value held = with_height_method(window()->session().document(), NutHeightMethod::pressed_gap, 3,
                                              state().solution);
        QVERIFY(window()->session().commit(QStringLiteral("held"), held).empty());
        QVERIFY(!nut_way(state().job.design).open());
        EntryTable* table = window()->survey()->list()->table();
        open_and_type(table, table->model()->index(1, 1), QStringLiteral("none"));
        key(Qt::Key_Return);
        QCOMPARE(find_in("pressed_gap_mm", 1), QStringLiteral("{\"below_mm\":0.02}"));
        QCOMPARE(table->model()->index(1, 1).data().toString(), QStringLiteral("< 0.02"));
        open_and_type(table, table->model()->index(1, 1), QStringLiteral("some"));
        key(Qt::Key_Return);
        QCOMPARE(table->model()->index(1, 1).data().toString(), QStringLiteral("> 0.02"));
    }

    void what_is_wanted_stands_under_what_was_found() {
        ValueField* gap = field("wanted.nut_gap_mm");
        type(gap, QStringLiteral("0.5"));
        QCOMPARE(state().job.design.nut.height.bass_mm, 0.5);
        QVERIFY(state().job.design.nut.height.each_mm.empty());
        // One in between makes one for every string; the others stay where they are.
        const double third_mm = state().job.design.nut.height.of(2, 4);
        window()->choose_string(1);
        type(gap, QStringLiteral("0.41"));
        const auto& each = state().job.design.nut.height.each_mm;
        QCOMPARE(each.size(), std::size_t(4));
        QCOMPARE(each[1], 0.41);
        QVERIFY(std::abs(each[2] - third_mm) < 1e-3);
        window()->choose_string(0);
        type(field("wanted.relief_mm"), QStringLiteral("0.2"));
        QCOMPARE(state().job.design.neck.relief->depth_mm, 0.2);
        // The list says all three.
        click_on(button(window()->survey()->list(), QStringLiteral("fret 12")));
        const QAbstractItemModel* model = window()->survey()->list()->table()->model();
        QCOMPARE(model->headerData(2, Qt::Horizontal).toString(), QStringLiteral("wanted"));
        const double off_mm =
            model->index(0, 1).data().toString().toDouble() - model->index(0, 2).data().toString().toDouble();
        const QString shown = model->index(0, 3).data().toString();
        QVERIFY2(std::abs(shown.toDouble() - off_mm) < 0.011, qPrintable(shown));
        QVERIFY(shown.startsWith(QLatin1Char('+')));
        EntryTable* table = window()->survey()->list()->table();
        type_into(table, table->model()->index(2, 1), QStringLiteral("2.44"));
        key(Qt::Key_Return);
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[2].action12_mm, 2.44);
        click_on(button(window()->survey()->list(), QStringLiteral("crown")));
        const double wanted_mm = model->index(3, 2).data().toString().toDouble();
        type_into(table, table->model()->index(3, 1), QString::number(wanted_mm - 1.5));
        key(Qt::Key_Return);
        QVERIFY(std::abs(model->index(3, 3).data().toString().toDouble() + 1.5) < 0.011);
        click_on(button(window()->survey()->list(), QStringLiteral("all")));
    }

    void relief_is_read_under_both_outer_strings() {
        clear_readings();
        type(field("found.relief_mm"), QStringLiteral("0.2"));
        QCOMPARE(state().found.relief->depth_mm, 0.2);
        QVERIFY(!state().found.relief_sides_mm);
        type(field("found.relief_treble_mm"), QStringLiteral("0.3"));
        QVERIFY(state().found.relief_sides_mm);
        QCOMPARE(state().found.relief_sides_mm->bass_mm, 0.2);
        QCOMPARE(state().found.relief->depth_mm, 0.25);
        type(field("found.relief_mm"), QStringLiteral("0.1"));
        QCOMPARE(state().found.relief->depth_mm, 0.2);
        QCOMPARE(state().found.relief_sides_mm->treble_mm, 0.3);
    }

    void a_gauge_named_after_is_of_what_was_just_typed() {
        clear_readings();
        type(field("found.action_mm"), QStringLiteral("2.4"));
        QCOMPARE(state().job.readings.back().gauges.action, std::string("half_mm_rule"));
        click_on(button(window()->survey(), QStringLiteral("Gauges")));
        click_on(button(row(QStringLiteral("Height over fret 12 read with")),
                        QStringLiteral("read with a dial gauge")));
        QCOMPARE(state().job.readings.size(), std::size_t(1));
        QCOMPARE(state().job.readings.back().gauges.action, std::string("dial"));
        // Chosen again it is of what comes: another gauge, another entry.
        click_on(button(row(QStringLiteral("Height over fret 12 read with")),
                        QStringLiteral("read with a caliper")));
        QCOMPARE(state().job.readings.back().gauges.action, std::string("dial"));
        window()->choose_string(1);
        type(field("found.action_mm"), QStringLiteral("2.3"));
        QCOMPARE(state().job.readings.size(), std::size_t(2));
        QCOMPARE(state().job.readings.back().gauges.action, std::string("caliper"));
    }

    /// A column of readings pasted: up to the one that cannot be read.
    void readings_are_pasted() {
        clear_readings();
        EntryTable* table = window()->survey()->list()->table();
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                          table->visualRect(table->model()->index(0, 1)).center());
        QGuiApplication::clipboard()->setText(
            QStringLiteral("0.41\t2.6\n0.39\t2.5\n0.37\t2.4\n0.35\t2.3\n0.3\t2\n"));
        key(Qt::Key_V, Qt::ControlModifier);
        const ReadingEntry found = as_found_readings(state().job.readings, 4);
        QCOMPARE(*found.strings[3].open_gap_fret1_mm, 0.35);
        QCOMPARE(*found.strings[0].action12_mm, 2.6);
        QCOMPARE(state().job.readings.size(), std::size_t(1));
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                          table->visualRect(table->model()->index(0, 1)).center());
        QGuiApplication::clipboard()->setText(QStringLiteral("0.5\nmuch\n0.4\n"));
        key(Qt::Key_V, Qt::ControlModifier);
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[0].open_gap_fret1_mm, 0.5);
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[2].open_gap_fret1_mm, 0.37);
        QCOMPARE(table->currentIndex().row(), 1);
        QVERIFY2(table->said().contains(QStringLiteral("much")), qPrintable(table->said()));
    }

    /// Between fine and found: counted as looked at, in sight, and no stop.
    void a_point_may_be_doubtful() {
        window()->choose_point(0); // bridge lifting: found in this job
        SurveyCanvas* canvas = window()->survey()->canvas();
        canvas->setFocus();
        QVERIFY(unsafe_finding(state().job.survey));
        key(Qt::Key_3);
        QCOMPARE(state().job.survey[0].mark, std::optional(SurveyMark::doubtful));
        QVERIFY(!unsafe_finding(state().job.survey));
        window()->choose_point(0);
        click_on(button(window()->survey(), QStringLiteral("Look")));
        click_on(button(window()->survey(), QStringLiteral("found")));
        QVERIFY(unsafe_finding(state().job.survey));
        click_on(button(window()->survey(), QStringLiteral("doubtful")));
        QVERIFY(!unsafe_finding(state().job.survey));
        QCOMPARE(*find(window()->session().document(), "survey.bridge_lifting.state"), Value("doubtful"));
    }

    void what_cannot_be_is_asked_about() {
        clear_readings();
        ValueField* gap = field("found.nut_gap_mm");
        type(gap, QStringLiteral("7/64"));
        QVERIFY2(said().contains(QStringLiteral("7.0 thou meant")), qPrintable(said()));
        QVERIFY(state().job.readings.empty());
        key(Qt::Key_Escape);
        QVERIFY(!said().contains(QStringLiteral("meant")));
        type(gap, QStringLiteral("7/64"));
        key(Qt::Key_Return); // it is meant
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[0].open_gap_fret1_mm, 2.778125);
        // Asked and left, by the mouse or by Tab, it is not kept. (Asked about once, the same typed again is
        // meant.)
        for (const bool by_tab : {false, true}) {
            const QString unlikely = by_tab ? QStringLiteral("11/64") : QStringLiteral("9/64");
            window()->choose_string(2);
            type(gap, unlikely);
            by_tab ? key(Qt::Key_Tab) : click_on(window()->survey()->canvas());
            QVERIFY(!as_found_readings(state().job.readings, 4).strings[2].open_gap_fret1_mm);
            EntryTable* list = window()->survey()->list()->table();
            type_into(list, list->model()->index(2, 1), unlikely);
            key(Qt::Key_Return);
            QVERIFY(open_editor(list));
            by_tab ? key(Qt::Key_Tab) : click_on(window()->survey()->canvas());
            QVERIFY(!as_found_readings(state().job.readings, 4).strings[2].open_gap_fret1_mm);
            key(Qt::Key_Escape);
        }
        EntryTable* table = window()->survey()->list()->table();
        type_into(table, table->model()->index(1, 2), QStringLiteral("16/64"));
        key(Qt::Key_Return);
        QVERIFY2(said().contains(QStringLiteral("Usual is")), qPrintable(said()));
        QVERIFY(!as_found_readings(state().job.readings, 4).strings[1].action12_mm);
        QVERIFY(open_editor(table));
        key(Qt::Key_Return);
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[1].action12_mm, 6.35);
        // A slot far wider than its string, at the nut's list as at the survey.
        type_into(table, table->model()->index(3, 3), QStringLiteral("2.77"));
        key(Qt::Key_Return);
        QVERIFY(said().contains(QStringLiteral("slot")));
        key(Qt::Key_Escape);
        QVERIFY(!as_found_readings(state().job.readings, 4).strings[3].slot_width_mm);
    }

    /// Gaps in thou, the action in 64ths, scales in inches, thicknesses in mm: each typed and shown in its
    /// own.
    void a_shop_thinks_in_several_units() {
        click_on(button(window()->survey(), QStringLiteral("Units")));
        click_on(button(row(QStringLiteral("Gaps, relief, cuts")), QStringLiteral("thou")));
        click_on(button(row(QStringLiteral("Height over fret 12")), QStringLiteral("64ths")));
        click_on(button(row(QStringLiteral("Scales and widths")), QStringLiteral("in")));
        QCOMPARE(state().job.units.gap(), Unit::thou);
        QCOMPARE(state().job.units.small(), Unit::mm);
        type(field("found.nut_gap_mm"), QStringLiteral("18"));
        window()->choose_string(0);
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[0].open_gap_fret1_mm, 18 * 0.0254);
        type(field("found.action_mm"), QStringLiteral("6"));
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[0].action12_mm, 6 * 25.4 / 64);
        window()->choose_string(0);
        window()->survey()->canvas()->setFocus();
        QCOMPARE(field("found.nut_gap_mm")->text(), QStringLiteral("18.0"));
        QCOMPARE(field("found.action_mm")->text(), QStringLiteral("3/32"));
        const QAbstractItemModel* list = window()->survey()->list()->table()->model();
        QCOMPARE(list->headerData(1, Qt::Horizontal).toString(), QStringLiteral("fret 1\nthou"));
        QCOMPARE(list->headerData(2, Qt::Horizontal).toString(), QStringLiteral("fret 12\n64ths"));
        EntryTable* table = window()->survey()->list()->table();
        type_into(table, list->index(1, 1), QStringLiteral("17.5"));
        key(Qt::Key_Return);
        QCOMPARE(*as_found_readings(state().job.readings, 4).strings[1].open_gap_fret1_mm, 17.5 * 0.0254);
        // A width of the neck in inches, its fret in mm.
        window()->choose_station(Station::nut);
        auto* width = window()->nut()->findChild<ValueField*>(QStringLiteral("neck.nut_width_mm"));
        QCOMPARE(width->unit(), Unit::in);
        QCOMPARE(window()->nut()->findChild<ValueField*>(QStringLiteral("neck.fret_height_mm"))->unit(),
                 Unit::mm);
        click_on(width);
        width->selectAll();
        keys(QStringLiteral("1.5"));
        key(Qt::Key_Return);
        QCOMPARE(state().job.design.neck.nut_width_mm, 38.1);
        // U goes back to one unit for all.
        window()->nut()->canvas()->setFocus();
        key(Qt::Key_U);
        QVERIFY(!find(window()->session().document(), "units"));
        QVERIFY(state().job.units.gap() == state().job.unit);
        key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.units.gap(), Unit::thou);
    }

private:
    MainWindow* window() const { return &window_->window(); }
    const State& state() const { return window_->state(); }
    void press(Qt::Key which, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window_->press(which, modifiers);
    }

    /// The button with that text that a person sees there.
    static QToolButton* button(const QWidget* in, const QString& text) {
        for (QToolButton* each : in->findChildren<QToolButton*>())
            if (each->text() == text && (each->isVisible() || !each->property("page").isNull())) return each;
        qWarning() << "no button" << text;
        return nullptr;
    }
    QWidget* row(const QString& label) {
        for (ChoiceRow* each : window()->survey()->findChildren<ChoiceRow*>())
            if (each->label() == label) return each;
        return nullptr;
    }
    ValueField* field(const char* key) {
        auto* found = window()->survey()->findChild<ValueField*>(QLatin1String(key));
        Q_ASSERT(found);
        return found;
    }
    /// Click, type, Enter.
    static void type(ValueField* field, const QString& text) {
        click_on(field);
        field->selectAll();
        keys(text);
        key(Qt::Key_Return);
    }
    /// Letters are the window's keys until a cell is open.
    static void open_and_type(EntryTable* table, const QModelIndex& cell, const QString& text) {
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(cell).center());
        key(Qt::Key_F2);
        keys(text);
    }
    void clear_readings() {
        QVERIFY(window()
                    ->session()
                    .commit(QStringLiteral("x"), without(window()->session().document(), "readings"))
                    .empty());
    }
    /// What the newest entry as found has under a key of a string, as it is written.
    QString find_in(const char* key, std::size_t string) const {
        const auto& entries = *find(window()->session().document(), "readings")->array();
        const Value* value = find(entries.back(), "strings[" + std::to_string(string) + "]." + key);
        return value ? QString::fromStdString(written_json(*value))
                           .remove(QLatin1Char(' '))
                           .remove(QLatin1Char('\n'))
                     : QString();
    }
    /// What is said under the field or the cell.
    QString said() const {
        QString all;
        for (const QLabel* label : window()->findChildren<QLabel*>(QString(), Qt::FindDirectChildrenOnly))
            if (label->isVisible()) all += label->text();
        return all;
    }
    QString doubts() const {
        QString all;
        for (const Message& doubt : state().reading_doubts)
            all += message_text(doubt, state().job.units) + QLatin1Char('\n');
        return all;
    }

    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestFoundAndWanted)
#include "tst_found_and_wanted.moc"
