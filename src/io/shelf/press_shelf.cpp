// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/shelf/press_shelf.h"

#include "core/base/sentences.h"
#include "io/files/data_folder.h"
#include "io/files/safe_save.h"

#include <algorithm>

namespace zc {
namespace {

constexpr const char* kProfileEndings[] = {".icc", ".icm"};

bool is_profile_name(const std::filesystem::path& file) {
  const std::string ending = file.extension().string();
  return std::find(std::begin(kProfileEndings), std::end(kProfileEndings), ending) !=
         std::end(kProfileEndings);
}

} // namespace

std::filesystem::path shipped_press() { return data_folder() / "standin-press.icc"; }

Result<std::shared_ptr<const Press>> open_press(const std::filesystem::path& file) {
  const auto bytes = read_file(file, kLargestProfile);
  if (!bytes) return bytes.error();
  return Press::read(*bytes, file.filename().string());
}

std::vector<ShelfPress> read_press_shelf(const std::filesystem::path& folder) {
  std::vector<ShelfPress> out;
  std::error_code none;
  for (const auto& entry : std::filesystem::directory_iterator(folder, none))
    if (is_profile_name(entry.path()))
      if (const auto press = open_press(entry.path())) out.push_back({(*press)->name(), entry.path(), false});
  std::sort(out.begin(), out.end(), [](const ShelfPress& a, const ShelfPress& b) { return a.name < b.name; });
  if (const auto press = open_press(shipped_press()))
    out.insert(out.begin(), {(*press)->name(), shipped_press(), true});
  return out;
}

Result<KeptPress> keep_press_bytes(const std::filesystem::path& folder, const Bytes& bytes,
                                   const std::string& file_name) {
  if (const auto press = Press::read(bytes, file_name); !press) return press.error();
  const std::string stem = std::filesystem::path(file_name).stem().string();
  std::error_code none;
  std::filesystem::create_directories(folder, none);
  for (int number = 1; number < 1000; ++number) {
    const auto target = folder / (stem + (number > 1 ? "-" + std::to_string(number) : "") + ".icc");
    if (const auto there = read_file(target.string(), kLargestProfile)) {
      if (*there == bytes) return KeptPress{target, false};
      continue;
    }
    const Status saved = save_safely(target.string(), bytes, Backup::None);
    if (!saved) return saved.error();
    return KeptPress{target, true};
  }
  return Error{ErrorCode::Unwritable, Sentence::TooManyProfiles, stem};
}

Result<std::filesystem::path> keep_press(const std::filesystem::path& folder,
                                         const std::filesystem::path& file) {
  const auto bytes = read_file(file.string(), kLargestProfile);
  if (!bytes) return bytes.error();
  const auto kept = keep_press_bytes(folder, *bytes, file.filename().string());
  if (!kept) return kept.error();
  return kept->file;
}

} // namespace zc
