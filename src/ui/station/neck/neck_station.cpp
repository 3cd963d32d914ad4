#include "ui/station/neck/neck_station.h"

#include "core/solution/check.h"
#include "job/edits/neck_edits.h"
#include "sheet/views/neck_views.h"
#include "ui/look/texts.h"

namespace fm {

namespace {

NumberRows fret_rows() {
    return {NeckStation::tr("fret"),
            [](const State& s) { return static_cast<std::size_t>(s.job.design.neck.frets); },
            [](const State&, std::size_t i) { return QString::number(i + 1); }, false};
}

std::vector<NumberColumn> fret_columns(bool fanned) {
    const auto distance = [](bool bass) {
        return [bass](const State& s, std::size_t i) -> std::optional<double> {
            const Neck& neck = s.neck;
            return neck.fret_x_mm(static_cast<int>(i) + 1,
                                  bass ? s.job.design.neck.scale_bass_mm : s.job.design.neck.scale_treble_mm);
        };
    };
    const NumberColumn top{NeckStation::tr("top"),
                           [](const State& s, std::size_t i) -> std::optional<double> {
                               return centre_top_mm(s.neck, static_cast<int>(i) + 1);
                           }};
    NumberColumn offset{NeckStation::tr("higher"),
                        [](const State& s, std::size_t i) -> std::optional<double> {
                            const auto& offsets = s.job.design.neck.fret_offsets_mm;
                            return offsets.empty() ? 0.0 : offsets[i];
                        },
                        nullptr, Tone::yours};
    offset.typed = true;
    if (!fanned) return {{NeckStation::tr("from nut"), distance(true), nullptr, Tone::strong}, top, offset};
    return {{NeckStation::tr("bass"), distance(true), nullptr, Tone::strong},
            {NeckStation::tr("treble"), distance(false), nullptr, Tone::strong},
            top,
            offset};
}

} // namespace

NeckStation::NeckStation(Session& session, const ViewState& view, QWidget* parent)
    : StationFrame(session, view, tr("Neck"), parent),
      canvas_(new NeckCanvas(session, binder_, view, drawing())),
      pages_(new NeckPages(session, binder_, view, this)),
      list_(new NumbersList(session, view, tr("Frets"), {}, fret_rows())) {
    hold(canvas_, pages_);
    const auto pick_fret = [this](int fret) {
        Q_EMIT view_asked([fret](ViewState& shown) { shown.fret = fret; });
    };
    connect(canvas_, &NeckCanvas::fret_picked, this, pick_fret);
    connect(list_, &NumbersList::row_picked, this,
            [pick_fret](std::size_t row) { pick_fret(static_cast<int>(row) + 1); });
    connect(list_->model(), &NumbersModel::typed, this,
            [this](int row, const WrittenLength& read) { set_offset(row + 1, read.mm); });
}

void NeckStation::set_offset(int fret, double mm) {
    const State& state = session_.state();
    const QString name =
        tr("fret %1 higher by %2").arg(fret).arg(length_with_unit(mm, state.job.units.gap()));
    const auto problems =
        session_.commit(name, with_fret_offset(session_.document(), state.job.design.neck.frets, fret, mm));
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
}

void NeckStation::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const NeckDesign& neck = state.job.design.neck;
    QStringList facts{tr("%1 frets, joint at %2").arg(neck.frets).arg(neck.body_joint_fret)};
    if (!neck.fret_offsets_mm.empty()) facts << tr("frets not level");
    show_facts(facts);
    show_doubts(doubts_that(about_the_neck));
    binder_.refresh();
    pages_->refresh();
    canvas_->refresh();
    if (columns_fanned_ != neck.fanned()) {
        columns_fanned_ = neck.fanned();
        list_->set_columns(fret_columns(neck.fanned()));
    }
    list_->set_foot(tr("top: over the body's fret plane, on the centreline"));
    list_->refresh();
}

namespace {

QString next_at_neck(const State& state) {
    if (!state.found.relief) return StationWords::tr("Read the relief");
    if (!state.plan || state.plan->relief.left())
        return StationWords::tr("Leave the relief: within the gauge");
    const double more_mm = *state.plan->relief.to_mm - state.plan->relief.from->depth_mm;
    return more_mm < 0 ? StationWords::tr("Tighten the rod: less relief")
                       : StationWords::tr("Slacken the rod: more relief");
}

} // namespace

StationKind neck_kind() {
    return {Station::neck,
            StationWords::tr("Neck"),
            StationWords::tr("The neck: scale, frets, board, relief (Alt+2)"),
            StationWords::tr("Nec&k"),
            StationWords::tr("Go to the neck"),
            [](const State& state) {
                const auto& relief = state.job.design.neck.relief;
                return relief ? StationWords::tr("relief %1")
                                    .arg(length_with_unit(relief->depth_mm, state.job.units.gap()))
                              : StationWords::tr("straight");
            },
            [](const State& state) { return state.job.design.neck.relief.has_value(); },
            next_at_neck,
            [](const Design&) {
                return StationWords::tr(
                    "Truss rod: small turns, stop when it binds, know its direction. When unsure, "
                    "ask a trained repairer.");
            },
            [](const State&, const ViewState&) { return QStringLiteral("scale_mm"); },
            [](Session& session, const ViewState& view, QWidget* parent) -> WindowPage* {
                return new NeckStation(session, view, parent);
            }};
}

} // namespace fm
