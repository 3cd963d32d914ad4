#include "common/complaints.h"

#include <QTest>

#include <map>

using namespace fm;
using namespace fm::test;

namespace {

/// An instrument that stands exactly as wanted, as gauges without scatter read it.
ReadingEntry read_at_target(const Design& design, const Solution& target) {
    ReadingEntry entry;
    entry.relief = design.neck.relief;
    for (const StringSolution& string : target.strings) {
        StringReadings read;
        read.open_gap_fret1_mm = string.open_gaps_mm[0];
        read.action12_mm = string.action12_mm;
        entry.strings.push_back(read);
    }
    return entry;
}

} // namespace

/// From complaints with known causes back to the causes.
class TestSymptoms : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void the_right_cause_comes_first() {
        struct Count {
            int all = 0;
            int first = 0;
            int second = 0;
        };
        std::map<std::string, Count> counts;
        Count sum;
        const unsigned seeds = jobs_from_seeds(12, 60);
        for (const char* name : {"kittiwake", "curlew", "groundswell"}) {
            const Design design = job_of(demo_document(name)).design;
            for (unsigned seed = 0; seed < seeds; ++seed)
                for (int kind = 0; kind < ComplaintMaker::kinds; ++kind) {
                    // Not every amount is heard: a few are drawn.
                    std::optional<ComplaintMaker> maker;
                    std::optional<Complaint> made;
                    for (unsigned draw = 0; draw < 20 && !made; ++draw) {
                        maker.emplace(design, (seed * 100 + static_cast<unsigned>(kind)) * 20 + draw);
                        made = maker->make(kind);
                    }
                    if (!made) continue;
                    const Diagnosis found = diagnosis(maker->design(), maker->target(), made->entries,
                                                      made->heard, made->surveyed);
                    Count& count = counts[made->kind];
                    const bool first = found.causes[0].id == made->causes[0];
                    const bool second = found.causes.size() > 1 && found.causes[1].id == made->causes[0];
                    for (Count* each : {&count, &sum}) {
                        ++each->all;
                        each->first += first;
                        each->second += first || second;
                    }
                }
        }
        for (const auto& [kind, count] : counts) {
            qInfo("%-28s %4d  first %5.1f %%  among two %5.1f %%", kind.c_str(), count.all,
                  100.0 * count.first / count.all, 100.0 * count.second / count.all);
        }
        qInfo("%-28s %4d  first %5.1f %%  among two %5.1f %%", "all", sum.all, 100.0 * sum.first / sum.all,
              100.0 * sum.second / sum.all);
        QCOMPARE(counts.size(), std::size_t{ComplaintMaker::kinds});
        QVERIFY(sum.first >= 0.9 * sum.all);
        QVERIFY(sum.second >= 0.98 * sum.all);
    }

    /// The ear is right: what was heard is never answered with room enough, and no gauge can tell less than
    /// what is advised.
    void a_buzz_that_was_heard_is_there() {
        for (const char* name : {"kittiwake", "curlew", "groundswell", "lantern"}) {
            const Design design = job_of(demo_document(name)).design;
            for (unsigned seed = 0; seed < jobs_from_seeds(20, 500); ++seed)
                for (const Symptom symptom : buzzes) {
                    ComplaintMaker maker(design, seed);
                    const Complaint right = maker.nothing_wrong(symptom);
                    const Diagnosis found =
                        diagnosis(maker.design(), maker.target(), right.entries, right.heard);
                    for (const Cause& cause : found.causes) {
                        if (!cause.effect) continue;
                        QVERIFY(english(cause.effect->text).find("room enough") == std::string::npos);
                        for (const Argument& argument : cause.effect->text.arguments)
                            if (const LengthMm* length = std::get_if<LengthMm>(&argument))
                                QVERIFY(cause.id == "neck_straight" || length->mm >= 0.02);
                    }
                }
        }
    }

    void where_everything_is_right_something_is_loose() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution target = solve(design);
        const Neck neck(design.neck);
        const ReadingEntry entry = read_at_target(design, target);
        for (const Symptom symptom : buzzes)
            QCOMPARE(diagnosis(design, target, {entry}, {symptom, 1, 3, {}, {}}).causes[0].id,
                     std::string("loose_part"));
    }

    /// Nothing is called read that was not: causes keep their standing from experience, and a reading or a
    /// test that costs nothing comes first.
    void without_readings_a_reading_comes_first() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution target = solve(design);
        const std::array of_the_design{"high_fret",         "floor_tilted", "side_angle_large",
                                       "board_curve",       "core_stress",  "saddle_break_shallow",
                                       "bridge_low",        "press_deep",   "bridge_lifting",
                                       "nut_break_shallow", "nut_high",     "nut_back"};
        for (std::size_t i = 0; i < symptom_count; ++i) {
            const auto symptom = static_cast<Symptom>(i);
            const Diagnosis found = diagnosis(design, target, {}, {symptom, 1, 3, {}, {}});
            if (std::find(buzzes.begin(), buzzes.end(), symptom) != buzzes.end())
                QVERIFY(!found.missing_keys.empty());
            QVERIFY(found.causes[found.tests[0]].test_effort <= 2 && !found.causes.empty());
            for (const Cause& cause : found.causes)
                if (std::find(of_the_design.begin(), of_the_design.end(), cause.id) == of_the_design.end())
                    QVERIFY2(!cause.effect, cause.id.c_str());
        }
    }

    /// Gone, better, the same: a cause's test outweighs what was computed by that much.
    void what_a_test_showed_moves_its_cause() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution target = solve(design);
        const auto weight = [&](std::vector<TestAnswer> answers) {
            for (const Cause& cause :
                 diagnosis(design, target, {}, {Symptom::open_buzz, 1, 0, {}, std::move(answers)}).causes)
                if (cause.id == "slot_wide") return cause.weight;
            return -1.0;
        };
        const double before = weight({});
        QVERIFY(weight({{"slot_wide", TestResult::same}}) < 0.1 * before);
        QVERIFY(weight({{"slot_wide", TestResult::better}}) > before);
        QVERIFY(weight({{"slot_wide", TestResult::gone}}) > weight({{"slot_wide", TestResult::better}}));
        QVERIFY(weight({{"slot_wide", TestResult::gone}}) > 1);
    }

    /// A bent string climbs the board's curve: the more the smaller its radius, not at all on a flat board
    /// that is straight, and two semitones take the more aside the stiffer the string.
    void a_bend_climbs_the_curve() {
        Design design = job_of(demo_document("groundswell")).design;
        const auto room = [&](const Design& on, double semitones, std::size_t i) {
            const Solution solved = solve(on);
            const Neck neck(on.neck);
            const StringSolution& string = solved.strings[i];
            return bend_room(StringOnNeck(neck, string.line), string.ends.saddle_z_mm,
                             string.sound->tension_n[12], string.make_up.stretch_stiffness_n, 0, 12,
                             semitones);
        };
        Design round = design;
        round.neck.radius_nut_mm = round.neck.radius_end_mm = 180;
        Design flat = design;
        flat.neck.radius_nut_mm = flat.neck.radius_end_mm = 0;
        const std::size_t treble = design.strings.size() - 1;
        QVERIFY(room(round, 2, treble).room_mm < room(flat, 2, treble).room_mm);
        for (const double semitones : {1.0, 2.0, 3.0}) {
            QVERIFY(room(round, semitones + 1, treble).room_mm < room(round, semitones, treble).room_mm);
            // Pulled aside by that much the string is as much longer as the tension asks for.
            const Solution solved = solve(round);
            const Neck neck(round.neck);
            const StringSolution& string = solved.strings[treble];
            const double x = StringOnNeck(neck, string.line).fret_x_mm(12);
            const double a = x - string.line.set_forward_mm, b = string.line.saddle_x_mm - x;
            const double aside = room(round, semitones, treble).aside_mm;
            const double longer = std::hypot(a, aside) + std::hypot(b, aside) - a - b;
            const double tension =
                string.sound->tension_n[12] + string.make_up.stretch_stiffness_n * longer / (a + b);
            QVERIFY(std::abs(12 * std::log2(std::sqrt(tension / string.sound->tension_n[12])) - semitones) <
                    1e-6);
        }
    }

    /// What would mend a tenth of what was heard is no cure; a crown that would leave its saddle is the
    /// bridge's matter.
    void cures_that_mend_nothing_are_not_proposed() {
        const Design design = job_of(demo_document("kittiwake")).design;
        const Solution target = solve(design);
        ReadingEntry entry = read_at_target(design, target);
        for (auto& [string, read] : entry.strings.read()) read.cents = {{1, 12}, {12, 14}};
        const Diagnosis first =
            diagnosis(design, target, {entry}, {Symptom::first_frets_sharp, 1, 1, {}, {}});
        QCOMPARE(first.causes[0].id, std::string("nut_back"));
        for (const Cause& cause : first.causes)
            if (cause.id == "nut_high") QCOMPARE(cause.effect->text.id, std::string("effect.nut_as_wanted"));
        const Diagnosis sharp =
            diagnosis(design, target, {entry}, {Symptom::sharp_up_the_neck, 1, 12, {}, {}});
        QCOMPARE(sharp.causes[0].effect->text.id, std::string("effect.crown_leaves"));
        const Diagnosis old =
            diagnosis(design, target, {entry}, {Symptom::sharp_up_the_neck, 1, 12, {}, {}}, {"strings_old"});
        QVERIFY(old.causes[0].id == "strings_old" || old.causes[1].id == "strings_old");
    }

    void a_slot_too_low_buzzes_behind_the_finger() {
        Design design = job_of(demo_document("kittiwake")).design;
        design.neck.relief->depth_mm = 0.05;
        const Solution target = solve(design);
        const Neck neck(design.neck);
        for (double low_mm = 0.15; low_mm <= 0.351; low_mm += 0.05)
            for (std::size_t s = 0; s < target.strings.size(); ++s) {
                ReadingEntry entry;
                entry.relief = design.neck.relief;
                for (std::size_t i = 0; i < target.strings.size(); ++i) {
                    const StringOnNeck on(neck, target.strings[i].line);
                    EndHeights ends = target.strings[i].ends;
                    if (i == s) ends.nut_z_mm -= low_mm;
                    StringReadings read;
                    read.open_gap_fret1_mm = std::max(0.0, open_gap_mm(on, ends, 1));
                    read.action12_mm = open_gap_mm(on, ends, 12);
                    entry.strings.push_back(read);
                }
                const Diagnosis found =
                    diagnosis(design, target, {entry}, {Symptom::behind_finger_buzz, s, 4, {}, {}});
                QCOMPARE(found.causes[0].id, std::string("slot_deep"));
                QVERIFY(std::get<LengthMm>(found.causes[0].effect->text.arguments[0]).mm >= 0.05);
            }
    }

private:
    static constexpr std::array buzzes{Symptom::open_buzz, Symptom::note_buzz, Symptom::all_buzz,
                                       Symptom::behind_finger_buzz};
};

QTEST_APPLESS_MAIN(TestSymptoms)
#include "tst_symptoms.moc"
