// SPDX-License-Identifier: GPL-3.0-or-later
// A watched canvas that a test paints on.
#pragma once

#include "model/watch/canvas_source.h"

#include <QColor>
#include <QPainter>

namespace zc::test {

class PaintedCanvas final : public CanvasSource {
public:
  explicit PaintedCanvas(QColor ground, QSize size = {800, 500}) : m_picture(size, QImage::Format_RGB32) {
    m_picture.fill(ground);
  }
  void want(bool wanted) override {
    m_wanted = wanted;
    if (wanted) emit pictured(m_picture);
  }
  [[nodiscard]] std::shared_ptr<const DisplayProfile> monitor() const override { return m_monitor; }
  void set_monitor(std::shared_ptr<const DisplayProfile> monitor) { m_monitor = std::move(monitor); }
  [[nodiscard]] bool wanted() const { return m_wanted; }
  /// It is told at once where somebody looks.
  void paint(QRect part, QColor color) {
    QPainter(&m_picture).fillRect(part, color);
    if (m_wanted) emit pictured(m_picture);
  }

private:
  QImage m_picture;
  std::shared_ptr<const DisplayProfile> m_monitor;
  bool m_wanted = false;
};

} // namespace zc::test
