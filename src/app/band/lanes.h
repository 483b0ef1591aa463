// SPDX-License-Identifier: GPL-3.0-or-later
// Chips that would cover each other stand side by side.
#pragma once

#include <cstddef>
#include <vector>

namespace zc {

struct ChipSpan {
  double top = 0, bottom = 0;
};
/// Which of how many equal lanes a chip stands in.
struct Lane {
  std::size_t lane = 0, of = 1;
};

/// A lane for each span. Spans that hang together by covering each other share their lanes, each in the first
/// that is free; no more than `most` lanes, beyond which they cover each other in turn. REQUIRES spans in the
/// order of their tops and `most` of at least 1.
[[nodiscard]] std::vector<Lane> lanes_of(const std::vector<ChipSpan>& spans, std::size_t most);

} // namespace zc
