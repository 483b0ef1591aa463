// The main window: menus, head, stage, value band, tray.
#pragma once

#include "app/seams/dialogs.h"
#include "app/store/workbench.h"
#include "app/theme/theme.h"

#include <QMainWindow>
#include <map>

class QMenu;
class QSplitter;
class QStackedWidget;

namespace zc {

class Documents;
class Head;
class LimitDesk;
class NoticeBar;
class ObserveDesk;
class PickDesk;
class ValueBand;

class MainWindow final : public QMainWindow {
  Q_OBJECT
public:
  explicit MainWindow(Dialogs& dialogs, QWidget* parent = nullptr);
  ~MainWindow() override;

  [[nodiscard]] Workbench& bench() { return m_bench; }
  [[nodiscard]] Documents& documents() { return *m_documents; }
  [[nodiscard]] NoticeBar& notice() { return *m_notice; }
  void use_surround(Surround surround);

protected:
  void closeEvent(QCloseEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  void lay_out();
  void make_file_menu();
  void make_edit_menu();
  void make_view_menu();
  void make_observe_menu();
  void make_limit_menu();
  void make_pick_menu();
  void make_help_menu();
  void make_well_keys();
  QAction* add_action(QMenu* menu, const QString& text, const QString& tip, const QKeySequence& key,
                      const std::function<void()>& run);
  void fill_recent_menu(QMenu* menu);
  void add_photos();
  void replace_photo();
  void take_in(const QString& path);
  void paste();
  void copy_hex();
  void show_desk_parts();
  [[nodiscard]] QWidget* stage_of(Desk desk) const;
  void share_width();
  void show_state();
  void restore_view();

  Workbench m_bench;
  Dialogs& m_dialogs;
  Documents* m_documents;
  Head* m_head;
  NoticeBar* m_notice;
  QStackedWidget* m_stage;
  ObserveDesk* m_observe;
  LimitDesk* m_limit;
  PickDesk* m_pick;
  ValueBand* m_band;
  QSplitter* m_split = nullptr;
  std::map<Desk, double> m_stage_share{{Desk::Observe, 0.64}, {Desk::Limit, 0.63}, {Desk::Pick, 0.42}};
  std::optional<Desk> m_shown_desk;
  QMenu* m_observe_menu = nullptr;
  QMenu* m_limit_menu = nullptr;
  QMenu* m_pick_menu = nullptr;
};

} // namespace zc
