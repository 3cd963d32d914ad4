#include "core/nut_verdict.h"
#include "core/saddle_cut.h"

#include <QTest>

#include <algorithm>
#include <cmath>
#include <random>

using namespace fm;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance;
}

/// Slots written short: a raise in hundredths of a mm, then "w" too wide, "f" filled before.
std::vector<SlotFinding> slots_of(const QString& text) {
    std::vector<SlotFinding> list;
    for (const QString& word : text.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        SlotFinding slot;
        slot.string = list.size();
        QString digits = word;
        slot.filled = word.endsWith(QLatin1Char('f'));
        slot.too_wide = slot.filled || word.endsWith(QLatin1Char('w'));
        if (slot.too_wide) digits.chop(1);
        slot.raise_mm = digits.toDouble() / 100.0;
        list.push_back(slot);
    }
    return list;
}

/// What a straight bottom can take in sum, found by trying every line through two of the limits.
double most_off_the_bottom(const std::vector<double>& y, const std::vector<double>& amounts) {
    double best = 0;
    std::vector<std::pair<double, double>> corners;
    for (std::size_t i = 0; i < y.size(); ++i) corners.emplace_back(y[i], amounts[i]);
    corners.emplace_back(y.front(), 0.0);
    corners.emplace_back(y.back(), 0.0);
    for (std::size_t a = 0; a < corners.size(); ++a)
        for (std::size_t b = 0; b < corners.size(); ++b) {
            const double run = corners[b].first - corners[a].first;
            const double slope = run == 0.0 ? 0.0 : (corners[b].second - corners[a].second) / run;
            double sum = 0;
            bool allowed = true;
            for (std::size_t i = 0; i < y.size(); ++i) {
                const double off = corners[a].second + slope * (y[i] - corners[a].first);
                allowed = allowed && off >= -1e-9 && off <= amounts[i] + 1e-9;
                sum += off;
            }
            if (allowed) best = std::max(best, sum);
        }
    return best;
}

} // namespace

/// What the program decides, by rules that can be checked by hand.
class TestDecisions : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_nut_is_judged_data() {
        QTest::addColumn<QString>("slots_found");
        QTest::addColumn<int>("verdict");
        QTest::addColumn<double>("shim_mm"); // 0: none offered
        QTest::addColumn<QString>("fill");
        const auto row = [](const char* name, const char* slots_found, NutVerdict verdict, double shim_mm,
                            const char* fill) {
            QTest::newRow(name) << QString::fromLatin1(slots_found) << static_cast<int>(verdict) << shim_mm
                                << QString::fromLatin1(fill);
        };
        using V = NutVerdict;
        row("all high", "0 0 0 0 0 0", V::file, 0, "");
        row("too little to read", "1.9 0 0 0 0 0", V::file, 0, "");
        row("a raise counts from 0.02", "2 0 0 0 0 0", V::fill, 0, "0");
        row("a third to fill", "10 0w 0 0 0 0", V::fill, 0, "0 1");
        row("a fill deeper than 0.4", "41 0 0 0 0 0", V::replace, 0, "");
        row("0.4 itself is filled", "40 0 0 0 0 0", V::fill, 0, "0");
        row("half too wide", "0w 0w 0f 0 0 0", V::replace, 0, "");
        row("more than two thirds low", "10 12 8 5 5 0", V::shim, 0.15, "");
        row("two thirds are not more", "10 12 8 5 0 0", V::choose, 0.15, "0 1 2 3");
        row("shim names the wide ones", "10 12 8 5 5 0w", V::shim, 0.15, "5");
        row("choose without a raise", "0w 0w 0 0 0", V::choose, 0, "0 1");
        row("choose, too deep to fill", "50 5 0w 0 0 0", V::choose, 0.5, "2");
        row("one slot alone, low", "10", V::shim, 0.1, "");
        row("one slot alone, wide", "0w", V::replace, 0, "");
        row("new nut comes first", "10w 10w 10w 10 10 10", V::replace, 0, "");
        row("nothing read", "", V::file, 0, "");
    }
    void the_nut_is_judged() {
        QFETCH(QString, slots_found);
        QFETCH(int, verdict);
        QFETCH(double, shim_mm);
        QFETCH(QString, fill);
        const NutDecision decision = nut_decision(slots_of(slots_found), 0.05);
        QCOMPARE(static_cast<int>(decision.verdict), verdict);
        QVERIFY(near(decision.shim_mm.value_or(0.0), shim_mm));
        QStringList named;
        for (const std::size_t string : decision.fill) named << QString::number(string);
        QCOMPARE(named.join(QLatin1Char(' ')), fill);
    }
    void a_shim_is_rounded_up_to_the_step() {
        QVERIFY(near(shim_of_raise_mm(0.10, 0.05), 0.10));
        QVERIFY(near(shim_of_raise_mm(0.105, 0.05), 0.10)); // up to 0.005 over counts as the step
        QVERIFY(near(shim_of_raise_mm(0.1051, 0.05), 0.15));
        QVERIFY(near(shim_of_raise_mm(0.32, 0.1), 0.4));
    }
    void a_stack_of_shims_comes_nearest() {
        const std::vector<double> owned{0.1, 0.2, 0.3, 0.5, 0.8};
        QVERIFY(near(shim_stack(owned, 0.42, 0.05)->total_mm, 0.4));
        QVERIFY(near(shim_stack(owned, 0.48, 0.05)->total_mm, 0.5));
        QCOMPARE(shim_stack(owned, 0.5, 0.05)->shims_mm, std::vector<double>{0.5}); // the fewest
        QVERIFY(!shim_stack(owned, 0.02, 0.05));                                    // more than a step over
        QVERIFY(!shim_stack({}, 0.3, 0.05));
        QVERIFY(near(shim_stack(owned, 9.0, 0.05)->total_mm, 1.6)); // as near as three come
    }
    void a_clamping_nut_goes_up_or_its_seat_down() {
        const ClampingNut up = clamping_nut(slots_of(QStringLiteral("12 30 0 0")), {0.1, 0.2, 0.3}, 0.05);
        QVERIFY(near(up.raise_mm, 0.3) && near(up.stack->total_mm, 0.3) && up.lower_mm == 0.0);
        std::vector<SlotFinding> high = slots_of(QStringLiteral("0 0 0"));
        high[0].lower_mm = 0.3;
        high[1].lower_mm = 0.2;
        high[2].lower_mm = 0.25;
        const ClampingNut down = clamping_nut(high, {0.1}, 0.05);
        QVERIFY(down.raise_mm == 0.0 && !down.stack && near(down.lower_mm, 0.2));
    }

    void the_bottom_takes_the_most_a_line_can() {
        std::mt19937 random(11);
        std::uniform_real_distribution<double> amount(0.0, 1.5);
        for (int round = 0; round < 2000; ++round) {
            const std::size_t count = 2 + round % 9;
            std::vector<double> y;
            std::vector<double> amounts;
            std::vector<std::optional<double>> asked;
            for (std::size_t i = 0; i < count; ++i) {
                y.push_back(-20.0 + 40.0 * static_cast<double>(i) / static_cast<double>(count - 1));
                amounts.push_back(amount(random));
                asked.emplace_back(amounts.back());
            }
            const SaddleCut cut = saddle_cut(y, asked);
            QCOMPARE(cut.pack_mm, 0.0);
            double sum = 0;
            for (std::size_t i = 0; i < count; ++i) {
                const double share = (y[i] - y.front()) / (y.back() - y.front());
                const double off =
                    cut.bottom_mm.bass_mm + (cut.bottom_mm.treble_mm - cut.bottom_mm.bass_mm) * share;
                QVERIFY(off > -1e-9 && *cut.top_mm[i] > -1e-9 && near(off + *cut.top_mm[i], amounts[i]));
                sum += off;
            }
            QVERIFY2(near(sum, most_off_the_bottom(y, amounts), 1e-7), qPrintable(QString::number(round)));
        }
    }
    void of_equal_lines_the_least_tilted() {
        // Three strings, the middle one setting the limit: every line through it takes the same in sum.
        const SaddleCut cut = saddle_cut({-10, 0, 10}, {{0.8}, {0.4}, {0.9}});
        QVERIFY(near(cut.bottom_mm.bass_mm, 0.4) && near(cut.bottom_mm.treble_mm, 0.4));
        QVERIFY(near(*cut.top_mm[0], 0.4) && near(*cut.top_mm[1], 0) && near(*cut.top_mm[2], 0.5));
    }
    void a_raise_is_packed_and_the_rest_worked_from_there() {
        const SaddleCut cut = saddle_cut({-10, 10}, {{-0.3}, {0.2}});
        QVERIFY(near(cut.pack_mm, 0.3));
        QVERIFY(near(cut.bottom_mm.bass_mm, 0.0) && near(cut.bottom_mm.treble_mm, 0.5));
    }
    void strings_without_readings_take_no_part() {
        const SaddleCut cut = saddle_cut({-10, 0, 10}, {{0.4}, {}, {0.6}});
        QVERIFY(!cut.top_mm[1]);
        QVERIFY(near(cut.bottom_mm.bass_mm, 0.4) && near(cut.bottom_mm.treble_mm, 0.6));
    }
    void screws_follow_the_amounts() {
        const std::vector<double> y{-12, -4, 4, 12};
        const EdgeMargins screws = screw_amounts_mm(y, {{0.2}, {0.3}, {0.4}, {0.5}}, {-30, 30});
        QVERIFY(near(screws.bass_mm, 0.35 - 30 * 0.0125) && near(screws.treble_mm, 0.35 + 30 * 0.0125));
        const EdgeMargins one = screw_amounts_mm({0.0}, {{0.25}}, {-30, 30});
        QVERIFY(near(one.bass_mm, 0.25) && near(one.treble_mm, 0.25));
    }
};

QTEST_APPLESS_MAIN(TestDecisions)
#include "tst_decisions.moc"
