#include "sheet/pages/sheet_page.h"
#include "sheet/drawing/pens.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/table_fit.h"

#include "core/words/word_of.h"

#include <QCoreApplication>

#include <algorithm>
#include <array>
#include <cmath>

namespace fm {

namespace {

/// Ordinates in order of their places along the row.
void sort_by_place(std::vector<Ordinate>& values) {
    std::stable_sort(values.begin(), values.end(),
                     [](const Ordinate& a, const Ordinate& b) { return a.place < b.place; });
}

std::vector<double> spread_of(const std::vector<Ordinate>& values, double apart, double low, double high) {
    std::vector<double> wanted;
    for (const Ordinate& value : values) wanted.push_back(value.place);
    return spread_places(wanted, apart, low, high);
}

std::string percent(double factor) {
    return sheet_fixed(100.0 * factor, 2) + " %";
}

bool is_of_whole_neck(const std::string& word) {
    return word == "board" || word == "placing";
}

/// Not the record's pages and the printer's test.
bool is_worked_by(const std::string& word) {
    return word != "owner" && word != "shop" && word != "printer";
}

} // namespace

SheetPage::SheetPage(const SheetContext& context, const std::vector<std::string>& words,
                     const std::string& name, const std::vector<std::string>& facts, const std::string& scale,
                     bool landscape)
    // Whole necks are no matter of thou.
    : context_(&context),
      unit_(context.job.unit == Unit::thou && is_of_whole_neck(words.front()) ? Unit::in : context.job.unit),
      to_scale_(!scale.empty()),
      printed_before_(std::any_of(words.begin(), words.end(), [&](const std::string& word) {
          return has_sheet(context.style.before, word);
      })) {
    for (const std::string& word : words)
        if (std::string of = tolerances_of(word); !of.empty())
            tolerances_.emplace_back(word == "nut" ? translate("sheet", "Nut") : translate("sheet", "Saddle"),
                                     std::move(of));
    page_.width = paper_width_mm(context.style.paper);
    page_.height = paper_height_mm(context.style.paper);
    if (landscape) std::swap(page_.width, page_.height);
    page_.title = name + " · " + context.job.title;
    y_ = page_.height - margin_mm;
    title_block(facts, scale);
    if (!is_worked_by(words.front())) return;
    std::vector<std::string> head = context.stops;
    for (std::string& assumed : assumed_notices(context.job)) head.push_back(std::move(assumed));
    notices(head);
}

std::string SheetPage::tolerances_of(const std::string& word) const {
    // What a hand with file, saw and drill holds, and which way an error can still be worked on.
    struct Feature {
        const char* name;
        double over_mm, under_mm; ///< alike: to both sides
    };
    static constexpr const char* slot_width = QT_TRANSLATE_NOOP("sheet", "saddle slot's width");
    static constexpr const char* slot_place = QT_TRANSLATE_NOOP("sheet", "its depth and place");
    static const std::map<std::string, std::vector<Feature>> features{
        {"nut",
         {{QT_TRANSLATE_NOOP("sheet", "slots' width"), 0.05, 0},
          {QT_TRANSLATE_NOOP("sheet", "floors"), 0.06, 0},
          {QT_TRANSLATE_NOOP("sheet", "slots' places"), 0.05, 0.05},
          {QT_TRANSLATE_NOOP("sheet", "outline"), 0.1, 0.1}}},
        {"saddle",
         {{QT_TRANSLATE_NOOP("sheet", "heights"), 0.1, 0},
          {QT_TRANSLATE_NOOP("sheet", "thickness"), 0, 0.05},
          {QT_TRANSLATE_NOOP("sheet", "crowns' places"), 0.2, 0.2},
          {QT_TRANSLATE_NOOP("sheet", "outline"), 0.1, 0.1}}},
        {"bridge",
         {{slot_width, 0.05, 0},
          {slot_place, 0.1, 0.1},
          {QT_TRANSLATE_NOOP("sheet", "places"), 0.1, 0.1},
          {QT_TRANSLATE_NOOP("sheet", "outline"), 0.3, 0.3}}}};
    const auto of = features.find(word);
    if (of == features.end()) return {};
    std::string words;
    // Sixty-fourths are too coarse for them.
    const auto small = [this](double mm) {
        return unit_ == Unit::sixty_fourths ? sheet_length(mm, Unit::thou) : number(mm);
    };
    for (const Feature& each : of->second) {
        // A bridge without a slot has nothing to be cut for one.
        const bool of_slot = word == "bridge" && (each.name == slot_width || each.name == slot_place);
        if (of_slot && !design().has_slot()) continue;
        words += (words.empty() ? "" : " · ") + translate("sheet", each.name) + " ";
        if (each.over_mm == each.under_mm)
            words += "±" + small(each.over_mm);
        else
            words += each.over_mm > 0 ? "+" + small(each.over_mm) + " / 0" : "0 / −" + small(each.under_mm);
    }
    return words;
}

std::string SheetPage::label(double mm) const {
    std::string words = number(mm);
    if (context_->style.second_unit) words += " (" + sheet_number(mm, second_unit(unit_)) + ")";
    return words;
}

std::string SheetPage::marked(const std::string& name, double value, const std::string& words) {
    figures_[name] = value;
    if (!has_changed(context_->style.before, name, value)) return words;
    changed_.insert(name);
    return "\u25B2" + words;
}

std::string SheetPage::figure(const std::string& name, double mm) {
    return marked(name, mm, label(mm));
}

std::string SheetPage::angle_figure(const std::string& name, double deg) {
    const double shown = std::round(10.0 * deg) / 10.0; // less is not shown and not a change
    return marked(name, shown, sheet_fixed(deg, 1) + "°");
}

void SheetPage::text(double x, double y, const std::string& words, double em, TextAnchor anchor, bool bold) {
    Text item;
    item.at = {x, y};
    item.text = words;
    item.em_mm = em;
    item.anchor = anchor;
    item.bold = bold;
    page_.add(item);
}

void SheetPage::rule() {
    page_.add(line_path(Layer::text, {left(), y_}, {right(), y_}, pens::faint));
}

void SheetPage::notices(const std::vector<std::string>& sentences) {
    if (sentences.empty()) return;
    constexpr double inside_mm = 2.0;
    down(2.0);
    const double top = y_;
    down(0.5);
    for (const std::string& sentence : sentences)
        for (const std::string& line : wrapped_text("\u26A0 " + sentence, body_em, width() - 2 * inside_mm)) {
            down(1.45 * body_em);
            text(left() + inside_mm, y_, line, body_em, TextAnchor::left, true);
        }
    down(1.8);
    page_.add(rectangle_path(Layer::text, {left(), y_}, {right(), top}, pens::rule));
    down(1.5);
}

void SheetPage::heading(const std::string& words, const std::string& remark) {
    down(5.0);
    text(left(), y_, words, body_em, TextAnchor::left, true);
    const double room = width() - width_of(words, body_em, true) - 4.0;
    if (!remark.empty()) text(right(), y_, fitted_text(remark, small_em, room), small_em, TextAnchor::right);
}

void SheetPage::paragraph(const std::string& words, double indent_mm, double em, double right_mm) {
    for (const std::string& line : wrapped_text(words, em, width() - indent_mm - right_mm)) {
        down(1.45 * em);
        text(left() + indent_mm, y_, line, em);
    }
}

std::vector<std::string> SheetPage::doubt_words(bool (*belongs)(const Message&)) const {
    std::vector<std::string> words;
    for (const Message& doubt : solution().warnings)
        if (doubt.severity != Severity::note && belongs(doubt))
            words.push_back("\u26A0 " + sheet_message(doubt, unit_));
    return words;
}

void SheetPage::doubts(bool (*belongs)(const Message&)) {
    for (const std::string& words : doubt_words(belongs)) {
        if (y_ - paragraph_room(words) < bottom()) return;
        paragraph(words);
    }
}

bool SheetPage::has_room_for_doubts(bool (*belongs)(const Message&)) const {
    double room = 0;
    for (const std::string& words : doubt_words(belongs)) room += paragraph_room(words);
    return y_ - room >= bottom();
}

double SheetPage::paragraph_room(const std::string& words) const {
    return 1.45 * small_em * static_cast<double>(wrapped_text(words, small_em, width()).size());
}

void SheetPage::centreline(double x, double low, double high, Layer layer) {
    page_.add(line_path(layer, {x, low}, {x, high}, pens::centre));
}

void SheetPage::side_words(double centre, double half, double y) {
    for (const double side : {-1.0, 1.0})
        text(centre + side * (half + 3.0), y,
             side == bass_side() ? translate("sheet", "BASS") : translate("sheet", "TREBLE"), small_em,
             side < 0 ? TextAnchor::right : TextAnchor::left);
}

void SheetPage::title_block(const std::vector<std::string>& facts, const std::string& scale) {
    const SheetStyle& style = context_->style;
    down(5.0);
    const std::string revision =
        with_values(translate("sheet", "revision %1"), std::to_string(style.revision));
    const std::string shop =
        style.shop.name.empty() ? "" : fitted_text(style.shop.name, body_em, 0.4 * width()) + " · ";
    const std::string when = shop + sheet_date(style.date) + " · " + revision;
    const double title_room = width() - width_of(when, body_em) - 5.0;
    text(right(), y_, when, body_em, TextAnchor::right);
    // A long title takes up to three lines, in smaller letters.
    constexpr std::size_t most_lines = 3;
    const bool is_long = width_of(page_.title, 6, true) > title_room;
    const double em = is_long ? 4.5 : 6.0;
    std::vector<std::string> title{page_.title};
    if (is_long) title = wrapped_text(page_.title, 1.08 * em, title_room); // bold is wider
    for (std::size_t i = 0; i < std::min(most_lines, title.size()); ++i) {
        std::string line = title[i];
        if (i + 1 == most_lines)
            for (std::size_t more = most_lines; more < title.size(); ++more) line += " " + title[more];
        if (i > 0) down(1.2 * em);
        text(left(), y_, fitted_text(line, em, title_room, true), em, TextAnchor::left, true);
    }
    down(6.5);
    std::string units = with_values(translate("sheet", "lengths: %1"), unit());
    if (style.second_unit) units += " (" + std::string(word_of(second_unit(unit_))) + ")";
    const std::string about =
        (scale.empty() ? "" : with_values(translate("sheet", "scale %1"), scale) + " · ") + units;
    std::string line;
    for (const std::string& fact : facts) line += (line.empty() ? "" : " · ") + fact;
    // A part's views stand to one another in the first angle.
    const double symbol_mm = tolerances_.empty() ? 0.0 : 13.0;
    text(right() - symbol_mm, y_, about, body_em, TextAnchor::right);
    if (symbol_mm > 0) projection_symbol({right(), y_ + 0.4 * body_em});
    // Long facts take the lines they need, beside what stands on the right.
    const std::vector<std::string> lines =
        wrapped_text(line, body_em, width() - width_of(about, body_em) - symbol_mm - 5.0);
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (i > 0) down(1.45 * body_em);
        text(left(), y_, lines[i]);
    }
    if (!tolerances_.empty()) {
        down(0.6);
        // Each by its part's name, where there are several.
        const bool named = tolerances_.size() > 1;
        std::string all;
        for (const auto& [name, tolerances] : tolerances_) {
            if (!all.empty()) all += "; ";
            if (named)
                all += with_values(translate("sheet", "%1: %2"), name, tolerances);
            else
                all += tolerances;
        }
        paragraph(with_values(translate("sheet", "Tolerances: %1"), all));
    }
    if (!context_->by_plan.empty()) {
        down(0.6);
        paragraph(context_->by_plan);
    }
    down(3.0);
    rule();
    changed_at_ = {right(), y_ + 1.0};
    if (printed_before_) {
        down(4.0);
        changed_at_ = {right(), y_};
        down(1.5);
        rule();
    }
}

void SheetPage::projection_symbol(Point right_end) {
    // A cone cut short, and beside it what is seen of it from its small end.
    constexpr double large_mm = 2.0; // radii
    constexpr double small_mm = 1.0;
    constexpr double long_mm = 4.0;
    const double y = right_end.y;
    const double middle = right_end.x - large_mm;
    const double cone = middle - 2.0 * large_mm - 1.0; // its large end
    for (const double radius : {large_mm, small_mm}) {
        Circle circle;
        circle.layer = Layer::text;
        circle.centre = {middle, y};
        circle.radius = radius;
        circle.stroke = pens::fine;
        page_.add(circle);
    }
    Path outline = closed_path({{cone, y - large_mm},
                                {cone, y + large_mm},
                                {cone - long_mm, y + small_mm},
                                {cone - long_mm, y - small_mm}},
                               pens::fine, Fill::none);
    outline.layer = Layer::text;
    page_.add(outline);
    page_.add(line_path(Layer::text, {cone - long_mm - 0.6, y}, {right_end.x + 0.6, y}, pens::centre));
}

bool SheetPage::table_fits(const std::vector<TableColumn>& columns,
                           const std::vector<std::vector<std::string>>& rows) const {
    constexpr double least_gap_mm = 1.6;
    const TableColumns fitted = fitted_columns(columns, rows, width());
    return !fitted.fit.is_tall() &&
           fitted.sum() + least_gap_mm * static_cast<double>(columns.size() - 1) <= width();
}

double SheetPage::least_table_mm(const std::vector<TableColumn>& columns,
                                 const std::vector<std::vector<std::string>>& rows) const {
    const TableColumns fitted = fitted_columns(columns, rows, width());
    return tight_table_room(0) + 1.2 * small_em * static_cast<double>(fitted.lines - 1) +
           static_cast<double>(rows.size()) * (fitted.fit.is_tall() ? two_line_row_mm : tight_row_mm);
}

void SheetPage::table(const std::vector<TableColumn>& columns,
                      const std::vector<std::vector<std::string>>& rows, double low, double beside_mm) {
    // Columns are as wide as what stands in them; what is left is shared out between.
    const double whole = width() - beside_mm;
    const TableColumns fitted = fitted_columns(columns, rows, whole);
    const double gaps = static_cast<double>(columns.size() - 1);
    const double gap = gaps > 0 ? (whole - fitted.sum()) / gaps : 0.0;
    std::vector<double> begins;
    std::vector<double> ends;
    double x = left();
    for (std::size_t c = 0; c < columns.size(); ++c) {
        if (c > 0) x += gap;
        begins.push_back(x);
        ends.push_back(x += fitted.natural[c]);
    }
    const auto write = [&](std::size_t c, const std::string& words, double y, double em_mm, bool bold) {
        text(c == 0 ? left() : ends[c], y, words, em_mm, c == 0 ? TextAnchor::left : TextAnchor::right, bold);
    };
    constexpr double line_mm = 1.2 * small_em;
    group_heads(columns, begins, ends);
    down(4.5 - line_mm);
    for (std::size_t line = 0; line < fitted.lines; ++line) {
        down(line_mm);
        for (std::size_t c = 0; c < columns.size(); ++c) {
            const std::vector<std::string>& head = fitted.heads[c];
            if (line + head.size() >= fitted.lines) // a short one stands on the last line
                write(c, head[line + head.size() - fitted.lines], y_, small_em, false);
        }
    }
    down(1.5);
    page_.add(line_path(Layer::text, {left(), y_}, {left() + whole, y_}, pens::faint));
    const auto shared = [&](double down_to) {
        return rows.empty() ? most_row_mm : (y_ - down_to) / static_cast<double>(rows.size());
    };
    double row_mm = std::clamp(shared(low), least_row_mm, most_row_mm);
    // A page too full for that keeps room for two lines under its table.
    row_mm = std::min(row_mm, std::max(shared(std::min(low, bottom() + 9.0)), tight_row_mm));
    if (fitted.fit.is_tall()) row_mm = two_line_row_mm;
    for (const auto& row : rows) {
        down(row_mm - 1.0);
        for (std::size_t c = 0; c < columns.size(); ++c) {
            if (columns[c].blank)
                page_.add(line_path(Layer::text, {begins[c], y_ - 0.6}, {ends[c], y_ - 0.6}, pens::faint));
            if (row[c].empty()) continue;
            const std::vector<std::string> lines = fitted.cell(c, row[c]);
            for (std::size_t line = 0; line < lines.size(); ++line)
                write(c, lines[line], y_ + (fitted.fit.is_tall() && line == 0 ? line_mm : 0.0),
                      fitted.fit.em_mm, columns[c].bold);
        }
        down(1.0);
    }
}

/// Over the columns of every group its name, a line under it.
void SheetPage::group_heads(const std::vector<TableColumn>& columns, const std::vector<double>& begins,
                            const std::vector<double>& ends) {
    if (std::all_of(columns.begin(), columns.end(), [](const TableColumn& c) { return c.group.empty(); }))
        return;
    down(4.5);
    for (std::size_t c = 0; c < columns.size(); ++c) {
        const std::string& group = columns[c].group;
        if (group.empty() || (c > 0 && columns[c - 1].group == group)) continue;
        std::size_t last = c;
        while (last + 1 < columns.size() && columns[last + 1].group == group) ++last;
        text(begins[c], y_, group, small_em, TextAnchor::left, true);
        page_.add(line_path(Layer::text, {begins[c], y_ - 1.0}, {ends[last], y_ - 1.0}, pens::faint));
    }
}

void SheetPage::ordinates_along(std::vector<Ordinate> values, Point datum, double end,
                                std::optional<double> line_at) {
    ordinates(std::move(values), datum, end, line_at, false);
}

void SheetPage::ordinates_up(std::vector<Ordinate> values, Point datum, double end,
                             std::optional<double> line_at) {
    ordinates(std::move(values), datum, end, line_at, true);
}

void SheetPage::ordinates(std::vector<Ordinate> values, Point datum, double end,
                          std::optional<double> line_at, bool of_height) {
    sort_by_place(values);
    const std::vector<double> places = of_height
                                           ? spread_of(values, small_em * 1.15, bottom(), page_.height)
                                           : spread_of(values, small_em * 1.25, left() + 1.5, right() - 1.5);
    constexpr double arrow_room_mm = 2.2;
    const double origin = of_height ? datum.y : datum.x;
    double low = origin;
    double high = origin;
    for (std::size_t i = 0; i < values.size(); ++i) {
        const Ordinate& value = values[i];
        const bool from_datum = line_at && value.runs;
        if (from_datum) low = std::min(low, value.place), high = std::max(high, value.place);
        // Arrows point away from the origin: the one before stands on that side.
        const auto before = value.place > origin ? i - 1 : i + 1;
        const bool tight =
            before < values.size() && std::abs(values[before].place - value.place) < arrow_room_mm;
        const auto at = [of_height](double along, double across) {
            return of_height ? Point{across, along} : Point{along, across};
        };
        page_.add(OrdinateDimension{datum, at(value.place, value.from), at(places[i], end), of_height,
                                    value.label, value.measured, small_em,
                                    from_datum ? line_at : std::nullopt, tight});
    }
    if (!line_at || low == high) return;
    const Point mark = of_height ? Point{*line_at, datum.y} : Point{datum.x, *line_at};
    for (Item& item : running_line(mark, low, high, of_height)) page_.add(std::move(item));
}

double SheetPage::longest(const std::vector<Ordinate>& values) {
    double most = 0;
    for (const Ordinate& value : values) most = std::max(most, width_of(value.label, small_em));
    return most;
}

void SheetPage::check_bars() {
    const double y = margin_mm + 3.0;
    constexpr BarLook lying{1.5, 0.9, small_em};
    constexpr BarLook standing{1.2, -3.1, small_em}; // in the margin, its words on the outer side
    bar({left(), y}, 100.0, false, "100 mm", lying);
    bar({left(), y + 8.0}, 4.0 * mm_per_inch, false, "4 in", lying);
    bar({page_.width - 8.0, margin_mm}, 100.0, true, "100 mm", standing);
    std::vector<std::string> lines{translate("sheet", "Print at 100 %, not fitted to the page."),
                                   translate("sheet", "Check the bars with a caliper before cutting.")};
    if (const auto& printer = context_->style.printer)
        lines = {with_values(translate("sheet", "Drawn %1 for %2."),
                             percent(printer->scale.across) + " × " + percent(printer->scale.up),
                             printer->name),
                 translate("sheet", "Print at 100 %: the bars must read 100 mm, else do not cut.")};
    const double x = left() + 106.0;
    double line_y = y + 6.0;
    for (const std::string& line : lines) {
        text(x, line_y, fitted_text(line, small_em, right() - x), small_em);
        line_y -= 4.0;
    }
}

void SheetPage::bar(Point from, double length, bool upright, const std::string& words, const BarLook& look) {
    const Point to = upright ? Point{from.x, from.y + length} : Point{from.x + length, from.y};
    page_.add(line_path(Layer::dimension, from, to, pens::exact));
    for (const Point& end : {from, to}) {
        const Point tick = upright ? Point{look.tick_mm, 0.0} : Point{0.0, look.tick_mm};
        page_.add(line_path(Layer::dimension, {end.x - tick.x, end.y - tick.y},
                            {end.x + tick.x, end.y + tick.y}, pens::exact));
    }
    Text item;
    item.text = words;
    item.em_mm = look.em_mm;
    item.anchor = TextAnchor::middle;
    item.upright = upright;
    item.at = upright ? Point{from.x - look.words_off_mm, from.y + 0.5 * length}
                      : Point{from.x + 0.5 * length, from.y + look.words_off_mm};
    page_.add(item);
}

Drawing SheetPage::finished() {
    if (to_scale_) check_bars();
    if (printed_before_) {
        const std::string words =
            changed_.empty()
                ? with_values(translate("sheet", "no figure has changed since %1"),
                              sheet_date(context_->style.before_date))
                : with_values(translate("sheet", "\u25B2 changed since %1: %2"),
                              sheet_date(context_->style.before_date), std::to_string(changed_.size()));
        text(changed_at_.x, changed_at_.y, fitted_text(words, small_em, width()), small_em,
             TextAnchor::right);
    }
    return std::move(page_);
}

bool is_shown_angle(double deg) {
    return std::abs(deg) >= 0.05;
}

Drawing as_picture(Drawing view) {
    for (Item& item : view.items) {
        if (Path* path = std::get_if<Path>(&item)) path->layer = Layer::dimension;
        if (Circle* circle = std::get_if<Circle>(&item)) circle->layer = Layer::dimension;
    }
    return view;
}

Drawing as_worked_to(Drawing view) {
    for (Item& item : view.items) {
        if (Path* path = std::get_if<Path>(&item)) path->stroke.width_mm *= 0.5;
        if (Circle* circle = std::get_if<Circle>(&item)) circle->stroke.width_mm *= 0.5;
    }
    return view;
}

std::vector<double> spread_places(const std::vector<double>& wanted, double apart, double low, double high) {
    // Clusters of touching labels sit at the mean of what they want, held between the bounds; merge until
    // none overlap.
    struct Cluster {
        double sum; ///< of what its labels want
        double middle;
        std::size_t count;
    };
    const auto placed = [&](Cluster cluster) {
        const double half = 0.5 * apart * static_cast<double>(cluster.count - 1);
        cluster.middle = cluster.sum / static_cast<double>(cluster.count);
        if (2.0 * half <= high - low) cluster.middle = std::clamp(cluster.middle, low + half, high - half);
        return cluster;
    };
    std::vector<Cluster> clusters;
    for (const double place : wanted) {
        clusters.push_back(placed({place, place, 1}));
        while (clusters.size() > 1) {
            const Cluster b = clusters.back();
            const Cluster a = clusters[clusters.size() - 2];
            const double room = 0.5 * apart * static_cast<double>(a.count + b.count);
            if (b.middle - a.middle >= room) break;
            clusters.pop_back();
            clusters.back() = placed({a.sum + b.sum, 0.0, a.count + b.count});
        }
    }
    std::vector<double> places;
    for (const Cluster& cluster : clusters)
        for (std::size_t i = 0; i < cluster.count; ++i)
            places.push_back(cluster.middle +
                             apart * (static_cast<double>(i) - 0.5 * static_cast<double>(cluster.count - 1)));
    return places;
}

double label_width(const SheetContext& context, double mm, const std::string& word, double em) {
    std::string words = sheet_number(mm, context.job.unit);
    if (context.style.second_unit) words += " (" + sheet_number(mm, second_unit(context.job.unit)) + ")";
    return width_of(words + " " + word, em);
}

namespace {
constexpr std::array scales{5.0, 4.0, 3.0, 2.5, 2.0, 1.5}; // to enlarge by
}

double enlargement(double width_mm, double room_wide_mm, double height_mm, double room_high_mm) {
    for (const double factor : scales)
        if (factor * width_mm <= room_wide_mm && factor * height_mm <= room_high_mm) return factor;
    return 1.0;
}

double next_smaller_scale(double factor) {
    for (const double scale : scales)
        if (scale < factor) return scale;
    return 1.0;
}

std::string scale_text(double factor) {
    const auto plain = [](double value) { return sheet_fixed(value, value == std::floor(value) ? 0 : 1); };
    return factor >= 1.0 ? plain(factor) + ":1" : "1:" + plain(1.0 / factor);
}

} // namespace fm
