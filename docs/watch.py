"""Prints a line when the watched canvas strays from the plan by more than a share, and when it is back.

    python3 watch.py [SHARE]

Needs python3-dbus and python3-gi."""
import sys

import dbus
from dbus.mainloop.glib import DBusGMainLoop
from gi.repository import GLib

NAME, PATH, FACE = "org.zonachrom.Zonachrom", "/org/zonachrom/Zonachrom", "org.zonachrom.Palette1"


def main():
    limit = float(sys.argv[1]) if len(sys.argv) > 1 else 0.02
    DBusGMainLoop(set_as_default=True)
    bus = dbus.SessionBus()
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

    bus.add_signal_receiver(tell, "WatchedChanged", FACE, NAME, PATH)
    tell(dbus.Interface(bus.get_object(NAME, PATH), FACE).Watched())
    GLib.MainLoop().run()


main()
