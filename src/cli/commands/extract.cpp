// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"
#include "cli/line/progress.h"

#include "cli/photos.h"
#include "cli/sets.h"
#include "core/image/extract.h"
#include "core/piece/change.h"
#include "io/exchange/exchange.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"

namespace zc::cli {
namespace {

struct ExtractRequest {
  PhotoRequest photo;
  ExtractionSpec spec;
  std::string bands;
  OutputFile output;
  bool inside = false, mapped = false, typical = false;
};

const char* band_word(Band band) {
  return band == Band::Light ? "light" : band == Band::Middle ? "middle" : "dark";
}

/// As a set file has it: by bands from light to dark.
SwatchSet set_of(const Extraction& made) {
  SwatchSet out;
  out.name = "palette";
  Id id = 1;
  for (const ExtractedColor& c : made.colors) {
    std::size_t family = 0;
    while (family < out.families.size() && out.families[family].name != band_word(c.band)) ++family;
    if (family == out.families.size()) out.families.push_back({id++, band_word(c.band)});
    const std::string name = name_for(out, c.color);
    out.families.change(family).swatches.push_back({id++, c.color, {}, name});
  }
  return out;
}

Json colors_json(const Extraction& made, int left, int top) {
  Json out = Json::array();
  for (const auto& c : made.colors) {
    Json color = color_json(c.color);
    color["share"] = c.share;
    color["x"] = c.x + left;
    color["y"] = c.y + top;
    color["band"] = band_word(c.band);
    if (c.accent) color["accent"] = true;
    out.push_back(std::move(color));
  }
  return out;
}

Result<Json> extract(const PhotoRequest& request, ExtractionSpec spec, const std::string& bands,
                     const OutputFile& output) {
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
  auto made = extract_colors(part_of(view, *rect), spec, mask ? &mask->wheel : nullptr,
                             mask ? &mask->region : nullptr, told_progress("palette"));
  if (!made) return made.error();
  Json unmet = Json::object();
  if (made->unmet.light) unmet["light"] = made->unmet.light;
  if (made->unmet.middle) unmet["middle"] = made->unmet.middle;
  if (made->unmet.dark) unmet["dark"] = made->unmet.dark;
  if (made->missing) unmet["count"] = made->missing;
  Json out{{"colors", colors_json(*made, rect->x, rect->y)}, {"unmet", unmet}};
  if (!output.named()) return out;
  const auto bytes = write_set(set_of(*made), kExchangeFormats[output.format].format);
  if (!bytes) return bytes.error();
  const Status saved = save_safely(output.path, *bytes, Backup::None);
  if (!saved) return saved.error();
  out["files"] = files_json(output.path);
  return out;
}

} // namespace

Command add_extract(const Options& app) {
  auto r = std::make_shared<ExtractRequest>();
  const Options command = app.command("extract", "Take a palette out of a photo");
  add_photo_options(command, r->photo, true);
  command.whole("--count", r->spec.count, {1, kMostExtracted}, "How many colors");
  command.text("--bands", r->bands, "How many light, middle and dark ones: LIGHT,MIDDLE,DARK");
  command.whole("--accents", r->spec.accents, {0, kMostAccents},
                "At most so many small colors far from the others, among them");
  command.number("--least-difference", r->spec.least_difference, {0, 50},
                 "CIEDE2000 between any two, at least");
  command.flag("--inside", r->inside, "Only pixels inside the piece's mask");
  command.flag("--mapped", r->mapped, "Pixels outside the mask at their nearest place inside");
  command.flag("--pixels", r->typical, "Real pixels instead of averages");
  command.output(r->output, exchange_formats(), "Palette file to write, which import reads",
                 Options::Need::MayBeLeftOut);
  return {command, [r] {
            r->spec.mask = r->inside ? MaskUse::InsideOnly : r->mapped ? MaskUse::MapInto : MaskUse::Ignore;
            r->spec.representative = r->typical ? Representative::Pixel : Representative::Mean;
            return extract(r->photo, r->spec, r->bands, r->output);
          }};
}

} // namespace zc::cli
