// SPDX-License-Identifier: GPL-3.0-or-later
// Trying, sharing, and what ends a session.
#include "app/commands/rows.h"

namespace zc::test {

std::vector<Command> commands_of_trying_and_sharing() {
  return {
      {"desk.5", "Ctrl+5", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.session().desk == Desk::Try && d.part<QWidget>("tryPicture").isVisible();
       }},
      try_row("tryPhoto", TryWay::Photo),
      try_row("tryStudy", TryWay::Study),
      try_row("tryFollow", TryWay::Follow),
      try_row("tryCheck", TryWay::Check),
      {"compareTwoUnderOneEdge", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.session().trying.two && d.part<QWidget>("try.left").isVisible();
       }},
      {"swapSides", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const Trying before = d.session().trying;
         run();
         return d.session().trying.left == before.right && d.session().trying.right == before.left;
       }},
      {"selectUnusedSwatches", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         run();
         const auto& uses = d.model().tries().uses();
         return std::ranges::all_of(uses, [&](const auto& use) {
           return d.session().selection.has(use.first) == (use.second == 0);
         });
       }},
      {"removeUnusedSwatches", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const auto before = d.model().tries().uses();
         run();
         return std::ranges::all_of(before, [&](const auto& use) {
           return (find_swatch(d.piece(), use.first) != nullptr) == (use.second > 0);
         });
       }},
      {"markUsedSwatches", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         run();
         const auto& uses = d.model().tries().uses();
         return std::ranges::all_of(uses, [&](const auto& use) {
           return find_swatch(d.piece(), use.first)->used == (use.second > 0);
         });
       }},
      {"savePairs", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.export_path = folder.filePath("pairs.csv");
         d.model().viewing().try_on({}); // The photo has no pairs.
         run();
         QFile table(d.dialogs.export_path);
         return table.open(QIODevice::ReadOnly) &&
                table.readAll().count('\n') == static_cast<int>(swatch_count(*current_set(d.piece()))) + 1;
       }},
      {"saveFills", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.folder_path = folder.path();
         run();
         if (!d.notice().contains("study in areas")) return false;
         const Id photo = d.session().reference;
         Study study = find_reference(d.piece(), photo)->study;
         study.by_areas = true;
         d.model().store().apply("t", [&](Piece p) { return with_study(std::move(p), photo, study); });
         run();
         return comes_true([&] { return d.notice().startsWith("Saved to"); }) &&
                QDir(folder.path()).entryList({"*-*.png"}, QDir::Files).size() > 3;
       }},
      {"savePicture", "", Desk::Try,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.export_path = folder.filePath("tried.png");
         run();
         return comes_true([&] { return QFile::exists(d.dialogs.export_path); });
       }},
      {"desk.6", "Ctrl+6", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.session().desk == Desk::Share && d.part<QWidget>("shareStage").isVisible() &&
                !d.part<QWidget>("staff").isVisible();
       }},
      share_row("showPress", ShareView::Press),
      share_row("showFiles", ShareView::Files),
      share_row("showParcels", ShareView::Parcel),
      share_row("showWheelAsPicture", ShareView::Plan),
      share_row("showSheet", ShareView::Sheet),
      sheet_row("saveSheetAsPdf", "sheet.pdf", "%PDF"),
      sheet_row("saveSheetAsSvg", "sheet.svg", "<svg"),
      sheet_row("saveSheetAsPng", "sheet.png", "\x89PNG"),
      sheet_row("saveWheelAsPicture", "plan.png", "\x89PNG"),
      {"printSheet", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.print_path = folder.filePath("no such folder/printed.pdf");
         run();
         const bool said = d.notice().startsWith("The sheet was not printed");
         d.dialogs.print_path = folder.filePath("printed.pdf");
         run();
         return said && QFileInfo(d.dialogs.print_path).size() > 1000;
       }},
      {"exportTickedFilesAgain", "Ctrl+E", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         d.dialogs.folder_path = folder.path();
         Sharing sharing = d.session().sharing;
         sharing.files.formats = {"hex"};
         sharing.files.folder.clear();
         d.model().viewing().share(sharing);
         run();
         const bool written = QDir(folder.path()).entryList(QDir::Files).size() == 1;
         sharing.files.folder.clear();
         d.model().viewing().share(sharing);
         return written && d.notice().contains("Wrote 1 of 1");
       }},
      {"importLines", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         const QTemporaryDir folder;
         QFile file(folder.filePath("lines.txt"));
         if (!file.open(QIODevice::WriteOnly)) return false;
         file.write("ff8800 lamp\n0044cc dusk\n");
         file.close();
         d.dialogs.set_path = file.fileName();
         run();
         return comes_true(
             [&] { return d.session().desk == Desk::Grade && d.session().set_view == SetView::Import; });
       }},
      {"copyWheelAsPicture", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         run();
         const QImage copied = QApplication::clipboard()->image();
         return copied.width() >= d.session().sharing.plan.size && qAlpha(copied.pixel(0, 0)) == 0;
       }},
      {"useAllPrintableColors", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.notice().contains("Choose a press");
       }},
      {"addPressProfile", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.set_path = QStringLiteral("/usr/share/color/icc/ghostscript/default_cmyk.icc");
         run();
         return d.notice().contains("to the shelf") && d.model().press().chosen() &&
                d.model().press().chosen()->name().find("SWOP") != std::string::npos;
       }},
      {"showAsPrinted", "", Desk::Share,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool on = d.session().sharing.proof;
         run();
         return on && !d.session().sharing.proof;
       }},
      sort_row("sortByValue", SortBy::Value),
      sort_row("sortByHue", SortBy::Hue),
      sort_row("sortByChroma", SortBy::Chroma),
      sort_row("sortByName", SortBy::Name),
      // These begin another piece or end the window; each has a window of its own.
      {"newPiece", "Ctrl+N", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         run();
         return d.piece().references.empty() && d.piece().title == Piece{}.title;
       }},
      {"open", "Ctrl+O", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         d.dialogs.open_path = QStringLiteral(DEMO_PIECE);
         run();
         return d.piece().references.size() == 5;
       }},
      {"openDemoPiece", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         d.trigger("newPiece");
         run();
         return d.piece().references.size() == 5 || !d.notice().isEmpty();
       }},
      handbook_row("openHandbook", "F1", "grade"),
      handbook_row("showOrderOfWork", "", "index"),
      handbook_row("showAllShortcuts", "", "keys"),
      {"showFirstSteps", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         const bool shown = d.part<QWidget>("firstSteps").isVisible();
         d.part<QAbstractButton>("stepsAway").click();
         return shown && !d.part<QWidget>("firstSteps").isVisible();
       }},
      {"copyDetailsForReport", "", Desk::Pick,
       [](DeskTop&, const Trigger& run) {
         run();
         return QApplication::clipboard()->text().startsWith("Zonachrom");
       }},
      {"aboutZonachrom", "", Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         run();
         return d.dialogs.abouts == 1;
       }},
      {"quit", nullptr, Desk::Pick,
       [](DeskTop& d, const Trigger& run) {
         d.dialogs.unsaved = UnsavedAnswer::Discard;
         run();
         return !d.window.isVisible();
       }},
  };
}

} // namespace zc::test
