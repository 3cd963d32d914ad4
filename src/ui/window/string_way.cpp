#include "ui/window/string_way.h"

#include "sheet/drawing/fonts.h"
#include "ui/look/drawn_words.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

#include <algorithm>
#include <cmath>
#include <vector>

namespace fm {

/// Where things stand in the band, in px.
struct StringWay::Frame {
    double nut_x = 0;     // front face of the nut
    double board_end = 0; // last fret
    double break_x = 0;   // break line
    double saddle_x = 0;
    double end_x = 0;    // anchor
    double fret_y = 0;   // straightened fret tops
    double gap_px = 1;   // px per mm of gap
    double along_px = 1; // px per mm along the neck
    double start_mm = 0; // x of the nut's front
};

StringWay::StringWay(const Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setAttribute(Qt::WA_OpaquePaintEvent);
    setMinimumHeight(138);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("The string's way from post to anchor"));
    setToolTip(tr("The string from post to anchor. Click nut, neck, saddle or bridge for its station; the "
                  "wheel changes the string"));
}

void StringWay::set_string(std::size_t string) {
    string_ = string;
    tell();
    update();
}

Unit StringWay::unit_over(int fret) const {
    const Units& units = session_.state().job.units;
    return fret < 12 ? units.gap() : units.action();
}

void StringWay::tell() {
    if (!session_.is_open() || string_ >= session_.state().solution.strings.size()) return;
    const State& state = session_.state();
    const StringSolution& string = state.solution.strings[string_];
    QStringList gaps;
    for (std::size_t i = 0; i < string.open_gaps_mm.size(); ++i)
        gaps << tr("%1 over fret %2")
                    .arg(length_with_unit(string.open_gaps_mm[i], unit_over(static_cast<int>(i) + 1)))
                    .arg(i + 1);
    setAccessibleDescription(QString::fromStdString(state.job.design.string_name(string_)) +
                             QStringLiteral(": ") + gaps.join(QStringLiteral(", ")));
}

StringWay::Frame StringWay::frame() const {
    const State& state = session_.state();
    Frame f;
    const double w = width();
    f.nut_x = std::max(84.0, 0.085 * w);
    f.board_end = 0.56 * w;
    f.break_x = 0.60 * w;
    f.saddle_x = 0.80 * w;
    f.end_x = w - 36.0;
    f.fret_y = height() - 34.0;
    const StringLine& line = state.solution.strings[string_].line;
    f.start_mm = line.set_forward_mm;
    const Neck& neck = state.neck;
    f.along_px = (f.board_end - f.nut_x) / (neck.fret_x_mm(neck.frets(), line.scale_mm) - f.start_mm);
    double most = 0.1;
    for (const StringSolution& string : state.solution.strings)
        for (const double gap : string.open_gaps_mm) most = std::max(most, gap);
    const double room = f.fret_y - 52.0;
    // A whole factor keeps the drawing still while a number is typed.
    f.gap_px = std::floor(room / most / f.along_px) * f.along_px;
    return f;
}

void StringWay::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.fillRect(rect(), theme().ground);
    painter.setPen(theme().hairline);
    painter.drawLine(0, height() - 1, width(), height() - 1);
    if (!session_.is_open() || string_ >= session_.state().solution.strings.size()) return;
    painter.setRenderHint(QPainter::Antialiasing);
    const Frame f = frame();
    paint_ends(painter, f);
    paint_swing(painter, f);
    paint_strings(painter, f);
    paint_figures(painter, f);
}

/// How deep the open string swings at the player's force: where it comes to the fret tops it buzzes.
void StringWay::paint_swing(QPainter& painter, const Frame& f) const {
    const State& state = session_.state();
    const StringSolution& string = state.solution.strings[string_];
    const auto tension = string.tension_n();
    if (!tension) return;
    const Neck& neck = state.neck;
    const Player& player = state.job.design.player;
    const double length_mm = string.line.saddle_x_mm - string.line.set_forward_mm;
    QPolygonF over{QPointF(f.nut_x, f.fret_y - string.above_fret_line_mm * f.gap_px)};
    QPolygonF under = over;
    for (int n = 1; n <= neck.frets(); ++n) {
        const double along_mm = neck.fret_x_mm(n, string.line.scale_mm) - f.start_mm;
        const double gap_mm = string.open_gaps_mm[static_cast<std::size_t>(n) - 1];
        const double swing_mm =
            *string.player_force_n * swing_mm_per_n(player, length_mm, *tension, along_mm);
        const double x = f.nut_x + along_mm * f.along_px;
        over << QPointF(x, f.fret_y - gap_mm * f.gap_px);
        under << QPointF(x, f.fret_y - std::max(0.0, gap_mm - swing_mm) * f.gap_px);
    }
    QPolygonF room = under; // round the room between the two: back along the upper one
    std::reverse(over.begin(), over.end());
    room << over;
    const auto mixed = [](int ground, int ink) { return ground + (ink - ground) / 10; };
    const QColor& ground = theme().ground; // mixed, not seen through: that would be slower to paint
    const QColor& ink = theme().yours;
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor(mixed(ground.red(), ink.red()), mixed(ground.green(), ink.green()),
                            mixed(ground.blue(), ink.blue())));
    painter.setRenderHint(QPainter::Antialiasing, false);
    painter.drawPolygon(room);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme().yours, 1.0, Qt::DashLine));
    painter.setBrush(Qt::NoBrush);
    painter.drawPolyline(under);
}

void StringWay::paint_strings(QPainter& painter, const Frame& f) const {
    const State& state = session_.state();
    const Neck& neck = state.neck;
    const auto way = [&](std::size_t i) {
        const StringSolution& string = state.solution.strings[i];
        QPolygonF points;
        points << QPointF(f.nut_x, f.fret_y - string.above_fret_line_mm * f.gap_px);
        for (int n = 1; n <= neck.frets(); ++n)
            points << QPointF(f.nut_x +
                                  (neck.fret_x_mm(n, string.line.scale_mm) - string.line.set_forward_mm) *
                                      f.along_px * state.solution.strings[string_].line.scale_mm /
                                      string.line.scale_mm,
                              f.fret_y - string.open_gaps_mm[static_cast<std::size_t>(n) - 1] * f.gap_px);
        return points;
    };
    QColor faint = theme().caption;
    faint.setAlpha(110);
    painter.setPen(QPen(faint, 1.0));
    for (std::size_t i = 0; i < state.solution.strings.size(); ++i)
        if (i != string_) painter.drawPolyline(way(i));
    painter.setPen(QPen(theme().ink, 2.0));
    painter.drawPolyline(way(string_));
}

void StringWay::paint_ends(QPainter& painter, const Frame& f) const {
    const State& state = session_.state();
    const StringSolution& string = state.solution.strings[string_];
    const Neck& neck = state.neck;
    painter.setPen(QPen(theme().ink, 1.0));
    painter.setBrush(theme().side);
    painter.drawRect(QRectF(f.nut_x, f.fret_y, f.board_end - f.nut_x + 8.0, 9.0));
    painter.setPen(QPen(theme().ink, 1.6));
    for (int n = 1; n <= neck.frets(); ++n) {
        const double x = f.nut_x + (neck.fret_x_mm(n, string.line.scale_mm) - f.start_mm) * f.along_px;
        painter.drawLine(QPointF(x, f.fret_y), QPointF(x, f.fret_y + 9.0));
    }
    const double contact = f.fret_y - string.above_fret_line_mm * f.gap_px;
    painter.setPen(QPen(theme().ink, 1.0));
    painter.setBrush(theme().material);
    painter.drawRect(QRectF(f.nut_x - 12.0, contact, 12.0, f.fret_y + 14.0 - contact));
    painter.setPen(QPen(theme().ink, 2.0));
    painter.drawLine(QPointF(f.nut_x, contact), QPointF(22.0, std::min(contact + 36.0, height() - 12.0)));
    // Past the break line the way is schematic.
    painter.setPen(QPen(theme().caption, 1.0));
    for (const double x : {f.break_x, f.break_x + 7.0}) {
        const QPointF zigzag[] = {{x + 4, 52.0}, {x - 4, 80.0}, {x + 4, 96.0}, {x, height() - 14.0}};
        painter.drawPolyline(zigzag, 4);
    }
    const double top = height() - 16.0;
    painter.drawLine(QPointF(f.break_x + 20.0, top), QPointF(f.end_x, top));
    const double crown = 66.0;
    painter.setBrush(theme().material);
    painter.setPen(QPen(theme().ink, 1.0));
    const QPointF bridge[] = {{f.saddle_x - 16, top},
                              {f.saddle_x - 9, crown + 3},
                              {f.saddle_x, crown},
                              {f.saddle_x + 9, crown + 3},
                              {f.saddle_x + 16, top}};
    painter.drawPolygon(bridge, 5);
    painter.setPen(QPen(theme().ink, 2.0));
    const QPointF way[] = {{f.break_x + 12.0, crown + 6.0}, {f.saddle_x, crown}, {f.end_x, top - 8.0}};
    painter.drawPolyline(way, 3);
}

void StringWay::paint_figures(QPainter& painter, const Frame& f) const {
    const State& state = session_.state();
    const StringSolution& string = state.solution.strings[string_];
    const Units& units = state.job.units;
    const Neck& neck = state.neck;
    QFont bold = shipped_font(true);
    bold.setPixelSize(font().pixelSize() + 2);
    QFont caption = shipped_font();
    caption.setPixelSize(std::max(12, font().pixelSize() - 3));
    struct Figure {
        double left, need;
        QString value, words;
    };
    std::vector<Figure> figures;
    const auto figure = [&](double x, const QString& value, const QString& words) {
        const double need = std::max(QFontMetricsF(bold).horizontalAdvance(value),
                                     QFontMetricsF(caption).horizontalAdvance(words)) +
                            8.0;
        figures.push_back({x - 0.5 * need, need, value, words});
    };
    const auto gap = [&](int fret) {
        return length_number(string.open_gaps_mm[static_cast<std::size_t>(fret) - 1], unit_over(fret))
            .replace(QLatin1Char('\n'), QLatin1Char(' '));
    };
    const auto fret_x = [&](int fret) {
        return f.nut_x + (neck.fret_x_mm(fret, string.line.scale_mm) - f.start_mm) * f.along_px;
    };
    figure(40.0, QString::fromStdString(state.job.design.string_name(string_)),
           string.bend     ? tr("bends %1").arg(angle_text(string.bend->break_angle_deg))
           : units.alike() ? unit_text(units.gap())
                           : QString());
    figure(fret_x(1) + 50.0, gap(1), tr("over fret 1"));
    figure(fret_x(12), gap(12), tr("over fret 12"));
    if (neck.frets() > 12)
        figure(fret_x(neck.frets()) + 12.0, gap(neck.frets()), tr("over fret %1").arg(neck.frets()));
    const double compensation = string.line.saddle_x_mm - string.line.scale_mm;
    figure(f.saddle_x,
           (compensation >= 0 ? QStringLiteral("+") : QString()) +
               length_number(compensation, units.small()).replace(QLatin1Char('\n'), QLatin1Char(' ')),
           tr("compensation"));
    if (string.bridge) figure(f.end_x - 30.0, angle_text(string.bridge->break_angle_deg), tr("break angle"));
    // Each over what it is of, as far as the others leave it room; where there is none for all, the last
    // fret's goes.
    double all = 4;
    for (const Figure& each : figures) all += each.need + 4;
    if (neck.frets() > 12 && all > width()) figures.erase(figures.begin() + 3);
    double from = 4;
    for (Figure& each : figures) {
        each.left = std::max(each.left, from);
        from = each.left + each.need + 4;
    }
    double to = width() - 4;
    for (std::size_t i = figures.size(); i-- > 0;) {
        figures[i].left = std::min(figures[i].left, to - figures[i].need);
        to = figures[i].left - 4;
    }
    for (const Figure& each : figures) {
        painter.setFont(bold);
        painter.setPen(theme().ink);
        painter.drawText(QRectF(each.left, 6, each.need, 22), Qt::AlignCenter, each.value);
        painter.setFont(caption);
        painter.setPen(theme().caption);
        painter.drawText(QRectF(each.left, 28, each.need, 18), Qt::AlignCenter, each.words);
    }
    const int px = caption.pixelSize();
    write_fitting(painter, QRectF(f.nut_x + 4, 47, f.break_x - f.nut_x - 14, 18),
                  Qt::AlignLeft | Qt::AlignVCenter,
                  tr("gaps ×%1, swing at %2 N dashed")
                      .arg(std::lround(f.gap_px / f.along_px))
                      .arg(number_text(string.player_force_n.value_or(0.0), 1)),
                  theme().caption, px, 8, false);
    write_fitting(painter, QRectF(f.break_x + 16, 47, f.saddle_x - f.break_x - 26, 18),
                  Qt::AlignLeft | Qt::AlignVCenter, tr("not to scale"), theme().caption, px, 8, false);
    painter.setFont(caption);
    painter.setPen(theme().caption);
    // Every gap under its fret, as far as there is room.
    double taken = f.nut_x - 14.0;
    for (int n = 1; n <= neck.frets(); ++n) {
        const QString value = gap(n);
        const double need = QFontMetricsF(caption).horizontalAdvance(value);
        const double left = fret_x(n) - 0.5 * need;
        if (left < taken + 6.0) continue;
        taken = left + need;
        painter.drawText(QRectF(left - 2.0, height() - 23.0, need + 4.0, 18.0), Qt::AlignCenter, value);
    }
}

void StringWay::mousePressEvent(QMouseEvent* event) {
    if (!session_.is_open()) return;
    const Frame f = frame();
    const double x = event->position().x();
    if (x < f.nut_x + 24.0) return Q_EMIT nut_touched();
    if (x < f.break_x) return Q_EMIT neck_touched();
    std::abs(x - f.saddle_x) < 24.0 ? Q_EMIT saddle_touched() : Q_EMIT bridge_touched();
}

void StringWay::wheelEvent(QWheelEvent* event) {
    if (event->angleDelta().y() != 0) Q_EMIT string_stepped(event->angleDelta().y() > 0 ? -1 : 1);
}

} // namespace fm
