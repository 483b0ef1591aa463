#include "cli/command.h"

#include "cli/photos.h"

namespace zc::cli {
namespace {

struct Request {
  PhotoRequest photo;
  ExtractionSpec spec;
  std::string bands, output;
  bool inside = false, mapped = false, typical = false;
};

} // namespace

Command add_extract(const Options& app) {
  auto r = std::make_shared<Request>();
  const Options command = app.command("extract", "Take a palette out of a photo");
  add_photo_options(command, r->photo, true);
  command.whole("--count", r->spec.count, "How many colors");
  command.text("--bands", r->bands, "How many light, middle and dark ones: L,M,D");
  command.number("--min-difference", r->spec.least_difference, "Least CIEDE2000 between two");
  command.flag("--inside", r->inside, "Only pixels inside the piece's mask");
  command.flag("--mapped", r->mapped, "Pixels outside the mask at their nearest place inside");
  command.flag("--typical", r->typical, "Real pixels instead of means");
  command.text("-o,--output", r->output, "File to write");
  return {command, [r] {
            r->spec.mask = r->inside ? MaskUse::InsideOnly : r->mapped ? MaskUse::MapInto : MaskUse::Ignore;
            r->spec.representative = r->typical ? Representative::Pixel : Representative::Mean;
            return extract(r->photo, r->spec, r->bands, r->output);
          }};
}

} // namespace zc::cli
