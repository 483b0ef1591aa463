// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/live_picture.h"

#include "core/try/study.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace zc {
namespace {

/// Pictures of more colors are drafted first.
constexpr std::size_t kManyColors = 20'000;

bool alike(const std::vector<SwatchMove>& a, const std::vector<SwatchMove>& b) {
  return std::equal(a.begin(), a.end(), b.begin(), b.end(), [](const SwatchMove& m, const SwatchMove& n) {
    return m.from == n.from && m.to == n.to;
  });
}

} // namespace

void LivePicture::show(const PixelView& seen, const SeenPart& part) {
  m_picture = indexed(seen);
  m_cells = m_picture.colors.size() > kManyColors ? cells_of(m_picture.colors) : ColorCells();
  m_part = part;
  m_areas.reset();
  m_numbers.clear();
  m_outside.clear();
  for (Side* side : {&m_left, &m_right}) {
    side->followed.clear();
    side->keyed.clear();
  }
}

void LivePicture::render(const TriedPicture& tried, Quality quality, Pixel* out) {
  m_two = tried.two;
  m_edge = std::clamp(static_cast<int>(std::lround(tried.edge * m_picture.width)), 0, m_picture.width);
  if (m_two) render_side(m_left, tried.left, quality);
  render_side(m_right, tried.right, quality);
  in_rows(m_picture.height, [&](int from, int to) {
    for (int y = from; y < to; ++y) {
      const std::size_t row = static_cast<std::size_t>(y) * m_picture.width,
                        edge = row + static_cast<std::size_t>(m_two ? m_edge : 0);
      paint(m_left, row, edge, out);
      paint(m_right, edge, row + static_cast<std::size_t>(m_picture.width), out);
    }
  });
  finish(tried, m_picture.width, m_picture.height, out);
}

void LivePicture::paint(const Side& side, std::size_t from, std::size_t to, Pixel* out) const {
  const auto painted = [&](const auto& entries) {
    for (std::size_t i = from; i < to; ++i)
      out[i] = entries[i] < side.pixels.size() ? side.pixels[entries[i]] : Pixel();
  };
  if (side.by_areas)
    painted(m_numbers);
  else
    painted(m_picture.index);
}

// ---------------------------------------------------------------- sides

void LivePicture::render_side(Side& side, const TriedSide& tried, Quality quality) {
  side.by_areas = side.draft = false;
  side.swatches.clear();
  side.pixels.clear();
  if (tried.way == TryWay::Photo && tried.key) return show_key(side, tried, quality);
  if (tried.way == TryWay::Photo || tried.colors.empty()) {
    for (const ColorCount& c : m_picture.colors) side.pixels.push_back(c.color);
    return;
  }
  if (tried.way == TryWay::Check) return check(side, tried, quality);
  if (tried.way == TryWay::Study && tried.areas) {
    place_areas(tried.areas);
    side.by_areas = true;
    side.swatches = tried.area_swatches;
  } else {
    for (const Matched& m : side.study.matched(m_picture, tried.colors, match_of(tried)))
      side.swatches.push_back(m.swatch);
  }
  if (tried.way == TryWay::Follow) {
    follow(side, tried, quality);
    side.pixels = side.followed;
  } else {
    std::vector<Pixel> shown;
    for (std::size_t s = 0; s < tried.colors.size(); ++s) shown.push_back(swatch_pixel(tried.colors, s));
    for (const std::size_t s : side.swatches) side.pixels.push_back(shown[s]);
  }
  if (!tried.pointed_out) return;
  for (std::size_t i = 0; i < side.pixels.size(); ++i)
    side.pixels[i] = pointed_pixel(tried, side.pixels[i], side.swatches[i]);
}

template <class Move> std::vector<Pixel> LivePicture::moved(const Move& move, bool draft) const {
  std::vector<Pixel> out(m_picture.colors.size());
  const auto each = [](std::size_t count, const auto& one) {
    in_rows(static_cast<int>(count), [&](int from, int to) {
      for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i) one(i);
    });
  };
  const auto color = [this](std::size_t i) { return color_of(m_picture.colors[i].color); };
  if (!draft) {
    each(out.size(), [&](std::size_t i) { out[i] = move(m_picture.colors[i].color); });
    return out;
  }
  struct Shift {
    int r, g, b;
  };
  std::vector<Shift> shifts(m_cells.first.size());
  each(shifts.size(), [&](std::size_t i) {
    const Pixel first = m_picture.colors[m_cells.first[i]].color;
    const Srgb8 from = color_of(first), to = color_of(move(first));
    shifts[i] = {to.r - from.r, to.g - from.g, to.b - from.b};
  });
  const auto shifted = [](int channel, int by) {
    return static_cast<std::uint8_t>(std::clamp(channel + by, 0, 255));
  };
  for (std::size_t i = 0; i < out.size(); ++i) {
    const Shift& by = shifts[m_cells.cell[i]];
    const Srgb8 c = color(i);
    out[i] = pixel_of({shifted(c.r, by.r), shifted(c.g, by.g), shifted(c.b, by.b)});
  }
  return out;
}

void LivePicture::follow(Side& side, const TriedSide& tried, Quality quality) {
  const bool good_enough = quality == Quality::Draft || !side.followed_as_draft;
  const bool known =
      !side.followed.empty() && side.softness == tried.softness && alike(side.moves, tried.moves);
  if (!known || !good_enough) {
    side.softness = tried.softness;
    side.moves = tried.moves;
    const Follow follow(tried.moves, tried.softness);
    side.followed_as_draft = quality == Quality::Draft && !m_cells.first.empty() && !follow.still();
    side.followed =
        moved([&follow](Pixel pixel) { return moved_pixel(follow, pixel); }, side.followed_as_draft);
  }
  side.draft = side.followed_as_draft;
}

void LivePicture::show_key(Side& side, const TriedSide& tried, Quality quality) {
  const bool good_enough = quality == Quality::Draft || !side.keyed_as_draft;
  if (side.keyed.empty() || side.key != tried.key || !good_enough) {
    side.key = tried.key;
    side.keyed_as_draft = quality == Quality::Draft && !m_cells.first.empty() && !tried.key->still();
    side.keyed =
        moved([&key = *tried.key](Pixel pixel) { return keyed_pixel(key, pixel); }, side.keyed_as_draft);
  }
  side.pixels = side.keyed;
  side.draft = side.keyed_as_draft;
}

/// What strays keeps its color, all else steps back.
void LivePicture::check(Side& side, const TriedSide& tried, Quality quality) {
  find_outside(tried, quality);
  side.draft = m_outside_as_draft;
  const auto& matched = side.study.matched(m_picture, tried.colors, match_of(tried));
  for (std::size_t i = 0; i < matched.size(); ++i) {
    side.swatches.push_back(matched[i].swatch);
    side.pixels.push_back(checked_pixel(tried, m_picture.colors[i].color,
                                        {m_outside[i] != 0, matched[i].away > tried.limits.far}));
  }
}

void LivePicture::find_outside(const TriedSide& tried, Quality quality) {
  const double limit = tried.limits.outside;
  const bool good_enough = quality == Quality::Draft || !m_outside_as_draft;
  if (!m_outside.empty() && m_outside_of == tried.mask && m_outside_limit == limit && good_enough) return;
  m_outside_of = tried.mask;
  m_outside_limit = limit;
  m_outside_as_draft = quality == Quality::Draft && !m_cells.first.empty() && tried.mask;
  if (!m_outside_as_draft) {
    m_outside = outside_of(tried.mask.get(), m_picture.colors, limit);
    return;
  }
  std::vector<ColorCount> firsts;
  firsts.reserve(m_cells.first.size());
  for (const auto i : m_cells.first) firsts.push_back(m_picture.colors[i]);
  const std::vector<char> drafted = outside_of(tried.mask.get(), firsts, limit);
  m_outside.resize(m_picture.colors.size());
  for (std::size_t i = 0; i < m_outside.size(); ++i) m_outside[i] = drafted[m_cells.cell[i]];
}

// ---------------------------------------------------------------- places

void LivePicture::place_areas(const std::shared_ptr<const Areas>& areas) {
  if (m_areas == areas) return;
  m_areas = areas;
  m_numbers.assign(m_picture.index.size(), kNoArea);
  const auto at = [](double first, double step, int i, int most) {
    return std::clamp(static_cast<int>(first + (i + 0.5) * step), 0, most - 1);
  };
  std::vector<int> columns;
  columns.reserve(static_cast<std::size_t>(m_picture.width));
  for (int x = 0; x < m_picture.width; ++x) columns.push_back(at(m_part.left, m_part.step, x, areas->width));
  for (int y = 0; y < m_picture.height; ++y) {
    const int row = at(m_part.top, m_part.step, y, areas->height);
    for (int x = 0; x < m_picture.width; ++x)
      m_numbers[static_cast<std::size_t>(y) * m_picture.width + x] =
          areas->at(columns[static_cast<std::size_t>(x)], row);
  }
}

/// Which of the colors of its side stands at a pixel.
std::optional<std::size_t> LivePicture::entry_at(int x, int y) const {
  if (x < 0 || y < 0 || x >= m_picture.width || y >= m_picture.height) return std::nullopt;
  const Side& side = side_at(x);
  const std::size_t i = static_cast<std::size_t>(y) * m_picture.width + x;
  const std::size_t entry = side.by_areas ? m_numbers[i] : m_picture.index[i];
  return entry < side.pixels.size() ? std::optional(entry) : std::nullopt;
}

std::optional<std::size_t> LivePicture::swatch_at(int x, int y) const {
  const auto entry = entry_at(x, y);
  const Side& side = side_at(x);
  return entry && !side.swatches.empty() ? std::optional(side.swatches[*entry]) : std::nullopt;
}

std::optional<Pixel> LivePicture::pixel_at(int x, int y) const {
  const auto entry = entry_at(x, y);
  return entry ? std::optional(side_at(x).pixels[*entry]) : std::nullopt;
}

AreaNumber LivePicture::area_at(int x, int y) const {
  return side_at(x).by_areas && entry_at(x, y) ? m_numbers[static_cast<std::size_t>(y) * m_picture.width + x]
                                               : kNoArea;
}

void LivePicture::outline(AreaNumber area, Pixel* out) const {
  if (m_numbers.empty() || area == kNoArea) return;
  const auto at = [this](int x, int y) {
    return x < 0 || y < 0 || x >= m_picture.width || y >= m_picture.height
               ? kNoArea
               : m_numbers[static_cast<std::size_t>(y) * m_picture.width + x];
  };
  for (int y = 0; y < m_picture.height; ++y)
    for (int x = 0; x < m_picture.width; ++x) {
      const bool inside = at(x, y) == area;
      const bool edge = (at(x - 1, y) == area) != inside || (at(x + 1, y) == area) != inside ||
                        (at(x, y - 1) == area) != inside || (at(x, y + 1) == area) != inside;
      if (edge)
        out[static_cast<std::size_t>(y) * m_picture.width + x] =
            pixel_of(inside ? Srgb8{255, 255, 255} : Srgb8{0, 0, 0});
    }
}

} // namespace zc
