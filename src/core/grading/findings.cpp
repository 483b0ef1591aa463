// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grading/findings.h"

#include "core/grading/remedies.h"

#include <algorithm>
#include <map>
#include <unordered_map>
#include <unordered_set>

namespace zc {
namespace {

/// Near-duplicates that hang together are one cluster: each swatch leads to the first of its own.
class Clusters {
public:
  Id first_of(Id swatch) {
    const auto at = m_leads.find(swatch);
    if (at == m_leads.end()) return m_leads[swatch] = swatch;
    while (m_leads[swatch] != swatch) swatch = m_leads[swatch] = m_leads[m_leads[swatch]];
    return swatch;
  }
  void join(Id a, Id b) { m_leads[std::max(first_of(a), first_of(b))] = std::min(first_of(a), first_of(b)); }

private:
  std::unordered_map<Id, Id> m_leads;
};

void add_once(std::vector<Id>& swatches, Id one) {
  if (std::find(swatches.begin(), swatches.end(), one) == swatches.end()) swatches.push_back(one);
}

Finding single(FindingKind kind, std::size_t index, std::vector<Id> swatches, double weight) {
  return {kind, std::move(swatches), {index}, weight, {}, {}};
}

void add_part(Finding& whole, Finding part) {
  for (const Id id : part.swatches) add_once(whole.swatches, id);
  whole.of.insert(whole.of.end(), part.of.begin(), part.of.end());
  for (const ColorVision vision : part.vision)
    if (std::find(whole.vision.begin(), whole.vision.end(), vision) == whole.vision.end())
      whole.vision.push_back(vision);
  whole.parts.push_back(std::move(part));
}

/// One alone needs no parts.
Finding together(Finding whole) {
  if (whole.parts.size() != 1) return whole;
  Finding only = std::move(whole.parts.front());
  return only;
}

std::vector<Finding> near_findings(const GradingReport& report) {
  Clusters clusters;
  for (const auto& p : report.near_duplicates) clusters.join(p.a, p.b);
  std::vector<Finding> out;
  std::unordered_map<Id, std::size_t> place;
  for (std::size_t i = 0; i < report.near_duplicates.size(); ++i) {
    const SwatchPair& p = report.near_duplicates[i];
    const auto [at, is_new] = place.emplace(clusters.first_of(p.a), out.size());
    if (is_new) out.push_back({FindingKind::Near, {}, {}, 2, {}, {}});
    out[at->second].weight += 1;
    add_part(out[at->second], single(FindingKind::Near, i, {p.a, p.b}, 3));
  }
  for (Finding& cluster : out) cluster = together(std::move(cluster));
  return out;
}

std::vector<Finding> outside_findings(const GradingReport& report) {
  std::vector<Finding> out;
  for (std::size_t i = 0; i < report.outside_mask.size(); ++i)
    out.push_back(single(FindingKind::Outside, i, {report.outside_mask[i]}, 2));
  return out;
}

std::vector<Finding> gap_findings(const GradingReport& report, const GradingRules& rules) {
  std::vector<Finding> out;
  for (std::size_t i = 0; i < report.gaps.size(); ++i) {
    const ValueGap& gap = report.gaps[i];
    if (i == 0 || report.gaps[i - 1].family != gap.family)
      out.push_back({FindingKind::Gaps, {}, {}, 0, {}, {}});
    const double weight = gap.size / rules.gap;
    out.back().weight += weight;
    add_part(out.back(), single(FindingKind::Gaps, i, {gap.dark, gap.light}, weight));
  }
  for (Finding& family : out) family = together(std::move(family));
  return out;
}

std::vector<Finding> twin_findings(const GradingReport& report) {
  std::vector<Finding> out;
  for (std::size_t i = 0; i < report.twin_bands.size(); ++i) {
    const auto& band = report.twin_bands[i].swatches;
    out.push_back(single(FindingKind::Twins, i, band, static_cast<double>(band.size()) / 3));
  }
  return out;
}

std::vector<Finding> confused_findings(const GradingReport& report) {
  std::unordered_map<Id, std::vector<std::size_t>> bands;
  for (std::size_t i = 0; i < report.twin_bands.size(); ++i)
    for (const Id id : report.twin_bands[i].swatches) bands[id].push_back(i);
  const auto merge_anyway = [&bands](Id a, Id b) {
    const auto& of_b = bands[b];
    return std::any_of(bands[a].begin(), bands[a].end(), [&of_b](std::size_t band) {
      return std::find(of_b.begin(), of_b.end(), band) != of_b.end();
    });
  };
  std::vector<Finding> out;
  std::map<std::pair<Id, Id>, std::size_t> place;
  for (std::size_t i = 0; i < report.confusions.size(); ++i) {
    const Confusion& c = report.confusions[i];
    if (merge_anyway(c.a, c.b)) continue;
    const auto [at, is_new] = place.emplace(std::pair(c.a, c.b), out.size());
    if (is_new) out.push_back({FindingKind::Confused, {c.a, c.b}, {}, 0.5, {}, {}});
    out[at->second].of.push_back(i);
    out[at->second].vision.push_back(c.vision);
  }
  return out;
}

void order(std::vector<Finding>& all) {
  std::stable_sort(all.begin(), all.end(),
                   [](const Finding& a, const Finding& b) { return a.weight > b.weight; });
}

Result<Piece> one_remedied(const Piece& piece, const Finding& f) {
  const Id first = f.swatches.front(), last = f.swatches.back();
  switch (f.kind) {
  case FindingKind::Near:
    return with_merged(piece, first, last);
  case FindingKind::Outside:
    return with_brought_inside(piece, f.swatches);
  case FindingKind::Gaps: {
    const Family* family = find_family_of(piece, first);
    return with_gap_filled(piece, {family ? family->id : 0, first, last, 0});
  }
  case FindingKind::Confused: {
    Result<Piece> apart = piece;
    for (const ColorVision vision : f.vision)
      if (apart) apart = with_told_apart(*apart, first, last, vision);
    return apart;
  }
  case FindingKind::Twins:
    break;
  }
  return with_parted(piece, first, last);
}

std::vector<Id> unlocked(const Piece& piece, std::vector<Id> swatches) {
  std::erase_if(swatches, [&piece](Id id) {
    const Swatch* s = find_swatch(piece, id);
    return !s || s->locked;
  });
  return swatches;
}

} // namespace

std::vector<Finding> gathered(const GradingReport& report, const GradingRules& rules) {
  std::vector<Finding> out;
  for (auto kind : {near_findings(report), outside_findings(report), gap_findings(report, rules),
                    twin_findings(report), confused_findings(report)}) {
    if (kind.empty()) continue;
    order(kind);
    Finding whole{kind.front().kind, {}, {}, kind.front().weight, {}, {}};
    for (Finding& part : kind) add_part(whole, std::move(part));
    out.push_back(together(std::move(whole)));
  }
  order(out);
  return out;
}

Result<Piece> remedied(const Piece& piece, const Finding& finding) {
  if (finding.parts.empty()) return one_remedied(piece, finding);
  if (finding.kind == FindingKind::Outside)
    return with_brought_inside(piece, unlocked(piece, finding.swatches));
  Piece mended = piece;
  std::optional<Error> why_not;
  bool any = false;
  for (const Finding& part : finding.parts) {
    auto next = remedied(mended, part);
    any = any || next.ok();
    if (next)
      mended = std::move(next).value();
    else
      why_not = next.error();
  }
  if (!any) return *why_not;
  return mended;
}

SetChange set_change(const SwatchSet& before, const SwatchSet& after) {
  std::unordered_map<Id, Srgb> was;
  for (const Family& family : before.families)
    for (const Swatch& s : family.swatches) was.emplace(s.id, s.color);
  SetChange out;
  std::unordered_set<Id> stays;
  for (const Family& family : after.families)
    for (const Swatch& s : family.swatches) {
      const auto at = was.find(s.id);
      if (at == was.end())
        out.added.push_back(s.color);
      else if (at->second != s.color)
        out.moved.push_back({s.id, at->second, s.color});
      stays.insert(s.id);
    }
  for (const Family& family : before.families)
    for (const Swatch& s : family.swatches)
      if (!stays.contains(s.id)) out.removed.push_back(s.id);
  return out;
}

} // namespace zc
