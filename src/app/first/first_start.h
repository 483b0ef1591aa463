// SPDX-License-Identifier: GPL-3.0-or-later
// What is offered at the first start of all: the demo, an empty piece, a photo.
#pragma once

#include <QWidget>

namespace zc {

class FirstStart final : public QWidget {
  Q_OBJECT
public:
  explicit FirstStart(QWidget* parent);
  /// Whether the program was never used here.
  [[nodiscard]] static bool is_first();
  /// Covers all of its parent; whatever is chosen, it is not offered again.
  void offer();
  /// It was answered.
  void leave();

signals:
  void demoAsked();
  void emptyAsked();
  void photoAsked();

protected:
  void keyPressEvent(QKeyEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;
};

} // namespace zc
