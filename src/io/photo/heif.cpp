// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/heif.h"

#include "core/base/sentences.h"
#include "io/files/data_folder.h"
#include "io/photo/coded_color.h"
#include "io/photo/decode.h"
#include "io/photo/heif_reader.h"

#include <QPluginLoader>

#include <algorithm>
#include <string_view>

namespace zc {
namespace {

constexpr std::string_view kBrands[] = {"heic", "heix", "heim", "heis", "hevc", "hevx", "hevm",
                                        "hevs", "mif1", "mif2", "msf1", "miaf", "avif", "avis"};

bool is_brand(std::string_view word) { return std::ranges::find(kBrands, word) != std::end(kBrands); }

} // namespace

bool looks_like_heif(const std::vector<unsigned char>& bytes) {
  const std::string_view start(reinterpret_cast<const char*>(bytes.data()),
                               std::min<std::size_t>(bytes.size(), 64));
  if (start.size() < 12 || start.substr(4, 4) != "ftyp") return false;
  const auto box = static_cast<std::size_t>(bytes[2]) << 8 | bytes[3];
  // The major brand, its version, and the brands it goes with.
  for (std::size_t at = 8; at + 4 <= std::min(start.size(), box); at += at == 8 ? 8 : 4)
    if (is_brand(start.substr(at, 4))) return true;
  return false;
}

const HeifReader* heif_reader() {
  static const HeifReader* const reader = [] {
    const auto file = plugin_folder() / "zonachrom_heif.so";
    // Its object lives as long as the program.
    return qobject_cast<HeifReader*>(QPluginLoader(QString::fromStdString(file.string())).instance());
  }();
  return reader;
}

Result<HeifPixels> read_heif(const HeifReader& reader, const std::vector<unsigned char>& bytes,
                             const std::string& name) {
  HeifPhoto photo = reader.read(bytes, kMostPixels);
  if (photo.outcome == HeifPhoto::Outcome::TooManyPixels) return too_many_pixels(name);
  if (photo.outcome == HeifPhoto::Outcome::CutShort)
    return Error{ErrorCode::Unreadable, say(Sentence::PhotoCutShort, name), name};
  // An embedded profile comes first (ISO/IEC 23000-22, 7.3.6.4); without either it is sRGB.
  if (photo.icc.isEmpty() && photo.coding) {
    auto coded = profile_of_coding(photo.coding->first, photo.coding->second, name);
    if (!coded) return coded.error();
    photo.icc = std::move(coded).value();
  }
  return HeifPixels{std::move(photo.image), std::move(photo.icc)};
}

} // namespace zc
