#pragma once
#include "ui/page/part_pages.h"
#include "ui/station/bridge/background_page.h"

namespace fm {

class TextField;

/// The bridge's choices: its kind, the saddles on it, height, form, what is there.
class BridgePages : public PartPages {
    Q_OBJECT
public:
    BridgePages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

    BackgroundPage* background() { return background_; }

protected:
    void show_state() override;

private:
    void add_kind_page();
    void add_saddles_page();
    void add_height_page();
    void add_form_page();
    void add_existing_page();
    void add_top_page();
    void add_screws_page();
    void show_top();
    Picked pick_print(int form) const;
    Picked pick_old_holes(bool measured) const;
    Picked pick_inside(bool measured) const;
    Picked pick_screws(std::size_t count) const;
    Picked pick_kind(int kind) const;
    Picked pick_edge(bool given) const;
    Picked pick_joined(bool joined) const;
    Picked pick_crowns_found(bool measured) const;
    Picked pick_held(int held) const;
    Picked pick_plane_by(bool strings) const;
    Picked pick_height(int way) const;
    Picked pick_form(int form) const;

    ChoiceRow* kind_ = nullptr;
    ChoiceRow* line_ = nullptr;
    ChoiceRow* height_ = nullptr;
    ChoiceRow* form_ = nullptr;
    ChoiceRow* edge_ = nullptr;
    ChoiceRow* joined_ = nullptr;
    ChoiceRow* crowns_found_ = nullptr;
    ChoiceRow* existing_ = nullptr;
    ChoiceRow* held_ = nullptr;
    ChoiceRow* plane_by_ = nullptr;
    ChoiceRow* pocket_ = nullptr;
    QWidget* pin_holes_ = nullptr; ///< ramp, pilot, taper, chamfer
    QWidget* fences_ = nullptr;
    QWidget* pin_from_front_ = nullptr;
    QWidget* old_exit_ = nullptr;
    QWidget* edge_box_ = nullptr;
    QWidget* crown_found_ = nullptr;
    int saddles_page_ = 0;
    std::vector<QWidget*> on_plate_; ///< parts of that page
    QWidget* tapered_ = nullptr;
    QWidget* limits_ = nullptr;
    QWidget* least_ = nullptr;
    QWidget* floor_least_ = nullptr;
    QWidget* waist_ = nullptr;
    QWidget* belly_ = nullptr;
    QWidget* existing_height_ = nullptr;
    QWidget* over_top_ = nullptr;
    QWidget* pocket_box_ = nullptr;
    // bridge_top_pages.cpp
    static constexpr int most_screws = 6;
    ChoiceRow* print_ = nullptr;
    QWidget* print_box_ = nullptr;
    QWidget* print_waist_ = nullptr;
    QWidget* print_belly_ = nullptr;
    ChoiceRow* old_holes_ = nullptr;
    QWidget* old_hole_ = nullptr;
    ChoiceRow* inside_ = nullptr;
    QWidget* inside_box_ = nullptr;
    ChoiceRow* arching_ = nullptr;
    QWidget* arching_box_ = nullptr;
    TextField* gluing_ = nullptr;
    QWidget* gluing_box_ = nullptr;
    int screws_page_ = 0;
    ChoiceRow* screws_ = nullptr;
    QWidget* screw_box_ = nullptr;
    std::vector<QWidget*> screw_holes_;
    BackgroundPage* background_ = nullptr;
};

/// Of a bridge that was there nothing is said any more.
Value without_empty_existing(const Value& document);

} // namespace fm
