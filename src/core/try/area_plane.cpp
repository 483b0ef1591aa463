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

Light light_of(Pixel pixel) {
  static const auto linear = [] {
    std::array<float, 256> out{};
    for (std::size_t i = 0; i < out.size(); ++i) out[i] = static_cast<float>(exact_linear_of_8bit()[i]);
    return out;
  }();
  return {linear[pixel.r()], linear[pixel.g()], linear[pixel.b()]};
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

Point point_of(Pixel pixel) { return point_of_light(light_of(pixel)); }

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

namespace {

class Enlarged {
public:
  Enlarged(const PixelView& photo, const Plane& plane, const std::vector<AreaNumber>& cut)
      : m_photo(photo), m_plane(plane), m_cut(cut),
        m_beside(std::clamp(static_cast<int>(std::lround(0.5 * photo.width / plane.width)), 1, kMostBeside)) {
  }

  [[nodiscard]] std::vector<AreaNumber> numbers() const {
    std::vector<AreaNumber> out(static_cast<std::size_t>(m_photo.width) * m_photo.height, kNoArea);
    const std::vector<bool> alone = cells_alone();
    std::vector<int> cell_of(static_cast<std::size_t>(m_photo.width));
    for (int x = 0; x < m_photo.width; ++x)
      cell_of[static_cast<std::size_t>(x)] = cell(x, m_photo.width, m_plane.width);
    in_parallel(m_photo.height, 16, [&](int from, int to) {
      std::vector<Near> nearby;
      for (int y = from; y < to; ++y)
        number_row(y, alone, cell_of, nearby, out.data() + static_cast<std::size_t>(y) * m_photo.width);
    });
    return out;
  }

private:
  static constexpr int kAround = 1, kMostBeside = 2;

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
    float lies_there = 0;
  };
  void number_row(int y, const std::vector<bool>& alone, const std::vector<int>& cell_of,
                  std::vector<Near>& nearby, AreaNumber* out) const {
    const int cy = cell(y, m_photo.height, m_plane.height);
    const Pixel* row = m_photo.row(y);
    Surroundings surroundings(m_photo, y, m_beside);
    int last = -1;
    for (int x = 0; x < m_photo.width; ++x) {
      if (row[x].alpha() == 0) continue;
      const int cx = cell_of[static_cast<std::size_t>(x)];
      if (alone[m_plane.at(cx, cy)]) {
        out[x] = m_cut[m_plane.at(cx, cy)];
        continue;
      }
      if (cx != last) look_around(cx, cy, nearby), last = cx;
      if (nearby.size() < 2) {
        out[x] = nearby.empty() ? kNoArea : nearby.front().number;
        continue;
      }
      out[x] = nearest(surroundings.at(x), (x + 0.5F) * m_plane.width / m_photo.width - 0.5F,
                       (y + 0.5F) * m_plane.height / m_photo.height - 0.5F, nearby);
    }
  }

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

  /// The color of the pixels beside one of a row, itself included, averaged as light. Columns are kept, since
  /// the next pixel of the row asks for all of them but one again.
  class Surroundings {
  public:
    Surroundings(const PixelView& photo, int y, int beside) : m_photo(photo), m_y(y), m_beside(beside) {}
    [[nodiscard]] Point at(int x) {
      Light sum = Light::Zero();
      float seen = 0;
      for (int u = std::max(0, x - m_beside); u <= std::min(m_photo.width - 1, x + m_beside); ++u) {
        const Column& c = column(u);
        sum += c.light, seen += c.seen;
      }
      return point_of_light(sum / seen);
    }

  private:
    struct Column {
      int x = -1;
      Light light = Light::Zero();
      float seen = 0;
    };
    const Column& column(int x) {
      Column& out = m_columns[static_cast<std::size_t>(x) % m_columns.size()];
      if (out.x == x) return out;
      out = {x, Light::Zero(), 0};
      for (int v = std::max(0, m_y - m_beside); v <= std::min(m_photo.height - 1, m_y + m_beside); ++v) {
        const Pixel pixel = m_photo.row(v)[x];
        if (pixel.alpha() == 0) continue;
        out.light += light_of(pixel);
        out.seen += 1;
      }
      return out;
    }
    const PixelView& m_photo;
    int m_y, m_beside;
    std::array<Column, 2 * kMostBeside + 1> m_columns;
  };

  /// How much of each of these lies around a place of the smaller picture, nearer pixels counting more.
  /// Returns the same of all pixels there.
  [[nodiscard]] float lie_there(float u, float v, std::vector<Near>& nearby) const {
    for (Near& n : nearby) n.lies_there = 0;
    float all = 0;
    const int cx = static_cast<int>(std::floor(u)), cy = static_cast<int>(std::floor(v));
    for (int y = std::max(0, cy - 1); y <= std::min(m_plane.height - 1, cy + 2); ++y)
      for (int x = std::max(0, cx - 1); x <= std::min(m_plane.width - 1, cx + 2); ++x) {
        const float weight =
            std::max(0.0F, 1 - std::abs(x - u) / 2) * std::max(0.0F, 1 - std::abs(y - v) / 2);
        all += weight;
        const AreaNumber number = m_cut[m_plane.at(x, y)];
        for (Near& n : nearby)
          if (n.number == number) n.lies_there += weight;
      }
    return all;
  }

  [[nodiscard]] AreaNumber nearest(const Point& p, float u, float v, std::vector<Near>& nearby) const {
    float contrast = 0;
    for (std::size_t i = 1; i < nearby.size(); ++i)
      contrast = std::max(contrast, apart2(nearby[0].mean, nearby[i].mean));
    const float all = lie_there(u, v, nearby);
    AreaNumber best = kNoArea;
    float least = 1e9F;
    for (const Near& n : nearby) {
      const float share = all > 0 ? n.lies_there / all : 0,
                  away = apart2(p, n.mean) / std::max(contrast, kFaint) + kPlaceCounts * (1 - share);
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
