#include "ui/station/nut/nut_pages.h"

#include "core/words/word_of.h"
#include "job/edits/edits.h"
#include "sheet/views/nut_views.h"
#include "sheet/words/sheet_words.h"
#include "ui/look/texts.h"
#include "ui/page/verdict_text.h"

#include <QToolButton>

#include <array>

namespace fm {

NutPages::NutPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartPages(session, binder, view, parent) {
    add_spacing_page();
    add_height_page();
    add_slots_page();
    add_seat_page();
    add_behind_page();
    add_verdict_page();
}

void NutPages::add_spacing_page() {
    spacing_ = spacing_parts(spacing_at_nut);
    add_page(tr("Spacing"),
             {spacing_.method, spacing_.blend, spacing_.course,
              boxed({labelled(field("limits.string_gap_min_mm", tr("clear space wanted between strings")),
                              tr("clear at least")),
                     labelled(field("limits.edge_min_mm", tr("wanted from the outer strings to the edge")),
                              tr("edge at least"))})});
}

void NutPages::add_height_page() {
    height_ = new ChoiceRow(
        tr("Nut height read"),
        {{tr("open"), tr("read without pressing; moves when the saddle does"), {}},
         {tr("pressed"), tr("the saddle does not matter; a gap too small for most leaves"), {}},
         {tr("zero fret"), tr("thinks of a fret at the nut; nothing to slip a gauge under"), {}}});
    pressed_ =
        new ChoiceRow(tr("pressed at fret"), {{QStringLiteral("2"), {}, {}}, {QStringLiteral("3"), {}, {}}});
    picks(height_, [this](int index) { return pick_height(index); });
    picks(pressed_, [this](int index) -> Picked {
        return Pick{tr("pressed at fret %1").arg(index + 2),
                    with_height_method(session_.document(), NutHeightMethod::pressed_gap, index + 2,
                                       session_.state().solution)};
    });
    zero_ = new ChoiceRow(tr("Zero fret"), {{tr("none"), {}, {}}, {tr("real"), {}, {}}});
    picks(zero_, [this](int index) -> Picked {
        Value document = without(session_.document(), "nut.zero_fret");
        if (index == 1) {
            document = with(document, "nut.zero_fret.height_mm",
                            session_.state().job.design.neck.fret_height_mm + 0.1);
            document = with(document, "nut.zero_fret.guide_below_mm", 0.3);
        }
        return Pick{tr("zero fret"), document};
    });
    zero_box_ = boxed(
        {labelled(field("nut.zero_fret.height_mm", tr("height of the zero fret")), tr("its height")),
         labelled(field("nut.zero_fret.guide_below_mm", tr("guide slots lie lower by")), tr("guide below"))});
    add_page(tr("Height"), {height_, pressed_, zero_, zero_box_});
}

void NutPages::add_slots_page() {
    top_ = new ChoiceRow(
        tr("Top"),
        {{tr("at every string"), tr("each string as deep as wanted; mixed strings make a zigzag"), {}},
         {tr("fair"), tr("one sweep over all; some strings lie a little deeper"), {}}});
    picks(top_, [this](int index) -> Picked {
        return Pick{index == 1 ? tr("fair top") : tr("top at every string"),
                    with(session_.document(), "nut.fair_top", index == 1)};
    });
    seen_ = seen_row();
    add_page(
        tr("Slots"),
        {seen_, top_,
         labelled(field("nut.slot_clearance_mm.plain", tr("clearance, plain strings")),
                  tr("clearance plain")),
         labelled(field("nut.slot_clearance_mm.wound", tr("clearance, wound strings")),
                  tr("clearance wound")),
         labelled(field("nut.in_slot.plain", tr("share in the slot, plain strings")), tr("in slot, plain")),
         labelled(field("nut.in_slot.wound", tr("share in the slot, wound strings")), tr("in slot, wound")),
         labelled(field("nut.saw_allowance_mm", tr("saw stays above the floor")), tr("saw stays over")),
         labelled(field("nut.file_over_mm", tr("file may be wider by")), tr("file may be over")),
         labelled(field("nut.floor_angle_share", tr("floor takes this share of the fall")),
                  tr("floor share"))});
}

void NutPages::add_seat_page() {
    seat_ =
        new ChoiceRow(tr("Seat"), {{tr("square"), {}, {}}, {tr("angled"), {}, {}}, {tr("curved"), {}, {}}});
    picks(seat_, [this](int index) -> Picked {
        const auto seat = static_cast<Seat>(index);
        Value document = with(session_.document(), "nut.seat", std::string(word_of(seat)));
        if (seat == Seat::curved && !fm::find(document, "nut.seat_radius_mm")) {
            const double radius = session_.state().job.design.neck.radius_nut_mm;
            document = with(document, "nut.seat_radius_mm", radius > 0 ? radius : 400.0);
        }
        return Pick{tr("seat"), document};
    });
    material_ = material_row(QStringLiteral("nut.material"));
    seat_radius_box_ = labelled(field("nut.seat_radius_mm", tr("seat radius")), tr("seat radius"));
    const std::vector<QWidget*> blank = blank_parts("nut.blank", shown_blank);
    make_ =
        new ChoiceRow(tr("This nut"),
                      {{tr("from a blank"), tr("cut here; filed, filled, shimmed or made anew"), {}},
                       {tr("bought, slotted"), tr("its slots are cut: lowered from below first"), {}},
                       {tr("locking"), tr("never filed: up on shims, down at its seat by a repairer"), {}}});
    picks(make_, [this](int index) -> Picked {
        Value document = session_.document();
        for (const auto& [key, is] :
             {std::pair("nut.ready_slotted", index == 1), std::pair("nut.clamping", index == 2)})
            document = is ? with(document, key, true) : without(document, key);
        const std::array names{tr("nut from a blank"), tr("nut bought and slotted"), tr("locking nut")};
        return Pick{names[static_cast<std::size_t>(index)], document};
    });
    shim_step_ =
        labelled(field("nut.shim_step_mm", tr("step the shims are rounded up to")), tr("shims in steps of"));
    add_page(tr("Seat"),
             {make_, labelled(field("nut.packing_mm", tr("packing found under the nut")), tr("packed with")),
              shim_step_, seat_, material_, seat_radius_box_,
              labelled(field("nut.headstock_angle_deg", tr("headstock angle")), tr("headstock")),
              labelled(field("nut.set_forward_mm", tr("front set forward")), tr("set forward")), blank[0],
              blank[1], blank[2]});
}

void NutPages::add_behind_page() {
    posts_ =
        new ChoiceRow(tr("Posts or bar"), {{tr("not given"), tr("floors follow the headstock angle"), {}},
                                           {tr("given"), tr("floors follow each string's own fall"), {}}});
    picks(posts_, [this](int index) { return pick_posts(index == 1); });
    const auto chosen = [this](const State& s) {
        return std::min(view_.string, s.job.design.strings.size() - 1);
    };
    const auto post = [chosen](double Post::*member) {
        return [chosen, member](const State& s) -> std::optional<double> {
            if (s.job.design.nut.posts.empty()) return std::nullopt;
            return s.job.design.nut.posts[chosen(s)].*member;
        };
    };
    const auto key = [chosen](const char* name) {
        return [chosen, name](const State& s) {
            return QStringLiteral("nut.posts[%1].%2").arg(chosen(s)).arg(QLatin1String(name));
        };
    };
    auto* all = new QToolButton;
    all->setText(tr("all as this one"));
    all->setProperty("plain", true);
    all->setToolTip(
        tr("A retainer bar: every string as far behind and as far below as the chosen one, straight back"));
    connect(all, &QToolButton::clicked, this, &NutPages::posts_like_chosen);
    post_box_ = boxed({labelled(field("posts.behind_mm", tr("post behind the front face"), FieldKind::length,
                                      post(&Post::behind_mm), key("behind_mm")),
                                tr("behind")),
                       labelled(field("posts.across_mm", tr("post across from the centreline"),
                                      FieldKind::length, post(&Post::across_mm), key("across_mm")),
                                tr("across")),
                       labelled(field("posts.below_mm", tr("post below the fret tops"), FieldKind::length,
                                      post(&Post::below_mm), key("below_mm")),
                                tr("below")),
                       all});
    angles_ = new QLabel;
    add_page(tr("Behind"), {posts_, post_box_, angles_});
}

void NutPages::add_verdict_page() {
    verdict_ = new QLabel;
    verdict_->setWordWrap(true);
    QSizePolicy whole_width(QSizePolicy::MinimumExpanding, QSizePolicy::Minimum);
    whole_width.setHeightForWidth(true);
    verdict_->setSizePolicy(whole_width);
    verdict_->setTextFormat(Qt::RichText);
    verdict_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    verdict_->setAccessibleName(tr("Verdict on the nut as found"));
    add_page(tr("Verdict"), {verdict_});
}

NutPages::Picked NutPages::pick_height(int method) const {
    const std::array names{tr("nut height read open"), tr("nut height read pressed"),
                           tr("nut height as a zero fret")};
    return Pick{names[static_cast<std::size_t>(method)],
                with_height_method(session_.document(), static_cast<NutHeightMethod>(method),
                                   session_.state().job.design.nut.pressed_fret, session_.state().solution)};
}

NutPages::Picked NutPages::pick_posts(bool posts) const {
    Value document = without(session_.document(), "nut.posts");
    if (posts) {
        Value::Array list;
        for (const double y : spacing_at_nut.centres_mm(session_.state().solution)) {
            Value post = with(Value(Value::Object{}), "behind_mm", 40.0);
            post = with(post, "across_mm", std::round(y * 100.0) / 100.0);
            list.push_back(with(post, "below_mm", 8.0));
        }
        document = with(document, "nut.posts", std::move(list));
    }
    return Pick{posts ? tr("posts given") : tr("posts left out"), document};
}

void NutPages::posts_like_chosen() {
    const Design& design = session_.state().job.design;
    if (design.nut.posts.empty()) return;
    const Post& like = design.nut.posts[view_.string];
    Value document = session_.document();
    const std::vector<double> across = spacing_at_nut.centres_mm(session_.state().solution);
    for (std::size_t i = 0; i < across.size(); ++i) {
        const std::string key = "nut.posts[" + std::to_string(i) + "].";
        document = with(document, key + "behind_mm", like.behind_mm);
        document = with(document, key + "below_mm", like.below_mm);
        document = with(document, key + "across_mm", std::round(across[i] * 100.0) / 100.0);
    }
    commit(tr("all posts as one bar"), document);
}

void NutPages::show_state() {
    const State& state = session_.state();
    const NutDesign& nut = state.job.design.nut;
    show_spacing(spacing_);
    height_->set_chosen(static_cast<int>(nut.height_method));
    pressed_->set_chosen(nut.pressed_fret - 2);
    pressed_->setVisible(nut.height_method == NutHeightMethod::pressed_gap);
    top_->set_chosen(nut.fair_top ? 1 : 0);
    seat_->set_chosen(static_cast<int>(nut.seat));
    seat_radius_box_->setVisible(nut.seat == Seat::curved);
    make_->set_chosen(nut.clamping ? 2 : nut.ready_slotted ? 1 : 0);
    shim_step_->setVisible(nut.clamping);
    show_material(material_, nut.material);
    show_seen(seen_);
    posts_->set_chosen(nut.posts.empty() ? 0 : 1);
    post_box_->setVisible(!nut.posts.empty());
    zero_->set_chosen(nut.zero_fret ? 1 : 0);
    zero_box_->setVisible(nut.zero_fret.has_value());
    const StringSolution& string = state.solution.strings[view_.string];
    QString angles = QString::fromStdString(state.job.design.string_name(view_.string)) +
                     QStringLiteral(": ") + tr("floor %1").arg(angle_text(string.slot.floor_angle_deg));
    if (string.bend)
        angles += QStringLiteral(" · ") +
                  tr("breaks %1 down, %2 aside")
                      .arg(angle_text(string.bend->break_angle_deg), angle_text(string.bend->side_angle_deg));
    angles_->setText(angles);
    if (is_on_page(verdict_)) verdict_->setText(nut_verdict_text(state));
}

} // namespace fm
