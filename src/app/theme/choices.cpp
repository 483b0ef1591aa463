// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/choices.h"

#include "core/mix/strings.h"

#include <QComboBox>
#include <QObject>

namespace zc {

void fill_with_ways(QComboBox& box) {
  const std::pair<QString, Way> ways[] = {{QObject::tr("straight"), Way::Straight},
                                          {QObject::tr("hue, short way"), Way::Short},
                                          {QObject::tr("hue, long way"), Way::Long},
                                          {QObject::tr("as light"), Way::Light},
                                          {QObject::tr("as paint"), Way::Paint}};
  for (const auto& [words, way] : ways) box.addItem(words, static_cast<int>(way));
}

} // namespace zc
