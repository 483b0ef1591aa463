"""Every place of the desk that shows a color gives it to another program: real drags, from all desks."""
import json
import os
import sys

from desktop import Desktop, Palette, Screen, click, drag, place, said

PROGRAM, RECEIVER, DEMO = sys.argv[1:4]


def main():
    desktop = Desktop("1800x860")
    try:
        note = desktop.folder + "/qt"
        desktop.start([RECEIVER, note])
        receiver = desktop.window("^qt receiver$")
        os.makedirs(os.environ["XDG_CONFIG_HOME"] + "/zonachrom", exist_ok=True)
        with open(os.environ["XDG_CONFIG_HOME"] + "/zonachrom/Zonachrom.conf", "w", encoding="utf-8") as out:
            out.write("[tray]\nrelation=true\n")  # As it was left by who uses it.
        desktop.start([PROGRAM, "--size", "1280x800", "--desk", "pick", DEMO])
        palette = Palette()
        desktop.until(palette.there)
        desk = desktop.window("Zonachrom$")
        said("xdotool", "windowmove", desk, "0", "0", "windowmove", receiver, "1450", "60")
        desktop.settled()
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
        gives("recent", 624, 776)
        gives("relation", 990, 760)
        gives("tints", 120, 608)
        gives("tones", 281, 608)
        gives("shades", 444, 608)
        gives("current", 60, 700)
        dusk = next(s for s in palette.call("Swatches", "(s)", "")[0] if s[0] == "dusk")[2]
        gives("staff", *found(dusk, 1160, 260, 60, 60))
        assert palette.call("Current")[0] == before, "a drag takes nothing up"

        said("xdotool", "key", "ctrl+4")  # Grade
        click(left + 1126, top + 92)  # How the set is shown
        said("xdotool", "key", "Down", "Return")  # In rows
        desktop.settled()
        gives("rows", *found(dusk, 150, 80, 740, 300))
        click(left + 1126, top + 92)
        said("xdotool", "key", "Down", "Return")  # As a list
        desktop.settled()
        gives("list", *found(dusk, 150, 80, 740, 540))

        said("xdotool", "key", "ctrl+1")  # Observe
        click(left + 580, top + 640)  # Take palette
        desktop.until(lambda: Screen().color(left + 55, top + 565) != Screen().color(left + 30, top + 565))
        desktop.settled()
        _, came = out_of("result", 670, 376)
        assert came["color"] == came["text"] == came["picture"], came
        _, came = out_of("sample", 600, 470)
        assert came["text"] == palette.call("Current")[0], (came, palette.call("Current"))
    finally:
        desktop.end()


main()
