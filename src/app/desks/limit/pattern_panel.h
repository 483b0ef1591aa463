// SPDX-License-Identifier: GPL-3.0-or-later
// Starting shapes: the patterns as small drawn masks, from which hue and how wide; turning with or without
// the set.
#pragma once

#include "core/mask/patterns.h"
#include "model/session/studio.h"

#include <QWidget>

class QHBoxLayout;
namespace zc {

class Masking;

class NumberField;
class WordControl;

class PatternPanel final : public QWidget {
  Q_OBJECT
public:
  PatternPanel(Studio& model, Masking& masking, QWidget* parent);
  /// How far the mask is to be turned, on from where it is.
  void begin_typing_turn();

private:
  QHBoxLayout* make_keeps(QWidget* box);
  void follow();
  void lay(Pattern kind);
  void keep(MaskKeeps keeps);
  QWidget* make_patterns();
  QWidget* make_numbers();
  Studio& m_model;
  Masking& m_masking;
  NumberField* m_base = nullptr;
  NumberField* m_spread = nullptr;
  NumberField* m_turned = nullptr;
  WordControl* m_more = nullptr;
  WordControl* m_carry = nullptr;
  WordControl* m_keeps_colors = nullptr;
  WordControl* m_keeps_shape = nullptr;
};

} // namespace zc
