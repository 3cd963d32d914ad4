#include "common/jobs.h"
#include "common/transforms.h"
#include "core/found/plan.h"
#include "core/part/saddle_work.h"
#include "core/solution/quantities.h"
#include "core/solution/working.h"

#include <QTest>

#include <cmath>
#include <cstring>

using namespace fm;
using namespace fm::test;

namespace {

const unsigned law_jobs = jobs_from_seeds(150, 2000);

bool close(double a, double b, double tolerance) {
    return std::abs(a - b) <= tolerance * std::max({1.0, std::abs(a), std::abs(b)});
}

bool at_optimum(const Design& design) {
    return design.saddle.compensation == CompensationMethod::all_frets ||
           design.saddle.set_forward != SetForward::keep;
}

/// Whether a kind of number is named by one of these.
bool one_of(std::string_view key, std::initializer_list<std::string_view> names) {
    return std::any_of(names.begin(), names.end(),
                       [key](std::string_view name) { return key.find(name) != std::string_view::npos; });
}

std::string said(unsigned seed, const NumberKey& number, double a, double b) {
    return "seed " + std::to_string(seed) + ", " + number.text() + ": " + std::to_string(a) + " and " +
           std::to_string(b);
}

/// The same number seen in the mirror.
NumberKey in_mirror(const Solution& solution, NumberKey number) {
    const std::size_t last = solution.strings.size() - 1;
    const std::string_view key = number.quantity->key;
    if (number.quantity->of_string())
        number.string = last - number.string;
    else if (one_of(key, {"residuals", "to_crown", "pins", "saddle.height", "take_off", "notches"}))
        number.item = last - number.item;
    else if (one_of(key, {"gaps_mm[]"}))
        number.item = last - 1 - number.item;
    if (key.starts_with("placing.")) { // named by their side
        std::string other(key);
        for (const auto& [from, to] : {std::pair{"bass", "treble"}, std::pair{"treble", "bass"}})
            if (key.find(from) != std::string_view::npos)
                other.replace(key.find(from), std::strlen(from), to);
        for (const Quantity& quantity : quantities())
            if (quantity.key == other) number.quantity = &quantity;
    }
    return number;
}

/// By what power of the scale a number grows.
double power(QuantityKind kind) {
    switch (kind) {
    case QuantityKind::length: return 1;
    case QuantityKind::force:
    case QuantityKind::unit_mass: return 2;
    case QuantityKind::moment: return 3;
    case QuantityKind::angle:
    case QuantityKind::cents:
    case QuantityKind::stress:
    case QuantityKind::factor: return 0;
    }
    return 0;
}

} // namespace

/// Laws that hold for every number of every job, on random jobs from fixed seeds.
class TestLaws : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_mirror_image_has_the_mirrored_solution() {
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            const Solution a = solve(design);
            const Solution b = solve(mirrored(design));
            // An optimum is as sharp as its flat bottom lets two ways to it agree.
            const double tolerance = at_optimum(design) ? 1e-6 : 1e-8;
            for (const NumberKey& number : all_numbers(a)) {
                const bool changes_sides =
                    one_of(number.quantity->key,
                           {"nut_centre", "along_mm", "saddle_centre", "side_angle", "nut.angle", "slope",
                            "straight_saddle.angle", "pins[].y", "shift"});
                const double here = *value_of(a, number);
                const double there = value_of(b, in_mirror(a, number)).value_or(NAN);
                QVERIFY2(close(changes_sides ? -here : here, there, tolerance),
                         said(seed, number, here, there).c_str());
            }
        }
    }

    void everything_scales() {
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            const double by = seed % 2 == 0 ? 1.25 : 0.8;
            Design design = job_of(RandomJob(seed).document()).design;
            // How far a nut may stand forward, and what counts as resting on a fret, are lengths of their
            // own.
            design.saddle.set_forward = SetForward::keep;
            const Solution a = solve(scaled(design, 1.0));
            const Solution b = solve(scaled(design, by));
            const double tolerance = at_optimum(design) ? 1e-6 : 1e-8;
            for (const NumberKey& number : all_numbers(a)) {
                if (one_of(number.quantity->key, {"back_gap"})) continue;
                const double here = *value_of(a, number) * std::pow(by, power(number.quantity->kind));
                // From what radius on a crown counts as straight is a length of its own, too.
                if (one_of(number.quantity->key, {"crown_radius"}) && here > straight_crown_mm) continue;
                const double there = value_of(b, number).value_or(NAN);
                QVERIFY2(close(here, there, tolerance), said(seed, number, here, there).c_str());
            }
        }
    }

    void open_and_pressed_targets_reproduce_each_other() {
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            Design design = job_of(RandomJob(seed).document()).design;
            design.saddle.compensation = CompensationMethod::fixed;
            design.saddle.set_forward = SetForward::keep;
            const Solution first = solve(design);
            const auto read_as = [&](NutHeightMethod method, int fret, const Solution& from) {
                design.nut.height_method = method;
                design.nut.pressed_fret = fret;
                design.nut.height.each_mm.clear();
                for (const StringSolution& s : from.strings)
                    design.nut.height.each_mm.push_back(method == NutHeightMethod::open_gap
                                                            ? s.open_gaps_mm[0]
                                                        : fret == 2 ? s.pressed_gap_2_mm
                                                                    : s.pressed_gap_3_mm);
                return solve(design);
            };
            const Solution open = read_as(NutHeightMethod::open_gap, 3, first);
            const Solution pressed =
                read_as(NutHeightMethod::pressed_gap, 2 + static_cast<int>(seed % 2), open);
            for (std::size_t i = 0; i < first.strings.size(); ++i)
                for (const Solution* same : {&open, &pressed}) {
                    QVERIFY(close(same->strings[i].ends.nut_z_mm, first.strings[i].ends.nut_z_mm, 1e-9));
                    QVERIFY(
                        close(same->strings[i].ends.saddle_z_mm, first.strings[i].ends.saddle_z_mm, 1e-9));
                }
        }
    }

    void a_lower_action_never_raises_a_headroom() {
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            RandomJob random(seed);
            Design design = job_of(random.document()).design;
            design.saddle.set_forward = SetForward::keep;
            const Solution high = solve(design);
            const double lower_mm = random.number(0.01, 0.5);
            design.saddle.action.bass_mm -= lower_mm;
            design.saddle.action.treble_mm -= lower_mm;
            const Solution low = solve(design);
            for (std::size_t i = 0; i < high.strings.size(); ++i)
                for (std::size_t n = 0; n < high.strings[i].headroom.size(); ++n) {
                    const Headroom& before = high.strings[i].headroom[n];
                    const Headroom& after = low.strings[i].headroom[n];
                    if (!before.force_n) continue;
                    QVERIFY2(after.force_n && *after.force_n <= *before.force_n * (1 + 1e-9),
                             qPrintable(QStringLiteral("seed %1, string %2, fret %3: %4 and %5")
                                            .arg(seed)
                                            .arg(i)
                                            .arg(n)
                                            .arg(*before.force_n)
                                            .arg(after.force_n.value_or(-1))));
                }
        }
    }

    /// What is cut by once there are readings stands where the plan says its strings will stand.
    void the_work_stands_as_the_plan_says() {
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            const Job job = job_of(RandomJob(seed).document_with_readings());
            const Solution target = solve(job.design);
            const auto made = plan(job.design, target, job.readings, PlanOrder::neck_saddle_nut);
            if (!made || job.design.nut.zero_fret) continue; // a zero fret sets the nut's height itself
            const Work work = work_of(job.design, target, made);
            QVERIFY(work.by_plan);
            const Neck neck(work.design.neck);
            for (std::size_t i = 0; i < target.strings.size(); ++i) {
                if (!made->strings[i]) continue;
                // On the line as it was written: the crowns move a little with the heights.
                const StringOnNeck on(neck, target.strings[i].line);
                const EndHeights ends = solved_heights(on, height_targets(work.design, on, i));
                QVERIFY(close(ends.nut_z_mm - on.fret_line_under_string_mm(),
                              made->strings[i]->above_fret_line_mm, 1e-8));
                QVERIFY(close(ends.saddle_z_mm, made->strings[i]->saddle_z_mm, 1e-8));
            }
        }
    }

    /// A step that is left changes no reading, and asks for nothing.
    void what_is_left_stays() {
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            Job job = job_of(RandomJob(seed).document_with_readings());
            const Solution target = solve(job.design);
            job.design.choices = {ReliefChoice::leave, SaddleChoice::leave, NutChoice::leave};
            const auto made = plan(job.design, target, job.readings, PlanOrder::neck_nut_saddle);
            if (!made) continue;
            QCOMPARE(made->saddle.cut.pack_mm, 0.0);
            for (std::size_t i = 0; i < target.strings.size(); ++i) {
                if (!made->relief.after[i]) continue;
                QCOMPARE(made->nut.take_off_mm[i].value(), 0.0);
                for (const After* after : {&made->nut.after, &made->saddle.after}) {
                    QCOMPARE((*after)[i]->open_gap_fret1_mm, made->relief.after[i]->open_gap_fret1_mm);
                    QCOMPARE((*after)[i]->action12_mm, made->relief.after[i]->action12_mm);
                }
            }
        }
    }

    void a_plan_ends_at_the_target() {
        unsigned planned = 0;
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            Job job = job_of(RandomJob(seed).document_with_readings());
            const Solution target = solve(job.design);
            // Everything done, whatever counts: the neck set, and both parts made new.
            job.design.choices = {job.design.neck.relief ? std::optional(ReliefChoice::set) : std::nullopt,
                                  SaddleChoice::renew, NutChoice::replace};
            if (!job.design.neck.relief) { // nothing else can be wanted of a neck that has none
                std::vector<ReadingEntry> straight = job.readings.written();
                for (ReadingEntry& entry : straight) entry.relief.reset();
                job.readings = straight;
            }
            for (const PlanOrder order : {PlanOrder::neck_saddle_nut, PlanOrder::neck_nut_saddle}) {
                const std::optional<Plan> made = plan(job.design, target, job.readings, order);
                if (!made) continue;
                ++planned;
                const After& last =
                    order == PlanOrder::neck_saddle_nut ? made->nut.after : made->saddle.after;
                for (std::size_t i = 0; i < last.size(); ++i) {
                    if (!last[i]) continue;
                    const StringSolution& wanted = target.strings[i];
                    QVERIFY(close(last[i]->open_gap_fret1_mm, wanted.open_gaps_mm[0], 1e-9));
                    QVERIFY(close(last[i]->pressed_gap_2_mm, wanted.pressed_gap_2_mm, 1e-9));
                    QVERIFY(close(last[i]->pressed_gap_3_mm, wanted.pressed_gap_3_mm, 1e-9));
                    QVERIFY(close(last[i]->action12_mm, wanted.action12_mm, 1e-9));
                    QVERIFY(close(last[i]->action12_capo_mm, wanted.action12_capo_mm, 1e-9));
                }
            }
        }
        QVERIFY(planned > law_jobs); // most of them twice
    }

    void equal_gaps_are_equal() {
        unsigned found = 0;
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            const bool courses = course_starts(design.strings).size() < design.strings.size();
            const Solution solution = solve(design);
            for (const auto& [spacing, gaps] :
                 {std::pair{&design.nut.spacing, &solution.nut_gaps_mm},
                  std::pair{&design.saddle.spacing, &solution.saddle_gaps_mm}}) {
                if (courses || spacing->method != SpacingMethod::equal_gaps || gaps->empty()) continue;
                ++found;
                const auto [least, most] = std::minmax_element(gaps->begin(), gaps->end());
                QVERIFY(*most - *least < 1e-9);
            }
        }
        QVERIFY(found > law_jobs / 4);
    }

    void an_explained_number_is_the_solved_one() {
        for (unsigned seed = 0; seed < law_jobs; ++seed) {
            const Design design = job_of(RandomJob(seed).document()).design;
            const Solution solution = solve(design);
            const std::vector<NumberKey> numbers = all_numbers(solution);
            for (std::size_t k = seed % 37; k < numbers.size(); k += 37) {
                const auto made = working(design, solution, numbers[k].text());
                QVERIFY2(made, numbers[k].text().c_str());
                QCOMPARE(made->result, *value_of(solution, numbers[k]));
                double sum = 0;
                for (const Term& term : made->terms) sum += term.sign == '-' ? -term.value : term.value;
                QVERIFY2(!made->is_sum || close(sum, made->result, 1e-9), numbers[k].text().c_str());
            }
        }
    }

    /// Guesses only make it quicker: the same numbers from afar and from near.
    void where_the_search_begins_does_not_matter() {
        for (unsigned seed = 0; seed < law_jobs / 4; ++seed) {
            Design design = job_of(RandomJob(seed).document()).design;
            const Design before = design;
            const Solution once = solve(before);
            // On all strings, or on one alone: then the others are taken as they are.
            if (seed % 2 == 0)
                design.neck.fret_height_mm += 0.01;
            else
                design.strings.back().diameter_mm += 0.01;
            const SolvedNear start{before, once};
            const Solution far = solve(design);
            const Solution near = solve(design, &start);
            for (const NumberKey& number : all_numbers(far)) {
                const double a = *value_of(far, number);
                const double b = value_of(near, number).value_or(NAN);
                QVERIFY2(close(a, b, at_optimum(design) ? 1e-6 : 1e-8), said(seed, number, a, b).c_str());
            }
        }
    }
};

QTEST_APPLESS_MAIN(TestLaws)
#include "tst_laws.moc"
