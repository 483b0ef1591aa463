// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/session/well_words.h"

#include "model/i18n/text.h"

#include <QCoreApplication>

namespace zc {

QString well_row_words(const AtHand& at_hand, std::size_t row) {
  const std::string name = row_name(at_hand, row);
  return name.empty() ? QCoreApplication::translate("Wells", "row %1").arg(row + 1) : text(name);
}

QString well_words(const AtHand& at_hand, std::size_t well) {
  const std::size_t place = well % kWellsInRow + 1;
  if (well_rows(at_hand) == 1) return QCoreApplication::translate("Wells", "well %1").arg(place);
  return QCoreApplication::translate("Wells", "well %1 of %2")
      .arg(place)
      .arg(well_row_words(at_hand, well / kWellsInRow));
}

} // namespace zc
