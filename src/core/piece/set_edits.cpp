#include "core/piece/set_edits.h"

#include "core/color/convert.h"
#include "core/piece/edit_rules.h"
#include "core/piece/grading.h"
#include "core/wheel/color_words.h"

#include <algorithm>
#include <unordered_set>

namespace zc {
namespace {

using IdSet = std::unordered_set<Id>;

SwatchSet* set_for_change(Piece& piece, Id id) { return const_cast<SwatchSet*>(find_set(piece, id)); }
Family* family_for_change(Piece& piece, Id id) { return const_cast<Family*>(find_family(piece, id)); }
Swatch* swatch_for_change(Piece& piece, Id id) { return const_cast<Swatch*>(find_swatch(piece, id)); }

SwatchSet* set_of_family(Piece& piece, Id family) {
  for (auto& set : piece.sets)
    for (const auto& f : set.families)
      if (f.id == family) return &set;
  return nullptr;
}

SwatchSet* set_of_version(Piece& piece, Id version) {
  for (auto& set : piece.sets)
    for (const auto& v : set.versions)
      if (v.id == version) return &set;
  return nullptr;
}

/// Calls f for each of the swatches; false unless all of them are in the piece.
template <class F> bool for_each_of(Piece& piece, const std::vector<Id>& ids, F f) {
  const IdSet wanted(ids.begin(), ids.end());
  std::size_t found = 0;
  for (auto& set : piece.sets)
    for (auto& family : set.families)
      for (auto& swatch : family.swatches)
        if (wanted.contains(swatch.id)) {
          f(swatch);
          ++found;
        }
  return found == wanted.size() && found > 0;
}

/// Since the version was kept, swatches of it may have gone to other sets: there they stay the ones they
/// were, and here they come back as others.
void renew_ids_used_elsewhere(Piece& piece, const SwatchSet& set, std::vector<Family>& families) {
  IdSet elsewhere;
  for (const auto& other : piece.sets) {
    if (other.id == set.id) continue;
    for (const auto& family : other.families) {
      elsewhere.insert(family.id);
      for (const auto& s : family.swatches) elsewhere.insert(s.id);
    }
  }
  for (auto& family : families) {
    if (elsewhere.contains(family.id)) family.id = piece.next_id++;
    for (auto& s : family.swatches)
      if (elsewhere.contains(s.id)) s.id = piece.next_id++;
  }
}

/// Nothing, or why these swatches cannot be changed.
std::optional<Error> kept_from_change(Piece& piece, const std::vector<Id>& ids) {
  std::string name;
  int locked = 0;
  const bool all = for_each_of(piece, ids, [&](const Swatch& s) {
    if (!s.locked) return;
    if (locked++ == 0) name = s.name;
  });
  if (!all) return not_found("swatch");
  if (locked == 0) return std::nullopt;
  const std::string more =
      locked == 1 ? "\" is locked" : "\" and " + std::to_string(locked - 1) + " more are locked";
  return Error{ErrorCode::BadInput, "\"" + name + more + "; unlock first.", "swatch"};
}

/// Takes the swatches out of their families and gives them in the order of the set.
std::vector<Swatch> taken_out(Piece& piece, const IdSet& ids) {
  std::vector<Swatch> out;
  for (auto& set : piece.sets)
    for (auto& family : set.families)
      std::erase_if(family.swatches, [&](Swatch& s) {
        if (!ids.contains(s.id)) return false;
        out.push_back(std::move(s));
        return true;
      });
  return out;
}

void put_at(Family& family, Swatch swatch, int place) {
  swatch.place = place;
  const auto at = std::upper_bound(family.swatches.begin(), family.swatches.end(), place,
                                   [](int p, const Swatch& s) { return p < s.place; });
  family.swatches.insert(at, std::move(swatch));
}

Swatch* swatch_at_place(Family& family, int place) {
  const auto at = std::lower_bound(family.swatches.begin(), family.swatches.end(), place,
                                   [](const Swatch& s, int p) { return s.place < p; });
  return at != family.swatches.end() && at->place == place ? &*at : nullptr;
}

/// From there on or, where the row ends, the first of all. A set holds no more swatches than a row has
/// places.
int free_place_from(Family& family, int place) {
  while (swatch_at_place(family, place)) ++place;
  if (place < kMostPlaces) return place;
  for (place = 0; swatch_at_place(family, place);) ++place;
  return place;
}

/// Behind the last swatch.
void put_last(Family& family, Swatch swatch) {
  const int place = free_place_from(family, next_place(family));
  put_at(family, std::move(swatch), place);
}

bool family_name_taken(const SwatchSet& set, const std::string& name, Id by_other_than) {
  return std::any_of(set.families.begin(), set.families.end(),
                     [&](const Family& f) { return f.name == name && f.id != by_other_than; });
}
bool set_name_taken(const Piece& piece, const std::string& name, Id by_other_than) {
  return std::any_of(piece.sets.begin(), piece.sets.end(),
                     [&](const SwatchSet& s) { return s.name == name && s.id != by_other_than; });
}
Error family_taken(const std::string& name) {
  return {ErrorCode::BadInput, "The set has a family named \"" + name + "\" already; choose another name.",
          "family"};
}
Error set_taken(const std::string& name) {
  return {ErrorCode::BadInput, "The piece has a set named \"" + name + "\" already; choose another name.",
          "set"};
}
Error too_many_swatches() {
  return {ErrorCode::TooLarge,
          "A set holds at most " + std::to_string(kMostSwatches) + " swatches; delete some first.", "set"};
}

Result<std::string> checked_note(std::string note) {
  if (note.size() > kLongestNote)
    return Error{ErrorCode::BadInput, "This note is too long; keep it under 10,000 letters.", "note"};
  return note;
}

template <class List> void move_in(List& list, std::size_t from, std::size_t place) {
  auto moved = std::move(list[from]);
  list.erase(list.begin() + static_cast<std::ptrdiff_t>(from));
  const std::size_t to = place > from ? place - 1 : place;
  list.insert(list.begin() + static_cast<std::ptrdiff_t>(to), std::move(moved));
}

} // namespace

// ---------------------------------------------------------------- sets

Result<Piece> with_set(Piece piece, std::string name) {
  auto clean = clean_name(name, "set");
  if (!clean) return clean.error();
  if (set_name_taken(piece, *clean, 0)) return set_taken(*clean);
  if (piece.sets.size() >= kMostSets)
    return Error{ErrorCode::TooLarge, "A piece holds at most 1000 sets; remove one first.", "set"};
  piece.sets.push_back({piece.next_id++, *clean});
  piece.current_set = piece.sets.back().id;
  return piece;
}

Result<Piece> with_current_set(Piece piece, Id set) {
  if (!find_set(piece, set)) return not_found("set");
  piece.current_set = set;
  return piece;
}

Result<Piece> with_set_named(Piece piece, Id set, std::string name) {
  auto clean = clean_name(name, "set");
  if (!clean) return clean.error();
  SwatchSet* s = set_for_change(piece, set);
  if (!s) return not_found("set");
  if (set_name_taken(piece, *clean, set)) return set_taken(*clean);
  s->name = *clean;
  return piece;
}

Result<Piece> with_set_duplicated(Piece piece, Id set) {
  const SwatchSet* original = find_set(piece, set);
  if (!original) return not_found("set");
  const auto place = original - piece.sets.data();
  SwatchSet copy = *original;
  const std::string name = free_name(shortened(copy.name, kLongestName - 9) + " copy",
                                     [&](const std::string& n) { return set_name_taken(piece, n, 0); });
  auto out = with_set(std::move(piece), name);
  if (!out) return out;
  piece = std::move(out).value();
  copy.id = piece.sets.back().id;
  copy.name = name;
  copy.versions.clear();
  for (auto& family : copy.families) {
    family.id = piece.next_id++;
    for (auto& swatch : family.swatches) swatch.id = piece.next_id++;
  }
  piece.sets.pop_back();
  piece.sets.insert(piece.sets.begin() + place + 1, std::move(copy));
  return piece;
}

Result<Piece> with_set_moved(Piece piece, Id set, std::size_t place) {
  const SwatchSet* s = find_set(piece, set);
  if (!s || place > piece.sets.size()) return not_found("set");
  move_in(piece.sets, static_cast<std::size_t>(s - piece.sets.data()), place);
  return piece;
}

Result<Piece> without_set(Piece piece, Id set) {
  const SwatchSet* s = find_set(piece, set);
  if (!s) return not_found("set");
  if (piece.sets.size() == 1)
    return Error{ErrorCode::BadInput, "A piece keeps at least one set; add another before removing this one.",
                 "set"};
  const auto at = s - piece.sets.data();
  piece.sets.erase(piece.sets.begin() + at);
  if (piece.current_set == set)
    piece.current_set =
        piece.sets[std::min<std::size_t>(static_cast<std::size_t>(at), piece.sets.size() - 1)].id;
  return piece;
}

Result<Piece> with_set_note(Piece piece, Id set, std::string note) {
  auto checked = checked_note(std::move(note));
  if (!checked) return checked.error();
  SwatchSet* s = set_for_change(piece, set);
  if (!s) return not_found("set");
  s->note = std::move(checked).value();
  return piece;
}

Result<Piece> with_set_tags(Piece piece, Id set, std::vector<std::string> tags) {
  SwatchSet* s = set_for_change(piece, set);
  if (!s) return not_found("set");
  if (tags.size() > kMostTags)
    return Error{ErrorCode::BadInput, "A set has at most 50 tags; leave some out.", "tags"};
  s->tags = std::move(tags);
  return piece;
}

Result<Piece> with_grading(Piece piece, const GradingRules& r) {
  const auto within = [](double x, double low, double high) { return x >= low && x <= high; };
  const bool good = r.value_steps >= 3 && r.value_steps <= 11 && within(r.near_duplicate, 0.1, 20) &&
                    within(r.twin, 0.1, 20) && within(r.gap, 1, 100) && r.target.dark >= 0 &&
                    r.target.middle >= 0 && r.target.light >= 0;
  if (!good) return Error{ErrorCode::BadInput, "This is outside what a set can be graded by.", "grading"};
  piece.grading = r;
  return piece;
}

Result<Piece> with_bands(Piece piece, const Bands& bands) {
  if (!(bands.dark_below > 0 && bands.dark_below < bands.light_from && bands.light_from < 100))
    return Error{ErrorCode::BadInput, "The light band must begin above the dark one, both between 0 and 100.",
                 "bands"};
  piece.bands = bands;
  return piece;
}

Result<Piece> with_version_kept(Piece piece, Id set, std::string name) {
  auto clean = clean_name(name, "version");
  if (!clean) return clean.error();
  SwatchSet* s = set_for_change(piece, set);
  if (!s) return not_found("set");
  if (s->versions.size() >= kMostVersions)
    return Error{ErrorCode::TooLarge, "A set keeps at most 50 versions; remove one first.", "version"};
  const auto taken = [s](const std::string& n) {
    return std::any_of(s->versions.begin(), s->versions.end(),
                       [&](const SetVersion& v) { return v.name == n; });
  };
  s->versions.push_back({piece.next_id++, free_name(*clean, taken), s->families});
  return piece;
}

Result<Piece> with_version_named(Piece piece, Id version, std::string name) {
  auto clean = clean_name(name, "version");
  if (!clean) return clean.error();
  auto* v = const_cast<SetVersion*>(find_version(piece, version));
  if (!v) return not_found("version");
  v->name = *clean;
  return piece;
}

Result<Piece> without_version(Piece piece, Id version) {
  SwatchSet* s = set_of_version(piece, version);
  if (!s) return not_found("version");
  std::erase_if(s->versions, [version](const SetVersion& v) { return v.id == version; });
  return piece;
}

Result<Piece> with_version_taken_up(Piece piece, Id version) {
  SwatchSet* s = set_of_version(piece, version);
  if (!s) return not_found("version");
  const SetVersion taken = *find_version(piece, version);
  const bool kept = std::any_of(s->versions.begin(), s->versions.end(),
                                [s](const SetVersion& v) { return v.families == s->families; });
  if (!kept) {
    auto out = with_version_kept(std::move(piece), s->id, shortened("before " + taken.name, kLongestName));
    if (!out) return out;
    piece = std::move(out).value();
    s = set_of_version(piece, version);
  }
  s->families = taken.families;
  renew_ids_used_elsewhere(piece, *s, s->families);
  return piece;
}

// ---------------------------------------------------------------- families

std::string free_family_name(const SwatchSet& set, const std::string& name) {
  return free_name(name, [&](const std::string& n) { return family_name_taken(set, n, 0); });
}

Result<Piece> with_family(Piece piece, std::string name) {
  auto clean = clean_name(name, "family");
  if (!clean) return clean.error();
  SwatchSet* set = set_for_change(piece, piece.current_set);
  if (!set) return not_found("set");
  if (family_name_taken(*set, *clean, 0)) return family_taken(*clean);
  if (set->families.size() >= kMostFamilies)
    return Error{ErrorCode::TooLarge, "A set holds at most 1000 families; merge or remove some first.",
                 "set"};
  set->families.push_back({piece.next_id++, *clean});
  return piece;
}

Result<Piece> with_family_named(Piece piece, Id family, std::string name) {
  auto clean = clean_name(name, "family");
  if (!clean) return clean.error();
  SwatchSet* set = set_of_family(piece, family);
  if (!set) return not_found("family");
  if (family_name_taken(*set, *clean, family)) return family_taken(*clean);
  family_for_change(piece, family)->name = *clean;
  return piece;
}

Result<Piece> with_family_moved(Piece piece, Id family, std::size_t place) {
  SwatchSet* set = set_of_family(piece, family);
  if (!set || place > set->families.size()) return not_found("family");
  const auto at = find_family(piece, family) - set->families.data();
  move_in(set->families, static_cast<std::size_t>(at), place);
  return piece;
}

Result<Piece> with_families_merged(Piece piece, Id into, Id from) {
  SwatchSet* set = set_of_family(piece, from);
  Family* target = family_for_change(piece, into);
  if (!set || !target) return not_found("family");
  if (into == from)
    return Error{ErrorCode::BadInput, "A family cannot be merged with itself; choose another.", "family"};
  for (auto& swatch : std::exchange(family_for_change(piece, from)->swatches, {}))
    put_last(*target, std::move(swatch));
  std::erase_if(set->families, [from](const Family& f) { return f.id == from; });
  if (swatch_count(*set_of_family(piece, into)) > kMostSwatches) return too_many_swatches();
  return piece;
}

Result<Piece> with_family_split(Piece piece, const std::vector<Id>& swatches) {
  const IdSet ids(swatches.begin(), swatches.end());
  SwatchSet* set = nullptr;
  std::size_t at = 0, touched = 0, within = 0;
  for (auto& s : piece.sets)
    for (std::size_t i = 0; i < s.families.size(); ++i) {
      const auto n = std::count_if(s.families[i].swatches.begin(), s.families[i].swatches.end(),
                                   [&](const Swatch& w) { return ids.contains(w.id); });
      if (n == 0) continue;
      ++touched;
      within = static_cast<std::size_t>(n);
      set = &s;
      at = i;
    }
  if (!set) return not_found("swatch");
  if (touched > 1 || within == set->families[at].swatches.size())
    return Error{ErrorCode::BadInput, "Select some swatches of one family, and not all of them, to split it.",
                 "family"};
  Family split{piece.next_id++, free_family_name(*set, set->families[at].name)};
  auto taken = taken_out(piece, ids);
  for (auto& swatch : taken) put_last(split, std::move(swatch));
  set->families.insert(set->families.begin() + static_cast<std::ptrdiff_t>(at) + 1, std::move(split));
  return piece;
}

Result<Piece> without_family(Piece piece, Id family) {
  SwatchSet* set = set_of_family(piece, family);
  if (!set) return not_found("family");
  std::vector<Id> all;
  for (const auto& s : find_family(piece, family)->swatches) all.push_back(s.id);
  if (!all.empty())
    if (const auto locked = kept_from_change(piece, all)) return *locked;
  std::erase_if(set->families, [&](const Family& f) { return f.id == family; });
  return piece;
}

// ---------------------------------------------------------------- swatches

Result<Piece> with_swatch(Piece piece, Id family, const LaidColor& laid, std::string name) {
  auto clean = clean_name(name.empty() ? color_in_words(laid.color) : name, "swatch");
  if (!clean) return clean.error();
  Family* f = family_for_change(piece, family);
  if (!f) return not_found("family");
  if (swatch_count(*set_of_family(piece, family)) >= kMostSwatches) return too_many_swatches();
  Swatch swatch{piece.next_id++, laid.color, laid.picked, *clean};
  swatch.from = laid.from;
  put_last(*f, std::move(swatch));
  return piece;
}

Result<Piece> with_swatch_named(Piece piece, Id swatch, std::string name) {
  auto clean = clean_name(name, "swatch");
  if (!clean) return clean.error();
  Swatch* s = swatch_for_change(piece, swatch);
  if (!s) return not_found("swatch");
  s->name = *clean;
  return piece;
}

Result<Piece> with_swatch_note(Piece piece, Id swatch, std::string note) {
  auto checked = checked_note(std::move(note));
  if (!checked) return checked.error();
  Swatch* s = swatch_for_change(piece, swatch);
  if (!s) return not_found("swatch");
  s->note = std::move(checked).value();
  return piece;
}

Result<Piece> with_swatches_colored(Piece piece, const std::vector<Id>& swatches, const LaidColor& color) {
  if (const auto error = kept_from_change(piece, swatches)) return *error;
  for_each_of(piece, swatches, [&](Swatch& s) {
    s.color = color.color;
    s.picked = color.picked;
    s.from = color.from;
  });
  return piece;
}

Result<Piece> with_swatches_locked(Piece piece, const std::vector<Id>& swatches, bool locked) {
  if (!for_each_of(piece, swatches, [locked](Swatch& s) { s.locked = locked; })) return not_found("swatch");
  return piece;
}

Result<Piece> with_swatches_used(Piece piece, const std::vector<Id>& swatches, bool used) {
  if (!for_each_of(piece, swatches, [used](Swatch& s) { s.used = used; })) return not_found("swatch");
  return piece;
}

Result<Piece> with_swatches_duplicated(Piece piece, const std::vector<Id>& swatches) {
  const IdSet ids(swatches.begin(), swatches.end());
  std::size_t found = 0;
  for (auto& set : piece.sets) {
    for (auto& family : set.families) {
      std::vector<Swatch> originals;
      for (const auto& s : family.swatches)
        if (ids.contains(s.id)) originals.push_back(s);
      for (auto& copy : originals) {
        copy.id = piece.next_id++;
        copy.locked = false;
        const int place = free_place_from(family, copy.place + 1);
        put_at(family, std::move(copy), place);
        ++found;
      }
    }
    if (swatch_count(set) > kMostSwatches) return too_many_swatches();
  }
  if (found != ids.size() || found == 0) return not_found("swatch");
  return piece;
}

Result<Piece> without_swatches(Piece piece, const std::vector<Id>& swatches) {
  if (const auto error = kept_from_change(piece, swatches)) return *error;
  static_cast<void>(taken_out(piece, IdSet(swatches.begin(), swatches.end())));
  return piece;
}

Result<Piece> with_swatches_pasted(Piece piece, Id family, const std::vector<Swatch>& swatches) {
  Family* f = family_for_change(piece, family);
  if (!f) return not_found("family");
  if (swatch_count(*set_of_family(piece, family)) + swatches.size() > kMostSwatches)
    return too_many_swatches();
  for (Swatch copy : swatches) {
    copy.id = piece.next_id++;
    copy.locked = false;
    if (copy.from && !find_reference(piece, copy.from->reference)) copy.from.reset();
    put_last(*f, std::move(copy));
  }
  return piece;
}

Result<Piece> with_swatches_moved(Piece piece, const std::vector<Id>& swatches, Id to_family,
                                  std::optional<int> place) {
  Family* to = family_for_change(piece, to_family);
  if (!to) return not_found("family");
  if (place && (*place < 0 || *place >= kMostPlaces)) return not_found("place");
  const IdSet ids(swatches.begin(), swatches.end());
  if (ids.size() == 1 && place) {
    Swatch* moving = swatch_for_change(piece, *ids.begin());
    Swatch* there = swatch_at_place(*to, *place);
    if (!moving) return not_found("swatch");
    if (there == moving) return piece;
    if (there) {
      // The two change places, in whatever families they stand.
      std::swap(moving->place, there->place);
      std::swap(*moving, *there);
      return piece;
    }
  }
  auto moving = taken_out(piece, ids);
  if (moving.size() != ids.size() || moving.empty()) return not_found("swatch");
  int next = place.value_or(next_place(*to));
  for (auto& swatch : moving) {
    next = free_place_from(*to, next);
    put_at(*to, std::move(swatch), next++);
  }
  if (swatch_count(*set_of_family(piece, to_family)) > kMostSwatches) return too_many_swatches();
  return piece;
}

Result<Piece> with_set_sorted(Piece piece, Id set, SortBy by) {
  SwatchSet* s = set_for_change(piece, set);
  if (!s) return not_found("set");
  const auto key = [by](const Swatch& w) {
    const Oklch lch = lch_from_oklab(oklab_from_srgb(w.color));
    if (by == SortBy::Hue) return lch.c < kNeutralChroma ? -1.0 : lch.h;
    return by == SortBy::Value ? -value_of(w.color) : -lch.c;
  };
  for (auto& family : s->families) {
    auto& list = family.swatches;
    if (by == SortBy::Name)
      std::stable_sort(list.begin(), list.end(),
                       [](const Swatch& a, const Swatch& b) { return a.name < b.name; });
    else
      std::stable_sort(list.begin(), list.end(),
                       [&](const Swatch& a, const Swatch& b) { return key(a) < key(b); });
    for (std::size_t i = 0; i < list.size(); ++i) list[i].place = static_cast<int>(i);
  }
  return piece;
}

} // namespace zc
