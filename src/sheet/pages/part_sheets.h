#pragma once
// The sheets of a job, part by part. Each needs a QGuiApplication for the widths of text.
#include "sheet/pages/sheet_page.h"

namespace fm {

/// All sheets there are, in the order of the work; the printer's test page last. What each is called and made
/// by stands in sheet_book.cpp.
enum class SheetPart { nut, saddle, bridge, placing, board, cuts, card, owner, shop, printer };

/// A page and the numbers on it.
struct Sheet {
    Drawing page;
    Figures figures;
};

/// The nut's template: to stick on, true size, an enlargement with dimensions, its list.
std::vector<Sheet> nut_sheets(const SheetContext& context);
/// The saddle's template, a floating bridge's top, or the crowns of single saddles.
std::vector<Sheet> saddle_sheets(const SheetContext& context);
/// Nut and saddle together on one page; none where they have no room there enlarged.
std::vector<Sheet> nut_and_saddle_sheets(const SheetContext& context);
/// The bridge from above in true size with slot and pins, and its section. Needs a bridge.
std::vector<Sheet> bridge_sheets(const SheetContext& context);
/// A strip in true size from the nut to behind the bridge, in as many pages as it takes, with matching marks.
std::vector<Sheet> placing_sheets(const SheetContext& context);
/// The whole board with its frets and strings in one view, and where every fret stands.
std::vector<Sheet> board_sheets(const SheetContext& context);
/// The order of cuts from blank to finish, with tools, grits and cautions of the material.
std::vector<Sheet> cuts_sheets(const SheetContext& context);
/// Targets, what the gauges should read after each step of the plan, and room to write what they do read.
std::vector<Sheet> card_sheets(const SheetContext& context);
/// What was found, done and left, in plain words, before and after drawn: for whom the instrument is.
std::vector<Sheet> owner_sheets(const SheetContext& context);
/// The same for the shop: every reading, pass and decision in order, with times.
std::vector<Sheet> shop_sheets(const SheetContext& context);
/// Two bars to measure a printer with, and a rectangle to check it by.
std::vector<Sheet> printer_sheets(const SheetContext& context);

/// Whose the instrument is, if the job says it: the first of a sheet's facts.
std::vector<std::string> owner_facts(const SheetContext& context);

/// How a slot's floor falls toward the head: in degrees and over the nut's thickness; where neither the
/// headstock's angle nor the posts are known, that it is to be asked for.
std::string floor_fall_words(const Job& job, const Solution& solution, std::size_t string);

} // namespace fm
