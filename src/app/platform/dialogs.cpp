// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/dialogs.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QMessageBox>
#include <QPrintPreviewDialog>
#include <QPrinter>
#include <QPushButton>

namespace zc {
namespace {

QString piece_filter() { return QObject::tr("Zonachrom pieces (*.zonachrom)"); }

} // namespace

QString photo_patterns() {
  return QStringLiteral("*.jpg *.jpeg *.png *.tif *.tiff *.webp *.bmp *.gif *.heic *.heif *.avif *.ora");
}

QString ToolkitDialogs::open_piece(QWidget* parent, const QString& folder) {
  return QFileDialog::getOpenFileName(parent, QObject::tr("Open a piece"), folder, piece_filter());
}

QString ToolkitDialogs::save_piece(QWidget* parent, const QString& suggested) {
  return QFileDialog::getSaveFileName(parent, QObject::tr("Save piece as"), suggested, piece_filter());
}

QStringList ToolkitDialogs::open_photos(QWidget* parent, const QString& folder) {
  return QFileDialog::getOpenFileNames(parent, QObject::tr("Add reference photos"), folder,
                                       QObject::tr("Photos (%1);;All files (*)").arg(photo_patterns()));
}

QString ToolkitDialogs::open_set_file(QWidget* parent, const QString& folder, const QString& filter) {
  return QFileDialog::getOpenFileName(parent, QObject::tr("Import"), folder, filter);
}

QString ToolkitDialogs::export_file(QWidget* parent, const QString& suggested, const QString& filter) {
  return QFileDialog::getSaveFileName(parent, QObject::tr("Export set"), suggested, filter);
}

QString ToolkitDialogs::choose_folder(QWidget* parent, const QString& folder) {
  return QFileDialog::getExistingDirectory(parent, QString(), folder);
}

void ToolkitDialogs::print(QWidget* parent, const std::function<void(QPrinter&)>& draw) {
  QPrinter printer(QPrinter::HighResolution);
  QPrintPreviewDialog preview(&printer, parent);
  QObject::connect(&preview, &QPrintPreviewDialog::paintRequested, &preview,
                   [&](QPrinter* to) { draw(*to); });
  preview.exec();
}

UnsavedAnswer ToolkitDialogs::ask_unsaved(QWidget* parent, const QString& title) {
  QMessageBox box(QMessageBox::NoIcon, QObject::tr("Unsaved changes"),
                  QObject::tr("\"%1\" has changes that are not saved.").arg(title), QMessageBox::NoButton,
                  parent);
  const auto* save = box.addButton(QObject::tr("Save"), QMessageBox::AcceptRole);
  const auto* discard = box.addButton(QObject::tr("Discard changes"), QMessageBox::DestructiveRole);
  box.addButton(QObject::tr("Cancel"), QMessageBox::RejectRole);
  box.exec();
  if (box.clickedButton() == save) return UnsavedAnswer::Save;
  return box.clickedButton() == discard ? UnsavedAnswer::Discard : UnsavedAnswer::Cancel;
}

RecoveryAnswer ToolkitDialogs::offer_recovery(QWidget* parent, const QString& title, const QString& when,
                                              const QString& newer) {
  QString says = QObject::tr("Zonachrom ended before \"%1\" was saved. The work of %2 can be recovered.")
                     .arg(title, when);
  if (!newer.isEmpty())
    says += QLatin1Char(' ') + QObject::tr("The file \"%1\" was changed later. Recover opens the unsaved "
                                           "work as a separate piece and leaves the file alone.")
                                   .arg(newer);
  QMessageBox box(QMessageBox::NoIcon, QObject::tr("Unsaved work found"), says, QMessageBox::NoButton,
                  parent);
  const QAbstractButton* take = box.addButton(QObject::tr("Recover"), QMessageBox::AcceptRole);
  const QAbstractButton* file =
      newer.isEmpty() ? nullptr : box.addButton(QObject::tr("Open file"), QMessageBox::AcceptRole);
  const QAbstractButton* discard = box.addButton(QObject::tr("Discard"), QMessageBox::DestructiveRole);
  auto* later = box.addButton(QObject::tr("Decide later"), QMessageBox::RejectRole);
  box.setEscapeButton(later);
  box.exec();
  // Whatever else ends the question, a signal among it, keeps the work.
  if (box.clickedButton() == take) return RecoveryAnswer::Recover;
  if (file && box.clickedButton() == file) return RecoveryAnswer::OpenFile;
  return box.clickedButton() == discard ? RecoveryAnswer::Discard : RecoveryAnswer::Later;
}

bool ToolkitDialogs::ask_replace(QWidget* parent, const QStringList& files) {
  constexpr int named = 8;
  QStringList names = files.mid(0, named);
  if (files.size() > named)
    names << QObject::tr("and %n more", nullptr, static_cast<int>(files.size()) - named);
  QMessageBox box(QMessageBox::NoIcon, QObject::tr("Files already exist"),
                  QObject::tr("These files already exist and were changed, or written by something else:") +
                      QLatin1Char('\n') + names.join(QLatin1Char('\n')),
                  QMessageBox::NoButton, parent);
  const QAbstractButton* replace = box.addButton(QObject::tr("Replace files"), QMessageBox::DestructiveRole);
  QPushButton* cancel = box.addButton(QObject::tr("Cancel"), QMessageBox::RejectRole);
  box.setEscapeButton(cancel);
  // Enter, pressed without reading, must not replace anything.
  box.setDefaultButton(cancel);
  box.exec();
  return box.clickedButton() == replace;
}

DamagedAnswer ToolkitDialogs::ask_damaged(QWidget* parent, const QString& says, bool rest, bool before) {
  QMessageBox box(QMessageBox::NoIcon, QObject::tr("Damaged piece"), says, QMessageBox::NoButton, parent);
  const QAbstractButton *take = nullptr, *other = nullptr;
  if (rest) take = box.addButton(QObject::tr("Open the readable part"), QMessageBox::AcceptRole);
  if (before) other = box.addButton(QObject::tr("Open the previous version"), QMessageBox::AcceptRole);
  box.addButton(QObject::tr("Cancel"), QMessageBox::RejectRole);
  box.exec();
  if (take && box.clickedButton() == take) return DamagedAnswer::Rest;
  return other && box.clickedButton() == other ? DamagedAnswer::Before : DamagedAnswer::Neither;
}

void ToolkitDialogs::show_about(QWidget* parent, const QString& text) {
  QMessageBox box(QMessageBox::NoIcon, QObject::tr("About Zonachrom"), text, QMessageBox::NoButton, parent);
  box.addButton(QObject::tr("Close"), QMessageBox::AcceptRole);
  box.exec();
}

} // namespace zc
