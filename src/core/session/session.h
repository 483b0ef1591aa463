// SPDX-License-Identifier: GPL-3.0-or-later
// An afternoon's work beside the piece: the current color, what is at hand, what is selected and how things
// are looked at. A plain value, never undone; its transitions are pure functions, so that it can be played
// without a window.
#pragma once

#include "core/base/result.h"
#include "core/color/color_vision.h"
#include "core/image/extract.h"
#include "core/mix/ramps.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "core/piece/key_edits.h"
#include "core/piece/pairing.h"
#include "core/press/press.h"
#include "core/session/at_hand.h"
#include "core/session/geometry.h"
#include "core/session/parts.h"
#include "core/sheet/sheet.h"
#include "core/try/light.h"
#include "core/try/render.h"
#include "core/wheel/relations.h"

#include <set>
#include <unordered_set>

namespace zc {

enum class Desk { Observe, Limit, Pick, Grade, Try, Share };
inline constexpr Word<Desk> kDeskWords[] = {{Desk::Observe, "observe"}, {Desk::Limit, "limit"},
                                            {Desk::Pick, "pick"},       {Desk::Grade, "grade"},
                                            {Desk::Try, "try"},         {Desk::Share, "share"}};
inline constexpr std::size_t kDesks = std::size(kDeskWords);
/// How the set is seen at Grade.
enum class SetView { Staff, Rows, List, Versions, Import };
enum class PhotoLook { Color, Value, Flat, Squint, Steps, Mask };

/// How the shown reference is looked at.
/// A place of a photo that others are compared with, and the sample there when it was pinned.
struct PinnedSpot {
  SampleOrigin at;
  Srgb color;
  bool operator==(const PinnedSpot&) const = default;
};

struct Looking {
  PhotoLook look = PhotoLook::Color; ///< At the desk that is shown.
  int tones = 3;                     ///< Flat tones, 2 to 5.
  std::vector<double> limits;        ///< Of the flat tones when the user has moved them; empty: found.
  double squint = 1;                 ///< Blur in percent of the photo's longer side.
  int steps = 9;                     ///< Tone steps from black to white.
  double edge = 0.5;                 ///< Place of the before/after edge, 0 left to 1 right.
  std::optional<PixelRect> region;
  bool marking = false;      ///< The next drag on the photo draws the region.
  bool hold_samples = false; ///< Samples outside the mask go to its nearest place.
  bool footprint = true;     ///< Shown over the wheel at Limit.
  std::optional<PinnedSpot> spot = {};
  bool operator==(const Looking&) const = default;
};

/// What is shown on a side of the edge: the photo, as it is or in a key, or a state of a set.
struct TrySide {
  bool photo = false;
  Id set = 0;     ///< 0 is the current set.
  Id version = 0; ///< 0 is the set as it is.
  /// Of a photo. The key of the piece as it is presses the photo into its mask, and goes with it.
  std::optional<ColorKey> key = {};
  bool operator==(const TrySide&) const = default;
};
struct Trying {
  TryWay way = TryWay::Study;
  TrySide left{true}, right;
  TrySide from;                              ///< The state that the photo is in, for following.
  bool two = false;                          ///< Both sides under an edge; else the right one alone.
  double edge = 0.5;                         ///< Place of the edge, 0 left to 1 right.
  double softness = 0;                       ///< Of following, see Follow.
  double far = 10;                           ///< CIEDE2000 from which on a color is far from the set.
  bool show_outside = true, show_far = true; ///< Which strays a check shows.
  Id against = 0; ///< The reference that a check compares shares with; 0: the set's aims.
  bool squint = false;
  LightAndHaze light;      ///< Tried on the right side.
  std::vector<Pair> pairs; ///< Chosen by hand; see paired().
  bool operator==(const Trying&) const = default;
};

/// The plan as a picture, as it is made at Share: a disc at one value, or in a row of them, or vivid.
struct PlanView {
  enum class Kind { Value, Row, Vivid } kind = Kind::Value;
  double value = 50; ///< L*.
  int row = 5;       ///< kFewestPlanValues..kMostPlanValues.
  int size = 1024;   ///< Pixels of a disc.
  bool stepped = false, bare = false;
  bool operator==(const PlanView&) const = default;
};
enum class ShareView { Sheet, Press, Files, Plan, Parcel };
/// Several formats written at once.
struct FilesOut {
  std::set<std::string> formats; ///< By their words; see out_formats().
  std::string folder;
  std::string pattern = "{hex} {name}\n"; ///< Of lines, as text.
  bool at_save = false; ///< Written again whenever the piece is saved; it and the folder are
                        ///< the piece's own.
  bool operator==(const FilesOut&) const = default;
};
/// What is given away, and how.
struct Sharing {
  ShareView view = ShareView::Sheet;
  SheetSpec sheet;
  std::string press; ///< File of the press profile; empty for none.
  double print_limit = kPrintLimit;
  bool proof = false, paper_white = true; ///< The sheet as it will be printed; with the paper's own white.
  PlanView plan;
  FilesOut files;
  bool operator==(const Sharing&) const = default;
};

/// What the paints that are put out can mix, and what the chosen press prints, as it is shown.
struct ReachView {
  bool shown = false, white_and_black = true;
  bool press = true; ///< While one is chosen.
  bool operator==(const ReachView&) const = default;
};

/// The relation that is looked at: on the rim, in the tray.
struct RelationView {
  Relation relation = Relation::Complement;
  MemberValue value = MemberValue::Current;
  std::optional<WheelPlace> of;          ///< Where it was fixed; else it follows the color.
  Srgb color;                            ///< The color it was fixed at.
  std::vector<std::optional<Angle>> own; ///< Angles that members were slid to; see related().
  bool all = false;                      ///< All relations are seen together on the rim, to choose from.
  bool operator==(const RelationView&) const = default;
};

/// Colors taken out of a photo, not accepted yet.
struct Extracted {
  Id reference = 0;
  std::vector<ExtractedColor> colors;
  std::optional<std::size_t> chosen;
  bool operator==(const Extracted&) const = default;
};

/// The selected swatches of the current set.
class Selection {
public:
  /// The swatches in the order of the set.
  [[nodiscard]] const std::vector<Id>& swatches() const { return m_order; }
  [[nodiscard]] bool has(Id swatch) const { return m_ids.contains(swatch); }
  [[nodiscard]] bool empty() const { return m_order.empty(); }
  /// The one that keys work on, or 0.
  [[nodiscard]] Id focus() const { return m_focus; }
  bool operator==(const Selection& o) const { return m_order == o.m_order && m_focus == o.m_focus; }

private:
  friend Selection selection_of(const Piece& piece, const std::unordered_set<Id>& swatches, Id focus);
  std::vector<Id> m_order;
  std::unordered_set<Id> m_ids;
  Id m_focus = 0;
};
/// What of the swatches is in the current set.
[[nodiscard]] Selection selection_of(const Piece& piece, const std::unordered_set<Id>& swatches, Id focus);

struct Session {
  AtHand at_hand;           ///< The current color among it.
  WheelPlace at;            ///< Place of the current color; keeps the hue of a neutral.
  double section_angle = 0; ///< Hue on the right of the section, degrees.
  Srgb before{0.5, 0.5, 0.5};
  std::optional<SampleOrigin> origin; ///< Where the current color was sampled, when it was.
  std::optional<Code> code;           ///< As the current color was written, when it was; ask current_code().
  std::optional<std::size_t> filling_well; ///< The well that every pick fills; none until one is chosen.
  RelationView relations;
  std::vector<RampStep> ramp; ///< Previewed on the staff.
  Extracted extracted;

  Selection selection;
  Id family = 0;                   ///< The family that new swatches go to.
  std::size_t area = 0;            ///< The mask area that is worked on.
  Id reference = 0;                ///< The photo looked at.
  Adjustment adjustment;           ///< Being tried out on the selection.
  std::unordered_set<Id> left_out; ///< Versions that do not stand beside the set.

  Desk desk = Desk::Pick;
  /// How the reference is looked at at the other desks, and where a small one is kept in sight.
  std::array<PhotoLook, kDesks> looks{};
  std::array<bool, kDesks> keeps_reference{};
  SetView set_view = SetView::Staff;
  Looking looking;
  Trying trying;
  Sharing sharing;
  ReachView reach;
  ColorVision vision = ColorVision::Normal; ///< Whose everything is looked at with.
  bool vivid_plan = false; ///< Each hue at the value where it is strongest; picks take that value too.
  KeySheet keys;           ///< At Limit.
  bool shows_keys = false; ///< There, instead of the wheel.
  Carry carry = Carry::MaskOnly;
  MaskKeeps mask_keeps = MaskKeeps::Colors;
  bool picks_outside = false; ///< The pick that has begun may leave a mask that holds picks.
  int sample_side = 5;

  [[nodiscard]] Srgb color() const { return at_hand.current; }
};

// ---------------------------------------------------------------- following the piece

/// A session for another piece: how things are looked at stays, what belonged to the piece before goes.
[[nodiscard]] Session started(Session before, const Piece& piece, const Geometry& geometry,
                              const AtHand& at_hand);
/// The piece has changed: on another wheel places are found anew, what is gone is no longer selected.
[[nodiscard]] Session followed(Session session, const Piece& piece, const Geometry& geometry);

// ---------------------------------------------------------------- the current color

[[nodiscard]] PickRules pick_rules(const Session& session, const Piece& piece, const Geometry& geometry);

/// A pick begins: from here on `before` is the color of now. It ends: it joins the recent colors and fills
/// the chosen well.
/// `outside`: this one pick may leave a mask that holds picks, and is flagged.
[[nodiscard]] Session pick_begun(Session session, bool outside = false);
[[nodiscard]] Session pick_ended(Session session);

// In the middle of a pick. In the vivid plan the value comes with the hue. ERRORS of the plan: BadInput when
// the mask holds no color.
[[nodiscard]] Result<Session> picked_in_plan(Session session, const PickRules& rules, DiscPoint wanted);
/// `along` from -1, the complement's rim, to 1, the hue's rim.
[[nodiscard]] Session picked_in_section(Session session, const PickRules& rules, double along, double value);
[[nodiscard]] Session picked_on_rail(Session session, const PickRules& rules, double value);
/// A color sampled at a pixel; where the user wants it so, at its nearest place in the mask.
[[nodiscard]] Session sampled(Session session, const Geometry& geometry, Srgb color,
                              const SampleOrigin& origin);
/// A color in the middle of a pick, at its place on the wheel.
[[nodiscard]] Session located_color(Session session, const Geometry& geometry, Srgb color);
/// A color at its nearest place in the mask where a mask is in use and its rule holds picks.
[[nodiscard]] Srgb held_by_rule(const Session& session, const Piece& piece, const Geometry& geometry,
                                Srgb color);
[[nodiscard]] Srgb held_sample(const Session& session, const Geometry& geometry, Srgb color);

// Whole picks. Nudges are in degrees, in shares of the radius and in L*; of a stepped dimension they are
// whole steps. ERRORS: as picked_in_plan().
enum class PlaceNumber { Hue, Saturation, Value };
[[nodiscard]] Result<Session> nudged(const Session& session, const PickRules& rules, PlaceNumber number,
                                     double by);
/// Where such a nudge asks to go under the rule of the mask: the color there, or what is nearest to it.
[[nodiscard]] Result<WheelPoint> nudge_asked(const Session& session, const PickRules& rules,
                                             PlaceNumber number, double by);
/// A finished color as it is; its place is used when it is one of the wheel in use.
[[nodiscard]] Session color_used(Session session, const Geometry& geometry, Srgb color,
                                 const std::optional<WheelPlace>& at = {});
/// The middle of the mask at the current value. ERRORS: BadInput when there is none.
[[nodiscard]] Result<Session> neutral_used(const Session& session, const Geometry& geometry);
[[nodiscard]] Session back_to_before(Session session, const Geometry& geometry);

/// ERRORS: NotFound for an empty well. REQUIRES a well of AtHand.
[[nodiscard]] Result<Session> well_used(Session session, const Geometry& geometry, std::size_t well);
[[nodiscard]] Session well_laid_down(Session session, std::size_t well);
/// From now on picks fill it; what lies in it is taken up.
[[nodiscard]] Session well_chosen(const Session& session, const Geometry& geometry, std::size_t well);
[[nodiscard]] Session well_cleared(Session session, std::size_t well);
// Rows of wells. REQUIRES a row that is there.
/// ERRORS: TooLarge past kMostWellRows. The keys use the new row.
[[nodiscard]] Result<Session> well_row_added(Session session);
/// Its colors go to the recent ones. ERRORS: BadInput for the last row.
[[nodiscard]] Result<Session> well_row_removed(Session session, std::size_t row);
/// An empty name takes it off. ERRORS: BadInput past kLongestName.
[[nodiscard]] Result<Session> well_row_named(Session session, std::size_t row, const std::string& name);
[[nodiscard]] Session well_row_chosen(Session session, std::size_t row);
/// The next row, or with -1 the one before, around.
[[nodiscard]] Session well_row_stepped(Session session, int by);
/// A color of which its code is known. ERRORS: none; what stands for it becomes the current color.
[[nodiscard]] Session code_used(Session session, const Geometry& geometry, const Code& code);
/// The code of the current color, or null.
[[nodiscard]] inline const Code* current_code(const Session& session) {
  return code_for(session.color(), session.code);
}

/// CIEDE2000 by which the current color lies outside the mask; nothing without a mask that encloses
/// something.
[[nodiscard]] std::optional<double> outside_mask(const Session& session, const Geometry& geometry);

[[nodiscard]] Session relations_fixed(Session session, bool fixed);
/// Its members stand at the trade's angles again.
[[nodiscard]] Session relation_chosen(Session session, Relation relation);
[[nodiscard]] Session relation_valued(Session session, MemberValue value);
/// The color's own hue stays where it is: member 0 is not slid.
[[nodiscard]] Session member_slid(Session session, std::size_t member, Angle to);
/// The members of the relation, the color's own hue first.
[[nodiscard]] std::vector<RelationMember> members(const Session& session, const Geometry& geometry);
[[nodiscard]] std::vector<LaidColor> laid_members(const Session& session, const Geometry& geometry);

// ---------------------------------------------------------------- laying

/// The current color, as it is laid.
[[nodiscard]] LaidColor current_color(const Session& session);
/// What was taken out of a photo, each with its pixel.
[[nodiscard]] std::vector<LaidColor> extracted_of(const Extracted& extracted);
[[nodiscard]] Session extracted_shown(Session session, Extracted extracted);
/// Chooses a result and takes its color up. REQUIRES a result of the extraction.
[[nodiscard]] Session result_used(Session session, const Geometry& geometry, std::size_t result);
/// The chosen result becomes the current color and keeps its pixel.
[[nodiscard]] Session chosen_replaced(const Session& session, const Bands& bands);
[[nodiscard]] Session chosen_dropped(const Session& session);

// ---------------------------------------------------------------- selecting

/// The last one is the one that keys work on.
[[nodiscard]] Session selected(Session session, const Piece& piece, const std::vector<Id>& swatches);
[[nodiscard]] Session toggled(const Session& session, const Piece& piece, Id swatch);
/// Selects from the swatch that keys work on to this one, in the order of the set.
[[nodiscard]] Session extended_to(const Session& session, const Piece& piece, Id swatch);
[[nodiscard]] Session reference_shown(Session session, Id reference);

// ---------------------------------------------------------------- desks

/// Each desk has its own way of looking at the reference.
[[nodiscard]] Session desk_shown(Session session, Desk desk);
/// A small reference beside the work of the shown desk; Observe shows a large one as it is.
[[nodiscard]] bool reference_kept(const Session& session);
[[nodiscard]] Session reference_kept(Session session, bool kept);

} // namespace zc
