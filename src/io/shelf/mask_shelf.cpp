#include "io/shelf/mask_shelf.h"

#include "core/mask/patterns.h"
#include "io/container/mask_json.h"
#include "io/container/safe_save.h"

#include <algorithm>
#include <filesystem>
#include <random>

namespace zc {
namespace {

constexpr int kFormat = 1;
constexpr std::size_t kMostTags = 50;
constexpr std::uint64_t kLargestFile = 4 << 20;
constexpr const char* kEnding = ".mask.json";

std::string lower(std::string_view text) {
  std::string out(text);
  for (char& c : out)
    if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
  return out;
}

std::string_view trimmed(std::string_view text) {
  const auto from = text.find_first_not_of(" \t\r\n");
  if (from == std::string_view::npos) return {};
  return text.substr(from, text.find_last_not_of(" \t\r\n") - from + 1);
}

/// Letters a file name can carry anywhere; the name itself is in the file.
std::string file_stem(std::string_view name) {
  std::string out;
  for (const char c : lower(name)) {
    const bool plain = (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9');
    if (plain)
      out += c;
    else if (!out.empty() && out.back() != '-')
      out += '-';
    if (out.size() >= 40) break;
  }
  return out.empty() ? "mask" : out;
}

std::string random_ending() {
  std::random_device device;
  static const char* digits = "0123456789abcdef";
  std::string out = "-";
  for (int i = 0; i < 16; ++i) out += digits[device() % 16];
  return out;
}

ShelfMask shipped(std::string name, std::vector<std::string> tags, std::vector<Area> areas) {
  ShelfMask out{std::move(name), std::move(tags), {}, {}, {}};
  out.mask.name = out.name;
  out.mask.areas = std::move(areas);
  return out;
}

Polygon places(std::initializer_list<std::pair<double, double>> angles_and_saturations) {
  Polygon out;
  for (const auto& [a, r] : angles_and_saturations) out.points.push_back(disc_point(a, r));
  return out;
}

} // namespace

std::string shelf_mask_to_json(const ShelfMask& mask) {
  const Json out{{"format", kFormat},
                 {"name", mask.name},
                 {"tags", mask.tags},
                 {"wheel", wheel_json(mask.wheel)},
                 {"mask", mask_json(mask.mask)}};
  return out.dump(1, ' ', false, Json::error_handler_t::replace);
}

Result<ShelfMask> shelf_mask_from_json(std::string_view text) {
  const Json json = Json::parse(text, nullptr, false);
  std::optional<Error> error;
  Fields f(json, "", error);
  const double format = f.number("format", 1, 1e9, 1);
  if (!error && format > kFormat)
    return Error{ErrorCode::Newer, "This mask was saved by a newer Zonachrom; update the program to use it.",
                 "format"};
  ShelfMask out;
  out.name = f.text("name");
  f.each("tags", kMostTags, [&](const Json& j, const std::string& key) {
    if (j.is_string())
      out.tags.push_back(j.get<std::string>());
    else
      f.fail(key, "text");
  });
  if (f.has("wheel")) out.wheel = read_wheel(f.inner(f.raw("wheel"), "wheel"));
  if (f.has("mask"))
    out.mask = read_mask(f.inner(f.raw("mask"), "mask"));
  else
    f.fail("mask", "a mask");
  if (error)
    return Error{ErrorCode::Damaged,
                 "This mask file is damaged" +
                     (error->place.empty() ? "." : ": the field " + error->place + " is wrong."),
                 error->place};
  return out;
}

MaskShelf read_mask_shelf(const std::string& folder) {
  MaskShelf out;
  std::error_code failed;
  for (const auto& entry : std::filesystem::directory_iterator(folder, failed)) {
    const std::string path = entry.path().string();
    if (!path.ends_with(kEnding)) continue;
    const auto bytes = read_file(entry.path(), kLargestFile);
    auto read = bytes ? shelf_mask_from_json({reinterpret_cast<const char*>(bytes->data()), bytes->size()})
                      : Result<ShelfMask>(bytes.error());
    if (!read) {
      Error error = read.error();
      error.sentence = "\"" + entry.path().filename().string() + "\": " + error.sentence;
      out.unreadable.push_back(std::move(error));
      continue;
    }
    out.masks.push_back(std::move(read).value());
    out.masks.back().file = path;
  }
  std::sort(out.masks.begin(), out.masks.end(), [](const ShelfMask& a, const ShelfMask& b) {
    return std::pair(lower(a.name), a.file) < std::pair(lower(b.name), b.file);
  });
  return out;
}

Result<std::string> put_on_shelf(const std::string& folder, const ShelfMask& mask) {
  ShelfMask kept = mask;
  kept.name = trimmed(mask.name);
  if (kept.name.empty())
    return Error{ErrorCode::BadInput, "A mask on the shelf needs a name; type at least one letter.", "name"};
  std::error_code failed;
  std::filesystem::create_directories(folder, failed);
  if (failed)
    return Error{ErrorCode::Unwritable,
                 "The shelf \"" + folder + "\" cannot be made: " + failed.message() + ".", folder};
  const std::string path = folder + "/" + file_stem(kept.name) + random_ending() + kEnding;
  const std::string text = shelf_mask_to_json(kept);
  const Status saved = save_safely(path, Bytes(text.begin(), text.end()), Backup::None);
  if (!saved) return saved.error();
  return path;
}

Status take_off_shelf(const ShelfMask& mask) {
  std::error_code failed;
  if (std::filesystem::remove(mask.file, failed)) return Done{};
  return Error{ErrorCode::Unwritable, "The mask \"" + mask.name + "\" could not be taken off the shelf.",
               mask.file};
}

std::vector<ShelfMask> shipped_masks() {
  const auto adds = [](Shape shape) { return Area{AreaMode::Adds, std::move(shape)}; };
  const auto cuts = [](Shape shape) { return Area{AreaMode::Cuts, std::move(shape)}; };
  return {
      shipped("All hues, quiet", {"muted", "any light"}, {adds(RingSector{0, 360, 0, 0.3})}),
      shipped("Ember and ash", {"fire", "night", "warm"},
              {adds(places({{40, 1}, {75, 1}, {105, 0.9}, {180, 0.18}, {300, 0.12}}))}),
      shipped("Lamp against dusk", {"night", "two lights"},
              {adds(places({{50, 1}, {80, 0.95}, {180, 0.2}, {225, 0.95}, {245, 0.8}, {320, 0.15}}))}),
      shipped("Overcast harbor", {"day", "cool", "muted"},
              {adds(Ellipse{disc_point(250, 0.25), 0.42, 0.22, 250})}),
      shipped("Rust and verdigris", {"metal", "day"},
              {adds(places({{70, 0.9}, {95, 0.9}, {165, 0.2}, {280, 0.7}, {300, 0.6}, {350, 0.2}}))}),
      shipped("Vivid without the middle", {"loud", "posters"},
              {adds(RingSector{0, 360, 0, 1}), cuts(RingSector{0, 360, 0, 0.45})}),
  };
}

bool found_by(const ShelfMask& mask, std::string_view search) {
  std::string all = lower(mask.name);
  for (const auto& tag : mask.tags) all += "\n" + lower(tag);
  const std::string words = lower(search);
  for (std::size_t at = 0; at < words.size();) {
    const std::size_t end = std::min(words.find(' ', at), words.size());
    if (end > at && all.find(words.substr(at, end - at)) == std::string::npos) return false;
    at = end + 1;
  }
  return true;
}

std::vector<std::string> tags_of(std::string_view text) {
  std::vector<std::string> out;
  for (std::size_t at = 0; at <= text.size();) {
    const std::size_t end = std::min(text.find(',', at), text.size());
    const std::string tag(trimmed(text.substr(at, end - at)));
    const bool known =
        std::any_of(out.begin(), out.end(), [&](const auto& t) { return lower(t) == lower(tag); });
    if (!tag.empty() && !known && out.size() < kMostTags) out.push_back(tag);
    at = end + 1;
  }
  return out;
}

} // namespace zc
