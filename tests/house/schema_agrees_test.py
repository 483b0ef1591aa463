# SPDX-License-Identifier: GPL-3.0-or-later
"""Random documents, right and wrong: the schema and the program say the same of each, but for what the page of the format
says that no schema can."""
import copy
import io
import json
import pathlib
import random
import subprocess
import sys
import tempfile
import zipfile

import jsonschema

ROOT, CLI, DEMO = pathlib.Path(sys.argv[1]), sys.argv[2], sys.argv[3]
COUNT, SEED = (int(sys.argv[4]), int(sys.argv[5])) if len(sys.argv) > 5 else (1000, 1)
VALUES = [None, True, False, "", "x", "2026-02-30", -1, 0, 1, 2, 0.5, 7, 101, 361, 1e9, 1e30, [], [0], [0.5, 0.5], [0.1, 0.2, 0.3], {}, "#102030"]
SCHEMA = jsonschema.Draft202012Validator(json.loads((ROOT / "docs/piece.schema.json").read_text()))


def documents():
    """What programs have written: the demo, and the fullest piece of a released format."""
    for path in (DEMO, sorted((ROOT / "tests/reference/pieces").glob("*.zonachrom"))[-1]):
        with zipfile.ZipFile(path) as piece:
            yield json.loads(piece.read("piece.json")), {n: piece.read(n) for n in piece.namelist() if n.startswith("references/")}


def places(node, path=()):
    yield path
    inner = node.items() if isinstance(node, dict) else enumerate(node) if isinstance(node, list) else ()
    for key, value in inner:
        yield from places(value, path + (key,))


def without_nulls(node):
    if isinstance(node, dict):
        return {key: without_nulls(value) for key, value in node.items() if value is not None}
    return [without_nulls(value) for value in node] if isinstance(node, list) else node


def at(document, path):
    for key in path:
        document = document[key]
    return document


def changed(document, hand):
    document = copy.deepcopy(document)
    paths = [p for p in places(document) if p]
    # Few of the deepest places, which are nearly all of them, and more of those above.
    path = hand.choice([p for p in paths if len(p) == hand.randint(1, 9)] or paths)
    parent, key = at(document, path[:-1]), path[-1]
    way = hand.randint(0, 5)
    if way == 0:
        del parent[key]
    elif way == 1 and isinstance(parent, list):
        parent.append(copy.deepcopy(parent[key]))
    elif way == 2 and isinstance(parent[key], (int, float)) and not isinstance(parent[key], bool):
        parent[key] = parent[key] * hand.choice([-1, 2, 10, 1000]) + hand.choice([0, 1, 0.25])
    else:
        parent[key] = copy.deepcopy(hand.choice(VALUES))
    return document, path, way


def write(path, document, files):
    with zipfile.ZipFile(path, "w") as piece:
        piece.writestr("mimetype", "application/vnd.zonachrom.piece+zip")
        piece.writestr("piece.json", json.dumps(document))
        for name, content in files.items():
            piece.writestr(name, content[:64])


def verdicts(paths):
    told = subprocess.run([CLI, "check", *paths, "--compact"], capture_output=True, text=True, check=False)
    assert told.returncode in (0, 1), told.stderr
    return ["; ".join(f"{fault['place']}: {fault['sentence']}" for fault in piece["faults"]) for piece in json.loads(told.stdout)["pieces"]]


def main():
    hand, starts = random.Random(SEED), list(documents())
    page = (ROOT / "docs/piece-format.md").read_text().split("## What no schema says")[1].split("\n## ")[0]
    beyond = [line.split("`")[1] for line in page.splitlines() if line.startswith("- `")]
    assert beyond, page
    said, used = [], set()
    with tempfile.TemporaryDirectory() as name:
        made = []
        for i in range(COUNT):
            start, files = hand.choice(starts)
            made.append(changed(start, hand))
            write(f"{name}/{i}.zonachrom", made[-1][0], files)
        told_of = verdicts([f"{name}/{i}.zonachrom" for i in range(COUNT)])
        for (document, path, way), told in zip(made, told_of):
            # As left out.
            errors = [f"{e.json_path}: {e.message[:80]}" for e in SCHEMA.iter_errors(without_nulls(document))]
            place = ".".join(map(str, path)) + f" ({way})"
            if errors and not told:
                said.append(f"the schema alone refuses {place}: {errors[0]}")
            if told and not errors:
                rules = [rule for rule in beyond if rule in told]
                used.update(rules)
                if not rules:
                    said.append(f"the program alone refuses {place}: {told[:160]}")
    if said:
        sys.exit("\n".join(said))
    print(f"the schema and the program agree on {COUNT} documents; beyond the schema: {len(used)} of {len(beyond)} rules")


main()
