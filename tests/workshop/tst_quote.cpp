#include "workshop/quote.h"

#include "common/jobs.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

class TestQuote : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_cheapest_blank_that_fits_is_chosen() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution solution = solve(design);
        ShopTables shop;
        shop.allowance_mm = 0.5;
        const Blank need = nut_needs(design, solution, 0.5);
        shop.blanks = {{"short", design.nut.material, {need.length_mm - 3, 20, 20}, 1},
                       {"dear", design.nut.material, {90, 20, 20}, 9},
                       {"right", design.nut.material, need, 5},
                       {"other", "cheese", {90, 20, 20}, 0}};
        shop.nut_operations = {{"fit", 20, 1}, {"file", 4, 0}}; // once a string
        shop.rate_per_hour = 60;
        const std::vector<PartQuote> list = quotes(design, solution, shop);
        QCOMPARE(list.size(), std::size_t(2));
        QCOMPARE(list[0].offers.size(), std::size_t(3));
        QVERIFY(std::abs(list[0].offers[0].fit.length_short_mm - 3) < 1e-9);
        QCOMPARE(list[0].cheapest->name, std::string("right"));
        QCOMPARE(list[0].minutes, 36.0);
        QCOMPARE(list[0].price.total(), 41.0);
    }
    void no_blank_is_no_material() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const std::vector<PartQuote> list = quotes(design, solve(design), {});
        QVERIFY(!list[0].cheapest && list[0].price.total() == 0.0);
    }
    void the_demo_shop_can_quote_its_jobs() {
        const Workshop shop(QStringLiteral(DEMO_DATA));
        for (const char* name : {"curlew", "lantern", "kittiwake", "groundswell", "teal"}) {
            const Design design = job_of(demo_document(name)).design;
            const std::vector<PartQuote> list = quotes(design, solve(design), shop.tables());
            QVERIFY2(list[0].minutes > 30 && list[0].price.total() > 20, name);
        }
    }
};

QTEST_APPLESS_MAIN(TestQuote)
#include "tst_quote.moc"
