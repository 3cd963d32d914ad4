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
    /// Whether the question is to be put. @param question "" where there is none @param answer what it is
    /// about
    bool must_ask(const QString& question, const QString& answer) {
        const bool asks = !question.isEmpty() && answer != asked_;
        asked_ = asks ? answer : QString();
        return asks;
    }
    void forget() { asked_.clear(); }

private:
    QString asked_;
};

} // namespace fm
