#pragma once
#include <QToolButton>

namespace fm {

/// A button with a thin frame: words, and a tooltip that says what it does and its key.
inline QToolButton* plain_button(const QString& text, const QString& tip) {
    auto* button = new QToolButton;
    button->setText(text);
    button->setToolTip(tip);
    button->setProperty("plain", true);
    button->setMinimumHeight(34);
    return button;
}

} // namespace fm
