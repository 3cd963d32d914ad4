#pragma once
#include <QLineEdit>

namespace fm {

/// A computed number on a drawing, printed in ink: it can be reached, read aloud and asked for its working,
/// not set.
class InkNumber : public QLineEdit {
    Q_OBJECT
public:
    explicit InkNumber(QWidget* parent);
    /// @param lines the number; a sixty-fourth and what remains of it on two lines
    void show_number(const QString& lines, const QString& name);

Q_SIGNALS:
    void picked();

protected:
    void paintEvent(QPaintEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;

private:
    QString stacked_; // the number on two lines, if it has two
};

} // namespace fm
