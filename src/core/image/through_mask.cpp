#include "core/image/through_mask.h"

#include "core/base/parallel.h"
#include "core/color/convert.h"

#include <atomic>
#include <cstdlib>
#include <new>

namespace zc {

/// By the 24 bits of a color; 0 where it is not mapped yet. Asked for zeroed, so that the system gives the 64
/// MB piece by piece as colors come up.
struct MaskMapper::Known {
  std::uint32_t* words =
      static_cast<std::uint32_t*>(std::calloc(std::size_t{1} << 24, sizeof(std::uint32_t)));

  Known() {
    if (!words) throw std::bad_alloc();
  }
  ~Known() { std::free(words); }
  Known(const Known&) = delete;
  Known& operator=(const Known&) = delete;
};

MaskMapper::MaskMapper(const Wheel& wheel, const MaskRegion& region)
    : m_wheel(wheel), m_region(region), m_known(std::make_shared<Known>()) {}

std::uint32_t MaskMapper::mapped(std::uint32_t word) const {
  if (m_region.empty()) return word;
  const WheelPoint at = m_wheel.locate(srgb_from_8bit(color_of_word(word)));
  const DiscPoint place = disc_point(at);
  const DiscPoint held = *m_region.nearest(place);
  if (held == place) return word;
  const WheelPoint nearest = wheel_point(held, at.v, Angle(at.a));
  const Srgb8 c = rounded_8bit(m_wheel.nearest_existing(nearest).color);
  return (word & 0xff000000u) | (word_of(c) & 0xffffffu);
}

/// The 24 bits of a color, mapped when it comes up for the first time.
inline std::uint32_t MaskMapper::remembered(std::uint32_t* known, std::uint32_t word) const {
  // Two threads may map one color at the same time; they come to the same result.
  const std::atomic_ref<std::uint32_t> place(known[word & 0xffffffu]);
  std::uint32_t color = place.load(std::memory_order_relaxed);
  if (color == 0) [[unlikely]] {
    color = mapped(word | 0xff000000u);
    place.store(color, std::memory_order_relaxed);
  }
  return color & 0xffffffu;
}

bool MaskMapper::keeps(std::uint32_t word) const {
  return remembered(m_known->words, word) == (word & 0xffffffu);
}

void MaskMapper::map(const PixelView& photo, std::uint32_t* out) const {
  std::uint32_t* const known = m_known->words;
  in_parallel(photo.height, 16, [&, known](int from, int to) {
    for (int y = from; y < to; ++y) {
      const std::uint32_t* words = photo.row(y);
      std::uint32_t* row = out + static_cast<std::size_t>(y) * photo.width;
      for (int x = 0; x < photo.width; ++x) row[x] = (words[x] & 0xff000000u) | remembered(known, words[x]);
    }
  });
}

} // namespace zc
