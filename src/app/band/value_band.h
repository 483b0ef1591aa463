// SPDX-License-Identifier: GPL-3.0-or-later
// The value band: rail, hue section and staff side by side on one axis.
#pragma once

#include <QWidget>

namespace zc {

class RailView;
class SectionView;
class StaffView;
class Workspace;

class ValueBand final : public QWidget {
  Q_OBJECT
public:
  ValueBand(Workspace& space, QWidget* parent);
  [[nodiscard]] StaffView& staff() { return *m_staff; }

private:
  RailView* m_rail;
  SectionView* m_section;
  StaffView* m_staff;
};

} // namespace zc
