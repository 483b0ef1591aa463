// SPDX-License-Identifier: GPL-3.0-or-later
// The current set as views of it tell assistive technology: families, and in them swatches.
#pragma once

#include "app/spoken/spoken.h"
#include "model/session/studio.h"

namespace zc {

class Laying;
class Picking;
class SetWork;

/// A place where a family or a swatch is drawn; empty where it is not.
using PlaceOf = std::function<QRectF(Id)>;
[[nodiscard]] std::vector<SpokenItem> spoken_families(Studio& space, Laying& laying, SetWork& work,
                                                      const PlaceOf& family, const PlaceOf& swatch);
/// The swatches alone.
[[nodiscard]] std::vector<SpokenItem> spoken_swatches(Studio& space, SetWork& work, const PlaceOf& swatch);
/// Its name and how many swatches it has.
[[nodiscard]] QString set_told(const Piece& piece);

/// A number of the current color: what is set is reached by one pick.
[[nodiscard]] SpokenItem spoken_hue(Studio& space, Picking& picking, const QRectF& rect);
[[nodiscard]] SpokenItem spoken_saturation(Studio& space, Picking& picking, const QRectF& rect);
[[nodiscard]] SpokenNumber spoken_value(Studio& space, Picking& picking);

} // namespace zc
