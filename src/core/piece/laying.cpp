#include "core/piece/laying.h"

#include "core/color/convert.h"
#include "core/piece/grading.h"

#include <algorithm>

namespace zc {

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
    if (lch.c < kNeutralChroma)
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
  for (const auto& [hue, color] : hued) {
    const bool begins =
        out.empty() || wrap_degrees(hue - last) > gap || wrap_degrees(hue - first) > widest_family;
    if (begins) {
      first = hue;
      const auto name = nearest_named_hue(HueScale::Traditional, wheel.locate(color.color).a).name;
      out.push_back({std::string(name), {}});
    }
    last = hue;
    out.back().colors.push_back(color);
  }
  if (!neutral.colors.empty()) out.push_back(std::move(neutral));
  for (auto& family : out)
    std::stable_sort(family.colors.begin(), family.colors.end(), [](const LaidColor& a, const LaidColor& b) {
      return value_of(a.color) > value_of(b.color);
    });
  return out;
}

Result<Piece> with_laid_family(Piece piece, const std::string& name, const std::vector<LaidColor>& colors) {
  if (colors.empty()) return Error{ErrorCode::BadInput, "There are no colors to lay.", "family"};
  const SwatchSet* set = current_set(piece);
  auto out = with_family(std::move(piece), set ? free_family_name(*set, name) : name);
  for (std::size_t i = 0; out && i < colors.size(); ++i) {
    const Id family = current_set(*out)->families.back().id;
    out = with_swatch(std::move(out).value(), family, colors[i], "");
  }
  return out;
}

} // namespace zc
