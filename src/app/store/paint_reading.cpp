// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/store/paint_reading.h"

#include "app/store/photo_reading.h"
#include "app/store/workspace.h"
#include "app/theme/text.h"
#include "core/image/places.h"
#include "core/piece/edits.h"

namespace zc {
namespace {

/// So many colors stand for a photo: enough for a share in percent, and for the fewest paints.
constexpr std::size_t kColorsOfShare = 300, kColorsOfFewest = 500;

} // namespace

PaintReader::PaintReader(Workspace& space) : m_space(space), m_seek(this, [this] { emit seekingMoved(); }) {
  connect(&space, &Workspace::paintsChanged, this, &PaintReader::changed);
}

PaintReader::FieldKey PaintReader::field_key() const {
  FieldKey key{m_space.session().mixing, {}, {}};
  key.mixing.parts.clear();
  key.mixing.picks.clear();
  key.mixing.line.reset();
  key.mixing.follows.reset();
  key.mixing.drawing = false;
  key.mixing.steps = 0;
  // They are sought in the whole set.
  if (key.mixing.toward < 0) key.black = black_of(key.mixing, m_space.piece()).color;
  if (key.mixing.toward > 0) key.white = white_of(key.mixing, m_space.piece()).color;
  return key;
}

const std::optional<MixField>& PaintReader::field() {
  FieldKey key = field_key();
  if (m_field_for == key) return m_field;
  m_field_for = key;
  ++m_field_serial;
  m_field = field_of(key.mixing, m_space.piece());
  return m_field;
}

const std::optional<PaintReader::Ends>& PaintReader::ends() {
  FieldKey key = field_key();
  key.mixing.toward = 0;
  key.black = black_of(key.mixing, m_space.piece()).color;
  key.white = white_of(key.mixing, m_space.piece()).color;
  if (m_ends_for == key) return m_ends;
  m_ends_for = key;
  m_ends.reset();
  if (key.mixing.corners.size() < kFewestCorners) return m_ends;
  const auto toward = [&](double end) {
    key.mixing.toward = end;
    return *field_of(key.mixing, m_space.piece());
  };
  m_ends = Ends{toward(-1), toward(1)};
  return m_ends;
}

void PaintReader::start_over() {
  m_field_for.reset();
  m_field.reset();
  m_ends_for.reset();
  m_ends.reset();
  m_reach.forget();
  m_recipe.forget();
  m_inside.forget();
  m_seek.stop();
}

// ---------------------------------------------------------------- reach

PaintReader::OutKey PaintReader::out_key() const {
  return {m_space.piece().paints, m_space.session().reach.white_and_black};
}

PaintReader::ReachKey PaintReader::reach_key() const { return {out_key(), m_space.piece().wheel}; }

const PutOut& PaintReader::out() {
  const OutKey key = out_key();
  if (m_out_for == key) return m_out;
  m_out_for = key;
  m_out = m_space.piece().paints.empty() ? PutOut() : put_out(key.paints, key.white_and_black);
  return m_out;
}

const Reach* PaintReader::reach() {
  if (out().paints.empty()) return nullptr;
  m_reach.ask(
      reach_key(), this, [mixer = out().mixer, wheel = m_space.wheel()] { return reach_of(mixer, wheel); },
      [this] {
        ++m_serial;
        emit changed();
      });
  const Result<Reach>* made = m_reach.value();
  // That of another wheel would lie elsewhere.
  return made && *made && made->value().wheel() == m_space.piece().wheel ? &made->value() : nullptr;
}

bool PaintReader::reach_is_current() { return reach() != nullptr && m_reach.is_for(reach_key()); }

const std::vector<std::vector<DiscPoint>>& PaintReader::outlines() {
  const Reach* body = reach();
  const double value = std::round(m_space.session().at.at.v);
  if (body == m_outlined && value == m_outlined_at && m_serial == m_outlined_serial) return m_outlines;
  m_outlined = body;
  m_outlined_at = value;
  m_outlined_serial = m_serial;
  m_outlines = body ? body->outlines(value) : std::vector<std::vector<DiscPoint>>();
  return m_outlines;
}

const std::vector<std::vector<Stretch>>& PaintReader::limits(double angle) {
  const Reach* body = reach();
  if (body == m_limited && angle == m_limited_at && m_serial == m_limited_serial) return m_limits;
  m_limited = body;
  m_limited_at = angle;
  m_limited_serial = m_serial;
  m_limits.clear();
  for (int value = 0; body && value < kReachValues; ++value)
    m_limits.push_back(body->along_diameter(Angle(angle), value));
  return m_limits;
}

double PaintReader::largest_share() {
  const Reach* body = reach();
  if (!body) return 0;
  if (m_share_serial == m_serial) return m_largest_share;
  m_share_serial = m_serial;
  m_largest_share = 0;
  for (int value = 0; value < kReachValues; ++value)
    m_largest_share = std::max(m_largest_share, body->share(value));
  return m_largest_share;
}

void PaintReader::make_mask(bool any_value) {
  const Reach* body = reach();
  if (!reach_is_current())
    return emit m_space.notice(out().paints.empty() ? tr("Put at least one paint out first.")
                                                    : tr("The reach is still being worked out."));
  const double value = std::round(m_space.session().at.at.v);
  const QString name =
      any_value ? tr("what the paints reach") : tr("what the paints reach at value %1").arg(value);
  m_space.store().apply(tr("Make the reach the mask"), [&](Piece p) -> Result<Piece> {
    auto mask = mask_of_outlines(any_value ? body->outlines() : body->outlines(value), name.toStdString());
    if (!mask) return mask.error();
    return with_mask_on(with_mask(std::move(p), *mask), true);
  });
}

// ---------------------------------------------------------------- against the reach

std::vector<WeightedColor> PaintReader::photo_colors() const {
  return m_space.reader().photo() ? weighted_colors(m_space.reader().places()) : std::vector<WeightedColor>();
}

const PaintReader::Inside* PaintReader::inside() {
  if (out().paints.empty()) return nullptr;
  InsideKey key{out_key(), {}, PhotoMark(m_space.reader().photo()), m_space.piece().grading.outside};
  if (const SwatchSet* set = current_set(m_space.piece()))
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) key.colors.push_back(s.color);
  if (m_inside.is_for(key)) return m_inside.value();
  if (m_inside.is_asked(key)) return nullptr;
  m_inside.ask(
      key, this,
      [mixer = out().mixer, colors = key.colors, limit = key.limit, photo = photo_colors()] {
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
      },
      [this] { emit answered(); });
  return nullptr;
}

const Result<Recipe>* PaintReader::recipe(int most_paints) {
  if (out().paints.empty()) return nullptr;
  const RecipeKey key{out_key(), m_space.session().color(), most_paints};
  m_recipe.ask(
      key, this,
      [mixer = out().mixer, color = key.color, most_paints] {
        return recipe_for(color, mixer, {most_paints, kMostPartsOfRecipe});
      },
      [this] { emit answered(); });
  return m_recipe.is_for(key) ? m_recipe.value() : nullptr;
}

void PaintReader::seek_fewest(bool of_photo, const FewestSpec& spec) {
  std::vector<WeightedColor> colors;
  if (of_photo) {
    colors = photo_colors();
    if (colors.empty()) return emit m_space.notice(tr("There is no photo to reach."));
  } else if (const SwatchSet* set = current_set(m_space.piece())) {
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) colors.push_back({s.color, 1});
  }
  const List<PalettePaint>& all = m_space.piece().paints;
  if (all.empty()) return emit m_space.notice(tr("Add some paints to choose from first."));
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
      [this, ids, document = m_space.store().document()](const Result<FewestPaints>& few) {
        if (document == m_space.store().document()) put_out_only(few, ids);
      });
}

void PaintReader::put_out_only(const Result<FewestPaints>& few, const std::vector<Id>& ids) {
  if (!few && few.error().code == ErrorCode::Stopped) return;
  if (!few) return emit m_space.notice(words(few.error()));
  std::vector<Id> chosen;
  for (const std::size_t i : few->paints) chosen.push_back(ids[i]);
  m_space.store().apply(tr("Put %n paints out", nullptr, static_cast<int>(chosen.size())),
                        [&](Piece p) -> Result<Piece> { return with_paints_out(std::move(p), chosen); });
  const QString share = number(100 * few->share, 0);
  emit m_space.notice(
      few->enough ? tr("%n paints reach %1 percent.", nullptr, static_cast<int>(chosen.size())).arg(share)
                  : tr("These paints do not reach so much: %1 of them come to %2 percent.")
                        .arg(chosen.size())
                        .arg(share));
}

std::optional<int> PaintReader::sought(bool of_photo) const {
  if (!m_seek.running() || m_seek_of_photo != of_photo) return std::nullopt;
  return m_seek.percent();
}

} // namespace zc
