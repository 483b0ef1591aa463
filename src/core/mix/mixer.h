// SPDX-License-Identifier: GPL-3.0-or-later
// Paints made ready to be mixed often.
#pragma once

#include "core/base/range.h"
#include "core/mix/pigment.h"

#include <memory>

namespace zc {

inline constexpr std::size_t kMostPaints = 12; ///< Of a palette of paints.
/// Tinting strength: a part of a paint counts this often in a mixture; 0 is its absence.
inline constexpr Range kStrengthRange{0, 20};

struct MixPaint {
  Paint paint;
  double strength = 1; ///< In kStrengthRange.
};

/// Immutable; cheap to copy.
class Mixer {
public:
  explicit Mixer(const std::vector<MixPaint>& paints);
  [[nodiscard]] std::size_t count() const;
  /// What mix_paints() gives, each part counted by its paint's strength. REQUIRES as many parts as paints,
  /// none below 0 and one of a paint with strength above 0.
  [[nodiscard]] Mixture mixed(const std::vector<double>& parts) const;

  struct Kernel;
  [[nodiscard]] const Kernel& kernel() const { return *m_kernel; }

private:
  std::shared_ptr<const Kernel> m_kernel;
};

/// The few whole numbers, the largest at most `most`, that come nearest to these parts. None where there is
/// nothing above 0.
[[nodiscard]] std::vector<int> whole_parts(const std::vector<double>& parts, int most);

} // namespace zc
