"""Writes a DXF with a library that is not ours, as somebody else's program would: make_dxf.py KIND FILE."""
import sys

import ezdxf

kind, path = sys.argv[1:]
document = ezdxf.new("R2010", setup=False)
space = document.modelspace()
document.header["$INSUNITS"] = {"inch": 1, "blocks": 4, "spline": 4, "unitless": 0, "words": 4, "empty": 4, "old": 4}[kind]
if kind == "inch":
    space.add_lwpolyline([(0, 0), (4, 0), (4, 1), (0, 1)], close=True)
elif kind == "blocks":
    hole = document.blocks.new("HOLE", base_point=(1, 1))
    hole.add_circle((1, 1), 2.5)
    pair = document.blocks.new("PAIR")
    pair.add_blockref("HOLE", (0, 0))
    pair.add_blockref("HOLE", (20, 0))
    space.add_blockref("PAIR", (100, 50), dxfattribs={"rotation": 90, "xscale": 2, "yscale": 2})
elif kind == "spline":
    space.add_open_spline([(0, 0), (10, 20), (20, -20), (30, 0)], degree=3)
    space.add_ellipse((50, 0), major_axis=(10, 0), ratio=0.5)
    space.add_arc((80, 0), 10, 0, 90)
elif kind == "unitless":
    space.add_line((0, 0), (30, 40))
elif kind == "words":
    space.add_line((0, 0), (1, 0))
    space.add_text("bridge")
    space.add_point((5, 5))
elif kind == "old":
    document = ezdxf.new("R12")
    document.modelspace().add_polyline2d([(0, 0, 0), (10, 0, 1), (10, 10, 0)], format="xyb")
document.saveas(path)
