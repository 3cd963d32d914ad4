#pragma once
#include "ui/state/session.h"

#include <QString>

#include <memory>
#include <vector>

namespace fm {

/// One school of a choice and what the job would be with it.
struct Alternative {
    QString name;
    QString trade; ///< its trade-off in a line, may be empty
    bool chosen = false;
    std::shared_ptr<const State> state; ///< none: it cannot be had
    QString why_not;
};

/// Numbers that differ between schools, side by side, for one string and for the parts; rich text. The string
/// is the one asked for, or the one that differs most where that one hardly does.
/// @param most rows of numbers
QString comparison(const QString& choice, const std::vector<Alternative>& schools, std::size_t string,
                   std::size_t most = 12);

} // namespace fm
