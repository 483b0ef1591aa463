#!/usr/bin/env python3
# SPDX-License-Identifier: GPL-3.0-or-later
"""Writes layouts.txt: what each key of seven keyboards gives plain and with Shift, by xkeyboard-config's
tables read through libxkbcommon. A line is: layout, scan code, plain, shifted (Unicode, in hexadecimal)."""

import ctypes
import pathlib

LAYOUTS = ("us", "de", "fr", "es", "se", "tr", "pl")


class Names(ctypes.Structure):
    _fields_ = [(n, ctypes.c_char_p) for n in ("rules", "model", "layout", "variant", "options")]


def main():
    xkb = ctypes.CDLL("libxkbcommon.so.0")
    for name in ("xkb_context_new", "xkb_keymap_new_from_names"):
        getattr(xkb, name).restype = ctypes.c_void_p
    context = ctypes.c_void_p(xkb.xkb_context_new(0))
    lines = []
    for layout in LAYOUTS:
        names = Names(b"evdev", b"pc105", layout.encode(), b"", b"")
        keymap = ctypes.c_void_p(xkb.xkb_keymap_new_from_names(context, ctypes.byref(names), 0))
        for code in range(9, 95):
            signs = []
            for level in (0, 1):
                symbols = ctypes.POINTER(ctypes.c_uint32)()
                count = xkb.xkb_keymap_key_get_syms_by_level(keymap, code, 0, level, ctypes.byref(symbols))
                signs.append(xkb.xkb_keysym_to_utf32(symbols[0]) if count == 1 else 0)
            if signs[0] > 32 and signs[0] != 127:
                lines.append(f"{layout} {code} {signs[0]:x} {signs[1]:x}\n")
    pathlib.Path(__file__).with_name("layouts.txt").write_text("".join(lines), encoding="ascii")


if __name__ == "__main__":
    main()
