// The words of `sheet`, checked before anything is drawn.
#include "cli/sheets/sheet_command.h"

#include "cli/command_parts.h"
#include "cli/sheets/sheet_files.h"
#include "core/words/length.h"
#include "core/words/word_of.h"
#include "job/state/state.h"
#include "sheet/machine/machine_files.h"
#include "sheet/pages/sheet_book.h"

namespace fm {

namespace {

/// What --part may be.
std::string sheet_words() {
    std::string list;
    for (const SheetPartName& name : sheet_parts()) list += std::string(name.word) + ", ";
    return list + "all";
}

} // namespace

CommandResult sheet_command(const Words& words) {
    const auto file = words.option("-o");
    if (!file) return usage("sheet needs -o FILE");
    const std::string part = words.option("--part").value_or("nut");
    if (part != "all" && !sheet_part_of_word(part))
        return usage("--part is " + part + "; allowed are " + sheet_words());
    const std::string paper = words.option("--paper").value_or("a4");
    if (paper != "a4" && paper != "letter") return usage("--paper is " + paper + "; allowed are a4, letter");
    const auto unit_word = words.option("--unit");
    const auto unit = unit_word ? of_word<Unit>(*unit_word) : std::nullopt;
    if (unit_word && !unit) return usage("--unit is " + *unit_word + "; allowed are mm, in, thou, 64ths");
    std::vector<std::string> needed = tool_keys;
    if (words.has("--printer")) needed.push_back("printers");
    const Shop shop = shop_of(words, needed);
    const Workshop& workshop = shop.workshop;
    MachineStyle style;
    style.author = workshop.name().toStdString();
    style.one_contour = words.has("--one-contour");
    if (style.one_contour && !words.has("--machine")) return usage("--one-contour needs --machine");
    if (const auto text = words.option("--cutter")) {
        const LengthResult written = parse_length(*text);
        if (!words.has("--machine")) return usage("--cutter needs --machine");
        if (!written || !(written.length->mm >= least_cutter_mm && written.length->mm <= most_cutter_mm))
            return usage("--cutter is " + *text + "; allowed is 0.01 to 30 mm");
        style.cutter_mm = written.length->mm;
    }
    const auto printer = words.option("--printer");
    if (printer && !workshop.printer(*printer))
        return usage("--printer is " + *printer + "; the workshop has no printer of that name");
    const SolvedJob solved = solved_job(words.plain[0]);
    if (!solved.good()) return told(solved.problems);
    const auto state = state_of(*solved.job, {});
    const SheetRequest request{*state,
                               tools_of(*solved.job, workshop),
                               part,
                               *file,
                               paper == "letter",
                               unit,
                               words.has("--second-unit"),
                               printer ? workshop.printer(*printer) : nullptr,
                               SheetShop{workshop.name().toStdString(), workshop.tables().rate_per_hour,
                                         workshop.tables().currency}};
    std::string told_lines;
    std::string refused;
    if (words.has("--force") && !words.has("--machine")) return usage("--force needs --machine");
    const std::string fault =
        words.has("--machine") ? write_for_machine(request, style, words.has("--force"), told_lines, refused)
                               : write_sheets(request);
    if (!fault.empty()) return usage(fault);
    if (!refused.empty()) return {{}, refused + "Not written: --force writes it in spite of that.\n", 3};
    return shop.told_with({told_lines, {}, 0});
}

} // namespace fm
