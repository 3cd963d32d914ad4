// What was found, done and left, in plain words, for whom the instrument is.
#include "job/story.h"
#include "sheet/part_sheets.h"

#include <algorithm>
#include <cmath>

namespace fm {

namespace {

constexpr double chart_high_mm = 40;
constexpr double line_mm = 4.6;
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
        found();
        done();
        charts();
        numbers();
        left_and_watch();
        finish();
        return std::move(sheets_);
    }

private:
    std::string unit_length(double mm) const { return page_.label(mm) + " " + page_.unit(); }

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

    void found() {
        need(section_mm);
        page_.heading(translate("sheet", "What was found"));
        bool any = false;
        const auto& points = survey_points();
        for (std::size_t i = 0; i < points.size(); ++i) {
            const SurveyFinding& finding = job_.survey[i];
            if (finding.mark != SurveyMark::found) continue;
            any = true;
            bullet(sheet_sentence(points[i].name_id()) + (finding.note.empty() ? "" : ": " + finding.note));
        }
        if (story_.relief_mm.found) {
            any = true;
            bullet(with_values(translate("sheet", "The neck was bowed by %1."),
                               unit_length(*story_.relief_mm.found)));
        }
        any = said_of(&StringBeforeAfter::nut_gap_mm,
                      translate("sheet", "Strings over the first fret: %1 to %2."), true) ||
              any;
        any = said_of(&StringBeforeAfter::action_mm,
                      translate("sheet", "Strings over the twelfth fret: %1 to %2."), true) ||
              any;
        for (const StandingEntry& each : standing_entries(job_.record)) {
            if (each.entry.kind != RecordKind::complaint || !each.entry.heard) continue;
            any = true;
            const std::string cause = sheet_sentence("cause." + each.entry.text);
            bullet(with_values(
                translate("sheet", "Heard: %1; %2."),
                sheet_sentence("symptom." + std::string(symptom_word(each.entry.heard->symptom))), cause));
        }
        if (!any) bullet(translate("sheet", "Nothing was written down yet."));
        page_.down(1.5);
    }

    /// "0.21 to 0.35", over all strings that were read.
    bool said_of(BeforeAfter StringBeforeAfter::*number, const std::string& words, bool as_found) {
        std::vector<double> values;
        for (const StringBeforeAfter& string : story_.strings) {
            const auto& value = as_found ? (string.*number).found : (string.*number).now;
            if (value) values.push_back(*value);
        }
        if (values.empty()) return false;
        const auto [least, most] = std::minmax_element(values.begin(), values.end());
        bullet(with_values(words, page_.label(*least), unit_length(*most)));
        return true;
    }

    void done() {
        need(section_mm);
        page_.heading(translate("sheet", "What was done"));
        bool any = false;
        if (story_.relief_mm.now && story_.relief_mm.found &&
            std::abs(*story_.relief_mm.now - *story_.relief_mm.found) >= 0.01) {
            any = true;
            bullet(with_values(translate("sheet", "The neck was set with its rod: now bowed by %1."),
                               unit_length(*story_.relief_mm.now)));
        }
        int filed = 0;
        int filled = 0;
        int crowns = 0;
        std::vector<bool> touched(job_.design.strings.size(), false);
        for (const ReadingEntry& entry : in_order(job_.readings)) {
            for (const StringReadings& read : entry.strings) crowns += read.crown_moved_mm.has_value();
            if (!entry.bench) continue;
            const BenchWork& work = *entry.bench;
            if (work.whole_mm && work.part == BenchPart::nut) {
                any = true;
                bullet(with_values(translate("sheet", "The nut was lifted on a shim of %1."),
                                   unit_length(-work.whole_mm->bass_mm)));
            } else if (work.whole_mm) {
                any = true;
                const bool packed = work.whole_mm->bass_mm < 0;
                bullet(with_values(
                    packed
                        ? translate("sheet", "The saddle was packed by %1 at the bass and %2 at the treble.")
                        : translate("sheet",
                                    "The saddle was lowered by %1 at the bass and %2 at the treble."),
                    page_.label(std::abs(work.whole_mm->bass_mm)),
                    unit_length(std::abs(work.whole_mm->treble_mm))));
            } else if (work.part == BenchPart::nut && work.string && *work.string < touched.size()) {
                if (work.wanted_mm < 0) ++filled;
                if (work.wanted_mm > 0 && !touched[*work.string]) {
                    touched[*work.string] = true;
                    ++filed;
                }
            }
        }
        if (filled > 0) {
            any = true;
            bullet(with_values(translate("sheet", "Slots of the nut filled and cut anew: %1."),
                               std::to_string(filled)));
        }
        if (filed > 0) {
            any = true;
            bullet(with_values(translate("sheet", "Slots of the nut filed to depth, string by string: %1."),
                               std::to_string(filed)));
        }
        if (crowns > 0) {
            any = true;
            bullet(translate(
                "sheet", "The saddle's crowns were set so that the strings play in tune with themselves."));
        }
        for (const StandingEntry& each : standing_entries(job_.record)) {
            const RecordEntry& entry = each.entry;
            if (entry.kind != RecordKind::work && entry.kind != RecordKind::decision) continue;
            any = true;
            bullet(entry.text + (entry.reason.empty() ? "" : " (" + entry.reason + ")"));
        }
        if (!any) bullet(translate("sheet", "Nothing yet."));
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
            nut.wanted.push_back(
                design.nut.height_method == NutHeightMethod::pressed_gap
                    ? (design.nut.pressed_fret == 2 ? string.pressed_gap_2_mm : string.pressed_gap_3_mm)
                    : string.open_gaps_mm.front());
            action.wanted.push_back(design.saddle.measured == ActionMeasure::open ? string.action12_mm
                                                                                  : string.action12_capo_mm);
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
        page.add(line_path(Layer::dimension, {x, base}, {x + wide, base}));
        const double step = wide / static_cast<double>(what.values.size());
        for (std::size_t i = 0; i < what.values.size(); ++i) {
            const std::size_t place = job_.left_handed ? what.values.size() - 1 - i : i;
            const double at = x + step * (static_cast<double>(place) + 0.5);
            const auto y_of = [&](double mm) { return base + mm * scale; };
            page.add(line_path(Layer::dimension, {at - 2.6, y_of(what.wanted[i])},
                               {at + 2.6, y_of(what.wanted[i])}, {0.35, Ink::line, LineStyle::solid}));
            if (what.values[i].found)
                page.add(Circle{Layer::dimension,
                                {at - 1.3, y_of(*what.values[i].found)},
                                1.1,
                                {0.25, Ink::line, LineStyle::solid},
                                Fill::none});
            if (what.values[i].now)
                page.add(Circle{Layer::dimension,
                                {at + 1.3, y_of(*what.values[i].now)},
                                1.1,
                                {0.2, Ink::line, LineStyle::solid},
                                Fill::ink});
            page_.text(at, base - 3.6, std::to_string(what.values.size() - i), SheetPage::small_em,
                       TextAnchor::middle);
        }
    }

    static std::string dash() { return "–"; }
    std::string cell(const std::optional<double>& mm) const { return mm ? page_.label(*mm) : dash(); }

    void numbers() {
        need(SheetPage::table_room(story_.strings.size()) + 8.0);
        page_.heading(translate("sheet", "The numbers that matter"),
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
            const bool pressed = page_.design().nut.height_method == NutHeightMethod::pressed_gap;
            rows.push_back({page_.design().string_name(i), cell(string.nut_gap_mm.found),
                            cell(string.nut_gap_mm.now),
                            page_.label(!pressed                               ? wanted.open_gaps_mm.front()
                                        : page_.design().nut.pressed_fret == 2 ? wanted.pressed_gap_2_mm
                                                                               : wanted.pressed_gap_3_mm),
                            cell(string.action_mm.found), cell(string.action_mm.now),
                            page_.label(page_.design().saddle.measured == ActionMeasure::open
                                            ? wanted.action12_mm
                                            : wanted.action12_capo_mm)});
        }
        page_.table(columns, rows, page_.bottom() + 2.0);
        page_.down(2.0);
    }

    void left_and_watch() {
        need(section_mm);
        page_.heading(translate("sheet", "What was left, and what to watch"));
        for (const StandingEntry& each : standing_entries(job_.record))
            if (each.entry.kind == RecordKind::left_undone)
                bullet(with_values(translate("sheet", "Left: %1"), each.entry.text) +
                       (each.entry.reason.empty() ? "" : " (" + each.entry.reason + ")"));
        for (const Message& doubt : survey_doubts(job_.survey))
            if (doubt.severity == Severity::warning)
                bullet(translate("sheet", "To be seen to: ") + sheet_message(doubt, job_.unit));
        const BeforeAfter& humidity = story_.humidity_pct;
        const auto percent = humidity.now ? humidity.now : humidity.found;
        bullet(percent ? with_values(translate("sheet", "Read at %1 % humidity. Dry air straightens the neck "
                                                        "and lowers the strings; damp air bows it."),
                                     fixed_text(*percent, 0))
                       : translate("sheet",
                                   "Dry air straightens the neck and lowers the strings; damp air bows it."));
        bullet(translate("sheet",
                         "A new buzz, a bridge that lifts or a crack: slacken the strings and bring it in."));
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
