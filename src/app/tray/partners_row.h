// Partners of the current color at the trade's angles; they can be fixed while picking goes on.
#pragma once

#include "app/store/workspace.h"

#include <QWidget>

namespace zc {

class ChipRow;
class WordButton;

class PartnersRow final : public QWidget {
  Q_OBJECT
public:
  PartnersRow(Workspace& space, QWidget* parent);

private:
  void follow();
  Workspace& m_space;
  ChipRow* m_chips;
  WordButton* m_fix;
};

} // namespace zc
