#include "sheet/pages/nut_on_page.h"

#include "core/shop/tools.h"
#include "core/words/angle.h"
#include "sheet/drawing/pens.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/pages/shop_words.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double dimension_step_mm = 4;
constexpr double em = SheetPage::small_em;
constexpr double floor_tick_mm = 0.8; // on the template, to either side of a slot
constexpr double saw_tick_mm = 0.4;
constexpr double under_front_mm = 9; // to the plan: BASS and TREBLE
constexpr double under_plan_mm = 7;  // to the word at the centreline's foot

std::string seat_name(Seat seat) {
    switch (seat) {
    case Seat::square: return translate("sheet", "seat square");
    case Seat::angled: return translate("sheet", "seat at the headstock's angle");
    case Seat::curved: return translate("sheet", "seat curved");
    }
    return {};
}

/// The farthest either face goes from the centreline.
double reach_of(const NutPlan& plan, double thickness_mm) {
    return std::max({plan.half_mm(), plan.treble.along_mm + plan.treble.run * thickness_mm,
                     -plan.bass.along_mm - plan.bass.run * thickness_mm});
}

std::string string_name(std::size_t i, const char* what) {
    return "nut.strings[" + std::to_string(i) + "]." + what;
}

} // namespace

NutOnPage::NutOnPage(SheetPage& page)
    : page_(page), plan_(nut_plan_of(page.design(), page.solution())),
      half_(reach_of(plan_, page.design().nut.thickness_mm)),
      edge_fall_(seat_fall_mm(page.design().nut, 0.5 * page.design().neck.nut_width_mm)),
      height_(nut_height_mm(page.design(), page.solution())) {
    options_.mirrored = page.job().left_handed;
    options_.strings = false;
}

std::vector<std::string> NutOnPage::facts(const Job& job, const Solution& solution) {
    const NutDesign& nut = job.design.nut;
    const auto number = [&](double mm) { return sheet_number(mm, job.unit); };
    std::vector<std::string> facts{material_name(nut.material)};
    if (nut.blank)
        facts.front() += ", " + translate("sheet", "blank") + " " + number(nut.blank->length_mm) + " × " +
                         number(nut.blank->height_mm) + " × " + number(nut.blank->thickness_mm);
    facts.push_back(seat_name(nut.seat));
    if (solution.nut_angle_deg != 0)
        facts.push_back(with_values(translate("sheet", "nut at %1 to the square"),
                                    sheet_fixed(solution.nut_angle_deg, 1) + "°"));
    facts.push_back(job.left_handed ? translate("sheet", "left-handed") : translate("sheet", "right-handed"));
    if (!job.owner.empty()) facts.push_back(with_values(translate("sheet", "owner %1"), job.owner));
    return facts;
}

bool NutOnPage::lies(const SheetContext& context) {
    const Design& design = context.job.design;
    const double half = reach_of(nut_plan_of(design, context.solution), design.nut.thickness_mm);
    const double height_mm = nut_height_mm(design, context.solution);
    const double board = design.nut.board_above_seat_mm;
    const double words = std::max(
        {label_width(context, board, translate("sheet", "board"), em),
         label_width(context, board + design.neck.fret_height_mm, translate("sheet", "fret tops"), em),
         label_width(context, height_mm, translate("sheet", "highest"), em)});
    const double left = label_width(context, height_mm, "", em);
    const double figures = 2.0 * (SheetPage::leader_mm + 1.0) + left + words;
    return 2.0 * half + std::max(figures, 2.0 * side_words_mm) >
           paper_width_mm(context.style.paper) - 2 * SheetPage::margin_mm;
}

/// Both ends of the front face on the page, the left one first.
std::pair<double, double> NutOnPage::ends() const {
    return std::minmax(
        {-page_.bass_side() * plan_.bass.along_mm, -page_.bass_side() * plan_.treble.along_mm});
}

std::string NutOnPage::template_words() {
    return translate("sheet",
                     "a template to cut out, fold and stick on the blank: low ticks are floors, those "
                     "above where to saw to; under the fold the finished top");
}

double NutOnPage::true_size(double centre, bool with_front) {
    // Beside a thin one its words stand higher than it does.
    const double strip_top = page_.y() - std::max(4.0, 5.5 - design().nut.thickness_mm);
    page_.text(centre, strip_top + 1.0, translate("sheet", "centreline"), em, TextAnchor::middle);
    const double fold = strip_top - design().nut.thickness_mm;
    stick_on({centre, fold});
    double low = fold - rough_top();
    if (with_front) {
        low -= 4.0 + height_;
        front({centre, low}, 1.0);
        page_.side_words(centre, half_, low + 0.4 * height_);
        low -= edge_fall_;
    }
    page_.centreline(centre, low - 1.0, strip_top + 0.6, Layer::scribe);
    return low;
}

/// The front as it is cut, its datum the page's; larger it is a picture of it.
void NutOnPage::front(Point seat, double scale) {
    Drawing view = nut_front(design(), page_.solution(), options_);
    if (scale == 1.0) page_.page().origin = seat;
    page_.page().place(scale == 1.0 ? as_worked_to(std::move(view)) : as_picture(std::move(view)), scale,
                       seat);
}

/// From the left end, which stands on the right of the front view: the first angle. The front face is on
/// its right, x from the back.
Drawing NutOnPage::end_seen() const {
    NutViewOptions options = options_;
    options.mirrored = true;
    Drawing seen;
    seen.place(as_picture(nut_end(design(), page_.solution(), options)), 1.0,
               {design().nut.thickness_mm, 0.0});
    return seen;
}

/// To cut out, fold at its middle line and stick on the blank: below the face with the slots as wide as
/// they are, above it their ways over the top.
void NutOnPage::stick_on(Point fold) {
    const double side = -page_.bass_side();
    const double thick = design().nut.thickness_mm;
    const double seat = fold.y - rough_top();
    const auto add = [&](Point a, Point b, Stroke stroke) {
        page_.page().add(
            line_path(Layer::scribe, {fold.x + side * a.x, a.y}, {fold.x + side * b.x, b.y}, stroke));
    };
    const auto over_top = [&](double along, double run) {
        return Point{along + run * thick, fold.y + thick};
    };
    // What lies on the top, seen from above: from the front to the back, running by so much for every mm.
    const auto slab = [&](NutEnd from, NutEnd to) {
        std::vector<Point> corners{{from.along_mm, fold.y},
                                   {to.along_mm, fold.y},
                                   over_top(to.along_mm, to.run),
                                   over_top(from.along_mm, from.run)};
        for (Point& corner : corners) corner.x = fold.x + side * corner.x;
        Path outline = closed_path(corners, pens::exact, Fill::none);
        outline.layer = Layer::scribe;
        page_.page().add(outline);
    };
    slab(plan_.bass, plan_.treble);
    for (const NutEnd& end : {plan_.bass, plan_.treble})
        add({end.along_mm, seat}, {end.along_mm, fold.y}, pens::exact);
    add({plan_.bass.along_mm, seat}, {plan_.treble.along_mm, seat}, pens::exact);
    add({plan_.bass.along_mm, fold.y}, {plan_.treble.along_mm, fold.y}, pens::hidden);
    for (std::size_t i = 0; i < page_.solution().strings.size(); ++i) {
        const SlotWork& slot = page_.solution().strings[i].slot;
        const double run = slot_run(design(), page_.solution(), i);
        const double half = 0.5 * slot.width_mm * slot_opening_factor(run); // along the face
        const double floor = seat + slot.floor_above_seat_mm - seat_fall(slot.along_mm);
        const double saw = seat + slot.saw_to_above_seat_mm - seat_fall(slot.along_mm);
        add({slot.along_mm, seat}, {slot.along_mm, fold.y}, pens::hair);
        slab({slot.along_mm - half, run}, {slot.along_mm + half, run});
        for (const double wall : {slot.along_mm - half, slot.along_mm + half})
            add({wall, floor}, {wall, fold.y}, pens::exact);
        add({slot.along_mm - half - floor_tick_mm, floor}, {slot.along_mm + half + floor_tick_mm, floor},
            pens::exact);
        for (const double way : {-1.0, 1.0})
            add({slot.along_mm + way * half, saw}, {slot.along_mm + way * (half + saw_tick_mm), saw},
                pens::exact);
    }
    const std::vector<Point> top = nut_top_profile(design(), page_.solution());
    for (std::size_t i = 0; i + 1 < top.size(); ++i)
        add({top[i].x, seat + top[i].y - seat_fall(top[i].x)},
            {top[i + 1].x, seat + top[i + 1].y - seat_fall(top[i + 1].x)}, pens::hair);
    Path arrow = closed_path({{0.8, 0.0}, {2.6, 0.8}, {2.6, -0.8}}, pens::exact, Fill::ink);
    arrow.layer = Layer::scribe;
    arrow.outlined = false;
    for (Vertex& vertex : arrow.vertices)
        vertex.at = {fold.x + side * (plan_.bass.along_mm + vertex.at.x), seat + 1.2 + vertex.at.y};
    page_.page().add(arrow);
    const double beside = seat + 0.5 * height_ - 0.5 * em;
    page_.side_words(fold.x, half_, beside);
    if (design().nut.material == "hardwood")
        page_.text(fold.x - half_ - 3.0, beside - 1.35 * em, grain_words(), em, TextAnchor::right);
    page_.text(fold.x + half_ + 3.0, fold.y + 0.3, translate("sheet", "fold"), em);
    page_.text(fold.x + half_ + 3.0, fold.y + std::max(thick - 0.75 * em, 0.3 + 1.2 * em),
               translate("sheet", "HEAD"), em);
}

double NutOnPage::steps() const {
    return draws_steps(page_.solution()) ? deepest_step_mm(page_.solution()) : 0.0;
}

double NutOnPage::rough_top() const {
    return nut_rough_top_mm(design(), page_.solution());
}

double NutOnPage::seat_fall(double along_mm) const {
    return seat_fall_mm(design().nut, along_mm * std::cos(page_.solution().nut_angle_deg / degrees));
}

/// An end's height as a caliper reads it there: from the seat at that end.
Ordinate NutOnPage::edge_height(const char* name, bool of_bass) {
    const std::vector<Point> profile = nut_top_profile(design(), page_.solution());
    const double mm = (of_bass ? profile.front() : profile.back()).y;
    std::string words = page_.figure(std::string("nut.") + name, mm);
    if (edge_fall_ > 0) words += " " + translate("sheet", "from the seat there");
    return {mm - edge_fall_, 0.0, words, mm, edge_fall_ == 0};
}

/// Heights to the right of the enlarged front: the far edge and the lines across it.
std::vector<Ordinate> NutOnPage::heights_right() {
    const double board = design().nut.board_above_seat_mm;
    const auto height = [&](const char* name, double mm, const std::string& words) {
        return Ordinate{mm, 0.0, page_.figure(std::string("nut.") + name, mm) + " " + words, mm};
    };
    Ordinate edge = edge_height("edge_right", page_.bass_side() > 0);
    if (edge.runs) edge.label += " " + translate("sheet", "edge");
    return {edge, height("board", board, translate("sheet", "board")),
            height("fret_tops", board + design().neck.fret_height_mm, translate("sheet", "fret tops")),
            height("highest", height_, translate("sheet", "highest"))};
}

/// Along the front face from the bass end: the slots, the centreline, the other end.
std::vector<Ordinate> NutOnPage::along_front() {
    const auto from_bass = [&](const std::string& name, double along_mm) {
        const double mm = along_mm - plan_.bass.along_mm;
        return Ordinate{along_mm, 0.0, page_.figure(name, mm), mm};
    };
    std::vector<Ordinate> values{{plan_.bass.along_mm, 0.0, page_.number(0), 0.0}};
    for (std::size_t i = 0; i < page_.solution().strings.size(); ++i)
        values.push_back(from_bass(string_name(i, "from_bass"), page_.solution().strings[i].slot.along_mm));
    values.push_back(from_bass("nut.centreline", 0.0));
    values.push_back(from_bass("nut.length", plan_.treble.along_mm));
    return values;
}

/// Where a slot comes out at the head, from the bass end there.
double NutOnPage::at_head_mm(std::size_t i) const {
    const double run = slot_run(design(), page_.solution(), i) - plan_.bass.run;
    return page_.solution().strings[i].slot.along_mm - plan_.bass.along_mm + run * design().nut.thickness_mm;
}

NutOnPage::Figured NutOnPage::figured() {
    return {along_front(),
            {edge_height("edge_left", page_.bass_side() < 0)},
            heights_right(),
            page_.figure("nut.thickness", design().nut.thickness_mm)};
}

NutOnPage::Room NutOnPage::room_of(const Figured& figures) const {
    const double word = width_of(translate("sheet", "FRONT"), em) + 2.0;
    Room room{std::max(SheetPage::leader_mm + 1.0 + SheetPage::longest(figures.left), word),
              SheetPage::leader_mm + 1.0 + SheetPage::longest(figures.right),
              dimension_step_mm + width_of(figures.thickness, em) + 8.0,
              SheetPage::leader_mm + 1.0 + SheetPage::longest(figures.along) + 1.5};
    // The end view of a thin one stands as high as the heights' figures: beside them.
    if (height_ + end_fall_mm() - design().nut.thickness_mm > design().nut.board_above_seat_mm - 0.5)
        room.end = room.right + word;
    return room;
}

double NutOnPage::largest_factor(double below_mm) {
    const Room room = room_of(figured());
    const double thickness = design().nut.thickness_mm;
    const double high = page_.y() - page_.bottom() - below_mm - room.above - under_front_mm - under_plan_mm -
                        (page_.solution().nut_angle_deg == 0 ? 0.0 : 8.0);
    const double wide = page_.width() - room.left;
    const double tall = height_ + edge_fall_ + thickness + steps();
    return std::min(enlargement(2 * half_, wide - room.right, tall, high),
                    enlargement(2 * half_ + thickness, wide - room.end, tall, high));
}

void NutOnPage::dimensioned(double factor) {
    const Figured figures = figured();
    const Room room = room_of(figures);
    const double centre = page_.left() + room.left + factor * half_;
    const Point seat{centre, page_.y() - room.above - factor * height_};
    front(seat, factor);
    dimensions_along(figures.along, seat, factor);
    height_dimensions(figures.right, figures.left, seat, factor);
    const double under = seat.y - factor * edge_fall_;
    const Point plan{centre, under - under_front_mm - factor * design().nut.thickness_mm};
    const double foot = plan.y - factor * steps() - std::max(1.5, 0.5 * factor); // as low as the slots' lines
    page_.centreline(centre, foot, seat.y + factor * height_ + 1.0, Layer::dimension);
    page_.text(centre, foot - 2.7, translate("sheet", "centreline"), em, TextAnchor::middle);
    plan_view(plan, factor, figures.thickness);
    words_under_front(seat, factor);
    end_view({centre + factor * half_ + room.end, plan.y}, factor);
    page_.go_to(foot - 3.0);
    angle_words(centre + factor * half_ - page_.left());
}

void NutOnPage::plan_view(Point plan, double factor, const std::string& thickness) {
    const double thick = design().nut.thickness_mm;
    const double edge = plan.x + factor * half_;
    page_.page().place(as_picture(nut_plan(design(), page_.solution(), options_)), factor, plan);
    page_.page().add(LinearDimension{
        {edge, plan.y}, {edge, plan.y + factor * thick}, true, edge + dimension_step_mm, thickness, thick});
    page_.text(page_.left(), plan.y + std::max(factor * thick - 0.75 * em, 1.2 * em),
               translate("sheet", "HEAD"), em);
    page_.text(page_.left(), plan.y, translate("sheet", "FRONT"), em);
}

/// How the front face stands, under the plan.
void NutOnPage::angle_words(double room) {
    if (page_.solution().nut_angle_deg == 0) return;
    const std::string words =
        with_values(translate("sheet", "the front face stands at %1 to the square of the neck; the ends "
                                       "run with the board's edges"),
                    page_.angle_figure("nut.angle", page_.solution().nut_angle_deg));
    page_.paragraph(words, 0.0, em, page_.width() - room);
}

void NutOnPage::words_under_front(Point seat, double factor) {
    const double y = seat.y - factor * edge_fall_ - 4.4;
    for (const double side : {-1.0, 1.0})
        page_.text(seat.x + factor * (side < 0 ? ends().first : ends().second) - side * 1.2, y,
                   side == page_.bass_side() ? translate("sheet", "BASS") : translate("sheet", "TREBLE"), em,
                   side < 0 ? TextAnchor::left : TextAnchor::right);
}

/// How much lower the seat lies at the head.
double NutOnPage::end_fall_mm() const {
    if (design().nut.seat != Seat::angled) return 0.0;
    return design().nut.thickness_mm * std::tan(design().nut.headstock_angle_deg / degrees);
}

void NutOnPage::end_view(Point front, double factor) {
    const bool angled = design().nut.seat == Seat::angled;
    const double fall = end_fall_mm();
    page_.page().place(end_seen(), factor, {front.x, front.y + factor * fall});
    const double wide = factor * design().nut.thickness_mm;
    const double top =
        front.y + factor * (fall + page_.solution().strings.front().slot.made_top_above_seat_mm);
    const std::string head = translate("sheet", "HEAD");
    const std::string face = translate("sheet", "FRONT");
    const bool beside = width_of(head, em) + width_of(face, em) + 1.5 < wide;
    page_.text(front.x, top + 1.2, head, em);
    page_.text(front.x + wide, top + (beside ? 1.2 : 1.2 + 1.3 * em), face, em, TextAnchor::right);
    const std::string words =
        angled ? with_values(translate("sheet", "end view, seat %1"),
                             page_.angle_figure("nut.seat_angle", design().nut.headstock_angle_deg))
               : translate("sheet", "end view");
    const double middle = front.x + 0.5 * wide;
    const double most = page_.right() - 0.5 * width_of(words, em);
    page_.text(std::min(middle, most), front.y - 3.2, words, em, TextAnchor::middle);
}

void NutOnPage::dimensions_along(std::vector<Ordinate> values, Point seat, double factor) {
    const double top = seat.y + factor * height_;
    const double side = -page_.bass_side();
    for (Ordinate& value : values) value.place = seat.x + side * factor * value.place, value.from = top;
    const Point origin{seat.x + side * factor * plan_.bass.along_mm, seat.y};
    page_.ordinates_along(values, origin, top + SheetPage::leader_mm, top + SheetPage::line_off_mm);
}

void NutOnPage::height_dimensions(std::vector<Ordinate> right, std::vector<Ordinate> left, Point seat,
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
std::string NutOnPage::sure_words(double sure_mm) const {
    return std::isnan(sure_mm) ? "\u2026" : page_.number(sure_mm);
}

std::vector<TableColumn> NutOnPage::columns() const {
    std::vector<TableColumn> columns{{translate("sheet", "at the head")},
                                     {translate("sheet", "saw to")},
                                     {translate("sheet", "floor"), true}};
    if (!page_.context().floor_sure_mm.empty()) columns.push_back({"±"});
    for (const char* head : {QT_TRANSLATE_NOOP("sheet", "depth"), QT_TRANSLATE_NOOP("sheet", "width"),
                             QT_TRANSLATE_NOOP("sheet", "file"), QT_TRANSLATE_NOOP("sheet", "falls")})
        columns.push_back({translate("sheet", head)});
    if (is_stepped(page_.solution())) columns.push_back({translate("sheet", "forward")});
    return columns;
}

std::vector<std::string> NutOnPage::row(std::size_t i) {
    const SlotWork& slot = page_.solution().strings[i].slot;
    std::vector<std::string> row{page_.figure(string_name(i, "at_head"), at_head_mm(i)),
                                 page_.figure(string_name(i, "saw_to"), slot.saw_to_above_seat_mm),
                                 page_.figure(string_name(i, "floor"), slot.floor_above_seat_mm)};
    const std::vector<double>& sure_mm = page_.context().floor_sure_mm;
    if (!sure_mm.empty()) row.push_back(sure_words(sure_mm[i]));
    row.push_back(page_.figure(string_name(i, "depth"), slot.depth_mm));
    row.push_back(page_.figure(string_name(i, "width"), slot.width_mm));
    row.push_back(file_words(page_.job(), page_.context().tools, i));
    row.push_back(knows_floor_fall(design().nut)
                      ? page_.angle_figure(string_name(i, "floor_angle"), slot.floor_angle_deg) + " · " +
                            page_.figure(string_name(i, "floor_drop"), slot.floor_back_drop_mm)
                      : floor_fall_words(page_.job(), page_.solution(), i));
    if (is_stepped(page_.solution()))
        row.push_back(
            page_.figure(string_name(i, "set_forward"), page_.solution().strings[i].line.set_forward_mm));
    return row;
}

std::string NutOnPage::note() const {
    if (design().nut.clamping) return translate("sheet", "It goes up on shims, and down at its seat.");
    return design().nut.zero_fret
               ? translate("sheet", "The zero fret carries the strings: the floors only guide them.")
               : translate("sheet", "Stop at the floor plus twice its ±, string up, read again.");
}

std::string NutOnPage::scheme() const {
    return edge_fall_ > 0
               ? translate("sheet", "along the front from its bass end; heights from the seat under "
                                    "the middle, a floor's from the seat under it")
               : translate("sheet", "along the front from its bass end; heights from the seat");
}

std::string floor_fall_words(const Job& job, const Solution& solution, std::size_t string) {
    const SlotWork& slot = solution.strings[string].slot;
    if (!knows_floor_fall(job.design.nut)) return translate("sheet", "not given");
    return sheet_fixed(slot.floor_angle_deg, 1) + "° · " + sheet_number(slot.floor_back_drop_mm, job.unit);
}

} // namespace fm
