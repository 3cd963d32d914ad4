// Solid bodies by Open CASCADE: nut and saddle as a ruled body between front and back face, less their slots;
// a bridge as its outline drawn up, less all that is cut into it from above. A library of its own, loaded by
// sheet/machine/solid_library when the first solid is made: it is far larger than the program.
#include "sheet/machine/solid.h"

#include <APIHeaderSection_MakeHeader.hxx>
#include <BRepAlgoAPI_Common.hxx>
#include <BRepAlgoAPI_Cut.hxx>
#include <BRepBuilderAPI_MakeEdge.hxx>
#include <BRepBuilderAPI_MakeFace.hxx>
#include <BRepBuilderAPI_MakePolygon.hxx>
#include <BRepBuilderAPI_MakeWire.hxx>
#include <BRepMesh_IncrementalMesh.hxx>
#include <BRepOffsetAPI_ThruSections.hxx>
#include <BRepPrimAPI_MakeCylinder.hxx>
#include <BRepPrimAPI_MakePrism.hxx>
#include <GC_MakeArcOfCircle.hxx>
#include <Interface_Static.hxx>
#include <Message.hxx>
#include <Message_Messenger.hxx>
#include <Message_PrinterOStream.hxx>
#include <STEPControl_Writer.hxx>
#include <StepBasic_Product.hxx>
#include <StepData_StepModel.hxx>
#include <StlAPI_Writer.hxx>
#include <TCollection_HAsciiString.hxx>
#include <TopTools_ListOfShape.hxx>
#include <gp_Elips.hxx>

#include <QFile>
#include <QTemporaryDir>

#include <algorithm>
#include <cmath>
#include <functional>
#include <stdexcept>

namespace fm {

namespace {

constexpr double past_mm = 1.0; // tools go on past the body, so that no face lies on another
constexpr double mesh_tolerance_mm = 0.005;

TopoDS_Wire wire_at(const SolidPart& part, double z) {
    BRepBuilderAPI_MakePolygon polygon;
    const double fall = part.bottom_fall_mm * z / part.thickness_mm;
    for (std::size_t i = 0; i < part.profile.size(); ++i)
        polygon.Add(gp_Pnt(part.profile[i].x + part.runs[i] * z,
                           part.profile[i].y - (i < part.bottom_points ? fall : 0.0), z));
    polygon.Close();
    return polygon.Wire();
}

TopoDS_Shape body_of(const SolidPart& part) {
    BRepOffsetAPI_ThruSections body(true, true);
    body.AddWire(wire_at(part, 0.0));
    body.AddWire(wire_at(part, part.thickness_mm));
    body.CheckCompatibility(false);
    body.Build();
    return body.Shape();
}

double top_of(const SolidPart& part) {
    double top = 0;
    for (const Point& p : part.profile) top = std::max(top, p.y);
    return top;
}

/// A slot as a bar with a round bottom, from before the front face to behind the back face.
TopoDS_Shape slot_tool(const SolidPart& part, const SolidPart::Slot& slot) {
    const double r = 0.5 * slot.width_mm;
    const double run = (slot.back_x_mm - slot.x_mm) / part.thickness_mm;
    const double wide = 0.5 * slot.opening_mm;
    const double fall = slot.back_fall_mm / part.thickness_mm;
    const double z = -past_mm;
    const double x = slot.x_mm + run * z;
    const double spring = slot.floor_mm + r - fall * z;
    const double rise = std::max(top_of(part), spring) + past_mm;
    const gp_Pnt left(x - wide, spring, z);
    const gp_Pnt right(x + wide, spring, z);
    const gp_Pnt left_up(x - wide, rise + fall * (part.thickness_mm + 2 * past_mm), z);
    const gp_Pnt right_up(x + wide, left_up.Y(), z);
    BRepBuilderAPI_MakeWire wire;
    wire.Add(BRepBuilderAPI_MakeEdge(left_up, left));
    // A round bottom cut aslant is half an ellipse.
    const gp_Elips bottom(gp_Ax2(gp_Pnt(x, spring, z), gp::DZ(), gp::DX()), wide, r);
    wire.Add(BRepBuilderAPI_MakeEdge(bottom, left, right));
    wire.Add(BRepBuilderAPI_MakeEdge(right, right_up));
    wire.Add(BRepBuilderAPI_MakeEdge(right_up, left_up));
    const double length = part.thickness_mm + 2 * past_mm;
    return BRepPrimAPI_MakePrism(BRepBuilderAPI_MakeFace(wire.Wire()),
                                 gp_Vec(run * length, -fall * length, length));
}

/// What is left of a body whose ends are rounded, as seen from above: a bar with round corners, upright.
TopoDS_Shape rounded_tool(const SolidPart& part) {
    double low = part.profile.front().x;
    double high = low;
    for (const Point& p : part.profile) low = std::min(low, p.x), high = std::max(high, p.x);
    const double r = part.end_radius_mm;
    const double t = part.thickness_mm;
    const double y = -past_mm;
    const auto at = [y](double x, double z) { return gp_Pnt(x, y, z); };
    const double in = r * (1.0 - std::sqrt(0.5)); // of an arc's middle from both its sides
    BRepBuilderAPI_MakeWire wire;
    const auto straight = [&wire](const gp_Pnt& a, const gp_Pnt& b) {
        if (a.Distance(b) > 1e-6) wire.Add(BRepBuilderAPI_MakeEdge(a, b));
    };
    const auto arc = [&wire](const gp_Pnt& a, const gp_Pnt& b, const gp_Pnt& c) {
        wire.Add(BRepBuilderAPI_MakeEdge(GC_MakeArcOfCircle(a, b, c).Value()));
    };
    straight(at(low + r, 0), at(high - r, 0));
    arc(at(high - r, 0), at(high - in, in), at(high, r));
    straight(at(high, r), at(high, t - r));
    arc(at(high, t - r), at(high - in, t - in), at(high - r, t));
    straight(at(high - r, t), at(low + r, t));
    arc(at(low + r, t), at(low + in, t - in), at(low, t - r));
    straight(at(low, t - r), at(low, r));
    arc(at(low, r), at(low + in, in), at(low + r, 0));
    return BRepPrimAPI_MakePrism(BRepBuilderAPI_MakeFace(wire.Wire()),
                                 gp_Vec(0, top_of(part) + 2 * past_mm, 0));
}

TopoDS_Shape less(const TopoDS_Shape& shape, const TopTools_ListOfShape& tools) {
    if (tools.IsEmpty()) return shape;
    TopTools_ListOfShape bodies;
    bodies.Append(shape);
    BRepAlgoAPI_Cut cut;
    cut.SetArguments(bodies);
    cut.SetTools(tools);
    cut.Build();
    if (!cut.IsDone()) throw std::logic_error("a slot could not be cut from the solid");
    return cut.Shape();
}

TopoDS_Shape shape_of(const SolidPart& part) {
    TopoDS_Shape shape = body_of(part);
    if (part.end_radius_mm > 0) shape = BRepAlgoAPI_Common(shape, rounded_tool(part)).Shape();
    TopTools_ListOfShape tools;
    for (const SolidPart::Slot& slot : part.slots) tools.Append(slot_tool(part, slot));
    return less(shape, tools);
}

/// The area within a path, lying at a height that may differ along x, drawn along a way.
TopoDS_Shape drawn(const Path& path, const std::function<double(double)>& height_at, const gp_Vec& way) {
    BRepBuilderAPI_MakeWire wire;
    const std::size_t count = path.vertices.size();
    const auto lifted = [&](Point p) { return gp_Pnt(p.x, p.y, height_at(p.x)); };
    for (std::size_t i = 0; i < count; ++i) {
        const Vertex& a = path.vertices[i];
        const Point b = path.vertices[(i + 1) % count].at;
        if (a.bulge == 0.0) {
            wire.Add(BRepBuilderAPI_MakeEdge(lifted(a.at), lifted(b)));
            continue;
        }
        const Point over{0.5 * (a.at.x + b.x + a.bulge * (b.y - a.at.y)),
                         0.5 * (a.at.y + b.y - a.bulge * (b.x - a.at.x))};
        wire.Add(BRepBuilderAPI_MakeEdge(GC_MakeArcOfCircle(lifted(a.at), lifted(over), lifted(b)).Value()));
    }
    return BRepPrimAPI_MakePrism(BRepBuilderAPI_MakeFace(wire.Wire()), way);
}

/// A wedge as wide as its string, from where that meets the top down to its hole.
TopoDS_Shape ramp_tool(const SolidBridge::Ramp& ramp, const std::function<double(double)>& top_at) {
    const gp_Vec along(ramp.to.x - ramp.from.x, ramp.to.y - ramp.from.y, 0);
    const gp_Vec aside = along.Crossed(gp_Vec(gp::DZ())).Normalized() * ramp.width_mm;
    const auto at = [&](Point p, double z) { return gp_Pnt(p.x, p.y, z).Translated(-0.5 * aside); };
    BRepBuilderAPI_MakePolygon side;
    side.Add(at(ramp.from, top_at(ramp.from.x)));
    side.Add(at(ramp.to, top_at(ramp.to.x) - ramp.depth_mm));
    side.Add(at(ramp.to, top_at(ramp.to.x) + past_mm));
    side.Add(at(ramp.from, top_at(ramp.from.x) + past_mm));
    side.Close();
    return BRepPrimAPI_MakePrism(BRepBuilderAPI_MakeFace(side.Wire()), aside);
}

TopoDS_Shape shape_of(const SolidBridge& bridge) {
    const auto top_at = [&](double x) { return bridge.top_mm + bridge.top_run * x; };
    const auto flat = [](double z) { return [z](double) { return z; }; };
    double highest = 0;
    for (const Vertex& v : bridge.outline.vertices) highest = std::max(highest, top_at(v.at.x));
    const gp_Vec up(0, 0, highest + 2 * past_mm);
    TopoDS_Shape body = drawn(bridge.outline, flat(0.0), gp_Vec(0, 0, highest));
    TopTools_ListOfShape tools;
    if (bridge.top_run != 0) { // all over the top's plane
        Path all;
        double low = 1e9, high = -1e9, front = 1e9, back = -1e9;
        for (const Vertex& v : bridge.outline.vertices) {
            const double bulges = std::abs(v.bulge) > 0 ? highest + 1e3 : past_mm;
            low = std::min(low, v.at.x - bulges), high = std::max(high, v.at.x + bulges);
            front = std::min(front, v.at.y - bulges), back = std::max(back, v.at.y + bulges);
        }
        for (const Point p : {Point{low, front}, Point{high, front}, Point{high, back}, Point{low, back}})
            all.vertices.push_back({p});
        tools.Append(drawn(all, top_at, up));
    }
    if (!bridge.slot.vertices.empty()) {
        // From its floor up, on over the top; what leans stands farther toward the nut the higher it is.
        const double d = bridge.slot_depth_mm;
        Path floor = bridge.slot;
        for (Vertex& v : floor.vertices) v.at.y -= bridge.slot_run * d;
        const double rise = d + past_mm;
        tools.Append(drawn(
            floor, [&](double x) { return top_at(x) - d; }, gp_Vec(0, bridge.slot_run * rise, rise)));
    }
    for (const SolidBridge::Hole& hole : bridge.holes)
        tools.Append(BRepPrimAPI_MakeCylinder(gp_Ax2(gp_Pnt(hole.at.x, hole.at.y, -past_mm), gp::DZ()),
                                              hole.radius_mm, up.Z())
                         .Shape());
    for (const SolidBridge::Ramp& ramp : bridge.ramps) tools.Append(ramp_tool(ramp, top_at));
    return less(body, tools);
}

TopoDS_Shape shape_of(const Solid& solid) {
    return std::visit([](const auto& one) { return shape_of(one); }, solid);
}

/// A STEP file's text: what is not plain English is told by its number.
TCollection_AsciiString step_text(const std::string& words) {
    std::string out;
    for (const char32_t sign : QString::fromStdString(words).toUcs4()) {
        if (sign >= 0x20 && sign < 0x7F)
            out += static_cast<char>(sign);
        else {
            const bool is_short = sign <= 0xFFFF;
            const QString digits = QString::number(static_cast<uint>(sign), 16).toUpper();
            out += is_short ? "\\X2\\" : "\\X4\\";
            out += digits.rightJustified(is_short ? 4 : 8, QLatin1Char('0')).toStdString() + "\\X0\\";
        }
    }
    return out.c_str();
}

/// The library writes to files and talks on standard output; both are kept away.
template <class Write> QByteArray written(const char* name, const Write& write) {
    ::Message::DefaultMessenger()->RemovePrinters(STANDARD_TYPE(Message_PrinterOStream));
    const QTemporaryDir folder;
    const QString path = folder.filePath(QLatin1String(name));
    if (!write(path.toLocal8Bit())) throw std::logic_error("the solid could not be written");
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

} // namespace

} // namespace fm

extern "C" void fair_measure_step(const fm::Solid& solid, const fm::SolidWords& words, QByteArray& out) {
    out = fm::written("part.step", [&](const QByteArray& path) {
        STEPControl_Writer writer;
        Interface_Static::SetCVal("write.step.unit", "MM");
        if (writer.Transfer(fm::shape_of(solid), STEPControl_AsIs) != IFSelect_RetDone) return false;
        // The library puts a number behind a product's name.
        const Handle(StepData_StepModel) model = writer.Model();
        const Handle(TCollection_HAsciiString) name =
            new TCollection_HAsciiString(fm::step_text(words.product));
        for (int i = 1; i <= model->NbEntities(); ++i)
            if (const auto product = Handle(StepBasic_Product)::DownCast(model->Value(i));
                !product.IsNull()) {
                product->SetId(name);
                product->SetName(name);
            }
        APIHeaderSection_MakeHeader header(writer.Model());
        header.SetName(name);
        header.SetAuthorValue(1, new TCollection_HAsciiString(fm::step_text(words.author)));
        header.SetOriginatingSystem(new TCollection_HAsciiString("Fair Measure"));
        return writer.Write(path.constData()) == IFSelect_RetDone;
    });
    // It doubles what a text's own letters are marked by, too.
    for (const char* mark : {"X2", "X4", "X0"})
        out.replace(QByteArray("\\\\") + mark + "\\\\", QByteArray("\\") + mark + "\\");
}

extern "C" void fair_measure_stl(const fm::Solid& solid, QByteArray& out) {
    out = fm::written("part.stl", [&](const QByteArray& path) {
        const TopoDS_Shape shape = fm::shape_of(solid);
        const BRepMesh_IncrementalMesh mesh(shape, fm::mesh_tolerance_mm);
        StlAPI_Writer writer;
        writer.ASCIIMode() = false;
        return mesh.IsDone() && writer.Write(shape, path.constData());
    });
}
