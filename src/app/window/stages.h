// SPDX-License-Identifier: GPL-3.0-or-later
// The desks' stages, the value band and the kept reference, side by side; each layout keeps its own widths. A
// desk is made when it is first shown or asked for.
#pragma once

#include "app/controls/late_widget.h"
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
  [[nodiscard]] LateWidget<ObserveDesk>& observe() { return m_observe; }
  [[nodiscard]] LateWidget<LimitDesk>& limit() { return m_limit; }
  [[nodiscard]] LateWidget<PickDesk>& pick() { return m_pick; }
  [[nodiscard]] LateWidget<GradeDesk>& grade() { return m_grade; }
  [[nodiscard]] LateWidget<TryDesk>& tries() { return m_try; }
  [[nodiscard]] LateWidget<ShareDesk>& share() { return m_share; }
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
  /// The desk, made where it is not there yet.
  [[nodiscard]] QWidget* stage_of(Desk desk);
  /// How a desk is made.
  template <class W> [[nodiscard]] std::function<W*()> late_desk();
  template <class W> [[nodiscard]] W* made_desk();
  void turn_to_hand();
  void show_layout(const Layout& layout);
  [[nodiscard]] int width_to_share() const;
  void share_width();
  void note_shares();

  AppModel& m_model;
  QStackedWidget* m_stage;
  LateWidget<ObserveDesk> m_observe;
  LateWidget<LimitDesk> m_limit;
  LateWidget<PickDesk> m_pick;
  LateWidget<GradeDesk> m_grade;
  LateWidget<TryDesk> m_try;
  LateWidget<ShareDesk> m_share;
  KeptReference* m_kept;
  StageArea* m_area;
  ValueBand* m_band;
  std::map<Layout, double> m_share_of{{{Desk::Observe, false}, 0.665}, {{Desk::Limit, false}, 0.63},
                                      {{Desk::Pick, false}, 0.43},     {{Desk::Grade, false}, 0.9},
                                      {{Desk::Grade, true}, 0.275},    {{Desk::Try, false}, 0.63},
                                      {{Desk::Share, false}, 1}};
  std::array<int, kDesks> m_kept_width;
  std::optional<Layout> m_shown;
  bool m_shown_kept = false, m_left_hand = false;
};

} // namespace zc
