"""What another program hears over the bus of assistive technology: the views, their items, and what changes; and that
the window is as large as the desktop's text."""
import os
import subprocess
import sys

from desktop import Desktop, said

PROGRAM, DEMO, PORTAL, PICTURE = sys.argv[1:5]


def main():
    desktop = Desktop()
    try:
        launcher = "/usr/libexec/at-spi-bus-launcher"
        desktop.start([launcher, "--launch-immediately"])
        os.environ["QT_LINUX_ACCESSIBILITY_ALWAYS_ON"] = "1"
        os.environ["QT_ACCESSIBILITY"] = "1"
        from gi.repository import Gio, GLib  # pylint: disable=import-error,import-outside-toplevel

        session = Gio.bus_get_sync(Gio.BusType.SESSION, None)
        desktop.until(lambda: session.call_sync("org.freedesktop.DBus", "/org/freedesktop/DBus", "org.freedesktop.DBus",
                                                "NameHasOwner", GLib.Variant("(s)", ("org.a11y.Bus",)), None,
                                                Gio.DBusCallFlags.NONE, -1, None).unpack()[0])
        import pyatspi  # pylint: disable=import-error,import-outside-toplevel; only once its bus is there

        context = GLib.MainContext.default()
        heard = []
        pyatspi.Registry.registerEventListener(
            lambda event: heard.append((event.type, event.source.name)),
            "object:property-change:accessible-value", "object:children-changed", "object:state-changed:selected",
            "object:selection-changed", "object:visible-data-changed")

        def until(true):
            def turn():
                while context.pending():
                    context.iteration(False)
                return true()
            return desktop.until(turn, 40)

        # The desktop's text is large here, and the window goes along.
        os.environ["STANDIN_TEXT_SIZE"] = "1.1"
        portal = desktop.start([PORTAL, PICTURE], stdout=subprocess.PIPE, stdin=subprocess.PIPE, text=True)
        assert portal.stdout.readline() == "ready\n"
        desktop.start([PROGRAM, DEMO])
        window = desktop.window("Coppersmiths")
        hints = desktop.until(lambda: said("xprop", "-id", window, "WM_NORMAL_HINTS"))
        assert "minimum size: 880 by 528" in hints, hints

        def application():
            return next((a for a in pyatspi.Registry.getDesktop(0) if a and a.name == "Zonachrom"), None)

        def find(root, role, begins):
            """The first that is shown, from the root down."""
            if root is None:
                return None
            if root.getRoleName() == role and root.name.startswith(begins):
                return root
            for i in range(root.childCount):
                found = find(root.getChildAtIndex(i), role, begins)
                if found:
                    return found
            return None

        program = until(application)
        rail = until(lambda: find(program, "slider", "Value rail"))
        value = rail.queryValue()
        value.currentValue = 41
        until(lambda: abs(value.currentValue - 41) < 0.01)
        until(lambda: any(kind.startswith("object:property-change:accessible-value") and name == "Value rail"
                          for kind, name in heard))
        # The set: families, in each its swatches with name, hex, value and family.
        staff = find(program, "panel", "Staff") or find(program, "grouping", "Staff")
        families = [staff.getChildAtIndex(i) for i in range(staff.childCount)]
        families = [f for f in families if f.getRoleName() == "list"]
        assert len(families) == 4, [f.getRoleName() for f in families]
        swatches = [f.getChildAtIndex(i) for f in families for i in range(f.childCount)]
        assert len(swatches) > 15, len(swatches)
        for one in swatches:
            assert one.getRoleName() == "list item" and "#" in one.name and ", value " in one.name and \
                one.name.endswith(one.parent.name.split(",")[0]), one.name
        # One is taken up, and laid down in a well.
        chosen = swatches[3]
        actions = chosen.queryAction()
        names = [actions.getName(i) for i in range(actions.nActions)]
        actions.doAction(names.index("Use color"))
        until(lambda: chosen.getState().contains(pyatspi.STATE_SELECTED))
        digits = chosen.name.split("#")[1][:6]
        well = find(find(program, "list", "Wells"), "list item", "Well 5")
        actions = well.queryAction()
        actions.doAction([actions.getName(i) for i in range(actions.nActions)].index("Put current color here"))
        until(lambda: "#" + digits in well.name)
        # What is laid is told as a change of the staff.
        heard.clear()
        lay = families[0].queryAction()
        before = families[0].childCount
        lay.doAction([lay.getName(i) for i in range(lay.nActions)].index("Add current color"))
        until(lambda: families[0].childCount == before + 1)
        for name in ("Wheel", "Hue section", "Current and previous color", "Members of the relation", "tints of", "shades of"):
            assert any(find(program, role, name) for role in ("canvas", "drawing area", "panel", "list", "grouping")), name
    finally:
        desktop.end()


main()
