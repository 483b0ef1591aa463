// SPDX-License-Identifier: GPL-3.0-or-later
// What is asked of the user about pieces and their files; a window asks it in its own way, a test answers.
#pragma once

#include <QString>
#include <functional>

namespace zc {

/// Asks for a file to write until its name ends so, or nothing is chosen. Where the ending has to be added
/// and the file of that name is there, it is asked once more: no file is overwritten that the user was not
/// asked about.
[[nodiscard]] QString asked_to_end_in(const QString& suffix, const QString& suggested,
                                      const std::function<QString(const QString&)>& ask);

enum class UnsavedAnswer { Save, Discard, Cancel };
/// What is opened of a damaged piece file: what can be read of it, the version before, or neither.
enum class DamagedAnswer { Rest, Before, Neither };
/// What becomes of work that a crash left unsaved. Later keeps it for the next start, and so does opening the
/// file instead; only Discard gives it up.
enum class RecoveryAnswer { Recover, OpenFile, Later, Discard };

class Questions {
public:
  virtual ~Questions() = default;
  /// A piece file to open, or one to save as; empty when cancelled.
  virtual QString open_piece(const QString& folder) = 0;
  virtual QString save_piece(const QString& suggested) = 0;
  virtual UnsavedAnswer ask_unsaved(const QString& title) = 0;
  /// Offers a piece that a crash left unsaved. `newer` is the name of its file where that was changed since,
  /// so that there are two to choose from; else empty.
  virtual RecoveryAnswer offer_recovery(const QString& title, const QString& when, const QString& newer) = 0;
  /// `says` is what is lost; `rest` and `before` whether there is something to read.
  virtual DamagedAnswer ask_damaged(const QString& says, bool rest, bool before) = 0;
};

} // namespace zc
