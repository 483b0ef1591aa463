// SPDX-License-Identifier: GPL-3.0-or-later
// The names under which a running window can be spoken to on the session bus.
#pragma once

namespace zc {

inline constexpr auto kBusName = "org.zonachrom.Zonachrom";
inline constexpr auto kBusObject = "/org/zonachrom/Zonachrom";
inline constexpr auto kPaletteInterface = "org.zonachrom.Palette1";
/// The interface of the desktop entry specification, "D-Bus activation".
inline constexpr auto kApplicationInterface = "org.freedesktop.Application";
inline constexpr auto kBadInputOnBus = "org.zonachrom.Error.BadInput";
/// A question, a menu or a drag is open, or a piece is being opened or saved: ask again.
inline constexpr auto kBusyOnBus = "org.zonachrom.Error.Busy";

} // namespace zc
