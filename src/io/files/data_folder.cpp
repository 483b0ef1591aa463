// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/data_folder.h"

namespace zc {

std::filesystem::path data_folder() {
  std::error_code none;
  const auto here = std::filesystem::read_symlink("/proc/self/exe", none).parent_path();
  const auto from_bin = (here / ZONACHROM_BIN_TO_DATA).lexically_normal();
  const auto from_libexec = (here / ZONACHROM_LIBEXEC_TO_DATA).lexically_normal();
  return std::filesystem::is_directory(from_bin, none) ? from_bin : from_libexec;
}

} // namespace zc
