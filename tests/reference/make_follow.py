"""A second way of working out what follows from the moves of a set, by the formulas of core/try/follow.h alone, in plain Python:
OKLab by B. Ottosson (2020), L* by CIE 15:2018. Writes follow.json."""
import json
import random


def linear(c):
    return c / 12.92 if c <= 0.04045 else ((c + 0.055) / 1.055) ** 2.4


def oklab(rgb):
    r, g, b = map(linear, rgb)
    l = (0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b) ** (1 / 3)
    m = (0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b) ** (1 / 3)
    s = (0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b) ** (1 / 3)
    return (0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            complex(1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s, 0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s))


def value(rgb):
    r, g, b = map(linear, rgb)
    y = 0.2126390059 * r + 0.7151686788 * g + 0.0721923154 * b
    return 116 * y ** (1 / 3) - 16 if y > 216 / 24389 else y * 24389 / 27


def follow(moves, softness, color):
    points = [(value(p), value(q)) for p, q in moves]
    mean_x = sum(x for x, _ in points) / len(points)
    mean_y = sum(y for _, y in points) / len(points)
    xx = sum((x - mean_x) ** 2 for x, _ in points)
    slope = sum((x - mean_x) * (y - mean_y) for x, y in points) / xx if xx > 1 else 1
    shift = mean_y - slope * mean_x
    # What every swatch does, within three quarters of L*, is common.
    if not all(abs(slope * x + shift - y) < 0.75 for x, y in points):
        slope, shift = 1, 0
    planes = [(oklab(p)[1], oklab(q)[1]) for p, q in moves]
    pp = sum(abs(p) ** 2 for p, _ in planes)
    common = sum(p.conjugate() * q for p, q in planes) / pp if pp > 1e-8 else 1
    if sum(abs(p) ** 2 for p, q in planes if abs(q - common * p) < 0.25 * abs(common * p)) < 0.75 * pp:
        common = 1
    light, plane = oklab(color)
    weights = shifts = turns = rests = 0
    for (p, q), (x, y), (before, _) in zip(planes, points, moves):
        lean = 0.03 ** 2
        turn = (q * p.conjugate() + lean * common) / (abs(p) ** 2 + lean)
        most = 2.5 * max(1, abs(common))
        if abs(turn) > most:
            turn *= most / abs(turn)
        away2 = max((light - oklab(before)[0]) ** 2 + abs(plane - p) ** 2, 1e-18) + softness ** 2
        weight = 1 / away2 ** 2
        weights += weight
        shifts += weight * (y - (slope * x + shift))
        turns += weight * turn
        rests += weight * (q - turn * p)
    becomes = plane * turns / weights + rests / weights
    return [min(100, max(0, slope * value(color) + shift + shifts / weights)), becomes.real, becomes.imag]


lots = random.Random(4)


def any_color():
    return [lots.uniform(0.02, 0.98) for _ in range(3)]


cases = []
for kind in range(12):
    before = [any_color() for _ in range(1 + kind)]
    if kind % 4 == 0:  # Each its own way.
        after = [any_color() for _ in before]
    elif kind % 4 == 1:  # All a little darker.
        after = [[0.9 * c for c in p] for p in before]
    elif kind % 4 == 2:  # One alone.
        after = [p if i else any_color() for i, p in enumerate(before)]
    else:  # All turned, some more colorful.
        after = [[p[1], p[2], p[0]] for p in before]
    softness = [0, 0.05, 0.2][kind % 3]
    moves = list(zip(before, after))
    colors = [any_color() for _ in range(8)] + [before[0], [0.5, 0.5, 0.5]]
    cases.append({"softness": softness, "moves": moves,
                  "colors": [{"color": c, "becomes": follow(moves, softness, c)} for c in colors]})
with open("follow.json", "w", encoding="utf-8") as out:
    json.dump(cases, out, indent=1)
    out.write("\n")
