// SPDX-License-Identifier: GPL-3.0-or-later
// A picture of a photo made as the user looks at it.
#pragma once

#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "model/session/studio.h"

#include <QImage>

namespace zc {

class PhotoModel;

/// Everything a look depends on, so that a picture is made anew only when it must be.
struct LookKey {
  PhotoLook look = PhotoLook::Color;
  FlatTones tones;
  double squint = 0;
  WheelSpec wheel;
  std::optional<Mask> mask;
  ColorVision vision = ColorVision::Normal;
  bool operator==(const LookKey&) const = default;
};
[[nodiscard]] LookKey look_key(Studio& model, PhotoModel& photos);

/// Takes the columns from `from` on through a mask.
void map_columns(const MaskMapper& mapper, QImage& picture, int from);

/// Changes the pixels of a 32-bit picture. `scale` is how many of its pixels one photo pixel measures, `side`
/// the longer side of the photo: the blur of squinting is a share of it. Columns from `mask_from` on are
/// taken through the mask, those before stay.
void apply_look(Studio& model, PhotoModel& photos, QImage& picture, double scale, int side, int mask_from);

} // namespace zc
