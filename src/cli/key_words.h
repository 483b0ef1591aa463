// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line calls a key.
#pragma once

#include "core/piece/key_edits.h"

#include <QString>

namespace zc::cli {

[[nodiscard]] inline std::string told_of(const ColorKey& key) {
  if (key.kind == KeyKind::Current) return "as it is";
  if (key.kind == KeyKind::Turn) return QString::number(key.turn).toStdString() + "°";
  return key.name;
}

} // namespace zc::cli
