// Starting shapes: the patterns as small drawn masks, from which hue and how wide; turning with or without
// the set.
#pragma once

#include "app/store/workspace.h"
#include "core/mask/patterns.h"

#include <QWidget>

namespace zc {

class NumberField;
class WordButton;

class PatternPanel final : public QWidget {
  Q_OBJECT
public:
  PatternPanel(Workspace& space, QWidget* parent);

private:
  void follow();
  void lay(Pattern kind);
  QWidget* make_patterns();
  QWidget* make_numbers();

  Workspace& m_space;
  NumberField* m_base = nullptr;
  NumberField* m_spread = nullptr;
  NumberField* m_turned = nullptr;
  WordButton* m_carry = nullptr;
};

} // namespace zc
