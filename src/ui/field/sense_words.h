#pragma once
#include "core/found/sense.h"
#include "core/words/length.h"
#include "job/state/state.h"

#include <QString>

namespace fm {

/// What is asked about a reading that can hardly be, before it is kept; "" where it can.
/// @param text as it was typed
QString question_about(const State& state, ReadThing thing, std::size_t string, const WrittenLength& read,
                       const QString& text);

/// A question is asked once: the same answer again is meant.
class AskedOnce {
public:
    bool is_meant(const QString& answer) {
        const bool again = !answer.isEmpty() && answer == asked_;
        asked_ = again ? QString() : answer;
        return again;
    }
    void forget() { asked_.clear(); }

private:
    QString asked_;
};

} // namespace fm
