// SPDX-License-Identifier: GPL-3.0-or-later
// The companion: the plan beside a canvas, above other windows, without ever taking the keyboard. A column
// holds plan, axis, staff, current color and wells; a strip holds axis, set and current color.
#pragma once

#include "app/copying/copy_on_pick.h"
#include "app/platform/press_and_hold.h"

#include <QWidget>

class QHBoxLayout;
class QBoxLayout;
class QLabel;
class QMenu;

namespace zc {

class AppModel;

class CanvasPage;
class ColorPair;
class ElidedLabel;
class Pages;
class NoticeBar;
class RailView;
class StaffView;
class StripView;
class WellsView;
class WheelView;
class WordControl;

enum class CompanionShape { Column, Strip };

class Companion final : public QWidget, public OffersMenu {
  Q_OBJECT
public:
  static constexpr int kColumn = 280, kStrip = 84;

  Companion(AppModel& model, CopyOnPick& copy_on_pick);
  ~Companion() override;
  [[nodiscard]] CompanionShape shape() const { return m_shape; }
  void apply_shape(CompanionShape shape);
  /// Takes this place and size, as far as the screen has room, and stays wholly on it.
  void apply_place(QRect place) { apply_place_on(*screen(), place); }
  void apply_place_on(const QScreen& screen, QRect place);
  /// Over its foot.
  [[nodiscard]] NoticeBar& notice() { return *m_notice; }
  [[nodiscard]] WheelView& wheel() { return *m_wheel; }
  [[nodiscard]] StaffView& staff() { return *m_staff; }
  [[nodiscard]] StripView& strip() { return *m_strip; }
  void show_canvas_page();
  /// Wherever a press is nothing else.
  [[nodiscard]] bool offers_menu(QPointF) const override { return true; }
  /// Whether a part of the screen was watched before.
  void allow_watch_again(bool allowed);

signals:
  void shapeChanged();
  /// The main window is wanted, or wanted away.
  void deskAsked();
  void screenAsked();
  /// A part of the screen is to be chosen and watched, or the one of last time.
  void watchAsked();
  void watchAgainAsked();
  void formAsked();
  void closed();

protected:
  bool event(QEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void closeEvent(QCloseEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  QHBoxLayout* make_color_row(QWidget* box);
  QWidget* make_column();
  QWidget* make_strip();
  QWidget* make_hand_row(QWidget* parent, bool narrow);
  QWidget* make_pages(QWidget* box);
  WordControl* make_more(const QString& name, QWidget* parent);
  void fill_menu(QMenu& menu);
  void follow();
  void follow_canvas();
  void show_passing(const std::optional<Srgb>& color, const QString& name);
  void arrange();

  AppModel& m_model;
  CopyOnPick& m_copy_on_pick;
  CompanionShape m_shape = CompanionShape::Column;
  QWidget* m_column = nullptr;
  QWidget* m_strip_box = nullptr;
  WheelView* m_wheel = nullptr;
  RailView* m_rail = nullptr;
  StaffView* m_staff = nullptr;
  StripView* m_strip = nullptr;
  Pages* m_foot = nullptr; ///< Of the column: what goes first where it is low.
  CanvasPage* m_canvas = nullptr;
  QBoxLayout* m_strip_layout = nullptr;
  ColorPair* m_strip_pair = nullptr;
  ElidedLabel* m_name = nullptr;
  QLabel* m_hex = nullptr;
  QLabel* m_state = nullptr;
  ElidedLabel* m_line = nullptr;
  QLabel* m_strip_hex = nullptr;
  QLabel* m_strip_canvas = nullptr;
  NoticeBar* m_notice = nullptr;
  std::vector<WordControl*> m_hand_buttons;
  WordControl* m_form = nullptr;
};

} // namespace zc
