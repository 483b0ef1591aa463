// SPDX-License-Identifier: GPL-3.0-or-later
// Every command of the menus does what it says. One that is added fails here until it stands in a row.
#include "app/commands/rows.h"

#include <QBackingStore>

#include <set>

using namespace zc;
using namespace zc::test;

class CommandsTask : public QObject {
  Q_OBJECT
private slots:
  void a_menu_is_painted_whole_each_time_and_keeps_no_pixels() {
    const auto desk = demo_at(Desk::Pick);
    QMenu& menu = *desk->window.menuBar()->actions().first()->menu();
    const auto on_screen = [&] {
      menu.popup(desk->window.mapToGlobal(QPoint(40, 40)));
      static_cast<void>(QTest::qWaitForWindowExposed(&menu));
      QTest::qWait(50);
      return menu.screen()->grabWindow(menu.winId()).toImage();
    };
    const QImage first = on_screen();
    QCOMPARE(first.size(), menu.size() * menu.devicePixelRatioF());
    menu.hide();
    QCOMPARE(menu.backingStore()->size(), QSize(1, 1));
    QCOMPARE(on_screen(), first);
    menu.hide();
  }
  void every_command_does_what_it_says() {
    std::vector<Command> commands;
    for (const auto& some : {commands_of_files_and_photos(), commands_of_colors_and_masks(),
                             commands_of_the_set(), commands_of_trying_and_sharing()})
      commands.insert(commands.end(), some.begin(), some.end());
    std::set<std::string> listed;
    auto desk = demo_at(Desk::Pick);
    for (const Command& command : commands) {
      listed.insert(command.name);
      if (command.at == Desk::Pick && std::string(command.name) == "newPiece") desk = demo_at(Desk::Pick);
      DeskTop& d = *desk;
      QUndoStack& stack = d.model().store().stack();
      d.model().viewing().show_desk(command.at);
      d.model().viewing().show_set_view(SetView::Staff);
      work(d).select({});
      if (!d.piece().references.empty()) d.model().viewing().show_reference(d.piece().references[0].id);
      if (command.at == Desk::Observe) QVERIFY(d.photo_shown());
      QCoreApplication::processEvents();
      auto* action = d.window.findChild<QAction*>(QLatin1String(command.name));
      QVERIFY2(action, command.name);
      const QKeySequence key{QLatin1String(command.key)};
      QVERIFY2(!command.key ||
                   (key.isEmpty() ? action->shortcuts().isEmpty() : action->shortcuts().contains(key)),
               command.name);
      QVERIFY2(!action->toolTip().isEmpty() && !action->text().isEmpty(), command.name);
      const auto run = [&] {
        if (!action->isEnabled()) qFatal("%s is not enabled", command.name);
        action->trigger();
        QCoreApplication::processEvents();
        d.wait_for_files();
      };
      QVERIFY2(command.works(d, run), command.name);
      forget_region(d);
      while (stack.canUndo()) stack.undo();
    }
    // No command of the menus is without a row.
    const auto fresh = demo_at(Desk::Pick);
    for (auto* menu : fresh->window.findChildren<CommandMenu*>())
      for (auto* action : menu->actions()) {
        if (action->menu() || action->isSeparator() || menu->title().contains("recent")) continue;
        const std::string name = action->objectName().toStdString();
        QVERIFY2(listed.contains(name), qPrintable(action->text()));
      }
  }
};

DESK_TEST_MAIN(CommandsTask)
#include "commands_task_test.moc"
