// SPDX-License-Identifier: GPL-3.0-or-later
// Sheets as files. See sheet.h for what is on them.
#pragma once

#include "core/base/progress.h"
#include "io/files/bytes.h"
#include "io/sheet/sheet_drawing.h"

#include <filesystem>

namespace zc {

/// What the file says of itself.
struct SheetDocument {
  std::string title, author;
};

/// ISO 32000 as PDF/A-1b: fonts embedded, text as text, sRGB as the output intent, a bookmark a family.
/// REQUIRES a QGuiApplication. ERRORS: Unwritable.
[[nodiscard]] Result<Bytes> sheet_pdf(const Sheet& sheet, const SheetImages& images,
                                      const SheetDocument& document);
/// SVG 1.1 of one page: text as text, swatches as rectangles with titles, pictures inside the file.
[[nodiscard]] std::string sheet_svg(const Sheet& sheet, std::size_t page, const SheetImages& images,
                                    const SheetDocument& document);
inline constexpr Range kSheetDotsRange{36, 600}; ///< Pixels an inch.
/// PNG of one page, with sRGB profile and resolution. REQUIRES a QGuiApplication. ERRORS: BadInput for dots
/// outside their range, TooLarge for a paper that comes to more than 200 megapixels.
[[nodiscard]] Result<Bytes> sheet_png(const Sheet& sheet, std::size_t page, const SheetImages& images,
                                      double dots);

/// The files that save_sheet() writes: of several pages one each, "name-2.png" and so on, for SVG and PNG.
[[nodiscard]] std::vector<std::string> sheet_file_names(const std::string& path, std::size_t pages);

/// Writes the sheet in the format that the name ends in; of several pages a file each is written for SVG and
/// PNG, "name-2.png" and so on. Gives the files. ERRORS: as above; BadInput for another ending; Unwritable;
/// Stopped, and then nothing is written.
[[nodiscard]] Result<std::vector<std::string>> save_sheet(const Sheet& sheet, const SheetImages& images,
                                                          const SheetDocument& document, double dots,
                                                          const std::string& path,
                                                          const Progress& progress = {});

} // namespace zc
