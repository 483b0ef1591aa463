// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli rules and remedy: what a set is graded by, and what mends a finding of the report.
#include "cli/change.h"

#include "cli/photos.h"
#include "cli/sets.h"
#include "core/grading/findings.h"
#include "core/piece/edits.h"

#include <cmath>
#include <limits>

namespace zc::cli {
namespace {

struct RulesRequest : ChangeRequest {
  double dark_below, light_from, near, twin, gap, outside;
  int steps = 0;
  std::string target;
};

constexpr double kLeft = std::numeric_limits<double>::quiet_NaN();

/// What is left out stays.
double given(double number, double otherwise) { return std::isnan(number) ? otherwise : number; }

Result<Piece> with_rules(const Piece& piece, const RulesRequest& r) {
  const Bands bands{given(r.dark_below, piece.bands.dark_below), given(r.light_from, piece.bands.light_from)};
  auto banded = with_bands(piece, bands);
  if (!banded) return banded;
  GradingRules rules = piece.grading;
  rules.value_steps = r.steps == 0 ? rules.value_steps : r.steps;
  rules.near_duplicate = given(r.near, rules.near_duplicate);
  rules.twin = given(r.twin, rules.twin);
  rules.gap = given(r.gap, rules.gap);
  rules.outside = given(r.outside, rules.outside);
  if (!r.target.empty()) {
    const auto n = whole_numbers(r.target, 3, "--target");
    if (!n) return n.error();
    rules.target = {(*n)[2], (*n)[1], (*n)[0]};
  }
  return with_grading(std::move(banded).value(), rules);
}

constexpr Word<FindingKind> kFindings[] = {{FindingKind::Near, "near_duplicates"},
                                           {FindingKind::Outside, "outside_mask"},
                                           {FindingKind::Gaps, "gaps"},
                                           {FindingKind::Twins, "twin_bands"},
                                           {FindingKind::Confused, "confusions"}};

struct RemedyRequest : ChangeRequest {
  FindingKind kind = FindingKind::Near;
};

/// All findings of a kind; where there is none, there is nothing to do.
Result<Piece> mended(const Piece& piece, FindingKind kind) {
  std::optional<MaskRegion> region;
  if (const Mask* mask = mask_in_use(piece)) region.emplace(*mask);
  const GradingReport report =
      grade(*current_set(piece), piece.bands, piece.grading, Wheel(piece.wheel), region ? &*region : nullptr);
  for (const Finding& finding : gathered(report, piece.grading))
    if (finding.kind == kind) return remedied(piece, finding);
  return piece;
}

} // namespace

Command add_rules(const Options& app) {
  auto r = std::make_shared<RulesRequest>();
  r->dark_below = r->light_from = r->near = r->twin = r->gap = r->outside = kLeft;
  const Options command =
      app.command("rules", "Change what the sets of a piece are graded by; what is left out stays");
  Command out = change_command(command, r, [r = r.get()](const Piece& p) { return with_rules(p, *r); });
  command.number("--dark-below", r->dark_below, kValueRange, "Value where the dark band ends");
  command.number("--light-from", r->light_from, kValueRange, "Value where the light band begins");
  command.whole("--steps", r->steps, kValueStepsRange, "Value steps from black to white");
  command.number("--near-duplicates", r->near, kNearDuplicateRange,
                 "CIEDE2000 below which two swatches are near-duplicates");
  command.number("--twins", r->twin, kTwinRange,
                 "Value difference below which two swatches read as one value");
  command.number("--gaps", r->gap, kGapRange, "Value difference above which there is a gap in a family");
  command.number("--outside-mask", r->outside, kOutsideRange,
                 "CIEDE2000 to the mask from which on a swatch is outside");
  command.text("--target", r->target, "How many light, middle and dark swatches: LIGHT,MIDDLE,DARK");
  return out;
}

Command add_remedy(const Options& app) {
  auto r = std::make_shared<RemedyRequest>();
  const Options command = app.command("remedy", "Mend all findings of a kind that grade tells");
  Command out = change_command(command, r, [r = r.get()](const Piece& p) { return mended(p, r->kind); });
  command.choice("finding", kFindings, "Kind of finding", r->kind, Options::Need::Needed);
  add_set_option(command, *r);
  return out;
}

} // namespace zc::cli
