// SPDX-License-Identifier: GPL-3.0-or-later
// The watched canvas as a small picture: what keeps the plan steps back, so that strays are seen.
#pragma once

#include "app/accessibility/accessibility.h"
#include "model/watch/watch_model.h"

#include <QWidget>

namespace zc {

class CanvasPicture final : public QWidget, public AccessibleView {
  Q_OBJECT
public:
  CanvasPicture(Studio& studio, WatchModel& watch, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {112, 72}; }
  [[nodiscard]] AccessibleContent accessible() override;
  /// Where a pixel of the small picture is drawn.
  [[nodiscard]] QPointF point_of(QPoint pixel) const;

protected:
  void changeEvent(QEvent* event) override;
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;

private:
  void make_picture();
  [[nodiscard]] QRectF picture_rect() const;
  [[nodiscard]] std::optional<std::size_t> stray_at(QPointF p) const;
  Studio& m_studio;
  WatchModel& m_watch;
  QImage m_picture; ///< As it is shown; null while nothing is seen.
};

} // namespace zc
