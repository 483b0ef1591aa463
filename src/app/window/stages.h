// SPDX-License-Identifier: GPL-3.0-or-later
// The desks' stages, the value band and the kept reference, side by side; each layout keeps its own widths.
#pragma once

#include "core/session/session.h"

#include <QSplitter>
#include <array>
#include <map>
#include <optional>

class QStackedWidget;

namespace zc {

class GradeDesk;
class KeptReference;
class LimitDesk;
class ObserveDesk;
class PickDesk;
class ShareDesk;
class StageArea;
class TryDesk;
class ValueBand;
class AppModel;

class Stages final : public QSplitter {
  Q_OBJECT
public:
  Stages(AppModel& model, QWidget* parent);
  [[nodiscard]] ObserveDesk& observe() { return *m_observe; }
  [[nodiscard]] LimitDesk& limit() { return *m_limit; }
  [[nodiscard]] PickDesk& pick() { return *m_pick; }
  [[nodiscard]] GradeDesk& grade() { return *m_grade; }
  [[nodiscard]] TryDesk& tries() { return *m_try; }
  [[nodiscard]] ShareDesk& share() { return *m_share; }
  [[nodiscard]] ValueBand& band() { return *m_band; }
  /// What the desk is about gets the keyboard.
  void focus(Desk desk);
  /// What is reached for on the left, what is looked at on the right.
  void use_left_hand(bool left);
  /// How wide the kept reference is at each desk, between starts.
  void recall_widths();
  void remember_widths() const;
  /// Shows the desk that the session is at.
  void follow();

protected:
  void resizeEvent(QResizeEvent* event) override;

private:
  /// The staff view of Grade shares the width in a way of its own.
  using Layout = std::pair<Desk, bool>;
  [[nodiscard]] bool stage_is_alone() const;
  [[nodiscard]] Layout layout_shown() const;
  [[nodiscard]] QWidget* stage_of(Desk desk) const;
  void show_layout(const Layout& layout);
  [[nodiscard]] int width_to_share() const;
  void share_width();
  void note_shares();

  AppModel& m_model;
  QStackedWidget* m_stage;
  ObserveDesk* m_observe;
  LimitDesk* m_limit;
  PickDesk* m_pick;
  GradeDesk* m_grade;
  TryDesk* m_try;
  ShareDesk* m_share;
  KeptReference* m_kept;
  StageArea* m_area;
  ValueBand* m_band;
  std::map<Layout, double> m_share_of{{{Desk::Observe, false}, 0.665}, {{Desk::Limit, false}, 0.63},
                                      {{Desk::Pick, false}, 0.43},     {{Desk::Grade, false}, 0.9},
                                      {{Desk::Grade, true}, 0.275},    {{Desk::Try, false}, 0.63},
                                      {{Desk::Share, false}, 1}};
  std::array<int, kDesks> m_kept_width;
  std::optional<Layout> m_shown;
  bool m_shown_kept = false;
};

} // namespace zc
