#!/usr/bin/env python3
"""Holds the direction of the includes.

    floors.py SRC FLOORS [--draw]

FLOORS is what the build knows: a line for every folder with what it is linked to. Every include of a source must be of
its own folder or of one below it, by way of these lines; a folder holds at most forty files. Says what does not hold
and ends with 1. With --draw it prints, for every folder, its files and how many includes go where.
"""
import re
import sys
from collections import Counter
from pathlib import Path

MOST_FILES = 40
INCLUDE = re.compile(r'^#include "([^"]+)"', re.MULTILINE)


def below_each(lines):
    """For every folder all that lie below it."""
    direct = {}
    groups = {}
    for line in lines:
        path, _, names = line.partition(":")
        direct[path] = names.split()
    names = {path.replace("/", "-"): path for path in direct}
    for room in {path.split("/")[0] for path in direct}:
        groups[room] = [path for path in direct if path.split("/")[0] == room]

    def reached(path, seen):
        for name in direct[path]:
            for other in [names[name]] if name in names else groups.get(name, []):
                if other not in seen:
                    seen.add(other)
                    reached(other, seen)
        return seen

    return {path: reached(path, set()) for path in direct}


def main():
    src, floors = Path(sys.argv[1]), Path(sys.argv[2])
    below = below_each(floors.read_text().splitlines())
    faults, arrows, files = [], Counter(), Counter()
    for file in sorted(src.rglob("*.cpp")) + sorted(src.rglob("*.h")):
        folder = str(file.parent.relative_to(src))
        files[folder] += 1
        for name in INCLUDE.findall(file.read_text()):
            goal = str(Path(name).parent)
            if goal == folder:
                continue
            arrows[folder, goal] += 1
            if not (src / name).is_file():
                faults.append(f"{folder}/{file.name}: no file {name}")
            elif folder in below and goal not in below[folder]:
                faults.append(f"{folder}/{file.name} includes {name}, which is not below it")
    faults += [f"{folder} holds {count} files" for folder, count in files.items() if count > MOST_FILES]
    faults += [f"{path} is a room of the build and no folder" for path in below if path not in files]
    if "--draw" in sys.argv:
        for folder in below:
            goals = ", ".join(f"{goal} {count}" for (start, goal), count in sorted(arrows.items()) if start == folder)
            print(f"{folder} ({files[folder]} files) -> {goals}")
    print("\n".join(faults) or f"{len(below)} floors, {sum(arrows.values())} includes between them, all down")
    return 1 if faults else 0


if __name__ == "__main__":
    sys.exit(main())
