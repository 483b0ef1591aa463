// Sets of swatches and their grading as JSON: in pieces, parcels and on the shelf.
#pragma once

#include "core/piece/piece.h"
#include "io/container/json_fields.h"

namespace zc {

[[nodiscard]] inline Json color_json(Srgb c) { return Json::array({c.r, c.g, c.b}); }

[[nodiscard]] Json set_json(const SwatchSet& set);
[[nodiscard]] SwatchSet read_set(Fields f);
[[nodiscard]] Json grading_json(const GradingRules& rules);
[[nodiscard]] GradingRules read_grading(Fields f);

} // namespace zc
