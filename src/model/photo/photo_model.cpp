// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/photo/photo_model.h"

#include "io/photo/decode.h"

namespace zc {
namespace {

constexpr double kEnoughPixels = 2.5e6;
constexpr int kRest = 150; // Milliseconds without a change.

/// The region in the pixels of a smaller level.
PixelRect scaled(const PixelRect& r, double by) {
  return {static_cast<int>(r.x * by), static_cast<int>(r.y * by), std::max(1, static_cast<int>(r.width * by)),
          std::max(1, static_cast<int>(r.height * by))};
}

/// The finest level of at most so many pixels.
std::size_t level_of(const Photo& photo, double most_pixels) {
  std::size_t level = 0;
  const auto pixels = [&](std::size_t i) {
    return static_cast<double>(photo.levels[i].width()) * photo.levels[i].height();
  };
  while (level + 1 < photo.levels.size() && pixels(level) > most_pixels) ++level;
  return level;
}

} // namespace

PhotoModel::PhotoModel(Studio& studio) : m_studio(studio) {
  m_rest.setSingleShot(true);
  m_rest.setInterval(kRest);
  const auto rest = [this] { m_rest.start(); };
  studio.hear({Part::Geometry, Part::References}, &m_rest, rest);
  QObject::connect(&studio.photos(), &PhotoLibrary::changed, &m_rest, rest);
  QObject::connect(&m_rest, &QTimer::timeout, &m_rest, [this] { warm_mapper(); });
}

PhotoModel::~PhotoModel() = default;

void PhotoModel::warm_mapper() {
  const auto shown = photo();
  const auto ready = mapper();
  if (!ready || !shown) return;
  m_warmer.start(
      [ready, shown] {
        const PixelView view = view_of(shown->levels[level_of(*shown, kEnoughPixels)]);
        std::vector<Pixel> scratch(static_cast<std::size_t>(view.width) * view.height);
        ready->map(view, scratch.data());
        return true;
      },
      [](bool) {});
}

std::shared_ptr<const Photo> PhotoModel::photo() const {
  const Reference* reference = find_reference(m_studio.piece(), m_studio.session().reference);
  return reference ? m_studio.photos().state_of(*reference).photo : nullptr;
}

PhotoModel::Key PhotoModel::key() const { return {PhotoMark(photo()), m_studio.session().looking.region}; }

PhotoModel::MaskKey PhotoModel::mask_key() const { return {m_studio.piece().wheel, m_studio.piece().mask}; }

const FineValues* PhotoModel::values() {
  const auto shown = photo();
  const auto& region = m_studio.session().looking.region;
  if (!shown) return nullptr;
  if (!region) return shown->values();
  return &m_values.now(key(), [&] { return fine_values(part_of(view_of(shown->full()), *region)); });
}

const std::vector<ColorPlace>& PhotoModel::places() {
  static const std::vector<ColorPlace> none;
  const auto shown = photo();
  if (!shown) return none;
  const PlacesKey wanted{key(), m_studio.piece().wheel};
  return m_places.now(wanted, [&] {
    // On another wheel the same colors lie elsewhere.
    const PlacesKey* known = m_places.made_for();
    if (known && known->of == wanted.of) return relocated(m_places.taken(), m_studio.wheel());
    const PixelView view = view_of(shown->levels[level_of(*shown, kEnoughPixels)]);
    const double by = static_cast<double>(view.width) / shown->full().width();
    const auto& region = wanted.of.region;
    return color_places(region ? part_of(view, scaled(*region, by)) : view, m_studio.wheel());
  });
}

std::optional<double> PhotoModel::share_inside() {
  if (!photo() || !m_studio.region()) return std::nullopt;
  return m_held.now({{key(), m_studio.piece().wheel}, mask_key()},
                    [this] { return zc::share_inside(places(), *m_studio.region()); });
}

FlatTones PhotoModel::tones() {
  const Looking& looking = m_studio.session().looking;
  const FineValues* read = values();
  if (!read) return even_tones(looking.tones);
  const bool moved = static_cast<int>(looking.limits.size()) == looking.tones - 1;
  if (moved) return flat_tones(*read, looking.limits);
  // It is asked for at every repaint and searched for once.
  return flat_tones(*read,
                    m_limits.now({key(), looking.tones}, [&] { return flat_limits(*read, looking.tones); }));
}

std::shared_ptr<const MaskMapper> PhotoModel::mapper() {
  if (!m_studio.region()) return nullptr;
  return m_mapper.now(mask_key(), [this] {
    return std::make_shared<const MaskMapper>(m_studio.wheel(), *m_studio.region());
  });
}

} // namespace zc
