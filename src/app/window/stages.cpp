// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/stages.h"

#include "app/band/staff_view.h"
#include "app/band/value_band.h"
#include "app/controls/controls.h"
#include "app/desks/grade/grade_desk.h"
#include "app/desks/limit/limit_desk.h"
#include "app/desks/observe/observe_desk.h"
#include "app/desks/pick/pick_desk.h"
#include "app/desks/share/share_desk.h"
#include "app/desks/share/share_stage.h"
#include "app/desks/try/try_desk.h"
#include "app/desks/try/try_view.h"
#include "app/photo/kept_reference.h"
#include "app/photo/photo_view.h"
#include "app/wheel/wheel_view.h"
#include "app/window/stage_area.h"
#include "model/application/app_model.h"

#include <QSettings>
#include <QStackedWidget>

namespace zc {
namespace {

QString kept_setting(std::size_t desk) { return QStringLiteral("keptReference/%1").arg(desk); }

} // namespace

Stages::Stages(AppModel& model, QWidget* parent)
    : QSplitter(Qt::Horizontal, parent), m_model(model), m_stage(new QStackedWidget(this)),
      m_observe(late_desk<ObserveDesk>()), m_limit(late_desk<LimitDesk>()), m_pick([this] {
        return m_model.made_late([this] {
          auto* const desk = made_desk<PickDesk>();
          desk->add_pages_to(*m_band);
          return desk;
        });
      }),
      m_grade(late_desk<GradeDesk>()), m_try(late_desk<TryDesk>()), m_share(late_desk<ShareDesk>()),
      m_kept(new KeptReference(m_model, m_model.picking(), m_model.laying(), m_model.viewing(),
                               m_model.reader(), this)),
      // Where the window is small the stage is scrolled, so that everything can be reached.
      m_area(new StageArea(m_stage, this)), m_band(new ValueBand(m_model, this)) {
  setObjectName(QStringLiteral("split"));
  setHandleWidth(6);
  setChildrenCollapsible(false);
  addWidget(m_kept);
  addWidget(m_area);
  addWidget(m_band);
  m_kept_width.fill(KeptReference::kUsual);
  connect(this, &QSplitter::splitterMoved, this, &Stages::note_shares);
  m_grade.when_made([this](GradeDesk& grade) {
    connect(&grade, &GradeDesk::foundSwatches, this, [this] { focus(Desk::Grade); });
    turn_to_hand();
  });
  m_limit.when_made([this](LimitDesk& /*limit*/) { turn_to_hand(); });
  connect(&m_band->staff(), &StaffView::droppedElsewhere, this, [this](Id swatch, QPoint global) {
    if (m_model.session().desk == Desk::Try) return static_cast<void>(m_try->view().bind_at(global, swatch));
    if (const Swatch* s = find_swatch(m_model.piece(), swatch)) m_pick->accept_drop(global, s->color);
  });
  m_model.hear({Part::Desk, Part::SetView, Part::Looking, Part::Keys}, this, &Stages::follow);
}

template <class W> W* Stages::made_desk() {
  auto* const desk = new W(m_model, m_stage);
  m_stage->addWidget(desk);
  follow_in_focus_order(*desk, last_before_in_focus_order(*m_kept));
  return desk;
}

template <class W> std::function<W*()> Stages::late_desk() {
  return [this] { return m_model.made_late([this] { return made_desk<W>(); }); };
}

QWidget* Stages::stage_of(Desk desk) {
  switch (desk) {
  case Desk::Observe:
    return &*m_observe;
  case Desk::Limit:
    return &*m_limit;
  case Desk::Pick:
    return &*m_pick;
  case Desk::Grade:
    return &*m_grade;
  case Desk::Try:
    return &*m_try;
  case Desk::Share:
    return &*m_share;
  }
  return nullptr;
}

Stages::Layout Stages::layout_shown() const {
  const Session& s = m_model.session();
  return {s.desk,
          (s.desk == Desk::Grade && s.set_view == SetView::Staff) || (s.desk == Desk::Limit && s.shows_keys)};
}

/// The sheets of Share and of keys hold all there is, and need the room.
bool Stages::stage_is_alone() const {
  const Session& s = m_model.session();
  return s.desk == Desk::Share || (s.desk == Desk::Limit && s.shows_keys);
}

void Stages::follow() {
  const Layout layout = layout_shown();
  const bool kept = reference_kept(m_model.session());
  if (m_shown == layout && kept == m_shown_kept) return;
  m_shown_kept = kept;
  m_kept->setVisible(kept);
  show_layout(layout);
}

void Stages::show_layout(const Layout& layout) {
  const Desk desk = layout.first;
  const bool other_desk = !m_shown || m_shown->first != desk;
  // Only the desk shown has a say in how narrow the stage may get.
  QWidget* const shown = stage_of(desk);
  for (int i = 0; i < m_stage->count(); ++i) {
    const auto policy = m_stage->widget(i) == shown ? QSizePolicy::Preferred : QSizePolicy::Ignored;
    m_stage->widget(i)->setSizePolicy(policy, policy);
  }
  m_stage->setCurrentWidget(shown);
  m_band->setVisible(!stage_is_alone());
  // At Grade the axis stands first and the panels last, whatever view of the set is between them.
  insertWidget(desk == Desk::Grade ? 2 : 1, m_area);
  if (other_desk || desk == Desk::Grade) focus(desk);
  m_shown = layout;
  share_width();
}

void Stages::focus(Desk desk) {
  if (desk == Desk::Observe) m_observe->photo().setFocus();
  if (desk == Desk::Limit) m_limit->take_focus();
  if (desk == Desk::Pick) m_pick->wheel().setFocus();
  if (desk == Desk::Try) m_try->view().setFocus();
  if (desk == Desk::Share) m_share->stage().setFocus();
  if (desk != Desk::Grade) return;
  if (m_model.session().set_view == SetView::Staff)
    m_band->staff().setFocus();
  else
    m_grade->focus_view();
}

/// Both hands' layouts are the same widgets; only what lies side by side is turned about.
void Stages::use_left_hand(bool left) {
  m_left_hand = left;
  turn_to_hand();
  // A splitter lays out anew only when it is told its sizes.
  if (m_shown) share_width();
}

void Stages::turn_to_hand() {
  turn_about(*this, m_left_hand);
  if (LimitDesk* const limit = m_limit.made()) turn_about(limit->mask_page(), m_left_hand);
  if (GradeDesk* const grade = m_grade.made()) turn_about(*grade, m_left_hand);
}

void Stages::recall_widths() {
  for (std::size_t desk = 0; desk < kDesks; ++desk)
    m_kept_width[desk] = QSettings().value(kept_setting(desk), KeptReference::kUsual).toInt();
}

void Stages::remember_widths() const {
  for (std::size_t desk = 0; desk < kDesks; ++desk)
    QSettings().setValue(kept_setting(desk), m_kept_width[desk]);
}

/// What the handles of the splitter leave.
int Stages::width_to_share() const {
  const int handles = (reference_kept(m_model.session()) ? 1 : 0) + (stage_is_alone() ? 0 : 1);
  return width() - handleWidth() * handles;
}

/// Each layout keeps its own share of the width for the stage, each desk its own width for the reference.
void Stages::share_width() {
  const int total = width_to_share();
  const int wanted = m_kept_width[static_cast<std::size_t>(m_model.session().desk)];
  const int reference =
      !reference_kept(m_model.session())
          ? 0
          : std::clamp(wanted, KeptReference::kNarrowest, std::max(KeptReference::kNarrowest, total / 2));
  const int asked = static_cast<int>(std::lround((total - reference) * m_share_of[layout_shown()]));
  // No narrower than it can bear, as long as the band beside it can bear that.
  const int least =
      std::min(m_stage->minimumSizeHint().width(), total - reference - m_band->minimumSizeHint().width());
  const int stage = stage_is_alone() ? total - reference : std::max(asked, least);
  QList<int> sizes{reference, 0, 0};
  sizes[indexOf(m_area)] = stage;
  sizes[indexOf(m_band)] = total - reference - stage;
  setSizes(sizes);
}

void Stages::note_shares() {
  if (stage_is_alone()) return;
  const QList<int> now = sizes();
  const int reference = m_kept->isVisible() ? now[0] : 0;
  if (reference > 0) m_kept_width[static_cast<std::size_t>(m_model.session().desk)] = reference;
  m_share_of[layout_shown()] =
      static_cast<double>(now[indexOf(m_area)]) / std::max(1, width_to_share() - reference);
}

void Stages::resizeEvent(QResizeEvent* event) {
  QSplitter::resizeEvent(event);
  share_width();
}

} // namespace zc
