#include "common/hands.h"
#include "common/window.h"
#include "core/words/word_of.h"
#include "job/document/json.h"
#include "ui/look/texts.h"

#include <QClipboard>
#include <QRegularExpression>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// Ways across all stations: a drawing as a table, from a doubt to its value, schools side by side, what has
/// just changed, jobs that cannot be solved.
class TestWays : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-ways-test"); }
    void init() {
        if (!window_) window_ = std::make_unique<WindowOnDemo>();
        window_->again("kittiwake");
        window()->choose_string(0);
    }
    void cleanupTestCase() { window_.reset(); }

    void every_drawing_has_its_table() {
        for (const Station station :
             {Station::survey, Station::neck, Station::nut, Station::saddle, Station::bridge}) {
            window()->choose_station(station);
            press(Qt::Key_L);
            DrawingTableModel* rows = frame()->table()->rows();
            QVERIFY(frame()->table()->isVisible() && frame()->table()->hasFocus());
            int fields = 0;
            for (ValueField* field : frame()->canvas()->findChildren<ValueField*>())
                fields += is_in_use(field, frame()->canvas()) ? 1 : 0;
            QVERIFY(rows->rowCount() >= fields && fields > 0);
            for (int row = 0; row < rows->rowCount(); ++row) {
                QVERIFY(!spoken_cell(frame()->table(), row, 0).isEmpty());
                QVERIFY(!spoken_cell(frame()->table(), row, 1).isEmpty());
            }
            press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
            QCOMPARE(QApplication::clipboard()->text().count(QLatin1Char('\n')), rows->rowCount() + 1);
            press(Qt::Key_Escape);
            QVERIFY(frame()->canvas()->isVisible() && frame()->canvas()->hasFocus());
        }
    }

    void what_is_typed_in_the_table_is_a_step() {
        window()->choose_station(Station::saddle);
        press(Qt::Key_L);
        DrawingTableModel* rows = frame()->table()->rows();
        const int row = row_of(QStringLiteral("saddle thickness"));
        QVERIFY(row >= 0);
        QVERIFY(rows->setData(rows->index(row, 1), QStringLiteral("1/8"), Qt::EditRole));
        QCOMPARE(state().job.design.saddle.thickness_mm, 3.175);
        QVERIFY(!rows->setData(rows->index(row, 1), QStringLiteral("900"), Qt::EditRole));
        QVERIFY(window()->notice().contains(QStringLiteral("saddle thickness")));
        QCOMPARE(state().job.design.saddle.thickness_mm, 3.175);
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.design.saddle.thickness_mm, 3.0);
    }

    /// The saddle longer at the bass: chosen, typed and undone by hand.
    void each_end_of_a_saddle_has_its_margin() {
        window()->choose_station(Station::saddle);
        press(Qt::Key_4, Qt::ControlModifier);
        const std::string before = written_json(window()->session().document());
        const double length_mm = state().solution.saddle.length_mm;
        const auto end = [this](const char* key) {
            ValueField* found = nullptr;
            for (ValueField* field : window()->findChildren<ValueField*>())
                if (field->key() == QLatin1String(key) && field->isVisible()) found = field;
            return found;
        };
        QVERIFY(end("saddle.end_margin_mm") && !end("saddle.end_margin_mm.bass") && !end("saddle.length_mm"));
        press_way(QStringLiteral("each end its own"));
        QVERIFY(!end("saddle.end_margin_mm") && end("saddle.end_margin_mm.treble"));
        QCOMPARE(state().solution.saddle.length_mm, length_mm);
        click_on(end("saddle.end_margin_mm.bass"));
        QApplication::processEvents(); // what stands there is chosen
        keys(QStringLiteral("8.5"));
        key(Qt::Key_Return);
        QVERIFY(std::abs(state().solution.saddle.length_mm - length_mm - 2.5) < 1e-9);
        QCOMPARE(end("saddle.end_margin_mm.bass")->text(), QStringLiteral("8.50"));
        press_way(QStringLiteral("by its length"));
        QVERIFY(end("saddle.length_mm") && !end("saddle.end_margin_mm.bass"));
        QVERIFY(std::abs(state().solution.saddle.length_mm - length_mm - 2.5) < 0.006);
        for (int step = 0; step < 3; ++step) press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(written_json(window()->session().document()), before);
    }

    void a_doubt_leads_to_what_it_is_about() {
        window()->choose_station(Station::saddle);
        const auto thin = commit("saddle.thickness_mm", 1.2);
        QVERIFY(thin.empty());
        QLabel* doubts = nullptr;
        for (QLabel* label : frame()->findChildren<QLabel*>())
            if (label->isVisible() && label->text().contains(QStringLiteral("href='saddle.thickness_mm'")))
                doubts = label;
        QVERIFY(doubts);
        QVERIFY(!doubts->accessibleName().isEmpty());
        Q_EMIT doubts->linkActivated(QStringLiteral("saddle.thickness_mm"));
        auto* field = qobject_cast<ValueField*>(QApplication::focusWidget());
        QVERIFY(field);
        QCOMPARE(field->key(), QStringLiteral("saddle.thickness_mm"));
        Q_EMIT doubts->linkActivated(QStringLiteral("strings[2]"));
        QCOMPARE(window()->view().string, std::size_t(2));
        Q_EMIT doubts->linkActivated(QStringLiteral("bridge.plane_above_top_mm"));
        QCOMPARE(window()->view().station, Station::bridge);
        Q_EMIT doubts->linkActivated(QStringLiteral("survey.neck_twisted"));
        QCOMPARE(window()->view().station, Station::survey);
        QCOMPARE(survey_points()[window()->view().point].word, std::string_view("neck_twisted"));
    }

    void schools_stand_side_by_side() {
        const Value before = window()->session().document();
        window()->choose_station(Station::nut);
        frame()->pages()->show_page(0);
        press(Qt::Key_C);
        const QString spacing = window()->overlay();
        for (const char* school : {"equal centres", "equal gaps", "between", "as measured"})
            QVERIFY2(spacing.contains(QLatin1String(school)), school);
        // The numbers are those the job would have.
        const Value other = with(before, "nut.spacing.method", "equal_gaps");
        const State gaps = *state_of(other).state;
        window()->choose_string(1);
        press(Qt::Key_Escape);
        QVERIFY(window()->overlay().isEmpty());
        press(Qt::Key_C);
        QVERIFY(window()->overlay().contains(
            length_with_unit(gaps.solution.strings[1].line.nut_y_mm, Unit::mm).toHtmlEscaped()));
        QVERIFY(window()->session().document() == before); // looked at, not made
        QCOMPARE(window()->session().undo_stack()->count(), 0);
        press(Qt::Key_C);
        QVERIFY(window()->overlay().isEmpty());
    }

    void what_moved_is_marked_for_a_moment() {
        window()->choose_station(Station::bridge);
        QApplication::processEvents();
        QVERIFY(commit("bridge.pins.behind_mm", 9.0).empty());
        int marked = 0;
        int all = 0;
        for (InkNumber* number : frame()->canvas()->findChildren<InkNumber*>()) {
            marked += number->isVisible() && number->is_marked() ? 1 : 0;
            all += number->isVisible() ? 1 : 0;
        }
        QVERIFY(marked > 0 && marked < all);
        press(Qt::Key_BracketRight); // another string's numbers are not changed ones
        QTest::qWait(moved_ms + 100);
        for (InkNumber* number : frame()->canvas()->findChildren<InkNumber*>()) QVERIFY(!number->is_marked());
    }

    void help_opens_where_one_is() {
        for (const Station station : {Station::survey, Station::neck, Station::strings, Station::nut,
                                      Station::saddle, Station::bridge}) {
            window()->choose_station(station);
            press(Qt::Key_F1);
            HelpWindow* help = window()->help();
            QVERIFY(help && help->isVisible());
            QVERIFY(!help->toPlainText().isEmpty());
            const QString word = QString::fromLatin1(word_of(station).data());
            if (station != Station::strings) {
                const QVariant drawing = help->document()->resource(QTextDocument::ImageResource,
                                                                    QUrl(QStringLiteral("drawing:") + word));
                QVERIFY2(!qvariant_cast<QImage>(drawing).isNull(), qPrintable(word));
            }
            help->close();
            window()->activateWindow();
            QVERIFY(QTest::qWaitForWindowActive(window()));
        }
        // Both languages have the same places.
        const auto anchors = [](const char* language) {
            QFile file(QStringLiteral(":/help/%1.html").arg(QLatin1String(language)));
            if (!file.open(QIODevice::ReadOnly)) return QStringList();
            QStringList names;
            static const QRegularExpression place(
                QStringLiteral("(name=\"\\w+\"|src=\"[^\"]+\"|href=\"[^\"]+\")"));
            auto found = place.globalMatch(QString::fromUtf8(file.readAll()));
            while (found.hasNext()) names << found.next().captured(1);
            return names;
        };
        QVERIFY(anchors("en").size() > 15);
        QCOMPARE(anchors("de"), anchors("en"));
    }

    void a_job_that_cannot_be_solved_still_opens() {
        const QString path = window_->path("broken.fmjob");
        Value document = window()->session().document();
        document = with(document, "strings[1].diameter_mm", 4.0);
        document = with(document, "strings[1].core_mm", 0.1);
        document = with(document, "strings[1].unit_mass_g_m", 400.0); // no tension brings it up
        document = with(document, "bridge.pins.behind_mm", 0.5);
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly) &&
                file.write(QByteArray::fromStdString(written_json(document))) > 0);
        file.close();
        QVERIFY2(window()->open(path), qPrintable(window()->notice()));
        bool errors = false;
        for (const Message& message : state().solution.warnings)
            errors = errors || message.severity == Severity::error;
        QVERIFY(errors);
        for (const Station station : {Station::survey, Station::neck, Station::strings, Station::nut,
                                      Station::saddle, Station::bridge}) {
            window()->choose_station(station);
            QVERIFY(!window()->grab().isNull());
        }
        bool told = false;
        for (QLabel* label : frame()->findChildren<QLabel*>())
            told = told || (label->isVisible() && label->text().startsWith(QStringLiteral("▲")));
        QVERIFY(told);
        window()->show_board(true);
        QVERIFY(!window()->grab().isNull());
        window()->show_board(false);
        // An error is undone, and mended.
        QVERIFY(commit("bridge.pins.behind_mm", 8.0).empty());
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.design.bridge->pins.behind_mm, 0.5);
    }

private:
    MainWindow* window() { return window_->operator->(); }
    const State& state() { return window_->state(); }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window_->press(key, modifiers);
    }
    std::vector<Message> commit(const char* key, double value) {
        return window()->session().commit(QLatin1String(key),
                                          with(window()->session().document(), key, value));
    }
    /// A press on a choice that is in sight.
    void press_way(const QString& name) {
        for (ChoiceRow* row : window()->findChildren<ChoiceRow*>())
            for (QAbstractButton* button : row->findChildren<QAbstractButton*>())
                if (button->text() == name && button->isVisible()) return click_on(button);
        QFAIL(qPrintable(name));
    }
    StationFrame* frame() { return window_->frame(); }
    int row_of(const QString& name) {
        const DrawingTableModel* rows = frame()->table()->rows();
        for (int row = 0; row < rows->rowCount(); ++row)
            if (rows->index(row, 0).data().toString().startsWith(name)) return row;
        return -1;
    }
    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestWays)
#include "tst_ways.moc"
