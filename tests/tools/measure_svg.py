"""Reads an SVG as XML: size in mm, groups, vertical lines of the centres' group. Prints JSON."""
import json
import re
import sys
import xml.etree.ElementTree as tree

root = tree.parse(sys.argv[1]).getroot()
space = "{http://www.w3.org/2000/svg}"
groups = {group.get("id"): group for group in root.iter(space + "g")}


def vertical_lines(group):
    found = []
    for path in group.iter(space + "path"):
        match = re.fullmatch(r"M (\S+) (\S+) L (\S+) (\S+)", path.get("d"))
        if match and match.group(1) == match.group(3):
            found.append(float(match.group(1)))
    return sorted(set(found))


def bars():
    """Lengths of lying and standing lines that could be check bars."""
    found = set()
    for path in groups["DIMENSION"].iter(space + "path"):
        match = re.fullmatch(r"M (\S+) (\S+) L (\S+) (\S+)", path.get("d"))
        if match:
            x, y, to_x, to_y = (float(v) for v in match.groups())
            length = abs(to_x - x) + abs(to_y - y)
            if 99 < length < 103 and (x == to_x or y == to_y):
                found.add((round(length, 6), x == to_x))
    return sorted(found)


print(json.dumps({
    "bars": bars(),
    "width": root.get("width"), "height": root.get("height"), "viewBox": root.get("viewBox"), "groups": sorted(groups),
    "centres": vertical_lines(groups["CENTRE"]), "texts": [text.text for text in root.iter(space + "text")]}))
