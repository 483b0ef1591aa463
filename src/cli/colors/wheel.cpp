// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "core/color/text.h"

namespace zc::cli {
namespace {

/// In the order given on the line.
struct Question {
  enum class Kind { At, Locate } kind;
  std::string text;
};
struct WheelRequest {
  WheelSpec wheel;
  std::vector<Question> asked;
};

Result<Json> wheel_at(const Wheel& wheel, const std::string& text) {
  const auto n = parse_three_numbers(text);
  if (!n) return n.error();
  const auto [a, r, v] = *n;
  if (r < 0 || r > 1 || v < 0 || v > 100)
    return Error{ErrorCode::BadInput,
                 as_said("\"" + text +
                         "\" is not on the wheel; give a hue in degrees, a saturation from 0 to 1 and a "
                         "value from 0 to 100."),
                 "--at"};
  const auto color = wheel.color_at({a, r, v});
  const ValueSpan span = wheel.value_span(Angle(a), r);
  Json out = place_json({a, r, v});
  out["color"] = color_or_null(color);
  out["value_span"] = Json::array({span.low, span.high});
  out["reach"] = wheel.reach(Angle(a), v);
  return out;
}

Result<Json> wheel(const WheelSpec& spec, const std::vector<Question>& requests) {
  const Wheel wheel(spec);
  Json out = Json::array();
  for (const auto& request : requests) {
    if (request.kind == Question::Kind::At) {
      auto answer = wheel_at(wheel, request.text);
      if (!answer) return answer.error();
      out.push_back(*answer);
      continue;
    }
    const auto color = given_color(request.text);
    if (!color) return color.error();
    const WheelPoint p = wheel.locate(*color);
    Json found = place_json(p);
    found["color"] = color_json(*color);
    out.push_back(std::move(found));
  }
  if (out.empty())
    return Error{ErrorCode::BadInput,
                 as_said("Say what to look up with --at HUE,SATURATION,VALUE or --locate COLOR."), "wheel"};
  return Json{{"wheel", wheel_json(spec)}, {"places", out}};
}

} // namespace

Command add_wheel(const Options& app) {
  auto r = std::make_shared<WheelRequest>();
  const Options command = app.command("wheel", "Look up colors and places on a wheel");
  add_wheel_options(command, r->wheel);
  const auto add = [&](const std::string& name, Question::Kind kind, const std::string& help) {
    command.each(
        name,
        [r, kind](const std::string& text) {
          r->asked.push_back({kind, text});
        },
        help);
  };
  add("--at", Question::Kind::At, "HUE,SATURATION,VALUE: degrees, 0 to 1, 0 to 100");
  add("--locate", Question::Kind::Locate, "Color whose place is asked");
  return {command, [r] { return wheel(r->wheel, r->asked); }};
}

} // namespace zc::cli
