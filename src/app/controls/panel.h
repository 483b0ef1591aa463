// SPDX-License-Identifier: GPL-3.0-or-later
// A small panel over the window: a frame of its own, closed by Escape.
#pragma once

#include <QWidget>

namespace zc {

class Panel : public QWidget {
  Q_OBJECT
public:
  Panel(const QString& name, int width, QWidget* parent);
  /// Shows it with its corner at this place of the window.
  void stand_at(QPoint corner);

signals:
  void closed();

protected:
  void keyPressEvent(QKeyEvent* event) override;
  void paintEvent(QPaintEvent* event) override;
};

} // namespace zc
