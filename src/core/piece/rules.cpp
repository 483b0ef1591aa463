// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/rules.h"

#include "core/base/sentences.h"
#include "core/mix/mixer.h"

#include <algorithm>

namespace zc {
namespace {

std::string at(const std::string& path, std::string_view list, std::size_t i) {
  return path + std::string(list) + "[" + std::to_string(i) + "]";
}

class Checker {
public:
  explicit Checker(const Piece& piece) : m_piece(piece) {}
  [[nodiscard]] std::vector<Fault> faults() && { return std::move(m_faults); }

  void words() {
    short_enough("title", m_piece.title, kLongestName);
    short_enough("words", m_piece.words, kLongestNote);
    short_enough("signature", m_piece.signature, kLongestName);
    short_enough("date", m_piece.date, kLongestName);
  }
  void rules() {
    holds(in_order(m_piece.bands), "bands", Sentence::BandsOrder);
    holds(in_bounds(m_piece.grading), "grading", Sentence::NoGradingRules);
  }
  void mask(const Mask& mask, const std::string& path) {
    short_enough(path + "name", mask.name, kLongestName);
    holds(mask.turned >= 0 && mask.turned < 360, path + "turned", Sentence::MaskTurn);
    at_most(path + "areas", mask.areas.size(), kMostAreas, "areas");
    for (std::size_t i = 0; i < mask.areas.size(); ++i) {
      const Status status = in_bounds(mask.areas[i].shape);
      if (!status) holds(false, at(path, "areas", i), status.error().said);
    }
  }
  void references(const List<Reference>& references) {
    at_most("references", references.size(), kMostReferences, "references");
    for (std::size_t i = 0; i < references.size(); ++i) {
      const std::string path = at("", "references", i) + ".";
      short_enough(path + "name", references[i].name, kLongestName);
      short_enough(path + "follows", references[i].follows, kLongestPath);
      const Status cut = validate(references[i].study.cut);
      if (!cut) holds(false, path + "study", cut.error().said);
      at_most(path + "study.edits", references[i].study.edits.size(), kMostStudyEdits, "changes of areas");
      at_most(path + "study.bound", references[i].study.bound.size(), kMostStudyEdits, "bound areas");
      holds(good_extension(references[i].extension), path + "file", Sentence::ReferenceExtension);
    }
  }
  void paints() {
    at_most("paints", m_piece.paints.size(), kMostPaints, "paints");
    for (std::size_t i = 0; i < m_piece.paints.size(); ++i) {
      const PalettePaint& p = m_piece.paints[i];
      const std::string path = at("", "paints", i) + ".";
      short_enough(path + "name", p.name, kLongestName);
      short_enough(path + "trade", p.trade, kLongestName);
      holds(in_bounds(p.color), path + "srgb", Sentence::ColorNumbers);
      holds(kStrengthRange.holds(p.strength), path + "strength", Sentence::StrengthRange);
    }
  }
  void set(const SwatchSet& set, const std::string& path, const SwatchSet* whole) {
    short_enough(path + "name", set.name, kLongestName);
    short_enough(path + "note", set.note, kLongestNote);
    at_most(path + "tags", set.tags.size(), kMostTags, "tags");
    for (std::size_t i = 0; i < set.tags.size(); ++i)
      short_enough(at(path, "tags", i), set.tags[i], kLongestName);
    families(set.families, path, whole ? &whole->families : nullptr);
    at_most(path + "versions", set.versions.size(), kMostVersions, "versions");
    if (whole && whole->versions.shares_all(set.versions)) return;
    for (std::size_t i = 0; i < set.versions.size(); ++i) {
      const std::string inner = at(path, "versions", i) + ".";
      short_enough(inner + "name", set.versions[i].name, kLongestName);
      families(set.versions[i].families, inner, nullptr);
      if (const auto& key = set.versions[i].key; key && key->mask) mask(*key->mask, inner + "key.mask.");
    }
  }
  /// Every id is used once; swatches and families of versions are those of the set, or gone from it.
  void ids() {
    struct Used {
      Id id;
      std::size_t order;
    };
    std::vector<Used> used;
    const auto use = [&used](Id id) { used.push_back({id, used.size()}); };
    each_id(use);
    std::sort(used.begin(), used.end(), [](const Used& a, const Used& b) {
      return std::pair(a.id, a.order) < std::pair(b.id, b.order);
    });
    std::vector<std::size_t> wrong;
    for (std::size_t i = 0; i < used.size(); ++i) {
      const bool twice = i > 0 && used[i].id == used[i - 1].id;
      if (twice || used[i].id == 0 || used[i].id >= m_piece.next_id) wrong.push_back(used[i].order);
    }
    holds(m_piece.next_id > 0 && m_piece.next_id <= kIdEnd, "next_id", Sentence::IdsRunOut);
    if (wrong.empty()) return;
    const std::vector<std::string> places = places_of_ids();
    std::sort(wrong.begin(), wrong.end());
    for (const std::size_t order : wrong) holds(false, places[order], Sentence::IdsOnce);
  }
  void current_set() {
    holds(find_set(m_piece, m_piece.current_set) != nullptr, "current_set", Sentence::NoSuchSet);
    at_most("sets", m_piece.sets.size(), kMostSets, "sets");
  }

  void holds(bool good, const std::string& place, Saying said) {
    if (!good && m_faults.size() < kMostFaults) m_faults.push_back({place, std::move(said)});
  }

private:
  void short_enough(const std::string& place, const std::string& text, std::size_t most) {
    if (text.size() > most) holds(false, place, say(Sentence::TextTooLong, most));
  }
  void at_most(const std::string& place, std::size_t n, std::size_t most, const char* what) {
    if (n > most) holds(false, place, say(Sentence::MoreThan, most, Term{what}));
  }
  void families(const List<Family>& families, const std::string& path, const List<Family>* whole) {
    if (whole && families.shares_all(*whole)) return;
    at_most(path + "families", families.size(), kMostFamilies, "families");
    std::size_t swatches = 0;
    for (std::size_t i = 0; i < families.size(); ++i) {
      swatches += families[i].swatches.size();
      const bool known = whole && i < whole->size() && families[i].swatches.shares_all((*whole)[i].swatches);
      family(families[i], at(path, "families", i) + ".", known);
    }
    at_most(path + "families", swatches, kMostSwatches, "swatches");
  }
  void family(const Family& family, const std::string& path, bool swatches_known) {
    short_enough(path + "name", family.name, kLongestName);
    if (swatches_known) return;
    int last = -1;
    std::size_t i = 0;
    for (const auto& s : family.swatches) {
      const bool whole = s.place > last && s.place < kMostPlaces && in_bounds(s.color) &&
                         s.name.size() <= kLongestName && s.note.size() <= kLongestNote &&
                         (!s.picked || in_bounds(s.picked->at)) && (!s.from || in_photo(*s.from)) &&
                         (!s.code || whole_code(*s.code));
      if (!whole) swatch(s, at(path, "swatches", i) + ".", last);
      last = s.place;
      ++i;
    }
  }
  static bool whole_code(const Code& code) {
    constexpr double widest = 1000; // Of CIELAB, beyond anything a surface has.
    const auto holds = [](double x, double most) { return x >= 0 && x <= most; };
    const auto lab = [](double x) { return std::abs(x) <= widest; };
    if (!lab(code.lab.l) || !lab(code.lab.a) || !lab(code.lab.b) || !in_bounds(code.shown)) return false;
    if (const auto* name = std::get_if<BookName>(&code.as))
      return name->book.size() <= kLongestName && name->name.size() <= kLongestName;
    const auto& [ink, profile, digest] = std::get<WrittenInks>(code.as);
    return holds(ink.c, 100) && holds(ink.m, 100) && holds(ink.y, 100) && holds(ink.k, 100) &&
           profile.size() <= kLongestName && digest.size() <= kLongestName;
  }
  static bool in_photo(const SampleOrigin& from) {
    return from.reference != 0 && kPixelRange.holds(from.x) && kPixelRange.holds(from.y);
  }
  void swatch(const Swatch& s, const std::string& path, int last_place) {
    holds(s.place > last_place && s.place < kMostPlaces, path + "place", Sentence::PlacesRise);
    holds(in_bounds(s.color), path + "srgb", Sentence::ColorNumbers);
    short_enough(path + "name", s.name, kLongestName);
    short_enough(path + "note", s.note, kLongestNote);
    holds(!s.picked || in_bounds(s.picked->at), path + "picked", Sentence::NotOnWheel);
    holds(!s.from || in_photo(*s.from), path + "from", Sentence::NoPhotoPlace);
    holds(!s.code || whole_code(*s.code), path + "code", Sentence::CodeNumbers);
  }

  template <class Use> void each_id(const Use& use) const {
    for (const auto& r : m_piece.references) use(r.id);
    for (const auto& p : m_piece.paints) use(p.id);
    for (const auto& set : m_piece.sets) {
      use(set.id);
      for (const auto& family : set.families) {
        use(family.id);
        for (const auto& s : family.swatches) use(s.id);
      }
      for (const auto& version : set.versions) use(version.id);
    }
  }
  /// In the order of each_id().
  [[nodiscard]] std::vector<std::string> places_of_ids() const {
    std::vector<std::string> out;
    for (std::size_t i = 0; i < m_piece.references.size(); ++i)
      out.push_back(at("", "references", i) + ".id");
    for (std::size_t i = 0; i < m_piece.paints.size(); ++i) out.push_back(at("", "paints", i) + ".id");
    for (std::size_t i = 0; i < m_piece.sets.size(); ++i) {
      const auto& set = m_piece.sets[i];
      const std::string path = at("", "sets", i) + ".";
      out.push_back(path + "id");
      for (std::size_t f = 0; f < set.families.size(); ++f) {
        const std::string inner = at(path, "families", f) + ".";
        out.push_back(inner + "id");
        for (std::size_t s = 0; s < set.families[f].swatches.size(); ++s)
          out.push_back(at(inner, "swatches", s) + ".id");
      }
      for (std::size_t v = 0; v < set.versions.size(); ++v) out.push_back(at(path, "versions", v) + ".id");
    }
    return out;
  }

  const Piece& m_piece;
  std::vector<Fault> m_faults;
};

/// Of a text in JSON: what has to be written as an escape takes up to six bytes.
std::uint64_t weight_of(const std::string& text) {
  std::uint64_t out = text.size() + 2;
  for (const char c : text) {
    const auto byte = static_cast<unsigned char>(c);
    if (byte < 0x20 || byte == 0x7f) out += 5;
    if (c == '"' || c == '\\') out += 1;
  }
  return out;
}

/// The numbers and field names of a swatch with all that it can have, and its lines' indents.
constexpr std::uint64_t kSwatchWeight = 900, kCodeWeight = 700, kFamilyWeight = 200, kVersionWeight = 200,
                        kSetWeight = 400;

std::uint64_t weight_of(const Code& code) {
  if (const auto* name = std::get_if<BookName>(&code.as))
    return kCodeWeight + weight_of(name->book) + weight_of(name->name);
  const auto& inks = std::get<WrittenInks>(code.as);
  return kCodeWeight + weight_of(inks.profile) + weight_of(inks.digest);
}

std::uint64_t weight_of(const List<Family>& families) {
  std::uint64_t out = 0;
  for (const Family& family : families) {
    out += kFamilyWeight + weight_of(family.name) + 2 * family.extras.size();
    for (const Swatch& s : family.swatches)
      out += kSwatchWeight + weight_of(s.name) + weight_of(s.note) + 2 * s.extras.size() +
             (s.code ? weight_of(*s.code) : 0);
  }
  return out;
}

std::size_t swatches_in_all(const Piece& piece) {
  std::size_t out = 0;
  const auto add = [&out](const List<Family>& families) {
    for (const Family& family : families) out += family.swatches.size();
  };
  for (const SwatchSet& set : piece.sets) {
    add(set.families);
    for (const SetVersion& version : set.versions) add(version.families);
  }
  return out;
}

std::uint64_t reference_bytes(const Piece& piece) {
  std::uint64_t out = 0;
  for (const Reference& r : piece.references) out += r.bytes ? r.bytes->size() : 0;
  return out;
}

/// Not looked at where so few swatches cannot come to it, whatever they are called.
bool too_much_text(const Piece& piece, const Piece& before) {
  constexpr std::uint64_t heaviest = kSwatchWeight + kCodeWeight + 6 * (3 * kLongestName + kLongestNote);
  if (swatches_in_all(piece) < kMostText / heaviest / 2) return false;
  const std::uint64_t weight = text_weight(piece);
  return weight > kMostText && weight > text_weight(before);
}

} // namespace

std::uint64_t text_weight(const Piece& piece) {
  std::uint64_t out = 0;
  for (const SwatchSet& set : piece.sets) {
    out += kSetWeight + weight_of(set.name) + weight_of(set.note) + 2 * set.extras.size() +
           weight_of(set.families);
    for (const std::string& tag : set.tags) out += weight_of(tag);
    for (const SetVersion& version : set.versions)
      out +=
          kVersionWeight + weight_of(version.name) + 2 * version.extras.size() + weight_of(version.families);
  }
  return out;
}

bool in_order(const Bands& bands) {
  return bands.dark_below > 0 && bands.dark_below < bands.light_from && bands.light_from < 100;
}

bool in_bounds(const GradingRules& r) {
  return kValueStepsRange.holds(r.value_steps) && kNearDuplicateRange.holds(r.near_duplicate) &&
         kTwinRange.holds(r.twin) && kGapRange.holds(r.gap) && kOutsideRange.holds(r.outside) &&
         kTargetRange.holds(r.target.dark) && kTargetRange.holds(r.target.middle) &&
         kTargetRange.holds(r.target.light);
}

bool in_bounds(Srgb c) {
  constexpr Range display{0, 1};
  return display.holds(c.r) && display.holds(c.g) && display.holds(c.b);
}

bool in_bounds(const WheelPoint& p) {
  return p.a >= 0 && p.a < 360 && p.r >= 0 && p.r <= 1 && kValueRange.holds(p.v);
}

bool good_extension(std::string_view extension) {
  return extension.size() <= kLongestExtension && std::all_of(extension.begin(), extension.end(), [](char c) {
           return (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9');
         });
}

namespace {

/// Which parts of a piece are what they were in one that is known to be whole.
struct Unchanged {
  Unchanged(const Piece& piece, const Piece* whole)
      : mask(whole && whole->mask == piece.mask),
        references(whole && whole->references.shares_all(piece.references)),
        sets(whole && whole->sets.shares_all(piece.sets)),
        paints(whole && whole->paints.shares_all(piece.paints)),
        ids(references && paints && sets && whole->next_id == piece.next_id) {}
  bool mask, references, sets, paints, ids;
};

void check_sets(Checker& checker, const Piece& piece, const Piece* whole) {
  for (std::size_t i = 0; i < piece.sets.size(); ++i) {
    const SwatchSet* before = whole && i < whole->sets.size() ? &whole->sets[i] : nullptr;
    checker.set(piece.sets[i], at("", "sets", i) + ".", before);
  }
  if (whole) checker.holds(!too_much_text(piece, *whole), "sets", Sentence::SetsTooLarge);
}

} // namespace

std::vector<Fault> check(const Piece& piece, const Piece* whole) {
  const Unchanged same(piece, whole);
  Checker checker(piece);
  checker.words();
  if (piece.mask && !same.mask) checker.mask(*piece.mask, "mask.");
  if (!same.references) checker.references(piece.references);
  checker.current_set();
  if (!same.sets) check_sets(checker, piece, whole);
  if (whole && !same.references) {
    const std::uint64_t bytes = reference_bytes(piece);
    checker.holds(bytes <= kMostReferenceBytes || bytes <= reference_bytes(*whole), "references",
                  Sentence::ReferencesTooLarge);
  }
  checker.rules();
  if (!same.paints) checker.paints();
  if (!same.ids) checker.ids();
  return std::move(checker).faults();
}

} // namespace zc
