"""The companion among other windows: above them, without the keyboard, handing colors over."""
import json
import subprocess
import sys
import time

from desktop import Desktop, Hand, Palette, Screen, click, clipboard, place, said

PROGRAM, DEMO, CLI = sys.argv[1:4]

# A program of another toolkit, as large as the screen, that writes down what is typed into it.
CANVAS = """
import gi, sys
gi.require_version("Gtk", "3.0")
from gi.repository import Gtk
window = Gtk.Window(title="canvas")
entry = Gtk.Entry()
entry.connect("changed", lambda e: open(sys.argv[1], "w").write(e.get_text()))
window.add(entry)
window.maximize()
window.show_all()
Gtk.main()
"""


def main():
    desktop = Desktop()
    try:
        typed = desktop.folder + "/typed"
        desktop.start(["/usr/bin/python3", "-c", CANVAS, typed])
        canvas = desktop.window("^canvas$")
        palette = Palette()
        # Where no window runs it starts itself, also without a piece.
        alone = desktop.start([PROGRAM, "--companion", "strip"])
        desktop.window("beside the canvas$")
        assert alone.poll() is None
        alone.terminate()
        desktop.until(lambda: alone.poll() is not None and not palette.there())
        desktop.start([PROGRAM, "--companion", "column", DEMO])
        desktop.until(palette.there)
        beside = desktop.window("beside the canvas$")
        desktop.until(lambda: "_NET_WM_STATE_ABOVE" in said("xprop", "-id", beside, "_NET_WM_STATE"))
        assert "Client accepts input or input focus: False" in said("xprop", "-id", beside, "WM_HINTS")

        left, top, width, height = place(beside)
        click(200, 700)
        desktop.until(lambda: said("xdotool", "getactivewindow") == canvas)
        stacking = said("xprop", "-root", "_NET_CLIENT_LIST_STACKING").split("#")[1].split(",")
        assert int(stacking[-1], 16) == int(beside), stacking

        before = palette.call("Current")[0]
        colors = {before}
        for away in (20, 40, 60):  # From the middle of the wheel.
            click(left + width / 2 + away, top + 118)
            desktop.until(lambda: palette.call("Current")[0] not in colors)
            colors.add(palette.call("Current")[0])
            assert said("xdotool", "getactivewindow") == canvas
        said("xdotool", "type", "blue hour")
        desktop.until(lambda: open(typed, encoding="utf-8").read() == "blue hour")

        # A swatch of the staff goes to the clipboard while handing over is on, and not before.
        swatch = next(s for s in palette.call("Swatches", "(s)", "")[0] if s[0] == "dusk")
        x, y = desktop.until(lambda: Screen().places_of(swatch[2], left + 80, top + 250, width - 80, 260))[40]
        click(x, y)
        desktop.until(lambda: palette.call("Current")[0] == swatch[2])
        assert swatch[2] not in said("xclip", "-o", "-selection", "clipboard")
        click(left + 47, top + height - 43)
        desktop.settled()
        click(left + width / 2 + 20, top + 118)
        desktop.until(lambda: palette.call("Current")[0] != swatch[2])
        click(x, y)
        desktop.until(lambda: said("xclip", "-o", "-selection", "clipboard") == swatch[2])
        # From the press of a button to what another program reads; a figure to look at, not a test of time.
        other = next(s for s in palette.call("Swatches", "(s)", "")[0] if s[0] == "copper")
        there = Screen().places_of(other[2], left + 80, top + 250, width - 80, 260)[40]
        took = []
        clipboard()
        with Hand() as hand:
            for n in range(20):
                at, wanted = ((x, y), swatch[2]) if n % 2 else (there, other[2])
                hand.move(*at)
                time.sleep(0.2)
                began = time.monotonic()
                hand.click()
                while clipboard() != wanted and time.monotonic() < began + 10:
                    pass
                assert clipboard() == wanted
                took.append(1000 * (time.monotonic() - began))
        print("click to clipboard:", ", ".join(f"{t:.0f}" for t in took), "ms")
        targets = said("xclip", "-o", "-selection", "clipboard", "-t", "TARGETS").split()
        assert "application/x-color" in targets and "image/png" not in targets, targets
        assert said("xdotool", "getactivewindow") == canvas

        # Called and sent away fifty times while a line is typed: the painting program keeps the keyboard and misses no
        # letter. How long a call takes is a figure to look at, not a test of time.
        said("xdotool", "mousemove", "500", "400")
        typist = desktop.start(["xdotool", "type", "--delay", "60", " " + "the street at noon, " * 3])
        took = []
        for n in range(50):
            began = time.monotonic()
            palette.call("Toggle")
            took.append(1000 * (time.monotonic() - began))
            assert said("xdotool", "getactivewindow") == canvas
            time.sleep(0.05)
        desktop.until(lambda: typist.poll() is not None)
        desktop.until(lambda: open(typed, encoding="utf-8").read() == "blue hour " + "the street at noon, " * 3)
        print("called:", ", ".join(f"{t:.0f}" for t in sorted(took)[::10]), "ms, the longest", f"{max(took):.0f}")
        # It stands beside the pointer, and then where the painter wants it.
        palette.call("Show", "(s)", "strip")
        desktop.until(lambda: place(beside)[2] == 84)
        desktop.settled()
        s_left, s_top, s_width, _ = place(beside)
        assert s_width == 84 and 500 < s_left < 600, place(beside)
        assert palette.fails("Show", "(s)", "round") == 'There is no shape "round"; give column, strip or nothing.'
        assert palette.fails("Inside", "(s)", "blueish").endswith(".")
        assert "measure" in palette.fails("Mask", "(s)", "cmyk")
        outline = palette.call("Mask", "(s)", "hsv")[0]
        assert len(outline) > 8 and outline[0] == outline[-1] and all(0 <= h < 360 and 0 <= s <= 1 for h, s in outline)
        # The command line is as the bus; a second start calls the companion of the first and ends.
        points = json.loads(subprocess.check_output([CLI, "outline"]))["points"]
        assert len(points) == len(outline)
        for point, (hue, saturation) in zip(points, outline):
            assert abs(point["hue"] - hue) < 1e-4 and abs(point["saturation"] - saturation) < 1e-6
        told = json.loads(subprocess.check_output([CLI, "inside", "#00ff40"]))
        assert [told["inside"], told["nearest"]["hex"]] == list(palette.call("Inside", "(s)", "#00ff40")) and not told["inside"]

        def shown():
            return said("xdotool", "search", "--onlyvisible", "--name", "beside the canvas$")

        subprocess.check_call([CLI, "companion", "hide"], stdout=subprocess.DEVNULL)
        desktop.until(lambda: not shown())
        second = desktop.start([PROGRAM, "--companion", "column"])
        desktop.until(lambda: second.poll() == 0 and shown() and place(beside)[2] == width)
        wrong = subprocess.run([CLI, "companion", "show", "--shape", "round"], capture_output=True, text=True, check=False)
        assert wrong.returncode == 2 and '"round"' in wrong.stderr, wrong
        assert said("xdotool", "getactivewindow") == canvas
        said("xdotool", "windowmove", beside, str(left), str(top))
        desktop.settled()

        # The desk comes back and shows the same color.
        palette.call("Activate", "(a{sv})", {}, interface="org.freedesktop.Application")
        desk = desktop.window("Zonachrom$")
        desktop.until(lambda: Screen().color(left + 40, top + height - 196) == swatch[2])
        d_left, d_top, _, d_height = place(desk)
        desktop.until(lambda: Screen().color(d_left + 60, d_top + d_height - 100) == swatch[2])
        # While a question is open nothing comes or goes.
        said("xdotool", "windowactivate", "--sync", desk, "key", "ctrl+o")
        question = desktop.window("^Open a piece$")
        for method, signature, words in (("Show", "(s)", [""]), ("Hide", "()", []), ("Toggle", "()", [])):
            assert "finish that first" in palette.fails(method, signature, *words, error_name="Busy")
        assert shown()
        said("xdotool", "windowactivate", "--sync", question, "key", "Escape")
        desktop.until(lambda: not said("xdotool", "search", "--onlyvisible", "--name", "^Open a piece$"))
        # Closed, the desk is only put away, and the companion calls it again.
        said("xdotool", "windowactivate", "--sync", desk, "key", "alt+F4")
        desktop.until(lambda: not said("xdotool", "search", "--onlyvisible", "--name", "Zonachrom$"))
        assert palette.there()

        def called():
            # The menu takes a while to come up where the machine is busy.
            said("xdotool", "key", "Escape")
            click(left + 120, top + height - 8, button=3)
            desktop.settled()
            said("xdotool", "key", "Down", "Down", "Return")
            desktop.settled()
            return said("xdotool", "search", "--onlyvisible", "--name", "Zonachrom$")

        desktop.until(called, 30)
    finally:
        desktop.end()


main()
