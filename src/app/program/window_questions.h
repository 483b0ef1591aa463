// SPDX-License-Identifier: GPL-3.0-or-later
// The model's questions, asked by the window's dialogs.
#pragma once

#include "app/platform/dialogs.h"

#include <QPointer>
#include <QWidget>

namespace zc {

class WindowQuestions final : public Questions {
public:
  explicit WindowQuestions(Dialogs& dialogs) : m_dialogs(dialogs) {}
  /// Questions are asked over this window from now on.
  void ask_over(QWidget& window) { m_window = &window; }
  QString open_piece(const QString& folder) override { return m_dialogs.open_piece(m_window, folder); }
  QString save_piece(const QString& suggested) override { return m_dialogs.save_piece(m_window, suggested); }
  UnsavedAnswer ask_unsaved(const QString& title) override { return m_dialogs.ask_unsaved(m_window, title); }
  RecoveryAnswer offer_recovery(const QString& title, const QString& when, const QString& newer) override {
    return m_dialogs.offer_recovery(m_window, title, when, newer);
  }
  DamagedAnswer ask_damaged(const QString& says, bool rest, bool before) override {
    return m_dialogs.ask_damaged(m_window, says, rest, before);
  }

private:
  Dialogs& m_dialogs;
  QPointer<QWidget> m_window;
};

} // namespace zc
