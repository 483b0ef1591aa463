// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/photo/cmyk_tiff.h"

#include "core/base/sentences.h"

#include <tiffio.h>

#include <algorithm>
#include <cstring>
#include <memory>

namespace zc {
namespace {

/// A file in memory, as libtiff wants to see it.
struct Memory {
  const std::vector<unsigned char>& bytes;
  toff_t at = 0;
};

Memory& memory(thandle_t handle) { return *static_cast<Memory*>(handle); }
tmsize_t read_some(thandle_t handle, void* out, tmsize_t most) {
  Memory& m = memory(handle);
  const toff_t size = m.bytes.size(),
               n = m.at < size ? std::min<toff_t>(size - m.at, static_cast<toff_t>(most)) : 0;
  if (n > 0) std::memcpy(out, m.bytes.data() + m.at, n);
  m.at += n;
  return static_cast<tmsize_t>(n);
}
tmsize_t write_none(thandle_t, void*, tmsize_t) { return 0; }
toff_t seek(thandle_t handle, toff_t to, int from) {
  Memory& m = memory(handle);
  m.at = from == SEEK_SET ? to : from == SEEK_CUR ? m.at + to : m.bytes.size() + to;
  return m.at;
}
int close_none(thandle_t) { return 0; }
toff_t size_of(thandle_t handle) { return memory(handle).bytes.size(); }

using Tiff = std::unique_ptr<TIFF, void (*)(TIFF*)>;

class InkReader {
public:
  InkReader(TIFF* tiff, const std::string& name, const DecodeHook& hook)
      : m_tiff(tiff), m_name(name), m_hook(hook) {
    TIFFGetField(tiff, TIFFTAG_IMAGEWIDTH, &m_width);
    TIFFGetField(tiff, TIFFTAG_IMAGELENGTH, &m_height);
    TIFFGetFieldDefaulted(tiff, TIFFTAG_BITSPERSAMPLE, &m_bits);
    TIFFGetFieldDefaulted(tiff, TIFFTAG_SAMPLESPERPIXEL, &m_samples);
    TIFFGetFieldDefaulted(tiff, TIFFTAG_PLANARCONFIG, &m_planar);
  }

  Result<TiffInks> read() {
    const bool known =
        (m_bits == 8 || m_bits == 16) && m_samples >= 4 && m_samples <= 16 && m_width > 0 && m_height > 0;
    if (!known) return unreadable(Sentence::InksNotRead);
    if (static_cast<std::uint64_t>(m_width) * m_height > kMostPixels) return too_many_pixels(m_name);
    TiffInks out;
    out.image = QImage(static_cast<int>(m_width), static_cast<int>(m_height),
                       m_bits == 16 ? QImage::Format_RGBA64 : QImage::Format_ARGB32);
    if (out.image.isNull()) return Error{ErrorCode::TooLarge, say(Sentence::TooLittleMemory, m_name), m_name};
    std::uint32_t length = 0;
    void* icc = nullptr;
    if (TIFFGetField(m_tiff, TIFFTAG_ICCPROFILE, &length, &icc) == 1 && icc)
      out.icc = QByteArray(static_cast<const char*>(icc), static_cast<qsizetype>(length));
    const Status done = TIFFIsTiled(m_tiff) ? read_tiles(out.image) : read_strips(out.image);
    if (!done) return done.error();
    return out;
  }

private:
  Error unreadable(Sentence why) const { return {ErrorCode::Unreadable, say(why, m_name), m_name}; }
  Error damaged() const { return unreadable(Sentence::PhotoCutShort); }
  [[nodiscard]] int planes() const { return m_planar == PLANARCONFIG_SEPARATE ? 4 : 1; }
  [[nodiscard]] std::size_t ink_bytes() const { return m_bits / 8; }

  /// A row of samples into a row of the picture: all four inks, or one of them.
  void place(const unsigned char* from, std::uint32_t count, int plane, unsigned char* to) const {
    const std::size_t ink = ink_bytes(), step = planes() == 1 ? m_samples * ink : ink;
    for (std::uint32_t x = 0; x < count; ++x, from += step, to += 4 * ink)
      std::memcpy(planes() == 1 ? to : to + static_cast<std::size_t>(plane) * ink, from,
                  planes() == 1 ? 4 * ink : ink);
  }

  Status read_strips(QImage& image) {
    std::vector<unsigned char> row(static_cast<std::size_t>(std::max<tmsize_t>(0, TIFFScanlineSize(m_tiff))));
    if (row.size() < m_width * ink_bytes() * (planes() == 1 ? m_samples : 1)) return damaged();
    for (int plane = 0; plane < planes(); ++plane)
      for (std::uint32_t y = 0; y < m_height; ++y) {
        if (!goes_on(plane, y)) return stopped();
        if (TIFFReadScanline(m_tiff, row.data(), y, static_cast<std::uint16_t>(plane)) != 1) return damaged();
        place(row.data(), m_width, plane, image.scanLine(static_cast<int>(y)));
      }
    return Done{};
  }

  Status read_tiles(QImage& image) {
    std::uint32_t wide = 0, high = 0;
    TIFFGetField(m_tiff, TIFFTAG_TILEWIDTH, &wide);
    TIFFGetField(m_tiff, TIFFTAG_TILELENGTH, &high);
    const auto row = static_cast<std::size_t>(std::max<tmsize_t>(0, TIFFTileRowSize(m_tiff)));
    const tmsize_t size = TIFFTileSize(m_tiff);
    constexpr tmsize_t most = 1 << 28;
    if (wide == 0 || high == 0 || size <= 0 || size > most ||
        row < wide * ink_bytes() * (planes() == 1 ? m_samples : 1))
      return damaged();
    std::vector<unsigned char> tile(static_cast<std::size_t>(size));
    for (int plane = 0; plane < planes(); ++plane)
      for (std::uint32_t top = 0; top < m_height; top += high) {
        if (!goes_on(plane, top)) return stopped();
        for (std::uint32_t left = 0; left < m_width; left += wide) {
          if (TIFFReadTile(m_tiff, tile.data(), left, top, 0, static_cast<std::uint16_t>(plane)) < 0)
            return damaged();
          for (std::uint32_t y = 0; y < std::min(high, m_height - top); ++y)
            place(tile.data() + y * row, std::min(wide, m_width - left), plane,
                  image.scanLine(static_cast<int>(top + y)) + std::size_t{left} * 4 * ink_bytes());
        }
      }
    return Done{};
  }

  [[nodiscard]] bool goes_on(int plane, std::uint32_t y) const {
    return !m_hook || y % 64 != 0 || m_hook(0.8 * (plane + static_cast<double>(y) / m_height) / planes());
  }
  Error stopped() const { return {ErrorCode::Stopped, say(Sentence::OpeningStopped, m_name), m_name}; }

  TIFF* m_tiff;
  const std::string& m_name;
  const DecodeHook& m_hook;
  std::uint32_t m_width = 0, m_height = 0;
  std::uint16_t m_bits = 0, m_samples = 0, m_planar = PLANARCONFIG_CONTIG;
};

} // namespace

std::optional<Result<TiffInks>> read_cmyk_tiff(const std::vector<unsigned char>& bytes,
                                               const std::string& name, const DecodeHook& hook) {
  const auto starts = [&](const char* with) {
    return bytes.size() > 8 && std::memcmp(bytes.data(), with, 2) == 0;
  };
  if (!starts("II") && !starts("MM")) return std::nullopt;
  Memory memory{bytes};
  const Tiff tiff(TIFFClientOpen(name.c_str(), "rm", &memory, read_some, write_none, seek, close_none,
                                 size_of, nullptr, nullptr),
                  TIFFClose);
  if (!tiff) return std::nullopt;
  std::uint16_t photometric = 0, inks = INKSET_CMYK;
  TIFFGetField(tiff.get(), TIFFTAG_PHOTOMETRIC, &photometric);
  TIFFGetFieldDefaulted(tiff.get(), TIFFTAG_INKSET, &inks);
  if (photometric != PHOTOMETRIC_SEPARATED || inks != INKSET_CMYK) return std::nullopt;
  return InkReader(tiff.get(), name, hook).read();
}

} // namespace zc
