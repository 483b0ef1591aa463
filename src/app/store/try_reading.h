// SPDX-License-Identifier: GPL-3.0-or-later
// The shown reference in the set: the colors of either side of the edge, areas, use, what strays and what is
// lacking. Worked out when it is asked for and kept until something it follows from changes; what takes long
// is done off the main thread.
#pragma once

#include "app/jobs/photo_library.h"
#include "app/jobs/stoppable_job.h"
#include "core/image/distinct.h"
#include "core/session/session.h"
#include "core/try/check.h"
#include "core/try/live_study.h"
#include "core/try/render.h"

#include <QObject>
#include <QPoint>
#include <QTimer>
#include <unordered_map>

namespace zc {

class Workspace;

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

class TryReader final : public QObject {
  Q_OBJECT
public:
  explicit TryReader(Workspace& space);
  ~TryReader() override;
  /// With another piece: what was made of the pictures of the one before is not kept.
  void start_over();

  [[nodiscard]] std::shared_ptr<const Photo> photo() const;
  [[nodiscard]] const Study& study() const;
  /// Empty for the photo and for a set without swatches. `lit`: under the light that is tried.
  [[nodiscard]] SideColors colors_of(const TrySide& side, bool lit) const;
  /// Null for none. REQUIRES a side that is no photo.
  [[nodiscard]] const List<Family>* families_of(const TrySide& side) const;
  /// "Row at dusk, as it is", "after rain"...
  [[nodiscard]] QString name_of(const TrySide& side) const;
  /// What follows from the state the photo is in to that of a side.
  [[nodiscard]] std::vector<SwatchMove> moves_to(const TrySide& side, bool lit) const;

  /// On a picture of that size; `edge` is its place there. What is studied by areas that are still being cut
  /// has none yet.
  [[nodiscard]] SeenPicture seen(QSizeF whole, double edge);
  /// `lit` as in colors_of().
  [[nodiscard]] SeenSide seen_side(const TrySide& side, bool lit);

  /// Of the shown photo in full; null while they are being cut, which changed() tells the end of.
  [[nodiscard]] std::shared_ptr<const Areas> areas();
  /// Changes of one drag are one step.
  void change_study(const QString& name, const std::function<void(Study&)>& change, const QString& drag = {});

  /// Share of the picture, 0..1, of each swatch of the right side.
  [[nodiscard]] const std::unordered_map<Id, double>& uses();
  /// Nothing while the mask is being asked, which changed() tells the end of.
  [[nodiscard]] std::optional<StrayShares> strays();
  /// Of the reference that the check compares with, as read from its thumbnail; nothing without one.
  [[nodiscard]] std::optional<BandShares> shares_against() const;
  /// Null while they are being sought, which changed() tells the end of.
  [[nodiscard]] const Needs* needed();
  /// Whose needs: 0 for the shown reference, else another, asked of its thumbnail.
  [[nodiscard]] Id needed_by() const { return another(m_needed_by); }
  void seek_for(Id reference);
  /// At most so many of them, 1 to kMostLacks.
  [[nodiscard]] int most_lacks() const { return m_most_lacks; }
  void seek_at_most(int lacks);
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

private:
  const IndexedPicture& small_picture();
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
  void seek_outside();

  Workspace& m_space;
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

  /// The last set under a light: every part of the desk asks for it.
  struct LitSet {
    std::vector<Srgb> plain;
    LightAndAir light;
    std::vector<Srgb> seen;
  };
  [[nodiscard]] const std::vector<Srgb>& lit_colors(const std::vector<MatchColor>& colors,
                                                    const LightAndAir& light) const;
  mutable LitSet m_lit;
  std::optional<PhotoMark> m_small_of;
  IndexedPicture m_small;
  LiveStudy m_live;
  std::vector<char> m_outside; ///< Of the small picture's colors; empty until it is asked for.
  double m_outside_limit = 0;
  int m_outside_asked = 0, m_outside_seek = 0; ///< The running search, 0 for none; the last one.
  std::vector<Band> m_bands;                   ///< Likewise.
  Bands m_bands_for;
  struct UseKey {
    std::vector<Srgb> colors;
    std::vector<Id> ids;
    Study study;
    PhotoMark photo;
    std::shared_ptr<const Areas> areas;
    bool operator==(const UseKey&) const = default;
  };
  std::optional<UseKey> m_uses_for;
  std::unordered_map<Id, double> m_uses;

  std::optional<NeedKey> m_needs_for, m_wanted, m_seeking;
  Needs m_needs;
  Id m_needed_by = 0;
  int m_most_lacks = 6;
  QTimer m_rest;

  Id m_hovered = 0;
  bool m_on_staff = false;
  std::optional<QPoint> m_marked;
  // Last, so that they have come to rest before what they use goes. Only what was asked for last is worked
  // on.
  StoppableJob m_cutter, m_seeker;
  JobPool m_mask_asker;
};

} // namespace zc
