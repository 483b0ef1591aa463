// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/decode.h"

#include "core/base/sentences.h"
#include "core/image/reduce.h"
#include "io/photo/cmyk_tiff.h"
#include "io/photo/heif.h"
#include "io/photo/openraster.h"
#include "io/photo/profile.h"

#include <QIODevice>
#include <QImageReader>
#include <QLoggingCategory>

#include <fcntl.h>
#include <mutex>
#include <tiffio.h>
#include <unistd.h>

#include <algorithm>
#include <cstring>

namespace zc {
namespace {

/// Bytes in memory that tell how far a reader has come and run dry when the reading is stopped.
class WatchedBytes final : public QIODevice {
public:
  WatchedBytes(const std::vector<unsigned char>& bytes, const DecodeHook& hook)
      : m_bytes(bytes), m_hook(hook) {
    open(QIODevice::ReadOnly | QIODevice::Unbuffered);
  }
  [[nodiscard]] bool isSequential() const override { return false; }
  [[nodiscard]] qint64 size() const override { return static_cast<qint64>(m_bytes.size()); }
  [[nodiscard]] bool stopped() const { return m_stopped; }
  /// A reader asked for more than there is since the last call of from_now_on().
  [[nodiscard]] bool ran_dry() const { return m_ran_dry; }
  void from_now_on() { m_ran_dry = false; }

protected:
  qint64 readData(char* out, qint64 most) override {
    if (m_hook && !m_hook(0.8 * static_cast<double>(pos()) / static_cast<double>(size()))) m_stopped = true;
    if (m_stopped) return -1;
    // Readers of damaged files may have moved beyond the end.
    const qint64 n = std::clamp<qint64>(size() - pos(), 0, most);
    m_ran_dry = m_ran_dry || n < most;
    std::memcpy(out, m_bytes.data() + pos(), static_cast<std::size_t>(n));
    return n;
  }
  qint64 writeData(const char*, qint64) override { return -1; }

private:
  const std::vector<unsigned char>& m_bytes;
  const DecodeHook& m_hook;
  bool m_stopped = false;
  bool m_ran_dry = false;
};

Error unreadable(const std::string& name, Sentence why) {
  return {ErrorCode::Unreadable, say(why, name), name};
}

/// The toolkit lets the PNG library write its errors to standard error, which no setting changes: it leads
/// nowhere as long as any such reading lasts.
class NoStandardError {
public:
  NoStandardError() {
    const std::scoped_lock lock(gate());
    if (readers++ > 0) return;
    kept = ::dup(STDERR_FILENO);
    const int nowhere = ::open("/dev/null", O_WRONLY | O_CLOEXEC);
    if (kept >= 0 && nowhere >= 0) ::dup2(nowhere, STDERR_FILENO);
    if (nowhere >= 0) ::close(nowhere);
  }
  ~NoStandardError() {
    const std::scoped_lock lock(gate());
    if (--readers > 0 || kept < 0) return;
    ::dup2(kept, STDERR_FILENO);
    ::close(kept);
  }
  NoStandardError(const NoStandardError&) = delete;
  NoStandardError& operator=(const NoStandardError&) = delete;

private:
  static std::mutex& gate() {
    static std::mutex mutex;
    return mutex;
  }
  inline static int readers = 0, kept = -1;
};

bool read_quietly(QImageReader& reader, QImage& image) {
  if (reader.format() != "png") return reader.read(&image);
  const NoStandardError quiet;
  return reader.read(&image);
}

Result<QImage> read_with_toolkit(const std::vector<unsigned char>& bytes, const std::string& name,
                                 const DecodeHook& hook) {
  WatchedBytes device(bytes, hook);
  QImageReader reader(&device);
  reader.setDecideFormatFromContent(true);
  const auto stopped = [&name] {
    return Error{ErrorCode::Stopped, say(Sentence::OpeningStopped, name), name};
  };
  const bool known = reader.canRead();
  if (device.stopped()) return stopped();
  if (!known) return unreadable(name, Sentence::NoPhoto);
  const QByteArray format = reader.format();
  const QSize size = reader.size();
  if (size.isValid() && static_cast<std::uint64_t>(size.width()) * size.height() > kMostPixels)
    return too_many_pixels(name);
  // Those that only looked whether it is theirs may have wanted more than a small file has.
  device.from_now_on();
  QImage image;
  const bool whole = read_quietly(reader, image);
  if (device.stopped()) return stopped();
  // The toolkit's readers of plain formats fill up with nothing where the data ends; the others notice.
  const bool plain = format == "bmp" || format == "ppm" || format == "pgm" || format == "pbm";
  if (!whole || image.isNull() || (plain && device.ran_dry()))
    return unreadable(name, Sentence::PhotoCutShort);
  return image;
}

/// What the readers' libraries would write to standard error; the one sentence says what is wrong.
bool libraries_quieted() {
  TIFFSetWarningHandler(nullptr);
  TIFFSetErrorHandler(nullptr);
  QLoggingCategory::setFilterRules(QStringLiteral("qt.gui.imageio*=false\nqt.imageformats*=false"));
  return true;
}

Result<QImage> turned(Result<QImage> image, int orientation) {
  if (!image) return image.error();
  return upright(std::move(image).value(), orientation);
}

Result<QImage> decode_jpeg(const std::vector<unsigned char>& bytes, const std::string& name, int orientation,
                           const DecodeHook& hook, int eighths) {
  auto jpeg = read_jpeg(bytes, name, hook, eighths);
  if (!jpeg) return jpeg.error();
  if (jpeg->ink == JpegInk::Cmyk || jpeg->ink == JpegInk::CmykInverted)
    return turned(cmyk_to_srgb(jpeg->image, jpeg->ink == JpegInk::CmykInverted, jpeg->icc, name, hook),
                  orientation);
  return turned(image_to_srgb(jpeg->image, jpeg->icc, name, hook), orientation);
}

} // namespace

Error too_many_pixels(const std::string& name) {
  return {ErrorCode::TooLarge, say(Sentence::PhotoTooManyPixels, name), name};
}

Result<QImage> decode_photo(const std::vector<unsigned char>& bytes, const std::string& name,
                            const DecodeHook& hook) {
  if (bytes.empty()) return unreadable(name, Sentence::PhotoEmpty);
  static const bool quiet = libraries_quieted();
  static_cast<void>(quiet);
  // Four to eight bytes a pixel at kMostPixels.
  QImageReader::setAllocationLimit(4096);
  const PhotoMetadata metadata = read_metadata(bytes);
  if (const HeifReader* reader = looks_like_heif(bytes) ? heif_reader() : nullptr) {
    // The file's own turns are applied by its reader; what EXIF says beside them would turn it twice.
    auto heif = read_heif(*reader, bytes, name);
    if (!heif) return heif.error();
    return image_to_srgb(heif->image, heif->icc, name, hook);
  }
  if (looks_like_openraster(bytes)) {
    // The layers put together, as every program that writes the format has to store them.
    const auto merged = merged_image(bytes, name);
    if (!merged) return merged.error();
    return decode_photo(*merged, name, hook);
  }
  if (const auto inks = read_cmyk_tiff(bytes, name, hook)) {
    if (!*inks) return inks->error();
    return turned(cmyk_to_srgb((*inks)->image, false, (*inks)->icc, name, hook), metadata.orientation);
  }
  if (!looks_like_jpeg(bytes)) {
    auto image = read_with_toolkit(bytes, name, hook);
    if (!image) return image.error();
    return turned(image_to_srgb(std::move(image).value(), metadata.icc, name, hook), metadata.orientation);
  }
  return decode_jpeg(bytes, name, metadata.orientation, hook, 8);
}

std::optional<QImage> decode_coarse(const std::vector<unsigned char>& bytes, const std::string& name) {
  if (!looks_like_jpeg(bytes)) return std::nullopt;
  auto image = decode_jpeg(bytes, name, read_metadata(bytes).orientation, {}, 1);
  return image ? std::optional(std::move(image).value()) : std::nullopt;
}

QImage reduced(const QImage& image, int width, int height) {
  const int w = std::clamp(width, 1, image.width()), h = std::clamp(height, 1, image.height());
  if (w == image.width() && h == image.height()) return image;
  QImage out(w, h, image.hasAlphaChannel() ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  reduce(view_of(image), w, h, pixels_of(out));
  return out;
}

namespace {

[[maybe_unused]] bool is_straight(const QImage& image) {
  return image.format() == QImage::Format_RGB32 || image.format() == QImage::Format_ARGB32;
}

} // namespace

PixelView view_of(const QImage& image) {
  Q_ASSERT(is_straight(image));
  return {image.width(), image.height(), image.bytesPerLine() / 4,
          reinterpret_cast<const Pixel*>(image.constBits())};
}

Pixel* pixels_of(QImage& image) {
  Q_ASSERT(is_straight(image));
  return reinterpret_cast<Pixel*>(image.bits());
}

} // namespace zc
