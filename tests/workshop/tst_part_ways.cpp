#include "workshop/part_ways.h"

#include "common/jobs.h"
#include "core/words/word_of.h"
#include "workshop/quote.h"
#include "workshop/schedule.h"

#include <QDir>
#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

/// What can be done at a part, side by side.
class TestPartWays : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// Every way's numbers are those the plan has once it is chosen; what cannot be is replaced there.
    void a_way_is_the_plan_that_follows_it() {
        int compared = 0;
        int refused = 0;
        for (const Value& document : documents())
            for (const BenchPart part : {BenchPart::relief, BenchPart::saddle, BenchPart::nut}) {
                const auto state = state_of(document).state;
                QVERIFY(state);
                if (!state->plan) continue;
                int chosen = 0;
                for (const PartWay& way : part_ways(*state, part, shop())) {
                    chosen += way.chosen ? 1 : 0;
                    const std::string key = "plan." + std::string(word_of(part));
                    const auto after = state_of(with(document, key, std::string(way.word))).state;
                    QVERIFY(after && after->plan);
                    const auto went = word_there(*after->plan, part);
                    if (went != way.word) {
                        QVERIFY(!way.can_be);
                        ++refused;
                        continue;
                    }
                    same(way.plan, *after->plan);
                    double minutes = 0;
                    for (const ScheduledStep& step :
                         schedule_of(*after->plan, after->job.design, shop()).steps)
                        if (step.step == step_of(part)) minutes = step.minutes;
                    QCOMPARE(way.takes.minutes, minutes);
                    ++compared;
                }
                QVERIFY(chosen <= 1);
            }
        QVERIFY(compared > 60 && refused > 5);
    }

    /// Minutes at the shop's rate; a new part costs what its quote says, blank and all.
    void a_way_has_its_price() {
        const auto state = state_of(demo_document("kittiwake")).state;
        const ShopTables tables = shop();
        for (const PartWay& way : part_ways(*state, BenchPart::nut, tables)) {
            if (way.word == word_of(NutChoice::replace)) {
                const JobQuote quote = quote_of(state->job, state->solution, way.plan, tables);
                QCOMPARE(way.takes.price.total(), quote.parts[0].price.total());
                QVERIFY(way.takes.price.material > 0);
            } else
                QVERIFY(std::abs(way.takes.price.total() - way.takes.minutes * 1.5 * 1.1) < 1e-9);
        }
    }

    /// A nut is judged alone by pressed gaps.
    void a_nut_alone_has_its_ways() {
        Value document = demo_document("kittiwake");
        for (int i = 0; i < 4; ++i) {
            const std::string at = "readings[0].strings[" + std::to_string(i) + "]";
            document = without(without(document, at + ".action12_mm"), at + ".open_gap_fret1_mm");
            document = with(with(document, at + ".pressed_gap_mm", 0.05), at + ".pressed_fret", 3);
        }
        const auto state = state_of(document).state;
        QVERIFY(state && !state->plan && state->nut);
        const auto ways = part_ways(*state, BenchPart::nut, shop());
        QCOMPARE(ways.size(), std::size_t(6));
        for (const PartWay& way : ways)
            if (way.chosen) QVERIFY(way.word == word_of(state->nut->step.decision.choice));
        QVERIFY(part_ways(*state, BenchPart::saddle, shop()).empty());
    }

    /// Nobody files a nut that clamps; a slot too deep for a filling is not filled.
    void what_cannot_be_is_said() {
        const auto can = [](const char* job, NutChoice choice) {
            const auto state =
                state_of(document_of(QStringLiteral(TEST_DATA "/judged/%1.fmjob").arg(QLatin1String(job))))
                    .state;
            for (const PartWay& way : part_ways(*state, BenchPart::nut, shop()))
                if (way.word == word_of(choice)) return way.can_be;
            return false;
        };
        QVERIFY(!can("locking-nut-too-low", NutChoice::file) && can("locking-nut-too-low", NutChoice::shim));
        QVERIFY(!can("nut-good", NutChoice::shim) && !can("nut-good", NutChoice::fill));
        QVERIFY(!can("nut-good", NutChoice::file) && can("nut-good", NutChoice::leave));
        QVERIFY(can("one-worn-notch", NutChoice::fill));
    }

private:
    static std::vector<Value> documents() {
        std::vector<Value> all{demo_document("kittiwake"), demo_document("curlew")};
        const QDir folder(QStringLiteral(TEST_DATA "/judged"));
        for (const QString& name : folder.entryList({QStringLiteral("*.fmjob")}))
            all.push_back(document_of(folder.filePath(name)));
        return all;
    }
    static ShopTables shop() {
        ShopTables tables;
        tables.rate_per_hour = 90;
        tables.premium_share = 0.1;
        tables.nut_operations = {{"fit", 20, 1}, {"file", 4, 0}};
        tables.saddle_operations = {{"shape", 25, 1}};
        for (const char* material : {"bone", "brass", "hardwood", "synthetic"}) {
            tables.blanks.push_back({material, material, {90, 20, 20}, 7});
            tables.material_factors.push_back({material, 1.0});
        }
        return tables;
    }
    static std::string_view word_there(const Plan& plan, BenchPart part) {
        if (part == BenchPart::nut) return word_of(plan.nut.decision.choice);
        if (part == BenchPart::saddle) return word_of(plan.saddle.choice);
        return word_of(plan.relief.choice);
    }
    static SetupStep step_of(BenchPart part) {
        return part == BenchPart::nut      ? SetupStep::nut
               : part == BenchPart::saddle ? SetupStep::saddle
                                           : SetupStep::relief;
    }
    static void same(const Plan& one, const Plan& other) {
        QCOMPARE(one.nut.take_off_mm, other.nut.take_off_mm);
        QCOMPARE(one.saddle.take_off_mm, other.saddle.take_off_mm);
        QCOMPARE(one.saddle.cut.pack_mm, other.saddle.cut.pack_mm);
        QCOMPARE(one.relief.to_mm, other.relief.to_mm);
        for (std::size_t i = 0; i < one.nut.after.size(); ++i) {
            QCOMPARE(one.nut.after[i].has_value(), other.nut.after[i].has_value());
            if (one.nut.after[i])
                QCOMPARE(one.nut.after[i]->open_gap_fret1_mm, other.nut.after[i]->open_gap_fret1_mm);
        }
    }
};

QTEST_MAIN(TestPartWays)
#include "tst_part_ways.moc"
