"""Reads a machine's DXF with a library that is not ours: audit, entities a layer, open paths where something is cut,
entities that are there twice, centre lines and their widths, areas, arcs, the shortest piece, what of a slot lies
outside the part. Prints JSON."""
import collections
import json
import sys

import ezdxf
import ezdxf.path

document = ezdxf.readfile(sys.argv[1])
auditor = document.audit()
space = document.modelspace()
layers = collections.Counter({name: 0 for name in ("CUT", "SLOT", "HOLE", "TOOL", "SCRIBE", "CENTRE")})
shapes = collections.Counter()
open_paths = 0
for entity in space:
    layers[entity.dxf.layer] += 1
    if entity.dxftype() == "LWPOLYLINE":
        points = [tuple(round(v, 6) for v in point) for point in entity.get_points("xyb")]
        shapes[(entity.dxf.layer, tuple(sorted(points)))] += 1
        open_paths += entity.dxf.layer in ("CUT", "SLOT", "TOOL") and not entity.closed
    elif entity.dxftype() == "CIRCLE":
        shapes[(entity.dxf.layer, round(entity.dxf.center.x, 6), round(entity.dxf.center.y, 6), round(entity.dxf.radius, 6))] += 1
    else:
        open_paths += entity.dxf.layer in ("CUT", "SLOT", "TOOL")


def corners(entity):
    return [(p.x, p.y) for p in ezdxf.path.make_path(entity).flattening(0.0001)]


def area(points):
    return abs(sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(points, points[1:] + points[:1]))) / 2


def lies_within(p, points):
    inside = False
    for a, b in zip(points, points[1:] + points[:1]):
        if (a[1] > p[1]) != (b[1] > p[1]) and p[0] < a[0] + (b[0] - a[0]) * (p[1] - a[1]) / (b[1] - a[1]):
            inside = not inside
    return inside


def off(p, points):
    def to(a, b):
        run = (b[0] - a[0], b[1] - a[1])
        length = run[0] ** 2 + run[1] ** 2
        t = 0 if length == 0 else max(0, min(1, ((p[0] - a[0]) * run[0] + (p[1] - a[1]) * run[1]) / length))
        return ((p[0] - a[0] - t * run[0]) ** 2 + (p[1] - a[1] - t * run[1]) ** 2) ** 0.5
    return min(to(a, b) for a, b in zip(points, points[1:] + points[:1]))


polylines = [entity for entity in space if entity.dxftype() == "LWPOLYLINE" and entity.dxf.layer in ("CUT", "SLOT", "TOOL")]
outlines = [corners(entity) for entity in polylines if entity.dxf.layer == "CUT"]
pieces = [((b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2) ** 0.5 for entity in polylines
          for a, b in zip(entity.get_points("xy"), entity.get_points("xy")[1:] + entity.get_points("xy")[:1])]
outside = [off(p, outlines[0]) for entity in polylines if entity.dxf.layer == "SLOT" and outlines
           for p in corners(entity) if not lies_within(p, outlines[0])]
lines = [line for line in space.query("LWPOLYLINE[layer=='CENTRE']") if line.dxf.const_width > 0]
print(json.dumps({
    "errors": len(auditor.errors), "repairs": len(auditor.fixes), "layers": layers, "open": open_paths,
    "duplicates": sum(count - 1 for count in shapes.values()),
    "area": sum(map(area, outlines)), "arcs": sum(point[2] != 0 for entity in polylines if entity.dxf.layer == "CUT"
                                                  for point in entity.get_points("xyb")),
    "corners": sum(len(entity) for entity in polylines if entity.dxf.layer == "CUT"),
    "shortest": min(pieces, default=1), "outside": max(outside, default=0),
    "left": min((p[0] for points in outlines for p in points), default=0),
    "right": max((p[0] for points in outlines for p in points), default=0),
    "low": min((p[1] for points in outlines for p in points), default=0),
    "widths": sorted(round(line.dxf.const_width, 6) for line in lines),
    "centres": sorted(round(line[0][0], 6) for line in lines)}))
