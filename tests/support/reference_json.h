// SPDX-License-Identifier: GPL-3.0-or-later
// Published tables that are kept as JSON. Of its own, because whatever sees the JSON library takes seconds
// longer to compile.
#pragma once

#include <QFile>
#include <nlohmann/json.hpp>

namespace zc::test {

inline nlohmann::json reference_json(const char* file) {
  QFile in(QStringLiteral(REFERENCE_FOLDER "/") + QLatin1String(file));
  if (!in.open(QIODevice::ReadOnly)) qFatal("missing reference file %s", file);
  return nlohmann::json::parse(in.readAll().toStdString());
}

} // namespace zc::test
