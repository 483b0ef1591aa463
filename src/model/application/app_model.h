// SPDX-License-Identifier: GPL-3.0-or-later
// All that a user works with, put together: what is open and at hand, what is done to it, and what is
// worked out from it.
#pragma once

#include "model/follow/canvas_follower.h"
#include "model/intake/photo_intake.h"
#include "model/keys/key_model.h"
#include "model/mixing/paint_model.h"
#include "model/mixing/reaches.h"
#include "model/plan/plan_model.h"
#include "model/session/laying.h"
#include "model/session/masking.h"
#include "model/share/share_model.h"
#include "model/watch/watch_model.h"

namespace zc {

/// The members stand in the order of what needs what.
class AppModel final : public Studio {
  Q_OBJECT
public:
  explicit AppModel(QObject* parent = nullptr);
  ~AppModel() override;

  // What is done.
  [[nodiscard]] Picking& picking() { return m_picking; }
  [[nodiscard]] Laying& laying() { return m_laying; }
  [[nodiscard]] Masking& masking() { return m_masking; }
  [[nodiscard]] Viewing& viewing() { return m_viewing; }
  [[nodiscard]] SetWork& set_work() { return m_set_work; }
  [[nodiscard]] CanvasFollower& canvases() { return m_canvases; }
  // What is worked out.
  [[nodiscard]] PlanModel& plan() { return m_plan; }
  [[nodiscard]] PhotoModel& reader() { return m_reader; }
  [[nodiscard]] PressModel& press() { return m_press; }
  [[nodiscard]] KeyModel& keys() { return m_keys; }
  [[nodiscard]] PaintModel& paints() { return m_paints; }
  [[nodiscard]] Reaches& reaches() { return m_reaches; }
  [[nodiscard]] TryModel& tries() { return m_tries; }
  [[nodiscard]] ShareModel& share_model() { return m_share_model; }
  [[nodiscard]] WatchModel& watch() { return m_watch; }

private:
  Picking m_picking{*this};
  Laying m_laying{*this};
  Masking m_masking{*this};
  Viewing m_viewing{*this};
  PlanModel m_plan{*this};
  PhotoModel m_reader{*this};
  PressModel m_press{*this};
  SetWork m_set_work{*this, m_picking};
  PaintModel m_paints{*this, m_reader};
  Reaches m_reaches{*this, m_paints, m_press};
  KeyModel m_keys{*this, m_reader};
  TryModel m_tries{*this, m_reader, m_keys, m_set_work, m_press};
  ShareModel m_share_model{*this, m_reader, m_keys, m_tries, m_press};
  WatchModel m_watch{*this, m_reader, m_tries};
  CanvasFollower m_canvases{*this};
  PhotoIntake m_intake{*this, m_viewing};
};

} // namespace zc
