// SPDX-License-Identifier: GPL-3.0-or-later
// ZIP containers within ISO/IEC 21320-1: deflate or stored, UTF-8 names, no folders of their own, no way out.
#pragma once

#include "core/base/progress.h"
#include "core/base/result.h"
#include "io/files/bytes.h"
#include "io/files/json_type.h"

#include <string>
#include <string_view>
#include <vector>

namespace zc {

struct ZipEntry {
  std::string name;
  Bytes bytes;
  bool stored = false; ///< Written without compression; not filled in when read.
};

/// Bounds checked before memory is taken.
struct ZipLimits {
  std::size_t entries = 10'000;
  std::uint64_t inflated = std::uint64_t{4} << 30;
  std::uint64_t json = kLargestJson; ///< Of each entry whose name ends in ".json".
};

/// True for a relative name that never climbs out ("..").
[[nodiscard]] bool name_stays_inside(std::string_view name);

/// All entries in order. ERRORS: Damaged for anything that is no sound ZIP, TooLarge past the limits,
/// Stopped. Names that are absolute or climb ("..") are refused as Damaged.
[[nodiscard]] Result<std::vector<ZipEntry>> read_zip(const Bytes& archive, const ZipLimits& limits = {},
                                                     const Progress& progress = {});

/// One entry, without reading the others. ERRORS: as read_zip(); NotFound where there is none of this name.
[[nodiscard]] Result<Bytes> read_zip_entry(const std::string& file, const std::string& name,
                                           const ZipLimits& limits = {});

/// Entries in the given order, with a fixed time stamp so that equal content gives equal bytes.
[[nodiscard]] Result<Bytes> write_zip(const std::vector<ZipEntry>& entries);

} // namespace zc
