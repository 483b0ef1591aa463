#!/usr/bin/env python3
"""Paints Coppersmiths' Row over its flat drawing in flat strokes, as a canvas that is still being worked on:
references/row-canvas.png. Most of it keeps to the set of the demo; a jug, a warm wall and a lamp do not.

Needs nothing but Python, and references/row-flat.png of draw_flat.py."""
import math
import pathlib
import random
import struct
import zlib

FOLDER = pathlib.Path(__file__).parent / "references"
# From a color of the drawing to the two swatches (or strays) that strokes are mixed between.
PAINTS = {
    "3b4a86": ("5c67b4", "3d477f"), "25304f": ("242b4a", "3d477f"), "1d222b": ("1c2129", "363f4c"),
    "6b4334": ("653a2e", "98573f"), "b06c3f": ("d8904a", "a3703c"), "8a5a4a": ("98573f", "653a2e"),
    "d9b083": ("f2bd84", "d8904a"), "7d6a4c": ("614a33", "a3703c"), "4d4438": ("363f4c", "545d6d"),
    "fbeec6": ("fce3c4", "f6f3a8"), "f0c070": ("f2bd84", "d8904a"), "b5633c": ("c67757", "98573f"),
    "2f6f86": ("1f8a96", "2f6f86")}


def read_flat():
    """The drawing as rows of hex colors: 8-bit RGB in one chunk, unfiltered, as draw_flat.py writes it."""
    data = (FOLDER / "row-flat.png").read_bytes()
    width, height = struct.unpack(">II", data[16:24])
    at, raw = 8, b""
    while at < len(data):
        size, kind = struct.unpack(">I4s", data[at:at + 8])
        if kind == b"IDAT":
            raw += data[at + 8:at + 8 + size]
        at += 12 + size
    raw, row = zlib.decompress(raw), 3 * width + 1
    return [[raw[y * row + 1 + 3 * x:y * row + 4 + 3 * x].hex() for x in range(width)] for y in range(height)]


def mixed(color, by):
    one, other = (bytes.fromhex(c) for c in PAINTS[color])
    return bytes(round(a + (b - a) * by) for a, b in zip(one, other))


flat = read_flat()
height, width = len(flat), len(flat[0])
canvas = [[b"\x54\x4c\x46"] * width for _ in range(height)]
chance = random.Random(7)


def stroke(x, y, long, wide):
    """Lies along the ground below, across the sky above, upright on the walls between."""
    color = flat[y][x]
    turn = {"3b4a86": 0.15, "4d4438": 0.1}.get(color, math.pi / 2) + chance.uniform(-0.35, 0.35)
    paint = mixed(color, round(chance.random() ** 2 * 6) / 6 * 0.8)
    across, along = math.cos(turn), math.sin(turn)
    reach = int(long + wide)
    for py in range(max(0, y - reach), min(height, y + reach + 1)):
        for px in range(max(0, x - reach), min(width, x + reach + 1)):
            u, v = (px - x) * across + (py - y) * along, (py - y) * across - (px - x) * along
            if abs(v) <= wide and abs(u) <= long and (abs(u) - long + wide) ** 2 * (abs(u) > long - wide) + v * v <= wide * wide:
                canvas[py][px] = paint


def near_edge(x, y, reach):
    here = flat[y][x]
    return any(flat[min(height - 1, max(0, y + dy))][min(width - 1, max(0, x + dx))] != here
               for dx, dy in ((reach, 0), (-reach, 0), (0, reach), (0, -reach)))


for step, long, wide, everywhere in ((16, 30, 11, True), (8, 14, 5, False), (4, 6, 2.5, False)):
    places = [(x, y) for y in range(step // 2, height, step) for x in range(step // 2, width, step)]
    chance.shuffle(places)
    for x, y in places:
        x, y = (min(limit - 1, max(0, at + chance.randrange(-step // 2, step // 2 + 1)))
                for at, limit in ((x, width), (y, height)))
        if everywhere or near_edge(x, y, int(long)):
            stroke(x, y, long, wide)


def chunk(kind, data):
    return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))


raw = b"".join(b"\0" + b"".join(row) for row in canvas)
(FOLDER / "row-canvas.png").write_bytes(
    b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", struct.pack(">IIBBBBB", width, height, 8, 2, 0, 0, 0)) +
    chunk(b"sRGB", b"\0") + chunk(b"IDAT", zlib.compress(raw, 9)) + chunk(b"IEND", b""))
