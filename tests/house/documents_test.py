"""Documents: each is listed with its reader, its length is about right, and every link leads to something that is there."""
import pathlib
import re
import subprocess
import sys

root = pathlib.Path(sys.argv[1])
wrong = []
known = subprocess.run(["git", "-C", str(root), "ls-files"], capture_output=True, text=True, check=False).stdout.split("\n")
pages = [root / name for name in known if name.endswith(".md") and not name.startswith("src/")]
pages += [page for page in root.glob("*.md") if page not in pages] + [page for page in (root / "docs").glob("*.md") if page not in pages]


def marks(page):
    """What a link may point at behind a number sign."""
    return {re.sub(r"[^a-z0-9 -]", "", head.lower()).replace(" ", "-") for head in re.findall(r"^#+ (.*)$", page.read_text(), re.M)}


for page in sorted(set(pages)):
    for link in re.findall(r"\]\(([^)\s]+)\)", page.read_text()):
        file, _, mark = link.partition("#")
        if re.match(r"[a-z]+:", link):
            continue
        to = (page.parent / file).resolve() if file else page
        if not to.exists():
            wrong.append(f"{page.relative_to(root)}: {link} is not there")
        elif mark and to.suffix == ".md" and mark not in marks(to):
            wrong.append(f"{page.relative_to(root)}: {link} has no such heading")
for page in sorted((root / "docs/handbook").rglob("*.html")):
    for link in re.findall(r'(?:href|src)="([^"#:]+)(?:#[^"]*)?"', page.read_text()):
        if not (page.parent / link).exists():
            wrong.append(f"{page.relative_to(root)}: {link} is not there")

listed = {}
for row in (root / "docs/documents.md").read_text().splitlines():
    cells = [cell.strip() for cell in row.strip("|").split("|")]
    if len(cells) == 4 and cells[2].isdigit():
        for link in re.findall(r"\]\(([^)]+)\)", cells[0])[:1]:
            listed[(root / "docs" / link).resolve()] = int(cells[2])
for page in sorted(set(pages)):
    if page.resolve() not in listed and page.parent.name != "fuzz" and "tests" not in page.relative_to(root).parts:
        wrong.append(f"docs/documents.md does not list {page.relative_to(root)}")
for page, lines in listed.items():
    if page.is_file():
        has = len(page.read_text().splitlines())
        if not 0.7 * has <= lines <= 1.4 * has:
            wrong.append(f"docs/documents.md: {page.name} has {has} lines, not about {lines}")
made = subprocess.run([root / "scripts/draw-house", "--check"], capture_output=True, text=True, check=False)
if made.returncode != 0:
    wrong.append(made.stderr.strip())
if wrong:
    sys.exit("\n".join(wrong))
print(f"{len(set(pages))} documents, all listed; their links lead somewhere")
