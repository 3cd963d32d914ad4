#pragma once
#include "ui/view/way_picture.h"

#include <QAbstractButton>

namespace fm {

/// One way of a part to choose: its name, its drawing, what it does, takes and leaves behind.
class WayCard : public QAbstractButton {
    Q_OBJECT
public:
    explicit WayCard(QWidget* parent = nullptr);
    /// @param story of the part, all ways of which are drawn alike @param way its place among them
    void show_way(const VerdictStory& story, std::size_t way);
    QString word() const { return word_; }
    QSize minimumSizeHint() const override { return {96, 228}; }
    QSize sizeHint() const override { return {170, 270}; }

protected:
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    VerdictStory story_;
    std::size_t way_ = 0;
    QString word_;
};

} // namespace fm
