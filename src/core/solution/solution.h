#pragma once
#include "core/part/bridge_work.h"
#include "core/part/nut_work.h"
#include "core/part/placing.h"
#include "core/part/saddle_piece.h"
#include "core/solution/footprint.h"
#include "core/string/buzz.h"
#include "core/words/message.h"

#include <array>
#include <optional>
#include <vector>

namespace fm {

/// One string, solved. Lengths in mm; x along the string from its nut line, z over the body fret plane.
struct StringSolution {
    StringLine line;
    EndHeights ends;
    double nut_z_over_fret_line_mm = 0; ///< z_n - w(delta)
    double above_fret_line_mm = 0;      ///< z_n - F_0
    double saddle_along_mm = 0;
    std::vector<double> open_gaps_mm; ///< from fret 1
    double pressed_gap_2_mm = 0;
    double pressed_gap_3_mm = 0;
    double action12_mm = 0;
    double action12_capo_mm = 0;
    SlotWork slot;
    std::optional<NutBend> bend; ///< none without posts

    MakeUp make_up;
    CompensationStatus status = CompensationStatus::solved;
    double compensation_mm = 0;
    double compensation_before_mm = 0; ///< with the set-forward the job gives
    double rms_before_cents = 0;
    // What follows is there only if the open string can sound its pitch.
    std::optional<Sound> sound;
    std::vector<double> cents; ///< from fret 1
    std::optional<double> rms_cents;
    std::optional<double> player_force_n;            ///< what this hand plucks the open string with
    std::vector<Headroom> headroom;                  ///< from the open string to the last fret but one
    std::vector<std::optional<double>> back_gaps_mm; ///< from fret 2

    std::optional<BridgeString> bridge; ///< none without a bridge
    std::optional<SingleSaddle> single; ///< none on one saddle for all

    std::optional<double> tension_n() const {
        return sound ? std::optional(sound->tension_n[0]) : std::nullopt;
    }
    std::optional<double> core_stress_mpa() const {
        return sound ? std::optional(sound->tension_n[0] / make_up.core_area_mm2()) : std::nullopt;
    }
    std::optional<double> nut_force_n() const;
};

struct Solution {
    std::vector<StringSolution> strings;
    double nut_angle_deg = 0;
    StraightSaddle straight_saddle;
    std::optional<BridgeSolution> bridge;
    std::optional<Footprint> print; ///< of the bridge that was there, if it was measured
    SaddlePiece saddle;
    std::vector<Notch> notches;          ///< of a floating bridge
    std::optional<SingleSaddles> single; ///< none on one saddle for all
    Placing placing;
    std::vector<double> nut_gaps_mm; ///< clear space between each string and the next
    std::vector<double> saddle_gaps_mm;
    std::vector<Message> warnings;

    /// Of all strings that can sound [N].
    double total_tension_n() const;
};

/// A design already solved, to begin from when another is almost the same.
struct SolvedNear {
    const Design& design;
    const Solution& solution;
};

/// The whole solution of a checked design: one truth for every screen, sheet and command.
/// Pure: the same design gives the same solution. Source: docs/mathematics.md.
/// @param near to begin looking from: quicker, the same to a rounding
Solution solve(const Design& design, const SolvedNear* near = nullptr);

/// One string with everything its sound depends on. @param line its crown and its nut's front need not be
/// right yet
TunedString tuned_string(const Design& design, const Neck& neck, const StringLine& line, std::size_t index);

/// Where one string's heights come from: the neck and the targets it was solved with.
HeightTargets height_targets(const Design& design, const StringOnNeck& string, std::size_t index);

/// From the first to the last string along the saddle [mm].
double crown_span_along_mm(const Solution& solution);

} // namespace fm
