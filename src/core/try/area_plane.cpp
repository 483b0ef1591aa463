// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/try/area_plane.h"

#include "core/base/parallel.h"
#include "core/color/channel_tables.h"
#include "core/color/convert.h"

#include <Eigen/Core>

#include <algorithm>
#include <array>
#include <cmath>

namespace zc {
namespace {

using Light = Eigen::Vector3f; // Linear.

Light light_of_word(std::uint32_t word) {
  static const auto linear = [] {
    std::array<float, 256> out{};
    for (std::size_t i = 0; i < out.size(); ++i) out[i] = static_cast<float>(exact_linear_of_8bit()[i]);
    return out;
  }();
  return {linear[word >> 16 & 0xff], linear[word >> 8 & 0xff], linear[word & 0xff]};
}

Point point_of_light(const Light& light) {
  static const auto matrix = [](const Matrix3& p, const Matrix3& q) {
    Eigen::Matrix3f out = Eigen::Matrix3f::Zero();
    for (std::size_t i = 0; i < 3; ++i)
      for (std::size_t j = 0; j < 3; ++j)
        for (std::size_t k = 0; k < 3; ++k)
          out(static_cast<int>(i), static_cast<int>(j)) += static_cast<float>(p[i][k] * q[k][j]);
    return out;
  };
  constexpr Matrix3 same{{{1, 0, 0}, {0, 1, 0}, {0, 0, 1}}};
  static const Eigen::Matrix3f to_lms = matrix(lms_from_xyz_matrix(), linear_to_xyz_matrix()),
                               to_oklab = matrix(oklab_from_lms_matrix(), same);
  const Light root = (to_lms * light).unaryExpr([](float x) { return std::cbrt(x); });
  const Light c = to_oklab * root;
  return {c(0), c(1), c(2)};
}

} // namespace

Point point_of(std::uint32_t word) { return point_of_light(light_of_word(word)); }

std::vector<Point> points_of(const PixelView& photo) {
  std::vector<Point> out(static_cast<std::size_t>(photo.width) * photo.height);
  in_parallel(photo.height, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      for (int x = 0; x < photo.width; ++x)
        out[static_cast<std::size_t>(y) * photo.width + x] = point_of(photo.row(y)[x]);
  });
  return out;
}

namespace {

/// Sums of one number over boxes, by sums over all that lies above and left.
class BoxSums {
public:
  BoxSums(int width, int height, const std::vector<float>& numbers)
      : m_width(width), m_height(height), m_sums(static_cast<std::size_t>(width + 1) * (height + 1), 0) {
    for (int y = 0; y < height; ++y) {
      double row = 0;
      for (int x = 0; x < width; ++x) {
        row += numbers[static_cast<std::size_t>(y) * width + x];
        m_sums[at(x + 1, y + 1)] = m_sums[at(x + 1, y)] + row;
      }
    }
  }
  [[nodiscard]] float mean(int x, int y, int radius) const {
    const int left = std::max(0, x - radius), right = std::min(m_width, x + radius + 1),
              top = std::max(0, y - radius), bottom = std::min(m_height, y + radius + 1);
    const double sum =
        m_sums[at(right, bottom)] - m_sums[at(left, bottom)] - m_sums[at(right, top)] + m_sums[at(left, top)];
    return static_cast<float>(sum / ((right - left) * (bottom - top)));
  }

private:
  [[nodiscard]] std::size_t at(int x, int y) const { return static_cast<std::size_t>(y) * (m_width + 1) + x; }
  int m_width, m_height;
  std::vector<double> m_sums;
};

} // namespace

void smooth_inside(Plane& plane, int radius) {
  if (radius < 1) return;
  constexpr float texture = 0.03F * 0.03F; // Of OKLab; what varies less is smoothed.
  for (float Point::*channel : {&Point::l, &Point::a, &Point::b}) {
    std::vector<float> p(plane.points.size()), pp(p.size()), a(p.size()), b(p.size());
    for (std::size_t i = 0; i < p.size(); ++i) p[i] = plane.points[i].*channel, pp[i] = p[i] * p[i];
    const BoxSums means(plane.width, plane.height, p), squares(plane.width, plane.height, pp);
    for (int y = 0; y < plane.height; ++y)
      for (int x = 0; x < plane.width; ++x) {
        const float m = means.mean(x, y, radius), v = std::max(0.0F, squares.mean(x, y, radius) - m * m);
        a[plane.at(x, y)] = v / (v + texture);
        b[plane.at(x, y)] = m * texture / (v + texture);
      }
    const BoxSums slopes(plane.width, plane.height, a), grounds(plane.width, plane.height, b);
    for (int y = 0; y < plane.height; ++y)
      for (int x = 0; x < plane.width; ++x) {
        const std::size_t i = plane.at(x, y);
        plane.points[i].*channel = slopes.mean(x, y, radius) * p[i] + grounds.mean(x, y, radius);
      }
  }
}

std::vector<std::uint32_t> patches_of(const Plane& plane, const std::vector<bool>& seen) {
  constexpr int rounds = 8;
  constexpr float near_as = 0.05F; // A step aside of one patch counts as so much of OKLab.
  const int across = std::max(1, plane.width / kPatch), down = std::max(1, plane.height / kPatch);
  const float step_x = float(plane.width) / across, step_y = float(plane.height) / down;
  const float side = (near_as / kPatch) * (near_as / kPatch);
  struct Center {
    Point color;
    float x = 0, y = 0;
  };
  std::vector<std::uint32_t> number(plane.points.size(), kNoPart);
  std::vector<Center> centers;
  for (int j = 0; j < down; ++j)
    for (int i = 0; i < across; ++i) {
      centers.push_back({{}, (i + 0.5F) * step_x - 0.5F, (j + 0.5F) * step_y - 0.5F});
    }
  // Each begins with the mean of its cell.
  for (int y = 0; y < plane.height; ++y)
    for (int x = 0; x < plane.width; ++x)
      if (const std::size_t i = plane.at(x, y); seen[i])
        number[i] =
            static_cast<std::uint32_t>(std::min(down - 1, static_cast<int>((y + 0.5F) / step_y)) * across +
                                       std::min(across - 1, static_cast<int>((x + 0.5F) / step_x)));
  const auto move_centers = [&] {
    struct Sum {
      double l = 0, a = 0, b = 0, x = 0, y = 0, pixels = 0;
    };
    std::vector<Sum> sums(centers.size());
    for (int y = 0; y < plane.height; ++y)
      for (int x = 0; x < plane.width; ++x) {
        const std::size_t i = plane.at(x, y);
        if (number[i] == kNoPart) continue;
        Sum& s = sums[number[i]];
        const Point& p = plane.points[i];
        s.l += p.l, s.a += p.a, s.b += p.b, s.x += x, s.y += y, s.pixels += 1;
      }
    for (std::size_t c = 0; c < centers.size(); ++c)
      if (const Sum& s = sums[c]; s.pixels > 0)
        centers[c] = {{static_cast<float>(s.l / s.pixels), static_cast<float>(s.a / s.pixels),
                       static_cast<float>(s.b / s.pixels)},
                      static_cast<float>(s.x / s.pixels),
                      static_cast<float>(s.y / s.pixels)};
  };
  move_centers();
  for (int round = 0; round < rounds; ++round) {
    // Each pixel asks the centers of its own cell of the net and those around, so that no order decides.
    in_parallel(plane.height, 16, [&](int from, int to) {
      for (int y = from; y < to; ++y)
        for (int x = 0; x < plane.width; ++x) {
          const std::size_t i = plane.at(x, y);
          if (!seen[i]) continue;
          const int cx = std::min(across - 1, static_cast<int>((x + 0.5F) / step_x)),
                    cy = std::min(down - 1, static_cast<int>((y + 0.5F) / step_y));
          float least = 1e9F;
          for (int v = std::max(0, cy - 1); v <= std::min(down - 1, cy + 1); ++v)
            for (int u = std::max(0, cx - 1); u <= std::min(across - 1, cx + 1); ++u) {
              const Center& c = centers[static_cast<std::size_t>(v) * across + u];
              const float dx = x - c.x, dy = y - c.y,
                          away = apart2(plane.points[i], c.color) + side * (dx * dx + dy * dy);
              if (away < least) least = away, number[i] = static_cast<std::uint32_t>(v * across + u);
            }
        }
    });
    move_centers();
  }
  return number;
}

namespace {

class Enlarged {
public:
  Enlarged(const PixelView& photo, const Plane& plane, const std::vector<AreaNumber>& cut)
      : m_photo(photo), m_plane(plane), m_cut(cut),
        m_beside(std::clamp(static_cast<int>(std::lround(0.5 * photo.width / plane.width)), 1, 2)) {}

  [[nodiscard]] std::vector<AreaNumber> numbers() const {
    std::vector<AreaNumber> out(static_cast<std::size_t>(m_photo.width) * m_photo.height, kNoArea);
    const std::vector<bool> alone = cells_alone();
    std::vector<int> cell_of(static_cast<std::size_t>(m_photo.width));
    for (int x = 0; x < m_photo.width; ++x)
      cell_of[static_cast<std::size_t>(x)] = cell(x, m_photo.width, m_plane.width);
    in_parallel(m_photo.height, 16, [&](int from, int to) {
      std::vector<Near> nearby;
      for (int y = from; y < to; ++y) {
        const int cy = cell(y, m_photo.height, m_plane.height);
        const std::uint32_t* row = m_photo.row(y);
        int last = -1;
        for (int x = 0; x < m_photo.width; ++x) {
          if (!(row[x] >> 24)) continue;
          const int cx = cell_of[static_cast<std::size_t>(x)];
          AreaNumber& number = out[static_cast<std::size_t>(y) * m_photo.width + x];
          if (alone[m_plane.at(cx, cy)]) {
            number = m_cut[m_plane.at(cx, cy)];
            continue;
          }
          if (cx != last) look_around(cx, cy, nearby), last = cx;
          number = nearest(x, y, (x + 0.5F) * m_plane.width / m_photo.width - 0.5F,
                           (y + 0.5F) * m_plane.height / m_photo.height - 0.5F, nearby);
        }
      }
    });
    return out;
  }

private:
  static constexpr int kAround = 1;

  /// The pixel of the smaller picture that a place along a side falls into.
  static int cell(int at, int length, int cells) {
    return std::clamp(static_cast<int>((at + 0.5F) * cells / length), 0, cells - 1);
  }
  /// Pixels of the smaller picture with nothing but their own area around.
  [[nodiscard]] std::vector<bool> cells_alone() const {
    std::vector<bool> out(m_cut.size());
    for (int y = 0; y < m_plane.height; ++y)
      for (int x = 0; x < m_plane.width; ++x) {
        const AreaNumber own = m_cut[m_plane.at(x, y)];
        bool alone = own != kNoArea;
        for (int v = std::max(0, y - kAround); alone && v <= std::min(m_plane.height - 1, y + kAround); ++v)
          for (int u = std::max(0, x - kAround); alone && u <= std::min(m_plane.width - 1, x + kAround); ++u)
            alone = m_cut[m_plane.at(u, v)] == own;
        out[m_plane.at(x, y)] = alone;
      }
    return out;
  }
  struct Near {
    AreaNumber number = kNoArea;
    Point mean;
    float pixels = 0;
  };

  void look_around(int cx, int cy, std::vector<Near>& out) const {
    out.clear();
    for (int y = std::max(0, cy - kAround); y <= std::min(m_plane.height - 1, cy + kAround); ++y)
      for (int x = std::max(0, cx - kAround); x <= std::min(m_plane.width - 1, cx + kAround); ++x) {
        const std::size_t i = m_plane.at(x, y);
        if (m_cut[i] == kNoArea) continue;
        auto near = std::find_if(out.begin(), out.end(), [&](const Near& n) { return n.number == m_cut[i]; });
        if (near == out.end()) near = out.insert(out.end(), Near{m_cut[i], {}, 0});
        const Point& p = m_plane.points[i];
        near->mean.l += p.l, near->mean.a += p.a, near->mean.b += p.b;
        near->pixels += 1;
      }
    for (Near& n : out) n.mean.l /= n.pixels, n.mean.a /= n.pixels, n.mean.b /= n.pixels;
  }

  /// Its color and those beside it, averaged as light.
  [[nodiscard]] Point surroundings(int x, int y) const {
    Light sum = Light::Zero();
    float seen = 0;
    for (int v = std::max(0, y - m_beside); v <= std::min(m_photo.height - 1, y + m_beside); ++v)
      for (int u = std::max(0, x - m_beside); u <= std::min(m_photo.width - 1, x + m_beside); ++u) {
        const std::uint32_t word = m_photo.row(v)[u];
        if (!(word >> 24)) continue;
        sum += light_of_word(word);
        seen += 1;
      }
    return point_of_light(sum / seen);
  }

  /// How much of an area lies around a place of the smaller picture, nearer pixels counting more: 0..1.
  [[nodiscard]] float lies_there(float u, float v, AreaNumber number) const {
    float mine = 0, all = 0;
    const int cx = static_cast<int>(std::floor(u)), cy = static_cast<int>(std::floor(v));
    for (int y = std::max(0, cy - 1); y <= std::min(m_plane.height - 1, cy + 2); ++y)
      for (int x = std::max(0, cx - 1); x <= std::min(m_plane.width - 1, cx + 2); ++x) {
        const float weight =
            std::max(0.0F, 1 - std::abs(x - u) / 2) * std::max(0.0F, 1 - std::abs(y - v) / 2);
        all += weight;
        if (m_cut[m_plane.at(x, y)] == number) mine += weight;
      }
    return all > 0 ? mine / all : 0;
  }

  [[nodiscard]] AreaNumber nearest(int x, int y, float u, float v, const std::vector<Near>& nearby) const {
    if (nearby.size() < 2) return nearby.empty() ? kNoArea : nearby.front().number;
    const Point p = surroundings(x, y);
    float contrast = 0;
    for (std::size_t i = 1; i < nearby.size(); ++i)
      contrast = std::max(contrast, apart2(nearby[0].mean, nearby[i].mean));
    AreaNumber best = kNoArea;
    float least = 1e9F;
    for (const Near& n : nearby) {
      const float away =
          apart2(p, n.mean) / std::max(contrast, kFaint) + kPlaceCounts * (1 - lies_there(u, v, n.number));
      if (away < least) least = away, best = n.number;
    }
    return best;
  }

  /// Of an edge that stands out; a fainter one is more and more where the smaller picture has it.
  static constexpr float kPlaceCounts = 1.2F, kFaint = 0.04F * 0.04F;
  const PixelView& m_photo;
  const Plane& m_plane;
  const std::vector<AreaNumber>& m_cut;
  int m_beside; ///< Pixels of the surroundings on each side, about half a pixel of the smaller picture.
};

} // namespace

std::vector<AreaNumber> enlarged(const PixelView& photo, const Plane& plane,
                                 const std::vector<AreaNumber>& cut) {
  return Enlarged(photo, plane, cut).numbers();
}

} // namespace zc
