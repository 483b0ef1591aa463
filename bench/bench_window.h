// SPDX-License-Identifier: GPL-3.0-or-later
// The application with its window, for benchmarks of what is on the screen.
#pragma once

#include "app/program/program.h"
#include "app/theme/theme.h"

#include <QApplication>

#include <memory>

namespace zc::benches {

struct BenchWindow {
  int argc = 1;
  char name[6] = "bench";
  char* argv[2] = {name, nullptr};
  QApplication app{argc, argv};
  ToolkitDialogs dialogs;
  std::unique_ptr<Program> program; ///< None before show().
  MainWindow* window = nullptr;

  BenchWindow() { install_theme(); }
  void show() {
    program = std::make_unique<Program>(dialogs);
    window = &program->window;
    window->resize(1280, 800);
    window->show();
  }
  void wait_for_files() {
    while (program->job.running()) QApplication::processEvents(QEventLoop::AllEvents, 1);
  }
};

} // namespace zc::benches
