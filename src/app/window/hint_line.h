// SPDX-License-Identifier: GPL-3.0-or-later
// One quiet line at the foot of the stage: what the hand can do where the pointer is.
#pragma once

#include <QWidget>

namespace zc {

class HintLine final : public QWidget {
  Q_OBJECT
public:
  explicit HintLine(QWidget* parent);
  void say(const QString& words);
  [[nodiscard]] QString words() const { return m_words; }
  /// The height of one line; a longer hint grows upward over what stands there, so that nothing moves under
  /// the pointer.
  static constexpr int kLine = 18;

protected:
  bool eventFilter(QObject* watched, QEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

private:
  /// Keeps to the foot of its parent.
  void settle();

  QString m_words;
};

} // namespace zc
