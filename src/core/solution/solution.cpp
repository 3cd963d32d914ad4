#include "core/solution/solution.h"

#include "core/design/spacing.h"
#include "core/solution/bridge_outline.h"
#include "core/solution/check.h"

#include <cmath>
#include <numbers>

namespace fm {

HeightTargets height_targets(const Design& design, const StringOnNeck& string, std::size_t index) {
    const std::size_t count = design.strings.size();
    HeightTargets targets;
    targets.nut_method = design.nut.height_method;
    targets.nut_mm = design.nut.height.of(index, count);
    targets.pressed_fret = design.nut.pressed_fret;
    targets.action_measure = design.saddle.measured;
    targets.action_mm = design.saddle.action.of(index, count);
    if (design.nut.zero_fret) { // the string rests on the zero fret, whatever the nut's target
        targets.nut_method = NutHeightMethod::zero_fret;
        targets.nut_mm = design.nut.zero_fret->height_mm - string.neck().design().fret_height_mm;
    }
    return targets;
}

TunedString tuned_string(const Design& design, const Neck& neck, const StringLine& line, std::size_t index) {
    const StringDesign& made = design.strings[index];
    const MakeUp stuff = make_up(made);
    TunedString tuned;
    tuned.neck = &neck;
    tuned.line = line;
    tuned.targets = height_targets(design, StringOnNeck(neck, line), index);
    tuned.body = {stuff.unit_mass_g_m, stuff.bending_stiffness_n_mm2,
                  made.end_stiffness.value_or(design.player.end_stiffness)};
    tuned.stretch_stiffness_n = stuff.stretch_stiffness_n;
    tuned.pitch_hz = made.pitch_hz;
    tuned.player = design.player;
    tuned.hand = hand_on_string(design, index, line.scale_mm);
    return tuned;
}

double Solution::total_tension_n() const {
    double sum = 0;
    for (const StringSolution& string : strings) sum += string.tension_n().value_or(0.0);
    return sum;
}

std::optional<double> StringSolution::nut_force_n() const {
    if (!bend || !sound) return std::nullopt;
    return 2.0 * sound->tension_n[0] * std::sin(bend->bend_deg * std::numbers::pi / 360.0);
}

namespace {

StringSolution solved_string(const Design& design, const StringOnNeck& string, const EndHeights& ends) {
    StringSolution solved;
    solved.line = string.line();
    solved.ends = ends;
    solved.nut_z_over_fret_line_mm = ends.nut_z_mm - string.fret_line_mm();
    solved.above_fret_line_mm = ends.nut_z_mm - string.fret_line_under_string_mm();
    solved.open_gaps_mm.reserve(static_cast<std::size_t>(design.neck.frets));
    for (int fret = 1; fret <= design.neck.frets; ++fret)
        solved.open_gaps_mm.push_back(open_gap_mm(string, ends, fret));
    solved.pressed_gap_2_mm = pressed_gap_mm(string, ends, 2);
    solved.pressed_gap_3_mm = pressed_gap_mm(string, ends, 3);
    solved.action12_mm = solved.open_gaps_mm[11];
    solved.action12_capo_mm = capo_action_mm(string, ends);
    return solved;
}

void add_sound(const TunedString& tuned, const StandingString& standing, int frets, StringSolution& solved) {
    solved.sound = sound_standing(tuned, standing, frets);
    if (solved.sound) {
        solved.cents.assign(solved.sound->cents.begin() + 1, solved.sound->cents.begin() + 1 + frets);
        solved.rms_cents = rms_cents(*solved.sound, frets);
        solved.headroom = headrooms(standing, tuned.player, *solved.sound);
        solved.player_force_n = player_force_n(tuned, standing.length_left_mm(0), solved.sound->tension_n[0]);
    }
    solved.back_gaps_mm = back_gaps_mm(standing);
}

/// Whether everything the crown of a string depends on is what it was.
bool sounds_as(const Design& design, const TunedString& tuned, std::size_t i, const SolvedNear& near) {
    const Design& other = near.design;
    const StringLine& line = near.solution.strings[i].line;
    const bool same_rules = design.saddle.compensation == other.saddle.compensation &&
                            design.saddle.fixed_mm == other.saddle.fixed_mm &&
                            design.saddle.set_forward == other.saddle.set_forward &&
                            design.saddle.set_forward_max_mm == other.saddle.set_forward_max_mm &&
                            design.saddle.fret_weights == other.saddle.fret_weights &&
                            design.nut.set_forward_mm == other.nut.set_forward_mm;
    const bool same_place = tuned.line.nut_y_mm == line.nut_y_mm &&
                            tuned.line.saddle_y_mm == line.saddle_y_mm &&
                            tuned.line.scale_mm == line.scale_mm;
    return same_rules && same_place && design.strings[i] == other.strings[i] &&
           design.player == other.player && design.neck == other.neck &&
           tuned.targets == height_targets(other, StringOnNeck(*tuned.neck, tuned.line), i);
}

std::vector<CompensationGuess> guesses_from(const Design& design, const std::vector<TunedString>& tuned,
                                            const SolvedNear* near) {
    std::vector<CompensationGuess> guesses;
    if (!near) return guesses;
    for (std::size_t i = 0; i < tuned.size(); ++i) {
        const StringSolution& string = near->solution.strings[i];
        CompensationGuess guess{string.compensation_mm, string.line.set_forward_mm,
                                string.compensation_before_mm, std::nullopt};
        // Of crowns that were put on one line their own places are not known any more.
        if (design.saddle.compensation != CompensationMethod::straight &&
            sounds_as(design, tuned[i], i, *near))
            guess.known = Compensated{string.status,
                                      string.compensation_mm,
                                      string.line.set_forward_mm,
                                      string.compensation_before_mm,
                                      string.rms_before_cents,
                                      string.rms_cents.value_or(0.0)};
        guesses.push_back(guess);
    }
    return guesses;
}

/// Every crown on the best straight line through them.
void put_on_one_line(const std::vector<TunedString>& tuned, std::vector<Compensated>& crowns) {
    std::vector<StringLine> lines;
    std::vector<double> x_mm;
    std::vector<double> y_mm;
    for (std::size_t i = 0; i < tuned.size(); ++i) {
        lines.push_back(tuned[i].moved(crowns[i].compensation_mm, crowns[i].set_forward_mm));
        x_mm.push_back(lines[i].plan_x_mm(lines[i].saddle_x_mm));
        y_mm.push_back(lines[i].saddle_y_mm);
    }
    const SaddleLine best = fitted_saddle(x_mm, y_mm);
    for (std::size_t i = 0; i < tuned.size(); ++i)
        crowns[i].compensation_mm += (best.x_mm(y_mm[i]) - x_mm[i]) / lines[i].plan_cosine;
}

/// What the strings, once solved, ask of saddle and bridge.
void add_saddle_and_bridge(const Design& design, const std::vector<NutContact>& contacts,
                           const std::vector<TunedString>& tuned, Solution& solution) {
    std::vector<StringOnNeck> on;
    std::vector<BridgeStringInput> inputs;
    std::vector<double> strings_z_mm;
    std::vector<double> along_mm;
    for (std::size_t i = 0; i < contacts.size(); ++i) {
        const StringLine& line = contacts[i].string.line();
        on.push_back(contacts[i].string);
        inputs.push_back({line, contacts[i].ends, solution.strings[i].tension_n()});
        strings_z_mm.push_back(contacts[i].ends.saddle_z_mm);
    }
    solution.straight_saddle = straight_saddle(design, on, tuned);
    for (StringSolution& string : solution.strings) {
        string.saddle_along_mm =
            along_part_mm(string.line.saddle_y_mm, solution.straight_saddle.line.angle_deg);
        along_mm.push_back(string.saddle_along_mm);
    }
    if (design.saddle.are_single()) {
        solution.single = single_saddles(design, on);
        for (std::size_t i = 0; i < solution.strings.size(); ++i)
            solution.strings[i].single = solution.single->strings[i];
    }
    solution.placing =
        placing(design, on.front().neck(), solution.straight_saddle,
                solution.single ? solution.single->edge : std::nullopt, on.front().line(), on.back().line());
    if (design.bridge) {
        solution.bridge = bridge_solution(design, *design.bridge, solution.straight_saddle, inputs);
        solution.notches = bridge_notches(design, along_mm, *solution.bridge);
        if (design.bridge->outline) {
            const double front_mm = front_edge_mm(*design.bridge->outline, solution);
            solution.bridge->front_x_mm = front_mm;
            for (const PlanPoint& pin : solution.bridge->pins)
                solution.bridge->pins_from_front_mm.push_back(pin.x_mm - front_mm);
            solution.bridge->slot_from_back_mm =
                design.bridge->outline->width_mm - design.bridge->outline->front_mm;
        }
        for (std::size_t i = 0; i < solution.strings.size(); ++i)
            solution.strings[i].bridge = solution.bridge->strings[i];
        solution.print = footprint(design, solution);
    }
    solution.saddle =
        saddle_piece(design.saddle, along_mm, strings_z_mm, solution.bridge ? &*solution.bridge : nullptr);
}

} // namespace

Solution solve(const Design& design, const SolvedNear* near) {
    const Neck neck(design.neck);
    const std::size_t count = design.strings.size();
    const std::vector<double> nut_y =
        spaced_centres_mm(design.nut.spacing, design.strings, neck.half_width_mm(0.0));
    const std::vector<double> saddle_y =
        spaced_centres_mm(design.saddle.spacing, design.strings, neck.half_width_mm(neck.mean_scale_mm()));
    std::vector<StringLine> lines =
        string_lines(neck, nut_y, saddle_y, std::vector<double>(count, design.nut.set_forward_mm),
                     std::vector<double>(count, 0.0));
    std::vector<TunedString> tuned;
    for (std::size_t i = 0; i < count; ++i) tuned.push_back(tuned_string(design, neck, lines[i], i));
    std::vector<Compensated> crowns = compensated(design, tuned, guesses_from(design, tuned, near));
    if (design.saddle.compensation == CompensationMethod::straight) put_on_one_line(tuned, crowns);
    Solution solution;
    std::vector<NutContact> contacts;
    for (std::size_t i = 0; i < count; ++i) {
        lines[i] = tuned[i].moved(crowns[i].compensation_mm, crowns[i].set_forward_mm);
        const StringOnNeck string(neck, lines[i]);
        const EndHeights ends = solved_heights(string, tuned[i].targets);
        contacts.push_back({string, ends});
        StringSolution solved = solved_string(design, string, ends);
        solved.make_up = make_up(design.strings[i]);
        solved.status = crowns[i].status;
        solved.compensation_mm = crowns[i].compensation_mm;
        solved.compensation_before_mm = crowns[i].given_nut_mm;
        solved.rms_before_cents = crowns[i].rms_before_cents;
        add_sound(tuned[i], StandingString(string, ends), design.neck.frets, solved);
        if (!design.nut.posts.empty()) solved.bend = nut_bend(contacts.back(), design.nut.posts[i]);
        solution.strings.push_back(std::move(solved));
    }
    solution.nut_angle_deg = nut_angle_deg(neck, lines);
    const std::vector<SlotWork> works = slot_works(design, contacts, solution.nut_angle_deg);
    for (std::size_t i = 0; i < count; ++i) solution.strings[i].slot = works[i];
    solution.nut_gaps_mm = clear_gaps_mm(nut_y, design.strings);
    solution.saddle_gaps_mm = clear_gaps_mm(saddle_y, design.strings);
    add_saddle_and_bridge(design, contacts, tuned, solution);
    solution.warnings = doubts(design, neck, contacts, solution);
    return solution;
}

double crown_span_along_mm(const Solution& solution) {
    return solution.strings.back().saddle_along_mm - solution.strings.front().saddle_along_mm;
}

} // namespace fm
