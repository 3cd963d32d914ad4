#include "common/hands.h"
#include "common/jobs.h"
#include "core/words/word_of.h"
#include "ui/look/texts.h"
#include "workshop/part_ways.h"

#include <QElapsedTimer>

#include <utility>

using namespace fm;
using namespace fm::test;

/// The verdict, drawn: what was found, every way side by side, and a way decided by hand.
class TestVerdictView : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-verdict-test"); }
    void init() {
        window_.again("kittiwake");
        window_.press(Qt::Key_V);
        QVERIFY(view()->isVisible());
    }

    /// What stands on a card is the plan's, for every way of every part.
    void cards_say_what_the_plan_would() {
        for (const char* job : {"kittiwake", "curlew"})
            for (const BenchPart part : {BenchPart::nut, BenchPart::saddle, BenchPart::relief}) {
                window_.again(job);
                window_->show_verdict(true);
                view()->choose_part(part);
                const State& state = window_.state();
                const auto ways = part_ways(state, part, window_->session().workshop().tables());
                const VerdictStory& story = view()->story();
                QCOMPARE(story.ways.size(), ways.size());
                QVERIFY(!ways.empty());
                for (std::size_t w = 0; w < ways.size(); ++w) {
                    QVERIFY(story.ways[w].word == ways[w].word);
                    QCOMPARE(story.ways[w].can_be, ways[w].can_be);
                    WayCard* card = view()->card(ways[w].word);
                    QVERIFY(card && card->isEnabled() == ways[w].can_be);
                    QVERIFY(card->accessibleDescription().contains(story.ways[w].does));
                    if (ways[w].takes.minutes > 0)
                        QVERIFY(story.ways[w].takes.contains(number_text(ways[w].takes.minutes, 0)));
                    if (part == BenchPart::relief) continue;
                    const ReadingWay way = way_of(state.job.design, part);
                    const After& after =
                        part == BenchPart::nut ? ways[w].plan.nut.after : ways[w].plan.saddle.after;
                    for (std::size_t i = 0; i < after.size(); ++i)
                        if (after[i] && ways[w].can_be)
                            QCOMPARE(story.ways[w].marks[i].reads, number_text(way.of(*after[i]), 2));
                }
            }
    }

    /// Decided by mouse and by keys: what is proposed at once, another way with its reason; it follows
    /// everywhere, stands in the record, and is undone.
    void another_way_asks_why() {
        click_on(view()->card("replace"));
        QVERIFY(view()->bar()->isVisible() && view()->bar()->reason()->hasFocus());
        QCOMPARE(window_.state().job.record.size(), std::size_t{1}); // a stop that was passed
        key(Qt::Key_Return);                                         // and no reason
        QVERIFY(window_->notice().contains(QStringLiteral("why")));
        QVERIFY(window_.state().plan->nut.decision.choice == NutChoice::shim);
        keys(QStringLiteral("the owner wants bone"));
        key(Qt::Key_Return);
        QVERIFY(!view()->bar()->isVisible());
        QVERIFY(window_.state().plan->nut.decision.choice == NutChoice::replace);
        const RecordEntry& decision = window_.state().job.record.back();
        QCOMPARE(decision.kind, RecordKind::decision);
        QCOMPARE(decision.about, std::string("nut"));
        QCOMPARE(decision.instead_of, std::string("shim"));
        QCOMPARE(decision.reason, std::string("the owner wants bone"));
        // Back to what is proposed: no question, and it follows the readings again.
        click_on(view()->card("shim"));
        QVERIFY(!view()->bar()->isVisible());
        QVERIFY(!window_.state().job.design.choices.nut);
        QCOMPARE(window_.state().job.record.size(), std::size_t{3});
        window_.press(Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(window_.state().plan->nut.decision.choice == NutChoice::replace);
        window_.press(Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(window_.state().job.record.size(), std::size_t{1});
    }

    /// It opens on the part whose station one comes from.
    void it_opens_where_one_is() {
        for (const auto& [station, part] :
             {std::pair{Station::neck, BenchPart::relief}, std::pair{Station::saddle, BenchPart::saddle},
              std::pair{Station::nut, BenchPart::nut}, std::pair{Station::bridge, BenchPart::nut}}) {
            window_->choose_station(station);
            window_.press(Qt::Key_V);
            QVERIFY(view()->isVisible());
            QCOMPARE(view()->part(), part);
            window_.press(Qt::Key_V);
        }
        window_.press(Qt::Key_V);
    }

    /// A nut that clamps goes up as a block, and is not filed.
    void a_nut_that_clamps_is_not_filed() {
        QVERIFY(QFile::copy(QStringLiteral(TEST_DATA "/judged/locking-nut-too-low.fmjob"),
                            window_.path("locking.fmjob")));
        QVERIFY(window_->open(window_.path("locking.fmjob")));
        window_->choose_station(Station::nut);
        const QAbstractItemModel* list = window_->cut_list()->table()->model();
        for (int column = 0; column < list->columnCount(); ++column) {
            const QString header = list->headerData(column, Qt::Horizontal).toString();
            if (header != QStringLiteral("saw to") && header != QStringLiteral("file")) continue;
            for (int row = 0; row < list->rowCount(); ++row)
                QCOMPARE(list->index(row, column).data().toString(), QStringLiteral("–"));
        }
        window_->show_verdict(true);
        QVERIFY(view()->story().says.contains(QStringLiteral("Raise it on shims")));
        QVERIFY(!view()->story().says.contains(QStringLiteral("then file")));
        window_->show_plan(true);
        for (const PlanColumn& column : window_->plan()->picture()->story().columns)
            if (column.step == SetupStep::nut) QVERIFY(!column.says.contains(QStringLiteral("then file")));
    }

    /// A nut that was only looked at is judged by the eye, and no depth is said of it.
    void a_nut_is_judged_by_sight_alone() {
        window_.again("groundswell");
        const auto look = [&](const char* strings) {
            const Value read = parse_json(std::string(R"([{"state": "found", "strings": )") + strings + "}]");
            QVERIFY(window_->session()
                        .commit(QStringLiteral("seen"), with(window_->session().document(), "readings", read))
                        .empty());
            window_->choose_station(Station::nut);
            window_->show_verdict(true);
        };
        look(R"([{"slot": "wiggles"}, {"slot": "filled"}, {"slot": "fine"}, {"slot": "wiggles"}, {}])");
        QVERIFY(view()->page()->isVisible() && view()->story().ways.empty());
        QVERIFY(view()->page()->toPlainText().contains(QStringLiteral("By sight alone: a new nut")));
        QVERIFY(view()->page()->toPlainText().contains(QStringLiteral("only gaps say")));
        look(R"([{"slot": "wiggles"}, {"slot": "fine"}, {"slot": "fine"}, {"slot": "fine"}, {}])");
        QVERIFY(view()->page()->toPlainText().contains(QStringLiteral("By sight alone: fill")));
        look(R"([{"slot": "binds"}, {}, {}, {}, {}])");
        QVERIFY(view()->page()->toPlainText().contains(QStringLiteral("nothing speaks against")));
    }

    void keys_alone_decide() {
        QVERIFY(view()->card("shim")->hasFocus()); // what stands now
        key(Qt::Key_Left);                         // over what cannot be
        QVERIFY(view()->card("fill")->hasFocus());
        key(Qt::Key_Return);
        keys(QStringLiteral("by summer only"));
        key(Qt::Key_Escape);
        QVERIFY(!view()->bar()->isVisible() && view()->isVisible());
        QVERIFY(window_.state().plan->nut.decision.choice == NutChoice::shim);
        view()->card("fill")->setFocus();
        key(Qt::Key_Return);
        QCOMPARE(view()->bar()->reason()->text(), QString());
        keys(QStringLiteral("by summer only"));
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan->nut.decision.choice == NutChoice::fill);
        QVERIFY(view()->card("fill")->hasFocus());
        key(Qt::Key_L);
        QVERIFY(view()->page()->isVisible());
        QVERIFY(view()->page()->toPlainText().contains(QStringLiteral("by summer only")));
        QVERIFY(view()->page()->toPlainText().contains(QStringLiteral("instead of")));
        key(Qt::Key_L);
        QVERIFY(!view()->page()->isVisible());
    }

    /// A question asked of one job is not answered for another, and a reason is not carried over.
    void a_question_stays_with_its_job() {
        click_on(view()->card("replace"));
        keys(QStringLiteral("half a reason"));
        QVERIFY(window_->open(window_.path("curlew.fmjob")));
        window_->show_verdict(true);
        QVERIFY(!view()->bar()->isVisible() && view()->bar()->reason()->text().isEmpty());
        click_on(view()->card("replace"));
        QVERIFY(view()->bar()->reason()->text().isEmpty());
    }

    void saddle_and_relief_are_decided_too() {
        view()->choose_part(BenchPart::saddle);
        click_on(view()->card("leave"));
        keys(QStringLiteral("the owner likes it high"));
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan->saddle.left());
        view()->choose_part(BenchPart::relief);
        click_on(view()->card("leave"));
        keys(QStringLiteral("it comes back in autumn"));
        key(Qt::Key_Return);
        QVERIFY(window_.state().plan->relief.left());
        QVERIFY(view()->page()->toPlainText().contains(QStringLiteral("Leave it.")));
        QCOMPARE(window_.state().job.record.back().about, std::string("relief"));
    }

    /// One string and fourteen, small windows: every card whole, none over another.
    void it_is_whole_in_every_size() {
        for (const int strings : {1, 4, 14})
            for (const QSize size : {QSize(1024, 700), QSize(1280, 800)}) {
                window_.again("kittiwake");
                Value document = window_->session().document();
                Value::Array list;
                Value::Array read;
                for (int i = 0; i < strings; ++i) {
                    const std::string from = "[" + std::to_string(std::min(i, 3)) + "]";
                    list.push_back(*find(document, "strings" + from));
                    read.push_back(*find(document, "readings[0].strings" + from));
                }
                document = with(with(document, "strings", list), "readings[0].strings", read);
                document = without(without(without(document, "nut.spacing"), "saddle.spacing"), "nut.posts");
                document = with(document, "nut.spacing.method", "equal_centres");
                document = with(document, "saddle.spacing.method", "equal_centres");
                document = with(document, "nut.spacing.edge_margin_mm",
                                parse_json(R"({"bass": 3.0, "treble": 3.0})"));
                document = with(document, "saddle.spacing.spread_mm", 40.0);
                QVERIFY2(window_->session().commit(QStringLiteral("strings"), document).empty(),
                         qPrintable(window_->session().told(
                             window_->session().commit(QStringLiteral("strings"), document))));
                window_->resize(size);
                window_->show_verdict(true);
                QApplication::processEvents();
                if (view()->story().ways.empty()) continue;
                QRect last;
                for (const char* word : {"leave", "file", "below", "fill", "shim", "replace"}) {
                    WayCard* card = view()->card(word);
                    QVERIFY(card);
                    QVERIFY(card->parentWidget()->rect().contains(card->geometry()));
                    QVERIFY(!card->geometry().intersects(last));
                    last = card->geometry();
                    QVERIFY(card->height() >= card->minimumSizeHint().height());
                }
            }
    }

    void opened_and_repainted_at_once() {
        for (const BenchPart part : {BenchPart::nut, BenchPart::saddle}) {
            QElapsedTimer clock;
            clock.start();
            view()->choose_part(part);
            view()->grab();
            QVERIFY2(clock.elapsed() < 500,
                     qPrintable(QString::number(clock.elapsed()))); // built without speed
        }
    }

private:
    VerdictView* view() { return window_->verdict(); }
    WindowOnDemo window_;
};

QTEST_MAIN(TestVerdictView)
#include "tst_verdict_view.moc"
