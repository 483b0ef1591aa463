#include "cli/command.h"

#include "cli/photos.h"

namespace zc::cli {
namespace {

struct Request {
  PhotoRequest photo;
  std::string as, output;
};

} // namespace

Command add_look(const Options& app) {
  auto r = std::make_shared<Request>();
  const Options command = app.command("look", "Write a photo as a painter looks at it");
  command.text("photo", r->photo.photo, "Photo file", Options::Need::Needed);
  command.text("--as", r->as, "value, flat:N, steps:N, squint:PIXELS or mask", Options::Need::Needed);
  command.text("--piece", r->photo.piece, "Piece whose mask is used");
  command.text("-o,--output", r->output, "PNG file to write", Options::Need::Needed);
  return {command, [r] { return look(r->photo, r->as, r->output); }};
}

} // namespace zc::cli
