#pragma once
// The pens of every drawing: widths in mm on paper, after ISO 128, outlines twice as wide as dimensions.
// Paper and files draw with these, a DXF carries them as line weights; screens draw with a share of them.
#include "sheet/drawing/drawing.h"

namespace fm::pens {

inline constexpr double screen_share = 0.5;

inline constexpr Stroke outline{0.5, Ink::line, LineStyle::solid}; ///< what is cut
inline constexpr Stroke thin{0.35, Ink::line, LineStyle::solid};   ///< within an outline
inline constexpr Stroke fine{0.25, Ink::line, LineStyle::solid};   ///< dimensions, marks
inline constexpr Stroke exact{0.13, Ink::line, LineStyle::solid};  ///< to be worked or measured to
inline constexpr Stroke faint{0.18, Ink::faint, LineStyle::solid}; ///< what only helps the eye
inline constexpr Stroke hair{0.13, Ink::faint, LineStyle::solid};  ///< many side by side
inline constexpr Stroke hidden{0.25, Ink::line, LineStyle::hidden};
inline constexpr Stroke faint_hidden{0.18, Ink::faint, LineStyle::hidden};
inline constexpr Stroke centre{0.18, Ink::faint, LineStyle::centre};
inline constexpr Stroke plane{0.18, Ink::faint, LineStyle::centre};      ///< a level that is no edge
inline constexpr Stroke fine_centre{0.25, Ink::line, LineStyle::centre}; ///< where two bars are read
inline constexpr Stroke yours{0.5, Ink::yours, LineStyle::solid};        ///< as a person measured it
inline constexpr Stroke scribe{0.35, Ink::yours, LineStyle::solid};      ///< to be marked on the piece
inline constexpr Stroke scribe_hidden{0.25, Ink::yours, LineStyle::hidden};
inline constexpr Stroke take_off{0.35, Ink::take_off, LineStyle::solid}; ///< what comes off
inline constexpr Stroke chosen{0.6, Ink::chosen, LineStyle::solid};
inline constexpr Stroke chosen_string{0.8, Ink::chosen, LineStyle::solid};
inline constexpr Stroke light_rule{0.35, Ink::line, LineStyle::solid}; ///< of charts
inline constexpr Stroke rule{0.5, Ink::line, LineStyle::solid};        ///< under a heading
inline constexpr Stroke heavy{0.7, Ink::line, LineStyle::solid};

} // namespace fm::pens
