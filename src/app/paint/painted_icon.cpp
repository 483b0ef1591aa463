// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/paint/painted_icon.h"

#include <QIconEngine>
#include <QPainter>

namespace zc {
namespace {

class PaintedIcon final : public QIconEngine {
public:
  explicit PaintedIcon(std::function<void(QPainter&, const QRect&)> paint) : m_paint(std::move(paint)) {}
  void paint(QPainter* painter, const QRect& rect, QIcon::Mode, QIcon::State) override {
    painter->save();
    m_paint(*painter, rect);
    painter->restore();
  }
  [[nodiscard]] QIconEngine* clone() const override { return new PaintedIcon(m_paint); }

private:
  std::function<void(QPainter&, const QRect&)> m_paint;
};

} // namespace

QIcon painted_icon(std::function<void(QPainter&, const QRect&)> paint) {
  return QIcon(new PaintedIcon(std::move(paint)));
}

QIcon color_icon(const QColor& color) {
  return painted_icon([color](QPainter& painter, const QRect& rect) { painter.fillRect(rect, color); });
}

} // namespace zc
