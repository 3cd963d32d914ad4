#include "ui/field/text_field.h"

#include "ui/look/undo_keys.h"

#include <QKeyEvent>

namespace fm {

namespace {
constexpr int longest = 2000;
}

TextField::TextField(const QString& key, const QString& name, QWidget* parent) : QLineEdit(parent) {
    setProperty("pencil", true);
    setObjectName(key);
    setAccessibleName(name);
    tell();
    setMaxLength(longest);
    setMinimumHeight(32);
}

void TextField::show_words(const QString& words) {
    const bool writing = hasFocus() && text() != words_;
    words_ = words;
    tell();
    if (writing || text() == words) return;
    setText(words);
    setCursorPosition(0); // its beginning is what is read
}

/// Longer words than the field is wide are read here.
void TextField::tell() {
    const QString how = tr("%1: click or Tab, write, Enter").arg(accessibleName());
    setToolTip(words_.isEmpty() ? how : words_ + QLatin1Char('\n') + how);
}

bool TextField::event(QEvent* event) {
    return leaves_undo(event, text() != words_) || QLineEdit::event(event);
}

void TextField::enter() {
    const QString words = text().trimmed();
    if (words != words_) Q_EMIT entered(words);
    if (text() != words_) setText(words_); // as the job has them now
}

void TextField::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter: return enter();
    case Qt::Key_Escape: return text() == words_ ? parentWidget()->setFocus() : setText(words_);
    default: QLineEdit::keyPressEvent(event);
    }
}

void TextField::focusOutEvent(QFocusEvent* event) {
    QLineEdit::focusOutEvent(event);
    if (event->reason() == Qt::ActiveWindowFocusReason || event->reason() == Qt::PopupFocusReason) return;
    enter();
}

} // namespace fm
