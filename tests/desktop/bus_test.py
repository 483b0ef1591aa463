"""Every method of the bus, from another language; picks told in order; what is no color changes nothing."""
import json
import os
import subprocess
import sys
from xml.etree import ElementTree

from desktop import Desktop, Palette, said

PROGRAM, CLI, DEMO = sys.argv[1:4]


def interface_is_as_installed(palette):
    """Names of arguments and no types of ours: what the window tells of itself is the file that is installed."""
    def shape(node):
        return sorted((child.tag, tuple(sorted(child.attrib.items())), tuple(shape(child))) for child in node)

    told = ElementTree.fromstring(palette.call("Introspect", interface="org.freedesktop.DBus.Introspectable")[0])
    with open(os.path.dirname(os.path.abspath(__file__)) + "/../../packaging/org.zonachrom.Palette1.xml", encoding="utf-8") as file:
        installed = ElementTree.fromstring(file.read())
    ours = [i for i in told.findall("interface") if i.get("name") == "org.zonachrom.Palette1"]
    assert shape(ours[0]) == shape(installed.find("interface")), ElementTree.tostring(ours[0])


def properties_are_told(palette, desktop):
    def value(name):
        return palette.call("Get", "(ss)", "org.zonachrom.Palette1", name, interface="org.freedesktop.DBus.Properties")[0]

    told = {}
    palette.bus.signal_subscribe("org.zonachrom.Zonachrom", "org.freedesktop.DBus.Properties", "PropertiesChanged", None, None, 0,
                                 lambda *signal: told.update(signal[5].unpack()[1]))
    palette.call("TakeUp", "(s)", "#405060")
    context = palette.GLib.MainContext.default()
    desktop.until(lambda: context.iteration(False) or told.get("Color") == "#405060")
    assert (value("Color"), value("Value"), value("Name")) == palette.call("Current") == (told["Color"], told["Value"], told["Name"])
    assert value("Set") == "Row at dusk" and value("Sets") == ["Row at dusk"], value("Sets")


def busy(palette):
    """Whether a color that is to be laid is refused for now."""
    try:
        palette.call("Lay", "(sss)", "#102030", "late", "iron")
    except palette.GLib.Error as error:
        assert palette.Gio.dbus_error_get_remote_error(error) == "org.zonachrom.Error.Busy", error
        return True
    return False


def nothing_is_laid_while_a_question_is_open(palette, desktop):
    window = desktop.window("Zonachrom$")
    said("xdotool", "windowactivate", "--sync", window)
    before = palette.call("Swatches", "(s)", "")[0]
    said("xdotool", "key", "ctrl+o")
    desktop.until(lambda: len(said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()) > 1)
    desktop.until(lambda: busy(palette))
    told = subprocess.run([CLI, "add", "#102030"], capture_output=True, text=True, check=False)
    assert told.returncode == 5 and "finish that first" in told.stderr, told
    said("xdotool", "key", "Escape")
    desktop.until(lambda: not busy(palette))
    after = palette.call("Swatches", "(s)", "")[0]
    assert len(after) == len(before) + 1 and after[-1] == ("iron", "late", "#102030"), after[-2:]


def a_second_window_follows(palette, desktop, program):
    """When the window that is spoken to goes, the other one is."""
    first = owner(palette)
    with open(os.environ["XDG_CONFIG_HOME"] + "/zonachrom/Zonachrom.conf", "w", encoding="utf-8") as out:
        out.write("[General]\noneWindow=false\n")
    second = desktop.start([PROGRAM, "--desk", "pick"])
    desktop.until(lambda: len(said("xdotool", "search", "--onlyvisible", "--class", "zonachrom").split()) > 1)
    assert owner(palette) == first
    program.terminate()
    desktop.until(lambda: owner(palette) not in (None, first))
    assert second.poll() is None and palette.call("Current")[0]


def owner(palette):
    try:
        return palette.bus.call_sync("org.freedesktop.DBus", "/", "org.freedesktop.DBus", "GetNameOwner",
                                     palette.GLib.Variant("(s)", ("org.zonachrom.Zonachrom",)), None, 0, -1).unpack()[0]
    except palette.GLib.Error:
        return None


def main():
    desktop = Desktop()
    try:
        alone = subprocess.run([CLI, "now"], capture_output=True, text=True, check=False)
        assert alone.returncode == 5 and "No window of Zonachrom runs" in alone.stderr, alone
        # The painter wants files of another start in the window that runs.
        os.makedirs(os.environ["XDG_CONFIG_HOME"] + "/zonachrom")
        with open(os.environ["XDG_CONFIG_HOME"] + "/zonachrom/Zonachrom.conf", "w", encoding="utf-8") as out:
            out.write("[General]\noneWindow=true\n")
        turned = desktop.folder + "/turned.zonachrom"
        subprocess.check_call([CLI, "adjust", DEMO, "--set", "Row at dusk", "--turn", "40", "-o", turned],
                              stdout=subprocess.DEVNULL)
        program = desktop.start([PROGRAM, DEMO])
        palette = Palette()
        desktop.until(palette.there)
        shown = desktop.until(lambda: palette.call("Swatches", "(s)", "")[0])
        for file, other in ((turned, True), (DEMO, False)):
            second = desktop.start([PROGRAM, file])
            desktop.until(lambda: second.poll() == 0)
            desktop.until(lambda: (palette.call("Swatches", "(s)", "")[0] != shown) == other)
        now = json.loads(subprocess.check_output([CLI, "now"]))
        hexed, value, name = palette.call("Current")
        assert (now["hex"], now["value"], now["name"]) == (hexed, round(value, 4), name), now

        heard, whole, changed, told = [], [], [], desktop.folder + "/told"
        follower = desktop.start([CLI, "follow"], stdout=open(told, "w", encoding="utf-8"))
        context = palette.GLib.MainContext.default()

        def picked(*signal):
            whole.append(signal[5].unpack())
            heard.append(whole[-1][0])

        for signal, hears in (("Picked", picked), ("SetChanged", lambda *signal: changed.append(signal[5].unpack()[0]))):
            palette.bus.signal_subscribe("org.zonachrom.Zonachrom", "org.zonachrom.Palette1", signal,
                                         "/org/zonachrom/Zonachrom", None, 0, hears)

        def hear(true):
            def turn():
                while context.pending():
                    context.iteration(False)
                return true()
            desktop.until(turn, 30)

        # The follower listens once it has told one.
        hear(lambda: palette.call("TakeUp", "(s)", "#010203") or open(told, encoding="utf-8").read())
        heard.clear()
        picks = [f"#{n * 7919 % 0x1000000:06x}" for n in range(1000)]
        lines = len(open(told, encoding="utf-8").readlines())
        for pick in picks:
            palette.call("TakeUp", "(s)", pick)
        hear(lambda: len(heard) >= len(picks))
        assert heard[-1000:] == picks
        hear(lambda: len(open(told, encoding="utf-8").readlines()) >= lines + 1000)
        followed = [json.loads(line)["hex"] for line in open(told, encoding="utf-8")]
        assert followed[-1000:] == picks
        assert palette.call("Current")[0] == picks[-1]
        # The value is the one that the command line has.
        facts = json.loads(subprocess.check_output([CLI, "describe", picks[-1]]))["colors"][0]
        assert palette.call("Current") == whole[-1], (palette.call("Current"), whole[-1])
        assert abs(whole[-1][1] - facts["lab"][0]) < 0.001 and whole[-1][2].isprintable() and whole[-1][2], (whole[-1], facts)
        assert not changed, changed
        assert palette.call("Swatches", "(s)", "Row at dusk")[0] == palette.call("Swatches", "(s)", "")[0]

        before = palette.call("Swatches", "(s)", "")[0]
        for wrong in ("", "metal", "rgba(1, 2, 3, 0.5)", "#12345", "x" * 100_000, "color(display-p3 0 1 0)"):
            assert palette.fails("TakeUp", "(s)", wrong).endswith((".", "oklch()."))
            palette.fails("Lay", "(sss)", wrong, "bolt", "iron")
        palette.fails("Lay", "(sss)", "#102030", "n" * 5000, "iron")
        palette.fails("Lay", "(sss)", "#102030", "bolt", "f" * 5000)
        palette.fails("Swatches", "(s)", "no such set")
        assert palette.call("Current")[0] == picks[-1]
        assert palette.call("Swatches", "(s)", "")[0] == before

        subprocess.check_call([CLI, "add", "rgb(16 32 48)", "--name", "bolt", "--family", "iron"],
                              stdout=subprocess.DEVNULL)
        palette.call("Lay", "(sss)", "#405060", "", "iron")
        hear(lambda: changed == ["Row at dusk"] * 2)
        after = palette.call("Swatches", "(s)", "")[0]
        assert after[:-2] == before and after[-2] == ("iron", "bolt", "#102030"), after[-2:]
        assert after[-1][0] == "iron" and after[-1][2] == "#405060" and after[-1][1]
        taken = json.loads(subprocess.check_output([CLI, "use", "lab(50 20 30)"]))
        assert abs(taken["value"] - 50) < 1, taken
        wrong = subprocess.run([CLI, "use", "metal"], capture_output=True, text=True, check=False)
        assert wrong.returncode == 2 and '"metal" is not a color' in wrong.stderr, wrong
        follower.terminate()
        interface_is_as_installed(palette)
        properties_are_told(palette, desktop)
        nothing_is_laid_while_a_question_is_open(palette, desktop)
        a_second_window_follows(palette, desktop, program)
    finally:
        desktop.end()


main()
