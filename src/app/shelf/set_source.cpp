// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shelf/set_source.h"

#include "app/paint/paint.h"
#include "app/shelf/shipped_words.h"
#include "core/piece/import.h"
#include "model/session/studio.h"

#include <QPainter>

namespace zc {

std::vector<Error> SetSource::read() {
  SetShelf shelf = read_set_shelf(shelf_folder(QStringLiteral("sets")).toStdString());
  m_sets = std::move(shelf.sets);
  for (auto& set : sets_that_came()) m_sets.push_back(std::move(set));
  return std::move(shelf.unreadable);
}

/// Draws a strip for each of the first families.
QImage SetSource::drawn(std::size_t item, QSize size, qreal scale) const {
  QImage image(size * scale, QImage::Format_ARGB32_Premultiplied);
  image.setDevicePixelRatio(scale);
  image.fill(Qt::transparent);
  QPainter painter(&image);
  const auto& families = m_sets[item].set.families;
  const int rows = std::clamp(static_cast<int>(families.size()), 1, 5);
  const double height = static_cast<double>(size.height()) / rows;
  for (int row = 0; row < rows && row < static_cast<int>(families.size()); ++row) {
    const auto& swatches = families[static_cast<std::size_t>(row)].swatches;
    const double width = std::min(14.0, size.width() / std::max(1.0, static_cast<double>(swatches.size())));
    for (std::size_t i = 0; i < swatches.size(); ++i)
      painter.fillRect(QRectF(width * static_cast<double>(i), row * height, width, height),
                       shown_color(swatches[i].color, m_model.session().vision));
  }
  return image;
}

bool SetSource::can_put() const {
  const SwatchSet* set = current_set(m_model.piece());
  return set && swatch_count(*set) > 0;
}

ShelfSet SetSource::own(const ShelfCard& card) const {
  ShelfSet set;
  static_cast<ShelfCard&>(set) = card;
  set.set = *current_set(m_model.piece());
  if (set.name.empty()) set.name = set.set.name;
  if (set.tags.empty()) set.tags = set.set.tags;
  return set;
}

Result<std::string> SetSource::put(const ShelfCard& card) {
  return put_on_shelf(shelf_folder(QStringLiteral("sets")).toStdString(), own(card));
}

Status SetSource::put_back(std::size_t item) { return zc::put_back(m_sets[item], own(m_sets[item])); }

void SetSource::use_color(std::size_t item) {
  FoundSet found;
  found.name = m_sets[item].name;
  for (const auto& family : m_sets[item].set.families) {
    found.families.push_back({family.name});
    for (const auto& s : family.swatches) found.families.back().colors.push_back({s.color, s.name, s.note});
  }
  m_model.store().apply(QObject::tr("Use set"), [&](Piece p) { return with_found(std::move(p), found, {}); });
}

Status SetSource::change(std::size_t item, const ShelfCard& card) {
  return with_card_changed(m_sets[item], card);
}

} // namespace zc
