#pragma once
// Makes complaints with known causes: spoils a good job by an amount drawn from a range, keeps it to itself,
// and gives what a person would read and hear. It knows the model, and nothing of how causes are ranked.
#include "common/jobs.h"
#include "core/found/as_found.h"
#include "core/string/bent.h"
#include "core/symptom/symptoms.h"

namespace fm::test {

struct Complaint {
    std::string kind;
    Heard heard;
    std::vector<ReadingEntry> entries;
    std::vector<std::string> causes; ///< the right one first
    std::vector<std::string_view> surveyed;
};

class ComplaintMaker {
public:
    static constexpr int kinds = 21;

    ComplaintMaker(const Design& design, unsigned seed)
        : design_(design), target_(solve(design)), random_(seed), hidden_(design) {
        if (!hidden_.neck.relief)
            hidden_.neck.relief =
                Relief{0.15, std::max(2, design.neck.body_joint_fret / 2), 1, design.neck.body_joint_fret};
        if (!design_.neck.relief) design_.neck.relief = hidden_.neck.relief;
        for (const StringSolution& string : target_.strings) {
            above_mm_.push_back(string.above_fret_line_mm);
            saddle_z_mm_.push_back(string.ends.saddle_z_mm);
            crown_mm_.push_back(0);
            width_mm_.push_back(string.slot.width_mm);
        }
    }
    const Design& design() const { return design_; }
    const Solution& target() const { return target_; }

    /// A buzz that was heard though everything stands as it should, as gauges read it.
    Complaint nothing_wrong(Symptom symptom) {
        s_ = std::uniform_int_distribution<std::size_t>(0, above_mm_.size() - 1)(random_);
        return *told("nothing wrong", symptom, symptom == Symptom::open_buzz ? 0 : whole(2, 9),
                     {"loose_part"});
    }

    /// Nothing where this job cannot be spoiled that way within the range.
    std::optional<Complaint> make(int kind) {
        s_ = std::uniform_int_distribution<std::size_t>(0, above_mm_.size() - 1)(random_);
        switch (kind) {
        case 0: // a slot too low
            above_mm_[s_] -= drawn(0.12, 0.4);
            return buzzing("slot low", Symptom::open_buzz, 0, {"slot_low"});
        case 1: // a slot too wide, by width or by feel
            width_mm_[s_] += drawn(0.15, 0.4);
            return told("slot wide", drawn(0, 1) < 0.5 ? Symptom::open_buzz : Symptom::sitar_at_nut, 0,
                        {"slot_wide"});
        case 2: // a floor that falls forward: no gauge shows it
            return told("floor tilted", drawn(0, 1) < 0.5 ? Symptom::open_buzz : Symptom::sitar_at_nut, 0,
                        {"floor_tilted"});
        case 3: { // a fret that stands high, and nobody has measured
            const int fret = whole(3, std::min(14, design_.neck.frets - 3));
            hidden_.neck.fret_offsets_mm.resize(static_cast<std::size_t>(design_.neck.frets), 0.0);
            hidden_.neck.fret_offsets_mm[static_cast<std::size_t>(fret) - 1] += drawn(0.1, 0.4);
            return buzzing("high fret", Symptom::note_buzz, fret - 1, {"high_fret"});
        }
        case 4: // a neck too straight, in the middle
            hidden_.neck.relief->depth_mm -= drawn(0.15, 0.4);
            return buzzing("relief low", Symptom::note_buzz, whole(1, 6), {"relief_low"});
        case 5: // the action too low everywhere
            lower_saddle(drawn(0.6, 1.6));
            return buzzing("action low", Symptom::all_buzz, whole(5, 12), {"action_low"});
        case 6: // one note up the neck, of a low action
            lower_saddle(drawn(0.6, 1.6));
            return buzzing("action low, a note", Symptom::note_buzz, whole(7, 12), {"action_low"});
        case 7: // behind the finger, of a deep slot
            above_mm_[s_] -= drawn(0.15, 0.5);
            return behind("slot deep", {"slot_deep"});
        case 8: // behind the finger, of a straight neck
            hidden_.neck.relief->depth_mm -= drawn(0.12, 0.4);
            return behind("neck straight", {"neck_straight"});
        case 9: // a nut too high
            above_mm_[s_] += drawn(0.25, 0.8);
            return told("nut high", Symptom::first_frets_sharp, 1, {"nut_high"});
        case 10: // the crown too far forward
            crown_mm_[s_] = -drawn(1, 3.5);
            return told("crown forward", Symptom::sharp_up_the_neck, 12, {"crown_forward"});
        case 11: // the crown too far back
            crown_mm_[s_] = drawn(1, 3.5);
            return told("crown back", Symptom::flat_up_the_neck, 12, {"crown_back"});
        case 12: // a slot too tight
            width_mm_[s_] -= drawn(0.04, 0.12);
            return told("slot tight", Symptom::ping_when_tuning, 0, {"slot_tight"});
        case 13: { // two at once: the slot low and the neck straight
            const double slot_mm = drawn(0.1, 0.35);
            const double relief_mm = drawn(0.08, 0.3);
            above_mm_[s_] -= slot_mm;
            hidden_.neck.relief->depth_mm -= relief_mm;
            return two("slot low, relief low", Symptom::open_buzz, 0, {"slot_low", "relief_low"}, slot_mm, 0,
                       relief_mm);
        }
        case 14: { // the action low and the neck straight
            const double saddle_mm = drawn(0.4, 1.4);
            const double relief_mm = drawn(0.08, 0.3);
            lower_saddle(saddle_mm);
            hidden_.neck.relief->depth_mm -= relief_mm;
            return two("action low, relief low", Symptom::note_buzz, whole(2, 9),
                       {"action_low", "relief_low"}, 0, saddle_mm, relief_mm);
        }
        case 15: { // behind the finger, of both
            const double slot_mm = drawn(0.1, 0.4);
            const double relief_mm = drawn(0.08, 0.3);
            above_mm_[s_] -= slot_mm;
            hidden_.neck.relief->depth_mm -= relief_mm;
            return behind("slot deep, neck straight", {"slot_deep", "neck_straight"}, slot_mm, relief_mm);
        }
        case 16: // sharp up the neck of its crown, and of a nut that stands high besides
            above_mm_[s_] += drawn(0.1, 0.3);
            crown_mm_[s_] = -drawn(1.5, 3.5);
            return told("crown forward, nut high", Symptom::sharp_up_the_neck, 12, {"crown_forward"});
        case 17: { // everything stands as it should, and something rattles
            const Symptom heard[] = {Symptom::rattle, Symptom::rattle, Symptom::open_buzz, Symptom::note_buzz,
                                     Symptom::all_buzz};
            Complaint made = nothing_wrong(heard[whole(0, 4)]);
            made.kind = "loose part";
            return made;
        }
        case 18: return bent();
        case 19: return dead();
        case 20: return broken();
        default: return std::nullopt;
        }
    }

private:
    double bend_room_mm(double saddle_z_mm, int fret) const {
        const Neck neck(hidden_.neck);
        const FoundString now = truth(s_);
        return bend_room(StringOnNeck(neck, target_.strings[s_].line), saddle_z_mm,
                         now.sound->tension_n[static_cast<std::size_t>(fret)],
                         target_.strings[s_].make_up.stretch_stiffness_n, hidden_.player.after_length_mm,
                         fret, 2)
            .room_mm;
    }
    /// A note that chokes in a bend of two semitones: of an action under its target, or, all being as wanted,
    /// of the board's curve.
    std::optional<Complaint> bent() {
        const int fret = whole(7, 15);
        const double wanted_mm = bend_room_mm(saddle_z_mm_[s_], fret);
        if (wanted_mm <= 0.15) return told("bend", Symptom::chokes_in_bend, fret, {"board_curve"});
        lower_saddle(drawn(0.3, 1.6));
        if (bend_room_mm(saddle_z_mm_[s_], fret) > 0.15) return std::nullopt; // it swings over that
        return told("bend", Symptom::chokes_in_bend, fret, {"action_low"});
    }
    /// A note that does not ring on: of a loose fret or old strings, seen before; of a high fret that was
    /// measured; else of the fret or the neck, which a touch tells apart.
    std::optional<Complaint> dead() {
        const int fret = whole(2, 12);
        const int kind = whole(0, 3);
        if (kind == 0) {
            for (Design* each : {&design_, &hidden_}) {
                each->neck.fret_offsets_mm.assign(static_cast<std::size_t>(design_.neck.frets), 0.0);
                each->neck.fret_offsets_mm[static_cast<std::size_t>(fret)] = drawn(0.04, 0.15);
            }
            target_ = solve(design_);
            return told("dead note", Symptom::dead_note, fret, {"high_fret"});
        }
        Complaint made = *told("dead note", Symptom::dead_note, fret,
                               {kind == 1   ? "strings_old"
                                : kind == 2 ? "fret_loose"
                                            : "neck_resonance"});
        if (kind == 1) made.surveyed = {"strings_old"};
        if (kind == 2) made.surveyed = {"fret_loose"};
        if (kind == 3)
            made.heard.answers = {{"fret_loose", TestResult::same}}; // the first test tells nothing
        return made;
    }
    /// A string that breaks: of a core strained too far, of a floor that was seen, else of an edge.
    std::optional<Complaint> broken() {
        const int kind = whole(0, 2);
        if (kind == 0) {
            for (Design* each : {&design_, &hidden_}) each->strings[s_].pitch_hz *= drawn(1.3, 1.6);
            target_ = solve(design_);
            const StringSolution& string = target_.strings[s_];
            if (!string.sound || *string.core_stress_mpa() <= usual_core_stress(string.make_up).most_mpa)
                return std::nullopt;
            return told("string breaks", Symptom::string_breaks, 0, {"core_stress"});
        }
        Complaint made =
            *told("string breaks", Symptom::string_breaks, 0, {kind == 1 ? "floor_shape" : "sharp_edge"});
        const StringSolution& string = target_.strings[s_];
        if (kind == 2 && *string.core_stress_mpa() > 0.9 * usual_core_stress(string.make_up).most_mpa)
            return std::nullopt; // a design that asks for it
        if (kind == 1)
            made.entries[0].strings[s_].slot = {drawn(0, 1) < 0.5 ? SlotFound::floor_flat
                                                                  : SlotFound::floor_forward};
        return made;
    }

    double drawn(double from, double to) { return std::uniform_real_distribution<double>(from, to)(random_); }
    int whole(int from, int to) { return std::uniform_int_distribution<int>(from, to)(random_); }
    double noise(double u) { return std::normal_distribution<double>(0, u)(random_); }
    void lower_saddle(double mm) {
        for (double& z : saddle_z_mm_) z -= mm;
    }

    FoundString truth(std::size_t i) const { return truth(i, above_mm_[i], saddle_z_mm_[i], hidden_); }
    FoundString truth(std::size_t i, double above_mm, double saddle_z_mm, const Design& design) const {
        const Neck neck(design.neck);
        StringLine line = target_.strings[i].line;
        line.saddle_x_mm += crown_mm_[i];
        const StringOnNeck on(neck, line);
        return standing_string(tuned_string(design, neck, line, i), on,
                               {on.fret_line_under_string_mm() + above_mm, saddle_z_mm});
    }
    double headroom_n(const FoundString& string, int fret) const {
        const auto n = static_cast<std::size_t>(fret);
        return n < string.headroom.size() ? string.headroom[n].force_n.value_or(1e3) : 1e3;
    }
    double back_gap_mm(const FoundString& string, int fret) const {
        const auto n = static_cast<std::size_t>(fret - 2);
        return n < string.back_gaps_mm.size() ? string.back_gaps_mm[n].value_or(1e3) : 1e3;
    }

    /// Only what is heard is complained of, and only what the fault made: a good job did not buzz there.
    std::optional<Complaint> buzzing(const char* kind, Symptom symptom, int fret,
                                     std::vector<std::string> causes) {
        const double force_n = truth(s_).player_force_n;
        if (headroom_n(truth(s_), fret) > force_n) return std::nullopt;
        if (headroom_n(truth(s_, target_.strings[s_].above_fret_line_mm, target_.strings[s_].ends.saddle_z_mm,
                             design_),
                       fret) < 1.1 * force_n)
            return std::nullopt;
        return told(kind, symptom, fret, std::move(causes));
    }
    std::optional<Complaint> two(const char* kind, Symptom symptom, int fret, std::vector<std::string> causes,
                                 double slot_mm, double saddle_mm, double relief_mm) {
        auto made = buzzing(kind, symptom, fret, std::move(causes));
        if (!made) return made;
        // The right one is that whose mending alone frees the note more.
        Design bowed = hidden_;
        bowed.neck.relief->depth_mm += relief_mm;
        const double of_part =
            headroom_n(truth(s_, above_mm_[s_] + slot_mm, saddle_z_mm_[s_] + saddle_mm, hidden_), fret);
        const double of_relief = headroom_n(truth(s_, above_mm_[s_], saddle_z_mm_[s_], bowed), fret);
        if (of_relief > of_part) std::swap(made->causes[0], made->causes[1]);
        return clear_cut(of_part, of_relief) ? made : std::nullopt;
    }
    /// Where both do as much, neither is the right one.
    static bool clear_cut(double a, double b) {
        return std::max(a, b) > 1.25 * std::max(0.0, std::min(a, b));
    }
    std::optional<Complaint> behind(const char* kind, std::vector<std::string> causes, double slot_mm = 0,
                                    double relief_mm = 0) {
        const int fret = whole(3, 6);
        const double least_mm = design_.player.back_gap_min_mm;
        const double now_mm = back_gap_mm(truth(s_), fret);
        if (now_mm >= least_mm) return std::nullopt;
        if (back_gap_mm(truth(s_, target_.strings[s_].above_fret_line_mm,
                              target_.strings[s_].ends.saddle_z_mm, design_),
                        fret) < 1.1 * least_mm)
            return std::nullopt;
        auto made = told(kind, Symptom::behind_finger_buzz, fret, std::move(causes));
        if (made->causes.size() < 2) return made;
        Design bowed = hidden_;
        bowed.neck.relief->depth_mm += relief_mm;
        const double of_slot =
            back_gap_mm(truth(s_, above_mm_[s_] + slot_mm, saddle_z_mm_[s_], hidden_), fret);
        const double of_relief = back_gap_mm(truth(s_, above_mm_[s_], saddle_z_mm_[s_], bowed), fret);
        if (of_relief > of_slot) std::swap(made->causes[0], made->causes[1]);
        return clear_cut(of_slot, of_relief) ? made : std::nullopt;
    }

    std::optional<Complaint> told(const char* kind, Symptom symptom, int fret,
                                  std::vector<std::string> causes) {
        Complaint made{kind, {symptom, s_, fret, {}, {}}, {}, std::move(causes), {}};
        ReadingEntry entry;
        const Relief& bent = *hidden_.neck.relief;
        entry.relief = bent;
        entry.relief->depth_mm += noise(0.015);
        for (std::size_t i = 0; i < above_mm_.size(); ++i) {
            const FoundString string = truth(i);
            StringReadings read;
            read.open_gap_fret1_mm = std::max(0.0, string_gap(string, 1) + noise(0.015));
            read.action12_mm = string_gap(string, 12) + noise(0.05);
            read.slot_width_mm = width_mm_[i] + noise(0.01);
            if (i == s_ && symptom == Symptom::ping_when_tuning && drawn(0, 1) < 0.5) {
                read.slot_width_mm.reset();
                read.slot = {SlotFound::binds};
            }
            if (i == s_ && made.causes[0] == "slot_wide" && drawn(0, 1) < 0.5) {
                read.slot_width_mm.reset();
                read.slot = {SlotFound::wiggles};
            }
            if (string.sound && i == s_)
                for (const int at : {1, 12})
                    read.cents.push_back(
                        {at, string.sound->cents[static_cast<std::size_t>(at)] + noise(0.3)});
            entry.strings.push_back(read);
        }
        made.entries.push_back(entry);
        return made;
    }
    static double string_gap(const FoundString& string, int fret) {
        const StandingString& on = string.standing;
        const double share = (on.x_mm(fret) - on.nut_x_mm()) / (on.saddle_x_mm() - on.nut_x_mm());
        return on.nut_z_mm() + (on.saddle_z_mm() - on.nut_z_mm()) * share - on.top_mm(fret);
    }

    Design design_;
    Solution target_;
    std::mt19937 random_;
    Design hidden_;
    std::size_t s_ = 0;
    std::vector<double> above_mm_;
    std::vector<double> saddle_z_mm_;
    std::vector<double> crown_mm_;
    std::vector<double> width_mm_;
};

} // namespace fm::test
