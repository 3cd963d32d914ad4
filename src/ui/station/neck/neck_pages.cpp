#include "ui/station/neck/neck_pages.h"

#include "job/edits/neck_edits.h"
#include "ui/look/texts.h"

#include <QToolButton>

#include <array>
#include <cmath>

namespace fm {

namespace {

template <class Member> FieldBinder::Getter neck(Member member) {
    return [member](const State& s) -> std::optional<double> { return member(s.job.design.neck); };
}

/// The two frets a straight string is held at, by the ways shops have.
std::array<std::pair<int, int>, 3> ways_to_hold(const NeckDesign& design) {
    return {{{1, design.body_joint_fret}, {0, design.body_joint_fret}, {1, design.frets}}};
}

} // namespace

NeckPages::NeckPages(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartPages(session, binder, view, parent) {
    add_scale_page();
    add_board_page();
    add_relief_page();
    add_frets_page();
}

void NeckPages::add_scale_page() {
    scales_ = new ChoiceRow(tr("Scale"), {{tr("one"), {}, {}}, {tr("fanned"), {}, {}}});
    picks(scales_, [this](int index) -> Picked {
        return Pick{index == 1 ? tr("fanned frets") : tr("one scale"),
                    with_scales(session_.document(), index == 1, session_.state().job.design.neck)};
    });
    perpendicular_ =
        labelled(field("neck.perpendicular_fret", tr("fret square to the centreline"), FieldKind::number,
                       neck([](const NeckDesign& n) { return n.perpendicular_fret; })),
                 tr("square at fret"));
    ValueField* frets = field("neck.frets", tr("number of frets"), FieldKind::whole,
                              neck([](const NeckDesign& n) { return static_cast<double>(n.frets); }));
    binder_.write(frets, [](const Value& document, const State&, double count) {
        // What is no whole number, or no number of frets at all, is refused by its key.
        if (count != std::round(count) || count < 1 || count > 1000)
            return with(document, "neck.frets", count);
        return with_frets(document, static_cast<int>(count));
    });
    add_page(
        tr("Scale"),
        {scales_, perpendicular_, labelled(frets, tr("frets")),
         labelled(field("neck.body_joint_fret", tr("fret at the body joint"), FieldKind::whole,
                        neck([](const NeckDesign& n) { return static_cast<double>(n.body_joint_fret); })),
                  tr("joint at fret"))});
}

void NeckPages::add_board_page() {
    shape_ = new ChoiceRow(tr("Board across"),
                           {{tr("flat"), {}, {}}, {tr("one radius"), {}, {}}, {tr("radius grows"), {}, {}}});
    picks(shape_, [this](int index) -> Picked {
        const std::array names{tr("flat board"), tr("board of one radius"), tr("board whose radius grows")};
        return Pick{names[static_cast<std::size_t>(index)],
                    with_board_shape(session_.document(), static_cast<BoardShape>(index),
                                     session_.state().job.design.neck)};
    });
    radius_at_ =
        labelled(field("neck.radius_end_at_mm", tr("where the end radius is read")), tr("radius read at"));
    add_page(
        tr("Board"),
        {shape_, radius_at_,
         labelled(field("neck.end_at_mm", tr("where the end width is read, from the nut line"),
                        FieldKind::length, neck([](const NeckDesign& n) {
                            const Neck made(n);
                            return n.end_at_mm.value_or(made.fret_x_mm(n.frets, n.mean_scale_mm()));
                        })),
                  tr("width read at")),
         labelled(field("neck.fret_end_bevel_mm", tr("fret ends in from the edge")), tr("fret ends in by"))});
}

void NeckPages::add_relief_page() {
    held_ = new ChoiceRow(tr("Straight string held at"), {{tr("fret 1 and the joint"), {}, {}},
                                                          {tr("nut and the joint"), {}, {}},
                                                          {tr("fret 1 and the last"), {}, {}}});
    picks(held_, [this](int index) -> Picked {
        const NeckDesign& design = session_.state().job.design.neck;
        const auto [from, to] = ways_to_hold(design)[static_cast<std::size_t>(index)];
        return Pick{tr("relief read between frets %1 and %2").arg(from).arg(to),
                    with_relief_between(session_.document(), Neck(design), from, to)};
    });
    reliefs_ = new QLabel;
    reliefs_->setProperty("caption", true);
    reliefs_->setAccessibleName(tr("The same neck read in other ways"));
    add_page(tr("Relief"), {held_, reliefs_});
}

void NeckPages::add_frets_page() {
    level_ = new QToolButton;
    level_->setText(tr("all level"));
    level_->setProperty("plain", true);
    level_->setToolTip(tr("No fret is higher or lower than the others, as after dressing them"));
    connect(level_, &QToolButton::clicked, this,
            [this] { commit(tr("all frets level"), without(session_.document(), "neck.fret_offsets_mm")); });
    add_page(tr("Frets"),
             {labelled(field("neck.fallaway_mm", tr("fallaway at the last fret")), tr("fallaway")), level_});
}

QString NeckPages::reliefs() const {
    const NeckDesign& design = session_.state().job.design.neck;
    const Neck made(design);
    QStringList lines;
    for (const auto& [from, to] : ways_to_hold(design)) {
        const int at = middle_fret(made, from, to);
        lines << tr("held at %1 and %2, read at %3: %4")
                     .arg(from)
                     .arg(to)
                     .arg(at)
                     .arg(length_with_unit(made.relief_depth_mm(from, at, to),
                                           session_.state().job.units.gap()));
    }
    return lines.join(QLatin1Char('\n'));
}

void NeckPages::show_state() {
    const NeckDesign& design = session_.state().job.design.neck;
    scales_->set_chosen(design.fanned() ? 1 : 0);
    perpendicular_->setVisible(design.fanned());
    shape_->set_chosen(static_cast<int>(design.shape));
    radius_at_->setVisible(design.shape == BoardShape::cone);
    int chosen = -1;
    const auto ways = ways_to_hold(design);
    for (int i = 0; i < static_cast<int>(ways.size()); ++i)
        if (design.relief &&
            std::pair(design.relief->from_fret, design.relief->to_fret) == ways[static_cast<std::size_t>(i)])
            chosen = i;
    held_->set_chosen(chosen);
    reliefs_->setText(reliefs());
    level_->setEnabled(!design.fret_offsets_mm.empty());
}

} // namespace fm
