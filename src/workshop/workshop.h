#pragma once
// The workshop folder: workshop.json with the shop's own things, and the jobs beside it.
#include "job/job.h"

#include <QString>
#include <QStringList>

namespace fm {

class Workshop {
public:
    /// No folder: an empty shop.
    Workshop() = default;
    /// @throws InputError for a workshop.json that cannot be read or says something not allowed; a folder
    /// without one is an empty shop.
    explicit Workshop(const QString& folder);

    const QString& folder() const { return folder_; }
    const QString& name() const { return name_; }
    const Tools& tools() const { return tools_; }
    /// Paths of the jobs in the folder, by name.
    QStringList jobs() const;

    /// The folder used when none is named: in the user's data.
    static QString usual_folder();

private:
    QString folder_;
    QString name_;
    Tools tools_;
};

/// The tools a job is cut with: its own, else the shop's.
inline const Tools& tools_of(const Job& job, const Workshop& workshop) {
    return job.tools ? *job.tools : workshop.tools();
}

/// Copies the shipped demo workshop into a folder; files already there stay.
/// @throws InputError if it cannot be written
void copy_demo_workshop(const QString& folder);

} // namespace fm
