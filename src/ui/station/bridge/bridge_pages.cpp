#include "ui/station/bridge/bridge_pages.h"

#include "core/solution/bridge_outline.h"
#include "core/words/word_of.h"

#include <array>
#include <cmath>

namespace fm {

namespace {

double to_tenth(double mm) {
    return std::round(mm * 10.0) / 10.0;
}

} // namespace

BridgePages::BridgePages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartPages(session, binder, view, parent) {
    add_bridge_page();
    add_height_page();
    add_form_page();
    add_existing_page();
    background_ = new BackgroundPage(session, binder, view);
    connect(background_, &BackgroundPage::refused, this, &BridgePages::refused);
    add_page(tr("Behind"), {background_});
}

void BridgePages::add_bridge_page() {
    bridge_ = new ChoiceRow(tr("Bridge"), {{tr("none"), {}, {}}, {tr("one"), {}, {}}});
    picks(bridge_, [this](int index) { return pick_bridge(index == 1); });
    anchor_ = new ChoiceRow(
        tr("Strings held by"),
        {{tr("pins"), {}, {}}, {tr("tie block"), {}, {}}, {tr("hole"), {}, {}}, {tr("tailpiece"), {}, {}}});
    picks(anchor_, [this](int index) { return pick_anchor(index); });
    line_ =
        new ChoiceRow(tr("Pins in a line"),
                      {{tr("along the slot"),
                        tr("as far behind the slot on every string; break angles differ with the heights"),
                        {}},
                       {tr("square"), tr("looks square; break angles differ a little"), {}}});
    picks(line_, [this](int index) -> Picked {
        return Pick{tr("line of the pins"),
                    with(session_.document(), "bridge.pins.line", index == 1 ? "square" : "parallel")};
    });
    ramp_ = labelled(field("bridge.pins.ramp_mm", tr("ramp in front of the pins")), tr("ramp deep"));
    add_page(tr("Anchor"), {bridge_, anchor_, line_, ramp_});
}

BridgePages::Picked BridgePages::pick_bridge(bool bridge) const {
    Value document = without(session_.document(), "bridge");
    if (bridge) {
        // A usual pinned bridge to begin with; every figure of it is then set on the drawing.
        document = with(document, "bridge.plane_above_top_mm", 9.0);
        document = with(document, "bridge.height_mm", "auto");
        document = with(document, "bridge.anchor", "pins");
    }
    return Pick{bridge ? tr("a bridge") : tr("no bridge"), document};
}

BridgePages::Picked BridgePages::pick_anchor(int anchor) const {
    const auto chosen = static_cast<Anchor>(anchor);
    Value document = with(session_.document(), "bridge.anchor", std::string(word_of(chosen)));
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    if (chosen != Anchor::pins && !fm::find(document, "bridge.exit")) {
        const double height = state.solution.bridge->height_mm.value_or(9.0);
        document = with(document, "bridge.exit.behind_mm", chosen == Anchor::tailpiece ? 120.0 : 11.0);
        document = with(document, "bridge.exit.above_top_mm",
                        to_tenth(chosen == Anchor::tailpiece ? 2.5 : 0.6 * height));
    }
    // A tailpiece leaves no height to find: it stays as it is.
    if (chosen == Anchor::tailpiece && state.job.design.bridge->auto_height)
        document = with(document, "bridge.height_mm", to_tenth(*state.solution.bridge->height_mm));
    return Pick{tr("how the strings are held"), document};
}

void BridgePages::add_height_page() {
    height_ = new ChoiceRow(
        tr("Bridge height"),
        {{tr("as given"), tr("the bridge is there, or its height is decided"), {}},
         {tr("from the exposure"), tr("as high as the saddle's exposure asks, within its limits"), {}}});
    picks(height_, [this](int index) { return pick_height(index == 1); });
    limits_ = boxed({labelled(field("bridge.height_min_mm", tr("least bridge height")), tr("least")),
                     labelled(field("bridge.height_max_mm", tr("greatest bridge height")), tr("greatest"))});
    least_ = boxed(
        {labelled(field("bridge.break_angle_min_deg", tr("least break angle")), tr("break at least")),
         labelled(field("bridge.floor_min_mm", tr("least wood under the slot")), tr("floor at least"))});
    add_page(tr("Height"), {height_, limits_, least_});
}

BridgePages::Picked BridgePages::pick_height(bool by_program) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    Value document = session_.document();
    if (by_program)
        document = with(document, "bridge.height_mm", "auto");
    else if (state.solution.bridge->height_mm)
        document = with(document, "bridge.height_mm", to_tenth(*state.solution.bridge->height_mm));
    return Pick{by_program ? tr("bridge height from the exposure") : tr("bridge height as given"), document};
}

void BridgePages::add_form_page() {
    form_ = new ChoiceRow(tr("Outline"),
                          {{tr("straight"), {}, {}}, {tr("waisted"), {}, {}}, {tr("bellied"), {}, {}}});
    picks(form_, [this](int index) { return pick_form(index); });
    waist_ = boxed({labelled(field("bridge.outline.middle_mm", tr("length of the middle")), tr("middle")),
                    labelled(field("bridge.outline.wing_width_mm", tr("width of the wings")), tr("wings"))});
    belly_ = labelled(field("bridge.outline.belly_mm", tr("bulge of the back edge")), tr("belly"));
    add_page(tr("Outline"), {form_, waist_, belly_});
}

BridgePages::Picked BridgePages::pick_form(int form) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    const BridgeOutline shown = shown_outline(state.job.design, state.solution);
    Value document = session_.document();
    const auto put = [&](const char* key, double mm) {
        const std::string whole = std::string("bridge.outline.") + key;
        if (!fm::find(document, whole)) document = with(document, whole, mm);
    };
    document = with(document, "bridge.outline.form", std::string(word_of(static_cast<BridgeForm>(form))));
    put("length_mm", shown.length_mm);
    put("width_mm", shown.width_mm);
    put("front_mm", shown.front_mm);
    if (form == 1) {
        put("middle_mm", to_tenth(0.5 * shown.length_mm));
        put("wing_width_mm", to_tenth(0.7 * shown.width_mm));
    }
    if (form == 2) put("belly_mm", to_tenth(0.2 * shown.width_mm));
    return Pick{tr("outline of the bridge"), document};
}

void BridgePages::add_existing_page() {
    existing_ =
        new ChoiceRow(tr("Bridge that is there"), {{tr("not measured"), {}, {}}, {tr("measured"), {}, {}}});
    picks(existing_, [this](int index) -> Picked {
        if (!session_.state().job.design.bridge) return std::nullopt;
        Value document = without(session_.document(), "bridge.existing");
        if (index == 1)
            document = with(document, "bridge.existing.height_mm",
                            to_tenth(session_.state().solution.bridge->height_mm.value_or(9.0)));
        return Pick{index == 1 ? tr("bridge that is there") : tr("no bridge there"), document};
    });
    existing_height_ = labelled(field("bridge.existing.height_mm", tr("height of the bridge that is there")),
                                tr("its height"));
    pocket_ =
        new ChoiceRow(tr("Neck"), {{tr("fixed"), {}, {}},
                                   {tr("bolted in a pocket"), tr("packing tilts it; says how much"), {}}});
    picks(pocket_, [this](int index) -> Picked {
        if (!session_.state().job.design.bridge) return std::nullopt;
        Value document = without(session_.document(), "bridge.neck_pocket");
        if (index == 1) {
            document = with(document, "bridge.neck_pocket.length_mm", 70.0);
            document = with(document, "bridge.neck_pocket.pivot_x_mm",
                            to_tenth(0.7 * session_.state().job.design.neck.mean_scale_mm()));
        }
        return Pick{tr("neck pocket"), document};
    });
    pocket_box_ =
        boxed({labelled(field("bridge.neck_pocket.length_mm", tr("length of the neck pocket")), tr("pocket")),
               labelled(field("bridge.neck_pocket.pivot_x_mm", tr("pivot from the nut line")), tr("pivot"))});
    add_page(tr("There now"), {existing_, existing_height_, pocket_, pocket_box_});
}

void BridgePages::show_state() {
    const auto& bridge = session_.state().job.design.bridge;
    background_->refresh();
    bridge_->set_chosen(bridge ? 1 : 0);
    const auto of_a_bridge = std::to_array<QWidget*>({anchor_, height_, least_, form_, existing_, pocket_});
    for (QWidget* row : of_a_bridge) row->setVisible(bridge.has_value());
    const bool pinned = bridge && bridge->anchor == Anchor::pins;
    line_->setVisible(pinned);
    ramp_->setVisible(pinned);
    limits_->setVisible(bridge && bridge->auto_height);
    waist_->setVisible(bridge && bridge->outline && bridge->outline->form == BridgeForm::waisted);
    belly_->setVisible(bridge && bridge->outline && bridge->outline->form == BridgeForm::bellied);
    existing_height_->setVisible(bridge && bridge->existing);
    pocket_box_->setVisible(bridge && bridge->neck_pocket);
    if (!bridge) return;
    anchor_->set_chosen(static_cast<int>(bridge->anchor));
    line_->set_chosen(bridge->pins.square ? 1 : 0);
    height_->setVisible(!bridge->floats());
    height_->set_chosen(bridge->auto_height ? 1 : 0);
    form_->set_chosen(static_cast<int>(bridge->outline ? bridge->outline->form : BridgeForm::straight));
    existing_->set_chosen(bridge->existing ? 1 : 0);
    pocket_->set_chosen(bridge->neck_pocket ? 1 : 0);
}

} // namespace fm
