// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/json_text.h"

namespace zc {

Result<Json> parse_json(std::string_view text) {
  const auto wrong = [](ErrorCode code, std::string sentence, std::string place) {
    return Error{code, std::move(sentence), std::move(place)};
  };
  if (text.size() > kLargestJson)
    return wrong(ErrorCode::TooLarge, "Its JSON is larger than 256 MiB.", "json");
  bool too_deep = false;
  Json json;
  try {
    json = Json::parse(text, [&too_deep](int depth, Json::parse_event_t, Json&) {
      too_deep = too_deep || depth > kDeepestJson;
      return !too_deep;
    });
  } catch (const Json::parse_error& e) {
    const std::string place = "byte " + std::to_string(e.byte);
    return wrong(ErrorCode::Damaged, "Its JSON is broken at " + place + ".", place);
  } catch (const Json::exception&) {
    return wrong(ErrorCode::Damaged, "It has a number that is too large.", "json");
  }
  if (too_deep) return wrong(ErrorCode::Damaged, "Its JSON is nested more than 64 deep.", "json");
  return json;
}

std::string json_text(const Json& json) { return json.dump(1, ' ', false, Json::error_handler_t::replace); }

} // namespace zc
