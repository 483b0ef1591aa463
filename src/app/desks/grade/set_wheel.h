// SPDX-License-Identifier: GPL-3.0-or-later
// The set on the wheel, small: swatches as dots where they stand, the mask, and how far the set can be mixed.
#pragma once

#include "app/accessibility/accessibility.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class SetWork;

class SetWheel final : public QWidget, public AccessibleView {
  Q_OBJECT
public:
  SetWheel(Studio& model, SetWork& work, QWidget* parent);
  [[nodiscard]] AccessibleContent accessible() override;
  [[nodiscard]] QSize sizeHint() const override { return {190, 190}; }
  /// Where a place of the disc is drawn.
  [[nodiscard]] QPointF at(DiscPoint p) const;

protected:
  void paintEvent(QPaintEvent* event) override;

private:
  [[nodiscard]] QPainterPath outline(const std::vector<DiscPoint>& points) const;
  void paint_reach(QPainter& painter, const SwatchSet& set);
  void paint_swatches(QPainter& painter, const SwatchSet& set);
  Studio& m_model;
  SetWork& m_work;
};

} // namespace zc
