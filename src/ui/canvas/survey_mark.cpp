#include "ui/canvas/survey_mark.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

namespace fm {

SurveyMarkButton::SurveyMarkButton(std::size_t point, QWidget* parent)
    : QAbstractButton(parent), point_(point) {
    resize(side_px, side_px);
    setFocusPolicy(Qt::NoFocus); // the arrows of the drawing walk them
    setObjectName(QStringLiteral("survey.") +
                  QString::fromLatin1(survey_points()[point].word.data(),
                                      static_cast<qsizetype>(survey_points()[point].word.size())));
}

void SurveyMarkButton::show_mark(std::optional<SurveyMark> mark, bool chosen) {
    mark_ = mark;
    chosen_ = chosen;
    const QString state = !mark                           ? tr("not looked at")
                          : *mark == SurveyMark::fine     ? tr("fine")
                          : *mark == SurveyMark::doubtful ? tr("doubtful")
                                                          : tr("found");
    const QString name =
        tr("%1 · %2: %3").arg(point_ + 1).arg(words_of(survey_points()[point_].name_id()), state);
    setAccessibleName(name);
    setToolTip(name);
    update();
}

void SurveyMarkButton::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& look = theme();
    const QPointF middle(0.5 * width(), 0.5 * height());
    const bool found = mark_ == SurveyMark::found;
    const bool doubtful = mark_ == SurveyMark::doubtful;
    painter.setPen(QPen(found || doubtful ? look.warning : look.ink, mark_ ? 2.0 : 1.0));
    painter.setBrush(found ? look.warning : look.list);
    if (found || doubtful) // full, or only its outline
        painter.drawPolygon(QPolygonF{middle + QPointF(0, -15), middle + QPointF(15, 0),
                                      middle + QPointF(0, 15), middle + QPointF(-15, 0)});
    else
        painter.drawEllipse(middle, 12, 12);
    QFont font = shipped_font(true);
    font.setPixelSize(13);
    painter.setFont(font);
    painter.setPen(found ? look.list : look.ink);
    painter.drawText(rect(), Qt::AlignCenter, QString::number(point_ + 1));
    if (mark_ == SurveyMark::fine) { // a tick over the ring's shoulder
        painter.setPen(QPen(look.list, 6));
        const QPolygonF tick{middle + QPointF(6, -9), middle + QPointF(9, -6), middle + QPointF(15, -14)};
        painter.drawPolyline(tick);
        painter.setPen(QPen(look.ink, 2.5));
        painter.drawPolyline(tick);
    }
    if (!chosen_) return;
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(look.yours, 2));
    painter.drawRect(rect().adjusted(1, 1, -1, -1));
}

} // namespace fm
