#include "cli/photos.h"

#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/image/blur.h"
#include "core/image/places.h"
#include "core/image/through_mask.h"
#include "core/image/values.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/profile.h"

#include <QBuffer>

#include <algorithm>
#include <charconv>
#include <filesystem>

namespace zc::cli {
namespace {

struct Opened {
  QImage image;
  PhotoMetadata metadata;
};

Result<Opened> opened(const std::string& path) {
  const auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  const std::string name = std::filesystem::path(path).filename().string();
  auto image = decode_photo(*bytes, name);
  if (!image) return image.error();
  return Opened{std::move(image).value(), read_metadata(*bytes)};
}

/// Whole numbers parted by commas, exactly so many.
Result<std::vector<int>> whole_numbers(const std::string& text, std::size_t count, const char* what) {
  std::vector<int> out;
  const char *at = text.data(), *end = text.data() + text.size();
  while (at != end) {
    int n = 0;
    const auto read = std::from_chars(at, end, n);
    if (read.ec != std::errc()) break;
    out.push_back(n);
    at = read.ptr;
    if (at == end || *at != ',') break;
    ++at;
  }
  if (at != end || out.size() != count || text.ends_with(','))
    return Error{ErrorCode::BadInput,
                 "\"" + text + "\" is not " + std::to_string(count) + " whole numbers for " + what + ".",
                 what};
  return out;
}

Result<PixelRect> region_of(const std::string& text, const PixelView& photo) {
  if (text.empty()) return PixelRect{0, 0, photo.width, photo.height};
  const auto n = whole_numbers(text, 4, "--region");
  if (!n) return n.error();
  const PixelRect asked{(*n)[0], (*n)[1], (*n)[2], (*n)[3]};
  const PixelRect rect = cut_to(asked, photo);
  if (asked.width <= 0 || asked.height <= 0 || rect.width == 0 || rect.height == 0)
    return Error{ErrorCode::BadInput,
                 "The region " + text + " does not lie on the photo of " + std::to_string(photo.width) +
                     " x " + std::to_string(photo.height) + " pixels.",
                 "--region"};
  return rect;
}

struct PieceMask {
  Wheel wheel;
  MaskRegion region;
  Bands bands;
};

Result<PieceMask> mask_of(const std::string& path) {
  const auto document = open_document(path);
  if (!document) return document.error();
  const Piece& piece = document->piece;
  if (!piece.mask) return Error{ErrorCode::NotFound, "The piece has no mask.", path};
  return PieceMask{Wheel(piece.wheel), MaskRegion(*piece.mask), piece.bands};
}

const char* band_word(Band band) {
  return band == Band::Light ? "light" : band == Band::Middle ? "middle" : "dark";
}

Json color_fields(Srgb c) {
  const Lab lab = lab_from_srgb(c);
  return {{"hex", hex_of(c)}, {"lab", Json::array({lab.l, lab.a, lab.b})}};
}

} // namespace

void add_photo_options(const Options& command, PhotoRequest& photo, bool with_region) {
  command.text("photo", photo.photo, "Photo file", Options::Need::Needed);
  if (with_region) command.text("--region", photo.region, "X,Y,W,H in pixels");
  command.text("--piece", photo.piece, "Piece whose mask is used");
}

Result<Json> inspect(const PhotoRequest& request) {
  const auto photo = opened(request.photo);
  if (!photo) return photo.error();
  const PixelView view = view_of(photo->image);
  const auto rect = region_of(request.region, view);
  if (!rect) return rect.error();
  const PixelView part = part_of(view, *rect);
  const FineValues values = fine_values(part);
  const auto whole = whole_values(values);
  double total = 0;
  for (const double n : whole) total += n;
  Json histogram = Json::array();
  for (const double n : whole) histogram.push_back(total > 0 ? n / total : 0);
  Bands bands;
  Json out{
      {"width", view.width},
      {"height", view.height},
      {"profile", photo->metadata.icc.isEmpty() ? Json(nullptr) : Json(profile_name(photo->metadata.icc))},
      {"orientation", photo->metadata.orientation},
      {"region", Json::array({rect->x, rect->y, rect->width, rect->height})},
      {"histogram", histogram}};
  if (!request.piece.empty()) {
    const auto mask = mask_of(request.piece);
    if (!mask) return mask.error();
    bands = mask->bands;
    out["inside_mask"] = share_held(color_places(part, mask->wheel), mask->region);
  }
  const BandShares shares = band_shares(values, bands);
  out["bands"] = {{"light", shares.light}, {"middle", shares.middle}, {"dark", shares.dark}};
  out["key"] = key_of(values);
  return out;
}

Result<Json> sample(const PhotoRequest& request, const std::string& at, int side) {
  if (side < 1 || side > 101 || side % 2 == 0)
    return Error{ErrorCode::BadInput, "A sample is an odd number of pixels wide, from 1 to 101.", "--size"};
  const auto place = whole_numbers(at, 2, "--at");
  if (!place) return place.error();
  const auto photo = opened(request.photo);
  if (!photo) return photo.error();
  const auto color = sample_average(view_of(photo->image), (*place)[0], (*place)[1], side);
  if (!color) return Error{ErrorCode::BadInput, "There is no pixel at " + at + " to sample.", "--at"};
  Json out = color_fields(*color);
  out["srgb"] = Json::array({color->r, color->g, color->b});
  out["value"] = value_of(*color);
  return out;
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

Result<Json> look(const PhotoRequest& request, const std::string& as, const std::string& output) {
  const auto colon = as.find(':');
  const std::string kind = as.substr(0, colon);
  double amount = 0;
  if (colon != std::string::npos) {
    const auto read = std::from_chars(as.data() + colon + 1, as.data() + as.size(), amount);
    if (read.ec != std::errc() || read.ptr != as.data() + as.size())
      return Error{ErrorCode::BadInput, "\"" + as + "\" has no number after the colon.", "--as"};
  }
  const auto whole_from = [&](int low, int high) {
    return colon != std::string::npos && amount == std::floor(amount) && amount >= low && amount <= high;
  };
  const bool known = (kind == "value" && colon == std::string::npos) ||
                     (kind == "mask" && colon == std::string::npos) || (kind == "flat" && whole_from(2, 5)) ||
                     (kind == "steps" && whole_from(2, 101)) ||
                     (kind == "squint" && colon != std::string::npos && amount >= 0 && amount <= 1000);
  if (!known)
    return Error{
        ErrorCode::BadInput,
        "A photo can be looked at as value, flat:2 to flat:5, steps:2 to steps:101, squint:PIXELS or mask.",
        "--as"};
  std::optional<PieceMask> mask;
  if (kind == "mask") {
    auto read = mask_of(request.piece);
    if (!read) return read.error();
    mask.emplace(std::move(read).value());
  }
  const auto photo = opened(request.photo);
  if (!photo) return photo.error();
  const PixelView view = view_of(photo->image);
  std::vector<std::uint32_t> words(static_cast<std::size_t>(view.width) * view.height);
  if (kind == "value") {
    for (int y = 0; y < view.height; ++y)
      to_value_greys(view.row(y), words.data() + static_cast<std::size_t>(y) * view.width,
                     static_cast<std::size_t>(view.width));
  } else if (kind == "flat") {
    const FineValues values = fine_values(view);
    to_flat_tones(view, flat_tones(values, flat_limits(values, static_cast<int>(amount))), words.data());
  } else if (kind == "steps") {
    to_flat_tones(view, even_tones(static_cast<int>(amount)), words.data());
  } else if (kind == "squint") {
    squint(view, amount, words.data());
  } else {
    MaskMapper(mask->wheel, mask->region).map(view, words.data());
  }
  const QImage image(reinterpret_cast<const uchar*>(words.data()), view.width, view.height, view.width * 4,
                     photo->image.format());
  QByteArray png;
  QBuffer buffer(&png);
  buffer.open(QIODevice::WriteOnly);
  if (!image.save(&buffer, "PNG"))
    return Error{ErrorCode::Unwritable, "The picture could not be made.", output};
  const Status saved = save_safely(output, Bytes(png.begin(), png.end()), Backup::None);
  if (!saved) return saved.error();
  return Json{{"file", output}, {"width", view.width}, {"height", view.height}};
}

} // namespace zc::cli
