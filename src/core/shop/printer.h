#pragma once
// What a printer does to a page, and what undoes it. Source: docs/mathematics.md, "A printer's truth".

namespace fm {

/// Both bars of the test page, short enough for a common caliper.
constexpr double test_bar_mm = 140;
/// The rectangle a corrected page is checked by: its diagonal is 200 mm.
constexpr double test_frame_wide_mm = 120;
constexpr double test_frame_high_mm = 160;
constexpr double test_diagonal_mm = 200;

/// What the bars of a test page may read; more than a tenth off is not a printer but another page.
constexpr double least_bar_mm = 126;
constexpr double most_bar_mm = 154;

/// How much larger a page must be drawn across and up the paper, so that a printer that shrinks it prints it
/// true. 1: as it is.
struct PrintScale {
    double across = 1;
    double up = 1;
};

/// The scale that makes pages true on a printer whose test page's bars read so.
/// @param bar_x_mm, bar_y_mm as a caliper reads them, [126, 154] @throws InputError outside
PrintScale print_scale(double bar_x_mm, double bar_y_mm);

} // namespace fm
