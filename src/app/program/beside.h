// SPDX-License-Identifier: GPL-3.0-or-later
// The companion's place in the program: called and put away, where it stood on each screen, and the main
// window that may be put away while it is there.
#pragma once

#include "app/companion/companion.h"

#include <QObject>
#include <QPointer>
#include <memory>

namespace zc {

class MainWindow;
class AppModel;

class Beside final : public QObject {
  Q_OBJECT
public:
  Beside(AppModel& model, CopyOnPick& copy_on_pick, MainWindow& window);
  ~Beside() override;
  [[nodiscard]] bool shown() const { return m_companion && m_companion->isVisible(); }
  /// Null until it has been called once.
  [[nodiscard]] Companion* companion() { return m_companion.get(); }
  void show(std::optional<CompanionShape> shape = {});
  void put_away();
  /// Called from another program: it comes to the pointer, and goes without a word, and never has the
  /// keyboard. The shape as on the bus; empty for that of last time.
  void come_as(const QString& shape);
  void come(std::optional<CompanionShape> shape = {});
  void send_away();
  void come_or_go() { shown() ? send_away() : come(); }
  /// The program ends.
  void end();
  void switch_shown() { shown() ? put_away() : show(); }
  /// Shows the main window, or puts it away.
  void switch_desk();

private:
  void make();
  void take_shape(std::optional<CompanionShape> shape);
  void call_desk();
  void tell_window(bool is_shown);
  void keep_place();
  void find_place();
  AppModel& m_model;
  CopyOnPick& m_copy_on_pick;
  QPointer<MainWindow> m_window;
  std::unique_ptr<Companion> m_companion;
};

} // namespace zc
