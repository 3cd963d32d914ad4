#pragma once
#include "core/design/design.h"

namespace fm::test {

inline StringDesign string_of(double pitch_hz, const char* name, double diameter_mm, bool wound, int course) {
    StringDesign string;
    string.pitch_hz = pitch_hz;
    string.pitch_name = name;
    string.diameter_mm = diameter_mm;
    string.wound = wound;
    string.course = course;
    return string;
}

} // namespace fm::test
