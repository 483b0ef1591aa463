// SPDX-License-Identifier: GPL-3.0-or-later
// The card of the piece: title, words, date and signature, edited in one place.
#pragma once

#include "app/controls/panel.h"
#include "core/piece/edits.h"
#include "model/session/studio.h"

class QHBoxLayout;
class QLabel;
class QLineEdit;
class QPlainTextEdit;

namespace zc {

class WordControl;

class CardPanel final : public Panel {
  Q_OBJECT
public:
  CardPanel(Studio& model, QWidget* parent);
  /// Opens under this place of the window; what was not applied is shown anew.
  void open_at(QPoint corner);

private:
  QHBoxLayout* make_monitor_row();
  void follow();
  void follow_monitor();
  [[nodiscard]] Card shown() const;
  /// False when a field is wrong, which it says.
  bool apply();
  void take();
  Studio& m_model;
  Card m_filled; ///< As it was when it was opened: only what was typed since is written.
  QLineEdit* m_title;
  QPlainTextEdit* m_words;
  QLineEdit* m_date;
  QLineEdit* m_signature;
  QLabel* m_monitor;
  WordControl* m_monitor_on;
};

} // namespace zc
