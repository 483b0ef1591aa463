// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/i18n/code_words.h"

#include "model/i18n/text.h"

#include <QCoreApplication>

#include <cmath>

namespace zc {
namespace {

QString beyond_words(const Code& code) {
  if (code.finish == Finish::Metallic)
    return QCoreApplication::translate("Code", "a metallic ink, which no display shows");
  if (code.finish == Finish::Fluorescent)
    return QCoreApplication::translate("Code", "a fluorescent ink, which no display shows");
  if (!beyond_display(code)) return {};
  return QCoreApplication::translate("Code", "no display shows it: the nearest color differs by %1")
      .arg(number(difference_to(code, code.shown), 1));
}

} // namespace

QString ink_words(const Ink& ink) {
  const auto share = [](double x) { return number(x, x == std::round(x) ? 0 : 1); };
  return QStringLiteral("C %1  M %2  Y %3  K %4").arg(share(ink.c), share(ink.m), share(ink.y), share(ink.k));
}

QString code_words(const Code& code) {
  if (const auto* name = std::get_if<BookName>(&code.as)) return text(name->name);
  return ink_words(std::get<WrittenInks>(code.as).ink);
}

QString code_told(const Code& code) {
  const auto* name = std::get_if<BookName>(&code.as);
  const QString home = text(name ? name->book : std::get<WrittenInks>(code.as).profile);
  QString out = code_words(code);
  if (!home.isEmpty())
    out = (name ? QCoreApplication::translate("Code", "%1 in the color book %2")
                : QCoreApplication::translate("Code", "%1 on the press %2"))
              .arg(out, home);
  const QString beyond = beyond_words(code);
  return beyond.isEmpty() ? out : out + QStringLiteral("; ") + beyond;
}

} // namespace zc
