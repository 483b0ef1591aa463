// SPDX-License-Identifier: GPL-3.0-or-later
// Press profiles kept across pieces: ICC files in a folder, and the stand-in that ships.
#pragma once

#include "core/press/press.h"
#include "io/files/bytes.h"

#include <filesystem>

namespace zc {

struct ShelfPress {
  std::string name; ///< What the profile calls itself.
  std::filesystem::path file;
  bool ships = false;
};

/// The stand-in beside the program, then those of the folder by name; files that are no press profile are
/// left out.
[[nodiscard]] std::vector<ShelfPress> read_press_shelf(const std::filesystem::path& folder);
/// ERRORS: NotFound, TooLarge, Unreadable.
[[nodiscard]] Result<std::shared_ptr<const Press>> open_press(const std::filesystem::path& file);
/// Copies a profile into the folder; gives the copy. One that is there already, byte for byte, is given as it
/// is. ERRORS: as open_press(); Unwritable.
struct KeptPress {
  std::filesystem::path file;
  bool fresh = false; ///< It was not there yet.
};
/// The bytes of a profile under the name of their file.
[[nodiscard]] Result<KeptPress> keep_press_bytes(const std::filesystem::path& folder, const Bytes& bytes,
                                                 const std::string& file_name);
[[nodiscard]] Result<std::filesystem::path> keep_press(const std::filesystem::path& folder,
                                                       const std::filesystem::path& file);
[[nodiscard]] std::filesystem::path shipped_press();

} // namespace zc
