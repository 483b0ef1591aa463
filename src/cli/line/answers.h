// SPDX-License-Identifier: GPL-3.0-or-later
// What answers are made of. A key has one meaning, one unit and one type wherever it stands; docs/answers.md
// lists them, docs/answers.schema.json holds them.
#pragma once

#include "core/piece/piece.h"
#include "core/wheel/wheel.h"
#include "io/files/json_text.h"

#include <span>

namespace zc::cli {

/// Of the answers: another one where a key goes or means something else.
inline constexpr int kAnswerVersion = 1;

[[nodiscard]] inline Json three(double x, double y, double z) { return Json::array({x, y, z}); }
/// hex, srgb, value and lab.
[[nodiscard]] Json color_json(Srgb c);
/// A color or null.
[[nodiscard]] Json color_or_null(const std::optional<Srgb>& c);
/// name, family, and the color's keys.
[[nodiscard]] Json swatch_json(const Swatch& swatch, const Family& family);
/// hue, saturation and value; their scales are those of wheel_json().
[[nodiscard]] Json place_json(const WheelPoint& p);
/// The names of the hue scale and of the saturation measure.
[[nodiscard]] Json wheel_json(const WheelSpec& wheel);
[[nodiscard]] inline Json bands_json(const Json& light, const Json& middle, const Json& dark) {
  return {{"light", light}, {"middle", middle}, {"dark", dark}};
}
/// The files that were written, always a list.
[[nodiscard]] Json files_json(std::span<const std::string> files);
[[nodiscard]] inline Json files_json(const std::string& file) { return files_json(std::span(&file, 1)); }

/// The colors in the lists of an answer, one #rrggbb a line; of an entry that has several its own.
[[nodiscard]] std::string hex_lines(const Json& answer);

/// Every number to as many decimals as its key means, so that two machines write the same text.
[[nodiscard]] Json rounded(Json answer);

} // namespace zc::cli
