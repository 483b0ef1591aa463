// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/set_edits.h"

#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/piece/change.h"

#include <algorithm>
#include <cassert>
#include <unordered_map>
#include <unordered_set>

namespace zc {
namespace {

/// Calls f for each of the swatches; false unless all of them are in the piece.
template <class F> bool for_each_of(Piece& piece, const std::vector<Id>& ids, F f) {
  const IdSet wanted(ids.begin(), ids.end());
  const auto is_wanted = [&wanted](const Swatch& s) { return wanted.contains(s.id); };
  std::size_t found = 0;
  for (std::size_t i = 0; i < piece.sets.size(); ++i)
    for (std::size_t k = 0; k < piece.sets[i].families.size(); ++k) {
      const auto& swatches = piece.sets[i].families[k].swatches;
      if (std::none_of(swatches.begin(), swatches.end(), is_wanted)) continue;
      found += piece.sets.change(i).families.change(k).swatches.change_where(is_wanted, f);
    }
  return found == wanted.size() && found > 0;
}

/// Since the version was kept, swatches of it may have gone to other sets: there they stay the ones they
/// were, and here they come back as others.
void renew_ids_used_elsewhere(Piece& piece, const SwatchSet& set, List<Family>& families) {
  IdSet elsewhere;
  for (const auto& other : piece.sets) {
    if (other.id == set.id) continue;
    for (const auto& family : other.families) {
      elsewhere.insert(family.id);
      for (const auto& s : family.swatches) elsewhere.insert(s.id);
    }
  }
  families.change_each([&](Family& family) {
    if (elsewhere.contains(family.id)) family.id = piece.next_id++;
    family.swatches.change_where([&](const Swatch& s) { return elsewhere.contains(s.id); },
                                 [&](Swatch& s) { s.id = piece.next_id++; });
  });
}

/// Nothing, or why these swatches cannot be changed.
std::optional<Error> kept_from_change(const Piece& piece, const std::vector<Id>& ids) {
  const IdSet wanted(ids.begin(), ids.end());
  std::string name;
  std::size_t locked = 0, found = 0;
  for (const auto& set : piece.sets)
    for (const auto& family : set.families)
      for (const auto& s : family.swatches) {
        if (!wanted.contains(s.id)) continue;
        ++found;
        if (s.locked && locked++ == 0) name = s.name;
      }
  if (found != wanted.size() || found == 0) return not_found("swatch");
  if (locked == 0) return std::nullopt;
  if (locked == 1) return Error{ErrorCode::BadInput, say(Sentence::SwatchLocked, name), "swatch"};
  return Error{ErrorCode::BadInput, say(Sentence::ManyLocked, name, locked - 1), "swatch"};
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
  return {ErrorCode::BadInput, say(Sentence::FamilyNameTaken, name), "family"};
}
Error set_taken(const std::string& name) {
  return {ErrorCode::BadInput, say(Sentence::SetNameTaken, name), "set"};
}
Result<std::string> checked_note(std::string note) {
  if (note.size() > kLongestNote) return Error{ErrorCode::BadInput, Sentence::NoteTooLong, "note"};
  return note;
}

} // namespace

// ---------------------------------------------------------------- sets

Result<Piece> with_set(Piece piece, const std::string& name) {
  auto clean = clean_name(name, "set");
  if (!clean) return clean.error();
  if (set_name_taken(piece, *clean, 0)) return set_taken(*clean);
  if (piece.sets.size() >= kMostSets) return Error{ErrorCode::TooLarge, Sentence::SetsFull, "set"};
  piece.sets.push_back({piece.next_id++, *clean});
  piece.current_set = piece.sets.back().id;
  return piece;
}

Result<Piece> with_current_set(Piece piece, Id set) {
  if (!find_set(piece, set)) return not_found("set");
  piece.current_set = set;
  return piece;
}

Result<Piece> with_set_named(Piece piece, Id set, const std::string& name) {
  auto clean = clean_name(name, "set");
  if (!clean) return clean.error();
  SwatchSet* s = set_to_change(piece, set);
  if (!s) return not_found("set");
  if (set_name_taken(piece, *clean, set)) return set_taken(*clean);
  s->name = *clean;
  return piece;
}

Result<Piece> with_set_duplicated(Piece piece, Id set) {
  const SwatchSet* original = find_set(piece, set);
  if (!original) return not_found("set");
  const std::size_t place = index_of(piece.sets, set);
  SwatchSet copy = *original;
  const std::string name = free_name(shortened(copy.name, kLongestName - 9) + " copy",
                                     [&](const std::string& n) { return set_name_taken(piece, n, 0); });
  auto out = with_set(std::move(piece), name);
  if (!out) return out;
  piece = std::move(out).value();
  copy.id = piece.sets.back().id;
  copy.name = name;
  copy.versions.clear();
  copy.families.change_each([&piece](Family& family) {
    family.id = piece.next_id++;
    family.swatches.change_each([&piece](Swatch& swatch) { swatch.id = piece.next_id++; });
  });
  piece.sets.pop_back();
  piece.sets.insert(place + 1, std::move(copy));
  return piece;
}

Result<Piece> with_set_moved(Piece piece, Id set, std::size_t place) {
  const std::size_t from = index_of(piece.sets, set);
  if (from == piece.sets.size() || place > piece.sets.size()) return not_found("set");
  piece.sets.move(from, place);
  return piece;
}

Result<Piece> without_set(Piece piece, Id set) {
  const std::size_t at = index_of(piece.sets, set);
  if (at == piece.sets.size()) return not_found("set");
  if (piece.sets.size() == 1) return Error{ErrorCode::BadInput, Sentence::LastSet, "set"};
  piece.sets.erase(at);
  if (piece.current_set == set) piece.current_set = piece.sets[std::min(at, piece.sets.size() - 1)].id;
  return piece;
}

Result<Piece> with_set_note(Piece piece, Id set, std::string note) {
  auto checked = checked_note(std::move(note));
  if (!checked) return checked.error();
  SwatchSet* s = set_to_change(piece, set);
  if (!s) return not_found("set");
  s->note = std::move(checked).value();
  return piece;
}

Result<Piece> with_set_tags(Piece piece, Id set, std::vector<std::string> tags) {
  SwatchSet* s = set_to_change(piece, set);
  if (!s) return not_found("set");
  if (tags.size() > kMostTags) return Error{ErrorCode::BadInput, Sentence::TagsFull, "tags"};
  const auto too_long = [](const std::string& tag) { return tag.size() > kLongestName; };
  if (std::any_of(tags.begin(), tags.end(), too_long))
    return Error{ErrorCode::BadInput, Sentence::TagTooLong, "tags"};
  s->tags = std::move(tags);
  return piece;
}

Result<Piece> with_grading(Piece piece, const GradingRules& rules) {
  if (!in_bounds(rules)) return Error{ErrorCode::BadInput, Sentence::OutsideGrading, "grading"};
  piece.grading = rules;
  return piece;
}

Result<Piece> with_bands(Piece piece, const Bands& bands) {
  if (!in_order(bands)) return Error{ErrorCode::BadInput, Sentence::BandsOrder, "bands"};
  piece.bands = bands;
  return piece;
}

Result<Piece> with_version_kept(Piece piece, Id set, const std::string& name) {
  auto clean = clean_name(name, "version");
  if (!clean) return clean.error();
  SwatchSet* s = set_to_change(piece, set);
  if (!s) return not_found("set");
  if (s->versions.size() >= kMostVersions)
    return Error{ErrorCode::TooLarge, Sentence::VersionsFull, "version"};
  const auto taken = [s](const std::string& n) {
    return std::any_of(s->versions.begin(), s->versions.end(),
                       [&](const SetVersion& v) { return v.name == n; });
  };
  s->versions.push_back({piece.next_id++, free_name(*clean, taken), s->families, plan_key(piece)});
  return piece;
}

Result<Piece> with_lit_version(Piece piece, Id set, const std::string& name, const LightAndHaze& light) {
  auto kept = with_version_kept(std::move(piece), set, name);
  if (!kept) return kept;
  Piece out = std::move(kept).value();
  auto& versions = set_to_change(out, set)->versions;
  versions.change(versions.size() - 1).families.change_each([&](Family& family) {
    std::vector<Srgb> colors;
    for (const Swatch& swatch : family.swatches) colors.push_back(swatch.color);
    const std::vector<Srgb> seen = lit(colors, light);
    std::size_t n = 0;
    family.swatches.change_each([&](Swatch& swatch) {
      swatch.color = seen[n++];
      swatch.picked.reset();
    });
  });
  return out;
}

Result<Piece> with_version_named(Piece piece, Id version, const std::string& name) {
  auto clean = clean_name(name, "version");
  if (!clean) return clean.error();
  SetVersion* v = version_to_change(piece, version);
  if (!v) return not_found("version");
  v->name = *clean;
  return piece;
}

Result<Piece> without_version(Piece piece, Id version) {
  SwatchSet* s = set_of_version(piece, version);
  if (!s) return not_found("version");
  s->versions.erase(index_of(s->versions, version));
  return piece;
}

Result<Piece> with_version_restored(Piece piece, Id version) {
  SwatchSet* s = set_of_version(piece, version);
  if (!s) return not_found("version");
  const SetVersion taken = *find_version(piece, version);
  const PlanKey now = plan_key(piece);
  const bool kept = std::any_of(s->versions.begin(), s->versions.end(), [&](const SetVersion& v) {
    return v.families == s->families && (!taken.key || v.key == now);
  });
  if (!kept) {
    auto out = with_version_kept(std::move(piece), s->id, shortened("before " + taken.name, kLongestName));
    if (!out) return out;
    piece = std::move(out).value();
    s = set_of_version(piece, version);
  }
  s->families = taken.families;
  if (taken.key) take_plan(piece, *taken.key);
  renew_ids_used_elsewhere(piece, *s, s->families);
  return piece;
}

// ---------------------------------------------------------------- families

std::string free_family_name(const SwatchSet& set, const std::string& name) {
  return free_name(name, [&](const std::string& n) { return family_name_taken(set, n, 0); });
}

Result<Piece> with_family(Piece piece, const std::string& name) {
  auto clean = clean_name(name, "family");
  if (!clean) return clean.error();
  SwatchSet* set = set_to_change(piece, piece.current_set);
  if (!set) return not_found("set");
  if (family_name_taken(*set, *clean, 0)) return family_taken(*clean);
  if (set->families.size() >= kMostFamilies) return Error{ErrorCode::TooLarge, Sentence::FamiliesFull, "set"};
  set->families.push_back({piece.next_id++, *clean});
  return piece;
}

Result<Piece> with_family_named(Piece piece, Id family, const std::string& name) {
  auto clean = clean_name(name, "family");
  if (!clean) return clean.error();
  SwatchSet* set = set_of_family(piece, family);
  if (!set) return not_found("family");
  if (family_name_taken(*set, *clean, family)) return family_taken(*clean);
  family_to_change(piece, family)->name = *clean;
  return piece;
}

Result<Piece> with_family_moved(Piece piece, Id family, std::size_t place) {
  SwatchSet* set = set_of_family(piece, family);
  if (!set || place > set->families.size()) return not_found("family");
  set->families.move(index_of(set->families, family), place);
  return piece;
}

Result<Piece> with_families_merged(Piece piece, Id into, Id from) {
  if (!find_family(piece, into) || !find_family(piece, from)) return not_found("family");
  if (into == from) return Error{ErrorCode::BadInput, Sentence::FamilyWithItself, "family"};
  SwatchSet* set = set_of_family(piece, from);
  const std::size_t emptied = index_of(set->families, from);
  const List<Swatch> moving = set->families[emptied].swatches;
  set->families.erase(emptied);
  Family* target = family_to_change(piece, into);
  for (const auto& swatch : moving) put_last(*target, swatch);
  if (swatch_count(*set_of_family(piece, into)) > kMostSwatches) return too_many_swatches();
  return piece;
}

Result<Piece> with_family_split(Piece piece, const std::vector<Id>& swatches) {
  const IdSet ids(swatches.begin(), swatches.end());
  const Family* source = nullptr;
  std::size_t touched = 0, within = 0;
  for (const auto& s : piece.sets)
    for (const auto& family : s.families) {
      const auto n = std::count_if(family.swatches.begin(), family.swatches.end(),
                                   [&](const Swatch& w) { return ids.contains(w.id); });
      if (n == 0) continue;
      ++touched;
      within = static_cast<std::size_t>(n);
      source = &family;
    }
  if (!source) return not_found("swatch");
  if (touched > 1 || within == source->swatches.size())
    return Error{ErrorCode::BadInput, Sentence::SplitSelection, "family"};
  const Id from = source->id;
  SwatchSet* set = set_of_family(piece, from);
  Family split{piece.next_id++, free_family_name(*set, find_family(piece, from)->name)};
  for (auto& swatch : taken_out(piece, ids)) put_last(split, std::move(swatch));
  set->families.insert(index_of(set->families, from) + 1, std::move(split));
  return piece;
}

Result<Piece> without_family(Piece piece, Id family) {
  SwatchSet* set = set_of_family(piece, family);
  if (!set) return not_found("family");
  std::vector<Id> all;
  for (const auto& s : find_family(piece, family)->swatches) all.push_back(s.id);
  if (!all.empty())
    if (const auto locked = kept_from_change(piece, all)) return *locked;
  set->families.erase(index_of(set->families, family));
  return piece;
}

// ---------------------------------------------------------------- swatches

namespace {

bool any_coded(const Piece& piece, const std::vector<Id>& swatches) {
  return std::any_of(swatches.begin(), swatches.end(), [&](Id id) {
    const Swatch* s = find_swatch(piece, id);
    return s && code_of(*s);
  });
}

} // namespace

Result<Piece> with_swatch(Piece piece, Id family, const LaidColor& laid, const std::string& name,
                          std::optional<int> place) {
  Family* f = family_to_change(piece, family);
  if (!f) return not_found("family");
  if (place && (*place < 0 || *place >= kMostPlaces)) return not_found("place");
  auto clean =
      clean_name(name.empty() ? name_for(*find_set_of_family(piece, family), laid.color) : name, "swatch");
  if (!clean) return clean.error();
  if (swatch_count(*set_of_family(piece, family)) >= kMostSwatches) return too_many_swatches();
  Swatch swatch{piece.next_id++, laid.color, laid.picked, *clean};
  swatch.from = laid.from;
  swatch.code = laid.code;
  put_at(*f, std::move(swatch), free_place_from(*f, place.value_or(next_place(*f))));
  return piece;
}

Result<Piece> with_swatch_named(Piece piece, Id swatch, const std::string& name) {
  auto clean = clean_name(name, "swatch");
  if (!clean) return clean.error();
  Swatch* s = swatch_to_change(piece, swatch);
  if (!s) return not_found("swatch");
  s->name = *clean;
  return piece;
}

Result<Piece> with_swatch_note(Piece piece, Id swatch, std::string note) {
  auto checked = checked_note(std::move(note));
  if (!checked) return checked.error();
  Swatch* s = swatch_to_change(piece, swatch);
  if (!s) return not_found("swatch");
  s->note = std::move(checked).value();
  return piece;
}

Result<Piece> with_swatch_coded(Piece piece, Id swatch, const Code& code) {
  return with_swatches_colored(std::move(piece), {swatch}, {code.shown, {}, {}, code});
}

Result<Piece> without_codes(Piece piece, const std::vector<Id>& swatches) {
  if (!any_coded(piece, swatches)) return Error{ErrorCode::NotFound, Sentence::NoCode, "code"};
  for_each_of(piece, swatches, [](Swatch& s) { s.code.reset(); });
  return piece;
}

Result<Piece> with_finish(Piece piece, const std::vector<Id>& swatches, Finish finish) {
  if (!any_coded(piece, swatches)) return Error{ErrorCode::NotFound, Sentence::NoCode, "code"};
  for_each_of(piece, swatches, [finish](Swatch& s) {
    if (code_of(s)) s.code->finish = finish;
  });
  return piece;
}

Result<Piece> with_swatches_colored(Piece piece, const std::vector<Id>& swatches, const LaidColor& color) {
  if (const auto error = kept_from_change(piece, swatches)) return *error;
  for_each_of(piece, swatches, [&](Swatch& s) {
    s.color = color.color;
    s.picked = color.picked;
    s.from = color.from;
    s.code = color.code;
  });
  return piece;
}

Result<Piece> with_colors_kept_before(Piece piece, Id set, const std::vector<std::pair<Id, Srgb>>& colors,
                                      const std::string& version) {
  std::vector<Id> ids;
  std::unordered_map<Id, Srgb> wanted;
  const SwatchSet* before = find_set(piece, set);
  for (const auto& [id, color] : colors) {
    ids.push_back(id);
    wanted[id] = color;
    if (!before || !find_swatch(before->families, id)) return not_found("swatch");
  }
  if (ids.empty()) return not_found("swatch");
  if (const auto error = kept_from_change(piece, ids)) return *error;
  auto kept = with_version_kept(std::move(piece), set, version);
  if (!kept) return kept;
  Piece out = std::move(kept).value();
  for_each_of(out, ids, [&](Swatch& s) {
    s.color = wanted[s.id];
    s.picked.reset();
  });
  return out;
}

Result<Piece> with_swatches_locked(Piece piece, const std::vector<Id>& swatches, bool locked) {
  if (!for_each_of(piece, swatches, [locked](Swatch& s) { s.locked = locked; })) return not_found("swatch");
  return piece;
}

Result<Piece> with_swatches_used(Piece piece, const std::vector<Id>& swatches, bool used) {
  if (!for_each_of(piece, swatches, [used](Swatch& s) { s.used = used; })) return not_found("swatch");
  return piece;
}

namespace {

/// Copies of the wanted ones, each at the next free place behind its original; gives how many.
std::size_t duplicate_in(Family& family, const IdSet& ids, Id& next_id) {
  std::vector<Swatch> originals;
  std::copy_if(family.swatches.begin(), family.swatches.end(), std::back_inserter(originals),
               [&](const Swatch& s) { return ids.contains(s.id); });
  for (auto& copy : originals) {
    copy.id = next_id++;
    copy.locked = false;
    const int place = free_place_from(family, copy.place + 1);
    put_at(family, std::move(copy), place);
  }
  return originals.size();
}

} // namespace

Result<Piece> with_swatches_duplicated(Piece piece, const std::vector<Id>& swatches) {
  const IdSet ids(swatches.begin(), swatches.end());
  std::size_t found = 0;
  Id next_id = piece.next_id;
  piece.sets.change_each([&](SwatchSet& set) {
    set.families.change_each([&](Family& family) { found += duplicate_in(family, ids, next_id); });
  });
  piece.next_id = next_id;
  if (found != ids.size() || found == 0) return not_found("swatch");
  for (const auto& set : piece.sets)
    if (swatch_count(set) > kMostSwatches) return too_many_swatches();
  return piece;
}

Result<Piece> without_swatches(Piece piece, const std::vector<Id>& swatches) {
  if (const auto error = kept_from_change(piece, swatches)) return *error;
  static_cast<void>(taken_out(piece, IdSet(swatches.begin(), swatches.end())));
  return piece;
}

Result<Piece> with_swatches_pasted(Piece piece, Id family, const std::vector<Swatch>& swatches) {
  Family* f = family_to_change(piece, family);
  if (!f) return not_found("family");
  if (swatch_count(*set_of_family(piece, family)) + swatches.size() > kMostSwatches)
    return too_many_swatches();
  for (Swatch copy : swatches) {
    copy.id = piece.next_id++;
    copy.locked = false;
    if (copy.name.empty()) copy.name = name_for(*find_set_of_family(piece, family), copy.color);
    if (copy.from && !find_reference(piece, copy.from->reference)) copy.from.reset();
    put_last(*f, std::move(copy));
  }
  return piece;
}

} // namespace zc
