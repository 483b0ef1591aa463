// SPDX-License-Identifier: GPL-3.0-or-later
// The one vertical axis of the value band: L* 100 at the top, 0 at the bottom, the same pixels in every part.
#pragma once

#include <algorithm>

namespace zc {

class ValueAxis {
public:
  static constexpr int kHead = 34; ///< Room above for a caption.
  static constexpr int kFoot = 30; ///< Room below for names.

  explicit ValueAxis(int widget_height)
      : m_top(kHead), m_bottom(std::max(kHead + 1, widget_height - kFoot)) {}
  [[nodiscard]] double top() const { return m_top; }
  [[nodiscard]] double bottom() const { return m_bottom; }
  [[nodiscard]] double length() const { return m_bottom - m_top; }
  [[nodiscard]] double y_of(double value) const { return m_bottom - value / 100 * length(); }
  [[nodiscard]] double value_at(double y) const {
    return std::clamp((m_bottom - y) / length() * 100, 0.0, 100.0);
  }

private:
  double m_top, m_bottom;
};

} // namespace zc
