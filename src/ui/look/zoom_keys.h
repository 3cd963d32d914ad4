#pragma once
#include <QKeyEvent>

namespace fm {

/// +, − and 0 enlarge a drawing, draw it smaller, show the whole of it. @returns whether the key was one of
/// them
template <class View> bool zooms_by_key(View& view, const QKeyEvent& event) {
    if (event.modifiers() & (Qt::ControlModifier | Qt::AltModifier)) return false;
    switch (event.key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal: view.zoom_by(1.25); return true;
    case Qt::Key_Minus: view.zoom_by(0.8); return true;
    case Qt::Key_0: view.zoom_home(); return true;
    default: return false;
    }
}

} // namespace fm
