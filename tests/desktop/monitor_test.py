"""A monitor with a profile: what is painted goes through it, what is sampled comes back through it."""
import ctypes
import subprocess
import sys

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


# The system's color manager, as far as a program asks it: one monitor with one profile.
MANAGER = """
import sys
from gi.repository import Gio, GLib
ABOUT = '<node><interface name="org.freedesktop.ColorManager">\\
<method name="FindDeviceByProperty"><arg type="s" direction="in"/><arg type="s" direction="in"/>\\
<arg type="o" direction="out"/></method><signal name="DeviceAdded"><arg type="o"/></signal></interface>\\
<interface name="org.freedesktop.ColorManager.Device"><property name="Profiles" type="ao" access="read"/></interface>\\
<interface name="org.freedesktop.ColorManager.Profile"><property name="Filename" type="s" access="read"/></interface>\\
</node>'
BASE = "org.freedesktop.ColorManager"
about = Gio.DBusNodeInfo.new_for_xml(ABOUT)
bus = Gio.bus_get_sync(Gio.BusType.SYSTEM)
def find(bus, sender, path, interface, method, given, answer):
    key, name = given.unpack()
    if key == "XRANDR_name" and name:
        answer.return_value(GLib.Variant("(o)", ("/monitor",)))
    else:
        answer.return_dbus_error(BASE + ".NotFound", "no such monitor")
def profiles(*_):
    return GLib.Variant("ao", ["/profile", "/other"])
def file(bus, sender, path, *_):
    return GLib.Variant("s", sys.argv[1] if path == "/profile" else "/nowhere.icc")
bus.register_object("/org/freedesktop/ColorManager", about.lookup_interface(BASE), find)
bus.register_object("/monitor", about.lookup_interface(BASE + ".Device"), None, profiles)
for path in ("/profile", "/other"):
    bus.register_object(path, about.lookup_interface(BASE + ".Profile"), None, file)
def there(*_):
    bus.emit_signal(None, "/org/freedesktop/ColorManager", BASE, "DeviceAdded", GLib.Variant("(o)", ("/monitor",)))
Gio.bus_own_name_on_connection(bus, BASE, 0, there)
GLib.MainLoop().run()
"""


def main():
    desktop = Desktop()
    try:
        desktop.start([PROGRAM, "--companion", "column", DEMO])
        palette = Palette()
        desktop.until(palette.there)
        left, top, width, height = place(desktop.window("beside the canvas$"))
        # The wheel's frame is black until it is painted.
        desktop.until(lambda: Screen().color(left + 140, top + 60) not in ("#000000", "#ffffff"))
        desktop.settled()
        screen, places = Screen(), {}
        for family, name, color in palette.call("Swatches", "(s)", "")[0]:
            found = screen.places_of(color, left + 80, top + 250, width - 80, 260)
            middle = tuple(sum(at[k] for at in found) // max(1, len(found)) for k in (0, 1))
            if len(found) > 100 and middle in found:
                places[color] = middle
        assert len(places) > 12, places
        wheel = {(left + x, top + y): screen.color(left + x, top + y)
                 for x, y in ((120, 100), (170, 150), (150, 90))}
        first, at_first = next(iter(places.items()))

        def through_profile():
            screen = Screen()
            return near(screen.color(*at_first), by_lcms(first)) and screen

        def plain():
            return Screen().color(*at_first) == first

        def check(screen):
            for color, at in places.items():
                assert near(screen.color(*at), by_lcms(color)), (color, screen.color(*at), by_lcms(color))
            for at, color in wheel.items():
                assert near(screen.color(*at), by_lcms(color)), (at, color)

        # A profile set and taken away while the program runs is seen at once, by the color manager as well.
        set_profile(PROFILE)
        check(desktop.until(through_profile))
        said("xprop", "-root", "-remove", "_ICC_PROFILE")
        desktop.until(plain)
        manager = desktop.start(["/usr/bin/python3", "-c", MANAGER, PROFILE])
        check(desktop.until(through_profile))
        manager.terminate()
        set_profile(PROFILE)
        desktop.settled()
        check(desktop.until(through_profile))

        # A swatch sampled from the screen is the swatch again, not what the monitor was told.
        palette.call("Activate", "(a{sv})", {}, interface="org.freedesktop.Application")
        desk = desktop.window("Zonachrom$")
        said("xdotool", "windowfocus", "--sync", desk, "key", "p")
        # Companion, desk, and the frozen screen over them.
        desktop.until(lambda: len(said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()) > 2)
        desktop.settled()
        click(*at_first)
        wanted = [int(first[i:i + 2], 16) for i in (1, 3, 5)]
        desktop.until(lambda: near(palette.call("Current")[0], wanted))
    finally:
        desktop.end()


main()
