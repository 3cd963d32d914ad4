#include "ui/station_path.h"

#include "sheet/fonts.h"
#include "ui/texts.h"
#include "ui/theme.h"

#include <QFileInfo>
#include <QPainter>
#include <QToolButton>
#include <QVBoxLayout>

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

} // namespace

StationPath::StationPath(const Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAttribute(Qt::WA_OpaquePaintEvent);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 6, 14);
    column->setSpacing(2);
    title_ = add_label(column, 24, true);
    facts_ = add_label(column, 13, false);
    facts_->setProperty("caption", true);
    column->addSpacing(22);
    auto* station = new QHBoxLayout;
    station->addSpacing(30);
    auto* words = new QVBoxLayout;
    words->setSpacing(0);
    nut_ = plain_button(tr("Nut"), tr("The nut: spacing, heights, slots"));
    QFont station_font = shipped_font(true);
    station_font.setPixelSize(17);
    nut_->setFont(station_font);
    nut_->setChecked(true);
    words->addWidget(nut_, 0, Qt::AlignLeft);
    nut_state_ = new QLabel;
    nut_state_->setWordWrap(true);
    nut_state_->setContentsMargins(6, 0, 0, 0);
    nut_state_->setProperty("caption", true);
    words->addWidget(nut_state_);
    station->addLayout(words, 1);
    column->addLayout(station);
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
    nut_state_->setText(read ? tr("read, %1 slots").arg(strings) : tr("%1 slots to cut").arg(strings));
    nut_->setAccessibleDescription(nut_state_->text());
    next_->setText(read ? tr("File to the gaps wanted") : tr("Fret tops onto the blank"));
    caution_->setText(caution_of(design.nut.material));
    workshop_->setText(session_.workshop().name().isEmpty() ? tr("Jobs") : session_.workshop().name());
    list_jobs();
    if (read != read_shown_) update(); // the ring; labels repaint themselves
    read_shown_ = read;
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
    const QRect row = QRect(nut_->mapTo(this, QPoint(0, 0)), nut_->size())
                          .united(QRect(nut_state_->mapTo(this, QPoint(0, 0)), nut_state_->size()));
    painter.fillRect(QRect(0, row.top() - 4, width(), row.height() + 10), theme().ground);
    painter.fillRect(QRect(0, row.top() - 4, 5, row.height() + 10), theme().ink);
    if (!session_.is_open()) return;
    // Empty: nothing yet; half: read.
    const bool read = read_shown_;
    const QRectF ring(20, nut_->mapTo(this, QPoint(0, 0)).y() + 9, 14, 14);
    painter.setPen(QPen(theme().ink, 1.6));
    painter.setBrush(theme().ground);
    painter.drawEllipse(ring);
    if (read) {
        painter.setBrush(theme().ink);
        painter.drawPie(ring, 90 * 16, -180 * 16);
    }
}

} // namespace fm
