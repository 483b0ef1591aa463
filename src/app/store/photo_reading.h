// SPDX-License-Identifier: GPL-3.0-or-later
// What is read from the shown photo or its region, kept until something it follows from changes.
#pragma once

#include "app/jobs/job_pool.h"
#include "app/jobs/photo_library.h"
#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"

#include <QTimer>
#include <optional>

namespace zc {

class Workspace;

class PhotoReader {
public:
  explicit PhotoReader(Workspace& space);
  ~PhotoReader();

  /// The shown photo, when it is decoded.
  [[nodiscard]] std::shared_ptr<const Photo> photo() const;
  /// Values of the region, or of the whole; nothing while there is no photo.
  [[nodiscard]] const FineValues* values();
  /// Places of its colors on the wheel, from a level of about two megapixels.
  [[nodiscard]] const std::vector<ColorPlace>& places();
  /// Share inside the mask, 0..1; nothing without a mask or photo.
  [[nodiscard]] std::optional<double> held();
  /// The flat tones: at the painter's limits, or at those found.
  [[nodiscard]] FlatTones tones();
  /// Maps pixels through the mask in use; null without one.
  [[nodiscard]] std::shared_ptr<const MaskMapper> mapper();
  /// With another piece: what was read of the one before is not kept.
  void start_over();

private:
  void follow();
  struct Key {
    const Photo* photo = nullptr;
    std::optional<PixelRect> region;
    bool operator==(const Key&) const = default;
  };
  /// What was read before is not kept.
  void read_anew(const Key& key, std::shared_ptr<const Photo> photo);
  struct MaskKey {
    WheelSpec wheel;
    std::optional<Mask> mask;
    bool operator==(const MaskKey&) const = default;
  };
  Workspace& m_space;
  Key m_key;
  std::shared_ptr<const Photo> m_photo;
  std::optional<FineValues> m_values;
  int m_limits_for = 0; ///< How many tones the found limits part; 0: none found yet.
  std::vector<double> m_limits;
  std::optional<std::vector<ColorPlace>> m_places;
  WheelSpec m_places_wheel;
  std::optional<double> m_held;
  MaskKey m_held_for, m_mapper_for;
  /// Maps the photo's colors in the background once the mask rests, so that the look through it is there at
  /// once.
  void warm_mapper();

  std::shared_ptr<const MaskMapper> m_mapper;
  QTimer m_rest;
  JobPool m_warmer;
};

} // namespace zc
