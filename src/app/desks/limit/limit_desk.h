// SPDX-License-Identifier: GPL-3.0-or-later
// The desk where hue and saturation are limited: the wheel large, the mask worked on directly and in numbers.
#pragma once

#include <QWidget>

class QLabel;
class QPushButton;

namespace zc {

class AppModel;

class AreaPanel;
class KeysPage;
class PatternPanel;
class WheelView;
class WordControl;

class LimitDesk final : public QWidget {
  Q_OBJECT
public:
  LimitDesk(AppModel& model, QWidget* parent);
  [[nodiscard]] WheelView& wheel() { return *m_wheel; }
  [[nodiscard]] PatternPanel& patterns() { return *m_patterns; }
  [[nodiscard]] AreaPanel& areas() { return *m_areas; }
  [[nodiscard]] KeysPage& keys() { return *m_keys; }
  /// The wheel and its panels, whose sides are turned about for the other hand.
  [[nodiscard]] QWidget& mask_page() { return *m_mask_page; }
  void take_focus();

protected:
  void showEvent(QShowEvent* event) override;

private:
  void make_mask_page();
  QWidget* make_tools();
  QWidget* make_side();
  QWidget* make_lists();
  QWidget* make_mask_commands();
  void follow();
  void follow_tools();
  [[nodiscard]] QString facts() const;
  [[nodiscard]] QString share_of_photo() const;

  AppModel& m_model;
  QWidget* m_mask_page;
  WheelView* m_wheel;
  KeysPage* m_keys;
  WordControl* m_show_keys = nullptr;
  QLabel* m_facts = nullptr;
  PatternPanel* m_patterns = nullptr;
  AreaPanel* m_areas = nullptr;
  std::vector<WordControl*> m_tools, m_modes;
  QWidget* m_mode_box = nullptr;
  std::vector<QPushButton*> m_commands;
};

} // namespace zc
