// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/piece/paints.h"

#include "core/base/sentences.h"
#include "core/mix/trade_paints.h"
#include "core/piece/change.h"
#include "core/piece/rules.h"

namespace zc {
namespace {

Error too_many_paints() { return {ErrorCode::TooLarge, Sentence::PaletteFull, "paints"}; }

/// Changes a paint in place, or says that there is none.
template <class F> Result<Piece> changed(Piece piece, Id paint, const F& f) {
  const std::size_t at = index_of(piece.paints, paint);
  if (at == piece.paints.size()) return not_found("paint");
  f(piece.paints.change(at));
  return piece;
}

} // namespace

Paint curve_of(const PalettePaint& paint) {
  const TradePaint* trade = trade_paint(paint.trade);
  return trade ? Paint{trade->curve, true} : paint_of(paint.color);
}

Result<Piece> with_paint(Piece piece, const std::string& name, Srgb color, std::string trade) {
  auto clean = clean_name(name, "paint");
  if (!clean) return clean.error();
  if (piece.paints.size() >= kMostPaints) return too_many_paints();
  const TradePaint* known = trade_paint(trade);
  if (!trade.empty() && !known)
    return Error{ErrorCode::BadInput, say(Sentence::NoTradePaint, trade), "trade"};
  PalettePaint paint{piece.next_id++, *clean, color, std::move(trade)};
  if (known) {
    paint.color = color_of(known->curve);
    paint.strength = known->strength;
  }
  piece.paints.push_back(std::move(paint));
  return piece;
}

Result<Piece> without_paint(Piece piece, Id paint) {
  const std::size_t at = index_of(piece.paints, paint);
  if (at == piece.paints.size()) return not_found("paint");
  piece.paints.erase(at);
  return piece;
}

Result<Piece> with_paint_named(Piece piece, Id paint, const std::string& name) {
  auto clean = clean_name(name, "paint");
  if (!clean) return clean.error();
  return changed(std::move(piece), paint, [&](PalettePaint& p) { p.name = *clean; });
}

Result<Piece> with_paint_color(Piece piece, Id paint, Srgb color) {
  return changed(std::move(piece), paint, [&](PalettePaint& p) {
    p.color = color;
    p.trade.clear();
  });
}

Result<Piece> with_paint_strength(Piece piece, Id paint, double strength) {
  if (!kStrengthRange.holds(strength)) return Error{ErrorCode::BadInput, Sentence::StrengthRange, "strength"};
  return changed(std::move(piece), paint, [&](PalettePaint& p) { p.strength = strength; });
}

Result<Piece> with_paint_out(Piece piece, Id paint, bool out) {
  return changed(std::move(piece), paint, [&](PalettePaint& p) { p.out = out; });
}

Piece with_paints_out(Piece piece, const std::vector<Id>& paints) {
  const IdSet wanted(paints.begin(), paints.end());
  piece.paints.change_where([&](const PalettePaint& p) { return p.out != wanted.contains(p.id); },
                            [](PalettePaint& p) { p.out = !p.out; });
  return piece;
}

Result<Piece> with_paint_moved(Piece piece, Id paint, std::size_t place) {
  const std::size_t from = index_of(piece.paints, paint);
  if (from == piece.paints.size() || place > piece.paints.size()) return not_found("paint");
  piece.paints.move(from, place);
  return piece;
}

Result<Piece> with_paints(Piece piece, const List<PalettePaint>& paints) {
  if (paints.size() > kMostPaints) return too_many_paints();
  piece.paints.clear();
  for (PalettePaint paint : paints) {
    paint.id = piece.next_id++;
    piece.paints.push_back(std::move(paint));
  }
  return piece;
}

PutOut put_out(const List<PalettePaint>& paints, bool white_and_black) {
  PutOut out;
  std::vector<MixPaint> mixed;
  bool white = false, black = false;
  for (const PalettePaint& p : paints) {
    if (!p.out) continue;
    mixed.push_back({curve_of(p), p.strength});
    out.paints.push_back({p.id, p.name, p.color, mixed.back().paint.exact});
    white = white || p.trade == kTradeWhite;
    black = black || p.trade == kTradeBlack;
  }
  for (const auto& [name, there] : {std::pair(kTradeWhite, white), std::pair(kTradeBlack, black)}) {
    if (!white_and_black || there) continue;
    const TradePaint& trade = *trade_paint(name);
    mixed.push_back({{trade.curve, true}, trade.strength});
    out.paints.push_back({0, std::string(name), color_of(trade.curve), true});
  }
  out.mixer = Mixer(mixed);
  return out;
}

} // namespace zc
