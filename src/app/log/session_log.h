// SPDX-License-Identifier: GPL-3.0-or-later
// What the program did in this session and the one before, for a report: a ring of lines without names,
// colors or anything else of a piece.
#pragma once

#include <QString>

namespace zc {

namespace session_log {

inline constexpr qsizetype kMostLines = 400;

/// The log of the session before is kept beside this one. Warnings of the toolkit are noted too.
void begin();
/// Writes a line with the time before it; what stands in quotes, and paths, are left out.
void note(const QString& line);
/// The lines of this session, the oldest first.
[[nodiscard]] QStringList lines();
/// Program, system, screens, then both logs.
[[nodiscard]] QString details();

} // namespace session_log

} // namespace zc
