#include "ui/look/plain_labels.h"

#include <QEvent>
#include <QLabel>

namespace fm {

bool PlainLabels::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Polish)
        if (auto* label = qobject_cast<QLabel*>(watched); label && label->textFormat() == Qt::AutoText)
            label->setTextFormat(Qt::PlainText);
    return QObject::eventFilter(watched, event);
}

} // namespace fm
