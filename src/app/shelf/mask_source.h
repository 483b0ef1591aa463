// SPDX-License-Identifier: GPL-3.0-or-later
// Masks on the shelf.
#pragma once

#include "app/shelf/shelf_panel.h"
#include "io/shelf/mask_shelf.h"

namespace zc {

class Studio;

/// Those that are switched on, with those that ship with the program.
[[nodiscard]] std::vector<ShelfMask> shelf_masks();

class MaskSource final : public ShelfSource {
public:
  explicit MaskSource(Studio& model) : m_model(model) {}
  [[nodiscard]] QString prefix() const override { return QStringLiteral("shelf"); }
  [[nodiscard]] QString plural() const override { return QObject::tr("masks"); }
  [[nodiscard]] std::vector<Error> read() override;
  [[nodiscard]] std::vector<ShelfCard> cards() const override { return {m_masks.begin(), m_masks.end()}; }
  [[nodiscard]] QImage drawn(std::size_t item, QSize size, qreal scale) const override;
  [[nodiscard]] QSize icon_size() const override { return {30, 30}; }
  [[nodiscard]] bool can_put() const override { return m_model.piece().mask.has_value(); }
  [[nodiscard]] Result<std::string> put(const ShelfCard& card) override;
  void use_color(std::size_t item) override;
  [[nodiscard]] Status change(std::size_t item, const ShelfCard& card) override;
  [[nodiscard]] Status put_back(std::size_t item) override;

private:
  [[nodiscard]] ShelfMask own(const ShelfCard& card) const;
  Studio& m_model;
  std::vector<ShelfMask> m_masks;
};

} // namespace zc
