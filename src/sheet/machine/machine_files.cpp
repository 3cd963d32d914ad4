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

MachineFile solid_file(const Job& job, const Solution& solution, MachinePartKind kind, bool step,
                       std::vector<std::string> stops) {
    if (!makes_solids()) return {{}, translate("sheet", "this program was built without solid models"), {}};
    if (kind == MachinePartKind::bridge)
        return {{}, translate("sheet", "solid models are made of nut and saddle"), {}};
    if (kind == MachinePartKind::saddle && solution.single)
        return {{}, translate("sheet", "single saddles are bought: there is no solid model of them"), {}};
    const SolidPart part = kind == MachinePartKind::nut ? solid_nut(job.design, solution, job.left_handed)
                                                        : solid_saddle(job.design, solution, job.left_handed);
    std::vector<std::string> told = stops;
    for (std::string& notice : machine_notices(job, solution, kind)) told.push_back(std::move(notice));
    return {step ? step_of(part, name_of(kind)) : stl_of(part), {}, std::move(told), std::move(stops)};
}

} // namespace

MachineFile machine_file(const State& state, MachinePartKind kind, const QString& path,
                         std::optional<double> cutter_mm) {
    const Job job = worked_job(state);
    const Solution& solution = state.solution;
    const auto ends = [&](const char* ending) {
        return path.endsWith(QLatin1String(ending), Qt::CaseInsensitive);
    };
    std::vector<std::string> stops =
        stop_words(state, kind == MachinePartKind::nut      ? std::optional(BenchPart::nut)
                          : kind == MachinePartKind::saddle ? std::optional(BenchPart::saddle)
                                                            : std::nullopt);
    if (ends(".step") || ends(".stp")) return solid_file(job, solution, kind, true, std::move(stops));
    if (ends(".stl")) return solid_file(job, solution, kind, false, std::move(stops));
    if (!ends(".svg") && !ends(".dxf"))
        return {{}, translate("sheet", "a machine's file ends in .svg, .dxf, .step or .stl"), {}};
    MachinePart part = machine_part(job.design, solution, kind, job.left_handed);
    part.notices = stops; // first, in the file as beside it
    for (std::string& notice : machine_notices(job, solution, kind))
        part.notices.push_back(std::move(notice));
    if (kind == MachinePartKind::saddle && saddle_ground(job.design, solution) == SaddleGround::fret_plane)
        part.outline.layer = Layer::scribe; // nothing to be cut by
    MachineDrawing made = machine_drawing(part, name_of(kind) + " · " + job.title, cutter_mm, job.unit);
    std::vector<std::string> told = part.notices;
    told.insert(told.end(), made.unreached.begin(), made.unreached.end());
    stops.insert(stops.end(), made.closed.begin(), made.closed.end());
    return {
        ends(".svg") ? svg_of(made.drawing) : dxf_of(made.drawing), {}, std::move(told), std::move(stops)};
}

} // namespace fm
