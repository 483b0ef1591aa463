// Eight wells and the trail of recent colors.
#pragma once

#include "app/store/workspace.h"

#include <QWidget>

namespace zc {

class WordButton;

class WellsView final : public QWidget {
  Q_OBJECT
public:
  WellsView(Workspace& space, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {m_narrow ? 284 : 372, 120}; }
  /// Where the window is narrow the wells stand closer.
  void set_narrow(bool narrow);
  [[nodiscard]] QRectF well_rect(std::size_t well) const;
  [[nodiscard]] QRectF number_rect(std::size_t well) const;
  [[nodiscard]] QRectF recent_rect(std::size_t place) const;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  bool event(QEvent* event) override;

private:
  void follow();
  Workspace& m_space;
  WordButton* m_clear;
  WordButton* m_none;
  bool m_narrow = false;
};

} // namespace zc
