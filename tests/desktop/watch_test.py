"""The canvas of a painting program is watched: what is painted there is told over the bus, wherever its window goes."""
import json
import pathlib
import subprocess
import sys
import time

from canvas import HEIGHT, WIDTH, Canvas
from desktop import Desktop, Palette, drag, place, said

PROGRAM, DEMO, CLI = sys.argv[1:4]
CLIENT = str(pathlib.Path(__file__).parents[2] / "docs" / "watch.py")

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
        painting = Canvas(desktop, "#808080")
        paint = painting.paint
        canvas = desktop.window("^canvas$")
        desktop.start([PROGRAM, "--companion", "column", DEMO])
        palette = Palette()
        desktop.until(palette.there)
        assert palette.call("Watched") == ({},)
        swatches = desktop.until(lambda: palette.call("Swatches", "(s)", "")[0])
        ground, stray = swatches[8][2], "#00ff40"
        painting.ground = ground
        assert palette.call("Inside", "(s)", stray)[0] is False
        is_inside, nearest = palette.call("Inside", "(s)", ground)
        assert is_inside and nearest == ground
        paint([60, 40, 120, 100, stray])  # 5 of 100

        palette.call("Activate", "(a{sv})", {}, interface="org.freedesktop.Application")
        desk = desktop.window("Zonachrom$")
        said("xdotool", "windowsize", desk, "780", "500", "windowmove", desk, "780", "420")
        desktop.settled()

        def choose():
            said("xdotool", "windowfocus", "--sync", desk, "key", "w")
            desktop.until(lambda: said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()[2:])
            left, top, _, _ = place(canvas)
            desktop.settled()
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
        # The command line tells the same, and a small program in another language speaks up.
        answer = json.loads(subprocess.check_output([CLI, "watched"]))
        assert answer.pop("version") == 1
        assert answer == {key: round(number, 6) for key, number in palette.call("Watched")[0].items()}, answer
        lines = desktop.folder + "/lines"
        client = desktop.start(["/usr/bin/python3", CLIENT, "0.07"], stdout=open(lines, "w", encoding="utf-8"))

        def last_line():
            return open(lines, encoding="utf-8").read().splitlines()[-1:]

        desktop.until(lambda: last_line() and last_line()[0].startswith("outside 10."))
        paint([60, 40, 120, 100, stray])
        desktop.until(lambda: last_line() == ["in the plan"])
        paint([60, 40, 120, 200, stray])
        desktop.until(lambda: last_line()[0].startswith("outside 10."))
        client.terminate()
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
        desktop.settled()
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
