"""The companion as a Wayland client in a compositor without a screen: start, pick, hand over.

The hand is a remote pointer (RFB, RFC 6143), since such a compositor has no mouse."""
import json
import os
import shutil
import socket
import struct
import subprocess
import sys
import tempfile
import time

from desktop import PRIVATE_BUS, Palette, Programs, said

PROGRAM, DEMO = sys.argv[1:3]
# The compositor refuses to run as root.
NOBODY = ["setpriv", "--reuid=65534", "--regid=65534", "--clear-groups"] if os.geteuid() == 0 else []


class Pointer:
    def __init__(self, port):
        self.line = socket.create_connection(("127.0.0.1", port), 5)
        self.line.recv(12)
        self.line.send(b"RFB 003.008\n")
        self.line.recv(self.line.recv(1)[0])
        self.line.send(b"\x01")  # Without a password.
        self.line.recv(4)
        self.line.send(b"\x01")
        self.line.recv(1000)

    def click(self, x, y):
        # It comes near first, as a hand does: a client hears where the pointer is before it hears a press.
        for mask, away in ((0, 3), (0, 0), (1, 0), (0, 0)):
            self.line.send(struct.pack(">BBHH", 5, mask, int(x) + away, int(y)))
            time.sleep(0.15)


def nodes(tree):
    yield tree
    for child in tree.get("nodes", []) + tree.get("floating_nodes", []):
        yield from nodes(child)


def main():
    folder = tempfile.mkdtemp()
    programs = Programs()
    start, until = programs.start, programs.until
    try:
        bus = start(["dbus-daemon", "--config-file=" + PRIVATE_BUS, "--nofork", "--print-address"], stdout=subprocess.PIPE, text=True)
        os.environ["DBUS_SESSION_BUS_ADDRESS"] = bus.stdout.readline().strip()
        for name in ("RUNTIME_DIR", "CONFIG_HOME", "STATE_HOME", "DATA_HOME", "CACHE_HOME"):
            os.environ[f"XDG_{name}"] = os.path.join(folder, name)
            os.mkdir(os.environ[f"XDG_{name}"], 0o700)
        runtime = os.environ["XDG_RUNTIME_DIR"]
        os.environ.pop("DISPLAY", None)
        config = os.path.join(runtime, "config")
        with open(config, "w", encoding="utf-8") as out:
            out.write('for_window [title=".*"] floating enable\noutput * resolution 1280x800\nxwayland enable\n')
        if NOBODY:
            os.chmod(folder, 0o755)
            for path in (folder, config, *(os.path.join(folder, name) for name in os.listdir(folder))):
                os.chown(path, 65534, 65534)
        os.environ.update(WLR_BACKENDS="headless", WLR_LIBINPUT_NO_DEVICES="1", WLR_RENDERER="pixman")
        start(NOBODY + ["sway", "-c", config])

        def socket_named(beginning):
            return next((f for f in sorted(os.listdir(runtime))
                         if f.startswith(beginning) and not f.endswith(".lock")), None)

        os.environ["WAYLAND_DISPLAY"] = until(lambda: socket_named("wayland-"))
        os.environ["SWAYSOCK"] = os.path.join(runtime, until(lambda: socket_named("sway-ipc")))
        port = 20_000 + os.getpid() % 20_000
        start(NOBODY + ["wayvnc", "127.0.0.1", str(port)])
        os.environ["QT_QPA_PLATFORM"] = "wayland"
        program = start([PROGRAM, "--companion", "column", DEMO])
        palette = Palette()
        until(palette.there)

        def x_display():
            told = os.path.join(runtime, "display")
            said("swaymsg", "exec", f"echo $DISPLAY > {told}")
            time.sleep(0.2)
            return os.path.exists(told) and open(told, encoding="utf-8").read().strip()

        def window():
            tree = json.loads(said("swaymsg", "-t", "get_tree") or "{}")
            return next((n for n in nodes(tree) if (n.get("name") or "").endswith("beside the canvas")), None)

        until(window)

        def connected():
            try:
                return Pointer(port)
            except OSError:
                return None
        pointer = until(connected)
        # The compositor puts its frame round the window after it is there.
        time.sleep(1)
        found = window()
        left, top = (found["rect"][k] + found["window_rect"][k] for k in ("x", "y"))
        height = found["window_rect"]["height"]
        before = palette.call("Current")[0]
        pointer.click(left + 170, top + 118)
        until(lambda: palette.call("Current")[0] != before)
        assert not said("wl-paste", "-n")
        pointer.click(left + 47, top + height - 43)
        # More than once: what was handed over before is not kept.
        for x in (180, 160, 180):
            pointer.click(left + x, top + 118)
            time.sleep(0.5)
        picked = until(lambda: said("wl-paste", "-n"))
        assert picked == palette.call("Current")[0] and picked.startswith("#"), picked

        # Asked to, it is a client of X11 here, which may ask to be above; this compositor heeds no such wish.
        assert window()["shell"] == "xdg_shell"
        program.terminate()
        program.wait()
        until(lambda: not window())
        del os.environ["QT_QPA_PLATFORM"]
        os.environ["DISPLAY"] = until(x_display)
        start(NOBODY + [PROGRAM, "--xwayland", "--companion", "column", DEMO])
        assert until(window)["shell"] == "xwayland"
    finally:
        try:
            programs.end()
        finally:
            shutil.rmtree(folder, ignore_errors=True)


main()
