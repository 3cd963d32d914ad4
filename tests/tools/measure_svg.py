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


print(json.dumps({
    "width": root.get("width"), "height": root.get("height"), "viewBox": root.get("viewBox"), "groups": sorted(groups),
    "centres": vertical_lines(groups["CENTRE"]), "texts": [text.text for text in root.iter(space + "text")]}))
