#include "workshop/quote.h"

#include "common/jobs.h"
#include "workshop/schedule.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

class TestQuote : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_cheapest_blank_that_fits_is_chosen() {
        const Job job = job_of(demo_document("kittiwake"));
        const Solution solution = solve(job.design);
        ShopTables shop;
        const Blank need = nut_needs(job.design, solution, {0.5, 0.05});
        // Saw and finish take of both ends; a bar bought to the thickness is a blank.
        const Blank bare = nut_needs(job.design, solution, {0, 0});
        QVERIFY(std::abs(need.length_mm - bare.length_mm - 1.0) < 1e-9);
        QVERIFY(std::abs(need.height_mm - bare.height_mm - 0.5) < 1e-9);
        QVERIFY(std::abs(need.thickness_mm - bare.thickness_mm - 0.05) < 1e-9);
        shop.blanks = {{"short", job.design.nut.material, {need.length_mm - 3, 20, 20}, 1},
                       {"dear", job.design.nut.material, {90, 20, 20}, 9},
                       {"right", job.design.nut.material, need, 5},
                       {"other", "cheese", {90, 20, 20}, 0}};
        shop.nut_operations = {{"fit", 20}, {"file", 4, true}};
        shop.rate_per_hour = 60;
        const JobQuote made = quote_of(job, solution, {}, shop);
        QCOMPARE(made.parts.size(), std::size_t(2));
        const PartQuote& nut = made.parts[0];
        QCOMPARE(nut.offers.size(), std::size_t(3));
        QVERIFY(std::abs(nut.offers[0].fit.length_short_mm - 3) < 1e-9);
        QCOMPARE(nut.cheapest->name, std::string("right"));
        QCOMPARE(nut.minutes, 36.0);
        QCOMPARE(nut.price.total(), 41.0);
        QCOMPARE(ids(nut), QStringList{QStringLiteral("quote.no_factor")});
    }
    /// What the tables do not hold is said, and never counted as nothing.
    void what_is_not_held_is_said() {
        Job job = job_of(demo_document("kittiwake"));
        job.ordered.parts = {OrderedPart::nut, OrderedPart::bridge, OrderedPart::ready_saddle,
                             OrderedPart::set_up};
        const JobQuote empty = quote_of(job, solve(job.design), {}, {});
        QVERIFY(!empty.complete() && empty.total == 0.0);
        for (const PartQuote& part : empty.parts) QVERIFY(!part.missing.empty());
        QCOMPARE(ids(empty.parts[0]),
                 (QStringList{QStringLiteral("quote.no_operations"), QStringLiteral("quote.no_blank")}));
        QCOMPARE(ids(empty.parts[3]), QStringList{QStringLiteral("quote.nothing_read")});
        ShopTables shop;
        shop.rate_per_hour = 60;
        shop.ready_parts = {{"saddle", "bought, compensated", 14, 20}, {"nut", "slotted", 8, 15}};
        shop.blanks = {{"small", job.design.nut.material, {5, 5, 5}, 1}};
        const JobQuote some = quote_of(job, solve(job.design), {}, shop);
        QCOMPARE(some.parts[2].price.total(), 34.0);
        QVERIFY(some.parts[2].missing.empty());
        QVERIFY(ids(some.parts[0]).contains(QStringLiteral("quote.no_blank_fits")));
    }
    void what_was_ordered_is_spent_and_left() {
        Job job = job_of(demo_document("kittiwake"));
        const Solution solution = solve(job.design);
        const auto made = plan(job.design, solution, job.readings, PlanOrder::neck_saddle_nut);
        const Workshop shop(QStringLiteral(DEMO_DATA));
        job.ordered = {{OrderedPart::set_up}, 100.0, {}};
        RecordEntry work;
        work.kind = RecordKind::work;
        work.minutes = 30;
        job.record.push_back(work);
        const JobQuote quote = quote_of(job, solution, made, shop.tables());
        QCOMPARE(quote.parts[0].minutes, schedule_of(*made, job.design, shop.tables()).work_minutes);
        QCOMPARE(quote.spent, 0.5 * shop.tables().rate_per_hour);
        QCOMPARE(*quote.left, 100.0 - quote.spent);
        QVERIFY(quote.complete());
    }
    void the_demo_shop_can_quote_its_jobs() {
        const Workshop shop(QStringLiteral(DEMO_DATA));
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Job job = job_of(demo_document(name));
            const JobQuote made = quote_of(job, solve(job.design), {}, shop.tables());
            QVERIFY2(made.parts[0].minutes > 30 && made.total > 20, name);
        }
    }

private:
    static QStringList ids(const PartQuote& part) {
        QStringList list;
        for (const Message& message : part.missing) list << QString::fromStdString(message.id);
        return list;
    }
};

QTEST_APPLESS_MAIN(TestQuote)
#include "tst_quote.moc"
