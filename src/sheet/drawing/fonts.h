#pragma once
#include <QFont>
#include <QString>

namespace fm {

/// Makes the shipped typeface known; needs a QGuiApplication. Safe to call again.
void load_fonts();

/// The shipped typeface with its fallback, so that the desktop's fonts do not matter.
QFont shipped_font(bool bold = false);

/// Width of a text of that em height [same unit as the height].
double text_width(const QString& text, double em, bool bold = false);

/// Height of capitals and figures of the typeface as a share of its em.
constexpr double cap_height_share = 0.75;

} // namespace fm
