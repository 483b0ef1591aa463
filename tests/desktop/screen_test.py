"""Any pixel of the screen, without a portal: frozen under the loupe, exactly, at either scale."""
import sys

from desktop import Desktop, Palette, Screen, click, drag, place, said

PROGRAM, DEMO, SCALE = sys.argv[1:4]

# Bands of known colors, of another toolkit, one pixel wide where it matters.
BANDS = """
import gi
gi.require_version("Gtk", "3.0")
from gi.repository import GdkPixbuf, GLib, Gtk
window = Gtk.Window(title="bands")
row = bytes(c for x in range(300) for c in (x // 3 * 37 % 256, x // 3 * 91 % 256, x // 3 * 151 % 256))
pixels = GdkPixbuf.Pixbuf.new_from_bytes(GLib.Bytes(row * 200), GdkPixbuf.Colorspace.RGB, False, 8, 300, 200, 900)
window.add(Gtk.Image.new_from_pixbuf(pixels))
window.move(30, 30)
window.show_all()
Gtk.main()
"""


def band(x):
    return "#%02x%02x%02x" % tuple(x // 3 * n % 256 for n in (37, 91, 151))


def main():
    desktop = Desktop(scale=SCALE)
    try:
        desktop.start(["/usr/bin/python3", "-c", BANDS])
        bands = desktop.window("^bands$")
        desktop.start([PROGRAM, "--companion", "strip", DEMO])
        palette = Palette()
        desktop.until(palette.there)
        beside = desktop.window("beside the canvas$")
        left, top, _, _ = place(bands)
        palette.call("Activate", "(a{sv})", {}, interface="org.freedesktop.Application")
        desk = desktop.window("Zonachrom$")
        # The bands stay in sight beside the desk.
        said("xdotool", "windowsize", desk, "800", "480", "windowmove", desk, "400", "300")
        said("xdotool", "windowraise", bands, "windowfocus", "--sync", desk)
        desktop.settled()

        def freeze():
            said("xdotool", "windowfocus", "--sync", desk, "key", "p")
            over = desktop.until(lambda: said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()[2:])
            desktop.settled()
            return over

        # The sample as small as can be: turned down by the wheel, up to five steps.
        freeze()
        said("xdotool", "mousemove", str(left + 50), str(top + 50))
        for _ in range(6):
            said("xdotool", "click", "5")
        said("xdotool", "key", "Escape")
        desktop.until(lambda: len(said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()) < 3)
        for x, y in ((10, 20), (100, 60), (155, 120), (298, 199)):
            assert Screen().color(left + x, top + y) == band(x)
            freeze()
            click(left + x, top + y)
            desktop.until(lambda: palette.call("Current")[0] == band(x))
        # A key steps by one pixel of the screen.
        freeze()
        said("xdotool", "mousemove", str(left + 10), str(top + 20))
        desktop.settled()
        said("xdotool", "key", "Right", "Right", "Right", "Return")
        desktop.until(lambda: palette.call("Current")[0] == band(13))
        # A part of the screen becomes a reference, which Observe shows.
        said("xdotool", "windowfocus", "--sync", desk, "key", "shift+p")
        desktop.until(lambda: said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()[2:])
        desktop.settled()
        drag((left, top), (left + 299, top + 199))
        desktop.settled()
        said("xdotool", "windowsize", desk, "1270", "770", "windowmove", desk, "0", "0")
        for x in (30, 150, 270) if SCALE == "1" else ():
            desktop.until(lambda: Screen().places_of(band(x), 20, 120, 800, 400))
        assert beside
    finally:
        desktop.end()


main()
