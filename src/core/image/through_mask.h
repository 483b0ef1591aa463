// A photo through a gamut mask: every color outside goes to the nearest place inside at the same value.
#pragma once

#include "core/image/pixels.h"
#include "core/mask/mask.h"

#include <cstdlib>
#include <memory>

namespace zc {

/// One wheel and one mask; each different color is mapped once and remembered, exactly as Wheel and
/// MaskRegion have it, so that L* is kept to the rounding of 8 bits. A color inside stays what it is; with an
/// empty mask every color does. Neutrals keep their place in the middle of the wheel.
class MaskMapper {
public:
  MaskMapper(const Wheel& wheel, const MaskRegion& region);

  [[nodiscard]] std::uint32_t mapped(std::uint32_t word) const;
  /// Maps on all cores; alpha is kept. `out` holds width * height words.
  void map(const PixelView& photo, std::uint32_t* out);

private:
  Wheel m_wheel;
  MaskRegion m_region;
  struct Release {
    void operator()(std::uint32_t* p) const { std::free(p); }
  };
  /// By the 24 bits of a color; 0 where it is not mapped yet. Zeroed by the system page by page as colors
  /// come up, which most of the 64 MB never do.
  std::unique_ptr<std::uint32_t[], Release> m_known;
};

} // namespace zc
