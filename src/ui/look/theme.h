#pragma once
#include "sheet/drawing/paint.h"

#include <QColor>
#include <QPalette>
#include <QString>

namespace fm {

/// The colours of a workshop by day or in the evening. Every text stands on its ground with at least 4.5 : 1.
struct Theme {
    QColor ground, side, list, ink, caption, hairline, yours, take_off, warning, missing, chosen, button_on,
        button_on_text;
    QColor material, material_mark, string;
    bool evening = false;
};

const Theme& day_theme();
const Theme& evening_theme();

/// The theme in force for the whole window.
const Theme& theme();
void set_theme(bool evening);

/// How good something is, told by light alone: none, good, fair, poor, bad. Every text stands on its ground
/// with at least 4.5 : 1.
struct BandLook {
    QColor ground;
    QColor text;
};
BandLook look_of_band(const Theme& theme, int band);

QPalette palette_of(const Theme& theme);
QString style_sheet_of(const Theme& theme);
/// How drawings are painted on screen with a material.
Look look_of(const Theme& theme, const std::string& material);

} // namespace fm
