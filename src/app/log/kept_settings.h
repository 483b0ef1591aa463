// SPDX-License-Identifier: GPL-3.0-or-later
// The user's settings, looked at before they are used: a file that cannot be read, or one that a newer
// version has written, is set aside rather than half understood.
#pragma once

#include <QString>

namespace zc {

/// What the settings of this version call themselves; a change of their meaning makes it greater.
inline constexpr int kSettingsVersion = 1;

/// Has to be called before anything reads a setting. Says in a sentence what was set aside, or nothing.
[[nodiscard]] QString settings_looked_after();

} // namespace zc
