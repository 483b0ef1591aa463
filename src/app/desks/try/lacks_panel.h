// SPDX-License-Identifier: GPL-3.0-or-later
// What the picture needs and the set lacks: laid one by one or all.
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
class TryReader;
class Viewing;

class ElidedLabel;
class NumberField;

class LacksPanel final : public QWidget {
  Q_OBJECT
public:
  LacksPanel(Studio& space, Laying& laying, Viewing& viewing, SetWork& work, TryReader& tries,
             QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  void follow();
  void add_lack(QGridLayout& grid, const Lack& lack, const Swatch* near, int n, int rows);
  void follow_head(const Needs* needed);
  void lay(const std::vector<Lack>& lacks);
  Studio& m_space;
  Laying& m_laying;
  Viewing& m_viewing;
  TryReader& m_tries;
  QVBoxLayout* m_rows;
  QComboBox* m_by = nullptr;
  ElidedLabel* m_heading = nullptr;
  NumberField* m_most = nullptr;
  NumberField* m_apart = nullptr;
  QWidget* m_list = nullptr;
};

} // namespace zc
