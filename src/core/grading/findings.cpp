// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grading/findings.h"

#include <algorithm>
#include <numeric>
#include <unordered_map>

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
  return {kind, false, std::move(swatches), {index}, weight, {}, Eyes::Usual};
}

/// One alone needs no parts.
Finding with_part(Finding whole, Finding part, double more_weight) {
  for (const Id id : part.swatches) add_once(whole.swatches, id);
  whole.of.insert(whole.of.end(), part.of.begin(), part.of.end());
  whole.weight += more_weight;
  whole.parts.push_back(std::move(part));
  return whole;
}

void drop_only_parts(std::vector<Finding>& all) {
  for (Finding& f : all)
    if (f.parts.size() == 1) f.parts.clear();
}

std::vector<Finding> near_findings(const GradingReport& report) {
  Clusters clusters;
  for (const auto& p : report.near_duplicates) clusters.join(p.a, p.b);
  std::vector<Finding> out;
  std::unordered_map<Id, std::size_t> place;
  for (std::size_t i = 0; i < report.near_duplicates.size(); ++i) {
    const SwatchPair& p = report.near_duplicates[i];
    const auto [at, is_new] = place.emplace(clusters.first_of(p.a), out.size());
    if (is_new) out.push_back({FindingKind::Near, false, {}, {}, 2, {}, Eyes::Usual});
    Finding& cluster = out[at->second];
    cluster = with_part(std::move(cluster), single(FindingKind::Near, i, {p.a, p.b}, 3), 1);
  }
  drop_only_parts(out);
  return out;
}

std::vector<Finding> outside_findings(const GradingReport& report) {
  if (report.outside_mask.empty()) return {};
  std::vector<Finding> out{{FindingKind::Outside, false, {}, {}, 2, {}, Eyes::Usual}};
  for (std::size_t i = 0; i < report.outside_mask.size(); ++i)
    out[0] = with_part(std::move(out[0]), single(FindingKind::Outside, i, {report.outside_mask[i]}, 2), 0.1);
  drop_only_parts(out);
  return out;
}

std::vector<Finding> gap_findings(const GradingReport& report, const GradingRules& rules) {
  std::vector<Finding> out;
  for (std::size_t i = 0; i < report.gaps.size(); ++i) {
    const ValueGap& gap = report.gaps[i];
    if (i == 0 || report.gaps[i - 1].family != gap.family)
      out.push_back({FindingKind::Gaps, false, {}, {}, 0, {}, Eyes::Usual});
    const double weight = gap.size / rules.gap;
    out.back() =
        with_part(std::move(out.back()), single(FindingKind::Gaps, i, {gap.dark, gap.light}, weight), weight);
  }
  drop_only_parts(out);
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

/// One for each kind of eyes.
std::vector<Finding> confused_findings(const GradingReport& report) {
  std::vector<Finding> out;
  for (std::size_t i = 0; i < report.confusions.size(); ++i) {
    const Confusion& c = report.confusions[i];
    if (i == 0 || report.confusions[i - 1].eyes != c.eyes)
      out.push_back({FindingKind::Confused, false, {}, {}, 0.5, {}, c.eyes});
    Finding part = single(FindingKind::Confused, i, {c.a, c.b}, 0.5);
    part.eyes = c.eyes;
    out.back() = with_part(std::move(out.back()), std::move(part), 0);
  }
  drop_only_parts(out);
  return out;
}

/// The weightiest stand for themselves, the others together.
std::vector<Finding> folded(std::vector<Finding> all) {
  std::stable_sort(all.begin(), all.end(),
                   [](const Finding& a, const Finding& b) { return a.weight > b.weight; });
  if (all.size() <= kFindingsOfKind) return all;
  Finding rest{all.front().kind, true, {}, {}, all[kFindingsOfKind - 1].weight, {}, Eyes::Usual};
  for (std::size_t i = kFindingsOfKind - 1; i < all.size(); ++i)
    rest = with_part(std::move(rest), std::move(all[i]), 0);
  all.resize(kFindingsOfKind - 1);
  all.push_back(std::move(rest));
  return all;
}

} // namespace

std::vector<Finding> gathered(const GradingReport& report, const GradingRules& rules) {
  std::vector<Finding> out;
  for (auto kind : {near_findings(report), outside_findings(report), gap_findings(report, rules),
                    twin_findings(report), confused_findings(report)})
    for (Finding& f : folded(std::move(kind))) out.push_back(std::move(f));
  std::stable_sort(out.begin(), out.end(),
                   [](const Finding& a, const Finding& b) { return a.weight > b.weight; });
  return out;
}

} // namespace zc
