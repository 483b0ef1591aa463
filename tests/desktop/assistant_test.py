"""What another program hears over the bus of assistive technology: the views, their items, and what changes; and that
the window is as large as the desktop's text."""
import os
import subprocess
import sys

from desktop import Assistant, Desktop, said

PROGRAM, DEMO, PORTAL, PICTURE = sys.argv[1:5]


def main():
    desktop = Desktop()
    try:
        reader = Assistant(desktop)
        pyatspi, heard, until, find = reader.atspi, reader.heard, reader.until, reader.find
        # The desktop's text is large here, and the window goes along.
        os.environ["STANDIN_TEXT_SIZE"] = "1.1"
        portal = desktop.start([PORTAL, PICTURE], stdout=subprocess.PIPE, stdin=subprocess.PIPE, text=True)
        assert portal.stdout.readline() == "ready\n"
        desktop.start([PROGRAM, DEMO])
        window = desktop.window("Coppersmiths")
        hints = desktop.until(lambda: said("xprop", "-id", window, "WM_NORMAL_HINTS"))
        assert "minimum size: 880 by 528" in hints, hints

        program = reader.program()
        rail = until(lambda: find(program, ("slider",), "Value rail"))
        value = rail.queryValue()
        value.currentValue = 41
        until(lambda: abs(value.currentValue - 41) < 0.01)
        until(lambda: any(kind.startswith("object:property-change:accessible-value") and name == "Value rail"
                          for kind, name in heard))
        # The set: families, in each its swatches with name, hex, value and family.
        staff = find(program, ("panel",), "Staff") or find(program, ("grouping",), "Staff")
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
        well = find(find(program, ("list",), "Wells"), ("list item",), "Well 5")
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
            assert find(program, ("canvas", "drawing area", "panel", "list", "grouping"), name, shown=False), name
    finally:
        desktop.end()


main()
