// SPDX-License-Identifier: GPL-3.0-or-later
// Adding to sets, and what is chosen in them.
#pragma once

#include "model/session/studio.h"

namespace zc {

enum class ExtractionFamilies { ByHue, ByBand };

class Laying final : public QObject {
  Q_OBJECT
public:
  explicit Laying(Studio& studio) : m_studio(studio) {}

  // Laying into the chosen family, or into a first one that is made.
  void lay_current() { lay_color(current_color(m_studio.session())); }
  void lay_current_into(Id family) { lay_color_into(family, current_color(m_studio.session())); }
  void lay_color(const LaidColor& color) { lay_color_into(m_studio.session().family, color); }
  void lay_color_into(Id family, const LaidColor& color);
  /// At a place of a family, or the next free one from there.
  void lay_current_at(Id family, int place);
  /// Into the chosen family, in one step.
  void lay_colors(const std::vector<LaidColor>& colors);
  /// Lays a whole string as a new family, in one step.
  void lay_family(const QString& name, const std::vector<LaidColor>& colors);
  /// Several at once, in one step.
  void lay_families(const QString& name, const std::vector<std::vector<LaidColor>>& families);
  /// Rows of a ladder, in one step: a family each, named by its hue.
  void lay_ladder(const std::vector<std::vector<LaidColor>>& rows);
  /// That of the relation which is looked at, as a ladder is to start with; held where the mask holds picks.
  void lay_ladder_of_relation();
  /// The corners of the mask at the current value, as a family.
  void lay_key_colors();
  void lay_member(std::size_t member) {
    lay_color(laid_members(m_studio.session(), m_studio.geometry()).at(member));
  }
  /// All of them as a family named by the relation.
  void lay_relation();
  void show_extracted(Extracted extracted) {
    m_studio.take(extracted_shown(m_studio.session(), std::move(extracted)));
  }
  /// Lays what was taken as families, in one step.
  void add_extracted(ExtractionFamilies by);
  void select_family(Id family);
  /// Selects this one alone; 0 selects nothing.
  void select_swatch(Id swatch);
  void show_set(Id set);

private:
  void choose_newest_of(const Family& home);
  Studio& m_studio;
};

} // namespace zc
