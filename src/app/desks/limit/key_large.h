// SPDX-License-Identifier: GPL-3.0-or-later
// One key large, right of an edge; left of it another, the picture as it is to begin with.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drags.h"
#include "model/keys/key_model.h"

#include <QWidget>

namespace zc {

class KeyLarge final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  KeyLarge(KeyModel& keys, QWidget* parent);
  void show_key(const ColorKey& key);
  void compare_with(const ColorKey& key);
  [[nodiscard]] QRectF picture_rect() const;
  /// 0 left to 1 right, of the picture.
  [[nodiscard]] double edge() const { return m_edge; }
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override { m_dragging = false; }
  [[nodiscard]] Parts changed_by_drags() const override { return {}; }
  void ask_back() override;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;

private:
  void move_edge(double to);
  [[nodiscard]] QImage picture_of(const ColorKey& key) const;
  KeyModel& m_keys;
  ColorKey m_right, m_left;
  double m_edge = 0.33, m_edge_before = 0.33;
  bool m_dragging = false;
};

} // namespace zc
