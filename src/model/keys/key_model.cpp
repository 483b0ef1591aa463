// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/keys/key_model.h"

#include "core/image/pixels.h"
#include "io/photo/decode.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/photo/photo_model.h"

#include <algorithm>

namespace zc {
namespace {

/// So many are made exactly at a time, so that what has changed meanwhile is seen soon.
constexpr std::size_t kAtOnce = 4;
/// Large ones that are kept: two under an edge, and the two walked from.
constexpr std::size_t kLargeKept = 4;

QImage at_size(const Photo& photo, QSize size) {
  std::size_t level = photo.levels.size() - 1;
  while (level > 0 && photo.levels[level].width() < size.width()) --level;
  return reduced(photo.levels[level], size.width(), size.height())
      .scaled(size)
      .convertToFormat(QImage::Format_ARGB32);
}

} // namespace

KeyModel::KeyModel(Studio& studio, PhotoModel& photos)
    : OfDocument(studio.scope()), m_studio(studio), m_photos(photos), m_keys(studio.scope()),
      m_task(studio.scope()), m_large_task(studio.scope()) {
  studio.hear({Part::Geometry, Part::Sets, Part::References, Part::Reference, Part::Keys, Part::Color,
               Part::ColorVision},
              this, &KeyModel::follow);
  connect(&studio.photos(), &PhotoLibrary::changed, this, &KeyModel::follow);
}

KeyModel::~KeyModel() = default;

void KeyModel::forget() {
  m_entries.clear();
  m_made.clear();
  m_picture.reset();
  m_large.clear();
  m_base = {};
}

void KeyModel::look(bool on, QSize largest) {
  if (m_looked_at == on && m_largest == largest) return;
  m_looked_at = on;
  m_largest = largest;
  if (on) follow();
}

void KeyModel::set_shelf(std::vector<ShelfMask> shelf) {
  m_shelf = std::move(shelf);
  ++m_shelf_changes;
  follow();
}

QSize KeyModel::picture_size(QSize largest) const {
  const auto photo = m_photos.photo();
  return photo ? photo->full().size().scaled(largest, Qt::KeepAspectRatio).expandedTo({1, 1}) : QSize();
}

KeyModel::Base KeyModel::base() const {
  return {PhotoMark(m_photos.photo()), picture_size(m_largest), m_studio.piece().wheel,
          m_studio.session().vision};
}

KeyModel::Way KeyModel::way_of(const ColorKey& key) const {
  Way out{key.kind, key.turn, key.strength, key.rim, {}, {}, {}};
  if (key.kind == KeyKind::Pattern || key.kind == KeyKind::Shelf) out.mask = key.plan->mask;
  if (key.kind != KeyKind::Version) return out;
  if (const SwatchSet* set = current_set(m_studio.piece())) out.from = set->families;
  if (const SetVersion* version = find_version(m_studio.piece(), key.version)) out.to = version->families;
  return out;
}

KeyModel::Made* KeyModel::find(const Way& way) {
  const auto at =
      std::find_if(m_made.begin(), m_made.end(), [&](const Made& made) { return made.way == way; });
  return at == m_made.end() ? nullptr : &*at;
}

void KeyModel::follow() {
  if (!m_looked_at) return;
  if (const Base now = base(); !(now == m_base)) {
    m_task.forget();
    m_made.clear();
    m_picture.reset();
    m_base = now;
  }
  follow_entries();
  advance();
}

/// The list is quick; what it shows is what has been made by now.
void KeyModel::follow_entries() {
  const KeySheet& sheet = m_studio.session().keys;
  const std::vector<ColorKey>& keys = this->keys();
  std::vector<Entry> entries;
  std::vector<KeyNumbers> numbers;
  bool all_known = true;
  for (const ColorKey& key : keys) {
    const Made* made = find(way_of(key));
    entries.push_back({key, made ? made->picture : QImage(), made ? made->numbers : std::nullopt});
    all_known = all_known && made && made->numbers;
    numbers.push_back(made && made->numbers ? *made->numbers : KeyNumbers());
  }
  m_entries.clear();
  for (const std::size_t i : order_of(keys, numbers, all_known ? sheet.order : KeyOrder::Hue))
    m_entries.push_back(std::move(entries[i]));
  emit changed();
}

/// What no map stands for, a version, is made by a function.
void KeyModel::add_to(Order& order, const ColorKey& key) const {
  order.ways.push_back(way_of(key));
  order.functions.push_back(key.kind == KeyKind::Version ? key_function(m_studio.piece(), key)
                                                         : std::function<Srgb(Srgb)>());
}

/// What has no picture yet comes first, in its coarse form; then the rest exactly, with its numbers. Nothing
/// that is being made is stopped for what has changed meanwhile: a mask that goes on being dragged would
/// never be shown.
void KeyModel::advance() {
  if (!m_looked_at || m_task.running() || m_base.size.isEmpty()) return;
  Order order{m_picture, m_photos.photo(), m_base.size, m_base.wheel, m_base.vision, false, false, {}, {}};
  const auto gather = [&](bool exact) {
    for (const Entry& entry : m_entries) {
      const Made* made = find(way_of(entry.key));
      if (made && (!exact || made->exact)) continue;
      add_to(order, entry.key);
      if (exact && order.ways.size() == kAtOnce) return;
    }
  };
  gather(false);
  order.exact = order.counted = order.ways.empty();
  if (order.exact) gather(true);
  if (order.ways.empty()) return;
  m_task.start([order = std::move(order)]() mutable { return deliver(std::move(order)); },
               [this, base = m_base](Delivery delivery) { receive(base, std::move(delivery)); });
}

void KeyModel::receive(const Base& base, Delivery delivery) {
  if (!(base == m_base)) return follow();
  m_picture = delivery.picture;
  for (Made& made : delivery.made) {
    if (Made* known = find(made.way))
      *known = std::move(made);
    else
      m_made.push_back(std::move(made));
  }
  // What no key of the list needs any more makes room.
  std::vector<Way> needed;
  for (const Entry& entry : m_entries) needed.push_back(way_of(entry.key));
  if (m_made.size() > 4 * needed.size() + 40)
    std::erase_if(m_made, [&](const Made& made) {
      return std::find(needed.begin(), needed.end(), made.way) == needed.end();
    });
  follow_entries();
  advance();
}

KeyModel::Delivery KeyModel::deliver(Order order) {
  const Wheel wheel(order.wheel);
  Delivery out{order.picture, {}};
  if (!out.picture) {
    const QImage photo = at_size(*order.photo, order.size);
    out.picture = std::make_shared<const KeyPicture>(view_of(photo), wheel);
  }
  const KeyPicture& picture = *out.picture;
  for (std::size_t i = 0; i < order.ways.size(); ++i) {
    Made made{std::move(order.ways[i]),
              QImage(picture.width(), picture.height(), QImage::Format_ARGB32),
              {},
              order.exact};
    Pixel* pixels = pixels_of(made.picture);
    const Way& way = made.way;
    if (const auto& function = order.functions[i]) {
      picture.render(function, pixels);
      if (order.counted) made.numbers = picture.numbers(function);
    } else {
      const KeyMap map = way.mask ? KeyMap::pressed(wheel, MaskRegion(*way.mask), way.strength, way.rim)
                                  : KeyMap::turned(wheel, way.turn);
      picture.render(map, order.exact ? KeyPicture::Quality::Exact : KeyPicture::Quality::Coarse, pixels);
      if (order.counted) made.numbers = picture.numbers(map);
    }
    to_seen(order.vision, pixels,
            static_cast<std::size_t>(picture.width()) * static_cast<std::size_t>(picture.height()));
    out.made.push_back(std::move(made));
  }
  return out;
}

QImage KeyModel::large(const ColorKey& key, QSize largest) {
  Base base = this->base();
  base.size = picture_size(largest);
  if (base.size.isEmpty()) return {};
  const LargeKey wanted{base, way_of(key)};
  for (const auto& [made_for, picture] : m_large)
    if (made_for == wanted) return picture;
  if (m_large_task.running()) return {};
  Order order{nullptr, m_photos.photo(), base.size, base.wheel, base.vision, true, false, {}, {}};
  add_to(order, key);
  m_large_task.start(
      [order = std::move(order)]() mutable { return deliver(std::move(order)).made[0].picture; },
      [this, wanted](QImage made) {
        if (m_large.size() >= kLargeKept) m_large.erase(m_large.begin());
        m_large.emplace_back(wanted, std::move(made));
        emit changed();
      });
  return {};
}

/// Asked for at every move of a hand, and making it takes a moment.
const std::vector<ColorKey>& KeyModel::keys() const {
  const Piece& piece = m_studio.piece();
  const Session& session = m_studio.session();
  ListKey key{plan_key(piece), session.keys, session.at.at.a, m_picture, m_shelf_changes, {}};
  if (const SwatchSet* set = current_set(piece))
    for (const SetVersion& v : set->versions) key.versions.emplace_back(v.id, v.name, v.key);
  return m_keys.now(key, [&] {
    std::vector<Mask> shelf;
    for (const ShelfMask& mask : m_shelf) shelf.push_back(mask_on(mask, piece.wheel));
    const double rim = m_picture ? std::max(0.01, m_picture->largest_saturation()) : 1;
    return keys_of(piece, key.sheet, shelf, key.hue, rim);
  });
}

std::function<std::vector<KeyCell>()> KeyModel::maker_of(std::vector<ColorKey> keys, QSize largest) const {
  return [keys = std::move(keys), photo = m_photos.photo(), piece = m_studio.piece(),
          size = picture_size(largest)] {
    auto out = key_cells(piece, keys, photo ? at_size(*photo, size) : QImage());
    for (std::size_t i = 0; i < out.size(); ++i) out[i].name = name_of(keys[i]);
    return out;
  };
}

void KeyModel::take(const ColorKey& key) {
  const Carry carry = m_studio.session().carry;
  m_studio.store().apply(tr("Take key %1").arg(name_of(key)),
                         [key, carry](Piece p) { return with_key_taken(std::move(p), key, carry); });
}

void KeyModel::keep(const ColorKey& key) {
  const std::string name = name_of(key).toStdString();
  m_studio.store().apply(tr("Save key as version"),
                         [key, name](Piece p) { return with_key_as_version(std::move(p), key, name); });
}

QString KeyModel::name_of(const ColorKey& key) {
  switch (key.kind) {
  case KeyKind::Current:
    return tr("as it is");
  case KeyKind::Turn:
    return tr("%1°").arg(number(key.turn, key.turn == std::floor(key.turn) ? 0 : 1));
  case KeyKind::Pattern:
    return word(key.name);
  case KeyKind::Shelf:
  case KeyKind::Version:
    break;
  }
  return text(key.name);
}

QString KeyModel::told(const Entry& entry) {
  if (entry.key.kind == KeyKind::Current) return tr("The picture in its own colors.");
  if (!entry.numbers) return {};
  const KeyNumbers& n = *entry.numbers;
  QString out = tr("Differs by %1 (CIEDE2000) on average and has %2 % of the picture's chroma.")
                    .arg(number(n.difference, 1))
                    .arg(number(100 * n.kept, 0));
  if (n.reduced >= 0.0005)
    out += QStringLiteral(" ") + tr("%1 % of the picture lost saturation that this key does not have.")
                                     .arg(number(100 * n.reduced, 1));
  return out;
}

} // namespace zc
