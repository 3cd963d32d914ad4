#pragma once
#include <QLabel>
#include <QPointer>

namespace fm {

/// The words under a field or cell: what was understood, or what is wrong and where. They lie over the window
/// and take nothing from it.
class Echo {
public:
    ~Echo();
    /// Shows plain words under a rectangle of a widget, over it where the window ends; "" takes them away.
    void show(QWidget* of, const QRect& under, const QString& words, bool fault);
    void hide();
    QString words() const;

private:
    QPointer<QLabel> label_;
};

} // namespace fm
