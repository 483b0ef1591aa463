// SPDX-License-Identifier: GPL-3.0-or-later
// Sets on the shelf.
#pragma once

#include "app/shelf/shelf_panel.h"
#include "io/shelf/set_shelf.h"

namespace zc {

class Studio;

class SetSource final : public ShelfSource {
public:
  explicit SetSource(Studio& model) : m_model(model) {}
  [[nodiscard]] QString prefix() const override { return QStringLiteral("setShelf"); }
  [[nodiscard]] QString plural() const override { return QObject::tr("sets"); }
  [[nodiscard]] std::vector<Error> read() override;
  [[nodiscard]] std::vector<ShelfCard> cards() const override { return {m_sets.begin(), m_sets.end()}; }
  [[nodiscard]] QImage drawn(std::size_t item, QSize size, qreal scale) const override;
  [[nodiscard]] QSize icon_size() const override { return {84, 30}; }
  [[nodiscard]] bool can_put() const override;
  [[nodiscard]] Result<std::string> put(const ShelfCard& card) override;
  /// Adds the item as a new set of the piece.
  void use_color(std::size_t item) override;
  [[nodiscard]] Status change(std::size_t item, const ShelfCard& card) override;
  [[nodiscard]] Status put_back(std::size_t item) override;

private:
  [[nodiscard]] ShelfSet own(const ShelfCard& card) const;
  Studio& m_model;
  std::vector<ShelfSet> m_sets;
};

} // namespace zc
