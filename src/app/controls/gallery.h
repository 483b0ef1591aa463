// SPDX-License-Identifier: GPL-3.0-or-later
// Every kind of control in all states, on the three surrounds, to be looked at together.
#pragma once

#include <QWidget>

namespace zc {

class Gallery final : public QWidget {
  Q_OBJECT
public:
  Gallery();
  [[nodiscard]] QSize sizeHint() const override;

protected:
  void paintEvent(QPaintEvent* event) override;
};

} // namespace zc
