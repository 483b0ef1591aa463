// SPDX-License-Identifier: GPL-3.0-or-later
// The colors taken out of a photo and not laid yet: taken up, replaced, dropped, filled up, laid.
#pragma once

#include "model/workspace/workspace.h"

#include <QWidget>

namespace zc {

class ChipRow;
class ElidedLabel;
class Taking;
class WordButton;

class TakenPanel final : public QWidget {
  Q_OBJECT
public:
  TakenPanel(Workspace& space, Taking& taking, QWidget* parent);

private:
  void follow();
  [[nodiscard]] QString told() const;
  WordButton* command(const QString& name, const QString& word, const QString& tip);

  Workspace& m_space;
  Taking& m_taking;
  ChipRow* m_chips;
  ElidedLabel* m_words;
  WordButton* m_refill = nullptr;
  WordButton* m_replace = nullptr;
  WordButton* m_drop = nullptr;
  std::vector<WordButton*> m_all; ///< What works on all of them.
};

} // namespace zc
