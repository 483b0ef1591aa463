// SPDX-License-Identifier: GPL-3.0-or-later
// What comes with the program: the demo, the handbook, its pictures. They lie beside it, wherever it lies.
#pragma once

#include <QString>

namespace zc {

/// The path of a shared file, as in "handbook/en".
[[nodiscard]] QString shared_file(const QString& name);

} // namespace zc
