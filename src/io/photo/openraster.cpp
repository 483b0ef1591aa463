// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/openraster.h"

#include "core/base/sentences.h"
#include "io/files/zip_archive.h"

#include <algorithm>
#include <string_view>

namespace zc {

bool looks_like_openraster(const Bytes& bytes) {
  // The first entry is "mimetype", stored: its content stands behind the local header of 30 bytes and the
  // name.
  constexpr std::string_view beginning = "PK\x03\x04", name_and_type = "mimetypeimage/openraster";
  const auto stands = [&bytes](std::size_t at, std::string_view text) {
    return bytes.size() >= at + text.size() &&
           std::equal(text.begin(), text.end(), bytes.begin() + static_cast<std::ptrdiff_t>(at));
  };
  return stands(0, beginning) && stands(30, name_and_type);
}

Result<Bytes> merged_image(const Bytes& bytes, const std::string& name) {
  auto entries = read_zip(bytes);
  if (!entries) return Error{ErrorCode::Unreadable, say(Sentence::PhotoCutShort, name), name};
  std::vector<ZipEntry> all = std::move(entries).value();
  const auto merged =
      std::find_if(all.begin(), all.end(), [](const ZipEntry& e) { return e.name == "mergedimage.png"; });
  if (merged == all.end() || merged->bytes.empty())
    return Error{ErrorCode::Unreadable, say(Sentence::NoMergedPicture, name), name};
  return std::move(merged->bytes);
}

} // namespace zc
