// SPDX-License-Identifier: GPL-3.0-or-later
// A row of color chips with words; a click takes one up.
#pragma once

#include "app/seams/drag_out.h"
#include "app/seams/unfinished.h"
#include "app/spoken/spoken.h"
#include "core/color/eyes.h"
#include "core/mix/strings.h"

#include <QStringList>
#include <QWidget>

namespace zc {

class ChipRow final : public QWidget, public SpokenView, public Draggable {
  Q_OBJECT
public:
  ChipRow(const QString& accessible_name, QWidget* parent);
  /// `words` are shown as tooltips, one a chip. A held step carries a dot.
  void show_steps(std::vector<StringStep> steps, QStringList words, Eyes eyes);
  /// A few letters under each chip; the row is higher then.
  void show_captions(const QStringList& captions);
  [[nodiscard]] QRectF chip_rect(std::size_t chip) const;
  [[nodiscard]] const std::vector<StringStep>& steps() const { return m_steps; }
  [[nodiscard]] Spoken spoken() override;
  void call_off() override;

signals:
  void taken(std::size_t chip);
  void laid(std::size_t chip); ///< With Ctrl.

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  bool event(QEvent* event) override;

private:
  [[nodiscard]] std::optional<std::size_t> chip_at(QPointF p) const;
  std::vector<StringStep> m_steps;
  QStringList m_words, m_captions;
  Eyes m_eyes = Eyes::Usual;
  PressedColor m_pressed;
  std::size_t m_at = 0; ///< The chip that keys work on.
};

} // namespace zc
