#include "ui/station/bridge/bridge_pages.h"

#include "core/solution/bridge_outline.h"
#include "core/words/word_of.h"
#include "job/edits/bridge_edits.h"
#include "sheet/views/bridge_kind_views.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fm {

Value without_empty_existing(const Value& document) {
    const Value* left = fm::find(document, "bridge.existing");
    return left && left->object() && left->object()->empty() ? without(document, "bridge.existing")
                                                             : document;
}

BridgePages::BridgePages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartPages(session, binder, view, parent) {
    add_kind_page();
    add_saddles_page();
    add_height_page();
    add_form_page();
    add_existing_page();
    add_top_page();
    add_screws_page();
    background_ = new BackgroundPage(session, binder, view);
    connect(background_, &BackgroundPage::refused, this, &BridgePages::refused);
    add_page(tr("Behind"), {background_});
}

void BridgePages::add_kind_page() {
    const std::array names{tr("pinned"),    tr("tied"),  tr("through"), tr("tailpiece"), tr("floating"),
                           tr("on wheels"), tr("plate"), tr("shared"),  tr("two posts")};
    const std::array told{tr("glued on, the strings held by pins"),
                          tr("glued on, the strings tied to a block"),
                          tr("glued on, the strings through holes from behind"),
                          tr("glued on, the strings to a tailpiece"),
                          tr("held down by the strings, in one piece with a notched top"),
                          tr("held down by the strings, its height set by two wheels"),
                          tr("a plate with a saddle for each string"),
                          tr("a plate with saddles that neighbours share"),
                          tr("a bar on two posts")};
    std::vector<ChoiceRow::Option> options{{tr("none"), {}, {}}};
    for (std::size_t i = 0; i < names.size(); ++i)
        options.push_back({names[i], told[i], {}, bridge_kind_picture(static_cast<BridgeKind>(i))});
    kind_ = new ChoiceRow(tr("Kind of bridge"), options);
    picks(kind_, [this](int index) { return pick_kind(index); });
    line_ =
        new ChoiceRow(tr("Pins in a line"),
                      {{tr("along the slot"),
                        tr("as far behind the slot on every string; break angles differ with the heights"),
                        {}},
                       {tr("square"), tr("looks square; break angles differ a little"), {}},
                       {tr("equal angle"), tr("every string breaks alike; the pins stand in a curve"), {}}});
    picks(line_, [this](int index) -> Picked {
        return Pick{tr("line of the pins"), with(session_.document(), "bridge.pins.line",
                                                 std::string(word_of(static_cast<PinsLine>(index))))};
    });
    pin_holes_ = boxed(
        {labelled(field("bridge.pins.ramp_mm", tr("ramp in front of the pins")), tr("ramp deep")),
         labelled(field("bridge.pins.pilot_mm", tr("hole drilled before the reamer")), tr("drilled")),
         labelled(field("bridge.pins.taper_deg", tr("taper of pins and reamer")), tr("taper")),
         labelled(field("bridge.pins.chamfer_mm", tr("chamfer at the top of the hole")), tr("chamfer"))});
    add_page(tr("Kind"), {kind_, line_, pin_holes_});
}

BridgePages::Picked BridgePages::pick_kind(int kind) const {
    const State& state = session_.state();
    if (kind == 0) return Pick{tr("no bridge"), without_bridge(session_.document())};
    return Pick{tr("kind of bridge"), with_bridge_kind(session_.document(), state.job.design, state.solution,
                                                       static_cast<BridgeKind>(kind - 1))};
}

void BridgePages::add_saddles_page() {
    saddles_page_ = page_count();
    edge_ = new ChoiceRow(
        tr("Reference edge"),
        {{tr("where it is best"), tr("every saddle keeps the most of its travel, either way"), {}},
         {tr("where it is"), tr("the plate cannot move: what each saddle has left is shown"), {}}});
    picks(edge_, [this](int index) { return pick_edge(index == 1); });
    edge_box_ =
        boxed({labelled(field("bridge.edge_mm.bass", tr("nut line to the edge along the bass string")),
                        tr("edge, bass")),
               labelled(field("bridge.edge_mm.treble", tr("nut line to the edge along the treble string")),
                        tr("edge, treble"))});
    joined_ = new ChoiceRow(tr("This string's saddle"),
                            {{tr("its own"), {}, {}}, {tr("its bass neighbour's, too"), {}, {}}});
    picks(joined_, [this](int index) { return pick_joined(index == 1); });
    QWidget* travel = boxed({labelled(field("saddle.travel_mm[0]", tr("travel from")), tr("travel from")),
                             labelled(field("saddle.travel_mm[1]", tr("travel to")), tr("travel to"))});
    QWidget* screws = boxed(
        {labelled(field("saddle.travel_pitch_mm", tr("pitch of the saddles' screws")), tr("screw's pitch")),
         labelled(field("saddle.travel_screw_mm", tr("length of the saddles' screws from the edge")),
                  tr("screw's length")),
         labelled(field("saddle.travel_spring_mm", tr("spring on the screw, pressed solid")),
                  tr("spring, solid"))});
    crowns_found_ =
        new ChoiceRow(tr("Crowns that are there"), {{tr("not measured"), {}, {}}, {tr("measured"), {}, {}}});
    picks(crowns_found_, [this](int index) { return pick_crowns_found(index == 1); });
    const auto found = [](const State& s) -> const std::vector<double>* {
        const auto& bridge = s.job.design.bridge;
        return bridge && bridge->existing && !bridge->existing->crown_mm.empty() ? &bridge->existing->crown_mm
                                                                                 : nullptr;
    };
    crown_found_ = labelled(
        field(
            "bridge.existing.crown_mm", tr("fret 12 to this string's crown, as found"), FieldKind::length,
            [this, found](const State& s) -> std::optional<double> {
                const auto* crowns = found(s);
                return crowns ? std::optional((*crowns)[std::min(view_.string, crowns->size() - 1)])
                              : std::nullopt;
            },
            [this](const State&) {
                return QStringLiteral("bridge.existing.crown_mm[%1]").arg(view_.string);
            }),
        tr("fret 12 to crown"));
    on_plate_ = {joined_, travel, edge_, edge_box_, screws, crowns_found_, crown_found_};
    add_page(tr("Saddles"), on_plate_);
}

BridgePages::Picked BridgePages::pick_edge(bool given) const {
    const State& state = session_.state();
    Value document = without(session_.document(), "bridge.edge_mm");
    if (!given) return Pick{tr("edge where it is best"), document};
    const auto& single = state.solution.single;
    if (!state.job.design.bridge || !single || !single->edge) return std::nullopt;
    // From the nut line: the mark is counted from the nut's front.
    const Placing& place = state.solution.placing;
    document = with(document, "bridge.edge_mm.bass",
                    to_tenth(place.bass.from_nut_mm + state.solution.strings.front().line.set_forward_mm));
    document = with(document, "bridge.edge_mm.treble",
                    to_tenth(place.treble.from_nut_mm + state.solution.strings.back().line.set_forward_mm));
    return Pick{tr("edge where it is"), document};
}

BridgePages::Picked BridgePages::pick_joined(bool joined) const {
    if (view_.string == 0) return std::nullopt; // has no bass neighbour
    return Pick{joined ? tr("strings that share a saddle") : tr("a saddle of its own"),
                with_saddle_joined(session_.document(), session_.state().job.design, view_.string, joined)};
}

BridgePages::Picked BridgePages::pick_crowns_found(bool measured) const {
    Value document = without(session_.document(), "bridge.existing.crown_mm");
    const State& state = session_.state();
    if (!measured || !state.job.design.bridge)
        return Pick{tr("crowns not measured"), without_empty_existing(document)};
    Value::Array crowns; // where they are to stand, until they are measured
    for (const StringSolution& string : state.solution.strings)
        crowns.emplace_back(
            to_tenth(string.line.saddle_x_mm - state.neck.fret_x_mm(12, string.line.scale_mm)));
    return Pick{tr("crowns that are there"), with(document, "bridge.existing.crown_mm", std::move(crowns))};
}

void BridgePages::add_height_page() {
    height_ = new ChoiceRow(
        tr("Bridge height"),
        {{tr("as given"), tr("the bridge is there, or its height is decided"), {}},
         {tr("from the exposure"), tr("as high as the saddle's exposure asks, within its limits"), {}},
         {tr("tapered"), tr("its own height at either side, level along the strings"), {}}});
    picks(height_, [this](int index) { return pick_height(index); });
    tapered_ = boxed(
        {labelled(field("bridge.height_mm.bass", tr("bridge height at the bass string")), tr("bass")),
         labelled(field("bridge.height_mm.treble", tr("bridge height at the treble string")), tr("treble"))});
    limits_ = boxed({labelled(field("bridge.height_min_mm", tr("least bridge height")), tr("least")),
                     labelled(field("bridge.height_max_mm", tr("greatest bridge height")), tr("greatest"))});
    least_ = labelled(field("bridge.break_angle_min_deg", tr("least break angle")), tr("break at least"));
    floor_least_ =
        labelled(field("bridge.floor_min_mm", tr("least wood under the slot")), tr("floor at least"));
    add_page(tr("Height"), {height_, tapered_, limits_, least_, floor_least_});
}

BridgePages::Picked BridgePages::pick_height(int way) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    const Value& document = session_.document();
    if (way == 1)
        return Pick{tr("bridge height from the exposure"), with(document, "bridge.height_mm", "auto")};
    if (!state.solution.bridge->height_mm) return std::nullopt;
    const double height_mm = to_tenth(*state.solution.bridge->height_mm);
    if (way == 0) return Pick{tr("bridge height as given"), with(document, "bridge.height_mm", height_mm)};
    if (state.job.design.bridge->tapered_mm) return Pick{tr("bridge height tapered"), document};
    Value ends = with(Value(Value::Object{}), "bass", height_mm);
    return Pick{tr("bridge height tapered"),
                with(document, "bridge.height_mm", with(ends, "treble", height_mm))};
}

void BridgePages::add_form_page() {
    form_ = new ChoiceRow(tr("Outline"),
                          {{tr("straight"), {}, {}}, {tr("waisted"), {}, {}}, {tr("bellied"), {}, {}}});
    picks(form_, [this](int index) { return pick_form(index); });
    waist_ = boxed({labelled(field("bridge.outline.middle_mm", tr("length of the middle")), tr("middle")),
                    labelled(field("bridge.outline.wing_width_mm", tr("width of the wings")), tr("wings"))});
    belly_ = labelled(field("bridge.outline.belly_mm", tr("bulge of the back edge")), tr("belly"));
    ValueField* from_back =
        field("bridge.outline.front_mm/back", tr("back edge to the slot's middle"), FieldKind::length,
              [](const State& s) -> std::optional<double> {
                  return s.solution.bridge ? s.solution.bridge->slot_from_back_mm : std::nullopt;
              });
    binder_.write(from_back, [](const Value& document, const State& s, double mm) {
        return with(document, "bridge.outline.front_mm", s.job.design.bridge->outline->width_mm - mm);
    });
    fences_ = labelled(from_back, tr("back to slot"));
    // As a fence at the front edge stands for this string's pin: the others follow along the slot.
    const auto pin = [this](const State& s) -> std::optional<double> {
        const auto& bridge = s.solution.bridge;
        if (!bridge || bridge->pins_from_front_mm.empty()) return std::nullopt;
        return bridge->pins_from_front_mm[std::min(view_.string, bridge->pins_from_front_mm.size() - 1)];
    };
    ValueField* from_front =
        field("bridge.pins.behind_mm/front", tr("front edge to this string's pin"), FieldKind::length, pin);
    binder_.write(from_front, [pin](const Value& document, const State& s, double mm) {
        return with(document, "bridge.pins.behind_mm",
                    s.job.design.bridge->pins.behind_mm + mm - pin(s).value_or(mm));
    });
    ValueField* from_back_edge = field("bridge.pins.behind_mm/back", tr("back edge to this string's pin"),
                                       FieldKind::length, [pin](const State& s) -> std::optional<double> {
                                           const auto from_front_mm = pin(s);
                                           if (!from_front_mm) return std::nullopt;
                                           return s.job.design.bridge->outline->width_mm - *from_front_mm;
                                       });
    binder_.write(from_back_edge, [pin](const Value& document, const State& s, double mm) {
        const BridgeDesign& bridge = *s.job.design.bridge;
        const double from_front_mm = bridge.outline->width_mm - mm;
        return with(document, "bridge.pins.behind_mm",
                    bridge.pins.behind_mm + from_front_mm - pin(s).value_or(from_front_mm));
    });
    pin_from_front_ =
        boxed({labelled(from_front, tr("front to pin")), labelled(from_back_edge, tr("back to pin"))});
    add_page(tr("Outline"), {form_, waist_, belly_, fences_, pin_from_front_});
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
        Value document = session_.document();
        for (const char* key :
             {"bridge.existing.height_mm", "bridge.existing.anchor", "bridge.existing.exit"})
            document = without(document, key);
        if (index == 0) document = without_empty_existing(document);
        if (index == 1)
            document = with(document, "bridge.existing.height_mm",
                            to_tenth(session_.state().solution.bridge->height_mm.value_or(9.0)));
        return Pick{index == 1 ? tr("bridge that is there") : tr("no bridge there"), document};
    });
    existing_height_ = labelled(field("bridge.existing.height_mm", tr("height of the bridge that is there")),
                                tr("its height"));
    held_ = new ChoiceRow(tr("Its strings held by"), {{tr("as the new one"), {}, {}},
                                                      {tr("pins"), {}, {}},
                                                      {tr("tie block"), {}, {}},
                                                      {tr("hole"), {}, {}},
                                                      {tr("tailpiece"), {}, {}}});
    picks(held_, [this](int index) { return pick_held(index); });
    old_exit_ = boxed(
        {labelled(field("bridge.existing.exit.behind_mm", tr("old exit behind the slot")), tr("exit behind")),
         labelled(field("bridge.existing.exit.above_top_mm", tr("old exit over the soundboard")),
                  tr("exit over top"))});
    plane_by_ = new ChoiceRow(
        tr("Fret plane over the top"),
        {{tr("measured"), {}, {}},
         {tr("by the old strings"), tr("from the strings over the old top, and their action as found"), {}}});
    picks(plane_by_, [this](int index) { return pick_plane_by(index == 1); });
    over_top_ = boxed({labelled(field("bridge.existing.string_over_top_mm.bass",
                                      tr("bass string over the top before the old bridge")),
                                tr("string, bass")),
                       labelled(field("bridge.existing.string_over_top_mm.treble",
                                      tr("treble string over the top before the old bridge")),
                                tr("string, treble"))});
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
    add_page(tr("There now"),
             {existing_, existing_height_, held_, old_exit_, plane_by_, over_top_, pocket_, pocket_box_});
}

BridgePages::Picked BridgePages::pick_held(int held) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    Value document = without(without(session_.document(), "bridge.existing.anchor"), "bridge.existing.exit");
    if (held == 0) return Pick{tr("old bridge held as the new one"), document};
    const auto anchor = static_cast<Anchor>(held - 1);
    document = with(document, "bridge.existing.anchor", std::string(word_of(anchor)));
    if (anchor != Anchor::pins) {
        document =
            with(document, "bridge.existing.exit.behind_mm", anchor == Anchor::tailpiece ? 120.0 : 11.0);
        document =
            with(document, "bridge.existing.exit.above_top_mm", anchor == Anchor::tailpiece ? 2.5 : 5.0);
    }
    return Pick{tr("how the old bridge held its strings"), document};
}

BridgePages::Picked BridgePages::pick_plane_by(bool strings) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    Value document =
        without_empty_existing(without(session_.document(), "bridge.existing.string_over_top_mm"));
    if (!strings)
        return Pick{tr("fret plane as measured"),
                    with(document, "bridge.plane_above_top_mm",
                         to_tenth(state.job.design.bridge->plane_above_top_mm))};
    const auto over_top = [&](std::size_t i) {
        return to_tenth(state.solution.strings[i].bridge->height_over_top_mm);
    };
    document = with(document, "bridge.existing.string_over_top_mm.bass", over_top(0));
    document = with(document, "bridge.existing.string_over_top_mm.treble",
                    over_top(state.solution.strings.size() - 1));
    return Pick{tr("fret plane by the old strings"), without(document, "bridge.plane_above_top_mm")};
}

void BridgePages::show_state() {
    const Design& design = session_.state().job.design;
    const auto& bridge = design.bridge;
    background_->refresh();
    show_top();
    const auto kind = kind_of_bridge(design);
    kind_->set_chosen(kind ? static_cast<int>(*kind) + 1 : 0);
    const bool slotted = bridge && design.has_slot();
    const bool on_plate = bridge && bridge->stands == BridgeStands::plate;
    offer_page(saddles_page_, on_plate);
    for (QWidget* part : on_plate_) part->setVisible(on_plate);
    for (QWidget* row : std::to_array<QWidget*>({form_, existing_, plane_by_, pocket_}))
        row->setVisible(bridge.has_value());
    least_->setVisible(bridge.has_value());
    floor_least_->setVisible(slotted);
    height_->setVisible(slotted && !bridge->by_tailpiece());
    const bool pinned = bridge && bridge->anchor == Anchor::pins;
    line_->setVisible(pinned);
    pin_holes_->setVisible(pinned);
    fences_->setVisible(slotted && bridge->outline);
    pin_from_front_->setVisible(pinned && bridge->outline && bridge->pins.line == PinsLine::parallel);
    limits_->setVisible(bridge && bridge->auto_height);
    tapered_->setVisible(bridge && bridge->tapered_mm);
    waist_->setVisible(bridge && bridge->outline && bridge->outline->form == BridgeForm::waisted);
    belly_->setVisible(bridge && bridge->outline && bridge->outline->form == BridgeForm::bellied);
    existing_height_->setVisible(bridge && bridge->existing && bridge->existing->height_mm);
    const bool known = bridge && bridge->existing && bridge->existing->height_mm;
    held_->setVisible(known);
    old_exit_->setVisible(known && bridge->existing->exit);
    over_top_->setVisible(bridge && bridge->existing && bridge->existing->string_over_top_mm);
    pocket_box_->setVisible(bridge && bridge->neck_pocket);
    if (!bridge) return;
    line_->set_chosen(static_cast<int>(bridge->pins.line));
    height_->set_chosen(bridge->auto_height ? 1 : bridge->tapered_mm ? 2 : 0);
    form_->set_chosen(static_cast<int>(bridge->outline ? bridge->outline->form : BridgeForm::straight));
    existing_->set_chosen(bridge->existing && bridge->existing->height_mm ? 1 : 0);
    held_->set_chosen(known && bridge->existing->anchor ? static_cast<int>(*bridge->existing->anchor) + 1
                                                        : 0);
    plane_by_->set_chosen(bridge->plane_from_strings ? 1 : 0);
    pocket_->set_chosen(bridge->neck_pocket ? 1 : 0);
    if (!on_plate) return;
    edge_->set_chosen(bridge->edge_mm ? 1 : 0);
    edge_box_->setVisible(bridge->edge_mm.has_value());
    const bool measured = bridge->existing && !bridge->existing->crown_mm.empty();
    crowns_found_->set_chosen(measured ? 1 : 0);
    crown_found_->setVisible(measured);
    const std::size_t string = std::min(view_.string, design.strings.size() - 1);
    joined_->setVisible(string > 0);
    const auto& groups = design.saddle.groups;
    joined_->set_chosen(std::any_of(groups.begin(), groups.end(), [string](const SharedSaddle& group) {
        return group.first < string && string <= group.last;
    }));
}

} // namespace fm
