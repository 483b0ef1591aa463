"""A monitor with a profile: what is painted goes through it, what is sampled comes back through it."""
import ctypes
import subprocess
import sys
import time

from desktop import Desktop, Palette, Screen, click, place, said

PROGRAM, DEMO = sys.argv[1:3]
PROFILE = "/usr/share/color/icc/colord/SwappedRedAndGreen.icc"


def set_profile(path):
    """The property of the ICC Profiles in X Specification, on the root window."""
    x = ctypes.CDLL("libX11.so.6")
    x.XOpenDisplay.restype = ctypes.c_void_p
    x.XInternAtom.restype = x.XDefaultRootWindow.restype = ctypes.c_ulong
    display = ctypes.c_void_p(x.XOpenDisplay(None))
    atom = x.XInternAtom(display, b"_ICC_PROFILE", 0)
    cardinal = 6
    data = open(path, "rb").read()
    x.XChangeProperty(display, ctypes.c_ulong(x.XDefaultRootWindow(display)), ctypes.c_ulong(atom),
                      ctypes.c_ulong(cardinal), 8, 0, data, len(data))
    x.XSync(display, 0)
    x.XCloseDisplay(display)


def by_lcms(color):
    """The same by Little CMS's own program: what the monitor has to be told."""
    given = "\n".join(str(int(color[i:i + 2], 16)) for i in (1, 3, 5))
    answer = subprocess.run(["transicc", "-n", "-t1", "-b", "-i*sRGB", "-o" + PROFILE], input=given + "\n",
                            capture_output=True, text=True, check=True).stdout.split()
    return [round(float(n)) for n in answer[:3]]


def near(seen, told):
    return all(abs(int(seen[1 + 2 * i:3 + 2 * i], 16) - told[i]) <= 1 for i in range(3))


def main():
    desktop = Desktop()
    try:
        places, plain, wheel = {}, {}, {}
        for profiled in (False, True):
            if profiled:
                set_profile(PROFILE)
            program = desktop.start([PROGRAM, "--companion", "column", DEMO])
            palette = Palette()
            desktop.until(palette.there)
            beside = desktop.window("beside$")
            left, top, width, height = place(beside)
            # The wheel's frame is black until it is painted.
            desktop.until(lambda: Screen().color(left + 140, top + 60) not in ("#000000", "#ffffff"))
            time.sleep(1)
            screen = Screen()
            if not profiled:
                for family, name, color in palette.call("Swatches", "(s)", "")[0]:
                    found = screen.places_of(color, left + 80, top + 250, width - 80, 260)
                    middle = tuple(sum(at[k] for at in found) // max(1, len(found)) for k in (0, 1))
                    if len(found) > 100 and middle in found:
                        places[color] = middle
                assert len(places) > 12, places
                plain = {c: screen.color(*at) for c, at in places.items()}
                wheel = {at: screen.color(left + at[0], top + at[1]) for at in ((120, 100), (170, 150), (150, 90))}
                assert all(c == seen for c, seen in plain.items())
            else:
                for color, at in places.items():
                    assert near(screen.color(*at), by_lcms(color)), (color, screen.color(*at), by_lcms(color))
                for at, color in wheel.items():
                    assert near(screen.color(left + at[0], top + at[1]), by_lcms(color)), (at, color)
                # A swatch sampled from the screen is the swatch again, not what the monitor was told.
                palette.call("Activate", "(a{sv})", {}, interface="org.freedesktop.Application")
                desk = desktop.window("Zonachrom$")
                said("xdotool", "windowfocus", "--sync", desk, "key", "p")
                # Companion, desk, and the frozen screen over them.
                desktop.until(lambda: len(said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()) > 2)
                time.sleep(0.3)
                color, at = next(iter(places.items()))
                click(*at)
                desktop.until(lambda: near(palette.call("Current")[0], [int(color[i:i + 2], 16) for i in (1, 3, 5)]))
            program.terminate()
            program.wait()
    finally:
        desktop.end()


main()
