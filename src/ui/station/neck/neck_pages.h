#pragma once
#include "ui/page/part_pages.h"

class QToolButton;

namespace fm {

/// The neck's choices: scale and frets, the board, worn frets, how relief is read.
class NeckPages : public PartPages {
    Q_OBJECT
public:
    NeckPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

protected:
    void show_state() override;

private:
    void add_scale_page();
    void add_board_page();
    void add_relief_page();
    void add_frets_page();
    QString reliefs() const;

    ChoiceRow* scales_ = nullptr;
    ChoiceRow* shape_ = nullptr;
    ChoiceRow* held_ = nullptr;
    QWidget* perpendicular_ = nullptr;
    QWidget* radius_at_ = nullptr;
    QLabel* reliefs_ = nullptr;
    QToolButton* level_ = nullptr;
};

} // namespace fm
