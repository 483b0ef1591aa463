// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/store/photo_reading.h"

#include "app/store/workspace.h"
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

PhotoReader::PhotoReader(Workspace& space) : m_space(space) {
  m_rest.setSingleShot(true);
  m_rest.setInterval(kRest);
  const auto rest = [this] { m_rest.start(); };
  space.hear({&Workspace::geometryChanged, &Workspace::referencesChanged}, &m_rest, rest);
  QObject::connect(&space.photos(), &PhotoLibrary::changed, &m_rest, rest);
  QObject::connect(&m_rest, &QTimer::timeout, &m_rest, [this] { warm_mapper(); });
}

PhotoReader::~PhotoReader() = default;

void PhotoReader::start_over() {
  m_warmer.clear();
  m_mapper.reset();
  read_anew({}, nullptr);
}

void PhotoReader::warm_mapper() {
  follow();
  const auto ready = mapper();
  if (!ready || !m_photo) return;
  m_warmer.clear();
  m_warmer.start([mapper = *ready, photo = m_photo] {
    const PixelView view = view_of(photo->levels[level_of(*photo, kEnoughPixels)]);
    std::vector<std::uint32_t> scratch(static_cast<std::size_t>(view.width) * view.height);
    mapper.map(view, scratch.data());
  });
}

std::shared_ptr<const Photo> PhotoReader::photo() const {
  const Reference* reference = find_reference(m_space.piece(), m_space.session().reference);
  return reference ? m_space.photos().state_of(*reference).photo : nullptr;
}

void PhotoReader::follow() {
  const auto now = photo();
  const Key key{now.get(), m_space.session().looking.region};
  if (key != m_key) read_anew(key, now);
}

void PhotoReader::read_anew(const Key& key, std::shared_ptr<const Photo> photo) {
  m_key = key;
  m_photo = std::move(photo);
  m_values.reset();
  m_places.reset();
  m_held.reset();
  m_limits_for = 0;
}

const FineValues* PhotoReader::values() {
  follow();
  if (!m_photo) return nullptr;
  if (!m_key.region) return m_photo->values();
  if (!m_values) m_values = fine_values(part_of(view_of(m_photo->full()), *m_key.region));
  return &*m_values;
}

const std::vector<ColorPlace>& PhotoReader::places() {
  follow();
  static const std::vector<ColorPlace> none;
  if (!m_photo) return none;
  const WheelSpec wheel = m_space.piece().wheel;
  if (!m_places) {
    const PixelView view = view_of(m_photo->levels[level_of(*m_photo, kEnoughPixels)]);
    const double by = static_cast<double>(view.width) / m_photo->full().width();
    m_places = color_places(m_key.region ? part_of(view, scaled(*m_key.region, by)) : view, m_space.wheel());
    m_places_wheel = wheel;
  } else if (m_places_wheel != wheel) {
    m_places = relocated(std::move(*m_places), m_space.wheel());
    m_places_wheel = wheel;
  }
  return *m_places;
}

std::optional<double> PhotoReader::held() {
  follow();
  if (!m_photo || !m_space.region()) return std::nullopt;
  const MaskKey key{m_space.piece().wheel, m_space.piece().mask};
  if (!m_held || key != m_held_for) m_held = share_held(places(), *m_space.region());
  m_held_for = key;
  return m_held;
}

FlatTones PhotoReader::tones() {
  const Looking& looking = m_space.session().looking;
  const FineValues* read = values();
  if (!read) return even_tones(looking.tones);
  const bool moved = static_cast<int>(looking.limits.size()) == looking.tones - 1;
  if (moved) return flat_tones(*read, looking.limits);
  // Asked at every repaint; searched for once.
  if (m_limits_for != looking.tones) m_limits = flat_limits(*read, looking.tones);
  m_limits_for = looking.tones;
  return flat_tones(*read, m_limits);
}

std::shared_ptr<const MaskMapper> PhotoReader::mapper() {
  if (!m_space.region()) return nullptr;
  const MaskKey key{m_space.piece().wheel, m_space.piece().mask};
  if (!m_mapper || key != m_mapper_for)
    m_mapper = std::make_shared<const MaskMapper>(m_space.wheel(), *m_space.region());
  m_mapper_for = key;
  return m_mapper;
}

} // namespace zc
