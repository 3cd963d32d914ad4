#include "common/jobs.h"
#include "common/window.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QClipboard>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

using Band = FretPlaces::Band;

} // namespace

/// Where it sounds and where it buzzes, in the real window.
class TestBoard : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-testboard"); }
    void init() {
        if (!window_) window_ = std::make_unique<WindowOnDemo>();
        start("curlew");
    }
    void cleanupTestCase() { window_.reset(); }

    void one_key_shows_it_and_one_hides_it() {
        QVERIFY(!board()->isVisible());
        press(Qt::Key_S);
        QVERIFY(board()->isVisible() && !(*window_)->nut()->isVisible());
        QVERIFY(board()->table()->hasFocus());
        press(Qt::Key_S);
        QVERIFY(!board()->isVisible() && (*window_)->nut()->isVisible());
        press(Qt::Key_S);
        press(Qt::Key_Escape);
        QVERIFY(!board()->isVisible());
    }
    void every_figure_is_the_solved_number() {
        press(Qt::Key_S);
        const Solution& solution = state().solution;
        for (std::size_t i = 0; i < 10; ++i) {
            const StringSolution& string = solution.strings[i];
            const int row = 9 - static_cast<int>(i); // the bass string lies below
            (*window_)->choose_measure(BoardMeasure::cents);
            for (int fret = 1; fret <= 20; ++fret) {
                const double cents = string.cents[static_cast<std::size_t>(fret) - 1];
                QCOMPARE(figure(row, fret).toDouble(), std::round(cents * 10.0) / 10.0 + 0.0);
            }
            QCOMPARE(figure(row, 0), QStringLiteral("0.0"));
            (*window_)->choose_measure(BoardMeasure::headroom);
            for (int fret = 0; fret < 20; ++fret) {
                const double times =
                    *string.headroom[static_cast<std::size_t>(fret)].force_n / *string.player_force_n;
                QVERIFY(std::abs(figure(row, fret).toDouble() - times) <= 0.0501);
            }
            QCOMPARE(figure(row, 20), QStringLiteral("–"));
            (*window_)->choose_measure(BoardMeasure::open_gap);
            QCOMPARE(figure(row, 12), number_text(string.action12_mm, 2));
            (*window_)->choose_measure(BoardMeasure::behind_finger);
            for (int fret = 2; fret <= 20; ++fret) {
                const auto& gap = string.back_gaps_mm[static_cast<std::size_t>(fret) - 2];
                QCOMPARE(figure(row, fret), gap ? number_text(*gap, 2) : QStringLiteral("–"));
            }
        }
    }
    void the_worst_place_is_named() {
        press(Qt::Key_S);
        double worst = 0;
        QString said;
        for (std::size_t i = 0; i < 10; ++i)
            for (std::size_t n = 0; n < 20; ++n) {
                const double cents = state().solution.strings[i].cents[n];
                if (std::abs(cents) <= worst) continue;
                worst = std::abs(cents);
                said = QStringLiteral("worst: %1 at fret %2: %3 cents %4")
                           .arg(QString::fromStdString(state().job.design.string_name(i)))
                           .arg(n + 1)
                           .arg(number_text(worst, 1),
                                cents > 0 ? QStringLiteral("sharp") : QStringLiteral("flat"));
            }
        QCOMPARE(board()->worst(), said);
        (*window_)->choose_measure(BoardMeasure::open_gap);
        QCOMPARE(board()->worst(), QStringLiteral("good everywhere"));
    }
    void arrows_read_a_place_and_its_working() {
        press(Qt::Key_S);
        QCOMPARE(board()->table()->currentIndex().column(), 1); // open strings have nothing to say
        QTest::keyClick(board()->table(), Qt::Key_Right);
        QTest::keyClick(board()->table(), Qt::Key_Left);
        QTest::keyClick(board()->table(), Qt::Key_Up);
        const StringSolution& string = state().solution.strings[(*window_)->view().string];
        QCOMPARE((*window_)->view().string, std::size_t(1)); // it began at the bass string
        QVERIFY(board()->reading().startsWith(QStringLiteral("9 · G3 at fret 1: ")));
        QCOMPARE(spoken_cell(board()->table(), 8, 1), board()->reading());
        QVERIFY(board()->reading().contains(number_text(std::abs(string.cents[0]), 1)));
        const QString line = (*window_)->working()->findChild<QLabel*>()->text();
        QVERIFY2(line.startsWith(QStringLiteral("9 · G3 error at the fret 1 ")), qPrintable(line));
        press(Qt::Key_M);
        QCOMPARE((*window_)->view().measure, BoardMeasure::headroom);
        QVERIFY(board()->reading().contains(QStringLiteral("times your pluck before it meets fret")));
        press(Qt::Key_Space);
        QVERIFY((*window_)->working()->whole_shown());
        press(Qt::Key_Escape); // the working first
        QVERIFY(board()->isVisible() && !(*window_)->working()->whole_shown());
        press(Qt::Key_BracketRight); // the next string, from anywhere
        QCOMPARE(board()->table()->currentIndex().row(), 7);
    }
    void found_is_what_the_readings_say() {
        press(Qt::Key_S);
        press(Qt::Key_T);
        const std::vector<FoundString> found =
            as_found(state().job.design, state().solution, state().job.readings);
        for (int row = 0; row < 10; ++row) {
            const auto& sound = found[static_cast<std::size_t>(9 - row)].sound;
            QCOMPARE(figure(row, 12).toDouble(), std::round(sound->cents[12] * 10.0) / 10.0 + 0.0);
        }
        (*window_)->choose_measure(BoardMeasure::open_gap);
        QCOMPARE(figure(9, 1), QStringLiteral("0.71")); // as read on the bass string
        QCOMPARE(figure(9, 12), QStringLiteral("2.75"));
        start("lantern"); // never read
        press(Qt::Key_S);
        press(Qt::Key_T);
        QVERIFY(board()->worst().contains(QStringLiteral("nothing read yet")));
    }
    void left_handed_lies_the_other_way() {
        start("teal");
        press(Qt::Key_S);
        QVERIFY(board()
                    ->places()
                    ->headerData(0, Qt::Vertical, Qt::DisplayRole)
                    .toString()
                    .startsWith(QStringLiteral("8 ·")));
        QCOMPARE(board()->places()->string_of(0), std::size_t(0));
        (*window_)->choose_measure(BoardMeasure::headroom);
        const QModelIndex worst = board()->places()->worst();
        QVERIFY(worst.data(FretPlaces::band_role).toInt() == static_cast<int>(Band::poor));
        QVERIFY(board()->worst().contains(QStringLiteral("at fret 1: bears 0.88 times your pluck")));
    }
    void an_edit_moves_the_board() {
        press(Qt::Key_S);
        (*window_)->choose_measure(BoardMeasure::open_gap);
        // A new saddle comes to what is wanted; the one that is there only as far as a gauge tells it off.
        QVERIFY(
            (*window_)
                ->session()
                .commit(QStringLiteral("new"), with((*window_)->session().document(), "plan.saddle", "new"))
                .empty());
        const QString before = figure(9, 12);
        const auto problems = (*window_)->session().commit(
            QStringLiteral("action"), with((*window_)->session().document(), "saddle.action.bass_mm", 2.6));
        QVERIFY(problems.empty());
        QVERIFY(before == QStringLiteral("2.10") && figure(9, 12) == QStringLiteral("2.60"));
        press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(figure(9, 12), before);
    }
    void the_board_is_copied() {
        press(Qt::Key_S);
        press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        const QStringList lines = QApplication::clipboard()->text().split(QLatin1Char('\n'));
        QCOMPARE(lines.size(), 12);
        QVERIFY(lines[0].startsWith(QStringLiteral("\topen\t1\t2")));
        QCOMPARE(lines[10].split(QLatin1Char('\t'))[1], QStringLiteral("0.0"));
    }
    void every_shade_is_read() {
        const auto light = [](const QColor& c) {
            const auto part = [](double v) {
                return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
            };
            return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
        };
        for (const Theme& theme : {day_theme(), evening_theme()})
            for (int band = 0; band < 5; ++band) {
                const BandLook look = look_of_band(theme, band);
                const double a = light(look.text), b = light(look.ground);
                QVERIFY((std::max(a, b) + 0.05) / (std::min(a, b) + 0.05) >= 4.5);
                if (band > 1) // each differs from the one before by light, not by hue
                    QVERIFY(std::abs(b - light(look_of_band(theme, band - 1).ground)) > 0.02);
            }
    }
    void every_job_in_every_dress() {
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            start(name);
            press(Qt::Key_S);
            for (int measure = 0; measure < 4; ++measure)
                for (const QSize size : {QSize(1280, 800), QSize(1024, 700), QSize(1920, 1080)}) {
                    (*window_)->choose_measure(static_cast<BoardMeasure>(measure));
                    (*window_)->resize(size);
                    QApplication::processEvents();
                    QVERIFY(!(*window_)->grab().isNull());
                    QTableView* table = board()->table();
                    const QModelIndex last = board()->places()->index(board()->places()->rowCount() - 1,
                                                                      board()->places()->columnCount() - 1);
                    QVERIFY2(table->viewport()->rect().contains(table->visualRect(last)),
                             name); // no scrolling
                }
            press(Qt::Key_U);
            QVERIFY(!(*window_)->grab().isNull());
        }
    }

private:
    FretBoard* board() { return (*window_)->board(); }
    const State& state() { return window_->state(); }
    QString figure(int row, int column) { return board()->places()->index(row, column).data().toString(); }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        window_->press(key, modifiers);
    }
    void start(const char* name) { window_->again(name); }

    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestBoard)
#include "tst_board.moc"
