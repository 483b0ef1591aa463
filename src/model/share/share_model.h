// SPDX-License-Identifier: GPL-3.0-or-later
// What is given away: the sheet as it is laid out, its pictures, the press and what it makes of each swatch.
// Worked out when it is asked for and kept until something it follows from changes; what takes long is done
// off the main thread.
#pragma once

#include "model/derived/derived.h"
#include "model/document/piece_store.h"
#include "model/keys/key_model.h"
#include "model/photo/photo_model.h"
#include "model/photos/photo_library.h"
#include "model/proof/press_model.h"
#include "model/share/files_out.h"
#include "model/study/try_model.h"

#include <QObject>

namespace zc {

class ShareModel final : public QObject {
  Q_OBJECT
public:
  ShareModel(Studio& studio, PhotoModel& reader, KeyModel& keys, TryModel& tries, PressModel& press);

  /// The set as its swatches are. An error says why there is no sheet.
  [[nodiscard]] const Result<Sheet>& sheet();
  /// Its pictures, as printed where the proof is on; those before, while they are being made, which changed()
  /// tells the end of.
  [[nodiscard]] const SheetImages& images();

  /// The plan as it is seen: no larger than a screen needs. Null until it has been made.
  [[nodiscard]] const Result<QImage>* plan_seen();

  /// What is written, with all that it is made of.
  [[nodiscard]] Result<SheetOrder> sheet_order();
  [[nodiscard]] PlanOrder plan_order() const;
  [[nodiscard]] Result<FilesOrder> files_order();

signals:
  void changed();

private:
  /// All that a sheet follows from.
  struct SheetKey {
    Revisions piece;
    SheetSpec spec;
    Relation relation{};
    Id reference = 0;
    PhotoMark photo;
    std::vector<ColorKey> keys; ///< That the photo is shown in.
    bool operator==(const SheetKey&) const = default;
  };
  struct ImageKey {
    PhotoMark photo;
    WheelSpec wheel;
    std::optional<Mask> mask;
    std::optional<double> value;
    std::optional<Study> study; ///< None where the reference is shown as it is.
    std::vector<Srgb> colors;   ///< That it is studied in.
    std::vector<Id> ids;
    std::string proofed_by; ///< A press, or nothing.
    bool paper_white = true;
    std::vector<ColorKey> keys = {};
    Revisions piece = {}; ///< Where there are keys: versions follow from the whole set.
    bool operator==(const ImageKey&) const = default;
  };
  struct PlanKey {
    PlanView view;
    WheelSpec wheel;
    std::optional<Mask> mask;
    Steps steps;
    bool operator==(const PlanKey&) const = default;
  };
  [[nodiscard]] ImagesOrder images_order() const;
  /// Those on the sheet; none where it shows none.
  [[nodiscard]] std::vector<ColorKey> keys_shown() const;

  Studio& m_studio;
  PhotoModel& m_reader;
  KeyModel& m_keys;
  TryModel& m_tries;
  PressModel& m_press;
  Derived<SheetKey, Result<Sheet>> m_sheet{m_studio.scope()};
  Derived<ImageKey, SheetImages> m_images{m_studio.scope()};
  Derived<PlanKey, Result<QImage>> m_plan{m_studio.scope()};
};

} // namespace zc
