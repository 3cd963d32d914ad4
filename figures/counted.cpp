#include "counted.h"

#include "core/solution/solution.h"

namespace {
RootCounts counts; // what is measured asks from one thread
}

// The linker sends the core's calls here (--wrap); it is compiled so that none of them is done in place.
extern "C" {
double __real_sqrt(double);
double __real_log2(double);
double __real_hypot(double, double);
double __real_sin(double);
double __real_atan(double);
double __wrap_sqrt(double x) {
    ++counts.roots;
    return __real_sqrt(x);
}
double __wrap_log2(double x) {
    ++counts.logarithms;
    return __real_log2(x);
}
double __wrap_hypot(double x, double y) {
    ++counts.hypotenuses;
    return __real_hypot(x, y);
}
double __wrap_sin(double x) {
    ++counts.sines;
    return __real_sin(x);
}
double __wrap_atan(double x) {
    ++counts.sines;
    return __real_atan(x);
}

__attribute__((visibility("default"))) RootCounts counts_of_solve(const void* design) {
    counts = {};
    (void)fm::solve(*static_cast<const fm::Design*>(design));
    return counts;
}
}
