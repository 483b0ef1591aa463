// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/zip_archive.h"

#include "core/base/sentences.h"

#include <zip.h>

#include <memory>

namespace zc {
namespace {

struct CloseArchive {
  void operator()(zip_t* z) const { zip_discard(z); }
};
using Archive = std::unique_ptr<zip_t, CloseArchive>;

Error damaged(Sentence sentence, std::string place = {}) {
  return {ErrorCode::Damaged, sentence, std::move(place)};
}

Result<ZipEntry> read_entry(zip_t* zip, zip_uint64_t index, const zip_stat_t& stat) {
  ZipEntry entry;
  entry.name = stat.name;
  if (!name_stays_inside(entry.name)) return damaged(Sentence::EntryLeadsOutside, entry.name);
  if (stat.comp_method != ZIP_CM_STORE && stat.comp_method != ZIP_CM_DEFLATE)
    return damaged(Sentence::EntryPackedOtherwise, entry.name);
  const std::unique_ptr<zip_file_t, int (*)(zip_file_t*)> file(zip_fopen_index(zip, index, 0), zip_fclose);
  if (!file) return damaged(Sentence::EntryUnreadable, entry.name);
  entry.bytes.resize(stat.size);
  const zip_int64_t got = zip_fread(file.get(), entry.bytes.data(), entry.bytes.size());
  unsigned char beyond = 0;
  const bool sound = got == static_cast<zip_int64_t>(stat.size) && zip_fread(file.get(), &beyond, 1) == 0;
  if (!sound) return damaged(Sentence::EntryDamaged, entry.name);
  return entry;
}

} // namespace

bool name_stays_inside(std::string_view name) {
  if (name.empty() || name.starts_with('/') || name.find('\\') != std::string_view::npos) return false;
  for (std::size_t from = 0; from <= name.size();) {
    const auto slash = std::min(name.find('/', from), name.size());
    if (name.substr(from, slash - from) == "..") return false;
    from = slash + 1;
  }
  return true;
}

Result<std::vector<ZipEntry>> read_zip(const Bytes& archive, const ZipLimits& limits,
                                       const Progress& progress) {
  zip_error_t why;
  zip_error_init(&why);
  zip_source_t* source = zip_source_buffer_create(archive.data(), archive.size(), 0, &why);
  if (!source) return damaged(Sentence::NoContainer);
  Archive zip(zip_open_from_source(source, ZIP_RDONLY | ZIP_CHECKCONS, &why));
  if (!zip) {
    zip_source_free(source);
    return damaged(Sentence::UnsoundContainer);
  }
  const auto count = static_cast<std::size_t>(zip_get_num_entries(zip.get(), 0));
  if (count > limits.entries) return Error{ErrorCode::TooLarge, Sentence::TooManyEntries, "container"};
  std::vector<ZipEntry> out;
  std::uint64_t total = 0;
  for (std::size_t i = 0; i < count; ++i) {
    zip_stat_t stat;
    constexpr zip_uint64_t needed = ZIP_STAT_NAME | ZIP_STAT_SIZE | ZIP_STAT_COMP_METHOD;
    if (zip_stat_index(zip.get(), i, ZIP_FL_ENC_STRICT, &stat) != 0 || (stat.valid & needed) != needed)
      return damaged(Sentence::DirectoryDamaged);
    total += stat.size;
    // Deflate cannot pack more than about 1032 to 1, so a larger claim is false.
    const bool false_claim = stat.size / 1100 > archive.size();
    const bool large_json = std::string_view(stat.name).ends_with(".json") && stat.size > limits.json;
    if (total > limits.inflated || false_claim || large_json)
      return Error{ErrorCode::TooLarge, Sentence::UnpacksTooLarge, stat.name};
    if (progress && !progress(static_cast<double>(total) / static_cast<double>(archive.size() + total)))
      return Error{ErrorCode::Stopped, Sentence::ReadingStopped, stat.name};
    auto entry = read_entry(zip.get(), i, stat);
    if (!entry) return entry.error();
    out.push_back(std::move(entry).value());
  }
  return out;
}

Result<Bytes> read_zip_entry(const std::string& file, const std::string& name, const ZipLimits& limits) {
  zip_error_t why;
  zip_error_init(&why);
  zip_source_t* source = zip_source_file_create(file.c_str(), 0, -1, &why);
  if (!source) return damaged(Sentence::NoContainer);
  const Archive zip(zip_open_from_source(source, ZIP_RDONLY, &why));
  if (!zip) {
    zip_source_free(source);
    return damaged(Sentence::UnsoundContainer);
  }
  const zip_int64_t index = zip_name_locate(zip.get(), name.c_str(), ZIP_FL_ENC_STRICT);
  if (index < 0) return Error{ErrorCode::NotFound, Sentence::DirectoryDamaged, name};
  zip_stat_t stat;
  constexpr zip_uint64_t needed = ZIP_STAT_NAME | ZIP_STAT_SIZE | ZIP_STAT_COMP_SIZE | ZIP_STAT_COMP_METHOD;
  const auto at = static_cast<zip_uint64_t>(index);
  if (zip_stat_index(zip.get(), at, ZIP_FL_ENC_STRICT, &stat) != 0 || (stat.valid & needed) != needed)
    return damaged(Sentence::DirectoryDamaged);
  if (stat.size > limits.json || stat.size / 1100 > stat.comp_size)
    return Error{ErrorCode::TooLarge, Sentence::UnpacksTooLarge, name};
  auto entry = read_entry(zip.get(), at, stat);
  if (!entry) return entry.error();
  return std::move(entry).value().bytes;
}

Result<Bytes> write_zip(const std::vector<ZipEntry>& entries) {
  const auto failed = [] { return Error{ErrorCode::Unwritable, Sentence::NotPacked, "container"}; };
  zip_error_t why;
  zip_error_init(&why);
  zip_source_t* target = zip_source_buffer_create(nullptr, 0, 0, &why);
  if (!target) return failed();
  zip_source_keep(target);
  const std::unique_ptr<zip_source_t, void (*)(zip_source_t*)> kept(target, zip_source_free);
  Archive zip(zip_open_from_source(target, ZIP_TRUNCATE, &why));
  if (!zip) return failed();
  for (const auto& entry : entries) {
    zip_source_t* source = zip_source_buffer(zip.get(), entry.bytes.data(), entry.bytes.size(), 0);
    const zip_int64_t index =
        source ? zip_file_add(zip.get(), entry.name.c_str(), source, ZIP_FL_ENC_UTF_8) : -1;
    if (index < 0) return failed();
    const auto at = static_cast<zip_uint64_t>(index);
    zip_set_file_compression(zip.get(), at, entry.stored ? ZIP_CM_STORE : ZIP_CM_DEFLATE, 0);
    zip_file_set_dostime(zip.get(), at, 0, 0x21, 0); // 1980-01-01
  }
  if (zip_close(zip.get()) != 0) return failed();
  static_cast<void>(zip.release());
  zip_stat_t stat;
  if (zip_source_stat(target, &stat) != 0 || zip_source_open(target) != 0) return failed();
  Bytes out(stat.size);
  const bool whole = zip_source_read(target, out.data(), out.size()) == static_cast<zip_int64_t>(out.size());
  zip_source_close(target);
  if (!whole) return failed();
  return out;
}

} // namespace zc
