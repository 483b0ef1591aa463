// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/toward_bar.h"

#include "app/controls/number_field.h"
#include "app/paint/paint.h"
#include "app/platform/clipboard.h"
#include "app/theme/theme.h"
#include "model/mixing/paint_model.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QDropEvent>
#include <QMimeData>
#include <QMouseEvent>

namespace zc {
namespace {

constexpr int kSteps = 24;
/// Near the middle the hand means the mixture itself.
constexpr double kMiddle = 0.04;

} // namespace

TowardBar::TowardBar(Studio& model, Picking& picking, PaintModel& paints, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_mixing(paints) {
  setObjectName(QStringLiteral("mix.toward"));
  setAccessibleName(tr("Darker or lighter"));
  setToolTip(tr("Drag to add black or white to every mixture. Drop a color on an end to use it instead; "
                "double-click to mix without."));
  setFixedHeight(22);
  setFocusPolicy(Qt::StrongFocus);
  setAcceptDrops(true);
  model.hear({Part::Mixing, Part::Sets, Part::ColorVision}, this, [this] { update(); });
}

QRectF TowardBar::bar() const { return QRectF(rect()).adjusted(1, 2, -1, -2); }
QPointF TowardBar::place_of(double toward) const {
  return {bar().left() + (toward + 1) / 2 * bar().width(), bar().center().y()};
}

void TowardBar::go_to(double toward) {
  Mixing next = m_model.session().at_hand.mixing;
  next.toward = std::abs(toward) < kMiddle ? 0 : std::clamp(toward, -1.0, 1.0);
  m_picks.mix_by_hand(next);
}

void TowardBar::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  const QRectF r = bar();
  const ColorVision vision = m_model.session().vision;
  if (const auto& ends = m_mixing.ends()) {
    std::vector<double> parts = m_model.session().at_hand.mixing.parts;
    if (parts.size() != ends->white.corners()) parts.assign(ends->white.corners(), 1);
    for (int i = 0; i < kSteps; ++i) {
      const double toward = (2.0 * i + 1) / kSteps - 1;
      const auto mixture = (toward < 0 ? ends->black : ends->white).of_parts(parts, std::abs(toward));
      if (!mixture) continue;
      painter.fillRect(QRectF(r.left() + i * r.width() / kSteps, r.top(), r.width() / kSteps + 1, r.height()),
                       shown_color(mixture->color, vision));
    }
  }
  painter.setPen(QPen(hasFocus() ? theme().strong : theme().line, 1));
  painter.drawRect(r);
  const double x = place_of(m_model.session().at_hand.mixing.toward).x();
  draw_double_line(painter, {x, r.top() - 1}, {x, r.bottom() + 1}, 2);
}

void TowardBar::mousePressEvent(QMouseEvent* event) {
  m_pulling = event->button() == Qt::LeftButton;
  mouseMoveEvent(event);
}
void TowardBar::mouseMoveEvent(QMouseEvent* event) {
  if (m_pulling) go_to(2 * (event->position().x() - bar().left()) / bar().width() - 1);
}
void TowardBar::mouseReleaseEvent(QMouseEvent*) { m_pulling = false; }
void TowardBar::mouseDoubleClickEvent(QMouseEvent*) { go_to(0); }

void TowardBar::keyPressEvent(QKeyEvent* event) {
  const double step = 0.05 * nudge_size(event->modifiers());
  if (event->key() == Qt::Key_Left) return go_to(m_model.session().at_hand.mixing.toward - step);
  if (event->key() == Qt::Key_Right) return go_to(m_model.session().at_hand.mixing.toward + step);
  QWidget::keyPressEvent(event);
}

void TowardBar::dragEnterEvent(QDragEnterEvent* event) {
  if (event->mimeData()->hasColor()) event->acceptProposedAction();
}

void TowardBar::dropEvent(QDropEvent* event) {
  const auto swatches = swatches_of(*event->mimeData());
  if (swatches.empty()) return;
  Mixing next = m_model.session().at_hand.mixing;
  (event->position().x() < bar().center().x() ? next.black : next.white) = swatches.front().color;
  m_picks.mix_by_hand(next);
  event->acceptProposedAction();
}

void TowardBar::end_drag() { m_pulling = false; }

AccessibleContent TowardBar::accessible() {
  return {QAccessible::Slider,
          {},
          AccessibleNumber{100 * m_model.session().at_hand.mixing.toward, -100, 100, 5,
                           [this](double wanted) { go_to(wanted / 100); }},
          {}};
}

} // namespace zc
