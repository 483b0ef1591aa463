// SPDX-License-Identifier: GPL-3.0-or-later
// Keys, the second page of Limit: the shown reference in twelve colors of light and more, before one is
// chosen.
#pragma once

#include "core/piece/key_edits.h"

#include <QWidget>

class QHBoxLayout;
class QLabel;
class QPushButton;

namespace zc {

class AppModel;
class KeyLarge;
class KeySheetView;
class NumberField;
class WordControl;

class KeysPage final : public QWidget {
  Q_OBJECT
public:
  KeysPage(AppModel& model, QWidget* parent);
  [[nodiscard]] KeySheetView& sheet() { return *m_sheet; }
  void take_focus();

signals:
  void closed();
  /// The sheet as a picture is wanted in a file.
  void writeAsked();

protected:
  void showEvent(QShowEvent* event) override;

private:
  QHBoxLayout* make_head();
  QHBoxLayout* make_foot();
  template <class Choice>
  QHBoxLayout* make_choices(const QString& prefix,
                            const std::vector<std::tuple<Choice, const char*, QString, QString>>& all,
                            Choice KeySheet::*member, std::vector<std::pair<WordControl*, Choice>>& buttons);
  void change(const std::function<void(KeySheet&)>& by);
  void follow();
  void follow_pointed();
  void show_large(bool on);
  void take(std::size_t key);
  void keep(std::size_t key);

  AppModel& m_model;
  KeySheetView* m_sheet;
  KeyLarge* m_large;
  QLabel* m_title = nullptr;
  QLabel* m_facts = nullptr;
  NumberField* m_step = nullptr;
  NumberField* m_strength = nullptr;
  WordControl* m_fills = nullptr;
  WordControl* m_large_switch = nullptr;
  QPushButton* m_take = nullptr;
  QPushButton* m_keep = nullptr;
  std::vector<std::pair<WordControl*, KeyRows>> m_rows;
  std::vector<std::pair<WordControl*, KeyOrder>> m_orders;
};

} // namespace zc
