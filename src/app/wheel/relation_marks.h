// SPDX-License-Identifier: GPL-3.0-or-later
// All relations of the current color together on the rim, each hue in its color, to choose one from.
#pragma once

#include "core/wheel/relations.h"

#include <QPointF>
#include <QString>

#include <optional>

class QPainter;

namespace zc {

class Picking;
class Studio;
class WheelView;

class RelationMarks {
public:
  RelationMarks(Studio& model, Picking& picking, const WheelView& view)
      : m_model(model), m_picks(picking), m_view(view) {}

  [[nodiscard]] bool shown() const;
  [[nodiscard]] QPointF place(const RelationMark& mark) const;
  /// The mark at a point; none while they are not shown.
  [[nodiscard]] std::optional<std::size_t> at(QPointF p) const;
  void paint(QPainter& painter) const;
  [[nodiscard]] QString hint(std::size_t mark) const;
  /// The relation that a click on it chooses: the one whose name stands there, else the first it belongs to.
  [[nodiscard]] Relation chosen_by(std::size_t mark) const;

private:
  Studio& m_model;
  Picking& m_picks;
  const WheelView& m_view;
};

} // namespace zc
