// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/set_wheel.h"

#include "app/accessibility/swatches.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

namespace zc {

SetWheel::SetWheel(Studio& model, SetWork& work, QWidget* parent)
    : QWidget(parent), m_model(model), m_work(work) {
  setObjectName(QStringLiteral("setWheel"));
  setAccessibleName(tr("The set on the wheel"));
  setToolTip(tr("The swatches on the wheel. The solid outline is the mask; the dotted outline holds all "
                "mixtures of the swatches."));
  model.hear({Part::Sets, Part::Geometry, Part::ColorVision, Part::Versions}, this,
             qOverload<>(&QWidget::update));
  connect(&work, &SetWork::previewChanged, this, qOverload<>(&QWidget::update));
}

QPointF SetWheel::at(DiscPoint p) const {
  const double radius = std::min(width(), height()) / 2.0 - 8;
  return QPointF(width() / 2.0, height() / 2.0) + QPointF(p.x, -p.y) * radius;
}

void SetWheel::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  const double radius = at({1, 0}).x() - at({0, 0}).x();
  painter.setPen(QPen(theme().line, 1));
  painter.setBrush(theme().field);
  painter.drawEllipse(at({0, 0}), radius, radius);
  painter.drawLine(at({-1, 0}), at({1, 0}));
  painter.drawLine(at({0, -1}), at({0, 1}));
  painter.setBrush(Qt::NoBrush);
  if (const MaskRegion* region = m_model.region())
    for (const auto& points : region->outlines()) draw_double_line(painter, outline(points), 1.2);
  const SwatchSet* set = current_set(m_model.piece());
  if (!set) return;
  paint_reach(painter, *set);
  paint_swatches(painter, *set);
}

QPainterPath SetWheel::outline(const std::vector<DiscPoint>& points) const {
  QPolygonF polygon;
  for (const auto& p : points) polygon << at(p);
  QPainterPath path;
  path.addPolygon(polygon);
  path.closeSubpath();
  return path;
}

void SetWheel::paint_reach(QPainter& painter, const SwatchSet& set) {
  std::vector<Srgb> colors;
  for (const auto& family : set.families)
    for (const auto& s : family.swatches) colors.push_back(m_work.shown(s));
  if (const auto reach = mixing_reach(colors, m_model.wheel()); reach.size() > 2) {
    QPen dots(theme().text, 1.4);
    dots.setDashPattern({1.5, 2});
    painter.setPen(dots);
    painter.drawPath(outline(reach));
  }
}

void SetWheel::paint_swatches(QPainter& painter, const SwatchSet& set) {
  for (const auto& family : set.families)
    for (const auto& s : family.swatches) {
      const Srgb shown = m_work.shown(s);
      const WheelPoint p = m_model.wheel().locate(shown);
      const bool selected = m_work.selected(s.id);
      painter.setPen(QPen(selected ? theme().strong : theme().line, selected ? 1.6 : 1));
      painter.setBrush(shown_color(shown, m_model.session().vision));
      painter.drawEllipse(at(disc_point(p)), selected ? 5 : 4, selected ? 5 : 4);
    }
}

AccessibleContent SetWheel::accessible() {
  return {QAccessible::Canvas,
          set_told(m_model.piece()),
          {},
          accessible_swatches(m_model, m_work, [this](Id swatch) {
            const Swatch* s = find_swatch(m_model.piece(), swatch);
            const QPointF p = at(disc_point(m_model.wheel().locate(m_work.shown(*s))));
            return QRectF(p - QPointF(4, 4), QSizeF(8, 8));
          })};
}

} // namespace zc
