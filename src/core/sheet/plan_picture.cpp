// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/sheet/plan_picture.h"

#include "core/base/parallel.h"
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/image/pixels.h"
#include "core/wheel/raster.h"

#include <algorithm>
#include <cmath>

namespace zc {
namespace {

constexpr int kSubRows = 8;

/// Adds a stretch of one thin row, in pixels, to the shares of the pixels it runs over.
void add_stretch(float* row, int size, double from, double to) {
  from = std::clamp(from, 0.0, double(size));
  to = std::clamp(to, 0.0, double(size));
  for (int x = static_cast<int>(from); x < size && x < to; ++x)
    row[x] += static_cast<float>((std::min(to, x + 1.0) - std::max(from, double(x))) / kSubRows);
}

/// Where a horizontal line meets the outlines, in order.
std::vector<double> crossings(const std::vector<std::vector<DiscPoint>>& outlines, double y) {
  std::vector<double> out;
  for (const auto& outline : outlines)
    for (std::size_t i = 0; i < outline.size(); ++i) {
      const DiscPoint &p = outline[i], &q = outline[(i + 1) % outline.size()];
      if ((p.y > y) != (q.y > y)) out.push_back(p.x + (q.x - p.x) * (y - p.y) / (q.y - p.y));
    }
  std::sort(out.begin(), out.end());
  return out;
}

/// The color at the middle of a pixel of the rim, which itself may lie a little outside.
Pixel rim_color(const Wheel& wheel, const PlanSpec& spec, DiscPoint p) {
  const WheelPoint at = stepped(wheel_point(p, *spec.value), spec.steps);
  return pixel_of(rounded_8bit(wheel.nearest_existing({at.a, std::min(1.0, at.r), at.v}).color));
}

/// What is premultiplied has lost the color of the rim; outside of the mask the disc shows through.
Pixel plan_pixel(const Wheel& wheel, const PlanSpec& spec, PremultipliedPixel painted, DiscPoint p,
                 double shown) {
  const std::uint32_t alpha = painted.alpha();
  if (alpha == 0) return {};
  const Pixel color = alpha < 255 && spec.value ? rim_color(wheel, spec, p) : straight(painted);
  return Pixel{static_cast<std::uint32_t>(std::lround(alpha * shown)) << 24}.with(color.rgb());
}

} // namespace

Steps plan_steps(Steps cut) {
  if (cut.hues == 0 && cut.saturations == 0) return {12, 8, cut.values};
  return cut;
}

std::vector<double> plan_values(int count) {
  std::vector<double> out;
  for (int i = 1; i <= count; ++i) out.push_back(100.0 * i / (count + 1));
  return out;
}

std::vector<float> mask_cover(const MaskRegion& mask, int size) {
  std::vector<float> cover(static_cast<std::size_t>(size) * size);
  const auto& outlines = mask.outlines();
  in_parallel(size, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      for (int sub = 0; sub < kSubRows; ++sub) {
        const auto at = crossings(outlines, 1 - 2 * (y + (sub + 0.5) / kSubRows) / size);
        for (std::size_t i = 0; i + 1 < at.size(); i += 2)
          add_stretch(cover.data() + static_cast<std::size_t>(y) * size, size, (at[i] + 1) / 2 * size,
                      (at[i + 1] + 1) / 2 * size);
      }
  });
  return cover;
}

Result<PixelPicture> plan_disc(const Wheel& wheel, const MaskRegion* mask, const PlanSpec& spec) {
  if (!kPlanSizeRange.holds(spec.size)) return Error{ErrorCode::BadInput, Sentence::PictureSizeRange, "size"};
  if (spec.value && !(*spec.value >= 0 && *spec.value <= 100))
    return Error{ErrorCode::BadInput, Sentence::ValueRange, "value"};
  Raster painted;
  SolidPainter painter(wheel);
  painter.set_steps(spec.steps);
  if (spec.value)
    painter.slice(*spec.value, spec.size, painted);
  else
    painter.vivid(vivid_table(wheel), spec.size, painted);
  PixelPicture out{spec.size, spec.size, std::vector<Pixel>(painted.pixels.size())};
  const std::vector<float> cover =
      mask && !mask->empty() ? mask_cover(*mask, spec.size) : std::vector<float>();
  in_parallel(spec.size, 16, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      for (int x = 0; x < spec.size; ++x) {
        const std::size_t i = static_cast<std::size_t>(y) * spec.size + x;
        const DiscPoint p{(x + 0.5) / spec.size * 2 - 1, 1 - (y + 0.5) / spec.size * 2};
        const double shown =
            cover.empty() ? 1 : kOutsideShown + (1 - kOutsideShown) * std::min(1.0f, cover[i]);
        out.pixels[i] = plan_pixel(wheel, spec, painted.pixels[i], p, shown);
      }
  });
  return out;
}

} // namespace zc
