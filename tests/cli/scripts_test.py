# SPDX-License-Identifier: GPL-3.0-or-later
"""zonachrom-cli as scripts use it: every answer as the schema says, every option beyond its range, streams, what is not
replaced, exit codes, and strange surroundings."""
import ctypes
import json
import os
import pty
import re
import shutil
import struct
import subprocess
import sys
import tempfile
import zipfile
import zlib

import gi
import jsonschema

gi.require_version("GdkPixbuf", "2.0")
from gi.repository import GdkPixbuf

CLI, DEMO, ROOT, STANDIN = sys.argv[1:5]
PHOTO = ROOT + "/demo/references/noon.jpg"
PAINTS = "#f8f8f6 white\n#c78a36 earth\n#264ba5 blue\n"
PICTURES = ("flat.png", "keys.png", "key.png", "plan.png", "small.png", "rain.jpg", "areas.png", "keys-sheet.png", "square.png")
DONE, NO, USAGE, INPUT, OUTPUT, WINDOW = range(6)


def run(*line, stdin=b"", env=None, stdout=subprocess.PIPE, program=CLI):
    told = subprocess.run([program, *line], input=stdin, stdout=stdout, stderr=subprocess.PIPE, env=env, check=False, timeout=120)
    told.stderr = told.stderr.decode("utf-8")
    return told


def expect(told, code, *says):
    assert told.returncode == code, (told.args, told.returncode, told.stderr)
    for words in says:
        assert words in told.stderr, (told.args, told.stderr)
    if code >= USAGE:
        assert told.stderr.count("\n") == 1 and told.stderr.startswith("zonachrom-cli: "), (told.args, told.stderr)
        assert not told.stdout, told.args
    else:
        assert not told.stderr, (told.args, told.stderr)
    return told


def examples():
    """A line for every command, some for more than one of its answers; they run in a folder of their own."""
    with open("paints.txt", "w", encoding="utf-8") as file:
        file.write(PAINTS)
    shutil.copy(DEMO, "changed.zonachrom")
    os.mkdir("loose")
    with open("loose/piece.json", "wb") as file:
        file.write(zipfile.ZipFile(DEMO).read("piece.json"))
    for name in zipfile.ZipFile(DEMO).namelist():
        if name.startswith("references/"):
            zipfile.ZipFile(DEMO).extract(name, "loose")
    return [
        ["describe", "#ce854e", "rgb(1 2 3)"], ["difference", "#ce854e", "#102030"],
        ["wheel", "--at", "-15,1,97", "--at", "0,1,3", "--locate", "#8fc31f"],
        ["mask", "--pattern", "triad", "--hue", "40", "--test", "#ce854e", "--test", "#3d477f"],
        ["ramp", "--kind", "shades", "--from", "#ce854e"], ["between", "#ce854e", "#1f55b5"],
        ["relate", "#ce854e", "--relation", "triad"], ["ladder", "#ce854e", "--relation", "square", "--piece", DEMO],
        ["mix", "#1f55b5:2", "#ffe500"], ["recipe", "#98573f", "--paints", "paints.txt"],
        ["reach", "--paints", "paints.txt"], ["reach", "--paints", "paints.txt", "--value", "50"],
        ["fewest", DEMO, "--paints", "paints.txt", "--most-difference", "20", "--share", "0.2"],
        ["inspect", PHOTO, "--piece", DEMO], ["sample", PHOTO, "--at", "3,4"],
        ["extract", PHOTO, "--bands", "2,2,2"], ["extract", PHOTO, "-o", "palette.csv"],
        ["look", PHOTO, "--as", "flat:3", "-o", "flat.png"], ["keys", PHOTO, "--piece", DEMO, "--turns", "3", "-o", "keys.png"],
        ["try", PHOTO, "--piece", DEMO, "--report"],
        ["try", PHOTO, "--piece", DEMO, "--as", "study", "--areas", "20", "--pairs", "pairs.csv", "-o", "study.svg"],
        ["try", PHOTO, "--piece", DEMO, "--as", "follow", "--to", "after rain", "-o", "rain.jpg"],
        ["try", PHOTO, "--piece", DEMO, "--as", "key", "--turn", "40", "-o", "key.png"],
        ["try", PHOTO, "--piece", DEMO, "--report", "--missing", "3", "--most-difference", "4"],
        ["try", PHOTO, "--piece", DEMO, "--as", "study", "--areas", "12", "-o", "areas.png"],
        ["check", DEMO], ["grade", DEMO], ["press", DEMO], ["import", "palette.csv", "--into", "changed.zonachrom"],
        ["export", DEMO, "-o", "row.css"], ["sheet", DEMO, "-o", "sheet.pdf"],
        ["sheet", DEMO, "--with", "keys,wheel,swatches", "--notes", "-o", "keys-sheet.png"],
        ["sheet", DEMO, "--paper", "2048x2048", "--background", "dark", "--large", "-o", "square.png"],
        ["plan", DEMO, "-o", "plan.png"],
        ["plan", DEMO, "-o", "plan.svg"], ["limit", "changed.zonachrom", "--turn", "20"],
        ["adjust", "changed.zonachrom", "--saturation", "3"],
        ["parcel", "pack", DEMO, "--set", "Row at dusk", "--mask", "--tag", "night", "-o", "row.zonaparcel"],
        ["parcel", "list", "row.zonaparcel"], ["pack", "loose", "-o", "packed.zonachrom"],
        ["thumbnail", DEMO, "--size", "64", "-o", "small.png"]] + edits()


def edits():
    """A piece is made, filled and changed; then it holds what the lines say (see pieces_hold_what_was_asked)."""
    made = "made.zonachrom"
    return [
        ["new", made, "--title", "Kiln", "--date", "2026-11-30"], ["details", made, "--words", "heat", "--signature", "two"],
        ["set", "rename", made, "First set", "--to", "embers"], ["family", "add", made, "coal"],
        ["swatch", "add", made, "#201010", "--family", "coal", "--name", "black"],
        ["swatch", "add", made, "#e08040", "--family", "glow", "--name", "orange"],
        ["swatch", "add", made, "#a04020", "--family", "glow", "--place", "4"],
        ["swatch", "fill", made, "orange", "black", "--count", "2"],
        ["version", "keep", made, "before"], ["swatch", "color", made, "orange", "--to", "#ff9050"],
        ["swatch", "rename", made, "orange", "--to", "flame"], ["swatch", "note", made, "flame", "only the tip"],
        ["swatch", "lock", made, "flame"], ["swatch", "mark", made, "flame", "black"], ["swatch", "mark", made, "black", "--off"],
        ["swatch", "copy", made, "coal/black"], ["swatch", "move", made, "#a04020", "--family", "coal", "--place", "7"],
        ["family", "rename", made, "glow", "--to", "fire"], ["family", "add", made, "ash"], ["family", "move", made, "ash", "--place", "1"],
        ["family", "merge", made, "ash", "--into", "coal"], ["family", "add", made, "soot"], ["family", "delete", made, "soot"],
        ["version", "rename", made, "before", "--to", "cold"], ["version", "keep", made, "hot"], ["version", "restore", made, "cold"],
        ["version", "delete", made, "cold"], ["version", "restore", made, "hot"],
        ["set", "copy", made, "embers"], ["set", "add", made, "smoke"], ["set", "use", made, "embers"], ["set", "move", made, "smoke", "--place", "1"],
        ["set", "note", made, "embers", "for the kiln"], ["set", "tags", made, "embers", "--tag", "hot", "--tag", "night"],
        ["set", "sort", made, "embers copy", "--by", "value"], ["set", "delete", made, "smoke"],
        ["swatch", "delete", made, "--set", "embers copy", "coal@2"],
        ["reference", "add", made, PHOTO, "--name", "noon"], ["reference", "rename", made, "noon", "--to", "day"],
        ["reference", "add", made, PHOTO], ["reference", "move", made, "noon.jpg", "--place", "1"],
        ["reference", "follow", made, "day", "--path", "day.png"], ["reference", "replace", made, "day", PHOTO, "--name", "day"],
        ["reference", "delete", made, "day"],
        ["paint", "add", made, "white", "--trade", "titanium white"], ["paint", "add", made, "brick", "--color", "#a04020"],
        ["paint", "rename", made, "brick", "--to", "tile"], ["paint", "strength", made, "tile", "--to", "2"],
        ["paint", "use", made, "white", "--off"], ["paint", "move", made, "tile", "--place", "1"], ["paint", "delete", made, "white"],
        ["swatch", "code", made, "--set", "embers copy", "coal@1", "--inks", "20,40,0,12.5", "--finish", "metallic"],
        ["study", made, "noon.jpg", "--areas", "40", "--split", "10,10", "--merge", "5,5:90,90", "--bind", "20,20=flame"],
        ["rules", made, "--dark-below", "30", "--twins", "4", "--target", "1,2,3"], ["remedy", made, "gaps"],
        ["shelf", "keep", "sets", made, "--name", "kept embers", "--tag", "warm"], ["shelf", "keep", "paints", made],
        ["limit", made, "--pattern", "triad", "--hue", "30", "--keep-picks", "mark"], ["shelf", "keep", "masks", made, "--name", "three"],
        ["limit", made, "--no-mask", "--add-area", "sector 20,80,0.2,0.9", "--subtract-area", "ellipse 60,0.5 0.1,0.1,0", "--use", "off"],
        ["shelf", "list", "--search", "warm"], ["shelf", "use", "masks", "three", made], ["shelf", "use", "sets", "kept embers", made],
        ["shelf", "use", "paints", "Kiln", made], ["shelf", "remove", "masks", "three"], ["parcel", "unpack", "row.zonaparcel"],
        ["swatch", "add", made, "#00ffff", "#1f55b5", "--family", "loud"], ["swatch", "printable", made, "loud@1", "--profile", STANDIN],
        ["swatch", "corners", made, "--value", "60"], ["swatch", "add", made, "#777777", "#999999", "#eeeeee", "--family", "ash"],
        ["family", "space", made, "ash"], ["family", "split", made, "ash@1", "--to", "cinder"],
        ["version", "light", made, "lamp", "--light", "#ffb060", "--strength", "0.5"],
        ["key", "keep", made, "turned", "--turn", "60"], ["key", "use", made, "--pattern", "split", "--hue", "200"],
        ["limit", made, "--add-area", "ellipse 60,0.5 0.2,0.1,0"], ["limit", made, "--move-area", "2,1"],
        ["limit", made, "--remove-area", "1"],
        ["limit", made, "--paints", "paints.txt", "--at-value", "55"],
        ["well", "fill", made, "#123456", "--row", "2", "--well", "3"], ["well", "fill", made, "#654321", "--row", "2"],
        ["well", "rename", made, "--row", "2", "--to", "skin"], ["well", "fill", made, "#abcdef", "--row", "3"],
        ["well", "delete", made, "--row", "3"], ["well", "empty", made, "--row", "2", "--well", "1"],
        ["show", made], ["show", DEMO], ["recover", made, "-o", "recovered.zonachrom"]]


def pieces_hold_what_was_asked():
    told = json.loads(run("show", "made.zonachrom").stdout)
    assert (told["title"], told["words"], told["date"], told["signature"]) == ("Kiln", "heat", "2026-11-30", "two")
    assert told["band_limits"]["dark_below"] == 30 and told["mask"]["keeps_picks"] == "mark" and told["mask"]["on"]
    assert [r["name"] for r in told["references"]] == ["noon.jpg"] and [(p["name"], p["strength"]) for p in told["paints"]] == [("tile", 2)]
    sets = {s["name"]: s for s in told["sets"]}
    assert set(sets) == {"embers", "embers copy", "kept embers"} and sets["kept embers"]["current"]
    embers = sets["embers"]
    assert embers["note"] == "for the kiln" and embers["tags"] == ["hot", "night"] and "hot" in [v["name"] for v in embers["versions"]]
    families = {f["name"]: {s["name"]: s for s in f["swatches"]} for f in embers["families"]}
    assert set(families) == {"coal", "fire"}, families
    flame = families["fire"]["flame"]
    assert (flame["hex"], flame["note"], flame["locked"], flame["used"]) == ("#ff9050", "only the tip", True, True)
    assert not families["coal"]["black"]["used"] and [s["place"] for s in families["coal"].values() if s["hex"] == "#a04020"] == [7]
    left = [(f["name"], s["name"], s["place"]) for f in sets["embers copy"]["families"] for s in f["swatches"]]
    assert [name for _, name, _ in left].count("black") == 1, left
    with zipfile.ZipFile("made.zonachrom") as piece:
        held = json.loads(piece.read("piece.json"))
    codes = [s["code"] for s in held["sets"][1]["families"][0]["swatches"] + held["sets"][0]["families"][0]["swatches"] if "code" in s]
    assert codes[0]["inks"] == [20, 40, 0, 12.5] and codes[0]["finish"] == "metallic", codes
    study = held["references"][0]["study"]
    assert study["by_areas"] and study["areas"] == 40 and study["edits"][0] == {"split": {"x": 10, "y": 10}} and study["bound"][0]["x"] == 20, study
    kept = sets["kept embers"]
    families = {f["name"]: f["swatches"] for f in kept["families"]}
    values = [s["value"] for s in families["cinder"] + families["ash"]]
    assert len(families["corner colors"]) >= 3 and len(families["cinder"]) == 1, families
    assert [v["name"] for v in kept["versions"]][:3] == ["before the press", "lamp", "turned"], kept["versions"]
    loud = [s["hex"] for s in families["loud"]]
    assert loud[0] != "#00ffff" and len(loud) == 2 and told["mask"]["name"] == "what these paints can mix", (loud, told["mask"])
    wells = [[c and c["hex"] for c in row["colors"]] for row in told["wells"]]
    assert [row["name"] for row in told["wells"]] == ["", "skin"] and wells[1] == [None, None, "#123456"] + [None] * 5, wells
    assert len(values) == 3 and told["recent"][0]["hex"] == "#abcdef", told["recent"]  # What a row had goes to the recent colors.
    expect(run("well", "empty", "made.zonachrom", "--row", "3"), INPUT, "no row 3")
    expect(run("swatch", "add", "made.zonachrom", "#111", "#222", "--name", "two"), USAGE, "for one color alone")
    expect(run("key", "use", "made.zonachrom"), USAGE, "--turn")
    run("swatch", "add", "made.zonachrom", "#00ff00", "--family", "kept")
    run("swatch", "lock", "made.zonachrom", "kept@1")
    expect(run("swatch", "printable", "made.zonachrom", "kept@1"), USAGE, "locked")
    # Asked again there is nothing to do, and nothing is written.
    stamp = os.stat("made.zonachrom").st_mtime_ns
    again = json.loads(run("set", "note", "made.zonachrom", "embers", "for the kiln").stdout)
    assert again["changed"] is False and again["files"] == [] and os.stat("made.zonachrom").st_mtime_ns == stamp
    expect(run("swatch", "delete", "made.zonachrom", "--set", "embers", "flame"), USAGE, "locked")
    expect(run("swatch", "rename", "made.zonachrom", "--set", "embers", "none", "--to", "x"), INPUT, "no swatch")
    expect(run("family", "add", "made.zonachrom", "--set", "embers", "coal"), USAGE)
    expect(run("limit", "made.zonachrom", "--add-area", "circle 3"), USAGE, "is no area")
    expect(run("set", "paint", "made.zonachrom"), USAGE, "set --help")


def the_demo_is_made_by_lines():
    subprocess.check_call([ROOT + "/docs/examples/demo-piece.sh", ROOT + "/demo/references", "built.zonachrom"],
                          env={**os.environ, "ZONACHROM_CLI": CLI})
    shutil.copy(DEMO, "demo.zonachrom")
    for version in (None, "before the lamps are lit", "after rain"):
        both = []
        for piece in ("built.zonachrom", "demo.zonachrom"):
            if version:
                expect(run("version", "restore", piece, version), DONE)
            told = json.loads(run("show", piece).stdout)
            told["paints"] = [(p["name"], p["trade"], p["strength"], p["active"]) for p in told["paints"]]
            del told["current"], told["recent"]  # What was picked last is no part of what the lines set.
            for s in told["sets"]:
                s["versions"] = [v["name"] for v in s["versions"]][:2]
            both.append(told)
        assert both[0] == both[1], version


GROUPS = {"parcel", "set", "version", "family", "swatch", "reference", "paint", "shelf", "key", "well"}
COLORS = {"describe", "difference", "wheel", "mask", "ramp", "mix", "relate", "between"}
RUNNING = {"now", "use", "add", "follow", "companion", "inside", "outline", "watched"}


def commands():
    """Every command that the help lists, those of a group with its name before them."""
    def listed(*group):
        return re.findall(r"^  ([a-z][a-z-]*) ", run(*group, "--help").stdout.decode().split("Subcommands:")[1], re.M)
    return [(name,) for name in listed() if name not in GROUPS] + [(group, name) for group in sorted(GROUPS) for name in listed(group)]


def answers(environment):
    """What each line of the examples answers, in this folder."""
    for i, line in enumerate(examples()):
        yield line, expect(run(*line, env=environment(i)), DONE).stdout


def told(line, answer):
    """Where it was told does not count, nor by what lot a file of the shelf ends."""
    return line, re.sub(rb"-[0-9a-f]{16}\.", b".", answer.replace(os.getcwd().encode(), b"@"))


def answers_are_the_same_everywhere(usual):
    """Without a home, a display, a place at run time, and in five locales, every answer is the same to the letter."""
    def bare(i):
        locale = ("C", "de_DE.UTF-8", "es_ES.UTF-8", "tr_TR.UTF-8", "nonsense")[i % 5]
        return {"PATH": os.environ["PATH"], "XDG_DATA_HOME": os.getcwd() + "/data", "SOURCE_DATE_EPOCH": "86400", "LC_ALL": locale, "LANG": locale}

    os.mkdir("bare")
    os.chdir("bare")
    for one, other in zip(usual, [told(*both) for both in answers(bare)], strict=True):
        assert one == other, (one, other)
    os.chdir("..")


def answers_that_nobody_takes():
    """A full disk, and a pipe whose reader has gone, behind every command: one sentence and its exit code."""
    os.mkdir("full")
    os.chdir("full")
    reader, writer = os.pipe()
    os.close(reader)
    with open("/dev/full", "wb") as full:
        for i, line in enumerate(examples()):
            env = {**os.environ, "XDG_DATA_HOME": os.getcwd()}
            told = run(*line, stdout=full if i % 2 else writer, env=env)
            assert told.returncode == OUTPUT and told.stderr.count("\n") == 1 and "standard output" in told.stderr, (line, told)
    os.close(writer)
    os.chdir("..")


def colors_need_no_files():
    """Their commands answer as the other program does, and without it; the rest then says what is missing."""
    alone = os.getcwd() + "/zonachrom-cli"
    shutil.copy(CLI, alone)
    colors = [line for line in examples_in("colors") if line[0] in COLORS] + [["--version"], ["--compact", "describe", "teal"]]
    for line in colors:
        assert run(*line, program=alone).stdout == run(*line, program=CLI + "-files").stdout != b"", line
    assert {line[0] for line in colors} >= COLORS
    expect(run("grade", DEMO, program=alone), INPUT, "zonachrom-cli-files")


def few_photos_need_the_plugin():
    """What reads HEIF is loaded when it is needed; where it is missing, such a photo is none that is known."""
    with open("street.heic", "wb") as file:
        file.write(b"\0\0\0\x18ftypheic\0\0\0\0mif1heic")
    expect(run("sample", "street.heic", "--at", "1,1"), INPUT, "cut short")
    bare = os.getcwd() + "/files-alone"
    shutil.copy(CLI + "-files", bare)
    expect(run("sample", "street.heic", "--at", "1,1", program=bare), INPUT, "not a photo")
    assert run("sample", PHOTO, "--at", "1,1", program=bare).stdout == run("sample", PHOTO, "--at", "1,1").stdout


def examples_in(folder):
    os.mkdir(folder)
    os.chdir(folder)
    lines = examples()
    os.chdir("..")
    return lines


def answers_are_as_the_schema_says(schema):
    seen, usual = set(), []
    for line, text in answers(lambda _: {**os.environ, "SOURCE_DATE_EPOCH": "86400"}):
        usual.append(told(line, text))
        answer = json.loads(text)
        name = " ".join(line[:2]) if line[0] in GROUPS else line[0]
        seen.add(name)
        jsonschema.Draft202012Validator({**schema["answers"][name], "$defs": schema["$defs"]}).validate(answer)
        for file in answer.get("files", []):
            assert os.path.getsize(file) > 0, line
    assert {" ".join(command) for command in commands()} == seen | RUNNING == set(schema["answers"])
    return usual


def same(one, other):
    """Whether two answers say the same; the last digits of a number are not looked at."""
    if isinstance(one, dict) and isinstance(other, dict):
        return list(one) == list(other) and all(same(one[k], other[k]) for k in one)
    if isinstance(one, list) and isinstance(other, list):
        return len(one) == len(other) and all(map(same, one, other))
    if isinstance(one, float) or isinstance(other, float):
        return not isinstance(one, str) and not isinstance(other, str) and abs(one - other) <= 2e-5 + 1e-5 * abs(other)
    return one == other


def picture_of(path):
    """Its size in words, and its colors at sixteen by sixteen places."""
    full = GdkPixbuf.Pixbuf.new_from_file(path)
    small = full.scale_simple(16, 16, GdkPixbuf.InterpType.TILES)
    stride, wide, pixels = small.get_rowstride(), 16 * small.get_n_channels(), small.get_pixels()
    return [f"{full.get_width()} x {full.get_height()}", [level for y in range(16) for level in pixels[y * stride:y * stride + wide]]]


def looks_same(one, other):
    return one[0] == other[0] and len(one[1]) == len(other[1]) and all(abs(p - q) <= 2 for p, q in zip(one[1], other[1]))


def answers_are_as_they_were(usual):
    """What is answered and written, beside tests/reference/answers.jsonl: a line for each. The new one lies in the build folder."""
    toolkit = ctypes.CDLL("libQt6Core.so.6")
    toolkit.qVersion.restype = ctypes.c_char_p
    if not toolkit.qVersion().startswith(b"6.4."):
        return  # Other readers of JPEG round otherwise.

    def plain(text):
        return text.replace(DEMO, "DEMO").replace(STANDIN, "STANDIN").replace(ROOT, "ROOT")

    assert max(len(digits) for _, text in usual for digits in re.findall(rb"\d\.(\d+)", text)) == 6
    now = [[plain(" ".join(line)), json.loads(plain(text.decode()))] for line, text in usual]
    now += [[name, open(name, encoding="utf-8").read()] for name in ("pairs.csv", "palette.csv", "row.css", "plan.svg")]
    now += [[name, picture_of(name)] for name in PICTURES]
    with open(os.path.dirname(os.path.dirname(CLI)) + "/answers.jsonl", "w", encoding="utf-8") as file:
        file.writelines(json.dumps(each, ensure_ascii=False) + "\n" for each in now)
    with open(ROOT + "/tests/reference/answers.jsonl", encoding="utf-8") as file:
        kept = [json.loads(line) for line in file]
    for one, other in zip(now, kept, strict=True):
        alike = looks_same if one[0] in PICTURES else same
        assert one[0] == other[0] and alike(one[1], other[1]), (one, other)


def lines_of_the_window():
    """The lines of docs/command-lines.md have commands and options that there are."""
    with open(ROOT + "/docs/command-lines.md", encoding="utf-8") as file:
        lines = re.findall(r"zonachrom-cli ([^`)]+)", file.read())
    helped = {}
    for line in lines:
        words = re.sub(r"\$\(.*|'[^']*'", "X", line).split()
        flags = [word for word in words if word in ("--hex", "--version")]
        name = [word for word in words if word not in flags]
        name = tuple(name[:2] if name and name[0] in GROUPS else name[:1])
        if name not in helped:
            helped[name] = expect(run(*name, "--help"), DONE).stdout.decode()
        asked = [word for word in words if word.startswith("-") and word not in flags and not word[1:].isdigit() and word != "-"]
        missing = [word for word in asked if not re.search(rf"^  (?:-\w,)?(?:--\w+,)?{word}[ ,]|^  {word},", helped[name], re.M)]
        assert not missing, (line, missing)
    assert len(lines) > 90 and len(helped) > 40, (len(lines), len(helped))


def options_beyond_their_ranges():
    """What the help of any command says of each number is so: one more at either end is refused by name, and so is no number."""
    needed = {"mask": ["--pattern", "triad"], "ramp": ["--kind", "tints", "--from", "#123"], "relate": ["--relation", "triad"],
              "ladder": ["--relation", "triad"], "recipe": ["--paints", "paints.txt"], "reach": ["--paints", "paints.txt"],
              "fewest": ["--paints", "paints.txt"], "sample": ["--at", "1,1"], "try": ["--piece", DEMO, "--report"],
              "key use": ["--pattern", "triad"], "key keep": ["--pattern", "triad"]}
    positional = {"piece": DEMO, "pieces": DEMO, "photo": PHOTO, "set": "Evening"}
    checked = []
    for command in commands():
        name, told = " ".join(command), run(*command, "--help").stdout.decode()
        rest = [positional.get(word, "#123") for word in re.findall(r"^  ([a-z]+) (?:TEXT|FILE)(?: \.\.\.)? REQUIRED", told, re.M)]
        rest += needed.get(name, [])
        for option in re.findall(r"^  (?:-\w,)?(--[a-z-]+) [A-Z]+ REQUIRED", told, re.M):
            rest += [] if option in rest else [option, DEMO if option == "--piece" else "never.png"]
        for option, kind, words in re.findall(r"^  (?:-\w,)?(--[a-z-]+) (INT|NUMBER) +((?:.|\n {20,})*)", told, re.M):
            low, high = re.findall(r"(-?[0-9.]+) to (-?[0-9.]+)", " ".join(words.split()))[-1]
            step = 1 if kind == "INT" else 0.0001
            for beyond in (float(low) - step, float(high) + step):
                given = str(int(beyond)) if kind == "INT" else repr(beyond)
                expect(run(*command, *rest, f"{option}={given}"), USAGE, option, f"{low} to {high}")
            expect(run(*command, *rest, f"{option}=nan"), USAGE, option)
            checked.append(f"{name} {option}")
    assert len(checked) >= 90 and len({line.split(" --")[0] for line in checked}) > 40, checked
    assert not [name for name in os.listdir() if name.startswith("never")]


def files_are_streams():
    photo = open(PHOTO, "rb").read()
    assert run("sample", "-", "--at", "3,4", stdin=photo).stdout == run("sample", PHOTO, "--at", "3,4").stdout
    css = expect(run("export", "-", "--format", "css", "-o", "-", stdin=open(DEMO, "rb").read()), DONE).stdout
    assert css == open("row.css", "rb").read()
    picture = expect(run("look", "-", "--as", "value", "--format", "png", "-o", "-", stdin=photo), DONE).stdout
    assert picture.startswith(b"\x89PNG")
    # A piece goes through three commands without a file.
    line = (f"'{CLI}' import palette.csv --into piped.zonachrom --set taken --quiet && cat piped.zonachrom | '{CLI}' adjust - --turn 30 "
            f"| '{CLI}' limit - --hues ink | '{CLI}' grade <(cat) --compact")
    told = json.loads(subprocess.check_output(["bash", "-o", "pipefail", "-c", line]))
    assert told["set"] == "taken" and told["count"] > 5
    expect(run("export", DEMO, "-o", "-"), USAGE, "--format")
    expect(run("sheet", DEMO, "--format", "svg", "-o", "x.png"), USAGE, "do not agree")
    expect(run("try", "-", "--piece", "-", "--report", stdin=photo), USAGE, "only once")
    # A pipe that nobody reads and a full disk are errors.
    read, write = os.pipe()
    os.close(read)
    for line in (["describe", "#123"], ["export", DEMO, "--format", "css", "-o", "-"]):
        expect(run(*line, stdout=write), OUTPUT, "cannot be written")
        with open("/dev/full", "wb") as full:
            expect(run(*line, stdout=full), OUTPUT, "No space left")
    os.close(write)
    expect(run("export", DEMO, "--format", "css", "-o", "/dev/full"), OUTPUT, "No space left")


def nothing_is_replaced_unasked():
    before = open("row.css", "rb").read()
    expect(run("export", PHOTO, "-o", "new.css"), INPUT)
    expect(run("export", DEMO, "-o", "row.css"), OUTPUT, "--force")
    open("row.css", "wb").close()
    expect(run("--force", "export", DEMO, "-o", "row.css"), DONE)
    assert open("row.css", "rb").read() == before
    shutil.copy(DEMO, "copy.zonachrom")
    expect(run("sheet", "copy.zonachrom", "--force", "-o", "copy.zonachrom"), USAGE, "would be replaced")
    # The piece that is changed keeps its version before.
    expect(run("adjust", "copy.zonachrom", "--turn", "20"), DONE)
    assert open("copy.before.zonachrom", "rb").read() == open(DEMO, "rb").read()
    assert open("copy.zonachrom", "rb").read() != open(DEMO, "rb").read()
    expect(run("try", PHOTO, "--piece", DEMO, "--as", "study", "--pairs", "same.csv", "--format", "png", "-o", "same.csv"), USAGE, "two files")


def a_photo_becomes_a_sheet():
    """The lines of the README, as they stand there and in docs/answers.md."""
    lines = [line for line in open(ROOT + "/README.md", encoding="utf-8").read().splitlines() if line.startswith("zonachrom-cli ")]
    assert len(lines) == 5 and "\n".join(lines) in open(ROOT + "/docs/answers.md", encoding="utf-8").read(), lines
    os.mkdir("five")
    shutil.copy(PHOTO, "five/photo.jpg")
    told = subprocess.check_output(["bash", "-ec", "\n".join(lines)], cwd="five", text=True,
                                   env={**os.environ, "PATH": os.path.dirname(CLI) + ":" + os.environ["PATH"]})
    assert open("five/sheet.pdf", "rb").read().startswith(b"%PDF") and '"set":"Evening","count":14' in told, told


def shells_are_told_what_there_is():
    def told(*words):
        return run("--complete", *words).stdout.decode().splitlines()

    assert told("gr") == ["grade"] and {"add", "rename"} <= set(told("set", "")) and "--strict" in told("grade", DEMO, "--s")
    assert told("sheet", DEMO, "--background", "") == ["light", "dark"] and told("sheet", DEMO, "-o", "") == [":files .pdf .svg .png"]
    assert told("grade", "") == [":files .zonachrom"] and told("grade", DEMO, "--set", "") == ["Row at dusk"]
    assert told("version", "restore", DEMO, "a") == ["after rain"] and told("companion", "s") == ["show"]
    assert "dusk/far shadow" in told("swatch", "lock", DEMO, "dusk/") and told("relate", "#123", "--relation", "tr")[0] == "triad"
    # The shell itself asks and quotes.
    with open("complete.sh", "w", encoding="utf-8") as file:
        file.write(f'PATH="{os.path.dirname(CLI)}:$PATH"; source "{ROOT}/packaging/completion/zonachrom-cli"\n'
                   f'COMP_WORDS=(zonachrom-cli version restore "{DEMO}" be); COMP_CWORD=4; _zonachrom_cli; printf "%s\\n" "${{COMPREPLY[@]}}"\n'
                   'COMP_WORDS=(zonachrom-cli export made); COMP_CWORD=2; _zonachrom_cli; printf "%s\\n" "${COMPREPLY[@]}"\n')
    lines = subprocess.check_output(["bash", "complete.sh"], text=True).splitlines()
    assert lines[0] == "before\\ the\\ lamps\\ are\\ lit" and set(lines[1:]) == {"made.zonachrom", "made.before.zonachrom"}, lines


def long_tasks_say_how_far_they_are():
    """On a terminal, in one line that goes again; not into a file, and not when silence is asked for."""
    width, height = 900, 600
    rows = b"".join(b"\0" + os.urandom(3 * width) for _ in range(height))

    def chunk(kind, content):
        return struct.pack(">I", len(content)) + kind + content + struct.pack(">I", zlib.crc32(kind + content))

    with open("noise.png", "wb") as file:
        file.write(b"\x89PNG\r\n\x1a\n" + chunk(b"IHDR", struct.pack(">IIBBBBB", width, height, 8, 2, 0, 0, 0))
                   + chunk(b"IDAT", zlib.compress(rows, 1)) + chunk(b"IEND", b""))
    line = ["try", "noise.png", "--piece", DEMO, "--report", "--missing", "24"]
    for more, shown in (([], True), (["--quiet"], False)):
        terminal, end = pty.openpty()
        assert subprocess.run([CLI, *line, *more], stdout=subprocess.DEVNULL, stderr=end, check=False).returncode == DONE
        os.close(end)
        said = b""
        try:
            while part := os.read(terminal, 4096):
                said += part
        except OSError:  # All has been read.
            pass
        os.close(terminal)
        assert bool(said) == shown and (not shown or (re.search(rb"missing colors: \d+ %", said) and said.endswith(b"\r\x1b[K"))), said


def exit_codes():
    with open("damaged.zonachrom", "wb") as file:
        file.write(open(DEMO, "rb").read()[:5000])
    table = [(DONE, ["--version"]), (DONE, ["relate", "--help"]), (DONE, ["grade", DEMO, "--quiet"]),
             (NO, ["grade", DEMO, "--strict"]), (USAGE, []), (USAGE, ["knead", "it"]), (USAGE, ["describe", "blurple"]),
             (USAGE, ["describe", "#123", "--nonsense"]), (USAGE, ["sheet", DEMO, "-o", "x.doc"]),
             (INPUT, ["grade", "none.zonachrom"]), (INPUT, ["grade", DEMO, "--set", "none"]), (INPUT, ["grade", "damaged.zonachrom"]),
             (INPUT, ["inspect", DEMO]), (INPUT, ["import", CLI, "--into", "never.zonachrom"]),
             (INPUT, ["press", DEMO, "--profile", PHOTO]), (OUTPUT, ["export", DEMO, "-o", "/proc/never.css"]),
             (WINDOW, ["now"]), (WINDOW, ["follow"])]
    alone = {**os.environ, "DBUS_SESSION_BUS_ADDRESS": "unix:path=/nonexistent"}
    for code, line in table:
        told = run(*line, env=alone)
        assert told.returncode == code, (line, told)
        assert code < USAGE or told.stderr.count("\n") == 1, (line, told.stderr)
    assert '"knead" is no command' in run("knead", "it").stderr
    assert run("grade", DEMO, "--quiet").stdout == b""
    assert run("describe", "#123", "--compact").stdout.count(b"\n") == 1
    assert run("--hex", "relate", "#ce854e", "--relation", "triad").stdout.split() == [b"#ce854e", b"#db68e2", b"#50a585"]
    assert run("--hex", "mix", "#1f55b5:2", "#ffe500").stdout.count(b"#") == 1 and run("--hex", "check", DEMO).stdout == b""
    expect(run("import", "-", "--into", "triad.zonachrom", stdin=run("--hex", "ladder", "#ce854e", "--relation", "triad").stdout), DONE)
    # A list of sets does not take what stands behind it.
    expect(run("parcel", "pack", "--set", "Row at dusk", DEMO, "--force", "-o", "row.zonaparcel"), DONE)


def a_stated_time():
    """What is written at a stated time is the same to the byte."""
    for ending in ("pdf", "cxf", "zonaparcel"):
        files = []
        for name in ("first", "second"):
            files.append(f"{name}.{ending}")
            line = {"pdf": ["sheet", DEMO], "cxf": ["export", DEMO], "zonaparcel": ["parcel", "pack", DEMO, "--mask"]}[ending]
            expect(run(*line, "-o", files[-1], env={**os.environ, "SOURCE_DATE_EPOCH": "86400"}), DONE)
            if name == "first":
                subprocess.check_call(["sleep", "1.1"])  # The clock has to move on by a second.
        assert open(files[0], "rb").read() == open(files[1], "rb").read(), ending


def main():
    with open(ROOT + "/docs/answers.schema.json", encoding="utf-8") as file:
        schema = json.load(file)
    with tempfile.TemporaryDirectory() as folder:
        os.chdir(folder)
        os.environ["XDG_DATA_HOME"] = folder + "/data"  # The shelf.
        usual = answers_are_as_the_schema_says(schema)
        answers_are_as_they_were(usual)
        pieces_hold_what_was_asked()
        the_demo_is_made_by_lines()
        lines_of_the_window()
        options_beyond_their_ranges()
        files_are_streams()
        nothing_is_replaced_unasked()
        a_photo_becomes_a_sheet()
        shells_are_told_what_there_is()
        long_tasks_say_how_far_they_are()
        exit_codes()
        a_stated_time()
        answers_are_the_same_everywhere(usual)
        answers_that_nobody_takes()
        colors_need_no_files()
        few_photos_need_the_plugin()
        os.chdir("/")


main()
