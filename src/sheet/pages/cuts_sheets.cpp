// The order of cuts, from blank to finish, for nut and saddle or a floating bridge's top.
#include "core/shop/shop_work.h"
#include "core/solution/nut_plan.h"
#include "sheet/drawing/pens.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/cut_order.h"
#include "sheet/pages/part_sheets.h"
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
        order.steps.push_back(blank_words(nut_needs(design_, solution, usual_allowance), nut.blank));
        order.steps.push_back(with_values(translate("sheet", "Square one face and one edge of the blank. %1"),
                                          working(nut.material)));
        order.steps.push_back(
            with_values(translate("sheet", "Thickness %1, until it stands in its seat without wedging."),
                        length(nut.thickness_mm)));
        if (nut.seat == Seat::angled)
            order.steps.push_back(
                with_values(translate("sheet", "Bottom at %1 to the front face, as the seat falls."),
                            fixed_text(nut.headstock_angle_deg, 1) + "°"));
        if (nut.seat == Seat::curved)
            order.steps.push_back(
                with_values(translate("sheet", "Bottom to a radius of %1, as the seat is cut."),
                            length(nut.seat_radius_mm)));
        order.steps.push_back(with_values(
            translate("sheet",
                      "Length %1: leave %2 at either end until it is glued, then flush with the board."),
            length(nut_plan_of(design_, solution).length_mm()), length(0.5)));
        if (design_.neck.fanned())
            order.steps.push_back(with_values(
                translate("sheet",
                          "The front face stands at %1 to the square of the neck. The ends follow the "
                          "board's edges: they run %2 aside over the thickness."),
                fixed_text(solution.nut_angle_deg, 1) + "°", runs(nut_plan_of(design_, solution))));
        order.steps.push_back(with_values(
            translate(
                "sheet",
                "Rub the fret tops onto the front face: in the middle the line stands %1 over the seat."),
            length(nut.board_above_seat_mm + design_.neck.fret_height_mm)));
        order.steps.push_back(with_values(
            translate("sheet", "Stick the strip of slot centres on the face. %1"), marking(nut.material)));
        order.steps.push_back(with_values(
            translate(
                "sheet",
                "Saw each slot to %1 over its floor, as the list says; then its own file, the floor falling "
                "toward the head by %2."),
            length(nut.saw_allowance_mm), angles()));
        if (design_.neck.fanned())
            order.steps.push_back(with_values(
                translate("sheet",
                          "Lead saw and files along each string, not square to the face: over the thickness "
                          "a slot runs aside by %1."),
                slot_runs()));
        order.steps.push_back(translate(
            "sheet", "String up. A few strokes, string down, read: stop at the floor plus twice its ±, "
                     "then the last of it by readings."));
        order.steps.push_back(
            translate("sheet", "Take the top down to the drawn line and ease every edge a finger meets."));
        add_finish(order, nut.material);
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
    /// What the part must be cut from, and whether the job's blank is that.
    std::string blank_words(const Blank& needs, const std::optional<Blank>& blank) const {
        const auto number = [&](double mm) { return sheet_number(mm, context_.job.unit); };
        std::string words = with_values(
            translate("sheet", "Blank: at least %1, with %2 at both ends and in height for saw and finish."),
            number(needs.length_mm) + " × " + number(needs.height_mm) + " × " + length(needs.thickness_mm),
            length(usual_allowance.ends_mm));
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
    std::string angles() const {
        double least = 1e9;
        double most = -1e9;
        for (const StringSolution& string : context_.solution.strings) {
            least = std::min(least, string.slot.floor_angle_deg);
            most = std::max(most, string.slot.floor_angle_deg);
        }
        const std::string first = fixed_text(least, 1);
        const std::string last = fixed_text(most, 1);
        return first == last ? first + "°" : first + "° … " + last + "°";
    }

    const SheetContext& context_;
    const Design& design_;
};

/// Lays orders out on as many pages as they take.
class Pages {
public:
    explicit Pages(const SheetContext& context) : context_(context), page_(begun()) {}

    void add(const CutOrder& order) {
        page_.down(2.0);
        page_.heading(order.name);
        page_.down(1.5);
        int number = 0;
        for (const std::string& notice : order.notices) item("\u26A0", notice);
        for (const std::string& step : order.steps) item(std::to_string(++number) + ".", step);
        page_.down(1.0);
        for (const std::string& caution : order.cautions) item("\u26A0", caution);
        page_.down(2.0);
        page_.rule();
    }

    std::vector<Sheet> finished() {
        sheets_.push_back({page_.finished(), page_.figures()});
        return std::move(sheets_);
    }

private:
    SheetPage begun() const {
        return {context_,
                "cuts",
                translate("sheet", "Order of cuts"),
                {translate("sheet", "from blank to finish"), context_.job.left_handed
                                                                 ? translate("sheet", "left-handed")
                                                                 : translate("sheet", "right-handed")},
                ""};
    }

    void item(const std::string& mark, const std::string& words) {
        constexpr double em = SheetPage::body_em;
        const double lines =
            static_cast<double>(wrapped_text(words, em, page_.width() - indent_mm - box_mm).size());
        if (page_.y() - 1.45 * em * lines - 2.0 < page_.bottom()) {
            sheets_.push_back({page_.finished(), page_.figures()});
            page_ = begun();
        }
        page_.down(1.0);
        const double top = page_.y() - 1.45 * em;
        page_.text(page_.left(), top, mark, em, TextAnchor::left, true);
        page_.paragraph(words, indent_mm, em, box_mm);
        const double x = page_.right();
        // A box to tick.
        page_.page().add(rectangle_path(Layer::text, {x - 4.0, top - 0.6}, {x, top + 3.4}, pens::thin));
    }

    static constexpr double box_mm = 8;
    const SheetContext& context_;
    std::vector<Sheet> sheets_;
    SheetPage page_;
};

} // namespace

std::vector<Sheet> cuts_sheets(const SheetContext& context) {
    const Orders orders(context);
    Pages pages(context);
    pages.add(orders.nut());
    // Saddles and bars that are bought are not cut.
    const bool cut = context.job.design.has_slot() || !context.solution.notches.empty();
    if (cut && context.job.design.saddle.height_by != HeightBy::saddle_screws) pages.add(orders.saddle());
    if (context.job.design.bridge) pages.add(bridge_order(context));
    return pages.finished();
}

} // namespace fm
