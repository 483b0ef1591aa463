// SPDX-License-Identifier: GPL-3.0-or-later
// The tray: the current color in words and numbers, wells, recent colors, and what adds it to the set.
#pragma once

#include <QWidget>

class QHBoxLayout;

namespace zc {

class ColorGroup;
class ColorPair;
class CopyOnPick;
class PlaceGroup;
class ReadoutPanel;
class SetGroup;
class WellsView;
class WordControl;
class AppModel;

/// Folded it is one row: the color, its name and code, the wells, and what adds it. It folds by itself at
/// Share; folded or unfolded by the user, it stays so, at Share and at the other desks apart.
class Tray final : public QWidget {
  Q_OBJECT
public:
  Tray(AppModel& model, CopyOnPick& copy_on_pick, QWidget* parent);
  void fold(bool folded);
  [[nodiscard]] bool folded() const { return m_folded; }

signals:
  void copyHexAsked();
  void heightChanged();

protected:
  bool event(QEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

private:
  void follow_desk();
  void make_menu();
  void fill_press_menu(QMenu& menu);
  void lay_out();

  AppModel& m_model;
  ColorPair* m_pair;
  ColorGroup* m_color;
  PlaceGroup* m_place;
  ReadoutPanel* m_readouts;
  WellsView* m_wells;
  SetGroup* m_set;
  WordControl* m_more;
  QHBoxLayout* m_row;
  [[nodiscard]] bool is_narrow() const;
  bool m_folded = false, m_narrow = false;
};

} // namespace zc
