#pragma once
// Files for machines, by their endings.
#include "job/state/state.h"
#include "sheet/machine/machine_part.h"

#include <QByteArray>
#include <QString>

namespace fm {

struct MachineFile {
    QByteArray bytes;                   ///< empty: no such file, and why
    std::string fault;                  ///< names the ending
    std::vector<std::string> unreached; ///< what is not in the file and what the cutter leaves, a line each
    /// Why nobody should cut by it: stops that were not passed, slots and holes the cutter does not get into.
    /// It is written only by who says so.
    std::vector<std::string> refused = {};
};
/// In mm, as what is written in it; what is told beside it in the job's unit.
/// @param path ends in .svg, .dxf, .step, .stp or .stl
MachineFile machine_file(const State& state, MachinePartKind kind, const QString& path,
                         const MachineStyle& style);

/// Cutters and beams there are [mm].
constexpr double least_cutter_mm = 0.01;
constexpr double most_cutter_mm = 30;

} // namespace fm
