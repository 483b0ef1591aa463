// SPDX-License-Identifier: GPL-3.0-or-later
// Palettes from pictures: the different colors of a strip in reading order, or a palette taken out of a
// photo.
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/image/extract.h"
#include "io/exchange/formats.h"
#include "io/exchange/gathering.h"
#include "io/photo/decode.h"

#include <unordered_set>

namespace zc {
namespace {

/// Opaque colors in reading order; stops one past kMostPaletteColors.
std::vector<Pixel> different_colors(const PixelView& view) {
  std::vector<Pixel> out;
  std::unordered_set<std::uint32_t> seen;
  Pixel last;
  for (int y = 0; y < view.height; ++y)
    for (int x = 0; x < view.width; ++x) {
      const Pixel pixel = view.row(y)[x];
      // A few bytes can stand for hundreds of megapixels, nearly all of them like their neighbor.
      if (pixel == last) continue;
      last = pixel;
      if (pixel.alpha() < 128 || !seen.insert(pixel.rgb()).second) continue;
      out.push_back(pixel);
      if (out.size() > kMostPaletteColors) return out;
    }
  return out;
}

} // namespace

Result<FoundSet> read_picture(const Bytes& bytes, const std::string& file_name) {
  const auto image = decode_photo(bytes, file_name);
  if (!image) return image.error();
  const PixelView view = view_of(*image);
  Gathering gathering;
  const auto colors = different_colors(view);
  if (colors.size() <= kMostPaletteColors) {
    for (const Pixel color : colors) static_cast<void>(gathering.add("", {srgb_from_8bit(color_of(color))}));
    return gathering.done("a picture");
  }
  ExtractionSpec spec;
  spec.count = kColorsOfPhoto;
  const auto taken = extract_colors(view, spec);
  if (!taken) return taken.error();
  for (const auto& c : taken->colors) static_cast<void>(gathering.add("", {c.color}));
  auto out = gathering.done("a picture");
  if (!out) return out;
  FoundSet found = std::move(out).value();
  found.remarks.push_back(say(Sentence::ManyDifferentColors, kMostPaletteColors, taken->colors.size()));
  return found;
}

} // namespace zc
