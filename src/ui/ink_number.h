#pragma once
#include <QLineEdit>

namespace fm {

/// A computed number on a drawing, printed in ink: it can be reached, read aloud and asked for its working,
/// not set.
class InkNumber : public QLineEdit {
    Q_OBJECT
public:
    explicit InkNumber(QWidget* parent);
    void show_number(const QString& text, const QString& name);

Q_SIGNALS:
    void picked();

protected:
    void focusInEvent(QFocusEvent* event) override;
};

} // namespace fm
