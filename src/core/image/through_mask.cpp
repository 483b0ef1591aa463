#include "core/image/through_mask.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"

#include <atomic>
#include <new>

namespace zc {

MaskMapper::MaskMapper(const Wheel& wheel, const MaskRegion& region) : m_wheel(wheel), m_region(region) {}

std::uint32_t MaskMapper::mapped(std::uint32_t word) const {
  if (m_region.empty()) return word;
  const WheelPoint at = m_wheel.locate(srgb_from_8bit(color_of_word(word)));
  const DiscPoint place = disc_point(at.a, at.r);
  const DiscPoint held = *m_region.nearest(place);
  if (held == place) return word;
  const WheelPoint nearest = wheel_point(held, at.v, at.a);
  const Srgb8 c = rounded_8bit(m_wheel.nearest_existing(nearest).color);
  return (word & 0xff000000u) | (word_of(c) & 0xffffffu);
}

void MaskMapper::map(const PixelView& photo, std::uint32_t* out) {
  if (!m_known)
    m_known.reset(static_cast<std::uint32_t*>(std::calloc(std::size_t{1} << 24, sizeof(std::uint32_t))));
  if (!m_known) throw std::bad_alloc();
  in_parallel(photo.height, 16, [&](int from, int to) {
    // Neighbors are often of one color.
    std::uint32_t last = 0, last_mapped = 0;
    for (int y = from; y < to; ++y) {
      const std::uint32_t* words = photo.row(y);
      std::uint32_t* row = out + static_cast<std::size_t>(y) * photo.width;
      for (int x = 0; x < photo.width; ++x) {
        const std::uint32_t color = words[x] | 0xff000000u;
        if (color != last) {
          last = color;
          // Two cores may map one color at the same time; they come to the same result.
          std::atomic_ref<std::uint32_t> known(m_known[color & 0xffffffu]);
          last_mapped = known.load(std::memory_order_relaxed);
          if (last_mapped == 0) {
            last_mapped = mapped(color);
            known.store(last_mapped, std::memory_order_relaxed);
          }
        }
        row[x] = (words[x] & 0xff000000u) | (last_mapped & 0xffffffu);
      }
    }
  });
}

} // namespace zc
