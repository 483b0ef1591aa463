// SPDX-License-Identifier: GPL-3.0-or-later
// How colors are handed over: the form, the painter's own line, whether a picture goes along.
#pragma once

#include "app/controls/panel.h"
#include "app/hand/hand_over.h"

class QButtonGroup;
class QLabel;
class QLineEdit;

namespace zc {

class Studio;
class WordControl;

class HandPanel final : public Panel {
  Q_OBJECT
public:
  HandPanel(HandOver& hand_over, Studio& space, QWidget* parent);
  /// Under this place of the window; what was not taken is shown anew.
  void open_at(QPoint corner);

private:
  [[nodiscard]] HandOverForm asked() const;
  void preview();
  void take();

  HandOver& m_hand_over;
  QButtonGroup* m_forms;
  QLineEdit* m_pattern;
  WordControl* m_picture;
  QLabel* m_preview;
};

} // namespace zc
