// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/line_files.h"

#include "core/base/text.h"

#include <algorithm>
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <filesystem>
#include <sys/stat.h>
#include <unistd.h>

namespace zc::cli {
namespace fs = std::filesystem;
namespace {

constexpr std::string_view kStandard = "-";
constexpr std::uint64_t kMostOfStream = std::uint64_t{4} << 30;
using Bytes = std::vector<char>;

/// What is read or written from front to end only.
bool is_stream(const std::string& file) {
  if (file == kStandard || file.starts_with("/dev/") || file.starts_with("/proc/self/fd/")) return true;
  std::error_code code;
  const auto status = fs::status(file, code);
  return !code && fs::exists(status) && !fs::is_regular_file(status) && !fs::is_directory(status);
}

/// The format with the longest ending that the name has; the first of those.
std::optional<std::size_t> format_by_name(const std::vector<FileFormat>& formats, const std::string& path) {
  const std::string name = lower_ascii(fs::path(path).filename().string());
  std::optional<std::size_t> best;
  std::size_t longest = 0;
  for (std::size_t i = 0; i < formats.size(); ++i)
    for (const std::string& ending : formats[i].endings)
      if (name.ends_with(ending) && name.size() > ending.size() && ending.size() > longest) {
        longest = ending.size();
        best = i;
      }
  return best;
}

/// The name may have the ending of the format, or one that is of none.
bool fits(const std::vector<FileFormat>& formats, std::size_t format, const std::string& path) {
  return !format_by_name(formats, path) || formats[format].endings.empty() ||
         format_by_name({formats[format]}, path);
}

Error said(ErrorCode code, const std::string& sentence, const std::string& place) {
  return {code, as_said(sentence), place};
}

Status choose_format(const CommandFiles::Out& out, bool stream) {
  OutputFile& file = *out.file;
  if (out.formats.size() < 2 && stream) return Done{};
  if (file.format_word.empty() && stream) {
    std::vector<std::string> words;
    for (const FileFormat& f : out.formats) words.push_back(f.word);
    return said(ErrorCode::BadInput, "Say with --format what is written: " + in_words(words) + ".",
                "--format");
  }
  if (!file.format_word.empty()) {
    if (stream || fits(out.formats, file.format, file.path)) return Done{};
    return said(ErrorCode::BadInput,
                "\"" + file.path + "\" and --format " + file.format_word +
                    " do not agree; end the name with " + in_words(out.formats[file.format].endings) + ".",
                "--format");
  }
  if (const auto format = format_by_name(out.formats, file.path)) {
    file.format = *format;
    return Done{};
  }
  std::vector<std::string> endings;
  for (const FileFormat& f : out.formats) {
    if (f.endings.empty()) return Done{};
    for (const std::string& ending : f.endings)
      if (std::find(endings.begin(), endings.end(), ending) == endings.end()) endings.push_back(ending);
  }
  return said(ErrorCode::BadInput, "\"" + file.path + "\" should end with " + in_words(endings) + ".",
              out.option);
}

Error not_read(const std::string& file) {
  return said(ErrorCode::Unreadable, "\"" + file + "\" cannot be read: " + std::strerror(errno) + ".", file);
}

Error not_written(const std::string& file) {
  return said(ErrorCode::Unwritable, "\"" + file + "\" cannot be written: " + std::strerror(errno) + ".",
              file);
}

/// From front to end, whatever it is.
Result<Bytes> read_all(const std::string& file) {
  const bool standard = file == kStandard;
  const int fd = standard ? STDIN_FILENO : ::open(file.c_str(), O_RDONLY | O_CLOEXEC);
  if (fd < 0) return not_read(file);
  Bytes out;
  Bytes part(std::size_t{1} << 16);
  ssize_t n = 0;
  while ((n = ::read(fd, part.data(), part.size())) != 0) {
    if (n < 0 && errno == EINTR) continue;
    if (n < 0 || out.size() > kMostOfStream) break;
    out.insert(out.end(), part.begin(), part.begin() + n);
  }
  if (n > 0) errno = EFBIG;
  const Error error = not_read(file);
  if (!standard) ::close(fd);
  if (n != 0) return error;
  return out;
}

Status write_all(int fd, const char* at, std::size_t left, const std::string& file) {
  while (left > 0) {
    const ssize_t n = ::write(fd, at, left);
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) return not_written(file);
    at += n;
    left -= static_cast<std::size_t>(n);
  }
  return Done{};
}

Status write_file(const std::string& file, int flags, const Bytes& bytes) {
  const int fd = ::open(file.c_str(), O_WRONLY | O_CLOEXEC | flags, S_IRUSR | S_IWUSR);
  if (fd < 0) return not_written(file);
  Status written = write_all(fd, bytes.data(), bytes.size(), file);
  const bool closed = ::close(fd) == 0;
  if (!written || closed) return written;
  return not_written(file);
}

} // namespace

Status write_standard_output(const std::string& bytes) {
  return write_all(STDOUT_FILENO, bytes.data(), bytes.size(), std::string("standard output"));
}

LineFiles::~LineFiles() {
  std::error_code code;
  if (!m_folder.empty()) fs::remove_all(m_folder, code);
}

Result<std::string> LineFiles::next_name() {
  if (m_folder.empty()) {
    std::error_code code;
    std::string made = (fs::temp_directory_path(code) / "zonachrom-XXXXXX").string();
    if (code || !::mkdtemp(made.data()))
      return said(ErrorCode::Unwritable,
                  std::string("There is no place for temporary files: ") +
                      std::strerror(code ? code.value() : errno) + ".",
                  "-");
    m_folder = made;
  }
  return m_folder + "/" + std::to_string(m_in.size() + m_out.size());
}

Status LineFiles::fetch(std::string& file) {
  if (file.empty() || !is_stream(file)) return Done{};
  for (const Stream& s : m_in)
    if (s.given == file) return said(ErrorCode::BadInput, "\"" + file + "\" can be read only once.", file);
  const auto name = next_name();
  if (!name) return name.error();
  const auto bytes = read_all(file);
  if (!bytes) return bytes.error();
  const std::string stands = *name + "-input";
  const Status kept = write_file(stands, O_CREAT | O_EXCL, *bytes);
  if (!kept) return kept.error();
  m_in.push_back({file, stands});
  file = stands;
  return Done{};
}

/// The input that a file is, with the dashes or by place; none where it is none.
const CommandFiles::In* input_at(const CommandFiles& all, const std::string& file) {
  std::error_code code;
  const auto same = [&](const std::string& given) {
    return !given.empty() && (given == file || (fs::equivalent(given, file, code) && !code));
  };
  for (const auto& in : all.in) {
    if (in.one && same(*in.one)) return &in;
    if (in.many && std::any_of(in.many->begin(), in.many->end(), same)) return &in;
  }
  return nullptr;
}

Status LineFiles::settle(const CommandFiles::Out& out, const CommandFiles& all, bool forced) {
  OutputFile& file = *out.file;
  if (!file.named()) return Done{};
  std::error_code code;
  if (out.folder && fs::is_directory(file.path, code)) return Done{};
  const bool stream = is_stream(file.path);
  for (const auto& other : all.out)
    if (other.file != out.file && other.file->path == file.path)
      return said(ErrorCode::BadInput, "\"" + file.path + "\" cannot be two files; name another.",
                  out.option);
  if (const CommandFiles::In* in = stream ? nullptr : input_at(all, file.path)) {
    if (in->changed) return Done{};
    return said(ErrorCode::BadInput,
                "\"" + file.path + "\" would be replaced by what is made of it; write to another file.",
                out.option);
  }
  const Status chosen = choose_format(out, stream);
  if (!chosen) return chosen.error();
  if (stream) {
    const auto name = next_name();
    if (!name) return name.error();
    const auto& endings = out.formats[file.format].endings;
    const std::string stands = *name + "-output" + (endings.empty() ? std::string() : endings.front());
    m_out.push_back({file.path, stands});
    m_standard_output = m_standard_output || file.path == kStandard || file.path == "/dev/stdout";
    file.path = stands;
    return Done{};
  }
  if (!forced && fs::exists(file.path, code))
    return said(ErrorCode::Unwritable,
                "\"" + file.path + "\" is there already; give --force to replace it, or another name.",
                file.path);
  return Done{};
}

Status LineFiles::fetch_all(const CommandFiles::In& in) {
  if (in.one) return fetch(*in.one);
  for (std::string& file : *in.many)
    if (const Status fetched = fetch(file); !fetched) return fetched.error();
  return Done{};
}

Status LineFiles::prepare(const Options& options) {
  CommandFiles& all = options.files();
  for (const auto& in : all.in) {
    if (!in.changed) continue;
    // A piece that comes through a stream has no file to go back to.
    for (const auto& out : all.out)
      if (!out.file->named()) out.file->path = *in.one;
    break;
  }
  for (const auto& out : all.out) {
    const Status settled = settle(out, all, options.forced());
    if (!settled) return settled.error();
  }
  for (const auto& in : all.in) {
    const Status fetched = fetch_all(in);
    if (!fetched) return fetched.error();
  }
  return Done{};
}

Status LineFiles::deliver() const {
  for (const Stream& s : m_out) {
    const auto bytes = read_all(s.stands_for_it);
    if (!bytes) return bytes.error();
    const Status written = s.given == kStandard
                               ? write_all(STDOUT_FILENO, bytes->data(), bytes->size(), s.given)
                               : write_file(s.given, 0, *bytes);
    if (!written) return written.error();
  }
  return Done{};
}

std::string LineFiles::as_given(std::string sentence) const {
  const auto put_back = [&](const std::vector<Stream>& streams) {
    for (const Stream& s : streams)
      for (const std::string& name : {s.stands_for_it, fs::path(s.stands_for_it).filename().string()})
        for (auto at = sentence.find(name); at != std::string::npos;
             at = sentence.find(name, at + s.given.size()))
          sentence.replace(at, name.size(), s.given);
  };
  put_back(m_in);
  put_back(m_out);
  return sentence;
}

} // namespace zc::cli
