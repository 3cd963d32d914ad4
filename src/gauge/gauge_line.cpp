#include "gauge/gauge_line.h"

#include <charconv>
#include <cmath>

namespace fm {

namespace {
constexpr qsizetype longest_line = 80;
constexpr double largest = 1000;

std::optional<Unit> unit_of(const QByteArray& word) {
    if (word == "mm") return Unit::mm;
    if (word == "in" || word == "inch" || word == "\"") return Unit::in;
    return std::nullopt;
}
} // namespace

std::optional<GaugeReading> gauge_reading(const QByteArray& line) {
    QByteArray text = line.toLower();
    text.replace(" ", "").replace("\t", "").replace(',', '.');
    if (text.startsWith('+') && !text.startsWith("+-")) text.remove(0, 1);
    GaugeReading reading;
    const char* const end = text.constData() + text.size();
    const auto [rest, error] =
        std::from_chars(text.constData(), end, reading.number, std::chars_format::fixed);
    if (error != std::errc() || !std::isfinite(reading.number) || std::abs(reading.number) >= largest)
        return std::nullopt;
    const QByteArray word(rest, end - rest);
    if (!word.isEmpty() && !(reading.unit = unit_of(word))) return std::nullopt;
    return reading;
}

std::vector<QByteArray> GaugeLines::take(const QByteArray& bytes) {
    std::vector<QByteArray> lines;
    for (const char byte : bytes) {
        if (byte == '\r' || byte == '\n') {
            if (!rest_is_lost_ && (!half_.isEmpty() || too_long_))
                lines.push_back(too_long_ ? half_ + "…" : half_);
            half_.clear();
            too_long_ = rest_is_lost_ = false;
        } else if (half_.size() < longest_line)
            half_.append(byte);
        else
            too_long_ = true;
    }
    return lines;
}

bool GaugeLines::drop_half() {
    const bool had = !half_.isEmpty() || too_long_;
    rest_is_lost_ = rest_is_lost_ || had;
    half_.clear();
    too_long_ = false;
    return had;
}

} // namespace fm
