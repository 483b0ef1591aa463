// Partners of the current color at the trade's angles; they can be fixed while picking goes on.
#pragma once

#include "app/store/workbench.h"

#include <QWidget>

namespace zc {

class ChipRow;
class WordButton;

class PartnersRow final : public QWidget {
  Q_OBJECT
public:
  PartnersRow(Workbench& bench, QWidget* parent);

private:
  void follow();
  Workbench& m_bench;
  ChipRow* m_chips;
  WordButton* m_fix;
};

} // namespace zc
