// What all parts of the window share: the piece store, the session (current color, wells, what is looked at)
// and the geometry that follows from the piece.
#pragma once

#include "app/jobs/photo_library.h"
#include "app/store/piece_store.h"
#include "core/image/extract.h"
#include "core/mask/picking.h"
#include "core/mix/strings.h"
#include "core/piece/edits.h"
#include "core/wheel/raster.h"

#include <QObject>
#include <QStringList>
#include <optional>

namespace zc {

enum class Desk { Observe, Limit, Pick, Grade };
/// How the set is seen at Grade.
enum class SetView { Staff, Rows, List, Versions, Import };
enum class PhotoLook { Color, Value, Flat, Squint, Steps, Mask };

/// How the shown reference is looked at.
struct Looking {
  PhotoLook look = PhotoLook::Color;
  int tones = 3;              ///< Flat tones, 2 to 5.
  std::vector<double> limits; ///< Of the flat tones when the painter has moved them; empty: found.
  double squint = 1;          ///< Blur in percent of the photo's longer side.
  int steps = 9;              ///< Tone steps from black to white.
  double edge = 0.5;          ///< Place of the before/after edge, 0 left to 1 right.
  std::optional<PixelRect> region;
  bool marking = false;      ///< The next drag on the photo draws the region.
  bool hold_samples = false; ///< Samples outside the mask go to its nearest place.
  bool footprint = true;     ///< Shown over the wheel at Limit.
};

/// Colors taken out of a photo, not accepted yet.
struct Harvest {
  Id reference = 0;
  std::vector<ExtractedColor> colors;
  std::optional<std::size_t> chosen;
};

/// Not part of the piece and not undone.
struct Session {
  Srgb color{0.5, 0.5, 0.5}; ///< The current color.
  WheelPoint at;             ///< Its place on the piece's wheel; keeps the hue of a neutral.
  double section_angle = 0;  ///< Hue on the right of the section.
  Srgb before{0.5, 0.5, 0.5};
  Bench bench;
  std::optional<std::size_t> filling_well = 0; ///< The well that every pick fills.
  Desk desk = Desk::Pick;
  Looking looking;
  Harvest harvest;
  std::optional<SampleOrigin> origin; ///< Where the current color was sampled, when it was.
  bool values_only = false;
  Carry carry = Carry::MaskOnly;
  MaskKeeps mask_keeps = MaskKeeps::Colors;
  std::size_t area = 0;                  ///< The mask area that is worked on.
  std::optional<WheelPoint> partners_of; ///< Where the partners were fixed; else they follow the color.
  std::vector<StringStep> string;        ///< Previewed on the staff.
  int sample_side = 5;
  Id reference = 0; ///< The photo looked at.
  Id family = 0;    ///< The family that new swatches go to.
  Id swatch = 0;    ///< The selected swatch that keys work on; see SetWork for all of them.
  SetView set_view = SetView::Staff;
};

class PhotoReader;
class SetWork;

class Workbench final : public QObject {
  Q_OBJECT
public:
  explicit Workbench(QObject* parent = nullptr);
  ~Workbench() override;

  [[nodiscard]] PieceStore& store() { return m_store; }
  [[nodiscard]] const Piece& piece() const { return m_store.piece(); }
  [[nodiscard]] const Session& session() const { return m_session; }
  [[nodiscard]] PhotoLibrary& photos() { return m_photos; }
  [[nodiscard]] PhotoReader& reader() { return *m_reader; }
  [[nodiscard]] SetWork& set_work() { return *m_set_work; }
  [[nodiscard]] const Wheel& wheel() const { return m_wheel; }
  [[nodiscard]] SolidPainter& painter() { return *m_painter; }
  /// The mask's region, or null when there is no mask or it is off.
  [[nodiscard]] const MaskRegion* region() const;
  [[nodiscard]] PickRules pick_rules() const;
  [[nodiscard]] const Steps& steps() const { return m_session.bench.steps; }

  void start(Piece piece, const Bench& bench, bool saved);
  [[nodiscard]] Bench bench() const;

  // Picking. A drag is bracketed by begin_pick and end_pick; the single-step calls do both.
  void begin_pick();
  void end_pick();
  /// Hue and saturation at the current value, under the mask's rule.
  void pick_plan(DiscPoint wanted);
  /// Value and saturation along the section: -1 complement's rim .. 1 hue's rim.
  void pick_section(double along, double value);
  void pick_value(double value);
  void nudge_hue(double degrees);
  void nudge_saturation(double by);
  void nudge_value(double by);
  /// Takes up a finished color as it is.
  void take_up(Srgb color, std::optional<WheelPoint> at = {});
  void back_to_before();
  /// Takes up a color sampled at a pixel; where the painter wants it, at its nearest place in the mask.
  void take_sample(Srgb color, const SampleOrigin& origin);
  /// The same in the middle of a drag, between begin_pick() and end_pick().
  void show_sample(Srgb color, const SampleOrigin& origin);
  [[nodiscard]] Srgb held_sample(Srgb color) const;
  /// Does the current color lie inside the mask? Nothing without a mask.
  [[nodiscard]] std::optional<bool> in_mask() const;

  void take_up_well(std::size_t well);
  void lay_down_well(std::size_t well);
  void choose_filling_well(std::optional<std::size_t> well);

  /// Lays the current color into the chosen family, making a first one when there is none.
  void lay_current();
  void lay_current_into(Id family);
  /// Any finished color, into the chosen family.
  void lay_color(const LaidColor& color);
  void lay_color_into(Id family, const LaidColor& color);
  /// Lays a whole string as a new family, in one step.
  void lay_family(const QString& name, const std::vector<LaidColor>& colors);
  /// The middle of the mask at the current value.
  void take_up_neutral();
  /// The corners of the mask at the current value, as a family.
  void lay_key_colors();
  /// Whether turning the mask turns the set along.
  void carry_set(bool on);
  /// What of the mask stays when the wheel changes.
  void keep_of_mask(MaskKeeps keeps);
  void change_wheel(const WheelSpec& wheel);
  void turn_mask(double by, const QString& drag = {});
  void select_area(std::size_t area);
  void cut_into_steps(const Steps& steps);
  /// Fixed partners stay where they are while picking goes on.
  void fix_partners(bool fixed);
  [[nodiscard]] WheelPoint partners_place() const;
  void show_string(std::vector<StringStep> string);

  void show_desk(Desk desk);
  void look_at(const Looking& looking);
  void show_look(PhotoLook look);
  void show_harvest(Harvest harvest);
  /// Lays what was taken as families by hue, in one step.
  void accept_harvest();
  void drop_chosen();
  void take_mask_off();
  void show_values_only(bool on);
  void show_reference(Id reference);
  /// The next photo that comes in takes the place of the shown one.
  void replace_reference(const QString& path);
  void choose_sample_side(int side);
  void select_family(Id family);
  /// Selects this one alone; 0 selects nothing.
  void select_swatch(Id swatch);
  /// The one keys work on, with the selection left as it is.
  void focus_swatch(Id swatch);
  void show_set_view(SetView view);
  void show_set(Id set);

signals:
  void pieceChanged();
  void colorChanged();
  void benchChanged();
  void viewChanged();
  void stringChanged();
  void notice(const QString& sentence);

private:
  void follow_piece();
  void add_reference(const QString& name, const QString& extension, const SharedBytes& bytes);
  void note_refusal(const QString& sentence);
  void tell_refusals();
  void settle_selection();
  void follow_shown();
  /// Moves to the nearest existing color at this place and shows it.
  void move_to(const WheelPoint& wanted, bool turns_section);
  void renew_painter();
  void set_color(Srgb color, WheelPoint at, bool turns_section);

  PieceStore m_store;
  PhotoLibrary m_photos;
  Session m_session;
  Wheel m_wheel;
  std::unique_ptr<SolidPainter> m_painter;
  Srgb m_fixed_color;
  std::unique_ptr<PhotoReader> m_reader;
  std::unique_ptr<SetWork> m_set_work;
  SharedBytes m_shown_bytes;
  Id m_replaced = 0;      ///< The reference whose place the photo being taken in is to have.
  QStringList m_refusals; ///< Of the photos being taken in, told together at the end.
  std::optional<Mask> m_region_of;
  std::optional<MaskRegion> m_region;
};

} // namespace zc
