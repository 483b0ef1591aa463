"""Writes src/core/mix/spectral_data.h and tests/reference/test_colors.json from Debian's colord-data package.

The CIE 1931 2-degree observer and illuminant D65 (CIE 15) every 10 nm from 380 to 730; the reflectance of the CIE test
color samples (CIE 13.3) with their tristimulus values from the full 5 nm tables.
"""
import json
import pathlib

root = pathlib.Path(__file__).resolve().parents[2]
share = pathlib.Path("/usr/share/colord")


def read(path):
    lines = path.read_text().splitlines()
    field = {line.split()[0]: line.split()[-1] for line in lines if line.startswith("SPECTRAL_")}
    start, end, bands = (float(field[k]) for k in ("SPECTRAL_START_NM", "SPECTRAL_END_NM", "SPECTRAL_BANDS"))
    begin, stop = lines.index("BEGIN_DATA"), lines.index("END_DATA")
    names = lines[lines.index("BEGIN_DATA_FORMAT") + 1].split()
    columns = [i for i, n in enumerate(names) if n.startswith("SPEC_")]
    rows = [[float(line.split()[i]) for i in columns] for line in lines[begin + 1 : stop] if line.strip()]
    step = (end - start) / (bands - 1)
    return [{round(start + i * step): x for i, x in enumerate(row)} for row in rows]


observer = read(share / "cmf/CIE1931-2deg-XYZ.cmf")
light = read(share / "illuminant/CIE-D65.sp")[0]
samples = read(share / "ref/CIE-TCS.sp")
wavelengths = range(380, 731, 10)


def table(name, row):
    numbers = [repr(row[w]) for w in wavelengths]
    lines = [", ".join(numbers[i : i + 6]) for i in range(0, len(numbers), 6)]
    return f"inline constexpr std::array<double, kBands> {name}{{\n    " + ",\n    ".join(lines) + "};\n"


(root / "src/core/mix/spectral_data.h").write_text(
    "// SPDX-License-Identifier: GPL-3.0-or-later\n"
    "// CIE 1931 2-degree observer and illuminant D65 (CIE 15), every 10 nm from 380 to 730 nm.\n"
    "// Made by tests/reference/make_spectral.py.\n#pragma once\n\n#include <array>\n\nnamespace zc {\n\n"
    "// clang-format off\n"
    "inline constexpr int kBands = 36;\n\n"
    + "\n".join(table(n, r) for n, r in zip(("kObserverX", "kObserverY", "kObserverZ", "kDaylight65"), observer + [light]))
    + "// clang-format on\n\n} // namespace zc\n"
)


def tristimulus(sample, nm):
    norm = sum(observer[1][w] * light[w] for w in nm)
    return [sum(o[w] * light[w] * sample[w] for w in nm) / norm for o in observer]


fine = [w for w in range(380, 781, 5) if all(w in s for s in samples)]
white = tristimulus({w: 1.0 for w in fine}, fine)
rows = []
for sample in samples:
    xyz = tristimulus(sample, fine)
    # On the white of sRGB, as the program's own sums are.
    rows.append({"reflectance": [sample[w] for w in wavelengths],
                 "xyz": [x / n * g for x, n, g in zip(xyz, white, (0.3127 / 0.3290, 1, (1 - 0.3127 - 0.3290) / 0.3290))]})
(root / "tests/reference/test_colors.json").write_text(json.dumps(rows) + "\n")
