// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/wells_view.h"

#include "app/controls/controls.h"
#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QHelpEvent>
#include <QMouseEvent>
#include <QToolTip>

namespace zc {
namespace {

constexpr double kRecent = 16;
constexpr double kWell = 30;

/// Behind the word, however long it is.
double recent_indent() {
  const double word = QFontMetrics(caption_font()).horizontalAdvance(WellsView::tr("Recent")) + 8.0;
  return std::max(56.0, word);
}

} // namespace

WellsView::WellsView(Studio& model, Picking& picking, Build build, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking),
      m_clear(new WordControl(ControlKind::Action, tr("Clear well"), this)),
      m_none(new WordControl(ControlKind::Action, tr("Stop filling"), this)), m_build(build) {
  m_clear->setObjectName(QStringLiteral("clearWell"));
  m_clear->setToolTip(tr("Empty the chosen well"));
  m_none->setObjectName(QStringLiteral("fillNoWell"));
  m_none->setToolTip(tr("Picks no longer fill a well; the wells keep their colors"));
  connect(m_clear, &QAbstractButton::clicked, this, [this] {
    if (const auto well = m_model.session().filling_well) m_picks.clear_well(*well);
  });
  connect(m_none, &QAbstractButton::clicked, this, [this] { m_picks.choose_filling_well({}); });
  setObjectName(QStringLiteral("wells"));
  setAccessibleName(tr("Wells and recent colors"));
  setFixedSize(sizeHint());
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  model.hear({Part::AtHand, Part::ColorVision}, this, &WellsView::follow);
  follow();
}

void WellsView::follow() {
  const auto& s = m_model.session();
  const auto well = s.filling_well;
  m_clear->setVisible(m_build != Build::Row && well && s.at_hand.wells[*well]);
  m_none->setVisible(m_build != Build::Row && well.has_value());
  m_none->move(width() - m_none->sizeHint().width(), -4);
  m_clear->move(m_none->x() - m_clear->sizeHint().width(), -4);
  update();
}

QSize WellsView::sizeHint() const {
  if (m_build == Build::Row) return {252, 34};
  return {m_build == Build::Narrow ? 284 : 324, 98};
}

void WellsView::set_build(Build build) {
  m_build = build;
  setFixedSize(sizeHint());
  follow();
}

QRectF WellsView::well_rect(std::size_t well) const {
  const double place = static_cast<double>(well);
  if (m_build == Build::Row) return {1 + 32 * place, 1, 26, 26};
  const double step = m_build == Build::Narrow ? 35 : 40;
  return {1 + step * place, 23, kWell, kWell};
}
QRectF WellsView::number_rect(std::size_t well) const {
  const QRectF r = well_rect(well);
  if (m_build == Build::Row) return {r.left(), r.bottom(), r.width(), height() - r.bottom()};
  return {r.left(), 54, r.width(), 17};
}
QRectF WellsView::recent_rect(std::size_t place) const {
  if (m_build == Build::Row) return {};
  const bool narrow = m_build == Build::Narrow;
  const double step = narrow ? 14 : 18, size = narrow ? 13 : kRecent;
  return {recent_indent() + step * static_cast<double>(place), height() - kRecent - 3, size, kRecent};
}

void WellsView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  paint_wells(painter);
  if (hasFocus()) paint_focus(painter);
  if (m_build == Build::Row) return;
  const Session& s = m_model.session();
  painter.setFont(heading_font());
  painter.setPen(theme().text);
  painter.drawText(QRectF(0, 0, 80, 18), Qt::AlignLeft | Qt::AlignVCenter, tr("Wells"));
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(QRectF(56, 0, 300, 18), Qt::AlignLeft | Qt::AlignVCenter,
                   s.filling_well ? tr("every pick fills well %1").arg(*s.filling_well + 1)
                                  : tr("no well is filled by picks"));
  painter.setRenderHint(QPainter::Antialiasing, false);
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(QRectF(0, height() - 20, recent_indent(), 17), Qt::AlignLeft | Qt::AlignVCenter,
                   tr("Recent"));
  for (std::size_t i = 0; i < s.at_hand.recent.size(); ++i)
    draw_chip(painter, recent_rect(i), shown_color(s.at_hand.recent[i], s.vision), theme().furniture);
  if (s.at_hand.recent.empty())
    painter.drawText(QRectF(recent_indent(), height() - 20, 300, 17), Qt::AlignLeft | Qt::AlignVCenter,
                     tr("nothing picked yet"));
}

void WellsView::paint_focus(QPainter& painter) {
  painter.setPen(QPen(theme().strong, 1));
  painter.setBrush(Qt::NoBrush);
  painter.drawRect(place_rect(std::min(m_at, places() - 1)).adjusted(-2, -2, 2, 2));
}

void WellsView::paint_wells(QPainter& painter) {
  const Session& s = m_model.session();
  for (std::size_t i = 0; i < s.at_hand.wells.size(); ++i) {
    const QRectF r = well_rect(i);
    const bool filling = s.filling_well == i;
    painter.setPen(QPen(s.at_hand.wells[i] ? theme().line : theme().quiet, 1));
    painter.setBrush(s.at_hand.wells[i] ? QBrush(shown_color(*s.at_hand.wells[i], s.vision))
                                        : QBrush(Qt::NoBrush));
    painter.drawEllipse(r);
    const QRectF mark(r.center().x() - 8, number_rect(i).bottom() - 1, 16, 2);
    if (filling) painter.fillRect(mark, theme().strong);
    if (!filling && m_pointed == i) painter.fillRect(mark, theme().frame);
    if (m_build == Build::Row) continue;
    painter.setFont(filling ? heading_font() : caption_font());
    painter.setPen(filling ? theme().strong : theme().quiet);
    painter.drawText(number_rect(i), Qt::AlignCenter, number(static_cast<double>(i + 1), 0));
  }
}

std::optional<Srgb> WellsView::color_at(QPointF p) const {
  const AtHand& at_hand = m_model.session().at_hand;
  for (std::size_t i = 0; i < at_hand.wells.size(); ++i)
    if (well_rect(i).contains(p)) return at_hand.wells[i];
  for (std::size_t i = 0; i < at_hand.recent.size(); ++i)
    if (recent_rect(i).contains(p)) return at_hand.recent[i];
  return std::nullopt;
}

void WellsView::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return event->ignore();
  m_pressed.press(*event, color_at(event->position()));
}

void WellsView::mouseMoveEvent(QMouseEvent* event) {
  m_pressed.pull(*this, event->position());
  if (event->buttons() == Qt::NoButton) point_at(event->position());
}

/// A color that can be dragged has a pointer of its own, and a number shows the mark that a press sets.
void WellsView::point_at(QPointF p) {
  std::optional<std::size_t> number;
  for (std::size_t i = 0; i < m_model.session().at_hand.wells.size(); ++i)
    if (number_rect(i).contains(p)) number = i;
  setCursor(color_at(p) ? Qt::OpenHandCursor : number ? Qt::PointingHandCursor : Qt::ArrowCursor);
  if (number == m_pointed) return;
  m_pointed = number;
  update();
}

void WellsView::leaveEvent(QEvent*) { point_at({-1, -1}); }

void WellsView::mouseReleaseEvent(QMouseEvent* event) {
  if (const auto modifiers = m_pressed.let_go()) click(event->position(), *modifiers);
}

QRectF WellsView::place_rect(std::size_t place) const {
  const std::size_t wells = m_model.session().at_hand.wells.size();
  return place < wells ? well_rect(place) : recent_rect(place - wells);
}

std::size_t WellsView::places() const {
  const AtHand& at_hand = m_model.session().at_hand;
  return at_hand.wells.size() + (m_build == Build::Row ? 0 : at_hand.recent.size());
}

/// Arrows go along the wells and on to the recent colors; Enter does what a click does, Space marks the well
/// that picks fill, Delete empties one.
void WellsView::keyPressEvent(QKeyEvent* event) {
  const std::size_t wells = m_model.session().at_hand.wells.size();
  m_at = std::min(m_at, places() - 1);
  switch (event->key()) {
  case Qt::Key_Right:
    m_at = std::min(m_at + 1, places() - 1);
    return update();
  case Qt::Key_Left:
    m_at -= m_at > 0;
    return update();
  case Qt::Key_Return:
  case Qt::Key_Enter:
    return click(place_rect(m_at).center(), event->modifiers());
  case Qt::Key_Space:
    if (m_at < wells) click(number_rect(m_at).center(), {});
    return;
  case Qt::Key_Delete:
    if (m_at < wells) m_picks.clear_well(m_at);
    return;
  default:
    QWidget::keyPressEvent(event);
  }
}

void WellsView::click(QPointF p, Qt::KeyboardModifiers modifiers) {
  for (std::size_t i = 0; i < m_model.session().at_hand.wells.size(); ++i) {
    if (well_rect(i).contains(p))
      return modifiers & Qt::ShiftModifier ? m_picks.lay_down_well(i) : m_picks.choose_well(i);
    if (number_rect(i).contains(p))
      return m_picks.choose_filling_well(m_model.session().filling_well == i ? std::nullopt
                                                                             : std::optional(i));
  }
  const auto& recent = m_model.session().at_hand.recent;
  for (std::size_t i = 0; i < recent.size(); ++i)
    if (recent_rect(i).contains(p)) return m_picks.use_color(recent[i]);
}

bool WellsView::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  QToolTip::showText(help->globalPos(),
                     tr("Click a well to use its color; picks then fill it. Shift+click to put the current "
                        "color in it. Keys 1 to 8 use a well, with Shift they put the current color in."),
                     this);
  return true;
}

void WellsView::end_drag() { m_pressed.call_off(); }

AccessibleContent WellsView::accessible() {
  const Session& s = m_model.session();
  AccessibleContent out{QAccessible::List,
                        s.filling_well ? tr("every pick fills well %1").arg(*s.filling_well + 1)
                                       : tr("no well is filled by picks"),
                        {},
                        {}};
  for (std::size_t i = 0; i < s.at_hand.wells.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    const auto& color = s.at_hand.wells[i];
    item.name = tr("Well %1: %2").arg(i + 1).arg(color ? color_told(*color) : tr("empty"));
    item.rect = well_rect(i);
    item.selectable = true;
    item.selected = s.filling_well == i;
    item.actions = {{tr("Use color"), [this, i] { m_picks.choose_well(i); }},
                    {tr("Put current color here"), [this, i] { m_picks.lay_down_well(i); }}};
    out.items.push_back(std::move(item));
  }
  if (m_build == Build::Row) return out;
  for (std::size_t i = 0; i < s.at_hand.recent.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems + 1, i);
    item.name = tr("Recent: %1").arg(color_told(s.at_hand.recent[i]));
    item.rect = recent_rect(i);
    item.actions = {{tr("Use color"), [this, c = s.at_hand.recent[i]] { m_picks.use_color(c); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
