// SPDX-License-Identifier: GPL-3.0-or-later
// How long work tells how far it is and can be stopped.
#pragma once

#include <functional>

namespace zc {

/// Called with 0..1; false stops.
using Progress = std::function<bool(double)>;

} // namespace zc
