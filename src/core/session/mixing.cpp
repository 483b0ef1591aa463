// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/mixing.h"

#include "core/color/convert.h"
#include "core/mix/trade_paints.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

std::optional<Paint> curve_of_trade(const std::string& name) {
  const TradePaint* trade = trade_paint(name);
  return trade ? std::optional(Paint{trade->curve, true}) : std::nullopt;
}

MixingCorner of_trade(std::string_view name) {
  const TradePaint& trade = *trade_paint(name);
  return {color_of(trade.curve), std::string(name)};
}

/// The lightest swatch of the current set, or the darkest.
std::optional<Srgb> end_of_set(const Piece& piece, bool lightest) {
  const SwatchSet* set = current_set(piece);
  std::optional<Srgb> out;
  if (!set) return out;
  for (const auto& family : set->families)
    for (const auto& s : family.swatches)
      if (!out || (value_of(s.color) > value_of(*out)) == lightest) out = s.color;
  return out;
}

MixingCorner end_of(const std::optional<Srgb>& chosen, const Piece& piece, bool lightest) {
  if (chosen) return {*chosen};
  if (const auto swatch = end_of_set(piece, lightest)) return {*swatch};
  return of_trade(lightest ? kTradeWhite : kTradeBlack);
}

/// Clears what belonged to another number of corners, or to other colors at them.
void forget_places(Mixing& mixing) {
  mixing.parts.clear();
  mixing.picks.clear();
  mixing.line.reset();
  mixing.smears.clear();
  mixing.at.reset();
  mixing.follows.reset();
}

FieldPoint between(const FieldPoint& a, const FieldPoint& b, double t) {
  return {a.x + (b.x - a.x) * t, a.y + (b.y - a.y) * t};
}

} // namespace

MixingCorner white_of(const Mixing& mixing, const Piece& piece) { return end_of(mixing.white, piece, true); }
MixingCorner black_of(const Mixing& mixing, const Piece& piece) { return end_of(mixing.black, piece, false); }

std::optional<MixField> field_of(const Mixing& mixing, const Piece& piece) {
  if (mixing.corners.size() < kFewestCorners) return std::nullopt;
  std::vector<FieldCorner> corners;
  for (const MixingCorner& c : mixing.corners)
    corners.push_back({c.color, curve_of_trade(c.trade), c.muted ? 0 : c.strength});
  if (mixing.toward == 0) return MixField(corners, mixing.as);
  const MixingCorner end = mixing.toward > 0 ? white_of(mixing, piece) : black_of(mixing, piece);
  return MixField(corners, mixing.as,
                  FieldAdded{end.color, curve_of_trade(end.trade), std::abs(mixing.toward)});
}

Mixing with_corner(Mixing mixing, std::size_t corner, MixingCorner color) {
  assert(corner < kMostCorners);
  if (corner < mixing.corners.size()) {
    mixing.corners[corner] = std::move(color);
    return mixing;
  }
  mixing.corners.push_back(std::move(color));
  forget_places(mixing);
  return mixing;
}

Mixing with_stroke(Mixing mixing, const MixField& field, const FieldPath& path) {
  const auto picked = picked_along(field, streaks_of(mixing), path, static_cast<std::size_t>(mixing.steps));
  mixing.picks.insert(mixing.picks.end(), picked.begin(), picked.end());
  if (mixing.picks.size() > kMostMixPicks)
    mixing.picks.erase(mixing.picks.begin(), mixing.picks.end() - static_cast<std::ptrdiff_t>(kMostMixPicks));
  return mixing;
}

Mixing with_smear(Mixing mixing, FieldPath path) {
  mixing.smears.push_back(std::move(path));
  if (mixing.smears.size() > kMostSmears) mixing.smears.erase(mixing.smears.begin());
  return mixing;
}

std::vector<Streak> streaks_of(const Mixing& mixing) {
  std::vector<Streak> out;
  for (const FieldPath& path : mixing.smears) out.push_back(smeared(mixing.corners.size(), out, path));
  return out;
}

Mixing without_corner(Mixing mixing, std::size_t corner) {
  if (corner >= mixing.corners.size()) return mixing;
  mixing.corners.erase(mixing.corners.begin() + static_cast<std::ptrdiff_t>(corner));
  forget_places(mixing);
  return mixing;
}

std::vector<Srgb> mixing_ramp(const Mixing& mixing, const MixField& field) {
  std::vector<Srgb> out;
  if (!mixing.line) return out;
  for (int i = 0; i < mixing.steps; ++i) {
    const double t = static_cast<double>(i) / (mixing.steps - 1);
    if (const auto m = field.at(between(mixing.line->first, mixing.line->second, t))) out.push_back(m->color);
  }
  return out;
}

std::vector<std::vector<Srgb>> mixing_grid(const MixField& field, int steps) {
  std::vector<std::vector<Srgb>> out;
  const std::size_t corners = field.corners();
  const int rows = corners == 2 ? 1 : steps;
  for (int row = 0; row < rows; ++row) {
    const double y = rows == 1 ? 0.5 : static_cast<double>(row) / (rows - 1);
    const int columns = corners == 3 ? row + 1 : steps;
    const FieldPoint left{corners == 3 ? 0.5 - y / 2 : 0, y}, right{corners == 3 ? 0.5 + y / 2 : 1, y};
    std::vector<Srgb> colors;
    for (int i = 0; i < columns; ++i)
      if (const auto m =
              field.at(between(left, right, columns == 1 ? 0.5 : static_cast<double>(i) / (columns - 1))))
        colors.push_back(m->color);
    out.push_back(std::move(colors));
  }
  return out;
}

} // namespace zc
