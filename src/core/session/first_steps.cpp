// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/session/first_steps.h"

#include <algorithm>

namespace zc {
namespace {

std::size_t all_swatches(const Piece& piece) {
  std::size_t n = 0;
  for (const auto& set : piece.sets) n += swatch_count(set);
  return n;
}

} // namespace

bool FirstSteps::all() const {
  return std::all_of(done.begin(), done.end(), [](bool one) { return one; });
}

FirstSteps with_done(FirstSteps steps, FirstStep step) {
  steps.done[static_cast<std::size_t>(step)] = true;
  return steps;
}

FirstSteps followed(FirstSteps before, const Piece& opened, const Piece& piece, const Session& session) {
  const auto note = [&before](FirstStep step, bool done) {
    if (done) before = with_done(before, step);
  };
  note(FirstStep::Reference, piece.references.size() > opened.references.size());
  note(FirstStep::Color, session.origin.has_value() || !session.extracted.colors.empty());
  note(FirstStep::Mask, piece.mask && piece.mask != opened.mask);
  note(FirstStep::Swatch, all_swatches(piece) > all_swatches(opened));
  const SwatchSet* set = current_set(piece);
  const bool has_set = set && swatch_count(*set) > 0;
  note(FirstStep::Report, has_set && session.desk == Desk::Grade);
  note(FirstStep::Picture, has_set && !piece.references.empty() && session.desk == Desk::Try);
  note(FirstStep::Share, has_set && session.desk == Desk::Share);
  return before;
}

} // namespace zc
