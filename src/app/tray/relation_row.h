// SPDX-License-Identifier: GPL-3.0-or-later
// The colors related to the current one: its members by angle, at the current value or vivid, used, slid or
// added; they can be pinned while picking goes on. Closed there is nothing of it.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QMenu;

namespace zc {

class Laying;
class Picking;

class ChipRow;
class WordControl;

/// All relations by their words; item data is the Relation.
void fill_with_relations(QComboBox& box);
/// The members of the relation with their angles.
void show_members(ChipRow& chips, const Studio& studio, const Picking& picking);

class RelationRow final : public QWidget {
  Q_OBJECT
public:
  RelationRow(Studio& model, Picking& picking, Laying& laying, QWidget* parent);

  /// The relations to choose from; one that is chosen opens the row.
  void fill_menu(QMenu& menu);
  /// Whether it is open, seen or not.
  [[nodiscard]] bool is_open() const { return !m_content->isHidden(); }

private:
  void open(bool open);
  void follow();
  Studio& m_model;
  Picking& m_picks;
  Laying& m_laying;
  QWidget* m_content;
  QComboBox* m_relation;
  WordControl* m_vivid;
  WordControl* m_fix;
  ChipRow* m_chips;
};

} // namespace zc
