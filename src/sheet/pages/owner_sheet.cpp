// What was found, done and left, in plain words, for whom the instrument is.
#include "job/read/story.h"
#include "sheet/pages/part_sheets.h"
#include "sheet/pages/story_pictures.h"
#include "sheet/words/owner_words.h"

#include <algorithm>

namespace fm {

namespace {

constexpr double line_mm = 4.6;
constexpr double section_mm = 16; // a heading, and something under it

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
        return {context_, {"owner"}, translate("sheet", "For the owner"), owner_facts(context_), ""};
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
        const Drawing picture = before_after_picture(job_, page_.solution(), page_.width(),
                                                     [this](double mm) { return page_.number(mm); });
        need(picture.height + 14.0);
        page_.heading(translate("sheet", "Before and after"),
                      translate("sheet", "ring: before; full: now; dash: what was aimed at"));
        page_.down(picture.height + 3.0);
        page_.page().place(picture, 1.0, {page_.left(), page_.y()});
        page_.down(2.0);
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
