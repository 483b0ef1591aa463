"""A whole piece made by what a screen reader has: from an empty window over a photo, a mask, picks and a graded set to a
sheet and a saved file. No key and no pointer is used."""
import json
import os
import sys
import zipfile

from desktop import Assistant, Desktop

PROGRAM, PHOTO = sys.argv[1:3]
BUTTONS, TEXTS = ("push button", "check box", "radio button"), ("text",)


def main():
    desktop = Desktop()
    try:
        reader = Assistant(desktop)
        desktop.start([PROGRAM])
        desktop.window("Untitled")
        reader.do(BUTTONS, "Start with a photo")
        answer_files(reader, PHOTO, "Open")
        reader.do(BUTTONS, "Take palette")
        reader.do(BUTTONS, "Add by hue")
        # The piece gets its name.
        reader.do(BUTTONS, "Details")
        reader.write(TEXTS, "...Title", "By ear")
        reader.do(BUTTONS, "Apply")
        # A mask, and picks inside it.
        reader.do(BUTTONS, "Limit")
        reader.do(BUTTONS, "Mask pattern triad")
        reader.do(BUTTONS, "Pick")
        wheel = reader.wait_for(("canvas",), "Wheel at the current value")
        reader.wait_for(("slider",), "Value rail").queryValue().currentValue = 62
        reader.find(wheel, ("slider",), "Hue").queryValue().currentValue = 120
        reader.find(wheel, ("slider",), "Saturation").queryValue().currentValue = 30
        told = reader.until(lambda: color_told(reader))
        assert "value 62" in told, told
        before = swatches(reader)
        reader.do(BUTTONS, "Add to set")
        reader.until(lambda: swatches(reader) == before + 1)
        # What the report finds is mended by its own action.
        reader.do(BUTTONS, "Grade")
        reader.do(BUTTONS, "...: Move it inside")
        reader.until(lambda: not reader.find(reader.program(), BUTTONS, "...: Move it inside"))
        # The sheet.
        reader.do(BUTTONS, "Share")
        reader.do(BUTTONS, "Save PDF")
        sheet = os.path.join(desktop.folder, "by-ear.pdf")
        answer_files(reader, sheet, "Save")
        reader.until(lambda: os.path.exists(sheet) and open(sheet, "rb").read(5) == b"%PDF-")
        # The file.
        reader.do(("menu item",), "File")
        choose_to_save(reader)
        piece = os.path.join(desktop.folder, "by-ear.zonachrom")
        answer_files(reader, piece, "Save")
        reader.until(lambda: os.path.exists(piece))
        with zipfile.ZipFile(piece) as saved:
            name = next(n for n in saved.namelist() if n.endswith("piece.json"))
            said = json.loads(saved.read(name))
        assert said["title"] == "By ear", said["title"]
        kept = [s for one in said["sets"] for family in one["families"] for s in family["swatches"]]
        assert len(kept) == before + 1 and len(said["references"]) == 1 and said["mask"], said.keys()
    finally:
        desktop.end()


def answer_files(reader, path, button):
    """The toolkit's own dialog of files."""
    dialog = reader.wait_for(("dialog", "file chooser"), "")
    reader.find(dialog, TEXTS, "File name:").queryEditableText().setTextContents(path)
    reader.find(dialog, BUTTONS, button).queryAction().doAction(0)


def choose_to_save(reader):
    """The toolkit answers once the dialog that the entry opens is closed, and nobody waits so long."""
    from gi.repository import GLib
    try:
        reader.do(("menu item",), "Save", "Press")
    except GLib.Error as error:
        assert "reply" in error.message, error


def color_told(reader):
    return reader.find(reader.program(), ("label",), "Current color:").name


def swatches(reader):
    staff = reader.wait_for(("panel", "grouping"), "Staff of the current set")
    families = [staff.getChildAtIndex(i) for i in range(staff.childCount)]
    return sum(family.childCount for family in families if family.getRoleName() == "list")


main()
