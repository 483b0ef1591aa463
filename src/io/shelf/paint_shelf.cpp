// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/shelf/paint_shelf.h"

#include "core/base/sentences.h"
#include "core/mix/trade_paints.h"
#include "io/container/paint_json.h"

#include <algorithm>

namespace zc {
namespace {

constexpr std::string_view kPaintsEnding = ".paints.json";

ShelfPaints shipped_paints(const char* name, const std::vector<std::string_view>& trades) {
  ShelfPaints out;
  out.name = name;
  for (const std::string_view word : trades) {
    const TradePaint& trade = *trade_paint(word);
    out.paints.push_back({0, std::string(word), color_of(trade.curve), std::string(word), trade.strength});
  }
  return out;
}

} // namespace

Json shelf_paints_json(const ShelfPaints& paints) {
  Json json;
  put_card(json, paints);
  json["paints"] = Json::array();
  for (const auto& p : paints.paints) json["paints"].push_back(paint_json(p, false));
  return json;
}

Result<ShelfPaints> read_shelf_paints(const Json& json) {
  ShelfPaints out;
  std::vector<Error> faults;
  Fields f(json, "", faults);
  static_cast<ShelfCard&>(out) = read_card(f);
  f.each("paints", kMostPaints, [&](const Json& j, const std::string& key) {
    out.paints.push_back(read_paint(f.inner(j, key), false));
  });
  if (!faults.empty()) {
    Error error = faults.front();
    if (error.said.sentence == Sentence::PieceFieldWrong) error.said.sentence = Sentence::PaintsFieldWrong;
    return error;
  }
  if (out.paints.empty()) return Error{ErrorCode::Damaged, Sentence::NoPaintInIt, "paints"};
  return out;
}

Result<ShelfPaints> shelf_paints_from_json(std::string_view text) {
  const auto json = shelf_json(text, "palette of paints");
  if (!json) return json.error();
  return read_shelf_paints(*json);
}

std::vector<ShelfPaints> read_paint_shelf(const std::string& folder) {
  std::vector<ShelfPaints> own;
  const auto errors =
      read_folder(folder, kPaintsEnding, [&](std::string_view text, const std::string& path) -> Status {
        auto read = shelf_paints_from_json(text);
        if (!read) return read.error();
        own.push_back(std::move(read).value());
        own.back().file = path;
        return Done{};
      });
  (void)errors; // What is no palette is no item of this shelf.
  std::sort(own.begin(), own.end(),
            [](const ShelfPaints& a, const ShelfPaints& b) { return a.name < b.name; });
  std::vector<ShelfPaints> out{
      shipped_paints("earths and one blue",
                     {"titanium white", "yellow earth", "iron-oxide red", "ultramarine blue", "bone black"}),
      shipped_paints("four, no blue", {"titanium white", "yellow earth", "cadmium red", "bone black"}),
      shipped_paints("a warm and a cool of each",
                     {"titanium white", "cadmium yellow", "yellow earth", "cadmium red",
                      "quinacridone magenta", "ultramarine blue", "phthalocyanine blue"})};
  out.insert(out.end(), own.begin(), own.end());
  return out;
}

Result<std::string> put_on_shelf(const std::string& folder, const ShelfPaints& paints) {
  if (paints.paints.empty()) return Error{ErrorCode::BadInput, Sentence::NoPaintToKeep, "paints"};
  return put_file(folder, paints.name, kPaintsEnding, json_text(shelf_paints_json(paints)));
}

} // namespace zc
