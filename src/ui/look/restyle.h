#pragma once
#include <QStyle>
#include <QWidget>

namespace fm {

/// A widget takes up what has changed of the properties its looks go by.
inline void restyle(QWidget* widget) {
    widget->style()->unpolish(widget);
    widget->style()->polish(widget);
    widget->update();
}

} // namespace fm
