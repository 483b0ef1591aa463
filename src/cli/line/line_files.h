// SPDX-License-Identifier: GPL-3.0-or-later
// The files of a line: streams stand as files while a command runs, and no output takes the place of anything
// that is not meant to go.
#pragma once

#include "cli/line/options.h"
#include "core/base/result.h"

#include <string>
#include <utility>
#include <vector>

namespace zc::cli {

class LineFiles {
public:
  LineFiles() = default;
  ~LineFiles();
  LineFiles(const LineFiles&) = delete;
  LineFiles& operator=(const LineFiles&) = delete;
  /// Fills in formats, reads standard input and pipes. ERRORS: BadInput for an output that is an input, or
  /// whose name and format do not agree; Unwritable for one that is there, without --force; as reading.
  [[nodiscard]] Status prepare(const Options& options);
  /// Hands on what was written for streams. ERRORS: Unwritable.
  [[nodiscard]] Status deliver() const;
  /// Whether a file goes to standard output, so that the answer cannot.
  [[nodiscard]] bool has_standard_output() const { return m_standard_output; }
  /// A sentence with the names that were given.
  [[nodiscard]] std::string as_given(std::string sentence) const;

private:
  struct Stream {
    std::string given, stands_for_it;
  };
  [[nodiscard]] Status fetch(std::string& file);
  [[nodiscard]] Status fetch_all(const CommandFiles::In& in);
  [[nodiscard]] Status settle(const CommandFiles::Out& out, const CommandFiles& all, bool forced);
  /// The next name for what stands for a stream, in a folder of its own that goes with this object.
  [[nodiscard]] Result<std::string> next_name();
  std::string m_folder; ///< Empty until it is needed.
  std::vector<Stream> m_in, m_out;
  bool m_standard_output = false;
};

/// ERRORS: Unwritable, as of a full disk or a closed pipe.
[[nodiscard]] Status write_standard_output(const std::string& bytes);

} // namespace zc::cli
