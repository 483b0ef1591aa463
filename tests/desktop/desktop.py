"""A desktop of its own for a test: an X server, a window manager, a session bus, and hands.

Nothing of it is seen, and nothing of the painter's own is touched."""
import ctypes
import os
import pathlib
import shutil
import subprocess
import tempfile
import time


PRIVATE_BUS = str(pathlib.Path(__file__).parent.parent / "support" / "private-bus.conf")


class Programs:
    """What a test starts, and what it complains of."""

    def __init__(self):
        self.running = []
        self.complaints = tempfile.TemporaryFile("a+", encoding="utf-8", errors="replace")

    def start(self, command, **more):
        more.setdefault("stderr", self.complaints)
        more.setdefault("stdout", subprocess.DEVNULL)
        process = subprocess.Popen(command, **more)
        self.running.append(process)
        return process

    def complained(self):
        self.complaints.seek(0)
        return self.complaints.read()

    def until(self, true, seconds=45):
        end = time.monotonic() + seconds
        while time.monotonic() < end:
            answer = true()
            if answer:
                return answer
            time.sleep(0.02)
        ended = [process.args[0] for process in self.running if process.poll() is not None]
        raise AssertionError(f"not within {seconds} seconds: {true.__code__.co_names}; ended by now: {ended}; "
                             f"complaints: {self.complained()[-3000:]}")

    def settled(self):
        """Nothing moves on the screen any more: three looks at it in a row are alike."""
        looks = []

        def alike():
            looks.append(self.look())
            return len(looks) > 2 and looks[-1] == looks[-2] == looks[-3] or time.sleep(0.05)
        self.until(alike)

    def end(self):
        for process in reversed(self.running):
            process.terminate()
            try:
                process.wait(5)
            except subprocess.TimeoutExpired:
                process.kill()
                process.wait()
        # A sanitizer writes down what it finds, and may let the program go on.
        said_at_last = self.complained()
        assert "Sanitizer" not in said_at_last and "runtime error" not in said_at_last, said_at_last


class Desktop(Programs):
    def __init__(self, size="1280x800", scale=None):
        super().__init__()
        self.folder = tempfile.mkdtemp()
        # A number that no other test of this machine uses.
        os.environ["DISPLAY"] = f":{1000 + os.getpid() % 50_000}"
        self.start(["Xvfb", os.environ["DISPLAY"], "-screen", "0", size + "x24", "-nolisten", "tcp",
                    "-noreset"])
        self.until(lambda: said("xprop", "-root", "_NET_SUPPORTED"))
        for name in ("CONFIG", "STATE", "DATA", "CACHE"):
            os.environ[f"XDG_{name}_HOME"] = os.path.join(self.folder, name)
        os.environ["XDG_RUNTIME_DIR"] = self.folder
        os.environ["QT_QPA_PLATFORM"] = "xcb"
        os.environ["GDK_BACKEND"] = "x11"
        os.environ["NO_AT_BRIDGE"] = "1"
        if scale:
            os.environ["QT_SCALE_FACTOR"] = str(scale)
        os.environ["DBUS_SESSION_BUS_ADDRESS"] = self.bus()
        # Nobody's color manager is asked, unless a test brings one.
        os.environ["DBUS_SYSTEM_BUS_ADDRESS"] = self.bus()
        self.start(["openbox", "--sm-disable"])
        # It says that it is there before it listens, and forgets what asks to be shown in between: a window
        # would stay hidden for good. Once it does what it is asked, it listens.
        self.until(lambda: said("xdotool", "set_num_desktops", "1", "get_num_desktops") == "1")

    def look(self):
        return Screen().bytes

    def bus(self):
        daemon = self.start(["dbus-daemon", "--config-file=" + PRIVATE_BUS, "--nofork", "--print-address"],
                            stdout=subprocess.PIPE, text=True)
        return daemon.stdout.readline().strip()

    def end(self):
        try:
            super().end()
        finally:
            shutil.rmtree(self.folder, ignore_errors=True)

    def window(self, title):
        """The id of the window with this title, once it is there."""
        return self.until(lambda: said("xdotool", "search", "--onlyvisible", "--name", title).split()[-1:])[0]



def said(*command):
    return subprocess.run(command, capture_output=True, text=True, check=False).stdout.strip()


def place(window):
    """Left, top, width, height on the screen, without the frame."""
    numbers = dict(line.strip().rsplit(":", 1) for line in said("xwininfo", "-id", window).splitlines()
                   if line.strip().startswith(("Absolute", "Width", "Height")))
    return tuple(int(numbers[k]) for k in ("Absolute upper-left X", "Absolute upper-left Y", "Width", "Height"))


def click(x, y, button=1):
    said("xdotool", "mousemove", str(int(x)), str(int(y)), "click", str(button))


def drag(start, end, steps=12):
    """Slow enough for the protocol of drags to follow."""
    said("xdotool", "mousemove", str(int(start[0])), str(int(start[1])), "mousedown", "1")
    for i in range(1, steps + 1):
        x, y = (start[k] + (end[k] - start[k]) * i / steps for k in (0, 1))
        said("xdotool", "mousemove", str(int(x)), str(int(y)))
        time.sleep(0.03)
    time.sleep(0.1)
    said("xdotool", "mouseup", "1")


class Hand:
    """Presses at once, without a program to be started for it."""

    def __enter__(self):
        self.x, self.test = ctypes.CDLL("libX11.so.6"), ctypes.CDLL("libXtst.so.6")
        self.x.XOpenDisplay.restype = ctypes.c_void_p
        self.display = ctypes.c_void_p(self.x.XOpenDisplay(None))
        return self

    def __exit__(self, *_):
        self.x.XCloseDisplay(self.display)

    def move(self, x, y):
        self.test.XTestFakeMotionEvent(self.display, -1, int(x), int(y), ctypes.c_ulong(0))
        self.x.XFlush(self.display)

    def click(self):
        for down in (1, 0):
            self.test.XTestFakeButtonEvent(self.display, 1, down, ctypes.c_ulong(0))
        self.x.XFlush(self.display)


def clipboard():
    import gi
    gi.require_version("Gtk", "3.0")
    from gi.repository import Gdk, Gtk
    return Gtk.Clipboard.get(Gdk.SELECTION_CLIPBOARD).wait_for_text()


class Screen:
    """The pixels of the whole screen, as #rrggbb."""

    def __init__(self):
        import gi
        gi.require_version("Gdk", "3.0")
        from gi.repository import Gdk
        root = Gdk.get_default_root_window()
        self.picture = Gdk.pixbuf_get_from_window(root, 0, 0, root.get_width(), root.get_height())
        self.bytes = self.picture.get_pixels()
        self.stride, self.channels = self.picture.get_rowstride(), self.picture.get_n_channels()

    def color(self, x, y):
        at = int(y) * self.stride + int(x) * self.channels
        return "#%02x%02x%02x" % tuple(self.bytes[at:at + 3])

    def places_of(self, color, left, top, width, height):
        return [(x, y) for y in range(top, top + height) for x in range(left, left + width)
                if self.color(x, y) == color]


class Palette:
    """The running window over the bus, spoken to by another language than its own."""

    def __init__(self):
        import gi
        gi.require_version("Gio", "2.0")
        from gi.repository import Gio, GLib
        self.GLib, self.Gio = GLib, Gio
        self.bus = Gio.bus_get_sync(Gio.BusType.SESSION)

    def there(self):
        answer = self.bus.call_sync("org.freedesktop.DBus", "/", "org.freedesktop.DBus", "NameHasOwner",
                                    self.GLib.Variant("(s)", ("org.zonachrom.Zonachrom",)), None, 0, -1)
        return answer.unpack()[0]

    def call(self, method, signature="()", *arguments, interface="org.zonachrom.Palette1"):
        answer = self.bus.call_sync("org.zonachrom.Zonachrom", "/org/zonachrom/Zonachrom", interface, method,
                                    self.GLib.Variant(signature, arguments), None, 0, 45_000)
        return answer.unpack()

    def fails(self, method, signature, *arguments, error_name="BadInput"):
        """The sentence of the error."""
        try:
            self.call(method, signature, *arguments)
        except self.GLib.Error as error:
            name = self.Gio.dbus_error_get_remote_error(error)
            assert name == f"org.zonachrom.Error.{error_name}", name
            return error.message.split(": ", 1)[1]
        raise AssertionError(f"{method}{arguments} was taken")


class Assistant:
    """What a screen reader has of a program: its tree of roles, names, actions, texts and numbers."""

    def __init__(self, desktop):
        self.desktop = desktop
        desktop.start(["/usr/libexec/at-spi-bus-launcher", "--launch-immediately"])
        os.environ["QT_LINUX_ACCESSIBILITY_ALWAYS_ON"] = "1"
        os.environ["QT_ACCESSIBILITY"] = "1"
        from gi.repository import Gio, GLib

        session = Gio.bus_get_sync(Gio.BusType.SESSION, None)
        desktop.until(lambda: session.call_sync("org.freedesktop.DBus", "/org/freedesktop/DBus", "org.freedesktop.DBus",
                                                "NameHasOwner", GLib.Variant("(s)", ("org.a11y.Bus",)), None,
                                                Gio.DBusCallFlags.NONE, -1, None).unpack()[0])
        import pyatspi  # Only once its bus is there.
        self.atspi, self.context = pyatspi, GLib.MainContext.default()
        self.heard = []
        pyatspi.Registry.registerEventListener(
            lambda event: self.heard.append((event.type, event.source.name)),
            "object:property-change:accessible-value", "object:children-changed", "object:state-changed:selected",
            "object:selection-changed", "object:visible-data-changed")

    def until(self, true):
        def turn():
            while self.context.pending():
                self.context.iteration(False)
            try:
                return true()
            except Exception:  # What was looked at has gone meanwhile.
                return None
        return self.desktop.until(turn, 40)

    def program(self):
        return self.until(lambda: next((a for a in self.atspi.Registry.getDesktop(0) if a and a.name == "Zonachrom"), None))

    def find(self, root, roles, begins, shown=True):
        """The first, from the root down; behind three dots stands how the name ends."""
        if root is None:
            return None
        called = root.name.endswith(begins[3:]) if begins.startswith("...") else root.name.startswith(begins)
        seen = not shown or root.getState().contains(self.atspi.STATE_SHOWING)
        if called and seen and root.getRoleName() in roles:
            return root
        for i in range(root.childCount):
            found = self.find(root.getChildAtIndex(i), roles, begins, shown)
            if found:
                return found
        return None

    def wait_for(self, roles, begins, enabled=False):
        def there():
            found = self.find(self.program(), roles, begins)
            return found if found and (not enabled or found.getState().contains(self.atspi.STATE_ENABLED)) else None
        try:
            return self.until(there)
        except AssertionError as error:
            raise AssertionError(f"there is no {roles[0]} called {begins!r} to be used") from error

    def do(self, roles, begins, action=None):
        """Waits for it to be there and enabled, and does its first action, or the one of this name."""
        found = self.wait_for(roles, begins, enabled=True)
        actions = found.queryAction()
        names = [actions.getName(i) for i in range(actions.nActions)]
        actions.doAction(names.index(action) if action else 0)
        return found

    def write(self, roles, begins, text):
        self.wait_for(roles, begins).queryEditableText().setTextContents(text)
