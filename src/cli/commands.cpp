#include "cli/commands.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/wheel/partners.h"
#include "io/container/piece_file.h"

#include <charconv>

namespace zc::cli {
namespace {

Json three(double x, double y, double z) { return Json::array({x, y, z}); }

Json describe_one(Srgb c) {
  const LinearRgb linear = linear_from_srgb(c);
  const Xyz xyz = xyz_from_linear(linear);
  const Lab lab = lab_from_xyz(xyz);
  const LchAb lch = lch_from_lab(lab);
  const Luv luv = luv_from_xyz(xyz);
  const LchUv lchuv = lch_from_luv(luv);
  const Hsluv hsluv = hsluv_from_lch(lchuv);
  const Oklab oklab = oklab_from_xyz(xyz);
  const Oklch oklch = lch_from_oklab(oklab);
  const Hsv hsv = hsv_from_srgb(c);
  const Hsl hsl = hsl_from_srgb(c);
  return {{"hex", hex_of(c)},
          {"srgb", three(c.r, c.g, c.b)},
          {"linear", three(linear.r, linear.g, linear.b)},
          {"xyz", three(xyz.x, xyz.y, xyz.z)},
          {"lab", three(lab.l, lab.a, lab.b)},
          {"lch", three(lch.l, lch.c, lch.h)},
          {"luv", three(luv.l, luv.u, luv.v)},
          {"lchuv", three(lchuv.l, lchuv.c, lchuv.h)},
          {"hsluv", three(hsluv.h, hsluv.s, hsluv.l)},
          {"oklab", three(oklab.l, oklab.a, oklab.b)},
          {"oklch", three(oklch.l, oklch.c, oklch.h)},
          {"hsv", three(hsv.h, 100 * hsv.s, 100 * hsv.v)},
          {"hsl", three(hsl.h, 100 * hsl.s, 100 * hsl.l)},
          {"luma", luma_of(c)}};
}

Result<Json> wheel_at(const Wheel& wheel, const std::string& text) {
  const auto n = parse_three_numbers(text);
  if (!n) return n.error();
  const auto [a, r, v] = *n;
  if (r < 0 || r > 1 || v < 0 || v > 100)
    return Error{ErrorCode::BadInput,
                 "\"" + text +
                     "\" is not on the wheel; give an angle, r from 0 to 1 and a value from 0 to 100.",
                 "--at"};
  const auto color = wheel.color_at({a, r, v});
  const ValueSpan span = wheel.value_span(a, r);
  Json out{{"srgb", nullptr}, {"hex", nullptr}, {"exists", color.has_value()}};
  if (color) {
    out["srgb"] = three(color->r, color->g, color->b);
    out["hex"] = hex_of(*color);
  }
  out["value_span"] = Json::array({span.low, span.high});
  out["reach"] = wheel.reach(a, v);
  return out;
}

Json color_json(Srgb c) {
  const Lab lab = lab_from_srgb(c);
  return {{"hex", hex_of(c)}, {"srgb", three(c.r, c.g, c.b)}, {"lab", three(lab.l, lab.a, lab.b)}};
}

} // namespace

Result<Json> describe(const std::vector<std::string>& colors) {
  Json out = Json::array();
  for (const auto& text : colors) {
    const auto color = parse_color(text);
    if (!color) return color.error();
    out.push_back(describe_one(*color));
  }
  return out;
}

Result<Json> difference(const std::vector<std::string>& colors, const std::vector<std::string>& labs) {
  std::vector<Lab> pair;
  for (const auto& text : colors) {
    const auto color = parse_color(text);
    if (!color) return color.error();
    pair.push_back(lab_from_srgb(*color));
  }
  for (const auto& text : labs) {
    const auto n = parse_three_numbers(text);
    if (!n) return n.error();
    pair.push_back({(*n)[0], (*n)[1], (*n)[2]});
  }
  if (pair.size() != 2)
    return Error{ErrorCode::BadInput, "Give exactly two colors to compare.", "difference"};
  return Json{{"ciede2000", ciede2000(pair[0], pair[1])}};
}

Result<Json> wheel(const WheelSpec& spec, const std::vector<WheelRequest>& requests) {
  const Wheel wheel(spec);
  Json out = Json::array();
  for (const auto& request : requests) {
    if (request.kind == WheelRequest::Kind::At) {
      auto answer = wheel_at(wheel, request.text);
      if (!answer) return answer.error();
      out.push_back(*answer);
      continue;
    }
    const auto color = parse_color(request.text);
    if (!color) return color.error();
    const WheelPoint p = wheel.locate(*color);
    out.push_back({{"a", p.a}, {"r", p.r}, {"v", p.v}});
  }
  if (out.empty())
    return Error{ErrorCode::BadInput, "Say what to look up with --at A,R,V or --locate COLOR.", "wheel"};
  return out;
}

Result<Json> mask(const MaskRequest& request) {
  if (request.pattern.spread < 0 || request.pattern.spread > 120)
    return Error{ErrorCode::BadInput, "A spread goes from 0 to 120 degrees.", "--spread"};
  const Wheel wheel(request.wheel);
  const MaskRegion region(pattern_mask(request.pattern));
  Json tests = Json::array();
  for (const auto& text : request.colors) {
    const auto color = parse_color(text);
    if (!color) return color.error();
    const WheelPoint p = wheel.locate(*color, request.pattern.base);
    const DiscPoint place = disc_point(p.a, p.r);
    const auto nearest = region.nearest(place);
    tests.push_back(
        {{"color", hex_of(*color)},
         {"inside", region.inside(place)},
         {"nearest", nearest ? Json(hex_of(wheel.nearest_existing(wheel_point(*nearest, p.v, p.a)).color))
                             : Json(nullptr)}});
  }
  Json out{{"pattern", pattern_name(request.pattern.kind)},
           {"share", region.share()},
           {"neutral", nullptr},
           {"colors", tests}};
  if (const auto neutral = region.centroid()) {
    // A subjective neutral is a color once a value is given; the middle one stands here.
    const WheelPoint p = wheel_point(*neutral, 50, request.pattern.base);
    out["neutral"] = {{"a", p.a}, {"r", p.r}, {"v", p.v}, {"hex", hex_of(wheel.nearest_existing(p).color)}};
  }
  return out;
}

Result<Json> string(const StringSpec& given, const std::string& from, const std::string& to,
                    const WheelSpec& wheel) {
  StringSpec spec = given;
  const auto start = parse_color(from);
  if (!start) return start.error();
  spec.from = *start;
  if (!to.empty()) {
    const auto end = parse_color(to);
    if (!end) return end.error();
    spec.to = *end;
  }
  const auto steps = make_string(spec, Wheel(wheel));
  if (!steps) return steps.error();
  Json out = Json::array();
  for (const auto& step : *steps) out.push_back(color_json(step.color));
  return out;
}

Result<Json> mix(const std::vector<std::string>& texts, MixAs as) {
  std::vector<MixPart> parts;
  for (const auto& text : texts) {
    // "srgb:R,G,B" has a colon of its own.
    const auto colon = text.rfind(':');
    const bool has_parts = colon != std::string::npos && text.substr(0, colon) != "srgb";
    const auto color = parse_color(has_parts ? text.substr(0, colon) : text);
    if (!color) return color.error();
    MixPart part{*color, 1};
    if (has_parts) {
      const char* end = text.data() + text.size();
      const auto read = std::from_chars(text.data() + colon + 1, end, part.parts);
      if (read.ec != std::errc() || read.ptr != end)
        return Error{ErrorCode::BadInput, "\"" + text + "\" is not a color and a number of parts.", "parts"};
    }
    parts.push_back(part);
  }
  const auto mixture = zc::mix(parts, as);
  if (!mixture) return mixture.error();
  Json out = color_json(mixture->color);
  out["exact"] = mixture->exact;
  return out;
}

Result<Json> partners(const std::string& text, const WheelSpec& spec) {
  const auto color = parse_color(text);
  if (!color) return color.error();
  const Wheel wheel(spec);
  Json out = Json::array();
  for (const auto& p : partners_of(wheel, wheel.locate(*color)))
    out.push_back({{"name", p.name}, {"angle", p.at.a}, {"turn", p.turn}, {"hex", hex_of(p.color)}});
  return out;
}

Result<Json> pack(const std::string& folder, const std::string& output) {
  const auto document = read_piece_folder(folder);
  if (!document) return document.error();
  const auto bytes = pack_document(*document);
  if (!bytes) return bytes.error();
  const auto saved = save_safely(output, *bytes, Backup::None);
  if (!saved) return saved.error();
  return Json{{"file", output}, {"bytes", bytes->size()}};
}

} // namespace zc::cli
