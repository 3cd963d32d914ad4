#include "common/hands.h"
#include "ui/look/text_scale.h"
#include "ui/look/theme.h"
#include "workshop/shop_lists.h"

#include <QClipboard>
#include <QListWidget>
#include <QToolButton>

using namespace fm;
using namespace fm::test;

/// The shop's own things and the preferences, by mouse and keys, and what they change in a job.
class TestShop : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-shop-test"); }
    void init() {
        window_ = std::make_unique<WindowOnDemo>();
        window_->start("curlew");
        window()->choose_station(Station::nut);
        key(Qt::Key_H, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(shop() && shop()->isVisible());
        QTRY_COMPARE(QApplication::activeWindow(), shop());
    }
    void cleanup() { window_.reset(); }

    void a_file_more_is_typed_and_given_to_a_slot() {
        go("Nut files");
        const int before = rows();
        type(before - 1, 0, QStringLiteral("0.57"));
        key(Qt::Key_Return);
        QCOMPARE(rows(), before + 1);
        QVERIFY(contains(kept().tools().nut_files_mm, 0.57));
        // Kept in order, seen by the cut list at once, taken back by Ctrl+Z.
        const std::vector<double> files = kept().tools().nut_files_mm;
        QVERIFY(std::is_sorted(files.begin(), files.end()));
        type(rows() - 1, 0, QStringLiteral("much"));
        key(Qt::Key_Return);
        QVERIFY(shop()->said().contains(QStringLiteral("not understood at character 1")));
        key(Qt::Key_Escape);
        type(rows() - 1, 0, QStringLiteral("41"));
        key(Qt::Key_Return);
        QVERIFY2(shop()->said().contains(QStringLiteral("allowed is 0.1 to 10")), qPrintable(shop()->said()));
        QVERIFY(!contains(kept().tools().nut_files_mm, 41.0));
        key(Qt::Key_Escape);
        table()->setFocus();
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(!contains(kept().tools().nut_files_mm, 0.57));
        QCOMPARE(rows(), before);
    }

    /// What a shop calls a file stands where the file is named; first the name or first the width.
    void a_file_has_a_name_beside_its_width() {
        const QString before = file_of_slot();
        go("Nut files");
        const double mm = width_of(before);
        const auto row_of_it = [&] {
            int row = 0;
            while (row < rows() && std::abs(width_of(cell(row, 0)) - mm) > 1e-9) ++row;
            return row;
        };
        type(row_of_it(), 1, QStringLiteral("the <b>blue</b> one"));
        key(Qt::Key_Return);
        QCOMPARE(kept().tools().name_of_file(mm), std::string_view("the <b>blue</b> one"));
        QVERIFY2(file_of_slot().endsWith(QStringLiteral("\nthe <b>blue</b> one")),
                 qPrintable(file_of_slot()));
        const std::size_t files = kept().tools().nut_files_mm.size();
        type(rows() - 1, 1, QStringLiteral("10 46")); // a name is no line of numbers
        key(Qt::Key_Return);
        QCOMPARE(kept().tools().nut_files_mm.size(), files);
        QVERIFY(shop()->said().contains(QStringLiteral("marked cells")));
        type(rows() - 2, 0, QStringLiteral("0.58"));
        key(Qt::Key_Return);
        QCOMPARE(kept().tools().name_of_file(0.58), std::string_view("10 46"));
        QVERIFY(table()->hasFocus()); // though the list was laid anew
        table()->setCurrentIndex(table()->model()->index(row_of_it(), 1));
        key(Qt::Key_F2);
        key(Qt::Key_A, Qt::ControlModifier);
        key(Qt::Key_Backspace);
        key(Qt::Key_Return);
        QCOMPARE(kept().tools().name_of_file(mm), std::string_view());
        QCOMPARE(file_of_slot(), before);
        for (int step = 0; step < 4; ++step) key(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(kept().tools().nut_files_mm.size(), files);
    }

    /// What was learned of a hand is seen, put right and forgotten.
    void a_hand_is_seen_and_forgotten() {
        keep_bench(window()->session().workshop().folder(), {{}, false, {12, 1.3, 0.2}, {}});
        window()->session().set_workshop(kept());
        go("Hands at the bench");
        QCOMPARE(cell(0, 1), QStringLiteral("12"));
        QCOMPARE(cell(1, 1), QStringLiteral("1.3"));
        type(1, 1, QStringLiteral("1.1"));
        key(Qt::Key_Return);
        QCOMPARE(kept().bench().nut_hand.took, 1.1);
        type(0, 1, QStringLiteral("0"));
        key(Qt::Key_Return);
        QCOMPARE(kept().bench().nut_hand.passes, 0);
        type(1, 1, QStringLiteral("soft"));
        key(Qt::Key_Return);
        QVERIFY(shop()->said().contains(QStringLiteral("no number")));
    }

    void rows_are_taken_out_and_a_usual_set_begins_anew() {
        go("Nut files");
        table()->selectAll();
        key(Qt::Key_Delete);
        QVERIFY(kept().tools().nut_files_mm.empty());
        QCOMPARE(shop()->said(), QStringLiteral("Not listed yet."));
        QCOMPARE(file_of_slot(), QStringLiteral("not\nlisted"));
        click_on(button(QStringLiteral("A usual set")));
        QVERIFY(kept().tools().nut_files_mm.size() > 5);
        QVERIFY(shop()->said().contains(QStringLiteral("not yet yours")));
        QVERIFY2(file_of_slot().startsWith(QChar(0x2248)), qPrintable(file_of_slot()));
        click_on(button(QStringLiteral("These are ours")));
        QVERIFY(!file_of_slot().startsWith(QChar(0x2248)));
        QVERIFY(!button(QStringLiteral("These are ours"))->isVisible());
    }

    /// A blank is kept once it has its three sizes; until then it says what it lacks.
    void an_unfinished_row_waits() {
        go("Blanks");
        const std::size_t before = kept().tables().blanks.size();
        const int row = rows() - 1;
        type(row, 0, QStringLiteral("ebony, <b>short</b>"));
        key(Qt::Key_Tab);
        QCOMPARE(kept().tables().blanks.size(), before);
        QVERIFY(shop()->said().contains(QStringLiteral("marked cells")));
        for (const auto& [column, text] : {std::pair(2, "60"), std::pair(3, "10"), std::pair(4, "6.5")}) {
            type(row, column, QLatin1String(text));
            key(Qt::Key_Return);
        }
        QCOMPARE(kept().tables().blanks.size(), before + 1);
        QCOMPARE(kept().tables().blanks.back().name, std::string("ebony, <b>short</b>"));
        QCOMPARE(kept().tables().blanks.back().size.height_mm, 10.0);
    }

    void rows_are_pasted_from_a_table() {
        go("Shims");
        QGuiApplication::clipboard()->setText(QStringLiteral("0.15\n0.25\n0.35\n"));
        table()->setCurrentIndex(table()->model()->index(rows() - 1, 0));
        table()->setFocus();
        key(Qt::Key_V, Qt::ControlModifier);
        QVERIFY(contains(kept().tools().shims_mm, 0.15) && contains(kept().tools().shims_mm, 0.35));
        QGuiApplication::clipboard()->setText(QStringLiteral("0.45\nsoft\n"));
        table()->setCurrentIndex(table()->model()->index(rows() - 1, 0));
        key(Qt::Key_V, Qt::ControlModifier);
        QVERIFY(!contains(kept().tools().shims_mm, 0.45)); // all of it or nothing
    }

    void single_values_are_typed_beside_their_names() {
        go("Minutes of a set-up");
        type(5, 1, QStringLiteral("7.5"));
        key(Qt::Key_Return);
        QCOMPARE(kept().tables().setup.slot, 7.5);
        go("Money and allowances");
        type(1, 1, QStringLiteral("-3"));
        key(Qt::Key_Return);
        QVERIFY(shop()->said().contains(QStringLiteral("rate_per_hour")));
        key(Qt::Key_Escape);
        type(1, 1, QStringLiteral("64"));
        key(Qt::Key_Return);
        QCOMPARE(kept().tables().rate_per_hour, 64.0);
    }

    /// A gauge of the shop's own is offered at the survey, and its ± goes with the reading.
    void an_own_gauge_is_read_with() {
        go("Gauges");
        type(rows() - 1, 0, QStringLiteral("wedge"));
        key(Qt::Key_Return);
        type(rows() - 2, 1, QStringLiteral("0.02"));
        key(Qt::Key_Return);
        QCOMPARE(kept().gauges().size(), std::size_t(1));
        shop()->close();
        window()->activateWindow();
        QTRY_COMPARE(QApplication::activeWindow(), window());
        window()->choose_station(Station::survey);
        window()->survey()->pages()->show_page(2);
        click_on(
            option(window()->survey(), QStringLiteral("Gap over fret 1 read with"), QStringLiteral("wedge")));
        EntryTable* found = window()->survey()->list()->table();
        type_into(found, found->model()->index(0, 1), QStringLiteral("0.5"));
        key(Qt::Key_Return);
        const ReadingEntry& entry = window_->state().job.readings.back();
        QCOMPARE(entry.gauges.nut, std::string("wedge"));
        QCOMPARE(entry.gauges.nut_u_mm, std::optional(0.02));
        QCOMPARE(u_of_nut_mm(entry, entry.strings[0]), 0.02);
    }

    /// Heights by way of playing set what is wanted, in the job's own way of reading.
    void heights_of_the_shop_set_a_job() {
        go("Wanted heights");
        click_on(button(QStringLiteral("A usual set")));
        QCOMPARE(kept().heights().size(), std::size_t(8));
        shop()->close();
        window()->activateWindow();
        QTRY_COMPARE(QApplication::activeWindow(), window());
        window()->choose_station(Station::survey);
        window()->survey()->pages()->show_page(5);
        QToolButton* low = nullptr;
        for (auto* each : window()->survey()->findChildren<QToolButton*>())
            if (each->text() == QStringLiteral("low")) low = each;
        QVERIFY(low && low->isVisible());
        const NutHeightMethod way = window_->state().job.design.nut.height_method;
        click_on(low);
        const State& state = window_->state();
        QCOMPARE(state.job.design.nut.height_method, way);
        QVERIFY(std::abs(state.written.strings.front().open_gaps_mm[0] - 0.35) < 2e-3);
        QVERIFY(std::abs(state.written.strings.front().open_gaps_mm[11] - 1.8) < 2e-3);
        QVERIFY(std::abs(state.written.strings.back().open_gaps_mm[11] - 1.4) < 2e-3);
        key(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(std::abs(window_->state().written.strings.front().open_gaps_mm[11] - 1.8) > 2e-3);
    }

    /// A file that another program spoiled is told of and left as it is.
    void a_spoiled_shop_is_not_written_over() {
        QFile file(window_->path("workshop.json"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("{\"format\": \"fair-measure-workshop\", \"version\": 1, \"shims_mm\": 5}");
        file.close();
        shop()->close();
        window()->session().set_workshop(Workshop(window()->session().workshop().folder()));
        window()->show_shop("shims_mm");
        QTRY_COMPARE(QApplication::activeWindow(), shop());
        QVERIFY2(shop()->said().contains(QStringLiteral("shims_mm")), qPrintable(shop()->said()));
        type(0, 0, QStringLiteral("0.3"));
        key(Qt::Key_Return);
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(file.readAll().contains("\"shims_mm\": 5"));
    }

    /// Units and hands of new jobs; the colours at once.
    void preferences_are_kept_and_new_jobs_take_them() {
        shop()->close();
        window()->activateWindow();
        QTRY_COMPARE(QApplication::activeWindow(), window());
        QTest::keyClick(window(), Qt::Key_Comma, Qt::ControlModifier);
        Preferences* asked = window()->preferences();
        QVERIFY(asked && asked->isVisible());
        QTRY_COMPARE(QApplication::activeWindow(), asked);
        click_on(option(asked, QStringLiteral("All lengths"), QStringLiteral("thou")));
        click_on(option(asked, QStringLiteral("Height over fret 12"), QStringLiteral("64ths")));
        click_on(option(asked, QStringLiteral("Played"), QStringLiteral("left-handed")));
        click_on(option(asked, QStringLiteral("The usual player's hand"), QStringLiteral("hard")));
        click_on(option(asked, QStringLiteral("Colours"), QStringLiteral("evening")));
        QVERIFY(theme().evening);
        click_on(option(asked, QStringLiteral("Colours"), QStringLiteral("day")));
        int percent = 0;
        connect(window(), &MainWindow::text_size_chosen, this, [&percent](int chosen) { percent = chosen; });
        click_on(option(asked, QStringLiteral("Text size (Ctrl+plus, Ctrl+minus, Ctrl+0)"),
                        QStringLiteral("150 %")));
        QCOMPARE(percent, 150);
        click_on(option(asked, QStringLiteral("Near enough in tune, once the tuner's ± is allowed for"),
                        QStringLiteral("3.0 ¢")));
        QCOMPARE(kept().intonation().near_cents, 3.0);
        click_on(option(asked, QStringLiteral("Sounds when a string is there"), QStringLiteral("on")));
        QVERIFY(kept().bench().sounds && window()->session().workshop().bench().sounds);
        click_on(option(asked, QStringLiteral("Paper"), QStringLiteral("Letter")));
        window()->choose_station(Station::sheets);
        for (const ChoiceRow* row : window()->sheets()->findChildren<ChoiceRow*>())
            if (row->label() == QStringLiteral("Paper")) QCOMPARE(row->chosen(), 1);
        click_on(option(asked, QStringLiteral("Tension"), QStringLiteral("newton")));
        asked->close();
        window()->begin_kind(0);
        QCOMPARE(window_->state().job.units.tension, TensionUnit::newton);
        const Job& job = window_->state().job;
        QCOMPARE(job.unit, Unit::thou);
        QCOMPARE(job.units.action(), Unit::sixty_fourths);
        QCOMPARE(job.units.along(), Unit::in);
        QVERIFY(job.left_handed);
        QCOMPARE(job.design.player.hand, PlayingHand::hard);
    }

    /// The same place in another language or size: what the program is begun again with.
    void the_place_is_kept() {
        window()->choose_station(Station::saddle);
        window()->choose_string(2);
        window()->show_plan(true);
        StartOptions options;
        options = as_it_stands(options, *window());
        QCOMPARE(options.station, QStringLiteral("plan"));
        const StartOptions again = start_options(words_of_start(options));
        QVERIFY2(again.fault.isEmpty(), qPrintable(again.fault));
        QCOMPARE(again.station, options.station);
        QCOMPARE(again.job, window()->session().path());
        QCOMPARE(again.string, static_cast<int>(window_->state().job.design.strings.size()) - 2);
        QCOMPARE(again.size, window()->size());
        window()->show_plan(false);
        QCOMPARE(as_it_stands({}, *window()).station, QStringLiteral("saddle"));
        QCOMPARE(text_size_beside(100, 1), 115);
        QCOMPARE(text_size_beside(200, 1), 200);
        QCOMPARE(text_size_beside(100, -1), 100);
    }

private:
    MainWindow* window() const { return &window_->window(); }
    ShopWindow* shop() const { return window()->shop(); }
    EntryTable* table() const { return shop()->table(); }
    int rows() const { return table()->model()->rowCount(); }
    Workshop kept() const { return Workshop(window()->session().workshop().folder()); }
    static bool contains(const std::vector<double>& list, double mm) {
        return std::find(list.begin(), list.end(), mm) != list.end();
    }
    QString cell(int row, int column) const { return table()->model()->index(row, column).data().toString(); }
    /// In mm, of a number that may stand behind a sign and before a name.
    static double width_of(const QString& text) {
        return text.section(QLatin1Char('\n'), 0, 0).remove(QChar(0x2248)).toDouble();
    }
    QString file_of_slot() const { return window()->cut_list()->model()->index(0, 4).data().toString(); }

    void go(const char* name) const {
        auto* lists = shop()->findChild<QListWidget*>();
        const auto found = lists->findItems(QLatin1String(name), Qt::MatchExactly);
        QCOMPARE(found.size(), 1);
        lists->scrollToItem(found.front());
        QTest::mouseClick(lists->viewport(), Qt::LeftButton, {},
                          lists->visualItemRect(found.front()).center());
    }
    /// A click on the cell, and its text typed over what stands there.
    void type(int row, int column, const QString& text) const {
        type_into(table(), table()->model()->index(row, column), text);
    }
    QToolButton* button(const QString& text) const {
        for (QToolButton* each : shop()->findChildren<QToolButton*>())
            if (each->text() == text) return each;
        return nullptr;
    }
    static QToolButton* option(QWidget* in, const QString& label, const QString& name) {
        for (ChoiceRow* row : in->findChildren<ChoiceRow*>())
            if (row->label() == label)
                for (QToolButton* each : row->findChildren<QToolButton*>())
                    if (each->text() == name) return each;
        qWarning() << "no option" << label << name;
        return nullptr;
    }

    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestShop)
#include "tst_shop.moc"
