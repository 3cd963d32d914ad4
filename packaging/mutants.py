#!/usr/bin/env python3
"""Makes small changes of the core's formulas, one at a time, and looks whether a test notices.

    packaging/mutants.py [--seed N] [--count N] [--workers N] [--only FILE]

Sites are drawn by the seed over all of src/core, as many of every kind: a sign, a factor, a comparison, an index, a
constant. For each the core is built with that one change and the tests of core and cases run, the quick ones first,
until one fails. What every test lets pass is printed as a line of its file, and again at the end; a change that does
not compile is not counted. Works in build/mutants; the checkout is not touched. A hundred take about half an hour on
two cores. Ends with how many survived.
"""
import argparse
import queue
import random
import re
import shutil
import subprocess
import sys
import threading
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent
WORK = ROOT / "build" / "mutants"
SWAPS = {
    "sign": [(" + ", " - "), (" - ", " + "), (" += ", " -= "), (" -= ", " += ")],
    "factor": [(" * ", " / "), (" / ", " * ")],
    "comparison": [(" < ", " > "), (" > ", " < "), (" <= ", " >= "), (" >= ", " <= "), (" == ", " != "),
                   (" != ", " == "), ("std::min(", "std::max("), ("std::max(", "std::min(")],
    "index": [("[0]", "[1]"), ("[i]", "[0]"), (".front()", ".back()"), (".back()", ".front()"), (" = 0; ", " = 1; ")],
}
NUMBER = re.compile(r"(?<![\w.\"'])(\d+\.\d+)(?![\w.\"'])|(?<== )(\d+)(?=;)")


def sites_of(path):
    """(kind, path, line number, column, old, new) of every change that can be made in a file."""
    found = []
    for number, line in enumerate(path.read_text().splitlines()):
        code = line.split("//")[0]
        if '"' in code or code.lstrip().startswith(("#", "*", "///", "template", "static_assert")):
            continue
        for kind, swaps in SWAPS.items():
            for old, new in swaps:
                for hit in re.finditer(re.escape(old), code):
                    found.append((kind, path, number, hit.start(), old, new))
        for hit in NUMBER.finditer(code):
            old = hit.group(0)
            new = str(int(old) + 1) if hit.group(2) else repr(float(old) * 1.1 if float(old) else 0.1)
            found.append(("constant", path, number, hit.start(), old, new))
    return found


def drawn(seed, only):
    """All sites, drawn in turn of every kind."""
    kinds = {}
    for path in sorted((ROOT / "src" / "core").rglob("*.cpp")):
        if path.name.startswith("message_table") or (only and path.name != only):
            continue
        for site in sites_of(path):
            kinds.setdefault(site[0], []).append(site)
    draw = random.Random(seed)
    for sites in kinds.values():
        draw.shuffle(sites)
    while any(kinds.values()):
        for kind in sorted(kinds):
            if kinds[kind]:
                yield kinds[kind].pop()


class Tree:
    """A copy of the checkout, built once, in which one change is tried after the other."""

    def __init__(self, number):
        self.root = WORK / str(number)
        self.build = self.root / "build"
        shutil.rmtree(self.root, ignore_errors=True)  # what was built of the last change of an earlier run would stay
        for name in ("src", "tests", "figures", "data"):
            shutil.copytree(ROOT / name, self.root / name)
        shutil.copy2(ROOT / "CMakeLists.txt", self.root)
        subprocess.run(["cmake", "-S", self.root, "-B", self.build, "-G", "Ninja", "-DCMAKE_BUILD_TYPE=Release",
                        "-DCMAKE_CXX_FLAGS_RELEASE=-O1 -DNDEBUG", "-DFAIR_MEASURE_WINDOW=OFF",
                        "-DFAIR_MEASURE_SOLIDS=OFF"], check=True, stdout=subprocess.DEVNULL)
        names = sorted(path.stem for path in (self.root / "tests" / "core").glob("tst_*.cpp"))
        self.tests = [name for name in names if name not in ("tst_laws", "tst_explained")]
        self.tests += ["tst_cases", "tst_explained", "tst_kept", "tst_laws"]  # the slow ones last
        if not self.made():
            sys.exit(f"{self.root} does not build")
        failing = self.noticed_by()
        if failing:
            sys.exit(f"{failing} fails without any change")

    def made(self):
        made = subprocess.run(["cmake", "--build", self.build, "-j", "1", "--target", *self.tests],
                              stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        return made.returncode == 0

    def noticed_by(self):
        """The first test that fails, or nothing."""
        for name in self.tests:
            try:
                ran = subprocess.run([self.build / "tests" / name], stdout=subprocess.DEVNULL,
                                     stderr=subprocess.DEVNULL, timeout=120)
                if ran.returncode:
                    return name
            except subprocess.TimeoutExpired:
                return name
        return None

    def tried(self, site):
        """Whether it compiled, and who noticed."""
        _, path, number, column, old, new = site
        file = self.root / path.relative_to(ROOT)
        text = file.read_text()
        lines = text.splitlines(keepends=True)
        line = lines[number]
        lines[number] = line[:column] + new + line[column + len(old):]
        file.write_text("".join(lines))
        try:
            return (True, self.noticed_by()) if self.made() else (False, None)
        finally:
            file.write_text(text)


def main():
    parser = argparse.ArgumentParser(description="Small changes of the core, and which of them no test notices.")
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--count", type=int, default=100)
    parser.add_argument("--workers", type=int, default=2)
    parser.add_argument("--only", help="a file of src/core")
    words = parser.parse_args()
    waiting = queue.Queue()
    for site in drawn(words.seed, words.only):
        waiting.put(site)
    survivors, counted, lock = [], [0], threading.Lock()

    def work(tree):
        while True:
            with lock:
                if counted[0] >= words.count or waiting.empty():
                    return
                counted[0] += 1
                site = waiting.get()
            compiled, noticed = tree.tried(site)
            kind, path, line, _, old, new = site
            told = f"{kind:10} {path.name}:{line + 1}  {path.read_text().splitlines()[line].strip()}  {old}->{new}"
            with lock:
                if not compiled:
                    counted[0] -= 1
                    continue
                print(f"{noticed or 'SURVIVES':18} {told}", flush=True)
                if not noticed:
                    survivors.append(told)

    trees = [Tree(number) for number in range(words.workers)]  # not in their threads: what is wrong there ends it all
    workers = [threading.Thread(target=work, args=(tree,)) for tree in trees]
    for worker in workers:
        worker.start()
    for worker in workers:
        worker.join()
    print(f"\nseed {words.seed}: {len(survivors)} of {counted[0]} survived")
    for told in sorted(survivors):
        print("  " + told)


if __name__ == "__main__":
    main()
