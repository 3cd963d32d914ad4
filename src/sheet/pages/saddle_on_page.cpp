#include "sheet/pages/saddle_on_page.h"

#include "sheet/drawing/pens.h"

#include <QCoreApplication>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double strip_mm = 7;
constexpr double em = SheetPage::small_em;
constexpr double left_room_mm = 12; // for BASS beside the plan
constexpr double beyond_mm = 5;     // what the views draw of the slot's floor beyond the part

bool is_bridge_top(const SheetContext& context) {
    return !context.solution.notches.empty();
}

std::string ground_words(SaddleGround ground, bool over_packing) {
    switch (ground) {
    case SaddleGround::slot_floor:
        return over_packing ? translate("sheet", "heights from what lies in the slot, not from its floor")
                            : translate("sheet", "heights from the slot's floor");
    case SaddleGround::soundboard: return translate("sheet", "heights over the soundboard");
    case SaddleGround::fret_plane: break;
    }
    return translate("sheet", "heights over the fret plane");
}

double highest_of(const SheetContext& context) {
    double highest_mm = saddle_highest_mm(context.job.design, context.solution);
    if (context.solution.bridge && is_bridge_top(context))
        for (const Notch& notch : context.solution.notches)
            highest_mm = std::max(highest_mm, notch.made_top_over_top_mm);
    return highest_mm;
}

std::string string_name(std::size_t i, const char* what) {
    return "saddle.strings[" + std::to_string(i) + "]." + what;
}

} // namespace

SaddleOnPage::SaddleOnPage(SheetPage& page)
    : page_(page), span_(saddle_span(page.solution())), highest_(highest_of(page.context())) {
    options_.mirrored = page.job().left_handed;
}

std::string SaddleOnPage::name(const SheetContext& context) {
    if (is_bridge_top(context)) return translate("sheet", "Bridge top");
    if (context.solution.single) return translate("sheet", "Single saddles");
    return context.job.design.has_slot() ? translate("sheet", "Saddle") : translate("sheet", "Bar on posts");
}

std::vector<std::string> SaddleOnPage::facts(const SheetContext& context) {
    const SaddleDesign& saddle = context.job.design.saddle;
    const auto number = [&](double mm) { return sheet_number(mm, context.job.unit); };
    std::vector<std::string> facts;
    if (context.job.design.has_slot()) { // the others are bought, or part of the bridge
        facts.push_back(material_name(saddle.material));
        if (saddle.blank)
            facts.front() += ", " + translate("sheet", "blank") + " " + number(saddle.blank->length_mm) +
                             " × " + number(saddle.blank->height_mm) + " × " +
                             number(saddle.blank->thickness_mm);
        facts.push_back(with_values(translate("sheet", "ends rounded %1"),
                                    number(context.solution.saddle.end_radius_mm)));
    }
    if (const auto& radius = context.solution.saddle.crown_radius_mm) {
        std::string words =
            with_values(translate("sheet", "crown radius %1"), sheet_radius(*radius, context.job.unit));
        if (const auto block = nearest_block_mm(*radius, crown_span_along_mm(context.solution),
                                                context.tools.radius_blocks_mm))
            words +=
                ", " + with_values(translate("sheet", "block %1"), sheet_radius(*block, context.job.unit));
        facts.push_back(words);
    }
    facts.push_back(context.job.left_handed ? translate("sheet", "left-handed")
                                            : translate("sheet", "right-handed"));
    return facts;
}

bool SaddleOnPage::lies(const SheetContext& context) {
    const double page_mm = paper_width_mm(context.style.paper);
    const SaddleSpan span = saddle_span(context.solution);
    const double reach = std::max(-span.from_mm, span.to_mm);
    double words = label_width(context, highest_of(context), translate("sheet", "highest"), em);
    if (const auto top = bridge_top_mm(context.job.design, context.solution))
        words = std::max(words, label_width(context, *top, translate("sheet", "bridge's top"), em));
    const double figures = SheetPage::leader_mm + 1.0 + words;
    return 2.0 * (reach + side_words_mm) > page_mm ||
           left_room_mm + 2.0 * (reach + beyond_mm) + figures > page_mm - 2 * SheetPage::margin_mm;
}

double SaddleOnPage::along(std::size_t i) const {
    return -page_.bass_side() * page_.solution().strings[i].saddle_along_mm;
}

/// The part itself where it is something to be cut, its datum the page's; larger it is a picture of it.
void SaddleOnPage::front(Point ground, double scale) {
    Drawing view = saddle_front(design(), page_.solution(), options_);
    const bool to_be_cut =
        scale == 1.0 && saddle_ground(design(), page_.solution()) != SaddleGround::fret_plane;
    if (scale == 1.0) page_.page().origin = ground;
    page_.page().place(to_be_cut ? as_worked_to(std::move(view)) : as_picture(std::move(view)), scale,
                       ground);
}

double SaddleOnPage::true_size(double centre, bool with_front) {
    const double strip_top = page_.y() - 4.0;
    page_.text(centre, strip_top + 1.0, translate("sheet", "centreline"), em, TextAnchor::middle);
    strip(centre, strip_top);
    double low = strip_top - strip_mm;
    if (with_front) {
        low -= 3.0 + most_string_mm() + highest_;
        front({centre, low}, 1.0);
        page_.side_words(centre, reach_mm() + 3.0, low + 0.4 * highest_);
        if (design().saddle.material == "hardwood") {
            low -= 3.4;
            page_.text(centre - reach_mm() - 6.0, low, grain_words(), em, TextAnchor::right);
        }
    }
    page_.centreline(centre, low - 1.0, strip_top + 0.6, Layer::scribe);
    return low;
}

double SaddleOnPage::most_string_mm() const {
    double most = 0;
    for (const StringDesign& string : design().strings) most = std::max(most, string.diameter_mm);
    return most;
}

void SaddleOnPage::strip(double centre, double top) {
    const double low = top - strip_mm;
    const double ends[2] = {centre - page_.bass_side() * span_.from_mm,
                            centre - page_.bass_side() * span_.to_mm};
    page_.page().add(rectangle_path(Layer::scribe, {std::min(ends[0], ends[1]), low},
                                    {std::max(ends[0], ends[1]), top}, pens::faint));
    for (std::size_t i = 0; i < design().strings.size(); ++i)
        page_.page().add(
            line_path(Layer::scribe, {centre + along(i), low}, {centre + along(i), top}, pens::exact));
    page_.side_words(centre, reach_mm() + 3.0, low + 0.5 * strip_mm - 0.3 * em);
}

/// Along the part from its bass end: the strings, the centreline, the other end.
std::vector<Ordinate> SaddleOnPage::places() {
    const auto from_bass = [&](const std::string& name, double along_mm) {
        const double mm = along_mm - span_.from_mm;
        return Ordinate{along_mm, 0.0, page_.figure(name, mm), mm};
    };
    std::vector<Ordinate> values{{span_.from_mm, 0.0, page_.number(0), 0.0}};
    for (std::size_t i = 0; i < design().strings.size(); ++i)
        values.push_back(from_bass(string_name(i, "from_bass"), page_.solution().strings[i].saddle_along_mm));
    values.push_back(from_bass("saddle.centreline", 0.0));
    values.push_back(from_bass("saddle.length", span_.to_mm));
    return values;
}

std::vector<Ordinate> SaddleOnPage::heights() {
    std::vector<Ordinate> values{
        {0.0, 0.0, page_.figure("saddle.highest", highest_) + " " + translate("sheet", "highest"), highest_}};
    if (const auto top = bridge_top_mm(design(), page_.solution()))
        values.push_back({0.0, 0.0,
                          page_.figure("saddle.bridge_top", *top) + " " + translate("sheet", "bridge's top"),
                          *top});
    return values;
}

double SaddleOnPage::largest_factor(double below_mm) {
    const double right = SheetPage::leader_mm + 1.0 + SheetPage::longest(heights()) + beyond_mm;
    const double above = SheetPage::leader_mm + 2.0 + SheetPage::longest(places());
    return enlargement(2.0 * (reach_mm() + beyond_mm), page_.width() - left_room_mm - right,
                       highest_ + most_string_mm(), page_.y() - page_.bottom() - below_mm - above - 5.0);
}

double SaddleOnPage::middle(double factor) const {
    return page_.left() + left_room_mm + factor * (reach_mm() + beyond_mm);
}

void SaddleOnPage::dimensioned(double factor) {
    const std::vector<Ordinate> along_it = places();
    const double centre = middle(factor);
    const double top = page_.y() - SheetPage::leader_mm - 2.0 - SheetPage::longest(along_it);
    const Point ground{centre, top - factor * (highest_ + most_string_mm())};
    front(ground, factor);
    std::vector<Ordinate> slots = along_it;
    for (Ordinate& value : slots)
        value.place = ground.x - page_.bass_side() * factor * value.place, value.from = top;
    page_.ordinates_along(slots, {ground.x - page_.bass_side() * factor * span_.from_mm, ground.y},
                          top + SheetPage::leader_mm, top + SheetPage::line_off_mm);
    const double foot = ground.y - std::max(1.5, 0.5 * factor); // the strings' lines go as low
    page_.centreline(centre, foot, top + 1.0, Layer::dimension);
    page_.text(centre, foot - 2.7, translate("sheet", "centreline"), em, TextAnchor::middle);
    const double edge = ground.x + factor * (reach_mm() + beyond_mm);
    std::vector<Ordinate> levels = heights();
    for (Ordinate& value : levels) value.from = edge, value.place = ground.y + factor * value.measured;
    page_.ordinates_up(levels, ground, edge + SheetPage::leader_mm, edge + SheetPage::line_off_mm);
    page_.go_to(foot - 3.5);
}

std::string SaddleOnPage::scheme() const {
    return translate("sheet", "along the part from its bass end") + "; " +
           ground_words(saddle_ground(design(), page_.solution()), design().saddle.under_mm > 0);
}

SaddleOnPage::Stretch SaddleOnPage::stretch(double factor) const {
    constexpr double most_high_mm = 20.0;
    constexpr double more_of_a_line = 4.0; // nothing stands round the crowns that could look wrong
    const SaddleSpan depth = saddle_plan_depth(design(), page_.solution());
    const bool line_alone = !design().has_slot() && !page_.solution().single;
    const double run = std::max(0.5, depth.to_mm - depth.from_mm);
    return {depth, std::min(line_alone ? more_of_a_line * factor : factor, most_high_mm / run)};
}

double SaddleOnPage::plan_room(double factor) const {
    const auto [depth, across] = stretch(factor);
    return 2.0 * factor + (depth.to_mm - depth.from_mm) * across + 4.0;
}

/// Across it is drawn several times as large as along.
void SaddleOnPage::plan(double factor) {
    const auto [depth, across] = stretch(factor);
    const double centre = middle(factor);
    Drawing view = saddle_plan(design(), page_.solution(), options_, across / factor);
    const Point front{centre, page_.y() - factor - 2.5 + depth.from_mm * across};
    page_.page().place(as_picture(std::move(view)), factor, front);
    page_.side_words(centre, factor * (reach_mm() + 2.0),
                     front.y - 0.5 * (depth.from_mm + depth.to_mm) * across);
    page_.text(centre + factor * (reach_mm() + 2.0) + 18.0, front.y - depth.from_mm * across - 0.75 * em,
               translate("sheet", "HEAD"), em);
    page_.go_to(front.y - depth.to_mm * across - factor - 1.5);
}

std::string SaddleOnPage::plan_head() const {
    if (page_.solution().single) return translate("sheet", "From above: the crowns from the reference edge");
    if (design().has_slot()) return translate("sheet", "From above: the crowns between front and back face");
    return design().bridge->floats()
               ? translate("sheet", "From above: the crowns from the bridge's middle line")
               : translate("sheet", "From above: the crowns from the line of the posts");
}

std::string SaddleOnPage::crown_head() const {
    const auto& single = page_.solution().single;
    if (!single)
        return design().has_slot() ? translate("sheet", "crown behind front face")
                                   : translate("sheet", "crown behind that line");
    return single->edge ? translate("sheet", "crown from the edge")
                        : translate("sheet", "crown from the nut line");
}

std::string SaddleOnPage::crown_place(std::size_t i) {
    const auto& single = page_.solution().single;
    const StraightSaddle& line = page_.solution().straight_saddle;
    if (!single && !design().has_slot())
        return page_.figure(string_name(i, "behind_line"), line.line_to_crown_mm[i]);
    return page_.figure(string_name(i, "crown"),
                        single ? single->strings[i].from_edge_mm.value_or(single->strings[i].crown_x_mm)
                               : line.front_to_crown_mm[i]);
}

std::vector<TableColumn> SaddleOnPage::columns(bool with_compensation) const {
    std::vector<TableColumn> columns{{translate("sheet", "to the string"), true}, {crown_head()}};
    if (page_.solution().single && page_.solution().single->least_reserve())
        for (const char* head : {QT_TRANSLATE_NOOP("sheet", "left toward the nut"),
                                 QT_TRANSLATE_NOOP("sheet", "left away from it")})
            columns.push_back({translate("sheet", head)});
    if (!design().saddle.groups.empty()) columns.push_back({translate("sheet", "pays, cents")});
    if (is_bridge_top(page_.context()))
        for (const char* head :
             {QT_TRANSLATE_NOOP("sheet", "notch width"), QT_TRANSLATE_NOOP("sheet", "notch depth")})
            columns.push_back({translate("sheet", head)});
    else if (with_compensation)
        columns.push_back({translate("sheet", "compensation")});
    return columns;
}

std::vector<std::string> SaddleOnPage::row(std::size_t i, bool with_compensation) {
    const Solution& solution = page_.solution();
    std::vector<std::string> row{
        page_.figure(string_name(i, "height"), saddle_height_mm(design(), solution, i)), crown_place(i)};
    if (solution.single && solution.single->least_reserve()) {
        const Reserve& left = *solution.single->strings[i].reserve;
        row.push_back(page_.number(left.toward_nut_mm));
        row.push_back(page_.number(left.from_nut_mm));
    }
    if (!design().saddle.groups.empty())
        row.push_back(sheet_fixed(solution.single->strings[i].shared_cents, 1));
    if (is_bridge_top(page_.context())) {
        const Notch& notch = solution.notches[i];
        row.push_back(page_.figure(string_name(i, "notch_width"), notch.width_mm));
        row.push_back(page_.figure(string_name(i, "notch_depth"), notch.depth_mm));
    } else if (with_compensation)
        row.push_back(page_.figure(string_name(i, "compensation"), solution.strings[i].compensation_mm));
    return row;
}

std::vector<std::string> SaddleOnPage::notes() {
    if (page_.solution().single) return {};
    std::vector<std::string> notes;
    const double angle = page_.solution().straight_saddle.line.angle_deg;
    if (design().has_slot())
        notes.push_back(
            with_values(translate("sheet", "Thickness %1; it holds in its slot without being forced."),
                        page_.figure("saddle.thickness", design().saddle.thickness_mm)));
    if (is_shown_angle(angle))
        notes.push_back(with_values(
            translate("sheet", "The crowns' line stands at %1 to the square, the %2 end further back."),
            page_.angle_figure("saddle.angle", std::abs(angle)),
            angle < 0 ? translate("sheet", "bass") : translate("sheet", "treble")));
    return notes;
}

} // namespace fm
