// SPDX-License-Identifier: GPL-3.0-or-later
// The main window: menus, head, stage, value band, tray.
#pragma once

#include "app/controls/late_widget.h"
#include "app/theme/theme.h"

#include <QMainWindow>
#include <memory>

namespace zc {

class Arrivals;
class CardPanel;
class Dialogs;
class Documents;
class FileJob;
class CopyOnPick;
class CopyFormPanel;
class FindPanel;
class HandbookWindow;
class Head;
class HintLine;
class NoticeBar;
class ScreenSampler;
class SetFiles;
class Stages;
class StepsLine;
class Tray;
class ViewMenu;
class AppModel;

class MainWindow final : public QMainWindow {
  Q_OBJECT
public:
  MainWindow(AppModel& model, FileJob& job, Documents& documents, CopyOnPick& copy_on_pick, Dialogs& dialogs);
  ~MainWindow() override;

  [[nodiscard]] NoticeBar& notice() { return *m_notice; }
  [[nodiscard]] SetFiles& set_files() { return *m_set_files; }
  [[nodiscard]] Arrivals& arrivals() { return *m_arrivals; }
  [[nodiscard]] HintLine& hint() { return *m_hint; }
  [[nodiscard]] ScreenSampler& sampler() { return *m_sampler; }
  /// Leaves the program, also while the window is put away; the user may stay.
  void leave();
  /// Another window of the program is there, and the program goes on when this one is closed.
  void show_beside(bool shown);
  /// Another start of the program wants the window, and these files opened.
  void call(const QStringList& files);
  void open_copy_form_panel(bool open);
  void open_find_panel(bool open);
  /// Lays the window out for the left hand: what is reached for stands on the left, what is looked at on the
  /// right.
  void use_left_hand(bool left);
  void use_surround(Surround surround);
  /// Where the program was never used here: how to begin; with `offered` false only the first steps, once a
  /// photo begins the piece.
  void offer_first_start(bool offered = true);
  /// Opens the page of this name; see handbook_pages().
  void open_handbook(const QString& page);

signals:
  void besideAsked();
  /// Keys are to move a pointer over the view with the focus.
  void keyHandAsked();
  /// It closes for good.
  void left();

protected:
  bool event(QEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void closeEvent(QCloseEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;

private:
  void lay_out(FileJob& job);
  /// How a panel over the window is made.
  template <class P, class... What> [[nodiscard]] std::function<P*()> late_panel(What&... what);
  void make_menus(FileJob& job);
  void make_digit_keys();
  void press_digit(int digit, bool shift);
  void open_card(bool open);
  [[nodiscard]] bool may_close();
  void fit_on_screen();
  void show_state();
  void restore_view();
  void note_for_reports();

  AppModel& m_model;
  Documents& m_documents;
  CopyOnPick& m_copy_on_pick;
  Dialogs& m_dialogs;
  ScreenSampler* m_sampler;
  Head* m_head;
  NoticeBar* m_notice;
  Stages* m_stages;
  SetFiles* m_set_files;
  Arrivals* m_arrivals;
  Tray* m_tray = nullptr;
  HintLine* m_hint = nullptr;
  StepsLine* m_steps = nullptr;
  ViewMenu* m_view_menu = nullptr;
  HandbookWindow* m_handbook = nullptr;
  LateWidget<CardPanel> m_card;
  LateWidget<CopyFormPanel> m_copy_form_panel;
  LateWidget<FindPanel> m_find_panel;
  bool m_beside = false, m_leaving = false, m_may_close = false;
  /// Last, so that it goes first: what speaks while it goes speaks to a window that is whole.
  std::unique_ptr<QWidget> m_center;
};

} // namespace zc
