// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, saving, leaving and recovering: between the studio, the files and the questions to the user.
#pragma once

#include "io/container/piece_json.h"
#include "io/files/claim.h"
#include "io/files/file_state.h"
#include "model/documents/file_job.h"
#include "model/documents/questions.h"
#include "model/journal/journal.h"
#include "model/session/studio.h"

#include <QObject>
#include <QStringList>
#include <functional>
#include <memory>
#include <optional>

namespace zc {

/// Files are read and written beside the window: what is asked for here begins at once and tells its end by
/// `then`, which may be called before the call returns. Meanwhile the user may go on working.
class Documents final : public QObject {
  Q_OBJECT
public:
  /// Whether it came to what was asked for.
  using Then = std::function<void(bool)>;

  Documents(Studio& studio, Questions& questions, FileJob& job);

  [[nodiscard]] const QString& path() const { return m_path; }
  /// "saved", "edited, not saved" and the like.
  [[nodiscard]] QString state_words() const;
  [[nodiscard]] QStringList recent_files() const;

  void new_piece();
  void open_asked();
  /// Replaces the open piece only after the file was read whole.
  void open(const QString& path, Then then = nobody);
  /// The demo piece, as an unsaved copy.
  void open_demo(Then then = nobody);
  void save(Then then = nobody);
  void save_as(Then then = nobody);
  /// Offers what a crash left unsaved; whether a piece was opened for it.
  void recover(Then then);
  /// Takes what is being typed, and asks as often as something is unsaved: work can go on while a large piece
  /// is being saved. False when the user chose to go on working.
  void may_leave(Then then);
  /// Called when the window closes for good.
  void leave() const { keep_at_hand(); }
  /// Everything that has to be on the disk is there, and other windows may have the file.
  void finish();
  /// Ends without a question, since nobody may be there to answer it: unsaved work is offered again at the
  /// next start.
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
  struct Opened;
  static void nobody(bool) {}
  void tell(const Error& error);
  /// REQUIRES that no file is being read or written.
  void read(const QString& path, std::function<void(const std::shared_ptr<Opened>&)> then);
  /// `left` is the piece that may be left as it is; what has been done since is asked about.
  void load(const QString& path, const Piece& left, Then then);
  void may_still_leave(const Piece& left, Then then);
  /// Asks what of a damaged file is opened, as a piece without a file, so that neither is overwritten.
  void load_damaged(const QString& path, const Error& error, const Piece& left, Then then);
  void choose_of_damaged(const Error& error, const std::shared_ptr<Opened>& opened, const Piece& left,
                         Then then);
  void offer(std::vector<Journal::Leftover> leftovers, const Piece& left, Then then);
  bool take_offer(const Journal::Leftover& leftover, const Document& kept, const Piece& left, Then then);
  void begin(Document document, const QString& path, const FileState& state, bool saved);
  void know_file(const FileState& state);
  void keep_at_hand() const;
  [[nodiscard]] AtHand kept_at_hand(const QString& path, const AtHand& otherwise) const;
  void save_to(const QString& path, Then then);
  void note_saved(const QString& path, const Document& written, const FileState& state);
  void remember(const QString& path);
  [[nodiscard]] QString suggested_path() const;
  /// Claims the file for this window; another one that has it keeps it.
  void claim();
  /// Another program had the file first.
  [[nodiscard]] bool elsewhere() const { return m_claim && m_claim->taken(); }

  Studio& m_studio;
  Questions& m_questions;
  FileJob& m_job;
  Journal m_journal;
  QString m_path;
  std::optional<FileClaim> m_claim; ///< Held while the piece is open here.
  FileState m_file_state;           ///< Of the file when it was last read or written here.
};

} // namespace zc
