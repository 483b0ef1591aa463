// SPDX-License-Identifier: GPL-3.0-or-later
// What answers are compared with.
#pragma once

#include "cli/run.h"
#include "io/container/piece_file.h"
#include "support/check.h"

#include <QImage>

namespace zc::test {

using J = nlohmann::json;

inline Piece demo() { return open_document(DEMO_PIECE)->piece; }

/// Answers are rounded, by key to four or six decimals.
constexpr double kFour = 6e-5, kSix = 6e-7;

inline void check_numbers(const J& got, std::initializer_list<double> expected, double tolerance = kFour) {
  QCOMPARE(got.size(), expected.size());
  std::size_t i = 0;
  for (const double x : expected) {
    CHECK_NEAR(got[i].get<double>(), x, tolerance);
    ++i;
  }
}

/// 60 x 40: a checker of black and white, and reds that grow lighter downward.
inline QImage a_photo() {
  QImage image(60, 40, QImage::Format_RGB32);
  for (int y = 0; y < 40; ++y)
    for (int x = 0; x < 60; ++x)
      image.setPixel(x, y, x < 30 ? ((x + y) % 2 ? 0xffffffff : 0xff000000) : qRgb(200, 40 + 4 * y, 90));
  return image;
}

} // namespace zc::test
