"""What the handbook calls by name in bold is called so in the window, and its pages say the same in all languages."""
import html
import pathlib
import re
import sys
import xml.etree.ElementTree as tree

root = pathlib.Path(sys.argv[1])


def plain(words):
    return " ".join(html.unescape(words.replace("&", "")).split()).rstrip(".").lower()


def messages(language):
    """What the window says, in English and in the language."""
    said = {}
    for message in tree.parse(root / f"translations/zonachrom_{language}.ts").iter("message"):
        translation = message.find("translation")
        forms = [f.text for f in translation.findall("numerusform")] or [translation.text]
        said.setdefault(plain(message.findtext("source")), set()).update(plain(f or "") for f in forms)
    return said


def skeleton(page):
    """The marks of a page, what they point to, and what is to be typed, without its words; rows of commands are held by another test."""
    text = re.sub(r"<!-- commands -->.*<!-- end of commands -->", "", page.read_text(), flags=re.S)
    text = re.sub(r' alt="[^"]*"| lang="[^"]*"', "", text).replace("1,1", "1.1")
    return re.findall(r"<code>.*?</code>|<[^>]+>", text)


# Said in the pages as ideas rather than as something to press.
ideas = {"piece", "head", "value band", "tray", "wheel", "hue section", "rail", "subjective neutral", "hue scale",
         "saturation measure", "key colors", "relation", "recipe", "fewest", "lines of your own"}
ideas_elsewhere = {
    "de": {"werk", "kopf", "tonwertband", "ablage", "schiene", "subjektive neutral", "farbtonskala", "maß der sättigung", "beziehung",
           "rezept", "wenigsten"},
    "es": {"obra", "cabecera", "banda de valor", "bandeja", "círculo", "sección de tono", "riel", "neutro subjetivo", "escala de tono",
           "medida de saturación", "colores clave", "relación", "receta", "las menos"}}
wrong = []
english = {page.name: page for page in sorted((root / "docs/handbook/en").glob("*.html"))}
for language in ("en", "de", "es"):
    said = messages("es" if language == "en" else language)
    words = set(said) if language == "en" else {form for forms in said.values() for form in forms}
    pages = {page.name: page for page in sorted((root / "docs/handbook" / language).glob("*.html"))}
    if pages.keys() != english.keys():
        wrong.append(f"{language}: has other pages: {sorted(pages.keys() ^ english.keys())}")
    for name, page in pages.items():
        # A page in another language says all that the English one says.
        ours, theirs = skeleton(english[name]), skeleton(page)
        if ours != theirs:
            at = next((i for i, (a, b) in enumerate(zip(ours, theirs)) if a != b), min(len(ours), len(theirs)))
            wrong.append(f"{language}/{name}: parts from the English page at mark {at}: {ours[at:at + 2]} {theirs[at:at + 2]}")
        if page.stem in {"glossary", "keys"}:
            continue
        for bold in re.findall(r"<b>(.*?)</b>", page.read_text(), re.S):
            if plain(bold) not in words | (ideas if language == "en" else ideas_elsewhere[language]):
                wrong.append(f'{language}/{name}: nothing in the window is called "{plain(bold)}"')
print("\n".join(wrong) or "the handbook calls everything by its name")
sys.exit(bool(wrong))
