// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/laying.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/wheel/color_words.h"

#include <algorithm>
#include <cassert>

namespace zc {
namespace {

/// Each family goes from light to dark.
void sort_by_value(std::vector<LaidFamily>& families) {
  for (auto& family : families)
    std::stable_sort(family.colors.begin(), family.colors.end(), [](const LaidColor& a, const LaidColor& b) {
      return value_of(a.color) > value_of(b.color);
    });
}

} // namespace

Result<std::vector<LaidColor>> corner_colors(const Piece& piece, double value) {
  const Mask* mask = mask_in_use(piece);
  const std::vector<DiscPoint> corners = mask ? MaskRegion(*mask).corners() : std::vector<DiscPoint>();
  if (corners.empty()) return Error{ErrorCode::BadInput, Sentence::NoMaskWithCorners, "mask"};
  const Wheel wheel(piece.wheel);
  std::vector<LaidColor> out;
  for (const DiscPoint& corner : corners) {
    const auto found = wheel.nearest_existing(wheel_point(corner, value));
    out.push_back({found.color, WheelPlace{found.at, piece.wheel}});
  }
  return out;
}

Result<Piece> with_laid_families(Piece piece, const std::vector<LaidFamily>& families) {
  Result<Piece> out = std::move(piece);
  for (const auto& family : families) {
    if (!out) break;
    out = with_laid_family(std::move(out).value(), family.name, family.colors);
  }
  return out;
}

std::vector<LaidFamily> grouped_by_hue(const std::vector<LaidColor>& colors) {
  constexpr double widest_family = 40, gap = 24;
  std::vector<LaidFamily> out;
  LaidFamily neutral{"neutral", {}};
  std::vector<std::pair<double, LaidColor>> hued;
  for (const auto& c : colors) {
    const Oklch lch = lch_from_oklab(oklab_from_srgb(c.color));
    if (hue_in_words(c.color) == "grey") // Where an eye sees a hue it is told.
      neutral.colors.push_back(c);
    else
      hued.emplace_back(lch.h, c);
  }
  std::stable_sort(hued.begin(), hued.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
  // Begin after the widest gap, so that no family is cut in two at 0 degrees.
  std::size_t start = 0;
  double widest = -1;
  for (std::size_t i = 0; i < hued.size(); ++i) {
    const double before = hued[(i + hued.size() - 1) % hued.size()].first;
    const double empty = wrap_degrees(hued[i].first - before);
    if (empty > widest) {
      widest = empty;
      start = i;
    }
  }
  std::rotate(hued.begin(), hued.begin() + static_cast<std::ptrdiff_t>(start), hued.end());
  const Wheel wheel({HueScale::Traditional, SaturationMeasure::OklabChroma});
  double first = 0, last = 0;
  std::vector<Oklab> sums; // Of each family, whose middle names it.
  for (const auto& [hue, color] : hued) {
    const bool begins =
        out.empty() || wrap_degrees(hue - last) > gap || wrap_degrees(hue - first) > widest_family;
    if (begins) {
      first = hue;
      out.push_back({});
      sums.push_back({});
    }
    last = hue;
    const Oklab lab = oklab_from_srgb(color.color);
    sums.back().a += lab.a;
    sums.back().b += lab.b;
    out.back().colors.push_back(color);
  }
  for (std::size_t i = 0; i < out.size(); ++i) {
    const double middle = lch_from_oklab(sums[i]).h;
    const auto away = [&](const LaidColor& c) {
      return std::abs(turn_between(middle, lch_from_oklab(oklab_from_srgb(c.color)).h));
    };
    const auto named = std::min_element(out[i].colors.begin(), out[i].colors.end(),
                                        [&](const auto& p, const auto& q) { return away(p) < away(q); });
    out[i].name = nearest_named_hue(HueScale::Traditional, wheel.locate(named->color).a).name;
  }
  if (!neutral.colors.empty()) out.push_back(std::move(neutral));
  sort_by_value(out);
  return out;
}

std::vector<LaidFamily> grouped_by_band(const std::vector<LaidColor>& colors, const Bands& bands) {
  std::vector<LaidFamily> out{{"light", {}}, {"middle", {}}, {"dark", {}}};
  for (const auto& c : colors) {
    const Band band = band_of(value_of(c.color), bands);
    out[band == Band::Light ? 0 : band == Band::Middle ? 1 : 2].colors.push_back(c);
  }
  std::erase_if(out, [](const LaidFamily& f) { return f.colors.empty(); });
  sort_by_value(out);
  return out;
}

Result<Piece> with_laid_family(Piece piece, const std::string& name, const std::vector<LaidColor>& colors) {
  if (colors.empty()) return Error{ErrorCode::BadInput, Sentence::NothingToLay, "family"};
  const SwatchSet* set = current_set(piece);
  auto out = with_family(std::move(piece), set ? free_family_name(*set, name) : name);
  for (std::size_t i = 0; out && i < colors.size(); ++i) {
    const Id family = current_set(*out)->families.back().id;
    out = with_swatch(std::move(out).value(), family, colors[i], "");
  }
  return out;
}

namespace {

/// Calls f(piece, family) with the family, or with a first one.
template <class F> Result<Piece> in_family(Piece piece, Id family, const F& f) {
  if (family != 0) return f(std::move(piece), family);
  auto out = with_family(std::move(piece), "Family 1");
  if (!out) return out;
  const Id made = current_set(*out)->families.back().id;
  return f(std::move(out).value(), made);
}

} // namespace

Result<Piece> with_color_laid(Piece piece, Id family, const LaidColor& color) {
  return in_family(std::move(piece), family,
                   [&](Piece p, Id home) { return with_swatch(std::move(p), home, color, ""); });
}

Result<Piece> with_color_laid_as(Piece piece, const LaidColor& color, const std::string& name,
                                 const std::string& family) {
  const SwatchSet* set = current_set(piece);
  Id home = 0;
  if (set && !set->families.empty() && family.empty()) home = set->families.back().id;
  if (set && !family.empty())
    for (const auto& f : set->families)
      if (f.name == family) home = f.id;
  if (home == 0 && !family.empty()) {
    auto made = with_family(std::move(piece), family);
    if (!made) return made;
    piece = std::move(made).value();
    home = current_set(piece)->families.back().id;
  }
  return in_family(std::move(piece), home,
                   [&](Piece p, Id id) { return with_swatch(std::move(p), id, color, name); });
}

Result<Piece> with_swatches_pasted_into(Piece piece, Id family, const std::vector<Swatch>& swatches) {
  return in_family(std::move(piece), family,
                   [&](Piece p, Id home) { return with_swatches_pasted(std::move(p), home, swatches); });
}

Id newest_of(const Family& family) {
  assert(!family.swatches.empty());
  return std::max_element(family.swatches.begin(), family.swatches.end(),
                          [](const Swatch& a, const Swatch& b) { return a.id < b.id; })
      ->id;
}

} // namespace zc
