// The order of cuts, from blank to finish, for nut and saddle or a floating bridge's top.
#include "core/shop/shop_work.h"
#include "core/solution/nut_plan.h"
#include "core/words/angle.h"
#include "sheet/drawing/pens.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/cut_order.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/pages/shop_words.h"
#include "sheet/views/nut_views.h"
#include "sheet/views/saddle_views.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double indent_mm = 8;
constexpr BlankAllowance usual_allowance; // for saw and finish
constexpr double least_short_mm = 0.005;  // half of what a sheet shows

std::string grit_words(const Finish& finish) {
    std::string words;
    for (const int grit : finish.grits) words += (words.empty() ? "" : ", ") + std::to_string(grit);
    return words;
}

/// How a mark begins in that material, and what the saw must leave.
std::string marking(const std::string& material) {
    if (material == "brass")
        return translate("sheet",
                         "Colour the face, scribe every mark with a steel point, and start the saw in "
                         "a nick of a three-square file.");
    if (material == "hardwood")
        return translate("sheet", "Cut every mark with a knife across the grain, so that the edge does not "
                                  "splinter, and start the saw in the cut.");
    return translate("sheet",
                     "Nick every mark with a fine blade or the corner of a file; the saw starts in the "
                     "nick.");
}

std::string working(const std::string& material) {
    if (material == "brass")
        return translate("sheet",
                         "Brass is slow by hand: allow hours, clear the file's teeth often, hold the "
                         "part in soft jaws.");
    if (material == "hardwood")
        return translate("sheet",
                         "The grain runs along the part: mark its direction on the blank, and plane or "
                         "file with it.");
    if (material == "synthetic")
        return translate("sheet",
                         "Short strokes, no pressure: what is rubbed warm smears and clogs the file.");
    return translate("sheet",
                     "Saw and file dry, with light strokes; heat and haste crack it at thin places.");
}

void add_finish(CutOrder& order, const std::string& material) {
    const Finish* finish = finish_of(material);
    if (!finish) {
        order.cautions.push_back(sheet_sentence("caution.dust"));
        return;
    }
    order.steps.push_back(
        with_values(translate("sheet", "Finish through the grits %1; then %2."), grit_words(*finish),
                    sheet_sentence(finish->last_step_id)) +
        " " + with_values(translate("sheet", "Keep from it: %1."), sheet_sentence(finish->avoid_id)));
    order.cautions.push_back(sheet_sentence(finish->caution_id));
    order.cautions.push_back(translate(
        "sheet", "Blades, saws and files move away from the hand that holds; the part is clamped."));
}

class Orders {
public:
    explicit Orders(const SheetContext& context) : context_(context), design_(context.job.design) {}

    CutOrder nut() const {
        const NutDesign& nut = design_.nut;
        const Solution& solution = context_.solution;
        CutOrder order{with_values(translate("sheet", "Nut, %1"), material_name(nut.material)),
                       {},
                       {},
                       nut_notices(context_.job, solution)};
        if (nut.clamping) {
            order.steps = clamped();
            return order;
        }
        order.steps.push_back(blank_words(nut_needs(design_, solution, usual_allowance), nut.blank));
        order.steps.push_back(with_values(translate("sheet", "Square one face and one edge of the blank. %1"),
                                          working(nut.material)));
        order.steps.push_back(
            with_values(translate("sheet", "Thickness %1, until it stands in its seat without wedging."),
                        length(nut.thickness_mm)));
        if (is_stepped(solution))
            order.steps.push_back(with_values(
                translate("sheet",
                          "Over the board leave the front face %1 thicker, and cut every string's place "
                          "back to what the list has under \"forward\"."),
                length(deepest_step_mm(solution))));
        if (nut.seat == Seat::angled)
            order.steps.push_back(
                with_values(translate("sheet", "Bottom at %1 to the front face, as the seat falls."),
                            sheet_fixed(nut.headstock_angle_deg, 1) + "°"));
        if (nut.seat == Seat::curved)
            order.steps.push_back(
                with_values(translate("sheet", "Bottom to a radius of %1, as the seat is cut."),
                            sheet_radius(nut.seat_radius_mm, context_.job.unit)));
        order.steps.push_back(with_values(
            translate("sheet",
                      "Length %1: leave %2 at either end until it is glued, then flush with the board."),
            length(nut_plan_of(design_, solution).length_mm()), length(usual_allowance.ends_mm)));
        if (design_.neck.fanned())
            order.steps.push_back(with_values(
                translate("sheet",
                          "The front face stands at %1 to the square of the neck. The ends follow the "
                          "board's edges: they run %2 aside over the thickness."),
                sheet_fixed(solution.nut_angle_deg, 1) + "°", runs(nut_plan_of(design_, solution))));
        if (nut.ready_slotted)
            lowered_from_below(order);
        else
            slotted(order);
        order.steps.push_back(
            translate("sheet", "Take the top down to the drawn line and ease every edge a finger meets."));
        add_finish(order, nut.material);
        order.steps.push_back(
            translate("sheet", "Grease every slot before the last stringing: a soft pencil's lead, or wax."));
        return order;
    }

    CutOrder saddle() const {
        const SaddleDesign& saddle = design_.saddle;
        const Solution& solution = context_.solution;
        const bool top = !solution.notches.empty();
        CutOrder order{
            (top ? with_values(translate("sheet", "Bridge top, %1"), material_name(saddle.material))
                 : with_values(translate("sheet", "Saddle, %1"), material_name(saddle.material))),
            {},
            {},
            saddle_notices(context_.job, solution)};
        if (const auto needs = saddle_needs(design_, solution, usual_allowance))
            order.steps.push_back(blank_words(*needs, saddle.blank));
        if (top) {
            order.steps.push_back(with_values(translate("sheet", "Fit the feet to the soundboard first. %1"),
                                              working(saddle.material)));
            order.steps.push_back(
                with_values(translate("sheet", "Draw the top line over the soundboard from the sheet; leave "
                                               "%1 over it."),
                            length(design_.nut.saw_allowance_mm)));
            order.steps.push_back(with_values(translate("sheet", "Mark the strip of string places. %1"),
                                              marking(saddle.material)));
            order.steps.push_back(translate(
                "sheet", "Notch each place to its width; the floor falls away on both sides of the crown."));
            order.steps.push_back(
                translate("sheet", "String up, read the action at fret 12, and lower in turns."));
        } else {
            order.steps.push_back(
                with_values(translate("sheet", "Thickness %1: it just holds in the slot when the "
                                               "instrument is turned over. %2"),
                            length(saddle.thickness_mm), working(saddle.material)));
            order.steps.push_back(
                with_values(translate("sheet", "Length %1, ends rounded %2 like the slot's."),
                            length(solution.saddle.length_mm), length(solution.saddle.end_radius_mm)));
            order.steps.push_back(
                with_values(translate("sheet", "Draw the top from the sheet and leave %1 over it; a "
                                               "straight bottom, square to the faces."),
                            length(design_.nut.saw_allowance_mm)));
            order.steps.push_back(translate("sheet",
                                            "Shape the crown to a thin line at every string, where the "
                                            "list puts it behind the front face."));
            order.steps.push_back(
                saddle.by_screws()
                    ? translate("sheet",
                                "String up and read, and set its height with the screws: fret 12 loses a "
                                "little less than half of what the saddle does.")
                    : translate("sheet",
                                "String up and read. Lower from the bottom: fret 12 loses a little less than "
                                "half of what the saddle does."));
        }
        add_finish(order, saddle.material);
        return order;
    }

private:
    std::string length(double mm) const { return sheet_length(mm, context_.job.unit); }
    std::string number(double mm) const { return sheet_number(mm, context_.job.unit); }
    bool on_zero_fret() const { return design_.nut.zero_fret.has_value(); }

    /// A locking nut is no bone to be cut.
    std::vector<std::string> clamped() const {
        return {with_values(translate("sheet",
                                      "Set it on its seat, tighten, string up and read. Too low: shims under "
                                      "it, in steps of %1. Too high: the seat is cut, square and flat, by "
                                      "what was read and no more."),
                            length(design_.nut.shim_step_mm)),
                translate("sheet", "A seat to be cut is a job for a trained repairer.")};
    }

    /// Bought with its slots: what they stand too high comes off below.
    void lowered_from_below(CutOrder& order) const {
        order.steps.push_back(translate(
            "sheet", "Its slots are cut already. Set it on its seat, string up and read every string."));
        order.steps.push_back(
            translate("sheet", "Lower it from below, flat on paper on a plate, by what the string that is "
                               "least too high stands too high, less twice its ±."));
        order.steps.push_back(translate(
            "sheet", "What the others are still too high comes off in their slots, each with its own file."));
        by_readings(order);
        list(order);
    }

    /// From a blank: the top first, from which the saw is told its depth.
    void slotted(CutOrder& order) const {
        const NutDesign& nut = design_.nut;
        order.steps.push_back(with_values(
            translate("sheet", "Rough the top first, flat and square to the faces, to %1 over %2: the "
                               "template's fold lies on its front edge, and the saw's depths in the list are "
                               "from there."),
            length(nut_rough_top_mm(design_, context_.solution)),
            nut.seat == Seat::curved ? translate("sheet", "the seat's middle")
                                     : translate("sheet", "the seat")));
        order.steps.push_back(with_values(
            translate(
                "sheet",
                "Rub the fret tops onto the front face: in the middle the line stands %1 over the seat."),
            length(nut.board_above_seat_mm + design_.neck.fret_height_mm)));
        order.steps.push_back(with_values(
            translate("sheet", "Cut out the template, fold it and stick it on the blank, its arrow to "
                               "the bass. %1"),
            marking(nut.material)));
        if (design_.neck.fanned())
            order.steps.push_back(with_values(
                translate("sheet",
                          "Lead saw and files along each string, not square to the face: over the thickness "
                          "a slot runs aside by %1."),
                slot_runs()));
        if (on_zero_fret())
            order.steps.push_back(translate(
                "sheet", "The zero fret carries the strings, the nut only guides them: saw and file "
                         "each slot to its width and to the guide's depth in the list. Nothing is "
                         "read here."));
        else {
            order.steps.push_back(
                with_values(translate("sheet", "Saw each slot as deep as the list says: %1 is left over its "
                                               "floor for the file."),
                            length(nut.saw_allowance_mm)));
            order.steps.push_back(with_values(
                translate("sheet", "Then its own file, held so that the floor falls toward the head: %1."),
                falls()));
        }
        order.steps.push_back(translate("sheet", "Round the back of every slot toward its post: the string "
                                                 "rests on the front edge and leaves over a curve."));
        if (!on_zero_fret()) by_readings(order);
        list(order);
    }

    static void by_readings(CutOrder& order) {
        order.steps.push_back(translate(
            "sheet", "String up. A few strokes, string down, read: stop at the floor plus twice its ±, "
                     "then the last of it by readings."));
    }

    /// Of every string what the hand needs beside the file, with room for what it reads.
    void list(CutOrder& order) const {
        const NutDesign& nut = design_.nut;
        const double top_mm = nut_rough_top_mm(design_, context_.solution);
        const double to_y = std::cos(context_.solution.nut_angle_deg / degrees);
        order.columns = {{translate("sheet", "string")}};
        if (!nut.ready_slotted) order.columns.push_back({translate("sheet", "saw below the top")});
        order.columns.push_back(
            {on_zero_fret() ? translate("sheet", "guide's floor") : translate("sheet", "floor"), true});
        order.columns.push_back({translate("sheet", "file")});
        order.columns.push_back({translate("sheet", "falls")});
        const bool stepped = is_stepped(context_.solution);
        if (stepped) order.columns.push_back({translate("sheet", "forward")});
        if (!on_zero_fret()) order.columns.push_back({translate("sheet", "reads"), false, true});
        order.columns.push_back({translate("sheet", "done"), false, true});
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            const SlotWork& slot = context_.solution.strings[i].slot;
            std::vector<std::string> row{design_.string_name(i)};
            if (!nut.ready_slotted)
                row.push_back(
                    number(top_mm - slot.saw_to_above_seat_mm + seat_fall_mm(nut, slot.along_mm * to_y)));
            row.push_back(number(slot.floor_above_seat_mm));
            row.push_back(file_words(context_.job, context_.tools, i));
            row.push_back(floor_fall_words(context_.job, context_.solution, i));
            if (stepped) row.push_back(number(context_.solution.strings[i].line.set_forward_mm));
            if (!on_zero_fret()) row.emplace_back();
            row.emplace_back();
            order.rows.push_back(std::move(row));
        }
    }

    /// What the part must be cut from, and whether the job's blank is that.
    std::string blank_words(const Blank& needs, const std::optional<Blank>& blank) const {
        const double ends = usual_allowance.ends_mm;
        const double thick = usual_allowance.thickness_mm;
        std::string words = with_values(
            translate("sheet",
                      "Blank: at least %1, which is the part's %2 with %3 at either end and in height "
                      "and %4 in thickness for saw and finish."),
            number(needs.length_mm) + " × " + number(needs.height_mm) + " × " + length(needs.thickness_mm),
            number(needs.length_mm - 2.0 * ends) + " × " + number(needs.height_mm - ends) + " × " +
                number(needs.thickness_mm - thick),
            number(ends), number(thick));
        if (!blank) return words;
        const BlankFit fit = blank_fit(needs, *blank);
        std::string faults;
        for (const auto& [short_mm, name] :
             {std::pair{fit.length_short_mm, translate("sheet", "length")},
              std::pair{fit.height_short_mm, translate("sheet", "height")},
              std::pair{fit.thickness_short_mm, translate("sheet", "thickness")}})
            if (short_mm >= least_short_mm)
                faults += " " + with_values(translate("sheet", "The job's blank is %1 short in %2."),
                                            length(short_mm), name);
        words += faults.empty() ? " " + translate("sheet", "The job's blank is large enough.") : faults;
        return words;
    }
    std::string span_words(double least_mm, double most_mm) const {
        const std::string first = sheet_number(least_mm, context_.job.unit);
        const std::string last = sheet_number(most_mm, context_.job.unit);
        return (first == last ? "" : first + " … ") + with_unit(last, context_.job.unit);
    }
    std::string runs(const NutPlan& plan) const {
        const auto [least, most] = std::minmax({std::abs(plan.bass.run), std::abs(plan.treble.run)});
        return span_words(least * design_.nut.thickness_mm, most * design_.nut.thickness_mm);
    }
    std::string slot_runs() const {
        double least = 1e9;
        double most = 0;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            const double run_mm =
                std::abs(slot_run(design_, context_.solution, i)) * design_.nut.thickness_mm;
            least = std::min(least, run_mm);
            most = std::max(most, run_mm);
        }
        return span_words(least, most);
    }
    /// Of all strings, told once where they are alike.
    std::string falls() const {
        const auto of = [&](std::size_t i) { return floor_fall_words(context_.job, context_.solution, i); };
        for (std::size_t i = 1; i < design_.strings.size(); ++i)
            if (of(i) != of(0)) return translate("sheet", "as the list says");
        return of(0);
    }

    const SheetContext& context_;
    const Design& design_;
};

/// Lays orders out on as many pages as they take.
class Pages {
public:
    /// @param tight as close together as can still be read
    Pages(const SheetContext& context, bool tight)
        : context_(context), page_(begun()), gap_mm_(tight ? 0.3 : 1.0) {}

    void add(const CutOrder& order) {
        make_room(24.0); // a heading is not left alone at the foot of a page
        page_.down(2.0 * gap_mm_);
        page_.heading(order.name);
        page_.down(1.5 * gap_mm_);
        int number = 0;
        for (const std::string& notice : order.notices) item("\u26A0", notice);
        for (const std::string& step : order.steps) item(std::to_string(++number) + ".", step);
        if (!order.columns.empty()) list(order);
        page_.down(gap_mm_);
        for (const std::string& caution : order.cautions) item("\u26A0", caution);
        page_.down(1.0 + gap_mm_);
        page_.rule();
    }

    std::vector<Sheet> finished() {
        sheets_.push_back({page_.finished(), page_.figures()});
        return std::move(sheets_);
    }

private:
    SheetPage begun() const {
        return {context_,
                {"cuts"},
                translate("sheet", "Order of cuts"),
                {translate("sheet", "from blank to finish"), context_.job.left_handed
                                                                 ? translate("sheet", "left-handed")
                                                                 : translate("sheet", "right-handed")},
                ""};
    }

    void list(const CutOrder& order) {
        const double room = SheetPage::table_room(order.rows.size());
        make_room(room + 2.0);
        page_.down(1.5 * gap_mm_);
        page_.table(order.columns, order.rows, page_.y() - room);
        page_.down(gap_mm_);
    }

    void make_room(double mm) {
        if (page_.y() - mm >= page_.bottom()) return;
        sheets_.push_back({page_.finished(), page_.figures()});
        page_ = begun();
    }

    void item(const std::string& mark, const std::string& words) {
        constexpr double em = SheetPage::body_em;
        const double lines =
            static_cast<double>(wrapped_text(words, em, page_.width() - indent_mm - box_mm).size());
        make_room(1.45 * em * lines + 1.0 + gap_mm_);
        page_.down(gap_mm_);
        const double top = page_.y() - 1.45 * em;
        page_.text(page_.left(), top, mark, em, TextAnchor::left, true);
        page_.paragraph(words, indent_mm, em, box_mm);
        const double x = page_.right();
        // A box to tick.
        page_.page().add(rectangle_path(Layer::text, {x - 4.0, top - 0.6}, {x, top + 3.4}, pens::fine));
    }

    static constexpr double box_mm = 8;
    const SheetContext& context_;
    std::vector<Sheet> sheets_;
    SheetPage page_;
    double gap_mm_; ///< between what is to be done
};

} // namespace

std::vector<Sheet> cuts_sheets(const SheetContext& context) {
    const Orders orders(context);
    std::vector<CutOrder> all{orders.nut()};
    // Saddles and bars that are bought are not cut.
    const bool cut = context.job.design.has_slot() || !context.solution.notches.empty();
    if (cut && context.job.design.saddle.height_by != HeightBy::saddle_screws) all.push_back(orders.saddle());
    if (context.job.design.bridge) all.push_back(bridge_order(context));
    const auto laid_out = [&](bool tight) {
        Pages pages(context, tight);
        for (const CutOrder& order : all) pages.add(order);
        return pages.finished();
    };
    std::vector<Sheet> sheets = laid_out(false);
    if (sheets.size() == 1) return sheets;
    // Less paper, where a few lines closer together spare a page.
    std::vector<Sheet> tight = laid_out(true);
    return tight.size() < sheets.size() ? tight : sheets;
}

} // namespace fm
