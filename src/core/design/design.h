#pragma once
// The design of a job as values: what the maker decided or measured, checked once (job/read/read_job.h) and
// then const. Lengths in mm. Strings run from the bass edge to the treble edge. docs/job-file.md names the
// same things.
#include "core/words/word_of.h"

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace fm {

// Wide of every instrument, and inside the smallest radius allowed, so that every fret has a height there.
inline constexpr double farthest_string_mm = 95.0;
inline constexpr double smallest_radius_mm = 100.0;

struct Relief {
    double depth_mm = 0; ///< under a straight string held at two frets; negative: back-bow
    int at_fret = 0;
    int from_fret = 0; ///< fret 0 is the nut line
    int to_fret = 0;

    friend bool operator==(const Relief&, const Relief&) = default;
};

enum class BoardShape { flat, cylinder, cone };

/// What the truss rod can do: nothing, straighten only, or bend both ways.
enum class Rod { none, single, both_ways };
constexpr std::array<std::string_view, 3> words_of(Rod) {
    return {"none", "single", "double"};
}

struct NeckDesign {
    double scale_bass_mm = 0;
    double scale_treble_mm = 0;
    double perpendicular_fret = 0;
    int frets = 0;
    int body_joint_fret = 0;
    BoardShape shape = BoardShape::flat;
    double radius_nut_mm = 0;
    double radius_end_mm = 0;
    double radius_end_at_mm = 0;
    double fret_height_mm = 0;
    double nut_width_mm = 0;
    double end_width_mm = 0;
    std::optional<double> end_at_mm; ///< none: at the last fret
    double fret_end_bevel_mm = 0;
    double fallaway_mm = 0;
    std::vector<double> fret_offsets_mm; ///< empty, or one a fret
    std::optional<Relief> relief;        ///< wanted
    std::optional<Rod> rod;              ///< none: not known
    bool rod_stuck = false;              ///< as the survey found it
    std::optional<std::array<double, 12>> temperament_cents;

    bool fanned() const { return scale_bass_mm != scale_treble_mm; }
    double mean_scale_mm() const { return 0.5 * (scale_bass_mm + scale_treble_mm); }
    /// A straight neck, with the frets relief is read at where nothing says which.
    Relief straight() const { return {0, body_joint_fret / 2, 1, body_joint_fret}; }
    friend bool operator==(const NeckDesign&, const NeckDesign&) = default;
};

enum class CoreMaterial { steel, nylon, fluorocarbon, gut, nylon_floss };
constexpr std::array<std::string_view, 5> words_of(CoreMaterial) {
    return {"steel", "nylon", "fluorocarbon", "gut", "nylon_floss"};
}
enum class Wrap { bronze, nickel_steel, stainless, silvered_copper };
constexpr std::array<std::string_view, 4> words_of(Wrap) {
    return {"bronze", "nickel_steel", "stainless", "silvered_copper"};
}

struct StringDesign {
    double pitch_hz = 0;
    std::string pitch_name; ///< as written, or the nearest note of the pitch
    double diameter_mm = 0;
    bool wound = false;
    int course = 0; ///< neighbours with the same number stand together
    // What the maker of the string states; the rest is estimated (make_up.h).
    CoreMaterial core = CoreMaterial::steel;
    std::optional<Wrap> wrap; ///< none: taken for bronze
    std::optional<double> core_mm;
    std::optional<double> unit_mass_g_m;
    std::optional<double> core_density_kg_m3;
    std::optional<double> wrap_density_kg_m3;
    std::optional<double> core_modulus_gpa;
    std::optional<double> bending_stiffness_n_mm2;
    // What a fit to this instrument found (fit.h).
    std::optional<double> stretch_stiffness_n;
    std::optional<double> end_stiffness;
    std::optional<double> pluck_force_n; ///< measured of this hand on this string

    friend bool operator==(const StringDesign&, const StringDesign&) = default;
};

/// How far a hand draws the strings aside.
enum class PlayingHand { soft, normal, hard };
constexpr std::array<std::string_view, 3> words_of(PlayingHand) {
    return {"soft", "normal", "hard"};
}

/// How the instrument is played.
struct Player {
    double finger_behind_mm = 8;
    double press_depth_mm = 0.10;
    double after_length_mm = 0;
    double end_stiffness = 0.5;
    PlayingHand hand = PlayingHand::normal;
    std::optional<double> pluck_force_n; ///< measured of this hand; none: by its draw
    double pluck_share_down = 0.5;
    double pluck_from_saddle_mm = 110;
    double back_gap_min_mm = 0.03;

    friend bool operator==(const Player&, const Player&) = default;
};

enum class SpacingMethod { equal_centres, equal_gaps, blend, given };
constexpr std::array<std::string_view, 4> words_of(SpacingMethod) {
    return {"equal_centres", "equal_gaps", "blend", "given"};
}

struct EdgeMargins {
    double bass_mm = 0;
    double treble_mm = 0;
};

struct Spacing {
    SpacingMethod method = SpacingMethod::equal_centres;
    double blend = 0;
    std::vector<double> each_mm; ///< only for `given`
    std::optional<EdgeMargins> edge_margin_mm;
    double spread_mm = 0; ///< when there is no edge margin and no each_mm
    double bias_mm = 0;
    std::optional<double> course_gap_mm;
    std::optional<double> course_centres_mm;
};

/// A target for the outer strings, linear in the string's index between them, or one for every string.
struct Targets {
    double bass_mm = 0;
    double treble_mm = 0;
    std::vector<double> each_mm;

    double of(std::size_t string, std::size_t strings) const {
        if (!each_mm.empty()) return each_mm[string];
        if (strings == 1) return 0.5 * (bass_mm + treble_mm);
        const double share = static_cast<double>(string) / static_cast<double>(strings - 1);
        return bass_mm + (treble_mm - bass_mm) * share;
    }
};

enum class NutHeightMethod { open_gap, pressed_gap, zero_fret };
constexpr std::array<std::string_view, 3> words_of(NutHeightMethod) {
    return {"open_gap", "pressed_gap", "zero_fret"};
}
enum class ActionMeasure { open, capo_1 };
constexpr std::array<std::string_view, 2> words_of(ActionMeasure) {
    return {"open", "capo_1"};
}
enum class Seat { square, angled, curved };
constexpr std::array<std::string_view, 3> words_of(Seat) {
    return {"square", "angled", "curved"};
}
/// `straight`: as octave, and then every crown on the best straight line through them.
enum class CompensationMethod { fixed, octave, all_frets, straight };
constexpr std::array<std::string_view, 4> words_of(CompensationMethod) {
    return {"fixed", "octave", "all_frets", "straight"};
}
constexpr bool seeks_octave(CompensationMethod method) {
    return method == CompensationMethod::octave || method == CompensationMethod::straight;
}
enum class SetForward { keep, common, each };
constexpr std::array<std::string_view, 3> words_of(SetForward) {
    return {"keep", "common", "each"};
}

struct PlainWound {
    double plain = 0;
    double wound = 0;
    double of(bool is_wound) const { return is_wound ? wound : plain; }
};

struct Post {
    double behind_mm = 0; ///< behind the front face
    double across_mm = 0; ///< from the centreline, treble positive
    double below_mm = 0;  ///< below the fret-top line at the nut
};

struct ZeroFret {
    double height_mm = 0;
    double guide_below_mm = 0;
};

struct Blank {
    double length_mm = 0;
    double height_mm = 0;
    double thickness_mm = 0;
};

struct NutDesign {
    Spacing spacing;
    NutHeightMethod height_method = NutHeightMethod::open_gap;
    Targets height;
    int pressed_fret = 3;
    double set_forward_mm = 0;
    double board_above_seat_mm = 0;
    double thickness_mm = 5;
    Seat seat = Seat::square;
    double seat_radius_mm = 0;
    double headstock_angle_deg = 0;
    double floor_angle_share = 0.6;
    double saw_allowance_mm = 0.3;
    PlainWound slot_clearance_mm{0.05, 0.08};
    PlainWound in_slot{1.0, 0.5};
    double file_over_mm = 0.05;
    bool fair_top = false;
    std::string material = "bone";
    std::optional<Blank> blank;
    std::optional<ZeroFret> zero_fret;
    std::vector<Post> posts;    ///< empty, or one a string
    bool clamping = false;      ///< a locking nut: raised by shims, lowered at its seat
    bool ready_slotted = false; ///< bought with its slots cut: lowered from below first
    double packing_mm = 0;      ///< found under the nut
    double shim_step_mm = 0.05;
};

/// How far the single saddles of an adjustable bridge can travel from its reference edge.
struct Travel {
    double least_mm = 0;
    double most_mm = 0;
};

/// Neighbouring strings on one saddle: from the first to the last, by index.
struct SharedSaddle {
    std::size_t first = 0;
    std::size_t last = 0;
};

/// What sets the strings' height at the saddle: wood taken off, a screw at every saddle, two screws or two
/// posts at the sides, the feet of a floating bridge (wood too), or its two wheels.
enum class HeightBy { bottom_and_top, saddle_screws, side_screws, posts, feet, wheels };
constexpr std::array<std::string_view, 6> words_of(HeightBy) {
    return {"bottom_and_top", "saddle_screws", "side_screws", "posts", "feet", "wheels"};
}

struct SaddleDesign {
    Spacing spacing;
    ActionMeasure measured = ActionMeasure::open;
    Targets action;
    CompensationMethod compensation = CompensationMethod::octave;
    double fixed_mm = 0;
    SetForward set_forward = SetForward::keep;
    double set_forward_max_mm = 2;    ///< the furthest a set-forward is looked for
    std::vector<double> fret_weights; ///< empty, or one a fret
    double thickness_mm = 3;
    double crown_edge_mm = 0.3;
    std::optional<double> slot_depth_mm;
    std::optional<double> length_mm; ///< none: the outer strings and end_margin_mm beyond them
    double end_margin_mm = 6;
    std::optional<EdgeMargins> end_margins_mm; ///< each end its own; end_margin_mm is then their mean
    double end_radius_mm = 0;                  ///< rounded ends: the cutter's radius; 0: half the thickness
    double lean_deg = 0;                       ///< toward the nut positive
    double under_mm = 0;                       ///< pickup or packing in the slot
    std::optional<Targets> existing_height;    ///< of the saddle that is there, slot floor to string
    std::optional<Travel> travel;
    std::vector<SharedSaddle> groups;       ///< in order; a string in none has a saddle of its own
    std::optional<double> travel_pitch_mm;  ///< thread of the screws that move the saddles along: a turn
    std::optional<double> travel_screw_mm;  ///< their length, from the edge to their end
    std::optional<double> travel_spring_mm; ///< the spring on each, pressed solid
    HeightBy height_by = HeightBy::bottom_and_top;
    std::optional<EdgeMargins>
        screws_across_mm;                 ///< y of the two screws, posts or wheels; none: outer strings
    std::optional<double> screw_pitch_mm; ///< of their thread: a turn
    std::string material = "bone";
    std::optional<Blank> blank;

    /// Turned up or down: nothing is taken off, and nothing packed.
    bool by_screws() const { return height_by != HeightBy::bottom_and_top && height_by != HeightBy::feet; }
    /// Two amounts for all strings: at two screws, posts or wheels.
    bool by_two_screws() const { return by_screws() && height_by != HeightBy::saddle_screws; }
    /// Saddles that stand on a plate, one a string or shared by neighbours, instead of one piece for all.
    bool are_single() const { return travel.has_value() || !groups.empty(); }
};

enum class Anchor { pins, tie, hole, tailpiece };
constexpr std::array<std::string_view, 4> words_of(Anchor) {
    return {"pins", "tie", "hole", "tailpiece"};
}

/// What the bridge is fixed to the instrument by: glued to its top, held down by the strings, a plate screwed
/// on, or a bar hung on two posts.
enum class BridgeStands { glued, floating, plate, posts };
constexpr std::array<std::string_view, 4> words_of(BridgeStands) {
    return {"glued", "floating", "plate", "posts"};
}

/// Pins along the slot, square to the centreline, or each where its string breaks by the same angle as the
/// rest.
enum class PinsLine { parallel, square, equal_angle };
constexpr std::array<std::string_view, 3> words_of(PinsLine) {
    return {"parallel", "square", "equal_angle"};
}

struct Pins {
    double behind_mm = 8; ///< of equal_angle the mean of all
    double hole_mm = 5;
    double ramp_mm = 1;
    PinsLine line = PinsLine::parallel;
    std::optional<double> taper_deg;  ///< between both sides of the reamer, as the pins'
    std::optional<double> pilot_mm;   ///< drilled first
    std::optional<double> chamfer_mm; ///< at the top of the hole
    std::optional<Spacing> spacing;

    double drill_mm() const { return pilot_mm.value_or(hole_mm); } ///< before it is reamed, if it is
};

struct Exit {
    double behind_mm = 0;    ///< behind the slot's centreline at the string, in plan
    double above_top_mm = 0; ///< over the soundboard
};

enum class BridgeForm { straight, waisted, bellied };
constexpr std::array<std::string_view, 3> words_of(BridgeForm) {
    return {"straight", "waisted", "bellied"};
}

/// The bridge's outline in plan, square to the centreline.
struct BridgeOutline {
    BridgeForm form = BridgeForm::straight;
    double length_mm = 0;     ///< across the instrument
    double width_mm = 0;      ///< along the strings
    double front_mm = 0;      ///< from the front edge to the slot's centreline, amid the strings
    double middle_mm = 0;     ///< waisted: length of the wide middle
    double wing_width_mm = 0; ///< waisted: width of the wings
    double belly_mm = 0;      ///< bellied: how far the back edge bulges
};

/// A hole, by where a fence stands at a bridge's front edge.
struct PlacedHole {
    double from_front_mm = 0;
    double across_mm = 0; ///< from the centreline, toward the treble +
    double hole_mm = 0;   ///< 0: for a screw, by its core
};

/// What holds a plate, or a bridge, to the top.
struct BridgeScrews {
    std::vector<PlacedHole> holes;
    double core_mm = 0;                  ///< of the screws, between the threads
    double length_mm = 0;                ///< under the head
    double through_mm = 0;               ///< how much of that is in the plate
    std::optional<double> earth_hole_mm; ///< under the plate, for the wire that earths the strings
};

/// The wood that is glued inside under the top, where the pins' ends hold.
struct PlateInside {
    double from_front_mm = 0; ///< its front edge, behind the bridge's
    double width_mm = 0;      ///< along the strings
    double length_mm = 0;     ///< across, its middle under the centreline
};

/// How far the top stands under a straightedge across it where the bridge goes.
struct Arching {
    double half_mm = 0;   ///< from the middle to either place
    double bass_mm = 0;   ///< gap at that place
    double middle_mm = 0; ///< on the centreline
    double treble_mm = 0;
};

/// The bridge that is there, to compare with.
struct ExistingBridge {
    std::optional<double> height_mm;
    std::vector<double> crown_mm; ///< as found, one a string: fret 12 to crown along the string; or empty
    std::optional<Anchor> anchor; ///< none: as the new one's
    std::optional<Exit> exit;
    /// As found, the outer strings' undersides over the soundboard right before it.
    std::optional<EdgeMargins> string_over_top_mm;
    std::optional<BridgeOutline> outline; ///< its print on the top
    double front_x_mm = 0;                ///< with it: its front edge from the nut line
    std::vector<PlacedHole> holes;        ///< with it
};

struct NeckPocket {
    double length_mm = 0;
    double pivot_x_mm = 0; ///< from the nut line
};

struct BridgeDesign {
    double plane_above_top_mm = 0;
    bool plane_from_strings = false; ///< not given: by the strings over the old top and their action as found
    bool auto_height = false;
    std::optional<double> height_mm;       ///< none with auto_height, or a tailpiece without one
    std::optional<EdgeMargins> tapered_mm; ///< its height at the outer strings; height_mm is then their mean
    double exposure_target_mm = 3;
    double height_min_mm = 6.5;
    double height_max_mm = 11;
    bool height_limits_given = false;
    double floor_min_mm = 1.5;
    double break_angle_min_deg = 8;
    BridgeStands stands = BridgeStands::glued;
    /// Of single saddles: the edge they are set from, from the nut line along the outer strings; none:
    /// computed.
    std::optional<EdgeMargins> edge_mm;
    Anchor anchor = Anchor::pins; ///< where the strings end
    Pins pins;
    Exit exit;
    std::optional<BridgeOutline> outline;
    std::optional<ExistingBridge> existing;
    std::optional<NeckPocket> neck_pocket; ///< a bolted neck that packing can tilt
    std::optional<BridgeScrews> screws;
    std::optional<PlateInside> plate_inside;
    std::optional<Arching> arching;
    std::string gluing; ///< how its maker glues and clamps, in their own words

    bool floats() const { return stands == BridgeStands::floating; }
    bool by_tailpiece() const { return anchor == Anchor::tailpiece; }
};

/// What the shop wants kept free; nothing is flagged where nothing is asked.
struct Limits {
    double string_gap_min_mm = 0;
    double edge_min_mm = 0;
};

/// What the job says of how sure an input is.
struct StatedUncertainty {
    std::string key;
    double value = 0;  ///< one standard deviation in the input's unit
    std::string gauge; ///< the gauge it was read with, or ""
};

/// What is done in each step of the plan; a person's choice wins over what the rules propose.
enum class ReliefChoice { set, leave };
constexpr std::array<std::string_view, 2> words_of(ReliefChoice) {
    return {"set", "leave"};
}
enum class SaddleChoice { set, leave, renew };
constexpr std::array<std::string_view, 3> words_of(SaddleChoice) {
    return {"set", "leave", "new"};
}
/// `choose` (between a shim and filling) can only be proposed.
enum class NutChoice { file, fill, shim, replace, leave, below, choose };
constexpr std::array<std::string_view, 7> words_of(NutChoice) {
    return {"file", "fill", "shim", "replace", "leave", "below", "choose"};
}

struct PlanChoices {
    std::optional<ReliefChoice> relief;
    std::optional<SaddleChoice> saddle;
    std::optional<NutChoice> nut;
};

struct Design {
    NeckDesign neck;
    std::vector<StringDesign> strings;
    NutDesign nut;
    SaddleDesign saddle;
    std::optional<BridgeDesign> bridge;
    Player player;
    Limits limits;
    std::vector<StatedUncertainty> uncertainties;
    std::vector<std::string> assumed; ///< keys of values nobody measured (core/design/assumed.h)
    PlanChoices choices;

    /// Whether one saddle stands in a slot of the bridge; a job without a bridge is taken for one that does.
    bool has_slot() const {
        return !saddle.are_single() && (!bridge || bridge->stands == BridgeStands::glued);
    }
    /// The player's number and the pitch, "8 · D3": the treble string is 1.
    std::string string_name(std::size_t index) const {
        return std::to_string(strings.size() - index) + " · " + strings[index].pitch_name;
    }
};

/// The course of every string as runs: index of the first string of each course, in order.
std::vector<std::size_t> course_starts(const std::vector<StringDesign>& strings);

} // namespace fm
