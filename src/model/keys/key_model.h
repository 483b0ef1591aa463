// SPDX-License-Identifier: GPL-3.0-or-later
// The shown reference in the keys the piece could take: small pictures made beside the window, coarse first,
// and kept as long as what they follow from stays.
#pragma once

#include "core/keys/key_picture.h"
#include "core/piece/key_edits.h"
#include "io/sheet/key_sheet_picture.h"
#include "io/shelf/mask_shelf.h"
#include "model/derived/derived.h"
#include "model/session/studio.h"

#include <QImage>

namespace zc {

class PhotoModel;

class KeyModel final : public QObject, private OfDocument {
  Q_OBJECT
public:
  KeyModel(Studio& studio, PhotoModel& photos);
  ~KeyModel() override;

  /// One of the sheet: null pictures and no numbers until they are made.
  struct Entry {
    ColorKey key;
    QImage picture;
    std::optional<KeyNumbers> numbers;
  };
  /// Pictures are made while somebody looks, none larger than this, in pixels of the screen.
  void look(bool on, QSize largest = {});
  /// The masks kept across pieces; those drawn on another wheel keep their colors.
  void set_shelf(std::vector<ShelfMask> shelf);

  /// In the order that is asked for, as far as it is known.
  [[nodiscard]] const std::vector<Entry>& entries() const { return m_entries; }
  /// The size of the pictures; empty without a photo.
  [[nodiscard]] QSize picture_size(QSize largest) const;
  /// One key large: null until it is made, which changed() tells. One is made at a time; who wants another
  /// asks again then.
  [[nodiscard]] QImage large(const ColorKey& key, QSize largest);
  /// Something is still being made.
  [[nodiscard]] bool working() const { return m_task.running(); }

  /// The keys that can be listed now, by their hue, looked at or not.
  [[nodiscard]] const std::vector<ColorKey>& keys() const;
  /// What makes their pictures with their names, none larger than this, beside the window: it holds all that
  /// it needs. Without a photo there are none.
  [[nodiscard]] std::function<std::vector<KeyCell>()> maker_of(std::vector<ColorKey> keys,
                                                               QSize largest) const;

  /// The piece takes the key, in one step. Its name is told.
  void take(const ColorKey& key);
  /// It becomes a version of the current set.
  void keep(const ColorKey& key);
  /// "as it is", "90°", "triad"...
  [[nodiscard]] static QString name_of(const ColorKey& key);
  /// What it does to the picture, in words; empty until it is known.
  [[nodiscard]] static QString told(const Entry& entry);

signals:
  void changed();

private:
  /// All that every picture follows from.
  struct Base {
    PhotoMark photo;
    QSize size;
    WheelSpec wheel;
    ColorVision vision = ColorVision::Normal;
    bool operator==(const Base&) const = default;
  };
  /// What one picture follows from beside that: a mask moves none of those that turn.
  struct Way {
    KeyKind kind = KeyKind::Current;
    double turn = 0, strength = 1, rim = 1;
    std::optional<Mask> mask;
    List<Family> from, to; ///< Of versions.
    bool operator==(const Way&) const = default;
  };
  struct Made {
    Way way;
    QImage picture;
    std::optional<KeyNumbers> numbers;
    bool exact = false;
  };
  /// Some of them to be made, exactly or not.
  struct Order {
    std::shared_ptr<const KeyPicture> picture; ///< Null: made first, out of `photo`.
    std::shared_ptr<const Photo> photo;
    QSize size;
    WheelSpec wheel;
    ColorVision vision = ColorVision::Normal;
    bool exact = false, counted = false; ///< Counted with its numbers.
    std::vector<Way> ways;
    std::vector<std::function<Srgb(Srgb)>> functions; ///< Of those that are no map; else empty.
  };
  struct Delivery {
    std::shared_ptr<const KeyPicture> picture;
    std::vector<Made> made;
  };
  struct LargeKey {
    Base base;
    Way way;
    bool operator==(const LargeKey&) const = default;
  };
  void forget() override;
  void follow();
  void follow_entries();
  void advance();
  void receive(const Base& base, Delivery delivery);
  [[nodiscard]] Base base() const;
  [[nodiscard]] Way way_of(const ColorKey& key) const;
  void add_to(Order& order, const ColorKey& key) const;
  [[nodiscard]] static Delivery deliver(Order order);
  [[nodiscard]] Made* find(const Way& way);

  Studio& m_studio;
  PhotoModel& m_photos;
  bool m_looked_at = false;
  QSize m_largest;
  std::vector<ShelfMask> m_shelf;
  int m_shelf_changes = 0;
  /// All that the list follows from.
  struct ListKey {
    PlanKey plan;
    KeySheet sheet;
    double hue = 0;
    std::shared_ptr<const KeyPicture> picture;
    int shelf = 0;
    std::vector<std::tuple<Id, std::string, std::optional<PlanKey>>> versions;
    bool operator==(const ListKey&) const = default;
  };
  mutable Derived<ListKey, std::vector<ColorKey>> m_keys;
  std::vector<Entry> m_entries;
  Base m_base; ///< Of what is made.
  std::shared_ptr<const KeyPicture> m_picture;
  std::vector<Made> m_made;
  Task<Delivery> m_task;
  std::vector<std::pair<LargeKey, QImage>> m_large; ///< The last few.
  Task<QImage> m_large_task;
};

} // namespace zc
