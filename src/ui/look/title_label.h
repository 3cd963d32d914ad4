#pragma once
#include <QLabel>

namespace fm {

/// The name of a page or a panel, over it.
inline QLabel* title_label(const QString& text, int px = 20) {
    auto* label = new QLabel(text);
    QFont font = label->font();
    font.setBold(true);
    font.setPixelSize(px);
    label->setFont(font);
    return label;
}

} // namespace fm
