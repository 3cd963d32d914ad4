#pragma once
// What the list of jobs says of a job, read from its file.
#include "sheet/drawing/drawing.h"
#include "ui/frame/station_kind.h"

#include <QDateTime>
#include <QString>

#include <optional>
#include <vector>

namespace fm {

/// By what a job is looked for.
struct JobNames {
    QString title; ///< its file's name where it has none, or cannot be read
    QString owner;
    int stage = 0; ///< how far the work is: begun, read, at the bench, printed
};
/// What a stage is called.
QString stage_words(int stage);
JobNames job_names(const QString& path);

/// What is seen of it.
struct JobLine {
    JobNames names;
    QString says; ///< how far it is and what is next, or why it cannot be opened
    std::optional<Drawing> drawing;
};
JobLine job_line(const QString& path, const std::vector<StationKind>& stations);

/// An instrument's neck with its strings from the front, the head to the left.
Drawing neck_picture(const Job& job, const Solution& solution);

} // namespace fm
