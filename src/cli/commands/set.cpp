// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli set, version and family: what the head and the menus of a set do.
#include "cli/change.h"

#include "cli/sets.h"
#include "core/grading/remedies.h"
#include "core/piece/edits.h"

namespace zc::cli {
namespace {

constexpr Word<SortBy> kSorts[] = {
    {SortBy::Value, "value"}, {SortBy::Hue, "hue"}, {SortBy::Chroma, "chroma"}, {SortBy::Name, "name"}};

struct SetRequest : ChangeRequest {
  std::string note, light, haze;
  std::vector<std::string> tags, swatches;
  LightAndHaze by;
  SortBy sort = SortBy::Value;
  int place = 0;
};
using SetAsked = std::shared_ptr<SetRequest>;
using SetEdit = std::function<Result<Piece>(const Piece&, Id set, const SetRequest&)>;

/// The set is named by its place, and stays or becomes the current one as the edit has it.
Command set_command(const Options& command, const SetAsked& r, const SetEdit& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto set = set_named(p, r->name);
    if (!set) return set.error();
    return edit(p, (*set)->id, *r);
  });
  command.text("set", r->name, "Name of the set", Options::Need::Needed);
  return out;
}

/// A named family of the set that --set names.
Command family_command(const Options& command, const SetAsked& r,
                       const std::function<Result<Piece>(const Piece&, Id family, const SetRequest&)>& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto family = family_named(p, r->name);
    if (!family) return family.error();
    return edit(p, (*family)->id, *r);
  });
  command.text("family", r->name, "Name of the family", Options::Need::Needed);
  add_set_option(command, *r);
  return out;
}

Command
version_command(const Options& command, const SetAsked& r,
                const std::function<Result<Piece>(const Piece&, Id version, const SetRequest&)>& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto version = version_named(p, r->name);
    if (!version) return version.error();
    return edit(p, (*version)->id, *r);
  });
  command.text("version", r->name, "Name of the version", Options::Need::Needed);
  add_set_option(command, *r);
  return out;
}

SetAsked set_asked() { return std::make_shared<SetRequest>(); }

Result<Piece> lit(const Piece& p, const SetRequest& r) {
  LightAndHaze by = r.by;
  for (const auto& [text, color] : {std::pair(&r.light, &by.light), std::pair(&r.haze, &by.haze)}) {
    if (text->empty()) continue;
    const auto given = given_color(*text);
    if (!given) return given.error();
    *color = *given;
  }
  if (!by.changes())
    return Error{ErrorCode::BadInput, as_said("Give a --strength, an --exposure or an --amount of haze."),
                 "--strength"};
  return with_lit_version(p, p.current_set, r.name, by);
}

Result<Piece> split_off(const Piece& p, const SetRequest& r) {
  const auto ids = swatches_named(p, r.swatches);
  if (!ids) return ids.error();
  auto out = with_family_split(p, *ids);
  if (!out || r.to.empty()) return out;
  return with_family_named(*out, find_family_of(*out, ids->front())->id, r.to);
}

void add_to(const Options& command, const SetAsked& r) {
  command.text("--to", r->to, "The new name", Options::Need::Needed);
}

} // namespace

std::vector<Command> add_set_commands(const Options& app) {
  const Options group =
      app.group("set", "Sets of a piece: add, rename, copy, use, move, delete, note, tags, sort");
  std::vector<Command> out;
  {
    const SetAsked r = set_asked();
    const Options command = group.command("add", "Add an empty set, which becomes the current one");
    out.push_back(change_command(command, r, [r = r.get()](const Piece& p) { return with_set(p, r->name); }));
    command.text("set", r->name, "Name of the set", Options::Need::Needed);
  }
  {
    const SetAsked r = set_asked();
    const Options command = group.command("rename", "Give a set another name");
    out.push_back(set_command(command, r, [](const Piece& p, Id set, const SetRequest& q) {
      return with_set_named(p, set, q.to);
    }));
    add_to(command, r);
  }
  out.push_back(set_command(
      group.command("copy", "Copy a set without its versions; the copy becomes the current one"), set_asked(),
      [](const Piece& p, Id set, const SetRequest&) { return with_set_duplicated(p, set); }));
  out.push_back(
      set_command(group.command("use", "Make a set the current one"), set_asked(),
                  [](const Piece& p, Id set, const SetRequest&) { return with_current_set(p, set); }));
  out.push_back(set_command(group.command("delete", "Delete a set, but never the last one"), set_asked(),
                            [](const Piece& p, Id set, const SetRequest&) { return without_set(p, set); }));
  {
    const SetAsked r = set_asked();
    const Options command = group.command("move", "Move a set to another place");
    out.push_back(set_command(command, r, [](const Piece& p, Id set, const SetRequest& q) {
      return with_set_moved(p, set, before_place(q.place, p.sets.size()));
    }));
    command.whole("--place", r->place, kPlaces,
                  "Before the set that stands there now; the end when left out");
  }
  {
    const SetAsked r = set_asked();
    const Options command = group.command("note", "Write the note of a set");
    out.push_back(set_command(command, r, [](const Piece& p, Id set, const SetRequest& q) {
      return with_set_note(p, set, q.note);
    }));
    command.text("note", r->note, "The note; empty for none", Options::Need::Needed);
  }
  {
    const SetAsked r = set_asked();
    const Options command = group.command("tags", "Give a set these tags in place of its own");
    out.push_back(set_command(command, r, [](const Piece& p, Id set, const SetRequest& q) {
      return with_set_tags(p, set, q.tags);
    }));
    command.texts("--tag", r->tags, "A tag, once for each; none when left out");
  }
  {
    const SetAsked r = set_asked();
    const Options command = group.command("sort", "Sort the swatches of each family, without gaps");
    out.push_back(set_command(command, r, [](const Piece& p, Id set, const SetRequest& q) {
      return with_set_sorted(p, set, q.sort);
    }));
    command.choice("--by", kSorts, "What goes first", r->sort);
  }
  return out;
}

std::vector<Command> add_version_commands(const Options& app) {
  const Options group = app.group("version", "Versions of a set: keep, light, restore, rename, delete");
  std::vector<Command> out;
  {
    const SetAsked r = set_asked();
    const Options command =
        group.command("keep", "Keep the set as it is now as a version, with wheel and mask");
    out.push_back(change_command(
        command, r, [r = r.get()](const Piece& p) { return with_version_kept(p, p.current_set, r->name); }));
    command.text("version", r->name, "Name of the version", Options::Need::Needed);
    add_set_option(command, *r);
  }
  {
    const SetAsked r = set_asked();
    const Options command =
        group.command("light", "Keep the set under a light and in haze as a version; the set stays");
    out.push_back(change_command(command, r, [r = r.get()](const Piece& p) { return lit(p, *r); }));
    command.text("version", r->name, "Name of the version", Options::Need::Needed);
    command.text("--light", r->light, std::string("Color of the light: ") + kColorHelp);
    command.number("--strength", r->by.strength, kShareRange, "How far the light tints");
    command.number("--exposure", r->by.stops, kExposureRange, "Stops lighter or darker");
    command.text("--haze", r->haze, std::string("Color of the haze: ") + kColorHelp);
    command.number("--amount", r->by.amount, kShareRange, "How much haze lies before the set");
    add_set_option(command, *r);
  }
  out.push_back(version_command(
      group.command("restore", "The set becomes what the version is; what it was is kept as a version"),
      set_asked(),
      [](const Piece& p, Id version, const SetRequest&) { return with_version_restored(p, version); }));
  {
    const SetAsked r = set_asked();
    const Options command = group.command("rename", "Give a version another name");
    out.push_back(version_command(command, r, [](const Piece& p, Id version, const SetRequest& q) {
      return with_version_named(p, version, q.to);
    }));
    add_to(command, r);
  }
  out.push_back(version_command(
      group.command("delete", "Delete a version"), set_asked(),
      [](const Piece& p, Id version, const SetRequest&) { return without_version(p, version); }));
  return out;
}

std::vector<Command> add_family_commands(const Options& app) {
  const Options group =
      app.group("family", "Families of a set: add, rename, move, merge, split, space, delete");
  std::vector<Command> out;
  {
    const SetAsked r = set_asked();
    const Options command = group.command("add", "Add an empty family at the end of the set");
    out.push_back(
        change_command(command, r, [r = r.get()](const Piece& p) { return with_family(p, r->name); }));
    command.text("family", r->name, "Name of the family", Options::Need::Needed);
    add_set_option(command, *r);
  }
  {
    const SetAsked r = set_asked();
    const Options command = group.command("rename", "Give a family another name");
    out.push_back(family_command(command, r, [](const Piece& p, Id family, const SetRequest& q) {
      return with_family_named(p, family, q.to);
    }));
    add_to(command, r);
  }
  {
    const SetAsked r = set_asked();
    const Options command = group.command("move", "Move a family to another place");
    out.push_back(family_command(command, r, [](const Piece& p, Id family, const SetRequest& q) {
      return with_family_moved(p, family, before_place(q.place, current_set(p)->families.size()));
    }));
    command.whole("--place", r->place, kPlaces,
                  "Before the family that stands there now; the end when left out");
  }
  {
    const SetAsked r = set_asked();
    const Options command =
        group.command("merge", "Put the swatches of a family behind those of another one");
    out.push_back(
        family_command(command, r, [](const Piece& p, Id family, const SetRequest& q) -> Result<Piece> {
          const auto into = family_named(p, q.to);
          if (!into) return into.error();
          return with_families_merged(p, (*into)->id, family);
        }));
    command.text("--into", r->to, "Name of the other family", Options::Need::Needed);
  }
  {
    const SetAsked r = set_asked();
    const Options command = group.command("split", "Split swatches of a family off as a family of their own");
    out.push_back(change_command(command, r, [r = r.get()](const Piece& p) { return split_off(p, *r); }));
    command.texts("swatches", r->swatches, "Swatches of one family, as the commands of swatch name them",
                  Options::Need::Needed);
    command.text("--to", r->to, "Name of the new family; the old one with a number when left out");
    add_set_option(command, *r);
  }
  out.push_back(family_command(
      group.command("space", "Space the values of a family evenly; locked swatches stay"), set_asked(),
      [](const Piece& p, Id family, const SetRequest&) { return with_evened(p, family); }));
  out.push_back(family_command(
      group.command("delete", "Delete a family with its swatches; not while one of them is locked"),
      set_asked(), [](const Piece& p, Id family, const SetRequest&) { return without_family(p, family); }));
  return out;
}

} // namespace zc::cli
