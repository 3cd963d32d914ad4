// Every field and every cell of every station by mouse and keys, found by walking the widgets: a new station
// is in it by itself.
#include "common/hands.h"
#include "common/jobs.h"
#include "common/views.h"
#include "core/words/length.h"
#include "job/document/json.h"
#include "ui/look/texts.h"

#include <QToolButton>

using namespace fm;
using namespace fm::test;

namespace {

/// Nobody may be answered in the words of the file.
bool speaks_in_keys(const QString& message) {
    return message.contains(QLatin1Char('_')) || message.contains(QStringLiteral("[]")) ||
           message.contains(QLatin1Char('{')) || // a place nobody filled
           message.contains(QRegularExpression(QStringLiteral("character(?!s| [0-9])")));
}

} // namespace

class TestHands : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() {
        prepare_application("fair-measure-hands-test");
        window_.start("kittiwake");
    }

    void every_field_and_cell_data() {
        QTest::addColumn<QString>("job");
        QTest::addColumn<int>("view");
        const bool all = qEnvironmentVariableIsSet("FAIR_MEASURE_LONG");
        for (const char* job : {"kittiwake", "groundswell", "lantern", "curlew", "teal"}) {
            if (!all && QByteArray(job) != "kittiwake") break;
            for (std::size_t i = 0; i < std::size(working_views); ++i)
                QTest::addRow("%s, %s", job, working_views[i].name)
                    << QString::fromLatin1(job) << static_cast<int>(i);
        }
    }

    void every_field_and_cell() {
        QFETCH(const QString, job);
        QFETCH(const int, view);
        window_.again(job.toLatin1().constData());
        window_->choose_datum(Datum::seat);
        show_ = working_views[view].show;
        show_(window_.window());
        QApplication::processEvents();
        const int fields = static_cast<int>(visible<ValueField>().size());
        for (int i = 0; i < fields; ++i) {
            const auto all = visible<ValueField>();
            if (i >= all.size()) break;
            try_field(all[i]);
            if (QTest::currentTestFailed()) return;
        }
        const int words = static_cast<int>(visible<TextField>().size());
        for (int i = 0; i < words; ++i) {
            const auto all = visible<TextField>();
            if (i >= all.size()) break;
            try_words(all[i]);
            if (QTest::currentTestFailed()) return;
        }
        for (EntryTable* table : visible<EntryTable>()) {
            for (int row = 0; row < table->model()->rowCount(); ++row)
                for (int column = 0; column < table->model()->columnCount(); ++column) {
                    try_cell(table, row, column);
                    if (QTest::currentTestFailed()) return;
                }
            if (QTest::currentTestFailed()) return;
        }
    }

    /// Typed, not entered, and a choice clicked that hides the field: what was typed is kept as a step of its
    /// own or refused, nothing is shown of a state that has gone, and the steps lead back.
    void a_choice_while_a_value_is_typed() {
        int hidden = 0;
        for (const View& view : working_views) {
            window_.again("curlew");
            show_ = view.show;
            show_(window_.window());
            QApplication::processEvents();
            const Value opened = document();
            for (qsizetype i = 0; i < choices().size(); ++i)
                for (qsizetype k = std::max(i - 3, qsizetype(0)); k < std::min(i + 4, choices().size());
                     ++k) {
                    const QList<ValueField*> always = visible<ValueField>();
                    click_on(choices()[i]);
                    if (k >= choices().size()) break;
                    for (ValueField* field : visible<ValueField>()) {
                        if (always.contains(field) || !is_of_the_job(field)) continue;
                        click_on(field);
                        type(QStringLiteral("900"));
                        click_on(choices()[k]);
                        QApplication::processEvents();
                        hidden += field->isVisible() ? 0 : 1;
                        if (field->hasFocus()) key(Qt::Key_Tab);
                        QVERIFY2(window_.state().document == document(), what(field).c_str());
                        break;
                    }
                }
            while (window_->session().undo_stack()->canUndo()) {
                const int step = steps();
                key(Qt::Key_Z, Qt::ControlModifier);
                QApplication::processEvents();
                QVERIFY2(steps() < step && window_.state().document == document(), view.name);
            }
            QVERIFY2(document() == opened, view.name);
        }
        QVERIFY(hidden > 3);
    }

private:
    template <class Widget> QList<Widget*> visible() {
        QList<Widget*> list;
        for (Widget* each : window_->centralWidget()->findChildren<Widget*>())
            if (each->isVisible() && each->isEnabled()) list << each;
        return list;
    }
    QList<QToolButton*> choices() {
        QList<QToolButton*> list;
        for (QToolButton* each : visible<QToolButton>())
            if (each->property("choice").toBool()) list << each;
        return list;
    }
    Value document() const { return window_->session().document(); }
    int steps() const { return window_->session().undo_stack()->index(); }
    std::string what(QWidget* widget) const {
        return widget->accessibleName().toStdString() + " (" + widget->objectName().toStdString() + ")";
    }
    /// In the window's own settings, not in the job: what is typed there makes no step.
    static bool is_of_the_job(const ValueField* field) {
        static const QStringList elsewhere{QStringLiteral("cutter_mm"), QStringLiteral("bar_x_mm"),
                                           QStringLiteral("bar_y_mm"),  QStringLiteral("fret"),
                                           QStringLiteral("minutes"),   QStringLiteral("apart_mm")};
        return !elsewhere.contains(field->key());
    }

    /// Types into the field that has the focus: all of it anew.
    static void type(const QString& text) {
        key(Qt::Key_A, Qt::ControlModifier);
        keys(text);
    }

    /// Texts near what a field holds, in case a limit lies on one side; the parsed value of each.
    QList<std::pair<QString, double>> near_values(ValueField* field) const {
        const double unit_mm = field->kind() == FieldKind::length ? mm_per(field->unit()) : 1.0;
        QString plain = field->text();
        plain.remove(QStringLiteral("°"));
        bool good = false;
        double now = plain.section(QLatin1Char(' '), 0, 0).toDouble(&good);
        QList<std::pair<QString, double>> list;
        const auto add = [&](double value, int decimals) {
            const QString text = QString::number(value, 'f', decimals);
            list << std::pair(text, text.toDouble() * unit_mm);
        };
        if (!good) now = 1.0;
        if (field->kind() == FieldKind::whole) {
            for (const double by : {1.0, -1.0, 2.0, -2.0}) add(now + by, 0);
            add(44, 0);
            return list;
        }
        for (const double by : {0.013, -0.013, 0.31, -0.31, 3.0, -3.0}) add(now + by, 3);
        for (const double share : {1.07, 0.93}) add(now * share, 3);
        for (const double value : {0.37, 1.3, 4.0, 9.0, 12.0, 40.0, 75.0}) add(value, 2);
        return list;
    }

    void try_field(ValueField* field) {
        if (field->isReadOnly()) return;
        const std::string name = what(field);
        const Value before = document();
        const int step = steps();
        const std::size_t string = window_->view().string;
        // Untouched: looked into and left again.
        click_on(field);
        QVERIFY2(field->hasFocus(), name.c_str());
        key(Qt::Key_Tab);
        QVERIFY2(steps() == step && document() == before, (name + ": untouched").c_str());
        if (!field->isVisible()) show_(window_.window());
        // Nonsense: the old one stands, and it is said why in words of a person.
        click_on(field);
        const QString shown = field->text();
        type(QStringLiteral("q"));
        key(Qt::Key_Return);
        QVERIFY2(document() == before, (name + ": nonsense").c_str());
        QVERIFY2(field->property("fault").toBool() && !field->accessibleDescription().isEmpty(),
                 (name + ": nonsense is not marked").c_str());
        QVERIFY2(!speaks_in_keys(field->accessibleDescription()), qPrintable(field->accessibleDescription()));
        key(Qt::Key_Escape);
        QCOMPARE(field->text(), shown);
        QVERIFY2(!field->property("fault").toBool(), name.c_str());
        if (!is_of_the_job(field)) return;
        // A good value by Enter, once, and back by Ctrl+Z while the field keeps the focus.
        std::optional<double> typed;
        QString text;
        for (const auto& [written, value] : near_values(field)) {
            if (!field->isVisible()) show_(window_.window());
            click_on(field);
            type(written);
            key(Qt::Key_Return);
            if (steps() != step) {
                typed = value;
                text = written;
                break;
            }
            QVERIFY2(!speaks_in_keys(field->accessibleDescription()),
                     qPrintable(field->accessibleDescription()));
            key(Qt::Key_Escape);
        }
        QVERIFY2(typed, (name + ": no value near what it holds is taken").c_str());
        QVERIFY2(steps() == step + 1, (name + ": one step").c_str());
        const double times =
            field->key().endsWith(QStringLiteral("/2")) ? 2.0 : 1.0; // a length that is doubled
        *typed *= times;
        QVERIFY2(holds(written_since(before, document()), *typed),
                 (name + ": " + text.toStdString() + " is not what the document says").c_str());
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY2(document() == before, (name + ": undone with the focus in the field").c_str());
        // The same by Tab; then Ctrl+Z from the next one.
        if (!field->isVisible()) show_(window_.window());
        window_->choose_string(string); // a reading leads on to the next one
        click_on(field);
        type(text);
        key(Qt::Key_Tab);
        QVERIFY2(steps() == step + 1 && holds(written_since(before, document()), *typed),
                 (name + ": kept by Tab").c_str());
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY2(document() == before, (name + ": undone from the next field").c_str());
        // No number: refused, in words without a gap in them.
        if (!field->isVisible()) show_(window_.window());
        click_on(field);
        type(QStringLiteral("1 x 2"));
        key(Qt::Key_Return);
        QVERIFY2(steps() == step && field->property("fault").toBool(), (name + ": no number").c_str());
        QVERIFY2(!speaks_in_keys(field->accessibleDescription()), qPrintable(field->accessibleDescription()));
        key(Qt::Key_Escape);
        // Out of every range: refused, or taken and undone.
        if (!field->isVisible()) show_(window_.window());
        click_on(field);
        const QString old = field->text();
        type(QStringLiteral("987654"));
        key(Qt::Key_Return);
        if (steps() == step) {
            QVERIFY2(field->property("fault").toBool(), (name + ": refused but not marked").c_str());
            QVERIFY2(!speaks_in_keys(field->accessibleDescription()),
                     qPrintable(field->accessibleDescription()));
            key(Qt::Key_Escape);
            QCOMPARE(field->text(), old);
        } else {
            key(Qt::Key_Z, Qt::ControlModifier);
        }
        QVERIFY2(document() == before, name.c_str());
    }

    void try_words(TextField* field) {
        const std::string name = what(field);
        const Value before = document();
        const int step = steps();
        click_on(field);
        QVERIFY2(field->hasFocus(), name.c_str());
        key(Qt::Key_Tab);
        QVERIFY2(steps() == step, (name + ": untouched").c_str());
        click_on(field);
        type(QStringLiteral("thrown away"));
        key(Qt::Key_Escape);
        QVERIFY2(steps() == step && document() == before, (name + ": Esc").c_str());
        click_on(field);
        type(QStringLiteral("words of mine"));
        key(Qt::Key_Return);
        if (field->objectName() == QLatin1String("printer")) return; // of the shop, not of the job
        QVERIFY2(steps() == step + 1, name.c_str());
        QVERIFY2(holds(written_since(before, document()), std::string("words of mine")), name.c_str());
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY2(document() == before, (name + ": undone with the focus in the field").c_str());
    }

    void try_cell(EntryTable* table, int row, int column) {
        const QModelIndex cell = table->model()->index(row, column);
        if (!(cell.flags() & Qt::ItemIsEditable)) return;
        const std::string name = what(table) + " " +
                                 table->model()->index(row, 0).data().toString().toStdString() + " " +
                                 table->model()->index(row, column).data().toString().toStdString() +
                                 ", row " + std::to_string(row) + ", column " + std::to_string(column);
        const Value before = document();
        const int step = steps();
        // Looked into and left: nothing.
        table->scrollTo(cell);
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(cell).center());
        QCOMPARE(table->currentIndex(), cell);
        key(Qt::Key_F2);
        QVERIFY2(open_editor(table), name.c_str());
        key(Qt::Key_Return);
        QVERIFY2(steps() == step && document() == before, (name + ": untouched").c_str());
        // Nonsense.
        type_into(table, cell, QStringLiteral("1x1"));
        key(Qt::Key_Return);
        QVERIFY2(document() == before, (name + ": nonsense").c_str());
        QVERIFY2(open_editor(table) && open_editor(table)->property("fault").toBool(),
                 (name + ": not marked").c_str());
        QVERIFY2(!table->said().isEmpty() && !speaks_in_keys(table->said()), qPrintable(table->said()));
        key(Qt::Key_Escape);
        QVERIFY2(document() == before, name.c_str());
        QTRY_VERIFY(!open_editor(table));
        // A good one by Enter, which goes down; then back by Ctrl+Z.
        QString good;
        QStringList texts;
        bool shown_number = false;
        const double shown = cell.data().toString().section(QLatin1Char(' '), 0, 0).toDouble(&shown_number);
        if (shown_number)
            for (const double near_it : {shown * 1.01, shown * 0.99})
                texts << QString::number(near_it, 'f', 2);
        if (shown_number)
            texts << QString::number(std::round(shown) + 1) << QString::number(std::round(shown) - 1);
        for (const char* text : {"0.37", "2.13", "1.31", "4.9", "9.3", "41", "-0.02", "E3", "13", "20", "5",
                                 "300", "12000", "0.62", "75", "30"})
            texts << QString::fromLatin1(text);
        for (const QString& text : texts) {
            type_into(table, cell, text);
            key(Qt::Key_Return);
            if (steps() != step) {
                good = text;
                break;
            }
            if (open_editor(table)) key(Qt::Key_Escape);
            QTRY_VERIFY(!open_editor(table));
        }
        QVERIFY2(!good.isEmpty(), (name + ": no value is taken, " + table->said().toStdString() +
                                   window_->notice().toStdString())
                                      .c_str());
        QVERIFY2(steps() == step + 1, (name + ": one step").c_str());
        bool number = false;
        const double typed = good.toDouble(&number);
        const auto written = written_since(before, document());
        // A length in one of the job's units, one that is doubled, a plain number; or a text.
        bool is_written = holds(written, good.toStdString()) || (number && holds(written, typed));
        for (const Unit unit : window_.state().job.units.each)
            if (number)
                is_written = is_written || holds(written, typed * mm_per(unit)) ||
                             holds(written, 2 * typed * mm_per(unit));
        QVERIFY2(is_written, (name + ": " + good.toStdString() + " is not what the document says").c_str());
        if (row + 1 < table->model()->rowCount()) {
            QCOMPARE(table->currentIndex().row(), row + 1);
            QCOMPARE(table->currentIndex().column(), column);
        }
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY2(document() == before, (name + ": undone").c_str());
        // Kept once by Tab.
        type_into(table, cell, good);
        key(Qt::Key_Tab);
        QVERIFY2(steps() == step + 1, (name + ": once by Tab").c_str());
        if (open_editor(table)) key(Qt::Key_Escape);
        QTRY_VERIFY(!open_editor(table));
        window_->session().undo_stack()->undo();
        // And by leaving it for another cell.
        type_into(table, cell, good);
        const QModelIndex other = table->model()->index(row == 0 ? 1 : 0, column);
        if (other.isValid()) {
            QTest::mouseClick(table->viewport(), Qt::LeftButton, {}, table->visualRect(other).center());
            QVERIFY2(steps() == step + 1, (name + ": once by leaving").c_str());
            window_->session().undo_stack()->undo();
        } else {
            key(Qt::Key_Escape);
        }
        QVERIFY2(document() == before, name.c_str());
    }

    WindowOnDemo window_;
    void (*show_)(MainWindow&) = nullptr;
};

QTEST_MAIN(TestHands)
#include "tst_hands.moc"
