// SPDX-License-Identifier: GPL-3.0-or-later
// Wheels and masks as JSON, as they stand in pieces and on the shelf.
#pragma once

#include "core/mask/mask.h"
#include "io/files/json_fields.h"

namespace zc {

[[nodiscard]] Json wheel_json(const WheelSpec& wheel);
[[nodiscard]] WheelSpec read_wheel(Fields f);
[[nodiscard]] Json mask_json(const Mask& mask);
[[nodiscard]] Mask read_mask(Fields f);

} // namespace zc
