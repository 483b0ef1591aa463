// SPDX-License-Identifier: GPL-3.0-or-later
// How much of the picture each swatch covers, as one bar from light to dark.
#pragma once

#include "app/spoken/spoken.h"
#include "model/workspace/workspace.h"

#include <QWidget>

namespace zc {

class UseBar final : public QWidget, public SpokenView {
  Q_OBJECT
public:
  UseBar(Workspace& space, QWidget* parent);
  [[nodiscard]] Spoken spoken() override;

protected:
  void paintEvent(QPaintEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void leaveEvent(QEvent* event) override;

private:
  struct Part {
    Id swatch = 0;
    Srgb color;
    double value = 0, share = 0;
  };
  void renew();
  [[nodiscard]] Id swatch_at(double x) const;
  Workspace& m_space;
  std::vector<Part> m_parts;
};

} // namespace zc
