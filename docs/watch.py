"""Prints a line when the watched canvas strays from the plan by more than a share, and when it is back.

    python3 watch.py [SHARE]

Needs python3-gi."""
import sys

from gi.repository import Gio, GLib

NAME, PATH, FACE = "org.zonachrom.Zonachrom", "/org/zonachrom/Zonachrom", "org.zonachrom.Palette1"


def main():
    limit = float(sys.argv[1]) if len(sys.argv) > 1 else 0.02
    said = [None]

    def tell(shares):
        if not shares:
            line = "nothing is watched"
        elif max(shares["outside"], shares["far"]) > limit:
            line = f"outside {100 * shares['outside']:.1f} %, far {100 * shares['far']:.1f} %"
        else:
            line = "in the plan"
        if line != said[0]:
            print(line, flush=True)
        said[0] = line

    bus = Gio.bus_get_sync(Gio.BusType.SESSION)
    bus.signal_subscribe(NAME, FACE, "WatchedChanged", PATH, None, Gio.DBusSignalFlags.NONE,
                         lambda *signal: tell(signal[5].unpack()[0]))
    tell(bus.call_sync(NAME, PATH, FACE, "Watched", None, None, Gio.DBusCallFlags.NONE, -1).unpack()[0])
    GLib.MainLoop().run()


main()
