// The set on the wheel, small: swatches as dots where they stand, the mask, and how far the set can be mixed.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

namespace zc {

class SetWheel final : public QWidget {
  Q_OBJECT
public:
  SetWheel(Workbench& bench, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {190, 190}; }
  /// Where a place of the disc is drawn.
  [[nodiscard]] QPointF at(DiscPoint p) const;

protected:
  void paintEvent(QPaintEvent* event) override;

private:
  Workbench& m_bench;
};

} // namespace zc
