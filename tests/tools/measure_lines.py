"""Every straight line of a PDF's pages through poppler's SVG, in mm with y up, as a printer would print it that scales by
the two factors given (1 1: as it is). Prints JSON: for every page its size, its lines, its circles' boxes."""
import json
import re
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as tree

pdf, across, up = sys.argv[1], float(sys.argv[2]), float(sys.argv[3])
mm = 25.4 / 72
space = "{http://www.w3.org/2000/svg}"
count = int(re.search(r"Pages:\s+(\d+)", subprocess.run(["pdfinfo", pdf], check=True, capture_output=True, text=True).stdout).group(1))
pages = []
for number in range(1, count + 1):
    with tempfile.NamedTemporaryFile(suffix=".svg") as file:
        subprocess.run(["pdftocairo", "-svg", "-f", str(number), "-l", str(number), pdf, file.name], check=True)
        root = tree.parse(file.name).getroot()
    width, height = (float(root.get(name).removesuffix("pt")) for name in ("width", "height"))
    letters = {path for part in root.iter(space + "defs") for path in part.iter(space + "path")}
    lines = []
    for path in root.iter(space + "path"):
        data = path.get("d") or ""
        if "C" in data or path in letters:
            continue
        matrix = re.fullmatch(r"matrix\(([^)]*)\)", path.get("transform") or "matrix(1, 0, 0, 1, 0, 0)")
        a, b, c, d, e, f = (float(v) for v in re.split(r"[ ,]+", matrix.group(1)))
        points = [(a * float(x) + c * float(y) + e, b * float(x) + d * float(y) + f) for x, y in re.findall(r"[ML] (\S+) (\S+)", data)]
        if "Z" in data and points:
            points.append(points[0])
        lines += [[p[0] * mm * across, (height - p[1]) * mm * up, q[0] * mm * across, (height - q[1]) * mm * up] for p, q in zip(points, points[1:])]
    pages.append({"width": width * mm, "height": height * mm, "lines": lines})
print(json.dumps({"pages": pages}))
