// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"
#include "cli/line/progress.h"

#include "cli/drawing.h"
#include "cli/key_words.h"
#include "cli/sets.h"
#include "io/container/piece_file.h"
#include "io/photo/decode.h"
#include "io/sheet/sheet_files.h"

#include <cmath>
#include <limits>
#include <sstream>

namespace zc::cli {
namespace {

/// For proofs on paper.
constexpr double kUsualDots = 150, kMillimetresOfPoint = 25.4 / 72;

struct SheetRequest {
  std::string piece, parts;
  OutputFile output;
  SheetSpec spec;
  bool lying = false;
  double value = 66;
  std::optional<double> dots;
  std::vector<std::string> sets;
};

/// "title,wheel" as parts in that order.
Result<std::vector<SheetPart>> parts_of(const std::string& text) {
  std::vector<SheetPart> out;
  std::stringstream words(text);
  for (std::string word; std::getline(words, word, ',');) {
    const auto at = std::find_if(std::begin(kSheetPartWords), std::end(kSheetPartWords),
                                 [&](const auto& w) { return w.word == word; });
    if (at == std::end(kSheetPartWords))
      return Error{
          ErrorCode::BadInput,
          as_said("\"" + word +
                  "\" is no part of a sheet; there are title, reference, wheel, keys, swatches, staff, needs "
                  "and signature."),
          "--with"};
    out.push_back(at->value);
  }
  return out;
}

/// Turns by 30 degrees, patterns from the mask's own hue and versions, as the window lists them to start
/// with.
std::vector<KeyCell> keys_of_sheet(const Piece& piece, const QImage& photo) {
  constexpr int side = 600;
  auto keys = keys_of(piece, KeySheet(), {}, 0);
  if (keys.size() > kMostSheetKeys) keys.resize(kMostSheetKeys);
  const QSize size = photo.size().scaled(side, side, Qt::KeepAspectRatio).expandedTo({1, 1});
  auto out = key_cells(piece, keys, reduced(photo, size.width(), size.height()).scaled(size));
  for (std::size_t i = 0; i < out.size(); ++i) out[i].name = QString::fromStdString(told_of(keys[i]));
  return out;
}

Status choose_sets(SheetSpec& spec, const Piece& piece, const std::vector<std::string>& names) {
  for (const std::string& name : names) {
    const auto set = set_or_current(piece, name);
    if (!set) return set.error();
    if (std::find(spec.sets.begin(), spec.sets.end(), (*set)->id) == spec.sets.end())
      spec.sets.push_back((*set)->id);
  }
  return Done{};
}

/// The first page is looked at as the file that the line names.
Status further_pages_are_new(const std::vector<std::string>& pages) {
  for (std::size_t i = 1; i < pages.size(); ++i)
    if (std::filesystem::exists(pages[i]))
      return Error{
          ErrorCode::Unwritable,
          as_said("\"" + pages[i] + "\" is there already; give --force to replace it, or another name."),
          pages[i]};
  return Done{};
}

double dots_of(const SheetRequest& r) {
  const double usual = usual_dots(r.spec.paper);
  const double unasked = r.spec.paper == Paper::LargeSquare || usual < kUsualDots ? usual : kUsualDots;
  return r.dots.value_or(unasked);
}

Result<Json> sheet(SheetRequest r, bool forced) {
  if (!r.parts.empty()) {
    auto parts = parts_of(r.parts);
    if (!parts) return parts.error();
    r.spec.parts = std::move(parts).value();
  }
  r.spec.lying = r.lying;
  r.spec.wheel_value = r.value;
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const Piece& piece = document->piece;
  const Status chosen = choose_sets(r.spec, piece, r.sets);
  if (!chosen) return chosen.error();
  const auto sets = sets_on(r.spec, piece);
  const Drawing drawing;
  SheetPictures pictures;
  QImage reference;
  if (!piece.references.empty()) {
    const Reference& first = piece.references.front();
    const auto decoded = decode_photo(*first.bytes, first.name);
    if (!decoded) return decoded.error();
    reference = *decoded;
    pictures = {static_cast<double>(reference.width()) / reference.height(), first.name};
  }
  const bool shows_keys =
      std::find(r.spec.parts.begin(), r.spec.parts.end(), SheetPart::Keys) != r.spec.parts.end();
  std::vector<KeyCell> keys;
  if (shows_keys && !reference.isNull()) keys = keys_of_sheet(piece, reference);
  for (const KeyCell& key : keys) pictures.keys.push_back(key.name.toStdString());
  const auto laid = sheet_of(piece, sets, r.spec, pictures, toolkit_measure());
  if (!laid) return laid.error();
  std::size_t swatches = 0;
  for (const SwatchSet* set : sets) swatches += swatch_count(*set);
  const Status free =
      forced ? Done{} : further_pages_are_new(sheet_file_names(r.output.path, laid->pages.size()));
  if (!free) return free.error();
  const SheetImages images = sheet_images(piece, r.spec, reference, 1200, std::move(keys));
  const auto files = save_sheet(*laid, images, {piece.title, piece.signature}, dots_of(r), r.output.path,
                                told_progress("sheet"));
  if (!files) return files.error();
  return Json{{"files", files_json(*files)},
              {"counts", {{"pages", laid->pages.size()}, {"swatches", swatches}}},
              {"width_mm", laid->width * kMillimetresOfPoint},
              {"height_mm", laid->height * kMillimetresOfPoint}};
}

} // namespace

Command add_sheet(const Options& app) {
  enum class Ground { Light, Dark };
  static constexpr Word<Ground> grounds[] = {{Ground::Light, "light"}, {Ground::Dark, "dark"}};
  auto r = std::make_shared<SheetRequest>();
  const Options command = app.command("sheet", "Lay the plan out on paper");
  command.input("piece", r->piece, "Piece file");
  command.texts("--set", r->sets, "Name of a set, once for each; the current one when left out");
  command.choice("--paper", kPaperWords, "Paper or screen", r->spec.paper);
  command.flag("--landscape", r->lying, "Wider than high");
  command.text("--with", r->parts,
               "Parts from the top down, parted by commas: title, reference, wheel, keys, swatches, staff, "
               "needs, signature");
  command.choice<Ground>("--background", grounds, "Background",
                         std::function<void(Ground)>([r](Ground g) { r->spec.dark = g == Ground::Dark; }));
  command.flag("--by-value", r->spec.by_value, "Swatches from light to dark instead of family by family");
  command.flag("--large", r->spec.large, "Large swatches with their words below them");
  command.flag("--places", r->spec.places, "The swatches as dots on the wheel");
  command.flag("--notes", r->spec.notes, "With the notes of the swatches");
  command.number("--margin", r->spec.margin, {5, 40}, "Millimetres");
  command.number("--value", r->value, kValueRange, "Value that the wheel is shown at");
  command.number("--dots", r->dots, {36, 600},
                 "Pixels an inch of a PNG; 150 when left out, as many as it has where the size is in pixels");
  command.output(r->output, {{"pdf", {".pdf"}}, {"svg", {".svg"}}, {"png", {".png"}}},
                 "PDF, SVG or PNG file to write; further pages of the last two are name-2.png and so on");
  return {command, [r, command] { return sheet(*r, command.forced()); }};
}

} // namespace zc::cli
