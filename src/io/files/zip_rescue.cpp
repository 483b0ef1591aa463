// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/zip_rescue.h"

#include <zlib.h>

#include <algorithm>
#include <array>
#include <optional>

namespace zc {
namespace {

/// Of a local file header (PKWARE APPNOTE 4.3.7): four bytes of signature, 26 of numbers, then the name.
constexpr std::array<unsigned char, 4> kSignature{'P', 'K', 3, 4};
constexpr std::size_t kHeader = 30;

std::uint32_t number_at(const Bytes& b, std::size_t at, std::size_t bytes) {
  std::uint32_t out = 0;
  for (std::size_t i = 0; i < bytes; ++i) out |= std::uint32_t{b[at + i]} << (8 * i);
  return out;
}

std::optional<Bytes> inflated(const unsigned char* from, std::size_t size, std::size_t wanted) {
  Bytes out(wanted);
  z_stream z{};
  if (inflateInit2(&z, -MAX_WBITS) != Z_OK) return std::nullopt;
  z.next_in = const_cast<unsigned char*>(from);
  z.avail_in = static_cast<uInt>(size);
  z.next_out = out.data();
  z.avail_out = static_cast<uInt>(out.size());
  const bool whole = inflate(&z, Z_FINISH) == Z_STREAM_END && z.total_out == wanted;
  inflateEnd(&z);
  if (!whole) return std::nullopt;
  return out;
}

struct Found {
  ZipEntry entry;
  std::size_t end = 0;
};

/// The entry whose header stands there, when it is whole.
std::optional<Found> entry_at(const Bytes& b, std::size_t at, std::uint64_t room) {
  if (at + kHeader > b.size()) return std::nullopt;
  const std::uint32_t method = number_at(b, at + 8, 2), crc = number_at(b, at + 14, 4),
                      packed = number_at(b, at + 18, 4), size = number_at(b, at + 22, 4),
                      name = number_at(b, at + 26, 2), extra = number_at(b, at + 28, 2);
  const std::size_t data = at + kHeader + name + extra;
  const bool false_claim = size / 1100 > b.size();
  if (data > b.size() || packed > b.size() - data || size > room || false_claim) return std::nullopt;
  Found out;
  out.entry.name.assign(b.begin() + static_cast<std::ptrdiff_t>(at + kHeader),
                        b.begin() + static_cast<std::ptrdiff_t>(at + kHeader + name));
  if (!name_stays_inside(out.entry.name)) return std::nullopt;
  if (method == 0 && packed == size)
    out.entry.bytes.assign(b.begin() + static_cast<std::ptrdiff_t>(data),
                           b.begin() + static_cast<std::ptrdiff_t>(data + size));
  else if (auto bytes = method == 8 ? inflated(b.data() + data, packed, size) : std::nullopt)
    out.entry.bytes = std::move(*bytes);
  else
    return std::nullopt;
  if (crc32(0, out.entry.bytes.data(), static_cast<uInt>(out.entry.bytes.size())) != crc) return std::nullopt;
  out.end = data + packed;
  return out;
}

} // namespace

std::vector<ZipEntry> whole_entries(const Bytes& archive, const ZipLimits& limits) {
  std::vector<ZipEntry> out;
  std::uint64_t total = 0;
  auto at = archive.begin();
  while (out.size() < limits.entries) {
    at = std::search(at, archive.end(), kSignature.begin(), kSignature.end());
    if (at == archive.end()) break;
    const auto place = static_cast<std::size_t>(at - archive.begin());
    auto found = entry_at(archive, place, limits.inflated - total);
    if (!found) {
      ++at;
      continue;
    }
    const bool large_json = found->entry.name.ends_with(".json") && found->entry.bytes.size() > limits.json;
    at = archive.begin() + static_cast<std::ptrdiff_t>(found->end);
    if (large_json) continue;
    total += found->entry.bytes.size();
    out.push_back(std::move(found->entry));
  }
  return out;
}

} // namespace zc
