#pragma once
#include <QAbstractButton>

namespace fm {

/// A sentence that is pressed: its words wrap, an arrow stands before them.
class WordedButton : public QAbstractButton {
public:
    explicit WordedButton(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QRect words_in(const QRect& box) const;
    QString with_arrow() const;
};

} // namespace fm
