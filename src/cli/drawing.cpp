// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/drawing.h"

#include "io/sheet/typeface.h"

#include <QGuiApplication>

namespace zc::cli {

Drawing::Drawing() {
  static int count = 1;
  static char name[] = "zonachrom-cli";
  static char* names[] = {name, nullptr};
  qputenv("QT_QPA_PLATFORM", "offscreen");
  // Letters that the typeface lacks come from the same one in every locale; of a locale that is none the
  // library of fonts would complain by itself.
  qputenv("FC_LANG", "en");
  m_app = std::make_unique<QGuiApplication>(count, names);
  install_typeface();
}

Drawing::~Drawing() = default;

} // namespace zc::cli
