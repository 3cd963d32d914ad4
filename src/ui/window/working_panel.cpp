#include "ui/window/working_panel.h"

#include "core/solution/uncertainty.h"
#include "core/words/length_kind.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QCoreApplication>
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
    constexpr int typing_pauses_ms = 120;
    pause_.setSingleShot(true);
    pause_.setInterval(typing_pauses_ms);
    connect(&pause_, &QTimer::timeout, this, &WorkingBar::ask_how_sure);
}

void WorkingBar::show_number(const QString& key, const QString& note) {
    key_ = key;
    note_ = note;
    refresh();
}

void WorkingBar::refresh() {
    line_->clear();
    worked_.reset();
    how_sure_.reset();
    asking_.stop(); // an answer on its way belongs to what was asked before
    asked_.reset();
    pause_.stop();
    if (!session_.is_open()) return sure_->clear();
    const State& state = session_.state();
    const std::string key = key_.toStdString();
    const auto number = number_of_key(state.solution, key);
    worked_ = working(state.work_design, state.solution, key);
    if (!number || !worked_) return sure_->clear();
    show_line();
    line_->setToolTip(tr("Space shows the whole working"));
    show_sure();
    asked_ = *number;
    pause_.start();
}

/// The working on one line, or two in a narrow window; what does not fit is in the whole working.
void WorkingBar::show_line() {
    if (!worked_) return;
    const QString text = name_of(*worked_) + working_line(*worked_, unit());
    const int lines = height() >= 78 ? 2 : 1;
    const double share = lines > 1 ? 0.94 : 1.0; // words break before the edge
    line_->setText(line_->fontMetrics().elidedText(text, Qt::ElideRight,
                                                   static_cast<int>(share * lines * (width() - 48))));
}

QString WorkingBar::name_of(const Working& worked) const {
    if (!worked.string) return {};
    return QString::fromStdString(session_.state().job.design.string_name(*worked.string)) + QLatin1Char(' ');
}

Unit WorkingBar::unit() const {
    return session_.state().job.units.of(length_kind_of(key_.toStdString()));
}

void WorkingBar::ask_now() {
    if (!pause_.isActive()) return;
    pause_.stop();
    ask_how_sure();
}

void WorkingBar::ask_how_sure() {
    if (!asked_ || !session_.is_open()) return;
    asking_.ask(
        [state = session_.shared_state(), number = *asked_](const std::atomic<bool>&) {
            return uncertainties(state->work_design, state->solution, {number}).front();
        },
        [this](const Uncertainty& sure) {
            how_sure_ = sure;
            show_sure();
        });
}

void WorkingBar::show_sure() {
    const Unit unit = this->unit();
    QStringList parts;
    if (!how_sure_) {
        parts << QStringLiteral("± …");
    } else if (!how_sure_->contributions.empty()) { // what is wanted, and not measured, has no ±
        const Contribution& most = how_sure_->contributions.front();
        parts << QStringLiteral("± ") + term_value(how_sure_->standard, worked_->kind, unit) +
                     tr(", most of it from: %1, %2").arg(translated(most.name), words_of(most.gauge_id));
    }
    if (!note_.isEmpty()) parts << note_;
    sure_->setText(parts.join(QStringLiteral(" · ")));
    if (whole_->isVisible()) show_whole(true);
}

QString WorkingBar::whole_text() const {
    if (!worked_) return {};
    const std::optional<Working>& worked = worked_;
    const Unit unit = this->unit();
    const auto cell = [](const QString& text, const char* align) {
        return QStringLiteral("<td align='%1' style='padding: 2px 14px 2px 0'>%2</td>")
            .arg(QLatin1String(align), text.toHtmlEscaped());
    };
    QString html = QStringLiteral("<b>") + name_of(*worked).toHtmlEscaped() +
                   translated(worked->title).toHtmlEscaped() + QStringLiteral("</b><br>") +
                   translated(worked->formula).toHtmlEscaped() + QStringLiteral("<table>");
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
        html += QStringLiteral("<tr>") + cell(sign, "left") + cell(translated(term.name), "left") +
                cell(term_value(term.value, term.kind, unit), "right") + cell(from, "left") +
                QStringLiteral("</tr>");
    }
    html += QStringLiteral("<tr>") + cell(QStringLiteral("="), "left") +
            cell(translated(worked->title), "left") +
            cell(term_value(worked->result, worked->kind, unit), "right") +
            cell(worked->kind == TermKind::length ? unit_text(unit) : QString(), "left") +
            QStringLiteral("</tr></table>");
    if (!how_sure_ || how_sure_->contributions.empty()) return html;
    const Uncertainty& sure = *how_sure_;
    html += tr("How sure: ± %1").arg(term_value(sure.standard, worked->kind, unit)).toHtmlEscaped();
    for (const Contribution& part : sure.contributions)
        html += QStringLiteral("<br>") + tr("%1 (%2): ± %3")
                                             .arg(translated(part.name), words_of(part.gauge_id),
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
    show_line();
    if (whole_->isVisible()) place_whole();
}

void WorkingBar::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().side);
    painter.setPen(theme().hairline);
    painter.drawLine(0, 0, width(), 0);
}

} // namespace fm
