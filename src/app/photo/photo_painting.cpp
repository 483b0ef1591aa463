// SPDX-License-Identifier: GPL-3.0-or-later
// How the photo view paints: the photo as it is looked at, region, pins and loupe.
#include "app/photo/loupe.h"

#include "app/accessibility/accessibility.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/photo/photo_view.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "io/photo/decode.h"
#include "model/i18n/text.h"
#include "model/photo/photo_model.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QTimer>

namespace zc {
namespace {

constexpr double kPin = 7, kSpotRing = 6;

/// Is a color in the set already, as far as an eye can tell?
bool in_set(const Piece& piece, Srgb color) {
  const SwatchSet* set = current_set(piece);
  const Lab lab = lab_from_srgb(color);
  if (!set) return false;
  for (const auto& family : set->families)
    for (const auto& swatch : family.swatches)
      if (ciede2000(lab, lab_from_srgb(swatch.color)) < 1) return true;
  return false;
}

} // namespace

/// The visible part at screen resolution, from the level of the photo that is just fine enough.
void PhotoView::refresh_picture() {
  const double ratio = devicePixelRatioF();
  const double edge = edge_x().value_or(0);
  const Shown wanted{PhotoMark(m_photo),         photo_rect(), size(), ratio, edge, to_widget(),
                     look_key(m_model, m_photos)};
  if (wanted == m_shown) return;
  m_shown = wanted;
  m_picture = QImage(size() * ratio, QImage::Format_ARGB32_Premultiplied);
  m_picture.setDevicePixelRatio(ratio);
  m_picture.fill(Qt::transparent);
  std::size_t level = 0;
  while (level + 1 < m_photo->levels.size() &&
         m_photo->levels[level + 1].width() >= m_photo->full().width() * m_frame.scale * ratio)
    ++level;
  const QImage& source = m_photo->levels[level];
  // Only what can be seen is drawn, from the part of the level that it needs.
  const QRectF seen = to_widget().inverted().mapRect(QRectF(rect())).intersected(shown_part());
  const double to_source = static_cast<double>(source.width()) / m_photo->full().width();
  QRectF part(seen.topLeft() * to_source, seen.size() * to_source);
  QPainter painter(&m_picture);
  painter.setRenderHint(QPainter::SmoothPixmapTransform, m_frame.scale * ratio < 4);
  painter.setTransform(to_widget());
  const double smaller = m_frame.scale * ratio / to_source;
  if (smaller < 1) {
    // Whole pixels around the part, made smaller in linear light; what is left to the user is a shift.
    const QRect whole = part.toAlignedRect().intersected(source.rect());
    const QImage small = reduced(source.copy(whole), static_cast<int>(std::lround(whole.width() * smaller)),
                                 static_cast<int>(std::lround(whole.height() * smaller)));
    const double across = static_cast<double>(small.width()) / std::max(1, whole.width()),
                 down = static_cast<double>(small.height()) / std::max(1, whole.height());
    part = QRectF((part.x() - whole.x()) * across, (part.y() - whole.y()) * down, part.width() * across,
                  part.height() * down);
    painter.drawImage(seen, small, part);
  } else {
    painter.drawImage(seen, source, part);
  }
  painter.end();
  m_picture.convertTo(QImage::Format_ARGB32); // The analyses read straight alpha.
  const QSize full = m_photo->full().size();
  apply_look(m_model, m_photos, m_picture, m_frame.scale * ratio, std::max(full.width(), full.height()),
             static_cast<int>(std::lround(edge * ratio)));
}

/// What takes a while is made before painting, never in it.
void PhotoView::renew() {
  if (m_photo && isVisible()) refresh_picture();
  update();
}

void PhotoView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  renew();
}

void PhotoView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (!m_photo) return paint_empty(painter);
  // Moved to a screen of another density: the picture is made anew after this painting, not in it.
  if (m_shown.ratio != devicePixelRatioF()) QTimer::singleShot(0, this, &PhotoView::renew);
  painter.drawImage(0, 0, for_monitor(m_picture));
  painter.setRenderHint(QPainter::Antialiasing);
  paint_region(painter);
  if (const auto x = edge_x()) {
    const QRectF visible = photo_rect().intersected(QRectF(rect()));
    draw_double_line(painter, {*x, visible.top()}, {*x, visible.bottom()}, 1.4);
    draw_handle(painter, {*x, visible.center().y()}, m_drag == Drag::Edge);
  }
  paint_pins(painter);
  paint_spot(painter);
  const bool samples = m_drag == Drag::None || m_drag == Drag::Sample || m_drag == Drag::Pin;
  if (m_pointer && samples && !m_space_held && !m_model.session().looking.marking && pixel_at(*m_pointer))
    paint_loupe(painter);
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

void PhotoView::paint_region(QPainter& painter) {
  const auto& region = m_model.session().looking.region;
  if (!region) return;
  const QRectF r = to_widget().mapRect(QRectF(region->x, region->y, region->width, region->height));
  QPainterPath veil, frame;
  veil.addRect(photo_rect());
  frame.addRect(r);
  QColor color = theme().stage;
  color.setAlphaF(0.45F);
  painter.fillPath(veil.subtracted(frame), color);
  draw_double_line(painter, frame, 1.2);
}

/// Found when something changes, not while painting: a set may be large.
void PhotoView::follow_ticks() {
  m_ticked.clear();
  for (const auto& c : m_model.session().extracted.colors)
    m_ticked.push_back(in_set(m_model.piece(), c.color));
}

/// Small rings where swatches of the set were sampled; colored pins for what was taken and is not accepted
/// yet, ticked when the set has the color already.
void PhotoView::paint_pins(QPainter& painter) {
  const Session& s = m_model.session();
  if (const SwatchSet* set = current_set(m_model.piece()))
    for (const auto& family : set->families)
      for (const auto& swatch : family.swatches) {
        if (!swatch.from || swatch.from->reference != s.reference) continue;
        QPainterPath ring;
        const double size = swatch.id == s.selection.focus() ? 6 : 3.5;
        ring.addEllipse(place_of(swatch.from->x, swatch.from->y), size, size);
        draw_double_line(painter, ring, 1.3);
      }
  if (s.extracted.reference != s.reference) return;
  for (std::size_t i = 0; i < s.extracted.colors.size(); ++i) {
    const ExtractedColor& c = s.extracted.colors[i];
    const QPointF at = place_of(c.x, c.y);
    const double size = s.extracted.chosen == i ? kPin + 3 : kPin;
    const QColor fill = shown_color(c.color, s.vision);
    QPainterPath pin;
    pin.addEllipse(at, size, size);
    painter.fillPath(pin, fill);
    draw_double_line(painter, pin, s.extracted.chosen == i ? 2.2 : 1.4);
    if (i >= m_ticked.size() || !m_ticked[i]) continue;
    QPainterPath tick(at + QPointF(-3.5, 0));
    tick.lineTo(at + QPointF(-1, 3));
    tick.lineTo(at + QPointF(3.5, -3));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(readable_on(fill), 1.8));
    painter.drawPath(tick);
  }
}

/// What stands where the photo will be.
QString PhotoView::empty_words() const {
  const Reference* reference = find_reference(m_model.piece(), m_model.session().reference);
  if (!reference)
    return tr(
        "Look at a photo here, pick its colors, take a palette from it. Drop one, paste one, or add it.");
  const PhotoState state = m_model.photos().state_of(*reference);
  return state.failure.isEmpty()
             ? tr("Opening %1, %2 %").arg(text(reference->name)).arg(std::lround(state.progress * 100))
             : tr("%1 Click to try again.").arg(state.failure);
}

void PhotoView::paint_empty(QPainter& painter) {
  if (const Reference* reference = find_reference(m_model.piece(), m_model.session().reference)) {
    const PhotoState state = m_model.photos().state_of(*reference);
    // The thumbnail stands in until the pixels are there.
    if (!state.thumbnail.isNull() && state.failure.isEmpty()) {
      const QSizeF size = QSizeF(state.thumbnail.size()).scaled(QSizeF(this->size()), Qt::KeepAspectRatio);
      painter.setRenderHint(QPainter::SmoothPixmapTransform);
      painter.drawImage(QRectF(QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size),
                        for_monitor(seen_image(m_model.session().vision, state.thumbnail)));
      return;
    }
  }
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(QPen(theme().line, 1, Qt::DashLine));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
  painter.setFont(text_font());
  painter.setPen(theme().text);
  painter.drawText(rect().adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap, empty_words());
}

void PhotoView::paint_loupe(QPainter& painter) {
  const QPoint pixel = *pixel_at(*m_pointer);
  const int side = m_model.session().sample_side;
  const auto& spot = m_model.session().looking.spot;
  const Loupe loupe = loupe_at(*m_pointer, size(), side, spot.has_value());
  const int shown = loupe.shown;
  QImage patch = m_photo->full()
                     .copy(pixel.x() - shown / 2, pixel.y() - shown / 2, shown, shown)
                     .convertToFormat(QImage::Format_ARGB32);
  // The pixels as they are looked at; a blur would only hide them.
  if (m_model.session().looking.look != PhotoLook::Squint) {
    const auto edge = edge_x();
    apply_look(m_model, m_photos, patch, 1, shown, edge && m_pointer->x() < *edge ? patch.width() : 0);
  } else {
    patch = seen_image(m_model.session().vision, patch);
  }
  paint_loupe_patch(painter, loupe, for_monitor(patch), side);
  const auto average = sample_at(*m_pointer);
  if (!average) return;
  paint_loupe_note(painter, m_model, loupe.note, m_picks.held_sample(*average), *average);
  if (spot) paint_comparison(painter, m_model, loupe.compared, spot->color, m_picks.held_sample(*average));
}

/// A small target where others are compared with.
void PhotoView::paint_spot(QPainter& painter) {
  const auto& spot = m_model.session().looking.spot;
  if (!spot || spot->at.reference != m_model.session().reference) return;
  const QPointF at = place_of(spot->at.x, spot->at.y);
  QPainterPath ring;
  ring.addEllipse(at, kSpotRing, kSpotRing);
  draw_double_line(painter, ring, 1.6);
  for (const QPointF way : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)})
    draw_double_line(painter, at + way * kSpotRing, at + way * (kSpotRing + 4), 1.6);
}

AccessibleContent PhotoView::accessible() {
  const Session& s = m_model.session();
  const Reference* shown = find_reference(m_model.piece(), s.reference);
  AccessibleContent out{QAccessible::Graphic, {}, {}, {}};
  if (!shown || !m_photo) {
    out.description = empty_words();
    return out;
  }
  const QSize size = m_photo->full().size();
  out.description = tr("%1, %2 × %3 pixels").arg(text(shown->name)).arg(size.width()).arg(size.height());
  const bool has_results = s.extracted.reference == s.reference;
  for (std::size_t i = 0; has_results && i < s.extracted.colors.size(); ++i) {
    const ExtractedColor& c = s.extracted.colors[i];
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    item.name = tr("Result: %1, at %2 × %3").arg(color_told(c.color)).arg(c.x).arg(c.y);
    item.rect = QRectF(place_of(c.x, c.y) - QPointF(kPin, kPin), QSizeF(2 * kPin, 2 * kPin));
    item.selectable = true;
    item.selected = item.focused = s.extracted.chosen == i;
    item.actions = {{tr("Use color"), [this, i] { m_picks.use_result(i); }}, {tr("Remove result"), [this, i] {
                                                                                m_picks.use_result(i);
                                                                                m_picks.drop_chosen();
                                                                              }}};
    out.items.push_back(std::move(item));
  }
  if (const auto& spot = s.looking.spot; spot && spot->at.reference == s.reference) {
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, s.extracted.colors.size());
    item.name =
        tr("Pinned spot: %1, at %2 × %3").arg(color_told(spot->color)).arg(spot->at.x).arg(spot->at.y);
    item.rect = QRectF(place_of(spot->at.x, spot->at.y) - QPointF(kSpotRing, kSpotRing),
                       QSizeF(2 * kSpotRing, 2 * kSpotRing));
    item.actions = {{tr("Use color"), [this, color = spot->color] { m_picks.use_color(color); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
