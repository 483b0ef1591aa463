// SPDX-License-Identifier: GPL-3.0-or-later
// What the report says of a finding: what it is, why it matters, and what its remedy does.
#pragma once

#include "core/grading/findings.h"
#include "core/grading/relation_check.h"

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

/// A family that is off by less, in degrees, stands in the relation.
inline constexpr double kFamilyOff = 1;
[[nodiscard]] bool any_is_off(const RelationFit& fit);
[[nodiscard]] QString relation_word(Relation relation);
/// Which relation the hues stand in, and how well.
[[nodiscard]] QString relation_words(const RelationFit& fit);
/// Which families are off, and by how much; empty where none is.
[[nodiscard]] QString families_off(const Piece& piece, const RelationFit& fit);

} // namespace zc

Q_DECLARE_METATYPE(zc::Finding)
