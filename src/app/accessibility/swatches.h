// SPDX-License-Identifier: GPL-3.0-or-later
// The current set as views of it tell assistive technology: families, and in them swatches.
#pragma once

#include "app/accessibility/accessibility.h"
#include "model/session/studio.h"

namespace zc {

class Laying;
class Picking;
class SetWork;

/// A place where a family or a swatch is drawn; empty where it is not.
using PlaceOf = std::function<QRectF(Id)>;
[[nodiscard]] std::vector<AccessibleItem> accessible_families(Studio& model, Laying& laying, SetWork& work,
                                                              const PlaceOf& family, const PlaceOf& swatch);
/// The swatches alone.
[[nodiscard]] std::vector<AccessibleItem> accessible_swatches(Studio& model, SetWork& work,
                                                              const PlaceOf& swatch);
/// Its name and how many swatches it has.
[[nodiscard]] QString set_told(const Piece& piece);

/// A number of the current color: what is set is reached by one pick.
[[nodiscard]] AccessibleItem accessible_hue(Studio& model, Picking& picking, const QRectF& rect);
[[nodiscard]] AccessibleItem accessible_saturation(Studio& model, Picking& picking, const QRectF& rect);
[[nodiscard]] AccessibleNumber accessible_value(Studio& model, Picking& picking);

} // namespace zc
