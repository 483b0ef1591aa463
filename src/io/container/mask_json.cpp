// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/container/mask_json.h"

#include "core/base/sentences.h"

namespace zc {
namespace {

constexpr Word<AreaMode> kModeWords[] = {{AreaMode::Adds, "adds"}, {AreaMode::Cuts, "cuts"}};

Json shape_json(const Polygon& polygon) {
  Json points = Json::array();
  for (const auto& p : polygon.points) points.push_back(Json::array({p.x, p.y}));
  Json out{{"polygon", points}};
  if (polygon.follows_rim) out["follows_rim"] = true;
  return out;
}
Json shape_json(const Ellipse& e) {
  return {{"ellipse",
           {{"center", Json::array({e.center.x, e.center.y})},
            {"along", e.along},
            {"across", e.across},
            {"turned", e.turned}}}};
}
Json shape_json(const RingSector& s) {
  return {{"ring_sector", {{"from", s.from}, {"sweep", s.sweep}, {"inner", s.inner}, {"outer", s.outer}}}};
}

Json area_json(const Area& area) {
  Json out{{"mode", word_for(kModeWords, area.mode)}};
  out.update(std::visit([](const auto& shape) { return shape_json(shape); }, area.shape));
  return out;
}

DiscPoint read_point(Fields& f, const Json& json, const std::string& key) {
  const auto n = f.numbers(json, key, 2, -1, 1);
  return pulled_onto_disc({n[0], n[1]});
}

Shape read_shape(Fields& f) {
  if (f.has("ellipse")) {
    auto e = f.inner(f.raw("ellipse"), "ellipse");
    Ellipse out;
    if (e.has("center")) out.center = read_point(e, e.raw("center"), "center");
    out.along = e.number("along", kThinnest, kLongestAxis, kThinnest);
    out.across = e.number("across", kThinnest, kLongestAxis, kThinnest);
    out.turned = e.angle("turned", 0);
    return out;
  }
  if (f.has("ring_sector")) {
    auto s = f.inner(f.raw("ring_sector"), "ring_sector");
    RingSector out{s.angle("from", 0), s.number("sweep", 0, 360, 360), s.number("inner", 0, 1, 0),
                   s.number("outer", 0, 1, 1)};
    if (!in_bounds(out)) s.fail("", Sentence::ShouldARingSector);
    return out;
  }
  Polygon polygon;
  if (!f.has("polygon")) f.fail("polygon", Sentence::ShouldPoints);
  f.each("polygon", kMostPoints,
         [&](const Json& j, const std::string& key) { polygon.points.push_back(read_point(f, j, key)); });
  polygon.follows_rim = f.flag("follows_rim", false);
  return polygon;
}

Area read_area(Fields f) { return {f.word("mode", kModeWords, AreaMode::Adds), read_shape(f)}; }

} // namespace

Json wheel_json(const WheelSpec& wheel) {
  return {{"hues", word_for(kHueWords, wheel.hues)}, {"measure", word_for(kMeasureWords, wheel.measure)}};
}

WheelSpec read_wheel(Fields f) {
  const WheelSpec usual;
  return {f.word("hues", kHueWords, usual.hues), f.word("measure", kMeasureWords, usual.measure)};
}

Json mask_json(const Mask& mask) {
  Json out{{"name", mask.name}, {"turned", mask.turned}, {"areas", Json::array()}};
  for (const auto& area : mask.areas) out["areas"].push_back(area_json(area));
  put_extras(out, mask.extras);
  return out;
}

Mask read_mask(Fields f) {
  Mask mask;
  mask.name = f.text("name");
  mask.turned = f.angle("turned", 0);
  f.each("areas", kMostAreas,
         [&](const Json& j, const std::string& key) { mask.areas.push_back(read_area(f.inner(j, key))); });
  mask.extras = f.extras({"name", "turned", "areas"});
  return mask;
}

} // namespace zc
