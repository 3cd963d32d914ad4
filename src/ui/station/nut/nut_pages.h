#pragma once
#include "ui/page/part_pages.h"

namespace fm {

/// What the nut's drawing has no place for, on the station: the schools, slots and files, seat and blank,
/// what lies behind the nut.
class NutPages : public PartPages {
    Q_OBJECT
public:
    NutPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

    void toggle_outer() { PartPages::toggle_outer(spacing_at_nut); }

protected:
    void show_state() override;

private:
    void add_spacing_page();
    void add_height_page();
    void add_slots_page();
    void add_seat_page();
    void add_behind_page();
    void add_verdict_page();

    Picked pick_height(int method) const;
    Picked pick_posts(bool posts) const;
    void posts_like_chosen();

    SpacingParts spacing_{};
    ChoiceRow* height_ = nullptr;
    ChoiceRow* pressed_ = nullptr;
    ChoiceRow* top_ = nullptr;
    ChoiceRow* seat_ = nullptr;
    ChoiceRow* material_ = nullptr;
    ChoiceRow* make_ = nullptr;
    QWidget* shim_step_ = nullptr;
    ChoiceRow* posts_ = nullptr;
    SeenRow* seen_ = nullptr;
    ChoiceRow* zero_ = nullptr;
    QWidget* seat_radius_box_ = nullptr;
    QWidget* post_box_ = nullptr;
    QWidget* zero_box_ = nullptr;
    QLabel* angles_ = nullptr;
    QLabel* verdict_ = nullptr;
};

} // namespace fm
