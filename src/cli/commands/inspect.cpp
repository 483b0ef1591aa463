#include "cli/command.h"

#include "cli/photos.h"

namespace zc::cli {

Command add_inspect(CLI::App& app) {
  auto photo = std::make_shared<PhotoRequest>();
  auto* command = app.add_subcommand("inspect", "Value plan and facts of a photo");
  add_photo_options(*command, *photo, true);
  return {command, [photo] { return inspect(*photo); }};
}

} // namespace zc::cli
