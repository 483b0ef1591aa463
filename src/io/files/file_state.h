// SPDX-License-Identifier: GPL-3.0-or-later
// Whether a file is still what it was: its size and time, and its content where the time alone has changed.
#pragma once

#include <cstdint>
#include <filesystem>
#include <string>

namespace zc {

struct FileState {
  bool there = false;
  std::uint64_t size = 0; ///< Bytes.
  std::int64_t time = 0;  ///< Of the last change, in the file system's own count.
  std::string hash = {};  ///< BLAKE2b-256 of the content as hex; empty where it was not asked for.
  bool operator==(const FileState&) const = default;
};

/// Size and time; quick. What is no regular file counts as not there.
[[nodiscard]] FileState state_of_file(const std::filesystem::path& path);
/// The state with the hash, for which the whole file is read.
[[nodiscard]] FileState hashed_state_of_file(const std::filesystem::path& path);

/// Has the file another content than in `known`? The content is read where size and time do not tell. A file
/// that is gone is not changed: writing it again loses nothing.
[[nodiscard]] bool changed_since(const FileState& known, const std::filesystem::path& path);

/// The state as a line of text, and back; nothing is known where it cannot be read.
[[nodiscard]] std::string text_of(const FileState& state);
[[nodiscard]] FileState file_state_from(const std::string& text);

} // namespace zc
