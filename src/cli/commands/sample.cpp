// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/photos.h"
#include "io/photo/decode.h"

namespace zc::cli {
namespace {

struct SampleRequest {
  PhotoRequest photo;
  std::string at;
  int side = 5;
};

Result<Json> sample(const PhotoRequest& request, const std::string& at, int side) {
  if (side % 2 == 0)
    return Error{ErrorCode::BadInput, as_said("A sample is an odd number of pixels wide, from 1 to 101."),
                 "--size"};
  const auto place = whole_numbers(at, 2, "--at");
  if (!place) return place.error();
  const auto photo = opened(request.photo);
  if (!photo) return photo.error();
  const auto color = sample_average(view_of(photo->image), (*place)[0], (*place)[1], side);
  if (!color)
    return Error{ErrorCode::BadInput, as_said("There is no pixel at " + at + " to sample."), "--at"};
  return Json{{"x", (*place)[0]}, {"y", (*place)[1]}, {"color", color_json(*color)}};
}

} // namespace

Command add_sample(const Options& app) {
  auto r = std::make_shared<SampleRequest>();
  const Options command = app.command("sample", "Average of a square of pixels");
  command.input("photo", r->photo.photo, "Photo file");
  command.text("--at", r->at, "X,Y in pixels of the upright photo", Options::Need::Needed);
  command.whole("--size", r->side, {1, 101}, "Side of the square in pixels, odd");
  return {command, [r] { return sample(r->photo, r->at, r->side); }};
}

} // namespace zc::cli
