// SPDX-License-Identifier: GPL-3.0-or-later
// The card of the piece: title, words, date and signature, edited in one place.
#pragma once

#include "app/store/workspace.h"
#include "app/theme/panel.h"

class QLabel;
class QLineEdit;
class QPlainTextEdit;

namespace zc {

class WordButton;

class CardPanel final : public Panel {
  Q_OBJECT
public:
  CardPanel(Workspace& space, QWidget* parent);
  /// Under this place of the window; what was not taken is shown anew.
  void open_at(QPoint corner);

private:
  void follow();
  void follow_monitor();
  void take();

  Workspace& m_space;
  QLineEdit* m_title;
  QPlainTextEdit* m_words;
  QLineEdit* m_date;
  QLineEdit* m_signature;
  QLabel* m_monitor;
  WordButton* m_monitor_on;
};

} // namespace zc
