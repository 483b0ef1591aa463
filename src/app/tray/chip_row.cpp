// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/chip_row.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QToolTip>

namespace zc {
namespace {

constexpr int kChip = 22, kCaption = 15;

} // namespace

ChipRow::ChipRow(const QString& accessible_name, QWidget* parent) : QWidget(parent) {
  setAccessibleName(accessible_name);
  setFixedHeight(kChip);
  setFocusPolicy(Qt::TabFocus);
  setCursor(Qt::OpenHandCursor);
  setMouseTracking(true);
}

void ChipRow::show_steps(std::vector<RampStep> steps, QStringList words, ColorVision vision) {
  m_steps = std::move(steps);
  m_words = std::move(words);
  m_vision = vision;
  m_at = std::min(m_at, std::max<std::size_t>(m_steps.size(), 1) - 1);
  update();
}

void ChipRow::show_captions(const QStringList& captions) {
  m_captions = captions;
  setFixedHeight(captions.isEmpty() ? kChip : kChip + kCaption);
  update();
}

QRectF ChipRow::chip_rect(std::size_t chip) const {
  const double widest = m_captions.isEmpty() ? 32 : 60;
  const double step = std::min(widest, width() / std::max(1.0, static_cast<double>(m_steps.size())));
  return {step * static_cast<double>(chip), 0, step, static_cast<double>(kChip)};
}

std::optional<std::size_t> ChipRow::chip_at(QPointF p) const {
  for (std::size_t i = 0; i < m_steps.size(); ++i)
    if (chip_rect(i).contains(p)) return i;
  return std::nullopt;
}

void ChipRow::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  for (std::size_t i = 0; i < m_steps.size(); ++i) {
    const QColor color = shown_color(m_steps[i].color, m_vision);
    painter.fillRect(chip_rect(i), color);
    if (static_cast<qsizetype>(i) < m_captions.size()) {
      painter.setFont(small_font());
      painter.setPen(theme().quiet);
      painter.drawText(chip_rect(i).translated(0, kChip), Qt::AlignHCenter | Qt::AlignTop,
                       m_captions[static_cast<qsizetype>(i)]);
    }
    if (hasFocus() && i == m_at) {
      QPainterPath frame;
      frame.addRect(chip_rect(i).adjusted(1, 1, -1, -1));
      draw_double_line(painter, frame, 1.2);
    }
    if (!m_steps[i].held) continue;
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(readable_on(color));
    painter.drawEllipse(chip_rect(i).center(), 2, 2);
  }
}

void ChipRow::mousePressEvent(QMouseEvent* event) {
  if (event->button() != Qt::LeftButton) return event->ignore();
  const auto chip = chip_at(event->position());
  m_pressed.press(*event, chip ? std::optional(m_steps[*chip].color) : std::nullopt);
}

/// Enter takes up what the arrows chose, with Ctrl it is laid.
void ChipRow::keyPressEvent(QKeyEvent* event) {
  const bool forward = event->key() == Qt::Key_Right, back = event->key() == Qt::Key_Left;
  if (m_steps.empty()) return QWidget::keyPressEvent(event);
  if (forward && m_at + 1 < m_steps.size()) ++m_at;
  if (back && m_at > 0) --m_at;
  if (forward || back) return update();
  if (event->key() != Qt::Key_Return && event->key() != Qt::Key_Enter && event->key() != Qt::Key_Space)
    return QWidget::keyPressEvent(event);
  if (event->modifiers() & Qt::ControlModifier)
    emit laid(m_at);
  else
    emit taken(m_at);
}

void ChipRow::mouseMoveEvent(QMouseEvent* event) {
  if (!event->buttons()) return emit pointed(chip_at(event->position()));
  m_pressed.pull(*this, event->position());
}

void ChipRow::leaveEvent(QEvent*) { emit pointed(std::nullopt); }

void ChipRow::mouseReleaseEvent(QMouseEvent* event) {
  const auto chip = chip_at(event->position());
  const auto modifiers = m_pressed.let_go();
  if (!modifiers || !chip) return;
  if (*modifiers & Qt::ControlModifier)
    emit laid(*chip);
  else
    emit taken(*chip);
}

bool ChipRow::event(QEvent* event) {
  if (event->type() != QEvent::ToolTip) return QWidget::event(event);
  const auto* help = static_cast<QHelpEvent*>(event);
  const auto chip = chip_at(help->pos());
  const bool known = chip && static_cast<qsizetype>(*chip) < m_words.size();
  QToolTip::showText(help->globalPos(), known ? m_words[static_cast<qsizetype>(*chip)] : QString(), this);
  return true;
}

void ChipRow::end_drag() { m_pressed.call_off(); }

AccessibleContent ChipRow::accessible() {
  AccessibleContent out{QAccessible::List, {}, {}, {}};
  for (std::size_t i = 0; i < m_steps.size(); ++i) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    item.name = tr("%1: %2").arg(i + 1).arg(color_told(m_steps[i].color));
    if (static_cast<qsizetype>(i) < m_words.size()) item.description = m_words[static_cast<qsizetype>(i)];
    item.rect = chip_rect(i);
    item.focused = m_at == i;
    item.actions = {{tr("Use color"), [this, i] { emit taken(i); }},
                    {tr("Add to set"), [this, i] { emit laid(i); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
