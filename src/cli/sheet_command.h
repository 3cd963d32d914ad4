#pragma once
#include "core/solution.h"
#include "job/job.h"

#include <string>

namespace fm {

struct SheetRequest {
    const Job& job;
    const Solution& solution;
    const Tools& tools;
    std::string path;
    bool letter = false;
};

/// Draws a sheet into a file whose ending names the format. @returns what is wrong with the request, or "".
/// @throws InputError if the file cannot be written
std::string write_sheet(const SheetRequest& request);

} // namespace fm
