// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sheet/typeface.h"

#include <QFontDatabase>

namespace zc {

void install_typeface() {
  for (const char* face : {"Regular", "Semibold", "Bold"})
    QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/OpenSans-%1.ttf").arg(QLatin1String(face)));
}

} // namespace zc
