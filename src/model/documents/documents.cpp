// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/documents/documents.h"

#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "model/derived/memory.h"
#include "model/follow/canvas_follower.h"
#include "model/i18n/shared_files.h"
#include "model/i18n/text.h"

#include <QCoreApplication>
#include <QDate>
#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QPixmapCache>
#include <QSettings>
#include <QStandardPaths>

namespace zc {
namespace {

constexpr int kRecentFiles = 8;
const char* const kRecentKey = "recentFiles";
constexpr int kClaimPatience = 0; ///< A window does not wait.

std::string today() { return QDate::currentDate().toString(Qt::ISODate).toStdString(); }

QString at_hand_key(const QString& path) {
  return QStringLiteral("bench/") + QString::number(qHash(path), 16);
}
QString stamp_of(const QString& path) {
  return QString::number(QFileInfo(path).lastModified().toMSecsSinceEpoch());
}

/// By its permissions, which count for a painter even where the system would let them write.
bool is_read_only(const QString& path) {
  if (path.isEmpty() || !QFileInfo::exists(path)) return false;
  constexpr auto writers = QFile::WriteOwner | QFile::WriteGroup | QFile::WriteOther;
  return !(QFile::permissions(path) & writers) || !QFileInfo(path).isWritable();
}

/// A canvas of the demo becomes a file of the painter's own, which a painting program can save over. One that
/// cannot be written is a reference like any other.
void give_canvases(Piece& demo) {
  const QDir folder(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) +
                    QStringLiteral("/demo"));
  demo.references.change_each([&](Reference& reference) {
    if (reference.follows.empty()) return;
    const QString file = folder.absoluteFilePath(QFileInfo(text(reference.follows)).fileName());
    const bool there =
        QFileInfo::exists(file) || (folder.mkpath(QStringLiteral(".")) &&
                                    save_safely(file.toStdString(), *reference.bytes, Backup::None));
    reference.follows = there ? file.toStdString() : std::string();
    if (there) CanvasFollower::allow(file);
  });
}

} // namespace

Documents::Documents(Studio& studio, Questions& questions, FileWork& work)
    : m_studio(studio), m_questions(questions), m_work(work), m_journal(studio) {
  connect(&studio.store(), &PieceStore::editedChanged, this, &Documents::changed);
}

QString Documents::state_words() const {
  if (elsewhere()) return tr("open in another window too");
  if (is_read_only(m_path))
    return m_studio.store().edited() ? tr("edited, file is read only") : tr("read only");
  if (m_studio.store().edited()) return m_path.isEmpty() ? tr("not saved yet") : tr("edited, not saved");
  return m_path.isEmpty() ? tr("not a file yet") : tr("saved");
}

QStringList Documents::recent_files() const {
  return QSettings().value(QLatin1String(kRecentKey)).toStringList();
}

void Documents::remember(const QString& path) {
  QStringList list = recent_files();
  list.removeAll(path);
  list.prepend(path);
  QSettings().setValue(QLatin1String(kRecentKey), list.mid(0, kRecentFiles));
}

Document Documents::document() const { return {m_studio.piece(), m_studio.at_hand()}; }

void Documents::know_file(const FileState& state) {
  m_file_state = state;
  m_journal.set_piece_path(m_path, state);
}

void Documents::begin(Document document, const QString& path, bool saved) {
  keep_at_hand();
  m_path = path;
  know_file(path.isEmpty() ? FileState() : m_read_state);
  claim();
  m_studio.start(std::move(document.piece), document.at_hand, saved);
  QPixmapCache::clear();
  give_back_memory();
  emit changed();
  if (elsewhere())
    emit m_studio.notice(
        tr("This piece is open in another window too; save here under another name, or close it there "
           "first."));
  else if (is_read_only(m_path))
    emit m_studio.notice(tr("This file is read only; changes can be saved under another name."));
}

void Documents::claim() {
  m_claim.reset();
  if (!m_path.isEmpty()) m_claim.emplace(m_path.toStdString(), kClaimPatience);
}

void Documents::new_piece() {
  if (may_leave()) begin({zc::new_piece(today()), {}}, {}, true);
}

void Documents::open_asked() {
  if (!may_leave()) return;
  const Piece left = m_studio.piece();
  const QString folder = m_path.isEmpty() ? QDir::homePath() : QFileInfo(m_path).path();
  const QString path = m_questions.open_piece(folder);
  if (!path.isEmpty()) load(path, left);
}

bool Documents::open(const QString& path) { return may_leave() && load(path, m_studio.piece()); }

bool Documents::may_still_leave(const Piece& left) {
  return m_studio.take_typed() && (m_studio.piece() == left || may_leave());
}

bool Documents::busy() {
  if (!m_work.running()) return false;
  emit m_studio.notice(tr("A file is still being read or written; stop that first, or wait for it."));
  return true;
}

QString Documents::opening(const QString& path) { return tr("Opening %1").arg(QFileInfo(path).fileName()); }

std::optional<Document> Documents::read(const QString& path, Error* why) {
  if (busy()) return std::nullopt;
  Result<Document> read = Document{};
  const std::filesystem::path file = path.toStdString();
  m_work.run(opening(path), [&](const Progress& progress) {
    m_read_state = hashed_state_of_file(file);
    read = open_document(file, progress);
  });
  if (read) return std::move(read).value();
  const bool asks = why && read.error().code == ErrorCode::Damaged;
  if (asks) *why = read.error();
  if (!asks && read.error().code != ErrorCode::Stopped) emit m_studio.notice(words(read.error()));
  return std::nullopt;
}

bool Documents::load(const QString& path, const Piece& left) {
  const QString keep_path = QFileInfo(path).absoluteFilePath();
  Error why;
  std::optional<Document> document;
  Piece leaving = left;
  // Saved while it was read, as by an answer to the question whether to leave, it is read once more.
  do {
    document = read(path, &why);
    if (!document) return why.code == ErrorCode::Damaged && load_damaged(path, why, leaving);
    if (!may_still_leave(leaving)) return false;
    leaving = m_studio.piece();
  } while (changed_since(m_read_state, keep_path.toStdString()));
  document->at_hand = kept_at_hand(keep_path, document->at_hand);
  remember(keep_path);
  begin(std::move(*document), keep_path, true);
  return true;
}

bool Documents::load_damaged(const QString& path, const Error& error, const Piece& left) {
  Result<Rescued> rest = error;
  Result<Document> before = error;
  m_work.run(opening(path), [&](const Progress& progress) {
    rest = rescued_document(path.toStdString());
    before = open_document(backup_path(path.toStdString()), progress);
  });
  if (!rest && !before) {
    emit m_studio.notice(words(error));
    return false;
  }
  QString says = words(error);
  if (rest) {
    QStringList lost;
    for (const std::string& name : rest->lost) lost << text(name);
    says += lost.isEmpty() ? tr(" All of the piece can still be read.")
                           : tr(" The rest can be read, without: %1.").arg(lost.join(QStringLiteral(", ")));
  } else {
    says += QLatin1Char(' ') + words(rest.error());
  }
  const DamagedAnswer answer = m_questions.ask_damaged(says, rest.ok(), before.ok());
  if (answer == DamagedAnswer::Neither) {
    emit m_studio.notice(words(error));
    return false;
  }
  if (!may_still_leave(left)) return false;
  Document taken =
      answer == DamagedAnswer::Rest ? std::move(rest).value().document : std::move(before).value();
  begin(std::move(taken), {}, false);
  return true;
}

bool Documents::open_demo() {
  if (!may_leave()) return false;
  const Piece left = m_studio.piece();
  auto document = read(shared_file(QStringLiteral("coppersmiths-row.zonachrom")));
  if (!document || !may_still_leave(left)) return false;
  give_canvases(document->piece);
  begin(std::move(*document), {}, true);
  return true;
}

/// Where the file itself was changed since, what was kept becomes a piece without a file: nothing is saved
/// over the newer one.
bool Documents::recover() {
  for (const auto& leftover : Journal::leftovers()) {
    auto read = open_document(leftover.file.toStdString());
    if (!read) continue; // Kept: a newer version of the program may have written it.
    const bool newer = !leftover.piece_path.isEmpty() &&
                       changed_since(leftover.piece_state, leftover.piece_path.toStdString());
    switch (m_questions.offer_recovery(text(read->piece.title), leftover.when,
                                       newer ? QFileInfo(leftover.piece_path).fileName() : QString())) {
    case RecoveryAnswer::Recover:
      m_read_state = leftover.piece_state;
      begin(std::move(read).value(), newer ? QString() : leftover.piece_path, false);
      m_journal.adopt(leftover);
      return true;
    case RecoveryAnswer::OpenFile:
      return open(leftover.piece_path);
    case RecoveryAnswer::Discard:
      Journal::discard(leftover);
      break;
    case RecoveryAnswer::Later:
      break;
    }
  }
  return false;
}

void Documents::finish() {
  m_journal.finish();
  m_claim.reset();
}

void Documents::end_now() {
  m_work.stop();
  keep_at_hand();
  m_journal.keep();
}

/// Wells and trail change without an edit; between saves they are kept beside the settings.
void Documents::keep_at_hand() const {
  if (m_path.isEmpty()) return;
  QSettings().setValue(at_hand_key(m_path),
                       QStringLiteral("%1 %2").arg(
                           stamp_of(m_path), QString::fromStdString(at_hand_to_json(m_studio.at_hand()))));
}

AtHand Documents::kept_at_hand(const QString& path, const AtHand& otherwise) const {
  const QString kept = QSettings().value(at_hand_key(path)).toString();
  const QString stamp = stamp_of(path) + QLatin1Char(' ');
  if (!kept.startsWith(stamp)) return otherwise; // The file has been saved elsewhere since.
  const auto space = at_hand_from_json(kept.mid(stamp.size()).toStdString());
  return space ? *space : otherwise;
}

bool Documents::save() {
  if (busy() || !m_studio.take_typed()) return false;
  if (m_path.isEmpty()) return save_as();
  if (elsewhere()) claim(); // It may have been closed there meanwhile.
  const bool changed_elsewhere = changed_since(m_file_state, m_path.toStdString());
  if (!elsewhere() && !is_read_only(m_path) && !changed_elsewhere) return save_to(m_path);
  emit m_studio.notice(
      elsewhere() ? tr("Not saved: this piece is open in another window too; save it under another name.")
      : changed_elsewhere
          ? tr("Not saved: the file was changed by another program or machine meanwhile; save this piece "
               "under another name.")
          : tr("Not saved: the file is read only; save the piece under another name."));
  return save_as();
}

bool Documents::save_as() {
  if (busy() || !m_studio.take_typed()) return false;
  const QString path =
      asked_to_end_in(QLatin1String(kPieceExtension.data()), m_path.isEmpty() ? suggested_path() : m_path,
                      [this](const QString& suggested) { return m_questions.save_piece(suggested); });
  return !path.isEmpty() && save_to(path);
}

bool Documents::save_to(const QString& path) {
  if (busy()) return false;
  const Document written = document();
  Status saved = Done{};
  FileState state;
  m_work.run(tr("Saving %1").arg(QFileInfo(path).fileName()), [&](const Progress& progress) {
    saved = save_document(path.toStdString(), written, progress);
    if (saved) state = hashed_state_of_file(path.toStdString());
  });
  if (!saved) {
    if (saved.error().code != ErrorCode::Stopped) emit m_studio.notice(words(saved.error()));
    return false;
  }
  const QString saved_path = QFileInfo(path).absoluteFilePath();
  if (saved_path != m_path || !m_claim) {
    m_path = saved_path;
    claim();
  }
  know_file(state);
  if (m_studio.piece() == written.piece) m_studio.store().mark_saved();
  remember(m_path);
  emit changed();
  emit pieceSaved();
  return true;
}

bool Documents::may_leave() {
  while (true) {
    if (busy() || !m_studio.take_typed()) return false;
    if (!m_studio.store().edited()) return true;
    const UnsavedAnswer answer = m_questions.ask_unsaved(text(m_studio.piece().title));
    if (answer == UnsavedAnswer::Discard) return true;
    if (answer == UnsavedAnswer::Cancel || !save()) return false;
  }
}

QString Documents::suggested_path() const {
  QString name = QString::fromStdString(m_studio.piece().title);
  name.replace(QLatin1Char('/'), QLatin1Char('-'));
  const QString folder = m_path.isEmpty()
                             ? QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation)
                             : QFileInfo(m_path).path();
  return QDir(folder).filePath(name + QStringLiteral(".zonachrom"));
}

} // namespace zc
