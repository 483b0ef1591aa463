// SPDX-License-Identifier: GPL-3.0-or-later
// The shown reference in the set: the colors of either side of the edge, areas, use, what strays and what is
// lacking. Worked out when it is asked for and kept until something it follows from changes; what takes long
// is done off the main thread.
#pragma once

#include "core/image/distinct.h"
#include "core/session/session.h"
#include "core/try/check.h"
#include "core/try/live_study.h"
#include "core/try/render.h"
#include "model/derived/derived.h"
#include "model/keys/key_model.h"
#include "model/photo/photo_model.h"
#include "model/proof/press_model.h"
#include "model/work/set_work.h"

#include <QObject>
#include <QPoint>
#include <QTimer>
#include <unordered_map>

namespace zc {

/// A state of a set as it is shown: with what is tried out at Change, and under the light.
struct SideColors {
  std::vector<MatchColor> colors;
  std::vector<Id> ids;
};

/// A side, and whose its colors are.
struct SeenSide {
  TriedSide tried;
  std::vector<Id> ids; ///< In the order of the colors.
};
/// All that is seen at Try.
struct SeenPicture {
  TriedPicture tried;
  std::vector<Id> left, right; ///< Whose the colors of the sides are.
};

class TryModel final : public QObject, private OfDocument {
  Q_OBJECT
public:
  TryModel(Studio& studio, PhotoModel& reader, KeyModel& keys, SetWork& work, PressModel& press);
  ~TryModel() override;

  [[nodiscard]] std::shared_ptr<const Photo> photo() const;
  /// The canvas on the screen is tried in the place of the shown reference, as long as there is one. It is no
  /// part of the piece, and neither is how it is studied.
  void try_canvas(bool tried);
  [[nodiscard]] bool tries_canvas() const { return m_wants_canvas && m_canvas; }
  [[nodiscard]] bool wants_canvas() const { return m_wants_canvas; }
  /// Whoever watches it tells how it looks now; null when it is watched no longer.
  void take_canvas(std::shared_ptr<const Photo> canvas);
  /// How the shown reference is studied, whatever is tried.
  [[nodiscard]] const Study& reference_study() const;
  /// What a side can show: the photo, also pressed into the mask, the states of the sets, the photo in the
  /// keys that can be listed. One that is shown and is none of them any more stands last.
  [[nodiscard]] std::vector<TrySide> sides(const TrySide& shown) const;
  [[nodiscard]] const Study& study() const { return tries_canvas() ? m_canvas_study : reference_study(); }
  /// Empty for the photo and for a set without swatches. `lit`: under the light that is tried.
  [[nodiscard]] SideColors colors_of(const TrySide& side, bool lit) const;
  /// Null for none. REQUIRES a side that is no photo.
  [[nodiscard]] const List<Family>* families_of(const TrySide& side) const;
  /// "Row at dusk, as it is", "after rain"...
  [[nodiscard]] QString name_of(const TrySide& side) const;
  /// What follows from the state the photo is in to that of a side.
  [[nodiscard]] std::vector<SwatchMove> moves_to(const TrySide& side, bool lit) const;

  /// What is seen on a picture of that size; `edge` is the place of the edge there. What is studied by areas
  /// that are still being cut has none yet.
  [[nodiscard]] SeenPicture seen(QSizeF whole, double edge);
  /// The color that what steps back goes toward; whoever shows the picture tells it.
  void set_ground(Srgb8 ground) { m_ground = ground; }
  /// `lit` as in colors_of().
  [[nodiscard]] SeenSide seen_side(const TrySide& side, bool lit);

  /// The areas of the shown photo in full; null while they are being cut, which changed() tells the end of.
  [[nodiscard]] std::shared_ptr<const Areas> areas();
  /// Changes of one drag are one step.
  void change_study(const QString& name, const std::function<void(Study&)>& change, const QString& drag = {});

  /// Share of the picture, 0..1, of each swatch of the right side.
  [[nodiscard]] const std::unordered_map<Id, double>& uses();
  /// Nothing while the mask is being asked, which changed() tells the end of.
  [[nodiscard]] std::optional<StrayShares> strays();
  /// The band shares of the reference that the check compares with, as read from its thumbnail; nothing
  /// without one.
  [[nodiscard]] std::optional<BandShares> shares_against() const;
  /// Null while they are being sought, which changed() tells the end of.
  [[nodiscard]] const Needs* needed();
  /// Whose needs: 0 for the shown reference, else another, asked of its thumbnail.
  [[nodiscard]] Id needed_by() const { return another(m_needed_by); }
  void seek_for(Id reference);
  /// How many missing colors are listed at most, 1 to kMostMissing.
  [[nodiscard]] int most_missing() const { return m_most_missing; }
  void seek_at_most(int missing);
  /// The swatch that the pointer is over, on the staff or on the picture; 0 for none.
  [[nodiscard]] Id hovered() const { return m_hovered; }
  [[nodiscard]] bool hovered_on_staff() const { return m_on_staff; }
  void hover(Id swatch, bool on_staff);
  /// A pixel of the photo that is pointed out, or none.
  [[nodiscard]] std::optional<QPoint> marked() const { return m_marked; }
  void mark(std::optional<QPoint> pixel);

signals:
  void changed();
  void hoveredChanged();
  /// Another picture is tried: the canvas, another state of it, or the reference again.
  void pictureChanged();

private:
  /// Another piece is open: nothing that was made of the pictures of the one before is kept.
  void forget() override;
  const IndexedPicture& small_picture();
  [[nodiscard]] std::unordered_map<Id, double> uses_of(const SideColors& side,
                                                       const std::shared_ptr<const Areas>& cut);
  struct NeedKey {
    qint64 picture = 0; ///< QImage::cacheKey.
    std::vector<Srgb> set;
    double far = 0;
    int most = 0;
    bool operator==(const NeedKey&) const = default;
  };
  /// A reference that is there and not the shown one, else 0.
  [[nodiscard]] Id another(Id reference) const;
  [[nodiscard]] QImage needing() const;
  [[nodiscard]] NeedKey need_key(const QImage& picture, const SideColors& side) const;
  void seek_needs();
  /// Whether each color of the small picture lies outside the mask: 1 or 0; null while that is being asked.
  [[nodiscard]] const std::vector<char>* outside();

  Studio& m_studio;
  PhotoModel& m_reader;
  KeyModel& m_keys;
  SetWork& m_work;
  PressModel& m_press;
  struct AreaKey {
    PhotoMark photo;
    AreaSpec cut;
    std::vector<AreaEdit> edits;
    bool operator==(const AreaKey&) const = default;
  };
  /// Areas that were made, with what they were made for.
  struct CutAreas {
    AreaKey key;
    std::shared_ptr<const Areas> areas;
  };
  [[nodiscard]] std::shared_ptr<const Areas> kept_areas(const AreaKey& key);
  [[nodiscard]] std::optional<CutAreas> start_of(const AreaKey& key) const;
  /// The last first: those of now, those before the last change, those before any. One change by hand is made
  /// to what is kept instead of cutting anew.
  std::vector<CutAreas> m_kept_areas;
  std::optional<AreaKey> m_cutting;

  [[nodiscard]] const std::vector<Srgb>& lit_colors(const std::vector<MatchColor>& colors,
                                                    const LightAndHaze& light) const;
  /// Null for a photo as it is. One of each side is kept, so that its picture is as well.
  [[nodiscard]] std::shared_ptr<const KeyMap> key_of(const TrySide& side);
  struct KeyOf {
    ColorKey key;
    WheelSpec wheel;
    std::optional<Mask> mask;
    bool operator==(const KeyOf&) const = default;
  };
  std::vector<std::pair<KeyOf, std::shared_ptr<const KeyMap>>> m_key_maps; ///< The last two.
  struct LitKey {
    std::vector<Srgb> plain;
    LightAndHaze light;
    bool operator==(const LitKey&) const = default;
  };
  struct OutsideKey {
    std::uint64_t picture = 0;
    std::shared_ptr<const MaskMapper> mask;
    double limit = 0;
    bool operator==(const OutsideKey&) const = default;
  };
  struct UseKey {
    std::vector<Srgb> colors;
    std::vector<Id> ids;
    Study study;
    PhotoMark photo;
    std::shared_ptr<const Areas> areas;
    bool operator==(const UseKey&) const = default;
  };
  mutable Derived<LitKey, std::vector<Srgb>> m_lit{m_studio.scope()}; ///< Every part of the desk asks for it.
  Derived<PhotoMark, IndexedPicture> m_small{m_studio.scope()};
  LiveStudy m_live; ///< Of it.
  Derived<OutsideKey, std::vector<char>> m_outside{m_studio.scope()};
  Derived<std::pair<std::uint64_t, Bands>, std::vector<Band>> m_bands{m_studio.scope()};
  Derived<UseKey, std::unordered_map<Id, double>> m_uses{m_studio.scope()};
  Derived<NeedKey, Needs> m_needs{m_studio.scope()};
  std::optional<NeedKey> m_wanted; ///< Sought when hands rest.
  Id m_needed_by = 0;
  int m_most_missing = 6;
  QTimer m_rest;

  bool m_wants_canvas = false;
  std::shared_ptr<const Photo> m_canvas;
  Study m_canvas_study;
  Srgb8 m_ground = TriedSide().ground;
  Id m_hovered = 0;
  bool m_on_staff = false;
  std::optional<QPoint> m_marked;
  Task<std::shared_ptr<const Areas>> m_cutter{m_studio.scope()};
};

} // namespace zc
