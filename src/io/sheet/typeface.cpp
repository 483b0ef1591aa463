// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sheet/typeface.h"

#include <QFile>
#include <QFontDatabase>

namespace zc {

void install_typeface() {
  // A program built without it takes the typeface that is installed.
  for (const char* face : {"Regular", "Semibold", "Bold"})
    if (const auto file = QStringLiteral(":/fonts/OpenSans-%1.ttf").arg(QLatin1String(face));
        QFile::exists(file))
      QFontDatabase::addApplicationFont(file);
}

} // namespace zc
