#include "common/window.h"
#include "ui/look/theme.h"
#include "ui/window/finder.h"

using namespace fm;
using namespace fm::test;

/// Ctrl+K: any number, value or action by its words.
class TestFinder : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { prepare_application("fair-measure-finder-test"); }
    void init() {
        if (!window_) window_ = std::make_unique<WindowOnDemo>();
        window_->again("kittiwake");
    }
    void cleanupTestCase() { window_.reset(); }

    void a_number_shows_its_working() {
        ask("break angle at the saddle, 3");
        QVERIFY(first().contains(QStringLiteral("36.")));
        enter();
        QVERIFY(!window()->finder()->isVisible());
        QCOMPARE(window()->working()->key(), QStringLiteral("strings[1].break_angle_deg"));
        QCOMPARE(window()->view().string, std::size_t(1));
        QVERIFY(window()->working()->whole_shown());
        ask("gap over the fret, 4 · C3, fret 10");
        enter();
        QCOMPARE(window()->working()->key(), QStringLiteral("strings[0].open_gaps_mm[9]"));
        ask("turning moment");
        enter();
        QCOMPARE(window()->working()->key(), QStringLiteral("bridge.moment_nm"));
    }
    void a_value_is_gone_to() {
        for (const auto& [words, key, station] :
             {std::tuple{"slot depth", "saddle.slot_depth_mm", Station::saddle},
              std::tuple{"lean toward", "saddle.lean_deg", Station::saddle},
              std::tuple{"fallaway", "neck.fallaway_mm", Station::neck},
              std::tuple{"least break angle", "bridge.break_angle_min_deg", Station::bridge},
              std::tuple{"clearance, wound", "nut.slot_clearance_mm.wound", Station::nut}}) {
            ask(words);
            enter();
            QCOMPARE(window()->view().station, station);
            auto* field = qobject_cast<ValueField*>(QApplication::focusWidget());
            QVERIFY2(field && field->isVisible(), words);
            QCOMPARE(field->key(), QString::fromLatin1(key));
        }
    }
    void what_the_job_has_not_is_not_found() {
        ask("fret square to the centreline"); // not fanned
        QVERIFY(find(0).startsWith(QStringLiteral("Nothing is called so")));
        for (int row = 1; row < window()->finder()->finds()->count(); ++row)
            QVERIFY(!find(row).contains(QStringLiteral("square")));
        QTest::keyClick(window()->finder()->line(), Qt::Key_Escape);
        ask("qqqzzz");
        QCOMPARE(window()->finder()->finds()->count(), 1);
        QCOMPARE(find(0), QStringLiteral("Nothing is called so."));
        enter(); // nothing happens
        QVERIFY(window()->finder()->isVisible());
        QTest::keyClick(window()->finder()->line(), Qt::Key_Escape);
        QVERIFY(!window()->finder()->isVisible());
    }
    void what_is_misspelt_is_near() {
        ask("fallawey");
        QVERIFY(find(0).startsWith(QStringLiteral("Nothing is called so. Near")));
        enter();
        auto* field = qobject_cast<ValueField*>(QApplication::focusWidget());
        QVERIFY(field && field->key() == QLatin1String("neck.fallaway_mm"));
    }
    /// Words of the trade, symptoms, choices, the shop's lists.
    void words_of_the_trade_lead_there() {
        for (const auto& [words, found] :
             {std::pair{"back buzz", "between nut and finger"}, std::pair{"cone", "Board across"},
              std::pair{"locking", "Nut height read"}, std::pair{"tremolo", "Kind of bridge"},
              std::pair{"choke", "bend"}, std::pair{"sitar", "sitar-like"},
              std::pair{"nut files", "Nut files"}}) {
            ask(words);
            bool there = false;
            for (int row = 0; row < window()->finder()->finds()->count(); ++row)
                there = there || find(row).contains(QLatin1String(found), Qt::CaseInsensitive);
            QVERIFY2(there, words);
            QTest::keyClick(window()->finder()->line(), Qt::Key_Escape);
        }
        ask("sitar");
        enter();
        QVERIFY(window()->view().page == Page::heard);
        ask("cone");
        enter();
        QCOMPARE(window()->view().station, Station::neck);
    }
    /// What was found at a station that was let go meanwhile is gone to all the same.
    void what_was_found_outlives_its_station() {
        const auto elsewhere = [this] {
            for (const Station other : {Station::survey, Station::strings, Station::nut, Station::saddle,
                                        Station::bridge, Station::record}) {
                window()->choose_station(other);
                QApplication::processEvents();
            }
        };
        ask("fall-away");
        const QPointer<WindowPage> neck(window()->neck());
        elsewhere();
        QVERIFY(!neck);
        enter();
        auto* field = qobject_cast<ValueField*>(QApplication::focusWidget());
        QVERIFY(field && field->key() == QLatin1String("neck.fallaway_mm"));
        ask("cone");
        elsewhere();
        enter();
        QCOMPARE(window()->view().station, Station::neck);
    }
    void an_action_is_done() {
        const bool evening = theme().evening;
        ask("evening");
        enter();
        QCOMPARE(theme().evening, !evening);
        window()->apply_theme(false);
    }
    void arrows_walk_the_finds() {
        ask("gap");
        QCOMPARE(window()->finder()->finds()->count(), 12); // the best of many
        QTest::keyClick(window()->finder()->line(), Qt::Key_Down);
        QCOMPARE(window()->finder()->finds()->currentRow(), 1);
        QTest::keyClick(window()->finder()->line(), Qt::Key_Up);
        QTest::keyClick(window()->finder()->line(), Qt::Key_Up);
        QCOMPARE(window()->finder()->finds()->currentRow(), 0);
        window_->press(Qt::Key_K, Qt::ControlModifier);
        QVERIFY(!window()->finder()->isVisible());
    }
    void the_strings_way_leads_to_the_stations() {
        auto* way = window()->findChild<StringWay*>();
        for (const auto& [share, station] :
             {std::pair{0.3, Station::neck}, std::pair{0.8, Station::saddle},
              std::pair{0.95, Station::bridge}, std::pair{0.05, Station::nut}}) {
            QTest::mouseClick(way, Qt::LeftButton, {},
                              QPoint(static_cast<int>(share * way->width()), way->height() / 2));
            QCOMPARE(window()->view().station, station);
        }
    }

private:
    QString find(int row) { return window()->finder()->finds()->item(row)->text(); }
    MainWindow* window() { return window_->operator->(); }
    void ask(const char* words) {
        window()->setFocus();
        window_->press(Qt::Key_K, Qt::ControlModifier);
        QVERIFY(window()->finder() && window()->finder()->isVisible());
        QTest::keyClicks(window()->finder()->line(), QString::fromUtf8(words));
    }
    QString first() { return window()->finder()->finds()->item(0)->text(); }
    void enter() { QTest::keyClick(window()->finder()->line(), Qt::Key_Return); }

    std::unique_ptr<WindowOnDemo> window_;
};

QTEST_MAIN(TestFinder)
#include "tst_finder.moc"
