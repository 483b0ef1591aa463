// SPDX-License-Identifier: GPL-3.0-or-later
// What is shown large at Share: a page of the sheet as it will be printed, or the plan as a picture.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drags.h"
#include "model/session/studio.h"
#include "model/share/share_model.h"

#include <QWidget>

namespace zc {

class PressModel;
class ShareModel;

class ShareStage final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  ShareStage(Studio& model, PressModel& press, ShareModel& share_model, QWidget* parent);
  [[nodiscard]] std::size_t page() const { return m_page; }
  [[nodiscard]] std::size_t pages() const { return m_pages; }
  void turn_to(std::size_t page);
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override { m_drag.reset(); }
  /// Where a place of the page, in points, is seen.
  [[nodiscard]] QPointF place_of(double x, double y) const;

signals:
  void pageChanged();

protected:
  bool event(QEvent* event) override;
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void wheelEvent(QWheelEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;

private:
  void renew();
  void draw_page();
  void draw_plan();
  void zoom(double by, QPointF about);
  void pan(QPointF by);
  [[nodiscard]] QRectF page_rect() const;
  Studio& m_model;
  PressModel& m_reader;
  ShareModel& m_share_model;
  std::size_t m_page = 0, m_pages = 1;
  QSizeF m_paper{1, 1}; ///< Points, or pixels of the plan.
  double m_zoom = 1;    ///< 1 shows the whole page.
  QPointF m_shift;      ///< Of the page's middle from the middle of the widget.
  std::optional<QPointF> m_drag;
  QImage m_picture; ///< What is seen, at the resolution of the screen.
  QString m_says;   ///< Instead of a picture.
};

} // namespace zc
