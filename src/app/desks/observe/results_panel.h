// SPDX-License-Identifier: GPL-3.0-or-later
// The colors taken out of a photo and not laid yet: taken up, replaced, dropped, filled up, laid.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Laying;
class Picking;

class ChipRow;
class ElidedLabel;
class Extracting;
class WordControl;

class ResultsPanel final : public QWidget {
  Q_OBJECT
public:
  ResultsPanel(Studio& model, Picking& picking, Laying& laying, Extracting& taking, QWidget* parent);

private:
  void follow();
  [[nodiscard]] QString told() const;
  WordControl* command(const QString& name, const QString& word, const QString& tip);
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  Extracting& m_extracting;
  ChipRow* m_chips;
  ElidedLabel* m_words;
  WordControl* m_refill = nullptr;
  WordControl* m_replace = nullptr;
  WordControl* m_drop = nullptr;
  std::vector<WordControl*> m_all; ///< What works on all of them.
};

} // namespace zc
