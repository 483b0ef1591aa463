"""The languages of the window: whatever it says is translated and finished, what stands for numbers and names stays, and
every sentence of the core and of the files is known to those who translate, with what stands in it for names."""
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


lupdate = shutil.which("lupdate") or "/usr/lib/qt6/bin/lupdate"
for file in sorted((root / "translations").glob("*.ts")):
    with tempfile.TemporaryDirectory() as folder:
        copy = pathlib.Path(folder) / file.name
        shutil.copy(file, copy)
        # What the sources say now: anything new would come out unfinished, anything gone would vanish.
        said = subprocess.run([lupdate, "-silent", "-locations", "none", "-no-obsolete", "-no-ui-lines", "-I", str(root / "src"),
                               str(root / "src/app"), str(root / "src/model"), "-ts", str(copy)], check=True, capture_output=True, text=True).stderr
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
                    str(root / "src/app"), str(root / "src/model"), "-ts", str(copy)], check=True, capture_output=True)
    for context, source, state, forms in messages(copy):
        if state == "unfinished" or len(forms) != 2 or not all(forms) or any(places(form) != places(source) for form in forms):
            wrong.append(f"{copy.name}: without its two forms: {context}: {source!r}")

LITERAL = r'"((?:[^"\\]|\\.)*)"'
known = re.findall(r'QT_TRANSLATE_NOOP\(\s*"Sentence",\s*((?:"(?:[^"\\]|\\.)*"\s*)+)\)',
                   (root / "src/model/i18n/sentences.cpp").read_text())
known = ["".join(re.findall(LITERAL, one)) for one in known]
shapes = [re.compile(".+".join(map(re.escape, re.split(r"%\d", one)))) for one in known]


def argument(text, at):
    """The expression that begins there, up to its comma or closing bracket."""
    depth, begin = 0, at
    while depth >= 0 and (depth or text[at] != ","):
        if text[at] == '"':
            at = re.compile(LITERAL).match(text, at).end() - 1
        depth += (text[at] in "([{") - (text[at] in ")]}")
        at += 1
    return text[begin:at if depth >= 0 else at - 1]


def argument_after(text, at, others):
    """Where the argument after that many others begins."""
    for _ in range(others):
        at += len(argument(text, at)) + 1
    return at


def said(expression):
    """What it says, with X for each name or number in it; nothing where it is put together elsewhere."""
    parts = re.split(r'("(?:[^"\\]|\\.)*")', expression)
    inner = [part[1:-1] if part[:1] == '"' else "" if re.fullmatch(r"[\s+()]*(std::string)?[\s+()]*", part) else "X" for part in parts]
    return "".join(inner) if len(parts) > 1 else None


# Of parts that stand elsewhere; what comes of them is known.
composed = {'\\"X; unlock first.', '\\"X\\" X.', '\\"X\\" X; choose another copy of the photo.', r'This X file is damagedX.X: the field \"X\" is wrong.'}
for floor in ("core", "io"):
    for path in sorted((root / "src" / floor).rglob("*.cpp")):
        text = path.read_text()
        begins = [begin.end() for begin in re.finditer(r"ErrorCode::\w+,\s*|remarks\.push_back\(", text)]
        begins += [argument_after(text, begin.end(), 2) for begin in re.finditer(r"(?<![.\w])holds\((?!bool)", text) if path.name == "rules.cpp"]
        for begin in begins:
            sentence = said(argument(text, begin))
            # A name may bring its own quotes.
            forms = [sentence, sentence.replace("X", '\\"X\\"', 1)] if sentence else []
            if forms and sentence not in composed and not any(shape.fullmatch(form) for shape in shapes for form in forms):
                wrong.append(f"{path.relative_to(root)}: not among the sentences: {sentence!r}")
print("\n".join(wrong[:60]) or "every language says everything")
sys.exit(bool(wrong))
