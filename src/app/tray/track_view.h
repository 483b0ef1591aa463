// SPDX-License-Identifier: GPL-3.0-or-later
// The colors that a drag of a number field gives, as a thin line along its foot.
#pragma once

#include "core/session/tracks.h"

#include <QWidget>

namespace zc {

class NumberField;
class Studio;

class TrackView final : public QWidget {
public:
  /// As wide as the field, and a part of it.
  TrackView(NumberField& field, Studio& model);
  void show_track(Track track);
  [[nodiscard]] const Track& track() const { return m_track; }
  /// So many that none is wider than two pixels.
  [[nodiscard]] std::size_t stretches() const;

protected:
  void paintEvent(QPaintEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  void lie_at_foot();
  NumberField& m_field;
  Studio& m_model;
  Track m_track;
};

} // namespace zc
