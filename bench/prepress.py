#!/usr/bin/python3
"""Reads files for printers and cutters by engines of others and holds them against what must stand
in them (expected.tsv beside them): boxes by poppler's pdfinfo, separations by Ghostscript's
tiffsep, DXF by ezdxf. Says each measure once; ends with 1 if one is missed."""
import glob
import math
import os
import re
import subprocess
import sys

import ezdxf
import numpy
from PIL import Image

Image.MAX_IMAGE_PIXELS = None
PT = 72 / 25.4
PPI = 300
FINE_PPI = 1200  # shifts of a fifth of a mm are nine pixels
NEAR_MM = 0.03  # boxes and sizes


def boxes(path, fields):
    width, height, bleed, page_width, page_height = map(float, fields)
    told = subprocess.run(["pdfinfo", "-box", path], capture_output=True, text=True, check=True).stdout
    box = {}
    for name in ("MediaBox", "BleedBox", "TrimBox"):
        numbers = re.search(name + r":\s+([-\d.]+)\s+([-\d.]+)\s+([-\d.]+)\s+([-\d.]+)", told)
        box[name] = [float(numbers.group(i)) / PT for i in range(1, 5)]
    size = lambda b: (b[2] - b[0], b[3] - b[1])
    off = max(abs(size(box["TrimBox"])[0] - width), abs(size(box["TrimBox"])[1] - height))
    off = max(off, abs(size(box["MediaBox"])[0] - page_width), abs(size(box["MediaBox"])[1] - page_height))
    for i, sign in enumerate((-1, -1, 1, 1)):
        off = max(off, abs(box["BleedBox"][i] - box["TrimBox"][i] - sign * bleed))
    # As the standards say: 1.6 for X-4 (ISO 15930-7), 1.3 or 1.4 for X-1a (ISO 15930-1 and -4).
    version = re.search(r"PDF version:\s+([\d.]+)", told).group(1)
    with open(path, "rb") as file:
        raw = file.read()
    header = raw[5:8].decode()
    right = header == version and (version == "1.6" or version in ("1.3", "1.4"))
    return off <= NEAR_MM and right and b"/Version" not in raw, "boxes off by %.3f mm, PDF %s" % (off, version)


def plates(path, ppi):
    folder = path + ".plates"
    os.makedirs(folder, exist_ok=True)
    for old in glob.glob(folder + "/*"):
        os.remove(old)
    subprocess.run(
        ["gs", "-q", "-dBATCH", "-dNOPAUSE", "-dSAFER", "-sDEVICE=tiffsep", "-r%d" % ppi,
         "-sOutputFile=%s/page.tif" % folder, path], check=True, capture_output=True)
    found = {}
    for file in glob.glob(folder + "/page(*).tif"):
        name = re.search(r"\((.*)\)\.tif$", file).group(1)
        found[name] = numpy.asarray(Image.open(file).convert("L"))
    return found


def inks(path, fields):
    found = plates(path, PPI)
    spots = sorted(name for name in found if name not in ("Cyan", "Magenta", "Yellow", "Black"))
    drawn = all((found[name] < 128).any() for name in spots)
    return spots == sorted(f for f in fields if f) and drawn, "inks of their own: " + (", ".join(spots) or "none")


def shifted(plate, dx, dy):
    return numpy.roll(numpy.roll(plate, dy, 0), dx, 1)


def grown(plate, by):
    """By a disc."""
    wide = plate.copy()
    for dy in range(-by, by + 1):
        far = int(math.sqrt(by * by - dy * dy))
        row = plate.copy()
        for dx in range(1, far + 1):
            row |= shifted(plate, dx, 0) | shifted(plate, -dx, 0)
        wide |= shifted(row, 0, dy)
    return wide


def traps(path, fields):
    """Paper between two inks that met when all plates lay where they should. What one plate alone
    leaves behind, such as a line on paper, is no gap: the whole drawing moves there."""
    register, most = float(fields[0]), float(fields[1])
    found = {name: plate < 250 for name, plate in plates(path, FINE_PPI).items() if (plate < 250).any()}
    whole = numpy.zeros_like(next(iter(found.values())))
    for plate in found.values():
        whole |= plate
    by = int(register / 25.4 * FINE_PPI)
    worst, where = 0, ""
    for name, plate in found.items():
        others = numpy.zeros_like(whole)
        for other, laid in found.items():
            if other != name:
                others |= laid
        beside = grown(others, by)
        for k in range(8):
            dx = int(by * math.cos(math.pi * k / 4))
            dy = int(by * math.sin(math.pi * k / 4))
            moved = shifted(plate, dx, dy)
            # A slit between two inks, not the edge of what is bare anyway: no disc fits into it.
            bare = ~(others | moved)
            slit = bare & ~grown(~grown(~bare, by // 2 + 1), by // 2 + 1)
            paper = whole & slit & beside
            mm2 = paper.sum() * (25.4 / FINE_PPI) ** 2
            if mm2 > worst:
                worst, where = mm2, "%s by %d, %d px" % (name, dx, dy)
    return worst <= most, "%.4f mm2 of paper at worst %s, %d plates" % (worst, where, len(found))


def dxf(path, fields):
    width, height = map(float, fields)
    document = ezdxf.readfile(path)
    audit = document.audit()
    seen, doubled, out = set(), 0, 0
    for entity in document.modelspace():
        if entity.dxftype() == "SPLINE":
            points = [tuple(p) for p in entity.control_points]
        elif entity.dxftype() == "LWPOLYLINE":
            points = [tuple(p[:2]) for p in entity.get_points()]
        elif entity.dxftype() == "LINE":
            points = [tuple(entity.dxf.start), tuple(entity.dxf.end)]
        else:
            points = [tuple(v.dxf.location) for v in entity.vertices]
        way = tuple((round(p[0], 2), round(p[1], 2)) for p in points)
        key = min(way, way[::-1])
        doubled += key in seen
        seen.add(key)
        out += any(p[0] < -0.01 or p[0] > width + 0.01 or p[1] < -0.01 or p[1] > height + 0.01 for p in points)
    unit = document.header.get("$INSUNITS"), document.header.get("$MEASUREMENT")
    right = not audit.errors and doubled == 0 and out == 0 and unit == (4, 1) and len(seen) > 0
    return right, "%d paths, %d doubled, %d off the page, unit %s, %d errors" % (
        len(seen), doubled, out, unit, len(audit.errors))


def main(folder):
    missed = 0
    with open(os.path.join(folder, "expected.tsv")) as lines:
        for line in lines:
            what, name, *fields = line.rstrip("\n").split("\t")
            good, told = {"boxes": boxes, "inks": inks, "traps": traps, "dxf": dxf}[what](
                os.path.join(folder, name), fields)
            missed += not good
            print("%-6s %-28s %s%s" % (what, name, told, "" if good else "   <- MISSED"))
    print("%d missed" % missed)
    return 1 if missed else 0


sys.exit(main(sys.argv[1]))
