// The bridge's pages of what it goes on: the old one's print and holes, the wood inside, the top's curve, the
// screws of a plate, and how it is glued.
#include "core/solution/bridge_outline.h"
#include "core/words/word_of.h"
#include "job/edits/bridge_edits.h"
#include "ui/field/text_field.h"
#include "ui/station/bridge/bridge_pages.h"

namespace fm {

namespace {

Value hole_of(double from_front_mm, double across_mm) {
    return with(with(Value(Value::Object{}), "from_front_mm", to_tenth(from_front_mm)), "across_mm",
                to_tenth(across_mm));
}

const ExistingBridge* existing_of(const State& state) {
    const auto& bridge = state.job.design.bridge;
    return bridge && bridge->existing ? &*bridge->existing : nullptr;
}

} // namespace

void BridgePages::add_top_page() {
    print_ = new ChoiceRow(tr("Old bridge's print"), {{tr("not measured"), {}, {}},
                                                      {tr("straight"), {}, {}},
                                                      {tr("waisted"), {}, {}},
                                                      {tr("bellied"), {}, {}}});
    picks(print_, [this](int index) { return pick_print(index); });
    print_box_ = boxed(
        {labelled(field("bridge.existing.front_x_mm", tr("nut line to the old bridge's front edge")),
                  tr("front from nut")),
         labelled(field("bridge.existing.outline.length_mm", tr("old bridge's length across")), tr("length")),
         labelled(field("bridge.existing.outline.width_mm", tr("old bridge's width along the strings")),
                  tr("width"))});
    print_waist_ =
        boxed({labelled(field("bridge.existing.outline.middle_mm", tr("length of the old bridge's middle")),
                        tr("middle")),
               labelled(field("bridge.existing.outline.wing_width_mm", tr("width of the old bridge's wings")),
                        tr("wings"))});
    print_belly_ = labelled(field("bridge.existing.outline.belly_mm", tr("bulge of the old bridge's back")),
                            tr("belly"));
    old_holes_ =
        new ChoiceRow(tr("Old holes"), {{tr("not measured"), {}, {}}, {tr("one for each string"), {}, {}}});
    picks(old_holes_, [this](int index) { return pick_old_holes(index == 1); });
    const auto hole = [this](const char* key, const QString& name, double PlacedHole::*member) {
        const QString last = QLatin1Char('.') + QLatin1String(key);
        return field((std::string("bridge.existing.holes.") + key).c_str(), name, FieldKind::length,
                     [this, member](const State& s) -> std::optional<double> {
                         const ExistingBridge* there = existing_of(s);
                         if (!there || view_.string >= there->holes.size()) return std::nullopt;
                         return there->holes[view_.string].*member;
                     },
                     [this, last](const State&) {
                         return QStringLiteral("bridge.existing.holes[%1]").arg(view_.string) + last;
                     });
    };
    old_hole_ = boxed(
        {labelled(hole("from_front_mm", tr("old front edge to this string's old hole"),
                       &PlacedHole::from_front_mm),
                  tr("hole from front")),
         labelled(hole("across_mm", tr("this string's old hole from the centreline"), &PlacedHole::across_mm),
                  tr("across")),
         labelled(hole("hole_mm", tr("this string's old hole"), &PlacedHole::hole_mm), tr("hole"))});
    inside_ = new ChoiceRow(tr("Wood inside"), {{tr("not measured"), {}, {}}, {tr("measured"), {}, {}}});
    picks(inside_, [this](int index) { return pick_inside(index == 1); });
    inside_box_ = boxed(
        {labelled(field("bridge.plate_inside.from_front_mm", tr("bridge's front edge to the wood inside")),
                  tr("begins behind front")),
         labelled(field("bridge.plate_inside.width_mm", tr("width of the wood inside")), tr("width")),
         labelled(field("bridge.plate_inside.length_mm", tr("length of the wood inside")), tr("length"))});
    arching_ = new ChoiceRow(
        tr("Top's curve"),
        {{tr("not measured"), {}, {}},
         {tr("three gaps"), tr("under a straightedge laid across the top where the bridge goes"), {}}});
    picks(arching_, [this](int index) -> Picked {
        if (!session_.state().job.design.bridge) return std::nullopt;
        Value document = without(session_.document(), "bridge.arching");
        if (index == 1)
            for (const auto& [key, mm] : {std::pair{"half_mm", 60.0}, std::pair{"bass_mm", 0.5},
                                          std::pair{"middle_mm", 0.0}, std::pair{"treble_mm", 0.5}})
                document = with(document, std::string("bridge.arching.") + key, mm);
        return Pick{tr("top's curve"), document};
    });
    arching_box_ = boxed(
        {labelled(field("bridge.arching.half_mm", tr("middle to either gap of the top's curve")),
                  tr("middle to gap")),
         labelled(field("bridge.arching.bass_mm", tr("gap at the bass under the straightedge")), tr("bass")),
         labelled(field("bridge.arching.middle_mm", tr("gap in the middle under the straightedge")),
                  tr("middle")),
         labelled(field("bridge.arching.treble_mm", tr("gap at the treble under the straightedge")),
                  tr("treble"))});
    gluing_ = new TextField(QStringLiteral("bridge.gluing"), tr("how you glue and clamp"), this);
    gluing_->setFixedWidth(320);
    connect(gluing_, &TextField::entered, this, [this](const QString& words) {
        const Value document = words.isEmpty()
                                   ? without(session_.document(), "bridge.gluing")
                                   : with(session_.document(), "bridge.gluing", words.toStdString());
        commit(tr("how it is glued"), document);
    });
    gluing_box_ = labelled(gluing_, tr("you glue and clamp it so"));
    add_page(tr("The top"), {print_, print_box_, print_waist_, print_belly_, old_holes_, old_hole_, inside_,
                             inside_box_, arching_, arching_box_, gluing_box_});
}

BridgePages::Picked BridgePages::pick_print(int form) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    if (form == 0) {
        Value document = session_.document();
        for (const char* key :
             {"bridge.existing.outline", "bridge.existing.front_x_mm", "bridge.existing.holes"})
            document = without(document, key);
        return Pick{tr("old print not measured"), without_empty_existing(document)};
    }
    const BridgeOutline shown = shown_outline(state.job.design, state.solution);
    Value document = session_.document();
    const auto put = [&](const char* key, double mm) {
        const std::string whole = std::string("bridge.existing.") + key;
        if (!fm::find(document, whole)) document = with(document, whole, to_tenth(mm));
    };
    document = with(document, "bridge.existing.outline.form",
                    std::string(word_of(static_cast<BridgeForm>(form - 1))));
    put("outline.length_mm", shown.length_mm);
    put("outline.width_mm", shown.width_mm);
    if (form == 2) put("outline.middle_mm", 0.5 * shown.length_mm);
    if (form == 2) put("outline.wing_width_mm", 0.7 * shown.width_mm);
    if (form == 3) put("outline.belly_mm", 0.2 * shown.width_mm);
    put("front_x_mm", front_edge_mm(shown, state.solution));
    return Pick{tr("old bridge's print"), document};
}

BridgePages::Picked BridgePages::pick_old_holes(bool measured) const {
    const State& state = session_.state();
    const ExistingBridge* there = existing_of(state);
    if (!there || !there->outline) return std::nullopt;
    if (!measured)
        return Pick{tr("old holes not measured"), without(session_.document(), "bridge.existing.holes")};
    Value::Array holes;
    for (std::size_t i = 0; i < state.solution.strings.size(); ++i) {
        const auto& pins = state.solution.bridge->pins;
        const PlanPoint place = i < pins.size() ? pins[i]
                                                : PlanPoint{state.solution.bridge->strings[i].exit_x_mm,
                                                            state.solution.strings[i].line.saddle_y_mm};
        holes.push_back(with(hole_of(place.x_mm - there->front_x_mm, place.y_mm), "hole_mm",
                             state.job.design.bridge->pins.hole_mm));
    }
    return Pick{tr("old holes"), with(session_.document(), "bridge.existing.holes", std::move(holes))};
}

BridgePages::Picked BridgePages::pick_inside(bool measured) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    if (!measured)
        return Pick{tr("wood inside not measured"), without(session_.document(), "bridge.plate_inside")};
    const BridgeOutline shown = shown_outline(state.job.design, state.solution);
    Value inside = with(Value(Value::Object{}), "from_front_mm", 0.0);
    inside = with(inside, "width_mm", to_tenth(shown.width_mm));
    inside = with(inside, "length_mm", to_tenth(shown.length_mm));
    return Pick{tr("wood inside"), with(session_.document(), "bridge.plate_inside", std::move(inside))};
}

void BridgePages::add_screws_page() {
    screws_page_ = page_count();
    std::vector<ChoiceRow::Option> counts{{tr("not told"), {}, {}}};
    for (int count = 1; count <= most_screws; ++count) counts.push_back({QString::number(count), {}, {}});
    screws_ = new ChoiceRow(tr("Screws that hold it"), counts);
    picks(screws_, [this](int count) { return pick_screws(static_cast<std::size_t>(count)); });
    screw_box_ = boxed(
        {labelled(field("bridge.screws.core_mm", tr("screw between its threads")), tr("core")),
         labelled(field("bridge.screws.length_mm", tr("screw's length under the head")), tr("length")),
         labelled(field("bridge.screws.through_mm", tr("plate under the screw's head")), tr("in the plate")),
         labelled(field("bridge.screws.earth_hole_mm", tr("hole for the earth wire")), tr("earth wire"))});
    std::vector<QWidget*> parts{screws_, screw_box_};
    for (int i = 0; i < most_screws; ++i) {
        const auto part = [&](const char* name, const QString& words, double PlacedHole::*member) {
            const std::string key = "bridge.screws.holes[" + std::to_string(i) + "]." + name;
            return field(key.c_str(), words, FieldKind::length,
                         [i, member](const State& s) -> std::optional<double> {
                             const auto& bridge = s.job.design.bridge;
                             const auto at = static_cast<std::size_t>(i);
                             if (!bridge || !bridge->screws || at >= bridge->screws->holes.size())
                                 return std::nullopt;
                             return bridge->screws->holes[at].*member;
                         });
        };
        screw_holes_.push_back(
            boxed({labelled(part("from_front_mm", tr("front edge to screw %1").arg(i + 1),
                                 &PlacedHole::from_front_mm),
                            tr("%1 from front").arg(i + 1)),
                   labelled(part("across_mm", tr("screw %1 from the centreline").arg(i + 1),
                                 &PlacedHole::across_mm),
                            tr("%1 across").arg(i + 1))}));
        parts.push_back(screw_holes_.back());
    }
    add_page(tr("Screws"), parts);
}

/// As many as there are, and beside them such as would hold a plate like this.
BridgePages::Picked BridgePages::pick_screws(std::size_t count) const {
    const State& state = session_.state();
    if (!state.job.design.bridge) return std::nullopt;
    if (count == 0) return Pick{tr("no screws told"), without(session_.document(), "bridge.screws")};
    constexpr double wood_mm = 8; // around a screw
    const BridgeOutline shown = shown_outline(state.job.design, state.solution);
    const auto& told = state.job.design.bridge->screws;
    Value::Array holes;
    for (std::size_t i = 0; i < count; ++i) {
        if (told && i < told->holes.size()) {
            holes.push_back(hole_of(told->holes[i].from_front_mm, told->holes[i].across_mm));
            continue;
        }
        const double half_mm = 0.5 * shown.length_mm - wood_mm;
        const double share =
            count == 1 ? 0.0 : 2.0 * static_cast<double>(i) / static_cast<double>(count - 1) - 1.0;
        holes.push_back(hole_of(shown.width_mm - wood_mm, share * half_mm));
    }
    Value document = with(session_.document(), "bridge.screws.holes", std::move(holes));
    for (const auto& [key, mm] :
         {std::pair{"core_mm", 2.4}, std::pair{"length_mm", 25.0}, std::pair{"through_mm", 2.0}}) {
        const std::string whole = std::string("bridge.screws.") + key;
        if (!fm::find(document, whole)) document = with(document, whole, mm);
    }
    return Pick{tr("screws that hold it"), document};
}

void BridgePages::show_top() {
    const State& state = session_.state();
    const auto& bridge = state.job.design.bridge;
    const ExistingBridge* there = existing_of(state);
    const bool print = there && there->outline;
    for (QWidget* part : std::to_array<QWidget*>({print_, arching_, gluing_box_}))
        part->setVisible(bridge.has_value());
    gluing_box_->setVisible(bridge && bridge->stands == BridgeStands::glued);
    print_box_->setVisible(print);
    print_waist_->setVisible(print && there->outline->form == BridgeForm::waisted);
    print_belly_->setVisible(print && there->outline->form == BridgeForm::bellied);
    old_holes_->setVisible(print);
    old_hole_->setVisible(print && view_.string < there->holes.size());
    inside_->setVisible(bridge && bridge->anchor == Anchor::pins);
    inside_box_->setVisible(bridge && bridge->plate_inside && bridge->anchor == Anchor::pins);
    arching_box_->setVisible(bridge && bridge->arching);
    const bool screwed =
        bridge && (bridge->stands == BridgeStands::plate || bridge->stands == BridgeStands::posts);
    offer_page(screws_page_, screwed);
    const std::size_t count = bridge && bridge->screws ? bridge->screws->holes.size() : 0;
    screw_box_->setVisible(count > 0);
    for (std::size_t i = 0; i < screw_holes_.size(); ++i) screw_holes_[i]->setVisible(i < count);
    if (!bridge) return;
    print_->set_chosen(print ? static_cast<int>(there->outline->form) + 1 : 0);
    old_holes_->set_chosen(there && !there->holes.empty() ? 1 : 0);
    inside_->set_chosen(bridge->plate_inside ? 1 : 0);
    arching_->set_chosen(bridge->arching ? 1 : 0);
    gluing_->show_words(QString::fromStdString(bridge->gluing));
    screws_->set_chosen(static_cast<int>(std::min<std::size_t>(count, most_screws)));
}

} // namespace fm
