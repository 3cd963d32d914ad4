#pragma once
#include <QLineEdit>
#include <QTimer>

namespace fm {

/// A computed number on a drawing, printed in ink: it can be reached, read aloud and asked for its working,
/// not set.
class InkNumber : public QLineEdit {
    Q_OBJECT
public:
    explicit InkNumber(QWidget* parent);
    /// @param lines the number; a sixty-fourth and what remains of it on two lines
    /// One that changes under the same name is marked for a moment.
    void show_number(const QString& lines, const QString& name);
    bool is_marked() const { return marked_.isActive(); }

Q_SIGNALS:
    void picked();

protected:
    void paintEvent(QPaintEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;

private:
    QTimer marked_;   // running while the number has just changed
    QString stacked_; // the number on two lines, if it has two
};

} // namespace fm
