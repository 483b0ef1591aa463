// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/photos.h"
#include "core/image/places.h"
#include "core/image/values.h"
#include "io/photo/decode.h"

namespace zc::cli {

namespace {

Result<Json> inspect(const PhotoRequest& request) {
  const auto photo = opened(request.photo);
  if (!photo) return photo.error();
  const PixelView view = view_of(photo->image);
  const auto rect = region_of(request.region, view);
  if (!rect) return rect.error();
  const PixelView part = part_of(view, *rect);
  const FineValues values = fine_values(part);
  const auto whole = whole_values(values);
  double total = 0;
  for (const double n : whole) total += n;
  Json histogram = Json::array();
  for (const double n : whole) histogram.push_back(total > 0 ? n / total : 0);
  Bands bands;
  Json out{
      {"width", view.width},
      {"height", view.height},
      {"profile", photo->metadata.icc.isEmpty() ? Json(nullptr) : Json(profile_name(photo->metadata.icc))},
      {"orientation", photo->metadata.orientation},
      {"region", {{"x", rect->x}, {"y", rect->y}, {"width", rect->width}, {"height", rect->height}}},
      {"histogram", histogram}};
  if (!request.piece.empty()) {
    const auto mask = mask_of(request.piece);
    if (!mask) return mask.error();
    bands = mask->bands;
    out["inside_mask"] = share_inside(color_places(part, mask->wheel), mask->region);
  }
  const BandShares shares = band_shares(values, bands);
  out["bands"] = bands_json(shares.light, shares.middle, shares.dark);
  out["value_key"] = key_of(values);
  return out;
}

} // namespace

Command add_inspect(const Options& app) {
  auto photo = std::make_shared<PhotoRequest>();
  const Options command = app.command("inspect", "Value plan and facts of a photo");
  add_photo_options(command, *photo, true);
  return {command, [photo] { return inspect(*photo); }};
}

} // namespace zc::cli
