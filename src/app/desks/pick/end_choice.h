// SPDX-License-Identifier: GPL-3.0-or-later
// One end of a ramp, chosen from all that is there: colors at hand, members of the relation, the mask's
// neutral and corners, swatches.
#pragma once

#include "core/session/ramp_ends.h"

#include <QComboBox>

namespace zc {

class Studio;

/// A name for the data of an entry, as in "well.3"; those that are one of a kind have no number.
[[nodiscard]] QString key_of(const RampEnd& end);

class EndChoice final : public QComboBox {
  Q_OBJECT
public:
  EndChoice(const QString& name, const RampEnd& first, Studio& model, QWidget* parent);
  [[nodiscard]] RampEnd end() const;
  /// Nothing where there is none of what was chosen any more.
  [[nodiscard]] std::optional<Srgb> color() const;
  /// What can be chosen now; the choice stays where it can.
  void follow();
  void showPopup() override;

private:
  void show_entry(int index);
  [[nodiscard]] QString words_of(const RampEnd& end) const;
  Studio& m_model;
  RampEnd m_first;
  std::vector<RampEnd> m_ends;
};

} // namespace zc
