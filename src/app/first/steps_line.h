// SPDX-License-Identifier: GPL-3.0-or-later
// The first steps as one quiet line that ticks itself and goes away when all are done.
#pragma once

#include "core/session/first_steps.h"
#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class Viewing;

class WordControl;

class StepsLine final : public QWidget {
  Q_OBJECT
public:
  StepsLine(Studio& model, Viewing& viewing, QWidget* parent);
  [[nodiscard]] const FirstSteps& steps() const { return m_steps; }
  /// From now on it is shown, with nothing done yet.
  void begin();
  /// The first step is done.
  void begin_with_photo();
  void saved();

private:
  void begin_from_here();
  void follow();
  void take(const FirstSteps& steps);
  void put_away();
  void show_words();
  void forget_told();
  QString m_told; ///< How to take a step, as long as it stands in the notice.
  Desk m_desk = Desk::Pick;
  [[nodiscard]] bool in_use() const;
  Studio& m_model;
  Viewing& m_viewing;
  FirstSteps m_steps;
  DocumentId m_document = 0;
  Piece m_opened; ///< As the piece was when it was opened.
  std::array<WordControl*, kFirstSteps> m_words{};
};

} // namespace zc
