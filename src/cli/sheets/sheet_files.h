#pragma once
#include "job/state/state.h"
#include "sheet/machine/machine_part.h"
#include "sheet/words/sheet_shop.h"
#include "workshop/workshop.h"

#include <optional>
#include <string>

namespace fm {

struct SheetRequest {
    const State& state;
    const Tools& tools;
    std::string part; ///< a word of sheet_parts(), or "all"
    std::string path;
    bool letter = false;
    std::optional<Unit> unit; ///< none: the job's own
    bool second_unit = false;
    const ShopPrinter* printer = nullptr; ///< none: drawn as it is
    SheetShop shop;
};

/// Writes one part for a machine. @param told what the cutter leaves, a
/// line each @param force written in spite of what speaks against it @param refused why it was not written, a
/// line each
/// @returns what is wrong with the request, or "". @throws InputError if the file cannot be written
std::string write_for_machine(const SheetRequest& request, const MachineStyle& style, bool force,
                              std::string& told, std::string& refused);

/// Draws sheets into a file whose ending names the format. @returns what is wrong with the request, or "".
/// @throws InputError if the file cannot be written
std::string write_sheets(const SheetRequest& request);

} // namespace fm
