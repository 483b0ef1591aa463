// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/store/workspace.h"

#include "app/seams/language.h"
#include "app/seams/unfinished.h"
#include "app/store/canvas_follower.h"
#include "app/store/paint_reading.h"
#include "app/store/photo_reading.h"
#include "app/store/set_work.h"
#include "app/store/share_reading.h"
#include "app/store/try_reading.h"
#include "app/theme/number_field.h"
#include "app/theme/text.h"
#include "core/piece/laying.h"
#include "io/exchange/css_color.h"

#include <QFileInfo>

namespace zc {

Workspace::Workspace(QObject* parent)
    : QObject(parent), m_geometry(m_store.piece()),
      m_painter(std::make_unique<SolidPainter>(m_geometry.wheel())),
      m_reader(std::make_unique<PhotoReader>(*this)), m_set_work(std::make_unique<SetWork>(*this)),
      m_tries(std::make_unique<TryReader>(*this)), m_canvases(std::make_unique<CanvasFollower>(*this)),
      m_shares(std::make_unique<ShareReader>(*this)), m_paints(std::make_unique<PaintReader>(*this)) {
  connect(&m_store, &PieceStore::changed, this, &Workspace::follow_piece);
  connect(&m_store, &PieceStore::failed, this, &Workspace::refuse);
  connect(&m_store, &PieceStore::changed, this, &Workspace::accept);
  connect(&m_photos, &PhotoLibrary::refused, this, &Workspace::note_refusal);
  connect(&m_photos, &PhotoLibrary::admitted, this, &Workspace::admit);
}

Workspace::~Workspace() { m_vivid_maker.waitForDone(); }

std::optional<bool> Workspace::in_mask() const {
  if (!region()) return std::nullopt;
  const auto by = outside_mask(m_session, m_geometry);
  return by && *by < piece().grading.outside;
}

// ---------------------------------------------------------------- piece and session

bool Workspace::take_typed() {
  const int refused = refusals_said();
  bool taken = true;
  const auto listening = connect(&m_store, &PieceStore::failed, this, [&taken] { taken = false; });
  emit typedAsked();
  take_typed_text();
  disconnect(listening);
  return taken && refusals_said() == refused;
}

void Workspace::start(Piece piece, const AtHand& at_hand, bool saved) {
  end_what_hands_do();
  m_photos.drop_intakes();
  m_canvases->start_over();
  m_reader->start_over();
  m_tries->start_over();
  m_shares->start_over();
  m_paints->start_over();
  m_geometry = Geometry(piece);
  m_session = started(std::move(m_session), piece, m_geometry, at_hand);
  renew_painter();
  m_store.start_from(std::move(piece), saved);
  emit startedAnew();
  tell({true, true, true, true, true});
}

void Workspace::take(Session next) {
  const SessionChange change = change_between(m_session, next);
  const bool other_photo = next.reference != m_session.reference;
  const bool other_steps = next.at_hand.steps != m_session.at_hand.steps;
  m_session = std::move(next);
  if (other_steps) m_painter->set_steps(steps());
  if (other_photo) follow_shown();
  tell(change);
}

void Workspace::take(Result<Session> next) {
  if (!next) return refuse(words(next.error()));
  take(std::move(next).value());
  accept();
}

void Workspace::refuse(const QString& sentence) {
  m_refused = sentence;
  emit notice(sentence);
}

void Workspace::accept() {
  if (!m_refused.isEmpty()) emit refusalOver(std::exchange(m_refused, {}));
}

void Workspace::take_pick(Result<Session> next) {
  const bool picked = next.ok();
  take(std::move(next));
  if (picked) emit pickEnded();
}

void Workspace::take_up_text(const QString& given) {
  const auto color = typed_color(given.toStdString());
  if (!color) return refuse(words(color.error()));
  take_up(color->color);
  accept();
  if (color->moved)
    emit notice(tr("A display cannot show this color; the nearest of its value and hue was taken."));
}

QString mask_state_words(const Workspace& space) {
  const auto inside = space.in_mask();
  if (!inside) return Workspace::tr("no mask in use");
  if (*inside) return Workspace::tr("inside the mask");
  return space.piece().rule == MaskRule::Free ? Workspace::tr("outside the mask")
                                              : Workspace::tr("outside the mask, flagged");
}

void Workspace::end_pick() {
  take(pick_ended(m_session));
  emit pickEnded();
}

void Workspace::tell(const SessionChange& change) {
  if (change.color) emit colorChanged();
  if (change.at_hand) emit atHandChanged();
  if (change.selection) emit selectionChanged();
  if (change.adjustment) emit adjustmentChanged();
  if (change.string) emit stringChanged();
  if (change.mixing) emit mixingChanged();
  if (change.view) emit viewChanged();
}

void Workspace::follow_piece(const PieceChange& change) {
  const WheelSpec before = m_geometry.wheel().spec();
  m_geometry = m_geometry.followed(piece());
  if (before != piece().wheel) renew_painter();
  Session next = followed(m_session, piece(), m_geometry);
  const SessionChange of_session = change_between(m_session, next);
  m_session = std::move(next);
  if (change.references) m_photos.follow(piece().references);
  follow_shown();
  if (change.words) emit wordsChanged();
  if (change.geometry) emit geometryChanged();
  if (change.references) emit referencesChanged();
  if (change.paints) emit paintsChanged();
  if (change.sets) emit setsChanged();
  tell(of_session);
}

/// While a new photo is coming in, the one before it stays until the new one is shown.
void Workspace::follow_shown() {
  const Reference* shown = find_reference(piece(), m_session.reference);
  if (shown != nullptr && shown->bytes == m_shown_bytes) return;
  m_shown_bytes = shown ? shown->bytes : nullptr;
  m_photos.show(shown);
}

void Workspace::renew_painter() {
  m_painter = std::make_unique<SolidPainter>(m_geometry.wheel());
  m_painter->set_steps(steps());
  m_vivid.reset();
  if (m_session.vivid_plan) make_vivid_table();
}

/// Beside the window; a table of a wheel that is not in use any more is dropped.
void Workspace::make_vivid_table() {
  m_vivid_maker.clear(); // Of wheels that were only passed.
  m_vivid_maker.start([this, wheel = m_geometry.wheel()] {
    auto table = std::make_shared<VividTable>(zc::vivid_table(wheel));
    QMetaObject::invokeMethod(
        this,
        [this, table, spec = wheel.spec()] {
          if (spec != piece().wheel) return;
          m_vivid = std::move(*table);
          emit viewChanged();
        },
        Qt::QueuedConnection);
  });
}

const std::vector<RelationMember>& Workspace::members() const {
  MembersOf now{m_session.relations, m_session.at, wheel().spec()};
  if (m_members_of == now) return m_members;
  m_members = zc::members(m_session, m_geometry);
  m_members_of = std::move(now);
  return m_members;
}

// ---------------------------------------------------------------- laying

void Workspace::lay_color_into(Id family, const LaidColor& color) {
  const bool held =
      m_store.apply(tr("Lay swatch"), [&](Piece p) { return with_color_laid(std::move(p), family, color); });
  if (!held) return;
  const Family* home = family != 0 ? find_family(piece(), family) : &current_set(piece())->families.back();
  Session next = m_session;
  next.family = home->id;
  take(selected(std::move(next), piece(), {newest_of(*home)}));
}

void Workspace::lay_family(const QString& name, const std::vector<LaidColor>& colors) {
  const bool held = m_store.apply(tr("Lay %1 as a family").arg(name), [&](Piece p) {
    return with_laid_family(std::move(p), name.toStdString(), colors);
  });
  if (held) select_family(current_set(piece())->families.back().id);
}

void Workspace::lay_families(const QString& name, const std::vector<std::vector<LaidColor>>& families) {
  std::vector<LaidFamily> laid;
  for (const auto& colors : families)
    if (!colors.empty()) laid.push_back({name.toStdString(), colors});
  m_store.apply(tr("Lay %1 as %n families", nullptr, static_cast<int>(laid.size())).arg(name),
                [&](Piece p) { return with_laid_families(std::move(p), laid); });
}

void Workspace::lay_key_colors() {
  const auto colors = key_colors(m_session, m_geometry);
  if (colors) return lay_family(tr("key colors"), *colors);
  emit notice(words(colors.error()));
}

void Workspace::take_up_member(std::size_t member) {
  const LaidColor color = laid_members(m_session, m_geometry).at(member);
  take_up(color.color, color.picked);
}

void Workspace::lay_relation() {
  const QString relation = word(word_for(kRelationWords, m_session.relations.relation));
  const auto colors = laid_members(m_session, m_geometry);
  lay_family(tr("%1 of %2").arg(relation, hue_word(colors.front().color)), colors);
}

void Workspace::accept_harvest(HarvestFamilies by) {
  const auto colors = harvested(m_session.harvest);
  if (colors.empty()) return;
  const auto families =
      by == HarvestFamilies::ByHue ? grouped_by_hue(colors) : grouped_by_band(colors, piece().bands);
  const bool held = m_store.apply(tr("Accept %n colors", nullptr, static_cast<int>(colors.size())),
                                  [&](Piece p) { return with_laid_families(std::move(p), families); });
  if (held) show_harvest({});
}

// ---------------------------------------------------------------- mask and wheel

void Workspace::change_wheel(const WheelSpec& wheel) {
  const MaskKeeps keeps = m_session.mask_keeps;
  m_store.apply(tr("Change wheel"), [=](Piece p) { return with_wheel(std::move(p), wheel, keeps); });
}

void Workspace::turn_mask(double by, const QString& drag) {
  const Carry carry = m_session.carry;
  m_store.apply(
      tr("Turn mask"), [=](Piece p) { return with_mask_turned(std::move(p), by, carry); }, drag);
}

void Workspace::take_mask_off() {
  m_store.apply(tr("Take mask off"),
                [](Piece p) -> Result<Piece> { return with_mask(std::move(p), std::nullopt); });
}

// ---------------------------------------------------------------- photos

void Workspace::admit(const PhotoLibrary::Admitted& photo) {
  const std::string name = photo.name.toStdString(), extension = photo.extension.toStdString();
  if (find_reference(piece(), photo.replaces)) {
    m_store.apply(tr("Replace reference"), [&](Piece p) {
      return with_reference_replaced(std::move(p), photo.replaces, name, extension, photo.bytes);
    });
    return tell_refusals();
  }
  const bool held = m_store.apply(tr("Add reference"), [&](Piece p) -> Result<Piece> {
    auto added = with_reference(std::move(p), name, extension, photo.bytes);
    if (!added || photo.follows.isEmpty()) return added;
    const Id id = added->references.back().id;
    return with_reference_following(std::move(added).value(), id, photo.follows.toStdString());
  });
  if (held) show_reference(piece().references.back().id);
  tell_refusals();
}

/// A canvas that came from another machine is tied anew, not added again.
void Workspace::follow_canvas(const QString& path) {
  const QString file = QFileInfo(path).absoluteFilePath();
  CanvasFollower::allow(file);
  const Reference* shown = find_reference(piece(), m_session.reference);
  if (!shown || shown->follows.empty()) return m_photos.take_in_canvas(file);
  const Id id = shown->id;
  m_store.apply(tr("Follow canvas"),
                [&](Piece p) { return with_reference_following(std::move(p), id, file.toStdString()); });
}

void Workspace::stop_following() {
  const Reference* shown = find_reference(piece(), m_session.reference);
  if (!shown || shown->follows.empty()) return emit notice(tr("The shown reference follows no file."));
  const Id id = shown->id;
  m_store.apply(tr("Stop following"),
                [id](Piece p) { return with_reference_following(std::move(p), id, ""); });
}

void Workspace::show_canvas(Id reference, const QString& file, const QString& extension,
                            const SharedBytes& bytes) {
  m_store.show_canvas(reference, file.toStdString(), extension.toStdString(), bytes);
  m_photos.follow(piece().references);
}

void Workspace::note_refusal(const QString& sentence) {
  m_refusals << sentence;
  tell_refusals();
}

/// Of many files every bad one is named, not only the last.
void Workspace::tell_refusals() {
  if (m_refusals.isEmpty() || !m_photos.intakes().empty()) return;
  emit notice(m_refusals.join(QLatin1Char(' ')));
  m_refusals.clear();
}

// ---------------------------------------------------------------- plain choices

void Workspace::choose_well(std::size_t well) {
  const bool holds = at_hand().wells.at(well).has_value();
  take(well_chosen(m_session, m_geometry, well));
  if (holds) emit pickEnded();
}

void Workspace::choose_filling_well(std::optional<std::size_t> well) {
  change([&](Session& s) { s.filling_well = well; });
}
void Workspace::carry_set(bool on) {
  change([&](Session& s) { s.carry = on ? Carry::SetToo : Carry::MaskOnly; });
}
void Workspace::keep_of_mask(MaskKeeps keeps) {
  change([&](Session& s) { s.mask_keeps = keeps; });
}
void Workspace::select_area(std::size_t area) {
  Session next = m_session;
  next.area = area;
  take(followed(std::move(next), piece(), m_geometry));
}
void Workspace::cut_into_steps(const Steps& steps) {
  change([&](Session& s) { s.at_hand.steps = sensible_steps(steps); });
}
void Workspace::show_string(std::vector<StringStep> string) {
  change([&](Session& s) { s.string = std::move(string); });
}
void Workspace::show_vivid_plan(bool on) {
  if (on && !m_vivid) make_vivid_table();
  change([&](Session& s) { s.vivid_plan = on; });
}
void Workspace::look_at(const Looking& looking) {
  change([&](Session& s) { s.looking = looking; });
}
void Workspace::try_on(const Trying& trying) {
  change([&](Session& s) { s.trying = trying; });
}
void Workspace::mix_by_hand(const Mixing& mixing) {
  change([&](Session& s) { s.mixing = mixing; });
}
void Workspace::show_reach(const ReachView& reach) {
  change([&](Session& s) { s.reach = reach; });
}
void Workspace::share(const Sharing& sharing) {
  change([&](Session& s) { s.sharing = sharing; });
}
void Workspace::show_look(PhotoLook look) {
  change([&](Session& s) { s.looking.look = look; });
}
void Workspace::look_with(Eyes eyes) {
  change([&](Session& s) { s.eyes = eyes; });
}
void Workspace::show_set_view(SetView view) {
  change([&](Session& s) { s.set_view = view; });
}
void Workspace::choose_sample_side(int side) {
  change([&](Session& s) { s.sample_side = side; });
}
void Workspace::step_sample_side(int by) {
  const auto at = std::find(kSampleSides.begin(), kSampleSides.end(), m_session.sample_side);
  const auto i = std::clamp<std::ptrdiff_t>(at - kSampleSides.begin() + by, 0, kSampleSides.size() - 1);
  choose_sample_side(kSampleSides[static_cast<std::size_t>(i)]);
}
void Workspace::select_family(Id family) {
  change([&](Session& s) { s.family = family; });
}
void Workspace::select_swatch(Id swatch) {
  take(selected(m_session, piece(), swatch == 0 ? std::vector<Id>{} : std::vector<Id>{swatch}));
}
void Workspace::show_set(Id set) {
  if (set == piece().current_set) return;
  m_store.apply(tr("Show set"), [set](Piece p) { return with_current_set(std::move(p), set); });
}

} // namespace zc
