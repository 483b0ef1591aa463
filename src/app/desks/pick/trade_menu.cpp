// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/trade_menu.h"

#include "model/i18n/language.h"
#include "model/i18n/text.h"

#include <QCoreApplication>
#include <QMenu>

namespace zc {

void offer_trade_paints(QMenu& menu, const std::function<void(const TradePaint&)>& take) {
  menu.addSeparator();
  menu.setToolTipsVisible(true);
  for (const TradePaint& paint : trade_paints()) {
    auto* action = menu.addAction(word(paint.name), [take, &paint] { take(paint); });
    action->setToolTip(QCoreApplication::translate("zc::trade_menu", "Mixed by a drawn reflectance curve: %1")
                           .arg(word(paint.says)));
  }
}

} // namespace zc
