// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/mixing/reaches.h"

#include "core/mix/press_reach.h"
#include "model/mixing/paint_model.h"
#include "model/proof/press_model.h"

namespace zc {

Reaches::Reaches(Studio& studio, PaintModel& paints, PressModel& press)
    : m_studio(studio), m_paints(paints), m_press(press) {
  connect(&paints, &PaintModel::changed, this, &Reaches::changed);
  studio.hear({Part::Reach, Part::Sharing}, this, &Reaches::changed);
}

bool Reaches::shown(Of of) {
  const ReachView& view = m_studio.session().reach;
  return of == Of::Paints ? view.shown : view.press && m_press.chosen() != nullptr;
}

const Reach* Reaches::body(Of of) { return of == Of::Paints ? m_paints.reach() : press_body(); }

const Reach* Reaches::press_body() {
  const auto press = m_press.chosen();
  if (!press) return nullptr;
  const Sharing& sharing = m_studio.session().sharing;
  m_printed.later(
      {sharing.press, sharing.print_limit, m_studio.piece().wheel},
      [press, limit = sharing.print_limit, wheel = m_studio.wheel()](const Progress& progress) {
        return press_reach(*press, limit, wheel, progress);
      },
      [this] { emit changed(); });
  const Result<Reach>* made = m_printed.value();
  // That of another wheel would lie elsewhere, that of another press or limit says what is not so.
  const bool so = made && *made && m_printed.made_for()->press == sharing.press &&
                  m_printed.made_for()->limit == sharing.print_limit &&
                  made->value().wheel() == m_studio.piece().wheel;
  return so ? &made->value() : nullptr;
}

Reaches::Mark Reaches::mark(Of of) {
  if (!body(of)) return std::nullopt;
  return of == Of::Paints ? m_paints.reach_serial() : m_printed.serial();
}

const std::vector<std::vector<DiscPoint>>& Reaches::outlines(Of of) {
  const Reach* reach = body(of);
  const double value = std::round(m_studio.session().at.at.v);
  return lines(of).outlines.now({mark(of), value}, [&] {
    return reach ? reach->outlines(value) : std::vector<std::vector<DiscPoint>>();
  });
}

const std::vector<std::vector<Stretch>>& Reaches::limits(Of of, double angle) {
  const Reach* reach = body(of);
  return lines(of).limits.now({mark(of), angle}, [&] {
    std::vector<std::vector<Stretch>> out;
    for (int value = 0; reach && value < kReachValues; ++value)
      out.push_back(reach->along_diameter(Angle(angle), value));
    return out;
  });
}

const std::vector<double>& Reaches::shares(Of of) {
  const Reach* reach = body(of);
  return lines(of).shares.now(mark(of), [&] {
    std::vector<double> out;
    double largest = 0;
    for (int value = 0; reach && value < kReachValues; ++value) {
      out.push_back(reach->share(value));
      largest = std::max(largest, out.back());
    }
    if (!(largest > 0)) out.clear();
    for (double& share : out) share /= largest;
    return out;
  });
}

} // namespace zc
