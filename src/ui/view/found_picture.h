#pragma once
#include "ui/view/way_picture.h"

#include <QWidget>

namespace fm {

/// A part as it was found, drawn from the front: under every string what its gauge read, how far it stands
/// from where it is wanted, and what was seen there.
class FoundPicture : public QWidget {
    Q_OBJECT
public:
    explicit FoundPicture(QWidget* parent = nullptr);
    void show_story(const VerdictStory& story);
    QSize minimumSizeHint() const override { return {300, 120}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    VerdictStory story_;
};

} // namespace fm
