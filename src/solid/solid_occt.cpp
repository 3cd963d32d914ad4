// Solid bodies by Open CASCADE: a ruled body between front and back face, less its slots. A library of its
// own, loaded by sheet/machine/solid_library when the first solid is made: it is far larger than the program.
#include "sheet/machine/solid.h"

#include <BRepAlgoAPI_Common.hxx>
#include <BRepAlgoAPI_Cut.hxx>
#include <BRepBuilderAPI_MakeEdge.hxx>
#include <BRepBuilderAPI_MakeFace.hxx>
#include <BRepBuilderAPI_MakePolygon.hxx>
#include <BRepBuilderAPI_MakeWire.hxx>
#include <BRepMesh_IncrementalMesh.hxx>
#include <BRepOffsetAPI_ThruSections.hxx>
#include <BRepPrimAPI_MakePrism.hxx>
#include <GC_MakeArcOfCircle.hxx>
#include <Interface_Static.hxx>
#include <Message.hxx>
#include <Message_Messenger.hxx>
#include <Message_PrinterOStream.hxx>
#include <STEPControl_Writer.hxx>
#include <StlAPI_Writer.hxx>
#include <TopTools_ListOfShape.hxx>
#include <gp_Elips.hxx>

#include <QFile>
#include <QTemporaryDir>

#include <algorithm>
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

TopoDS_Shape shape_of(const SolidPart& part) {
    TopoDS_Shape shape = body_of(part);
    if (part.end_radius_mm > 0) shape = BRepAlgoAPI_Common(shape, rounded_tool(part)).Shape();
    if (part.slots.empty()) return shape;
    TopTools_ListOfShape bodies;
    TopTools_ListOfShape tools;
    bodies.Append(shape);
    for (const SolidPart::Slot& slot : part.slots) tools.Append(slot_tool(part, slot));
    BRepAlgoAPI_Cut cut;
    cut.SetArguments(bodies);
    cut.SetTools(tools);
    cut.Build();
    if (!cut.IsDone()) throw std::logic_error("a slot could not be cut from the solid");
    return cut.Shape();
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

extern "C" void fair_measure_step(const fm::SolidPart& part, const char* name, QByteArray& out) {
    out = fm::written("part.step", [&](const QByteArray& path) {
        STEPControl_Writer writer;
        Interface_Static::SetCVal("write.step.unit", "MM");
        Interface_Static::SetCVal("write.step.product.name", name);
        return writer.Transfer(fm::shape_of(part), STEPControl_AsIs) == IFSelect_RetDone &&
               writer.Write(path.constData()) == IFSelect_RetDone;
    });
}

extern "C" void fair_measure_stl(const fm::SolidPart& part, QByteArray& out) {
    out = fm::written("part.stl", [&](const QByteArray& path) {
        const TopoDS_Shape shape = fm::shape_of(part);
        const BRepMesh_IncrementalMesh mesh(shape, fm::mesh_tolerance_mm);
        StlAPI_Writer writer;
        writer.ASCIIMode() = false;
        return mesh.IsDone() && writer.Write(shape, path.constData());
    });
}
