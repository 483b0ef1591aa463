// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/piece.h"

#include <algorithm>

namespace zc {
namespace {

template <class T> const T* find_id(const List<T>& list, Id id) {
  const auto at = std::find_if(list.begin(), list.end(), [id](const T& x) { return x.id == id; });
  return at == list.end() ? nullptr : &*at;
}

} // namespace

bool Reference::operator==(const Reference& o) const {
  const bool same_bytes = bytes == o.bytes || (bytes && o.bytes && *bytes == *o.bytes);
  return id == o.id && name == o.name && extension == o.extension && follows == o.follows &&
         study == o.study && extras == o.extras && same_bytes;
}

PlanKey plan_key(const Piece& piece) {
  const Mask* mask = mask_in_use(piece);
  return {piece.wheel, mask ? std::optional(*mask) : std::nullopt};
}

const SwatchSet* find_set(const Piece& piece, Id id) { return find_id(piece.sets, id); }
const SwatchSet* current_set(const Piece& piece) { return find_set(piece, piece.current_set); }

const SwatchSet* find_set_by_name(const Piece& piece, std::string_view name) {
  const auto at =
      std::find_if(piece.sets.begin(), piece.sets.end(), [&](const auto& s) { return s.name == name; });
  return at == piece.sets.end() ? nullptr : &*at;
}

const SwatchSet* find_set_of_family(const Piece& piece, Id family) {
  for (const auto& set : piece.sets)
    if (find_id(set.families, family)) return &set;
  return nullptr;
}

const Family* find_family(const Piece& piece, Id id) {
  for (const auto& set : piece.sets)
    if (const auto* family = find_id(set.families, id)) return family;
  return nullptr;
}

const Swatch* find_swatch(const Piece& piece, Id id) {
  for (const auto& set : piece.sets)
    if (const auto* swatch = find_swatch(set.families, id)) return swatch;
  return nullptr;
}

const Family* find_family_of(const Piece& piece, Id swatch) {
  for (const auto& set : piece.sets)
    for (const auto& family : set.families)
      for (const auto& s : family.swatches)
        if (s.id == swatch) return &family;
  return nullptr;
}

const Swatch* find_swatch(const List<Family>& families, Id id) {
  for (const auto& family : families)
    if (const auto* swatch = find_id(family.swatches, id)) return swatch;
  return nullptr;
}

const SetVersion* find_version(const Piece& piece, Id id) {
  for (const auto& set : piece.sets)
    if (const auto* version = find_id(set.versions, id)) return version;
  return nullptr;
}

const PalettePaint* find_paint(const Piece& piece, Id id) { return find_id(piece.paints, id); }
const Reference* find_reference(const Piece& piece, Id id) { return find_id(piece.references, id); }

std::size_t swatch_count(const SwatchSet& set) {
  std::size_t n = 0;
  for (const auto& family : set.families) n += family.swatches.size();
  return n;
}

int next_place(const Family& family) {
  return family.swatches.empty() ? 0 : family.swatches.back().place + 1;
}

} // namespace zc
