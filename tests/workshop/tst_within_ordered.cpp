#include "workshop/within_ordered.h"

#include "common/jobs.h"
#include "core/words/word_of.h"
#include "workshop/part_ways.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// Steps chosen so that they fit what was ordered.
class TestWithinOrdered : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void nothing_is_said_where_nothing_was_ordered() {
        QVERIFY(!story(demo_document("kittiwake")));
        QVERIFY(
            !story(with(demo_document("groundswell"), "ordered.sum", 100.0))); // and nothing was read there
        ShopTables no_rate = shop();
        no_rate.rate_per_hour = 0;
        const Value sum = with(demo_document("kittiwake"), "ordered.sum", 100.0);
        QVERIFY(!ordered_story(*state_of(sum).state, no_rate, PlanOrder::neck_saddle_nut));
        QVERIFY(ordered_story(*state_of(with(sum, "ordered.minutes", 30.0)).state, no_rate,
                              PlanOrder::neck_saddle_nut));
    }

    /// What the plan costs is what its steps cost, and the intonation that follows them.
    void a_plan_costs_what_its_steps_cost() {
        const auto state = state_of(with(demo_document("kittiwake"), "ordered.sum", 1000.0)).state;
        const auto made = ordered_story(*state, shop(), PlanOrder::neck_saddle_nut);
        QVERIFY(made && !made->within && made->left.holds(made->cost));
        double price = 0;
        double minutes = 0;
        for (const BenchPart part : {BenchPart::relief, BenchPart::saddle, BenchPart::nut})
            for (const PartWay& way : part_ways(*state, part, shop()))
                if (way.chosen) {
                    price += way.takes.price.total();
                    minutes += way.takes.minutes;
                }
        const Schedule schedule = schedule_of(*state->plan, state->job.design, shop());
        QCOMPARE(made->cost.minutes, schedule.work_minutes);
        const double intonation = schedule.work_minutes - minutes;
        QVERIFY(
            std::abs(made->cost.price -
                     (price + price_of(intonation, shop().rate_per_hour, 0, shop().premium_share).total())) <
            1e-9);
    }

    /// Whatever is ordered: what is chosen fits it, is a plan that can be, goes no further than the whole,
    /// and nothing else that fits leaves less undone; more is never done for less.
    void what_is_chosen_fits_and_is_the_best_that_does() {
        int left_something = 0;
        int left_all = 0;
        for (const char* job : {"kittiwake", "lantern", "teal", "curlew", "groundswell"}) {
            const Value document = demo_document(job);
            const auto whole = state_of(document).state;
            if (!whole || !whole->plan) continue;
            std::size_t before = 0;
            for (const double sum : {400.0, 150.0, 90.0, 70.0, 50.0, 30.0, 15.0, 5.0, 0.0}) {
                const auto made = story(with(document, "ordered.sum", sum));
                QVERIFY(made);
                if (made->left.holds(made->cost)) {
                    QVERIFY(!made->within);
                    continue;
                }
                QVERIFY(made->within);
                QVERIFY(made->left.holds(made->within->cost));
                QVERIFY(!made->within->others.empty());
                Value decided = with(document, "ordered.sum", sum);
                for (const OtherWay& other : made->within->others)
                    decided =
                        with(decided, "plan." + std::string(word_of(other.part)), std::string(other.word));
                const auto after = state_of(decided).state;
                QVERIFY(after && after->plan);
                QVERIFY(after->stops.size() <= whole->stops.size());
                const auto then = ordered_story(*after, shop(), PlanOrder::neck_saddle_nut);
                QVERIFY(then && !then->within); // it fits now
                QVERIFY(std::abs(then->cost.price - made->within->cost.price) < 1e-9);
                if (whole->plan->relief.left()) QVERIFY(after->plan->relief.left());
                if (whole->plan->saddle.left()) QVERIFY(after->plan->saddle.left());
                ++left_something;
                if (made->within->cost.minutes == 0) ++left_all;
                const std::size_t steps = made->within->cost.steps.size();
                if (before > 0) QVERIFY(steps <= before + 1);
                before = steps;
            }
        }
        QVERIFY(left_something >= 5 && left_all >= 1);
    }

    /// What was spent counts; minutes bind as a sum does.
    void what_is_spent_is_gone() {
        Value document = with(demo_document("kittiwake"), "ordered.minutes", 500.0);
        const auto fresh = story(document);
        QVERIFY(fresh && fresh->left.minutes && !fresh->left.sum);
        const double worked = fresh->worked_minutes;
        QCOMPARE(*fresh->left.minutes, 500.0 - worked);
        document = with(document, "ordered.minutes", worked + fresh->cost.minutes);
        QVERIFY(!story(document)->within); // to the minute
        document = with(document, "ordered.minutes", worked + fresh->cost.minutes - 1);
        const auto less = story(document);
        QVERIFY(less->within && less->within->cost.minutes <= fresh->cost.minutes - 1);
        document = with(document, "ordered.minutes", worked > 1 ? worked - 1 : 0.0);
        const auto none = story(document); // overdrawn: nothing is left, and nothing is begun
        QCOMPARE(*none->left.minutes, 0.0);
        QVERIFY(none->within && none->within->cost.minutes == 0);
    }

    void a_job_says_minutes_that_can_be() {
        QVERIFY(!state_of(with(demo_document("kittiwake"), "ordered.minutes", -1.0)).state);
        QVERIFY(!state_of(with(demo_document("kittiwake"), "ordered.minutes", std::string("ten"))).state);
    }

private:
    static ShopTables shop() { return Workshop(QStringLiteral(DEMO_DATA)).tables(); }
    static std::optional<OrderedStory> story(const Value& document) {
        return ordered_story(*state_of(document).state, shop(), PlanOrder::neck_saddle_nut);
    }
};

QTEST_GUILESS_MAIN(TestWithinOrdered)
#include "tst_within_ordered.moc"
