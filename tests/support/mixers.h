// SPDX-License-Identifier: GPL-3.0-or-later
// Mixers of the trade's paints, and random parts of them.
#pragma once

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "core/mix/mixer.h"
#include "core/mix/trade_paints.h"
#include "support/check.h"

#include <random>

namespace zc::test {

inline Srgb color(const char* hex) { return *parse_color(hex); }

inline double difference(Srgb a, Srgb b) { return ciede2000(lab_from_srgb(a), lab_from_srgb(b)); }

inline Mixer mixer_of(const std::vector<const char*>& names) {
  std::vector<MixPaint> out;
  for (const char* name : names) {
    const TradePaint* paint = trade_paint(name);
    if (!paint) qFatal("no paint %s", name);
    out.push_back({{paint->curve, true}, paint->strength});
  }
  return Mixer(out);
}

inline Mixer twelve() {
  return mixer_of({"titanium white", "bone black", "yellow earth", "cadmium yellow", "burnt sienna",
                   "iron-oxide red", "cadmium red", "quinacridone magenta", "ultramarine blue", "iron blue",
                   "phthalocyanine green", "raw umber"});
}

inline std::vector<double> random_parts(std::mt19937& random, std::size_t paints, int most_paints) {
  std::vector<double> out(paints, 0);
  const auto count = 1 + random() % static_cast<unsigned>(most_paints);
  for (unsigned i = 0; i < count; ++i) out[random() % paints] = 1 + random() % 12;
  return out;
}

} // namespace zc::test
