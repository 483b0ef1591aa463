"""Exchange files of ours are read by readers made elsewhere: xmllint, Argyll's reader of CxF3, Python's csv module,
postcss and culori, and a Design Tokens parser. lcms2's own IT8 parser reads CGATS in the program's tests."""
import csv
import io
import json
import os
import re
import shutil
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as ET

SOURCE, PROGRAMS, BUILD = sys.argv[1:4]
HERE = os.path.join(SOURCE, "tests", "outside")
CXF = "{http://colorexchangeformat.com/CxF3-core}"
NAMES = ["plain", "comma, here", 'quote "q"', "two\nlines", "медный", "銅の光", "<tag> & more", "*/ end", "{brace}.dot", "$money",
         "back\\slash", "=1+1", "لمعان"]


def run(*arguments, **named):
    return subprocess.run(arguments, check=True, capture_output=True, text=True, **named).stdout


def readers_installed():
    """The npm packages are installed into the build folder, as the lock file says."""
    folder = os.path.join(BUILD, "outside")
    os.makedirs(folder, exist_ok=True)
    changed = False
    for name in ("package.json", "package-lock.json", "css_and_tokens.mjs"):
        source, target = os.path.join(HERE, name), os.path.join(folder, name)
        if not os.path.exists(target) or open(source).read() != open(target).read():
            shutil.copy(source, target)
            changed = True
    if changed or not os.path.isdir(os.path.join(folder, "node_modules")):
        run("npm", "ci", "--no-audit", "--no-fund", "--silent", cwd=folder)
    return folder


def rows_of_table(path):
    """CIELAB of the rows of a CGATS.17 table whose data end in L*, a*, b*."""
    data = open(path, encoding="utf-8").read().split("BEGIN_DATA\n")[1].split("END_DATA")[0]
    number = r"(-?[0-9.]+(?:e-?[0-9]+)?)"
    return [tuple(float(x) for x in found) for found in re.findall(rf"{number}\s+{number}\s+{number}\s*$", data, re.M)]


# Two inks with their CIELAB, one of them outside every display's gamut, and a name of a color book.
CODED = """<CxF xmlns="http://colorexchangeformat.com/CxF3-core"><FileInformation><Description>A book of reds</Description>
</FileInformation><Resources><ObjectCollection>
<Object ObjectType="Standard" Name="sky" Id="a"><ColorValues><ColorCIELab ColorSpecification="s"><L>55.5</L><A>-37.25</A>
<B>-50.125</B></ColorCIELab></ColorValues><DeviceColorValues><ColorCMYK><Cyan>100</Cyan><Magenta>0</Magenta><Yellow>0</Yellow>
<Black>12.5</Black></ColorCMYK></DeviceColorValues></Object>
<Object ObjectType="Standard" Name="R 204" Id="b"><ColorValues><ColorCIELab ColorSpecification="s"><L>45</L><A>40.5</A><B>20</B>
</ColorCIELab></ColorValues></Object></ObjectCollection><ColorSpecificationCollection><ColorSpecification Id="s"><TristimulusSpec>
<Illuminant>D50</Illuminant></TristimulusSpec></ColorSpecification></ColorSpecificationCollection></Resources></CxF>"""


def codes_go_through(cli, folder):
    """Inks and names of a book are written as they were read, and other readers still take the file."""
    coded, piece, out = (os.path.join(folder, name) for name in ("coded.cxf", "coded.zonachrom", "coded-again.cxf"))
    with open(coded, "w", encoding="utf-8") as f:
        f.write(CODED)
    run(cli, "import", coded, "--into", piece, "--set", "codes", "--book", "A book of reds")
    run(cli, "export", piece, "--set", "codes", "--format", "cxf", "-o", out)
    run("xmllint", "--noout", "--nonet", out)
    sky, red = ET.parse(out).getroot().findall(f"{CXF}Resources/{CXF}ObjectCollection/{CXF}Object")
    lab = [[float(o.find(f"{CXF}ColorValues/{CXF}ColorCIELab/{CXF}{c}").text) for c in "LAB"] for o in (sky, red)]
    assert lab == [[55.5, -37.25, -50.125], [45, 40.5, 20]], lab
    ink = sky.find(f"{CXF}DeviceColorValues/{CXF}ColorCMYK")
    assert [float(ink.find(CXF + c).text) for c in ("Cyan", "Magenta", "Yellow", "Black")] == [100, 0, 0, 12.5]
    tags = {t.get("Name"): t.get("Value") for t in red.findall(f"{CXF}TagCollection/{CXF}Tag")}
    assert tags["Book"] == "A book of reds" and tags["BookName"] == "R 204", tags
    # Argyll takes the inks for what was sent to a device, and its colors for what came out.
    run("cxf2ti3", out, os.path.join(folder, "coded-read"))
    with open(os.path.join(folder, "coded-read.ti3"), encoding="utf-8") as f:
        read = [line.split() for line in f.read().split("BEGIN_DATA\n")[1].split("END_DATA")[0].splitlines()]
    assert [float(x) for x in read[0][2:]] == [55.5, -37.25, -50.125, 100, 0, 0, 12.5], read[0]
    assert [float(x) for x in read[1][-7:-4]] == [45, 40.5, 20], read[1]


def main():
    cli = os.path.join(PROGRAMS, "zonachrom-cli")
    with tempfile.TemporaryDirectory() as folder:
        table = os.path.join(folder, "in.csv")
        rows = [(f"family {i % 5}", f"{NAMES[i % len(NAMES)]} {i}", f"#{(i * 2654435761) % 0x1000000:06x}") for i in range(300)]
        with open(table, "w", newline="", encoding="utf-8") as file:
            writer = csv.writer(file)
            writer.writerow(["family", "name", "hex"])
            writer.writerows(rows)
        piece = os.path.join(folder, "all.zonachrom")
        told = json.loads(run(cli, "import", table, "--into", piece, "--set", "all"))
        assert told["counts"] == {"found": 300, "added": 300, "families": 5}, told
        out = {f: os.path.join(folder, "out." + f) for f in ("tokens", "cxf", "cgats", "css", "csv", "hex", "svg", "png")}
        for form, path in out.items():
            run(cli, "export", piece, "--set", "all", "--format", form, "-o", path)
        wanted = {(f, n.strip()): h for f, n, h in rows}

        for form in ("cxf", "svg"):
            run("xmllint", "--noout", "--nonet", out[form])
        objects = ET.parse(out["cxf"]).getroot().findall(f"{CXF}Resources/{CXF}ObjectCollection/{CXF}Object")
        assert len(objects) == 300
        for o in objects:
            family = o.find(f"{CXF}TagCollection/{CXF}Tag").get("Value")
            rgb = [int(o.find(f"{CXF}ColorValues/{CXF}ColorSRGB/{CXF}{c}").text) for c in "RGB"]
            assert wanted[(family, o.get("Name"))] == "#%02x%02x%02x" % tuple(rgb), o.get("Name")

        run("cxf2ti3", out["cxf"], os.path.join(folder, "read"))
        read = rows_of_table(os.path.join(folder, "read.cie"))
        assert len(read) == 300, "Argyll found %d colors" % len(read)
        by_us = [[float(o.find(f"{CXF}ColorValues/{CXF}ColorCIELab/{CXF}{c}").text) for c in "LAB"] for o in objects]
        assert all(abs(x - y) < 1e-3 for p, q in zip(read, by_us) for x, y in zip(p, q))

        read = list(csv.DictReader(io.StringIO(open(out["csv"], newline="", encoding="utf-8").read())))
        # What a spreadsheet would take for a formula is marked as text.
        marked = {(f, "'" + n if n.startswith("=") else n): h for (f, n), h in wanted.items()}
        assert {(r["family"], r["name"]): r["hex"] for r in read} == marked

        folder_of_readers = readers_installed()
        found = json.loads(run("node", "css_and_tokens.mjs", out["css"], out["tokens"], cwd=folder_of_readers))
        hexes = sorted(wanted.values())
        assert sorted(c["hex"] for c in found["css"]) == hexes
        assert len({c["property"] for c in found["css"]}) == 300
        assert all(t["type"] == "color" and t["space"] == "srgb" for t in found["tokens"])
        by_parser = sorted("#" + "".join("%02x" % round(255 * x) for x in t["components"]) for t in found["tokens"])
        assert by_parser == hexes, "the token parser found %d colors" % len(by_parser)
        codes_go_through(cli, folder)
    print("csv, cxf, svg, css and tokens of 300 swatches read by others")


main()
