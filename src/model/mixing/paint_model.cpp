// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/mixing/paint_model.h"

#include "core/image/places.h"
#include "core/piece/edits.h"
#include "model/i18n/text.h"
#include "model/photo/photo_model.h"

namespace zc {
namespace {

/// So many colors stand for a photo: enough for a share in percent, and for the fewest paints.
constexpr std::size_t kColorsOfShare = 300, kColorsOfFewest = 500;

} // namespace

PaintModel::PaintModel(Studio& studio, PhotoModel& reader)
    : m_studio(studio), m_reader(reader), m_seek(studio.scope(), [this] { emit seekingMoved(); }) {
  studio.hear({Part::Paints}, this, &PaintModel::changed);
}

PaintModel::FieldKey PaintModel::field_key() const {
  FieldKey key{m_studio.session().at_hand.mixing, {}, {}};
  key.mixing.begun = false;
  key.mixing.parts.clear();
  key.mixing.picks.clear();
  key.mixing.line.reset();
  key.mixing.follows.reset();
  key.mixing.hand = MixHand::Pick;
  key.mixing.smears.clear();
  key.mixing.at.reset();
  key.mixing.steps = 0;
  // They are sought in the whole set.
  if (key.mixing.toward < 0) key.black = black_of(key.mixing, m_studio.piece()).color;
  if (key.mixing.toward > 0) key.white = white_of(key.mixing, m_studio.piece()).color;
  return key;
}

const std::optional<MixField>& PaintModel::field() {
  const FieldKey key = field_key();
  return m_field.now(key, [&] { return field_of(key.mixing, m_studio.piece()); });
}

const Smears& PaintModel::smears(const FieldPath& drawn) {
  const auto& on = field();
  // How much of which corner lies where goes by the paths alone; on another field it has other colors.
  const bool other = m_smeared != field_serial();
  const bool as_many =
      on && (m_smears.streaks.empty() || m_smears.streaks.front().parts.front().size() == on->corners());
  if (!as_many) m_smears = {};
  if (other) m_smears.colors.clear();
  m_smeared = field_serial();
  if (!on) return m_smears;
  const auto& lying = m_studio.session().at_hand.mixing.smears;
  const bool same = !other && m_smears.paths.size() == lying.size() + (drawn.empty() ? 0 : 1) &&
                    std::equal(lying.begin(), lying.end(), m_smears.paths.begin()) &&
                    (drawn.empty() || m_smears.paths.back() == drawn);
  if (same) return m_smears;
  std::vector<FieldPath> paths = lying;
  if (!drawn.empty()) paths.push_back(drawn);
  return m_smears = smears_along(*on, std::move(m_smears), paths);
}

const std::optional<PaintModel::Ends>& PaintModel::ends() {
  FieldKey key = field_key();
  key.mixing.toward = 0;
  key.black = black_of(key.mixing, m_studio.piece()).color;
  key.white = white_of(key.mixing, m_studio.piece()).color;
  return m_ends.now(key, [&]() -> std::optional<Ends> {
    if (key.mixing.corners.size() < kFewestCorners) return std::nullopt;
    const auto toward = [&](double end) {
      Mixing there = key.mixing;
      there.toward = end;
      return *field_of(there, m_studio.piece());
    };
    return Ends{toward(-1), toward(1)};
  });
}

// ---------------------------------------------------------------- reach

PaintModel::OutKey PaintModel::out_key() const {
  return {m_studio.piece().paints, m_studio.session().reach.white_and_black};
}

PaintModel::ReachKey PaintModel::reach_key() const { return {out_key(), m_studio.piece().wheel}; }

const PutOut& PaintModel::out() {
  const OutKey key = out_key();
  return m_out.now(key,
                   [&] { return key.paints.empty() ? PutOut() : put_out(key.paints, key.white_and_black); });
}

const Reach* PaintModel::reach() {
  if (out().paints.empty()) return nullptr;
  m_reach.later(
      reach_key(), [mixer = out().mixer, wheel = m_studio.wheel()] { return reach_of(mixer, wheel); },
      [this] { emit changed(); });
  const Result<Reach>* made = m_reach.value();
  // That of another wheel would lie elsewhere.
  return made && *made && made->value().wheel() == m_studio.piece().wheel ? &made->value() : nullptr;
}

bool PaintModel::reach_is_current() {
  return reach() != nullptr && m_reach.value_for(reach_key()) != nullptr;
}

void PaintModel::make_mask(bool any_value) {
  const Reach* body = reach();
  if (!reach_is_current())
    return emit m_studio.notice(out().paints.empty()
                                    ? tr("Put at least one paint on the palette first.")
                                    : tr("The reach of these paints is still being computed."));
  const double value = std::round(m_studio.session().at.at.v);
  const QString name =
      any_value ? tr("what these paints can mix") : tr("what these paints can mix at value %1").arg(value);
  m_studio.store().apply(tr("Make reach the mask"), [&](Piece p) -> Result<Piece> {
    auto mask = mask_of_outlines(any_value ? body->outlines() : body->outlines(value), name.toStdString());
    if (!mask) return mask.error();
    return with_mask_on(with_mask(std::move(p), *mask), true);
  });
}

// ---------------------------------------------------------------- against the reach

std::vector<WeightedColor> PaintModel::photo_colors() const {
  return m_reader.photo() ? weighted_colors(m_reader.places()) : std::vector<WeightedColor>();
}

PaintModel::Inside PaintModel::inside_of(const Mixer& mixer, const std::vector<Srgb>& colors, double limit,
                                         const std::vector<WeightedColor>& photo) {
  const auto reached = [&](const std::vector<Srgb>& asked) {
    std::vector<char> in;
    for (const double d : distances_to_mixtures(asked, mixer)) in.push_back(d < limit);
    return in;
  };
  Inside out;
  out.of = colors.size();
  for (const char in : reached(colors)) out.swatches += in ? 1 : 0;
  if (photo.empty()) return out;
  std::vector<Srgb> asked;
  const auto few = gathered(photo, kColorsOfShare);
  asked.reserve(few.size());
  for (const auto& c : few) asked.push_back(c.color);
  double all = 0, inside = 0;
  const auto in = reached(asked);
  for (std::size_t i = 0; i < few.size(); ++i) {
    all += few[i].weight;
    inside += in[i] ? few[i].weight : 0;
  }
  out.photo = all > 0 ? inside / all : 0;
  return out;
}

const PaintModel::Inside* PaintModel::inside() {
  if (out().paints.empty()) return nullptr;
  InsideKey key{out_key(), {}, PhotoMark(m_reader.photo()), m_studio.piece().grading.outside};
  if (const SwatchSet* set = current_set(m_studio.piece()))
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) key.colors.push_back(s.color);
  if (const Inside* known = m_inside.value_for(key)) return known;
  if (m_inside.is_asked(key)) return nullptr;
  m_inside.later(
      key,
      [mixer = out().mixer, colors = key.colors, limit = key.limit, photo = photo_colors()] {
        return inside_of(mixer, colors, limit, photo);
      },
      [this] { emit answered(); });
  return nullptr;
}

const Result<Recipe>* PaintModel::recipe(int most_paints) {
  if (out().paints.empty()) return nullptr;
  const RecipeKey key{out_key(), m_studio.session().color(), most_paints};
  m_recipe.later(
      key,
      [mixer = out().mixer, color = key.color, most_paints] {
        return recipe_for(color, mixer, {most_paints, kMostPartsOfRecipe});
      },
      [this] { emit answered(); });
  return m_recipe.value_for(key);
}

void PaintModel::seek_fewest(bool of_photo, const FewestSpec& spec) {
  std::vector<WeightedColor> colors;
  if (of_photo) {
    colors = photo_colors();
    if (colors.empty()) return emit m_studio.notice(tr("There is no photo to find paints for."));
  } else if (const SwatchSet* set = current_set(m_studio.piece())) {
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) colors.push_back({s.color, 1});
  }
  const List<PalettePaint>& all = m_studio.piece().paints;
  if (all.empty()) return emit m_studio.notice(tr("Add some paints to choose from first."));
  if (m_seek.running()) return;
  m_seek_of_photo = of_photo;
  // All paints of the palette are asked, put out or not.
  std::vector<MixPaint> mixed;
  std::vector<Id> ids;
  for (const PalettePaint& p : all) {
    mixed.push_back({curve_of(p), p.strength});
    ids.push_back(p.id);
  }
  m_seek.start(
      [colors = std::move(colors), mixer = Mixer(mixed), spec](const Progress& progress) {
        return fewest_paints(gathered(colors, kColorsOfFewest), mixer, spec, progress);
      },
      [this, ids](const Result<FewestPaints>& few) { put_out_only(few, ids); });
}

void PaintModel::put_out_only(const Result<FewestPaints>& few, const std::vector<Id>& ids) {
  if (!few && few.error().code == ErrorCode::Stopped) return;
  if (!few) return emit m_studio.notice(words(few.error()));
  std::vector<Id> chosen;
  for (const std::size_t i : few->paints) chosen.push_back(ids[i]);
  m_studio.store().apply(tr("Put %n paints on the palette", nullptr, static_cast<int>(chosen.size())),
                         [&](Piece p) -> Result<Piece> { return with_paints_out(std::move(p), chosen); });
  const QString share = number(100 * few->share, 0);
  emit m_studio.notice(
      few->enough ? tr("%n paints reach %1 percent.", nullptr, static_cast<int>(chosen.size())).arg(share)
                  : tr("These paints cannot reach that much: the best %1 of them reach %2 percent.")
                        .arg(chosen.size())
                        .arg(share));
}

std::optional<int> PaintModel::sought(bool of_photo) const {
  if (!m_seek.running() || m_seek_of_photo != of_photo) return std::nullopt;
  return m_seek.percent();
}

} // namespace zc
