// SPDX-License-Identifier: GPL-3.0-or-later
// The main window: menus, head, stage, value band, tray.
#pragma once

#include "app/theme/theme.h"
#include "core/piece/piece.h"
#include "core/session/session.h"

#include <QMainWindow>
#include <array>
#include <functional>
#include <map>
#include <memory>
#include <optional>

class QMenu;
class QSplitter;
class QStackedWidget;
class QTimer;

namespace zc {

/// Setting: files of another start go to the running window.
inline constexpr auto kOneWindowKey = "oneWindow";

class ScreenSampler;
class TryDesk;
class CardPanel;
class Dialogs;
class Documents;
class FileJob;
class FileProgress;
class GradeDesk;
class HandOver;
class HandbookWindow;
class HandPanel;
class Head;
class HintLine;
class KeptReference;
class LimitDesk;
class NoticeBar;
class ObserveDesk;
class PickDesk;
class PieceExports;
class SetFiles;
class ShareFiles;
class ShareDesk;
class StageArea;
class StepsLine;
class Tray;
class ValueBand;
class Workspace;

class MainWindow final : public QMainWindow {
  Q_OBJECT
public:
  MainWindow(Workspace& space, FileJob& job, Documents& documents, HandOver& hand_over, Dialogs& dialogs);
  ~MainWindow() override;

  [[nodiscard]] NoticeBar& notice() { return *m_notice; }
  [[nodiscard]] SetFiles& set_files() { return *m_set_files; }
  [[nodiscard]] HintLine& hint() { return *m_hint; }
  [[nodiscard]] ScreenSampler& sampler() { return *m_sampler; }
  /// Leaves the program, also while the window is put away; the painter may stay.
  void leave();
  /// Another window of the program is there, and the program goes on when this one is closed.
  void show_beside(bool shown);
  /// Another start of the program wants the window, and these files opened.
  void call(const QStringList& files);
  void open_hand_panel(bool open);
  /// For the left hand: what is reached for stands on the left, what is looked at on the right.
  void use_left_hand(bool left);
  void use_surround(Surround surround);
  /// A piece is opened, a palette offered, a photo taken in, one after the other, each as if it had been
  /// dropped on the window.
  void open_files(
      QStringList paths, std::function<void()> then = [] {});
  /// The same for other programs: while a question, a menu or a drag is under way they wait for its end.
  void open_when_free(const QStringList& paths);
  /// Where the program was never used here: how to begin.
  void offer_first_start();
  /// By its name, see handbook_pages().
  void open_handbook(const QString& page);

signals:
  void besideAsked();
  /// It closes for good.
  void left();

protected:
  bool event(QEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void closeEvent(QCloseEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  void lay_out();
  void make_file_menu();
  void make_edit_menu();
  void make_view_menu();
  void make_size_menu(QMenu* menu);
  QMenu* add_desk_menu(Desk desk, const QString& name);
  void make_observe_menu();
  void make_limit_menu();
  void make_pick_menu();
  void make_grade_menu();
  void make_try_menu();
  void try_way(TryWay way);
  void save_tried_picture();
  void by_exact_use(bool used, const std::function<void(const std::vector<Id>&)>& then);
  void let_go_of(const std::vector<Id>& unused);
  void mark_used(const std::vector<Id>& used);
  void save_pairs();
  void make_share_menu();
  void add_share_views(QMenu& menu);
  void add_sheet_commands(QMenu& menu);
  void add_press_commands(QMenu& menu);
  void hear_share_desk();
  void keep_sharing();
  void add_press();
  void make_help_menu();
  void make_well_keys();
  void add_swatch_commands(QMenu* menu);
  QAction* add_action(QMenu* menu, const QString& text, const QString& tip, const QKeySequence& key,
                      const std::function<void()>& run);
  void fill_recent_menu(QMenu* menu);
  void add_photos();
  void replace_photo();
  void follow_canvas();
  void take_in(const QString& path);
  void paste();
  void copy_hex();
  void copy_swatches();
  void cut_swatches();
  [[nodiscard]] bool takes_as_palette(const QString& path) const;
  void rename_swatch();
  void focus_desk(Desk desk);
  void show_desk_parts();
  using Layout = std::pair<Desk, bool>;
  [[nodiscard]] Layout layout_shown() const;
  [[nodiscard]] QWidget* stage_of(Desk desk) const;
  [[nodiscard]] int width_to_share() const;
  void open_card(bool open);
  [[nodiscard]] bool may_close();
  void share_width();
  void note_shares();
  void fit_on_screen();
  void show_state();
  void restore_view();
  void note_for_reports();
  void open_waiting();

  Workspace& m_space;
  FileJob& m_job;
  Documents& m_documents;
  HandOver& m_hand_over;
  Dialogs& m_dialogs;
  ScreenSampler* m_sampler;
  FileProgress* m_progress;
  Head* m_head;
  NoticeBar* m_notice;
  QStackedWidget* m_stage;
  ObserveDesk* m_observe;
  LimitDesk* m_limit;
  PickDesk* m_pick;
  GradeDesk* m_grade;
  TryDesk* m_try;
  ShareDesk* m_share;
  KeptReference* m_kept;
  ValueBand* m_band;
  Tray* m_tray = nullptr;
  HintLine* m_hint = nullptr;
  StepsLine* m_steps = nullptr;
  HandbookWindow* m_handbook = nullptr;
  CardPanel* m_card = nullptr;
  HandPanel* m_hand_panel = nullptr;
  bool m_beside = false, m_leaving = false, m_may_close = false;
  QStringList m_waiting; ///< Files that other programs want opened.
  QTimer* m_free;        ///< Looks whether hands are free.
  StageArea* m_stage_area = nullptr;
  SetFiles* m_set_files;
  PieceExports* m_exports;
  ShareFiles* m_share_files;
  QSplitter* m_split = nullptr;
  std::map<Layout, double> m_stage_share{{{Desk::Observe, false}, 0.665}, {{Desk::Limit, false}, 0.63},
                                         {{Desk::Pick, false}, 0.43},     {{Desk::Grade, false}, 0.9},
                                         {{Desk::Grade, true}, 0.275},    {{Desk::Try, false}, 0.63},
                                         {{Desk::Share, false}, 1}};
  std::optional<Layout> m_shown;
  bool m_shown_kept = false;
  std::array<int, kDesks> m_kept_width;
  QAction *m_left_handed = nullptr, *m_beside_action = nullptr;
  std::array<QMenu*, kDesks> m_desk_menus{};
  /// Last, so that it goes first: what speaks while it goes speaks to a window that is whole.
  std::unique_ptr<QWidget> m_center;
};

} // namespace zc
