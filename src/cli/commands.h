// The commands of zonachrom-cli: plain functions from arguments to JSON.
#pragma once

#include "core/base/result.h"
#include "core/mask/patterns.h"
#include "core/mix/pigment.h"
#include "core/mix/strings.h"
#include "core/wheel/wheel.h"

#include <nlohmann/json.hpp>
#include <string>
#include <vector>

namespace zc::cli {

using Json = nlohmann::ordered_json;

[[nodiscard]] Result<Json> describe(const std::vector<std::string>& colors);

/// Two colors, or two "L,a,b" triples.
[[nodiscard]] Result<Json> difference(const std::vector<std::string>& colors,
                                      const std::vector<std::string>& labs);

/// One request of the wheel command, in the order given on the line.
struct WheelRequest {
  enum class Kind { At, Locate } kind;
  std::string text;
};
[[nodiscard]] Result<Json> wheel(const WheelSpec& spec, const std::vector<WheelRequest>& requests);

/// One pattern mask and, for each color, whether it lies inside and the nearest color that does.
struct MaskRequest {
  WheelSpec wheel;
  PatternSpec pattern;
  std::vector<std::string> colors;
};
[[nodiscard]] Result<Json> mask(const MaskRequest& request);

[[nodiscard]] Result<Json> string(const StringSpec& spec, const std::string& from, const std::string& to,
                                  const WheelSpec& wheel);
/// Parts as "COLOR:PARTS"; the parts may be left out.
[[nodiscard]] Result<Json> mix(const std::vector<std::string>& parts, MixAs as);
[[nodiscard]] Result<Json> partners(const std::string& color, const WheelSpec& wheel);

/// Packs a folder of plain files (piece.json and photos) into a piece file.
[[nodiscard]] Result<Json> pack(const std::string& folder, const std::string& output);

} // namespace zc::cli
