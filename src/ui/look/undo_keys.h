#pragma once
#include <QKeyEvent>

namespace fm {

/// Whether an event is the wish to undo or redo.
inline bool asks_undo(const QEvent* event) {
    if (event->type() != QEvent::ShortcutOverride && event->type() != QEvent::KeyPress) return false;
    const auto* key = static_cast<const QKeyEvent*>(event);
    return key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo) ||
           (key->modifiers() == (Qt::ControlModifier | Qt::ShiftModifier) && key->key() == Qt::Key_Z);
}

/// A field of text with nothing typed in it leaves undo and redo to the window, so that the last step goes
/// back while the field keeps the focus. To be asked first in its event(); @returns whether the event is
/// dealt with
inline bool leaves_undo(QEvent* event, bool typing) {
    if (typing || !asks_undo(event)) return false;
    event->ignore();
    return true;
}

} // namespace fm
