#include "core/shop/printer.h"

#include "core/words/message.h"

namespace fm {

namespace {

double scale_of(const char* key, double reads_mm) {
    if (!(reads_mm >= least_bar_mm && reads_mm <= most_bar_mm))
        throw InputError({"number_out_of_range",
                          Severity::error,
                          key,
                          {LengthMm{reads_mm}, LengthMm{least_bar_mm}, LengthMm{most_bar_mm}}});
    return test_bar_mm / reads_mm;
}

} // namespace

PrintScale print_scale(double bar_x_mm, double bar_y_mm) {
    return {scale_of("bar_x_mm", bar_x_mm), scale_of("bar_y_mm", bar_y_mm)};
}

} // namespace fm
