// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/section_view.h"

#include "app/accessibility/swatches.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/image/pixels.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/mixing/reaches.h"
#include "model/plan/plan_model.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QKeyEvent>
#include <QMouseEvent>

namespace zc {
namespace {

QString hue_name(const Studio& model, double angle) {
  return word(nearest_named_hue(model.piece().wheel.hues, angle).name);
}

} // namespace

SectionView::SectionView(Studio& model, Picking& picking, PlanModel& plan, Reaches& reaches, QWidget* parent)
    : AxisWidget(model, picking, parent), m_plan(plan), m_reaches(reaches) {
  setObjectName(QStringLiteral("section"));
  setAccessibleName(tr("Hue section"));
  setStatusTip(tr("Drag to set value and saturation of this hue; its complement is left of the middle."));
  connect(&reaches, &Reaches::changed, this, qOverload<>(&QWidget::update));
}

QRectF SectionView::picture_rect() const { return {6, axis().top(), width() - 12.0, axis().length()}; }
double SectionView::x_of(double along) const {
  return picture_rect().center().x() + along * picture_rect().width() / 2;
}

void SectionView::refresh_picture() {
  const QRectF r = picture_rect();
  const QSize size = (r.size() * devicePixelRatioF()).toSize().expandedTo({1, 1});
  const Session& s = m_model.session();
  const Shown wanted{m_model.piece().wheel, s.section_angle, size, m_model.steps(), s.vision};
  if (wanted == m_shown) return;
  m_shown = wanted;
  m_plan.painter().section(Angle(s.section_angle), size.width(), size.height(), m_picture);
  show_as_seen(wanted.vision, m_picture);
  m_image = image_of(m_picture);
}

void SectionView::paint_limits(QPainter& painter) {
  if (!m_model.region()) return;
  const QRectF r = picture_rect();
  QPainterPath outside;
  outside.addRect(r);
  for (const auto& s : m_model.region()->along_diameter(Angle(m_model.session().section_angle))) {
    QPainterPath inside;
    inside.addRect(QRectF(x_of(s.from), r.top(), x_of(s.to) - x_of(s.from), r.height()));
    outside = outside.subtracted(inside);
  }
  QColor veil = theme().stage;
  veil.setAlphaF(0.62F);
  painter.fillPath(outside, veil);
  for (const auto& s : m_model.region()->along_diameter(Angle(m_model.session().section_angle)))
    for (const double along : {s.from, s.to})
      draw_double_line(painter, {x_of(along), r.top()}, {x_of(along), r.bottom()});
}

/// The border of a body in this cut: the ends of each stretch joined to those of the stretch at the value
/// below that it overlaps, lines across where one begins or ends.
QPainterPath SectionView::line_around(const std::vector<std::vector<Stretch>>& rows) const {
  QPainterPath path;
  const auto line = [&](double x, double y, double to_x, double to_y) {
    path.moveTo(x_of(x), axis().y_of(y));
    path.lineTo(x_of(to_x), axis().y_of(to_y));
  };
  const auto overlapping = [](const std::vector<Stretch>& row, const Stretch& s) {
    return std::find_if(row.begin(), row.end(),
                        [&](const Stretch& o) { return o.from <= s.to && s.from <= o.to; });
  };
  for (std::size_t value = 0; value < rows.size(); ++value) {
    const auto v = static_cast<double>(value);
    const std::vector<Stretch> none;
    const auto& below = value > 0 ? rows[value - 1] : none;
    for (const Stretch& s : rows[value]) {
      const auto under = overlapping(below, s);
      if (under == below.end()) {
        line(s.from, v, s.to, v);
        continue;
      }
      line(under->from, v - 1, s.from, v);
      line(under->to, v - 1, s.to, v);
    }
    for (const Stretch& s : below)
      if (overlapping(rows[value], s) == rows[value].end()) line(s.from, v - 1, s.to, v - 1);
  }
  return path;
}

/// What the paints mix and what the press prints.
void SectionView::paint_reaches(QPainter& painter) {
  for (const Reaches::Of of : Reaches::kAll) {
    if (!m_reaches.shown(of)) continue;
    const QPainterPath path = line_around(m_reaches.limits(of, m_model.session().section_angle));
    of == Reaches::Of::Paints ? draw_dashed_line(painter, path) : draw_dotted_line(painter, path);
  }
}

void SectionView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  refresh_picture();
  const QRectF r = picture_rect();
  const Session& s = m_model.session();
  const QString right = hue_name(m_model, s.section_angle), left = hue_name(m_model, s.section_angle + 180);

  painter.setFont(heading_font());
  painter.setPen(theme().text);
  painter.drawText(QRectF(r.left(), 0, r.width(), ValueAxis::kHead - 6), Qt::AlignLeft | Qt::AlignBottom,
                   tr("Hue section"));
  QPainterPath ground;
  ground.addRect(r);
  fill_hatch(painter, ground);
  painter.drawImage(r, for_monitor(m_image));
  painter.fillRect(QRectF(x_of(0) - 0.5, r.top(), 1, r.height()), QColor(128, 128, 128, 150));
  paint_limits(painter);
  paint_reaches(painter);

  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  const QRectF foot(r.left(), r.bottom() + 4, r.width(), 20);
  const QFontMetrics metrics(caption_font());
  // The two names come first; "neutral" stands between them where there is room.
  const int between = metrics.horizontalAdvance(tr("neutral")) + 16;
  const int longest = std::max(metrics.horizontalAdvance(left), metrics.horizontalAdvance(right));
  const int half = static_cast<int>(r.width() / 2) - 4;
  const bool room = longest <= half - between / 2;
  painter.drawText(foot, Qt::AlignLeft | Qt::AlignTop, metrics.elidedText(left, Qt::ElideRight, half));
  if (room) painter.drawText(foot, Qt::AlignHCenter | Qt::AlignTop, tr("neutral"));
  painter.drawText(foot, Qt::AlignRight | Qt::AlignTop, metrics.elidedText(right, Qt::ElideRight, half));

  paint_line(painter);
  const bool opposite = std::abs(turn_between(s.section_angle, s.at.at.a)) > 90;
  draw_pick_mark(painter, {x_of(opposite ? -s.at.at.r : s.at.at.r), line_y()});
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(r.adjusted(-2.5, -2.5, 2.5, 2.5));
}

void SectionView::pick(QPointF at) {
  const QRectF r = picture_rect();
  m_picks.pick_section(std::clamp(2 * (at.x() - r.center().x()) / r.width(), -1.0, 1.0),
                       axis().value_at(at.y()));
}

void SectionView::keyPressEvent(QKeyEvent* event) {
  const double step = nudge_size(event->modifiers()) / 100;
  if (event->key() == Qt::Key_Right)
    m_picks.nudge_saturation(step);
  else if (event->key() == Qt::Key_Left)
    m_picks.nudge_saturation(-step);
  else
    AxisWidget::keyPressEvent(event);
}
void SectionView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return;
  m_picking = true;
  m_picks.begin_pick(event->modifiers() & Qt::ControlModifier);
  pick(event->position());
}
void SectionView::mouseMoveEvent(QMouseEvent* event) {
  if (m_picking) pick(event->position());
}
void SectionView::mouseReleaseEvent(QMouseEvent* event) {
  if (event->button() == Qt::LeftButton && std::exchange(m_picking, false)) m_picks.end_pick();
}

void SectionView::end_drag() { m_picking = false; }

AccessibleContent SectionView::accessible() {
  AccessibleItem value;
  value.key = accessible_key(kOwnItems, 0);
  value.role = QAccessible::Slider;
  value.name = tr("Value");
  value.rect = picture_rect();
  value.number = accessible_value(m_model, m_picks);
  return {QAccessible::Canvas,
          color_told(m_model.session().color()),
          {},
          {std::move(value), accessible_saturation(m_model, m_picks, picture_rect())}};
}

} // namespace zc
