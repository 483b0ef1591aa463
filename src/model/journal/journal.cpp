// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/journal/journal.h"

#include "io/container/piece_file.h"
#include "io/files/claim.h"
#include "model/i18n/text.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QRandomGenerator>

#include <algorithm>

namespace zc {
namespace {

constexpr int kPause = 2000;    // After the last change, so that a drag is not written move by move.
constexpr int kLongest = 10000; // After the first, however long changes go on.

QString lock_of(const QString& file) { return file + QStringLiteral(".lock"); }
QString path_note_of(const QString& file) { return file + QStringLiteral(".path"); }

Bytes bytes_of(const QString& text) {
  const QByteArray utf8 = text.toUtf8();
  return {utf8.begin(), utf8.end()};
}

/// Always before the journal itself: a program killed in between must not leave work that belongs nowhere.
void note_path(const QString& file, const QString& path, const FileState& state) {
  const QString note = path + QLatin1Char('\n') + text(text_of(state));
  static_cast<void>(save_safely(path_note_of(file).toStdString(), bytes_of(note), Backup::None).ok());
}

void remove_journal(const QString& file) {
  QFile::remove(file);
  QFile::remove(path_note_of(file));
}

} // namespace

QString Journal::folder() { return state_folder() + QStringLiteral("/unsaved"); }

Journal::Journal(Studio& studio) : m_studio(studio) {
  m_writer.setMaxThreadCount(1);
  m_timer.setSingleShot(true);
  QDir().mkpath(folder());
  m_file = QStringLiteral("%1/%2-%3.zonachrom")
               .arg(folder())
               .arg(QCoreApplication::applicationPid())
               .arg(QRandomGenerator::global()->generate(), 8, 16, QLatin1Char('0'));
  m_lock = std::make_unique<QLockFile>(lock_of(m_file));
  m_lock->setStaleLockTime(0); // A long session is not a dead one.
  m_lock->tryLock(0);
  connect(&m_timer, &QTimer::timeout, this, &Journal::write);
  connect(&studio.store(), &PieceStore::changed, this,
          [this] { follow(m_studio.store().edited() && m_studio.store().stack().count() > 0); });
  connect(&studio.store(), &PieceStore::editedChanged, this, &Journal::follow);
  // What is at hand changes without an edit; beside unsaved work it is kept as well.
  const auto at_hand = [this] {
    if (m_studio.store().edited()) write_soon();
  };
  connect(&studio, &Studio::pickEnded, this, at_hand);
  studio.hear({Part::AtHand}, this, at_hand);
}

Journal::~Journal() { finish(); }

void Journal::finish() {
  if (!m_lock) return;
  disconnect(&m_studio, nullptr, this, nullptr);
  disconnect(&m_studio.store(), nullptr, this, nullptr);
  m_timer.stop();
  m_writer.waitForDone();
  if (!m_kept) remove_journal(m_file);
  m_lock.reset();
}

void Journal::keep() {
  m_kept = m_studio.store().edited();
  m_timer.stop();
  if (m_kept) write();
  m_writer.waitForDone();
}

void Journal::set_piece_path(const QString& path, const FileState& state) {
  m_piece_path = path;
  m_piece_state = state;
  // What is kept belongs to the new place, and is compared with its new state.
  if (m_studio.store().edited()) write_soon();
}

void Journal::follow(bool edited) {
  if (edited) return write_soon();
  m_timer.stop();
  m_writer.start([file = m_file] { remove_journal(file); });
}

void Journal::write_soon() {
  if (!m_timer.isActive()) m_waiting.start();
  m_timer.start(static_cast<int>(std::clamp<qint64>(kLongest - m_waiting.elapsed(), 0, kPause)));
}

void Journal::write() {
  m_writer.start([file = m_file, path = m_piece_path, state = m_piece_state,
                  document = Document{m_studio.piece(), m_studio.at_hand()}] {
    const auto bytes = pack_document(document);
    if (!bytes) return;
    // A journal that cannot be written must not disturb the work; saving itself reports the same trouble.
    note_path(file, path, state);
    static_cast<void>(save_safely(file.toStdString(), *bytes, Backup::None).ok());
  });
}

void Journal::adopt(const Leftover& leftover) {
  m_writer.waitForDone(); // Beginning the piece may just have removed the journal of the one before.
  note_path(m_file, m_piece_path, m_piece_state);
  if (QFile::rename(leftover.file, m_file)) QFile::remove(path_note_of(leftover.file));
}

std::vector<Journal::Leftover> Journal::leftovers() {
  std::vector<Leftover> out;
  for (const QFileInfo& info :
       QDir(folder()).entryInfoList({QStringLiteral("*.zonachrom")}, QDir::Files, QDir::Time)) {
    auto lock = std::make_shared<QLockFile>(lock_of(info.filePath()));
    lock->setStaleLockTime(0);
    if (!lock->tryLock(0)) continue; // Its program is running.
    const auto note = read_file(path_note_of(info.filePath()).toStdString(), 10'000);
    const QString said = note ? text(std::string(text_of(*note))) : QString();
    // The state is one line, whatever the path holds.
    const qsizetype end = said.lastIndexOf(QLatin1Char('\n'));
    out.push_back({info.filePath(), said.left(end), file_state_from(said.mid(end + 1).toStdString()),
                   moment_told(info.lastModified()), std::move(lock)});
  }
  return out;
}

void Journal::discard(const Leftover& leftover) { remove_journal(leftover.file); }

} // namespace zc
