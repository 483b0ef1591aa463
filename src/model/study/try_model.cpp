// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/study/try_model.h"

#include "core/try/study.h"
#include "io/photo/decode.h"
#include "model/i18n/text.h"
#include "model/study/study_order.h"

namespace zc {
namespace {

/// Shares are read from a level of so many pixels: enough for a tenth of a percent, and quick enough for
/// drags.
constexpr double kSharePixels = 1e5;
constexpr int kNeedRest = 200;

/// The place of an id; nothing where it is not there.
std::optional<std::size_t> place_of(const std::vector<Id>& ids, Id id) {
  const auto at = std::find(ids.begin(), ids.end(), id);
  return id != 0 && at != ids.end() ? std::optional(static_cast<std::size_t>(at - ids.begin()))
                                    : std::nullopt;
}

} // namespace

TryModel::TryModel(Studio& studio, PhotoModel& reader, KeyModel& keys, SetWork& work, PressModel& press)
    : OfDocument(studio.scope()), m_studio(studio), m_reader(reader), m_keys(keys), m_work(work),
      m_press(press) {
  m_rest.setSingleShot(true);
  m_rest.setInterval(kNeedRest);
  connect(&m_rest, &QTimer::timeout, this, &TryModel::seek_needs);
}

TryModel::~TryModel() = default;

void TryModel::forget() {
  m_cutting.reset();
  m_kept_areas.clear();
  m_live = LiveStudy();
  m_needed_by = 0;
  m_wanted.reset();
  m_rest.stop();
  m_hovered = 0;
  m_marked.reset();
  m_wants_canvas = false;
  m_canvas.reset();
  m_canvas_study = {};
}

std::shared_ptr<const Photo> TryModel::photo() const { return tries_canvas() ? m_canvas : m_reader.photo(); }

void TryModel::try_canvas(bool tried) {
  if (tried == m_wants_canvas) return;
  m_wants_canvas = tried;
  m_marked.reset();
  emit pictureChanged();
  emit changed();
}

void TryModel::take_canvas(std::shared_ptr<const Photo> canvas) {
  if (canvas == m_canvas) return;
  m_canvas = std::move(canvas);
  if (!m_wants_canvas) return;
  emit pictureChanged();
  emit changed();
}

const Study& TryModel::reference_study() const {
  static const Study none;
  const Reference* reference = find_reference(m_studio.piece(), m_studio.session().reference);
  return reference ? reference->study : none;
}

void TryModel::change_study(const QString& name, const std::function<void(Study&)>& change,
                            const QString& drag) {
  Study next = study();
  change(next);
  if (next == study()) return;
  if (tries_canvas()) {
    m_canvas_study = std::move(next);
    return emit changed();
  }
  m_studio.store().apply(
      name,
      [reference = m_studio.session().reference, next](Piece p) {
        return with_study(std::move(p), reference, next);
      },
      drag);
}

// ---------------------------------------------------------------- sides

const List<Family>* TryModel::families_of(const TrySide& side) const {
  const Piece& piece = m_studio.piece();
  const SwatchSet* set = side.set ? find_set(piece, side.set) : current_set(piece);
  if (!set) return nullptr;
  if (side.version == 0) return &set->families;
  const SetVersion* version = find_version(piece, side.version);
  return version ? &version->families : &set->families;
}

SideColors TryModel::colors_of(const TrySide& side, bool lit) const {
  SideColors out;
  const List<Family>* families = side.photo ? nullptr : families_of(side);
  if (!families) return out;
  const bool as_it_is = side.version == 0 && (side.set == 0 || side.set == m_studio.piece().current_set);
  const LightAndHaze& light = m_studio.session().trying.light;
  for (std::size_t f = 0; f < families->size(); ++f)
    for (const auto& swatch : (*families)[f].swatches) {
      const Srgb color = as_it_is ? m_work.shown(swatch) : swatch.color;
      out.colors.push_back({color, f});
      out.ids.push_back(swatch.id);
    }
  if (!lit || !light.changes()) return out;
  const std::vector<Srgb>& seen = lit_colors(out.colors, light);
  for (std::size_t i = 0; i < seen.size(); ++i) out.colors[i].color = seen[i];
  return out;
}

const std::vector<Srgb>& TryModel::lit_colors(const std::vector<MatchColor>& colors,
                                              const LightAndHaze& light) const {
  std::vector<Srgb> plain;
  plain.reserve(colors.size());
  for (const MatchColor& c : colors) plain.push_back(c.color);
  return m_lit.now({plain, light}, [&] { return zc::lit(plain, light); });
}

QString TryModel::name_of(const TrySide& side) const {
  if (side.key && side.key->kind == KeyKind::Current) return tr("photo, in the mask");
  if (side.key) return tr("photo, in key %1").arg(KeyModel::name_of(*side.key));
  if (side.photo) return tr("photo");
  const Piece& piece = m_studio.piece();
  const SwatchSet* set = side.set ? find_set(piece, side.set) : current_set(piece);
  if (!set) return tr("no set");
  if (const SetVersion* version = side.version ? find_version(piece, side.version) : nullptr)
    return text(version->name);
  return tr("%1, as it is").arg(text(set->name));
}

std::vector<SwatchMove> TryModel::moves_to(const TrySide& side, bool lit) const {
  const Trying& trying = m_studio.session().trying;
  const List<Family>*from = families_of(trying.from), *to = side.photo ? nullptr : families_of(side);
  if (!from || !to) return {};
  // The side as it is shown: a change that is tried out, or the light, moves the picture too.
  std::unordered_map<Id, Srgb> before, after;
  const SideColors now = colors_of(side, lit);
  for (std::size_t i = 0; i < now.ids.size(); ++i) after[now.ids[i]] = now.colors[i].color;
  for (const auto& family : *from)
    for (const auto& swatch : family.swatches) before[swatch.id] = swatch.color;
  std::vector<SwatchMove> out;
  for (const Pair& p : paired(*from, *to, trying.pairs))
    if (const auto at = after.find(p.to); at != after.end()) out.push_back({before[p.from], at->second});
  return out;
}

std::vector<TrySide> TryModel::sides(const TrySide& shown) const {
  const Piece& piece = m_studio.piece();
  std::vector<TrySide> out{{true}};
  if (mask_in_use(piece)) out.push_back({true, 0, 0, ColorKey{}});
  out.push_back({});
  const SwatchSet* current = current_set(piece);
  if (current)
    for (const auto& version : current->versions) out.push_back({false, 0, version.id});
  for (const auto& set : piece.sets)
    if (!current || set.id != current->id) out.push_back({false, set.id});
  for (const ColorKey& key : m_keys.keys())
    if (key.kind != KeyKind::Current && key.kind != KeyKind::Version) out.push_back({true, 0, 0, key});
  if (shown.key && std::find(out.begin(), out.end(), shown) == out.end()) out.push_back(shown);
  return out;
}

std::shared_ptr<const KeyMap> TryModel::key_of(const TrySide& side) {
  if (!side.key) return nullptr;
  const Piece& piece = m_studio.piece();
  const Mask* mask = mask_in_use(piece);
  const KeyOf wanted{*side.key, piece.wheel, mask ? std::optional(*mask) : std::nullopt};
  for (const auto& [of, map] : m_key_maps)
    if (of == wanted) return map;
  std::optional<KeyMap> made;
  if (side.key->kind != KeyKind::Current)
    made = key_map(piece, *side.key);
  else if (wanted.mask)
    made = KeyMap::pressed(Wheel(piece.wheel), MaskRegion(*wanted.mask), side.key->strength, side.key->rim);
  if (m_key_maps.size() >= 2) m_key_maps.erase(m_key_maps.begin());
  m_key_maps.emplace_back(wanted, made ? std::make_shared<const KeyMap>(std::move(*made)) : nullptr);
  return m_key_maps.back().second;
}

SeenSide TryModel::seen_side(const TrySide& side, bool lit) {
  const Trying& trying = m_studio.session().trying;
  SideColors colors = colors_of(side, lit);
  TriedSide out;
  out.way = side.photo ? TryWay::Photo : trying.way;
  if (side.photo) out.key = key_of(side);
  out.match = study().match;
  if (out.way == TryWay::Study && study().by_areas && !colors.colors.empty()) {
    out.areas = areas();
    if (out.areas) out.area_swatches = swatches_of_areas({photo(), study(), colors, out.areas});
  }
  if (out.way == TryWay::Follow) out.moves = moves_to(side, lit);
  out.softness = trying.softness;
  if (out.way == TryWay::Check) out.mask = m_reader.mapper();
  out.limits = {trying.far, m_studio.piece().grading.outside};
  out.show_outside = trying.show_outside;
  out.show_far = trying.show_far;
  out.ground = m_ground;
  if (m_on_staff) out.pointed_out = place_of(colors.ids, m_hovered);
  out.colors = std::move(colors.colors);
  return {std::move(out), std::move(colors.ids)};
}

SeenPicture TryModel::seen(QSizeF whole, double edge) {
  const Trying& trying = m_studio.session().trying;
  SeenSide left, right = seen_side(trying.right, true);
  if (trying.two) left = seen_side(trying.left, false);
  TriedPicture out{std::move(left.tried), std::move(right.tried), trying.two, edge};
  if (trying.squint) out.squint = squint_of(whole.width(), whole.height());
  out.proof = m_press.proof();
  out.vision = m_studio.session().vision;
  return {std::move(out), std::move(left.ids), std::move(right.ids)};
}

// ---------------------------------------------------------------- areas

/// What is asked for comes to the front.
std::shared_ptr<const Areas> TryModel::kept_areas(const AreaKey& key) {
  const auto at = std::find_if(m_kept_areas.begin(), m_kept_areas.end(),
                               [&key](const CutAreas& kept) { return kept.key == key; });
  if (at == m_kept_areas.end()) return nullptr;
  std::rotate(m_kept_areas.begin(), at, at + 1);
  return m_kept_areas.front().areas;
}

/// Of what is kept that to which the fewest changes have to be made.
std::optional<TryModel::CutAreas> TryModel::start_of(const AreaKey& key) const {
  const CutAreas* best = nullptr;
  for (const CutAreas& kept : m_kept_areas) {
    const auto& edits = kept.key.edits;
    const bool leads_there = kept.key.photo == key.photo && kept.key.cut == key.cut &&
                             edits.size() <= key.edits.size() &&
                             std::equal(edits.begin(), edits.end(), key.edits.begin());
    if (leads_there && (!best || edits.size() > best->key.edits.size())) best = &kept;
  }
  return best ? std::optional(*best) : std::nullopt;
}

std::shared_ptr<const Areas> TryModel::areas() {
  constexpr std::size_t most_kept = 3;
  const auto shown = photo();
  if (!shown) return nullptr;
  const AreaKey key{PhotoMark(shown), study().cut, study().edits};
  if (auto kept = kept_areas(key)) return kept;
  if (m_cutting == key) return nullptr;
  m_cutting = key;
  std::erase_if(m_kept_areas, [&key](const CutAreas& kept) { return !(kept.key.photo == key.photo); });
  m_cutter.start(
      [shown, from = start_of(key), asked = study()](const Progress& progress) {
        return from ? with_edits(*shown, from->areas, asked, from->key.edits.size(), progress)
                    : areas_of(*shown, asked, progress);
      },
      [this, key](const std::shared_ptr<const Areas>& made) {
        if (m_cutting != key) return;
        m_cutting.reset();
        if (!made) return;
        // The cut without changes stays as long as there is one.
        while (m_kept_areas.size() >= most_kept) {
          const bool last_is_base =
              m_kept_areas.back().key.edits.empty() && m_kept_areas.back().key.cut == key.cut;
          m_kept_areas.erase(m_kept_areas.end() - (last_is_base && m_kept_areas.size() > 1 ? 2 : 1));
        }
        m_kept_areas.insert(m_kept_areas.begin(), {key, made});
        emit changed();
      });
  return nullptr;
}

// ---------------------------------------------------------------- use, strays, lacks

const IndexedPicture& TryModel::small_picture() {
  const auto shown = photo();
  return m_small.now(PhotoMark(shown), [&]() -> IndexedPicture {
    if (!shown) return {};
    const QImage& full = shown->full();
    const double by =
        std::min(1.0, std::sqrt(kSharePixels / (static_cast<double>(full.width()) * full.height())));
    std::size_t level = 0;
    while (level + 1 < shown->levels.size() && shown->levels[level + 1].width() >= full.width() * by) ++level;
    // Flat artwork keeps its colors.
    const bool flat = few_colors(view_of(full), kFlatColors).has_value();
    const QSize size(std::max(1, static_cast<int>(full.width() * by)),
                     std::max(1, static_cast<int>(full.height() * by)));
    const QImage small = flat ? full.scaled(size, Qt::IgnoreAspectRatio, Qt::FastTransformation)
                              : reduced(shown->levels[level], size.width(), size.height());
    return indexed(view_of(small));
  });
}

const std::unordered_map<Id, double>& TryModel::uses() {
  const SideColors side = colors_of(m_studio.session().trying.right, true);
  const auto cut = study().by_areas ? areas() : nullptr;
  UseKey key{{}, side.ids, study(), PhotoMark(photo()), cut};
  for (const auto& c : side.colors) key.colors.push_back(c.color);
  return m_uses.now(key, [&] { return uses_of(side, cut); });
}

std::unordered_map<Id, double> TryModel::uses_of(const SideColors& side,
                                                 const std::shared_ptr<const Areas>& cut) {
  std::unordered_map<Id, double> out;
  const IndexedPicture& picture = small_picture();
  if (side.colors.empty() || picture.colors.empty()) return out;
  std::vector<double> pixels(side.ids.size(), 0);
  double all = 0;
  if (cut) {
    const auto swatches = swatches_of_areas({photo(), study(), side, cut});
    for (std::size_t i = 0; i < swatches.size(); ++i) {
      pixels[swatches[i]] += static_cast<double>(cut->areas[i].pixels);
      all += static_cast<double>(cut->areas[i].pixels);
    }
  } else {
    const auto& matched = m_live.matched(picture, side.colors, study().match);
    for (std::size_t i = 0; i < matched.size(); ++i) {
      pixels[matched[i].swatch] += picture.colors[i].pixels;
      all += picture.colors[i].pixels;
    }
  }
  for (std::size_t i = 0; i < pixels.size(); ++i) out[side.ids[i]] = all > 0 ? pixels[i] / all : 0;
  return out;
}

const std::vector<char>* TryModel::outside() {
  const IndexedPicture& picture = small_picture();
  const OutsideKey key{picture.serial, m_reader.mapper(), m_studio.piece().grading.outside};
  if (!key.mask) return &m_outside.now(key, [&] { return outside_of(nullptr, picture.colors, key.limit); });
  m_outside.later(
      key, [colors = picture.colors, key] { return outside_of(key.mask.get(), colors, key.limit); },
      [this] { emit changed(); });
  return m_outside.value_for(key);
}

std::optional<StrayShares> TryModel::strays() {
  const IndexedPicture& picture = small_picture();
  const SideColors side = colors_of(m_studio.session().trying.right, true);
  const std::vector<char>* outside_of = outside();
  if (!outside_of) return std::nullopt;
  const Bands& bands = m_studio.piece().bands;
  const std::vector<Band>& band_of_each =
      m_bands.now({picture.serial, bands}, [&] { return bands_of(picture.colors, bands); });
  const auto* matched = side.colors.empty() ? nullptr : &m_live.matched(picture, side.colors, Match::Color);
  std::vector<Stray> strays(picture.colors.size());
  for (std::size_t i = 0; i < strays.size(); ++i)
    strays[i] = {(*outside_of)[i] != 0, matched && (*matched)[i].away > m_studio.session().trying.far};
  return shares_of(picture.colors, strays, band_of_each);
}

Id TryModel::another(Id reference) const {
  const bool there = reference != m_studio.session().reference && find_reference(m_studio.piece(), reference);
  return there ? reference : 0;
}

std::optional<BandShares> TryModel::shares_against() const {
  const Reference* other = find_reference(m_studio.piece(), another(m_studio.session().trying.against));
  if (!other) return std::nullopt;
  const QImage thumbnail = m_studio.photos().state_of(*other).thumbnail;
  if (thumbnail.isNull()) return std::nullopt;
  return band_shares(fine_values(view_of(thumbnail)), m_studio.piece().bands);
}

QImage TryModel::needing() const {
  if (const Reference* other = find_reference(m_studio.piece(), needed_by()))
    return m_studio.photos().state_of(*other).thumbnail;
  const auto shown = photo();
  return shown ? shown->full() : QImage();
}

TryModel::NeedKey TryModel::need_key(const QImage& picture, const SideColors& side) const {
  NeedKey key{picture.cacheKey(), {}, m_studio.session().trying.far, m_most_missing};
  for (const auto& c : side.colors) key.set.push_back(c.color);
  return key;
}

const Needs* TryModel::needed() {
  const QImage picture = needing();
  if (picture.isNull()) return nullptr;
  const NeedKey key = need_key(picture, colors_of(m_studio.session().trying.right, true));
  if (const Needs* known = m_needs.value_for(key)) return known;
  if (m_needs.is_asked(key) || m_wanted == key) return nullptr;
  m_wanted = key; // Asked again for the same it rests no longer.
  m_rest.start();
  return nullptr;
}

void TryModel::seek_at_most(int lacks) {
  m_most_missing = lacks;
  emit changed();
}

void TryModel::seek_for(Id reference) {
  m_needed_by = reference;
  emit changed();
}

void TryModel::seek_needs() {
  const QImage picture = needing();
  if (picture.isNull()) return;
  const SideColors side = colors_of(m_studio.session().trying.right, true);
  const NeedKey key = need_key(picture, side);
  m_wanted.reset();
  m_needs.later(
      key,
      [picture, key, set = side.colors](const Progress& progress) {
        const auto found = needs(view_of(picture), set, key.most, key.far, progress);
        return found ? *found : Needs();
      },
      [this] { emit changed(); });
}

void TryModel::mark(std::optional<QPoint> pixel) {
  m_marked = pixel;
  emit hoveredChanged();
}

void TryModel::hover(Id swatch, bool on_staff) {
  if (swatch == m_hovered && on_staff == m_on_staff) return;
  m_hovered = swatch;
  m_on_staff = on_staff;
  emit hoveredChanged();
}

} // namespace zc
