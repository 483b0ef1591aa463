// Photo commands of zonachrom-cli.
#pragma once

#include "cli/commands.h"
#include "core/image/extract.h"

namespace zc::cli {

/// "x,y,w,h" in pixels of the upright photo; empty for the whole.
struct PhotoRequest {
  std::string photo, region, piece;
};

[[nodiscard]] Result<Json> inspect(const PhotoRequest& request);
[[nodiscard]] Result<Json> sample(const PhotoRequest& request, const std::string& at, int side);
/// `bands` as "light,middle,dark"; empty without quotas. The mask of the piece is used as the spec says.
[[nodiscard]] Result<Json> extract(const PhotoRequest& request, ExtractionSpec spec, const std::string& bands,
                                   const std::string& output);
/// "value", "flat:N", "steps:N", "squint:S" or "mask".
[[nodiscard]] Result<Json> look(const PhotoRequest& request, const std::string& as,
                                const std::string& output);

} // namespace zc::cli
