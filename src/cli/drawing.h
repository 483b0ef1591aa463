// SPDX-License-Identifier: GPL-3.0-or-later
// What a command needs that draws letters: the toolkit without a screen.
#pragma once

#include <memory>

class QGuiApplication;

namespace zc::cli {

class Drawing {
public:
  Drawing();
  ~Drawing();
  Drawing(const Drawing&) = delete;
  Drawing& operator=(const Drawing&) = delete;

private:
  std::unique_ptr<QGuiApplication> m_app;
};

} // namespace zc::cli
