"""Every place of the desk that shows a color gives it to another program: real drags, from all desks."""
import json
import sys
import time

from desktop import Desktop, Palette, Screen, click, drag, place, said

PROGRAM, RECEIVER, DEMO = sys.argv[1:4]


def main():
    desktop = Desktop("1800x860")
    try:
        note = desktop.folder + "/qt"
        desktop.start([RECEIVER, note])
        receiver = desktop.window("^qt receiver$")
        desktop.start([PROGRAM, "--size", "1280x800", "--desk", "pick", DEMO])
        palette = Palette()
        desktop.until(palette.there)
        desk = desktop.window("Zonachrom$")
        said("xdotool", "windowmove", desk, "0", "0", "windowmove", receiver, "1450", "60")
        time.sleep(1)
        left, top, width, height = place(desk)
        assert (width, height) == (1280, 800), (width, height)
        target = place(receiver)
        middle = target[0] + target[2] / 2, target[1] + target[3] / 2
        given = []

        def lines():
            try:
                return open(note, encoding="utf-8").read().splitlines()
            except FileNotFoundError:
                return []

        def out_of(what, x, y):
            seen = Screen().color(left + x, top + y)
            drag((left + x, top + y), middle)
            desktop.until(lambda: len(lines()) > len(given))
            given.append(json.loads(lines()[-1]))
            assert len(lines()) == len(given), f"{what} came more than once"
            return seen, given[-1]

        def gives(what, x, y):
            seen, came = out_of(what, x, y)
            assert came["picture"] == seen and came["text"].startswith(seen), (what, seen, came)

        def found(color, x, y, w, h):
            at = desktop.until(lambda: Screen().places_of(color, left + x, top + y, w, h))
            return at[len(at) // 2][0] - left, at[len(at) // 2][1] - top

        before = palette.call("Current")[0]
        gives("recent", 706, 768)
        gives("relation", 1115, 760)
        gives("tints", 125, 585)
        gives("tones", 300, 585)
        gives("shades", 465, 585)
        gives("current", 60, 700)
        dusk = next(s for s in palette.call("Swatches", "(s)", "")[0] if s[0] == "dusk")[2]
        gives("staff", *found(dusk, 1160, 260, 60, 60))
        assert palette.call("Current")[0] == before, "a drag takes nothing up"

        said("xdotool", "key", "ctrl+4")  # Grade
        click(left + 872, top + 127)  # rows
        time.sleep(0.5)
        gives("rows", *found(dusk, 20, 80, 700, 300))
        click(left + 914, top + 127)  # list
        time.sleep(0.5)
        gives("list", *found(dusk, 20, 80, 740, 540))

        said("xdotool", "key", "ctrl+1")  # Observe
        click(left + 636, top + 612)  # Take colors
        desktop.until(lambda: Screen().color(left + 45, top + 537) != Screen().color(left + 30, top + 537))
        time.sleep(2)
        _, came = out_of("result", 692, 401)
        assert came["color"] == came["text"] == came["picture"], came
        _, came = out_of("sample", 600, 470)
        assert came["text"] == palette.call("Current")[0], (came, palette.call("Current"))
    finally:
        desktop.end()


main()
