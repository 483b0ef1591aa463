// SPDX-License-Identifier: GPL-3.0-or-later
// The files that come with the program. Their folders are found from where the running program lies, so that
// an installed tree may be moved as a whole.
#pragma once

#include <filesystem>

namespace zc {

/// The demo, the stand-in press, translations, the handbook.
[[nodiscard]] std::filesystem::path data_folder();
/// What is loaded as the program runs.
[[nodiscard]] std::filesystem::path plugin_folder();

} // namespace zc
