// SPDX-License-Identifier: GPL-3.0-or-later
// The files that come with the program: the demo, the stand-in press, translations, the handbook.
#pragma once

#include <filesystem>

namespace zc {

/// Where they lie, found from where the running program lies, so that an installed tree may be moved as a
/// whole.
[[nodiscard]] std::filesystem::path data_folder();

} // namespace zc
