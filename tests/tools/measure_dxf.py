"""Reads a DXF with a library that is not ours: audit, layers, centres of the slots, dimensions. Prints JSON."""
import json
import sys

import ezdxf

document = ezdxf.readfile(sys.argv[1])
auditor = document.audit()
space = document.modelspace()
centres = sorted({round(line.dxf.start.x, 6) for line in space.query("LINE[layer=='CENTRE']") if abs(line.dxf.start.x - line.dxf.end.x) < 1e-9})
bars = set()
for line in space.query("LINE[layer=='DIMENSION']"):
    across, up = abs(line.dxf.end.x - line.dxf.start.x), abs(line.dxf.end.y - line.dxf.start.y)
    if min(across, up) < 1e-9 and 99 < across + up < 103:
        bars.add((round(across + up, 6), across < up))
print(json.dumps({
    "bars": sorted(bars),
    "errors": len(auditor.errors), "repairs": len(auditor.fixes), "units": document.header["$INSUNITS"],
    "version": document.dxfversion, "layers": sorted(layer.dxf.name for layer in document.layers),
    "entities": {kind: len(space.query(kind)) for kind in ("LINE", "LWPOLYLINE", "TEXT", "DIMENSION")},
    "blocks": sum(1 for d in space.query("DIMENSION") if len(document.blocks[d.dxf.geometry]) > 1),
    "measured": sorted(round(d.dxf.actual_measurement, 6) for d in space.query("DIMENSION")),
    "centres": centres,
    "weights": sorted({e.dxf.lineweight for e in space.query("LINE LWPOLYLINE CIRCLE")}),
    "holes": sorted([round(c.dxf.center.x, 6), round(c.dxf.center.y, 6), c.dxf.radius] for c in space.query("CIRCLE[layer=='HOLE']"))}))
