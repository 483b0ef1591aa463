// SPDX-License-Identifier: GPL-3.0-or-later
// Opening, saving and exporting: between the workspace, the files and the questions to the painter.
#pragma once

#include "app/seams/dialogs.h"
#include "app/store/journal.h"
#include "app/store/workspace.h"
#include "app/window/long_work.h"
#include "io/container/piece_json.h"

#include <QLockFile>
#include <QObject>
#include <QStringList>
#include <memory>
#include <optional>

namespace zc {

class Documents final : public QObject {
  Q_OBJECT
public:
  Documents(Workspace& space, Dialogs& dialogs, QWidget& window, LongWork& long_work);

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
  /// Offers what a crash left unsaved; true when it was taken up.
  bool recover();
  /// False when the painter chose to go on working.
  bool may_leave();
  /// Called when the window closes for good.
  void leave() const { keep_at_hand(); }
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
  bool load(const QString& path);
  /// Asks what of a damaged file is opened, as a piece without a file, so that neither is overwritten; also
  /// about work that has been done since `at_start`, while it was read.
  bool load_damaged(const QString& path, const Error& error, const Piece& at_start);
  void begin(Document document, const QString& path, bool saved);
  void keep_at_hand() const;
  [[nodiscard]] AtHand kept_at_hand(const QString& path, const AtHand& otherwise) const;
  bool save_to(const QString& path);
  void remember(const QString& path);
  [[nodiscard]] QString suggested_path() const;
  /// Claims the file for this window; another one that has it keeps it.
  void claim();

  Workspace& m_space;
  Dialogs& m_dialogs;
  QWidget& m_window;
  LongWork& m_long_work;
  Journal m_journal;
  QString m_path;
  std::unique_ptr<QLockFile> m_claim;     ///< Held while the piece is open here.
  std::pair<qint64, qint64> m_file_state; ///< Of the file when it was last read or written here.
  bool m_elsewhere = false;               ///< Another window had the file first.
};

} // namespace zc
