// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/choices.h"

#include "core/mix/ramps.h"

#include <QComboBox>
#include <QObject>

namespace zc {

void fill_with_ways(QComboBox& box) {
  const std::pair<QString, Way> ways[] = {{QObject::tr("straight line"), Way::Straight},
                                          {QObject::tr("around the wheel, short way"), Way::Short},
                                          {QObject::tr("around the wheel, long way"), Way::Long},
                                          {QObject::tr("as light mixes"), Way::Light},
                                          {QObject::tr("as paint mixes"), Way::Paint}};
  for (const auto& [words, way] : ways) box.addItem(words, static_cast<int>(way));
}

} // namespace zc
