// The order of cuts for a bridge of any kind: what is made of wood, where it is set, and what holds it.
#include "core/solution/bridge_outline.h"
#include "sheet/pages/cut_order.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

class BridgeOrder {
public:
    explicit BridgeOrder(const SheetContext& context)
        : context_(context), design_(context.job.design), bridge_(*design_.bridge),
          solution_(context.solution), at_(*context.solution.bridge) {}

    CutOrder made() {
        order_.name = translate("sheet", "Bridge");
        switch (bridge_.stands) {
        case BridgeStands::glued: glued(); break;
        case BridgeStands::floating: floating(); break;
        case BridgeStands::plate: plate(); break;
        case BridgeStands::posts: posts(); break;
        }
        return std::move(order_);
    }

private:
    std::string length(double mm) const { return sheet_length(mm, context_.job.unit); }
    std::string number(double mm) const { return sheet_number(mm, context_.job.unit); }
    static std::string angle(double deg) { return sheet_fixed(deg, 1) + "°"; }
    void step(std::string words) { order_.steps.push_back(std::move(words)); }
    void caution(std::string words) { order_.cautions.push_back(std::move(words)); }

    void glued() {
        const BridgeOutline outline = shown_outline(design_, solution_);
        step(with_values(translate("sheet", "Plane a blank of hardwood to %1, its grain along the length."),
                         number(outline.length_mm) + " × " + number(outline.width_mm + outline.belly_mm) +
                             " × " + length(greatest_height_mm() + spare_mm)));
        step(translate("sheet", "Prick slot and holes through the true-size page before the outline is cut: "
                                "the square blank still runs along a fence."));
        holes();
        if (design_.has_slot()) slot();
        if (bridge_.tapered_mm)
            step(with_values(translate("sheet",
                                       "Bring the top to %1 over its bottom at the bass string, %2 at "
                                       "the treble string."),
                             number(bridge_.tapered_mm->bass_mm), length(bridge_.tapered_mm->treble_mm)));
        else if (at_.height_mm)
            step(with_values(translate("sheet", "Bring the top to %1 over its bottom."),
                             length(*at_.height_mm)));
        step(translate("sheet", "Saw the outline, and shape the wings last: they are the first to break."));
        step(feet_words(translate("sheet", "Hollow the bottom to the top: rub it on paper laid where it "
                                           "stands, until no light shows under any edge.")));
        old_holes();
        set();
        gluing();
        if (bridge_.anchor == Anchor::pins) ream();
        dust_and_router();
    }

    double greatest_height_mm() const {
        double most = 0;
        for (const BridgeString& string : at_.strings)
            most = std::max(most, string.bridge_height_mm.value_or(0.0));
        return most;
    }

    void holes() {
        switch (bridge_.anchor) {
        case Anchor::pins: {
            std::string words =
                with_values(translate("sheet", "Drill the pins' holes %1, square to the bottom, on scrap."),
                            length(bridge_.pins.drill_mm()));
            if (!at_.pins_from_front_mm.empty())
                words += " " + with_values(translate("sheet", "Front edge to their middles: %1."),
                                           strings_list(at_.pins_from_front_mm));
            step(words);
            step(with_values(translate("sheet", "Cut a ramp from each hole toward the slot, %1 deep at the "
                                                "hole and as wide as its string."),
                             length(bridge_.pins.ramp_mm)));
            break;
        }
        case Anchor::tie:
        case Anchor::hole:
            step(
                with_values(translate("sheet", "Drill a hole for each string %1 over the bottom; it opens %2 "
                                               "behind the slot."),
                            length(bridge_.exit.above_top_mm), length(bridge_.exit.behind_mm)));
            break;
        case Anchor::tailpiece: break;
        }
    }

    void slot() {
        std::string words = with_values(
            translate("sheet", "Cut the saddle's slot %1 wide, at %2 to the square of the centreline."),
            length(design_.saddle.thickness_mm), angle(std::abs(solution_.straight_saddle.line.angle_deg)));
        if (design_.saddle.slot_depth_mm)
            words += " " + with_values(translate("sheet", "%1 deep: %2 of wood stays under it."),
                                       length(*design_.saddle.slot_depth_mm),
                                       length(at_.floor_left_mm.value_or(0.0)));
        if (at_.mouth_mm)
            words +=
                " " + with_values(*at_.mouth_mm < 0
                                      ? translate("sheet", "It leans back by %1: cut its mouth %2 nearer "
                                                           "the nut than the line of the crowns.")
                                      : translate("sheet", "It leans toward the nut by %1: cut its mouth "
                                                           "%2 farther from it than the line of the "
                                                           "crowns."),
                                  angle(std::abs(design_.saddle.lean_deg)), length(std::abs(*at_.mouth_mm)));
        step(words);
    }

    void ream() {
        std::string words = translate("sheet", "Once the glue is hard, drill on through the top and the wood "
                                               "inside, with scrap held under it.");
        if (bridge_.pins.taper_deg)
            words += " " +
                     with_values(translate("sheet", "Ream at %1 until the pin's collar nearly sits: the hole "
                                                    "is then %2 at the top."),
                                 angle(*bridge_.pins.taper_deg), length(bridge_.pins.hole_mm));
        if (at_.ream_mm)
            words += " " + with_values(translate("sheet", "From where the reamer first fills the pilot hole "
                                                          "it goes %1 in."),
                                       length(*at_.ream_mm));
        if (bridge_.pins.chamfer_mm)
            words += " " + with_values(translate("sheet", "Chamfer each hole %1."),
                                       length(*bridge_.pins.chamfer_mm));
        step(words);
    }

    void old_holes() {
        if (!solution_.print || solution_.print->holes_cut.empty()) return;
        std::string list;
        for (const std::size_t i : solution_.print->holes_cut)
            list += (list.empty() ? "" : ", ") + std::to_string(i + 1);
        step(with_values(translate("sheet", "Plug the old holes %1 with wood of the top's kind, its grain "
                                            "along the top's: a new pin cuts into them."),
                         list));
    }

    /// Where it is set, by what one can measure on the instrument.
    void set() {
        const Placing& place = solution_.placing;
        const std::string to = place.by == PlacedBy::edge ? translate("sheet", "the reference edge")
                               : place.by == PlacedBy::slot_front
                                   ? translate("sheet", "the slot's front edge")
                                   : translate("sheet", "the crowns' line");
        step(with_values(translate("sheet", "Set it: from fret 12 along the bass string %1, along the treble "
                                            "string %2"),
                         number(place.bass.from_fret12_mm), length(place.treble.from_fret12_mm)) +
             " " +
             with_values(translate("sheet", "to %1; check with the diagonals %2."), to,
                         number(place.diagonal_from_bass_mm) + ", " + length(place.diagonal_from_treble_mm)));
    }

    void gluing() {
        const std::string bare =
            translate("sheet", "Score round it and take the finish off to the line within.");
        step(bare + " " +
             (bridge_.gluing.empty()
                  ? translate("sheet", "Glue and clamp it as you do: everything clamped once without glue "
                                       "first, clamps and cauls at hand, its place measured again once it is "
                                       "held.")
                  : with_values(translate("sheet", "Then, as you have written: %1"), bridge_.gluing)));
        caution(translate("sheet", "Clamps through the hole bear on braces: a block that fits between them "
                                   "carries the force. Keep to the glue's own times, warmth and airing."));
        caution(translate("sheet", "A top that has sunk, a loose brace or wood torn out under the old bridge "
                                   "comes first, and is a trained repairer's work."));
    }

    void floating() {
        if (design_.saddle.by_two_screws())
            step(translate("sheet", "Foot and top are two parts: the wheels stand square to the foot, and "
                                    "turn freely in the top."));
        step(
            feet_words(translate("sheet", "Fit the feet to the top where it will stand, rubbed on paper laid "
                                          "there, until they bear all over.")));
        step(translate("sheet", "Cut its height and notches as the bridge's top above."));
        set();
        step(translate("sheet",
                       "Strings on one at a time: it stands by their pressure alone, is never glued, "
                       "and is set upright again after every tuning."));
        if (at_.posts) shares();
        caution(translate("sheet",
                          "Never all strings off at once: what stands inside the top under a foot can "
                          "fall."));
    }

    /// The bottom's curve, where the top was measured.
    std::string feet_words(std::string words) const {
        if (!at_.feet || !at_.feet->radius_mm) return words;
        return words + " " +
               with_values(at_.feet->rise_mm > 0
                               ? translate("sheet", "The top rises %1 there: a hollow of radius %2.")
                               : translate("sheet", "The top falls %1 there: a round of radius %2."),
                           length(std::abs(at_.feet->rise_mm)),
                           sheet_radius(std::abs(*at_.feet->radius_mm), context_.job.unit));
    }

    void plate() {
        set();
        const BridgeOutline outline = shown_outline(design_, solution_);
        if (solution_.single && solution_.single->edge)
            step(
                with_values(translate("sheet", "Lay the plate so that its front edge lies %1 before the "
                                               "reference edge, square by both diagonals, and tape it down."),
                            length(solution_.single->edge->x_mm(0) - front_edge_mm(outline, solution_))));
        screws();
        if (solution_.single && solution_.single->edge) {
            std::vector<double> crowns;
            for (const SingleSaddle& saddle : solution_.single->strings)
                crowns.push_back(saddle.from_edge_mm.value_or(0.0));
            step(with_values(translate("sheet", "Set the saddles' crowns from the edge before the strings go "
                                                "on: %1."),
                             strings_list(crowns)));
        }
        drilling();
    }

    void screws() {
        if (!bridge_.screws) {
            step(translate("sheet", "Prick its screw holes through the plate, in the middle of each."));
            return;
        }
        const BridgeScrews& screws = *bridge_.screws;
        std::string places;
        for (const PlacedHole& hole : screws.holes)
            places +=
                (places.empty() ? "" : "; ") + number(hole.from_front_mm) + " / " + number(hole.across_mm);
        step(with_values(translate("sheet", "Prick %1 screw holes through the true-size page, from the front "
                                            "edge and across from the centreline (treble +): %2."),
                         std::to_string(screws.holes.size()), places));
        step(with_values(translate("sheet", "Drill them %1, as the screw is between its threads, %2 deep in "
                                            "the wood: a flag of tape on the drill."),
                         length(screws.core_mm), length(*at_.drill_depth_mm)));
        if (screws.earth_hole_mm) {
            step(with_values(translate("sheet", "Drill %1 slanting from under the plate into the room of the "
                                                "electrics; the wire's bare end lies fanned out flat under "
                                                "the plate."),
                             length(*screws.earth_hole_mm)));
            step(translate("sheet",
                           "With the plate on, a meter between strings and the socket's sleeve reads "
                           "less than one ohm."));
            caution(translate("sheet", "Work on the wire with everything unplugged and batteries out. Mains "
                                       "and amplifiers are for those who are licensed."));
        }
        step(translate("sheet", "Wax the screws, turn each in and out once by hand, then hold the plate with "
                                "all of them, crosswise and without force."));
    }

    void posts() {
        set();
        if (design_.saddle.screws_across_mm) {
            const EdgeMargins& posts = *design_.saddle.screws_across_mm;
            step(with_values(translate("sheet", "Prick the posts on that line: %1 toward the bass, %2 toward "
                                                "the treble of the centreline."),
                             number(-posts.bass_mm), length(posts.treble_mm)));
        }
        step(translate("sheet", "Drill for their bushings, as wide and as deep as those are, square to the "
                                "top's plane at the bridge, in a press; try them in scrap first."));
        if (bridge_.screws) screws();
        if (at_.posts) shares();
        drilling();
    }

    /// Two posts move all strings: by how much, each.
    void shares() {
        std::string list;
        for (std::size_t i = 0; i < at_.strings.size(); ++i)
            list += (list.empty() ? "" : ", ") + design_.string_name(i) + " " +
                    sheet_fixed(*at_.strings[i].bass_share, 2);
        step(
            with_values(translate("sheet", "No string's height is set alone. Of what the bass side is raised "
                                           "each goes with it by: %1; the rest follows the treble side."),
                        list));
    }

    std::string strings_list(const std::vector<double>& values_mm) const {
        std::string list;
        for (std::size_t i = 0; i < values_mm.size(); ++i)
            list += (list.empty() ? "" : ", ") + design_.string_name(i) + " " + number(values_mm[i]);
        return list;
    }

    void drilling() {
        caution(translate("sheet", "Drill presses: the work clamped, fingers, hair and sleeves away, eyes "
                                   "covered. Measure every depth twice: what is drilled through is."));
    }
    void dust_and_router() {
        caution(translate("sheet", "A router is fed against its cutter's turning, in passes of no more than "
                                   "the cutter's radius, the work clamped, eyes and ears covered."));
        caution(sheet_sentence("caution.wood_dust"));
    }

    static constexpr double spare_mm = 1; // for fitting the bottom
    const SheetContext& context_;
    const Design& design_;
    const BridgeDesign& bridge_;
    const Solution& solution_;
    const BridgeSolution& at_;
    CutOrder order_;
};

} // namespace

CutOrder bridge_order(const SheetContext& context) {
    return BridgeOrder(context).made();
}

} // namespace fm
