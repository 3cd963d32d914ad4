#include "sheet/drawing/dxf_outline.h"

#include "core/words/message.h"

#include <dxflib/dl_creationadapter.h>
#include <dxflib/dl_dxf.h>

#include <QFile>
#include <QFileInfo>

#include <algorithm>
#include <array>
#include <atomic>
#include <charconv>
#include <cmath>
#include <map>
#include <numbers>
#include <optional>
#include <set>
#include <sstream>
#include <string_view>

namespace fm {

namespace {

constexpr double chord_tolerance = 0.01;
constexpr std::size_t most_points = 400'000; // more would only make the window slow
constexpr std::size_t most_inserts = 50'000; // of blocks, those within blocks counted each time
constexpr std::size_t longest_line = 1000;   // the library's own lines end at 1024
constexpr int most_nesting = 16;
constexpr double straight_bulge = 1e-9;

struct TooMuch {};
struct Stopped {};
constexpr int most_of_a_curve = 100'000; // vertices, knots, control points

[[noreturn]] void refuse(const char* id, const QString& path, std::string what = {}) {
    throw InputError({id, Severity::error, QFileInfo(path).fileName().toStdString(), {std::move(what)}});
}

/// Where a block's drawing goes.
struct Placing {
    double a = 1, b = 0, c = 0, d = 1; // x' = a x + c y + e, y' = b x + d y + f
    double e = 0, f = 0;
    Point of(Point p) const { return {a * p.x + c * p.y + e, b * p.x + d * p.y + f}; }
    Placing within(const Placing& outer) const {
        return {outer.a * a + outer.c * b,           outer.b * a + outer.d * b,
                outer.a * c + outer.c * d,           outer.b * c + outer.d * d,
                outer.a * e + outer.c * f + outer.e, outer.b * e + outer.d * f + outer.f};
    }
};

using Line = std::vector<Point>;

int pieces_of(double radius, double sweep) {
    const double step = 2.0 * std::acos(1.0 - std::min(1.0, chord_tolerance / std::max(radius, 1e-6)));
    return std::clamp(static_cast<int>(std::ceil(std::abs(sweep) / std::max(step, 1e-3))), 2, 4000);
}

/// An arc of an ellipse: centre, half axes as vectors.
Line ellipse(Point centre, Point first, Point second, double from, double to) {
    const double radius = std::max(std::hypot(first.x, first.y), std::hypot(second.x, second.y));
    const int pieces = pieces_of(radius, to - from);
    Line line;
    for (int i = 0; i <= pieces; ++i) {
        const double at = from + (to - from) * i / pieces;
        line.push_back({centre.x + std::cos(at) * first.x + std::sin(at) * second.x,
                        centre.y + std::cos(at) * first.y + std::sin(at) * second.y});
    }
    return line;
}

/// Where an arc that begins at an angle ends: at most one turn after it. What is no angle ends where it
/// begins.
double end_after(double from, double to) {
    constexpr double turn = 2.0 * std::numbers::pi;
    const double sweep = std::fmod(to - from, turn);
    return std::isfinite(sweep) ? from + (sweep <= 0 ? sweep + turn : sweep) : from;
}

Line arc(Point centre, double radius, double from_deg, double to_deg) {
    const double from = from_deg * std::numbers::pi / 180.0;
    return ellipse(centre, {radius, 0}, {0, radius}, from,
                   end_after(from, to_deg * std::numbers::pi / 180.0));
}

/// The piece from a to b, b left out.
void add_piece(Line& line, Point a, Point b, double bulge) {
    line.push_back(a);
    if (!(std::abs(bulge) > straight_bulge)) return;
    const double sweep = 4.0 * std::atan(bulge);
    const double dx = b.x - a.x;
    const double dy = b.y - a.y;
    const double away = 0.5 / std::tan(0.5 * sweep);
    const Point centre{a.x + 0.5 * dx - away * dy, a.y + 0.5 * dy + away * dx};
    const Point arm{a.x - centre.x, a.y - centre.y};
    const int pieces = pieces_of(std::hypot(arm.x, arm.y), sweep);
    for (int i = 1; i < pieces; ++i) {
        const double turn = sweep * i / pieces;
        line.push_back({centre.x + arm.x * std::cos(turn) - arm.y * std::sin(turn),
                        centre.y + arm.x * std::sin(turn) + arm.y * std::cos(turn)});
    }
}

struct Spline {
    int degree = 3;
    std::vector<double> knots;
    std::vector<Point> points;
    std::vector<double> weights;
    std::vector<Point> through; ///< fit points, where there are no others

    bool is_sound() const {
        return degree >= 1 && degree <= 10 && static_cast<int>(points.size()) > degree &&
               knots.size() == points.size() + static_cast<std::size_t>(degree) + 1 &&
               std::is_sorted(knots.begin(), knots.end());
    }

    /// By de Boor's rule, in the projective plane.
    Point at(double u) const {
        const auto p = static_cast<std::size_t>(degree);
        std::size_t span = p;
        while (span + 1 < points.size() && knots[span + 1] <= u) ++span;
        std::vector<std::array<double, 3>> d;
        for (std::size_t j = 0; j <= p; ++j) {
            const std::size_t i = span - p + j;
            const double w = weights[i];
            d.push_back({points[i].x * w, points[i].y * w, w});
        }
        for (std::size_t r = 1; r <= p; ++r)
            for (std::size_t j = p; j >= r; --j) {
                const double low = knots[span - p + j];
                const double high = knots[span + 1 + j - r];
                const double t = high > low ? (u - low) / (high - low) : 0.0;
                for (std::size_t k = 0; k < 3; ++k) d[j][k] = (1.0 - t) * d[j - 1][k] + t * d[j][k];
            }
        return {d[p][0] / d[p][2], d[p][1] / d[p][2]};
    }

    Line line() const {
        if (!is_sound()) return through;
        const double from = knots[static_cast<std::size_t>(degree)];
        const double to = knots[points.size()];
        double length = 0;
        for (std::size_t i = 1; i < points.size(); ++i)
            length += std::hypot(points[i].x - points[i - 1].x, points[i].y - points[i - 1].y);
        const int pieces = std::clamp(static_cast<int>(length / 0.25), 16, 8000);
        Line out;
        for (int i = 0; i <= pieces; ++i) out.push_back(at(from + (to - from) * i / pieces));
        return out;
    }
};

/// What the library reads, kept block by block.
class Reading : public DL_CreationAdapter {
public:
    struct Insert {
        std::string block;
        Placing place;
    };
    struct Block {
        Point base;
        std::vector<Line> lines;
        std::vector<Insert> inserts;
    };

    /// @param stop may be set by another thread; none: nobody stops it
    explicit Reading(const std::atomic<bool>* stop) : stop_(stop) {}

    void addBlock(const DL_BlockData& data) override {
        finish();
        current_ = data.name;
        blocks_[current_].base = {data.bpx, data.bpy};
    }
    void endBlock() override {
        finish();
        current_.clear();
    }
    void endSequence() override { finish(); }
    void addLine(const DL_LineData& d) override { add({{d.x1, d.y1}, {d.x2, d.y2}}); }
    void addArc(const DL_ArcData& d) override { add(arc({d.cx, d.cy}, d.radius, d.angle1, d.angle2)); }
    void addCircle(const DL_CircleData& d) override { add(arc({d.cx, d.cy}, d.radius, 0, 360)); }
    void addEllipse(const DL_EllipseData& d) override {
        add(ellipse({d.cx, d.cy}, {d.mx, d.my}, {-d.my * d.ratio, d.mx * d.ratio}, d.angle1,
                    end_after(d.angle1, d.angle2)));
    }
    void addPolyline(const DL_PolylineData& d) override {
        finish();
        in_polyline_ = true;
        is_closed_ = (d.flags & 1) != 0;
    }
    void addVertex(const DL_VertexData& d) override {
        if (in_polyline_) vertices_.push_back({{d.x, d.y}, d.bulge});
    }
    void addSpline(const DL_SplineData& d) override {
        finish();
        in_spline_ = true;
        spline_ = {};
        spline_.degree = static_cast<int>(d.degree);
    }
    void addKnot(const DL_KnotData& d) override { spline_.knots.push_back(d.k); }
    void addControlPoint(const DL_ControlPointData& d) override {
        spline_.points.push_back({d.x, d.y});
        spline_.weights.push_back(d.w > 0 ? d.w : 1.0);
    }
    void addFitPoint(const DL_FitPointData& d) override { spline_.through.push_back({d.x, d.y}); }
    void addInsert(const DL_InsertData& d) override {
        finish();
        const double turn = d.angle * std::numbers::pi / 180.0;
        if (!std::isfinite(turn)) return;
        for (int column = 0; column < std::clamp(d.cols, 1, 100); ++column)
            for (int row = 0; row < std::clamp(d.rows, 1, 100); ++row) {
                const Placing grid{1, 0, 0, 1, column * d.colSp, row * d.rowSp};
                const Placing turned{std::cos(turn) * d.sx,
                                     std::sin(turn) * d.sx,
                                     -std::sin(turn) * d.sy,
                                     std::cos(turn) * d.sy,
                                     0,
                                     0};
                Placing place = turned.within(grid);
                place.e += d.ipx;
                place.f += d.ipy;
                if (++inserts_ > most_inserts) throw TooMuch();
                blocks_[current_].inserts.push_back({d.name, place});
            }
    }
    void addText(const DL_TextData&) override { leave_out("TEXT"); }
    void addMText(const DL_MTextData&) override { leave_out("MTEXT"); }
    void addHatch(const DL_HatchData&) override { leave_out("HATCH"); }
    void addPoint(const DL_PointData&) override { leave_out("POINT"); }
    void addImage(const DL_ImageData&) override { leave_out("IMAGE"); }
    void add3dFace(const DL_3dFaceData&) override { leave_out("3DFACE"); }
    void addSolid(const DL_SolidData&) override { leave_out("SOLID"); }
    void addDimLinear(const DL_DimensionData&, const DL_DimLinearData&) override { leave_out("DIMENSION"); }
    void addDimAlign(const DL_DimensionData&, const DL_DimAlignedData&) override { leave_out("DIMENSION"); }
    void setVariableInt(const std::string& key, int value, int) override {
        if (key == "$INSUNITS") units_ = value;
    }

    void finish() {
        if (in_polyline_ && vertices_.size() > 1) {
            Line line;
            const std::size_t pieces = vertices_.size() - (is_closed_ ? 0 : 1);
            for (std::size_t i = 0; i < pieces; ++i) {
                add_piece(line, vertices_[i].at, vertices_[(i + 1) % vertices_.size()].at,
                          vertices_[i].bulge);
                if (line.size() > most_points) throw TooMuch();
            }
            line.push_back(vertices_[is_closed_ ? 0 : vertices_.size() - 1].at);
            add(std::move(line));
        }
        if (in_spline_) add(spline_.line());
        in_polyline_ = in_spline_ = false;
        vertices_.clear();
    }

    struct Flat {
        std::vector<Line> lines;
        std::size_t points = 0;
        std::size_t inserts = 0;
    };
    /// Everything drawn, blocks put where they are inserted. @throws TooMuch
    void flatten(const std::string& name, const Placing& place, int depth, Flat& out) const {
        if (++out.inserts > most_inserts) throw TooMuch(); // also of what is not there
        go_on();
        const auto block = blocks_.find(name);
        if (block == blocks_.end() || depth > most_nesting) return;
        for (const Line& line : block->second.lines) {
            out.points += line.size();
            if (out.points > most_points) throw TooMuch();
            Line placed;
            for (const Point& p : line) placed.push_back(place.of(p));
            if (is_drawable(placed)) out.lines.push_back(std::move(placed));
        }
        for (const Insert& insert : block->second.inserts) {
            const auto of = blocks_.find(insert.block);
            const Point base = of == blocks_.end() ? Point{} : of->second.base;
            const Placing from_base{1, 0, 0, 1, -base.x, -base.y};
            flatten(insert.block, from_base.within(insert.place).within(place), depth + 1, out);
        }
    }

    int units() const { return units_; }
    const std::set<std::string>& left_out() const { return left_out_; }

private:
    void leave_out(const char* kind) {
        finish();
        if (current_.empty()) left_out_.insert(kind);
    }
    static bool is_drawable(const Line& line) {
        return line.size() > 1 && std::all_of(line.begin(), line.end(), [](const Point& p) {
                   return std::isfinite(p.x) && std::isfinite(p.y) && std::abs(p.x) < 1e7 &&
                          std::abs(p.y) < 1e7;
               });
    }
    void go_on() const {
        if (stop_ && *stop_) throw Stopped();
    }
    void add(Line line) {
        go_on();
        points_ += line.size();
        if (points_ > most_points) throw TooMuch();
        if (is_drawable(line)) blocks_[current_].lines.push_back(std::move(line));
    }

    const std::atomic<bool>* stop_;
    std::size_t points_ = 0;
    std::size_t inserts_ = 0;
    std::map<std::string, Block> blocks_; ///< "" is the drawing itself
    std::string current_;
    std::vector<Vertex> vertices_;
    bool in_polyline_ = false;
    bool is_closed_ = false;
    bool in_spline_ = false;
    Spline spline_;
    int units_ = 0;
    std::set<std::string> left_out_;
};

/// The library trusts its files; what it would stumble over is looked for first. A DXF is pairs of a group
/// code and a value, line by line.
void check_tags(std::string_view text, const QString& path) {
    bool drawn = false;
    bool ended = false;
    int code = 0;
    bool is_code = true;
    std::size_t line_number = 0;
    std::string entity;
    while (!text.empty()) {
        const std::size_t end = std::min(text.find('\n'), text.size());
        std::string_view line = text.substr(0, end);
        text.remove_prefix(std::min(end + 1, text.size()));
        ++line_number;
        while (!line.empty() && (line.back() == '\r' || line.back() == ' ')) line.remove_suffix(1);
        while (!line.empty() && line.front() == ' ') line.remove_prefix(1);
        const auto whole = [&](int& out) {
            const auto read = std::from_chars(line.data(), line.data() + line.size(), out);
            return read.ec == std::errc() && read.ptr == line.data() + line.size();
        };
        if (is_code) {
            if (line.empty() && text.empty()) break;
            if (!whole(code) || code < -10 || code > 1100)
                refuse("dxf_no_code", path, std::to_string(line_number));
        } else if (code == 0) {
            entity = line;
            ended = entity == "EOF";
            drawn = drawn || (entity == "SECTION");
            if (ended) break;
        } else {
            int count = 0;
            const bool counts = (code == 90 && entity == "LWPOLYLINE") ||
                                (code >= 71 && code <= 74 && (entity == "SPLINE" || entity == "LEADER")) ||
                                (code >= 90 && code <= 99 && entity == "HATCH") ||
                                ((code == 91 || code == 93 || code == 72 || code == 73) && entity == "HATCH");
            if (counts && (!whole(count) || count < 0 || count > most_of_a_curve))
                refuse("dxf_count", path, entity + ": " + std::string(line.substr(0, 30)));
        }
        is_code = !is_code;
    }
    if (!drawn) refuse("dxf_none", path);
    if (!ended) refuse("dxf_broken_off", path);
}

/// The text with no line longer than the library can hold: only words are, and no word is drawn.
std::string with_short_lines(std::string_view text) {
    std::string out;
    out.reserve(text.size());
    while (!text.empty()) {
        const std::size_t end = std::min(text.find('\n'), text.size());
        out.append(text.substr(0, std::min(end, longest_line)));
        if (end < text.size()) out += '\n';
        text.remove_prefix(std::min(end + 1, text.size()));
    }
    return out;
}

/// mm in one of a drawing's units; nothing for those that are none of length or not told.
std::optional<double> mm_per_unit(int units) {
    switch (units) {
    case 1: return 25.4;
    case 2: return 304.8;
    case 4: return 1.0;
    case 5: return 10.0;
    case 6: return 1000.0;
    case 8: return 25.4e-6;
    case 9: return 0.0254;
    case 13: return 0.001;
    case 14: return 100.0;
    default: return std::nullopt;
    }
}

} // namespace

DxfOutline dxf_outline(const QString& path, const std::atomic<bool>* stop) {
    QFile file(path);
    if (!QFileInfo(path).isFile() || !file.open(QIODevice::ReadOnly))
        refuse("file_missing", path, path.toStdString());
    if (file.size() > largest_dxf_bytes) refuse("dxf_too_large", path, std::to_string(file.size() / 1000000));
    const QByteArray bytes = file.read(largest_dxf_bytes + 1);
    if (bytes.size() > largest_dxf_bytes)
        refuse("dxf_too_large", path, std::to_string(bytes.size() / 1000000));
    return dxf_outline_of(bytes, path, stop);
}

DxfOutline dxf_outline_of(const QByteArray& bytes, const QString& path, const std::atomic<bool>* stop) {
    if (bytes.startsWith("AutoCAD Binary DXF")) refuse("dxf_binary", path);
    check_tags({bytes.constData(), static_cast<std::size_t>(bytes.size())}, path);
    Reading reading(stop);
    Reading::Flat flat;
    try {
        std::istringstream stream(
            with_short_lines({bytes.constData(), static_cast<std::size_t>(bytes.size())}));
        DL_Dxf dxf;
        dxf.in(stream, &reading);
        reading.finish();
        reading.flatten("", {}, 0, flat);
    } catch (const TooMuch&) {
        refuse("dxf_too_much", path, std::to_string(most_points));
    } catch (const Stopped&) {
        refuse("dxf_stopped", path);
    } catch (const std::exception& error) {
        refuse("dxf_unreadable", path, error.what());
    }
    std::vector<Line>& lines = flat.lines;
    if (lines.empty()) refuse("dxf_nothing_drawn", path);
    DxfOutline outline;
    const auto scale = mm_per_unit(reading.units());
    outline.units_told = scale.has_value();
    outline.low = {1e300, 1e300};
    outline.high = {-1e300, -1e300};
    for (auto& line : lines)
        for (Point& p : line) {
            p = {p.x * scale.value_or(1.0), p.y * scale.value_or(1.0)};
            outline.low = {std::min(outline.low.x, p.x), std::min(outline.low.y, p.y)};
            outline.high = {std::max(outline.high.x, p.x), std::max(outline.high.y, p.y)};
        }
    outline.lines = std::move(lines);
    outline.left_out.assign(reading.left_out().begin(), reading.left_out().end());
    return outline;
}

} // namespace fm
