// SPDX-License-Identifier: GPL-3.0-or-later
// What a window is painted into is held only while the window is shown.
#pragma once

namespace zc {

/// The toolkit keeps the pixels of each menu, list and box that was ever open until the program ends: over an
/// afternoon tens of megabytes. From here on a window that hides lets go of them, and is painted anew when it
/// shows. REQUIRES an application.
void hold_pixels_of_shown_windows_only();

} // namespace zc
