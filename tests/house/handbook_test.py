"""What the handbook calls by name in bold is called so in the window."""
import html
import pathlib
import re
import sys
import xml.etree.ElementTree as tree

root = pathlib.Path(sys.argv[1])
words = {s.text.replace("&", "").rstrip(".").lower() for s in tree.parse(root / "translations/zonachrom_es.ts").iter("source")}
# Said in the pages as ideas rather than as something to press.
ideas = {"piece", "head", "value band", "tray", "wheel", "hue section", "rail", "subjective neutral", "hue scale",
         "saturation measure", "key colors", "relation", "recipe", "fewest", "lines of your own"}
wrong = []
for page in sorted((root / "docs/handbook/en").glob("*.html")):
    if page.stem in {"glossary", "keys"}:
        continue
    for bold in re.findall(r"<b>(.*?)</b>", page.read_text(), re.S):
        name = " ".join(html.unescape(bold).split()).lower()
        if name not in words and name not in ideas:
            wrong.append(f"{page.name}: nothing in the window is called \"{name}\"")
print("\n".join(wrong) or "the handbook calls everything by its name")
sys.exit(bool(wrong))
