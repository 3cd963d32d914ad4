#pragma once
#include "job/job.h"
#include "sheet/drawing.h"
#include "sheet/sheet_files.h"

namespace fm {

struct NutSheet {
    const Job& job;
    const Solution& solution;
    const Tools& tools;
    Paper paper = Paper::a4;
    std::string date; ///< as it is printed
};

/// The nut's template as one page: true size, an enlargement with dimensions, strip of slot centres, cut
/// list, check bars. Needs a QGuiApplication for the widths of text.
Drawing nut_sheet(const NutSheet& sheet);

/// A length in the job's unit as sheets print it, without the unit.
std::string sheet_number(double length_mm, Unit unit);

/// Places for labels of a given width near wanted places, in order, none overlapping, moved as little as
/// possible.
std::vector<double> spread_places(const std::vector<double>& wanted, double apart);

/// The name of a material as it is shown.
std::string material_name(const std::string& material);

} // namespace fm
