// SPDX-License-Identifier: GPL-3.0-or-later
// What the report says of a finding: what it is, why it matters, and what its remedy does.
#pragma once

#include "core/grading/findings.h"

#include <QMetaType>
#include <QString>

namespace zc {

[[nodiscard]] QString finding_words(const Piece& piece, const GradingReport& report, const Finding& finding);
/// Why a finding of this kind matters; empty where its words say so.
[[nodiscard]] QString finding_means(FindingKind kind, const GradingRules& rules);
[[nodiscard]] QString remedy_words(const Finding& finding, const GradingRules& rules);
/// Name of its undo step.
[[nodiscard]] QString remedy_step(FindingKind kind);
/// Of so many swatches it is reckoned at each look what a remedy will change.
inline constexpr std::size_t kMostReckoned = 60;
/// What the remedy will change, told before it is used.
[[nodiscard]] QString remedy_does(const Piece& piece, const Finding& finding);

} // namespace zc

Q_DECLARE_METATYPE(zc::Finding)
