#include "core/found/nut_verdict.h"
#include "core/part/saddle_cut.h"
#include "core/words/word_of.h"

#include <QTest>

#include <algorithm>
#include <cmath>
#include <random>

using namespace fm;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance;
}

/// Slots written short: a raise in hundredths of a mm, negative: too high; then "w" too wide, "f" filled
/// before,
/// "?" within the gauge.
std::vector<SlotFinding> slots_of(const QString& text) {
    std::vector<SlotFinding> list;
    for (const QString& word : text.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        SlotFinding slot;
        slot.string = list.size();
        QString digits = word;
        slot.filled = word.endsWith(QLatin1Char('f'));
        slot.too_wide = slot.filled || word.endsWith(QLatin1Char('w'));
        const bool within = word.endsWith(QLatin1Char('?'));
        if (slot.too_wide || within) digits.chop(1);
        slot.raise_mm = std::max(0.0, digits.toDouble() / 100.0);
        slot.lower_mm = std::max(0.0, -digits.toDouble() / 100.0);
        slot.raise_counts = !within && slot.raise_mm > 0;
        slot.lower_counts = !within && slot.lower_mm > 0;
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
        QTest::addColumn<QString>("wanted"); // by the person; "": nobody
        QTest::addColumn<QString>("proposal");
        QTest::addColumn<QString>("choice");
        QTest::addColumn<double>("shim_mm"); // 0: none offered
        QTest::addColumn<QString>("fill");
        QTest::addColumn<double>("below_mm");
        const auto row = [](const char* name, const char* slots_found, const char* proposal, double shim_mm,
                            const char* fill, double below_mm = 0) {
            QTest::newRow(name) << QString::fromLatin1(slots_found) << QString()
                                << QString::fromLatin1(proposal) << QString::fromLatin1(proposal) << shim_mm
                                << QString::fromLatin1(fill) << below_mm;
        };
        row("nothing counts", "4? -1? 0 0 0 0", "leave", 0, "");
        row("some too high", "-5 -1? 0 0 0 0", "file", 0, "");
        row("all too high: from below", "-5 -12 -30 -4 -8 -6", "file", 0, "", 0.04);
        row("one raise", "6 0 0 0 0 0", "fill", 0, "0");
        row("a third to fill", "10 0w 0 0 0 0", "fill", 0, "0 1");
        row("a fill deeper than 0.4", "41 0 0 0 0 0", "replace", 0, "");
        row("0.4 itself is filled", "40 0 0 0 0 0", "fill", 0, "0");
        row("half too wide", "0w 0w 0f 0 0 0", "replace", 0, "");
        row("more than two thirds low", "10 12 8 6 6 0", "shim", 0.15, "");
        row("two thirds are not more", "10 12 8 6 0 0", "choose", 0.15, "0 1 2 3");
        row("a shim does not mend a wide one", "10 12 8 6 6 0w", "shim", 0.15, "");
        row("low by too little in the mean", "5 5 5 5 5 0", "choose", 0, "0 1 2 3 4");
        row("choose without a raise", "0w 0w 0 0 0", "choose", 0, "0 1");
        row("choose, too deep to fill", "50 6 0w 0 0 0", "choose", 0.5, "");
        row("one slot alone, low", "10", "shim", 0.1, "");
        row("one slot alone, wide", "0w", "replace", 0, "");
        row("new nut comes first", "10w 10w 10w 10 10 10", "replace", 0, "");
        row("nothing read", "", "leave", 0, "");
        const auto chosen = [](const char* name, const char* slots_found, const char* wanted,
                               const char* proposal, const char* choice, double shim_mm, const char* fill,
                               double below_mm = 0) {
            QTest::newRow(name) << QString::fromLatin1(slots_found) << QString::fromLatin1(wanted)
                                << QString::fromLatin1(proposal) << QString::fromLatin1(choice) << shim_mm
                                << QString::fromLatin1(fill) << below_mm;
        };
        chosen("left whatever counts", "41 -9 0 0", "leave", "replace", "leave", 0, "");
        chosen("filled however deep", "41 0 0 0 0 0", "fill", "replace", "fill", 0, "0");
        chosen("a shim for one", "13 0 0 0 0 0", "shim", "fill", "shim", 0.15, "");
        chosen("a shim where nothing is low", "4? -5 0 0", "shim", "file", "file", 0, "");
        chosen("from below", "-5 -12 -30", "below", "file", "below", 0, "", 0.05);
        chosen("from below where one does not count", "-5 -12 -1?", "below", "file", "file", 0, "");
        chosen("a new one all the same", "0 0 0", "replace", "leave", "replace", 0, "");
    }
    void the_nut_is_judged() {
        QFETCH(QString, slots_found);
        QFETCH(QString, wanted);
        QFETCH(QString, proposal);
        QFETCH(QString, choice);
        QFETCH(double, shim_mm);
        QFETCH(QString, fill);
        QFETCH(double, below_mm);
        const auto found = slots_of(slots_found);
        const NutDecision decision =
            nut_decision(found, NutDesign{}, found.size(), of_word<NutChoice>(wanted.toStdString()));
        QCOMPARE(QByteArray(word_of(decision.proposal).data()), proposal.toLatin1());
        QCOMPARE(QByteArray(word_of(decision.choice).data()), choice.toLatin1());
        QVERIFY(near(decision.shim_mm.value_or(0.0), shim_mm));
        QVERIFY(near(decision.below_mm, below_mm));
        QStringList named;
        for (const std::size_t string : decision.fill) named << QString::number(string);
        QCOMPARE(named.join(QLatin1Char(' ')), fill);
    }
    void from_below_asks_for_every_string_of_the_instrument() {
        QCOMPARE(nut_decision(slots_of(QStringLiteral("-5 -12 -30")), NutDesign{}, 4).below_mm, 0.0);
    }
    void how_the_nut_is_made_decides_too() {
        const auto decided = [](const char* slots_found, const NutDesign& nut,
                                std::optional<NutChoice> wanted = {}) {
            const auto found = slots_of(QString::fromLatin1(slots_found));
            return nut_decision(found, nut, found.size(), wanted);
        };
        NutDesign ready;
        ready.ready_slotted = true;
        QVERIFY(decided("-30 -28 -35", ready).choice == NutChoice::below);
        QVERIFY(near(decided("-30 -28 -35", ready).below_mm, 0.28));
        QVERIFY(decided("-30 -28 0", ready).choice == NutChoice::file); // one would come too low
        QVERIFY(decided("-30 -28 -35", NutDesign{}).choice == NutChoice::file);
        NutDesign packed;
        packed.packing_mm = 0.3;
        QVERIFY(decided("20 22 25", NutDesign{}).choice == NutChoice::shim);
        QVERIFY(decided("20 22 25", packed).choice == NutChoice::replace);
        NutDesign clamping;
        clamping.clamping = true;
        QVERIFY(decided("20 0 0", clamping).choice == NutChoice::shim); // the whole block, for one string
        QVERIFY(near(*decided("20 0 0", clamping).shim_mm, 0.2));
        QVERIFY(decided("-20 -15 -30", clamping).choice == NutChoice::leave);
        QVERIFY(decided("-20 -15 -30", clamping, NutChoice::file).choice == NutChoice::leave);
        QVERIFY(decided("0 0 0", clamping).choice == NutChoice::leave);
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
