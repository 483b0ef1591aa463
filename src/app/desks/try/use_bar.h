// SPDX-License-Identifier: GPL-3.0-or-later
// How much of the picture each swatch covers, as one bar from light to dark.
#pragma once

#include "app/accessibility/accessibility.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Laying;
class SetWork;
class TryModel;

class UseBar final : public QWidget, public AccessibleView {
  Q_OBJECT
public:
  UseBar(Studio& model, Laying& laying, SetWork& work, TryModel& tries, QWidget* parent);
  [[nodiscard]] AccessibleContent accessible() override;

protected:
  void showEvent(QShowEvent* event) override;
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
  Studio& m_model;
  Laying& m_laying;
  TryModel& m_tries;
  std::vector<Part> m_parts;
};

} // namespace zc
