// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli well: the colors that are kept at hand beside a piece.
#include "cli/change.h"

#include "core/session/session.h"

namespace zc::cli {
namespace {

struct WellRequest : ChangeRequest {
  std::string color;
  int row = 1, well = 0; ///< From 1; 0 is left out.
};
using WellAsked = std::shared_ptr<WellRequest>;
using WellEdit = std::function<Result<Session>(Session, const WellRequest&)>;

constexpr Range kRows{1, kMostWellRows}, kWells{1, kWellsInRow};

Error no_row(int row) {
  return {ErrorCode::NotFound, as_said("There is no row " + std::to_string(row) + " of wells."), "--row"};
}

/// The edits of the window, without a window: they know what is at hand from the session.
Command well_command(const Options& command, const WellAsked& r, const WellEdit& edit) {
  command.changed_piece(r->piece, r->output);
  command.whole("--row", r->row, kRows, "Row of wells");
  return {command, [r, edit] {
            return change_at_hand(*r, [&](const AtHand& at_hand) -> Result<AtHand> {
              Session session;
              session.at_hand = at_hand;
              auto edited = edit(std::move(session), *r);
              if (!edited) return edited.error();
              return std::move(edited).value().at_hand;
            });
          }};
}

std::size_t row_of(const WellRequest& r) { return static_cast<std::size_t>(r.row - 1); }

/// Rows up to the one that is asked for are added.
Result<Session> filled(Session session, const WellRequest& r) {
  const auto color = given_color(r.color);
  if (!color) return color.error();
  const std::size_t chosen = session.at_hand.row;
  Result<Session> out = std::move(session);
  while (out && well_rows(out->at_hand) <= row_of(r)) out = well_row_added(std::move(out).value());
  if (!out) return out;
  Session filled = std::move(out).value();
  filled.at_hand.row = chosen;
  auto& wells = filled.at_hand.wells;
  std::size_t at = row_of(r) * kWellsInRow;
  if (r.well > 0) {
    at += static_cast<std::size_t>(r.well - 1);
  } else {
    const std::size_t end = at + kWellsInRow;
    while (at < end && wells[at]) ++at;
    if (at == end)
      return Error{ErrorCode::BadInput, as_said("Every well of the row is filled; say which with --well."),
                   "--well"};
  }
  wells[at] = *color;
  return filled;
}

Result<Session> emptied(Session session, const WellRequest& r) {
  if (well_rows(session.at_hand) <= row_of(r)) return no_row(r.row);
  const std::size_t first = row_of(r) * kWellsInRow;
  for (std::size_t i = 0; i < kWellsInRow; ++i)
    if (r.well == 0 || static_cast<std::size_t>(r.well) == i + 1)
      session = well_cleared(std::move(session), first + i);
  return session;
}

} // namespace

std::vector<Command> add_well_commands(const Options& app) {
  const Options group = app.group("well", "The wells beside a piece: fill, empty, rename, delete a row");
  std::vector<Command> out;
  const auto asked = [] { return std::make_shared<WellRequest>(); };
  {
    const WellAsked r = asked();
    const Options command =
        group.command("fill", "Put a color into a well; the row is added where there is none");
    out.push_back(well_command(command, r, filled));
    command.text("color", r->color, kColorHelp, Options::Need::Needed);
    command.whole("--well", r->well, kWells, "Well of the row, or the first empty one");
  }
  {
    const WellAsked r = asked();
    const Options command = group.command("empty", "Empty a well, or all of a row");
    out.push_back(well_command(command, r, emptied));
    command.whole("--well", r->well, kWells, "Well of the row, or all");
  }
  {
    const WellAsked r = asked();
    const Options command = group.command("rename", "Give a row of wells a name");
    out.push_back(well_command(command, r, [](Session s, const WellRequest& q) -> Result<Session> {
      if (well_rows(s.at_hand) <= row_of(q)) return no_row(q.row);
      return well_row_named(std::move(s), row_of(q), q.to);
    }));
    command.text("--to", r->to, "The name; empty for none", Options::Need::Needed);
  }
  {
    const WellAsked r = asked();
    out.push_back(well_command(group.command("delete", "Delete a row of wells, but never the last one"), r,
                               [](Session s, const WellRequest& q) -> Result<Session> {
                                 if (well_rows(s.at_hand) <= row_of(q)) return no_row(q.row);
                                 return well_row_removed(std::move(s), row_of(q));
                               }));
  }
  return out;
}

} // namespace zc::cli
