"""The canvas of a painting program is watched: what is painted there is told over the bus, wherever its window goes."""
import sys
import time

from desktop import Desktop, Palette, drag, place, said

PROGRAM, DEMO = sys.argv[1:3]
WIDTH, HEIGHT = 600, 400

# A painting program: rectangles of known colors from a file that is read again and again.
CANVAS = """
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
OTHER = """
import gi
gi.require_version("Gtk", "3.0")
from gi.repository import Gtk
window = Gtk.Window(title="other", decorated=True)
window.set_default_size(300, 200)
window.move(200, 200)
window.show_all()
Gtk.main()
"""


def main():
    desktop = Desktop(size="1600x1000")
    try:
        painting = desktop.folder + "/painting"

        def paint(*rectangles):
            import json
            with open(painting + ".new", "w", encoding="utf-8") as out:
                json.dump([[0, 0, WIDTH, HEIGHT, ground], *rectangles], out)
            import os
            os.replace(painting + ".new", painting)

        ground = "#808080"
        paint()
        desktop.start(["/usr/bin/python3", "-c", CANVAS, painting])
        canvas = desktop.window("^canvas$")
        desktop.start([PROGRAM, "--companion", "column", DEMO])
        palette = Palette()
        desktop.until(palette.there)
        assert palette.call("Watched") == ({},)
        swatches = desktop.until(lambda: palette.call("Swatches", "(s)", "")[0])
        ground, stray = swatches[8][2], "#00ff40"
        assert palette.call("Inside", "(s)", stray)[0] is False
        is_inside, nearest = palette.call("Inside", "(s)", ground)
        assert is_inside and nearest == ground
        paint([60, 40, 120, 100, stray])  # 5 of 100

        palette.call("Activate", "(a{sv})", {}, interface="org.freedesktop.Application")
        desk = desktop.window("Zonachrom$")
        said("xdotool", "windowsize", desk, "780", "500", "windowmove", desk, "780", "420")
        time.sleep(0.5)

        def choose():
            said("xdotool", "windowfocus", "--sync", desk, "key", "w")
            desktop.until(lambda: said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()[2:])
            left, top, _, _ = place(canvas)
            time.sleep(0.3)
            drag((left, top), (left + WIDTH - 1, top + HEIGHT - 1))

        told = []
        palette.bus.signal_subscribe("org.zonachrom.Zonachrom", "org.zonachrom.Palette1", "WatchedChanged",
                                     "/org/zonachrom/Zonachrom", None, 0, lambda *signal: told.append(signal[5].unpack()[0]))

        def shares(**wanted):
            def there():
                now = palette.call("Watched")[0]
                return now and all(abs(now[k] - v) < 0.005 for k, v in wanted.items())
            try:
                desktop.until(there, 15)
            except AssertionError as error:
                raise AssertionError(f"{wanted} wanted, told {palette.call('Watched')}") from error

        choose()
        shares(outside=0.05, far=0.05, seen=1)
        paint([60, 40, 120, 200, stray])
        shares(outside=0.10)
        unused = palette.call("Watched")[0]["unused"]
        other = next(s[2] for s in swatches if s[2] != ground and palette.call("Inside", "(s)", s[2])[0])
        paint([60, 40, 120, 200, stray], [300, 100, 240, 100, other])
        shares(outside=0.10, far=0.10)
        # An edge between two colors may look like a swatch.
        desktop.until(lambda: unused - 3 <= palette.call("Watched")[0]["unused"] < unused)
        shares(outside=0.10, far=0.10)

        # The window moves, and what is watched with it.
        said("xdotool", "windowmove", canvas, "120", "180")
        time.sleep(0.7)
        paint([0, 0, 300, 400, stray])
        shares(outside=0.50, seen=1)
        # Covered it keeps its last picture and says so; then it is seen again.
        other = desktop.start(["/usr/bin/python3", "-c", OTHER])
        desktop.window("^other$")
        shares(seen=0, outside=0.50)
        paint([0, 0, 150, 400, stray])
        time.sleep(1.2)
        shares(seen=0, outside=0.50)
        other.terminate()
        shares(seen=1, outside=0.25)
        # Hidden and shown.
        said("xdotool", "windowminimize", "--sync", canvas)
        shares(seen=0)
        said("xdotool", "windowactivate", "--sync", canvas)
        shares(seen=1, outside=0.25)
        # Nobody looks: nothing is read. Looked at again, it is as it is by then.
        palette.call("Hide")
        desktop.until(lambda: not said("xdotool", "search", "--onlyvisible", "--name", "beside the canvas$"))
        paint([0, 0, 60, 400, stray])
        time.sleep(1.5)
        assert abs(palette.call("Watched")[0]["outside"] - 0.25) < 0.005
        said("xdotool", "mousemove", "1300", "300")
        palette.call("Toggle")
        shares(outside=0.10)
        # Another piece: the canvas of the one before is not measured against it.
        context = palette.GLib.MainContext.default()
        while context.pending():
            context.iteration(False)
        assert any(t.get("seen") == 0 for t in told) and any(abs(t.get("outside", 0) - 0.5) < 0.005 for t in told)
        # Closed, it ends.
        said("xdotool", "windowclose", canvas)
        desktop.until(lambda: palette.call("Watched") == ({},), 15)
    finally:
        desktop.end()


main()
