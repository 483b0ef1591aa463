#include "app/store/workbench.h"

#include "app/store/photo_reading.h"
#include "app/store/set_work.h"
#include "core/piece/laying.h"

#include <algorithm>

namespace zc {

Workbench::Workbench(QObject* parent)
    : QObject(parent), m_wheel(WheelSpec{}), m_painter(std::make_unique<SolidPainter>(m_wheel)),
      m_reader(std::make_unique<PhotoReader>(*this)), m_set_work(std::make_unique<SetWork>(*this)) {
  connect(&m_store, &PieceStore::changed, this, &Workbench::follow_piece);
  connect(&m_store, &PieceStore::failed, this, &Workbench::notice);
  connect(&m_photos, &PhotoLibrary::refused, this, &Workbench::note_refusal);
  connect(&m_photos, &PhotoLibrary::admitted, this, &Workbench::add_reference);
}

Workbench::~Workbench() = default;

const MaskRegion* Workbench::region() const { return m_region && piece().mask_on ? &*m_region : nullptr; }

void Workbench::start(Piece piece, const Bench& bench, bool saved) {
  // First, while session and piece still belong together.
  m_set_work->start_over();
  m_photos.drop_intakes();
  m_session.bench = bench;
  m_session.reference = piece.references.empty() ? 0 : piece.references.front().id;
  m_session.swatch = 0;
  m_session.family = 0;
  m_session.partners_of.reset();
  m_session.string.clear();
  m_session.harvest = {};
  m_session.looking.region.reset();
  m_session.looking.limits.clear();
  m_store.start_from(std::move(piece), saved);
  m_painter->set_steps(steps());
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
    renew_painter();
    if (m_session.partners_of) m_session.partners_of = m_wheel.locate(m_fixed_color, m_session.at.a);
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
  follow_shown();
  emit pieceChanged();
}

/// While a new photo is coming in, the one before it stays until the new one is shown.
void Workbench::follow_shown() {
  const Reference* shown = find_reference(piece(), m_session.reference);
  if (shown != nullptr && shown->bytes == m_shown_bytes) return;
  m_shown_bytes = shown ? shown->bytes : nullptr;
  m_photos.show(shown);
}

/// Undo or a delete may have taken away what was chosen.
void Workbench::settle_selection() {
  if (!find_swatch(piece(), m_session.swatch)) m_session.swatch = 0;
  const std::size_t areas = piece().mask ? piece().mask->areas.size() : 0;
  if (m_session.area >= areas) m_session.area = areas == 0 ? 0 : areas - 1;
  const SwatchSet* set = current_set(piece());
  const bool family_there = set && std::any_of(set->families.begin(), set->families.end(),
                                               [this](const Family& f) { return f.id == m_session.family; });
  if (!family_there) {
    m_session.family = set && !set->families.empty() ? set->families.front().id : 0;
  }
  if (!find_reference(piece(), m_session.reference))
    m_session.reference = piece().references.empty() ? 0 : piece().references.front().id;
}

void Workbench::renew_painter() {
  m_painter = std::make_unique<SolidPainter>(m_wheel);
  m_painter->set_steps(steps());
}

void Workbench::set_color(Srgb color, WheelPoint at, bool turns_section) {
  m_session.color = color;
  m_session.origin.reset();
  m_session.at = at;
  if (turns_section) m_session.section_angle = at.a;
  emit colorChanged();
}

void Workbench::move_to(const WheelPoint& wanted, bool turns_section) {
  const auto found = shown_pick(pick_rules(), wanted);
  set_color(found.color, found.at, turns_section);
}

PickRules Workbench::pick_rules() const { return {m_wheel, region(), piece().rule, steps()}; }

void Workbench::begin_pick() { m_session.before = m_session.color; }

void Workbench::end_pick() {
  m_session.bench.recent = with_recent(std::move(m_session.bench.recent), m_session.color);
  if (m_session.filling_well) m_session.bench.wells[*m_session.filling_well] = m_session.color;
  emit benchChanged();
  emit colorChanged();
}

void Workbench::pick_plan(DiscPoint wanted) {
  const auto place = pick_in_plan(pick_rules(), m_session.at, wanted);
  if (!place) {
    emit notice(tr("The mask holds no color; draw it larger or switch it off."));
    return;
  }
  move_to(*place, true);
}

void Workbench::pick_section(double along, double value) {
  move_to(pick_in_section(pick_rules(), m_session.at, m_session.section_angle, along, value), false);
}

void Workbench::pick_value(double value) { move_to(pick_on_rail(pick_rules(), m_session.at, value), false); }

void Workbench::nudge_hue(double by) {
  const double a = nudged(m_session.at.a, by, steps().hues ? 360.0 / steps().hues : 0);
  begin_pick();
  if (m_session.at.r < kNeutralSaturation)
    move_to({a, m_session.at.r, m_session.at.v}, true);
  else
    pick_plan(disc_point(a, m_session.at.r));
  end_pick();
}
void Workbench::nudge_saturation(double by) {
  const double r = nudged(m_session.at.r, by, steps().saturations ? 1.0 / steps().saturations : 0);
  begin_pick();
  pick_plan(disc_point(m_session.at.a, std::clamp(r, 0.0, 1.0)));
  end_pick();
}
void Workbench::nudge_value(double by) {
  const double v = nudged(m_session.at.v, by, steps().values ? 100.0 / (steps().values - 1) : 0);
  begin_pick();
  pick_value(v);
  end_pick();
}

void Workbench::take_up(Srgb color, std::optional<WheelPoint> at) {
  begin_pick();
  set_color(color, at ? *at : m_wheel.locate(color, m_session.at.a), true);
  end_pick();
}

Srgb Workbench::held_sample(Srgb color) const {
  if (!m_session.looking.hold_samples || !region() || region()->empty()) return color;
  const WheelPoint at = m_wheel.locate(color, m_session.at.a);
  const DiscPoint place = disc_point(at.a, at.r), held = *region()->nearest(place);
  return held == place ? color : m_wheel.nearest_existing(wheel_point(held, at.v, at.a)).color;
}

void Workbench::show_sample(Srgb color, const SampleOrigin& origin) {
  const Srgb held = held_sample(color);
  set_color(held, m_wheel.locate(held, m_session.at.a), true);
  m_session.origin = origin;
}

void Workbench::take_sample(Srgb color, const SampleOrigin& origin) {
  begin_pick();
  show_sample(color, origin);
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

void Workbench::lay_current() { lay_color({m_session.color, m_session.at, m_session.origin}); }

void Workbench::lay_color(const LaidColor& color) {
  if (m_session.family == 0 &&
      !m_store.apply(tr("New family"), [](Piece p) { return with_family(std::move(p), "Family 1"); }))
    return;
  lay_color_into(m_session.family, color);
}

void Workbench::lay_current_into(Id family) {
  lay_color_into(family, {m_session.color, m_session.at, m_session.origin});
}

void Workbench::lay_color_into(Id family, const LaidColor& color) {
  select_family(family);
  const bool held =
      m_store.apply(tr("Lay swatch"), [&](Piece p) { return with_swatch(std::move(p), family, color, ""); });
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
  if (!region() || region()->corners().empty()) {
    emit notice(tr("There is no mask in use that has corners."));
    return;
  }
  std::vector<LaidColor> colors;
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

void Workbench::keep_of_mask(MaskKeeps keeps) {
  m_session.mask_keeps = keeps;
  emit viewChanged();
}

void Workbench::change_wheel(const WheelSpec& wheel) {
  const MaskKeeps keeps = m_session.mask_keeps;
  m_store.apply(tr("Change wheel"),
                [=](Piece p) -> Result<Piece> { return with_wheel(std::move(p), wheel, keeps); });
}

void Workbench::turn_mask(double by, const QString& drag) {
  const Carry carry = m_session.carry;
  m_store.apply(
      tr("Turn mask"), [=](Piece p) { return with_mask_turned(std::move(p), by, carry); }, drag);
}

void Workbench::select_area(std::size_t area) {
  m_session.area = area;
  settle_selection();
  emit viewChanged();
}

void Workbench::cut_into_steps(const Steps& steps) {
  m_session.bench.steps = sensible_steps(steps);
  m_painter->set_steps(m_session.bench.steps);
  emit benchChanged();
  emit viewChanged();
}

void Workbench::fix_partners(bool fixed) {
  m_session.partners_of = fixed ? std::optional(m_session.at) : std::nullopt;
  m_fixed_color = m_session.color;
  emit viewChanged();
}

WheelPoint Workbench::partners_place() const { return m_session.partners_of.value_or(m_session.at); }

void Workbench::show_string(std::vector<StringStep> string) {
  m_session.string = std::move(string);
  emit stringChanged();
}

void Workbench::replace_reference(const QString& path) {
  m_replaced = m_session.reference;
  m_photos.take_in(path);
}

void Workbench::add_reference(const QString& name, const QString& extension, const SharedBytes& bytes) {
  if (const Id replaced = std::exchange(m_replaced, 0); find_reference(piece(), replaced)) {
    m_store.apply(tr("Replace reference"), [&](Piece p) {
      return with_reference_replaced(std::move(p), replaced, name.toStdString(), extension.toStdString(),
                                     bytes);
    });
    return tell_refusals();
  }
  const bool held = m_store.apply(tr("Add reference"), [&](Piece p) {
    return with_reference(std::move(p), name.toStdString(), extension.toStdString(), bytes);
  });
  if (held) show_reference(piece().references.back().id);
  tell_refusals();
}

void Workbench::note_refusal(const QString& sentence) {
  m_replaced = 0;
  m_refusals << sentence;
  tell_refusals();
}

/// Of many files every bad one is named, not only the last.
void Workbench::tell_refusals() {
  if (m_refusals.isEmpty() || !m_photos.intakes().empty()) return;
  emit notice(m_refusals.join(QLatin1Char(' ')));
  m_refusals.clear();
}

void Workbench::show_desk(Desk desk) {
  m_session.desk = desk;
  emit viewChanged();
}
void Workbench::look_at(const Looking& looking) {
  m_session.looking = looking;
  emit viewChanged();
}
void Workbench::show_look(PhotoLook look) {
  m_session.looking.look = look;
  emit viewChanged();
}

void Workbench::show_harvest(Harvest harvest) {
  if (harvest.chosen && *harvest.chosen >= harvest.colors.size()) harvest.chosen.reset();
  m_session.harvest = std::move(harvest);
  std::vector<StringStep> steps;
  for (const auto& c : m_session.harvest.colors) steps.push_back({c.color, {}});
  show_string(std::move(steps));
  emit viewChanged();
}

void Workbench::drop_chosen() {
  Harvest harvest = m_session.harvest;
  if (!harvest.chosen) return;
  harvest.colors.erase(harvest.colors.begin() + static_cast<std::ptrdiff_t>(*harvest.chosen));
  harvest.chosen.reset();
  show_harvest(std::move(harvest));
}

void Workbench::take_mask_off() {
  m_store.apply(tr("Take mask off"),
                [](Piece p) -> Result<Piece> { return with_mask(std::move(p), std::nullopt); });
}

void Workbench::accept_harvest() {
  std::vector<LaidColor> colors;
  for (const auto& c : m_session.harvest.colors)
    colors.push_back({c.color, {}, SampleOrigin{m_session.harvest.reference, c.x, c.y}});
  if (colors.empty()) return;
  const auto families = grouped_by_hue(colors);
  const bool held = m_store.apply(tr("Accept %1 colors").arg(colors.size()),
                                  [&](Piece p) { return with_laid_families(std::move(p), families); });
  if (held) show_harvest({});
}
void Workbench::show_values_only(bool on) {
  m_session.values_only = on;
  emit viewChanged();
}
void Workbench::show_reference(Id reference) {
  if (reference != m_session.reference) {
    m_session.looking.region.reset();
    m_session.looking.limits.clear();
  }
  m_session.reference = reference;
  follow_shown();
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
  m_set_work->select(swatch == 0 ? std::vector<Id>{} : std::vector<Id>{swatch});
}
void Workbench::focus_swatch(Id swatch) {
  m_session.swatch = swatch;
  emit viewChanged();
}
void Workbench::show_set_view(SetView view) {
  m_session.set_view = view;
  emit viewChanged();
}
void Workbench::show_set(Id set) {
  if (set == piece().current_set) return;
  m_store.apply(tr("Show set"), [set](Piece p) { return with_current_set(std::move(p), set); });
}

} // namespace zc
