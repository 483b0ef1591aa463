// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/heif.h"

#include "core/base/sentences.h"
#include "io/photo/coded_color.h"
#include "io/photo/decode.h"

#include <libheif/heif.h>

#include <cstring>
#include <memory>

namespace zc {
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

Error unreadable(const std::string& name) {
  return {ErrorCode::Unreadable, say(Sentence::PhotoCutShort, name), name};
}

QByteArray profile_of(const heif_image_handle* handle) {
  const auto type = heif_image_handle_get_color_profile_type(handle);
  if (type != heif_color_profile_type_rICC && type != heif_color_profile_type_prof) return {};
  QByteArray out(static_cast<qsizetype>(heif_image_handle_get_raw_color_profile_size(handle)), '\0');
  if (heif_image_handle_get_raw_color_profile(handle, out.data()).code != heif_error_Ok) return {};
  return out;
}

struct FreeCoding {
  void operator()(heif_color_profile_nclx* p) const { heif_nclx_color_profile_free(p); }
};
using Coding = std::unique_ptr<heif_color_profile_nclx, FreeCoding>;

Coding coding_of(const heif_image_handle* handle) {
  heif_color_profile_nclx* raw = nullptr;
  if (heif_image_handle_get_nclx_color_profile(handle, &raw).code != heif_error_Ok) return nullptr;
  return Coding(raw);
}

} // namespace

bool looks_like_heif(const std::vector<unsigned char>& bytes) {
  if (bytes.size() < 12 || std::memcmp(bytes.data() + 4, "ftyp", 4) != 0) return false;
  return heif_check_filetype(bytes.data(), static_cast<int>(std::min<std::size_t>(bytes.size(), 64))) !=
         heif_filetype_no;
}

Result<HeifPixels> read_heif(const std::vector<unsigned char>& bytes, const std::string& name) {
  const std::unique_ptr<heif_context, FreeContext> context(heif_context_alloc());
  const auto opened =
      heif_context_read_from_memory_without_copy(context.get(), bytes.data(), bytes.size(), nullptr);
  heif_image_handle* raw_handle = nullptr;
  if (opened.code != heif_error_Ok ||
      heif_context_get_primary_image_handle(context.get(), &raw_handle).code != heif_error_Ok)
    return unreadable(name);
  const std::unique_ptr<heif_image_handle, FreeHandle> handle(raw_handle);
  const auto width = static_cast<std::uint64_t>(heif_image_handle_get_width(handle.get())),
             height = static_cast<std::uint64_t>(heif_image_handle_get_height(handle.get()));
  if (width * height > kMostPixels) return too_many_pixels(name);
  heif_image* raw_image = nullptr;
  if (heif_decode_image(handle.get(), &raw_image, heif_colorspace_RGB, heif_chroma_interleaved_RGBA, nullptr)
          .code != heif_error_Ok)
    return unreadable(name);
  const std::unique_ptr<heif_image, FreeImage> image(raw_image);
  int stride = 0;
  const std::uint8_t* plane = heif_image_get_plane_readonly(image.get(), heif_channel_interleaved, &stride);
  const QImage seen(plane, heif_image_get_width(image.get(), heif_channel_interleaved),
                    heif_image_get_height(image.get(), heif_channel_interleaved), stride,
                    QImage::Format_RGBA8888);
  const bool alpha = heif_image_handle_has_alpha_channel(handle.get()) != 0;
  QImage out = seen.convertToFormat(alpha ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  if (plane == nullptr || out.isNull()) return unreadable(name);
  // An embedded profile comes first (ISO/IEC 23000-22, 7.3.6.4); without either it is sRGB.
  QByteArray profile = profile_of(handle.get());
  if (const Coding coding = profile.isEmpty() ? coding_of(handle.get()) : nullptr) {
    auto coded = profile_of_coding(coding->color_primaries, coding->transfer_characteristics, name);
    if (!coded) return coded.error();
    profile = std::move(coded).value();
  }
  return HeifPixels{std::move(out), std::move(profile)};
}

} // namespace zc
