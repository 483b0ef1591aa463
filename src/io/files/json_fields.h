// SPDX-License-Identifier: GPL-3.0-or-later
// Reading and writing JSON objects field by field, keeping what this version does not know.
#pragma once

#include "core/base/result.h"
#include "core/base/sentences.h"
#include "core/base/word.h"
#include "core/color/spaces.h"
#include "core/color/text.h"
#include "core/piece/rules.h"
#include "io/files/json_text.h"

#include <algorithm>
#include <cmath>
#include <initializer_list>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace zc {

/// Puts back the unknown fields that were kept when the object was read.
inline void put_extras(Json& out, const std::string& extras) {
  if (extras.empty()) return;
  const Json unknown = Json::parse(extras, nullptr, false);
  if (!unknown.is_object()) return;
  for (const auto& [key, value] : unknown.items())
    if (!out.contains(key)) out[key] = value;
}

/// One JSON object with the path to it. What is wrong is gathered in `faults` and read as a default, so that
/// the reading code stays straight.
class Fields {
public:
  Fields(const Json& json, std::string path, std::vector<Error>& faults)
      : m_json(json), m_path(std::move(path)), m_faults(faults) {
    if (!json.is_object()) fail("", Sentence::ShouldAnObject);
  }

  [[nodiscard]] bool has(const char* key) const {
    return m_json.is_object() && m_json.contains(key) && !m_json[key].is_null();
  }
  [[nodiscard]] std::string text(const char* key, std::string fallback = {}) {
    if (!has(key)) return fallback;
    if (!m_json[key].is_string()) return fail(key, Sentence::ShouldText), fallback;
    return m_json[key].get<std::string>();
  }
  [[nodiscard]] double number(const char* key, double low, double high, double fallback) {
    if (!has(key)) return fallback;
    return bounded(m_json[key], key, low, high);
  }
  [[nodiscard]] double number(const char* key, Range range, double fallback) {
    return number(key, range.low, range.high, fallback);
  }
  /// A number without a part behind the point; 3.0 is one. REQUIRES bounds that an int holds.
  [[nodiscard]] int whole(const char* key, double low, double high, int fallback) {
    if (!has(key)) return fallback;
    const double x = bounded(m_json[key], key, low, high);
    if (x == std::floor(x)) return static_cast<int>(x);
    fail(key, say(Sentence::ShouldWholeFrom, Json(low).dump(), Json(high).dump()));
    return fallback;
  }
  [[nodiscard]] int whole(const char* key, Range range, int fallback) {
    return whole(key, range.low, range.high, fallback);
  }
  /// Degrees, where 360 is 0 again.
  [[nodiscard]] double angle(const char* key, double fallback) {
    return wrap_degrees(number(key, 0, 360, fallback));
  }
  [[nodiscard]] bool flag(const char* key, bool fallback) {
    if (!has(key)) return fallback;
    if (!m_json[key].is_boolean()) return fail(key, Sentence::ShouldTrueOrFalse), fallback;
    return m_json[key].get<bool>();
  }
  [[nodiscard]] Id id(const char* key) {
    if (!has(key) || !m_json[key].is_number_unsigned() || m_json[key].get<Id>() == 0)
      return fail(key, Sentence::ShouldWholeAbove0), 0;
    return m_json[key].get<Id>();
  }
  template <class E, std::size_t N>
  [[nodiscard]] E word(const char* key, const Word<E> (&words)[N], E fallback) {
    if (!has(key)) return fallback;
    const std::string given = text(key);
    for (const auto& w : words)
      if (w.word == given) return w.value;
    fail(key, Sentence::ShouldKnownWord);
    return fallback;
  }
  [[nodiscard]] Srgb color(const char* key) {
    if (!has(key)) return fail(key, Sentence::ShouldThreeNumbers), Srgb{};
    return color_of(m_json[key], key);
  }
  /// Three numbers, or hex text where 8 bits are enough.
  [[nodiscard]] Srgb color_of(const Json& json, const std::string& key) {
    if (json.is_string()) {
      const auto color = parse_color(json.get<std::string>());
      if (color) return *color;
      return fail(key, Sentence::ShouldAColor), Srgb{};
    }
    const auto n = numbers(json, key, 3, 0, 1);
    return {n[0], n[1], n[2]};
  }
  [[nodiscard]] std::vector<double> numbers(const Json& json, const std::string& key, std::size_t count,
                                            double low, double high) {
    std::vector<double> out(count, low);
    if (!json.is_array() || json.size() != count) return fail(key, say(Sentence::ShouldNumbers, count)), out;
    for (std::size_t i = 0; i < count; ++i) out[i] = bounded(json[i], key, low, high);
    return out;
  }
  /// Calls f(element, "key[i]") for each element of a list that may be missing.
  template <class F> void each(const char* key, std::size_t most, F f) {
    if (!has(key)) return;
    const Json& list = m_json[key];
    if (!list.is_array() || list.size() > most) return fail(key, say(Sentence::ShouldListUpTo, most));
    for (std::size_t i = 0; i < list.size() && m_faults.size() < kMostFaults; ++i)
      f(list[i], std::string(key) + "[" + std::to_string(i) + "]");
  }
  [[nodiscard]] Fields inner(const Json& json, const std::string& key) {
    return {json, joined(key), m_faults};
  }
  /// Null where there is no such field: what is read from it is no object, and says so.
  [[nodiscard]] const Json& raw(const char* key) const {
    static const Json nothing;
    return has(key) ? m_json[key] : nothing;
  }
  /// The fields not named, as JSON text, or nothing.
  [[nodiscard]] std::string extras(std::initializer_list<std::string_view> known) const {
    if (!m_json.is_object()) return {};
    Json out = Json::object();
    for (const auto& [key, value] : m_json.items())
      if (std::find(known.begin(), known.end(), key) == known.end()) out[key] = value;
    return out.empty() ? std::string{} : out.dump();
  }
  void fail(const std::string& key, const Saying& expected) {
    if (m_faults.size() >= kMostFaults) return;
    const std::string place = joined(key);
    m_faults.push_back({ErrorCode::Damaged, say(Sentence::PieceFieldWrong, place, expected), place});
  }

private:
  [[nodiscard]] std::string joined(const std::string& key) const {
    if (m_path.empty() || key.empty()) return m_path + key;
    return m_path + "." + key;
  }
  [[nodiscard]] double bounded(const Json& json, const std::string& key, double low, double high) {
    if (json.is_number()) {
      const double x = json.get<double>();
      if (x >= low && x <= high) return x;
    }
    fail(key, say(Sentence::ShouldNumberFrom, Json(low).dump(), Json(high).dump()));
    return low;
  }
  const Json& m_json;
  std::string m_path;
  std::vector<Error>& m_faults;
};

} // namespace zc
