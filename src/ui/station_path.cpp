#include "ui/station_path.h"

#include "core/nut_verdict.h"
#include "sheet/fonts.h"
#include "ui/texts.h"
#include "ui/theme.h"

#include <QFileInfo>
#include <QPainter>
#include <QToolButton>
#include <QVBoxLayout>

#include <array>

namespace fm {

namespace {

constexpr int most_jobs = 7;
constexpr int longest_shown = 60; // of a title or an owner; a file may hold megabytes

QToolButton* plain_button(const QString& text, const QString& tip) {
    auto* button = new QToolButton;
    button->setText(text);
    button->setToolTip(tip);
    button->setAutoRaise(true);
    button->setMinimumHeight(32);
    button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    button->setToolButtonStyle(Qt::ToolButtonTextOnly);
    button->setStyleSheet(
        QStringLiteral("QToolButton { border: none; padding: 0 6px 0 0; text-align: left; }"));
    return button;
}

/// What can hurt somebody while this material is cut.
QString caution_of(const std::string& material) {
    if (material == "brass")
        return StationPath::tr(
            "Brass may hold lead: wash hands. File toward the vice, mind the edges. Follow your tools' "
            "instructions and local rules.");
    if (material == "hardwood")
        return StationPath::tr(
            "Some woods sensitise: mask and extraction. Blades away from the hand. Follow your tools' "
            "instructions and local rules.");
    return StationPath::tr(
        "Dust: mask and extraction. Files and saws away from the hand. Follow your tools' instructions "
        "and local rules.");
}

/// What a nut found so calls for next.
QString next_words(const State& state) {
    const double step_mm = state.job.design.nut.shim_step_mm;
    switch (nut_decision(slot_findings(state.solution, state.known), step_mm).verdict) {
    case NutVerdict::file: return StationPath::tr("File to the gaps wanted");
    case NutVerdict::fill: return StationPath::tr("Fill the low or wide slots");
    case NutVerdict::shim: return StationPath::tr("Shim the nut, then file");
    case NutVerdict::replace: return StationPath::tr("Make a new nut");
    case NutVerdict::choose: return StationPath::tr("Shim or fill: decide");
    }
    return {};
}

} // namespace

StationPath::StationPath(const Session& session, const ViewState& view, QWidget* parent)
    : QWidget(parent), session_(session), view_(view) {
    setAttribute(Qt::WA_OpaquePaintEvent);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 6, 14);
    column->setSpacing(2);
    title_ = add_label(column, 24, true);
    facts_ = add_label(column, 13, false);
    facts_->setProperty("caption", true);
    column->addSpacing(22);
    stations_.push_back(add_station(column, Station::strings, tr("Strings"),
                                    tr("The strings: pitch, gauge, make-up, tension (Alt+1)")));
    column->addSpacing(12);
    stations_.push_back(
        add_station(column, Station::nut, tr("Nut"), tr("The nut: spacing, heights, slots (Alt+2)")));
    column->addSpacing(26);
    workshop_ = add_label(column, 13, false);
    workshop_->setProperty("caption", true);
    jobs_ = new QVBoxLayout;
    jobs_->setSpacing(0);
    column->addLayout(jobs_);
    column->addStretch(1);
    caution_ = add_label(column, 13, false);
    caution_->setProperty("caption", true);
    column->addSpacing(14);
    auto* next_caption = add_label(column, 13, false);
    next_caption->setProperty("caption", true);
    next_caption->setText(tr("Next"));
    next_ = add_label(column, 16, false);
}

StationPath::Entry StationPath::add_station(QVBoxLayout* column, Station station, const QString& name,
                                            const QString& tip) {
    Entry entry;
    auto* row = new QHBoxLayout;
    row->addSpacing(30);
    auto* words = new QVBoxLayout;
    words->setSpacing(0);
    entry.button = plain_button(name, tip);
    QFont font = shipped_font(true);
    font.setPixelSize(17);
    entry.button->setFont(font);
    connect(entry.button, &QToolButton::clicked, this, [this, station] { Q_EMIT station_picked(station); });
    words->addWidget(entry.button, 0, Qt::AlignLeft);
    entry.state = new QLabel;
    entry.state->setWordWrap(true);
    entry.state->setContentsMargins(6, 0, 0, 0);
    entry.state->setProperty("caption", true);
    words->addWidget(entry.state);
    row->addLayout(words, 1);
    column->addLayout(row);
    return entry;
}

QRect StationPath::row_of(const Entry& entry) const {
    return QRect(entry.button->mapTo(this, QPoint(0, 0)), entry.button->size())
        .united(QRect(entry.state->mapTo(this, QPoint(0, 0)), entry.state->size()));
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
    const Unit unit = state.job.unit == Unit::mm ? Unit::mm : Unit::in; // a scale is no matter of thou
    title_->setText(state.job.title.empty() ? QFileInfo(session_.path()).completeBaseName()
                                            : QString::fromStdString(state.job.title).left(longest_shown));
    const auto courses = static_cast<int>(course_starts(design.strings).size());
    const auto strings = static_cast<int>(design.strings.size());
    QStringList facts;
    facts << (courses < strings ? tr("%1 strings, %2 courses").arg(strings).arg(courses)
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
    const bool read = std::any_of(state.known.begin(), state.known.end(),
                                  [](const auto& k) { return k.above_fret_line_mm.has_value(); });
    const std::array words{tr("%1 N in all").arg(number_text(state.solution.total_tension_n(), 0)),
                           read ? tr("read, %1 slots").arg(strings) : tr("%1 slots to cut").arg(strings)};
    const std::array begun{true, read};
    bool moved = station_shown_ != view_.station;
    for (std::size_t i = 0; i < stations_.size(); ++i) {
        stations_[i].state->setText(words[i]);
        stations_[i].button->setAccessibleDescription(words[i]);
        moved = moved || stations_[i].begun != begun[i];
        stations_[i].begun = begun[i];
    }
    station_shown_ = view_.station;
    next_->setText(read ? next_words(state) : tr("Fret tops onto the blank"));
    caution_->setText(caution_of(design.nut.material));
    workshop_->setText(session_.workshop().name().isEmpty() ? tr("Jobs") : session_.workshop().name());
    list_jobs();
    if (moved) update(); // the rings; labels repaint themselves
}

void StationPath::list_jobs() {
    const QString open_file = QFileInfo(session_.path()).canonicalFilePath();
    QStringList shown = session_.workshop().jobs().mid(0, most_jobs);
    shown << open_file;
    if (shown == shown_jobs_) return;
    shown_jobs_ = shown;
    update();
    while (QLayoutItem* item = jobs_->takeAt(0)) {
        item->widget()->deleteLater();
        delete item;
    }
    for (const QString& path : session_.workshop().jobs().mid(0, most_jobs)) {
        const QFileInfo info(path);
        QString name = info.completeBaseName();
        name[0] = name[0].toUpper();
        auto* button = plain_button(name, tr("Open %1").arg(info.fileName()));
        if (info.canonicalFilePath() == open_file) button->setFont(shipped_font(true));
        connect(button, &QToolButton::clicked, this, [this, path] { Q_EMIT job_picked(path); });
        jobs_->addWidget(button, 0, Qt::AlignLeft);
    }
}

void StationPath::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().side);
    painter.setRenderHint(QPainter::Antialiasing);
    const QRect row = row_of(stations_[static_cast<std::size_t>(view_.station)]);
    painter.fillRect(QRect(0, row.top() - 4, width(), row.height() + 10), theme().ground);
    painter.fillRect(QRect(0, row.top() - 4, 5, row.height() + 10), theme().ink);
    if (!session_.is_open()) return;
    // Empty: nothing yet; half: begun.
    for (const Entry& entry : stations_) {
        const QRectF ring(20, entry.button->mapTo(this, QPoint(0, 0)).y() + 9, 14, 14);
        painter.setPen(QPen(theme().ink, 1.6));
        painter.setBrush(theme().ground);
        painter.drawEllipse(ring);
        if (!entry.begun) continue;
        painter.setBrush(theme().ink);
        painter.drawPie(ring, 90 * 16, -180 * 16);
    }
}

} // namespace fm
