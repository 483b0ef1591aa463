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
  m_app = std::make_unique<QGuiApplication>(count, names);
  install_typeface();
}

Drawing::~Drawing() = default;

} // namespace zc::cli
