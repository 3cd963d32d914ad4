#include "ui/nut_station.h"

#include "core/check.h"
#include "sheet/fonts.h"
#include "sheet/nut_sheet.h"
#include "ui/texts.h"
#include "ui/theme.h"

#include <QVBoxLayout>

namespace fm {

NutStation::NutStation(Session& session, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), view_(view), binder_(session), facts_(new QLabel),
      doubts_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 8, 0, 0);
    column->setSpacing(2);
    auto* head = new QHBoxLayout;
    head->setContentsMargins(24, 0, 16, 0);
    head->setSpacing(14);
    auto* title = new QLabel(tr("Nut"));
    QFont font = shipped_font(true);
    font.setPixelSize(26);
    title->setFont(font);
    head->addWidget(title);
    facts_->setProperty("caption", true);
    facts_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    head->addWidget(facts_, 1);
    side_ = new ChoiceRow({}, {{tr("found"), {}, tr("T")}, {tr("target"), {}, tr("T")}});
    side_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    side_->setAccessibleName(tr("Which state is drawn"));
    head->addWidget(side_);
    column->addLayout(head);
    doubts_->setContentsMargins(24, 0, 16, 0);
    doubts_->setWordWrap(true);
    doubts_->setProperty("warning", true);
    column->addWidget(doubts_);
    canvas_ = new NutCanvas(session, binder_, view);
    pages_ = new NutPages(session, binder_, view);
    column->addWidget(canvas_, 1);
    column->addWidget(pages_);
    connect(canvas_, &NutCanvas::outer_toggled, pages_, &NutPages::toggle_outer);
    connect(side_, &ChoiceRow::picked, this,
            [this](int index) { Q_EMIT side_picked(index == 0 ? NutSide::found : NutSide::target); });
}

void NutStation::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    pages_->setFixedHeight(height() < 520 ? 128 : 184); // the drawing comes first where room is short
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
    if (session_.read_only()) facts += QStringLiteral(" · ") + tr("for reading only");
    facts_->setText(facts);
    side_->set_chosen(view_.side == NutSide::found ? 0 : 1);
    QStringList doubts;
    const auto read = [](const KnownString& known) { return known.above_fret_line_mm.has_value(); };
    if (view_.side == NutSide::found && std::none_of(state.known.begin(), state.known.end(), read))
        doubts << tr("nothing read yet: enter gap and action in the cut list of the fitted nut");
    for (const Message& message : state.solution.warnings)
        if (message.severity == Severity::error || about_the_nut(message))
            doubts << message_text(message, unit);
    const auto count = doubts.size();
    doubts_->setVisible(count > 0);
    if (count > 0)
        doubts_->setText(QStringLiteral("▲ ") + doubts.front() +
                         (count > 1
                              ? QStringLiteral("  ") + tr("and %n more", nullptr, static_cast<int>(count) - 1)
                              : QString()));
    doubts_->setToolTip(doubts.join(QLatin1Char('\n')));
    binder_.refresh();
    pages_->refresh();
    canvas_->refresh();
}

} // namespace fm
