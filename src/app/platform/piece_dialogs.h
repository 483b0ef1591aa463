// SPDX-License-Identifier: GPL-3.0-or-later
// Questions that belong to the piece they were asked in.
#pragma once

#include "app/platform/dialogs.h"
#include "model/session/studio.h"

namespace zc {

/// Asks others; when another piece is open by the time of the answer, the question counts as cancelled.
class PieceDialogs final : public Dialogs {
public:
  PieceDialogs(const Studio& model, Dialogs& asked) : m_model(model), m_asked(asked) {}

  QString open_piece(QWidget* parent, const QString& folder) override;
  QString save_piece(QWidget* parent, const QString& suggested) override;
  QStringList open_photos(QWidget* parent, const QString& folder) override;
  QString open_set_file(QWidget* parent, const QString& folder, const QString& filter) override;
  QString export_file(QWidget* parent, const QString& suggested, const QString& filter) override;
  QString choose_folder(QWidget* parent, const QString& folder) override;
  void print(QWidget* parent, const std::function<void(QPrinter&)>& draw) override;
  UnsavedAnswer ask_unsaved(QWidget* parent, const QString& title) override;
  RecoveryAnswer offer_recovery(QWidget* parent, const QString& title, const QString& when,
                                const QString& newer) override;
  DamagedAnswer ask_damaged(QWidget* parent, const QString& says, bool rest, bool before) override;
  bool ask_replace(QWidget* parent, const QStringList& files) override;
  void show_about(QWidget* parent, const QString& text) override;

private:
  template <class Answer, class Ask> [[nodiscard]] Answer bound(const Ask& ask, Answer cancelled) const {
    const DocumentId began = m_model.document();
    Answer answer = ask();
    return m_model.document() == began ? answer : cancelled;
  }
  const Studio& m_model;
  Dialogs& m_asked;
};

} // namespace zc
