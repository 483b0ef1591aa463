// SPDX-License-Identifier: GPL-3.0-or-later
#include "heif/heif_plugin.h"

#include <libheif/heif.h>

#include <memory>

using zc::HeifPhoto;

namespace {

struct FreeContext {
  void operator()(heif_context* p) const { heif_context_free(p); }
};
struct FreeHandle {
  void operator()(heif_image_handle* p) const { heif_image_handle_release(p); }
};
struct FreeImage {
  void operator()(heif_image* p) const { heif_image_release(p); }
};
struct FreeCoding {
  void operator()(heif_color_profile_nclx* p) const { heif_nclx_color_profile_free(p); }
};

QByteArray profile_of(const heif_image_handle* handle) {
  const auto type = heif_image_handle_get_color_profile_type(handle);
  if (type != heif_color_profile_type_rICC && type != heif_color_profile_type_prof) return {};
  QByteArray out(static_cast<qsizetype>(heif_image_handle_get_raw_color_profile_size(handle)), '\0');
  if (heif_image_handle_get_raw_color_profile(handle, out.data()).code != heif_error_Ok) return {};
  return out;
}

std::optional<std::pair<int, int>> coding_of(const heif_image_handle* handle) {
  heif_color_profile_nclx* raw = nullptr;
  if (heif_image_handle_get_nclx_color_profile(handle, &raw).code != heif_error_Ok || !raw)
    return std::nullopt;
  const std::unique_ptr<heif_color_profile_nclx, FreeCoding> coding(raw);
  return std::pair<int, int>(coding->color_primaries, coding->transfer_characteristics);
}

/// Null where it cannot be decoded.
QImage decoded(const heif_image_handle* handle) {
  heif_image* raw = nullptr;
  if (heif_decode_image(handle, &raw, heif_colorspace_RGB, heif_chroma_interleaved_RGBA, nullptr).code !=
      heif_error_Ok)
    return {};
  const std::unique_ptr<heif_image, FreeImage> image(raw);
  int stride = 0;
  const std::uint8_t* plane = heif_image_get_plane_readonly(raw, heif_channel_interleaved, &stride);
  if (!plane) return {};
  const QImage seen(plane, heif_image_get_width(raw, heif_channel_interleaved),
                    heif_image_get_height(raw, heif_channel_interleaved), stride, QImage::Format_RGBA8888);
  const bool alpha = heif_image_handle_has_alpha_channel(handle) != 0;
  return seen.convertToFormat(alpha ? QImage::Format_ARGB32 : QImage::Format_RGB32);
}

} // namespace

HeifPhoto HeifPlugin::read(std::span<const unsigned char> bytes, std::uint64_t most_pixels) const {
  const std::unique_ptr<heif_context, FreeContext> context(heif_context_alloc());
  const auto opened =
      heif_context_read_from_memory_without_copy(context.get(), bytes.data(), bytes.size(), nullptr);
  heif_image_handle* raw = nullptr;
  if (opened.code != heif_error_Ok ||
      heif_context_get_primary_image_handle(context.get(), &raw).code != heif_error_Ok)
    return {};
  const std::unique_ptr<heif_image_handle, FreeHandle> handle(raw);
  const auto width = static_cast<std::uint64_t>(heif_image_handle_get_width(raw)),
             height = static_cast<std::uint64_t>(heif_image_handle_get_height(raw));
  if (width * height > most_pixels) return {HeifPhoto::Outcome::TooManyPixels, {}, {}, {}};
  QImage image = decoded(raw);
  if (image.isNull()) return {};
  return {HeifPhoto::Outcome::Whole, std::move(image), profile_of(raw), coding_of(raw)};
}
