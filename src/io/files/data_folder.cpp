// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/data_folder.h"

namespace zc {
namespace {

std::filesystem::path found(const char* from_bin, const char* from_libexec) {
  std::error_code none;
  const auto here = std::filesystem::read_symlink("/proc/self/exe", none).parent_path();
  const auto beside_bin = (here / from_bin).lexically_normal();
  return std::filesystem::is_directory(beside_bin, none) ? beside_bin
                                                         : (here / from_libexec).lexically_normal();
}

} // namespace

std::filesystem::path data_folder() { return found(ZONACHROM_BIN_TO_DATA, ZONACHROM_LIBEXEC_TO_DATA); }

std::filesystem::path plugin_folder() {
  return found(ZONACHROM_BIN_TO_PLUGINS, ZONACHROM_LIBEXEC_TO_PLUGINS);
}

} // namespace zc
