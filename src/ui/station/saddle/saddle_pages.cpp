#include "ui/station/saddle/saddle_pages.h"

#include "core/words/word_of.h"
#include "job/edits/edits.h"
#include "sheet/views/saddle_views.h"

#include <array>
#include <cmath>

namespace fm {

namespace {

double to_hundredth(double mm) {
    return std::round(mm * 100.0) / 100.0;
}

} // namespace

SaddlePages::SaddlePages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartPages(session, binder, view, parent) {
    add_action_page();
    add_crowns_page();
    spacing_ = spacing_parts(spacing_at_saddle);
    add_page(tr("Spacing"), {spacing_.method, spacing_.blend, spacing_.course});
    add_piece_page();
    add_existing_page();
}

void SaddlePages::add_action_page() {
    action_ = new ChoiceRow(tr("Action read"),
                            {{tr("open"), tr("over fret 12, nothing pressed; the nut's height is in it"), {}},
                             {tr("capo at 1"), tr("held at fret 1; the nut is left out of it"), {}}});
    picks(action_, [this](int index) -> Picked {
        return Pick{index == 0 ? tr("action read open") : tr("action read with a capo"),
                    with_action_measure(session_.document(), static_cast<ActionMeasure>(index),
                                        session_.state().solution)};
    });
    each_ = new ChoiceRow(tr("Actions"), {{tr("by the outer strings"), {}, {}}, {tr("one by one"), {}, {}}});
    picks(each_, [this](int index) -> Picked {
        const Design& design = session_.state().job.design;
        return Pick{index == 1 ? tr("actions one by one") : tr("actions by the outer strings"),
                    with_each_target(session_.document(), "saddle.action", index == 1, design.saddle.action,
                                     design.strings.size())};
    });
    add_page(tr("Action"), {action_, each_});
}

SaddlePages::Picked SaddlePages::pick_height_by(int way) const {
    const auto by = static_cast<HeightBy>(way);
    Value document = with(session_.document(), "saddle.height_by", std::string(word_of(by)));
    const State& state = session_.state();
    SaddleDesign set;
    set.height_by = by;
    if (set.by_two_screws() && !state.job.design.saddle.screws_across_mm &&
        state.solution.strings.size() > 1) {
        document = with(document, "saddle.screws_across_mm.bass",
                        to_hundredth(state.solution.strings.front().line.saddle_y_mm));
        document = with(document, "saddle.screws_across_mm.treble",
                        to_hundredth(state.solution.strings.back().line.saddle_y_mm));
    }
    if (!set.by_two_screws()) document = without(document, "saddle.screws_across_mm");
    return Pick{tr("what sets the height"), document};
}

void SaddlePages::add_crowns_page() {
    crowns_ = new ChoiceRow(
        tr("Crowns"),
        {{tr("fixed"),
          tr("the same compensation for every string, from an old rule or another instrument"),
          {}},
         {tr("fret 12 true"), tr("the octave is right; the frets between err as they must"), {}},
         {tr("all frets"),
          tr("the least error over the whole board; fret 12 itself may be off a little"),
          {}},
         {tr("straight line"),
          tr("one straight slanted top: every string pays what its own crown is off that line"),
          {}}});
    picks(crowns_, [this](int index) { return pick_compensation(index); });
    fixed_ = labelled(field("saddle.compensation.fixed_mm", tr("compensation of every string")),
                      tr("compensation"));
    front_ = new ChoiceRow(tr("Nut's front with it"),
                           {{tr("where it is"), tr("the front stays as the nut gives it"), {}},
                            {tr("one for all"), tr("one set-forward for the whole nut"), {}},
                            {tr("each its own"), tr("a stepped front, the least error of all"), {}}});
    picks(front_, [this](int index) -> Picked {
        const std::string word(word_of(static_cast<SetForward>(index)));
        return Pick{tr("nut's front with the crowns"),
                    with(session_.document(), "saddle.compensation.nut", word)};
    });
    add_page(tr("Crowns"), {crowns_, fixed_, front_});
}

SaddlePages::Picked SaddlePages::pick_compensation(int method) const {
    const auto chosen = static_cast<CompensationMethod>(method);
    const std::array names{tr("one compensation for all"), tr("crowns for fret 12"),
                           tr("crowns for all frets"), tr("crowns on one straight line")};
    Value document = with(session_.document(), "saddle.compensation.method", std::string(word_of(chosen)));
    if (chosen == CompensationMethod::fixed && !fm::find(document, "saddle.compensation.fixed_mm")) {
        const auto& strings = session_.state().solution.strings;
        double mean = 0;
        for (const StringSolution& string : strings)
            mean += string.compensation_mm / static_cast<double>(strings.size());
        document = with(document, "saddle.compensation.fixed_mm", to_hundredth(mean));
    }
    return Pick{names[static_cast<std::size_t>(method)], document};
}

void SaddlePages::add_piece_page() {
    material_ = material_row(QStringLiteral("saddle.material"));
    std::vector<QWidget*> parts{material_};
    for (QWidget* part : blank_parts("saddle.blank", shown_saddle_blank)) parts.push_back(part);
    const auto measure = [&](const char* key, const QString& name, const QString& caption, FieldKind kind,
                             FieldBinder::Getter value) {
        parts.push_back(labelled(field(key, name, kind, std::move(value)), caption));
    };
    ends_ = new ChoiceRow(tr("Ends"),
                          {{tr("margin alike"), tr("the same beyond both outer strings"), {}},
                           {tr("each end its own"), tr("longer at one end than at the other"), {}},
                           {tr("by its length"), tr("as long as is given, the strings in its middle"), {}}});
    picks(ends_, [this](int way) { return pick_ends(way); });
    margin_ = labelled(field("saddle.end_margin_mm", tr("margin beyond the outer strings")), tr("margin"));
    margins_ =
        boxed({labelled(field("saddle.end_margin_mm.bass", tr("margin beyond the bass string")), tr("bass")),
               labelled(field("saddle.end_margin_mm.treble", tr("margin beyond the treble string")),
                        tr("treble"))});
    length_ =
        labelled(field("saddle.length_mm", tr("saddle length"), FieldKind::length,
                       [](const State& s) -> std::optional<double> { return s.solution.saddle.length_mm; }),
                 tr("length"));
    for (QWidget* part : {static_cast<QWidget*>(ends_), margin_, margins_, length_}) parts.push_back(part);
    const std::size_t of_slot = parts.size(); // what follows only a saddle in a slot has
    measure("saddle.end_radius_mm", tr("radius of the ends"), tr("end radius"), FieldKind::length,
            [](const State& s) -> std::optional<double> { return s.solution.saddle.end_radius_mm; });
    parts.push_back(labelled(field("saddle.lean_deg", tr("lean toward the nut")), tr("leans")));
    parts.push_back(labelled(field("saddle.under_mm", tr("pickup or packing in the slot")), tr("under it")));
    parts.push_back(
        labelled(field("saddle.crown_edge_mm", tr("crown stays from the faces")), tr("crown inside")));
    in_slot_.assign(parts.begin() + static_cast<std::ptrdiff_t>(of_slot), parts.end());
    add_page(tr("Piece"), parts);
}

SaddlePages::Picked SaddlePages::pick_ends(int way) const {
    const State& state = session_.state();
    const Value& document = session_.document();
    if (way == 2)
        return Pick{tr("saddle by its length"),
                    with(without(document, "saddle.end_margin_mm"), "saddle.length_mm",
                         to_hundredth(state.solution.saddle.length_mm))};
    const Value by_margin = without(document, "saddle.length_mm");
    const double margin_mm = state.job.design.saddle.end_margin_mm;
    if (way == 0)
        return Pick{tr("saddle's ends alike"),
                    with(by_margin, "saddle.end_margin_mm", to_hundredth(margin_mm))};
    if (state.job.design.saddle.end_margins_mm) return Pick{tr("saddle's ends each its own"), by_margin};
    const Value ends = with(Value(Value::Object{}), "bass", margin_mm);
    return Pick{tr("saddle's ends each its own"),
                with(by_margin, "saddle.end_margin_mm", with(ends, "treble", margin_mm))};
}

void SaddlePages::add_existing_page() {
    existing_ =
        new ChoiceRow(tr("Saddle that is there"), {{tr("not measured"), {}, {}}, {tr("measured"), {}, {}}});
    picks(existing_, [this](int index) -> Picked {
        Value document = without(session_.document(), "saddle.existing");
        if (index == 1) {
            const State& state = session_.state();
            const auto height = [&](std::size_t i) {
                return to_hundredth(state.solution.saddle.height_mm[i].value_or(10.0));
            };
            document = with(document, "saddle.existing.height.bass_mm", height(0));
            document =
                with(document, "saddle.existing.height.treble_mm", height(state.solution.strings.size() - 1));
        }
        return Pick{index == 1 ? tr("saddle that is there") : tr("no saddle there"), document};
    });
    const auto existing = [](bool bass) {
        return [bass](const State& s) -> std::optional<double> {
            const auto& height = s.job.design.saddle.existing_height;
            const std::size_t count = s.job.design.strings.size();
            return height ? std::optional(height->of(bass ? 0 : count - 1, count)) : std::nullopt;
        };
    };
    const auto existing_key = [](bool bass) {
        return [bass](const State& s) -> QString {
            const auto& height = s.job.design.saddle.existing_height;
            if (height && !height->each_mm.empty())
                return QStringLiteral("saddle.existing.height.each_mm[%1]")
                    .arg(bass ? 0 : s.job.design.strings.size() - 1);
            return bass ? QStringLiteral("saddle.existing.height.bass_mm")
                        : QStringLiteral("saddle.existing.height.treble_mm");
        };
    };
    existing_box_ =
        boxed({labelled(field("saddle.existing.height.bass_mm", tr("its height at the bass string"),
                              FieldKind::length, existing(true), existing_key(true)),
                        tr("height bass")),
               labelled(field("saddle.existing.height.treble_mm", tr("its height at the treble string"),
                              FieldKind::length, existing(false), existing_key(false)),
                        tr("height treble"))});
    single_ = new ChoiceRow(tr("Single saddles"), {{tr("no"), {}, {}}, {tr("with a travel"), {}, {}}});
    picks(single_, [this](int index) -> Picked {
        Value document = without(session_.document(), "saddle.travel_mm");
        if (index == 1) document = with(document, "saddle.travel_mm", Value::Array{Value(0.0), Value(10.0)});
        return Pick{index == 1 ? tr("single saddles") : tr("one saddle"), document};
    });
    travel_ = boxed({labelled(field("saddle.travel_mm[0]", tr("travel from")), tr("travel from")),
                     labelled(field("saddle.travel_mm[1]", tr("travel to")), tr("travel to"))});
    height_by_ = new ChoiceRow(tr("Height set by"), {{tr("bottom and top"), {}, {}},
                                                     {tr("a screw each"), {}, {}},
                                                     {tr("two side screws"), {}, {}},
                                                     {tr("two posts"), {}, {}},
                                                     {tr("feet"), {}, {}},
                                                     {tr("wheels"), {}, {}}});
    picks(height_by_, [this](int index) { return pick_height_by(index); });
    screws_ = boxed({labelled(field("saddle.screws_across_mm.bass", tr("bass screw from the centreline")),
                              tr("bass screw")),
                     labelled(field("saddle.screws_across_mm.treble", tr("treble screw from the centreline")),
                              tr("treble screw"))});
    add_page(tr("There now"), {existing_, existing_box_, height_by_, screws_, single_, travel_});
}

void SaddlePages::show_state() {
    const SaddleDesign& saddle = session_.state().job.design.saddle;
    show_spacing(spacing_);
    action_->set_chosen(static_cast<int>(saddle.measured));
    each_->set_chosen(saddle.action.each_mm.empty() ? 0 : 1);
    height_by_->set_chosen(static_cast<int>(saddle.height_by));
    screws_->setVisible(saddle.screws_across_mm.has_value());
    crowns_->set_chosen(static_cast<int>(saddle.compensation));
    fixed_->setVisible(saddle.compensation == CompensationMethod::fixed);
    front_->set_chosen(static_cast<int>(saddle.set_forward));
    show_material(material_, saddle.material);
    existing_->set_chosen(saddle.existing_height ? 1 : 0);
    existing_box_->setVisible(saddle.existing_height.has_value());
    const Design& design = session_.state().job.design;
    const int ends = saddle.length_mm ? 2 : saddle.end_margins_mm ? 1 : 0;
    ends_->set_chosen(ends);
    margin_->setVisible(ends == 0);
    margins_->setVisible(ends == 1);
    length_->setVisible(ends == 2);
    for (QWidget* part : in_slot_) part->setVisible(design.has_slot());
    existing_->setVisible(!saddle.are_single());
    single_->setVisible(!design.bridge); // with a bridge its kind says so
    single_->set_chosen(saddle.travel ? 1 : 0);
    travel_->setVisible(saddle.travel.has_value() && !design.bridge);
}

} // namespace fm
