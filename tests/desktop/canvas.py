"""A painting program of the tests: rectangles of known colors, read again and again from a file."""
import json
import os

WIDTH, HEIGHT = 600, 400

PROGRAM = """
import gi, json, sys
gi.require_version("Gtk", "3.0")
from gi.repository import GdkPixbuf, GLib, Gtk
window = Gtk.Window(title="canvas")
area = Gtk.Image()
window.add(area)
shown = ""
def look():
    global shown
    now = open(sys.argv[1]).read()
    if now == shown:
        return True
    shown = now
    rows = [bytearray(600 * 3) for _ in range(400)]
    for x, y, width, height, color in json.loads(shown):
        for row in rows[y:y + height]:
            row[3 * x:3 * (x + width)] = bytes.fromhex(color[1:]) * width
    area.set_from_pixbuf(GdkPixbuf.Pixbuf.new_from_bytes(GLib.Bytes(b"".join(rows)), GdkPixbuf.Colorspace.RGB, False, 8, 600, 400, 1800))
    return True
look()
GLib.timeout_add(30, look)
window.move(40, 60)
window.show_all()
Gtk.main()
"""


class Canvas:
    """Painted over the whole with a ground first."""

    def __init__(self, desktop, ground):
        self.file = os.path.join(desktop.folder, "painting")
        self.ground = ground
        self.paint()
        self.process = desktop.start(["/usr/bin/python3", "-c", PROGRAM, self.file])

    def paint(self, *rectangles):
        with open(self.file + ".new", "w", encoding="utf-8") as out:
            json.dump([[0, 0, WIDTH, HEIGHT, self.ground], *rectangles], out)
        os.replace(self.file + ".new", self.file)
