// SPDX-License-Identifier: GPL-3.0-or-later
// What the wheel is painted with, made anew when the wheel or its steps change.
#pragma once

#include "core/wheel/raster.h"
#include "model/derived/derived.h"
#include "model/session/studio.h"

namespace zc {

class PlanModel final : public QObject {
  Q_OBJECT
public:
  explicit PlanModel(Studio& studio);
  [[nodiscard]] SolidPainter& painter();
  /// The table of the vivid plan; it is asked for while that is looked at, and null until it is made, which
  /// changed() tells.
  [[nodiscard]] const VividTable* vivid_table();

signals:
  void changed();

private:
  Studio& m_studio;
  Derived<WheelSpec, std::unique_ptr<SolidPainter>> m_painter{m_studio.scope()};
  Steps m_stepped; ///< How the user is stepped.
  Derived<WheelSpec, VividTable> m_vivid{m_studio.scope()};
};

} // namespace zc
