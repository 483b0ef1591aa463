// SPDX-License-Identifier: GPL-3.0-or-later
// What is read from the shown photo or its region, kept until something it follows from changes.
#pragma once

#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "model/derived/derived.h"
#include "model/session/studio.h"

#include <QTimer>
#include <optional>

namespace zc {

class PhotoModel {
public:
  explicit PhotoModel(Studio& studio);
  ~PhotoModel();

  /// The shown photo, when it is decoded.
  [[nodiscard]] std::shared_ptr<const Photo> photo() const;
  /// Values of the region, or of the whole; nothing while there is no photo.
  [[nodiscard]] const FineValues* values();
  /// Places of its colors on the wheel, from a level of about two megapixels.
  [[nodiscard]] const std::vector<ColorPlace>& places();
  /// Share inside the mask, 0..1; nothing without a mask or photo.
  [[nodiscard]] std::optional<double> share_inside();
  /// The flat tones: at the user's limits, or at those found.
  [[nodiscard]] FlatTones tones();
  /// Maps pixels through the mask in use; null without one.
  [[nodiscard]] std::shared_ptr<const MaskMapper> mapper();

private:
  /// What of which photo is read.
  struct Key {
    PhotoMark photo;
    std::optional<PixelRect> region;
    bool operator==(const Key&) const = default;
  };
  struct PlacesKey {
    Key of;
    WheelSpec wheel;
    bool operator==(const PlacesKey&) const = default;
  };
  struct MaskKey {
    WheelSpec wheel;
    std::optional<Mask> mask;
    bool operator==(const MaskKey&) const = default;
  };
  struct HeldKey {
    PlacesKey places;
    MaskKey mask;
    bool operator==(const HeldKey&) const = default;
  };
  [[nodiscard]] Key key() const;
  [[nodiscard]] MaskKey mask_key() const;
  /// Maps the photo's colors in the background once the mask rests, so that the look through it is there at
  /// once.
  void warm_mapper();

  Studio& m_studio;
  Derived<Key, FineValues> m_values{m_studio.scope()}; ///< Of a region.
  /// The found limits of so many flat tones.
  Derived<std::pair<Key, int>, std::vector<double>> m_limits{m_studio.scope()};
  Derived<PlacesKey, std::vector<ColorPlace>> m_places{m_studio.scope()};
  Derived<HeldKey, double> m_held{m_studio.scope()};
  Derived<MaskKey, std::shared_ptr<const MaskMapper>> m_mapper{m_studio.scope()};
  QTimer m_rest;
  Task<bool> m_warmer{m_studio.scope()};
};

} // namespace zc
