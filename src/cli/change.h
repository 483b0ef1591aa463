// SPDX-License-Identifier: GPL-3.0-or-later
// What the commands that change a piece share: the piece is claimed, read, edited as in the window, checked
// and saved; its version before stays beside it.
#pragma once

#include "cli/line/command.h"
#include "core/session/at_hand.h"

#include <algorithm>

namespace zc::cli {

struct ChangeRequest {
  std::string piece, set; ///< The current set where none is named.
  OutputFile output;
  std::string name, to;    ///< Of what is changed, and its new name; for the commands that have them.
  bool may_be_new = false; ///< A piece that is not there begins empty.
};

using Edit = std::function<Result<Piece>(const Piece&)>;
/// Of what is kept at hand beside the piece, such as the wells.
using AtHandEdit = std::function<Result<AtHand>(const AtHand&)>;
struct Changed {
  Json answer;
  Piece piece; ///< As it is now.
};
/// The edit is made with the named set as the current one, which then is what it was before, unless the edit
/// itself makes another one current. The answer tells the files written, and whether anything changed.
/// ERRORS: of the edit; Unwritable while another command or a window has the piece.
[[nodiscard]] Result<Changed> changed(const ChangeRequest& request, const Edit& edit);
/// The answer alone.
[[nodiscard]] Result<Json> change(const ChangeRequest& request, const Edit& edit);
[[nodiscard]] Result<Json> change_at_hand(const ChangeRequest& request, const AtHandEdit& edit);

/// A command with the piece, -o and, if asked for, --set; `edit` is called with the options parsed.
[[nodiscard]] Command change_command(const Options& command, const std::shared_ptr<ChangeRequest>& request,
                                     const Edit& edit);
void add_set_option(const Options& command, ChangeRequest& request);

/// By its name in the current set. ERRORS: NotFound, likewise below.
[[nodiscard]] Result<const Family*> family_named(const Piece& piece, const std::string& name);
/// "NAME", "FAMILY/NAME", "FAMILY@PLACE", places from 1, or "#rrggbb" in the current set. ERRORS: BadInput
/// where several are meant.
[[nodiscard]] Result<const Swatch*> swatch_named(const Piece& piece, const std::string& name);
[[nodiscard]] Result<std::vector<Id>> swatches_named(const Piece& piece,
                                                     const std::vector<std::string>& names);
[[nodiscard]] Result<const SetVersion*> version_named(const Piece& piece, const std::string& name);
[[nodiscard]] Result<const Reference*> reference_named(const Piece& piece, const std::string& name);
[[nodiscard]] Result<const PalettePaint*> paint_named(const Piece& piece, const std::string& name);

/// The place to move before, of one as people count it; the end for 0.
[[nodiscard]] inline std::size_t before_place(int place, std::size_t count) {
  return place == 0 ? count : std::min(count, static_cast<std::size_t>(place - 1));
}
/// A place as people count, from 1; the number of places that are there for what is left out, which is the
/// end.
inline constexpr Range kPlaces{1, 10'000};

} // namespace zc::cli
