// SPDX-License-Identifier: GPL-3.0-or-later
// Fills between two selected swatches: how many colors, and which way they go. Shown while two are selected.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;

namespace zc {

class SetWork;

class NumberField;

class BetweenRow final : public QWidget {
  Q_OBJECT
public:
  BetweenRow(Studio& model, SetWork& work, QWidget* parent);

private:
  void follow();
  Studio& m_model;
  SetWork& m_work;
  NumberField* m_count;
  QComboBox* m_way;
};

} // namespace zc
