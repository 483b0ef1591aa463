// SPDX-License-Identifier: GPL-3.0-or-later
// What can still be read of a damaged ZIP container.
#pragma once

#include "io/files/zip_archive.h"

namespace zc {

/// The entries that are whole, found by their own headers wherever they stand: neither the directory nor the
/// other entries need to be sound. Each has the checksum it claims. Entries past the limits are left out.
[[nodiscard]] std::vector<ZipEntry> whole_entries(const Bytes& archive, const ZipLimits& limits = {});

} // namespace zc
