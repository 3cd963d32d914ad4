#include "common/jobs.h"
#include "core/solution/set_forward.h"
#include "core/solution/solution.h"
#include "core/string/compensation.h"
#include "core/string/root.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

#ifdef __SANITIZE_ADDRESS__
constexpr unsigned share = 10; // each job takes ten times as long
#else
constexpr unsigned share = 1;
#endif

/// The measure compensation is judged by: (weighted) squares of the errors of all frets.
double squares(const Design& design, const TunedString& tuned, double c_mm, double delta_mm) {
    const auto heard = sound(tuned, c_mm, delta_mm, design.neck.frets);
    if (!heard) return 1e9;
    double sum = 0;
    const auto& weights = design.saddle.fret_weights;
    const bool weighted = design.saddle.compensation == CompensationMethod::all_frets && !weights.empty();
    for (std::size_t n = 1; n <= static_cast<std::size_t>(design.neck.frets); ++n)
        sum += (weighted ? weights[n - 1] : 1.0) * heard->cents[n] * heard->cents[n];
    return sum;
}

/// A random job that asks for this compensation.
Design design_of(unsigned seed, CompensationMethod method, SetForward forward) {
    RandomJob random(seed);
    Design design = job_of(random.document()).design;
    design.saddle.compensation = method;
    design.saddle.set_forward = forward;
    design.saddle.fixed_mm = random.number(0, 3);
    if (method == CompensationMethod::all_frets && random.chance(0.3))
        for (int n = 0; n < design.neck.frets; ++n) design.saddle.fret_weights.push_back(random.number(0, 2));
    return design;
}

} // namespace

/// Compensation against its definition, by trying other places.
class TestCompensation : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_octave_is_true() {
        for (unsigned seed = 0; seed < 300 / share; ++seed)
            for (const SetForward forward : {SetForward::keep, SetForward::common, SetForward::each})
                for (const StringSolution& string :
                     solve(design_of(seed, CompensationMethod::octave, forward)).strings)
                    QVERIFY2(std::abs(string.cents[11]) < 1e-7, qPrintable(QString::number(seed)));
    }
    void no_other_crown_makes_the_squares_less() {
        for (unsigned seed = 0; seed < 300 / share; ++seed) {
            const Design design = design_of(seed, CompensationMethod::all_frets, SetForward::keep);
            const Solution solution = solve(design);
            const Neck neck(design.neck);
            for (std::size_t i = 0; i < solution.strings.size(); ++i) {
                const StringSolution& string = solution.strings[i];
                const TunedString tuned = tuned_string(design, neck, string.line, i);
                const double delta_mm = string.line.set_forward_mm;
                const double here = squares(design, tuned, string.compensation_mm, delta_mm);
                for (const double off : {-3.0, -0.5, -0.02, 0.02, 0.5, 3.0})
                    QVERIFY(squares(design, tuned, string.compensation_mm + off, delta_mm) >= here);
            }
        }
    }
    void no_other_nut_makes_the_squares_less_data() {
        QTest::addColumn<int>("method");
        QTest::addColumn<bool>("common");
        for (const auto& [name, method] :
             {std::pair{"fixed", CompensationMethod::fixed}, std::pair{"octave", CompensationMethod::octave},
              std::pair{"all frets", CompensationMethod::all_frets}})
            for (const bool common : {false, true})
                QTest::addRow("%s, %s", name, common ? "common" : "each")
                    << static_cast<int>(method) << common;
    }
    void no_other_nut_makes_the_squares_less() {
        QFETCH(int, method);
        QFETCH(bool, common);
        for (unsigned seed = 0; seed < 60 / share; ++seed) {
            const Design design = design_of(seed, static_cast<CompensationMethod>(method),
                                            common ? SetForward::common : SetForward::each);
            const Solution solution = solve(design);
            const Neck neck(design.neck);
            const std::size_t count = solution.strings.size();
            std::vector<TunedString> tuned;
            for (std::size_t i = 0; i < count; ++i)
                tuned.push_back(tuned_string(design, neck, solution.strings[i].line, i));
            // The squares of one string with the nut's front there, its crown at its best for it.
            const auto squares_at = [&](std::size_t i, double delta_mm) {
                const auto crown =
                    compensation_mm(design.saddle, tuned[i], delta_mm, solution.strings[i].compensation_mm);
                return crown ? squares(design, tuned[i], *crown, delta_mm) : 1e9;
            };
            const auto least_of = [&](std::size_t first, std::size_t last) {
                double here = 0;
                for (std::size_t i = first; i < last; ++i)
                    here += squares(design, tuned[i], solution.strings[i].compensation_mm,
                                    solution.strings[i].line.set_forward_mm);
                for (int k = 0; k <= 40; ++k) {
                    double there = 0;
                    for (std::size_t i = first; i < last; ++i) there += squares_at(i, 0.05 * k);
                    QVERIFY2(there >= here * (1 - 1e-9) - 1e-9,
                             qPrintable(QStringLiteral("seed %1, string %2, %3 mm forward: %4 under %5")
                                            .arg(seed)
                                            .arg(first)
                                            .arg(0.05 * k)
                                            .arg(there)
                                            .arg(here)));
                }
            };
            if (common) {
                for (std::size_t i = 1; i < count; ++i)
                    QCOMPARE(solution.strings[i].line.set_forward_mm,
                             solution.strings[0].line.set_forward_mm);
                least_of(0, count);
            } else {
                for (std::size_t i = 0; i < count; ++i) least_of(i, i + 1);
            }
        }
    }
    void moving_the_nut_never_makes_it_worse() {
        for (unsigned seed = 0; seed < 200 / share; ++seed)
            for (const StringSolution& string :
                 solve(design_of(seed, CompensationMethod::all_frets, SetForward::each)).strings)
                QVERIFY(design_of(seed, CompensationMethod::all_frets, SetForward::each)
                                .saddle.fret_weights.size() > 0 ||
                        *string.rms_cents <= string.rms_before_cents + 1e-9);
    }

    void a_root_is_found_wherever_there_is_one() {
        struct Case {
            const char* name;
            double (*f)(double);
        };
        // Flat, steep, with a kink, with a slope that misleads: every one rises through one root.
        const Case cases[] = {{"cube", [](double x) { return (x - 1.3) * (x - 1.3) * (x - 1.3); }},
                              {"arc", [](double x) { return std::atan(50 * (x - 0.7)); }},
                              {"kink", [](double x) { return x < 0.2 ? 0.01 * (x - 0.2) : 40 * (x - 0.2); }},
                              {"root", [](double x) { return std::cbrt(x - 0.9); }},
                              {"exponential", [](double x) { return std::exp(6 * x) - 20; }}};
        for (const Case& one : cases)
            for (const double start : {-1.0, 0.0, 0.5, 2.0}) {
                const auto root = bracketed_root(
                    [&](double x) {
                        return ValueAndSlope{one.f(x), (one.f(x + 1e-6) - one.f(x - 1e-6)) / 2e-6};
                    },
                    start, -1.0, 2.0, 1e-10);
                QVERIFY2(root, one.name);
                QVERIFY2(std::abs(one.f(*root)) < 2e-3 && one.f(*root - 1e-3) < 0 && one.f(*root + 1e-3) > 0,
                         one.name);
            }
        const auto never = [](double) { return ValueAndSlope{1.0, 0.0}; };
        QVERIFY(!bracketed_root(never, 0.0, -1.0, 1.0, 1e-10));
        const auto nothing = [](double) { return ValueAndSlope{NAN, 0.0}; };
        QVERIFY(!bracketed_root(nothing, 0.0, -1.0, 1.0, 1e-10));
    }
    /// Every further tenth gains less than the one before, and none where the front is not set forward.
    void each_tenth_of_a_set_forward_gains_less() {
        Design design = job_of(demo_document("kittiwake")).design;
        QVERIFY(set_forward_gains(design, solve(design)).empty());
        design.saddle.set_forward = SetForward::common;
        design.saddle.compensation = CompensationMethod::all_frets;
        const Solution solution = solve(design);
        const auto gains = set_forward_gains(design, solution);
        QVERIFY(gains.size() > 3);
        QVERIFY(std::abs(gains.back().forward_mm - solution.strings[0].line.set_forward_mm) < 1e-9);
        for (std::size_t k = 2; k + 1 < gains.size(); ++k) // the last is a part of a tenth
            QVERIFY(gains[k].gained_cents < gains[k - 1].gained_cents);
        QVERIFY(gains.back().rms_cents < gains.front().rms_cents);
        QCOMPARE(gains.front().forward_mm, 0.0);
        QCOMPARE(gains.front().gained_cents, 0.0);
        double squares = 0, count = 0;
        design.saddle.set_forward = SetForward::keep;
        design.nut.set_forward_mm = 0;
        for (const StringSolution& string : solve(design).strings)
            for (const double cents : string.cents) squares += cents * cents, ++count;
        QVERIFY(std::abs(gains.front().rms_cents - std::sqrt(squares / count)) < 1e-9);
    }
};

QTEST_APPLESS_MAIN(TestCompensation)
#include "tst_compensation.moc"
