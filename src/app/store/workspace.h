// SPDX-License-Identifier: GPL-3.0-or-later
// What all parts of the window share: the piece store, the session, the jobs, and the geometry that follows
// from the piece. It applies the transitions of the session and the edits of the piece, and tells what has
// changed.
#pragma once

#include "app/jobs/job_pool.h"
#include "app/jobs/photo_library.h"
#include "app/store/piece_store.h"
#include "core/session/session.h"
#include "core/wheel/raster.h"

#include <QObject>
#include <QStringList>
#include <optional>

namespace zc {

class CanvasFollower;
class PaintReader;
class PhotoReader;
class ShareReader;
class TryReader;
class SetWork;

enum class HarvestFamilies { ByHue, ByBand };

class Workspace final : public QObject {
  Q_OBJECT
public:
  explicit Workspace(QObject* parent = nullptr);
  ~Workspace() override;

  [[nodiscard]] PieceStore& store() { return m_store; }
  [[nodiscard]] const Piece& piece() const { return m_store.piece(); }
  /// See PieceStore::document().
  [[nodiscard]] DocumentId document() const { return m_store.document(); }
  [[nodiscard]] const Session& session() const { return m_session; }
  [[nodiscard]] PhotoLibrary& photos() { return m_photos; }
  [[nodiscard]] PhotoReader& reader() { return *m_reader; }
  [[nodiscard]] TryReader& tries() { return *m_tries; }
  [[nodiscard]] CanvasFollower& canvases() { return *m_canvases; }
  [[nodiscard]] ShareReader& shares() { return *m_shares; }
  [[nodiscard]] PaintReader& paints() { return *m_paints; }
  [[nodiscard]] SetWork& set_work() { return *m_set_work; }
  [[nodiscard]] const Geometry& geometry() const { return m_geometry; }
  [[nodiscard]] const Wheel& wheel() const { return m_geometry.wheel(); }
  /// The mask's region, or null when there is no mask or it is off.
  [[nodiscard]] const MaskRegion* region() const { return m_geometry.region(); }
  [[nodiscard]] SolidPainter& painter() { return *m_painter; }
  /// The vivid plan of the wheel; null until it is made, which is told as a change of the view.
  [[nodiscard]] const VividTable* vivid_table() const { return m_vivid ? &*m_vivid : nullptr; }
  [[nodiscard]] PickRules pick_rules() const { return zc::pick_rules(m_session, piece(), m_geometry); }
  [[nodiscard]] const Steps& steps() const { return m_session.at_hand.steps; }
  [[nodiscard]] const AtHand& at_hand() const { return m_session.at_hand; }
  /// Does the current color count as inside the mask? Nothing without a mask; see GradingRules::outside.
  [[nodiscard]] std::optional<bool> in_mask() const;

  /// Calls the slot of `who` at each of these changes.
  template <class Who, class Slot>
  void hear(std::initializer_list<void (Workspace::*)()> changes, Who* who, Slot slot) {
    for (const auto one : changes) connect(this, one, who, slot);
  }

  /// Another piece. What was being typed, dragged or asked in the one before has ended by then.
  void start(Piece piece, const AtHand& at_hand, bool saved);
  /// Text that is being typed goes into the piece. False when some of it cannot, which has been said where it
  /// was typed.
  [[nodiscard]] bool take_typed();
  /// For what comes back later, from another thread or the event loop: called only while the document of now
  /// is still open.
  template <class F> [[nodiscard]] auto bound(F f) const {
    return [store = &m_store, document = m_store.document(), f = std::move(f)](auto&&... given) {
      if (store->document() == document) f(std::forward<decltype(given)>(given)...);
    };
  }
  /// The one way the session changes; those whom it concerns are told.
  void take(Session next);
  /// The same, or the sentence why not.
  void take(Result<Session> next);

  // Picking. A drag is bracketed by begin_pick and end_pick; the single-step calls do both.
  void begin_pick() { take(pick_begun(m_session)); }
  void end_pick();
  void pick_plan(DiscPoint wanted) { take(picked_in_plan(m_session, pick_rules(), wanted)); }
  void pick_section(double along, double value) {
    take(picked_in_section(m_session, pick_rules(), along, value));
  }
  void pick_value(double value) { take(picked_on_rail(m_session, pick_rules(), value)); }
  void nudge_hue(double degrees) { take_pick(nudged_hue(m_session, pick_rules(), degrees)); }
  void nudge_saturation(double by) { take_pick(nudged_saturation(m_session, pick_rules(), by)); }
  void nudge_value(double by) { take_pick(nudged_value(m_session, pick_rules(), by)); }
  void take_up(Srgb color, const std::optional<WheelPlace>& at = {}) {
    take_pick(taken_up(m_session, m_geometry, color, at));
  }
  /// A color that was typed or pasted; see typed_color(). What it is not is told as a notice.
  void take_up_text(const QString& given);
  void back_to_before() { take_pick(zc::back_to_before(m_session, m_geometry)); }
  void take_sample(Srgb color, const SampleOrigin& origin) {
    take_pick(pick_ended(sampled(pick_begun(m_session), m_geometry, color, origin)));
  }
  /// In the middle of a drag, between begin_pick() and end_pick().
  void show_sample(Srgb color, const SampleOrigin& origin) {
    take(sampled(m_session, m_geometry, color, origin));
  }
  [[nodiscard]] Srgb held_sample(Srgb color) const { return zc::held_sample(m_session, m_geometry, color); }
  void take_up_neutral() { take_pick(neutral_taken_up(m_session, m_geometry)); }

  void take_up_well(std::size_t well) { take_pick(well_taken_up(m_session, m_geometry, well)); }
  void lay_down_well(std::size_t well) { take(well_laid_down(m_session, well)); }
  void choose_well(std::size_t well);
  void clear_well(std::size_t well) { take(well_cleared(m_session, well)); }
  void choose_filling_well(std::optional<std::size_t> well);

  // Laying into the chosen family, or into a first one that is made.
  void lay_current() { lay_color(current_color(m_session)); }
  void lay_current_into(Id family) { lay_color_into(family, current_color(m_session)); }
  void lay_color(const LaidColor& color) { lay_color_into(m_session.family, color); }
  void lay_color_into(Id family, const LaidColor& color);
  /// Lays a whole string as a new family, in one step.
  void lay_family(const QString& name, const std::vector<LaidColor>& colors);
  /// Several at once, in one step.
  void lay_families(const QString& name, const std::vector<std::vector<LaidColor>>& families);
  /// The corners of the mask at the current value, as a family.
  void lay_key_colors();

  void carry_set(bool on);
  void keep_of_mask(MaskKeeps keeps);
  void change_wheel(const WheelSpec& wheel);
  void turn_mask(double by, const QString& drag = {});
  void take_mask_off();
  void select_area(std::size_t area);
  void cut_into_steps(const Steps& steps);
  /// A fixed relation stays where it is while picking goes on.
  void fix_relation(bool fixed) { take(relations_fixed(m_session, fixed)); }
  void choose_relation(Relation relation) { take(relation_chosen(m_session, relation)); }
  void show_members_vivid(bool on) {
    take(relation_valued(m_session, on ? MemberValue::Vivid : MemberValue::Held));
  }
  void slide_member(std::size_t member, Angle to) { take(member_slid(m_session, member, to)); }
  /// Kept until what they follow from changes: they are asked for at every move of the pointer.
  [[nodiscard]] const std::vector<RelationMember>& members() const;
  void take_up_member(std::size_t member);
  void lay_member(std::size_t member) { lay_color(laid_members(m_session, m_geometry).at(member)); }
  /// All of them as a family named by the relation.
  void lay_relation();
  void show_vivid_plan(bool on);
  void mix_by_hand(const Mixing& mixing);
  /// A mixture that is read while the hand is down, between begin_pick() and end_pick().
  void show_mixture(Srgb color) {
    take(located_color(m_session, m_geometry, held_by_rule(m_session, piece(), m_geometry, color)));
  }
  void show_reach(const ReachView& reach);
  void show_string(std::vector<StringStep> string);

  void show_desk(Desk desk) { take(desk_shown(m_session, desk)); }
  void keep_reference(bool kept) { take(reference_kept(m_session, kept)); }
  void look_at(const Looking& looking);
  void try_on(const Trying& trying);
  void share(const Sharing& sharing);
  void show_look(PhotoLook look);
  void look_with(Eyes eyes);
  void show_set_view(SetView view);
  void show_reference(Id reference) { take(reference_shown(m_session, reference)); }
  void choose_sample_side(int side);
  /// The next larger one, or with a negative number the next smaller.
  void step_sample_side(int by);
  /// Takes in a file as a reference that follows it, in the place of the shown one where that follows it too.
  void follow_canvas(const QString& path);
  void stop_following();
  void show_canvas(Id reference, const QString& file, const QString& extension, const SharedBytes& bytes);
  /// Takes in a photo in the place of the shown one.
  void replace_reference(const QString& path) { m_photos.take_in(path, m_session.reference); }

  void show_harvest(Harvest harvest) { take(harvest_shown(m_session, std::move(harvest))); }
  /// Lays what was taken as families, in one step.
  void accept_harvest(HarvestFamilies by);
  void take_up_result(std::size_t result) { take_pick(result_taken_up(m_session, m_geometry, result)); }
  void replace_chosen() { take(chosen_replaced(m_session, piece().bands)); }
  void drop_chosen() { take(chosen_dropped(m_session)); }

  void select_family(Id family);
  /// Selects this one alone; 0 selects nothing.
  void select_swatch(Id swatch);
  void show_set(Id set);

signals:
  // Of the piece.
  void wordsChanged();
  void geometryChanged(); ///< Wheel, mask or its rule.
  void referencesChanged();
  void paintsChanged();
  void setsChanged(); ///< Sets or what they are graded by.
  // Of the session.
  void colorChanged();
  void atHandChanged();
  void selectionChanged();
  void adjustmentChanged();
  void stringChanged();
  void mixingChanged();
  void viewChanged();

  /// Whoever holds text that is neither in the piece nor in a field with the focus takes it now.
  void typedAsked();
  /// Another piece is open: what was typed or chosen for the one before is forgotten.
  void startedAnew();
  void pickEnded();
  void notice(const QString& sentence);
  /// Something was taken after it had been refused with this sentence.
  void refusalOver(const QString& sentence);

private:
  void follow_piece(const PieceChange& change);
  void tell(const SessionChange& change);
  void take_pick(Result<Session> next);
  void refuse(const QString& sentence);
  void accept();
  template <class F> void change(const F& f) {
    Session next = m_session;
    f(next);
    take(std::move(next));
  }
  void admit(const PhotoLibrary::Admitted& photo);
  void note_refusal(const QString& sentence);
  void tell_refusals();
  void follow_shown();
  void renew_painter();
  void make_vivid_table();

  PieceStore m_store;
  PhotoLibrary m_photos;
  Geometry m_geometry;
  Session m_session;
  std::unique_ptr<SolidPainter> m_painter;
  std::optional<VividTable> m_vivid; ///< Of the wheel in use.
  JobPool m_vivid_maker;
  struct MembersOf {
    RelationView view;
    WheelPlace at;
    WheelSpec wheel;
    bool operator==(const MembersOf&) const = default;
  };
  mutable std::optional<MembersOf> m_members_of;
  mutable std::vector<RelationMember> m_members;
  std::unique_ptr<PhotoReader> m_reader;
  std::unique_ptr<SetWork> m_set_work;
  std::unique_ptr<TryReader> m_tries;
  std::unique_ptr<CanvasFollower> m_canvases;
  std::unique_ptr<ShareReader> m_shares;
  std::unique_ptr<PaintReader> m_paints;
  SharedBytes m_shown_bytes;
  QString m_refused;      ///< What was said last of something that was not taken.
  QStringList m_refusals; ///< Of the photos being taken in, told together at the end.
};

/// How the current color stands to the mask.
[[nodiscard]] QString mask_state_words(const Workspace& space);

} // namespace zc
