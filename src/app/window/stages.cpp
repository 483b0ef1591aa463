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
      m_observe(new ObserveDesk(m_model, m_stage)), m_limit(new LimitDesk(m_model, m_stage)),
      m_pick(new PickDesk(m_model, m_stage)), m_grade(new GradeDesk(m_model, m_stage)),
      m_try(new TryDesk(m_model, m_stage)), m_share(new ShareDesk(m_model, m_stage)),
      m_kept(new KeptReference(m_model, m_model.picking(), m_model.laying(), m_model.viewing(),
                               m_model.reader(), this)),
      // Where the window is small the stage is scrolled, so that everything can be reached.
      m_area(new StageArea(m_stage, this)), m_band(new ValueBand(m_model, this)) {
  setObjectName(QStringLiteral("split"));
  setHandleWidth(6);
  setChildrenCollapsible(false);
  for (const auto& desk : kDeskWords) m_stage->addWidget(stage_of(desk.value));
  addWidget(m_kept);
  addWidget(m_area);
  addWidget(m_band);
  m_kept_width.fill(KeptReference::kUsual);
  m_pick->add_pages_to(*m_band);
  connect(this, &QSplitter::splitterMoved, this, &Stages::note_shares);
  connect(m_grade, &GradeDesk::foundSwatches, this, [this] { focus(Desk::Grade); });
  connect(&m_band->staff(), &StaffView::droppedElsewhere, this, [this](Id swatch, QPoint global) {
    if (m_model.session().desk == Desk::Try) return static_cast<void>(m_try->view().bind_at(global, swatch));
    if (const Swatch* s = find_swatch(m_model.piece(), swatch)) m_pick->accept_drop(global, s->color);
  });
  m_model.hear({Part::Desk, Part::SetView, Part::Looking, Part::Keys}, this, &Stages::follow);
}

QWidget* Stages::stage_of(Desk desk) const {
  QWidget* const stages[] = {m_observe, m_limit, m_pick, m_grade, m_try, m_share};
  return stages[static_cast<int>(desk)];
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
  for (const auto& other : kDeskWords) {
    const auto policy = other.value == desk ? QSizePolicy::Preferred : QSizePolicy::Ignored;
    stage_of(other.value)->setSizePolicy(policy, policy);
  }
  m_stage->setCurrentWidget(stage_of(desk));
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
  for (QWidget* turned : {static_cast<QWidget*>(this), &m_limit->mask_page(), static_cast<QWidget*>(m_grade)})
    turn_about(*turned, left);
  // A splitter lays out anew only when it is told its sizes.
  if (m_shown) share_width();
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
