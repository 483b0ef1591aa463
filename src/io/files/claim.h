// SPDX-License-Identifier: GPL-3.0-or-later
// Who works on a piece file: one window or one command at a time. Claims lie in the state folder, so that
// nothing is left beside the user's files; a claim whose program is gone counts no more.
#pragma once

#include <QString>
#include <filesystem>
#include <memory>

class QLockFile;

namespace zc {

/// Where the programs keep what they need from one start to the next, beside the settings.
[[nodiscard]] QString state_folder();

class FileClaim {
public:
  /// Waits so many milliseconds at most while another command has the file; a window keeps it for long, so
  /// nobody waits for one.
  FileClaim(const std::filesystem::path& path, int patience);
  ~FileClaim();
  FileClaim(FileClaim&&) noexcept;
  FileClaim& operator=(FileClaim&&) noexcept;

  /// Another program has it. False also where no claim can be made at all, as on a full disk.
  [[nodiscard]] bool taken() const { return m_taken; }

private:
  std::unique_ptr<QLockFile> m_lock;
  bool m_taken = false;
};

} // namespace zc
