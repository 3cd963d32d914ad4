#include "ui/station/bridge/placing_canvas.h"

#include "sheet/drawing/paint.h"
#include "ui/look/texts.h"
#include "ui/look/theme.h"

#include <QPainter>

#include <cmath>

namespace fm {

namespace {
constexpr double board_top = 58;
constexpr double left_room = 60;
constexpr double right_room = 50;
constexpr double foot = 162; // marks and their captions
/// What the marks go to, in a word.
QString mark_words(PlacedBy by) {
    switch (by) {
    case PlacedBy::edge: return PlacingCanvas::tr("edge");
    case PlacedBy::crown_line: return PlacingCanvas::tr("crowns");
    case PlacedBy::slot_front: break;
    }
    return PlacingCanvas::tr("slot");
}

} // namespace

QString mark_key(PlacedBy by, const char* side, const char* from) {
    constexpr std::array to{"slot_front", "edge", "crown_line"};
    return QStringLiteral("placing.%1.%2_to_%3_mm")
        .arg(QLatin1String(side), QLatin1String(from), QLatin1String(to[static_cast<std::size_t>(by)]));
}

PlacingCanvas::PlacingCanvas(Session& session, FieldBinder& binder, const ViewState& view, QWidget* parent)
    : PartCanvas(session, binder, view, tr("Drawing of the bridge's place"), parent) {
    const auto whole = [](const char* key) {
        return [key](const State&) { return QString::fromLatin1(key); };
    };
    const std::array names{tr("at the nut"), tr("at fret 12"), tr("at the last fret")};
    for (std::size_t i = 0; i < names.size(); ++i) {
        const auto at = [i](const char* list) {
            return [i, list](const State& s) {
                const std::array<int, 3> frets{0, 12, s.job.design.neck.frets};
                return QStringLiteral("placing.%1[%2]").arg(QLatin1String(list)).arg(frets[i]);
            };
        };
        bass_[i] = add_number(tr("bass string to the edge %1").arg(names[i]), at("bass_margins_mm"), 68, 18);
        treble_[i] =
            add_number(tr("treble string to the edge %1").arg(names[i]), at("treble_margins_mm"), 68, 18);
    }
    shift_ = add_number(tr("shift toward the treble that balances the last fret"),
                        whole("placing.balancing_shift_mm"), 84, 20);
    const auto mark = [](const char* side, const char* from) {
        return [side, from](const State& s) { return mark_key(s.solution.placing.by, side, from); };
    };
    fret12_bass_ = add_number(tr("fret 12 to the bridge, bass"), mark("bass", "fret12"), 104, 18);
    fret12_treble_ = add_number(tr("fret 12 to the bridge, treble"), mark("treble", "fret12"), 104, 18);
    nut_bass_ = add_number(tr("nut to the bridge, bass"), mark("bass", "nut"), 104, 18);
    nut_treble_ = add_number(tr("nut to the bridge, treble"), mark("treble", "nut"), 104, 18);
    diagonal_bass_ = add_number(tr("diagonal, bass fret 12 to the treble side"),
                                whole("placing.diagonal_from_bass_mm"), 104, 18);
    diagonal_treble_ = add_number(tr("diagonal, treble fret 12 to the bass side"),
                                  whole("placing.diagonal_from_treble_mm"), 104, 18);
}

BridgeViewOptions PlacingCanvas::options() const {
    BridgeViewOptions options;
    options.mirrored = state().job.left_handed;
    options.chosen = chosen();
    return options;
}

PlacingCanvas::Place PlacingCanvas::place() const {
    const double long_mm = state().solution.straight_saddle.slot_x_at_centre_mm + 12.0;
    const Neck& neck = state().neck;
    const double half_mm = neck.half_width_mm(neck.mean_scale_mm());
    Place p;
    p.scale = (width() - left_room - right_room) / long_mm * zoom_;
    const double room = std::max(60.0, height() - board_top - foot);
    p.stretch = std::max(1.0, std::floor(room / (2 * half_mm * p.scale / zoom_)));
    p.nut = {left_room + pan_.x(), board_top + half_mm * p.stretch * p.scale + pan_.y()};
    return p;
}

QPointF PlacingCanvas::still_point() const {
    return {left_room, board_top};
}

std::optional<std::size_t> PlacingCanvas::string_at(QPointF) const {
    return std::nullopt;
}

void PlacingCanvas::lay_out() {
    const Place p = place();
    const Neck& neck = state().neck;
    const double up = side() > 0 ? -1.0 : 1.0; // the treble edge is up for the right-handed
    const std::array<int, 3> frets{0, 12, neck.frets()};
    double free_from = 0; // the next margin stands clear of the one before
    for (std::size_t i = 0; i < frets.size(); ++i) {
        const double x_mm = neck.fret_x_mm(frets[i], neck.mean_scale_mm());
        const double x = std::max(p.nut.x() + x_mm * p.scale, free_from);
        free_from = x + bass_[i]->width() + 2.0;
        const double half = neck.half_width_mm(x_mm) * p.stretch * p.scale;
        put(treble_[i], {x, p.nut.y() + up * (half + 18.0)});
        put(bass_[i], {x, p.nut.y() - up * (half + 18.0)});
    }
    const double far = p.nut.x() + state().solution.straight_saddle.slot_x_at_centre_mm * p.scale;
    // Past the edges, clear of the strings.
    const double edge = p.stretch * p.scale * neck.half_width_mm(neck.mean_scale_mm()) + 14.0;
    write(QRectF(far - 90.0, p.nut.y() + up * edge - 9.0, 120.0, 18.0), Qt::AlignRight, tr("treble"));
    write(QRectF(far - 90.0, p.nut.y() - up * edge - 9.0, 120.0, 18.0), Qt::AlignRight, tr("bass"));
    write(QRectF(10.0, 2.0, width() - 20.0, 18.0), Qt::AlignLeft,
          tr("the outer strings' margins along the board; across ×%1, the head to the left").arg(p.stretch));
    const double upper = height() - foot + 46.0;
    const double lower = upper + 66.0;
    const double step = (width() - 20.0) / 4.0;
    const QString to = mark_words(state().solution.placing.by);
    const auto slot = [&](int n) { return 10.0 + (n + 0.5) * step; };
    put(fret12_bass_, {slot(0), upper}, tr("fret 12 to %1, bass").arg(to), step - 4.0);
    put(fret12_treble_, {slot(1), upper}, tr("fret 12 to %1, treble").arg(to), step - 4.0);
    put(diagonal_bass_, {slot(2), upper}, tr("diagonal, bass to treble"), step - 4.0);
    put(diagonal_treble_, {slot(3), upper}, tr("diagonal, treble to bass"), step - 4.0);
    put(nut_bass_, {slot(0), lower}, tr("nut to %1, bass").arg(to), step - 4.0);
    put(nut_treble_, {slot(1), lower}, tr("nut to %1, treble").arg(to), step - 4.0);
    put(shift_, {slot(2) + 0.5 * step, lower}, tr("shift to the treble that balances the last fret"),
        2.0 * step - 8.0);
}

QTransform PlacingCanvas::to_widget() const {
    const Place p = place();
    return {p.scale, 0, 0, -p.scale * p.stretch, p.nut.x(), p.nut.y()};
}

void PlacingCanvas::paint_views(QPainter& painter) {
    const Place p = place();
    Look look = look_of(theme(), "hardwood");
    look.fills = !paint_background(painter, state().job.behind_board);
    paint(painter, placing_board(design(), state().solution, options(), p.stretch), look, p.scale, p.nut);
}

} // namespace fm
