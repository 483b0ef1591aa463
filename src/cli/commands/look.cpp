#include "cli/command.h"

#include "cli/photos.h"

namespace zc::cli {
namespace {

struct Request {
  PhotoRequest photo;
  std::string as, output;
};

} // namespace

Command add_look(CLI::App& app) {
  auto r = std::make_shared<Request>();
  auto* command = app.add_subcommand("look", "Write a photo as a painter looks at it");
  command->add_option("photo", r->photo.photo, "Photo file")->required();
  command->add_option("--as", r->as, "value, flat:N, steps:N, squint:PIXELS or mask")->required();
  command->add_option("--piece", r->photo.piece, "Piece whose mask is used");
  command->add_option("-o,--output", r->output, "PNG file to write")->required();
  return {command, [r] { return look(r->photo, r->as, r->output); }};
}

} // namespace zc::cli
