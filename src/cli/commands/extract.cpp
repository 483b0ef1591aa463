// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/photos.h"
#include "core/image/extract.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"

namespace zc::cli {
namespace {

struct ExtractRequest {
  PhotoRequest photo;
  ExtractionSpec spec;
  std::string bands, output;
  bool inside = false, mapped = false, typical = false;
};

const char* band_word(Band band) {
  return band == Band::Light ? "light" : band == Band::Middle ? "middle" : "dark";
}

Result<Json> extract(const PhotoRequest& request, ExtractionSpec spec, const std::string& bands,
                     const std::string& output) {
  if (!bands.empty()) {
    const auto n = whole_numbers(bands, 3, "--bands");
    if (!n) return n.error();
    spec.quotas = BandCounts{(*n)[2], (*n)[1], (*n)[0]};
  }
  std::optional<PieceMask> mask;
  if (!request.piece.empty()) {
    auto read = mask_of(request.piece);
    if (!read) return read.error();
    spec.bands = read->bands;
    mask.emplace(std::move(read).value());
  }
  const auto photo = opened(request.photo);
  if (!photo) return photo.error();
  const PixelView view = view_of(photo->image);
  const auto rect = region_of(request.region, view);
  if (!rect) return rect.error();
  const auto made = extract_colors(part_of(view, *rect), spec, mask ? &mask->wheel : nullptr,
                                   mask ? &mask->region : nullptr);
  if (!made) return made.error();
  Json colors = Json::array();
  for (const auto& c : made->colors) {
    Json color = color_fields(c.color);
    color["share"] = c.share;
    color["x"] = c.x + rect->x;
    color["y"] = c.y + rect->y;
    color["band"] = band_word(c.band);
    if (c.accent) color["accent"] = true;
    colors.push_back(color);
  }
  Json unmet = Json::object();
  if (made->unmet.light) unmet["light"] = made->unmet.light;
  if (made->unmet.middle) unmet["middle"] = made->unmet.middle;
  if (made->unmet.dark) unmet["dark"] = made->unmet.dark;
  if (made->missing) unmet["count"] = made->missing;
  const Json out{{"colors", colors}, {"unmet", unmet}};
  if (output.empty()) return out;
  const std::string text = out.dump(2) + "\n";
  const Status saved = save_safely(output, Bytes(text.begin(), text.end()), Backup::None);
  if (!saved) return saved.error();
  return Json{{"file", output}, {"colors", made->colors.size()}, {"unmet", unmet}};
}

} // namespace

Command add_extract(const Options& app) {
  auto r = std::make_shared<ExtractRequest>();
  const Options command = app.command("extract", "Take a palette out of a photo");
  add_photo_options(command, r->photo, true);
  command.whole("--count", r->spec.count, "How many colors");
  command.text("--bands", r->bands, "How many light, middle and dark ones: L,M,D");
  command.whole("--accents", r->spec.accents, "Small far-off colors among them, at most so many");
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
