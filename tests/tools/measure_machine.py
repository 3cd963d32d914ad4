"""Reads a machine's DXF with a library that is not ours: audit, entities a layer, open paths where something is cut,
entities that are there twice, centre lines and their widths. Prints JSON."""
import collections
import json
import sys

import ezdxf

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
lines = [line for line in space.query("LWPOLYLINE[layer=='CENTRE']") if line.dxf.const_width > 0]
print(json.dumps({
    "errors": len(auditor.errors), "repairs": len(auditor.fixes), "layers": layers, "open": open_paths,
    "duplicates": sum(count - 1 for count in shapes.values()),
    "widths": sorted(round(line.dxf.const_width, 6) for line in lines),
    "centres": sorted(round(line[0][0], 6) for line in lines)}))
