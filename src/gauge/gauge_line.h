#pragma once
// What digital gauges and their adapters send: plain lines with one number. Source: docs/mathematics.md, "A
// digital gauge".
#include "core/words/units.h"

#include <QByteArray>

#include <optional>
#include <vector>

namespace fm {

/// One line of a gauge that was understood.
struct GaugeReading {
    double number = 0;
    std::optional<Unit> unit; ///< none: the gauge does not say
    double mm(Unit otherwise) const { return number * mm_per(unit.value_or(otherwise)); }
};

/// "+0.392 mm", "0.0154 in", "0,39", "-.2\"": a sign, a number with point or comma, perhaps a unit; blanks
/// anywhere between. Nothing for any other line, or a number of 1000 or more.
std::optional<GaugeReading> gauge_reading(const QByteArray& line);

/// Cuts what comes in into lines ended by CR, LF or both; the bytes of a line may come in pieces. A line of
/// more than 80 bytes is none.
class GaugeLines {
public:
    /// The whole lines among what has come so far, without empty ones.
    std::vector<QByteArray> take(const QByteArray& bytes);
    /// A line that was cut by a pause is none, and what may still come of it is no line of its own.
    /// @returns whether there was half a line
    bool drop_half();
    /// Begins anew, as at another port.
    void forget() { *this = GaugeLines(); }

private:
    QByteArray half_;
    bool too_long_ = false;
    bool rest_is_lost_ = false;
};

} // namespace fm
