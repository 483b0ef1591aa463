// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/photo/look.h"

#include "core/image/blur.h"
#include "io/photo/decode.h"
#include "model/photo/photo_model.h"

namespace zc {

LookKey look_key(Studio& model, PhotoModel& photos) {
  const Session& s = model.session();
  LookKey out{s.looking.look, {}, 0, {}, {}, s.vision};
  if (out.look == PhotoLook::Flat) out.tones = photos.tones();
  if (out.look == PhotoLook::Steps) out.tones = even_tones(s.looking.steps);
  if (out.look == PhotoLook::Squint) out.squint = s.looking.squint;
  if (out.look == PhotoLook::Mask && model.region()) {
    out.wheel = model.piece().wheel;
    out.mask = model.piece().mask;
  }
  return out;
}

void map_columns(const MaskMapper& mapper, QImage& picture, int from) {
  const int first = std::max(0, from);
  if (first >= picture.width()) return;
  Pixel* pixels = pixels_of(picture);
  const PixelView view = view_of(picture), part = part_of(view, {first, 0, view.width - first, view.height});
  std::vector<Pixel> mapped(static_cast<std::size_t>(part.width) * part.height);
  mapper.map(part, mapped.data());
  for (int y = 0; y < part.height; ++y)
    std::copy_n(mapped.begin() + static_cast<std::ptrdiff_t>(y) * part.width, part.width,
                pixels + y * view.stride + first);
}

void apply_look(Studio& model, PhotoModel& photos, QImage& picture, double scale, int side, int mask_from) {
  const LookKey key = look_key(model, photos);
  Pixel* pixels = pixels_of(picture);
  const PixelView view = view_of(picture);
  const auto count = static_cast<std::size_t>(picture.width()) * picture.height();
  switch (key.look) {
  case PhotoLook::Flat:
  case PhotoLook::Steps:
    to_flat_tones(view, key.tones, pixels);
    break;
  case PhotoLook::Squint: {
    std::vector<Pixel> soft(count);
    squint(view, key.squint / 100 * side * scale / 2, soft.data());
    std::copy(soft.begin(), soft.end(), pixels);
    break;
  }
  case PhotoLook::Mask:
    if (const auto mapper = photos.mapper()) map_columns(*mapper, picture, mask_from);
    break;
  case PhotoLook::Color:
  case PhotoLook::Value:
    break;
  }
  to_seen(key.look == PhotoLook::Value ? ColorVision::Values : key.vision, pixels, count);
}

} // namespace zc
