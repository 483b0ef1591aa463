// SPDX-License-Identifier: GPL-3.0-or-later
// The shipped typeface, for windows and sheets alike.
#pragma once

#include <QString>

namespace zc {

inline const QString kTypeface = QStringLiteral("Open Sans");
/// Makes the typeface known to this program. REQUIRES a QGuiApplication.
void install_typeface();

} // namespace zc
