// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, saving, leaving and recovering: between the studio, the files and the questions to the painter.
#pragma once

#include "io/container/piece_json.h"
#include "io/files/claim.h"
#include "io/files/file_state.h"
#include "model/documents/questions.h"
#include "model/journal/journal.h"
#include "model/session/studio.h"

#include <QObject>
#include <QStringList>
#include <optional>

namespace zc {

class Documents final : public QObject {
  Q_OBJECT
public:
  Documents(Studio& studio, Questions& questions, FileWork& work);

  [[nodiscard]] const QString& path() const { return m_path; }
  /// "saved", "edited, not saved" and the like.
  [[nodiscard]] QString state_words() const;
  [[nodiscard]] QStringList recent_files() const;

  void new_piece();
  void open_asked();
  /// Replaces the open piece only after the file was read whole. False when it was not opened.
  bool open(const QString& path);
  /// The demo piece, as an unsaved copy.
  bool open_demo();
  bool save();
  bool save_as();
  /// Offers what a crash left unsaved; true when a piece was opened for it.
  bool recover();
  /// Takes what is being typed, and asks as often as something is unsaved: work can go on while a large piece
  /// is being saved. False when the painter chose to go on working.
  bool may_leave();
  /// Called when the window closes for good.
  void leave() const { keep_at_hand(); }
  /// Everything that has to be on the disk is there, and other windows may have the file.
  void finish();
  /// Without a question, since nobody may be there to answer it: unsaved work is offered again at the next
  /// start.
  void end_now();

signals:
  void changed();
  /// The piece has been written to its file.
  void pieceSaved();

private:
  [[nodiscard]] Document document() const;
  [[nodiscard]] static QString opening(const QString& path);
  /// Says so when a file is being read or written.
  [[nodiscard]] bool busy();
  /// Nothing where it cannot be read, which has been said then.
  std::optional<Document> read(const QString& path, Error* why = nullptr);
  /// `left` is the piece that may be left as it is; what has been done since is asked about.
  bool load(const QString& path, const Piece& left);
  [[nodiscard]] bool may_still_leave(const Piece& left);
  /// Asks what of a damaged file is opened, as a piece without a file, so that neither is overwritten.
  bool load_damaged(const QString& path, const Error& error, const Piece& left);
  void begin(Document document, const QString& path, bool saved);
  void know_file(const FileState& state);
  void keep_at_hand() const;
  [[nodiscard]] AtHand kept_at_hand(const QString& path, const AtHand& otherwise) const;
  bool save_to(const QString& path);
  void remember(const QString& path);
  [[nodiscard]] QString suggested_path() const;
  /// Claims the file for this window; another one that has it keeps it.
  void claim();
  /// Another program had the file first.
  [[nodiscard]] bool elsewhere() const { return m_claim && m_claim->taken(); }

  Studio& m_studio;
  Questions& m_questions;
  FileWork& m_work;
  Journal m_journal;
  QString m_path;
  std::optional<FileClaim> m_claim; ///< Held while the piece is open here.
  FileState m_file_state;           ///< Of the file when it was last read or written here.
  FileState m_read_state;           ///< Of the file that was read last.
};

} // namespace zc
