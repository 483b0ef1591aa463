// SPDX-License-Identifier: GPL-3.0-or-later
// A palette of paints as JSON: in a piece, on the shelf, in a parcel and in files of paints.
#pragma once

#include "core/piece/paints.h"
#include "io/files/json_fields.h"

namespace zc {

[[nodiscard]] Json paint_json(const PalettePaint& paint, bool with_id);
/// Ids are those of the file, or 0 where `with_id` is false. Numbers that are none are faults of the fields.
[[nodiscard]] PalettePaint read_paint(Fields f, bool with_id);

} // namespace zc
