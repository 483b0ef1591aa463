// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/i18n/shared_files.h"

#include <QCoreApplication>
#include <QDir>

namespace zc {

QString shared_file(const QString& name) {
  return QDir::cleanPath(QDir(QCoreApplication::applicationDirPath())
                             .absoluteFilePath(QStringLiteral("../share/zonachrom/") + name));
}

} // namespace zc
