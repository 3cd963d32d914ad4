#include "ui/field/echo.h"

#include "ui/look/theme.h"

#include <algorithm>

namespace fm {

Echo::~Echo() {
    delete label_;
}

void Echo::hide() {
    if (label_) label_->hide();
}

QString Echo::words() const {
    return label_ && label_->isVisible() ? label_->text() : QString();
}

void Echo::show(QWidget* of, const QRect& under, const QString& words, bool fault) {
    if (words.isEmpty()) return hide();
    QWidget* window = of->window();
    if (!label_) {
        label_ = new QLabel(window);
        label_->setMargin(5);
        label_->setTextFormat(Qt::PlainText);
        label_->setAttribute(Qt::WA_TransparentForMouseEvents);
    }
    const Theme& colours = theme();
    const QString style = QStringLiteral("QLabel { background: %1; color: %2; border: 1px solid %3; }")
                              .arg(colours.list.name(), (fault ? colours.warning : colours.ink).name(),
                                   (fault ? colours.warning : colours.hairline).name());
    if (label_->styleSheet() != style) label_->setStyleSheet(style);
    label_->setText(words);
    const int most = window->width() - 16;
    label_->setWordWrap(false);
    label_->setMaximumWidth(most);
    if (label_->sizeHint().width() > most) {
        label_->setWordWrap(true);
        label_->setFixedWidth(most);
    } else {
        label_->setMinimumWidth(0);
    }
    label_->adjustSize();
    QPoint at = of->mapTo(window, under.bottomLeft() + QPoint(0, 4));
    at.setX(std::clamp(at.x(), 8, std::max(8, window->width() - label_->width() - 8)));
    if (at.y() + label_->height() > window->height() - 4)
        at.setY(of->mapTo(window, under.topLeft()).y() - label_->height() - 3);
    label_->move(at);
    label_->show();
    label_->raise();
}

} // namespace fm
