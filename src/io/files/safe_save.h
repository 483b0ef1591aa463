// SPDX-License-Identifier: GPL-3.0-or-later
// The one way a file is read whole and the one way it is replaced.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "io/files/bytes.h"

#include <cstdint>
#include <filesystem>

namespace zc {

/// ERRORS: NotFound, Unreadable, TooLarge (past `most` bytes).
[[nodiscard]] Result<Bytes> read_file(const std::filesystem::path& path,
                                      std::uint64_t most = std::uint64_t{4} << 30);

/// Where save_safely() keeps the version before: "plate.zonachrom" -> "plate.before.zonachrom", beside the
/// file that a link leads to.
[[nodiscard]] std::filesystem::path backup_path(const std::filesystem::path& path);

enum class Backup { None, KeepVersionBefore };

/// Writes beside the target, flushes to disk, keeps the version before if asked, then renames over the
/// target. At every moment the path holds either the whole old or the whole new content. Symbolic links are
/// followed, permissions of the old file are kept. ERRORS: Unwritable with the reason; the old file is then
/// untouched and nothing is left beside it. What a kill in the last moments may leave beside it, the next
/// save takes away.
/// `progress` is told how much is written; stopped before the renaming, nothing has changed and Stopped is
/// given.
[[nodiscard]] Status save_safely(const std::filesystem::path& path, const Bytes& bytes, Backup backup,
                                 const Progress& progress = {});

} // namespace zc
