#include "sheet/machine/machine_files.h"

#include "sheet/drawing/sheet_files.h"
#include "sheet/machine/part_notices.h"
#include "sheet/machine/solid.h"
#include "sheet/views/saddle_views.h"
#include "sheet/words/job_work.h"
#include "sheet/words/sheet_words.h"

namespace fm {

namespace {

std::string name_of(MachinePartKind kind) {
    switch (kind) {
    case MachinePartKind::nut: return translate("sheet", "Nut");
    case MachinePartKind::saddle: return translate("sheet", "Saddle");
    case MachinePartKind::bridge: return translate("sheet", "Bridge");
    }
    return {};
}

/// Why there is no solid of a part, or "".
std::string no_solid_words(const Job& job, const Solution& solution, MachinePartKind kind) {
    if (!makes_solids()) return translate("sheet", "this program was built without solid models");
    if (kind == MachinePartKind::saddle && solution.single)
        return translate("sheet", "single saddles are bought: there is no solid model of them");
    if (kind != MachinePartKind::bridge || is_solid_bridge(job.design, solution)) return {};
    switch (job.design.bridge->stands) {
    case BridgeStands::glued: break;
    case BridgeStands::floating:
        return translate("sheet", "of a bridge that floats the top is milled: choose the saddle");
    case BridgeStands::plate:
    case BridgeStands::posts:
        return translate("sheet", "a bridge of metal is bought: there is no solid model of it");
    }
    return translate("sheet", "the bridge has no height yet: there is no solid model of it");
}

Solid solid_of(const Job& job, const Solution& solution, MachinePartKind kind) {
    switch (kind) {
    case MachinePartKind::nut: return solid_nut(job.design, solution, job.left_handed);
    case MachinePartKind::saddle: return solid_saddle(job.design, solution, job.left_handed);
    case MachinePartKind::bridge: break;
    }
    return solid_bridge(job.design, solution, job.left_handed);
}

} // namespace

MachineFile machine_file(const State& state, MachinePartKind kind, const QString& path,
                         const MachineStyle& style) {
    const Job job = worked_job(state);
    const Solution& solution = state.solution;
    const auto ends = [&](const char* ending) {
        return path.endsWith(QLatin1String(ending), Qt::CaseInsensitive);
    };
    const bool step = ends(".step") || ends(".stp");
    const bool solid = step || ends(".stl");
    if (!solid && !ends(".svg") && !ends(".dxf"))
        return {{}, translate("sheet", "a machine's file ends in .svg, .dxf, .step or .stl"), {}};
    if (solid)
        if (std::string why = no_solid_words(job, solution, kind); !why.empty())
            return {{}, std::move(why), {}};

    MachineFile file;
    file.refused = stop_words(state, kind == MachinePartKind::nut      ? std::optional(BenchPart::nut)
                                     : kind == MachinePartKind::saddle ? std::optional(BenchPart::saddle)
                                                                       : std::nullopt);
    file.unreached = file.refused;
    for (std::string& notice : machine_notices(job, solution, kind))
        file.unreached.push_back(std::move(notice));
    const std::string title = name_of(kind) + " · " + job.title;
    if (solid) {
        const Solid body = solid_of(job, solution, kind);
        file.bytes = step ? step_of(body, {title, style.author}) : stl_of(body);
        return file;
    }
    MachinePart part = machine_part(job.design, solution, kind, job.left_handed);
    Job in_mm = job; // as the file's coordinates
    in_mm.unit = Unit::mm;
    part.notices = file.refused; // first, in the file as beside it
    for (std::string& notice : machine_notices(in_mm, solution, kind))
        part.notices.push_back(std::move(notice));
    part.depths = machine_depths(in_mm, kind);
    if (kind == MachinePartKind::saddle && saddle_ground(job.design, solution) == SaddleGround::fret_plane)
        part.outline.layer = Layer::scribe; // nothing to be cut by
    const MachineDrawing made = machine_drawing(part, title, style, job.unit);
    file.unreached.insert(file.unreached.end(), made.unreached.begin(), made.unreached.end());
    file.refused.insert(file.refused.end(), made.closed.begin(), made.closed.end());
    file.bytes = ends(".svg") ? svg_of(made.drawing, SvgFor::machine) : dxf_of(made.drawing);
    return file;
}

} // namespace fm
