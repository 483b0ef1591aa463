// SPDX-License-Identifier: GPL-3.0-or-later
// The mask, and the wheel it lies on.
#pragma once

#include "model/session/studio.h"

namespace zc {

class Masking final : public QObject {
  Q_OBJECT
public:
  explicit Masking(Studio& studio) : m_studio(studio) {}

  void carry(Carry carry);
  void keep_of_mask(MaskKeeps keeps);
  void change_wheel(const WheelSpec& wheel);
  void turn_mask(double by, const QString& drag = {});
  void remove_mask();
  /// Against hands on the wheel; it is still changed by numbers, patterns and commands.
  void lock_mask(bool locked);
  void select_area(std::size_t area);

private:
  Studio& m_studio;
};

} // namespace zc
