#include "common/jobs.h"
#include "core/found/filing.h"
#include "core/found/fit.h"
#include "core/found/found_instrument.h"
#include "core/solution/least_action.h"
#include "core/symptom/symptoms.h"
#include "core/words/word_of.h"

#include <QTest>

#include <cmath>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance * std::max(1.0, std::abs(b));
}

/// The demo's long neck, built just as designed: every string read at its target.
struct Built {
    Design design = job_of(demo_document("curlew")).design;
    Solution solution = solve(design);
    std::vector<ReadingEntry> entries;

    Built() {
        ReadingEntry entry;
        entry.relief = design.neck.relief;
        for (const StringSolution& string : solution.strings) {
            StringReadings read;
            read.open_gap_fret1_mm = string.open_gaps_mm[0];
            read.action12_mm = string.action12_mm;
            entry.strings.push_back(read);
        }
        entries.push_back(entry);
    }
    /// What a tuner would say if the ends' stiffness and the stretch were these.
    void hear(std::size_t string, double kappa, double stretch_factor, const std::vector<int>& frets,
              CentsAgainst against = CentsAgainst::open) {
        const Neck neck(design.neck);
        TunedString tuned = tuned_string(design, neck, solution.strings[string].line, string);
        tuned.body.end_stiffness = kappa;
        tuned.stretch_stiffness_n *= stretch_factor;
        const StringOnNeck on(neck, solution.strings[string].line);
        const StandingString standing(on, solution.strings[string].ends);
        const auto heard = sound_standing(tuned, standing, design.neck.frets);
        const double above =
            against == CentsAgainst::open
                ? 0.0
                : harmonic_above_octave_cents(tuned.body, standing.open_length_mm(), heard->tension_n[0]);
        StringReadings& read = entries[0].strings[string];
        read.cents_against = against;
        for (const int fret : frets)
            read.cents.push_back({fret, heard->cents[static_cast<std::size_t>(fret)] - above});
    }
    /// The readings of the file, as a job's: some corrected by later ones.
    static std::vector<ReadingEntry> entries_of(const char* json) {
        return job_of(with(demo_document("curlew"), "readings", parse_json(json))).readings.written();
    }
    Diagnosis ask(Symptom symptom, std::size_t string, int fret) const {
        return diagnosis(design, solution, entries, {symptom, string, fret, {}, {}});
    }
};

const Cause* cause_of(const Diagnosis& found, std::string_view id) {
    for (const Cause& cause : found.causes)
        if (cause.id == id) return &cause;
    return nullptr;
}

} // namespace

/// What readings say of the instrument that is there: fit, least action, symptoms.
class TestAsFound : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// A correction earlier in the file takes no pass away from the hand that is learned since an entry.
    void a_hand_remembers_its_passes_after_a_correction() {
        const Built built;
        const auto entries = Built::entries_of(R"([
            {"when": "2031-03-04T09:00", "strings": [{"open_gap_fret1_mm": 0.92, "action12_mm": 2.4}, {}, {}, {}, {}, {}, {}, {}, {}, {}]},
            {"when": "2031-03-04T09:01", "replaces": 0,
             "strings": [{"open_gap_fret1_mm": 0.9, "action12_mm": 2.4}, {}, {}, {}, {}, {}, {}, {}, {}, {}]},
            {"when": "2031-03-04T09:02", "strings": [{"open_gap_fret1_mm": 0.9}, {}, {}, {}, {}, {}, {}, {}, {}, {}],
             "bench": {"part": "nut", "string": 0, "wanted_mm": 0}},
            {"when": "2031-03-04T09:10", "strings": [{"open_gap_fret1_mm": 0.7}, {}, {}, {}, {}, {}, {}, {}, {}, {}],
             "bench": {"part": "nut", "string": 0, "wanted_mm": 0.2}}])");
        QCOMPARE(pass_outcomes(built.design, built.solution, entries, BenchPart::nut, 3).size(),
                 std::size_t(1));
        QCOMPARE(pass_outcomes(built.design, built.solution, entries, BenchPart::nut, 4).size(),
                 std::size_t(0));
    }
    /// A gap that was read held at 3 is no gap held at 2, nor an open one.
    void a_gap_counts_as_it_was_read() {
        const Built built;
        const auto known_of = [&](const char* nut) {
            const std::string json = std::string(R"([{"when": "2031-03-04T09:00", "strings": [{)") + nut +
                                     R"(, "action12_mm": 2.4}, {}, {}, {}, {}, {}, {}, {}, {}, {}]}])";
            return known_heights(built.design, built.solution, Built::entries_of(json.c_str())).front();
        };
        QCOMPARE(known_of(R"("open_gap_fret1_mm": 0.6)").nut_pressed_fret, 0);
        QCOMPARE(known_of(R"("pressed_gap_mm": 0.06, "pressed_fret": 2)").nut_pressed_fret, 2);
        QCOMPARE(known_of(R"("pressed_gap_mm": 0.09, "pressed_fret": 3)").nut_pressed_fret, 3);
        // In a pressed school an open reading is shown as what it comes to held down, and says so.
        Design pressed = built.design;
        pressed.nut.height_method = NutHeightMethod::pressed_gap;
        pressed.nut.pressed_fret = 2;
        const Solution target = solve(pressed);
        const auto entries = Built::entries_of(R"([{"when": "2031-03-04T09:00",
            "strings": [{"open_gap_fret1_mm": 0.6, "action12_mm": 2.4}, {}, {}, {}, {}, {}, {}, {}, {}, {}]}])");
        const auto known = known_heights(pressed, target, entries);
        const auto gaps = school_gaps(pressed, target, entries, known);
        QVERIFY(gaps[0] && !gaps[1]);
        QVERIFY(gaps[0]->mm < 0.3); // no open gap of 0.6
    }
    void a_fit_finds_what_made_the_readings_data() {
        QTest::addColumn<double>("kappa");
        QTest::addColumn<double>("stretch");
        QTest::addColumn<bool>("harmonic");
        for (const double kappa : {-0.3, 0.0, 0.25, 0.6, 1.2})
            for (const bool harmonic : {false, true}) {
                QTest::addRow("ends %g%s", kappa, harmonic ? ", harmonic" : "") << kappa << 1.0 << harmonic;
                QTest::addRow("ends %g, stretch 1.3%s", kappa, harmonic ? ", harmonic" : "")
                    << kappa << 1.3 << harmonic;
            }
    }
    void a_fit_finds_what_made_the_readings() {
        QFETCH(double, kappa);
        QFETCH(double, stretch);
        QFETCH(bool, harmonic);
        for (const std::size_t string : {0U, 5U, 9U}) {
            Built built;
            const bool both = stretch != 1.0;
            built.hear(string, kappa, stretch,
                       both ? std::vector{1, 2, 3, 5, 7, 10, 12, 15, 17, 19} : std::vector{5, 7, 12},
                       harmonic ? CentsAgainst::harmonic : CentsAgainst::open);
            const auto found = fit(built.design, built.solution, built.entries, string);
            QVERIFY(found && found->stretch_stiffness_n.has_value() == both);
            QVERIFY2(near(found->end_stiffness.value, kappa, 1e-5),
                     qPrintable(QString::number(found->end_stiffness.value)));
            if (both)
                QVERIFY(near(found->stretch_stiffness_n->value,
                             1.3 * built.solution.strings[string].make_up.stretch_stiffness_n, 1e-5));
            QVERIFY(found->rms_after_cents < 1e-6 && found->rms_after_cents <= found->rms_before_cents);
            QVERIFY(found->end_stiffness.standard > 0);
            const bool outside = std::any_of(found->notes.begin(), found->notes.end(),
                                             [](const Message& note) { return note.id == "fit_outside"; });
            QCOMPARE(outside, kappa < -0.01 || kappa > 1.01);
        }
    }
    void what_cannot_be_told_apart_is_said() {
        Built built;
        built.hear(0, 0.4, 1.0, {2, 12});
        const auto little = fit(built.design, built.solution, built.entries, 0);
        QVERIFY(little && !little->stretch_stiffness_n);
        QVERIFY(!fit(built.design, built.solution, built.entries, 1)); // nothing was read there
    }
    /// What a fit says of itself follows from its numbers, near the bounds as far from them.
    void a_fit_says_how_little_it_says() {
        int little = 0;
        int nearly_little = 0;
        for (const std::size_t string : {0U, 4U, 9U})
            for (int low = 1; low < 12; ++low)
                for (int high = low + 1; high < 15; ++high) {
                    Built built;
                    built.hear(string, 0.4, 1.0, {low, high});
                    const auto found = fit(built.design, built.solution, built.entries, string);
                    QVERIFY(found);
                    const double u = found->end_stiffness.standard;
                    const bool said =
                        std::any_of(found->notes.begin(), found->notes.end(),
                                    [](const Message& note) { return note.id == "fit_says_little"; });
                    QVERIFY2(said == (u > 0.3), qPrintable(QString::number(u)));
                    little += u > 0.3 && u < 0.32 ? 1 : 0;
                    nearly_little += u > 0.28 && u <= 0.3 ? 1 : 0;
                }
        QVERIFY2(little > 0 && nearly_little > 0,
                 qPrintable(QStringLiteral("%1 %2").arg(little).arg(nearly_little)));
    }
    void scatter_in_the_readings_widens_the_deviation() {
        Built built;
        built.hear(0, 0.3, 1.0, {3, 5, 7, 12});
        const double clean = fit(built.design, built.solution, built.entries, 0)->end_stiffness.standard;
        for (std::size_t k = 0; k < 4; ++k)
            built.entries[0].strings[0].cents[k].cents += k % 2 == 0 ? 2.4 : -2.4;
        const Fit rough = *fit(built.design, built.solution, built.entries, 0);
        QVERIFY(rough.end_stiffness.standard > 2 * clean && rough.rms_after_cents > 0.5);
    }
    void a_moved_crown_moves_the_octave_as_stated() {
        const Built built;
        const Neck neck(built.design.neck);
        for (std::size_t i = 0; i < built.solution.strings.size(); ++i) {
            const StringLine& line = built.solution.strings[i].line;
            const TunedString tuned = tuned_string(built.design, neck, line, i);
            const double move_mm = crown_move_mm(StringOnNeck(neck, line), 2.0, 0.0);
            const double c_mm = built.solution.strings[i].compensation_mm;
            const double gain =
                sound(tuned, c_mm, 0.0, 12)->cents[12] - sound(tuned, c_mm + move_mm, 0.0, 12)->cents[12];
            QVERIFY2(std::abs(gain - 2.0) < 0.15,
                     qPrintable(QString::number(gain))); // heights held: a few per cent
            QVERIFY(near(crown_move_mm(StringOnNeck(neck, line), 0.0, 2.0), move_mm));
        }
    }
    void the_crown_range_brackets_the_usual_stiffness() {
        const Built built;
        for (std::size_t i = 0; i < built.solution.strings.size(); ++i) {
            const auto range = crown_range(built.design, built.solution, i);
            QVERIFY(range && range->at_0_mm < built.solution.strings[i].compensation_mm &&
                    built.solution.strings[i].compensation_mm < range->at_half_mm + 1e-9);
            for (const double stiffness : {0.0, 0.5}) {
                Design said = built.design;
                said.strings[i].end_stiffness = stiffness;
                const double there_mm = solve(said).strings[i].compensation_mm;
                QVERIFY(near(stiffness == 0 ? range->at_0_mm : range->at_half_mm, there_mm, 1e-6));
            }
        }
    }

    void as_found_is_as_designed_when_built_so() {
        const Built built;
        const std::vector<FoundString> found = as_found(built.design, built.solution, built.entries);
        for (std::size_t i = 0; i < found.size(); ++i) {
            QVERIFY(found[i].read);
            for (std::size_t n = 0; n < found[i].headroom.size(); ++n)
                QVERIFY(near(*found[i].headroom[n].force_n, *built.solution.strings[i].headroom[n].force_n));
            QVERIFY(near(found[i].sound->cents[12], built.solution.strings[i].cents[11], 1e-7));
        }
    }

    void a_given_relief_allows_no_less_than_the_best() {
        for (const char* name : {"curlew", "kittiwake"}) {
            const Design design = job_of(demo_document(name)).design;
            const auto best = least_action(design);
            QVERIFY(best);
            for (const double more_mm : {-0.05, 0.0, 0.1}) {
                const double relief_mm = std::max(0.0, best->relief.depth_mm + more_mm);
                const auto given = least_action_at(design, relief_mm);
                QVERIFY(given && given->relief.depth_mm == relief_mm);
                QVERIFY(given->mean_mm >= best->mean_mm - 1e-4);
                if (more_mm == 0.0) QVERIFY(std::abs(given->mean_mm - best->mean_mm) < 1e-3);
            }
        }
    }

    /// At the least action every place bears the hand, but for the open string over fret 1; nothing lower
    /// does.
    void the_least_action_is_least() {
        for (const char* name : {"curlew", "kittiwake", "groundswell"})
            for (const PlayingHand hand : {PlayingHand::soft, PlayingHand::hard}) {
                Design design = job_of(demo_document(name)).design;
                design.player.hand = hand;
                const auto least = least_action(design);
                QVERIFY(least && !least->limits.empty());
                QVERIFY(least->relief.depth_mm >= 0 && least->relief.depth_mm <= 0.5);
                QVERIFY(least->bass_mm >= least->treble_mm - 1e-9);
                const auto times_at = [&](double bass_mm, double treble_mm, double relief_mm) {
                    Design tried = design;
                    tried.neck.relief = least->relief;
                    tried.neck.relief->depth_mm = relief_mm;
                    tried.saddle.action = {bass_mm, treble_mm, {}};
                    double times = 1e9;
                    for (const StringSolution& string : solve(tried).strings)
                        for (std::size_t n = 0; n < string.headroom.size(); ++n)
                            if (n > 0 || string.headroom[n].fret != 1) // the nut's matter
                                times = std::min(times, string.headroom[n].force_n.value_or(1e9) /
                                                            *string.player_force_n);
                    return times;
                };
                const double here = times_at(least->bass_mm, least->treble_mm, least->relief.depth_mm);
                QVERIFY2(std::abs(here - 1.0) < 1e-4, qPrintable(QString::number(here)));
                RandomJob random(5);
                for (int k = 0; k < 60; ++k) {
                    const double tilt_mm = random.number(0, 0.5);
                    const double relief_mm = random.number(0, 0.5);
                    const double lower_mm = least->mean_mm - 0.005;
                    if (lower_mm - tilt_mm < 0.2) continue;
                    QVERIFY(times_at(lower_mm + tilt_mm, lower_mm - tilt_mm, relief_mm) < 1.0);
                }
            }
        Design design = job_of(demo_document("curlew")).design;
        design.player.pluck_force_n = 100.0;
        QVERIFY(!least_action(design)); // no action frees that
    }

    void a_low_slot_is_the_likeliest_cause_of_an_open_buzz() {
        Built built;
        built.entries[0].strings[4].open_gap_fret1_mm = 0.02;
        const Diagnosis found = built.ask(Symptom::open_buzz, 4, 0);
        QCOMPARE(found.causes.front().id, std::string("slot_low"));
        // The raise it names frees the string: told by reading the slot as raised.
        const double raise_mm = std::get<LengthMm>(found.causes.front().effect->text.arguments[0]).mm;
        const Neck neck(built.design.neck);
        const StringOnNeck on(neck, built.solution.strings[4].line);
        built.entries[0].strings[4].open_gap_fret1_mm = 0.02 + raise_mm * open_gap_per_slot_mm(on);
        const std::vector<FoundString> after = as_found(built.design, built.solution, built.entries);
        QVERIFY(*after[4].headroom[0].force_n >= after[4].player_force_n &&
                *after[4].headroom[0].force_n < 1.1 * after[4].player_force_n);
        QCOMPARE(found.causes.front().side_effects.size(), std::size_t(10));
        QCOMPARE(found.missing_keys, std::vector<std::string>{"slot_width_mm"});
    }
    void tests_go_from_cheap_to_dear() {
        const Built built;
        for (std::size_t s = 0; s < symptom_count; ++s) {
            const auto symptom = static_cast<Symptom>(s);
            QCOMPARE(of_word<Symptom>(word_of(symptom)), symptom);
            const Diagnosis found = built.ask(symptom, 2, 3);
            QVERIFY(!found.causes.empty() && found.tests.size() == found.causes.size());
            QVERIFY(!english_template("symptom." + std::string(word_of(symptom))).empty());
            for (std::size_t k = 0; k < found.causes.size(); ++k) {
                const Cause& cause = found.causes[k];
                for (const char* kind : {"cause.", "test.", "cure."})
                    QVERIFY2(!english_template(kind + cause.id).empty(), cause.id.c_str());
                if (cause.effect) QVERIFY2(!english(cause.effect->text).empty(), cause.id.c_str());
                if (k > 0)
                    QVERIFY(found.causes[found.tests[k - 1]].test_effort <=
                            found.causes[found.tests[k]].test_effort);
            }
        }
        QVERIFY(!of_word<Symptom>("dance"));
        QVERIFY(built.ask(Symptom::bridge_moves, 0, 0).causes.front().stop);
    }
    void both_cures_behind_the_finger_are_compared() {
        Built built;
        built.entries[0].relief->depth_mm = 0.0;
        for (auto& [string, read] : built.entries[0].strings.read())
            read.open_gap_fret1_mm = 0.35, read.action12_mm = 2.6;
        const Diagnosis found = built.ask(Symptom::behind_finger_buzz, 3, 5);
        const Cause* slot = cause_of(found, "slot_deep");
        const Cause* neck = cause_of(found, "neck_straight");
        QVERIFY(slot && neck);
        // Raising one slot helps one string; relief helps them all.
        const auto helped = [](const Cause& cause) {
            return std::count_if(
                cause.side_effects.begin(), cause.side_effects.end(),
                [](const SideEffect& at) { return at.back_gap_after_mm > at.back_gap_before_mm + 1e-6; });
        };
        QCOMPARE(helped(*slot), 1);
        QCOMPARE(helped(*neck), 10);
    }
    void a_sharp_octave_moves_the_crown_back() {
        Built built;
        built.entries[0].strings[6].cents.push_back({12, 4.0});
        const Diagnosis found = built.ask(Symptom::sharp_up_the_neck, 6, 12);
        QCOMPARE(found.causes.front().id, std::string("crown_forward"));
        const Neck neck(built.design.neck);
        const double move_mm = crown_move_mm(StringOnNeck(neck, built.solution.strings[6].line), 4.0, 0.0);
        QVERIFY(std::abs(std::get<LengthMm>(found.causes.front().effect->text.arguments[1]).mm - move_mm) <
                0.006);
        QVERIFY(found.missing_keys.empty());
        // Against the harmonic the same reading is a sharper note.
        built.entries[0].strings[6].cents_against = CentsAgainst::harmonic;
        const Diagnosis harmonic = built.ask(Symptom::sharp_up_the_neck, 6, 12);
        QVERIFY(harmonic.causes.front().effect->weight > found.causes.front().effect->weight);
    }
    void the_season_is_read_from_two_reliefs() {
        Built built;
        QVERIFY(!cause_of(built.ask(Symptom::changed_with_season, 0, 0), "neck_moved")->effect);
        ReadingEntry later;
        later.relief = built.design.neck.relief;
        later.relief->depth_mm -= 0.08;
        built.entries.push_back(later);
        const Diagnosis found = built.ask(Symptom::changed_with_season, 0, 0);
        QCOMPARE(found.causes.front().effect->text.id, std::string("effect.straighter"));
        QVERIFY(near(std::get<LengthMm>(found.causes.front().effect->text.arguments[0]).mm, 0.08));
    }
};

QTEST_APPLESS_MAIN(TestAsFound)
#include "tst_as_found.moc"
