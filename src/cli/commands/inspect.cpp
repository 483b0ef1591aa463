#include "cli/command.h"

#include "cli/photos.h"

namespace zc::cli {

Command add_inspect(const Options& app) {
  auto photo = std::make_shared<PhotoRequest>();
  const Options command = app.command("inspect", "Value plan and facts of a photo");
  add_photo_options(command, *photo, true);
  return {command, [photo] { return inspect(*photo); }};
}

} // namespace zc::cli
