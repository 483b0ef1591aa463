// SPDX-License-Identifier: GPL-3.0-or-later
// What the command line calls a key.
#pragma once

#include "core/piece/key_edits.h"

#include "core/keys/key_picture.h"
#include "io/files/json_text.h"

#include <QString>

namespace zc::cli {

[[nodiscard]] inline std::string told_of(const ColorKey& key) {
  if (key.kind == KeyKind::Current) return "as it is";
  if (key.kind == KeyKind::Turn) return QString::number(key.turn).toStdString() + "°";
  return key.name;
}

/// What a key did to a picture: the share of pixels whose saturation had to go down, the mean CIEDE2000, the
/// share of its chroma that it keeps.
[[nodiscard]] inline Json key_numbers_json(const KeyNumbers& numbers) {
  return {{"reduced", numbers.reduced}, {"difference", numbers.difference}, {"chroma_kept", numbers.kept}};
}

} // namespace zc::cli
