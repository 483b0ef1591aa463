"""The languages of the window: whatever it says is translated and finished, what stands for numbers and names stays, and
every sentence of the core and of the files has its id, and is said with what stands in it."""
import pathlib
import re
import shutil
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as tree

root = pathlib.Path(sys.argv[1])
wrong = []


def messages(path):
    for context in tree.parse(path).getroot().findall("context"):
        for message in context.findall("message"):
            translation = message.find("translation")
            forms = [f.text or "" for f in translation.findall("numerusform")] or [translation.text or ""]
            yield context.findtext("name"), message.findtext("source"), translation.get("type"), forms


def places(words):
    return sorted(set(re.findall(r"%[0-9n]", words)))


sources = [str(root / "src" / one) for one in ("app", "model", "core/base")]
lupdate = shutil.which("lupdate") or "/usr/lib/qt6/bin/lupdate"
for file in sorted((root / "translations").glob("*.ts")):
    with tempfile.TemporaryDirectory() as folder:
        copy = pathlib.Path(folder) / file.name
        shutil.copy(file, copy)
        # What the sources say now: anything new would come out unfinished, anything gone would vanish.
        said = subprocess.run([lupdate, "-silent", "-locations", "none", "-no-obsolete", "-no-ui-lines", "-tr-function-alias",
                               "QT_TRANSLATE_NOOP+=said", "-I", str(root / "src"), *sources, "-ts", str(copy)], check=True, capture_output=True, text=True).stderr
        # Such words would be looked up under another name than they are translated by.
        wrong += [f"nobody will find what is translated here: {line}" for line in said.splitlines() if "Q_OBJECT" in line]
        kept, now = {(c, s) for c, s, _, _ in messages(file)}, {(c, s) for c, s, _, _ in messages(copy)}
        wrong += [f"{file.name}: nobody says any more: {c}: {s!r}" for c, s in sorted(kept - now)]
        count = 0
        for context, source, state, forms in messages(copy):
            count += 1
            if state == "unfinished" or not all(forms):
                wrong.append(f"{file.name}: not translated: {context}: {source!r}")
            for form in forms:
                if places(form) != places(source):
                    wrong.append(f"{file.name}: other places: {source!r}: {form!r}")
                if source[:1].isspace() != form[:1].isspace() or source[-1:].isspace() != form[-1:].isspace():
                    wrong.append(f"{file.name}: other spaces at an end: {source!r}: {form!r}")
                if ("&" in source) != ("&" in form):
                    wrong.append(f"{file.name}: a letter for the keyboard is missing or too many: {source!r}: {form!r}")
        if count < 1500:
            wrong.append(f"{file.name}: only {count} messages were found")

# English is what the sources say; only what is counted has forms.
with tempfile.TemporaryDirectory() as folder:
    copy = pathlib.Path(folder) / "plurals_en.ts"
    shutil.copy(root / "translations/plurals/plurals_en.ts", copy)
    subprocess.run([lupdate, "-silent", "-locations", "none", "-no-obsolete", "-no-ui-lines", "-pluralonly", "-I", str(root / "src"),
                    *sources, "-ts", str(copy)], check=True, capture_output=True)
    for context, source, state, forms in messages(copy):
        if state == "unfinished" or len(forms) != 2 or not all(forms) or any(places(form) != places(source) for form in forms):
            wrong.append(f"{copy.name}: without its two forms: {context}: {source!r}")

# Every sentence of the core and of the files has an id; where it is said, as much is given as stands in its English.
english = {name: "".join(re.findall(r'"((?:[^"\\]|\\.)*)"', words)) for name, words in re.findall(
    r'\{Sentence::(\w+),\s*said\(\s*"Sentence",\s*((?:"(?:[^"\\]|\\.)*"\s*)+)\)\}', (root / "src/core/base/english.cpp").read_text())}
if len(english) < 250:
    wrong.append(f"only {len(english)} sentences were found")


def given(text, at):
    """How many arguments stand from there to the closing bracket."""
    depth, count, quoted = 0, 0, False
    while depth >= 0:
        if text[at] == '"' and text[at - 1] not in "\\'":
            quoted = not quoted
        if not quoted:
            depth += (text[at] in "([{") - (text[at] in ")]}")
            count += text[at] == "," and depth == 0
        at += 1
    return count


used = set()
for path in sorted((root / "src").rglob("*")):
    if path.suffix not in (".cpp", ".h") or path.parts[-2:-1] == ("base",):
        continue
    text = path.read_text()
    place = path.relative_to(root)
    if place.parts[1] in ("core", "io") and "as_said(" in text:
        wrong.append(f"{place}: says a sentence that has no id")
    for found in re.finditer(r"(\bsay\(\s*)?Sentence::(\w+)", text):
        name = found.group(2)
        used.add(name)
        if found.group(1):
            wanted, has = len(places(english[name])), given(text, found.end())
            if wanted != has:
                wrong.append(f"{place}: {name} is said with {has} for {wanted}")
wrong += [f"nobody says {name}" for name in sorted(english.keys() - used - {"AsSaid"})]
print("\n".join(wrong[:60]) or "every language says everything")
sys.exit(bool(wrong))
