// SPDX-License-Identifier: GPL-3.0-or-later
// What the picture at Try is made of: colors, areas, what becomes of them on either side.
#include "app/desks/try/try_view.h"
#include "app/store/set_work.h"
#include "app/store/share_reading.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/image/blur.h"
#include "core/try/study.h"
#include "io/photo/decode.h"

namespace zc {
namespace {

/// Pictures of more colors are guessed first.
constexpr std::size_t kManyColors = 20'000;

Srgb8 ground_of_stage() {
  const QColor ground = theme().stage;
  return {static_cast<std::uint8_t>(ground.red()), static_cast<std::uint8_t>(ground.green()),
          static_cast<std::uint8_t>(ground.blue())};
}

} // namespace

/// What was made of a photo that is not shown any more.
void TryView::let_go() {
  m_photo.reset();
  m_areas.reset();
  m_seen = {};
  m_picture = IndexedPicture();
  m_numbers = std::vector<AreaNumber>();
  m_numbers_of = nullptr;
  m_outside = std::vector<char>();
  m_cells = ColorCells();
  m_left = Side();
  m_right = Side();
  m_outlined = kNoArea;
  m_image = QImage();
  m_outline = QImage();
  m_rest.stop();
}

/// What takes a while is made before painting, never in it.
void TryView::renew() {
  if (!isVisible()) {
    if (m_photo && m_photo != m_space.tries().photo()) let_go();
    return;
  }
  const auto photo = m_space.tries().photo();
  if (photo != m_photo) {
    const bool alike = photo && m_photo && photo->full().size() == m_photo->full().size();
    m_photo = photo;
    m_seen = {};
    m_numbers_of = nullptr;
    if (!alike) fit();
  }
  if (m_photo) {
    const Trying& trying = m_space.session().trying;
    renew_picture();
    m_areas =
        trying.way == TryWay::Study && m_space.tries().study().by_areas ? m_space.tries().areas() : nullptr;
    if (m_areas) {
      renew_areas();
    } else {
      m_numbers_of = nullptr;
      outline(kNoArea);
    }
    if (trying.two) renew_side(m_left, trying.left, false);
    renew_side(m_right, trying.right, true);
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
  const Seen wanted{PhotoMark(m_photo), room().size().toSize(), devicePixelRatioF(), m_scale, m_center};
  if (wanted == m_seen) return;
  m_seen = wanted;
  m_numbers_of = nullptr;
  const double by = m_scale * m_seen.ratio;
  const QRectF whole(photo_rect().topLeft() * m_seen.ratio, photo_rect().size() * m_seen.ratio);
  m_place = whole.intersected(QRectF(QPointF(), room().size() * m_seen.ratio)).toAlignedRect();
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
  m_picture = indexed(view_of(seen));
  m_cells = m_picture.colors.size() > kManyColors ? cells_of(m_picture.colors) : ColorCells();
  m_outside.clear();
}

void TryView::renew_areas() {
  if (m_numbers_of == m_areas.get()) return;
  m_numbers_of = m_areas.get();
  outline(kNoArea);
  m_numbers.assign(m_picture.index.size(), kNoArea);
  const double by = m_scale * m_seen.ratio;
  const QPointF first = photo_rect().topLeft() * m_seen.ratio;
  for (int y = 0; y < m_picture.height; ++y) {
    const int py =
        std::clamp(static_cast<int>((m_place.top() + y + 0.5 - first.y()) / by), 0, m_areas->height - 1);
    for (int x = 0; x < m_picture.width; ++x) {
      const int px =
          std::clamp(static_cast<int>((m_place.left() + x + 0.5 - first.x()) / by), 0, m_areas->width - 1);
      m_numbers[static_cast<std::size_t>(y) * m_picture.width + x] = m_areas->at(px, py);
    }
  }
}

void TryView::renew_side(Side& side, const TrySide& of, bool lit) {
  TryReader& tries = m_space.tries();
  const Trying& trying = m_space.session().trying;
  side.colors = tries.colors_of(of, lit);
  side.areas = false;
  side.swatch.clear();
  side.words.resize(m_picture.colors.size());
  const auto photo_words = [&] {
    for (std::size_t i = 0; i < side.words.size(); ++i) side.words[i] = m_picture.colors[i].word;
  };
  if (of.photo || side.colors.colors.empty()) {
    if (std::exchange(side.guessed, false)) side.picture = 0;
    return photo_words();
  }
  const Match match = trying.way == TryWay::Study ? tries.study().match : Match::Color;
  if (trying.way == TryWay::Study && tries.study().by_areas) {
    if (!m_areas) return photo_words(); // Until they are cut.
    side.areas = true;
    side.swatch = swatches_of(*m_areas, SwatchMatcher(side.colors.colors, match),
                              tries.bound(*m_areas, side.colors.ids));
    side.words.clear();
    for (const auto s : side.swatch) side.words.push_back(swatch_word(side.colors.colors, s));
    return mute_all_but_hovered(side);
  }
  const auto& matched = side.live.matched(m_picture, side.colors.colors, match);
  for (const Matched& m : matched) side.swatch.push_back(m.swatch);
  if (trying.way == TryWay::Study) {
    for (std::size_t i = 0; i < side.words.size(); ++i)
      side.words[i] = swatch_word(side.colors.colors, matched[i].swatch);
  } else if (trying.way == TryWay::Follow) {
    follow(side, tries.moves_to(of, lit));
    side.words = side.followed;
  } else if (trying.way == TryWay::Check) {
    // What strays keeps its color, all else steps back.
    find_outside();
    TriedSide checked;
    checked.show_far = trying.show_far;
    checked.show_outside = trying.show_outside;
    checked.ground = ground_of_stage();
    for (std::size_t i = 0; i < side.words.size(); ++i)
      side.words[i] =
          checked_word(checked, m_picture.colors[i].word, {m_outside[i] != 0, matched[i].away > trying.far});
    return;
  } else {
    photo_words();
  }
  mute_all_but_hovered(side);
}

void TryView::follow(Side& side, const std::vector<SwatchMove>& moves) {
  const double softness = m_space.session().trying.softness;
  const bool same =
      (m_drafts || !side.guessed) && side.picture == m_picture.serial && side.softness == softness &&
      std::equal(moves.begin(), moves.end(), side.moves.begin(), side.moves.end(),
                 [](const SwatchMove& a, const SwatchMove& b) { return a.from == b.from && a.to == b.to; });
  if (same) return;
  side.guessed = false;
  side.picture = m_picture.serial;
  side.softness = softness;
  side.moves = moves;
  side.followed.resize(m_picture.colors.size());
  const Follow follow(moves, softness);
  if (m_drafts && !m_cells.first.empty() && !follow.still()) return draft_follow(side, follow);
  in_rows(static_cast<int>(side.followed.size()), [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      side.followed[i] = follow.still() ? m_picture.colors[i].word
                                        : word_of(follow.moved(color_of_word(m_picture.colors[i].word)));
  });
}

/// Each color goes the way that one like it goes.
void TryView::draft_follow(Side& side, const Follow& follow) const {
  struct Shift {
    int r, g, b;
  };
  std::vector<Shift> shifts(m_cells.first.size());
  in_rows(static_cast<int>(shifts.size()), [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) {
      const Srgb8 c = color_of_word(m_picture.colors[m_cells.first[i]].word), moved = follow.moved(c);
      shifts[i] = {moved.r - c.r, moved.g - c.g, moved.b - c.b};
    }
  });
  const auto shifted = [](int channel, int by) {
    return static_cast<std::uint8_t>(std::clamp(channel + by, 0, 255));
  };
  for (std::size_t i = 0; i < side.followed.size(); ++i) {
    const Shift& by = shifts[m_cells.cell[i]];
    const Srgb8 c = color_of_word(m_picture.colors[i].word);
    side.followed[i] = word_of({shifted(c.r, by.r), shifted(c.g, by.g), shifted(c.b, by.b)});
  }
  side.guessed = true;
}

void TryView::find_outside() {
  const double limit = m_space.piece().grading.outside;
  if (!m_outside.empty() && (m_drafts || !m_outside_guessed) && m_outside_limit == limit) return;
  m_outside_limit = limit;
  m_outside_guessed = m_drafts && !m_cells.first.empty();
  if (!m_outside_guessed) {
    m_outside = m_space.tries().outside(m_picture.colors);
    return;
  }
  std::vector<ColorCount> firsts;
  firsts.reserve(m_cells.first.size());
  for (const auto i : m_cells.first) firsts.push_back(m_picture.colors[i]);
  const std::vector<char> guessed = m_space.tries().outside(firsts);
  m_outside.resize(m_picture.colors.size());
  for (std::size_t i = 0; i < m_outside.size(); ++i) m_outside[i] = guessed[m_cells.cell[i]];
}

bool TryView::settled() const {
  const Trying& trying = m_space.session().trying;
  if (trying.way == TryWay::Check) return m_outside.empty() || !m_outside_guessed;
  if (trying.way != TryWay::Follow) return true;
  return !m_right.guessed && !(trying.two && m_left.guessed);
}

/// The exact picture in place of a guess.
void TryView::settle() {
  if (settled()) return;
  m_drafts = false;
  renew();
  m_drafts = true;
}

/// The places of a swatch that is pointed at on the staff.
void TryView::mute_all_but_hovered(Side& side) const {
  const Id hovered = m_space.tries().hovered_on_staff() ? m_space.tries().hovered() : 0;
  const auto at = std::find(side.colors.ids.begin(), side.colors.ids.end(), hovered);
  if (hovered == 0 || at == side.colors.ids.end()) return;
  const auto kept = static_cast<std::size_t>(at - side.colors.ids.begin());
  const Srgb8 ground = ground_of_stage();
  for (std::size_t i = 0; i < side.words.size(); ++i)
    if (side.swatch[i] != kept) side.words[i] = stepped_back(side.words[i], ground);
}

void TryView::compose() {
  m_image = QImage(m_picture.width, m_picture.height, QImage::Format_ARGB32);
  auto* out = reinterpret_cast<std::uint32_t*>(m_image.bits());
  const int edge =
      std::clamp(static_cast<int>(std::lround(edge_x() * m_seen.ratio)) - m_place.left(), 0, m_picture.width);
  const auto word = [&](const Side& side, std::size_t i) {
    const std::size_t entry = side.areas ? m_numbers[i] : m_picture.index[i];
    return entry < side.words.size() ? side.words[entry] : 0u;
  };
  const bool two = m_space.session().trying.two;
  in_rows(m_picture.height, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      for (int x = 0; x < m_picture.width; ++x) {
        const std::size_t i = static_cast<std::size_t>(y) * m_picture.width + x;
        out[i] = word(two && x < edge ? m_left : m_right, i);
      }
  });
  m_space.shares().proof_picture(m_image);
  out = reinterpret_cast<std::uint32_t*>(m_image.bits());
  if (m_space.session().trying.squint) {
    std::vector<std::uint32_t> soft(m_picture.index.size());
    const QSize full = m_photo->full().size();
    squint(view_of(m_image), kTrySquint * std::max(full.width(), full.height()) * m_scale * m_seen.ratio,
           soft.data());
    std::copy(soft.begin(), soft.end(), out);
  }
  to_seen(m_space.session().eyes, out, m_picture.index.size());
  m_image.setDevicePixelRatio(m_seen.ratio);
}

} // namespace zc
