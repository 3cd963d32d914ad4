// The layout of one page from top to bottom.
#include "core/solution/bridge_outline.h"
#include "core/solution/check.h"
#include "sheet/pages/bridge_tiles.h"
#include "sheet/views/bridge_views.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

BridgeViewOptions options_of(const Job& job) {
    BridgeViewOptions options;
    options.mirrored = job.left_handed;
    options.behind_mm = 12;
    return options;
}

std::vector<std::string> facts_of(const SheetContext& context) {
    const BridgeDesign& bridge = *context.job.design.bridge;
    const auto number = [&](double mm) { return sheet_number(mm, context.job.unit); };
    std::vector<std::string> facts;
    facts.push_back(context.job.left_handed ? translate("sheet", "left-handed")
                                            : translate("sheet", "right-handed"));
    if (bridge.anchor == Anchor::pins)
        facts.push_back(with_values(translate("sheet", "pin holes %1, ramps %2 deep"),
                                    number(bridge.pins.hole_mm), number(bridge.pins.ramp_mm)));
    if (bridge.anchor == Anchor::pins && bridge.pins.taper_deg && bridge.pins.pilot_mm)
        facts.push_back(
            with_values(translate("sheet", "drilled %1, reamed at %2"), number(*bridge.pins.pilot_mm),
                        sheet_fixed(*bridge.pins.taper_deg, 1) + "°") +
            ", " + with_values(translate("sheet", "%1 further"), number(*context.solution.bridge->ream_mm)));
    if (bridge.anchor == Anchor::pins && bridge.pins.chamfer_mm)
        facts.push_back(
            with_values(translate("sheet", "holes chamfered %1"), number(*bridge.pins.chamfer_mm)));
    if (!bridge.outline) facts.push_back(translate("sheet", "outline not given: drawn plain"));
    return facts;
}

/// How much room the bridge takes across, from the centreline.
double half_width_mm(const SheetContext& context) {
    double half = 0;
    const BridgeOutline outline = shown_outline(context.job.design, context.solution);
    for (const PlanPoint& p : outline_points(outline, context.solution))
        half = std::max(half, std::abs(p.y_mm));
    for (const PlanPoint& p : saddle_corners(context.job.design, context.solution))
        half = std::max(half, std::abs(p.y_mm));
    return half;
}

/// Room beside the bridge for figures on both sides.
double sides_mm(const SheetContext& context) {
    if (context.style.second_unit) return 96.0;
    return context.job.unit == Unit::sixty_fourths ? 84.0 : 66.0;
}

bool lies(const SheetContext& context) {
    return 2.0 * half_width_mm(context) + sides_mm(context) > paper_width_mm(context.style.paper) - 24.0;
}

/// True size, unless the paper is too small even lying.
double scale_of(const SheetContext& context) {
    const Paper paper = context.style.paper;
    const double wide =
        (lies(context) ? paper_height_mm(paper) : paper_width_mm(paper)) - 24.0 - sides_mm(context);
    const double high = (lies(context) ? paper_width_mm(paper) : paper_height_mm(paper)) - 120.0;
    const BridgeReach reach = bridge_reach(context.job.design, context.solution, options_of(context.job));
    for (const double scale : {1.0, 0.5, 0.25})
        if (2.0 * half_width_mm(context) * scale <= wide &&
            (reach.before_mm + reach.behind_mm) * scale <= high)
            return scale;
    return 0.1;
}

class BridgePage {
public:
    explicit BridgePage(const SheetContext& context)
        : scale_(scale_of(context)), half_(half_width_mm(context)), page_(page_of(context, scale_)),
          design_(page_.design()), options_(options_of(page_.job())),
          reach_(bridge_reach(design_, page_.solution(), options_)), ends_(ends_of_outline()) {}

    std::vector<Sheet> drawn() {
        plan();
        turn_unless_room_for(design_.strings.size());
        const double beside = page_.y();
        list();
        if (cut_ == CutPlace::beside) {
            const double under_list = page_.y();
            page_.go_to(beside);
            sections({page_.left() + list_share * page_.width() + 8.0, page_.right()});
            page_.go_to(std::min(under_list, page_.y()));
        }
        if (design_.bridge->screws)
            holes(design_.bridge->screws->holes, "screws", translate("sheet", "screw"));
        if (const auto& there = design_.bridge->existing; there && !there->holes.empty())
            holes(there->holes, "old_holes", translate("sheet", "old hole"));
        if (cut_ == CutPlace::below) sections({page_.left(), page_.right()});
        page_.down(1.0);
        page_.doubts(about_the_bridge);
        sheets_.push_back({page_.finished(), page_.figures()});
        return std::move(sheets_);
    }

private:
    enum class CutPlace { none, below, beside };
    /// From where to where on the page.
    struct Across {
        double left, right;
    };
    static constexpr double list_share = 0.5; ///< of the page's width, where the cut stands beside the list
    void turn_unless_room_for(std::size_t rows) { turn_unless_room(SheetPage::table_room(rows)); }
    void turn_unless_room(double mm) {
        if (page_.y() - mm >= page_.bottom()) return;
        sheets_.push_back({page_.finished(), page_.figures()});
        page_ = page_of(page_.context(), scale_);
    }
    static SheetPage page_of(const SheetContext& context, double scale) {
        return {context,           {"bridge"},        translate("sheet", "Bridge"),
                facts_of(context), scale_text(scale), lies(context)};
    }
    double across(double y_mm) const { return -page_.bass_side() * y_mm; }
    double slot_x() const { return page_.solution().straight_saddle.slot_x_at_centre_mm; }
    static std::string string_name(std::size_t i, const char* what) {
        return "bridge.strings[" + std::to_string(i) + "]." + what;
    }

    /// Along the bridge from its bass end, where there is one to measure from; else from the centreline.
    Ordinate along(double y_mm, double up_mm, const std::string& name, Point origin) {
        const double mm = is_measured() ? y_mm - ends_.bass_mm : std::abs(y_mm);
        return {origin.x + scale_ * across(y_mm), origin.y + scale_ * up_mm, page_.figure(name, mm), mm};
    }
    const char* along_word(bool of_pin) const {
        if (is_measured()) return of_pin ? "pin_from_bass" : "from_bass";
        return of_pin ? "pin_across" : "across";
    }
    Point origin_along(Point origin) const {
        return {origin.x + (is_measured() ? scale_ * across(ends_.bass_mm) : 0.0), origin.y};
    }

    std::vector<Ordinate> strings_across(Point origin) {
        std::vector<Ordinate> values;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            const StringLine& line = page_.solution().strings[i].line;
            values.push_back(along(line.saddle_y_mm, slot_x() - line.plan_x_mm(line.saddle_x_mm),
                                   string_name(i, along_word(false)), origin));
        }
        const std::string centre = " " + translate("sheet", "centreline");
        if (!is_measured()) {
            values.push_back({origin.x, origin.y + scale_ * ends_.front_mm, page_.number(0) + centre, 0.0});
            return values;
        }
        values.push_back(along(0.0, ends_.front_mm, "bridge.centreline", origin));
        values.back().label += centre;
        values.push_back({origin_along(origin).x, origin.y + scale_ * ends_.front_mm, page_.number(0), 0.0});
        values.push_back(along(ends_.treble_mm, ends_.front_mm, "bridge.length", origin));
        if (const BridgeOutline& outline = *design_.bridge->outline; outline.form == BridgeForm::waisted)
            for (const bool bass : {true, false}) {
                const double y_mm = middle_y_mm() + (bass ? -0.5 : 0.5) * outline.middle_mm;
                values.push_back(
                    along(y_mm, ends_.front_mm, bass ? "bridge.middle_from" : "bridge.middle_to", origin));
                values.back().label += " " + translate("sheet", "middle");
            }
        return values;
    }
    double middle_y_mm() const { return 0.5 * (ends_.bass_mm + ends_.treble_mm); }

    /// Half of what a slot with round corners, turned by an angle, takes across.
    double slot_half_mm(double angle) const {
        const double half_t = 0.5 * design_.saddle.thickness_mm;
        const double r = std::min(page_.solution().saddle.end_radius_mm, half_t);
        return (0.5 * page_.solution().saddle.length_mm - r) * std::cos(angle) +
               (half_t - r) * std::abs(std::sin(angle)) + r;
    }

    /// Where the slot begins and ends, from the bass end.
    std::string slot_ends_words() {
        const double angle = page_.solution().straight_saddle.line.angle_deg * std::numbers::pi / 180.0;
        const double middle_mm = page_.solution().saddle.middle_mm * std::cos(angle) - ends_.bass_mm;
        return with_values(translate("sheet", "from %1 to %2 along"),
                           page_.figure("bridge.slot_from", middle_mm - slot_half_mm(angle)),
                           page_.figure("bridge.slot_to", middle_mm + slot_half_mm(angle)));
    }

    std::vector<Ordinate> pins_across(Point origin) {
        std::vector<Ordinate> values;
        for (std::size_t i = 0; i < page_.solution().bridge->pins.size(); ++i) {
            const PlanPoint& pin = page_.solution().bridge->pins[i];
            values.push_back(along(pin.y_mm, slot_x() - pin.x_mm - 0.5 * design_.bridge->pins.hole_mm,
                                   string_name(i, along_word(true)), origin));
        }
        return values;
    }

    /// Distances along the instrument, beside the bridge: from its front edge, where there is one to measure
    /// from; else from the slot's centreline on the instrument's.
    std::vector<Ordinate> edges(Point origin, bool left) {
        std::vector<Ordinate> values;
        const double from = is_measured() ? ends_.front_mm : 0.0;
        const auto add = [&](const std::string& name, double up, double at, const std::string& words) {
            const double mm = std::abs(from - up);
            values.push_back(
                {origin.y + scale_ * up, at, page_.figure("bridge." + name, mm) + " " + words, mm});
        };
        const double edge_x = origin.x + (left ? -1.0 : 1.0) * scale_ * half_;
        const std::string line =
            design_.has_slot() ? translate("sheet", "slot's middle") : translate("sheet", "crowns' line");
        if (!left) {
            if (is_measured()) {
                values.push_back({origin.y + scale_ * from, edge_x,
                                  page_.number(0) + " " + translate("sheet", "front edge"), 0.0});
                add("slot_at_centre", 0.0, edge_x, line);
                const BridgeOutline& outline = *design_.bridge->outline;
                if (outline.form == BridgeForm::waisted) {
                    const double in_mm = 0.5 * (outline.width_mm - outline.wing_width_mm);
                    add("wing_front", ends_.front_mm - in_mm, edge_x, translate("sheet", "wing's front"));
                    add("wing_back", ends_.back_mm + in_mm, edge_x, translate("sheet", "wing's back"));
                }
                if (outline.form == BridgeForm::bellied)
                    add("ends_back", ends_.front_mm - outline.width_mm, edge_x,
                        translate("sheet", "back edge at the ends"));
                add("width", ends_.back_mm, edge_x,
                    outline.form == BridgeForm::bellied ? translate("sheet", "back edge in the middle")
                                                        : translate("sheet", "back edge"));
                return values;
            }
            values.push_back({origin.y, edge_x, page_.number(0) + " " + line, 0.0});
            add("front", ends_.front_mm, edge_x, translate("sheet", "front edge"));
            add("back", ends_.back_mm, edge_x, translate("sheet", "back edge"));
            return values;
        }
        if (const auto edge = page_.solution().single ? page_.solution().single->edge : std::nullopt) {
            add("edge", slot_x() - edge->x_mm(0.0), edge_x, translate("sheet", "reference edge"));
            return values;
        }
        // The slot's ends, on either side.
        const std::vector<PlanPoint> slot = slot_corners(design_, page_.solution());
        for (const bool bass : {true, false}) {
            const auto outer =
                std::minmax_element(slot.begin(), slot.end(),
                                    [](const PlanPoint& a, const PlanPoint& b) { return a.y_mm < b.y_mm; });
            const double y = (bass ? outer.first : outer.second)->y_mm;
            add(bass ? "slot_bass" : "slot_treble", slot_x() - page_.solution().straight_saddle.slot_x_mm(y),
                origin.x + scale_ * across(y),
                design_.has_slot() ? translate("sheet", "slot's end") : translate("sheet", "crowns' line"));
        }
        return values;
    }

    /// Its farthest points, across from the centreline and up the page from the slot.
    struct Ends {
        double bass_mm, treble_mm, front_mm, back_mm;
    };
    Ends ends_of_outline() const {
        Ends ends{1e9, -1e9, -1e9, 1e9};
        const BridgeOutline outline = shown_outline(design_, page_.solution());
        for (const PlanPoint& p : outline_points(outline, page_.solution())) {
            ends.bass_mm = std::min(ends.bass_mm, p.y_mm);
            ends.treble_mm = std::max(ends.treble_mm, p.y_mm);
            ends.front_mm = std::max(ends.front_mm, slot_x() - p.x_mm);
            ends.back_mm = std::min(ends.back_mm, slot_x() - p.x_mm);
        }
        return ends;
    }
    /// An outline drawn plain has no edge to measure from.
    bool is_measured() const { return design_.bridge->outline.has_value(); }

    void plan() {
        page_.heading(
            scale_ == 1.0
                ? translate("sheet", "True size 1:1")
                : with_values(
                      translate("sheet",
                                "Too large for this paper: %1 here, in true size on the sheets after it"),
                      scale_text(scale_)),
            is_measured() ? translate("sheet", "along the bridge from its bass end; back from its front edge")
            : design_.has_slot()
                ? translate("sheet", "across from the centreline; along from the slot's centreline on it")
                : translate("sheet", "across from the centreline; along from the crowns' line on it"));
        std::vector<Ordinate> strings = strings_across({0.0, 0.0});
        const std::vector<Ordinate> pins = pins_across({0.0, 0.0});
        const double top_room = SheetPage::longest(strings) + 14.0;
        const double low_room = pins.empty() ? 10.0 : SheetPage::longest(pins) + 14.0;
        const Point origin{page_.middle(), page_.y() - top_room - scale_ * (reach_.before_mm + 3.0)};
        page_.page().origin = origin;
        Drawing view = bridge_plan(design_, page_.solution(), options_);
        page_.page().place(scale_ == 1.0 ? view : as_picture(std::move(view)), scale_, origin);
        const double over = origin.y + scale_ * (reach_.before_mm + 3.0);
        page_.ordinates_along(strings_across(origin), origin_along(origin), over + 6.0, over + 0.6);
        const double low = origin.y - scale_ * (reach_.behind_mm + 3.0);
        if (!pins.empty())
            page_.ordinates_along(pins_across(origin), origin_along(origin), low - 6.0, low - 0.6);
        const Point fence{origin.x, origin.y + (is_measured() ? scale_ * ends_.front_mm : 0.0)};
        const double out = scale_ * half_;
        page_.ordinates_up(edges(origin, false), fence, origin.x + out + SheetPage::leader_mm,
                           origin.x + out + SheetPage::line_off_mm);
        page_.ordinates_up(edges(origin, true), fence, origin.x - out - SheetPage::leader_mm,
                           origin.x - out - SheetPage::line_off_mm);
        words_around(origin);
        page_.go_to(low - low_room);
        sizes();
        page_.down(1.5);
        page_.rule();
    }

    /// Over its ends, clear of what is told beside them.
    void words_around(Point origin) {
        constexpr double em = SheetPage::small_em;
        const double over = origin.y + scale_ * ends_.front_mm + 3.0;
        page_.side_words(origin.x, scale_ * half_, over);
        page_.text(origin.x - scale_ * half_ - 3.0, over + 1.4 * em, translate("sheet", "HEAD"), em,
                   TextAnchor::right);
    }

    /// Where a cut along a string goes on the page, too: under sentence and lists, or beside the list.
    CutPlace place_of_cut() const {
        if (!page_.solution().bridge->height_mm) return CutPlace::none;
        constexpr double others_mm = 50.0; // sentence, heading, words, the string as it rises to the nut
        double room = others_mm + SheetPage::table_room(design_.strings.size());
        if (design_.bridge->screws) room += SheetPage::table_room(design_.bridge->screws->holes.size());
        if (const auto& there = design_.bridge->existing; there && !there->holes.empty())
            room += SheetPage::table_room(there->holes.size());
        double highest_mm = 0;
        for (const StringSolution& string : page_.solution().strings)
            highest_mm = std::max(highest_mm, string.bridge->height_over_top_mm);
        if (page_.y() - room - highest_mm >= page_.bottom()) return CutPlace::below;
        return lies(page_.context()) && !design_.bridge->tapered_mm ? CutPlace::beside : CutPlace::none;
    }
    bool is_cut_drawn() const { return cut_ != CutPlace::none; }

    void sizes() {
        cut_ = place_of_cut();
        std::string words;
        if (!is_measured()) {
            const BridgeOutline outline = shown_outline(design_, page_.solution());
            words = with_values(translate("sheet", "Outline %1 × %2"),
                                page_.figure("bridge.length", outline.length_mm),
                                page_.figure("bridge.width", outline.width_mm));
        }
        const auto add = [&](const std::string& more) { words += (words.empty() ? "" : " · ") + more; };
        const double angle = page_.solution().straight_saddle.line.angle_deg;
        if (design_.has_slot()) {
            add(with_values(translate("sheet", "slot %1 wide"),
                            page_.figure("bridge.slot_width", design_.saddle.thickness_mm)));
            words +=
                ", " + with_values(translate("sheet", "%1 long, its ends round as cut"),
                                   page_.figure("bridge.slot_length", page_.solution().saddle.length_mm));
            if (is_measured()) words += ", " + slot_ends_words();
            if (design_.saddle.slot_depth_mm)
                words += ", " + with_values(translate("sheet", "%1 deep"),
                                            page_.figure("bridge.slot_depth", *design_.saddle.slot_depth_mm));
        }
        if (is_shown_angle(angle))
            add(with_values(translate("sheet", "at %1 to the square, the %2 end further back"),
                            page_.angle_figure("bridge.angle", std::abs(angle)),
                            angle < 0 ? translate("sheet", "bass") : translate("sheet", "treble")));
        if (const auto& floor = page_.solution().bridge->floor_left_mm; floor && !is_floor_in_a_cut())
            add(with_values(translate("sheet", "floor left under the slot %1"),
                            page_.figure("bridge.floor_left", *floor)));
        if (is_measured() && design_.bridge->outline->form == BridgeForm::bellied)
            add(with_values(translate("sheet",
                                      "the back edge's curve stands %1 out over its ends at a quarter of "
                                      "the length"),
                            page_.figure("bridge.belly_at_quarter",
                                         design_.bridge->outline->belly_mm * std::numbers::sqrt2 / 2.0)));
        words += what_holds();
        constexpr double line_mm = 1.45 * SheetPage::body_em;
        const auto lines = wrapped_text(words, SheetPage::body_em, page_.width()).size();
        turn_unless_room(line_mm * static_cast<double>(lines) + 2.0);
        page_.paragraph(words, 0.0, SheetPage::body_em);
    }

    /// Where the strings leave, where posts stand, and the curve it stands on.
    std::string what_holds() {
        const BridgeDesign& bridge = *design_.bridge;
        std::string words;
        const auto add = [&](const std::string& more) { words += " · " + more; };
        if (bridge.tapered_mm && !is_cut_drawn())
            add(with_values(translate("sheet", "height %1 at the bass, %2 at the treble string"),
                            page_.figure("bridge.height_bass", bridge.tapered_mm->bass_mm),
                            page_.figure("bridge.height_treble", bridge.tapered_mm->treble_mm)));
        else if (const auto& height = page_.solution().bridge->height_mm; height && !is_cut_drawn())
            add(with_values(translate("sheet", "height %1"), page_.figure("bridge.height", *height)));
        if (const auto mouth = page_.solution().bridge->mouth_mm)
            add(with_values(*mouth < 0 ? translate("sheet", "slot leans back: mouth %1 nearer the nut")
                                       : translate("sheet", "slot leans to the nut: mouth %1 farther"),
                            page_.figure("bridge.slot_mouth", std::abs(*mouth))));
        if (bridge.anchor != Anchor::pins)
            add(with_values(
                design_.has_slot()
                    ? translate("sheet", "strings leave %1 behind the slot, %2 over the soundboard")
                    : translate("sheet", "strings leave %1 behind the crowns, %2 over the soundboard"),
                page_.figure("bridge.exit_behind", bridge.exit.behind_mm),
                page_.figure("bridge.exit_over_top", bridge.exit.above_top_mm)));
        if (const auto& posts = design_.saddle.screws_across_mm; posts && page_.solution().bridge->posts)
            add(with_values(bridge.stands == BridgeStands::posts
                                ? translate("sheet", "posts %1 toward the bass, %2 toward the treble")
                                : translate("sheet", "screws %1 toward the bass, %2 toward the treble"),
                            page_.figure("bridge.post_bass", std::abs(posts->bass_mm)),
                            page_.figure("bridge.post_treble", std::abs(posts->treble_mm))));
        if (const auto& feet = page_.solution().bridge->feet; feet && feet->radius_mm)
            add(with_values(*feet->radius_mm > 0 ? translate("sheet", "bottom hollow by %1, radius %2")
                                                 : translate("sheet", "bottom round by %1, radius %2"),
                            page_.figure("bridge.feet_rise", std::abs(feet->rise_mm)),
                            sheet_radius(std::abs(*feet->radius_mm), page_.job().unit)));
        if (bridge.screws)
            add(with_values(translate("sheet", "screws drilled %1, %2 deep in the wood"),
                            page_.figure("bridge.drill", bridge.screws->core_mm),
                            page_.figure("bridge.drill_depth", *page_.solution().bridge->drill_depth_mm)));
        if (bridge.existing && bridge.existing->outline)
            add(translate("sheet", "broken line: the old bridge's print"));
        if (bridge.plate_inside) add(translate("sheet", "thin broken line: the wood inside"));
        return words;
    }

    void list() {
        const bool pinned = !page_.solution().bridge->pins.empty();
        std::vector<TableColumn> columns{{translate("sheet", "string")},
                                         {translate("sheet", "over the soundboard"), true}};
        if (pinned) columns.push_back({translate("sheet", "pin behind slot")});
        columns.push_back({translate("sheet", "break angle")});
        columns.push_back({translate("sheet", "down on it, N")});
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            const BridgeString& one = *page_.solution().strings[i].bridge;
            std::vector<std::string> row{design_.string_name(i),
                                         page_.figure(string_name(i, "over_top"), one.height_over_top_mm)};
            if (pinned) {
                const PlanPoint& pin = page_.solution().bridge->pins[i];
                row.push_back(page_.figure(string_name(i, "pin_behind"),
                                           pin.x_mm - page_.solution().straight_saddle.slot_x_mm(pin.y_mm)));
            }
            row.push_back(page_.angle_figure(string_name(i, "break"), one.break_angle_deg));
            row.push_back(sheet_fixed(one.down_force_n, 1));
            rows.push_back(std::move(row));
        }
        page_.table(columns, rows, page_.bottom(),
                    cut_ == CutPlace::beside ? (1.0 - list_share) * page_.width() : 0.0);
    }

    /// Cut along a string, where the bridge has a height: along both outer ones where it is not the same.
    void sections(Across room) {
        const auto& height = page_.solution().bridge->height_mm;
        if (!height) return;
        const std::size_t last = design_.strings.size() - 1;
        if (const auto& ends = design_.bridge->tapered_mm)
            section({{0, levels("bridge.height_bass", ends->bass_mm)},
                     {last, levels("bridge.height_treble", ends->treble_mm)}},
                    room);
        else
            section({{0, levels("bridge.height", *height)}}, room);
    }

    /// Over the soundboard: the top there, and the least that is left under the slot.
    std::vector<Ordinate> levels(const std::string& name, double top_mm) {
        std::vector<Ordinate> values{
            {0.0, 0.0, page_.number(0) + " " + translate("sheet", "soundboard"), 0.0},
            {top_mm, 0.0, page_.figure(name, top_mm) + " " + translate("sheet", "bridge's top"), top_mm}};
        if (is_floor_under(top_mm) && !page_.figures().contains("bridge.floor_left")) {
            const double floor_mm = *page_.solution().bridge->floor_left_mm;
            values.push_back(
                {floor_mm, 0.0,
                 page_.figure("bridge.floor_left", floor_mm) + " " + translate("sheet", "slot's floor"),
                 floor_mm});
        }
        return values;
    }
    /// Whether the least that is left under the slot is left where the top is that high.
    bool is_floor_under(double top_mm) const {
        const auto& floor = page_.solution().bridge->floor_left_mm;
        return floor && design_.saddle.slot_depth_mm &&
               std::abs(top_mm - *design_.saddle.slot_depth_mm - *floor) < 0.005;
    }
    bool is_floor_in_a_cut() const {
        if (!is_cut_drawn()) return false;
        if (const auto& ends = design_.bridge->tapered_mm)
            return is_floor_under(ends->bass_mm) || is_floor_under(ends->treble_mm);
        return is_floor_under(*page_.solution().bridge->height_mm);
    }

    struct Cut {
        std::size_t string;
        std::vector<Ordinate> levels;
    };
    void section(const std::vector<Cut>& cuts, Across room) {
        constexpr double heading_mm = 12.0;
        constexpr double under_mm = 8.0;
        std::vector<Drawing> views;
        Point low{0.0, 0.0};
        Point high{0.0, 0.0};
        double labels = 0;
        for (const Cut& cut : cuts) {
            BridgeViewOptions options = options_;
            options.chosen = cut.string;
            options.part_alone = true;
            views.push_back(as_picture(bridge_side(design_, page_.solution(), options)));
            for (const Item& item : views.back().items)
                if (const auto* path = std::get_if<Path>(&item))
                    for (const Vertex& v : path->vertices) {
                        low = {std::min(low.x, v.at.x), std::min(low.y, v.at.y)};
                        high = {std::max(high.x, v.at.x), std::max(high.y, v.at.y)};
                    }
            labels = std::max(labels, SheetPage::longest(cut.levels));
        }
        const double each = (room.right - room.left) / static_cast<double>(cuts.size());
        const double beside = SheetPage::leader_mm + labels + 12.0;
        turn_unless_room(high.y - low.y + heading_mm + under_mm);
        const double factor = enlargement(high.x - low.x, each - beside, high.y - low.y,
                                          page_.y() - page_.bottom() - heading_mm - under_mm);
        page_.down(7.0);
        page_.text(room.left, page_.y(),
                   with_values(translate("sheet", "Cut along a string, %1"), scale_text(factor)),
                   SheetPage::body_em, TextAnchor::left, true);
        page_.text(room.right, page_.y(), translate("sheet", "heights over the soundboard"),
                   SheetPage::small_em, TextAnchor::right);
        const double base = page_.y() - 3.0 - factor * high.y;
        const double words_y = base + factor * low.y - 1.6 * SheetPage::small_em;
        for (std::size_t place = 0; place < cuts.size(); ++place) {
            const double left = room.left + each * static_cast<double>(place);
            const Point origin{left - factor * low.x, base};
            page_.page().place(views[place], factor, origin);
            std::vector<Ordinate> levels = cuts[place].levels;
            const double edge = origin.x + factor * high.x;
            for (Ordinate& value : levels) value.place = base + factor * value.place, value.from = edge;
            page_.ordinates_up(levels, {origin.x, base}, edge + SheetPage::leader_mm,
                               edge + SheetPage::line_off_mm);
            constexpr double em = SheetPage::small_em;
            page_.text(left, words_y, translate("sheet", "HEAD"), em);
            page_.text(origin.x, words_y, design_.string_name(cuts[place].string), em, TextAnchor::middle);
        }
        page_.go_to(words_y - 1.0);
    }

    /// Where holes stand, as a fence at the front edge finds them; old ones by the old bridge's.
    void holes(const std::vector<PlacedHole>& list, const std::string& name, const std::string& called) {
        turn_unless_room_for(list.size());
        page_.down(2.0);
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < list.size(); ++i) {
            const std::string key = "bridge." + name + "[" + std::to_string(i) + "].";
            rows.push_back({std::to_string(i + 1), page_.figure(key + "from_front", list[i].from_front_mm),
                            page_.figure(key + "across", list[i].across_mm)});
        }
        page_.table({{called},
                     {translate("sheet", "from the front edge")},
                     {translate("sheet", "from the centreline, treble +")}},
                    rows, page_.bottom());
    }

    std::vector<Sheet> sheets_; ///< those before the one that is being drawn
    double scale_;
    double half_;
    SheetPage page_;
    const Design& design_;
    BridgeViewOptions options_;
    BridgeReach reach_;
    Ends ends_;
    CutPlace cut_ = CutPlace::none;
};

} // namespace

std::vector<Sheet> bridge_sheets(const SheetContext& context) {
    std::vector<Sheet> sheets = BridgePage(context).drawn();
    if (scale_of(context) < 1.0)
        for (Sheet& piece : bridge_tiles(context)) sheets.push_back(std::move(piece));
    return sheets;
}

} // namespace fm
