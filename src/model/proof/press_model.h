// SPDX-License-Identifier: GPL-3.0-or-later
// The press that is chosen, what it makes of the swatches, and how colors look as it prints them.
#pragma once

#include "core/image/color_map.h"
#include "core/piece/press_check.h"
#include "core/press/press.h"
#include "model/derived/derived.h"
#include "model/session/studio.h"

namespace zc {

class PressModel final : public QObject, private OfDocument {
  Q_OBJECT
public:
  explicit PressModel(Studio& studio);

  /// Null for none, or while a notice has said why it cannot be used.
  [[nodiscard]] std::shared_ptr<const Press> chosen();
  /// Empty where no proof is asked for.
  [[nodiscard]] const ColorMap& proof();
  /// What the press makes of each swatch of the current set, in its order; null without a press and while
  /// they are being asked, which changed() tells the end of.
  [[nodiscard]] const std::vector<SwatchPress>* checked();
  [[nodiscard]] std::vector<const Swatch*> swatches() const;
  /// All that do not print, or one of them, become the nearest printable; the set before is kept as a
  /// version.
  void use_printable(Id swatch);

signals:
  /// The press has said what it makes of the swatches.
  void changed();

private:
  void forget() override { m_shown.reset(); }
  struct CheckKey {
    std::vector<PressWish> swatches;
    std::string press;
    double limit = 0;
    bool operator==(const CheckKey&) const = default;
  };
  /// What colors become as a press prints them, as long as it is the same.
  struct Shown {
    std::string press;
    bool paper_white = true;
    ColorMap colors;
  };

  Studio& m_studio;
  std::string m_file;
  std::shared_ptr<const Press> m_press;
  std::optional<Shown> m_shown;
  Derived<CheckKey, std::vector<SwatchPress>> m_checked{m_studio.scope()};
};

} // namespace zc
