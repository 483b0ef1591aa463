// SPDX-License-Identifier: GPL-3.0-or-later
// What becomes of a color on a press, by the press's own ICC profile (ISO 15076-1) through Little CMS.
//
// There and back is relative colorimetric with black point compensation: the paper counts as white, the
// darkest ink as black. A color *prints* when CIEDE2000 between it and what comes back is under a limit.
#pragma once

#include "core/base/result.h"
#include "core/color/ink.h"
#include "core/color/named_spaces.h"
#include "core/color/spaces.h"

#include <array>
#include <cstddef>
#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace zc {

/// CIEDE2000 from which on a color does not print (common practice, no source).
inline constexpr double kPrintLimit = 2;
inline constexpr double kLargestPrintLimit = 20;
/// A nearest printable color keeps so far below the limit.
inline constexpr double kPrintMargin = 0.05;
inline constexpr std::size_t kLargestProfile = std::size_t{64} << 20;

/// A color and its way to the press and back.
struct Printed {
  Ink ink;
  Srgb back;             ///< May lie outside 0..1: a press prints some colors that the display cannot show.
  double difference = 0; ///< CIEDE2000 between the color and `back`.
};

/// The printable color that stands for one that does not print.
struct NearestPrintable {
  Srgb color;              ///< Of whole 8-bit numbers, and printable as such.
  double difference = 0;   ///< CIEDE2000 from the color that was asked for to the print of this one.
  bool equal_value = true; ///< At its L*, within 0.5; else the nearest of all.
};

/// A difference for colors far apart: HyAB, lightness and chromaticity added up (S. Abasi, M. Amani Tehran,
/// M. D. Fairchild, "Distance metrics for very large color differences", Color Research & Application 45(2),
/// 2020), in which a step in hue counts twice (ours), so that navy does not become teal.
[[nodiscard]] double large_difference(const Lab& a, const Lab& b);

/// May be asked by several threads at once.
class Press {
public:
  /// ERRORS: Unreadable for what is no profile of a four-color press that works both ways; TooLarge.
  [[nodiscard]] static Result<std::shared_ptr<const Press>> read(const std::vector<unsigned char>& icc,
                                                                 const std::string& file_name);
  ~Press();
  Press(const Press&) = delete;
  Press& operator=(const Press&) = delete;

  /// What the profile calls itself, or its file.
  [[nodiscard]] const std::string& name() const { return m_name; }
  /// Its profile ID (ISO 15076-1, 7.2.18), in hex.
  [[nodiscard]] const std::string& digest() const { return m_digest; }
  /// The largest total ink that the profile asks for, percent; 0 where it cannot be told.
  [[nodiscard]] double ink_limit() const { return m_ink_limit; }

  /// REQUIRES a color that the display can show.
  [[nodiscard]] Printed printed(Srgb color) const;
  [[nodiscard]] bool prints(Srgb color, double limit = kPrintLimit) const {
    return printed(color).difference < limit;
  }
  /// The same for a color that a display may not be able to show.
  [[nodiscard]] Printed printed(LabD50 color) const;
  /// How inks look; may lie outside 0..1. REQUIRES inks of 0..100.
  [[nodiscard]] Srgb color_of(const Ink& ink) const;
  /// The 8-bit color, printable with a margin of kPrintMargin, that is nearest by large_difference() among
  /// those at the same L* within 0.5; where there is none, or all of them are far and one at another value is
  /// much nearer, the nearest of all. A color that prints is its own. Looked for in all directions of hue and
  /// saturation, and then step by step from the best few.
  [[nodiscard]] NearestPrintable nearest(Srgb color, double limit = kPrintLimit) const;
  /// What is seen of a color on paper; with the paper's own white and black in absolute colorimetry, or
  /// relative to it. Brought into the display's gamut at equal L* and hue.
  [[nodiscard]] Srgb proof(Srgb color, bool paper_white) const;

private:
  Press() = default;
  [[nodiscard]] std::array<void*, 4> transforms() const {
    return {m_to_press, m_on_paper, m_xyz_to_press, m_xyz_from_press};
  }
  /// A color, and its large_difference() from the wish.
  struct Found {
    Lab lab;
    double away = 0;
  };
  /// The same at the value of the wish.
  struct Place {
    double a = 0, b = 0, away = 0;
  };
  [[nodiscard]] Lab seems_printed(const Xyz& color) const;
  [[nodiscard]] bool seems_to_print(const Lab& color, double limit) const;
  [[nodiscard]] static std::vector<Place> net_around(const Lab& wanted);
  [[nodiscard]] std::optional<Found> best_at(const Lab& wanted, const std::vector<Place>& net, double l,
                                             double limit, double known) const;
  [[nodiscard]] Found stepped(const Lab& wanted, Found place, double slack, double limit) const;
  [[nodiscard]] std::optional<Found> at_any_value(const Lab& wanted, const std::vector<Place>& net,
                                                  std::optional<Found> best, double safe) const;
  [[nodiscard]] std::optional<NearestPrintable> rounded_choice(const Lab& wanted,
                                                               const std::optional<Found>& equal,
                                                               const std::optional<Found>& any,
                                                               double safe) const;
  [[nodiscard]] std::optional<NearestPrintable> rounded(const Lab& wanted, const Lab& place, bool equal_value,
                                                        double limit) const;

  std::string m_name, m_digest;
  double m_ink_limit = 0;
  void* m_to_press = nullptr;
  void* m_on_paper = nullptr;
  // The same ways without the curves of the display, for the search.
  void* m_xyz_to_press = nullptr;
  void* m_xyz_from_press = nullptr;
};

/// Press and limit together, as a user sets them.
struct SwatchPress {
  Printed printed;
  bool prints = true;
  std::optional<NearestPrintable> nearest; ///< Where it does not print.
};
/// What the press makes of each color; reckoned on all cores.
[[nodiscard]] std::vector<SwatchPress> check_for_press(const Press& press, const std::vector<Srgb>& colors,
                                                       double limit = kPrintLimit);

} // namespace zc
