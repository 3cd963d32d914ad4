#include "common/strings.h"
#include "core/design/spacing.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

std::vector<StringDesign> strings_of(const std::vector<double>& diameters,
                                     const std::vector<int>& courses = {}) {
    std::vector<StringDesign> strings;
    for (std::size_t i = 0; i < diameters.size(); ++i)
        strings.push_back(string_of(100, "A2", diameters[i], false,
                                    courses.empty() ? -1 - static_cast<int>(i) : courses[i]));
    return strings;
}

void all_equal(const std::vector<double>& values, std::size_t first, std::size_t step) {
    for (std::size_t i = first; i < values.size(); i += step)
        QVERIFY(std::abs(values[i] - values[first]) < 1e-9);
}

std::vector<double> steps_of(const std::vector<double>& centres) {
    std::vector<double> steps;
    for (std::size_t i = 1; i < centres.size(); ++i) steps.push_back(centres[i] - centres[i - 1]);
    return steps;
}

} // namespace

class TestSpacing : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void equal_centres_are_equal() {
        Spacing spacing;
        spacing.spread_mm = 36;
        spacing.bias_mm = 0.5;
        const auto centres = spaced_centres_mm(spacing, strings_of({1.2, 0.9, 0.7, 0.5, 0.4, 0.3}), 22);
        QCOMPARE(centres.front(), -18.5);
        QCOMPARE(centres.back(), 17.5);
        all_equal(steps_of(centres), 0, 1);
    }
    void equal_gaps_are_equal() {
        Spacing spacing;
        spacing.method = SpacingMethod::equal_gaps;
        spacing.edge_margin_mm = EdgeMargins{3.0, 3.5};
        const auto strings = strings_of({1.2, 0.9, 0.7, 0.5, 0.4, 0.3});
        const auto centres = spaced_centres_mm(spacing, strings, 22);
        all_equal(clear_gaps_mm(centres, strings), 0, 1);
        QVERIFY(std::abs(centres.front() - 0.6 - (-22 + 3.0)) < 1e-12); // its outer side
        QVERIFY(std::abs(centres.back() + 0.15 - (22 - 3.5)) < 1e-12);
    }
    void a_blend_lies_between() {
        const auto strings = strings_of({1.4, 1.0, 0.6, 0.3});
        Spacing spacing;
        spacing.spread_mm = 30;
        const auto by_centres = spaced_centres_mm(spacing, strings, 20);
        spacing.method = SpacingMethod::equal_gaps;
        const auto by_gaps = spaced_centres_mm(spacing, strings, 20);
        spacing.method = SpacingMethod::blend;
        for (const double share : {0.0, 0.3, 1.0}) {
            spacing.blend = share;
            const auto centres = spaced_centres_mm(spacing, strings, 20);
            for (std::size_t i = 0; i < 4; ++i)
                QVERIFY(std::abs(centres[i] - ((1 - share) * by_centres[i] + share * by_gaps[i])) < 1e-12);
        }
    }
    void courses_stand_together() {
        const auto strings =
            strings_of({1.1, 0.5, 0.8, 0.8, 0.4, 0.4, 0.3}, {1, 1, 2, 2, 3, 3, 4}); // the last is a single
        Spacing spacing;
        spacing.method = SpacingMethod::equal_gaps;
        spacing.spread_mm = 40;
        spacing.course_gap_mm = 1.8;
        const auto centres = spaced_centres_mm(spacing, strings, 25);
        const auto gaps = clear_gaps_mm(centres, strings);
        for (const std::size_t within : {0U, 2U, 4U}) QVERIFY(std::abs(gaps[within] - 1.8) < 1e-9);
        all_equal(gaps, 1, 2);
        QCOMPARE(centres.front(), -20.0);
        QCOMPARE(centres.back(), 20.0);
        spacing.method = SpacingMethod::equal_centres;
        spacing.course_gap_mm.reset();
        spacing.course_centres_mm = 2.2;
        const auto even = spaced_centres_mm(spacing, strings, 25);
        const std::vector<double> middles{0.5 * (even[0] + even[1]), 0.5 * (even[2] + even[3]),
                                          0.5 * (even[4] + even[5]), even[6]};
        all_equal(steps_of(middles), 0, 1);
        QVERIFY(std::abs(even[1] - even[0] - 2.2) < 1e-12);
    }
    void given_places_are_kept() {
        Spacing spacing;
        spacing.method = SpacingMethod::given;
        spacing.each_mm = {-11, -2, 4, 12};
        QCOMPARE(spaced_centres_mm(spacing, strings_of({1, 1, 1, 1}), 20), spacing.each_mm);
    }
    void one_string_and_fourteen() {
        Spacing spacing;
        spacing.bias_mm = 0.4;
        QCOMPARE(spaced_centres_mm(spacing, strings_of({0.8}), 20), std::vector<double>{-0.4});
        spacing.spread_mm = 80;
        const auto centres = spaced_centres_mm(spacing, strings_of(std::vector<double>(14, 0.5)), 50);
        QCOMPARE(centres.size(), std::size_t(14));
        all_equal(steps_of(centres), 0, 1);
    }
    void overlapping_strings_show_a_negative_gap() {
        const auto strings = strings_of({2.0, 2.0});
        QVERIFY(clear_gaps_mm({0.0, 1.5}, strings)[0] < 0);
    }
};

QTEST_APPLESS_MAIN(TestSpacing)
#include "tst_spacing.moc"
