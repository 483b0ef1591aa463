// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shelf/mask_source.h"

#include "app/shelf/shipped_words.h"
#include "app/theme/theme.h"
#include "core/mask/rewheel.h"
#include "model/session/studio.h"

#include <QPainter>
#include <QPainterPath>

namespace zc {

std::vector<ShelfMask> shelf_masks() {
  std::vector<ShelfMask> out = read_mask_shelf(shelf_folder(QStringLiteral("masks")).toStdString()).masks;
  for (auto& mask : masks_that_came()) out.push_back(std::move(mask));
  std::erase_if(out, [](const ShelfMask& mask) { return !mask.on; });
  return out;
}

std::vector<Error> MaskSource::read() {
  MaskShelf shelf = read_mask_shelf(shelf_folder(QStringLiteral("masks")).toStdString());
  m_masks = std::move(shelf.masks);
  for (auto& mask : masks_that_came()) m_masks.push_back(std::move(mask));
  return std::move(shelf.unreadable);
}

/// The mask on its wheel, in the greys of the surround.
QImage MaskSource::drawn(std::size_t item, QSize size, qreal scale) const {
  QImage image(size * scale, QImage::Format_ARGB32_Premultiplied);
  image.setDevicePixelRatio(scale);
  image.fill(Qt::transparent);
  QPainter painter(&image);
  painter.setRenderHint(QPainter::Antialiasing);
  const QPointF middle(size.width() / 2.0, size.height() / 2.0);
  const double radius = size.width() / 2.0 - 1;
  QPainterPath path;
  const MaskRegion region(m_masks[item].mask);
  for (const auto& outline : region.outlines()) {
    QPolygonF polygon;
    for (const auto& p : outline) polygon << middle + QPointF(p.x, -p.y) * radius;
    path.addPolygon(polygon);
    path.closeSubpath();
  }
  painter.setPen(QPen(theme().quiet, 1));
  painter.drawEllipse(middle, radius, radius);
  painter.fillPath(path, theme().text);
  return image;
}

ShelfMask MaskSource::own(const ShelfCard& card) const {
  ShelfMask mask;
  static_cast<ShelfCard&>(mask) = card;
  mask.wheel = m_model.piece().wheel;
  mask.mask = *m_model.piece().mask;
  mask.mask.name = card.name;
  return mask;
}

Result<std::string> MaskSource::put(const ShelfCard& card) {
  return put_on_shelf(shelf_folder(QStringLiteral("masks")).toStdString(), own(card));
}

Status MaskSource::put_back(std::size_t item) { return zc::put_back(m_masks[item], own(m_masks[item])); }

void MaskSource::use_color(std::size_t item) {
  const ShelfMask& mask = m_masks[item];
  const bool keep_colors = m_model.session().mask_keeps == MaskKeeps::Colors;
  const Mask taken =
      keep_colors ? with_colors_kept(mask.mask, Wheel(mask.wheel), m_model.wheel()) : mask.mask;
  m_model.store().apply(QObject::tr("Use mask"), [&](Piece p) -> Result<Piece> {
    return with_mask_on(with_mask(std::move(p), taken), true);
  });
}

Status MaskSource::change(std::size_t item, const ShelfCard& card) {
  return with_card_changed(m_masks[item], card);
}

} // namespace zc
