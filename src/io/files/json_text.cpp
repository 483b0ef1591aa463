// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/json_text.h"

#include "core/base/sentences.h"

namespace zc {

Result<Json> parse_json(std::string_view text) {
  const auto wrong = [](ErrorCode code, Saying said, std::string place) {
    return Error{code, std::move(said), std::move(place)};
  };
  if (text.size() > kLargestJson) return wrong(ErrorCode::TooLarge, Sentence::JsonTooLarge, "json");
  bool too_deep = false;
  Json json;
  try {
    json = Json::parse(text, [&too_deep](int depth, Json::parse_event_t, Json&) {
      too_deep = too_deep || depth > kDeepestJson;
      return !too_deep;
    });
  } catch (const Json::parse_error& e) {
    const std::string place = "byte " + std::to_string(e.byte);
    return wrong(ErrorCode::Damaged, say(Sentence::JsonBroken, place), place);
  } catch (const Json::exception&) {
    return wrong(ErrorCode::Damaged, Sentence::NumberTooLarge, "json");
  }
  if (too_deep) return wrong(ErrorCode::Damaged, Sentence::JsonTooDeep, "json");
  return json;
}

std::string json_text(const Json& json) { return json.dump(1, ' ', false, Json::error_handler_t::replace); }

} // namespace zc
