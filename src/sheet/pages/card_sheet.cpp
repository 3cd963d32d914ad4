// The set-up card: targets, what the gauges should read after each step, and room for what they do read.
#include "core/found/plan.h"
#include "sheet/pages/part_sheets.h"

#include <algorithm>

namespace fm {

namespace {

class Card {
public:
    explicit Card(const SheetContext& context)
        : page_(context, {"card"}, translate("sheet", "Set-up card"), facts(context), "", true),
          design_(page_.design()),
          plan_(plan(design_, page_.solution(), context.job.readings, PlanOrder::neck_saddle_nut)) {}

    Sheet drawn() {
        relief();
        if (plan_)
            with_plan();
        else
            without_plan();
        return {page_.finished(), page_.figures()};
    }

private:
    static std::vector<std::string> facts(const SheetContext& context) {
        std::vector<std::string> facts = owner_facts(context);
        facts.push_back(context.job.left_handed ? translate("sheet", "left-handed")
                                                : translate("sheet", "right-handed"));
        facts.push_back(translate("sheet", "write in pencil what the gauge says"));
        return facts;
    }

    static std::string string_name(std::size_t i, const char* what) {
        return "card.strings[" + std::to_string(i) + "]." + what;
    }

    void relief() {
        page_.heading(translate("sheet", "1. Neck"),
                      translate("sheet", "small turns; stop when it binds; when unsure, a trained repairer"));
        const auto& wanted = design_.neck.relief;
        std::string words =
            wanted
                ? with_values(translate("sheet", "Relief %1 under a string held at frets %2"),
                              page_.figure("card.relief", wanted->depth_mm),
                              std::to_string(wanted->from_fret) + " – " + std::to_string(wanted->to_fret)) +
                      ", " +
                      with_values(translate("sheet", "read at fret %1"), std::to_string(wanted->at_fret))
                : translate("sheet", "The neck straight");
        if (plan_ && plan_->relief.from && plan_->relief.left())
            words += " · " + with_values(translate("sheet", "leave it: %1 as found"),
                                         page_.label(plan_->relief.from->depth_mm));
        else if (plan_ && plan_->relief.from && plan_->relief.to_mm)
            words += " · " + with_values(translate("sheet", "now %1, to %2 there"),
                                         page_.label(plan_->relief.from->depth_mm),
                                         page_.figure("card.relief_there", *plan_->relief.to_mm));
        constexpr double reads_mm = 48.0; // room to write what it reads
        page_.down(0.6);
        for (const std::string& line : wrapped_text(words, SheetPage::body_em, page_.width() - reads_mm)) {
            page_.down(4.4);
            page_.text(page_.left(), page_.y(), line);
        }
        const double x = page_.right();
        page_.text(x - 30.0, page_.y(), translate("sheet", "reads"), SheetPage::small_em, TextAnchor::right);
        page_.page().add(line_path(Layer::text, {x - 28.0, page_.y() - 0.6}, {x, page_.y() - 0.6}));
        page_.down(2.5);
        page_.rule();
    }

    /// What a table of the card has in a cell that is not known.
    static std::string dash() { return "–"; }

    std::string gap(const After& after, std::size_t i) const {
        return after[i] ? page_.label(after[i]->open_gap_fret1_mm) : dash();
    }
    std::string action(const After& after, std::size_t i) const {
        return after[i] ? page_.label(after[i]->action12_mm) : dash();
    }

    void with_plan() {
        page_.heading(translate("sheet", "2. Saddle, 3. Nut"),
                      translate("sheet", "gap: open, over fret 1; action: open, at fret 12; minus: filled, "
                                         "or turned up"));
        const std::string gap_head = translate("sheet", "gap");
        const std::string action_head = translate("sheet", "action");
        const std::vector<TableColumn> columns{{translate("sheet", "string")},
                                               {translate("sheet", "neck set: gap")},
                                               {action_head},
                                               {translate("sheet", "reads"), false, true},
                                               {translate("sheet", "saddle off"), true},
                                               {translate("sheet", "then gap")},
                                               {action_head},
                                               {translate("sheet", "reads"), false, true},
                                               {translate("sheet", "nut off"), true},
                                               {translate("sheet", "then gap")},
                                               {action_head},
                                               {translate("sheet", "reads"), false, true}};
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            rows.push_back({design_.string_name(i), gap(plan_->relief.after, i),
                            action(plan_->relief.after, i), "", saddle_off(i), gap(plan_->saddle.after, i),
                            action(plan_->saddle.after, i), "", nut_off(i), gap(plan_->nut.after, i),
                            action(plan_->nut.after, i), ""});
        }
        page_.table(columns, rows, page_.bottom() + 14.0);
        page_.down(1.0);
        const SaddleCut& cut = plan_->saddle.cut;
        std::string words;
        if (plan_->saddle.left())
            words = translate("sheet", "The saddle is left as found.");
        else if (plan_->saddle.choice == SaddleChoice::renew)
            words = translate("sheet", "A new saddle: its sheet has its heights.");
        else if (plan_->saddle.screws_mm)
            words = with_values(translate("sheet", "Screws down: bass %1, treble %2; minus is up."),
                                page_.label(plan_->saddle.screws_mm->bass_mm),
                                page_.label(plan_->saddle.screws_mm->treble_mm));
        else if (design_.saddle.by_screws())
            words = translate("sheet", "Every saddle goes down by its own screw; minus is up.");
        else if (cut.pack_mm > 0)
            words = with_values(translate("sheet", "Pack under the saddle %1, or a new one."),
                                page_.label(cut.pack_mm));
        else
            words = with_values(
                translate("sheet", "Off the saddle's bottom: bass %1, treble %2; the rest off its top."),
                page_.label(cut.bottom_mm.bass_mm), page_.label(cut.bottom_mm.treble_mm));
        page_.paragraph(words);
        const NutDecision& nut = plan_->nut.decision;
        if (nut.choice == NutChoice::shim && nut.shim_mm)
            page_.paragraph(with_values(translate("sheet", "Shim under the whole nut: %1; then file."),
                                        page_.label(*nut.shim_mm)));
        if (nut.choice == NutChoice::below)
            page_.paragraph(with_values(translate("sheet", "Off the nut's bottom in one: %1; then file."),
                                        page_.label(nut.below_mm)));
        if (nut.choice == NutChoice::choose)
            page_.paragraph(translate("sheet", "A shim or filling: decide at the nut first."));
    }

    /// What comes off a saddle under a string, negative: how far a screw is turned up; what is packed under
    /// the whole stands below the table.
    std::string saddle_off(std::size_t i) {
        const SaddleStep& step = plan_->saddle;
        if (!step.take_off_mm[i]) return dash();
        if (step.left()) return translate("sheet", "leave");
        const bool of_wood = !design_.saddle.by_screws() && step.choice == SaddleChoice::set;
        const double mm =
            of_wood ? std::max(0.0, *step.take_off_mm[i] + step.cut.pack_mm) : *step.take_off_mm[i];
        return page_.figure(string_name(i, "saddle_off"), mm);
    }

    /// What is filed off a slot; negative: what it is filled by.
    std::string nut_off(std::size_t i) {
        const NutStep& step = plan_->nut;
        if (!step.take_off_mm[i]) return dash();
        if (step.left()) return translate("sheet", "leave");
        if (step.decision.choice == NutChoice::replace) return translate("sheet", "new");
        const auto& fill = step.decision.fill;
        const bool filled = std::find(fill.begin(), fill.end(), i) != fill.end();
        if (!filled && plan_->strings[i]->slot_stays) return translate("sheet", "leave");
        const double mm = filled && *step.raise_mm[i] > 0 ? -*step.raise_mm[i] : *step.take_off_mm[i];
        return page_.figure(string_name(i, "nut_off"), mm);
    }

    void without_plan() {
        page_.heading(translate("sheet", "2. Saddle, 3. Nut"),
                      translate("sheet", "no readings yet: what each should read in the end"));
        const std::string blank = translate("sheet", "reads");
        const std::vector<TableColumn> columns{{translate("sheet", "string")},
                                               {translate("sheet", "gap, fret 1"), true},
                                               {translate("sheet", "found"), false, true},
                                               {blank, false, true},
                                               {translate("sheet", "pressed at 3")},
                                               {blank, false, true},
                                               {translate("sheet", "action, fret 12"), true},
                                               {translate("sheet", "found"), false, true},
                                               {blank, false, true},
                                               {translate("sheet", "with capo")},
                                               {blank, false, true}};
        std::vector<std::vector<std::string>> rows;
        for (std::size_t i = 0; i < design_.strings.size(); ++i) {
            const StringSolution& string = page_.solution().strings[i];
            rows.push_back({design_.string_name(i),
                            page_.figure(string_name(i, "gap1"), string.open_gaps_mm.front()), "", "",
                            page_.figure(string_name(i, "pressed3"), string.pressed_gap_3_mm), "",
                            page_.figure(string_name(i, "action12"), string.action12_mm), "", "",
                            page_.figure(string_name(i, "capo12"), string.action12_capo_mm), ""});
        }
        page_.table(columns, rows, page_.bottom() + 4.0);
    }

    SheetPage page_;
    const Design& design_;
    std::optional<Plan> plan_;
};

} // namespace

std::vector<std::string> owner_facts(const SheetContext& context) {
    if (context.job.owner.empty()) return {};
    return {with_values(translate("sheet", "owner %1"), context.job.owner)};
}

std::vector<Sheet> card_sheets(const SheetContext& context) {
    return {Card(context).drawn()};
}

} // namespace fm
