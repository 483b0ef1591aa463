#!/usr/bin/env python3
"""Draws Coppersmiths' Row as flat artwork: a dozen colors without soft edges, as references/row-flat.png.

Needs nothing but Python."""
import math
import pathlib
import struct
import zlib

WIDTH, HEIGHT = 1200, 750
SKY, FAR, ROOF = "3b4a86", "25304f", "1d222b"
LEFT, LEFT_LIT, RIGHT, RIGHT_LIT = "6b4334", "b06c3f", "8a5a4a", "d9b083"
BACK, GROUND, LAMP, GLASS, COPPER, JUG = "7d6a4c", "4d4438", "fbeec6", "f0c070", "b5633c", "2f6f86"
pixels = [[SKY] * WIDTH for _ in range(HEIGHT)]


def polygon(color, *points):
    """Filled by the even-odd rule at the middles of pixels; given in hundredths of the picture."""
    corners = [(x * WIDTH / 100, y * HEIGHT / 100) for x, y in points]
    for row in range(HEIGHT):
        y = row + 0.5
        crossings = sorted(x0 + (y - y0) * (x1 - x0) / (y1 - y0)
                           for (x0, y0), (x1, y1) in zip(corners, corners[1:] + corners[:1])
                           if (y0 <= y) != (y1 <= y))
        for start, end in zip(crossings[::2], crossings[1::2]):
            first, last = max(0, math.ceil(start - 0.5)), min(WIDTH, math.ceil(end - 0.5))
            pixels[row][first:last] = [color] * (last - first)


def ellipse(color, x, y, across, down, start=0, end=360):
    steps = 90
    polygon(color, *[(x + across * math.cos(math.radians(start + (end - start) * i / steps)),
                      y + down * math.sin(math.radians(start + (end - start) * i / steps)))
                     for i in range(steps)])


def lamp(x, y, size):
    polygon(ROOF, (x - 0.15, 0), (x + 0.15, 0), (x + 0.15, y), (x - 0.15, y))
    polygon(ROOF, (x, y - 2.4 * size), (x + 3.4 * size, y), (x - 3.4 * size, y))
    ellipse(LAMP, x, y + 1.6 * size, 1.3 * size, 2 * size)


def window(color, left, top, right, bottom, across, down):
    polygon(ROOF, (left - 0.6, top - 0.9), (right + 0.6, top - 0.9), (right + 0.6, bottom + 0.9), (left - 0.6, bottom + 0.9))
    wide, high = (right - left) / across, (bottom - top) / down
    for i in range(across):
        for j in range(down):
            x, y = left + i * wide, top + j * high
            polygon(color, (x + 0.25, y + 0.4), (x + wide - 0.25, y + 0.4), (x + wide - 0.25, y + high - 0.4),
                    (x + 0.25, y + high - 0.4))


def pot(color, x, y, size):
    ellipse(color, x, y, 5 * size, 6 * size)
    polygon(color, (x - 2.6 * size, y - 7 * size), (x + 2.6 * size, y - 7 * size), (x + 2 * size, y - 3 * size),
            (x - 2 * size, y - 3 * size))
    ellipse(ROOF, x, y - 7 * size, 2.6 * size, 0.8 * size)


polygon(FAR, (36, 26), (64, 26), (64, 44), (36, 44))
polygon(BACK, (34, 30), (66, 30), (66, 66), (34, 66))
ellipse(FAR, 50, 44, 6, 10)
polygon(FAR, (44, 44), (56, 44), (56, 66), (44, 66))
polygon(GROUND, (34, 62), (66, 62), (100, 84), (100, 100), (0, 100), (0, 84))
polygon(LEFT, (0, 0), (20, 4), (35, 24), (35, 64), (0, 86))
polygon(LEFT_LIT, (0, 34), (14, 32), (30, 42), (30, 60), (16, 74), (0, 70))
polygon(RIGHT, (100, 0), (78, 3), (65, 26), (65, 63), (100, 86))
polygon(RIGHT_LIT, (100, 30), (88, 28), (72, 40), (72, 58), (86, 70), (100, 68))
polygon(ROOF, (20, 4), (24, 3), (38, 24), (35, 25))
polygon(ROOF, (78, 3), (74, 2), (62, 25), (65, 27))
window(GLASS, 4, 16, 13, 46, 3, 4)
window(GLASS, 84, 10, 90, 26, 2, 3)
polygon(COPPER, (42, 18), (48, 18), (48, 27), (42, 27))
polygon(JUG, (52, 17), (58, 17), (58, 26), (52, 26))
lamp(20, 26, 1.3)
lamp(41, 34, 0.7)
lamp(80, 26, 1.3)
polygon(ROOF, (4, 70), (28, 66), (28, 69), (6, 74))
polygon(ROOF, (74, 70), (96, 74), (96, 77), (74, 73))
pot(COPPER, 14, 62, 1.1)
pot(JUG, 84, 62, 1.1)
pot(COPPER, 76, 86, 1.4)
ellipse(RIGHT_LIT, 58, 82, 4, 6)
ellipse(COPPER, 50, 88, 3, 4.6)
polygon(LEFT, (0, 80), (18, 77), (18, 100), (0, 100))

raw = b"".join(b"\0" + bytes.fromhex("".join(row)) for row in pixels)


def chunk(kind, data):
    return struct.pack(">I", len(data)) + kind + data + struct.pack(">I", zlib.crc32(kind + data))


out = pathlib.Path(__file__).parent / "references" / "row-flat.png"
out.write_bytes(b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", struct.pack(">IIBBBBB", WIDTH, HEIGHT, 8, 2, 0, 0, 0)) +
                chunk(b"sRGB", b"\0") + chunk(b"IDAT", zlib.compress(raw, 9)) + chunk(b"IEND", b""))
