// SPDX-License-Identifier: GPL-3.0-or-later
// How colors are copied on pick: the form, the user's own line, whether a picture goes along.
#pragma once

#include "app/controls/panel.h"
#include "app/copying/copy_on_pick.h"

class QButtonGroup;
class QLabel;
class QLineEdit;

namespace zc {

class Studio;
class WordControl;

class CopyFormPanel final : public Panel {
  Q_OBJECT
public:
  CopyFormPanel(CopyOnPick& copy_on_pick, Studio& model, QWidget* parent);
  /// Opens under this place of the window; what was not applied is shown anew.
  void open_at(QPoint corner);

private:
  [[nodiscard]] CopyOnPickForm asked() const;
  void preview();
  void take();

  CopyOnPick& m_copy_on_pick;
  QButtonGroup* m_forms;
  QLineEdit* m_pattern;
  WordControl* m_picture;
  QLabel* m_preview;
};

} // namespace zc
