"""Colors dragged out of the companion and the window, onto programs of two toolkits."""
import json
import sys

from desktop import Desktop, Palette, Screen, click, drag, place, said

PROGRAM, RECEIVER, DEMO = sys.argv[1:4]

# Takes every kind of drop that it is offered and writes it down, and a color button of its toolkit.
GTK_RECEIVER = """
import gi, json, sys
gi.require_version("Gtk", "3.0")
from gi.repository import Gdk, Gtk
window = Gtk.Window(title="gtk receiver")
window.set_default_size(300, 300)
box = Gtk.VBox()
button = Gtk.ColorButton()
def tell(**what):
    open(sys.argv[1], "a").write(json.dumps(what) + "\\n")
def of(rgba):
    return "#%02x%02x%02x" % tuple(round(255 * c) for c in (rgba.red, rgba.green, rgba.blue))
button.connect("notify::rgba", lambda b, _: tell(button=of(b.get_rgba())))
place = Gtk.EventBox()
place.drag_dest_set(Gtk.DestDefaults.MOTION | Gtk.DestDefaults.HIGHLIGHT, [], Gdk.DragAction.COPY)
place.drag_dest_add_text_targets()
place.drag_dest_add_image_targets()
def drop(widget, context, x, y, time):
    names = [t.name() for t in context.list_targets()]
    tell(targets=names)
    widget.drag_get_data(context, Gdk.Atom.intern("text/plain", False), time)
    return True
def taken(widget, context, x, y, data, info, time):
    if data.get_data_type().name().startswith("text"):
        tell(text=data.get_data().decode())
        return widget.drag_get_data(context, Gdk.Atom.intern("image/png", False), time)
    picture = data.get_pixbuf()
    pixels = picture.get_pixels()
    tell(size=[picture.get_width(), picture.get_height()], first="#%02x%02x%02x" % tuple(pixels[:3]))
    context.finish(True, False, time)
place.connect("drag-drop", drop)
place.connect("drag-data-received", taken)
box.pack_start(button, True, True, 0)
box.pack_start(place, True, True, 0)
window.add(box)
window.move(20, 40)
window.show_all()
Gtk.main()
"""


def main():
    desktop = Desktop()
    try:
        notes = desktop.folder + "/gtk", desktop.folder + "/qt"
        desktop.start(["/usr/bin/python3", "-c", GTK_RECEIVER, notes[0]])
        gtk = desktop.window("^gtk receiver$")
        desktop.start([RECEIVER, notes[1]])
        qt = desktop.window("^qt receiver$")
        desktop.start([PROGRAM, "--companion", "column", DEMO])
        palette = Palette()
        desktop.until(palette.there)
        beside = desktop.window("beside the canvas$")
        left, top, width, height = place(beside)
        swatches = desktop.until(lambda: palette.call("Swatches", "(s)", "")[0])
        staff = left + 80, top + 250, width - 80, 260
        lilac = next(s for s in swatches if s[0] == "dusk")[2]
        at = desktop.until(lambda: Screen().places_of(lilac, *staff))[40]

        def written(note, seen):
            def read():
                try:
                    lines = [json.loads(line) for line in open(note, encoding="utf-8")]
                except FileNotFoundError:
                    return False
                return next((line for line in reversed(lines) if seen(line)), False)
            return desktop.until(read)

        def middle(window, part):
            x, y, w, h = place(window)
            return x + w / 2, y + h * part

        drag(at, middle(gtk, 0.25))
        written(notes[0], lambda line: line.get("button") == lilac)
        drag(at, middle(gtk, 0.75))
        written(notes[0], lambda line: line.get("text") == lilac)
        assert "application/x-color" in written(notes[0], lambda line: "targets" in line)["targets"]
        assert written(notes[0], lambda line: "size" in line)["first"] == lilac

        # Several at once go as lines of text and as one picture.
        for family in ("dusk", "copper", "slate"):
            color = next(s for s in swatches if s[0] == family)[2]
            said("xdotool", "keydown", "ctrl")
            click(*Screen().places_of(color, *staff)[40])
            said("xdotool", "keyup", "ctrl")
        drag(at, middle(gtk, 0.75))
        lines = written(notes[0], lambda line: line.get("text", "").count("\n") > 1)["text"].splitlines()
        assert len(lines) == 3 and all(line[0] == "#" and len(line) > 8 for line in lines), lines
        assert written(notes[0], lambda line: line.get("size") == [96, 32])

        # The current color and the one before, a well, and back into the toolkit we are made with.
        current = palette.call("Current")[0]
        drag((left + 30, top + height - 196), middle(qt, 0.5))
        written(notes[1], lambda line: line == {"color": current, "text": current, "picture": current})
        wells = top + height - 123
        well = Screen().color(left + 90, wells)
        drag((left + 90, wells), middle(qt, 0.5))
        written(notes[1], lambda line: line == {"color": well, "text": well, "picture": well})
        assert palette.call("Current")[0] == current, "a drag picks nothing"
    finally:
        desktop.end()


main()
