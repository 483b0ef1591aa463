// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/track_view.h"

#include "app/controls/number_field.h"
#include "app/paint/paint.h"
#include "model/session/studio.h"

#include <QEvent>
#include <QPainter>

namespace zc {
namespace {

constexpr int kTrackHigh = 4;

} // namespace

TrackView::TrackView(NumberField& field, Studio& model) : QWidget(&field), m_field(field), m_model(model) {
  setObjectName(field.objectName() + QStringLiteral(".track"));
  setAttribute(Qt::WA_TransparentForMouseEvents);
  field.installEventFilter(this);
  lie_at_foot();
}

std::size_t TrackView::stretches() const {
  return static_cast<std::size_t>(std::max(1, m_field.width() / 2));
}

void TrackView::show_track(Track track) {
  m_track = std::move(track);
  setVisible(!m_track.empty());
  update();
}

void TrackView::lie_at_foot() { setGeometry(0, m_field.height() - kTrackHigh, m_field.width(), kTrackHigh); }

bool TrackView::eventFilter(QObject* watched, QEvent* event) {
  if (event->type() == QEvent::Resize) lie_at_foot();
  return QWidget::eventFilter(watched, event);
}

void TrackView::paintEvent(QPaintEvent*) {
  if (m_track.empty()) return;
  QPainter painter(this);
  const double wide = static_cast<double>(width()) / static_cast<double>(m_track.size());
  QPainterPath missing;
  for (std::size_t i = 0; i < m_track.size(); ++i) {
    const QRectF stretch(static_cast<double>(i) * wide, 0, wide, kTrackHigh);
    if (m_track[i])
      painter.fillRect(stretch, shown_color(*m_track[i], m_model.session().vision));
    else
      missing.addRect(stretch);
  }
  fill_hatch(painter, missing);
  const NumberRange& range = m_field.range();
  const double share = std::clamp((m_field.value() - range.low) / (range.high - range.low), 0.0, 1.0);
  const double x = std::clamp(share * width(), 1.0, width() - 1.0);
  painter.setRenderHint(QPainter::Antialiasing);
  draw_double_line(painter, QPointF(x, 0), QPointF(x, kTrackHigh), 1);
}

} // namespace zc
