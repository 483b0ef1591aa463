// SPDX-License-Identifier: GPL-3.0-or-later
// The desks in the order of the work: what they are called, what they are for, and the key that leads there.
#pragma once

#include "core/session/session.h"

#include <QCoreApplication>
#include <QKeySequence>
#include <QString>

namespace zc {

struct DeskFacts {
  Desk desk;
  const char* name; ///< With its letter for the keyboard.
  const char* tells;
};
inline constexpr DeskFacts kDeskFacts[] = {
    {Desk::Observe, QT_TRANSLATE_NOOP("Desk", "&Observe"),
     QT_TRANSLATE_NOOP("Desk", "Look at photos and take colors from them")},
    {Desk::Limit, QT_TRANSLATE_NOOP("Desk", "&Limit"),
     QT_TRANSLATE_NOOP("Desk", "Limit hue and saturation with a gamut mask")},
    {Desk::Pick, QT_TRANSLATE_NOOP("Desk", "&Pick"),
     QT_TRANSLATE_NOOP("Desk", "Pick colors at true value inside the mask")},
    {Desk::Grade, QT_TRANSLATE_NOOP("Desk", "&Grade"),
     QT_TRANSLATE_NOOP("Desk", "Put the set in order by value and see what to mend")},
    {Desk::Try, QT_TRANSLATE_NOOP("Desk", "&Try"),
     QT_TRANSLATE_NOOP("Desk", "See a picture in the set before a stroke is painted")},
    {Desk::Share, QT_TRANSLATE_NOOP("Desk", "S&hare"),
     QT_TRANSLATE_NOOP("Desk", "Print the sheet, check the press, export files")}};
static_assert(std::size(kDeskFacts) == kDesks);

[[nodiscard]] inline QString name_of(const DeskFacts& desk) {
  return QCoreApplication::translate("Desk", desk.name);
}
[[nodiscard]] inline QString tells_of(const DeskFacts& desk) {
  return QCoreApplication::translate("Desk", desk.tells);
}
/// Ctrl and its number in the order.
[[nodiscard]] inline QKeySequence key_of(const DeskFacts& desk) {
  return QKeySequence(Qt::CTRL | static_cast<Qt::Key>(Qt::Key_1 + static_cast<int>(desk.desk)));
}

} // namespace zc
