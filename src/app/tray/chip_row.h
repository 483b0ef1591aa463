// SPDX-License-Identifier: GPL-3.0-or-later
// A row of color chips with words; a click takes one up.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/platform/drag_out.h"
#include "app/platform/drags.h"
#include "core/color/color_vision.h"
#include "core/mix/ramps.h"

#include <QStringList>
#include <QWidget>

namespace zc {

class ChipRow final : public QWidget, public AccessibleView, public Draggable {
  Q_OBJECT
public:
  ChipRow(const QString& accessible_name, QWidget* parent);
  /// `words` are shown as tooltips, one a chip. A held step carries a dot.
  void show_steps(std::vector<RampStep> steps, QStringList words, ColorVision vision);
  /// A few letters under each chip; the row is higher then.
  void show_captions(const QStringList& captions);
  [[nodiscard]] QRectF chip_rect(std::size_t chip) const;
  [[nodiscard]] const std::vector<RampStep>& steps() const { return m_steps; }
  [[nodiscard]] AccessibleContent accessible() override;
  void end_drag() override;

signals:
  void taken(std::size_t chip);
  void laid(std::size_t chip); ///< With Ctrl.
  /// The chip under a pointer that is only passing, or none.
  void pointed(std::optional<std::size_t> chip);

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void leaveEvent(QEvent* event) override;
  bool event(QEvent* event) override;

private:
  [[nodiscard]] std::optional<std::size_t> chip_at(QPointF p) const;
  std::vector<RampStep> m_steps;
  QStringList m_words, m_captions;
  ColorVision m_vision = ColorVision::Normal;
  PressedColor m_pressed;
  std::size_t m_at = 0; ///< The chip that keys work on.
};

} // namespace zc
