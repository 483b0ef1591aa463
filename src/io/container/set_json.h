// SPDX-License-Identifier: GPL-3.0-or-later
// Sets of swatches and their grading as JSON: in pieces, parcels and on the shelf.
#pragma once

#include "core/piece/piece.h"
#include "io/files/json_fields.h"

namespace zc {

[[nodiscard]] inline Json color_json(Srgb c) { return Json::array({c.r, c.g, c.b}); }

[[nodiscard]] Json set_json(const SwatchSet& set);
/// `wheel` is the one that places belong to which do not say theirs, as older files have them: they are kept
/// where they are true on it. Without one they are left out.
[[nodiscard]] SwatchSet read_set(Fields f, const Wheel* wheel = nullptr);
[[nodiscard]] std::vector<std::string> read_tags(Fields& f);
[[nodiscard]] Json grading_json(const GradingRules& rules);
[[nodiscard]] GradingRules read_grading(Fields f);

} // namespace zc
