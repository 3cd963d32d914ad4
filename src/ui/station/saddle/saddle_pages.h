#pragma once
#include "ui/page/part_pages.h"

namespace fm {

/// The saddle's schools and lesser measures: heights, compensation, spacing, the piece, the one that is
/// there.
class SaddlePages : public PartPages {
    Q_OBJECT
public:
    SaddlePages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);
    void toggle_outer() { PartPages::toggle_outer(spacing_at_saddle); }

protected:
    void show_state() override;

private:
    void add_action_page();
    void add_crowns_page();
    void add_piece_page();
    void add_existing_page();
    Picked pick_compensation(int method) const;
    Picked pick_height_by(int way) const;
    Picked pick_ends(int way) const;

    SpacingParts spacing_{};
    ChoiceRow* action_ = nullptr;
    ChoiceRow* each_ = nullptr;
    ChoiceRow* crowns_ = nullptr;
    ChoiceRow* front_ = nullptr;
    ChoiceRow* height_by_ = nullptr;
    ChoiceRow* existing_ = nullptr;
    ChoiceRow* ends_ = nullptr;
    ChoiceRow* single_ = nullptr;
    ChoiceRow* material_ = nullptr;
    QWidget* fixed_ = nullptr;
    QWidget* screws_ = nullptr;
    QWidget* margin_ = nullptr;
    QWidget* margins_ = nullptr;
    QWidget* length_ = nullptr;
    QWidget* existing_box_ = nullptr;
    QWidget* travel_ = nullptr;
    std::vector<QWidget*> in_slot_; ///< parts of the page Piece
};

} // namespace fm
