// SPDX-License-Identifier: GPL-3.0-or-later
// The sentences of the core and of the files in the language of the window.
#include "model/i18n/language.h"

#include <QCoreApplication>

namespace zc {
namespace {

QString stands(const Argument& with) {
  switch (with.kind()) {
  case Argument::Kind::Name:
    return QString::fromStdString(with.text());
  case Argument::Kind::Term:
    return word(with.text());
  case Argument::Kind::Saying:
    return sentence(with.saying());
  }
  return {};
}

} // namespace

/// In one go, so that a name may hold what looks like a place.
QString sentence(const Saying& said) {
  const QString pattern = QCoreApplication::translate("Sentence", english(said.sentence));
  QString out;
  for (qsizetype i = 0; i < pattern.size(); ++i) {
    const int place =
        pattern[i] == QLatin1Char('%') && i + 1 < pattern.size() ? pattern[i + 1].digitValue() : 0;
    if (place < 1 || place > static_cast<int>(said.with.size())) {
      out += pattern[i];
      continue;
    }
    out += stands(said.with[static_cast<std::size_t>(place) - 1]);
    ++i;
  }
  return out;
}

} // namespace zc
