#include "core/found/reading_way.h"

namespace fm {

std::string_view ReadingWay::key() const {
    if (part == BenchPart::saddle) return open() ? "action12_mm" : "action12_capo_mm";
    return open() ? "open_gap_fret1_mm" : "pressed_gap_mm";
}

double ReadingWay::gap_mm(const StringOnNeck& string, const EndHeights& ends) const {
    if (part == BenchPart::saddle)
        return open() ? open_gap_mm(string, ends, 12) : capo_action_mm(string, ends);
    return open() ? open_gap_mm(string, ends, 1) : pressed_gap_mm(string, ends, held_at);
}

std::optional<double> ReadingWay::read_mm(const StringReadings& read) const {
    if (part == BenchPart::saddle) return open() ? read.action12_mm : read.action12_capo_mm;
    if (open()) return read.open_gap_fret1_mm;
    // Held down at another fret it is another number.
    return read.pressed_fret == held_at ? read.pressed_gap_mm : std::nullopt;
}

double ReadingWay::of(const StringSolution& string) const {
    return of(GaugeReadings{string.open_gaps_mm[0], string.pressed_gap_2_mm, string.pressed_gap_3_mm,
                            string.action12_mm, string.action12_capo_mm});
}

double ReadingWay::of(const GaugeReadings& readings) const {
    if (part == BenchPart::saddle) return open() ? readings.action12_mm : readings.action12_capo_mm;
    return open()         ? readings.open_gap_fret1_mm
           : held_at == 2 ? readings.pressed_gap_2_mm
                          : readings.pressed_gap_3_mm;
}

ReadingWay nut_way(const Design& design) {
    const bool pressed = design.nut.height_method == NutHeightMethod::pressed_gap;
    return {BenchPart::nut, pressed ? design.nut.pressed_fret : 0};
}

ReadingWay action_way(const Design& design) {
    return {BenchPart::saddle, design.saddle.measured == ActionMeasure::open ? 0 : 1};
}

ReadingWay way_of(const Design& design, BenchPart part) {
    return part == BenchPart::saddle ? action_way(design) : nut_way(design);
}

} // namespace fm
