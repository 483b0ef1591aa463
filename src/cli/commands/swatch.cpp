// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli swatch: what the staff, the rows and the list do to swatches.
#include "cli/change.h"

#include "core/color/convert.h"
#include "core/color/css_color.h"
#include "core/piece/laying.h"
#include "core/piece/press_check.h"
#include "io/shelf/press_shelf.h"

namespace zc::cli {
namespace {

struct SwatchRequest : ChangeRequest {
  std::string color, family, note, inks, profile, book;
  std::optional<Finish> finish;
  std::vector<std::string> swatches, colors;
  int place = 0, count = 1;
  double value = 50, limit = kPrintLimit;
  Way way = Way::Straight;
  bool off = false;
};
using SwatchAsked = std::shared_ptr<SwatchRequest>;

constexpr auto kNamed = "Swatch as NAME, FAMILY/NAME, FAMILY@PLACE or #rrggbb";

std::optional<int> place_of(const SwatchRequest& r) {
  return r.place == 0 ? std::nullopt : std::optional(r.place - 1);
}

/// One swatch or several, by place on the line.
Command several(
    const Options& command, const SwatchAsked& r,
    const std::function<Result<Piece>(const Piece&, const std::vector<Id>&, const SwatchRequest&)>& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto ids = swatches_named(p, r->swatches);
    if (!ids) return ids.error();
    return edit(p, *ids, *r);
  });
  command.texts("swatches", r->swatches, std::string(kNamed) + "; several are changed at once",
                Options::Need::Needed);
  add_set_option(command, *r);
  return out;
}

Command one(const Options& command, const SwatchAsked& r,
            const std::function<Result<Piece>(const Piece&, Id, const SwatchRequest&)>& edit) {
  Command out = change_command(command, r, [r = r.get(), edit](const Piece& p) -> Result<Piece> {
    const auto swatch = swatch_named(p, r->name);
    if (!swatch) return swatch.error();
    return edit(p, (*swatch)->id, *r);
  });
  command.text("swatch", r->name, kNamed, Options::Need::Needed);
  add_set_option(command, *r);
  return out;
}

SwatchAsked swatch_asked() { return std::make_shared<SwatchRequest>(); }

Result<Piece> with_one_added(const Piece& p, const SwatchRequest& r, const std::string& text) {
  const auto color = given_color(text);
  if (!color) return color.error();
  if (r.place == 0) return with_color_laid_as(p, {*color, {}}, r.name, r.family);
  const auto family = family_named(p, r.family);
  if (!family) return family.error();
  return with_swatch(p, (*family)->id, {*color, {}}, r.name, place_of(r));
}

Result<Piece> added(const Piece& p, const SwatchRequest& r) {
  if (r.colors.size() > 1 && (r.place != 0 || !r.name.empty()))
    return Error{ErrorCode::BadInput, as_said("A name and a place are for one color alone."), "--name"};
  Result<Piece> out = p;
  for (const std::string& color : r.colors)
    if (out) out = with_one_added(*out, r, color);
  return out;
}

Result<std::shared_ptr<const Press>> press_of(const SwatchRequest& r) {
  return of_file(open_press(r.profile.empty() ? shipped_press() : std::filesystem::path(r.profile)));
}

/// Those named, or all, that do not print become the nearest printable, as at the press of the window.
Result<Piece> printable(const Piece& p, const SwatchRequest& r) {
  const auto press = press_of(r);
  if (!press) return press.error();
  const auto named = swatches_named(p, r.swatches);
  if (!named) return named.error();
  const SwatchSet& set = *current_set(p);
  const auto [colors, locked] =
      printable_colors(set, check_for_press(**press, press_wishes(set), r.limit), *named);
  if (colors.empty() && locked > 0)
    return Error{ErrorCode::BadInput,
                 as_said("The swatches that do not print are locked; unlock them with swatch lock --off."),
                 "swatch"};
  return colors.empty() ? p : with_colors_kept_before(p, set.id, colors, "before the press");
}

void add_profile(const Options& command, SwatchRequest& r) {
  command.input("--profile", r.profile, "ICC profile of the press; the stand-in when left out",
                Options::Need::MayBeLeftOut);
}

Result<Piece> moved(const Piece& p, const std::vector<Id>& ids, const SwatchRequest& r) {
  const auto family = family_named(p, r.family);
  if (!family) return family.error();
  return with_swatches_moved(p, ids, (*family)->id, place_of(r));
}

Command add_swatch_add(const Options& group) {
  const SwatchAsked r = swatch_asked();
  const Options command = group.command("add", "Add colors to a set");
  Command out = change_command(command, r, [r = r.get()](const Piece& p) { return added(p, *r); });
  command.texts("color", r->colors, kColorHelp, Options::Need::Needed);
  command.text("--name", r->name, "Name of one color; the color in words when left out");
  command.text("--family", r->family, "Family, made when it is not there; the last one when left out");
  command.whole("--place", r->place, kPlaces,
                "Place of one color in the row of the family, or the next free one behind it");
  add_set_option(command, *r);
  return out;
}

Command add_swatch_corners(const Options& group) {
  const SwatchAsked r = swatch_asked();
  const Options command = group.command("corners", "Add the corner colors of the mask as a family");
  Command out = change_command(command, r, [r = r.get()](const Piece& p) -> Result<Piece> {
    const auto colors = corner_colors(p, r->value);
    if (!colors) return colors.error();
    return with_laid_family(p, r->family, *colors);
  });
  r->family = "corner colors";
  command.text("--family", r->family, "Name of the family; \"corner colors\" when left out");
  command.number("--value", r->value, kValueRange, "Value of the colors");
  add_set_option(command, *r);
  return out;
}

Command add_swatch_printable(const Options& group) {
  const SwatchAsked r = swatch_asked();
  const Options command =
      group.command("printable", "Give swatches that do not print the nearest printable color");
  Command out = change_command(command, r, [r = r.get()](const Piece& p) { return printable(p, *r); });
  command.texts("swatches", r->swatches, std::string(kNamed) + "; all when left out");
  add_profile(command, *r);
  command.number("--most-difference", r->limit, {0.001, kLargestPrintLimit},
                 "CIEDE2000 below which a color counts as printed");
  add_set_option(command, *r);
  return out;
}

Command add_swatch_fill(const Options& group) {
  const SwatchAsked r = swatch_asked();
  const Options command = group.command("fill", "Add colors between two swatches");
  Command out = change_command(command, r, [r = r.get()](const Piece& p) -> Result<Piece> {
    const auto first = swatch_named(p, r->name), second = swatch_named(p, r->to);
    if (!first) return first.error();
    if (!second) return second.error();
    return with_filled_between(p, (*first)->id, (*second)->id, r->count, r->way);
  });
  command.text("first", r->name, kNamed, Options::Need::Needed);
  command.text("second", r->to, kNamed, Options::Need::Needed);
  command.whole("--count", r->count, {1, 22}, "How many");
  command.choice("--way", kWayWords, "How they go from one to the other", r->way);
  add_set_option(command, *r);
  return out;
}

/// As inks of a press, as a name in a book, or none any longer.
Result<Piece> coded(const Piece& p, Id id, const SwatchRequest& r) {
  const int ways = int(!r.inks.empty()) + int(!r.book.empty()) + int(r.off);
  if (ways > 1 || (ways == 0 && !r.finish))
    return Error{ErrorCode::BadInput, as_said("Give one of --inks, --book and --off, or a --finish."),
                 "--inks"};
  if (r.off) return without_codes(p, {id});
  Result<Piece> out = p;
  if (!r.inks.empty()) {
    const auto press = press_of(r);
    if (!press) return press.error();
    const auto inks = typed_inks("cmyk " + r.inks);
    if (!inks) return inks.error();
    if (!*inks)
      return Error{ErrorCode::BadInput, as_said("\"" + r.inks + "\" is not four inks, as 20,40,0,12.5."),
                   "--inks"};
    out = with_swatch_coded(p, id, written_inks(**press, **inks));
  } else if (!r.book.empty()) {
    const Swatch& swatch = *find_swatch(p, id);
    const std::string name = r.to.empty() ? swatch.name : r.to;
    out = with_swatch_coded(p, id, code_with(BookName{r.book, name}, lab_d50_from_srgb(swatch.color)));
  }
  if (out && r.finish) out = with_finish(std::move(out).value(), {id}, *r.finish);
  return out;
}

Command add_swatch_code(const Options& group) {
  const SwatchAsked r = swatch_asked();
  const Options command =
      group.command("code", "Write a swatch as inks of a press, or as a name in a color book");
  Command out = one(command, r, coded);
  command.text("--inks", r->inks, "Cyan, magenta, yellow and black in percent: C,M,Y,K");
  add_profile(command, *r);
  command.text("--book", r->book, "Name of the color book");
  command.text("--name", r->to, "Name in the book; that of the swatch when left out");
  command.choice<Finish>("--finish", kFinishWords, "What the ink does that no display shows",
                         [r = r.get()](Finish finish) { r->finish = finish; });
  command.flag("--off", r->off, "Take the code off; the color stays");
  return out;
}

} // namespace

std::vector<Command> add_swatch_commands(const Options& app) {
  const Options group = app.group(
      "swatch",
      "Swatches of a set: add, corners, fill, rename, color, code, printable, note, move, copy, lock, "
      "mark, delete");
  std::vector<Command> out{add_swatch_add(group), add_swatch_corners(group), add_swatch_fill(group),
                           add_swatch_code(group), add_swatch_printable(group)};
  {
    const SwatchAsked r = swatch_asked();
    const Options command = group.command("rename", "Give a swatch another name");
    out.push_back(one(command, r, [](const Piece& p, Id id, const SwatchRequest& q) {
      return with_swatch_named(p, id, q.to);
    }));
    command.text("--to", r->to, "The new name", Options::Need::Needed);
  }
  {
    const SwatchAsked r = swatch_asked();
    const Options command = group.command("note", "Write the note of a swatch");
    out.push_back(one(command, r, [](const Piece& p, Id id, const SwatchRequest& q) {
      return with_swatch_note(p, id, q.note);
    }));
    command.text("note", r->note, "The note; empty for none", Options::Need::Needed);
  }
  {
    const SwatchAsked r = swatch_asked();
    const Options command = group.command("color", "Give swatches another color");
    out.push_back(several(
        command, r, [](const Piece& p, const std::vector<Id>& ids, const SwatchRequest& q) -> Result<Piece> {
          const auto color = given_color(q.color);
          if (!color) return color.error();
          return with_swatches_colored(p, ids, {*color, {}});
        }));
    command.text("--to", r->color, kColorHelp, Options::Need::Needed);
  }
  {
    const SwatchAsked r = swatch_asked();
    const Options command = group.command("move", "Move swatches to a family");
    out.push_back(several(command, r, moved));
    command.text("--family", r->family, "Name of the family", Options::Need::Needed);
    command.whole("--place", r->place, kPlaces, "Place in its row; the end when left out");
  }
  const auto simple = [&](const char* name, const char* help, const auto& edit) {
    out.push_back(several(group.command(name, help), swatch_asked(), edit));
  };
  const auto switched = [&](const char* name, const char* help, const char* off, const auto& edit) {
    const SwatchAsked r = swatch_asked();
    const Options command = group.command(name, help);
    out.push_back(several(command, r, edit));
    command.flag("--off", r->off, off);
  };
  simple("copy", "Copy swatches to the next free places",
         [](const Piece& p, const std::vector<Id>& ids, const SwatchRequest&) {
           return with_swatches_duplicated(p, ids);
         });
  simple("delete", "Delete swatches; not while one of them is locked",
         [](const Piece& p, const std::vector<Id>& ids, const SwatchRequest&) {
           return without_swatches(p, ids);
         });
  switched("lock", "Keep the colors of swatches from change", "Let them change again",
           [](const Piece& p, const std::vector<Id>& ids, const SwatchRequest& q) {
             return with_swatches_locked(p, ids, !q.off);
           });
  switched("mark", "Mark swatches as used", "Take the mark off",
           [](const Piece& p, const std::vector<Id>& ids, const SwatchRequest& q) {
             return with_swatches_used(p, ids, !q.off);
           });
  return out;
}

} // namespace zc::cli
