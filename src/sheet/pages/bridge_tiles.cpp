#include "sheet/pages/bridge_tiles.h"

#include "core/solution/bridge_outline.h"
#include "sheet/drawing/pens.h"
#include "sheet/machine/kerf.h"
#include "sheet/views/bridge_views.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace fm {

namespace {

constexpr double overlap_mm = 12; // of neighbours, half of it beyond the line they are joined at
constexpr double head_mm = 22;    // heading, remark and letters over a piece
constexpr double beside_mm = 6;   // room for letters

struct Box {
    Point low;
    Point high;
};

/// The piece of a line within a box, or nothing.
std::optional<std::pair<Point, Point>> within(const Box& box, Point a, Point b) {
    double from = 0;
    double to = 1;
    const auto cut = [&](double run, double room) { // what lies at run·t <= room stays
        if (run == 0) return room >= 0;
        const double t = room / run;
        (run > 0 ? to : from) = run > 0 ? std::min(to, t) : std::max(from, t);
        return from < to;
    };
    const double dx = b.x - a.x;
    const double dy = b.y - a.y;
    if (!cut(dx, box.high.x - a.x) || !cut(-dx, a.x - box.low.x) || !cut(dy, box.high.y - a.y) ||
        !cut(-dy, a.y - box.low.y))
        return std::nullopt;
    return std::pair{Point{a.x + from * dx, a.y + from * dy}, Point{a.x + to * dx, a.y + to * dy}};
}

void add_within(const Box& box, const std::vector<Point>& corners, bool closed, const Path& like,
                Drawing& to) {
    const std::size_t pieces = closed ? corners.size() : corners.size() - 1;
    for (std::size_t i = 0; i < pieces; ++i)
        if (const auto piece = within(box, corners[i], corners[(i + 1) % corners.size()]))
            to.add(line_path(like.layer, piece->first, piece->second, like.stroke));
}

/// What of a view lies in a box, its lines alone.
Drawing piece_of(const Drawing& view, const Box& box) {
    Drawing piece;
    for (const Item& item : view.items) {
        if (const auto* path = std::get_if<Path>(&item)) {
            if (path->layer == Layer::text) continue; // strings: they would hide the lines
            std::vector<Point> corners = corners_of(*path);
            add_within(box, corners, path->closed, *path, piece);
        }
        if (const auto* circle = std::get_if<Circle>(&item)) {
            Path round;
            round.layer = circle->layer;
            round.stroke = circle->stroke;
            std::vector<Point> corners;
            constexpr int sides = 96;
            for (int i = 0; i < sides; ++i) {
                const double turn = 2.0 * std::numbers::pi * i / sides;
                corners.push_back({circle->centre.x + circle->radius * std::cos(turn),
                                   circle->centre.y + circle->radius * std::sin(turn)});
            }
            add_within(box, corners, true, round, piece);
        }
    }
    return piece;
}

/// Where pieces of a length are joined, the fewest that fit into the room, all alike: both ends, too.
std::vector<double> joints(double low, double high, double room) {
    const int pieces = std::max(1, static_cast<int>(std::ceil((high - low) / (room - overlap_mm))));
    std::vector<double> at;
    for (int i = 0; i <= pieces; ++i) at.push_back(low + (high - low) * i / pieces);
    return at;
}

std::string letter(std::size_t number) {
    return std::string(1, static_cast<char>('A' + number % 26));
}

} // namespace

std::vector<Sheet> bridge_tiles(const SheetContext& context) {
    const Design& design = context.job.design;
    BridgeViewOptions options;
    options.mirrored = context.job.left_handed;
    options.behind_mm = 12;
    const Drawing view = bridge_plan(design, context.solution, options);
    Box all{{1e9, 1e9}, {-1e9, -1e9}};
    const double sign = options.mirrored ? -1.0 : 1.0;
    for (const PlanPoint& p : outline_points(shown_outline(design, context.solution), context.solution)) {
        const Point at{sign * p.y_mm, context.solution.straight_saddle.slot_x_at_centre_mm - p.x_mm};
        all.low = {std::min(all.low.x, at.x), std::min(all.low.y, at.y)};
        all.high = {std::max(all.high.x, at.x), std::max(all.high.y, at.y)};
    }
    constexpr double around_mm = 2;
    all = {{all.low.x - around_mm, all.low.y - around_mm}, {all.high.x + around_mm, all.high.y + around_mm}};
    const auto begun = [&] {
        return SheetPage{context, {"bridge"}, translate("sheet", "Bridge in true size"), {}, "1:1", true};
    };
    const SheetPage first = begun();
    const std::vector<double> across = joints(all.low.x, all.high.x, first.width() - 2 * beside_mm);
    const std::vector<double> down =
        joints(-all.high.y, -all.low.y, first.y() - first.bottom() - head_mm - beside_mm);
    const std::size_t count = (across.size() - 1) * (down.size() - 1);
    std::vector<Sheet> sheets;
    for (std::size_t row = 0; row + 1 < down.size(); ++row)
        for (std::size_t column = 0; column + 1 < across.size(); ++column) {
            SheetPage page = begun();
            const bool last_column = column + 2 == across.size();
            const bool last_row = row + 2 == down.size();
            const Box box{{across[column] - (column > 0 ? 0.5 * overlap_mm : 0.0),
                           -down[row + 1] - (last_row ? 0.0 : 0.5 * overlap_mm)},
                          {across[column + 1] + (last_column ? 0.0 : 0.5 * overlap_mm),
                           -down[row] + (row > 0 ? 0.5 * overlap_mm : 0.0)}};
            if (count == 1)
                page.heading(translate("sheet", "True size 1:1"));
            else
                page.heading(
                    with_values(translate("sheet", "Piece %1 of %2, true size 1:1"),
                                std::to_string(sheets.size() + 1), std::to_string(count)),
                    translate("sheet",
                              "cut along a line with a letter, and lay it on that line of the next"));
            const double top = page.y() - (head_mm - 12.0);
            const Point origin{page.middle() - 0.5 * (box.low.x + box.high.x), top - box.high.y};
            page.page().origin = origin;
            page.page().place(piece_of(view, box), 1.0, origin);
            const double words_y = page.y() - 3.0;
            const auto side = [&](bool bass, double x, TextAnchor anchor) {
                page.text(x, words_y, bass ? translate("sheet", "BASS") : translate("sheet", "TREBLE"),
                          SheetPage::small_em, anchor);
            };
            if (column == 0) side(!options.mirrored, origin.x + box.low.x, TextAnchor::left);
            if (last_column) side(options.mirrored, origin.x + box.high.x, TextAnchor::right);
            page.text(page.middle(), words_y, translate("sheet", "HEAD"), SheetPage::small_em,
                      TextAnchor::middle);
            const auto joint = [&](Point a, Point b, const std::string& name) {
                page.page().add(line_path(Layer::dimension, {origin.x + a.x, origin.y + a.y},
                                          {origin.x + b.x, origin.y + b.y}, pens::fine_centre));
                const bool upright = a.x == b.x;
                page.text(origin.x + b.x + (upright ? 0.0 : 2.0), origin.y + b.y + (upright ? 1.5 : -1.0),
                          name, SheetPage::body_em, upright ? TextAnchor::middle : TextAnchor::left, true);
            };
            for (const std::size_t at : {column, column + 1})
                if (at > 0 && at + 1 < across.size())
                    joint({across[at], box.low.y}, {across[at], box.high.y}, letter(at - 1));
            for (const std::size_t at : {row, row + 1})
                if (at > 0 && at + 1 < down.size())
                    joint({box.low.x, -down[at]}, {box.high.x, -down[at]},
                          letter(across.size() - 2 + at - 1));
            sheets.push_back({page.finished(), page.figures()});
        }
    return sheets;
}

} // namespace fm
