// SPDX-License-Identifier: GPL-3.0-or-later
// What the mask does to picks: held, flagged, free, or the mask off.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

namespace zc {

class WordControl;

class MaskRuleChoice final : public QWidget {
  Q_OBJECT
public:
  /// Joined choices, or a word that says the rule and opens them.
  enum class Build { Choices, Word };
  MaskRuleChoice(Studio& model, Build build, QWidget* parent);

private:
  void make_word();
  void follow();
  WordControl* add(const QString& name, const QString& word, const QString& tip);
  Studio& m_model;
  std::array<WordControl*, 3> m_rules{};
  WordControl* m_off = nullptr;
  WordControl* m_word = nullptr; ///< Null where the choices stand in sight.
};

} // namespace zc
