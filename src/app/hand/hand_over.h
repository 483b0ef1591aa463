// SPDX-License-Identifier: GPL-3.0-or-later
// Handing over: while it is on, every pick goes to the clipboard at its end, in the form the painter chose.
#pragma once

#include "core/session/hand_form.h"
#include "model/session/studio.h"

#include <QObject>

namespace zc {

/// How colors are handed over; kept between starts, save that it is off at each start.
struct HandOverForm {
  HandForm form = HandForm::Hex;
  QString pattern = QString::fromLatin1(kFirstPattern.data(), kFirstPattern.size());
  bool picture = false; ///< A small picture of the color goes along.
  bool operator==(const HandOverForm&) const = default;
};

class HandOver final : public QObject {
  Q_OBJECT
public:
  explicit HandOver(Studio& space);
  [[nodiscard]] bool on() const { return m_on; }
  [[nodiscard]] const HandOverForm& form() const { return m_form; }
  /// What was handed over last, in one line; empty while it is off.
  [[nodiscard]] QString last() const { return m_last; }
  void turn(bool on);
  /// Takes the form when it can be followed, else says why not.
  [[nodiscard]] Result<HandOverForm> take(const HandOverForm& form);
  /// The current color in a form.
  [[nodiscard]] Result<std::string> preview(const HandOverForm& form) const;

signals:
  void changed();

private:
  void hand();
  Studio& m_space;
  HandOverForm m_form;
  bool m_on = false;
  QString m_last;
};

/// The form in a word or two, for what switches it.
[[nodiscard]] QString words_for(const HandOverForm& form);

} // namespace zc
