#include "ui/view/symptom_board.h"

#include "ui/look/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

#include <algorithm>
#include <cmath>

namespace fm {

namespace {
constexpr double name_wide = 66;
constexpr double head_high = 22;
constexpr double told_share = 0.01; // of a headroom; less is as before
} // namespace

SymptomBoard::SymptomBoard(const Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Where it was heard"));
    setToolTip(tr("Click where it was heard; arrows and Enter do the same. Fret 0 is the open string"));
}

int SymptomBoard::frets() const {
    return session_.state().job.design.neck.frets;
}

std::size_t SymptomBoard::strings() const {
    return session_.state().job.design.strings.size();
}

QRectF SymptomBoard::cell(std::size_t string, int fret) const {
    const double wide = (width() - name_wide) / frets();
    const double high = (height() - head_high) / static_cast<double>(strings());
    // As the player looks down on it.
    const std::size_t row = session_.state().job.left_handed ? string : strings() - 1 - string;
    return {name_wide + wide * fret, head_high + high * static_cast<double>(row), wide, high};
}

void SymptomBoard::set_places(std::vector<HeardPlace> places) {
    places_ = std::move(places);
    if (!places_.empty()) here_ = places_.front();
    tell();
    update();
}

void SymptomBoard::show_change(std::vector<FoundString> before, std::vector<FoundString> after) {
    before_ = std::move(before);
    after_ = std::move(after);
    tell();
    update();
}

SymptomBoard::Change SymptomBoard::change_at(std::size_t string, int fret) const {
    if (string >= before_.size() || string >= after_.size()) return Change::none;
    const auto n = static_cast<std::size_t>(fret);
    const auto& was = before_[string].headroom;
    const auto& is = after_[string].headroom;
    if (n >= was.size() || n >= is.size() || (!was[n].force_n && !is[n].force_n)) return Change::none;
    constexpr double unlimited_n = 1000;
    const double before_n = was[n].force_n.value_or(unlimited_n);
    const double after_n = is[n].force_n.value_or(unlimited_n);
    if (std::abs(after_n - before_n) <= told_share * std::max(before_n, after_n)) return Change::same;
    return after_n > before_n ? Change::better : Change::worse;
}

std::pair<int, int> SymptomBoard::balance() const {
    int better = 0;
    int worse = 0;
    for (std::size_t i = 0; i < after_.size(); ++i)
        for (int fret = 0; fret < frets(); ++fret) {
            better += change_at(i, fret) == Change::better;
            worse += change_at(i, fret) == Change::worse;
        }
    return {better, worse};
}

void SymptomBoard::tell() {
    QStringList heard;
    for (const HeardPlace& place : places_)
        heard << tr("string %1, fret %2").arg(strings() - place.string).arg(place.fret);
    QString told = heard.join(QStringLiteral("; "));
    if (!after_.empty()) {
        const auto [better, worse] = balance();
        told +=
            QLatin1Char(' ') + tr("With this cure %1 places are better, %2 worse.").arg(better).arg(worse);
    }
    setAccessibleDescription(told);
}

void SymptomBoard::toggle(const HeardPlace& place) {
    here_ = place;
    const auto at = std::find_if(places_.begin(), places_.end(), [&](const HeardPlace& each) {
        return each.string == place.string && each.fret == place.fret;
    });
    at == places_.end() ? places_.push_back(place) : static_cast<void>(places_.erase(at));
    tell();
    update();
    Q_EMIT picked();
}

void SymptomBoard::mousePressEvent(QMouseEvent* event) {
    for (std::size_t i = 0; i < strings(); ++i)
        for (int fret = 0; fret < frets(); ++fret)
            if (cell(i, fret).contains(event->position())) return toggle({i, fret});
}

void SymptomBoard::keyPressEvent(QKeyEvent* event) {
    const auto last = static_cast<int>(strings()) - 1;
    const auto move = [this, last](int string, int fret) {
        here_.string = static_cast<std::size_t>(std::clamp(static_cast<int>(here_.string) + string, 0, last));
        here_.fret = std::clamp(here_.fret + fret, 0, frets() - 1);
        update();
    };
    switch (event->key()) {
    case Qt::Key_Left: return move(0, -1);
    case Qt::Key_Right: return move(0, 1);
    case Qt::Key_Up: return move(session_.state().job.left_handed ? -1 : 1, 0);
    case Qt::Key_Down: return move(session_.state().job.left_handed ? 1 : -1, 0);
    case Qt::Key_Enter:
    case Qt::Key_Return: return toggle(here_);
    default: QWidget::keyPressEvent(event);
    }
}

void SymptomBoard::paintEvent(QPaintEvent*) {
    if (!session_.is_open()) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    QFont font = this->font();
    font.setPixelSize(13);
    painter.setFont(font);
    const Design& design = session_.state().job.design;
    painter.setPen(theme().caption);
    for (int fret = 0; fret < frets(); ++fret)
        painter.drawText(QRectF(cell(0, fret).left(), 0, cell(0, fret).width(), head_high), Qt::AlignCenter,
                         QString::number(fret));
    for (std::size_t i = 0; i < strings(); ++i) {
        const QRectF row = cell(i, 0);
        painter.setPen(theme().ink);
        painter.drawText(QRectF(0, row.top(), name_wide - 6, row.height()), Qt::AlignLeft | Qt::AlignVCenter,
                         QString::fromStdString(design.string_name(i)));
        painter.setPen(QPen(theme().string, std::clamp(1.6 * design.strings[i].diameter_mm, 1.0, 3.0)));
        painter.drawLine(QPointF(name_wide, row.center().y()), QPointF(width(), row.center().y()));
        for (int fret = 0; fret < frets(); ++fret) {
            const QRectF box = cell(i, fret);
            painter.fillRect(
                QRectF(box.right() - (fret == 0 ? 4 : 1.5), box.top(), fret == 0 ? 4 : 1.5, box.height()),
                fret == 0 ? theme().ink : theme().hairline);
            const Change change = change_at(i, fret);
            if (change != Change::better && change != Change::worse) continue;
            const double r = std::min({box.width(), box.height(), 22.0}) * 0.3;
            const double way = change == Change::better ? -1 : 1;
            const QPointF middle = box.center();
            painter.setPen(Qt::NoPen);
            painter.setBrush(change == Change::better ? theme().missing : theme().warning);
            painter.drawPolygon(QPolygonF{middle + QPointF(-r, -way * r), middle + QPointF(r, -way * r),
                                          middle + QPointF(0, way * r)});
        }
    }
    painter.setBrush(Qt::NoBrush);
    for (const HeardPlace& place : places_) {
        painter.setPen(QPen(theme().take_off, 3));
        painter.drawRoundedRect(cell(place.string, place.fret).adjusted(2, 2, -4, -2), 5, 5);
    }
    if (!hasFocus()) return;
    painter.setPen(QPen(theme().yours, 1.5, Qt::DotLine));
    painter.drawRect(cell(here_.string, here_.fret).adjusted(4, 4, -6, -4));
}

} // namespace fm
