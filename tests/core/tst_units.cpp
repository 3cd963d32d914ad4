#include "core/shop/tools.h"
#include "core/words/message.h"
#include "core/words/pitch.h"
#include "core/words/units.h"
#include "core/words/word_of.h"

#include <QTest>

#include <cmath>

using namespace fm;

class TestUnits : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void sixty_fourths_and_what_remains() {
        for (int i = -2000; i <= 2000; ++i) {
            const double mm = i * 0.0137;
            const SixtyFourths parts = sixty_fourths(mm);
            QVERIFY(std::abs(static_cast<double>(parts.count) * 25.4 / 64 + parts.remainder_mm - mm) < 1e-12);
            QVERIFY(std::abs(parts.remainder_mm) <= 25.4 / 128 + 1e-12);
        }
    }
    void fractions_in_lowest_terms() {
        QCOMPARE(fraction_text(3), std::string("3/64"));
        QCOMPARE(fraction_text(6), std::string("3/32"));
        QCOMPARE(fraction_text(104), std::string("1 5/8"));
        QCOMPARE(fraction_text(-2), std::string("-1/32"));
        QCOMPARE(fraction_text(0), std::string("0"));
        QCOMPARE(fraction_text(64), std::string("1"));
        QCOMPARE(length_text(1.190625 + 0.1, Unit::sixty_fourths), std::string("3/64 + 4 thou"));
        QCOMPARE(length_text(1.190625 - 0.1, Unit::sixty_fourths), std::string("3/64 - 4 thou"));
        QCOMPARE(length_text(0.127, Unit::sixty_fourths), std::string("5 thou"));
        QCOMPARE(length_text(-0.127, Unit::sixty_fourths), std::string("-5 thou"));
        QCOMPARE(length_text(1.190625 + 0.01, Unit::sixty_fourths),
                 std::string("3/64 in")); // less than a thou
        QCOMPARE(fixed_text(-0.0001, 2), std::string("0.00"));
    }
    void words_and_units_are_a_pair() {
        for (const Unit unit : {Unit::mm, Unit::in, Unit::thou, Unit::sixty_fourths})
            QVERIFY(of_word<Unit>(word_of(unit)) == unit);
        QVERIFY(!of_word<Unit>("cm"));
    }
    void pitches() {
        QCOMPARE(*pitch_hz_of_name("A4", 440), 440.0);
        QVERIFY(std::abs(*pitch_hz_of_name("G2", 440) - 97.99885899543733) < 1e-9);
        QCOMPARE(*pitch_hz_of_name("C#3", 440), *pitch_hz_of_name("Db3", 440));
        QCOMPARE(*pitch_hz_of_name("B♭1", 440), *pitch_hz_of_name("A#1", 440));
        QCOMPARE(*pitch_hz_of_name("B3", 432), 432 * std::exp2(-10.0 / 12));
        for (const char* bad : {"", "H2", "G", "G#", "Gx2", "G2 ", "g2", "C###4", "A11", "A-2"})
            QVERIFY2(!pitch_hz_of_name(bad, 440), bad);
        for (int i = 0; i < 60; ++i) { // a name and its pitch are a pair
            const double hz = 30.0 * std::exp2(i / 12.0);
            const double named = *pitch_hz_of_name(nearest_pitch_name(hz, 440), 440);
            QVERIFY(std::abs(1200 * std::log2(named / hz)) <= 50.001);
        }
        QCOMPARE(shown_pitch_name("Bb1"), std::string("B♭1"));
        QCOMPARE(shown_pitch_name("F#1"), std::string("F♯1"));
    }
    void files_data() {
        QTest::addColumn<double>("diameter");
        QTest::addColumn<double>("clearance");
        QTest::addColumn<int>("fit");
        QTest::addColumn<double>("width");
        QTest::addColumn<double>("short_by");
        const int fits = static_cast<int>(FileFit::fits), rock = static_cast<int>(FileFit::rock),
                  none = static_cast<int>(FileFit::none);
        // The set is 0.33, 0.61, 0.66, 0.90; a file may be 0.05 over.
        QTest::newRow("exact") << 0.81 << 0.09 << fits << 0.9 << 0.0;
        QTest::newRow("nearest of two") << 0.56 << 0.08 << fits << 0.66 << 0.0; // wanted 0.64
        QTest::newRow("at half the clearance") << 0.59 << 0.04 << fits << 0.61 << 0.0;
        QTest::newRow("at the most over") << 0.53 << 0.03 << fits << 0.61 << 0.0; // wanted 0.56, 0.05 over
        QTest::newRow("too wide: rock") << 0.75 << 0.05 << rock << 0.66 << 0.14;
        QTest::newRow("wider than all") << 1.2 << 0.08 << rock << 0.9 << 0.38;
        QTest::newRow("none") << 0.2 << 0.05 << none << 0.0 << 0.0;
    }
    void files() {
        QFETCH(double, diameter);
        QFETCH(double, clearance);
        QFETCH(int, fit);
        QFETCH(double, width);
        QFETCH(double, short_by);
        const FileChoice choice = file_for_slot({0.9, 0.33, 0.66, 0.61}, diameter, clearance, 0.05);
        QCOMPARE(static_cast<int>(choice.fit), fit);
        QCOMPARE(choice.width_mm, width);
        QVERIFY(std::abs(choice.short_mm - short_by) < 1e-12);
    }
    void feelers() {
        const std::vector<double> set{0.05, 0.1, 0.15, 0.2, 0.5, 1.0};
        for (int i = 1; i < 180; ++i) { // against every subset of at most three
            const double height = i * 0.01;
            double best = 1e9;
            for (unsigned mask = 1; mask < 64; ++mask) {
                if (__builtin_popcount(mask) > 3) continue;
                double sum = 0;
                for (unsigned bit = 0; bit < 6; ++bit) sum += mask >> bit & 1 ? set[bit] : 0.0;
                if (sum >= height - 1e-9) best = std::min(best, sum);
            }
            const auto stack = feeler_stack(set, height);
            QCOMPARE(stack.has_value(), best < 1e8);
            if (stack) QVERIFY(std::abs(stack->height_mm - best) < 1e-9 && stack->leaves_mm.size() <= 3);
        }
        QVERIFY(!feeler_stack(set, 0.0));
        QVERIFY(!feeler_stack(set, -1.0));
        QVERIFY(!feeler_stack({}, 0.3));
        QCOMPARE(feeler_stack(set, 0.2)->leaves_mm.size(), std::size_t(1)); // the fewest leaves
    }
    void every_message_has_its_words() {
        const Message message{"number_out_of_range", Severity::error, "neck.scale_mm", {20.0, 200.0, 1200.0}};
        QCOMPARE(english(message), std::string("neck.scale_mm is 20; allowed is 200 to 1200"));
        QCOMPARE(
            english(
                {"strings_touch", Severity::error, {}, {std::string("a"), std::string("b"), LengthMm{-0.1}}}),
            std::string("a and b touch: the space between them is -0.10 mm"));
        QCOMPARE(english({"story.cents", Severity::note, {}, {"A2", 4.800000000000001, 12}}),
                 std::string("A2: 4.8 cents at fret 12"));
        QCOMPARE(std::string(InputError(message).what()), english(message));
        QVERIFY(english_template("no such id").empty());
    }
};

QTEST_APPLESS_MAIN(TestUnits)
#include "tst_units.moc"
