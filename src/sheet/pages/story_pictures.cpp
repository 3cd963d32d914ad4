#include "sheet/pages/story_pictures.h"

#include "core/words/units.h"
#include "sheet/drawing/pens.h"
#include "sheet/pages/sheet_page.h"
#include "sheet/views/nut_views.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double em = SheetPage::small_em;
constexpr double chart_high_mm = 40;
constexpr double axis_mm = 13; // its figures
constexpr double under_mm = 5; // strings' numbers

using Number = std::function<std::string(double)>;

void add_text(Drawing& drawing, Point at, const std::string& words, TextAnchor anchor, bool upright = false) {
    Text item;
    item.at = at;
    item.text = words;
    item.em_mm = em;
    item.anchor = anchor;
    item.upright = upright;
    drawing.add(item);
}

/// One number of every string, before and after.
struct Chart {
    std::string title;
    std::vector<BeforeAfter> values;
    std::vector<double> wanted;
};

/// Upright, with its figures in the page's unit: 1, 2 or 5 of a power of ten apart, three to six of them.
void add_axis(Drawing& drawing, double x, double scale, double most_mm, Unit unit, const Number& number) {
    const double in_mm = mm_per(unit); // sixty-fourths by eighths of an inch, which are whole ones
    double apart = std::pow(10.0, std::floor(std::log10(most_mm / in_mm)));
    for (const double share : {0.1, 0.2, 0.5, 1.0})
        if (most_mm / in_mm / (apart * share) <= 6.0) {
            apart *= share;
            break;
        }
    drawing.add(line_path(Layer::dimension, {x, under_mm}, {x, under_mm + most_mm * scale}));
    for (int k = 0; k * apart * in_mm <= most_mm * 1.0001; ++k) {
        const double y = under_mm + k * apart * in_mm * scale;
        drawing.add(line_path(Layer::dimension, {x - 1.0, y}, {x, y}));
        add_text(drawing, {x - 1.6, y - 0.9}, number(k * apart * in_mm), TextAnchor::right);
    }
}

void add_chart(Drawing& drawing, const Chart& what, double x, double wide, const Job& job,
               const Number& number) {
    double most = 1e-6;
    for (std::size_t i = 0; i < what.values.size(); ++i)
        most = std::max(
            {most, what.wanted[i], what.values[i].found.value_or(0), what.values[i].now.value_or(0)});
    const double scale = (chart_high_mm - 10.0) / most;
    add_text(drawing, {x, under_mm + chart_high_mm - 2.0}, what.title, TextAnchor::left);
    drawing.add(line_path(Layer::dimension, {x + axis_mm, under_mm}, {x + wide, under_mm}));
    add_axis(drawing, x + axis_mm, scale, most, job.unit, number);
    const double step = (wide - axis_mm) / static_cast<double>(what.values.size());
    for (std::size_t i = 0; i < what.values.size(); ++i) {
        const std::size_t place = job.left_handed ? what.values.size() - 1 - i : i;
        const double at = x + axis_mm + step * (static_cast<double>(place) + 0.5);
        const auto y_of = [&](double mm) { return under_mm + mm * scale; };
        drawing.add(line_path(Layer::dimension, {at - 2.6, y_of(what.wanted[i])},
                              {at + 2.6, y_of(what.wanted[i])}, pens::rule));
        if (const auto& found = what.values[i].found)
            drawing.add(Circle{Layer::dimension, {at - 1.3, y_of(*found)}, 1.1, pens::outline, Fill::none});
        if (const auto& now = what.values[i].now)
            drawing.add(Circle{Layer::dimension, {at + 1.3, y_of(*now)}, 1.1, pens::light_rule, Fill::ink});
        add_text(drawing, {at, under_mm - 3.6}, std::to_string(what.values.size() - i), TextAnchor::middle);
    }
}

} // namespace

Drawing before_after_picture(const Job& job, const Solution& solution, double wide_mm, const Number& number) {
    const JobBeforeAfter story = before_and_after(job);
    Chart nut{translate("sheet", "over the first fret"), {}, {}};
    Chart action{translate("sheet", "over the twelfth fret"), {}, {}};
    for (std::size_t i = 0; i < story.strings.size(); ++i) {
        nut.values.push_back(story.strings[i].nut_gap_mm);
        action.values.push_back(story.strings[i].action_mm);
        nut.wanted.push_back(story.nut_way.of(solution.strings[i]));
        action.wanted.push_back(action_way(job.design).of(solution.strings[i]));
    }
    Drawing drawing;
    drawing.width = wide_mm;
    drawing.height = under_mm + chart_high_mm + 1.0;
    constexpr double between_mm = 10;
    const double half = 0.5 * (wide_mm - between_mm);
    add_chart(drawing, nut, 0.0, half, job, number);
    add_chart(drawing, action, half + between_mm, half, job, number);
    return drawing;
}

Drawing nut_picture(const Job& job, const Solution& solution, double wide_mm, const Number& number) {
    NutViewOptions options;
    options.mirrored = job.left_handed;
    options.strings = false;
    const double high_mm = nut_height_mm(job.design, solution);
    const double factor = enlargement(2.0 * nut_half_length_mm(job.design, solution), wide_mm, high_mm, 40.0);
    const Point seat{0.5 * wide_mm, 2.0};
    Drawing drawing;
    drawing.place(as_picture(nut_front(job.design, solution, options)), factor, seat);
    const double sign = job.left_handed ? -1.0 : 1.0;
    std::vector<double> wanted;
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < solution.strings.size(); ++i)
        order.push_back(job.left_handed ? solution.strings.size() - 1 - i : i);
    for (const std::size_t i : order)
        wanted.push_back(seat.x + sign * factor * solution.strings[i].slot.along_mm);
    const std::vector<double> places = spread_places(wanted, 1.25 * em, 0.5 * em, wide_mm);
    const double top = seat.y + factor * high_mm;
    double longest = 0;
    for (std::size_t k = 0; k < order.size(); ++k) {
        const SlotWork& slot = solution.strings[order[k]].slot;
        const std::string words = job.design.string_name(order[k]) + ": " + number(slot.floor_above_seat_mm);
        drawing.add(line_path(Layer::dimension, {wanted[k], top + 1.0}, {places[k], top + 5.0}, pens::fine));
        add_text(drawing, {places[k] + 0.35 * em, top + 6.0}, words, TextAnchor::left, true);
        longest = std::max(longest, width_of(words, em));
    }
    drawing.width = wide_mm;
    drawing.height = top + 7.0 + longest;
    return drawing;
}

} // namespace fm
