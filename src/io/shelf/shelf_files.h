// SPDX-License-Identifier: GPL-3.0-or-later
// The files of a shelf: one plain JSON file an item, in one folder a kind.
//
// Files are written under new names, replaced whole under the folder's lock, and removed whole, so that two
// windows can use one shelf at once and neither loses what the other does.
#pragma once

#include "core/base/result.h"
#include "io/files/json_type.h"

#include <functional>
#include <string>
#include <string_view>
#include <vector>

namespace zc {

class Fields;

/// What every item on a shelf has.
inline constexpr std::uint64_t kLargestShelfFile = 64 << 20;

struct ShelfCard {
  std::string name;
  std::vector<std::string> tags;
  bool on = true;   ///< Switched off it stays on the shelf, out of the way.
  std::string file; ///< Empty for an item that ships with the program.
};

/// A newer file, a damaged one, or the card's fields. `what` is "mask" or "set".
[[nodiscard]] Result<Json> shelf_json(std::string_view text, const std::string& what);
void put_card(Json& json, const ShelfCard& card);
[[nodiscard]] ShelfCard read_card(Fields& f);
[[nodiscard]] Error damaged_item(const std::string& what, const std::string& place);

/// Calls read(text, path) for each file of the folder with this ending; one error for each that gives one. A
/// folder that does not exist is empty.
[[nodiscard]] std::vector<Error>
read_folder(const std::string& folder, std::string_view ending,
            const std::function<Status(std::string_view, const std::string&)>& read);
/// Writes a new file and makes the folder where it is missing; gives the path. ERRORS: BadInput for an empty
/// name, Unwritable.
[[nodiscard]] Result<std::string> put_file(const std::string& folder, const std::string& name,
                                           std::string_view ending, const std::string& text);
/// Replaces a file by what `change` makes of its present text, with no other window in between. ERRORS: as
/// change; NotFound when it is gone; Unwritable.
[[nodiscard]] Status change_file(const std::string& path,
                                 const std::function<Result<std::string>(std::string_view)>& change);
/// ERRORS: Unwritable.
[[nodiscard]] Status remove_file(const ShelfCard& card);

/// Does every word of the search occur in the name or a tag? Letter case is ignored for ASCII.
[[nodiscard]] bool found_by(const ShelfCard& card, std::string_view search);
/// "dusk, Harbor ,dusk" as {"dusk", "Harbor"}.
[[nodiscard]] std::vector<std::string> tags_of(std::string_view text);

} // namespace zc
