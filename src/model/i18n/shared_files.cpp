// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/i18n/shared_files.h"

#include "io/files/data_folder.h"

namespace zc {

QString shared_file(const QString& name) {
  return QString::fromStdString((data_folder() / name.toStdString()).lexically_normal().string());
}

} // namespace zc
