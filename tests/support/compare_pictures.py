"""Whether the pictures of two folders show the same: a word or a line that has moved is seen, the last bits of a color are not."""
import ctypes
import os
import sys

import gi

gi.require_version("GdkPixbuf", "2.0")
from gi.repository import GdkPixbuf

KEPT, TAKEN = sys.argv[1:3]
FAINT, FEW = 24, 60  # Levels; pixels.


def pixels(path):
    picture = GdkPixbuf.Pixbuf.new_from_file(path)
    return picture.get_width(), picture.get_height(), picture.get_rowstride(), picture.get_n_channels(), picture.get_pixels()


def difference(one, other):
    """How many pixels differ, and where the first does; nothing where they are alike."""
    (width, height, stride, channels, a), b = pixels(one), pixels(other)
    if (width, height, channels) != (b[0], b[1], b[3]):
        return f"{width} x {height}, kept as {b[0]} x {b[1]}"
    count, first = 0, None
    for y in range(height):
        row, kept = a[y * stride:y * stride + width * channels], b[4][y * b[2]:y * b[2] + width * channels]
        if row == kept:
            continue
        for x in range(width):
            at = x * channels
            if any(abs(p - q) > FAINT for p, q in zip(row[at:at + channels], kept[at:at + channels])):
                count, first = count + 1, first or (x, y)
    return f"{count} pixels differ, the first at {first[0]},{first[1]}" if count > FEW else None


toolkit = ctypes.CDLL("libQt6Core.so.6")
toolkit.qVersion.restype = ctypes.c_char_p
if not toolkit.qVersion().startswith(b"6.4."):
    print("The pictures are taken with Qt 6.4; with another release nothing is compared.")
    sys.exit(77)
wrong = []
taken = sorted(name for name in os.listdir(TAKEN) if name.endswith(".png"))
for name in taken:
    kept = os.path.join(KEPT, name) if name != "sheet.png" else os.path.join(KEPT, "..", name)
    told = difference(os.path.join(TAKEN, name), kept) if os.path.exists(kept) else "there is no such picture"
    if told:
        wrong.append(f"{name}: {told}")
missing = sorted(set(os.listdir(KEPT)) - set(taken))
wrong += [f"{name} is kept, and nothing takes it" for name in missing]
if wrong:
    sys.exit("docs/screenshots are not what is seen; look at what changed, and run scripts/screenshots:\n" + "\n".join(wrong))
print(f"{len(taken)} pictures are as they are kept")
