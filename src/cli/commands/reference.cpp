// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli reference and paint: the photos of a piece, and its palette of paints.
#include "cli/change.h"

#include "cli/photos.h"
#include "cli/sets.h"
#include "core/mix/trade_paints.h"
#include "core/piece/edits.h"
#include "core/piece/paints.h"
#include "io/files/safe_save.h"
#include "io/shelf/paint_shelf.h"

#include <filesystem>

namespace zc::cli {
namespace {

struct PartRequest : ChangeRequest {
  std::string photo, color, trade;
  double strength = 1;
  int place = 0;
  bool off = false;
};
using PartAsked = std::shared_ptr<PartRequest>;
PartAsked part_asked() { return std::make_shared<PartRequest>(); }

struct PhotoFile {
  std::string name, extension;
  SharedBytes bytes;
};
/// Only what can be decoded comes into a piece.
Result<PhotoFile> photo_file(const std::string& path) {
  const auto read = opened(path);
  if (!read) return read.error();
  auto bytes = read_file(path);
  if (!bytes) return bytes.error();
  const std::filesystem::path file(path);
  std::string extension = file.extension().string();
  if (!extension.empty()) extension.erase(0, 1);
  for (char& c : extension)
    if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
  return PhotoFile{file.filename().string(), extension,
                   std::make_shared<const Bytes>(std::move(bytes).value())};
}

Result<Piece> with_photo(const Piece& p, const PartRequest& r) {
  const auto photo = photo_file(r.photo);
  if (!photo) return photo.error();
  auto out = with_reference(p, photo->name, photo->extension, photo->bytes);
  if (!out || r.name.empty()) return out;
  const Id id = out->references.back().id;
  return with_reference_named(std::move(out).value(), id, r.name);
}

Command named_reference(const Options& command, const PartAsked& r,
                        const std::function<Result<Piece>(const Piece&, Id, const PartRequest&)>& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto reference = reference_named(p, r->name);
    if (!reference) return reference.error();
    return edit(p, (*reference)->id, *r);
  });
  command.text("reference", r->name, "Name of the reference", Options::Need::Needed);
  return out;
}

Command named_paint(const Options& command, const PartAsked& r,
                    const std::function<Result<Piece>(const Piece&, Id, const PartRequest&)>& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto paint = paint_named(p, r->name);
    if (!paint) return paint.error();
    return edit(p, (*paint)->id, *r);
  });
  command.text("paint", r->name, "Name of the paint", Options::Need::Needed);
  return out;
}

Result<Piece> with_new_paint(const Piece& p, const PartRequest& r) {
  Srgb color;
  if (r.color.empty() == r.trade.empty())
    return Error{ErrorCode::BadInput,
                 as_said("Give a paint a --color, or the name of a paint of the --trade."), "--color"};
  if (!r.color.empty()) {
    const auto given = given_color(r.color);
    if (!given) return given.error();
    color = *given;
  }
  auto out = with_paint(p, r.name, color, r.trade);
  if (!out || r.strength == 1) return out;
  const Id id = out->paints.back().id;
  return with_paint_strength(std::move(out).value(), id, r.strength);
}

} // namespace

std::vector<Command> add_reference_commands(const Options& app) {
  const Options group =
      app.group("reference", "Photos of a piece: add, rename, move, replace, follow, delete");
  std::vector<Command> out;
  {
    const PartAsked r = part_asked();
    const Options command = group.command("add", "Add a photo to a piece");
    out.push_back(change_command(command, r, [r = r.get()](const Piece& p) { return with_photo(p, *r); }));
    command.input("photo", r->photo, "Photo file");
    command.text("--name", r->name, "Name; that of the file when left out");
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("rename", "Give a reference another name");
    out.push_back(named_reference(command, r, [](const Piece& p, Id id, const PartRequest& q) {
      return with_reference_named(p, id, q.to);
    }));
    command.text("--to", r->to, "The new name", Options::Need::Needed);
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("move", "Move a reference to another place");
    out.push_back(named_reference(command, r, [](const Piece& p, Id id, const PartRequest& q) {
      return with_reference_moved(p, id, before_place(q.place, p.references.size()));
    }));
    command.whole("--place", r->place, kPlaces,
                  "Before the reference that stands there now; the end when left out");
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("replace", "Put another photo in the place of a reference");
    out.push_back(
        named_reference(command, r, [](const Piece& p, Id id, const PartRequest& q) -> Result<Piece> {
          const auto photo = photo_file(q.photo);
          if (!photo) return photo.error();
          return with_reference_replaced(p, id, q.to.empty() ? photo->name : q.to, photo->extension,
                                         photo->bytes);
        }));
    command.input("photo", r->photo, "Photo file");
    command.text("--name", r->to, "Its new name; that of the file when left out");
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("follow", "Follow a file that is painted on, or no longer");
    out.push_back(named_reference(command, r, [](const Piece& p, Id id, const PartRequest& q) {
      return with_reference_following(p, id, q.to);
    }));
    command.text("--path", r->to, "Path of the file; none when left out");
  }
  out.push_back(
      named_reference(group.command("delete", "Delete a reference"), part_asked(),
                      [](const Piece& p, Id id, const PartRequest&) { return without_reference(p, id); }));
  return out;
}

std::vector<Command> add_paint_commands(const Options& app) {
  const Options group =
      app.group("paint", "The palette of paints of a piece: add, rename, strength, use, move, delete");
  std::vector<Command> out;
  {
    const PartAsked r = part_asked();
    const Options command = group.command("add", "Add a paint to the palette of a piece");
    out.push_back(
        change_command(command, r, [r = r.get()](const Piece& p) { return with_new_paint(p, *r); }));
    command.text("paint", r->name, "Name of the paint", Options::Need::Needed);
    command.text("--color", r->color, std::string("Color of the paint: ") + kColorHelp);
    command.text("--trade", r->trade, "Name of the paint of the trade whose curve and color it has");
    command.number("--strength", r->strength, kStrengthRange, "Tinting strength");
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("rename", "Give a paint another name");
    out.push_back(named_paint(command, r, [](const Piece& p, Id id, const PartRequest& q) {
      return with_paint_named(p, id, q.to);
    }));
    command.text("--to", r->to, "The new name", Options::Need::Needed);
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("strength", "Set the tinting strength of a paint");
    out.push_back(named_paint(command, r, [](const Piece& p, Id id, const PartRequest& q) {
      return with_paint_strength(p, id, q.strength);
    }));
    command.number("--to", r->strength, kStrengthRange, "Tinting strength");
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("use", "Make a paint one of the active ones");
    out.push_back(named_paint(command, r, [](const Piece& p, Id id, const PartRequest& q) {
      return with_paint_out(p, id, !q.off);
    }));
    command.flag("--off", r->off, "Leave it out of recipes and of the reach");
  }
  {
    const PartAsked r = part_asked();
    const Options command = group.command("move", "Move a paint to another place");
    out.push_back(named_paint(command, r, [](const Piece& p, Id id, const PartRequest& q) {
      return with_paint_moved(p, id, before_place(q.place, p.paints.size()));
    }));
    command.whole("--place", r->place, kPlaces,
                  "Before the paint that stands there now; the end when left out");
  }
  out.push_back(named_paint(group.command("delete", "Delete a paint"), part_asked(),
                            [](const Piece& p, Id id, const PartRequest&) { return without_paint(p, id); }));
  return out;
}

} // namespace zc::cli
