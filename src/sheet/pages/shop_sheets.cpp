// The job's whole story for the shop: every reading, pass and decision in order, over as many pages as it
// takes.
#include "job/read/story.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/pages/record_html.h"
#include "sheet/pages/shop_words.h"
#include "sheet/pages/story_pictures.h"

#include <algorithm>
#include <functional>

namespace fm {

namespace {

constexpr double line_mm = 4.4;
constexpr double when_mm = 34;

SheetPage new_page(const SheetContext& context, int number) {
    std::vector<std::string> facts = owner_facts(context);
    if (number > 1) facts.push_back(with_values(translate("sheet", "page %1"), std::to_string(number)));
    return {context, {"shop"}, translate("sheet", "For the shop"), facts, ""};
}

void totals(SheetPage& page, const Job& job) {
    const double minutes = minutes_worked(job.record);
    int readings = 0;
    int passes = 0;
    int eighths = 0;
    for (const ReadingEntry& entry : job.readings.in_order()) {
        if (entry.relief) ++readings;
        for (const StringReadings& read : entry.strings) readings += read.has_nut() + read.has_action();
        if (!entry.bench) continue;
        passes += entry.bench->wanted_mm > 0;
        eighths += std::abs(entry.bench->turned_eighths);
    }
    page.paragraph(
        with_values(translate("sheet", "%1 readings, %2 passes with the file."), std::to_string(readings),
                    std::to_string(passes)) +
            (eighths > 0 ? " " + with_values(translate("sheet", "The rod was turned %1 eighths in all."),
                                             std::to_string(eighths))
                         : "") +
            (minutes > 0 ? " " + with_values(translate("sheet", "%1 minutes of work written down."),
                                             sheet_fixed(minutes, 0))
                         : ""),
        0, SheetPage::body_em);
}

/// What it is made of and set to, for whoever has it on the bench next.
/// @param need goes on to another page where there is less room than that
void next_time(SheetPage& page, const SheetContext& context, const std::function<void(double)>& need) {
    const auto number = [&page](double mm) { return page.number(mm); };
    const ShopWords words = shop_words(context.job, context.solution, context.tools, number);
    page.heading(translate("sheet", "For the next time"),
                 with_values(translate("sheet", "lengths in %1"), page.unit()));
    for (const std::string& fact : words.facts) page.paragraph(fact, 2.0, SheetPage::body_em);
    page.down(1.0);
    need(SheetPage::table_room(words.rows.size()));
    std::vector<TableColumn> columns;
    for (const std::string& column : words.columns) columns.push_back({column});
    page.table(columns, words.rows, page.bottom());
    page.down(2.0);
    if (context.job.design.nut.clamping) return;
    const Drawing nut = nut_picture(context.job, context.solution, page.width(), number);
    need(nut.height + 10.0);
    page.heading(translate("sheet", "The nut from the front"),
                 translate("sheet", "at every slot its floor over the seat"));
    page.down(nut.height + 1.0);
    page.page().place(nut, 1.0, {page.left(), page.y()});
    page.down(3.0);
}

} // namespace

std::vector<Sheet> shop_sheets(const SheetContext& context) {
    std::vector<Sheet> sheets;
    int number = 1;
    SheetPage page = new_page(context, number);
    const auto finish = [&] { sheets.push_back({page.finished(), page.figures()}); };
    const auto need = [&](double mm) {
        if (page.y() - mm > page.bottom() + 4.0) return;
        finish();
        page = new_page(context, ++number);
        page.down(2.0);
    };
    totals(page, context.job);
    next_time(page, context, need);
    need(16.0);
    page.heading(translate("sheet", "In order"), translate("sheet", "only ever added: a correction says so"));
    page.down(1.0);
    for (const StoryLine& line : story_of(context.job)) {
        const auto lines =
            wrapped_text(story_words(line, context.job.unit), SheetPage::small_em, page.width() - when_mm);
        need(line_mm * static_cast<double>(std::max<std::size_t>(1, lines.size())));
        const std::string when = sheet_moment(line.when);
        page.down(line_mm);
        page.text(page.left(), page.y(), when, SheetPage::small_em);
        for (std::size_t k = 0; k < lines.size(); ++k) {
            if (k > 0) page.down(line_mm);
            page.text(page.left() + when_mm, page.y(), lines[k], SheetPage::small_em);
        }
    }
    finish();
    return sheets;
}

} // namespace fm
