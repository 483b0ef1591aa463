// SPDX-License-Identifier: GPL-3.0-or-later
// How large words and controls are: as the desktop's text, or as the user has chosen. All of the window is
// made larger together, so that nothing is cut; pictures stay as sharp as the screen. Below the usual size
// only the words become smaller, since the toolkit paints no window at less than its pixels.
#pragma once

#include <array>
#include <optional>

namespace zc {

inline constexpr double kSmallestInterface = 0.8, kLargestInterface = 2;
/// What can be chosen, in percent.
inline constexpr std::array kInterfaceSizes{80, 90, 100, 110, 125, 150, 175, 200};

/// The chosen size in percent; nothing means the size of the desktop's text.
[[nodiscard]] std::optional<int> chosen_interface_size();
/// Used from the next start on.
void choose_interface_size(std::optional<int> percent);

/// Takes the size on. To be called before there is an application; it asks the desktop, if need be, over the
/// session bus.
void apply_interface_size();
/// What the sizes of letters are multiplied by, kSmallestInterface to 1.
[[nodiscard]] double words_scale();

} // namespace zc
