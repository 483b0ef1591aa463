// SPDX-License-Identifier: GPL-3.0-or-later
// What is given away: the sheet as it is laid out, its pictures, the press and what it makes of each swatch.
// Worked out when it is asked for and kept until something it follows from changes; what takes long is done
// off the main thread.
#pragma once

#include "app/jobs/late_value.h"
#include "app/jobs/photo_library.h"
#include "app/store/files_out.h"
#include "core/image/color_map.h"
#include "core/press/press.h"

#include <QObject>

namespace zc {

class Workspace;

class ShareReader final : public QObject {
  Q_OBJECT
public:
  explicit ShareReader(Workspace& space);
  /// With another piece: what was made of the one before is not kept.
  void start_over();

  /// The set as its swatches are. An error says why there is no sheet.
  [[nodiscard]] const Result<Sheet>& sheet();
  /// Its pictures, as printed where the proof is on; those before, while they are being made, which changed()
  /// tells the end of.
  [[nodiscard]] const SheetImages& images();
  /// Empty where no proof is asked for.
  [[nodiscard]] const ColorMap& proof();

  /// The chosen press; null for none, or while a notice has said why it cannot be used.
  [[nodiscard]] std::shared_ptr<const Press> press();
  /// Of each swatch of the current set, in its order; null without a press and while they are being asked,
  /// which changed() tells the end of.
  [[nodiscard]] const std::vector<SwatchPress>* checked();
  [[nodiscard]] std::vector<const Swatch*> swatches() const;
  /// All that do not print, or one of them, become the nearest printable; the set before is kept as a
  /// version.
  void take_printable(Id swatch);

  /// The plan as it is seen: no larger than a screen needs. Null until it has been made.
  [[nodiscard]] const Result<QImage>* plan_seen();

  /// What is written, with all that it is made of.
  [[nodiscard]] Result<SheetOrder> sheet_order();
  [[nodiscard]] PlanOrder plan_order() const;
  [[nodiscard]] Result<FilesOrder> files_order();

signals:
  void changed();
  /// The press has said what it makes of the swatches.
  void checkedAnew();

private:
  struct CheckKey {
    std::vector<Srgb> colors;
    std::string press;
    double limit = 0;
    bool operator==(const CheckKey&) const = default;
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
    bool operator==(const ImageKey&) const = default;
  };
  struct PlanKey {
    PlanView view;
    WheelSpec wheel;
    std::optional<Mask> mask;
    Steps steps;
    bool operator==(const PlanKey&) const = default;
  };
  /// What colors become as a press prints them, as long as it is the same.
  struct ProofColors {
    std::string press;
    bool paper_white = true;
    ColorMap shown;
  };
  [[nodiscard]] ImagesOrder images_order() const;
  /// At other desks its memory is of no use.
  void forget_proof();

  Workspace& m_space;
  std::optional<Result<Sheet>> m_sheet;
  std::optional<ProofColors> m_proof_colors;
  std::string m_press_file;
  std::shared_ptr<const Press> m_press;
  // Last, so that they have come to rest before what they use goes.
  LateValue<ImageKey, SheetImages> m_images;
  LateValue<PlanKey, Result<QImage>> m_plan;
  LateValue<CheckKey, std::vector<SwatchPress>> m_checked;
};

} // namespace zc
