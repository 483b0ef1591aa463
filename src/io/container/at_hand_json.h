// SPDX-License-Identifier: GPL-3.0-or-later
// What is kept at hand beside a piece, as the field `bench` of piece.json.
#pragma once

#include "core/session/at_hand.h"
#include "io/files/json_fields.h"

namespace zc {

[[nodiscard]] Json at_hand_json(const AtHand& at_hand);
[[nodiscard]] AtHand read_at_hand(Fields f);

} // namespace zc
