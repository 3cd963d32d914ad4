#pragma once
#include "core/words/message.h"
#include "core/words/units.h"

#include <QHash>
#include <QString>

namespace fm {

struct Job;

/// What a person calls the keys of a job, so that a message about a value speaks in their words and unit.
class KeyNames {
public:
    /// A field tells its name. @param key with empty brackets where an index goes
    void name(const QString& key, const QString& name);
    /// "string gauge of 8 · D3"; for a key without a name its own words.
    QString name_of(const QString& key, const Job* job) const;
    /// What is wrong with a job: names for keys, lengths in the unit.
    QString told(const Message& problem, const Job* job) const;

private:
    QHash<QString, QString> names_;
};

} // namespace fm
