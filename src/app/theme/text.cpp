// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/text.h"

#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"

#include <QObject>

namespace zc {

QString color_told(Srgb c) {
  return QObject::tr("%1, %2, value %3")
      .arg(text(color_in_words(c)), text(hex_of(c)))
      .arg(value_of(c), 0, 'f', 1);
}

} // namespace zc
