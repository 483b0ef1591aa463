// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/documents/questions.h"

#include <QFileInfo>

namespace zc {

QString asked_to_end_in(const QString& suffix, const QString& suggested,
                        const std::function<QString(const QString&)>& ask) {
  QString path = ask(suggested);
  for (int asked = 1; !path.isEmpty() && !path.endsWith(suffix, Qt::CaseInsensitive); ++asked) {
    path += suffix;
    if (!QFileInfo::exists(path)) return path;
    if (asked == 3) return {};
    path = ask(path);
  }
  return path;
}

} // namespace zc
