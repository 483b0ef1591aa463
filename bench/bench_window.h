// SPDX-License-Identifier: GPL-3.0-or-later
// The application with its window, for benchmarks of what is on the screen.
#pragma once

#include "app/theme/theme.h"
#include "app/window/main_window.h"
#include "model/documents/documents.h"

#include <QApplication>

#include <memory>

namespace zc::space {

struct BenchWindow {
  int argc = 1;
  char name[6] = "bench";
  char* argv[2] = {name, nullptr};
  QApplication app{argc, argv};
  ToolkitDialogs dialogs;
  std::unique_ptr<MainWindow> window; ///< None before show().

  BenchWindow() { install_theme(); }
  void show() {
    window = std::make_unique<MainWindow>(dialogs);
    window->resize(1280, 800);
    window->show();
  }
};

} // namespace zc::space
