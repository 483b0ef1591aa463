// SPDX-License-Identifier: GPL-3.0-or-later
// Paints and mixtures: the field that is mixed on, what the paints that are put out reach, the recipe of the
// current color. What takes long is done off the main thread.
#pragma once

#include "core/mix/reach.h"
#include "core/mix/recipe.h"
#include "core/mix/smear.h"
#include "core/piece/paints.h"
#include "core/session/session.h"
#include "model/derived/derived.h"
#include "model/photo/photo_model.h"
#include "model/photos/photo_library.h"

#include <QObject>

namespace zc {

class PaintModel final : public QObject {
  Q_OBJECT
public:
  PaintModel(Studio& studio, PhotoModel& reader);
  /// Nothing with fewer than two corners.
  [[nodiscard]] const std::optional<MixField>& field();
  /// The same fields toward black and toward white, whatever the share.
  struct Ends {
    MixField black, white;
  };
  [[nodiscard]] const std::optional<Ends>& ends();
  /// The smears over the field, with the one under the hand on top where it has a path; none without a field.
  /// Only what is new since the last call is worked out.
  const Smears& smears(const FieldPath& drawn = {});
  /// Another number for every other field.
  [[nodiscard]] std::uint64_t field_serial() const { return m_field.serial(); }

  /// The paints that are put out, with white and black where they are asked for.
  [[nodiscard]] const PutOut& out();
  /// Null without a paint and before the first is made; while another is being made the one before stands,
  /// which changed() tells the end of.
  [[nodiscard]] const Reach* reach();
  /// Whether it is that of the paints as they are.
  [[nodiscard]] bool reach_is_current();
  /// Another number for every other reach.
  [[nodiscard]] std::uint64_t reach_serial() const { return m_reach.serial(); }

  struct Inside {
    std::size_t swatches = 0, of = 0;
    std::optional<double> photo; ///< Share of the shown photo's weight.
  };
  /// What of the current set and the shown photo the paints reach; null while it is asked, which answered()
  /// tells the end of; likewise below.
  [[nodiscard]] const Inside* inside();
  /// The recipe for the current color; null without a paint and while it is sought.
  [[nodiscard]] const Result<Recipe>* recipe(int most_paints);
  /// The reach at the current value, or at all values, becomes the mask.
  void make_mask(bool any_value);
  /// Only the fewest paints that reach the photo, or the set, stay put out; told when it is done.
  void seek_fewest(bool of_photo, const FewestSpec& spec);
  void stop_seeking() { m_seek.stop(); }
  /// How far the search for the photo, or for the set, has come in percent; nothing while none runs.
  [[nodiscard]] std::optional<int> sought(bool of_photo) const;

signals:
  /// What is drawn over plan, section and rail: the paints, the reach.
  void changed();
  /// A recipe, what is inside.
  void answered();
  /// The search for the fewest paints has begun, is further, or has ended.
  void seekingMoved();

private:
  struct FieldKey {
    Mixing mixing;     ///< Without what is read out of it.
    Srgb black, white; ///< That it goes toward.
    bool operator==(const FieldKey&) const = default;
  };
  struct OutKey {
    List<PalettePaint> paints;
    bool white_and_black = false;
    bool operator==(const OutKey&) const = default;
  };
  struct ReachKey {
    OutKey out;
    WheelSpec wheel;
    bool operator==(const ReachKey&) const = default;
  };
  struct RecipeKey {
    OutKey out;
    Srgb color;
    int most = 0;
    bool operator==(const RecipeKey&) const = default;
  };
  struct InsideKey {
    OutKey out;
    std::vector<Srgb> colors;
    PhotoMark photo;
    double limit = 1;
    bool operator==(const InsideKey&) const = default;
  };
  [[nodiscard]] FieldKey field_key() const;
  [[nodiscard]] OutKey out_key() const;
  [[nodiscard]] ReachKey reach_key() const;
  [[nodiscard]] std::vector<WeightedColor> photo_colors() const;
  [[nodiscard]] static Inside inside_of(const Mixer& mixer, const std::vector<Srgb>& colors, double limit,
                                        const std::vector<WeightedColor>& photo);
  /// Puts the paints that were found on the palette; `ids` are those of the mixer, in its order.
  void put_out_only(const Result<FewestPaints>& few, const std::vector<Id>& ids);

  Studio& m_studio;
  PhotoModel& m_reader;
  bool m_seek_of_photo = false;
  Derived<FieldKey, std::optional<MixField>> m_field{m_studio.scope()};
  Derived<FieldKey, std::optional<Ends>> m_ends{m_studio.scope()};
  Derived<OutKey, PutOut> m_out{m_studio.scope()};
  Derived<ReachKey, Result<Reach>> m_reach{m_studio.scope()};
  Derived<RecipeKey, Result<Recipe>> m_recipe{m_studio.scope()};
  Derived<InsideKey, Inside> m_inside{m_studio.scope()};
  Task<Result<FewestPaints>> m_seek;
  std::uint64_t m_smeared = 0; ///< The field that the smears are on.
  Smears m_smears;
};

} // namespace zc
