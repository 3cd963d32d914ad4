#pragma once
// The plan as a picture tells it: its steps side by side, of each what every string reads, should read then,
// and what comes off.
#include "core/found/plan.h"
#include "job/state/state.h"
#include "workshop/schedule.h"

#include <QString>

#include <optional>
#include <vector>

namespace fm {

/// What one gauge reads in a step.
struct PlanMark {
    QString name;                     ///< the string's; "" of the whole neck
    std::optional<double> found, now; ///< read as found, and last since
    std::optional<double> before;     ///< should read, or reads, as the step begins
    std::optional<double> after, wanted;
    std::optional<double> off_mm; ///< comes off, or is let down; negative: is put on. None: nothing is done
    std::optional<double> u_mm;
    bool there = false; ///< read since it was found, and nothing is to be done any more
    QString done;       ///< what is done where nothing comes off and nothing is put on here; "" for nothing
};

struct PlanColumn {
    SetupStep step = SetupStep::relief;
    QString title;
    QString read_as; ///< what the gauge reads, in the way the job reads it
    LengthKind kind = LengthKind::gap;
    bool in_cents = false;
    std::vector<PlanMark> marks; ///< in the order of the strings; none where a stop hides them
    QString says;                ///< what is done
    QString figure;              ///< the amount to have in one's head; "" where there is none
    QString back;                ///< whether it can be undone
    QString leaves;              ///< what stands of the saddle afterwards
    QString way;                 ///< which one it goes; "" where nothing is decided
    bool does_something = false;
    bool done = false; ///< read since it was found, and nothing is to be done any more
};

struct PlanStory {
    std::vector<PlanColumn> columns;
    std::optional<std::size_t> next; ///< the first that does something
    Schedule schedule;
    double minutes_worked = 0;
};

PlanStory plan_story(const State& state, const Plan& plan, const ShopTables& tables);

/// The bench's part of a step, if it is worked there.
std::optional<BenchPart> part_of(SetupStep step);

} // namespace fm
