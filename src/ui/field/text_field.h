#pragma once
#include <QLineEdit>

namespace fm {

/// Words written in pencil: Enter, Tab or leaving makes one step, Esc brings the old words back.
class TextField : public QLineEdit {
    Q_OBJECT
public:
    TextField(const QString& key, const QString& name, QWidget* parent = nullptr);
    /// Shows what the job says unless the person is writing.
    void show_words(const QString& words);

Q_SIGNALS:
    void entered(const QString& words);

protected:
    bool event(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    void tell();
    void enter();
    QString words_;
};

} // namespace fm
