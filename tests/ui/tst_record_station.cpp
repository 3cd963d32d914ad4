#include "common/hands.h"
#include "common/jobs.h"
#include "job/read/story.h"

#include <QCheckBox>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// Intonation by reading, and the record, in the window.
class TestRecordStation : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-record-test"); }
    void init() { window_.again("kittiwake"); }

    void cents_are_typed_and_crowns_moved_round_after_round() {
        window_.again("groundswell");
        window_.press(Qt::Key_7, Qt::AltModifier);
        IntonationStation* station = window_->intonation();
        QVERIFY(station->isVisible());
        type_cents(0, "+3,0"); // with a comma, as some write it
        type_cents(1, "-1.5");
        const auto& advice = station->model()->advice();
        QVERIFY(advice[0] && advice[1] && !advice[2]);
        QVERIFY(advice[0]->move_mm > 0 && advice[1]->move_mm < 0);
        const double first_mm = advice[0]->move_mm;
        station->moved();
        QCOMPARE(*window_.state().job.readings.back().strings[0].crown_moved_mm, first_mm);
        QVERIFY(!window_.state().job.readings.back().strings[2].crown_moved_mm);
        QCOMPARE(station->model()->advice()[0]->moves, 1);
        type_cents(0, "0.1");
        QVERIFY(std::abs(station->model()->advice()[0]->off_cents) < 1.0);
        QCOMPARE(station->model()->advice()[0]->readings, 2);
        // The round before is drawn, where the crown stood then; a string read once has none.
        const auto earlier = station->canvas()->earlier_moves_mm();
        QCOMPARE(earlier[0].size(), std::size_t(1));
        QVERIFY(std::abs(earlier[0][0] - first_mm) < 0.2 * std::abs(first_mm));
        QVERIFY(earlier[1].empty());
        // And where other hands would have each crown.
        const CrownsByHand hands = crowns_by_hand(window_.state().work_design, window_.state().solution);
        QCOMPARE(station->canvas()->by_hand().heavy_mm, hands.heavy_mm);
        QVERIFY(*hands.light_mm[0] < 0 && *hands.heavy_mm[0] > 0.1);
        const auto before = window_.state().job.readings.size();
        for (const char* nonsense : {"3 sharp", "500"}) {
            type_cents(0, nonsense);
            QVERIFY(window_->notice().contains(QStringLiteral("cents")));
            QVERIFY(station->table()->said().contains(QStringLiteral("allowed"))); // under the cell, too
            key(Qt::Key_Escape);
        }
        QCOMPARE(window_.state().job.readings.size(), before);
        window_->session().undo_stack()->undo();
        QCOMPARE(window_.state().job.readings.size(), before - 1);
    }

    /// Four visits, drawn: what was done each day, what it did alone, and what a turn of its rod does.
    void an_instrument_over_time_is_drawn() {
        QVERIFY(QFile::copy(QStringLiteral(TEST_DATA "/seasons.fmjob"), window_.path("seasons.fmjob")));
        window_->session().open(window_.path("seasons.fmjob"));
        window_.press(Qt::Key_9, Qt::AltModifier);
        window_.press(Qt::Key_L);
        TimePicture* picture = window_->record()->over_time();
        QVERIFY(picture->isVisible() && !window_->record()->story()->isVisible());
        QCOMPARE(picture->visits().size(), std::size_t(4));
        QVERIFY(picture->aways()[0].relief_moved && !picture->aways()[1].relief_moved);
        const QString said = picture->says().join(QLatin1Char(' '));
        QVERIFY2(said.contains(QStringLiteral("From 38 % to 62 % humidity, 150 days: relief +0.11 mm")),
                 qPrintable(said));
        QVERIFY2(said.contains(QStringLiteral("An eighth of a turn")), qPrintable(said));
        QVERIFY(!picture->grab().toImage().isNull());
        // How it was left on an earlier visit is not how it is now.
        const JobBeforeAfter story = before_and_after(window_.state().job);
        QVERIFY(std::abs(*story.relief_mm.found - 0.1) < 1e-9);
        QVERIFY(!story.relief_mm.now && !story.strings[0].action_mm.now);
        window_.press(Qt::Key_Escape);
        QVERIFY(window_->record()->story()->isVisible());
        // Read on one day: nothing is said of seasons.
        window_.again("kittiwake");
        window_->choose_station(Station::record);
        window_.press(Qt::Key_L);
        QVERIFY(window_->record()
                    ->over_time()
                    ->says()
                    .join(QLatin1Char(' '))
                    .contains(QStringLiteral("not known")));
        window_.press(Qt::Key_L);
        QVERIFY(window_->record()->story()->isVisible());
    }

    /// Six typed one under the other are six strings' readings; one typed again is a correction; looking in
    /// and going away writes nothing.
    void cents_typed_again_are_a_correction() {
        window_.again("curlew");
        window_.press(Qt::Key_7, Qt::AltModifier);
        EntryTable* table = window_->intonation()->table();
        const auto before = window_.state().job.readings.size();
        type_into(table, table->model()->index(0, IntonationModel::read_column), QStringLiteral("1.5"));
        key(Qt::Key_Return); // goes down
        for (const char* text : {"2.5", "-3", "4", "0.5", "6"}) {
            keys(QString::fromLatin1(text));
            key(Qt::Key_Return);
        }
        const auto& readings = window_.state().job.readings;
        QCOMPARE(readings.size(), before + 6);
        for (std::size_t i = 0; i < 6; ++i) QVERIFY(!readings[before + i].strings[i].cents.empty());
        type_cents(2, "-2");
        QCOMPARE(window_.state().job.readings.size(), before + 7);
        QCOMPARE(window_.state().job.readings.back().replaces, std::optional(before + 2));
        for (int visit = 0; visit < 3; ++visit) {
            window_.press(Qt::Key_4, Qt::AltModifier);
            window_.press(Qt::Key_7, Qt::AltModifier);
            click_on(table->viewport());
        }
        QCOMPARE(window_.state().job.readings.size(), before + 7);
    }

    /// Words of an ear give a direction and no amount; a tuner's cents replace them, and they those.
    void what_is_heard_gives_a_direction() {
        window_.again("curlew");
        window_.press(Qt::Key_7, Qt::AltModifier);
        const auto cell = [this](int row, int column) {
            return window_->intonation()->table()->model()->index(row, column).data().toString();
        };
        const auto move = [&](int row) { return cell(row, IntonationModel::read_column + 2); };
        type_cents(0, "a bit sharp");
        QCOMPARE(cell(0, IntonationModel::read_column), QStringLiteral("a bit sharp"));
        QCOMPARE(move(0), QStringLiteral("longer"));
        type_cents(1, "Way too  FLAT");
        QCOMPARE(cell(1, IntonationModel::read_column), QStringLiteral("way flat"));
        QCOMPARE(move(1), QStringLiteral("shorter"));
        type_cents(2, "in tune");
        QCOMPARE(move(2), QStringLiteral("there"));
        const auto& readings = window_.state().job.readings;
        QCOMPARE(readings.back().strings[2].heard, (std::vector<HeardReading>{{12, PitchHeard::in_tune}}));
        QCOMPARE(written_json(window_->session().document()).find("\"cents\""), std::string::npos);
        bool told = false; // in the story, as it was said
        for (const StoryLine& line : story_of(window_.state().job))
            for (const Message& says : line.says)
                told = told || english(says).find("way flat at fret 12, by ear") != std::string::npos;
        QVERIFY(told);
        type_cents(0, "3");
        QCOMPARE(cell(0, IntonationModel::read_column), QStringLiteral("+3.0"));
        QVERIFY(move(0) != QStringLiteral("longer"));
        type_cents(0, "flat");
        QCOMPARE(move(0), QStringLiteral("shorter"));
        type_cents(3, "rather sharp");
        QVERIFY2(window_->intonation()->table()->said().contains(QStringLiteral("a bit sharp")),
                 qPrintable(window_->intonation()->table()->said()));
        key(Qt::Key_Escape);
        for (int step = 0; step < 5; ++step) key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(cell(0, IntonationModel::read_column), QStringLiteral("·"));
    }

    /// Numbers in a line fill the column downwards, up to the first that is none.
    void a_line_of_numbers_fills_the_column() {
        window_.again("curlew");
        window_.press(Qt::Key_7, Qt::AltModifier);
        const auto before = window_.state().job.readings.size();
        type_cents(1, "1.5 -2 +3");
        const auto& readings = window_.state().job.readings;
        QCOMPARE(readings.size(), before + 3);
        QCOMPARE(readings.back().strings[3].cents, (std::vector<CentsReading>{{12, 3.0}}));
        EntryTable* table = window_->intonation()->table();
        QCOMPARE(table->currentIndex().row(), 4);
        type_cents(0, "0.5; 250; 2");
        QCOMPARE(window_.state().job.readings.size(), before + 4);
        QVERIFY(table->said().contains(QStringLiteral("allowed")));
        QCOMPARE(table->currentIndex().row(), 1);
    }

    /// The crown's place is typed beside the cents; only with it a fit is offered; new strings begin anew and
    /// what was read stays to be seen.
    void a_crown_is_measured_and_new_strings_begin_anew() {
        window_.press(Qt::Key_7, Qt::AltModifier);
        IntonationStation* station = window_->intonation();
        EntryTable* table = station->table();
        const auto button = [&](const char* words) {
            for (QToolButton* each : window_->findChildren<QToolButton*>())
                if (each->isVisible() && each->text() == QLatin1String(words)) return each;
            return static_cast<QToolButton*>(nullptr);
        };
        station->choose_fret(5);
        type_cents(1, "3");
        station->choose_fret(12);
        type_cents(1, "4.5");
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                          table->visualRect(table->model()->index(1, 0)).center());
        QVERIFY(!button("Use this fit")->isEnabled()); // where its crown stands nobody knows
        type_into(table, table->model()->index(1, IntonationModel::crown_column), QStringLiteral("295.5"));
        key(Qt::Key_Return);
        QCOMPARE(*window_.state().job.readings.back().strings[1].crown_found_mm, 295.5);
        QCOMPARE(table->model()->index(1, IntonationModel::crown_column).data().toString(),
                 QStringLiteral("295.50"));
        QTest::mouseClick(table->viewport(), Qt::LeftButton, {},
                          table->visualRect(table->model()->index(1, 0)).center());
        QVERIFY(button("Use this fit")->isEnabled());
        type_into(table, table->model()->index(1, IntonationModel::crown_column), QStringLiteral("3"));
        key(Qt::Key_Return);
        QVERIFY(
            window_->notice().contains(QStringLiteral("from fret 12 to the crown"))); // no crown stands there
        key(Qt::Key_Escape);
        const auto before = window_.state().job.readings.size();
        click_on(button("New strings"));
        QCOMPARE(window_.state().job.readings.size(), before + 1);
        QVERIFY(window_.state().job.readings.back().strings_new);
        QVERIFY(!station->model()->advice()[1]);
        QCOMPARE(table->model()->index(1, IntonationModel::read_column).data().toString(),
                 QStringLiteral("+4.5"));
        QVERIFY(table->model()
                    ->index(1, IntonationModel::read_column)
                    .data(Qt::ToolTipRole)
                    .toString()
                    .contains(QStringLiteral("not used")));
        window_.press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(station->model()->advice()[1]);
    }

    void a_line_moves_every_string_and_a_shop_may_aim_flat() {
        window_.press(Qt::Key_7, Qt::AltModifier);
        IntonationStation* station = window_->intonation();
        for (int i = 0; i < 4; ++i) type_cents(i, i % 2 ? "2" : "4");
        const double each_mm = *station->model()->moves_mm()[0];
        commit("intonation.by", "line");
        const auto& moves = station->model()->moves_mm();
        QVERIFY(std::abs(*moves[0] - each_mm) > 0.01);
        // On one line, in the order the strings lie.
        QVERIFY(std::abs((*moves[1] - *moves[0]) - (*moves[2] - *moves[1])) < 0.02);
        QVERIFY(station->advice().contains(QStringLiteral("bass string")));
        commit("intonation.by", "each");
        commit("intonation.flat_cents", 2.0);
        QVERIFY(*station->model()->moves_mm()[0] > each_mm); // longer still
        commit("intonation.by", "nut");
        QVERIFY(station->advice().contains(QStringLiteral("frets 1 to 5")));
        station->choose_fret(2);
        for (int i = 0; i < 4; ++i) type_cents(i, "8");
        QVERIFY(station->model()->nut());
        QVERIFY(station->model()->nut()->forward_mm > 0); // low frets sharp
        station->choose_fret(99);
        QVERIFY(window_->notice().contains(QStringLiteral("99")));
    }

    /// What is ordered is ticked, and its price stands beside it with what the tables do not hold.
    void an_order_has_its_price() {
        window_.press(Qt::Key_9, Qt::AltModifier);
        PricePanel* price = window_->record()->price();
        const auto box = [&](const char* words) {
            for (QCheckBox* each : price->findChildren<QCheckBox*>())
                if (each->text() == QLatin1String(words)) return each;
            return static_cast<QCheckBox*>(nullptr);
        };
        QVERIFY(price->words().contains(QStringLiteral("nut: "))); // what is usual, where nothing was said
        QTest::mouseClick(box("set-up"), Qt::LeftButton, {}, QPoint(8, box("set-up")->height() / 2));
        QCOMPARE(window_.state().job.ordered.parts, std::vector{OrderedPart::set_up});
        QVERIFY(price->words().startsWith(QStringLiteral("set-up: ")) &&
                !price->words().contains(QStringLiteral("▲")));
        QTest::mouseClick(box("bridge"), Qt::LeftButton, {}, QPoint(8, box("bridge")->height() / 2));
        QVERIFY(price->words().contains(QStringLiteral("▲")) &&
                price->words().contains(QStringLiteral("missing")));
        auto* sum = price->findChild<ValueField*>();
        click_on(sum);
        keys(QStringLiteral("120"));
        key(Qt::Key_Return);
        QCOMPARE(window_.state().job.ordered.sum, std::optional(120.0));
        QVERIFY(price->words().contains(QStringLiteral("left 120.00")));
        window_->record()->add(RecordKind::work, QStringLiteral("saddle lowered"), {}, 30.0);
        QVERIFY(price->words().contains(QStringLiteral("left 96.00"))); // half an hour at 48
        window_->session().undo_stack()->undo();
        window_->session().undo_stack()->undo();
        QVERIFY(!window_.state().job.ordered.sum);
    }

    void the_record_is_only_added_to() {
        window_.press(Qt::Key_9, Qt::AltModifier);
        RecordStation* station = window_->record();
        QVERIFY(station->isVisible());
        const auto before = station->lines().size();
        QVERIFY(before > 0); // the readings as found
        station->add(RecordKind::work, QStringLiteral("seat cleaned"), {}, 25.0);
        station->add(RecordKind::left_undone, QStringLiteral("frets 3 to 5"), QStringLiteral("the budget"),
                     {});
        QCOMPARE(station->lines().size(), before + 2);
        QCOMPARE(minutes_worked(window_.state().job.record), 25.0);
        station->add(RecordKind::note, QStringLiteral("  "), {}, {});
        QCOMPARE(station->lines().size(), before + 2);
        QVERIFY(!window_->notice().isEmpty());
        // Corrected: in its place, with why, and the old one stays in the file.
        choose("seat cleaned");
        station->correct(QStringLiteral("seat cleaned and squared"), {});
        QCOMPARE(window_.state().job.record.size(), std::size_t{3}); // no reason, no correction
        station->correct(QStringLiteral("seat cleaned and squared"), QStringLiteral("squared too"));
        QCOMPARE(window_.state().job.record.size(), std::size_t{4});
        QCOMPARE(station->lines().size(), before + 2);
        QCOMPARE(window_.state().job.record[1].text, std::string("seat cleaned"));
        QCOMPARE(minutes_worked(window_.state().job.record), 25.0);
        choose("seat cleaned and squared");
        station->correct({}, QStringLiteral("of another job"));
        QCOMPARE(station->lines().size(), before + 1);
        QCOMPARE(minutes_worked(window_.state().job.record), 0.0);
        QCOMPARE(window_.state().job.record.size(), std::size_t{5});
    }

    void a_reading_is_taken_out_with_why() {
        window_.press(Qt::Key_9, Qt::AltModifier);
        RecordStation* station = window_->record();
        station->story()->setCurrentRow(0);
        QVERIFY(window_.state().plan.has_value());
        station->correct({}, QStringLiteral("of another instrument"));
        QVERIFY(!window_.state().plan.has_value());
        QCOMPARE(window_.state().job.readings.size(), std::size_t{2}); // it is still there
        window_->session().undo_stack()->undo();
        QVERIFY(window_.state().plan.has_value());
    }

    /// What was not read again is not known: how it came is not how it leaves.
    void what_was_read_since_is_how_it_leaves() {
        window_.press(Qt::Key_9, Qt::AltModifier);
        const std::size_t before = window_.state().job.readings.size();
        button("Readings as left")->click();
        QCOMPARE(window_.state().job.readings.size(), before);
        QVERIFY(window_->notice().contains(QStringLiteral("since it was found")));
        Value entry = parse_json(R"({"state": "during", "when": "2040-01-01T10:00:00", "strings":
                                     [{}, {}, {"open_gap_fret1_mm": 0.31}, {}]})");
        QVERIFY(window_->session()
                    .commit(QStringLiteral("read"), with(window_->session().document(),
                                                         "readings[" + std::to_string(before) + "]", entry))
                    .empty());
        button("Readings as left")->click();
        const ReadingEntry& left = window_.state().job.readings.back();
        QCOMPARE(left.state, ReadingState::left);
        QCOMPARE(*left.strings[2].open_gap_fret1_mm, 0.31);
        QVERIFY(!left.strings[0].open_gap_fret1_mm && !left.strings[2].action12_mm && !left.relief);
    }

    void its_pages_are_sheets() {
        window_.press(Qt::Key_9, Qt::AltModifier);
        for (const char* name : {"Page for the owner", "Pages for the shop"}) {
            window_->choose_station(Station::record);
            button(name)->click();
            QCOMPARE(window_->view().station, Station::sheets);
            QCOMPARE(window_->sheets()->parts().size(), std::size_t{1});
            QVERIFY(!window_->sheets()->pages()->pages().empty());
        }
    }

private:
    /// As a person does: a click on the cell, the figures, Enter.
    void type_cents(int row, const char* text) {
        EntryTable* table = window_->intonation()->table();
        type_into(table, table->model()->index(row, IntonationModel::read_column), QString::fromLatin1(text));
        key(Qt::Key_Return);
    }
    void commit(const char* key, const Value& value) {
        QVERIFY(window_->session()
                    .commit(QString::fromLatin1(key), with(window_->session().document(), key, value))
                    .empty());
    }
    void choose(const std::string& text) {
        const auto& lines = window_->record()->lines();
        for (std::size_t i = 0; i < lines.size(); ++i)
            if (lines[i].text == text) window_->record()->story()->setCurrentRow(static_cast<int>(i));
    }
    QToolButton* button(const char* text) {
        for (QToolButton* each : window_->record()->findChildren<QToolButton*>())
            if (each->text() == QLatin1String(text)) return each;
        return nullptr;
    }
    WindowOnDemo window_;
};

QTEST_MAIN(TestRecordStation)
#include "tst_record_station.moc"
