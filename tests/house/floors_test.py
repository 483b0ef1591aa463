"""The floors of the house: a floor includes only those below it, and the core knows no toolkit."""
import pathlib
import re
import sys

root = pathlib.Path(sys.argv[1]) / "src"
allowed = {"core": {"core"}, "io": {"core", "io"}, "model": {"core", "io", "model"}, "app": {"core", "io", "model", "app"}, "cli": {"core", "io", "cli"},
           "standins": {"standins"}, "heif": {"heif", "io"}}
# Within a floor a room knows only those before it.
rooms = {
    "core": ["base", "color", "press", "wheel", "mask", "mix", "image", "keys", "try", "piece", "patterns", "grading", "sheet", "session"],
    "io": ["files", "bus", "photo", "exchange", "container", "sheet", "shelf"],
    "model": ["i18n", "derived", "photos", "document", "session", "plan", "photo", "keys", "proof", "work", "mixing", "study", "watch", "share",
              "intake", "follow", "journal", "documents", "find", "application"],
    "app": ["log", "platform", "bus", "accessibility", "theme", "controls", "paint", "first", "handbook", "copying", "band", "shelf", "tray", "photo",
            "wheel", "screen", "companion", "desks", "files", "menus", "window", "program", "main.cpp"],
}
wrong = [f"there is no room {floor}/{room}" for floor, names in rooms.items() for room in names if not (root / floor / room).exists()]
for path in sorted(root.rglob("*")):
    if path.suffix not in {".h", ".cpp"}:
        continue
    floor = path.relative_to(root).parts[0]
    lines = path.read_text().splitlines()
    for number, line in enumerate(lines, 1):
        include = re.match(r'#include ([<"])([^>"]+)', line)
        if not include:
            continue
        name = include[2]
        where = f"{path.relative_to(root)}:{number}: {name}"
        if include[1] == '"' and name.split("/")[0] not in allowed[floor]:
            wrong.append(where)
        inner = name.split("/")
        if include[1] == '"' and floor in rooms and inner[0] == floor:
            room = path.relative_to(root).parts[1]
            if room not in rooms[floor]:
                wrong.append(f"{path.relative_to(root)}: the room {room} has no place in the order of rooms")
                continue
            here = rooms[floor].index(room)
            if inner[1] not in rooms[floor] or rooms[floor].index(inner[1]) > here:
                wrong.append(where + " (a room knows only those before it)")
        if floor == "core" and (re.match(r"Q[A-Z]|Qt", name) or name in {"fstream", "filesystem", "chrono", "ctime", "iostream", "sys/mman.h", "unistd.h"}):
            wrong.append(where + " (the core has no toolkit, files or clock)")
        if floor in {"io", "model"} and re.match(r"QtWidgets|QWidget|QApplication", name):
            wrong.append(where + " (no widgets below the app)")
    if path.suffix == ".h":
        if "#pragma once" not in lines:
            wrong.append(f"{path.relative_to(root)}: no include guard")
        if not lines[1].startswith("//"):  # Behind the license.
            wrong.append(f"{path.relative_to(root)}: does not say what it is for")
    if len(lines) > 600:
        wrong.append(f"{path.relative_to(root)}: {len(lines)} lines are too many to read in one sitting")
for folder in root.rglob("*"):
    if not folder.is_dir():
        continue
    says = folder / "README.md"
    if not says.exists() or not 0 < len(says.read_text().splitlines()) <= 10:
        wrong.append(f"{folder.relative_to(root)}: no README of at most ten lines says what lives there")
print("\n".join(wrong) or "every floor knows only those below it")
sys.exit(bool(wrong))
