#include "io/container/safe_save.h"

#include <cerrno>
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

std::string reason(int code) {
  switch (code) {
  case ENOSPC:
  case EDQUOT:
  case EFBIG:
    return "there is no room left on the disk";
  case EACCES:
  case EPERM:
  case EROFS:
    return "you may not write there";
  case ENOENT:
  case ENOTDIR:
    return "the folder does not exist";
  default:
    return std::strerror(code);
  }
}

Error cannot_save(const fs::path& path, int code) {
  return {ErrorCode::Unwritable,
          "\"" + path.filename().string() + "\" was not saved: " + reason(code) +
              "; choose another place or make room.",
          path.string()};
}

/// 0 or an error number.
int write_whole(int fd, const Bytes& bytes) {
  std::size_t done = 0;
  while (done < bytes.size()) {
    const ssize_t n = ::write(fd, bytes.data() + done, bytes.size() - done);
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
  if (!code) return 0;
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
  return code ? path : real;
}

} // namespace

Result<Bytes> read_file(const fs::path& path, std::uint64_t most) {
  const auto unreadable = [&](std::string why) {
    return Error{ErrorCode::Unreadable, "\"" + path.filename().string() + "\" cannot be read: " + why + ".",
                 path.string()};
  };
  const Descriptor fd(::open(path.c_str(), O_RDONLY | O_CLOEXEC));
  if (fd.get() < 0) {
    if (errno == ENOENT)
      return Error{ErrorCode::NotFound, "There is no file \"" + path.string() + "\".", path.string()};
    return unreadable(std::strerror(errno));
  }
  struct stat info {};
  if (::fstat(fd.get(), &info) != 0 || !S_ISREG(info.st_mode)) return unreadable("it is not a file");
  if (static_cast<std::uint64_t>(info.st_size) > most)
    return Error{ErrorCode::TooLarge,
                 "\"" + path.filename().string() + "\" is larger than this program accepts.", path.string()};
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
  fs::path out = path;
  out.replace_extension();
  out += ".before";
  out += path.extension();
  return out;
}

Status save_safely(const fs::path& asked, const Bytes& bytes, Backup backup) {
  const fs::path path = real_target(asked);
  const std::string beside =
      (path.parent_path() / ("." + path.filename().string() + "." + std::to_string(::getpid()))).string();
  const fs::path part = beside + ".part", scratch = beside + ".link";
  struct stat old {};
  const bool exists = ::stat(path.c_str(), &old) == 0;
  if (exists && !S_ISREG(old.st_mode)) return cannot_save(path, EACCES);

  const auto give_up = [&](int code) {
    ::unlink(part.c_str());
    return cannot_save(path, code);
  };
  // A leftover of an earlier process with our number.
  ::unlink(scratch.c_str());
  Descriptor fd(::open(part.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, 0666));
  if (fd.get() < 0) return cannot_save(path, errno);
  if (exists && ::fchmod(fd.get(), old.st_mode & 07777) != 0) return give_up(errno);
  if (const int code = write_whole(fd.get(), bytes)) return give_up(code);
  if (fd.close() != 0) return give_up(errno);
  if (exists && backup == Backup::KeepVersionBefore)
    if (const int code = keep_backup(path, scratch)) return give_up(code);
  if (::rename(part.c_str(), path.c_str()) != 0) return give_up(errno);
  flush_folder(path.parent_path());
  return Done{};
}

} // namespace zc
