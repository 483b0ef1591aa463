// SPDX-License-Identifier: GPL-3.0-or-later
// Where a piece is exported to and what it has written there: kept for each piece by itself, so that no piece
// replaces the exports of another unasked.
#pragma once

#include "io/files/file_state.h"
#include "model/session/studio.h"

#include <QObject>
#include <QStringList>
#include <map>

class QWidget;

namespace zc {

class Viewing;

class Dialogs;
class Documents;

class PieceExports final : public QObject {
  Q_OBJECT
public:
  PieceExports(Studio& model, Viewing& viewing, const Documents& documents, Dialogs& dialogs,
               QWidget& window);

  /// Asks about those that are there and were not written by this piece, or were changed since; true where
  /// none is, or all may be replaced.
  [[nodiscard]] bool may_write(const QStringList& files);
  /// They have been written now.
  void note_written(const QStringList& files);

private:
  void recall();
  void follow_path();
  void remember() const;
  [[nodiscard]] QString key(const char* what) const;
  Studio& m_model;
  Viewing& m_viewing;
  const Documents& m_documents;
  Dialogs& m_dialogs;
  QWidget& m_window;
  DocumentId m_document{};
  QString m_path; ///< Of the piece; empty for one without a file, whose exports are known until it is left.
  std::map<QString, FileState> m_written;
};

} // namespace zc
