// What is given away: the sheet as it is laid out, its pictures, the press and what it makes of each swatch.
// Worked out when it is asked for and kept until something it follows from changes.
#pragma once

#include "app/store/try_reading.h"
#include "core/image/color_table.h"
#include "core/press/press.h"
#include "io/sheet/plan_file.h"
#include "io/sheet/sheet_drawing.h"

#include <QObject>
#include <QThreadPool>

namespace zc {

class Workspace;

class ShareReader final : public QObject {
  Q_OBJECT
public:
  explicit ShareReader(Workspace& space);
  ~ShareReader() override;

  /// The set as its swatches are. An error says why there is no sheet.
  [[nodiscard]] const Result<Sheet>& sheet();
  /// Its pictures, as printed where the proof is on.
  [[nodiscard]] const SheetImages& images();
  /// Its pictures as they are, for files.
  [[nodiscard]] const SheetImages& plain_images();
  /// Empty where no proof is asked for.
  [[nodiscard]] std::function<Srgb(Srgb)> proof();

  /// Words of a picture as printed, in place; untouched where no proof is asked for. What has been worked out
  /// for a color is kept as long as press and paper stay.
  void proof_picture(QImage& image);

  /// The chosen press; null for none, or while a notice has said why it cannot be used.
  [[nodiscard]] std::shared_ptr<const Press> press();
  /// Of each swatch of the current set, in its order; null without a press and while they are being asked,
  /// which changed() tells the end of.
  [[nodiscard]] const std::vector<SwatchPress>* checked();
  [[nodiscard]] std::vector<const Swatch*> swatches() const;
  /// All that do not print, or one of them, become the nearest printable; the set before is kept as a
  /// version.
  void take_printable(Id swatch);

  /// The plan as it is written, and as it is seen meanwhile: no larger than a screen needs.
  [[nodiscard]] Result<QImage> plan() const;
  [[nodiscard]] const Result<QImage>& plan_seen();

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
    std::vector<Srgb>
        study; ///< The colors that the reference is studied in; empty where it is shown as it is.
    Match match = Match::Color;
    bool operator==(const ImageKey&) const = default;
  };
  struct ProofKey {
    ImageKey image;
    std::string press;
    bool paper_white = true;
    bool operator==(const ProofKey&) const = default;
  };
  struct PlanKey {
    PlanView view;
    WheelSpec wheel;
    std::optional<Mask> mask;
    Steps steps;
    bool operator==(const PlanKey&) const = default;
  };
  [[nodiscard]] ImageKey image_key() const;
  [[nodiscard]] Result<QImage> plan_of(const PlanView& view) const;

  Workspace& m_space;
  QThreadPool m_pool;
  std::optional<Result<Sheet>> m_sheet;
  std::optional<ImageKey> m_images_for;
  SheetImages m_images, m_proofed;
  std::optional<ProofKey> m_proofed_for;
  std::pair<std::string, bool> m_known_for;
  ColorTable m_known; ///< What colors become in the proof.
  std::optional<PlanKey> m_plan_for;
  std::optional<Result<QImage>> m_plan;
  std::string m_press_file;
  std::shared_ptr<const Press> m_press;
  std::optional<CheckKey> m_checked_for, m_checking;
  std::vector<SwatchPress> m_checked;
};

} // namespace zc
