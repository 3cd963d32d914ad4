#include "ui/station/nut/nut_station.h"

#include "core/solution/check.h"
#include "sheet/words/sheet_words.h"
#include "ui/look/texts.h"

namespace fm {

NutStation::NutStation(Session& session, const ViewState& view, QWidget* parent)
    : StationFrame(session, view, tr("Nut"), parent), nut_(new NutCanvas(session, binder_, view)),
      behind_(new NutBehindCanvas(session, binder_, view)), drawings_(new QStackedWidget),
      pages_(new NutPages(session, binder_, view)) {
    connect(nut_, &NutCanvas::outer_toggled, pages_, &NutPages::toggle_outer);
    drawings_->addWidget(nut_);
    drawings_->addWidget(behind_);
    hold(drawings_, pages_);
    show_views({tr("found"), tr("target"), tr("behind it")}, tr("T, H"), tr("Which state is drawn"));
}

void NutStation::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Unit unit = state.job.unit;
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
}

} // namespace fm
