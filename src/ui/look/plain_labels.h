#pragma once
#include <QObject>

namespace fm {

/// Labels and tooltips of the whole application show what they are given letter by letter: words of a person
/// or of a file are never taken for markup. A label that is to be marked up says so (setTextFormat) and
/// escapes what is not its own.
class PlainLabels : public QObject {
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
};

} // namespace fm
