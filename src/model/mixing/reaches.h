// SPDX-License-Identifier: GPL-3.0-or-later
// The bodies of colors that are drawn over plan, section and rail: what the paints mix, and what the chosen
// press prints.
#pragma once

#include "core/mix/reach.h"
#include "model/derived/derived.h"
#include "model/session/studio.h"

#include <array>

namespace zc {

class PaintModel;
class PressModel;

class Reaches final : public QObject {
  Q_OBJECT
public:
  enum class Of { Paints, Press };
  static constexpr std::array kAll{Of::Paints, Of::Press};
  Reaches(Studio& studio, PaintModel& paints, PressModel& press);

  [[nodiscard]] bool shown(Of of);
  /// Null while there is none; while another is being made the one before stands, which changed() tells the
  /// end of.
  [[nodiscard]] const Reach* body(Of of);
  /// Around it at the current value; empty while there is none.
  [[nodiscard]] const std::vector<std::vector<DiscPoint>>& outlines(Of of);
  /// Its limits in the section at an angle, from value 0 to 100; empty while there is none.
  [[nodiscard]] const std::vector<std::vector<Stretch>>& limits(Of of, double angle);
  /// Its share of the disc at each value, of the largest: 0..1; empty while there is none.
  [[nodiscard]] const std::vector<double>& shares(Of of);

signals:
  void changed();

private:
  /// Which body, by its serial, if any.
  using Mark = std::optional<std::uint64_t>;
  [[nodiscard]] Mark mark(Of of);
  [[nodiscard]] const Reach* press_body();
  /// What is drawn of one body.
  struct Lines {
    explicit Lines(const DocumentScope& scope) : outlines(scope), limits(scope), shares(scope) {}
    Derived<std::pair<Mark, double>, std::vector<std::vector<DiscPoint>>> outlines;
    Derived<std::pair<Mark, double>, std::vector<std::vector<Stretch>>> limits;
    Derived<Mark, std::vector<double>> shares;
  };
  [[nodiscard]] Lines& lines(Of of) { return of == Of::Paints ? m_of_paints : m_of_press; }
  struct PressKey {
    std::string press;
    double limit = 0;
    WheelSpec wheel;
    bool operator==(const PressKey&) const = default;
  };

  Studio& m_studio;
  PaintModel& m_paints;
  PressModel& m_press;
  Derived<PressKey, Result<Reach>> m_printed{m_studio.scope()};
  Lines m_of_paints{m_studio.scope()}, m_of_press{m_studio.scope()};
};

} // namespace zc
