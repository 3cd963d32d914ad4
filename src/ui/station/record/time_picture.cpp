#include "ui/station/record/time_picture.h"

#include "core/found/filing.h"
#include "ui/look/drawn_words.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QDate>
#include <QLocale>
#include <QPainter>

#include <algorithm>
#include <cmath>
#include <numeric>

namespace fm {

namespace {

constexpr std::size_t most_visits = 10; // more are too narrow to be read
constexpr double names_px = 96;
constexpr double head_px = 46;
constexpr double ring_px = 5;

/// In the mean of the strings that were read.
DayNumber mean_of(const std::vector<DayNumber>& strings) {
    const auto mean = [&](std::optional<double> DayNumber::*which) -> std::optional<double> {
        double sum = 0;
        int count = 0;
        for (const DayNumber& each : strings)
            if (each.*which) sum += *(each.*which), ++count;
        return count > 0 ? std::optional(sum / count) : std::nullopt;
    };
    return {mean(&DayNumber::first), mean(&DayNumber::last)};
}

QString day_words(const std::string& day) {
    return QLocale().toString(QDate::fromString(QString::fromStdString(day), Qt::ISODate),
                              QLocale::ShortFormat);
}

QString signed_text(double value, const QString& number) {
    return (value < 0 ? QStringLiteral("−") : QStringLiteral("+")) + number;
}

} // namespace

TimePicture::TimePicture(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAccessibleName(tr("The instrument over time"));
    setFocusPolicy(Qt::StrongFocus);
}

void TimePicture::refresh() {
    if (!session_.is_open()) return;
    const Job& job = session_.state().job;
    visits_ = visits_of(job.design, job.readings);
    if (visits_.size() > most_visits)
        visits_.erase(visits_.begin(), visits_.end() - static_cast<std::ptrdiff_t>(most_visits));
    aways_ = aways_of(visits_);
    says_ = sentences();
    setAccessibleDescription(says_.join(QLatin1Char(' ')));
    update();
}

std::vector<TimePicture::Row> TimePicture::rows() const {
    Row humidity{tr("humidity, %"), {}, {}, {}, LengthKind::gap, true};
    Row relief{tr("relief"), {}, {}, {}, LengthKind::gap, false};
    Row action{tr("over fret 12, mean"), {}, {}, {}, LengthKind::action, false};
    Row nut{tr("over fret 1, mean"), {}, {}, {}, LengthKind::gap, false};
    for (const Visit& visit : visits_) {
        humidity.days.push_back({visit.humidity_pct, visit.humidity_pct});
        relief.days.push_back(visit.relief_mm);
        action.days.push_back(mean_of(visit.action_mm));
        nut.days.push_back(mean_of(visit.nut_gap_mm));
    }
    for (const Away& away : aways_) {
        humidity.alone.push_back(away.humidity_pct);
        humidity.moved.push_back(false);
        relief.alone.push_back(away.relief_mm);
        relief.moved.push_back(away.relief_moved);
        action.alone.push_back(away.action_mm);
        action.moved.push_back(away.action_moved);
        nut.alone.emplace_back();
        nut.moved.push_back(false);
    }
    std::vector<Row> all{humidity, relief, action, nut};
    std::erase_if(all, [](const Row& row) {
        return std::none_of(row.days.begin(), row.days.end(),
                            [](const DayNumber& day) { return day.first.has_value(); });
    });
    return all;
}

QStringList TimePicture::sentences() const {
    const Job& job = session_.state().job;
    const Unit unit = job.units.gap();
    QStringList said;
    if (visits_.empty())
        return {
            tr("No reading says yet on which day it was taken. Each day it is read becomes a column here.")};
    bool season = false;
    for (const Away& away : aways_) {
        if (!away.humidity_pct || std::abs(*away.humidity_pct) < 5 || !(away.relief_mm || away.action_mm))
            continue;
        season = true;
        const Visit& before = visits_[away.from];
        QStringList did;
        const auto tell = [&](const std::optional<double>& mm, bool moved, const QString& what, Unit in) {
            if (!mm) return;
            did << (moved ? tr("%1 %2").arg(what, signed_text(*mm, length_with_unit(std::abs(*mm), in)))
                          : tr("%1 within the gauge").arg(what));
        };
        tell(away.relief_mm, away.relief_moved, tr("relief"), unit);
        tell(away.action_mm, away.action_moved, tr("over fret 12"), job.units.action());
        said << tr("From %1 % to %2 % humidity, %3 days: %4.")
                    .arg(number_text(*before.humidity_pct, 0),
                         number_text(*before.humidity_pct + *away.humidity_pct, 0))
                    .arg(away.days)
                    .arg(did.join(QStringLiteral(", ")));
    }
    if (!season)
        said << tr(
            "What a season does to it is not known before it was read at two humidities with nothing done "
            "between.");
    if (const auto per_eighth = relief_per_eighth_mm(job.design, job.readings))
        said << tr("An eighth of a turn of this rod moves its relief by %1.")
                    .arg(length_with_unit(std::abs(*per_eighth), unit));
    return said;
}

QString TimePicture::number(double value, const Row& row) const {
    if (row.percent) return number_text(value, 0);
    return length_number(value, session_.state().job.units.of(row.kind))
        .replace(QLatin1Char('\n'), QLatin1Char(' '));
}

double TimePicture::column_x(std::size_t visit) const {
    const double each = (width() - names_px) / static_cast<double>(std::max<std::size_t>(1, visits_.size()));
    return names_px + (static_cast<double>(visit) + 0.5) * each;
}

void TimePicture::paint_row(QPainter& painter, const Row& row, const QRectF& box) const {
    const Theme& look = theme();
    double low = 1e9;
    double high = -1e9;
    for (const DayNumber& day : row.days)
        for (const auto& value : {day.first, day.last})
            if (value) low = std::min(low, *value), high = std::max(high, *value);
    const double span = std::max(high - low, row.percent ? 10.0 : 0.05);
    const double middle = 0.5 * (low + high);
    const QRectF plot = box.adjusted(0, 20, 0, -20);
    const auto y_of = [&](double value) {
        return plot.center().y() - (value - middle) / span * plot.height();
    };
    write_wrapped(painter, QRectF(box.left(), box.center().y() - 18, names_px - 8, 36), row.name,
                  look.caption, 13, 9);
    painter.setPen(QPen(look.hairline, 1.0));
    painter.drawLine(QPointF(box.left(), box.bottom()), QPointF(box.right(), box.bottom()));
    const double each = (box.width() - names_px) / static_cast<double>(row.days.size());
    for (std::size_t v = 0; v + 1 < row.days.size(); ++v) {
        if (!row.days[v].last || !row.days[v + 1].first) continue;
        const QPointF from(column_x(v) + 9, y_of(*row.days[v].last));
        const QPointF to(column_x(v + 1) - 9, y_of(*row.days[v + 1].first));
        painter.setPen(
            QPen(row.moved[v] ? look.missing : look.caption, row.moved[v] ? 2.0 : 1.0, Qt::DashLine));
        painter.drawLine(from, to);
        if (!row.alone[v] || row.percent) continue;
        const QString change =
            row.moved[v] ? signed_text(*row.alone[v], number(std::abs(*row.alone[v]), row)) : tr("same");
        const QRectF at(0.5 * (from.x() + to.x()) - 0.3 * each, 0.5 * (from.y() + to.y()) - 18, 0.6 * each,
                        16);
        write_fitting(painter, at, Qt::AlignCenter, change, row.moved[v] ? look.missing : look.caption, 13, 8,
                      row.moved[v]);
    }
    for (std::size_t v = 0; v < row.days.size(); ++v) {
        const DayNumber& day = row.days[v];
        if (!day.first) continue;
        const double x = column_x(v);
        const bool changed = std::abs(*day.last - *day.first) > 1e-9;
        if (changed) {
            painter.setPen(QPen(look.take_off, 2.0));
            painter.drawLine(QPointF(x, y_of(*day.first)), QPointF(x, y_of(*day.last)));
        }
        painter.setPen(QPen(look.yours, 2.0));
        painter.setBrush(look.ground);
        painter.drawEllipse(QPointF(x, y_of(*day.first)), ring_px, ring_px);
        if (changed) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(look.ink);
            painter.drawEllipse(QPointF(x, y_of(*day.last)), 4, 4);
        }
        const auto label = [&](double value, bool above) {
            write_fitting(painter, QRectF(x - 0.45 * each, y_of(value) + (above ? -21 : 6), 0.9 * each, 15),
                          Qt::AlignCenter, number(value, row), look.ink, 13, 8, false);
        };
        const bool fell = !changed || *day.last < *day.first;
        label(*day.first, fell);
        if (changed) label(*day.last, !fell);
    }
}

void TimePicture::paintEvent(QPaintEvent*) {
    if (!session_.is_open()) return;
    const Theme& look = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    std::vector<double> lines_px; // a sentence may take two
    for (const QString& sentence : says_)
        lines_px.push_back(QFontMetricsF(drawn_font(14))
                               .boundingRect(QRectF(0, 0, width(), 200), Qt::TextWordWrap, sentence)
                               .height() +
                           4);
    const double foot_px = std::accumulate(lines_px.begin(), lines_px.end(), 4.0);
    double top_px = height() - foot_px;
    for (std::size_t i = 0; i < lines_px.size(); top_px += lines_px[i++])
        write_wrapped(painter, QRectF(0, top_px, width(), lines_px[i]), says_[static_cast<qsizetype>(i)],
                      look.ink, 14, 9);
    const std::vector<Row> all = rows();
    if (visits_.empty() || all.empty()) return;
    const double each = (width() - names_px) / static_cast<double>(visits_.size());
    for (std::size_t v = 0; v < visits_.size(); ++v) {
        const Visit& visit = visits_[v];
        const QRectF top(column_x(v) - 0.5 * each + 2, 0, each - 4, 22);
        write_fitting(painter, top, Qt::AlignCenter, day_words(visit.day), look.ink, 15, 8, true);
        const QString rod = visit.turned_eighths == 0
                                ? (visit.worked ? tr("worked on") : QString())
                                : tr("rod %1/8")
                                      .arg(signed_text(visit.turned_eighths,
                                                       QString::number(std::abs(visit.turned_eighths))));
        write_fitting(painter, top.translated(0, 21), Qt::AlignCenter, rod, look.take_off, 13, 8, false);
    }
    const double high = (height() - head_px - foot_px) / static_cast<double>(all.size());
    for (std::size_t r = 0; r < all.size(); ++r)
        paint_row(painter, all[r], QRectF(0, head_px + static_cast<double>(r) * high, width(), high));
}

} // namespace fm
