// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli key: mask, wheel and set taken together, as on the page of keys.
#include "cli/change.h"

#include "cli/sets.h"
#include "core/mask/patterns.h"
#include "core/piece/key_edits.h"
#include "io/shelf/mask_shelf.h"

namespace zc::cli {
namespace {

struct KeyRequest : ChangeRequest {
  std::optional<double> turn;
  std::optional<Pattern> pattern;
  std::string mask;
  double hue = 0, strength = 1;
  bool all_sets = false;
};

Result<ColorKey> key_asked(const Piece& piece, const KeyRequest& r) {
  if (int(r.turn.has_value()) + int(r.pattern.has_value()) + int(!r.mask.empty()) != 1)
    return Error{ErrorCode::BadInput,
                 as_said("A key is a --turn, a --pattern or a --mask; give one of them."), "--turn"};
  if (r.turn) return turned_key(piece, *r.turn);
  if (r.pattern)
    return pressed_key(piece, KeyKind::Pattern, pattern_mask({*r.pattern, r.hue, usual_spread(*r.pattern)}),
                       r.strength);
  const auto mask = of_file(mask_in_file(r.mask));
  if (!mask) return mask.error();
  return pressed_key(piece, KeyKind::Shelf, mask_on(*mask, piece.wheel), r.strength);
}

using KeyAsked = std::shared_ptr<KeyRequest>;

Command
key_command(const Options& command, const KeyAsked& r,
            const std::function<Result<Piece>(const Piece&, const ColorKey&, const KeyRequest&)>& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto key = key_asked(p, *r);
    if (!key) return key.error();
    return edit(p, *key, *r);
  });
  command.number("--turn", r->turn, kDegrees, "All hues turned by so many degrees on the wheel");
  command.choice<Pattern>("--pattern", pattern_words(), "Pressed into this pattern",
                          [r = r.get()](Pattern pattern) { r->pattern = pattern; });
  command.number("--hue", r->hue, kDegrees, "The leading hue of the pattern, degrees");
  command.input("--mask", r->mask, "Pressed into the mask of this file, as the shelf keeps them",
                Options::Need::MayBeLeftOut);
  command.number("--strength", r->strength, kShareRange, "How far colors move into a mask");
  add_set_option(command, *r);
  return out;
}

} // namespace

std::vector<Command> add_key_commands(const Options& app) {
  const Options group = app.group("key", "Put a piece into another color key, or keep that as a version");
  std::vector<Command> out;
  {
    const auto r = std::make_shared<KeyRequest>();
    const Options command = group.command("use", "Mask, wheel and set move into another key together");
    out.push_back(key_command(command, r, [](const Piece& p, const ColorKey& key, const KeyRequest& q) {
      return with_key_taken(p, key, q.all_sets ? Carry::AllToo : Carry::SetToo);
    }));
    command.flag("--all-sets", r->all_sets, "Every set of the piece moves along");
  }
  {
    const auto r = std::make_shared<KeyRequest>();
    const Options command =
        group.command("keep", "Keep the set in another key as a version, with its mask and wheel");
    out.push_back(key_command(command, r, [](const Piece& p, const ColorKey& key, const KeyRequest& q) {
      return with_key_as_version(p, key, q.name);
    }));
    command.text("version", r->name, "Name of the version", Options::Need::Needed);
  }
  return out;
}

} // namespace zc::cli
