#include "ui/frame/station_frame.h"

#include "core/design/assumed.h"
#include "job/edits/edits.h"
#include "sheet/drawing/fonts.h"
#include "ui/look/reading_text.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QResizeEvent>
#include <QStackedWidget>
#include <QVBoxLayout>

#include <algorithm>

namespace fm {

StationFrame::StationFrame(Session& session, const ViewState& view, const QString& title, QWidget* parent)
    : WindowPage(parent), session_(session), view_(view), binder_(session), column_(new QVBoxLayout(this)),
      facts_(new QLabel), doubts_(new QLabel), drawing_(new QStackedWidget(this)) {
    column_->setContentsMargins(0, 8, 0, 0);
    column_->setSpacing(2);
    auto* head = head_ = new QHBoxLayout;
    head->setContentsMargins(24, 0, 16, 0);
    head->setSpacing(14);
    auto* name = new QLabel(title);
    QFont font = shipped_font(true);
    font.setPixelSize(26);
    name->setFont(font);
    head->addWidget(name);
    facts_->setProperty("caption", true);
    facts_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    head->addWidget(facts_, 1);
    column_->addLayout(head);
    doubts_->setContentsMargins(24, 0, 16, 0);
    doubts_->setWordWrap(true);
    doubts_->setProperty("warning", true);
    doubts_->setTextFormat(Qt::RichText);
    doubts_->setTextInteractionFlags(Qt::LinksAccessibleByMouse | Qt::LinksAccessibleByKeyboard);
    facts_->installEventFilter(this);
    connect(doubts_, &QLabel::linkActivated, this, [this](const QString& where) {
        if (where != QLatin1String("#")) return Q_EMIT doubt_followed(where);
        all_doubts_ = !all_doubts_;
        show_doubts(doubts_shown_);
    });
    column_->addWidget(doubts_);
}

void StationFrame::hold(QWidget* canvas, PartPages* pages) {
    pages_ = pages;
    drawing_->addWidget(canvas);
    table_ = new DrawingTable(this);
    drawing_->addWidget(table_);
    column_->addWidget(drawing_, 1);
    column_->addWidget(pages);
    connect(pages, &PartPages::refused, this, &StationFrame::refused);
    connect(pages, &PartPages::compare_asked, this, &StationFrame::compare_asked);
    connect(table_->rows(), &DrawingTableModel::refused, this, &StationFrame::refused);
    connect(table_, &DrawingTable::number_picked, this, &StationFrame::pick_number);
    for (PartCanvas* each : canvases()) {
        connect(each, &PartCanvas::string_picked, this, &StationFrame::string_picked);
        for (ValueField* field : each->findChildren<ValueField*>())
            connect(field, &ValueField::measured, this, [this, field] { ask_behind(field); });
        connect(each, &PartCanvas::string_stepped, this, [this](int by) {
            const auto count = static_cast<int>(session_.state().job.design.strings.size());
            Q_EMIT string_picked(
                static_cast<std::size_t>(std::clamp(static_cast<int>(view_.string) + by, 0, count - 1)));
        });
        connect(each, &PartCanvas::number_picked, this, [this](const QString& name) {
            if (!name.isEmpty()) Q_EMIT number_picked(name);
        });
    }
    if (!list()) return;
    connect(list(), &NumbersList::number_picked, this, &StationFrame::pick_number);
    connect(list()->model(), &NumbersModel::not_understood, this, &StationFrame::refused);
}

void StationFrame::ask() {
    ask_behind(nullptr);
}

void StationFrame::ask_behind(ValueField* field) {
    const QList<ValueField*> fields = canvas()->findChildren<ValueField*>();
    const qsizetype from = field ? fields.indexOf(field) + 1 : 0;
    for (qsizetype i = 0; i < fields.size(); ++i) {
        ValueField* next = fields[(from + i) % fields.size()];
        if (next->isVisible() && next->is_assumed()) return next->setFocus(Qt::TabFocusReason);
    }
}

void StationFrame::pick_number(const QString& key) {
    if (const auto number = number_of_key(session_.state().solution, key.toStdString()))
        Q_EMIT number_picked(QString::fromStdString(number->name()));
}

void StationFrame::take(std::size_t string, const ReadingWay& way, const WrittenLength& read) {
    const Design& design = session_.state().job.design;
    const QString name =
        tr("reading %1, %2")
            .arg(QString::fromStdString(design.string_name(string)),
                 reading_said(read, session_.state().job.units.of(length_kind_of(way.part))));
    const auto problems =
        session_.commit(name, with_reading(session_.document(), design.strings.size(), {string, way, read},
                                           session_.sitting().toStdString()));
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
    const std::string key = "readings.strings[" + std::to_string(string) + "]";
    for (const Message& doubt : session_.state().reading_doubts)
        if (doubt.where == key) Q_EMIT refused(message_text(doubt, session_.state().job.units));
}

void StationFrame::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    pages_->setFixedHeight(height() < 520 ? 128
                                          : pages_height()); // the drawing comes first where room is short
}

bool StationFrame::eventFilter(QObject* watched, QEvent* event) {
    if (watched == facts_ && event->type() == QEvent::Resize) fit_facts();
    return QWidget::eventFilter(watched, event);
}

void StationFrame::show_facts(QStringList facts) {
    if (session_.read_only()) facts << tr("for reading only");
    const Design& design = session_.state().job.design;
    const QList<ValueField*> fields =
        design.assumed.empty() ? QList<ValueField*>() : canvas()->findChildren<ValueField*>();
    if (std::any_of(fields.begin(), fields.end(), [&](const ValueField* field) {
            return fm::is_assumed(design, field->key().toStdString());
        }))
        facts << tr("≈ is assumed: type what you read, Enter leads on");
    said_facts_ = facts.join(QStringLiteral(" · "));
    fit_facts();
}

void StationFrame::fit_facts() {
    const QString fitted = facts_->fontMetrics().elidedText(said_facts_, Qt::ElideRight, facts_->width());
    if (facts_->text() == fitted) return;
    facts_->setText(fitted);
    facts_->setToolTip(fitted == said_facts_ ? QString() : said_facts_);
    facts_->setAccessibleName(said_facts_);
}

void StationFrame::show_views(const QStringList& names, const QString& shortcut, const QString& label) {
    std::vector<ChoiceRow::Option> options;
    for (const QString& name : names) options.push_back({name, {}, shortcut});
    views_ = new ChoiceRow({}, options);
    views_->setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    views_->setAccessibleName(label);
    head_->addWidget(views_);
    connect(views_, &ChoiceRow::picked, this, &StationFrame::pick_view);
}

StationFrame::Doubts StationFrame::doubts_of(const std::vector<Message>& messages) const {
    Doubts doubts;
    for (const Message& message : messages)
        doubts.push_back(
            {message_text(message, session_.state().job.units), QString::fromStdString(message.where)});
    return doubts;
}

StationFrame::Doubts StationFrame::doubts_that(bool (*belongs)(const Message&)) const {
    std::vector<Message> mine;
    for (const Message& message : session_.state().solution.warnings)
        if (message.severity == Severity::error || belongs(message)) mine.push_back(message);
    return doubts_of(mine);
}

void StationFrame::show_doubts(const Doubts& doubts) {
    doubts_shown_ = doubts;
    doubts_->setVisible(!doubts.empty());
    if (doubts.empty()) all_doubts_ = false;
    const QString colour = theme().warning.name();
    QString said = colour + QString::number(all_doubts_);
    for (const Doubt& doubt : doubts) said += doubt.text + doubt.where;
    if (doubts.empty() || said == doubts_said_) return; // laying out rich text takes its time
    doubts_said_ = said;
    const std::size_t shown = all_doubts_ ? doubts.size() : 1;
    QStringList lines;
    QStringList plain;
    for (std::size_t i = 0; i < doubts.size(); ++i) {
        plain << doubts[i].text;
        if (i >= shown) continue;
        const QString text = doubts[i].text.toHtmlEscaped();
        lines << QStringLiteral("▲ ") +
                     (doubts[i].where.isEmpty()
                          ? text
                          : QStringLiteral("<a href='%1' style='color:%2; text-decoration:none'>%3</a>")
                                .arg(doubts[i].where.toHtmlEscaped(), colour, text));
    }
    if (doubts.size() > 1) {
        const int hidden = static_cast<int>(doubts.size()) - 1;
        lines.back() +=
            QStringLiteral("&nbsp; <a href='#' style='color:%1'>%2</a>")
                .arg(colour, all_doubts_ ? tr("only the first") : tr("and %n more", nullptr, hidden));
    }
    doubts_->setText(lines.join(QStringLiteral("<br>")));
    doubts_->setToolTip(plain.join(QLatin1Char('\n')));
    doubts_->setAccessibleName(tr("Doubts: %1").arg(plain.join(QStringLiteral("; "))));
}

void StationFrame::show_table(bool shown) {
    if (shown) table_->refresh(canvas(), pages());
    drawing_->setCurrentIndex(shown ? 1 : 0);
}

} // namespace fm
