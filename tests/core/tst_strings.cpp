#include "common/jobs.h"
#include "common/strings.h"
#include "core/design/make_up.h"
#include "core/string/fretted.h"

#include <QTest>

#include <cmath>
#include <numbers>

using namespace fm;
using namespace fm::test;

namespace {

constexpr double pi = std::numbers::pi;

bool near(double a, double b, double relative = 1e-12) {
    return std::abs(a - b) <= relative * std::max(1.0, std::abs(b));
}

/// First mode of a stiff string with both ends clamped, from its characteristic equation: with the middle as
/// origin the shape is A·cos(q x) + B·cosh(p x), level and at rest at both ends, so that
/// q·tan(q l/2) + p·tanh(p l/2) = 0. No series.
double clamped_mode_hz(const StiffString& string, double length_mm, double tension_n) {
    const double length_m = length_mm * 1e-3;
    const double bending_nm2 = string.bending_stiffness_n_mm2 * 1e-6;
    const double mass_kg_m = string.unit_mass_g_m * 1e-3;
    double low = pi / 2 + 1e-14;
    double high = pi - 1e-14;
    const auto squared_p = [&](double q) { return q * q + tension_n / bending_nm2; };
    for (int step = 0; step < 200; ++step) {
        const double half = 0.5 * (low + high);
        const double q = 2.0 * half / length_m;
        const double p = std::sqrt(squared_p(q));
        (q * std::tan(half) + p * std::tanh(0.5 * p * length_m) < 0 ? low : high) = half;
    }
    const double q = 2.0 * low / length_m;
    return q * std::sqrt((bending_nm2 * q * q + tension_n) / mass_kg_m) / (2.0 * pi);
}

} // namespace

/// Make-up, pitch and tension of single strings.
class TestStrings : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_series_agrees_with_the_exact_clamped_mode_data() {
        QTest::addColumn<double>("stiffness_ratio");
        for (const double ratio : {0.001, 0.003, 0.005, 0.01, 0.015, 0.02, 0.025, 0.03})
            QTest::addRow("%g", ratio) << ratio;
    }
    void the_series_agrees_with_the_exact_clamped_mode() {
        QFETCH(double, stiffness_ratio);
        constexpr double length_mm = 300;
        constexpr double tension = 80;
        const double bending = tension * std::pow(stiffness_ratio * length_mm, 2);
        const StiffString clamped{0.5, bending, 1.0};
        QVERIFY(near(fm::stiffness_ratio(clamped, length_mm, tension), stiffness_ratio));
        const double off_cents = cents_of_ratio(pitch_hz(clamped, length_mm, tension) /
                                                clamped_mode_hz(clamped, length_mm, tension));
        // Under a cent where the series is called good; what is left falls with the third power.
        QVERIFY2(std::abs(off_cents) < std::pow(stiffness_ratio / 0.03, 3) * 1.0 + 1e-6,
                 qPrintable(QString::number(off_cents)));
    }
    void hinged_ends_are_the_textbook_string() {
        const StiffString hinged{0.5, 80 * std::pow(0.01 * 300, 2), 0.0};
        const double exact_hz =
            500.0 / 300.0 * std::sqrt(80 / 0.5e-3) * std::sqrt(1.0 + pi * pi * 0.01 * 0.01);
        QVERIFY(std::abs(cents_of_ratio(pitch_hz(hinged, 300, 80) / exact_hz)) < 1e-2);
        const StiffString limp{0.5, 0.0, 0.25};
        QVERIFY(near(pitch_hz(limp, 300, 80), 500.0 / 300.0 * std::sqrt(80 / 0.5e-3)));
    }
    void the_tension_is_the_one_that_sounds_the_pitch() {
        RandomJob random(7);
        int found = 0;
        for (int i = 0; i < 2000; ++i) {
            const StiffString string{random.number(0.2, 15), random.number(0, 8000), random.number(0, 1)};
            const double length_mm = random.number(200, 1200);
            const double wanted_hz = random.number(20, 900);
            const std::optional<double> tension = tension_n(string, length_mm, wanted_hz);
            if (!tension) continue;
            ++found;
            QVERIFY(near(pitch_hz(string, length_mm, *tension), wanted_hz));
        }
        QVERIFY(found > 1000);
        QVERIFY(!tension_n({0.1, 1e7, 0.5}, 300, 100)); // its bending alone sounds higher
    }
    void the_second_mode_stands_above_the_octave() {
        const StiffString string{0.5, 80 * std::pow(0.01 * 640, 2), 0.25};
        const double cents = harmonic_above_octave_cents(string, 640, 80);
        // 3/2 of pi squared times the square of the ratio, in cents, but for the ends.
        QVERIFY(std::abs(cents - 1200 / std::numbers::ln2 * 1.5 * pi * pi * 1e-4) < 0.03);
        QCOMPARE(harmonic_above_octave_cents({0.5, 0.0, 0.25}, 640, 80), 0.0);
    }

    void a_plain_string_is_its_core() {
        const MakeUp made = make_up(string_of(330, "E4", 0.3, false, 0));
        QCOMPARE(made.core_mm, 0.3);
        QVERIFY(near(made.unit_mass_g_m, 7850 * pi * 0.09 / 4 * 1e-3));
        QVERIFY(near(made.stretch_stiffness_n, 200e3 * pi * 0.09 / 4));
        QVERIFY(near(made.bending_stiffness_n_mm2, 200e3 * pi * std::pow(0.3, 4) / 64));
        QVERIFY(!made.core_estimated);
    }
    void a_wound_string_adds_its_layer() {
        StringDesign string = string_of(110, "A2", 1.0, true, 0);
        const MakeUp guessed = make_up(string);
        QVERIFY(guessed.core_estimated && near(guessed.core_mm, 0.245 + 0.17));
        QVERIFY(near(make_up(string_of(600, "D5", 0.3, true, 0)).core_mm, 0.24)); // at most 0.8 of the string
        string.core_mm = 0.4;
        const MakeUp made = make_up(string);
        const double wire_mm = 0.3;
        QVERIFY(near(made.unit_mass_g_m, (7850 * pi * 0.16 / 4 + 8900 * pi * pi * wire_mm * 0.7 / 4) * 1e-3));
        string.unit_mass_g_m = 4.4;
        QVERIFY(make_up(string).unit_mass_g_m == 4.4 && !make_up(string).mass_estimated);
    }
    void every_core_has_its_own_figures_data() {
        QTest::addColumn<int>("core");
        QTest::addColumn<double>("density");
        QTest::addColumn<double>("modulus_gpa");
        QTest::addColumn<double>("bending_share");
        QTest::newRow("steel") << 0 << 7850.0 << 200.0 << 1.0;
        QTest::newRow("nylon") << 1 << 950.0 << 5.0 << 1.0;
        QTest::newRow("fluorocarbon") << 2 << 1780.0 << 3.5 << 1.0;
        QTest::newRow("gut") << 3 << 1300.0 << 6.0 << 1.0;
        QTest::newRow("nylon_floss") << 4 << 1140.0 << 5.0 << 0.05;
    }
    void every_core_has_its_own_figures() {
        QFETCH(int, core);
        QFETCH(double, density);
        QFETCH(double, modulus_gpa);
        QFETCH(double, bending_share);
        StringDesign string = string_of(196, "G3", 0.8, false, 0);
        string.core = static_cast<CoreMaterial>(core);
        const MakeUp made = make_up(string);
        QVERIFY(near(made.unit_mass_g_m, density * pi * 0.64 / 4 * 1e-3));
        QVERIFY(near(made.stretch_stiffness_n, modulus_gpa * 1e3 * pi * 0.64 / 4));
        QVERIFY(near(made.bending_stiffness_n_mm2,
                     bending_share * modulus_gpa * 1e3 * pi * std::pow(0.8, 4) / 64));
        string.core_modulus_gpa = 7.0;
        string.core_density_kg_m3 = 1000.0;
        QVERIFY(near(make_up(string).stretch_stiffness_n, 7e3 * pi * 0.64 / 4));
        QVERIFY(near(make_up(string).unit_mass_g_m, pi * 0.64 / 4));
        string.bending_stiffness_n_mm2 = 12.0;
        QCOMPARE(make_up(string).bending_stiffness_n_mm2, 12.0);
    }

    void a_taut_line_lies_over_every_fret_it_meets() {
        // Against the definition: the upper hull found by trying every fret as the next.
        for (unsigned seed = 0; seed < 200; ++seed) {
            RandomJob random(seed);
            Design design = job_of(random.document()).design;
            design.neck.fret_offsets_mm.clear();
            for (int n = 0; n < design.neck.frets; ++n)
                design.neck.fret_offsets_mm.push_back(random.number(-0.2, 0.2));
            const Solution solution = solve(design);
            const Neck neck(design.neck);
            for (const StringSolution& solved : solution.strings) {
                const StandingString standing(StringOnNeck(neck, solved.line), solved.ends);
                TautLine taut(standing);
                for (int fret = 1; fret < design.neck.frets; ++fret) taut.add_fret(fret);
                const int last = design.neck.frets;
                const double x = standing.x_mm(last);
                const double z = standing.top_mm(last);
                double excess_mm = 0;
                for (int from = 0; from < last;) {
                    int best = last;
                    double steepest = (z - standing.top_mm(from)) / (x - standing.x_mm(from));
                    for (int to = last - 1; to > from; --to) {
                        const double slope = (standing.top_mm(to) - standing.top_mm(from)) /
                                             (standing.x_mm(to) - standing.x_mm(from));
                        if (slope > steepest) best = to, steepest = slope;
                    }
                    excess_mm += slant_excess_mm(standing.x_mm(best) - standing.x_mm(from),
                                                 standing.top_mm(best) - standing.top_mm(from));
                    from = best;
                }
                QVERIFY(std::abs(taut.excess_to_mm(x, z) - excess_mm) < 1e-12);
            }
        }
    }
};

QTEST_APPLESS_MAIN(TestStrings)
#include "tst_strings.moc"
