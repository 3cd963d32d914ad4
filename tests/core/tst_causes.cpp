// What each cause weighs and what its cure comes to, from instruments read just so: amounts by trying them,
// weights by the rules in docs/mathematics.md, "Symptom to cause".
#include "common/jobs.h"
#include "core/string/bent.h"
#include "core/symptom/symptom_case.h"

#include <QTest>

#include <cmath>
#include <map>

using namespace fm;
using namespace fm::test;

namespace {

bool near(double a, double b, double tolerance = 1e-9) {
    return std::abs(a - b) <= tolerance * std::max(1.0, std::abs(b));
}

/// An instrument that stands as wanted, as gauges without scatter read it; then changed.
struct Read {
    Design design;
    Solution target;
    ReadingEntry entry;

    explicit Read(const char* name) : design(job_of(demo_document(name)).design), target(solve(design)) {
        if (!design.neck.relief) design.neck.relief = design.neck.straight();
        target = solve(design);
        entry.relief = design.neck.relief;
        for (const StringSolution& string : target.strings) {
            StringReadings read;
            read.open_gap_fret1_mm = string.open_gaps_mm[0];
            read.action12_mm = string.action12_mm;
            entry.strings.push_back(read);
        }
    }
    /// Reads the string as it would read with its ends so much higher.
    void move(std::size_t i, double slot_mm, double saddle_mm) {
        const Neck neck(design.neck);
        const StringOnNeck on(neck, target.strings[i].line);
        const EndHeights ends{target.strings[i].ends.nut_z_mm + slot_mm,
                              target.strings[i].ends.saddle_z_mm + saddle_mm};
        entry.strings[i].open_gap_fret1_mm = open_gap_mm(on, ends, 1);
        entry.strings[i].action12_mm = open_gap_mm(on, ends, 12);
    }
    Diagnosis diagnosed(Symptom symptom, std::size_t string, int fret) const {
        return diagnosis(design, target, std::vector{entry}, {symptom, string, fret, {}, {}});
    }
    Cause cause(Symptom symptom, std::size_t string, int fret, const std::string& id) const {
        for (const Cause& each : diagnosed(symptom, string, fret).causes)
            if (each.id == id) return each;
        throw std::runtime_error("no cause " + id);
    }
    FoundInstrument instrument() const { return {design, target, std::vector{entry}}; }
};

double force_at(const FoundString& string, int fret) {
    return string.headroom[static_cast<std::size_t>(fret)].force_n.value_or(1e9);
}

} // namespace

class TestCauses : public QObject {
    Q_OBJECT
private Q_SLOTS:
    /// The cure said frees the note at this hand's pluck; a hundredth and a half less does not.
    void cures_are_just_enough() {
        for (const char* name : {"kittiwake", "curlew"}) {
            Read read(name);
            const FoundInstrument good = read.instrument();
            for (const std::size_t i : {std::size_t{0}, read.target.strings.size() - 1}) {
                Read low = read;
                low.move(i, -0.45, 0);
                const Cause slot = low.cause(Symptom::open_buzz, i, 0, "slot_low");
                if (!slot.cure() || slot.effect->text.id != "effect.raise_slot") continue;
                FoundInstrument::Change cure = *slot.cure();
                QVERIFY(cure.string == i && cure.raise_slot_mm >= 0.05);
                const FoundInstrument now = low.instrument();
                QVERIFY(force_at(now.with(cure)[i], 0) >= now.now()[i].player_force_n - 1e-6);
                const double said = cure.raise_slot_mm;
                cure.raise_slot_mm -= 0.015;
                if (said > 0.06) QVERIFY(force_at(now.with(cure)[i], 0) < now.now()[i].player_force_n);
                QVERIFY(near(std::get<LengthMm>(slot.effect->text.arguments[0]).mm, said));
            }
            for (const int fret : {2, 6}) {
                Read flat = read;
                for (std::size_t i = 0; i < read.target.strings.size(); ++i) flat.move(i, 0, -1.3);
                const std::size_t last = read.target.strings.size() - 1;
                const Cause action = flat.cause(Symptom::note_buzz, last, fret, "action_low");
                if (!action.cure() || action.effect->text.id != "effect.raise_saddle") continue;
                FoundInstrument::Change cure = *action.cure();
                const FoundInstrument now = flat.instrument();
                QVERIFY(force_at(now.with(cure)[last], fret) >= now.now()[last].player_force_n - 1e-6);
                cure.raise_saddle_mm -= 0.015;
                if (cure.raise_saddle_mm > 0.11)
                    QVERIFY(force_at(now.with(cure)[last], fret) < now.now()[last].player_force_n);
                // What the cure does to every other string stands beside it.
                const auto after = now.with(*action.cure());
                for (const SideEffect& other : action.side_effects) {
                    QVERIFY(near(other.headroom_before_n, least_headroom_n(now.now()[other.string])));
                    QVERIFY(near(other.headroom_after_n, least_headroom_n(after[other.string])));
                    QVERIFY(near(other.back_gap_after_mm, least_back_gap_mm(after[other.string])));
                }
            }
        }
    }
    /// The shortage of room times 0.3 for a small cure and 0.7 for the share it takes away.
    void a_part_weighs_by_shortage_cure_and_share() {
        Read read("kittiwake");
        const std::size_t i = 2;
        read.move(i, -0.42, 0);
        const FoundInstrument now = read.instrument();
        const Cause slot = read.cause(Symptom::open_buzz, i, 0, "slot_low");
        QCOMPARE(slot.effect->text.id, std::string("effect.raise_slot"));
        const double player_n = now.now()[i].player_force_n;
        const auto shortage = [&](const FoundString& on) {
            return std::clamp(1 - 0.5 * force_at(on, 0) / player_n, 0.0, 1.0);
        };
        const double short_now = shortage(now.now()[i]);
        const double gain = short_now - shortage(now.with(FoundInstrument::Change::slot_raised(i, 0.42))[i]);
        const double amount = *now.freeing_mm(
            i, 0, 1.0, [&](double mm) { return FoundInstrument::Change::slot_raised(i, mm); });
        const double share = gain / std::max(0.1, gain); // nothing else stands off its target
        const double small = 1 - 0.5 * std::min(1.0, amount / 0.3);
        QVERIFY(near(slot.effect->weight, short_now * (0.3 * small + 0.7 * share), 1e-6));
        QCOMPARE(slot.weight, slot.effect->weight);
    }
    void a_nut_too_high_comes_down_to_its_target() {
        Read read("kittiwake");
        read.move(1, 0.35, 0);
        read.entry.strings[1].cents = {{1, 9.0}};
        const Cause nut = read.cause(Symptom::first_frets_sharp, 1, 1, "nut_high");
        QCOMPARE(nut.effect->text.id, std::string("effect.nut_lower"));
        QVERIFY(near(std::get<LengthMm>(nut.effect->text.arguments[0]).mm, 0.35, 1e-6));
        const FoundInstrument now = read.instrument();
        const double gain = now.now()[1].sound->cents[1] -
                            now.with(FoundInstrument::Change::slot_raised(1, -0.35))[1].sound->cents[1];
        QVERIFY(gain > 0 && near(nut.effect->weight, std::min(1.0, gain / 9.0), 1e-6));
        // One that stands low is not lowered, and mends nothing.
        Read low("kittiwake");
        low.move(1, -0.2, 0);
        low.entry.strings[1].cents = {{1, 9.0}};
        const Cause as_wanted = low.cause(Symptom::first_frets_sharp, 1, 1, "nut_high");
        QCOMPARE(as_wanted.effect->text.id, std::string("effect.nut_as_wanted"));
        QVERIFY(near(as_wanted.effect->weight, 0.05));
    }
    /// What a fret stands over the one that is held, and nothing when that stands as high.
    void a_high_fret_is_counted_from_the_held_one() {
        Read read("kittiwake");
        const auto with_offsets = [&](double held_mm, double next_mm) {
            Read changed = read;
            changed.design.neck.fret_offsets_mm.assign(static_cast<std::size_t>(read.design.neck.frets), 0.0);
            changed.design.neck.fret_offsets_mm[4] = held_mm;
            changed.design.neck.fret_offsets_mm[5] = next_mm;
            changed.target = solve(changed.design);
            for (std::size_t i = 0; i < changed.target.strings.size(); ++i) changed.move(i, 0, 0);
            return changed;
        };
        const auto weight = [&](double held_mm, double next_mm) {
            return with_offsets(held_mm, next_mm).cause(Symptom::chokes_in_bend, 0, 5, "high_fret");
        };
        QVERIFY(near(weight(0.0, 0.06).effect->weight, 0.5 + 0.06 / 0.2));
        QVERIFY(near(weight(0.04, 0.10).effect->weight, 0.5 + 0.06 / 0.2));
        QVERIFY(near(weight(0.0, 0.5).effect->weight, 0.95));
        QVERIFY(!weight(0.05, 0.06).effect);
        QCOMPARE(std::get<int>(weight(0.0, 0.06).effect->text.arguments[0]), 6);
        // Of a buzz it is levelled by what frees the note, not below the fret that is held.
        const Cause level = with_offsets(0.0, 0.35).cause(Symptom::note_buzz, 0, 5, "high_fret");
        QCOMPARE(level.effect->text.id, std::string("effect.level_fret"));
        QCOMPARE(std::get<int>(level.effect->text.arguments[0]), 6);
        QVERIFY(level.effect->weight >
                with_offsets(0.30, 0.35).cause(Symptom::note_buzz, 0, 5, "high_fret").effect->weight);
    }
    void a_slots_width_is_told_from_its_string() {
        Read read("curlew");
        const double wanted_mm = read.target.strings[3].slot.width_mm;
        const auto weight = [&](double off_mm, Symptom symptom, const char* id) {
            read.entry.strings[3].slot_width_mm = wanted_mm + off_mm;
            return read.cause(symptom, 3, 0, id).effect->weight;
        };
        QVERIFY(near(weight(0.10, Symptom::sitar_at_nut, "slot_wide"), 0.5));
        QVERIFY(near(weight(0.40, Symptom::sitar_at_nut, "slot_wide"), 1.0));
        QVERIFY(near(weight(0.019, Symptom::sitar_at_nut, "slot_wide"), 0.0));
        QVERIFY(near(weight(0.021, Symptom::sitar_at_nut, "slot_wide"), 0.021 / 0.2, 1e-6));
        QVERIFY(near(weight(-0.03, Symptom::ping_when_tuning, "slot_tight"), 0.5, 1e-6));
        QVERIFY(near(weight(-0.012, Symptom::ping_when_tuning, "slot_tight"), 0.2, 1e-6));
        QVERIFY(near(weight(0.05, Symptom::ping_when_tuning, "slot_tight"), 0.0));
    }
    void angles_and_forces_weigh_by_what_is_usual() {
        const Read read("kittiwake");
        for (std::size_t i = 0; i < read.target.strings.size(); ++i) {
            const StringSolution& string = read.target.strings[i];
            const auto held = [](double weight) { return std::clamp(weight, 0.0, 1.0); };
            if (string.bend) {
                QVERIFY(near(read.cause(Symptom::sitar_at_nut, i, 0, "nut_break_shallow").effect->weight,
                             held((6 - string.bend->break_angle_deg) / 6)));
                QVERIFY(near(read.cause(Symptom::ping_when_tuning, i, 0, "side_angle_large").effect->weight,
                             held(std::abs(string.bend->side_angle_deg) / 15)));
            }
            if (!string.bridge) continue;
            const double wanted = read.design.bridge->break_angle_min_deg;
            const double deg = string.bridge->break_angle_deg;
            QVERIFY(near(read.cause(Symptom::weak_sound, i, 0, "saddle_break_shallow").effect->weight,
                         held((1.5 * wanted - deg) / wanted)));
            QVERIFY(near(read.cause(Symptom::weak_sound, i, 0, "bridge_low").effect->weight,
                         held(0.4 + 0.3 * (8 - deg) / 8)));
        }
    }
    void cents_at_the_octave_move_the_crown() {
        Read read("kittiwake");
        for (const double cents : {3.0, -4.0}) {
            read.entry.strings[0].cents = {{12, cents}};
            const bool sharp = cents > 0;
            const Cause crown = read.cause(sharp ? Symptom::sharp_up_the_neck : Symptom::flat_up_the_neck, 0,
                                           12, sharp ? "crown_forward" : "crown_back");
            QVERIFY(near(crown.effect->weight, std::abs(cents) / 5));
            QVERIFY(near(std::get<double>(crown.effect->text.arguments[0]), cents));
        }
    }
    /// One fret on several strings speaks for the fret, a region for relief, more for the action.
    void where_else_it_was_heard_turns_the_weights() {
        Read read("kittiwake");
        for (std::size_t i = 0; i < read.target.strings.size(); ++i) read.move(i, 0, -1.2);
        const auto weights = [&](const std::vector<HeardPlace>& also) {
            std::map<std::string, double> by;
            for (const Cause& each : diagnosis(read.design, read.target, std::vector{read.entry},
                                               {Symptom::note_buzz, 1, 5, also, {}})
                                         .causes)
                by[each.id] = each.weight;
            return by;
        };
        const auto alone = weights({});
        const auto same_fret = weights({{2, 5}, {3, 5}});
        const auto region = weights({{1, 7}});
        const auto neck = weights({{1, 12}});
        QVERIFY(near(same_fret.at("high_fret"), 1.4 * alone.at("high_fret")));
        QVERIFY(near(same_fret.at("action_low"), alone.at("action_low")));
        QVERIFY(near(region.at("high_fret"), 0.5 * alone.at("high_fret")));
        QVERIFY(near(region.at("relief_low"), 1.3 * alone.at("relief_low")));
        QVERIFY(near(region.at("action_low"), 0.9 * alone.at("action_low")));
        QVERIFY(near(neck.at("relief_low"), 0.9 * alone.at("relief_low")));
        QVERIFY(near(neck.at("action_low"), 1.3 * alone.at("action_low")));
        QVERIFY(near(weights({{1, 11}}).at("action_low"), 0.9 * alone.at("action_low"))); // six frets apart
        QVERIFY(near(weights({{3, 9}}).at("action_low"), alone.at("action_low")));        // one note a string
    }
    void tests_that_were_made_outweigh_what_is_computed() {
        Read read("kittiwake");
        for (std::size_t i = 0; i < read.target.strings.size(); ++i) read.move(i, 0, -1.2);
        const auto weight = [&](std::optional<TestResult> result) {
            Heard heard{Symptom::all_buzz, 1, 5, {}, {}};
            if (result) heard.answers = {{"relief_low", *result}};
            for (const Cause& each :
                 diagnosis(read.design, read.target, std::vector{read.entry}, heard).causes)
                if (each.id == "relief_low") return each.weight;
            return -1.0;
        };
        const double plain = weight({});
        QVERIFY(near(weight(TestResult::gone), 1 + plain));
        QVERIFY(near(weight(TestResult::better), 0.5 + 0.5 * plain));
        QVERIFY(near(weight(TestResult::same), 0.05 * plain));
    }
    void a_season_is_the_relief_that_moved() {
        const Read read("kittiwake");
        ReadingEntry later = read.entry;
        later.relief->depth_mm += 0.06;
        const auto found = diagnosis(read.design, read.target, {read.entry, later},
                                     {Symptom::changed_with_season, 0, 0, {}, {}});
        QCOMPARE(found.causes[0].effect->text.id, std::string("effect.more_bowed"));
        QVERIFY(near(found.causes[0].effect->weight, 0.6, 1e-6));
        QVERIFY(near(std::get<LengthMm>(found.causes[0].effect->text.arguments[0]).mm, 0.06, 1e-6));
    }
    /// Enough for a whole tone and five hundredths over the fret it meets.
    void a_bend_is_given_its_room() {
        Read read("kittiwake");
        const std::size_t last = read.target.strings.size() - 1;
        for (std::size_t i = 0; i <= last; ++i) read.move(i, 0, -1.6);
        const Cause action = read.cause(Symptom::chokes_in_bend, last, 12, "action_low");
        if (action.effect->text.id != "effect.raise_saddle_for_bends") return;
        const FoundInstrument now = read.instrument();
        const FoundString& string = now.now()[last];
        const Neck neck(now.design().neck);
        const auto room = [&](double raised_mm) {
            return bend_room(StringOnNeck(neck, read.target.strings[last].line),
                             string.standing.saddle_z_mm() + raised_mm, string.sound->tension_n[12],
                             read.target.strings[last].make_up.stretch_stiffness_n,
                             read.design.player.after_length_mm, 12, 2.0)
                .room_mm;
        };
        const double said = action.cure()->raise_saddle_mm;
        QVERIFY(room(said) >= 0.05 - 1e-6 && room(said - 0.015) < 0.05);
        QVERIFY(near(action.effect->weight, 0.9));
    }
    /// What the gauge of each part can tell, by the round's limits.
    void no_cure_is_smaller_than_its_gauge_tells() {
        QCOMPARE(least_cure_mm(Restored::slot), 0.05);
        QCOMPARE(least_cure_mm(Restored::saddle), 0.1);
        QCOMPARE(least_cure_mm(Restored::relief), 0.02);
        QCOMPARE(least_cure_mm(Restored::fret), 0.02);
    }
    /// Behind the finger: what is short of twice the room a slot put back would give, of its own fret.
    void a_slot_behind_weighs_by_the_room_it_takes() {
        for (const int fret : {3, 5}) {
            Read read("curlew");
            const std::size_t i = 2, behind = static_cast<std::size_t>(fret) - 2;
            const FoundString good = read.instrument().now()[i];
            read.design.player.back_gap_min_mm = good.back_gaps_mm[behind].value();
            read.move(i, -0.09, 0); // less than would need no other cause
            const FoundString low = read.instrument().now()[i];
            const auto shortage = [&](const FoundString& at) {
                return std::clamp(1 - 0.5 * *at.back_gaps_mm[behind] / read.design.player.back_gap_min_mm,
                                  0.0, 1.0);
            };
            const double gain = shortage(low) - shortage(good);
            const double share = gain / std::max(0.1, gain);
            const Cause slot = read.cause(Symptom::behind_finger_buzz, i, fret, "slot_deep");
            QVERIFY2(near(slot.effect->weight, std::max(0.5, shortage(low)) * (0.3 + 0.7 * share), 1e-3),
                     qPrintable(QString::number(slot.effect->weight)));
        }
    }
};

QTEST_APPLESS_MAIN(TestCauses)
#include "tst_causes.moc"
