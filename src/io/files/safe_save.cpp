// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/safe_save.h"

#include "core/base/sentences.h"

#include <cerrno>
#include <csignal>
#include <cstdlib>
#include <cstring>
#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace zc {
namespace {

namespace fs = std::filesystem;

class Descriptor {
public:
  explicit Descriptor(int fd) : m_fd(fd) {}
  ~Descriptor() {
    if (m_fd >= 0) ::close(m_fd);
  }
  Descriptor(const Descriptor&) = delete;
  Descriptor& operator=(const Descriptor&) = delete;
  [[nodiscard]] int get() const { return m_fd; }
  [[nodiscard]] int close() {
    const int result = ::close(m_fd);
    m_fd = -1;
    return result;
  }

private:
  int m_fd;
};

Argument reason(int code) {
  switch (code) {
  case ENOSPC:
  case EDQUOT:
  case EFBIG:
    return Saying(Sentence::DiskFull);
  case EACCES:
  case EPERM:
  case EROFS:
    return Saying(Sentence::MayNotWrite);
  case ENOENT:
  case ENOTDIR:
    return Saying(Sentence::NoFolder);
  default:
    return std::strerror(code);
  }
}

Error cannot_save(const fs::path& path, int code) {
  return {ErrorCode::Unwritable, say(Sentence::NotSaved, path.filename().string(), reason(code)),
          path.string()};
}

/// 0 or an error number.
int write_whole(int fd, const Bytes& bytes, const Progress& progress) {
  constexpr std::size_t at_once = 4 << 20;
  std::size_t done = 0;
  while (done < bytes.size()) {
    if (progress && !progress(0.9 * static_cast<double>(done) / static_cast<double>(bytes.size())))
      return ECANCELED;
    const ssize_t n = ::write(fd, bytes.data() + done, std::min(at_once, bytes.size() - done));
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) return errno;
    done += static_cast<std::size_t>(n);
  }
  return ::fsync(fd) == 0 ? 0 : errno;
}

/// Puts a second name on the old file, or a copy where the disk has no links; never a moment without it.
int keep_backup(const fs::path& path, const fs::path& scratch) {
  std::error_code code;
  fs::create_hard_link(path, scratch, code);
  if (code) fs::copy_file(path, scratch, fs::copy_options::overwrite_existing, code);
  if (!code) fs::rename(scratch, backup_path(path), code);
  // Renaming between two names of one file does nothing, so the name may still be there.
  std::error_code ignored;
  fs::remove(scratch, ignored);
  return code.value();
}

void flush_folder(const fs::path& folder) {
  const Descriptor fd(::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
  if (fd.get() >= 0) ::fsync(fd.get());
}

fs::path real_target(const fs::path& path) {
  std::error_code code;
  const fs::path real = fs::weakly_canonical(path, code);
  if (code) return path;
  // A link to what is not there yet stands for that.
  const fs::path to = fs::read_symlink(real, code);
  return code ? real : real.parent_path() / to;
}

} // namespace

Result<Bytes> read_file(const fs::path& path, std::uint64_t most) {
  const auto unreadable = [&](Argument why) {
    return Error{ErrorCode::Unreadable, say(Sentence::CannotRead, path.filename().string(), std::move(why)),
                 path.string()};
  };
  // What is no file, such as a pipe that nobody writes to, is looked at without waiting for it.
  const Descriptor fd(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK));
  if (fd.get() < 0) {
    if (errno == ENOENT)
      return Error{ErrorCode::NotFound, say(Sentence::NoFile, path.string()), path.string()};
    return unreadable(std::strerror(errno));
  }
  struct stat info {};
  if (::fstat(fd.get(), &info) != 0 || !S_ISREG(info.st_mode)) return unreadable(Saying(Sentence::NotAFile));
  if (static_cast<std::uint64_t>(info.st_size) > most)
    return Error{ErrorCode::TooLarge, say(Sentence::FileTooLarge, path.filename().string()), path.string()};
  Bytes out(static_cast<std::size_t>(info.st_size));
  std::size_t done = 0;
  while (done < out.size()) {
    const ssize_t n = ::read(fd.get(), out.data() + done, out.size() - done);
    if (n < 0 && errno == EINTR) continue;
    if (n < 0) return unreadable(std::strerror(errno));
    if (n == 0) break;
    done += static_cast<std::size_t>(n);
  }
  out.resize(done);
  return out;
}

fs::path backup_path(const fs::path& path) {
  fs::path out = real_target(path);
  out.replace_extension();
  out += ".before";
  out += path.extension();
  return out;
}

namespace {

constexpr std::string_view kPart = ".part", kLink = ".link";

/// The name a save uses beside the file: ".plate.zonachrom.1234.part".
fs::path beside(const fs::path& path, pid_t process, std::string_view ending) {
  return path.parent_path() /
         ("." + path.filename().string() + "." + std::to_string(process) + std::string(ending));
}

/// Takes away what saves of this file left that were killed in the middle.
void sweep(const fs::path& path) {
  const std::string start = "." + path.filename().string() + ".";
  std::error_code code;
  for (fs::directory_iterator at(path.parent_path(), code), end; !code && at != end; at.increment(code)) {
    const std::string name = at->path().filename().string();
    if (!name.starts_with(start) || !(name.ends_with(kPart) || name.ends_with(kLink))) continue;
    const auto process = static_cast<pid_t>(std::strtol(name.c_str() + start.size(), nullptr, 10));
    const bool alive = process > 0 && process != ::getpid() && (::kill(process, 0) == 0 || errno == EPERM);
    std::error_code ignored;
    if (!alive) fs::remove(at->path(), ignored);
  }
}

/// Without a name where the system can, so that a kill leaves nothing; it gets its name when it is whole.
int open_part(const fs::path& path, const fs::path& part, bool& nameless) {
  const int fd = ::open(path.parent_path().empty() ? "." : path.parent_path().c_str(),
                        O_TMPFILE | O_WRONLY | O_CLOEXEC, 0666);
  nameless = fd >= 0;
  return nameless ? fd : ::open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0666);
}

int give_name(int fd, const fs::path& part) {
  const std::string source = "/proc/self/fd/" + std::to_string(fd);
  return ::linkat(AT_FDCWD, source.c_str(), AT_FDCWD, part.c_str(), AT_SYMLINK_FOLLOW) == 0 ? 0 : errno;
}

} // namespace

Status save_safely(const fs::path& asked, const Bytes& bytes, Backup backup, const Progress& progress) {
  const fs::path path = real_target(asked);
  const fs::path part = beside(path, ::getpid(), kPart), scratch = beside(path, ::getpid(), kLink);
  struct stat old {};
  const bool exists = ::stat(path.c_str(), &old) == 0;
  if (exists && !S_ISREG(old.st_mode)) return cannot_save(path, EACCES);

  const auto give_up = [&](int code) -> Status {
    ::unlink(part.c_str());
    if (code == ECANCELED) return Error{ErrorCode::Stopped, Sentence::SavingStopped, path.string()};
    return cannot_save(path, code);
  };
  sweep(path);
  bool nameless = false;
  Descriptor fd(open_part(path, part, nameless));
  if (fd.get() < 0) return cannot_save(path, errno);
  // Some shared folders let a file be written and not its permissions; they decide on those by themselves.
  if (exists) static_cast<void>(::fchmod(fd.get(), old.st_mode & 07777) == 0);
  if (const int code = write_whole(fd.get(), bytes, progress)) return give_up(code);
  if (const int code = nameless ? give_name(fd.get(), part) : 0) return give_up(code);
  if (fd.close() != 0) return give_up(errno);
  if (exists && backup == Backup::KeepVersionBefore)
    if (const int code = keep_backup(path, scratch)) return give_up(code);
  if (::rename(part.c_str(), path.c_str()) != 0) return give_up(errno);
  flush_folder(path.parent_path());
  return Done{};
}

} // namespace zc
