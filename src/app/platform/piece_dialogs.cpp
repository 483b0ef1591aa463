// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/piece_dialogs.h"

#include "model/session/studio.h"

namespace zc {

QString PieceDialogs::open_piece(QWidget* parent, const QString& folder) {
  return bound([&] { return m_asked.open_piece(parent, folder); }, QString());
}

QString PieceDialogs::save_piece(QWidget* parent, const QString& suggested) {
  return bound([&] { return m_asked.save_piece(parent, suggested); }, QString());
}

QStringList PieceDialogs::open_photos(QWidget* parent, const QString& folder) {
  return bound([&] { return m_asked.open_photos(parent, folder); }, QStringList());
}

QString PieceDialogs::open_set_file(QWidget* parent, const QString& folder, const QString& filter) {
  return bound([&] { return m_asked.open_set_file(parent, folder, filter); }, QString());
}

QString PieceDialogs::export_file(QWidget* parent, const QString& suggested, const QString& filter) {
  return bound([&] { return m_asked.export_file(parent, suggested, filter); }, QString());
}

QString PieceDialogs::choose_folder(QWidget* parent, const QString& folder) {
  return bound([&] { return m_asked.choose_folder(parent, folder); }, QString());
}

/// What is printed was copied before.
void PieceDialogs::print(QWidget* parent, const std::function<void(QPrinter&)>& draw) {
  m_asked.print(parent, draw);
}

UnsavedAnswer PieceDialogs::ask_unsaved(QWidget* parent, const QString& title) {
  return bound([&] { return m_asked.ask_unsaved(parent, title); }, UnsavedAnswer::Cancel);
}

RecoveryAnswer PieceDialogs::offer_recovery(QWidget* parent, const QString& title, const QString& when,
                                            const QString& newer) {
  return bound([&] { return m_asked.offer_recovery(parent, title, when, newer); }, RecoveryAnswer::Later);
}

DamagedAnswer PieceDialogs::ask_damaged(QWidget* parent, const QString& says, bool rest, bool before) {
  return bound([&] { return m_asked.ask_damaged(parent, says, rest, before); }, DamagedAnswer::Neither);
}

bool PieceDialogs::ask_replace(QWidget* parent, const QStringList& files) {
  return bound([&] { return m_asked.ask_replace(parent, files); }, false);
}

void PieceDialogs::show_about(QWidget* parent, const QString& text) { m_asked.show_about(parent, text); }

} // namespace zc
