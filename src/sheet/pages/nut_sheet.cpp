// The nut alone, from top to bottom.
#include "core/solution/check.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/nut_on_page.h"
#include "sheet/pages/part_layout.h"
#include "sheet/pages/part_sheets.h"

#include <algorithm>

namespace fm {

std::vector<Sheet> nut_sheets(const SheetContext& context) {
    constexpr double under_list_mm = 9;
    const auto begun = [&context] {
        return SheetPage(context, {"nut"}, translate("sheet", "Nut"),
                         NutOnPage::facts(context.job, context.solution), scale_text(1.0),
                         NutOnPage::lies(context));
    };
    std::vector<Sheet> sheets;
    SheetPage page = begun();
    NutOnPage nut(page);
    const double least_mm = least_list_mm<NutOnPage>(page);
    const double usual_mm = SheetPage::table_room(context.solution.strings.size());
    page.notices(nut_notices(context.job, context.solution));
    page.heading(translate("sheet", "True size 1:1"));
    page.paragraph(NutOnPage::template_words());
    true_size_and_dimensions(nut, page, std::max(least_mm, usual_mm) + under_list_mm);
    page.down(1.5);
    page.rule();
    // Many strings under a long head: their list goes on a page of its own.
    if (page.y() - least_mm < page.bottom() + under_list_mm) {
        sheets.push_back({page.finished(), page.figures()});
        page = begun();
    }
    const StringTable list = list_of(nut, page);
    page.table(list.columns, list.rows, page.bottom() + under_list_mm);
    page.down(1.0);
    page.paragraph(nut.note());
    page.doubts(about_the_nut);
    sheets.push_back({page.finished(), page.figures()});
    return sheets;
}

} // namespace fm
