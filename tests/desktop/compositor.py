"""A Wayland compositor without a screen, with a session bus of its own, and hands.

The hand is a remote pointer (RFB, RFC 6143), since such a compositor has no mouse."""
import json
import os
import shutil
import socket
import struct
import subprocess
import tempfile
import time

from desktop import PRIVATE_BUS, Programs, said

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

    def move(self, x, y, buttons=0):
        self.line.send(struct.pack(">BBHH", 5, buttons, int(x), int(y)))
        time.sleep(0.15)

    def click(self, x, y):
        # It comes near first, as a hand does: a client hears where the pointer is before it hears a press.
        for buttons, away in ((0, 3), (0, 0), (1, 0), (0, 0)):
            self.move(x + away, y, buttons)

    def key(self, letter):
        for down in (1, 0):
            self.line.send(struct.pack(">BBxxI", 4, down, ord(letter)))
            time.sleep(0.1)

    def drag(self, start, end):
        self.move(start[0] + 3, start[1])
        self.move(*start)
        self.move(*start, 1)
        self.move((start[0] + end[0]) // 2, (start[1] + end[1]) // 2, 1)
        self.move(*end, 1)
        self.move(*end)


def nodes(tree):
    yield tree
    for child in tree.get("nodes", []) + tree.get("floating_nodes", []):
        yield from nodes(child)


class Compositor(Programs):
    def __init__(self):
        super().__init__()
        folder = self.folder = tempfile.mkdtemp()
        bus = self.start(["dbus-daemon", "--config-file=" + PRIVATE_BUS, "--nofork", "--print-address"],
                         stdout=subprocess.PIPE, text=True)
        os.environ["DBUS_SESSION_BUS_ADDRESS"] = bus.stdout.readline().strip()
        for name in ("RUNTIME_DIR", "CONFIG_HOME", "STATE_HOME", "DATA_HOME", "CACHE_HOME"):
            os.environ[f"XDG_{name}"] = os.path.join(folder, name)
            os.mkdir(os.environ[f"XDG_{name}"], 0o700)
        self.runtime = os.environ["XDG_RUNTIME_DIR"]
        os.environ.pop("DISPLAY", None)
        config = os.path.join(self.runtime, "config")
        with open(config, "w", encoding="utf-8") as out:
            out.write('for_window [title=".*"] floating enable\noutput * resolution 1280x800\nxwayland enable\n')
        if NOBODY:
            os.chmod(folder, 0o755)
            for path in (folder, config, *(os.path.join(folder, name) for name in os.listdir(folder))):
                os.chown(path, 65534, 65534)
        os.environ.update(WLR_BACKENDS="headless", WLR_LIBINPUT_NO_DEVICES="1", WLR_RENDERER="pixman")
        self.start(NOBODY + ["sway", "-c", config])
        os.environ["WAYLAND_DISPLAY"] = self.until(lambda: self.socket_named("wayland-"))
        os.environ["SWAYSOCK"] = os.path.join(self.runtime, self.until(lambda: self.socket_named("sway-ipc")))
        port = 20_000 + os.getpid() % 20_000
        self.start(NOBODY + ["wayvnc", "127.0.0.1", str(port)])

        def connected():
            try:
                return Pointer(port)
            except OSError:
                return None
        self.pointer = self.until(connected)
        os.environ["QT_QPA_PLATFORM"] = "wayland"

    def look(self):
        return subprocess.run(["grim", "-t", "ppm", "-"], capture_output=True, check=True).stdout

    def socket_named(self, beginning):
        return next((f for f in sorted(os.listdir(self.runtime))
                     if f.startswith(beginning) and not f.endswith(".lock")), None)

    def x_display(self):
        told = os.path.join(self.runtime, "display")
        said("swaymsg", "exec", f"echo $DISPLAY > {told}.new && mv {told}.new {told}")
        return os.path.exists(told) and open(told, encoding="utf-8").read().strip()

    def window(self, ending):
        tree = json.loads(said("swaymsg", "-t", "get_tree") or "{}")
        return next((n for n in nodes(tree) if (n.get("name") or "").endswith(ending)), None)

    def count(self):
        """How many windows there are."""
        tree = json.loads(said("swaymsg", "-t", "get_tree") or "{}")
        return sum(bool(n.get("pid")) for n in nodes(tree))

    def inside(self, ending):
        """Left, top, width and height of what a window shows, without the compositor's frame."""
        found = self.window(ending)
        frame, shown = found["rect"], found["window_rect"]
        return frame["x"] + shown["x"], frame["y"] + shown["y"], shown["width"], shown["height"]

    def end(self):
        try:
            super().end()
        finally:
            shutil.rmtree(self.folder, ignore_errors=True)
