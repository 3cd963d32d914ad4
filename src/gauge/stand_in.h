#pragma once
#include "core/words/units.h"
#include "gauge/hidden_instrument.h"

#include <QByteArray>
#include <QByteArrayList>

namespace fm {

/// What the simulated gauge is told on its second line, and what it answers: over the serial line what a
/// gauge would send, over the second line whether it understood.
class StandIn {
public:
    StandIn(HiddenInstrument instrument, Unit unit, bool names_unit)
        : instrument_(std::move(instrument)), unit_(unit), names_unit_(names_unit) {}

    struct Answer {
        QByteArray serial; ///< to send over the serial line, its end of line included
        QByteArray told;   ///< to say on the second line
    };
    /// @param line one command; strings by player's number, the treble string is 1
    Answer told(const QByteArray& line);

    static const char* usage();

private:
    Answer worked(const QByteArray& verb, const std::vector<QByteArray>& words);
    std::optional<std::size_t> string_of(const QByteArray& word) const;
    QByteArray sent(double mm) const;

    HiddenInstrument instrument_;
    Unit unit_;
    bool names_unit_;
};

} // namespace fm
