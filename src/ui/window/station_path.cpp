#include "ui/window/station_path.h"

#include "core/design/assumed.h"
#include "settings/settings.h"
#include "sheet/drawing/fonts.h"
#include "ui/field/decision_bar.h"
#include "ui/field/stop_bar.h"
#include "ui/look/restyle.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QFileInfo>
#include <QGridLayout>
#include <QMenu>
#include <QPainter>
#include <QStyleOptionToolButton>
#include <QStylePainter>
#include <QToolButton>
#include <QVBoxLayout>

#include <algorithm>

namespace fm {

namespace {

constexpr int state_left = 56;    // left of a station's state, and a little room at its right
constexpr int name_left = 4;      // in its row
constexpr int state_px = 17;      // the line beneath a name
constexpr int short_height = 740; // below it rows are low
constexpr int short_row = 38;
constexpr int tall_row = 49;
constexpr int longest_shown = 60; // of a title or an owner; a file may hold megabytes

/// The part of a row that its name has, the rest is its state's: both close together, rows apart.
int name_high(int row) {
    return row - state_px - (row >= tall_row ? 4 : 0);
}

/// Its name at the left and above: the state stands beneath.
class StationButton : public QToolButton {
protected:
    void paintEvent(QPaintEvent*) override {
        QStylePainter painter(this);
        QStyleOptionToolButton option;
        initStyleOption(&option);
        const QString text = std::exchange(option.text, QString());
        painter.drawComplexControl(QStyle::CC_ToolButton, option);
        painter.setFont(font());
        painter.setPen(palette().color(QPalette::ButtonText));
        const bool alone = layout() == nullptr;
        const int under = alone ? 0 : height() - name_high(height());
        painter.drawText(rect().adjusted(name_left, 0, 0, -under),
                         static_cast<int>(alone ? Qt::AlignCenter : Qt::AlignBottom | Qt::AlignLeft), text);
    }
};

QToolButton* bare_button(const QString& text, const QString& tip) {
    auto* button = new StationButton;
    button->setText(text);
    button->setToolTip(tip);
    button->setAutoRaise(true);
    button->setMinimumHeight(32);
    button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    button->setToolButtonStyle(Qt::ToolButtonTextOnly);
    button->setStyleSheet(
        QStringLiteral("QToolButton { border: none; padding: 0 6px 0 0; text-align: left; } "
                       "QToolButton::menu-indicator { image: none; }"));
    return button;
}

} // namespace

StationPath::StationPath(const Session& session, const ViewState& view, const std::vector<StationKind>& kinds,
                         QWidget* parent)
    : QWidget(parent), session_(session), kinds_(kinds), view_(view) {
    setAttribute(Qt::WA_OpaquePaintEvent);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 6, 14);
    column->setSpacing(0);
    title_ = add_label(column, 24, true);
    // Facts are short lines: the jobs stand at the right of the last.
    auto* facts_row = new QGridLayout;
    facts_row->setSpacing(0);
    column->addLayout(facts_row);
    facts_ = add_label(column, 13, false);
    facts_->setProperty("caption", true);
    column->removeWidget(facts_);
    facts_row->addWidget(facts_, 0, 0);
    jobs_ = bare_button(QStringLiteral("▾"), {});
    jobs_->setAccessibleName(tr("Jobs"));
    jobs_->setPopupMode(QToolButton::InstantPopup);
    jobs_->setMenu(new QMenu(jobs_));
    jobs_->setFixedSize(32, 32);
    connect(jobs_->menu(), &QMenu::aboutToShow, this, &StationPath::list_jobs);
    facts_row->addWidget(jobs_, 0, 0, Qt::AlignRight | Qt::AlignBottom);
    column->addSpacing(10);
    for (const StationKind& kind : kinds_) stations_.push_back(add_station(column, kind));
    column->addStretch(1);
    caution_ = add_label(column, 13, false);
    caution_->setProperty("caption", true);
    column->addSpacing(6);
    next_caption_ = add_label(column, 13, false);
    next_caption_->setProperty("caption", true);
    next_caption_->setText(tr("Next"));
    next_ = new WordedButton;
    QFont font = shipped_font();
    font.setPixelSize(16);
    next_->setFont(font);
    next_->setToolTip(tr("Goes there (Ctrl+G)"));
    connect(next_, &QAbstractButton::clicked, this, &StationPath::next_asked);
    column->addWidget(next_);
}

void StationPath::show_as_rail(bool rail) {
    if (rail_ == rail) return;
    rail_ = rail;
    for (QWidget* words : std::initializer_list<QWidget*>{title_, facts_, caution_, next_caption_, next_})
        words->setVisible(!rail);
    for (std::size_t i = 0; i < stations_.size(); ++i) {
        stations_[i].state->setVisible(!rail);
        stations_[i].button->setText(rail ? QString::number(i + 1) : kinds_[i].name);
        stations_[i].button->setAccessibleName(kinds_[i].name);
    }
    refresh();
}

StationPath::Entry StationPath::add_station(QVBoxLayout* column, const StationKind& kind) {
    Entry entry;
    auto* row = new QHBoxLayout;
    row->addSpacing(30);
    entry.button = bare_button(kind.name, kind.tip);
    entry.button->setProperty("station", true);
    QFont font = shipped_font(true);
    font.setPixelSize(17);
    entry.button->setFont(font);
    connect(entry.button, &QToolButton::clicked, this,
            [this, station = kind.station] { Q_EMIT station_picked(station); });
    // The state stands on the button, under its name: a press on either goes there.
    auto* words = new QVBoxLayout(entry.button);
    words->setContentsMargins(name_left, 0, 0, 0);
    words->addStretch(1);
    entry.state = new QLabel;
    entry.state->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Maximum);
    entry.state->setProperty("caption", true);
    words->addWidget(entry.state);
    row->addWidget(entry.button, 1);
    column->addLayout(row);
    return entry;
}

int StationPath::assumed_at(Station station, const Design& design) {
    const std::string_view part = station == Station::neck      ? "neck."
                                  : station == Station::strings ? "strings["
                                  : station == Station::nut     ? "nut."
                                  : station == Station::saddle  ? "saddle."
                                  : station == Station::bridge  ? "bridge."
                                                                : "";
    if (part.empty()) return 0;
    const std::vector<AssumedValue> values = assumed_values(design);
    return static_cast<int>(std::count_if(values.begin(), values.end(), [part](const AssumedValue& value) {
        return value.key.starts_with(part);
    }));
}

QRect StationPath::row_of(const Entry& entry) const {
    return QRect(entry.button->mapTo(this, QPoint(0, 0)), entry.button->size());
}

void StationPath::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    // Cautions and the next thing are never cut: the rows give way.
    const bool is_short = height() < short_height;
    for (const Entry& entry : stations_) {
        entry.button->setFixedHeight(is_short ? short_row : tall_row);
        entry.button->layout()->setContentsMargins(name_left, 0, 0,
                                                   is_short ? 0 : tall_row - state_px - name_high(tall_row));
    }
    layout()->setContentsMargins(16, is_short ? 8 : 14, 6, is_short ? 6 : 14);
    refresh();
}

QLabel* StationPath::add_label(QVBoxLayout* column, int px, bool bold) {
    auto* label = new QLabel;
    QFont font = shipped_font(bold);
    font.setPixelSize(px);
    label->setFont(font);
    label->setWordWrap(true);
    column->addWidget(label);
    return label;
}

void StationPath::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const Design& design = state.job.design;
    const Unit unit = state.job.units.along();
    title_->setText(state.job.title.empty() ? QFileInfo(session_.path()).completeBaseName()
                                            : QString::fromStdString(state.job.title).left(longest_shown));
    const auto courses = static_cast<int>(course_starts(design.strings).size());
    const auto strings = static_cast<int>(design.strings.size());
    QStringList facts;
    facts << (courses < strings ? tr("%1 strings, %2 courses").arg(strings).arg(courses)
              : strings == 1    ? tr("1 string")
                                : tr("%1 strings").arg(strings));
    facts << (design.neck.fanned()
                  ? tr("scale %1 to %2 %3")
                        .arg(length_short(design.neck.scale_bass_mm, unit),
                             length_short(design.neck.scale_treble_mm, unit), unit_text(unit))
                  : tr("scale %1 %2").arg(length_short(design.neck.scale_bass_mm, unit), unit_text(unit)));
    if (!state.job.owner.empty())
        facts << tr("owner %1").arg(QString::fromStdString(state.job.owner).left(longest_shown));
    if (state.job.left_handed) facts << tr("left-handed");
    facts_->setText(facts.join(QLatin1Char('\n')));
    bool moved = station_shown_ != view_.station;
    for (std::size_t i = 0; i < stations_.size(); ++i) {
        Entry& entry = stations_[i];
        QString words = kinds_[i].state(state);
        QString whole = words;
        if (const int assumed = assumed_at(kinds_[i].station, design); assumed > 0) {
            words = QStringLiteral("\u2248%1 · ").arg(assumed) + words;
            whole += QLatin1Char('\n') + tr("%n assumed, not measured", "", assumed);
        }
        // One line, so that nothing below moves; the whole of it in the tooltip.
        entry.state->ensurePolished();
        entry.state->setText(
            entry.state->fontMetrics().elidedText(words, Qt::ElideRight, width() - state_left));
        const auto warning = kinds_[i].warning ? kinds_[i].warning(state) : std::nullopt;
        if (entry.state->property("warning").toBool() !=
            warning.has_value()) { // stays in sight from every station
            entry.state->setProperty("warning", warning.has_value());
            restyle(entry.state);
        }
        entry.state->setToolTip(warning ? message_text(*warning, state.job.units) : whole);
        entry.button->setAccessibleDescription(whole);
        const bool begun = kinds_[i].begun(state);
        moved = moved || entry.begun != begun;
        entry.begun = begun;
    }
    station_shown_ = view_.station;
    next_->setText(next_words());
    caution_->setText(kinds_[static_cast<std::size_t>(view_.station)].caution(design));
    const QString& name = session_.workshop().name();
    jobs_->setToolTip(name.isEmpty() ? tr("The jobs of this workshop") : tr("The jobs of %1").arg(name));
    if (moved) update(); // the rings; labels repaint themselves
}

QString StationPath::next_words() const {
    const State& state = session_.state();
    const auto part = bench_part(view_.station);
    if (part && stop_at(state.stops, *part)) return tr("Stop: the plan (N) says why");
    if (part && state.plan)
        if (const auto skipped = skipped_before(*state.plan, settings::plan_order(), *part))
            return tr("First %1").arg(part_name(*skipped));
    if (view_.station == Station::sheets && sheets_changed_) return tr("Print again what has changed");
    return kinds_[static_cast<std::size_t>(view_.station)].next(state);
}

void StationPath::set_sheets_changed(bool changed) {
    if (sheets_changed_ == changed) return;
    sheets_changed_ = changed;
    refresh();
}

void StationPath::list_jobs() {
    QMenu* menu = jobs_->menu();
    menu->clear();
    menu->addAction(tr("All jobs, and a new one (Ctrl+J)"), this, &StationPath::all_jobs_asked);
    menu->addSeparator();
    const QString open_file = QFileInfo(session_.path()).canonicalFilePath();
    for (const QString& path : session_.workshop().jobs()) {
        const QFileInfo info(path);
        QString name = info.completeBaseName();
        name[0] = name[0].toUpper();
        QAction* action = menu->addAction(name);
        action->setToolTip(tr("Open %1").arg(info.fileName()));
        action->setCheckable(true);
        action->setChecked(info.canonicalFilePath() == open_file);
        connect(action, &QAction::triggered, this, [this, path] { Q_EMIT job_picked(path); });
    }
}

void StationPath::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().side);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRect row = row_of(stations_[static_cast<std::size_t>(view_.station)]);
    painter.fillRect(QRect(0, row.top(), width(), row.height() + 2), theme().ground);
    painter.fillRect(QRect(0, row.top(), 5, row.height() + 2), theme().ink);
    if (!session_.is_open()) return;
    // Empty: nothing yet; half: begun.
    for (const Entry& entry : stations_) {
        const QRectF ring(
            20, entry.button->mapTo(this, QPoint(0, 0)).y() + name_high(entry.button->height()) - 18, 14, 14);
        painter.setPen(QPen(theme().ink, 1.6));
        painter.setBrush(theme().ground);
        painter.drawEllipse(ring);
        if (!entry.begun) continue;
        painter.setBrush(theme().ink);
        painter.drawPie(ring, 90 * 16, -180 * 16);
    }
}

} // namespace fm
