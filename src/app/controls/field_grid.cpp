// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/field_grid.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"

#include <QHBoxLayout>

namespace zc {

FieldGrid::FieldGrid() {
  setHorizontalSpacing(kGap);
  setVerticalSpacing(6);
  setColumnStretch(1, 1);
}

QLabel* FieldGrid::add(const QString& name, std::initializer_list<QWidget*> fields) {
  const int row = rowCount();
  auto* label = caption_label(name, nullptr);
  auto* side_by_side = new QHBoxLayout;
  side_by_side->setSpacing(kGap);
  // A field that grows leaves no room behind it, and needs none.
  bool grows = false;
  for (QWidget* field : fields) {
    const bool wide = field->sizePolicy().horizontalPolicy() & QSizePolicy::ExpandFlag &&
                      field->maximumWidth() == QWIDGETSIZE_MAX;
    side_by_side->addWidget(field, wide ? 1 : 0);
    grows = grows || wide;
  }
  if (!grows) side_by_side->addStretch(1);
  addWidget(label, row, 0);
  addLayout(side_by_side, row, 1);
  return label;
}

} // namespace zc
