#include "common/window.h"

#include <QImage>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// The survey: points walked, findings that stay in sight, readings as found and their corrections, pictures.
class TestSurvey : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-survey-test"); }
    void init() {
        if (!window_) window_ = std::make_unique<WindowOnDemo>();
        window_->again("lantern");
        window()->choose_string(0);
        window()->choose_station(Station::survey);
        window()->choose_point(0);
        QApplication::processEvents();
    }
    void cleanupTestCase() { window_.reset(); }

    void points_are_walked_by_the_number_pad() {
        SurveyCanvas* canvas = window()->survey()->canvas();
        for (std::size_t i = 0; i < survey_points().size(); ++i) {
            QCOMPARE(window()->view().point, i);
            QTest::keyClick(canvas, Qt::Key_1);
        }
        QCOMPARE(looked_at(state().job.survey), static_cast<int>(survey_points().size()));
        QVERIFY(survey_doubts(state().job.survey).empty());
        QTest::keyClick(canvas, Qt::Key_0);
        QCOMPARE(looked_at(state().job.survey), static_cast<int>(survey_points().size()) - 1);
    }

    void an_unsafe_finding_stays_in_sight_everywhere() {
        QTest::keyClick(window()->survey()->canvas(), Qt::Key_2);
        QCOMPARE(window()->view().point, std::size_t(0)); // its note comes first
        for (const Station station : {Station::neck, Station::nut, Station::saddle, Station::bridge}) {
            window()->choose_station(station);
            bool seen = false;
            for (QLabel* label : window()->findChildren<QLabel*>())
                seen = seen || (label->isVisible() && label->text() == QStringLiteral("▲ bridge lifting"));
            QVERIFY(seen);
        }
        window()->choose_station(Station::survey);
        bool told = false;
        for (QLabel* label : window()->survey()->findChildren<QLabel*>())
            told = told || (label->isVisible() && label->text().contains(QStringLiteral("no set-up until")));
        QVERIFY(told);
        press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!fm::find(window()->session().document(), "survey"));
    }

    void a_note_belongs_to_its_point() {
        auto* note = window()->survey()->findChild<TextField*>(QStringLiteral("survey.note"));
        QVERIFY(note);
        note->setFocus();
        QTest::keyClicks(note, QStringLiteral("a card slips in"));
        window()->choose_point(3); // leaving makes the step, for the point it was written at
        QCOMPARE(state().job.survey[0].note, std::string("a card slips in"));
        QCOMPARE(note->text(), QString());
        window()->choose_point(0);
        QCOMPARE(note->text(), QStringLiteral("a card slips in"));
        note->setFocus();
        note->selectAll();
        QTest::keyClick(note, Qt::Key_Delete);
        QTest::keyClick(note, Qt::Key_Return);
        QVERIFY(!fm::find(window()->session().document(), "survey"));
    }

    void readings_go_from_string_to_string_and_are_only_added() {
        auto* gap = window()->survey()->findChild<ValueField*>(QStringLiteral("found.nut_gap_mm"));
        gap->setFocus();
        const std::size_t strings = state().job.design.strings.size();
        for (std::size_t i = 0; i < strings; ++i) {
            QCOMPARE(window()->view().string, i);
            QCOMPARE(gap->text(), QString()); // not the last string's number
            QTest::keyClicks(gap, QStringLiteral("0.%1").arg(40 + i));
            QTest::keyClick(gap, Qt::Key_Return);
            gap->selectAll();
        }
        QCOMPARE(window()->view().string, std::size_t(0));
        QVERIFY(!gap->hasFocus()); // the next reading's turn
        QCOMPARE(state().job.readings.size(), std::size_t(1));
        QCOMPARE(state().job.readings[0].gauges.nut, std::string("feeler"));
        const std::size_t undone = static_cast<std::size_t>(window()->session().undo_stack()->count());
        QCOMPARE(undone, strings);
        // Typed again: a correction that takes its entry's place whole.
        NumbersModel* list = window()->survey()->list()->model();
        QVERIFY(list->setData(list->index(2, 1), QStringLiteral("0.5"), Qt::EditRole));
        QCOMPARE(state().job.readings.size(), std::size_t(2));
        QCOMPARE(*state().job.readings[1].replaces, std::size_t(0));
        const ReadingEntry found = as_found_readings(state().job.readings, strings);
        QCOMPARE(*found.strings[2].pressed_gap_mm, 0.5);
        QCOMPARE(*found.strings[1].pressed_gap_mm, 0.41);
        QCOMPARE(*state().job.readings[0].strings[2].pressed_gap_mm, 0.42); // never rewritten
        // Another gauge begins another entry, once it is said with what these were read.
        Q_EMIT window()->survey()->pages()->gauge_picked(QStringLiteral("nut"), QStringLiteral("feeler"));
        QCOMPARE(state().job.readings.size(), std::size_t(2));
        Q_EMIT window()->survey()->pages()->gauge_picked(QStringLiteral("nut"), QStringLiteral("dial"));
        QVERIFY(list->setData(list->index(3, 1), QStringLiteral("0.6"), Qt::EditRole));
        QCOMPARE(state().job.readings.size(), std::size_t(3));
        QCOMPARE(state().job.readings[2].gauges.nut, std::string("dial"));
        QVERIFY(!state().job.readings[2].replaces);
        QCOMPARE(*as_found_readings(state().job.readings, strings).strings[3].pressed_gap_mm, 0.6);
        QVERIFY(!list->setData(list->index(3, 1), QStringLiteral("much"), Qt::EditRole));
        QVERIFY(window()->notice().contains(QStringLiteral("much")));
    }

    /// A gap held at 3 is no gap held at 2: nothing is said to be read.
    void a_gap_held_elsewhere_is_not_this_one() {
        press(Qt::Key_3, Qt::ControlModifier);
        auto* gap = window()->survey()->findChild<ValueField*>(QStringLiteral("found.nut_gap_mm"));
        QCOMPARE(state().job.design.nut.height_method, NutHeightMethod::pressed_gap);
        const int other = state().job.design.nut.pressed_fret == 2 ? 3 : 2;
        Value::Array strings(state().job.design.strings.size(), Value(Value::Object{}));
        strings[0] = with(with(strings[0], "pressed_gap_mm", 0.21), "pressed_fret", other);
        Value entry = with(with(Value(Value::Object{}), "state", "found"), "strings", strings);
        entry = with(entry, "when", "2031-03-04T09:00");
        const Value read = with(window()->session().document(), "readings", Value(Value::Array{entry}));
        QVERIFY(window()->session().commit(QStringLiteral("x"), read).empty());
        QVERIFY2(!gap->text().contains(QStringLiteral("21")), qPrintable(gap->text()));
        const Value held = with(read, "readings[0].strings[0].pressed_fret", other == 2 ? 3 : 2);
        QVERIFY(window()->session().commit(QStringLiteral("x"), held).empty());
        QVERIFY2(gap->text().contains(QStringLiteral("21")), qPrintable(gap->text()));
    }

    void a_picture_goes_into_the_jobs_folder_and_with_its_copy() {
        QTemporaryDir elsewhere;
        const QString shot = elsewhere.filePath(QStringLiteral("shot.png"));
        QImage image(640, 400, QImage::Format_RGB32);
        image.fill(Qt::darkGreen);
        QVERIFY(image.save(shot));
        SurveyPages* pages = window()->survey()->pages();
        pages->take_photo(shot);
        QCOMPARE(state().job.survey[0].photo, std::string("bridge_lifting.png"));
        QVERIFY(QFile::exists(window_->path("lantern.files/bridge_lifting.png")));
        pages->take_photo(shot); // another of the same: nothing is written over
        QCOMPARE(state().job.survey[0].photo, std::string("bridge_lifting-2.png"));
        window()->session().save_as(window_->path("copied.fmjob"));
        QVERIFY(QFile::exists(window_->path("copied.files/bridge_lifting-2.png")));
        const QString text = elsewhere.filePath(QStringLiteral("no.png"));
        QFile file(text);
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write("no picture") > 0);
        file.close();
        pages->take_photo(text);
        QVERIFY(window()->notice().contains(QStringLiteral("is no picture that can be read")));
        QCOMPARE(state().job.survey[0].photo, std::string("bridge_lifting-2.png"));
        QVERIFY(window()
                    ->session()
                    .commit(QStringLiteral("bad"),
                            with(window()->session().document(), "survey.bridge_lifting.photo",
                                 std::string("../secret.png")))
                    .front()
                    .id == "not_a_plain_name");
    }

private:
    MainWindow* window() { return window_->operator->(); }
    const State& state() { return window_->state(); }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window_->press(key, modifiers);
    }
    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestSurvey)
#include "tst_survey.moc"
