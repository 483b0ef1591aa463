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

Command add_sample(CLI::App& app) {
  auto r = std::make_shared<Request>();
  auto* command = app.add_subcommand("sample", "Average of a square of pixels");
  command->add_option("photo", r->photo.photo, "Photo file")->required();
  command->add_option("--at", r->at, "X,Y")->required();
  command->add_option("--size", r->side, "Side of the square, odd, 1 to 101");
  return {command, [r] { return sample(r->photo, r->at, r->side); }};
}

} // namespace zc::cli
