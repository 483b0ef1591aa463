// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/drawing.h"
#include "cli/key_words.h"
#include "cli/photos.h"
#include "core/keys/key_picture.h"
#include "core/piece/key_edits.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"
#include "io/sheet/key_sheet_picture.h"
#include "io/shelf/mask_shelf.h"

namespace zc::cli {
namespace {

constexpr int kNarrowest = 32, kWidest = 4096;

struct KeysRequest {
  std::string picture, piece;
  OutputFile output;
  int turns = 0, width = 252;
  double strength = 1, hue = 0;
  bool patterns = false, fills = false;
  std::vector<std::string> masks;
  KeyOrder order = KeyOrder::Hue;
};

Result<std::vector<Mask>> masks_of(const std::vector<std::string>& files, const WheelSpec& wheel) {
  std::vector<Mask> out;
  for (const std::string& file : files) {
    const auto mask = of_file(mask_in_file(file));
    if (!mask) return mask.error();
    out.push_back(mask_on(*mask, wheel));
  }
  return out;
}

/// Turns, masks, or patterns, as they were asked for; without a word all of the piece.
std::vector<ColorKey> keys_asked(const KeysRequest& r, const Piece& piece, const std::vector<Mask>& masks,
                                 double rim) {
  KeySheet sheet;
  sheet.strength = r.strength;
  sheet.fills = r.fills;
  if (r.turns > 0) sheet.step = 360.0 / r.turns;
  std::vector<ColorKey> out = keys_of(piece, sheet, masks, r.hue, rim);
  const bool some = r.turns > 0 || r.patterns || !r.masks.empty();
  std::erase_if(out, [&](const ColorKey& key) {
    if (!some) return false;
    return (key.kind == KeyKind::Turn && r.turns == 0) || (key.kind == KeyKind::Pattern && !r.patterns) ||
           key.kind == KeyKind::Version;
  });
  return out;
}

Result<Json> keys(const KeysRequest& r) {
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const auto masks = masks_of(r.masks, document->piece.wheel);
  if (!masks) return masks.error();
  const auto photo = opened(r.picture);
  if (!photo) return photo.error();
  const QSize size = photo->image.size().scaled(r.width, kWidest, Qt::KeepAspectRatio).expandedTo({1, 1});
  const QImage small =
      reduced(photo->image, size.width(), size.height()).scaled(size).convertToFormat(QImage::Format_ARGB32);
  const Piece& piece = document->piece;
  const KeyPicture picture(view_of(small), Wheel(piece.wheel));
  const std::vector<ColorKey> all =
      keys_asked(r, piece, *masks, std::max(0.01, picture.largest_saturation()));
  std::vector<KeyCell> cells;
  std::vector<KeyNumbers> numbers;
  for (const ColorKey& key : all) {
    QImage made(small.size(), QImage::Format_ARGB32);
    if (const auto map = key_map(piece, key)) {
      picture.render(*map, KeyPicture::Quality::Exact, pixels_of(made));
      numbers.push_back(picture.numbers(*map));
    } else {
      const auto function = key_function(piece, key);
      picture.render(function, pixels_of(made));
      numbers.push_back(picture.numbers(function));
    }
    cells.push_back({QString::fromStdString(told_of(key)), made, key.plan ? key.plan->mask : std::nullopt});
  }
  std::vector<KeyCell> ordered;
  Json told = Json::array();
  for (const std::size_t i : order_of(all, numbers, r.order)) {
    ordered.push_back(cells[i]);
    Json key{{"name", told_of(all[i])}};
    key.update(key_numbers_json(numbers[i]));
    told.push_back(std::move(key));
  }
  const Drawing drawing;
  QImage sheet = key_sheet_picture(ordered, piece.wheel);
  const QSize whole = sheet.size();
  const Status saved = save_picture(std::move(sheet), r.output.path);
  if (!saved) return saved.error();
  return Json{{"files", files_json(r.output.path)},
              {"width", whole.width()},
              {"height", whole.height()},
              {"keys", told}};
}

} // namespace

Command add_keys(const Options& app) {
  auto r = std::make_shared<KeysRequest>();
  const Options command = app.command("keys", "Write a picture in other color keys, side by side");
  command.input("picture", r->picture, "Picture file");
  command.input("--piece", r->piece, "Piece file");
  command.whole("--turns", r->turns, {2, 72}, "All hues turned, in so many steps");
  command.inputs("--mask", r->masks, "Mask file, as the shelf keeps them; once for each");
  command.flag("--patterns", r->patterns, "The patterns of masks");
  command.number("--hue", r->hue, kDegrees, "First hue of the patterns on the wheel, degrees");
  command.number("--strength", r->strength, kShareRange, "How far colors move into a mask");
  command.flag("--fill", r->fills, "The most saturated color of the picture goes to the border of a mask");
  command.choice("--order", kKeyOrderWords, "What comes first", r->order);
  command.whole("--width", r->width, {kNarrowest, kWidest}, "Pixels of one picture");
  command.output(r->output, picture_formats(), "PNG or JPEG file to write");
  return {command, [r] { return keys(*r); }};
}

} // namespace zc::cli
