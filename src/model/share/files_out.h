// SPDX-License-Identifier: GPL-3.0-or-later
// What is written out of a piece, with all that it is made of: it can be made beside the window, and what
// changes meanwhile does not matter.
#pragma once

#include "io/sheet/plan_file.h"
#include "io/sheet/sheet_files.h"
#include "model/study/study_order.h"

#include <QCoreApplication>
#include <QStringList>

namespace zc {

struct OutFormat {
  std::string word; ///< As it is kept.
  QString name;
  QString keeps; ///< What is kept of a set and what is lost, in words.
};
/// Swatch formats first, then lines, sheets and the plan.
[[nodiscard]] std::vector<OutFormat> out_formats();

/// Lines of the user's own are written under such a name.
inline constexpr auto kLinesSuffix = ".lines.txt";

/// A name as a file can have it.
[[nodiscard]] QString file_name(const std::string& name, const QString& suffix);

/// The pictures of a sheet.
struct ImagesOrder {
  Piece piece;
  SheetSpec spec;
  StudyOrder study; ///< Its photo may be null; without colors the photo is shown as it is.
  std::function<std::vector<KeyCell>()> keys = {}; ///< Makes the photo in keys, where they are shown.
};
[[nodiscard]] SheetImages images_of(const ImagesOrder& order);

struct SheetOrder {
  Sheet sheet;
  ImagesOrder images;
};
/// Does what save_sheet() does, at the resolution that sheets have.
[[nodiscard]] Result<std::vector<std::string>> write_sheet(const SheetOrder& order, const std::string& path,
                                                           const Progress& progress);

struct PlanOrder {
  Piece piece;
  PlanFileSpec spec;
};
/// PNG, or its outline where the name ends in .svg.
[[nodiscard]] Status write_plan(const PlanOrder& order, const std::string& path, const Progress& progress);

/// Every chosen format into the chosen folder.
struct FilesOrder {
  FilesOut files;
  SwatchSet set;
  std::string title;
  Result<SheetOrder> sheet;
  PlanOrder plan;
};
/// All that write_files() writes.
[[nodiscard]] QStringList files_of(const FilesOrder& order);
/// Says in words what was written and what was not.
[[nodiscard]] QString write_files(const FilesOrder& order, const Progress& progress);

} // namespace zc
