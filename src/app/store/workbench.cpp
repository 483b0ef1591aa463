#include "app/store/workbench.h"

#include "core/piece/edits.h"

#include <algorithm>

namespace zc {

Workbench::Workbench(QObject* parent)
    : QObject(parent), m_wheel(WheelSpec{}), m_painter(std::make_unique<SolidPainter>(m_wheel)) {
  connect(&m_store, &PieceStore::changed, this, &Workbench::follow_piece);
  connect(&m_store, &PieceStore::failed, this, &Workbench::notice);
  connect(&m_photos, &PhotoLibrary::refused, this, &Workbench::notice);
  connect(&m_photos, &PhotoLibrary::admitted, this, &Workbench::add_reference);
}

const MaskRegion* Workbench::region() const { return m_region && piece().mask_on ? &*m_region : nullptr; }

void Workbench::start(Piece piece, const Bench& bench, bool saved) {
  m_photos.drop_intakes();
  m_session.bench = bench;
  m_session.reference = piece.references.empty() ? 0 : piece.references.front().id;
  m_session.swatch = 0;
  m_session.family = 0;
  m_store.start_from(std::move(piece), saved);
  set_color(bench.current, m_wheel.locate(bench.current, m_session.at.a), true);
  m_session.before = m_session.color;
  emit benchChanged();
  emit colorChanged();
  emit viewChanged();
}

Bench Workbench::bench() const {
  Bench out = m_session.bench;
  out.current = m_session.color;
  return out;
}

void Workbench::follow_piece() {
  if (m_wheel.spec() != piece().wheel) {
    m_wheel = Wheel(piece().wheel);
    m_painter = std::make_unique<SolidPainter>(m_wheel);
    m_session.at = m_wheel.locate(m_session.color, m_session.at.a);
    m_session.section_angle = m_session.at.a;
  }
  if (m_region_of != piece().mask) {
    m_region_of = piece().mask;
    m_region.reset();
    if (m_region_of) m_region.emplace(*m_region_of);
  }
  settle_selection();
  m_photos.follow(piece().references);
  emit pieceChanged();
}

/// Undo or a delete may have taken away what was chosen.
void Workbench::settle_selection() {
  if (!find_swatch(piece(), m_session.swatch)) m_session.swatch = 0;
  if (!find_family(piece(), m_session.family)) {
    const SwatchSet* set = current_set(piece());
    m_session.family = set && !set->families.empty() ? set->families.front().id : 0;
  }
  if (!find_reference(piece(), m_session.reference))
    m_session.reference = piece().references.empty() ? 0 : piece().references.front().id;
}

void Workbench::set_color(Srgb color, WheelPoint at, bool turns_section) {
  m_session.color = color;
  m_session.at = at;
  if (turns_section) m_session.section_angle = at.a;
  emit colorChanged();
}

void Workbench::move_to(WheelPoint wanted, bool turns_section) {
  const auto found = m_wheel.nearest_existing(wanted);
  set_color(found.color, found.at, turns_section);
}

void Workbench::begin_pick() { m_session.before = m_session.color; }

void Workbench::end_pick() {
  m_session.bench.recent = with_recent(std::move(m_session.bench.recent), m_session.color);
  if (m_session.filling_well) m_session.bench.wells[*m_session.filling_well] = m_session.color;
  emit benchChanged();
  emit colorChanged();
}

void Workbench::pick_plan(DiscPoint wanted) {
  const MaskRule rule = region() ? piece().rule : MaskRule::Free;
  const MaskRegion none{Mask{}};
  const auto place = ruled_pick(region() ? *region() : none, rule, wanted);
  if (!place) {
    emit notice(tr("The mask holds no color; draw it larger or switch it off."));
    return;
  }
  move_to(wheel_point(*place, m_session.at.v, m_session.at.a), true);
}

void Workbench::pick_section(double along, double value) {
  const double a = along < 0 ? m_session.section_angle + 180 : m_session.section_angle;
  double r = std::min(std::abs(along), 1.0);
  if (region() && piece().rule == MaskRule::Held) {
    // Along this cut the nearest admitted saturation; a cut that misses the mask keeps the color's place in
    // it.
    const auto stretches = region()->along_diameter(m_session.section_angle);
    const double signed_r = along < 0 ? -r : r;
    double best = 2, place = signed_r;
    for (const auto& s : stretches) {
      const double inside = std::clamp(signed_r, s.from, s.to);
      if (std::abs(inside - signed_r) >= best) continue;
      best = std::abs(inside - signed_r);
      place = inside;
    }
    if (stretches.empty()) return pick_value(value);
    const double side =
        place < 0 || (place == 0 && along < 0) ? m_session.section_angle + 180 : m_session.section_angle;
    return move_to({side, std::abs(place), value}, false);
  }
  move_to({a, r, value}, false);
}

void Workbench::pick_value(double value) {
  const ValueSpan span = m_wheel.value_span(m_session.at.a, m_session.at.r);
  move_to({m_session.at.a, m_session.at.r, std::clamp(value, span.low, span.high)}, false);
}

void Workbench::nudge_hue(double by) {
  begin_pick();
  if (m_session.at.r < kNeutralSaturation)
    move_to({m_session.at.a + by, m_session.at.r, m_session.at.v}, true);
  else
    pick_plan(disc_point(m_session.at.a + by, m_session.at.r));
  end_pick();
}
void Workbench::nudge_saturation(double by) {
  begin_pick();
  pick_plan(disc_point(m_session.at.a, std::clamp(m_session.at.r + by, 0.0, 1.0)));
  end_pick();
}
void Workbench::nudge_value(double by) {
  begin_pick();
  pick_value(m_session.at.v + by);
  end_pick();
}

void Workbench::take_up(Srgb color, std::optional<WheelPoint> at) {
  begin_pick();
  set_color(color, at ? *at : m_wheel.locate(color, m_session.at.a), true);
  end_pick();
}

void Workbench::back_to_before() {
  const Srgb now = m_session.color;
  set_color(m_session.before, m_wheel.locate(m_session.before, m_session.at.a), true);
  m_session.before = now;
  emit colorChanged();
}

std::optional<bool> Workbench::in_mask() const {
  if (!region()) return std::nullopt;
  return region()->inside(disc_point(m_session.at.a, m_session.at.r));
}

void Workbench::take_up_well(std::size_t well) {
  const auto color = m_session.bench.wells.at(well);
  if (!color) {
    emit notice(tr("Well %1 is empty; Shift+%1 lays the current color down there.").arg(well + 1));
    return;
  }
  m_session.before = m_session.color;
  set_color(*color, m_wheel.locate(*color, m_session.at.a), true);
}

void Workbench::lay_down_well(std::size_t well) {
  m_session.bench.wells.at(well) = m_session.color;
  emit benchChanged();
}

void Workbench::choose_filling_well(std::optional<std::size_t> well) {
  m_session.filling_well = well;
  emit benchChanged();
}

void Workbench::lay_current() {
  if (m_session.family == 0 &&
      !m_store.apply(tr("New family"), [](Piece p) { return with_family(std::move(p), "Family 1"); }))
    return;
  lay_current_into(m_session.family);
}

void Workbench::lay_current_into(Id family) {
  const Srgb color = m_session.color;
  const WheelPoint at = m_session.at;
  select_family(family);
  const bool held = m_store.apply(tr("Lay swatch"),
                                  [=](Piece p) { return with_swatch(std::move(p), family, color, at, ""); });
  const Family* laid = find_family(piece(), family);
  if (held && laid) select_swatch(laid->swatches.back().id);
}

void Workbench::lay_family(const QString& name, const std::vector<LaidColor>& colors) {
  const bool held = m_store.apply(tr("Lay %1 as a family").arg(name), [&](Piece p) {
    return with_laid_family(std::move(p), name.toStdString(), colors);
  });
  if (held) select_family(current_set(piece())->families.back().id);
}

void Workbench::take_up_neutral() {
  const auto neutral = region() ? region()->centroid() : std::nullopt;
  if (!neutral) {
    emit notice(tr("There is no mask in use that encloses a neutral."));
    return;
  }
  const auto found = m_wheel.nearest_existing(wheel_point(*neutral, m_session.at.v, m_session.at.a));
  take_up(found.color, found.at);
}

void Workbench::lay_key_colors() {
  std::vector<LaidColor> colors;
  if (region())
    for (const auto& corner : region()->corners()) {
      const auto found = m_wheel.nearest_existing(wheel_point(corner, m_session.at.v));
      colors.push_back({found.color, found.at});
    }
  lay_family(tr("key colors"), colors);
}

void Workbench::carry_set(bool on) {
  m_session.carry = on ? Carry::SetToo : Carry::MaskOnly;
  emit viewChanged();
}

void Workbench::remove_selected_swatch() {
  const Id swatch = m_session.swatch;
  if (swatch == 0) return;
  m_store.apply(tr("Delete swatch"), [=](Piece p) { return without_swatch(std::move(p), swatch); });
}

void Workbench::add_reference(const QString& name, const QString& extension, const SharedBytes& bytes) {
  const bool held = m_store.apply(tr("Add reference"), [&](Piece p) {
    return with_reference(std::move(p), name.toStdString(), extension.toStdString(), bytes);
  });
  if (held) show_reference(piece().references.back().id);
}

void Workbench::show_desk(Desk desk) {
  m_session.desk = desk;
  emit viewChanged();
}
void Workbench::show_look(PhotoLook look) {
  m_session.look = look;
  emit viewChanged();
}
void Workbench::show_values_only(bool on) {
  m_session.values_only = on;
  emit viewChanged();
}
void Workbench::show_reference(Id reference) {
  m_session.reference = reference;
  emit viewChanged();
}
void Workbench::choose_sample_side(int side) {
  m_session.sample_side = side;
  emit viewChanged();
}
void Workbench::select_family(Id family) {
  m_session.family = family;
  emit viewChanged();
}
void Workbench::select_swatch(Id swatch) {
  m_session.swatch = swatch;
  emit viewChanged();
}

} // namespace zc
