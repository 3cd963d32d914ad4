#include "ui/working_panel.h"

#include "core/uncertainty.h"
#include "sheet/fonts.h"
#include "ui/texts.h"
#include "ui/theme.h"

#include <QPainter>
#include <QResizeEvent>
#include <QVBoxLayout>

namespace fm {

WorkingBar::WorkingBar(const Session& session, QWidget* parent)
    : QFrame(parent), session_(session), line_(new QLabel), sure_(new QLabel) {
    setAttribute(Qt::WA_OpaquePaintEvent);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 8, 20, 8);
    column->setSpacing(2);
    column->addWidget(line_);
    column->addWidget(sure_);
    sure_->setProperty("caption", true);
    line_->setAccessibleName(tr("Working"));
    line_->setWordWrap(true);
    for (QLabel* label : {line_, sure_}) label->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    whole_ = new QLabel(parent ? parent->window() : nullptr);
    whole_->hide();
    whole_->setMargin(16);
    whole_->setWordWrap(true);
    whole_->setTextFormat(Qt::RichText);
    whole_->setAccessibleName(tr("The whole working"));
}

void WorkingBar::show_number(const QString& key, const QString& note) {
    key_ = key;
    note_ = note;
    refresh();
}

void WorkingBar::refresh() {
    line_->clear();
    sure_->clear();
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const std::string key = key_.toStdString();
    const auto parsed = parsed_key(key);
    const auto worked = working(state.job.design, state.solution, key);
    if (!parsed || !worked) return;
    line_->setText(QString::fromStdString(state.job.design.string_name(parsed->string)) + QLatin1Char(' ') +
                   working_line(*worked, state.job.unit));
    line_->setToolTip(tr("Space shows the whole working"));
    const Uncertainty sure = uncertainties(state.job.design, {*parsed}).front();
    QString text = QStringLiteral("± ") + term_value(sure.standard, worked->kind, state.job.unit);
    if (!sure.contributions.empty()) {
        const Contribution& most = sure.contributions.front();
        text += tr(", most of it from: %1, %2").arg(words_of(most.name_id), words_of(most.gauge_id));
    }
    if (!note_.isEmpty()) text += QStringLiteral(" · ") + note_;
    sure_->setText(text);
    if (whole_->isVisible()) show_whole(true);
}

QString WorkingBar::whole_text() const {
    const State& state = session_.state();
    const std::string key = key_.toStdString();
    const auto parsed = parsed_key(key);
    const auto worked = working(state.job.design, state.solution, key);
    if (!parsed || !worked) return {};
    const Unit unit = state.job.unit;
    const auto cell = [](const QString& text, const char* align) {
        return QStringLiteral("<td align='%1' style='padding: 2px 14px 2px 0'>%2</td>")
            .arg(QLatin1String(align), text.toHtmlEscaped());
    };
    QString html = QStringLiteral("<b>") +
                   QString::fromStdString(state.job.design.string_name(parsed->string)).toHtmlEscaped() +
                   QLatin1Char(' ') + words_of(worked->title_id).toHtmlEscaped() +
                   QStringLiteral("</b><br>") + words_of(worked->formula_id).toHtmlEscaped() +
                   QStringLiteral("<table>");
    for (const Term& term : worked->terms) {
        const QString sign = term.sign == ' '   ? QString()
                             : term.sign == '-' ? QStringLiteral("−")
                             : term.sign == '*' ? QStringLiteral("×")
                                                : QStringLiteral("+");
        const Value* written =
            term.key.empty() || term.computed ? nullptr : fm::find(session_.document(), term.key);
        const QString from = term.computed      ? tr("computed")
                             : written          ? tr("your figure in the job")
                             : term.key.empty() ? QString()
                             : fm::find(session_.document(), term.key.substr(0, term.key.rfind('.')))
                                 ? tr("from the job, or its usual value")
                                 : tr("the usual value");
        html += QStringLiteral("<tr>") + cell(sign, "left") + cell(words_of(term.name_id), "left") +
                cell(term_value(term.value, term.kind, unit), "right") + cell(from, "left") +
                QStringLiteral("</tr>");
    }
    html += QStringLiteral("<tr>") + cell(QStringLiteral("="), "left") +
            cell(words_of(worked->title_id), "left") +
            cell(term_value(worked->result, worked->kind, unit), "right") +
            cell(worked->kind == TermKind::length ? unit_text(unit) : QString(), "left") +
            QStringLiteral("</tr></table>");
    const Uncertainty sure = uncertainties(state.job.design, {*parsed}).front();
    html += tr("How sure: ± %1").arg(term_value(sure.standard, worked->kind, unit)).toHtmlEscaped();
    for (const Contribution& part : sure.contributions)
        html += QStringLiteral("<br>") + tr("%1 (%2): ± %3")
                                             .arg(words_of(part.name_id), words_of(part.gauge_id),
                                                  term_value(std::abs(part.change), worked->kind, unit))
                                             .toHtmlEscaped();
    return html;
}

void WorkingBar::show_whole(bool shown) {
    const QString text = shown && session_.is_open() ? whole_text() : QString();
    if (text.isEmpty()) {
        whole_->hide();
        return;
    }
    if (!whole_->parentWidget() || whole_->parentWidget() != window()) whole_->setParent(window());
    whole_->setStyleSheet(QStringLiteral("QLabel { background: %1; color: %2; border: 1px solid %2; }")
                              .arg(theme().list.name(), theme().ink.name()));
    whole_->setText(text);
    place_whole();
    whole_->show();
    whole_->raise();
}

void WorkingBar::place_whole() {
    const int wide = std::min(620, window()->width() - 40);
    whole_->setFixedWidth(wide);
    whole_->adjustSize();
    const QPoint corner = mapTo(window(), QPoint(24, 0));
    whole_->move(std::min(corner.x(), window()->width() - wide - 16), corner.y() - whole_->height() - 6);
}

void WorkingBar::resizeEvent(QResizeEvent* event) {
    QFrame::resizeEvent(event);
    if (whole_->isVisible()) place_whole();
}

void WorkingBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().side);
    painter.setPen(theme().hairline);
    painter.drawLine(0, 0, width(), 0);
}

} // namespace fm
