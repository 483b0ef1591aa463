// SPDX-License-Identifier: GPL-3.0-or-later
// Starting shapes: the patterns as small drawn masks, from which hue and how wide; turning with or without
// the set.
#pragma once

#include "core/mask/patterns.h"
#include "model/workspace/workspace.h"

#include <QWidget>

namespace zc {

class NumberField;
class WordButton;

class PatternPanel final : public QWidget {
  Q_OBJECT
public:
  PatternPanel(Workspace& space, QWidget* parent);
  /// How far the mask is to be turned, on from where it is.
  void begin_typing_turn();

private:
  void follow();
  void lay(Pattern kind);
  void keep(MaskKeeps keeps);
  QWidget* make_patterns();
  QWidget* make_numbers();

  Workspace& m_space;
  NumberField* m_base = nullptr;
  NumberField* m_spread = nullptr;
  NumberField* m_turned = nullptr;
  WordButton* m_carry = nullptr;
  WordButton* m_keeps_colors = nullptr;
  WordButton* m_keeps_shape = nullptr;
};

} // namespace zc
