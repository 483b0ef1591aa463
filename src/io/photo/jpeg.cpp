// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/jpeg.h"

#include "core/base/sentences.h"
#include "io/photo/decode.h"

#include <csetjmp>
#include <cstdio>
#include <cstdlib>

#include <jerror.h>
#include <jpeglib.h>

namespace zc {
namespace {

/// libjpeg reports trouble through callbacks that must not return; the jump lands in Decoder::run(). Nothing
/// with a destructor lives between the two.
struct Trouble {
  jpeg_error_mgr base;
  std::jmp_buf out;
  bool cut_short = false;
  bool stopped = false;
};

struct JpegProgress {
  jpeg_progress_mgr base;
  const DecodeHook* hook;
};

void on_error(j_common_ptr info) { std::longjmp(reinterpret_cast<Trouble*>(info->err)->out, 1); }
void on_message(j_common_ptr info, int level) {
  auto* trouble = reinterpret_cast<Trouble*>(info->err);
  const int code = trouble->base.msg_code;
  if (level < 0 && (code == JWRN_JPEG_EOF || code == JWRN_HIT_MARKER)) trouble->cut_short = true;
}
void on_output(j_common_ptr) {}

void on_progress(j_common_ptr info) {
  const auto* progress = reinterpret_cast<JpegProgress*>(info->progress);
  const auto& p = progress->base;
  const double pass = p.pass_limit > 0 ? static_cast<double>(p.pass_counter) / p.pass_limit : 0;
  const double done = (p.completed_passes + pass) / std::max(1, p.total_passes);
  if ((*progress->hook)(done)) return;
  auto* trouble = reinterpret_cast<Trouble*>(info->err);
  trouble->stopped = true;
  std::longjmp(trouble->out, 1);
}

class Decoder {
public:
  Decoder(const std::vector<unsigned char>& bytes, const DecodeHook& hook) {
    m_info.err = jpeg_std_error(&m_trouble.base);
    m_trouble.base.error_exit = on_error;
    m_trouble.base.emit_message = on_message;
    m_trouble.base.output_message = on_output;
    jpeg_create_decompress(&m_info);
    jpeg_mem_src(&m_info, bytes.data(), bytes.size());
    if (!hook) return;
    m_progress.base.progress_monitor = on_progress;
    m_progress.hook = &hook;
    m_info.progress = &m_progress.base;
  }
  ~Decoder() { jpeg_destroy_decompress(&m_info); }
  Decoder(const Decoder&) = delete;
  Decoder& operator=(const Decoder&) = delete;

  /// Size and ink; false when this is no JPEG.
  bool header() {
    if (setjmp(m_trouble.out)) return false;
    jpeg_save_markers(&m_info, JPEG_APP0 + 2, 0xffff);
    return jpeg_read_header(&m_info, TRUE) == JPEG_HEADER_OK;
  }
  /// False when stopped or broken; see trouble().
  bool run(QImage& image) {
    if (setjmp(m_trouble.out)) return false;
    jpeg_start_decompress(&m_info);
    while (m_info.output_scanline < m_info.output_height) {
      JSAMPROW row = m_rows + static_cast<std::ptrdiff_t>(m_info.output_scanline) * m_stride;
      jpeg_read_scanlines(&m_info, &row, 1);
    }
    jpeg_finish_decompress(&m_info);
    return !image.isNull();
  }
  /// After the header, before the size is asked for.
  void scale_to(int eighths) {
    m_info.out_color_space = output_space();
    m_info.scale_num = static_cast<unsigned int>(eighths);
    m_info.scale_denom = 8;
    if (setjmp(m_trouble.out)) return;
    jpeg_calc_output_dimensions(&m_info);
  }
  /// The profile gathered from its APP2 markers.
  [[nodiscard]] QByteArray icc() {
    JOCTET* data = nullptr;
    unsigned int size = 0;
    if (setjmp(m_trouble.out) || !jpeg_read_icc_profile(&m_info, &data, &size)) return {};
    QByteArray out(reinterpret_cast<const char*>(data), static_cast<qsizetype>(size));
    std::free(data);
    return out;
  }
  void aim_at(QImage& image) {
    m_rows = image.bits();
    m_stride = image.bytesPerLine();
  }
  [[nodiscard]] int width() const { return static_cast<int>(m_info.output_width); }
  [[nodiscard]] int height() const { return static_cast<int>(m_info.output_height); }
  [[nodiscard]] JpegInk ink() const {
    if (m_info.num_components == 1) return JpegInk::Grey;
    if (m_info.num_components != 4) return JpegInk::Rgb;
    return m_info.saw_Adobe_marker ? JpegInk::CmykInverted : JpegInk::Cmyk;
  }
  [[nodiscard]] const Trouble& trouble() const { return m_trouble; }

private:
  [[nodiscard]] J_COLOR_SPACE output_space() const {
    if (m_info.num_components == 1) return JCS_GRAYSCALE;
    return m_info.num_components == 4 ? JCS_CMYK : JCS_EXT_BGRX;
  }
  jpeg_decompress_struct m_info{};
  Trouble m_trouble{};
  JpegProgress m_progress{};
  unsigned char* m_rows = nullptr;
  std::ptrdiff_t m_stride = 0;
};

QImage::Format format_for(JpegInk ink) {
  if (ink == JpegInk::Grey) return QImage::Format_Grayscale8;
  return ink == JpegInk::Rgb ? QImage::Format_RGB32 : QImage::Format_ARGB32;
}

} // namespace

bool looks_like_jpeg(const std::vector<unsigned char>& b) {
  return b.size() > 3 && b[0] == 0xff && b[1] == 0xd8 && b[2] == 0xff;
}

Result<JpegPixels> read_jpeg(const std::vector<unsigned char>& bytes, const std::string& name,
                             const DecodeHook& hook, int eighths) {
  const auto unreadable = [&name](Sentence why) {
    return Error{ErrorCode::Unreadable, say(why, name), name};
  };
  Decoder decoder(bytes, hook);
  if (!decoder.header()) return unreadable(Sentence::PhotoDamaged);
  decoder.scale_to(eighths);
  if (static_cast<std::uint64_t>(decoder.width()) * decoder.height() > kMostPixels)
    return too_many_pixels(name);
  JpegPixels out;
  out.ink = decoder.ink();
  out.icc = decoder.icc();
  out.image = QImage(decoder.width(), decoder.height(), format_for(out.ink));
  if (out.image.isNull()) return Error{ErrorCode::TooLarge, say(Sentence::TooLittleMemory, name), name};
  decoder.aim_at(out.image);
  const bool whole = decoder.run(out.image);
  if (decoder.trouble().stopped) return Error{ErrorCode::Stopped, say(Sentence::OpeningStopped, name), name};
  if (decoder.trouble().cut_short) return unreadable(Sentence::PhotoCutShort);
  if (!whole) return unreadable(Sentence::PhotoDamaged);
  return out;
}

} // namespace zc
