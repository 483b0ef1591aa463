// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/report_words.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "model/i18n/text.h"

#include <QCoreApplication>

namespace zc {
namespace {

/// Of so many swatches what becomes of each is told.
constexpr std::size_t kToldApart = 2;

class Report {
  Q_DECLARE_TR_FUNCTIONS(Report)
};

QString name_of(const Piece& piece, Id id) {
  const Swatch* s = find_swatch(piece, id);
  return s ? text(s->name) : QString();
}

QString near_words(const Piece& piece, const GradingReport& report, const Finding& f) {
  const SwatchPair& p = report.near_duplicates[f.of.front()];
  if (f.parts.empty())
    return Report::tr("%1 and %2 are near-duplicates, they differ by %3")
        .arg(name_of(piece, p.a), name_of(piece, p.b))
        .arg(number(p.difference, 1));
  const bool cluster = f.parts.front().parts.empty() &&
                       f.parts.size() + 1 >= f.swatches.size(); // What hangs together, by its first one.
  return cluster ? Report::tr("%1 swatches near %2 are near-duplicates")
                       .arg(f.swatches.size())
                       .arg(name_of(piece, p.a))
                 : Report::tr("%1 swatches are near-duplicates").arg(f.swatches.size());
}

QString gap_words(const Piece& piece, const GradingReport& report, const Finding& f) {
  const ValueGap& g = report.gaps[f.of.front()];
  if (f.parts.empty()) {
    const double low = value_of(find_swatch(piece, g.dark)->color),
                 high = value_of(find_swatch(piece, g.light)->color);
    return Report::tr("%1: gap between %2 and %3")
        .arg(text(find_family(piece, g.family)->name), number(high, 0), number(low, 0));
  }
  const bool one_family = std::all_of(f.swatches.begin(), f.swatches.end(), [&](Id id) {
    return find_family_of(piece, id) == find_family_of(piece, f.swatches.front());
  });
  return one_family ? Report::tr("%1: %2 gaps").arg(text(find_family(piece, g.family)->name)).arg(f.of.size())
                    : Report::tr("%1 gaps between neighbors").arg(f.of.size());
}

/// Of two the names; of more their number and value.
QString twin_words(const Piece& piece, const GradingReport& report, const Finding& f) {
  if (!f.parts.empty()) return Report::tr("At %1 values, hues read as one").arg(f.parts.size());
  const TwinBand& band = report.twin_bands[f.of.front()];
  return f.swatches.size() == 2 ? Report::tr("%1 and %2 read as one value")
                                      .arg(name_of(piece, f.swatches[0]), name_of(piece, f.swatches[1]))
                                : Report::tr("%1 swatches at value %2 read as one")
                                      .arg(f.swatches.size())
                                      .arg(number((band.low + band.high) / 2, 0));
}

QString confused_words(const Piece& piece, const Finding& f) {
  QStringList vision;
  for (const ColorVision one : f.vision) vision << color_vision_word(one);
  const QString whose = vision.join(QStringLiteral(", "));
  return f.parts.empty() ? Report::tr("%1: %2 and %3 look alike")
                               .arg(whose, name_of(piece, f.swatches[0]), name_of(piece, f.swatches[1]))
                         : Report::tr("%1: %2 pairs look alike").arg(whose).arg(f.parts.size());
}

QString value_move(const Piece& piece, const SetChange::Moved& m) {
  return Report::tr("%1 from value %2 to %3")
      .arg(name_of(piece, m.swatch), number(value_of(m.before), 1), number(value_of(m.after), 1));
}

QString color_move(const Piece& piece, const SetChange::Moved& m) {
  return Report::tr("%1 by %2 (CIEDE2000)")
      .arg(name_of(piece, m.swatch), number(ciede2000(lab_from_srgb(m.before), lab_from_srgb(m.after)), 1));
}

QString moves(const Piece& piece, const SetChange& change, bool in_value) {
  const int count = static_cast<int>(change.moved.size());
  if (change.moved.size() <= kToldApart) {
    QStringList each;
    for (const auto& m : change.moved) each << (in_value ? value_move(piece, m) : color_move(piece, m));
    return Report::tr("Moves %1").arg(each.join(QStringLiteral(", ")));
  }
  double most = 0;
  for (const auto& m : change.moved)
    most = std::max(most, in_value ? std::abs(value_of(m.after) - value_of(m.before))
                                   : ciede2000(lab_from_srgb(m.before), lab_from_srgb(m.after)));
  return in_value
             ? Report::tr("Moves %n swatches, by %1 in value at most", nullptr, count).arg(number(most, 1))
             : Report::tr("Moves %n swatches, by %1 (CIEDE2000) at most", nullptr, count)
                   .arg(number(most, 1));
}

} // namespace

QString finding_words(const Piece& piece, const GradingReport& report, const Finding& f) {
  switch (f.kind) {
  case FindingKind::Near:
    return near_words(piece, report, f);
  case FindingKind::Gaps:
    return gap_words(piece, report, f);
  case FindingKind::Outside:
    return f.parts.empty() ? Report::tr("%1 is outside the mask").arg(name_of(piece, f.swatches.front()))
                           : Report::tr("%1 swatches are outside the mask").arg(f.swatches.size());
  case FindingKind::Confused:
    return confused_words(piece, f);
  case FindingKind::Twins:
    break;
  }
  return twin_words(piece, report, f);
}

QString finding_means(FindingKind kind, const GradingRules& rules) {
  switch (kind) {
  case FindingKind::Near:
    return Report::tr("They differ by less than %1 (CIEDE2000): one would do.")
        .arg(number(rules.near_duplicate, 1));
  case FindingKind::Gaps:
    return Report::tr("Neighbors of a family lie more than %1 values apart.").arg(number(rules.gap, 0));
  case FindingKind::Outside:
    return {};
  case FindingKind::Confused:
    return Report::tr("For eyes that lack a kind of cone. A difference in value is seen by everyone.");
  case FindingKind::Twins:
    break;
  }
  return Report::tr("When you squint, hue fades and only value is left: these shapes melt together.");
}

QString remedy_words(const Finding& f, const GradingRules& rules) {
  const bool one = f.parts.empty();
  switch (f.kind) {
  case FindingKind::Near:
    return one ? Report::tr("Merge them") : Report::tr("Merge all");
  case FindingKind::Gaps:
    return one ? Report::tr("Fill gap") : Report::tr("Fill all gaps");
  case FindingKind::Outside:
    return one ? Report::tr("Move it inside") : Report::tr("Move all inside");
  case FindingKind::Confused:
    return one ? Report::tr("Separate in value") : Report::tr("Separate all in value");
  case FindingKind::Twins:
    break;
  }
  const QString apart = number(2 * rules.twin, 0);
  if (!one) return Report::tr("Separate all by %1 values").arg(apart);
  return f.swatches.size() == 2 ? Report::tr("Separate by %1 values").arg(apart)
                                : Report::tr("Separate ends by %1 values").arg(apart);
}

QString remedy_step(FindingKind kind) {
  switch (kind) {
  case FindingKind::Near:
    return Report::tr("Merge near-duplicates");
  case FindingKind::Gaps:
    return Report::tr("Fill gap");
  case FindingKind::Outside:
    return Report::tr("Move into mask");
  case FindingKind::Confused:
    return Report::tr("Separate for color vision");
  case FindingKind::Twins:
    break;
  }
  return Report::tr("Separate values");
}

QString remedy_does(const Piece& piece, const Finding& f) {
  if (f.swatches.size() > kMostReckoned)
    return Report::tr("Changes up to %n swatches.", nullptr, static_cast<int>(f.swatches.size()));
  const auto edited = remedied(piece, f);
  if (!edited) return words(edited.error());
  const SetChange change = set_change(*current_set(piece), *current_set(*edited));
  QStringList out;
  if (!change.moved.empty()) out << moves(piece, change, f.kind != FindingKind::Outside);
  if (change.removed.size() == 1)
    out << Report::tr("Removes %1").arg(name_of(piece, change.removed.front()));
  else if (!change.removed.empty())
    out << Report::tr("Removes %n swatches", nullptr, static_cast<int>(change.removed.size()));
  if (change.added.size() == 1)
    out << Report::tr("Adds a swatch at value %1").arg(number(value_of(change.added.front()), 0));
  else if (!change.added.empty())
    out << Report::tr("Adds %n swatches", nullptr, static_cast<int>(change.added.size()));
  return out.isEmpty() ? QString() : out.join(QStringLiteral(". ")) + QLatin1Char('.');
}

bool any_is_off(const RelationFit& fit) {
  return std::any_of(fit.families.begin(), fit.families.end(),
                     [](const RelationFit::Member& m) { return std::abs(m.off) >= kFamilyOff; });
}

QString relation_word(Relation relation) { return word(word_for(kRelationWords, relation)); }

QString relation_words(const RelationFit& fit) {
  const QString name = relation_word(fit.relation);
  return any_is_off(fit) ? Report::tr("The hues are %1° off a relation: %2").arg(number(fit.error, 0), name)
                         : Report::tr("The hues stand in a relation: %1").arg(name);
}

QString families_off(const Piece& piece, const RelationFit& fit) {
  QStringList out;
  for (const RelationFit::Member& m : fit.families) {
    const Family* family = find_family(piece, m.family);
    if (family && std::abs(m.off) >= kFamilyOff)
      out << Report::tr("%1 by %2°").arg(text(family->name), number(m.off, 0));
  }
  return out.isEmpty() ? QString() : Report::tr("Off: %1.").arg(out.join(QStringLiteral(", ")));
}

} // namespace zc
