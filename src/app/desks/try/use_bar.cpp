// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/use_bar.h"

#include "app/controls/controls.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/studio.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QMouseEvent>
#include <QPainter>

namespace zc {
namespace {

constexpr int kHeight = 16;

QString use_told(const QString& name, double share) {
  return UseBar::tr("%1: %2 % of the picture").arg(name).arg(number(100 * share, 1));
}

} // namespace

UseBar::UseBar(Studio& model, Laying& laying, SetWork& work, TryModel& tries, QWidget* parent)
    : QWidget(parent), m_model(model), m_laying(laying), m_tries(tries) {
  setObjectName(QStringLiteral("useBar"));
  setAccessibleName(tr("How much of the picture each swatch covers"));
  setStatusTip(tr("How much of the picture each swatch covers, light to dark. Click to select the swatch."));
  setFixedHeight(kHeight);
  setMouseTracking(true);
  model.hear({zc::Part::References, zc::Part::Sets, zc::Part::Trying, zc::Part::Reference,
              zc::Part::ColorVision, zc::Part::Selection},
             this, &UseBar::renew);
  connect(&work, &SetWork::previewChanged, this, &UseBar::renew);
  connect(&tries, &TryModel::changed, this, &UseBar::renew);
  connect(&tries, &TryModel::hoveredChanged, this, qOverload<>(&QWidget::update));
  connect(&model.photos(), &PhotoLibrary::changed, this, &UseBar::renew);
}

void UseBar::renew() {
  if (!isVisible()) return;
  m_parts.clear();
  const SideColors side = m_tries.colors_of(m_model.session().trying.right, true);
  const auto& uses = m_tries.uses();
  for (std::size_t i = 0; i < side.ids.size(); ++i)
    if (const auto at = uses.find(side.ids[i]); at != uses.end() && at->second > 0)
      m_parts.push_back({side.ids[i], side.colors[i].color, value_of(side.colors[i].color), at->second});
  std::stable_sort(m_parts.begin(), m_parts.end(),
                   [](const Part& a, const Part& b) { return a.value > b.value; });
  update();
}

void UseBar::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  renew();
}

Id UseBar::swatch_at(double x) const {
  double right = 0;
  for (const Part& part : m_parts) {
    right += part.share * width();
    if (x < right) return part.swatch;
  }
  return 0;
}

void UseBar::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  double x = 0;
  for (const Part& part : m_parts) {
    const QRectF r(x, 0, part.share * width(), height());
    painter.fillRect(r, shown_color(part.color, m_model.session().vision));
    if (part.swatch == m_tries.hovered()) {
      QPainterPath frame;
      frame.addRect(r.adjusted(1, 1, -1, -1));
      draw_double_line(painter, frame, 1.2);
    }
    x += r.width();
  }
}

void UseBar::mouseMoveEvent(QMouseEvent* event) {
  const Id swatch = swatch_at(event->position().x());
  m_tries.hover(swatch, true);
  const Swatch* s = find_swatch(m_model.piece(), swatch);
  const auto& uses = m_tries.uses();
  const auto at = uses.find(swatch);
  say_hint(*this, s && at != uses.end() ? use_told(text(s->name), at->second) : QString());
}

void UseBar::mousePressEvent(QMouseEvent* event) {
  if (const Id swatch = swatch_at(event->position().x())) m_laying.select_swatch(swatch);
}

void UseBar::leaveEvent(QEvent*) { m_tries.hover(0, false); }

AccessibleContent UseBar::accessible() {
  AccessibleContent out{QAccessible::List, {}, {}, {}};
  double x = 0;
  for (const Part& part : m_parts) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, part.swatch);
    const Swatch* s = find_swatch(m_model.piece(), part.swatch);
    item.name = use_told(s ? text(s->name) : color_told(part.color), part.share);
    item.rect = {x, 0, part.share * width(), static_cast<double>(height())};
    x += item.rect.width();
    item.selectable = true;
    item.selected = m_model.session().selection.has(part.swatch);
    item.actions = {{tr("Select"), [this, id = part.swatch] { m_laying.select_swatch(id); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
