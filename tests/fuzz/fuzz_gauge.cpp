// Any bytes from a gauge, in any pieces: the same lines, and readings that are numbers.
#include "fuzz.h"
#include "gauge/gauge_line.h"

#include <cmath>

using namespace fm;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    if (size == 0) return 0;
    const qsizetype piece = 1 + data[0] % 40;
    const QByteArray bytes(reinterpret_cast<const char*>(data) + 1, static_cast<qsizetype>(size) - 1);
    const std::vector<QByteArray> whole = GaugeLines().take(bytes);
    GaugeLines lines;
    std::vector<QByteArray> taken;
    for (qsizetype at = 0; at < bytes.size(); at += piece)
        for (const QByteArray& line : lines.take(bytes.mid(at, piece))) taken.push_back(line);
    must(taken == whole, "pieces make the same lines");
    for (const QByteArray& line : whole)
        if (const auto reading = gauge_reading(line))
            must(std::abs(reading->mm(Unit::in)) < 1000 * 25.5, "readings are numbers of a gauge");
    return 0;
}
