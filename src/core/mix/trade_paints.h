// SPDX-License-Identifier: GPL-3.0-or-later
// Paints of the trade by their generic names.
#pragma once

#include "core/mix/pigment.h"

#include <optional>
#include <string_view>

namespace zc {

/// The curves are ours: smooth edges and humps where such pigments are known to have them (common practice,
/// no source), with the strength that makes one part do what it does on a palette. They stand for a kind of
/// paint, not for any paint that is sold.
struct TradePaint {
  std::string_view name;
  std::string_view says; ///< What its curve is.
  double strength = 1;   ///< Beside a white of 1.
  Reflectance curve{};
};
[[nodiscard]] const std::vector<TradePaint>& trade_paints();
/// Null for a name that is none.
[[nodiscard]] const TradePaint* trade_paint(std::string_view name);
[[nodiscard]] Srgb color_of(const Reflectance& curve);

/// Taken where white and black are asked for beside a palette.
inline constexpr std::string_view kTradeWhite = "titanium white", kTradeBlack = "bone black";

} // namespace zc
