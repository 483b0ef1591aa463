// SPDX-License-Identifier: GPL-3.0-or-later
// The journal: an edited piece is written to the state folder a moment after each change, off the main
// thread, and offered again after a crash.
#pragma once

#include "io/files/file_state.h"
#include "model/session/studio.h"

#include <QElapsedTimer>
#include <QLockFile>
#include <QStringList>
#include <QThreadPool>
#include <QTimer>
#include <memory>

namespace zc {

class Journal final : public QObject {
  Q_OBJECT
public:
  explicit Journal(Studio& studio);
  ~Journal() override;

  /// The file the piece belongs to and the state it was last known in, kept beside the journal; empty for a
  /// new piece.
  void set_piece_path(const QString& path, const FileState& state);

  /// The program ends: what is not to be kept is removed, and nothing is written any more.
  void finish();
  /// The program is made to end: unsaved work is written at once and stays, to be offered again.
  void keep();

  struct Leftover {
    QString file;       ///< A piece file.
    QString piece_path; ///< Where it belongs, or empty.
    FileState piece_state;
    QString when;
    std::shared_ptr<QLockFile> lock; ///< Held, so that no second window offers it as well.
  };
  /// Makes what another program left this one's journal, in one step: at no moment is it nobody's.
  void adopt(const Leftover& leftover);

  /// Journals whose program is no longer running.
  [[nodiscard]] static std::vector<Leftover> leftovers();
  static void discard(const Leftover& leftover);
  [[nodiscard]] static QString folder();

private:
  void follow(bool edited);
  void write_soon();
  void write();

  Studio& m_studio;
  QString m_file, m_piece_path;
  FileState m_piece_state;
  std::unique_ptr<QLockFile> m_lock;
  bool m_kept = false;
  QTimer m_timer;
  QElapsedTimer m_waiting; ///< Since the first change that is not written yet.
  QThreadPool m_writer;    ///< One thread, so that writing and removing keep their order.
};

} // namespace zc
