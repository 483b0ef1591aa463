// SPDX-License-Identifier: GPL-3.0-or-later
// A menu of commands, each with its place, its key and a tip.
#pragma once

#include "core/session/session.h"

#include <QMenu>
#include <functional>

namespace zc {

class Studio;

class CommandMenu : public QMenu {
  Q_OBJECT
public:
  CommandMenu(const QString& title, QWidget* parent);
  /// The name is what the command is found by, in every language.
  QAction* add_command(const QString& name, const QString& text, const QString& tip, const QKeySequence& key,
                       const std::function<void()>& run);
  CommandMenu* add_submenu(const QString& title);
};

/// Shown while its desk is.
class DeskMenu : public CommandMenu {
  Q_OBJECT
public:
  DeskMenu(const QString& title, Desk desk, Studio& studio, QWidget* parent);
};

} // namespace zc
