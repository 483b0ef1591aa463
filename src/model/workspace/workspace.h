// SPDX-License-Identifier: GPL-3.0-or-later
// All that a painter works with, put together: what is open and at hand, what is done to it, and what is
// worked out from it.
#pragma once

#include "model/follow/canvas_follower.h"
#include "model/intake/photo_intake.h"
#include "model/mixing/paint_reading.h"
#include "model/plan/plan_reader.h"
#include "model/session/laying.h"
#include "model/session/masking.h"
#include "model/share/share_reading.h"

namespace zc {

/// In the order of what needs what.
class Workspace final : public Studio {
  Q_OBJECT
public:
  explicit Workspace(QObject* parent = nullptr);
  ~Workspace() override;

  // What is done.
  [[nodiscard]] Picking& picking() { return m_picking; }
  [[nodiscard]] Laying& laying() { return m_laying; }
  [[nodiscard]] Masking& masking() { return m_masking; }
  [[nodiscard]] Viewing& viewing() { return m_viewing; }
  [[nodiscard]] SetWork& set_work() { return m_set_work; }
  [[nodiscard]] CanvasFollower& canvases() { return m_canvases; }
  // What is worked out.
  [[nodiscard]] PlanReader& plan() { return m_plan; }
  [[nodiscard]] PhotoReader& reader() { return m_reader; }
  [[nodiscard]] PressReader& press() { return m_press; }
  [[nodiscard]] PaintReader& paints() { return m_paints; }
  [[nodiscard]] TryReader& tries() { return m_tries; }
  [[nodiscard]] ShareReader& shares() { return m_shares; }

private:
  Picking m_picking{*this};
  Laying m_laying{*this};
  Masking m_masking{*this};
  Viewing m_viewing{*this};
  PlanReader m_plan{*this};
  PhotoReader m_reader{*this};
  PressReader m_press{*this};
  SetWork m_set_work{*this, m_picking};
  PaintReader m_paints{*this, m_reader};
  TryReader m_tries{*this, m_reader, m_set_work, m_press};
  ShareReader m_shares{*this, m_reader, m_tries, m_press};
  CanvasFollower m_canvases{*this};
  PhotoIntake m_intake{*this, m_viewing};
};

} // namespace zc
