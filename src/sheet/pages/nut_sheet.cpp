// The layout of one page from top to bottom.
#include "core/shop/tools.h"
#include "core/solution/check.h"
#include "core/solution/nut_plan.h"
#include "core/words/angle.h"
#include "sheet/drawing/pens.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/pages/shop_words.h"
#include "sheet/views/nut_views.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double dimension_step_mm = 4;
constexpr double em = SheetPage::small_em;
constexpr double floor_tick_mm = 0.8; // on the template, to either side of a slot
constexpr double saw_tick_mm = 0.4;
constexpr double side_room_mm = 44; // beside the part in true size: words, end view

std::string seat_name(Seat seat) {
    switch (seat) {
    case Seat::square: return translate("sheet", "seat square");
    case Seat::angled: return translate("sheet", "seat at the headstock's angle");
    case Seat::curved: return translate("sheet", "seat curved");
    }
    return {};
}

std::vector<std::string> facts_of(const Job& job, const Solution& solution) {
    const NutDesign& nut = job.design.nut;
    const auto number = [&](double mm) { return sheet_number(mm, job.unit); };
    std::vector<std::string> facts{material_name(nut.material)};
    if (nut.blank)
        facts.front() += ", " + translate("sheet", "blank") + " " + number(nut.blank->length_mm) + " × " +
                         number(nut.blank->height_mm) + " × " + number(nut.blank->thickness_mm);
    facts.push_back(seat_name(nut.seat));
    if (solution.nut_angle_deg != 0)
        facts.push_back(with_values(translate("sheet", "nut at %1 to the square"),
                                    fixed_text(solution.nut_angle_deg, 1) + "°"));
    facts.push_back(job.left_handed ? translate("sheet", "left-handed") : translate("sheet", "right-handed"));
    if (!job.owner.empty()) facts.push_back(with_values(translate("sheet", "owner %1"), job.owner));
    return facts;
}

class NutPage {
public:
    explicit NutPage(const SheetContext& context)
        : plan_(nut_plan_of(context.job.design, context.solution)),
          half_(reach_of(plan_, context.job.design.nut.thickness_mm)), page_(begun(context)),
          design_(page_.design()) {
        options_.mirrored = page_.job().left_handed;
        options_.strings = false;
        edge_fall_ = seat_fall_mm(design_.nut, 0.5 * design_.neck.nut_width_mm);
        height_ = nut_height_mm(design_, page_.solution());
    }

    std::vector<Sheet> drawn() {
        page_.notices(nut_notices(page_.job(), page_.solution()));
        true_size();
        enlargement();
        // Many strings under a long head: their list goes on a page of its own.
        if (page_.y() - SheetPage::tight_table_room(design_.strings.size()) < page_.bottom() + 9.0) {
            sheets_.push_back({page_.finished(), page_.figures()});
            page_ = begun(page_.context());
        }
        cut_list();
        page_.down(1.0);
        page_.paragraph(
            design_.nut.zero_fret
                ? translate("sheet", "The zero fret carries the strings: the floors only guide them.")
                : translate("sheet", "Stop at the floor plus twice its ±, string up, read again."));
        page_.doubts(about_the_nut);
        sheets_.push_back({page_.finished(), page_.figures()});
        return std::move(sheets_);
    }

private:
    SheetPage begun(const SheetContext& context) const {
        return {
            context,         "nut",        translate("sheet", "Nut"), facts_of(context.job, context.solution),
            scale_text(1.0), lies(context)};
    }
    /// Whether the part, with its words or with its figures in the sheet's units, is wider than a standing
    /// page.
    bool lies(const SheetContext& context) const {
        const double page_mm = paper_width_mm(context.style.paper);
        const double height_mm = nut_height_mm(context.job.design, context.solution);
        const double board = context.job.design.nut.board_above_seat_mm;
        const double words = std::max({label_width(context, board, translate("sheet", "board"), em),
                                       label_width(context, board + context.job.design.neck.fret_height_mm,
                                                   translate("sheet", "fret tops"), em),
                                       label_width(context, height_mm, translate("sheet", "highest"), em)});
        const double left = label_width(context, height_mm, "", em);
        return 2.0 * (half_ + side_room_mm) > page_mm ||
               2.0 * (half_ + SheetPage::leader_mm + 1.0) + left + words > page_mm - 2 * SheetPage::margin_mm;
    }
    /// The farthest either face goes from the centreline.
    static double reach_of(const NutPlan& plan, double thickness_mm) {
        return std::max({plan.half_mm(), plan.treble.along_mm + plan.treble.run * thickness_mm,
                         -plan.bass.along_mm - plan.bass.run * thickness_mm});
    }
    /// Both ends of the front face on the page, the left one first.
    std::pair<double, double> ends() const {
        return std::minmax(
            {-page_.bass_side() * plan_.bass.along_mm, -page_.bass_side() * plan_.treble.along_mm});
    }

    void true_size() {
        const double centre = page_.middle();
        page_.down(5.0);
        page_.text(page_.left(), page_.y(), translate("sheet", "True size 1:1"), SheetPage::body_em,
                   TextAnchor::left, true);
        const double room = centre - half_ - page_.left() - 18.0;
        double y = page_.y() - 4.5;
        for (const std::string& line : wrapped_text(
                 translate("sheet", "first a template to cut out, fold and stick on the blank: the "
                                    "slots on its face, their ways over its top; low ticks the "
                                    "floors, those above where to saw to; the line under the fold is "
                                    "the finished top"),
                 em, std::max(room, 20.0))) {
            page_.text(page_.left(), y, line, em);
            y -= 4.0;
        }
        const double strip_top = page_.y() - 0.5;
        page_.text(centre, strip_top + 1.0, translate("sheet", "centreline"), em, TextAnchor::middle);
        const double fold = strip_top - design_.nut.thickness_mm;
        stick_on({centre, fold});
        page_.go_to(fold - rough_top() - 4.0 - height_);
        page_.page().origin = {centre, page_.y()};
        page_.page().place(nut_front(design_, page_.solution(), options_), 1.0, page_.page().origin);
        page_.side_words(centre, half_, page_.y() + 0.4 * height_);
        const double end_x = centre + half_ + 27.0;
        page_.page().place(end_seen(), 1.0, {end_x, page_.y()});
        const double beside = page_.y() + 0.5 * height_;
        page_.text(end_x - 1.5, beside, translate("sheet", "HEAD"), em, TextAnchor::right);
        page_.text(end_x + design_.nut.thickness_mm + 1.5, beside, translate("sheet", "FRONT"), em);
        page_.down(5.0 + edge_fall_ + design_.nut.thickness_mm);
        page_.page().place(as_picture(nut_plan(design_, page_.solution(), options_)), 1.0,
                           {centre, page_.y()});
        const double head_y = page_.y() + design_.nut.thickness_mm - 0.75 * em;
        page_.text(centre + half_ + 3.0, head_y, translate("sheet", "HEAD"), em);
        page_.text(centre + half_ + 3.0, std::min(page_.y(), head_y - 1.2 * em), translate("sheet", "FRONT"),
                   em);
        page_.centreline(centre, page_.y() - 1.0 - steps(), strip_top + 0.6, Layer::scribe);
        if (design_.nut.material == "hardwood")
            page_.text(centre - half_ - 3.0, page_.y() + 0.5 * design_.nut.thickness_mm - 0.4 * em,
                       grain_words(), em, TextAnchor::right);
        // What was said beside it may be longer than the drawings are high.
        page_.go_to(std::min(page_.y() - 4.0 - steps(), y));
        page_.rule();
    }

    /// From the left end, which stands on the right of the front view: the first angle. The front face is on
    /// its right, x from the back.
    Drawing end_seen() const {
        NutViewOptions options = options_;
        options.mirrored = true;
        Drawing seen;
        seen.place(as_picture(nut_end(design_, page_.solution(), options)), 1.0,
                   {design_.nut.thickness_mm, 0.0});
        return seen;
    }

    /// To cut out, fold at its middle line and stick on the blank: below the face with the slots as wide as
    /// they are, above it their ways over the top.
    void stick_on(Point fold) {
        const double side = -page_.bass_side();
        const double thick = design_.nut.thickness_mm;
        const double seat = fold.y - rough_top();
        const auto add = [&](Point a, Point b, Stroke stroke) {
            page_.page().add(
                line_path(Layer::scribe, {fold.x + side * a.x, a.y}, {fold.x + side * b.x, b.y}, stroke));
        };
        const auto over_top = [&](double along, double run) {
            return Point{along + run * thick, fold.y + thick};
        };
        const Point bass_back = over_top(plan_.bass.along_mm, plan_.bass.run);
        const Point treble_back = over_top(plan_.treble.along_mm, plan_.treble.run);
        for (const NutEnd& end : {plan_.bass, plan_.treble}) {
            add({end.along_mm, seat}, {end.along_mm, fold.y}, pens::fine);
            add({end.along_mm, fold.y}, over_top(end.along_mm, end.run), pens::fine);
        }
        add({plan_.bass.along_mm, seat}, {plan_.treble.along_mm, seat}, pens::fine);
        add(bass_back, treble_back, pens::fine);
        add({plan_.bass.along_mm, fold.y}, {plan_.treble.along_mm, fold.y}, pens::hidden);
        for (std::size_t i = 0; i < page_.solution().strings.size(); ++i) {
            const SlotWork& slot = page_.solution().strings[i].slot;
            const double run = slot_run(design_, page_.solution(), i);
            const double half = 0.5 * slot.width_mm * slot_opening_factor(run); // along the face
            const double floor = seat + slot.floor_above_seat_mm - seat_fall(slot.along_mm);
            const double saw = seat + slot.saw_to_above_seat_mm - seat_fall(slot.along_mm);
            add({slot.along_mm, seat}, {slot.along_mm, fold.y}, pens::hair);
            for (const double wall : {slot.along_mm - half, slot.along_mm + half}) {
                add({wall, floor}, {wall, fold.y}, pens::fine);
                add({wall, fold.y}, over_top(wall, run), pens::fine);
            }
            add({slot.along_mm - half - floor_tick_mm, floor}, {slot.along_mm + half + floor_tick_mm, floor},
                pens::fine);
            for (const double way : {-1.0, 1.0})
                add({slot.along_mm + way * half, saw}, {slot.along_mm + way * (half + saw_tick_mm), saw},
                    pens::fine);
        }
        const std::vector<Point> top = nut_top_profile(design_, page_.solution());
        for (std::size_t i = 0; i + 1 < top.size(); ++i)
            add({top[i].x, seat + top[i].y - seat_fall(top[i].x)},
                {top[i + 1].x, seat + top[i + 1].y - seat_fall(top[i + 1].x)}, pens::hair);
        Path arrow = closed_path({{0.8, 0.0}, {2.6, 0.8}, {2.6, -0.8}}, pens::fine, Fill::ink);
        arrow.layer = Layer::scribe;
        arrow.outlined = false;
        for (Vertex& vertex : arrow.vertices)
            vertex.at = {fold.x + side * (plan_.bass.along_mm + vertex.at.x), seat + 1.2 + vertex.at.y};
        page_.page().add(arrow);
        page_.side_words(fold.x, half_, seat + 0.5 * height_ - 0.5 * em);
        page_.text(fold.x + half_ + 3.0, fold.y + 0.3, translate("sheet", "fold"), em);
        page_.text(fold.x + half_ + 3.0, fold.y + std::max(thick - 0.75 * em, 0.3 + 1.2 * em),
                   translate("sheet", "HEAD"), em);
    }

    double steps() const { return draws_steps(page_.solution()) ? deepest_step_mm(page_.solution()) : 0.0; }
    double rough_top() const { return nut_rough_top_mm(design_, page_.solution()); }
    double seat_fall(double along_mm) const {
        return seat_fall_mm(design_.nut, along_mm * std::cos(page_.solution().nut_angle_deg / degrees));
    }

    /// An end's height as a caliper reads it there: from the seat at that end.
    Ordinate edge_height(const char* name, bool of_bass) {
        const std::vector<Point> profile = nut_top_profile(design_, page_.solution());
        const double mm = (of_bass ? profile.front() : profile.back()).y;
        std::string words = page_.figure(std::string("nut.") + name, mm);
        if (edge_fall_ > 0) words += " " + translate("sheet", "from the seat there");
        return {mm - edge_fall_, 0.0, words, mm, edge_fall_ == 0};
    }

    /// Heights to the right of the enlarged front: the far edge and the lines across it.
    std::vector<Ordinate> heights_right() {
        const double board = design_.nut.board_above_seat_mm;
        const auto height = [&](const char* name, double mm, const std::string& words) {
            return Ordinate{mm, 0.0, page_.figure(std::string("nut.") + name, mm) + " " + words, mm};
        };
        Ordinate edge = edge_height("edge_right", page_.bass_side() > 0);
        if (edge.runs) edge.label += " " + translate("sheet", "edge");
        return {edge, height("board", board, translate("sheet", "board")),
                height("fret_tops", board + design_.neck.fret_height_mm, translate("sheet", "fret tops")),
                height("highest", height_, translate("sheet", "highest"))};
    }

    std::vector<Ordinate> height_left() { return {edge_height("edge_left", page_.bass_side() < 0)}; }

    /// Along the front face from the bass end: the slots, the centreline, the other end.
    std::vector<Ordinate> along_front() {
        const auto from_bass = [&](const std::string& name, double along_mm) {
            const double mm = along_mm - plan_.bass.along_mm;
            return Ordinate{along_mm, 0.0, page_.figure(name, mm), mm};
        };
        std::vector<Ordinate> values{{plan_.bass.along_mm, 0.0, page_.number(0), 0.0}};
        for (std::size_t i = 0; i < page_.solution().strings.size(); ++i)
            values.push_back(
                from_bass(string_name(i, "from_bass"), page_.solution().strings[i].slot.along_mm));
        Ordinate middle = from_bass("nut.centreline", 0.0);
        middle.label += " " + translate("sheet", "centreline");
        values.push_back(middle);
        values.push_back(from_bass("nut.length", plan_.treble.along_mm));
        return values;
    }

    /// Where a slot comes out at the head, from the bass end there.
    double at_head_mm(std::size_t i) const {
        const double run = slot_run(design_, page_.solution(), i) - plan_.bass.run;
        return page_.solution().strings[i].slot.along_mm - plan_.bass.along_mm +
               run * design_.nut.thickness_mm;
    }

    static std::string string_name(std::size_t i, const char* what) {
        return "nut.strings[" + std::to_string(i) + "]." + what;
    }

    void enlargement() {
        const std::vector<Ordinate> right = heights_right();
        const std::vector<Ordinate> left = height_left();
        const std::vector<Ordinate> along_it = along_front();
        const std::string thickness = page_.figure("nut.thickness", design_.nut.thickness_mm);
        const double figures_room = SheetPage::longest(along_it) + 14.0;
        const double left_room = std::max(SheetPage::leader_mm + 1.0 + SheetPage::longest(left),
                                          width_of(translate("sheet", "FRONT"), em) + 2.0);
        const double right_room = SheetPage::leader_mm + 1.0 + SheetPage::longest(right);
        const double end_room = dimension_step_mm + width_of(thickness, em) + 8.0;
        const double factor = best_factor(left_room, right_room, end_room, figures_room);
        page_.heading(with_values(translate("sheet", "Enlarged %1"), scale_text(factor)),
                      edge_fall_ > 0
                          ? translate("sheet",
                                      "along the front from its bass end; heights from the seat under "
                                      "the middle, a floor's from the seat under it")
                          : translate("sheet", "along the front from its bass end; heights from the seat"));
        const double centre = page_.left() + left_room + factor * half_;
        const Point seat{centre, page_.y() - figures_room - factor * height_};
        page_.page().place(as_picture(nut_front(design_, page_.solution(), options_)), factor, seat);
        dimensions_along(along_it, seat, factor);
        height_dimensions(right, left, seat, factor);
        const double under = seat.y - factor * edge_fall_;
        const Point plan{centre, under - 9.0 - factor * design_.nut.thickness_mm};
        page_.centreline(centre, plan.y - 1.5 - factor * steps(), seat.y + factor * height_ + 1.0,
                         Layer::dimension);
        plan_view(plan, factor, thickness);
        const double lowest = angle_words(plan, factor, centre + factor * half_ - page_.left());
        words_under_front(seat, factor);
        end_view({centre + factor * half_ + end_room, plan.y}, factor);
        page_.go_to(lowest - factor * steps() - (lowest < plan.y ? 2.5 : 5.0));
        page_.rule();
    }

    double best_factor(double left_room, double right_room, double end_room, double figures_room) const {
        const double thickness = design_.nut.thickness_mm;
        const double rows = SheetPage::table_room(page_.solution().strings.size()) + 10.0;
        const double high = page_.y() - page_.bottom() - rows - figures_room - 30.0;
        const double wide = page_.width() - left_room;
        const double tall = height_ + edge_fall_ + thickness + steps();
        return std::min(fm::enlargement(2 * half_, wide - right_room, tall, high),
                        fm::enlargement(2 * half_ + thickness, wide - end_room, tall, high));
    }

    void plan_view(Point plan, double factor, const std::string& thickness) {
        const double thick = design_.nut.thickness_mm;
        const double edge = plan.x + factor * half_;
        page_.page().place(as_picture(nut_plan(design_, page_.solution(), options_)), factor, plan);
        page_.page().add(LinearDimension{{edge, plan.y},
                                         {edge, plan.y + factor * thick},
                                         true,
                                         edge + dimension_step_mm,
                                         thickness,
                                         thick});
        page_.text(page_.left(), plan.y + factor * thick - 0.75 * em, translate("sheet", "HEAD"), em);
        page_.text(page_.left(), plan.y, translate("sheet", "FRONT"), em);
    }

    /// How the front face stands, under the plan. @returns the lowest line's place
    double angle_words(Point plan, double factor, double room) {
        double y = plan.y - 0.5 * factor; // under the slots' centre lines
        if (page_.solution().nut_angle_deg == 0) return plan.y;
        const std::string words =
            with_values(translate("sheet", "the front face stands at %1 to the square of the neck; the ends "
                                           "run with the board's edges"),
                        page_.angle_figure("nut.angle", page_.solution().nut_angle_deg));
        for (const std::string& line : wrapped_text(words, em, room))
            page_.text(page_.left(), y -= 3.6, line, em);
        return y;
    }

    void words_under_front(Point seat, double factor) {
        const double y = seat.y - factor * edge_fall_ - 4.4;
        for (const double side : {-1.0, 1.0})
            page_.text(seat.x + factor * (side < 0 ? ends().first : ends().second) - side * 1.2, y,
                       side == page_.bass_side() ? translate("sheet", "BASS") : translate("sheet", "TREBLE"),
                       em, side < 0 ? TextAnchor::left : TextAnchor::right);
    }

    void end_view(Point front, double factor) {
        const bool angled = design_.nut.seat == Seat::angled;
        const double angle_rad = design_.nut.headstock_angle_deg / degrees;
        const double fall = angled ? design_.nut.thickness_mm * std::tan(angle_rad) : 0.0;
        page_.page().place(end_seen(), factor, {front.x, front.y + factor * fall});
        const double wide = factor * design_.nut.thickness_mm;
        const double top =
            front.y + factor * (fall + page_.solution().strings.front().slot.made_top_above_seat_mm);
        const std::string head = translate("sheet", "HEAD");
        const std::string face = translate("sheet", "FRONT");
        const bool beside = width_of(head, em) + width_of(face, em) + 1.5 < wide;
        page_.text(front.x, top + 1.2, head, em);
        page_.text(front.x + wide, top + (beside ? 1.2 : 1.2 + 1.3 * em), face, em, TextAnchor::right);
        const std::string words =
            angled ? with_values(translate("sheet", "end view, seat %1"),
                                 page_.angle_figure("nut.seat_angle", design_.nut.headstock_angle_deg))
                   : translate("sheet", "end view");
        const double middle = front.x + 0.5 * wide;
        const double most = page_.right() - 0.5 * width_of(words, em);
        page_.text(std::min(middle, most), front.y - 3.2, words, em, TextAnchor::middle);
    }

    void dimensions_along(std::vector<Ordinate> values, Point seat, double factor) {
        const double top = seat.y + factor * height_;
        const double side = -page_.bass_side();
        for (Ordinate& value : values) value.place = seat.x + side * factor * value.place, value.from = top;
        const Point origin{seat.x + side * factor * plan_.bass.along_mm, seat.y};
        page_.ordinates_along(values, origin, top + SheetPage::leader_mm, top + SheetPage::line_off_mm);
    }

    void height_dimensions(std::vector<Ordinate> right, std::vector<Ordinate> left, Point seat,
                           double factor) {
        const auto [left_end, right_end] = ends();
        for (Ordinate& value : right)
            value.from = seat.x + factor * right_end, value.place = seat.y + factor * value.place;
        for (Ordinate& value : left)
            value.from = seat.x + factor * left_end, value.place = seat.y + factor * value.place;
        const double out = factor * half_;
        page_.ordinates_up(right, seat, seat.x + out + SheetPage::leader_mm,
                           seat.x + out + SheetPage::line_off_mm);
        page_.ordinates_up(left, seat, seat.x - out - SheetPage::leader_mm,
                           seat.x - out - SheetPage::line_off_mm);
    }

    /// Of a ± that is still being worked out there is none to be told.
    std::string sure_words(double sure_mm) const {
        return std::isnan(sure_mm) ? "\u2026" : page_.number(sure_mm);
    }

    void cut_list() {
        const bool sure = !page_.context().floor_sure_mm.empty();
        const bool stepped = is_stepped(page_.solution());
        std::vector<TableColumn> columns{{translate("sheet", "string")},
                                         {translate("sheet", "at the head")},
                                         {translate("sheet", "saw to")},
                                         {translate("sheet", "floor"), true}};
        if (sure) columns.push_back({"±"});
        for (const char* head : {QT_TRANSLATE_NOOP("sheet", "depth"), QT_TRANSLATE_NOOP("sheet", "width"),
                                 QT_TRANSLATE_NOOP("sheet", "file"), QT_TRANSLATE_NOOP("sheet", "falls")})
            columns.push_back({translate("sheet", head)});
        if (stepped) columns.push_back({translate("sheet", "forward")});
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            const SlotWork& slot = page_.solution().strings[i].slot;
            std::vector<std::string> row{design_.string_name(i),
                                         page_.figure(string_name(i, "at_head"), at_head_mm(i)),
                                         page_.figure(string_name(i, "saw_to"), slot.saw_to_above_seat_mm),
                                         page_.figure(string_name(i, "floor"), slot.floor_above_seat_mm)};
            if (sure) row.push_back(sure_words(page_.context().floor_sure_mm[i]));
            row.push_back(page_.figure(string_name(i, "depth"), slot.depth_mm));
            row.push_back(page_.figure(string_name(i, "width"), slot.width_mm));
            row.push_back(file_words(page_.job(), page_.context().tools, i));
            row.push_back(knows_floor_fall(design_.nut)
                              ? page_.angle_figure(string_name(i, "floor_angle"), slot.floor_angle_deg) +
                                    " · " +
                                    page_.figure(string_name(i, "floor_drop"), slot.floor_back_drop_mm)
                              : floor_fall_words(page_.job(), page_.solution(), i));
            if (stepped)
                row.push_back(page_.figure(string_name(i, "set_forward"),
                                           page_.solution().strings[i].line.set_forward_mm));
            rows.push_back(std::move(row));
        }
        page_.table(columns, rows, page_.bottom() + 9.0);
    }

    std::vector<Sheet> sheets_; // those before the one that is being drawn
    NutPlan plan_;
    double half_; // with room for ends that run aside
    SheetPage page_;
    const Design& design_;
    NutViewOptions options_;
    double height_ = 0;    // highest point over the seat's middle
    double edge_fall_ = 0; // of a curved seat
};

} // namespace

std::string floor_fall_words(const Job& job, const Solution& solution, std::size_t string) {
    const SlotWork& slot = solution.strings[string].slot;
    if (!knows_floor_fall(job.design.nut)) return translate("sheet", "not given");
    return fixed_text(slot.floor_angle_deg, 1) + "° · " + sheet_number(slot.floor_back_drop_mm, job.unit);
}

std::vector<Sheet> nut_sheets(const SheetContext& context) {
    return NutPage(context).drawn();
}

} // namespace fm
