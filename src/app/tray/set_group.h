// SPDX-License-Identifier: GPL-3.0-or-later
// Adds the current color to a family of the set; below it the colors that are related to it.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QBoxLayout;
class QMenu;

namespace zc {

class Laying;
class Picking;

class RelationRow;
class WordControl;

class SetGroup final : public QWidget {
  Q_OBJECT
public:
  SetGroup(Studio& model, Picking& picking, Laying& laying, QWidget* parent);
  /// The row that adds alone.
  void fold(bool folded);
  /// The family below what adds, where there is no room beside it.
  void stack(bool stacked);
  [[nodiscard]] RelationRow& relation() { return *m_relation; }

private:
  void fill_menu();
  void follow();
  Studio& m_model;
  Laying& m_laying;
  WordControl* m_family;
  QMenu* m_families;
  QBoxLayout* m_row;
  RelationRow* m_relation;
};

} // namespace zc
