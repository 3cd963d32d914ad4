"""Reads a nut out of an SVG, a DXF, a PDF's paths, a STEP or an STL, with nothing of ours. Of drawings:
every four-cornered figure with two sides along the front face, as [middle of the front side, of the back one, length of
the front one, depth]; of solids: the corners on the front and on the back face. Prints JSON; lengths in mm, up is +."""
import json
import re
import struct
import sys
import xml.etree.ElementTree as tree
import zlib

path = sys.argv[1]
space = "{http://www.w3.org/2000/svg}"


def figures_of_svg(root, scale):
    for each in root.iter(space + "path"):
        d = each.get("d") or ""
        numbers = [float(v) for v in re.findall(r"-?\d+(?:\.\d+)?(?:e-?\d+)?", d)]
        if re.sub(r"[\d\s.,e-]", "", d) not in ("MLLLZ", "MLLLLZ", "MLLLZM"):
            continue
        matrix = re.fullmatch(r"matrix\(([^)]*)\)", each.get("transform") or "matrix(1, 0, 0, 1, 0, 0)")
        a, b, c, e, f, g = (float(v) for v in re.split(r"[ ,]+", matrix.group(1)))
        yield [((a * x + c * y + f) * scale, -(b * x + e * y + g) * scale) for x, y in zip(numbers[0:8:2], numbers[1:8:2])]


def figures():
    if path.endswith(".dxf"):
        import ezdxf
        for line in ezdxf.readfile(path).modelspace().query("LWPOLYLINE"):
            if line.closed and len(line) == 4:
                yield [(x, y) for x, y in line.get_points("xy")]
    elif path.endswith(".svg"):
        yield from figures_of_svg(tree.parse(path).getroot(), 1.0)
    else:
        yield from figures_of_pdf()


def figures_of_pdf():
    """From the page's own operators: what turns them into pictures rounds to 1/256 point."""
    for packed in re.findall(rb"stream\r?\n(.*?)\r?\nendstream", open(path, "rb").read(), re.S):
        try:
            stream = zlib.decompressobj().decompress(packed)  # whose last byte may look like the line's end
        except zlib.error:
            continue
        matrices = [(1.0, 0.0, 0.0, 1.0, 0.0, 0.0)]
        numbers, corners = [], []
        for word in stream.decode("latin-1").split():
            if re.fullmatch(r"[-+]?\d*\.?\d+", word):
                numbers.append(float(word))
                continue
            a, b, c, d, e, f = matrices[-1]
            if word == "q":
                matrices.append(matrices[-1])
            elif word == "Q" and len(matrices) > 1:
                matrices.pop()
            elif word == "cm" and len(numbers) == 6:
                A, B, C, D, E, F = numbers
                matrices[-1] = (A * a + B * c, A * b + B * d, C * a + D * c, C * b + D * d, E * a + F * c + e, E * b + F * d + f)
            elif word in "ml" and len(numbers) == 2:
                x, y = numbers
                corners = corners if word == "l" else []
                corners.append(((a * x + c * y + e) * 25.4 / 72, (b * x + d * y + f) * 25.4 / 72))
            elif word == "h" and len(corners) in (4, 5):
                yield corners[:4]
            numbers = []


def slabs():
    for corners in figures():
        low = min(y for _, y in corners)
        high = max(y for _, y in corners)
        front = [x for x, y in corners if abs(y - low) < 1e-3]
        back = [x for x, y in corners if abs(y - high) < 1e-3]
        if len(front) == 2 and len(back) == 2:
            yield [sum(front) / 2, sum(back) / 2, abs(front[1] - front[0]), high - low]


def corners():
    if path.endswith(".stl"):
        data = open(path, "rb").read()
        for n in range(struct.unpack_from("<I", data, 80)[0]):
            yield from (struct.unpack_from("<3f", data, 84 + 50 * n + 12 + 12 * k) for k in range(3))
        return
    text = open(path).read().replace("\n", "")
    points = {number: tuple(float(v) for v in where.split(","))
              for number, where in re.findall(r"#(\d+)\s*=\s*CARTESIAN_POINT\s*\('[^']*',\s*\(([^()]*)\)\s*\)", text)}
    yield from (points[number] for number in re.findall(r"VERTEX_POINT\s*\('[^']*',\s*#(\d+)\)", text))


if path.endswith((".stl", ".step")):
    found = sorted({tuple(round(v, 5) for v in corner) for corner in corners()})
    deepest = max(z for _, _, z in found)
    print(json.dumps({"thickness": deepest, "front": [[x, y] for x, y, z in found if abs(z) < 1e-4],
                      "back": [[x, y] for x, y, z in found if abs(z - deepest) < 1e-4]}))
else:
    print(json.dumps({"slabs": list(slabs())}))
