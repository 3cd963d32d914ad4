#include "common/hands.h"
#include "job/edits/begun_from.h"
#include "sheet/words/owner_words.h"

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

    void what_is_wanted_has_no_uncertainty() {
        const auto says = [&](const char* sign) {
            for (const QLabel* label : window()->working()->findChildren<QLabel*>())
                if (label->isVisible() && label->text().contains(QString::fromUtf8(sign))) return true;
            return false;
        };
        QTRY_VERIFY(!says("±"));
        window()->choose_station(Station::nut);
        QTRY_VERIFY(says("± 0.0"));
        window()->choose_station(Station::survey);
        QTRY_VERIFY(!says("±"));
        press(Qt::Key_Space); // nor in the whole working
        QTRY_VERIFY(window()->working()->whole_shown());
        for (const QLabel* label : window()->findChildren<QLabel*>())
            if (label->isVisible())
                QVERIFY2(!label->text().contains(QStringLiteral("How sure")), qPrintable(label->text()));
        press(Qt::Key_Escape);
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

    /// A point of one's own is named, marked, noted, taken away; what was found goes to the owner's page.
    void a_point_of_ones_own() {
        press(Qt::Key_1, Qt::ControlModifier);
        const auto typed = [this](const QString& key, const QString& words) {
            auto* field = window()->survey()->findChild<TextField*>(key);
            QVERIFY2(field && field->isVisible(), qPrintable(key));
            click_on(field);
            QTest::keyClicks(field, words);
            QTest::keyClick(field, Qt::Key_Return);
        };
        typed(QStringLiteral("survey.own"), QStringLiteral("smell <b>of smoke</b>"));
        QCOMPARE(state().job.own_points.size(), std::size_t(1));
        QVERIFY(window()->survey()->findChild<TextField*>(QStringLiteral("survey.own"))->text().isEmpty());
        typed(QStringLiteral("survey.own"), QStringLiteral("strap buttons"));
        const auto option = [this](const QString& row, const QString& name) -> QToolButton* {
            for (ChoiceRow* each : window()->survey()->findChildren<ChoiceRow*>())
                if (each->label() == row && each->isVisible())
                    for (QToolButton* button : each->findChildren<QToolButton*>())
                        if (button->text() == name) return button;
            return nullptr;
        };
        QApplication::processEvents(); // laid out
        click_on(option(QStringLiteral("strap buttons"), QStringLiteral("found")));
        QCOMPARE(state().job.own_points[1].finding.mark, std::optional(SurveyMark::found));
        typed(QStringLiteral("survey_own[1].note"), QStringLiteral("lower one loose"));
        QCOMPARE(state().job.own_points[1].finding.note, std::string("lower one loose"));
        const auto found = owner_words(state().job, [](double) { return std::string(); }).found;
        QVERIFY(std::find(found.begin(), found.end(), "strap buttons: lower one loose") != found.end());
        QCOMPARE(own_point_notes(state().job.own_points).size(), std::size_t(1));
        // Away and back; a job of the same instrument begins without.
        QApplication::processEvents();
        const auto away = [this]() -> QToolButton* {
            for (QToolButton* each : window()->survey()->findChildren<QToolButton*>())
                if (each->isVisible() && each->accessibleName().startsWith(QStringLiteral("smell")) &&
                    each->text() == QStringLiteral("away"))
                    return each;
            return nullptr;
        };
        click_on(away());
        QCOMPARE(state().job.own_points.size(), std::size_t(1));
        QCOMPARE(state().job.own_points[0].name, std::string("strap buttons"));
        QApplication::processEvents();
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.own_points.size(), std::size_t(2));
        QVERIFY(!same_instrument(window()->session().document(), "x", 0).member("survey_own"));
    }

    /// Every string's slot has a picture of its own, which moves with its string.
    void a_picture_of_a_slot() {
        QTemporaryDir elsewhere;
        const QString shot = elsewhere.filePath(QStringLiteral("shot.png"));
        QImage image(320, 200, QImage::Format_RGB32);
        image.fill(Qt::darkYellow);
        QVERIFY(image.save(shot));
        press(Qt::Key_2, Qt::ControlModifier);
        window()->choose_string(1);
        window()->survey()->pages()->take_slot_photo(shot);
        QCOMPARE(state().job.slot_photos[1], std::string("slot-2.png"));
        QVERIFY(QFile::exists(window_->path("lantern.files/slot-2.png")));
        const auto away = [this]() -> QToolButton* {
            for (auto* photo : window()->survey()->findChildren<PhotoButton*>())
                for (auto* button : photo->findChildren<QToolButton*>())
                    if (button->text() == QStringLiteral("no picture") && button->isVisible()) return button;
            return nullptr;
        };
        QVERIFY(away());
        window()->choose_string(0);
        QVERIFY(!away());
        window()->strings()->add_string(); // before it
        QCOMPARE(state().job.slot_photos[2], std::string("slot-2.png"));
        press(Qt::Key_Z, Qt::ControlModifier);
        window()->choose_string(1);
        click_on(away());
        QVERIFY(state().job.slot_photos[1].empty());
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(state().job.slot_photos[1], std::string("slot-2.png"));
        QVERIFY(!find(same_instrument(window()->session().document(), "x", 0), "strings[1].photo"));
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
