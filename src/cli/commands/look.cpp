// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/photos.h"
#include "core/image/blur.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"

#include <algorithm>
#include <charconv>
#include <cmath>
#include <optional>
#include <string_view>

namespace zc::cli {
namespace {

struct LookRequest {
  PhotoRequest photo;
  std::string as;
  OutputFile output;
};

/// How a photo is looked at: a kind and, for most, a number.
struct LookAs {
  enum class Kind { ColorVision, Flat, Steps, Squint, Mask } kind = Kind::ColorVision;
  double amount = 0;
  ColorVision vision = ColorVision::Values;
};

/// Which numbers a kind takes; none where the highest lies below the lowest.
struct LookKind {
  std::string_view word;
  double low, high;
  LookAs::Kind kind;
  bool whole;
  ColorVision::Kind vision = ColorVision::Values;
};
constexpr LookKind kLookKinds[] = {{"value", 0, -1, LookAs::Kind::ColorVision, false},
                                   {"mask", 0, -1, LookAs::Kind::Mask, false},
                                   {"flat", 2, 5, LookAs::Kind::Flat, true},
                                   {"steps", 2, 101, LookAs::Kind::Steps, true},
                                   {"squint", 0, 1000, LookAs::Kind::Squint, false},
                                   {"protan", 0, 1, LookAs::Kind::ColorVision, false, ColorVision::Protan},
                                   {"deutan", 0, 1, LookAs::Kind::ColorVision, false, ColorVision::Deutan},
                                   {"tritan", 0, 1, LookAs::Kind::ColorVision, false, ColorVision::Tritan}};

Result<LookAs> look_as(const std::string& as) {
  const auto colon = as.find(':');
  const bool has_number = colon != std::string::npos;
  double amount = 0;
  if (has_number) {
    const auto read = std::from_chars(as.data() + colon + 1, as.data() + as.size(), amount);
    if (read.ec != std::errc() || read.ptr != as.data() + as.size())
      return Error{ErrorCode::BadInput, as_said("\"" + as + "\" has no number after the colon."), "--as"};
  }
  for (const auto& k : kLookKinds) {
    if (k.word != std::string_view(as).substr(0, colon)) continue;
    const bool severity = ColorVision(k.vision).deficient(); // All of it where it is not said.
    const bool takes_number = k.low <= k.high && (has_number || !severity);
    const bool fits = amount >= k.low && amount <= k.high && (!k.whole || amount == std::floor(amount));
    if (has_number == takes_number && (fits || !takes_number))
      return LookAs{k.kind, amount, {k.vision, severity && has_number ? amount : 1}};
  }
  return Error{
      ErrorCode::BadInput,
      as_said(
          "A photo can be looked at as value, flat:2 to flat:5, steps:2 to steps:101, squint:PIXELS, mask, "
          "protan, deutan or tritan, these with :SEVERITY from 0 to 1 if wished."),
      "--as"};
}

void look_with(ColorVision vision, const PixelView& view, Pixel* out) {
  for (int y = 0; y < view.height; ++y)
    std::copy_n(view.row(y), view.width, out + static_cast<std::size_t>(y) * view.width);
  to_seen(vision, out, static_cast<std::size_t>(view.width) * view.height);
}

/// REQUIRES a mask where the kind looks through one; `out` has as many pixels.
void look(const PixelView& view, const LookAs& as, const PieceMask* mask, Pixel* out) {
  switch (as.kind) {
  case LookAs::Kind::ColorVision:
    return look_with(as.vision, view, out);
  case LookAs::Kind::Flat: {
    const FineValues values = fine_values(view);
    return to_flat_tones(view, flat_tones(values, flat_limits(values, static_cast<int>(as.amount))), out);
  }
  case LookAs::Kind::Steps:
    return to_flat_tones(view, even_tones(static_cast<int>(as.amount)), out);
  case LookAs::Kind::Squint:
    return squint(view, as.amount, out);
  case LookAs::Kind::Mask:
    return MaskMapper(mask->wheel, mask->region).map(view, out);
  }
}

Result<Json> write_look(const LookRequest& request) {
  const auto as = look_as(request.as);
  if (!as) return as.error();
  std::optional<PieceMask> mask;
  if (as->kind == LookAs::Kind::Mask) {
    auto read = mask_of(request.photo.piece);
    if (!read) return read.error();
    mask.emplace(std::move(read).value());
  }
  const auto photo = opened(request.photo.photo);
  if (!photo) return photo.error();
  const PixelView view = view_of(photo->image);
  QImage image(photo->image.size(), photo->image.format());
  look(view, *as, mask ? &*mask : nullptr, pixels_of(image));
  const Status saved = save_picture(image, request.output.path);
  if (!saved) return saved.error();
  return Json{{"files", files_json(request.output.path)}, {"width", view.width}, {"height", view.height}};
}

} // namespace

Command add_look(const Options& app) {
  auto r = std::make_shared<LookRequest>();
  const Options command = app.command("look", "Write a photo as a painter looks at it");
  command.input("photo", r->photo.photo, "Photo file");
  command.text("--as", r->as,
               "value, flat:2 to 5, steps:2 to 101, squint:PIXELS, mask, or protan, deutan and tritan with "
               ":SEVERITY 0 to 1",
               Options::Need::Needed);
  command.input("--piece", r->photo.piece, "Piece whose mask is used", Options::Need::MayBeLeftOut);
  command.output(r->output, picture_formats(), "PNG or JPEG file to write");
  return {command, [r] { return write_look(*r); }};
}

} // namespace zc::cli
