// SPDX-License-Identifier: GPL-3.0-or-later
// Our own sets to start from: families at one hue and saturation, graded by value.
#include "core/wheel/color_words.h"
#include "core/wheel/wheel.h"
#include "io/shelf/set_shelf.h"

namespace zc {
namespace {

/// A hue of the traditional wheel, a share of the chroma, and values from light to dark.
struct Row {
  const char* name;
  double angle, saturation;
  std::vector<double> values;
};

ShelfSet shipped(const char* name, std::vector<std::string> tags, const std::vector<Row>& rows) {
  static const Wheel wheel{WheelSpec{}};
  ShelfSet out;
  out.name = out.set.name = name;
  out.tags = std::move(tags);
  out.set.id = 1;
  Id next = 2;
  for (const Row& row : rows) {
    Family family{next++, row.name};
    for (const double value : row.values) {
      const auto found = wheel.nearest_existing({row.angle, row.saturation, value});
      Swatch swatch;
      swatch.id = next++;
      swatch.color = found.color;
      swatch.picked = WheelPlace{found.at, wheel.spec()};
      swatch.name = short_color_name(found.color);
      swatch.place = static_cast<int>(family.swatches.size());
      family.swatches.push_back(std::move(swatch));
    }
    out.set.families.push_back(std::move(family));
  }
  return out;
}

} // namespace

std::vector<ShelfSet> shipped_sets() {
  return {
      shipped("Nine greys", {"values", "start"}, {{"grey", 0, 0, {95, 84, 73, 61, 50, 39, 28, 16, 5}}}),
      shipped("Earth and stone", {"day", "muted", "start"},
              {{"ochre", 38, 0.62, {86, 72, 58, 44, 30}},
               {"clay", 82, 0.48, {76, 62, 48, 34, 20}},
               {"umber", 58, 0.4, {58, 44, 32, 20, 10}},
               {"stone", 230, 0.1, {88, 72, 56, 40, 24}}}),
      shipped("Two lights", {"night", "two lights", "start"},
              {{"lamplight", 44, 0.8, {92, 80, 66, 52}},
               {"ember", 88, 0.78, {62, 50, 38, 26}},
               {"between", 160, 0.2, {54, 42, 30, 18}},
               {"dusk", 222, 0.62, {64, 48, 32, 16}}}),
      shipped("Skin in three lights", {"figure", "start"},
              {{"noon", 66, 0.42, {88, 78, 68, 56}},
               {"overcast", 76, 0.26, {78, 68, 56, 44}},
               {"shade", 170, 0.2, {56, 44, 32, 22}}}),
      shipped("Leaves by distance", {"day", "air", "start"},
              {{"near", 322, 0.85, {72, 56, 40, 24}},
               {"middle", 306, 0.5, {74, 62, 50, 38}},
               {"far", 262, 0.24, {84, 76, 68, 60}}}),
  };
}

} // namespace zc
