// All formats that a plan is written in, and writing several at once.
#pragma once

#include "app/store/workspace.h"

#include <QString>

namespace zc {

/// A name any file system takes, whatever the set is called.
[[nodiscard]] QString file_name(const std::string& name, const QString& suffix);

struct OutFormat {
  std::string word;
  QString name, keeps; ///< For people; what it keeps and loses.
};
[[nodiscard]] const std::vector<OutFormat>& out_formats();

/// Writes every chosen format into the chosen folder and says how it went. What cannot be written is named;
/// the others are written all the same.
[[nodiscard]] QString write_files(Workspace& space);

} // namespace zc
