#include "ui/station/nut/nut_station.h"

#include "core/solution/check.h"
#include "sheet/words/sheet_words.h"
#include "ui/look/texts.h"

namespace fm {

NutStation::NutStation(Session& session, const ViewState& view, QWidget* parent)
    : StationFrame(session, view, tr("Nut"), parent), drawings_(new QStackedWidget(drawing())),
      nut_(new NutCanvas(session, binder_, view, drawings_)),
      behind_(new NutBehindCanvas(session, binder_, view, drawings_)),
      pages_(new NutPages(session, binder_, view, this)), cut_list_(new CutList(session, view)) {
    connect(nut_, &NutCanvas::outer_toggled, pages_, &NutPages::toggle_outer);
    drawings_->addWidget(nut_);
    drawings_->addWidget(behind_);
    hold(drawings_, pages_);
    show_views({tr("found"), tr("target"), tr("behind it")}, tr("T, H"), tr("Which state is drawn"));
    connect(cut_list_, &CutList::string_picked, this, &NutStation::string_picked);
    connect(cut_list_, &CutList::number_picked, this, &NutStation::pick_number);
    connect(cut_list_, &CutList::datum_picked, this, [this](Datum datum) {
        Q_EMIT view_asked([datum](ViewState& shown) { shown.datum = datum; });
        Q_EMIT number_picked(QString::fromLatin1(key_of(datum)));
    });
    connect(cut_list_, &CutList::stage_picked, this, [this](CutStage stage) {
        Q_EMIT view_asked([stage](ViewState& shown) { shown.stage = stage; });
    });
    connect(cut_list_->model(), &CutListModel::not_understood, this, &NutStation::refused);
    connect(cut_list_->model(), &CutListModel::read, this,
            [this](int string, bool action, const WrittenLength& read) {
                const Design& design = session_.state().job.design;
                take(static_cast<std::size_t>(string), action ? action_way(design) : nut_way(design), read);
            });
}

void NutStation::pick_view(int view) {
    const bool behind = view == 2;
    Q_EMIT view_asked([behind, found = view == 0](ViewState& shown) {
        shown.behind = behind;
        if (!behind) shown.side = found ? NutSide::found : NutSide::target;
    });
    if (behind) canvas()->setFocus();
}

void NutStation::bring(const QWidget* field) {
    const bool behind = behind_->isAncestorOf(field);
    Q_EMIT view_asked([behind](ViewState& shown) { shown.behind = behind; });
}

QString NutStation::note(std::size_t string) {
    return cut_list_->model()->feeler_words(static_cast<int>(string));
}

void NutStation::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Unit unit = state.job.units.small();
    QString facts = QString::fromStdString(material_name(design.nut.material)).left(40);
    if (const auto& blank = design.nut.blank) {
        const auto shown = [unit](double mm) { return length_short(mm, unit); };
        facts += QStringLiteral(" ") +
                 tr("blank %1 × %2 × %3")
                     .arg(shown(blank->length_mm), shown(blank->height_mm), shown(blank->thickness_mm));
    }
    show_facts({facts});
    choose_view(view_.behind ? 2 : view_.side == NutSide::found ? 0 : 1);
    Doubts doubts;
    const auto read = [](const KnownString& known) { return known.above_fret_line_mm.has_value(); };
    if (view_.side == NutSide::found && std::none_of(state.known.begin(), state.known.end(), read))
        doubts.push_back(
            {tr("nothing read yet: enter gap and action in the cut list of the fitted nut"), {}});
    for (const Doubt& doubt : doubts_that(about_the_nut)) doubts.push_back(doubt);
    show_doubts(doubts);
    binder_.refresh();
    pages_->refresh();
    drawings_->setCurrentIndex(view_.behind ? 1 : 0);
    canvas()->refresh();
    cut_list_->refresh();
}

namespace {

bool is_read(const State& state) {
    return std::any_of(state.known.begin(), state.known.end(),
                       [](const auto& k) { return k.above_fret_line_mm.has_value(); });
}

/// What a nut found so calls for next.
QString next_at_nut(const State& state) {
    if (!is_read(state)) return StationWords::tr("Fret tops onto the blank");
    if (!state.nut) return StationWords::tr("Read the gaps over fret 1");
    switch (state.nut->step.decision.choice) {
    case NutChoice::leave: return StationWords::tr("Leave it: within the gauge");
    case NutChoice::file: return StationWords::tr("File to the gaps wanted");
    case NutChoice::below: return StationWords::tr("Take it down from below");
    case NutChoice::fill: return StationWords::tr("Fill the low or wide slots");
    case NutChoice::shim:
        return state.job.design.nut.clamping ? StationWords::tr("Raise the nut on shims")
                                             : StationWords::tr("Shim the nut, then file");
    case NutChoice::replace: return StationWords::tr("Make a new nut");
    case NutChoice::choose: return StationWords::tr("Shim or fill: decide");
    }
    return {};
}

QString nut_state(const State& state) {
    const auto strings = static_cast<int>(state.job.design.strings.size());
    if (strings == 1)
        return is_read(state) ? StationWords::tr("read, 1 slot") : StationWords::tr("1 slot to cut");
    return is_read(state) ? StationWords::tr("read, %1 slots").arg(strings)
                          : StationWords::tr("%1 slots to cut").arg(strings);
}

QString first_nut_number(const State& state, const ViewState& view) {
    if (!view.behind) return QString::fromLatin1(key_of(view.datum));
    return state.job.design.nut.posts.empty() ? QStringLiteral("floor_angle_deg")
                                              : QStringLiteral("nut_break_angle_deg");
}

} // namespace

StationKind nut_kind() {
    return {Station::nut,
            StationWords::tr("Nut"),
            StationWords::tr("The nut: spacing, heights, slots (Alt+4)"),
            StationWords::tr("N&ut"),
            StationWords::tr("Go to the nut"),
            nut_state,
            is_read,
            next_at_nut,
            [](const Design& design) { return caution_of(design.nut.material); },
            first_nut_number,
            [](Session& session, const ViewState& view, QWidget* parent) -> WindowPage* {
                return new NutStation(session, view, parent);
            }};
}

} // namespace fm
