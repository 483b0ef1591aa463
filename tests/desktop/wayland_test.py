"""The companion as a Wayland client: start, pick, hand over."""
import os
import sys

from compositor import NOBODY, Compositor
from desktop import Palette, said

PROGRAM, DEMO = sys.argv[1:3]


def main():
    compositor = Compositor()
    until, pointer = compositor.until, compositor.pointer
    try:
        program = compositor.start([PROGRAM, "--companion", "column", DEMO])
        palette = Palette()
        until(palette.there)

        def window():
            return compositor.window("beside the canvas")

        until(window)
        # The compositor puts its frame round the window after it is there.
        compositor.settled()
        left, top, _, height = compositor.inside("beside the canvas")
        before = palette.call("Current")[0]
        pointer.click(left + 170, top + 118)
        until(lambda: palette.call("Current")[0] != before)
        assert not said("wl-paste", "-n")
        pointer.click(left + 47, top + height - 43)
        # More than once: what was handed over before is not kept.
        for x in (180, 160, 180):
            pointer.click(left + x, top + 118)
            compositor.settled()
        picked = until(lambda: said("wl-paste", "-n"))
        assert picked == palette.call("Current")[0] and picked.startswith("#"), picked

        # Asked to, it is a client of X11 here, which may ask to be above; this compositor heeds no such wish.
        assert window()["shell"] == "xdg_shell"
        program.terminate()
        program.wait()
        until(lambda: not window())
        del os.environ["QT_QPA_PLATFORM"]
        os.environ["DISPLAY"] = until(compositor.x_display)
        compositor.start(NOBODY + [PROGRAM, "--xwayland", "--companion", "column", DEMO])
        assert until(window)["shell"] == "xwayland"
    finally:
        compositor.end()


main()
