// SPDX-License-Identifier: GPL-3.0-or-later
// What the picture needs and the set does not have: added one by one or all.
#pragma once

#include "core/try/check.h"
#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QGridLayout;
class QVBoxLayout;

namespace zc {

class Laying;
class SetWork;
class TryModel;
class Viewing;

class ElidedLabel;
class NumberField;

class MissingPanel final : public QWidget {
  Q_OBJECT
public:
  MissingPanel(Studio& model, Laying& laying, Viewing& viewing, SetWork& work, TryModel& tries,
               QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  void follow();
  void add_missing(QGridLayout& grid, const MissingColor& lack, const Swatch* near, int n, int rows);
  void follow_head(const Needs* needed);
  void lay(const std::vector<MissingColor>& lacks);
  Studio& m_model;
  Laying& m_laying;
  Viewing& m_viewing;
  TryModel& m_tries;
  QVBoxLayout* m_rows;
  QComboBox* m_by = nullptr;
  ElidedLabel* m_heading = nullptr;
  NumberField* m_most = nullptr;
  NumberField* m_apart = nullptr;
  QWidget* m_list = nullptr;
};

} // namespace zc
