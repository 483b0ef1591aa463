// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/follow/file_watch.h"

#include <QFileInfo>

namespace zc {

FileWatch::FileWatch(QObject* parent) : QObject(parent) {
  const auto stir = [this] {
    look_again();
    emit stirred();
  };
  connect(&m_watcher, &QFileSystemWatcher::fileChanged, this, stir);
  connect(&m_watcher, &QFileSystemWatcher::directoryChanged, this, stir);
}

void FileWatch::watch(const QStringList& files) {
  if (files == m_files) return;
  m_files = files;
  if (const QStringList all = m_watcher.files() + m_watcher.directories(); !all.isEmpty())
    m_watcher.removePaths(all);
  look_again();
}

void FileWatch::look_again() {
  const QStringList watched = m_watcher.files() + m_watcher.directories();
  for (const QString& file : m_files)
    for (const QString& path : {file, QFileInfo(file).path()})
      if (!watched.contains(path) && QFileInfo::exists(path)) m_watcher.addPath(path);
}

} // namespace zc
