// SPDX-License-Identifier: GPL-3.0-or-later
// One clear sentence at the foot of the window; it stays long enough to be read twice, and never blocks the
// work.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;
class QTimer;

namespace zc {

class NoticeBar final : public QWidget {
  Q_OBJECT
public:
  explicit NoticeBar(QWidget* parent);
  void tell(const QString& sentence);
  [[nodiscard]] QString sentence() const;
  /// Hides it where it still says this.
  void forget(const QString& sentence);

protected:
  void changeEvent(QEvent* event) override;

private:
  void turn_colors();

  QLabel* m_text;
  QPushButton* m_close;
  QTimer* m_timer;
};

} // namespace zc
