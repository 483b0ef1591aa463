// SPDX-License-Identifier: GPL-3.0-or-later
// Paints of the trade offered in a menu.
#pragma once

#include "core/mix/trade_paints.h"

#include <functional>

class QMenu;

namespace zc {

/// Adds them behind what is in the menu already; `take` gets the one that was chosen.
void offer_trade_paints(QMenu& menu, const std::function<void(const TradePaint&)>& take);

} // namespace zc
