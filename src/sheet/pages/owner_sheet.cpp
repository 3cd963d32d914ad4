// What was found, done and left, in plain words, for whom the instrument is.
#include "job/read/story.h"
#include "sheet/drawing/pens.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/words/owner_words.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double chart_high_mm = 40;
constexpr double line_mm = 4.6;
constexpr double axis_mm = 13;    // its figures
constexpr double section_mm = 16; // a heading, and something under it

/// One number of every string, before and after.
struct Chart {
    std::string title;
    std::vector<BeforeAfter> values;
    std::vector<double> wanted;
};

class OwnerPage {
public:
    explicit OwnerPage(const SheetContext& context)
        : context_(context), page_(new_page()), job_(context.job), story_(before_and_after(context.job)) {}

    std::vector<Sheet> drawn() {
        const OwnerWords words = owner_words(
            job_, [this](double mm) { return page_.label(mm); }, context_.style.shop);
        told(translate("sheet", "What was found"), words.found);
        told(translate("sheet", "What was done"), words.done);
        charts();
        numbers();
        told(translate("sheet", "What was left, and what to watch"), words.left);
        finish();
        return std::move(sheets_);
    }

private:
    SheetPage new_page() const {
        return {context_, "owner", translate("sheet", "For the owner"), owner_facts(context_), ""};
    }
    void finish() { sheets_.push_back({page_.finished(), page_.figures()}); }
    /// Goes on to another page where there is less room than that.
    void need(double mm) {
        if (page_.y() - mm > page_.bottom() + 3.0) return;
        finish();
        page_ = new_page();
        page_.down(2.0);
    }

    void bullet(const std::string& words) {
        const auto lines = wrapped_text(words, SheetPage::body_em, page_.width() - 6.0);
        need(line_mm * static_cast<double>(lines.size()));
        page_.paragraph("– " + words, 2.0, SheetPage::body_em);
    }

    void told(const std::string& heading, const std::vector<std::string>& sentences) {
        need(section_mm);
        page_.heading(heading);
        for (const std::string& words : sentences) bullet(words);
        page_.down(1.5);
    }

    void charts() {
        Chart nut{translate("sheet", "over the first fret"), {}, {}};
        Chart action{translate("sheet", "over the twelfth fret"), {}, {}};
        const Solution& solution = page_.solution();
        const Design& design = page_.design();
        for (std::size_t i = 0; i < story_.strings.size(); ++i) {
            nut.values.push_back(story_.strings[i].nut_gap_mm);
            action.values.push_back(story_.strings[i].action_mm);
            const StringSolution& string = solution.strings[i];
            nut.wanted.push_back(story_.nut_way.of(string));
            action.wanted.push_back(action_way(design).of(string));
        }
        need(chart_high_mm + 20.0);
        page_.heading(translate("sheet", "Before and after"),
                      translate("sheet", "ring: before; full: now; dash: what was aimed at"));
        page_.down(4.0);
        const double half = (page_.width() - 10.0) / 2;
        chart(nut, page_.left(), half);
        chart(action, page_.left() + half + 10.0, half);
        page_.down(chart_high_mm + 7.0);
    }

    void chart(const Chart& what, double x, double wide) {
        double most = 1e-6;
        for (std::size_t i = 0; i < what.values.size(); ++i)
            most = std::max(
                {most, what.wanted[i], what.values[i].found.value_or(0), what.values[i].now.value_or(0)});
        const double base = page_.y() - chart_high_mm;
        const double scale = (chart_high_mm - 10.0) / most;
        Drawing& page = page_.page();
        page_.text(x, page_.y() - 2.0, what.title, SheetPage::small_em);
        page.add(line_path(Layer::dimension, {x + axis_mm, base}, {x + wide, base}));
        axis(x + axis_mm, base, scale, most);
        const double step = (wide - axis_mm) / static_cast<double>(what.values.size());
        for (std::size_t i = 0; i < what.values.size(); ++i) {
            const std::size_t place = job_.left_handed ? what.values.size() - 1 - i : i;
            const double at = x + axis_mm + step * (static_cast<double>(place) + 0.5);
            const auto y_of = [&](double mm) { return base + mm * scale; };
            page.add(line_path(Layer::dimension, {at - 2.6, y_of(what.wanted[i])},
                               {at + 2.6, y_of(what.wanted[i])}, pens::rule));
            if (what.values[i].found)
                page.add(Circle{Layer::dimension,
                                {at - 1.3, y_of(*what.values[i].found)},
                                1.1,
                                pens::outline,
                                Fill::none});
            if (what.values[i].now)
                page.add(Circle{Layer::dimension,
                                {at + 1.3, y_of(*what.values[i].now)},
                                1.1,
                                pens::light_rule,
                                Fill::ink});
            page_.text(at, base - 3.6, std::to_string(what.values.size() - i), SheetPage::small_em,
                       TextAnchor::middle);
        }
    }

    /// Upright, with its figures in the page's unit: 1, 2 or 5 of a power of ten apart, three to six of them.
    void axis(double x, double base, double scale, double most_mm) {
        const double in_mm = mm_per_shown();
        double apart = std::pow(10.0, std::floor(std::log10(most_mm / in_mm)));
        for (const double share : {0.1, 0.2, 0.5, 1.0})
            if (most_mm / in_mm / (apart * share) <= 6.0) {
                apart *= share;
                break;
            }
        Drawing& page = page_.page();
        page.add(line_path(Layer::dimension, {x, base}, {x, base + most_mm * scale}));
        for (int k = 0; k * apart * in_mm <= most_mm * 1.0001; ++k) {
            const double y = base + k * apart * in_mm * scale;
            page.add(line_path(Layer::dimension, {x - 1.0, y}, {x, y}));
            page_.text(x - 1.6, y - 0.9, page_.number(k * apart * in_mm), SheetPage::small_em,
                       TextAnchor::right);
        }
    }
    /// One of what lengths are shown in; sixty-fourths by eighths of an inch, which are whole ones.
    double mm_per_shown() const {
        switch (job_.unit) {
        case Unit::mm: return 1.0;
        case Unit::in: return mm_per_inch;
        case Unit::thou: return mm_per_inch / 1000;
        case Unit::sixty_fourths: return mm_per_inch / 64;
        }
        return 1.0;
    }

    static std::string dash() { return "–"; }
    std::string cell(const std::optional<double>& mm) const { return mm ? page_.label(*mm) : dash(); }

    void numbers() {
        need(SheetPage::table_room(story_.strings.size()) + 8.0);
        const std::string way = way_of_reading(story_.nut_way);
        page_.heading(translate("sheet", "The numbers that matter"),
                      (way.empty() ? "" : way + " · ") +
                          with_values(translate("sheet", "lengths in %1"), page_.unit()));
        const std::vector<TableColumn> columns{
            {translate("sheet", "string")},          {translate("sheet", "fret 1, before")},
            {translate("sheet", "now"), true},       {translate("sheet", "aimed at")},
            {translate("sheet", "fret 12, before")}, {translate("sheet", "now"), true},
            {translate("sheet", "aimed at")}};
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < story_.strings.size(); ++i) {
            const StringBeforeAfter& string = story_.strings[i];
            const StringSolution& wanted = page_.solution().strings[i];
            rows.push_back({page_.design().string_name(i), cell(string.nut_gap_mm.found),
                            cell(string.nut_gap_mm.now), page_.label(story_.nut_way.of(wanted)),
                            cell(string.action_mm.found), cell(string.action_mm.now),
                            page_.label(action_way(page_.design()).of(wanted))});
        }
        page_.table(columns, rows, page_.bottom() + 2.0);
        page_.down(2.0);
    }

    const SheetContext& context_;
    std::vector<Sheet> sheets_;
    SheetPage page_;
    const Job& job_;
    JobBeforeAfter story_;
};

} // namespace

std::vector<Sheet> owner_sheets(const SheetContext& context) {
    return OwnerPage(context).drawn();
}

} // namespace fm
