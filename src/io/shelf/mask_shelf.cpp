// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/shelf/mask_shelf.h"

#include "core/base/sentences.h"
#include "core/mask/patterns.h"
#include "core/mask/rewheel.h"
#include "io/container/mask_json.h"
#include "io/files/bytes.h"
#include "io/files/safe_save.h"

#include <algorithm>

namespace zc {
namespace {

constexpr const char* kMaskEnding = ".mask.json";

ShelfMask shipped(std::string name, std::vector<std::string> tags, List<Area> areas) {
  ShelfMask out;
  out.name = std::move(name);
  out.tags = std::move(tags);
  out.mask.name = out.name;
  out.mask.areas = std::move(areas);
  return out;
}

Polygon places(std::initializer_list<std::pair<double, double>> angles_and_saturations) {
  Polygon out;
  for (const auto& [a, r] : angles_and_saturations) out.points.push_back(disc_point(Angle(a), r));
  return out;
}

} // namespace

Json shelf_mask_json(const ShelfMask& mask) {
  Json out;
  put_card(out, mask);
  out["wheel"] = wheel_json(mask.wheel);
  out["mask"] = mask_json(mask.mask);
  return out;
}

ShelfMask read_shelf_mask(Fields f) {
  ShelfMask out;
  static_cast<ShelfCard&>(out) = read_card(f);
  if (f.has("wheel")) out.wheel = read_wheel(f.inner(f.raw("wheel"), "wheel"));
  if (f.has("mask"))
    out.mask = read_mask(f.inner(f.raw("mask"), "mask"));
  else
    f.fail("mask", Sentence::ShouldAMask);
  return out;
}

std::string shelf_mask_to_json(const ShelfMask& mask) { return json_text(shelf_mask_json(mask)); }

Result<ShelfMask> shelf_mask_from_json(std::string_view text) {
  const auto json = shelf_json(text, "mask");
  if (!json) return json.error();
  std::vector<Error> faults;
  ShelfMask out = read_shelf_mask({*json, "", faults});
  if (!faults.empty()) return damaged_item("mask", faults.front().place);
  return out;
}

Mask mask_on(const ShelfMask& mask, const WheelSpec& wheel) {
  Mask out = mask.wheel == wheel ? mask.mask : with_colors_kept(mask.mask, Wheel(mask.wheel), Wheel(wheel));
  out.name = mask.name;
  return out;
}

Result<ShelfMask> mask_in_file(const std::string& path) {
  const auto bytes = read_file(path, kLargestShelfFile);
  if (!bytes) return bytes.error();
  auto mask = shelf_mask_from_json(text_of(*bytes));
  if (!mask) return Error{mask.error().code, mask.error().said, path};
  return mask;
}

MaskShelf read_mask_shelf(const std::string& folder) {
  MaskShelf out;
  out.unreadable =
      read_folder(folder, kMaskEnding, [&out](std::string_view text, const std::string& path) -> Status {
        auto read = shelf_mask_from_json(text);
        if (!read) return read.error();
        out.masks.push_back(std::move(read).value());
        out.masks.back().file = path;
        return Done{};
      });
  std::sort(out.masks.begin(), out.masks.end(), [](const ShelfMask& a, const ShelfMask& b) {
    return std::pair(a.name, a.file) < std::pair(b.name, b.file);
  });
  return out;
}

Result<std::string> put_on_shelf(const std::string& folder, const ShelfMask& mask) {
  return put_file(folder, mask.name, kMaskEnding, shelf_mask_to_json(mask));
}

Status with_card_changed(const ShelfMask& mask, const ShelfCard& card) {
  return change_file(mask.file, [&card](std::string_view text) -> Result<std::string> {
    auto read = shelf_mask_from_json(text);
    if (!read) return read.error();
    ShelfMask changed = std::move(read).value();
    static_cast<ShelfCard&>(changed) = card;
    return shelf_mask_to_json(changed);
  });
}

Status put_back(const ShelfMask& there, const ShelfMask& mask) {
  return change_file(there.file, [&mask](std::string_view text) -> Result<std::string> {
    const auto read = shelf_mask_from_json(text);
    if (!read) return read.error();
    ShelfMask changed = mask;
    static_cast<ShelfCard&>(changed) = *read;
    changed.mask.name = changed.name;
    return shelf_mask_to_json(changed);
  });
}

std::vector<ShelfMask> shipped_masks() {
  const auto adds = [](Shape shape) { return Area{AreaMode::Adds, std::move(shape)}; };
  const auto cuts = [](Shape shape) { return Area{AreaMode::Cuts, std::move(shape)}; };
  return {
      shipped("All hues, quiet", {"muted", "any light"}, {adds(RingSector{0, 360, 0, 0.3})}),
      shipped("Ember and ash", {"fire", "night", "warm"},
              {adds(places({{40, 1}, {75, 1}, {105, 0.9}, {180, 0.18}, {300, 0.12}}))}),
      shipped("Lamp against dusk", {"night", "two lights"},
              {adds(places({{50, 1}, {80, 0.95}, {180, 0.2}, {225, 0.95}, {245, 0.8}, {320, 0.15}}))}),
      shipped("Overcast harbor", {"day", "cool", "muted"},
              {adds(Ellipse{disc_point(Angle(250), 0.25), 0.42, 0.22, 250})}),
      shipped("Rust and verdigris", {"metal", "day"},
              {adds(places({{70, 0.9}, {95, 0.9}, {165, 0.2}, {280, 0.7}, {300, 0.6}, {350, 0.2}}))}),
      shipped("Vivid without the middle", {"loud", "posters"},
              {adds(RingSector{0, 360, 0, 1}), cuts(RingSector{0, 360, 0, 0.45})}),
  };
}

} // namespace zc
