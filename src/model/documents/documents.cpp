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

/// By its permissions, which count for a user even where the system would let them write.
bool is_read_only(const QString& path) {
  if (path.isEmpty() || !QFileInfo::exists(path)) return false;
  constexpr auto writers = QFile::WriteOwner | QFile::WriteGroup | QFile::WriteOther;
  return !(QFile::permissions(path) & writers) || !QFileInfo(path).isWritable();
}

/// A canvas of the demo becomes a file of the user's own, which a painting program can save over. One that
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

/// What reading a file gave: the piece, or of a damaged one what is left of it and the version before.
struct Documents::Opened {
  Result<Document> document = Document{};
  FileState state;
  Result<Rescued> rest = Rescued{};
};

Documents::Documents(Studio& studio, Questions& questions, FileJob& job)
    : m_studio(studio), m_questions(questions), m_job(job), m_journal(studio) {
  connect(&studio.store(), &PieceStore::editedChanged, this, &Documents::changed);
}

QString Documents::state_words() const {
  if (elsewhere()) return tr("also open in another window");
  if (is_read_only(m_path))
    return m_studio.store().edited() ? tr("edited, file is read only") : tr("read only");
  if (m_studio.store().edited()) return m_path.isEmpty() ? tr("not saved yet") : tr("edited, not saved");
  return m_path.isEmpty() ? tr("not saved") : tr("saved");
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

void Documents::begin(Document document, const QString& path, const FileState& state, bool saved) {
  keep_at_hand();
  m_path = path;
  know_file(path.isEmpty() ? FileState() : state);
  claim();
  m_studio.start(std::move(document.piece), document.at_hand, saved);
  QPixmapCache::clear();
  give_back_memory();
  emit changed();
  if (elsewhere())
    emit m_studio.notice(tr("This piece is also open in another window. Save it here under another name, or "
                            "close it there first."));
  else if (is_read_only(m_path))
    emit m_studio.notice(tr("This file is read only. Save changes under another name."));
}

void Documents::claim() {
  m_claim.reset();
  if (!m_path.isEmpty()) m_claim.emplace(m_path.toStdString(), kClaimPatience);
}

void Documents::new_piece() {
  may_leave([this](bool may) {
    if (may) begin({zc::new_piece(today()), {}}, {}, {}, true);
  });
}

void Documents::open_asked() {
  may_leave([this](bool may) {
    if (!may) return;
    const Piece left = m_studio.piece();
    const QString folder = m_path.isEmpty() ? QDir::homePath() : QFileInfo(m_path).path();
    const QString path = m_questions.open_piece(folder);
    if (!path.isEmpty()) load(path, left, nobody);
  });
}

void Documents::open(const QString& path, Then then) {
  may_leave([this, path, then = std::move(then)](bool may) {
    may ? load(path, m_studio.piece(), then) : then(false);
  });
}

void Documents::may_still_leave(const Piece& left, Then then) {
  if (!m_studio.commit_typed()) return then(false);
  m_studio.piece() == left ? then(true) : may_leave(std::move(then));
}

bool Documents::busy() {
  if (!m_job.running()) return false;
  emit m_studio.notice(tr("Another file is still being read or written. Wait for it, or stop it first."));
  return true;
}

QString Documents::opening(const QString& path) { return tr("Opening %1").arg(QFileInfo(path).fileName()); }

void Documents::tell(const Error& error) {
  if (error.code != ErrorCode::Stopped) emit m_studio.notice(words(error));
}

void Documents::read(const QString& path, std::function<void(const std::shared_ptr<Opened>&)> then) {
  m_job.start(
      opening(path),
      [file = std::filesystem::path(path.toStdString())](const Progress& progress) {
        auto opened = std::make_shared<Opened>();
        opened->state = hashed_state_of_file(file);
        opened->document = open_document(file, progress);
        return opened;
      },
      this, std::move(then));
}

void Documents::load(const QString& path, const Piece& left, Then then) {
  if (busy()) return then(false);
  read(path, [this, path, left, then = std::move(then)](const std::shared_ptr<Opened>& opened) {
    if (!opened->document) {
      const Error error = opened->document.error();
      if (error.code == ErrorCode::Damaged) return load_damaged(path, error, left, then);
      tell(error);
      return then(false);
    }
    may_still_leave(left, [this, path, opened, then](bool may) {
      if (!may) return then(false);
      const QString keep_path = QFileInfo(path).absoluteFilePath();
      // Saved while it was read, as by an answer to the question whether to leave, it is read once more.
      if (changed_since(opened->state, keep_path.toStdString())) return load(path, m_studio.piece(), then);
      Document document = std::move(opened->document).value();
      document.at_hand = kept_at_hand(keep_path, document.at_hand);
      remember(keep_path);
      begin(std::move(document), keep_path, opened->state, true);
      then(true);
    });
  });
}

void Documents::load_damaged(const QString& path, const Error& error, const Piece& left, Then then) {
  m_job.start(
      opening(path),
      [file = std::filesystem::path(path.toStdString())](const Progress& progress) {
        auto opened = std::make_shared<Opened>();
        opened->rest = rescued_document(file);
        opened->document = open_document(backup_path(file), progress);
        return opened;
      },
      this,
      [this, error, left, then = std::move(then)](const std::shared_ptr<Opened>& opened) {
        if (opened->rest || opened->document) return choose_of_damaged(error, opened, left, then);
        tell(error);
        then(false);
      });
}

void Documents::choose_of_damaged(const Error& error, const std::shared_ptr<Opened>& opened,
                                  const Piece& left, Then then) {
  QString says = words(error);
  if (opened->rest) {
    QStringList lost;
    for (const std::string& name : opened->rest->lost) lost << text(name);
    says += lost.isEmpty() ? tr(" The whole piece can still be opened.")
                           : tr(" Everything can be opened except: %1.").arg(lost.join(QStringLiteral(", ")));
  } else {
    says += QLatin1Char(' ') + words(opened->rest.error());
  }
  const DamagedAnswer answer = m_questions.ask_damaged(says, opened->rest.ok(), opened->document.ok());
  if (answer == DamagedAnswer::Neither) {
    tell(error);
    return then(false);
  }
  may_still_leave(left, [this, opened, answer, then = std::move(then)](bool may) {
    if (!may) return then(false);
    Document taken = answer == DamagedAnswer::Rest ? std::move(opened->rest).value().document
                                                   : std::move(opened->document).value();
    begin(std::move(taken), {}, {}, false);
    then(true);
  });
}

void Documents::open_demo(Then then) {
  may_leave([this, then = std::move(then)](bool may) {
    if (!may || busy()) return then(false);
    const Piece left = m_studio.piece();
    read(shared_file(QStringLiteral("coppersmiths-row.zonachrom")),
         [this, left, then](const std::shared_ptr<Opened>& opened) {
           if (!opened->document) {
             tell(opened->document.error());
             return then(false);
           }
           may_still_leave(left, [this, opened, then](bool still) {
             if (!still) return then(false);
             Document demo = std::move(opened->document).value();
             give_canvases(demo.piece);
             begin(std::move(demo), {}, {}, true);
             then(true);
           });
         });
  });
}

void Documents::recover(Then then) {
  if (busy()) return then(false);
  offer(Journal::leftovers(), m_studio.piece(), std::move(then));
}

/// One after the other. What cannot be read stays: a newer version of the program may have written it.
void Documents::offer(std::vector<Journal::Leftover> leftovers, const Piece& left, Then then) {
  if (leftovers.empty()) return then(false);
  const Journal::Leftover next = leftovers.front();
  leftovers.erase(leftovers.begin());
  m_job.start(
      tr("Recovering unsaved work"),
      [file = next.file.toStdString()](const Progress& progress) { return open_document(file, progress); },
      this,
      [this, next, left, others = std::move(leftovers),
       then = std::move(then)](const Result<Document>& read) {
        if (!read || !take_offer(next, *read, left, then)) offer(others, left, then);
      });
}

/// Where the file itself was changed since, what was kept becomes a piece without a file: nothing is saved
/// over the newer one. False where the next one is to be offered.
bool Documents::take_offer(const Journal::Leftover& leftover, const Document& kept, const Piece& left,
                           Then then) {
  const bool newer = !leftover.piece_path.isEmpty() &&
                     changed_since(leftover.piece_state, leftover.piece_path.toStdString());
  switch (m_questions.offer_recovery(text(kept.piece.title), leftover.when,
                                     newer ? QFileInfo(leftover.piece_path).fileName() : QString())) {
  case RecoveryAnswer::Recover:
    may_still_leave(left, [this, leftover, kept, newer, then = std::move(then)](bool may) {
      if (!may) return then(false);
      begin(kept, newer ? QString() : leftover.piece_path, leftover.piece_state, false);
      m_journal.adopt(leftover);
      then(true);
    });
    return true;
  case RecoveryAnswer::OpenFile:
    open(leftover.piece_path, std::move(then));
    return true;
  case RecoveryAnswer::Discard:
    Journal::discard(leftover);
    return false;
  case RecoveryAnswer::Later:
    return false;
  }
  return false;
}

void Documents::finish() {
  m_journal.finish();
  m_claim.reset();
}

void Documents::end_now() {
  m_job.stop();
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
  const auto at_hand = at_hand_from_json(kept.mid(stamp.size()).toStdString());
  return at_hand ? *at_hand : otherwise;
}

void Documents::save(Then then) {
  if (busy() || !m_studio.commit_typed()) return then(false);
  if (m_path.isEmpty()) return save_as(std::move(then));
  if (elsewhere()) claim(); // It may have been closed there meanwhile.
  const bool changed_elsewhere = changed_since(m_file_state, m_path.toStdString());
  if (!elsewhere() && !is_read_only(m_path) && !changed_elsewhere) return save_to(m_path, std::move(then));
  emit m_studio.notice(
      elsewhere() ? tr("The piece was not saved, because it is also open in another window. Save it under "
                       "another name.")
      : changed_elsewhere
          ? tr("The piece was not saved, because another program changed the file meanwhile. Save it under "
               "another name.")
          : tr("The piece was not saved, because its file is read only. Save it under another name."));
  save_as(std::move(then));
}

void Documents::save_as(Then then) {
  if (busy() || !m_studio.commit_typed()) return then(false);
  const QString path =
      asked_to_end_in(QLatin1String(kPieceExtension.data()), m_path.isEmpty() ? suggested_path() : m_path,
                      [this](const QString& suggested) { return m_questions.save_piece(suggested); });
  path.isEmpty() ? then(false) : save_to(path, std::move(then));
}

void Documents::save_to(const QString& path, Then then) {
  if (busy()) return then(false);
  struct Saved {
    Document written;
    Status status = Done{};
    FileState state;
  };
  m_job.start(
      tr("Saving %1").arg(QFileInfo(path).fileName()),
      [saved = Saved{document(), Done{}, {}}, file = path.toStdString()](const Progress& progress) mutable {
        saved.status = save_document(file, saved.written, progress);
        if (saved.status) saved.state = hashed_state_of_file(file);
        return std::move(saved);
      },
      this,
      [this, path, in = m_studio.document(), then = std::move(then)](const Saved& saved) {
        if (m_studio.document() != in) return then(false); // The file is not that of the open piece.
        if (saved.status)
          note_saved(path, saved.written, saved.state);
        else
          tell(saved.status.error());
        then(saved.status.ok());
      });
}

void Documents::note_saved(const QString& path, const Document& written, const FileState& state) {
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
}

void Documents::may_leave(Then then) {
  if (busy() || !m_studio.commit_typed()) return then(false);
  if (!m_studio.store().edited()) return then(true);
  const UnsavedAnswer answer = m_questions.ask_unsaved(text(m_studio.piece().title));
  if (answer != UnsavedAnswer::Save) return then(answer == UnsavedAnswer::Discard);
  save([this, then = std::move(then)](bool saved) {
    if (!saved) return then(false);
    // What is written at every save comes first.
    m_job.when_free([this, then] { may_leave(then); });
  });
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
