// Nut and saddle on one page, at the largest usual scales at which both have room there.
#include "core/solution/check.h"
#include "sheet/machine/part_notices.h"
#include "sheet/pages/nut_on_page.h"
#include "sheet/pages/part_layout.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/pages/saddle_on_page.h"

#include <algorithm>
#include <utility>

namespace fm {

namespace {

constexpr double least_factor = 1.5;

std::string name_of_both(const SheetContext& context) {
    if (!context.solution.notches.empty()) return translate("sheet", "Nut and bridge top");
    if (context.solution.single) return translate("sheet", "Nut and single saddles");
    return context.job.design.has_slot() ? translate("sheet", "Nut and saddle")
                                         : translate("sheet", "Nut and bar on posts");
}

/// What is said of each part, by its name; what is said of both once.
std::vector<std::string> facts_of_both(const SheetContext& context) {
    const std::vector<std::string> nut = NutOnPage::facts(context.job, context.solution);
    std::vector<std::string> facts;
    const auto add = [&facts](const std::string& part, const std::string& fact) {
        facts.push_back(part.empty() ? fact : with_values(translate("sheet", "%1: %2"), part, fact));
    };
    std::string part = translate("sheet", "Nut");
    for (const std::string& fact : nut) add(std::exchange(part, ""), fact);
    part = SaddleOnPage::name(context);
    for (const std::string& fact : SaddleOnPage::facts(context))
        if (std::find(nut.begin(), nut.end(), fact) == nut.end()) add(std::exchange(part, ""), fact);
    return facts;
}

SheetPage begun(const SheetContext& context) {
    SheetPage page(context, {"nut", "saddle"}, name_of_both(context), facts_of_both(context),
                   scale_text(1.0));
    page.notices(nut_notices(context.job, context.solution));
    page.notices(saddle_notices(context.job, context.solution));
    return page;
}

bool is_of_either(const Message& doubt) {
    return about_the_nut(doubt) || about_the_saddle(doubt);
}

/// Both in true size, side by side where they go beside each other.
void true_size(SheetPage& page) {
    NutOnPage nut(page);
    SaddleOnPage saddle(page);
    page.heading(translate("sheet", "True size 1:1"));
    page.paragraph(NutOnPage::template_words());
    const double nut_half = nut.half_mm() + NutOnPage::side_words_mm;
    const double saddle_half = saddle.reach_mm() + SaddleOnPage::side_words_mm;
    if (2.0 * (nut_half + saddle_half) <= page.width()) {
        const double gap = (page.width() - 2.0 * (nut_half + saddle_half)) / 3.0;
        const double low = saddle.true_size(page.right() - gap - saddle_half, true);
        page.go_to(std::min(low, nut.true_size(page.left() + gap + nut_half, true)) - 4.0);
    } else {
        page.go_to(nut.true_size(page.middle(), true) - 3.0);
        const Point origin = page.page().origin; // of the page stays the nut's
        page.go_to(saddle.true_size(page.middle(), true) - 4.0);
        page.page().origin = origin;
    }
    page.rule();
}

/// Both lists in one.
class BothOnPage {
public:
    /// @param brief without the compensations, which no caliper reads on the part
    BothOnPage(SheetPage& page, bool brief) : page_(page), nut_(page), saddle_(page), brief_(brief) {}
    std::vector<TableColumn> columns() const {
        std::vector<TableColumn> columns = nut_.columns();
        for (TableColumn& column : columns) column.group = translate("sheet", "Nut");
        for (TableColumn& column : saddle_.columns(!brief_)) {
            column.group = SaddleOnPage::name(page_.context());
            columns.push_back(std::move(column));
        }
        return columns;
    }
    std::vector<std::string> row(std::size_t string) {
        std::vector<std::string> row = nut_.row(string);
        for (std::string& word : saddle_.row(string, !brief_)) row.push_back(std::move(word));
        return row;
    }

private:
    const SheetPage& page_;
    NutOnPage nut_;
    SaddleOnPage saddle_;
    bool brief_;
};

/// Whether the list goes across such a page.
bool has_room_for_list(SheetPage page, bool brief) {
    BothOnPage both(page, brief);
    const StringTable list = list_of(both, page);
    return page.table_fits(list.columns, list.rows);
}

/// What comes under what is in true size, at those scales.
void enlarged(SheetPage& page, double of_nut, double of_saddle, bool brief) {
    NutOnPage nut(page);
    SaddleOnPage saddle(page);
    const auto head = [&](const std::string& part, double scale, const std::string& scheme) {
        page.heading(with_values(translate("sheet", "%1, enlarged %2"), part, scale_text(scale)), scheme);
    };
    head(translate("sheet", "Nut"), of_nut, nut.scheme());
    nut.dimensioned(of_nut);
    head(SaddleOnPage::name(page.context()), of_saddle, saddle.scheme());
    saddle.dimensioned(of_saddle);
    page.heading(saddle.plan_head(), translate("sheet", "not to scale across; the figures are in the list"));
    saddle.plan(of_saddle);
    page.rule();
    BothOnPage both(page, brief);
    const StringTable list = list_of(both, page);
    page.table(list.columns, list.rows, page.bottom() + 12.0);
    page.down(1.0);
    std::string notes = nut.note();
    for (const std::string& note : saddle.notes()) notes += " " + note;
    page.paragraph(notes);
}

} // namespace

std::vector<Sheet> nut_and_saddle_sheets(const SheetContext& context) {
    if (NutOnPage::lies(context) || SaddleOnPage::lies(context)) return {};
    SheetPage head = begun(context);
    true_size(head);
    const bool brief = !has_room_for_list(head, false);
    if (brief && !has_room_for_list(head, true)) return {};
    double of_nut = NutOnPage(head).largest_factor(0);
    double of_saddle = SaddleOnPage(head).largest_factor(0);
    while (std::min(of_nut, of_saddle) >= least_factor) {
        SheetPage page = head;
        enlarged(page, of_nut, of_saddle, brief);
        if (page.y() >= page.bottom() && page.has_room_for_doubts(is_of_either)) {
            page.doubts(is_of_either);
            return {{page.finished(), page.figures()}};
        }
        double& larger = of_nut >= of_saddle ? of_nut : of_saddle;
        larger = next_smaller_scale(larger);
    }
    return {};
}

} // namespace fm
