// SPDX-License-Identifier: GPL-3.0-or-later
// Which part of the photo is seen at Try, and in what.
#include "app/desks/try/tried_picture.h"

#include "app/desks/try/try_view.h"
#include "io/photo/decode.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"
namespace zc {

/// What was made of a photo that is not shown any more.
void TryView::let_go() {
  m_photo.reset();
  m_areas.reset();
  m_seen = {};
  m_picture = LivePicture();
  m_left.clear();
  m_right.clear();
  m_outlined = kNoArea;
  m_image = QImage();
  m_outline = QImage();
  m_rest.stop();
}

/// What takes a while is made before painting, never in it.
void TryView::renew() {
  if (!isVisible()) {
    if (m_photo && m_photo != m_tries.photo()) let_go();
    return;
  }
  const auto photo = m_tries.photo();
  if (photo != m_photo) {
    const bool alike = photo && m_photo && photo->full().size() == m_photo->full().size();
    m_photo = photo;
    m_seen = {};
    if (!alike) fit();
  }
  if (m_photo) {
    renew_picture();
    const auto before = m_areas;
    m_areas =
        m_model.session().trying.way == TryWay::Study && m_tries.study().by_areas ? m_tries.areas() : nullptr;
    if (m_areas != before) outline(kNoArea);
    compose();
    if (settled() || !m_drafts)
      m_rest.stop();
    else
      m_rest.start();
  }
  update();
}

/// The visible part at the resolution of the screen, as its different colors.
void TryView::renew_picture() {
  const Seen wanted{PhotoMark(m_photo), m_frame.room().size().toSize(), devicePixelRatioF(), m_frame.scale,
                    m_frame.center};
  if (wanted == m_seen) return;
  m_seen = wanted;
  outline(kNoArea);
  const double by = m_frame.scale * m_seen.ratio;
  const QRectF whole(photo_rect().topLeft() * m_seen.ratio, photo_rect().size() * m_seen.ratio);
  m_place = whole.intersected(QRectF(QPointF(), m_frame.room().size() * m_seen.ratio)).toAlignedRect();
  const QRectF part((m_place.left() - whole.left()) / by, (m_place.top() - whole.top()) / by,
                    m_place.width() / by, m_place.height() / by);
  std::size_t level = 0;
  while (level + 1 < m_photo->levels.size() &&
         m_photo->levels[level + 1].width() >= m_photo->full().width() * by)
    ++level;
  const QImage& source = m_photo->levels[level];
  const double to_source = static_cast<double>(source.width()) / m_photo->full().width();
  const QRect taken =
      QRectF(part.topLeft() * to_source, part.size() * to_source).toAlignedRect().intersected(source.rect());
  QImage seen = source.copy(taken);
  const QSize wanted_size = m_place.size().expandedTo({1, 1});
  // Flat artwork keeps its colors, and so does what is enlarged.
  const bool flat = few_colors(view_of(seen), kFlatColors).has_value();
  seen = flat || wanted_size.width() >= seen.width()
             ? seen.scaled(wanted_size, Qt::IgnoreAspectRatio, Qt::FastTransformation)
             : reduced(seen, wanted_size.width(), wanted_size.height());
  m_picture.show(view_of(seen), {part.left(), part.top(), 1 / by});
}

bool TryView::settled() const { return m_picture.empty() || m_picture.exact(); }

/// Puts the exact picture in the place of a draft.
void TryView::settle() {
  if (settled()) return;
  m_drafts = false;
  renew();
  m_drafts = true;
}

void TryView::compose() {
  const double by = m_frame.scale * m_seen.ratio;
  m_tries.set_ground(ground_of_stage());
  SeenPicture seen = m_tries.seen(QSizeF(m_photo->full().size()) * by,
                                  (edge_x() * m_seen.ratio - m_place.left()) / m_picture.width());
  // Until the areas are cut the photo is seen.
  if (m_tries.study().by_areas && !m_areas)
    for (TriedSide* side : {&seen.tried.left, &seen.tried.right})
      if (side->way == TryWay::Study) side->way = TryWay::Photo;
  m_left = std::move(seen.left);
  m_right = std::move(seen.right);
  m_image = QImage(m_picture.width(), m_picture.height(), QImage::Format_ARGB32);
  m_picture.render(seen.tried, m_drafts ? Quality::Draft : Quality::Exact, pixels_of(m_image));
  m_image.setDevicePixelRatio(m_seen.ratio);
}

} // namespace zc
