// Photo commands of zonachrom-cli.
#pragma once

#include "cli/command.h"
#include "core/image/extract.h"

namespace zc::cli {

/// "x,y,w,h" in pixels of the upright photo; empty for the whole.
struct PhotoRequest {
  std::string photo, region, piece;
};

/// The photo, the piece whose mask is used and, if asked for, the region.
void add_photo_options(const Options& command, PhotoRequest& photo, bool with_region);

[[nodiscard]] Result<Json> inspect(const PhotoRequest& request);
[[nodiscard]] Result<Json> sample(const PhotoRequest& request, const std::string& at, int side);
/// `bands` as "light,middle,dark"; empty without quotas. The mask of the piece is used as the spec says.
[[nodiscard]] Result<Json> extract(const PhotoRequest& request, ExtractionSpec spec, const std::string& bands,
                                   const std::string& output);
/// "value", "flat:N", "steps:N", "squint:S" or "mask".
[[nodiscard]] Result<Json> look(const PhotoRequest& request, const std::string& as,
                                const std::string& output);

} // namespace zc::cli
