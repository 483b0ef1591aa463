// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/claim.h"

#include <QCoreApplication>
#include <QCryptographicHash>
#include <QDeadlineTimer>
#include <QDir>
#include <QFileInfo>
#include <QLockFile>

namespace zc {
namespace {

/// Of the command line, as its file is called; claims of windows are not waited for.
constexpr auto kCommandName = "zonachrom-cli-files";

QString claim_of(const std::filesystem::path& path) {
  const QString folder = state_folder() + QStringLiteral("/open");
  QDir().mkpath(folder);
  const QFileInfo file(QString::fromStdString(path.string()));
  const QString real = file.exists() ? file.canonicalFilePath() : file.absoluteFilePath();
  const QByteArray hash = QCryptographicHash::hash(real.toUtf8(), QCryptographicHash::Sha1);
  return folder + QLatin1Char('/') + QString::fromLatin1(hash.toHex()) + QStringLiteral(".lock");
}

/// A claim that says nothing is just being made, or was let go of a moment ago: it is asked for again.
bool held_by_a_window(const QLockFile& lock) {
  qint64 process = 0;
  QString host, program;
  return lock.getLockInfo(&process, &host, &program) && program != QLatin1String(kCommandName);
}

} // namespace

QString state_folder() {
  return qEnvironmentVariable("XDG_STATE_HOME", QDir::homePath() + QStringLiteral("/.local/state")) +
         QStringLiteral("/zonachrom");
}

FileClaim::FileClaim(const std::filesystem::path& path, int patience)
    : m_lock(std::make_unique<QLockFile>(claim_of(path))) {
  constexpr int look_again = 50;
  m_lock->setStaleLockTime(0); // A long session is not a dead one.
  const QDeadlineTimer deadline(patience);
  while (!m_lock->tryLock(0) && m_lock->error() == QLockFile::LockFailedError) {
    m_taken = deadline.hasExpired() || held_by_a_window(*m_lock);
    if (m_taken) return;
    static_cast<void>(m_lock->tryLock(look_again));
    if (m_lock->isLocked()) return;
  }
}

FileClaim::~FileClaim() = default;
FileClaim::FileClaim(FileClaim&&) noexcept = default;
FileClaim& FileClaim::operator=(FileClaim&&) noexcept = default;

} // namespace zc
