// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/drag_out.h"

#include "app/platform/clipboard.h"
#include "core/color/text.h"
#include "model/i18n/text.h"

#include <QApplication>
#include <QColor>
#include <QDrag>
#include <QMimeData>
#include <QMouseEvent>
#include <QPainter>
#include <QWidget>

#include <unordered_set>

namespace zc {
namespace {

constexpr int kSquare = 32, kInARow = 16;

int drags_out = 0;

QColor color_of(Srgb c) { return QColor::fromRgbF(float(c.r), float(c.g), float(c.b)); }

std::vector<Srgb> colors_of(const SwatchSet& set, const std::vector<Id>& swatches) {
  const std::unordered_set<Id> wanted(swatches.begin(), swatches.end());
  std::vector<Srgb> out;
  for (const auto& family : set.families)
    for (const auto& s : family.swatches)
      if (wanted.contains(s.id)) out.push_back(s.color);
  return out;
}

void carry(QWidget& from, QMimeData* clip, const std::vector<Srgb>& colors) {
  auto* drag = new QDrag(&from);
  drag->setMimeData(clip);
  drag->setPixmap(QPixmap::fromImage(picture_of(colors)));
  ++drags_out;
  drag->exec(Qt::CopyAction);
  --drags_out;
}

} // namespace

void PressedColor::press(const QMouseEvent& event, std::optional<Srgb> color) {
  m_at = event.position();
  m_color = color;
  m_pressed = event.modifiers();
}

bool PressedColor::pull(QWidget& from, QPointF to) {
  if (!m_pressed || !m_color || (to - m_at).manhattanLength() < QApplication::startDragDistance())
    return false;
  m_pressed.reset();
  drag_color_out(from, *m_color);
  return true;
}

bool dragging_out() { return drags_out > 0; }

bool beyond_window(const QWidget& widget, QPointF place) {
  return !widget.window()->rect().contains(widget.mapTo(widget.window(), place.toPoint()));
}

QImage picture_of(const std::vector<Srgb>& colors) {
  const int count = static_cast<int>(colors.size()), wide = std::min(count, kInARow),
            high = (count + kInARow - 1) / kInARow;
  QImage out(std::max(1, wide) * kSquare, std::max(1, high) * kSquare, QImage::Format_ARGB32);
  out.fill(Qt::transparent);
  QPainter painter(&out);
  for (int i = 0; i < count; ++i)
    painter.fillRect(i % kInARow * kSquare, i / kInARow * kSquare, kSquare, kSquare,
                     color_of(colors[static_cast<std::size_t>(i)]));
  return out;
}

QMimeData* clip_of_color(Srgb color, const QString& text, bool picture) {
  auto* out = new QMimeData;
  out->setText(text);
  out->setColorData(color_of(color));
  if (picture) out->setImageData(picture_of({color}));
  return out;
}

void drag_color_out(QWidget& from, Srgb color) {
  carry(from, clip_of_color(color, text(hex_of(color)), true), {color});
}

QMimeData* drag_clip_of(const SwatchSet& set, const std::vector<Id>& swatches) {
  QMimeData* clip = clip_of(set, swatches);
  clip->setImageData(picture_of(colors_of(set, swatches)));
  return clip;
}

void drag_swatches_out(QWidget& from, const SwatchSet& set, const std::vector<Id>& swatches) {
  const auto colors = colors_of(set, swatches);
  if (!colors.empty()) carry(from, drag_clip_of(set, swatches), colors);
}

} // namespace zc
