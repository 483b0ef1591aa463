// SPDX-License-Identifier: GPL-3.0-or-later
// Lists of choices that stand in several places of the window.
#pragma once

class QComboBox;

namespace zc {

/// The ways from one color to another; item data is the Way.
void fill_with_ways(QComboBox& box);

} // namespace zc
