// SPDX-License-Identifier: GPL-3.0-or-later
// Handing over: while it is on, every pick goes to the clipboard at its end, in the form the user chose.
#pragma once

#include "core/session/copy_form.h"
#include "model/session/studio.h"

#include <QObject>

namespace zc {

/// How colors are copied on pick; kept between starts, save that it is off at each start.
struct CopyOnPickForm {
  CopyForm form = CopyForm::Hex;
  QString pattern = QString::fromLatin1(kFirstPattern.data(), kFirstPattern.size());
  bool picture = false; ///< A small picture of the color goes along.
  bool operator==(const CopyOnPickForm&) const = default;
};

class CopyOnPick final : public QObject {
  Q_OBJECT
public:
  explicit CopyOnPick(Studio& model);
  [[nodiscard]] bool on() const { return m_on; }
  [[nodiscard]] const CopyOnPickForm& form() const { return m_form; }
  /// What was copied on pick last, in one line; empty while it is off.
  [[nodiscard]] QString last() const { return m_last; }
  void turn(bool on);
  /// Takes the form when it can be followed, else says why not.
  [[nodiscard]] Result<CopyOnPickForm> take(const CopyOnPickForm& form);
  /// The current color in a form.
  [[nodiscard]] Result<std::string> preview(const CopyOnPickForm& form) const;

signals:
  void changed();

private:
  void hand();
  Studio& m_model;
  CopyOnPickForm m_form;
  bool m_on = false;
  QString m_last;
};

/// The form in a word or two, for what switches it.
[[nodiscard]] QString words_for(const CopyOnPickForm& form);

} // namespace zc
