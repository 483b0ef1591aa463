// SPDX-License-Identifier: GPL-3.0-or-later
// Names in one column, their fields in the next, from the same edge on.
#pragma once

#include <QGridLayout>

#include <initializer_list>

class QLabel;

namespace zc {

class FieldGrid final : public QGridLayout {
  Q_OBJECT
public:
  FieldGrid();
  /// A row: the name, its field, and what belongs to that behind it. The name is given back, for a row that
  /// is sometimes hidden.
  QLabel* add(const QString& name, std::initializer_list<QWidget*> fields);
};

} // namespace zc
