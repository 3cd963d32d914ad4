// The saddle alone, from top to bottom.
#include "core/solution/check.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/part_layout.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/pages/saddle_on_page.h"

#include <algorithm>

namespace fm {

std::vector<Sheet> saddle_sheets(const SheetContext& context) {
    constexpr double under_list_mm = 14;
    constexpr double plan_room_mm = 30;
    const auto begun = [&context] {
        return SheetPage(context, {"saddle"}, SaddleOnPage::name(context), SaddleOnPage::facts(context),
                         scale_text(1.0), SaddleOnPage::lies(context));
    };
    std::vector<Sheet> sheets;
    SheetPage page = begun();
    SaddleOnPage saddle(page);
    const auto turn = [&] {
        sheets.push_back({page.finished(), page.figures()});
        page = begun();
    };
    const double least_mm = least_list_mm<SaddleOnPage>(page);
    const double usual_mm = SheetPage::table_room(context.solution.strings.size());
    page.notices(saddle_notices(context.job, context.solution));
    page.heading(translate("sheet", "True size 1:1"),
                 translate("sheet", "seen from the tail; over it a strip of string places"));
    const double factor =
        true_size_and_dimensions(saddle, page, std::max(least_mm, usual_mm) + under_list_mm + plan_room_mm);
    constexpr double heading_mm = 6;
    if (page.y() - heading_mm - saddle.plan_room(factor) < page.bottom()) turn();
    page.heading(saddle.plan_head(), translate("sheet", "not to scale across; the figures are in the list"));
    saddle.plan(factor);
    page.rule();
    // Many strings under a long head: their list goes on a page of its own.
    if (page.y() - least_mm < page.bottom() + 9.0) turn();
    const StringTable list = list_of(saddle, page);
    page.table(list.columns, list.rows, page.bottom() + under_list_mm);
    page.down(1.0);
    for (const std::string& note : saddle.notes()) page.paragraph(note);
    page.doubts(about_the_saddle);
    sheets.push_back({page.finished(), page.figures()});
    return sheets;
}

} // namespace fm
