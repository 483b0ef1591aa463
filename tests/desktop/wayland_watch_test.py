"""The canvas is watched in a Wayland compositor: the desktop asks once, its stream is PipeWire's, and the scale turns."""
import os
import sys
import time

from canvas import HEIGHT, WIDTH, Canvas
from compositor import Compositor
from desktop import Palette, said

PROGRAM, DEMO, PORTAL = sys.argv[1:4]


def main():
    compositor = Compositor()
    until, pointer = compositor.until, compositor.pointer
    try:
        compositor.start(["pipewire"])
        until(lambda: compositor.socket_named("pipewire-0"))
        compositor.start(["wireplumber"])
        # The stand-in gives a picture; here that is of the compositor's own screen.
        screen = os.path.join(compositor.folder, "screen.png")

        def photograph():
            said("grim", screen + ".new")
            os.replace(screen + ".new", screen)

        photograph()
        compositor.start([PORTAL, screen])
        canvas = Canvas(compositor, "#808080")
        until(lambda: compositor.window("canvas"))
        compositor.start([PROGRAM, "--companion", "column", DEMO])
        palette = Palette()
        until(palette.there)
        until(lambda: compositor.window("beside the canvas"))
        palette.call("Activate", "(a{sv})", {}, interface="org.freedesktop.Application")
        until(lambda: compositor.window("Zonachrom"))
        for title, left, top in (("canvas$", 40, 60), ("beside the canvas$", 980, 20), ("Zonachrom$", 20, 500)):
            said("swaymsg", f'[title="{title}"]', "move", "absolute", "position", str(left), str(top))
        said("swaymsg", '[title="Zonachrom$"]', "focus")
        canvas.ground = palette.call("Swatches", "(s)", "")[0][8][2]
        canvas.paint([60, 40, 120, 100, "#00ff40"])  # 5 of 100
        compositor.settled()
        photograph()

        def shares(**wanted):
            def there():
                photograph()
                now = palette.call("Watched")[0]
                return now and all(abs(now[k] - v) < 0.01 for k, v in wanted.items())
            try:
                until(there, 15)
            except AssertionError as error:
                raise AssertionError(f"{wanted} wanted, told {palette.call('Watched')}") from error

        pointer.key("w")
        until(lambda: compositor.count() == 4)  # The frozen picture lies over all.
        compositor.settled()
        left, top, _, _ = compositor.inside("canvas")
        pointer.drag((left, top), (left + WIDTH - 1, top + HEIGHT - 1))
        shares(outside=0.05, far=0.05, seen=1)
        canvas.paint([0, 0, 300, 400, "#00ff40"])
        shares(outside=0.5, far=0.5, seen=1)
        # Where the part lies is not known any more; the last picture stands.
        said("swaymsg", "output", "HEADLESS-1", "scale", "2")
        shares(outside=0.5, seen=0)
        canvas.paint()
        time.sleep(1)
        shares(outside=0.5, seen=0)
    finally:
        compositor.end()


main()
