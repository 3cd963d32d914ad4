"""Measures a PDF's 100 mm bar: its ends from the page's paths (through poppler's SVG), and its end lines' centres in a
raster of 2400 dots an inch. Prints JSON; lengths in mm."""
import json
import re
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as tree

from PIL import Image

Image.MAX_IMAGE_PIXELS = None
pdf = sys.argv[1]
mm_per_point = 25.4 / 72
svg = subprocess.run(["pdftocairo", "-svg", pdf, "-"], check=True, capture_output=True).stdout
lines = []
for path in tree.fromstring(svg).iter("{http://www.w3.org/2000/svg}path"):
    points = re.findall(r"[ML] (\S+) (\S+)", path.get("d") or "")
    matrix = re.fullmatch(r"matrix\(([^)]*)\)", path.get("transform") or "matrix(1, 0, 0, 1, 0, 0)")
    a, b, c, d, e, f = (float(v) for v in re.split(r"[ ,]+", matrix.group(1)))
    if len(points) == 2:
        lines.append([(a * float(x) + c * float(y) + e, b * float(x) + d * float(y) + f) for x, y in points])
bars = [line for line in lines if abs(line[0][1] - line[1][1]) < 0.01 and 99.5 < abs(line[1][0] - line[0][0]) * mm_per_point < 100.5]
bar = max(bars, key=lambda line: line[0][1])
left, right = sorted(point[0] for point in bar)
from_path = (right - left) * mm_per_point

dots_per_point = 2400 / 72
y = int(bar[0][1] * dots_per_point)
with tempfile.TemporaryDirectory() as folder:
    subprocess.run(["pdftoppm", "-r", "2400", "-gray", "-x", "0", "-y", str(y - 110), "-W", "12000", "-H", "40", "-singlefile", pdf, folder + "/bar"], check=True)
    image = Image.open(folder + "/bar.pgm").convert("L")
    rows = image.size[1]
    dark = [sum(255 - image.getpixel((x, row)) for row in range(0, rows, 8)) for x in range(image.size[0])]


def centre_near(point):
    middle = int(point * dots_per_point)
    window = range(max(0, middle - 40), min(len(dark), middle + 40))
    return sum(x * dark[x] for x in window) / sum(dark[x] for x in window) + 0.5


from_raster = (centre_near(right) - centre_near(left)) / 2400 * 25.4
fonts = subprocess.run(["pdffonts", pdf], check=True, capture_output=True, text=True).stdout.splitlines()[2:]
words = subprocess.run(["pdftotext", "-layout", pdf, "-"], check=True, capture_output=True, text=True).stdout
print(json.dumps({"path_mm": from_path, "raster_mm": from_raster, "fonts": len(fonts), "embedded": sum(1 for f in fonts if " yes " in f), "text": words}))
