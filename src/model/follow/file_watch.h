// SPDX-License-Identifier: GPL-3.0-or-later
// Files that change outside: told when one of them, or its folder, stirs.
#pragma once

#include <QFileSystemWatcher>
#include <QObject>
#include <QStringList>

namespace zc {

class FileWatch final : public QObject {
  Q_OBJECT
public:
  explicit FileWatch(QObject* parent);
  /// These and no others; a file need not be there yet.
  void watch(const QStringList& files);

signals:
  /// Something has happened to one of them, or beside it.
  void stirred();

private:
  /// A file that was put in the place of another is a new one to the system.
  void look_again();
  QFileSystemWatcher m_watcher;
  QStringList m_files;
};

} // namespace zc
