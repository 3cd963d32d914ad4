#pragma once
#include "ui/page/part_pages.h"
#include "ui/station/bridge/background_page.h"

namespace fm {

/// The bridge's choices: height, anchor, pins, form, what is there.
class BridgePages : public PartPages {
    Q_OBJECT
public:
    BridgePages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent = nullptr);

    BackgroundPage* background() { return background_; }

protected:
    void show_state() override;

private:
    void add_bridge_page();
    void add_height_page();
    void add_form_page();
    void add_existing_page();
    Picked pick_bridge(bool bridge) const;
    Picked pick_anchor(int anchor) const;
    Picked pick_height(bool by_program) const;
    Picked pick_form(int form) const;

    ChoiceRow* bridge_ = nullptr;
    ChoiceRow* anchor_ = nullptr;
    ChoiceRow* line_ = nullptr;
    ChoiceRow* height_ = nullptr;
    ChoiceRow* form_ = nullptr;
    ChoiceRow* existing_ = nullptr;
    ChoiceRow* pocket_ = nullptr;
    QWidget* ramp_ = nullptr;
    QWidget* limits_ = nullptr;
    QWidget* least_ = nullptr; ///< break angle and wood under the slot
    QWidget* waist_ = nullptr;
    QWidget* belly_ = nullptr;
    QWidget* existing_height_ = nullptr;
    QWidget* pocket_box_ = nullptr;
    BackgroundPage* background_ = nullptr;
};

} // namespace fm
