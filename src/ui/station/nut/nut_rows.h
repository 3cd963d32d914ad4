#pragma once

namespace fm::nut_rows {

// Rows of the drawing, px: width, margins, distances above the blank; captions and figures under the front
// view.
constexpr double width_row = 2;
constexpr double margin_row = 38;
constexpr double chain_row = 74;
constexpr double blank_top = 96;
constexpr double figure_row = 62; // with captions of one line
constexpr double caption_line = 17;
constexpr double plan_gap = 8;
constexpr double left_room = 44;
constexpr double right_room = 108;

} // namespace fm::nut_rows
