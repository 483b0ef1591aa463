// SPDX-License-Identifier: GPL-3.0-or-later
// OpenRaster, as laid down at freedesktop.org: a ZIP with the merged picture of the layers in it.
#pragma once

#include "core/base/result.h"
#include "io/files/bytes.h"

#include <string>

namespace zc {

[[nodiscard]] bool looks_like_openraster(const Bytes& bytes);
/// The bytes of its mergedimage.png. ERRORS: Unreadable when it is damaged or has none.
[[nodiscard]] Result<Bytes> merged_image(const Bytes& bytes, const std::string& name);

} // namespace zc
