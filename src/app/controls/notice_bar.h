// SPDX-License-Identifier: GPL-3.0-or-later
// One clear sentence at the foot of a window; it stays long enough to be read twice, and never blocks the
// work. A click closes it.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;
class QTimer;

namespace zc {

class NoticeBar final : public QWidget {
  Q_OBJECT
public:
  enum class Place {
    Row, ///< In a layout, with a button to close it.
    Over ///< Over the foot of its parent, as wide as that, for windows too small for a button.
  };
  NoticeBar(QWidget* parent, Place place);
  void tell(const QString& sentence);
  /// Empty while nothing is said.
  [[nodiscard]] QString sentence() const;
  /// Hides it where it still says this.
  void forget(const QString& sentence);

protected:
  void changeEvent(QEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  void turn_colors();
  void lie_at_foot();

  QLabel* m_text;
  QPushButton* m_close;
  QTimer* m_timer;
  Place m_place;
};

} // namespace zc
