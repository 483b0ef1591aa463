#include "cli/command.h"

#include "cli/photos.h"

namespace zc::cli {
namespace {

struct Request {
  PhotoRequest photo;
  std::string at;
  int side = 5;
};

} // namespace

Command add_sample(const Options& app) {
  auto r = std::make_shared<Request>();
  const Options command = app.command("sample", "Average of a square of pixels");
  command.text("photo", r->photo.photo, "Photo file", Options::Need::Needed);
  command.text("--at", r->at, "X,Y", Options::Need::Needed);
  command.whole("--size", r->side, "Side of the square, odd, 1 to 101");
  return {command, [r] { return sample(r->photo, r->at, r->side); }};
}

} // namespace zc::cli
