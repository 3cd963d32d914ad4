#include "sheet/pages/sheet_book.h"

#include "core/solution/uncertainty.h"
#include "core/words/word_of.h"
#include "sheet/words/job_work.h"

#include <QCoreApplication>

#include <algorithm>
#include <array>

namespace fm {

namespace {

using Use = SheetPartName::Use;

constexpr std::array parts{
    SheetPartName{SheetPart::nut, "nut", QT_TRANSLATE_NOOP("sheet", "Nut"), Use::cut_by, nut_sheets},
    SheetPartName{SheetPart::saddle, "saddle", QT_TRANSLATE_NOOP("sheet", "Saddle"), Use::cut_by,
                  saddle_sheets},
    SheetPartName{SheetPart::bridge, "bridge", QT_TRANSLATE_NOOP("sheet", "Bridge"), Use::cut_by,
                  bridge_sheets},
    SheetPartName{SheetPart::placing, "placing", QT_TRANSLATE_NOOP("sheet", "Placing strip"), Use::cut_by,
                  placing_sheets},
    SheetPartName{SheetPart::board, "board", QT_TRANSLATE_NOOP("sheet", "Fret plan"), Use::cut_by,
                  board_sheets},
    SheetPartName{SheetPart::cuts, "cuts", QT_TRANSLATE_NOOP("sheet", "Order of cuts"), Use::cut_by,
                  cuts_sheets},
    SheetPartName{SheetPart::card, "card", QT_TRANSLATE_NOOP("sheet", "Set-up card"), Use::told, card_sheets},
    SheetPartName{SheetPart::owner, "owner", QT_TRANSLATE_NOOP("sheet", "For the owner"), Use::alone,
                  owner_sheets},
    SheetPartName{SheetPart::shop, "shop", QT_TRANSLATE_NOOP("sheet", "For the shop"), Use::alone,
                  shop_sheets},
    SheetPartName{SheetPart::printer, "printer", QT_TRANSLATE_NOOP("sheet", "Test page"), Use::alone,
                  printer_sheets}};

const SheetPartName& row_of(SheetPart part) {
    return parts[static_cast<std::size_t>(part)];
}

} // namespace

std::span<const SheetPartName> sheet_parts() {
    return parts;
}

const char* word_of(SheetPart part) {
    return row_of(part).word;
}

std::optional<SheetPart> sheet_part_of_word(std::string_view word) {
    for (const SheetPartName& name : parts)
        if (word == name.word) return name.part;
    return {};
}

bool stands_alone(SheetPart part) {
    return row_of(part).use == Use::alone;
}

bool has_part(const Job& job, SheetPart part) {
    return part != SheetPart::bridge || job.design.bridge.has_value();
}

std::vector<SheetPart> parts_of(const Job& job) {
    std::vector<SheetPart> out;
    for (const SheetPartName& name : parts)
        if (!stands_alone(name.part) && has_part(job, name.part)) out.push_back(name.part);
    return out;
}

namespace {

/// What stops the work at what a sheet is of.
std::vector<std::string> stops_at(const State& state, SheetPart part) {
    if (part == SheetPart::nut) return stop_words(state, BenchPart::nut);
    if (part == SheetPart::saddle) return stop_words(state, BenchPart::saddle);
    return stop_words(state, {});
}

/// Of both parts, none twice.
std::vector<std::string> stops_at_nut_and_saddle(const State& state) {
    std::vector<std::string> stops = stops_at(state, SheetPart::nut);
    for (std::string& stop : stops_at(state, SheetPart::saddle))
        if (std::find(stops.begin(), stops.end(), stop) == stops.end()) stops.push_back(std::move(stop));
    return stops;
}

/// Beneath everything else, so that none is missed: sheet 2 of 7.
void number_pages(std::vector<Sheet>& sheets) {
    for (std::size_t i = 0; i < sheets.size(); ++i) {
        Text number;
        number.at = {SheetPage::margin_mm, SheetPage::margin_mm - 4.0};
        number.text = with_values(translate("sheet", "sheet %1 of %2"), std::to_string(i + 1),
                                  std::to_string(sheets.size()));
        number.em_mm = SheetPage::small_em;
        sheets[i].page.add(number);
    }
}

} // namespace

std::vector<Sheet> sheets_of(const SheetBook& book, const std::vector<SheetPart>& wanted) {
    std::vector<Sheet> sheets;
    const State& state = book.state;
    const Job worked = worked_job(state);
    SheetContext written{state.job, state.written, book.tools, book.style, book.floor_sure_mm};
    SheetContext cut{worked,     state.solution,     book.tools,
                     book.style, book.floor_sure_mm, by_plan_words(state)};
    const auto is_wanted = [&wanted](SheetPart part) {
        return std::find(wanted.begin(), wanted.end(), part) != wanted.end();
    };
    // Less paper: nut and saddle come on one page where that has room for both.
    if (is_wanted(SheetPart::nut) && is_wanted(SheetPart::saddle)) {
        cut.stops = stops_at_nut_and_saddle(state);
        sheets = nut_and_saddle_sheets(cut);
    }
    const bool together = !sheets.empty();
    for (const SheetPartName& name : parts) {
        const bool is_there = together && (name.part == SheetPart::nut || name.part == SheetPart::saddle);
        if (is_there || !is_wanted(name.part)) continue;
        written.stops = cut.stops = stops_at(state, name.part);
        for (Sheet& sheet : name.make(name.use == Use::cut_by ? cut : written))
            sheets.push_back(std::move(sheet));
    }
    number_pages(sheets);
    return sheets;
}

std::vector<Drawing> pages_of(const std::vector<Sheet>& sheets) {
    std::vector<Drawing> pages;
    for (const Sheet& sheet : sheets) pages.push_back(sheet.page);
    return pages;
}

Figures figures_of(const std::vector<Sheet>& sheets) {
    Figures all;
    for (const Sheet& sheet : sheets) all.insert(sheet.figures.begin(), sheet.figures.end());
    return all;
}

Printing printing_of(SheetBook book, const std::vector<SheetPart>& wanted) {
    const std::vector<PrintedSheets>& prints = book.state.job.sheets;
    book.style.before = printed_before(prints);
    if (!prints.empty()) book.style.before_date = prints.back().when;
    Printing printing{sheets_of(book, wanted), 1};
    printing.revision = revision_of(prints, figures_of(printing.sheets));
    if (printing.revision == book.style.revision) return printing;
    book.style.revision = printing.revision;
    printing.sheets = sheets_of(book, wanted);
    return printing;
}

PrintedSheets record_of(const Printing& printing, const std::vector<SheetPart>& wanted,
                        const SheetStyle& style, const std::string& when) {
    PrintedSheets print;
    print.when = when;
    for (const SheetPart part : wanted) print.parts.emplace_back(word_of(part));
    print.paper = style.paper == Paper::a4 ? "a4" : "letter";
    if (style.printer) print.printer = style.printer->name;
    print.revision = printing.revision;
    print.figures = figures_of(printing.sheets);
    return print;
}

std::vector<double> floors_sure_mm(const State& state, unsigned threads) {
    const Solution& solution = state.solution;
    std::vector<NumberKey> numbers;
    for (std::size_t i = 0; i < solution.strings.size(); ++i)
        numbers.push_back(*number_of_key(solution, string_key(i, "floor_above_seat_mm")));
    std::vector<double> sure;
    for (const Uncertainty& one : uncertainties(state.work_design, solution, numbers, threads))
        sure.push_back(one.standard);
    return sure;
}

} // namespace fm
