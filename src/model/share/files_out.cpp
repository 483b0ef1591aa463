// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/share/files_out.h"

#include "core/patterns/lines_pattern.h"
#include "io/exchange/exchange.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"

#include <QDir>

namespace zc {
namespace {

/// The reference on the sheet and the disc are no larger than this along a side.
constexpr int kPictureSide = 1600;

QString keeps_of(ExchangeFormat format) {
  switch (format) {
  case ExchangeFormat::Cxf:
    return QObject::tr("keeps names, families, notes and codes");
  case ExchangeFormat::Tokens:
  case ExchangeFormat::Csv:
  case ExchangeFormat::Svg:
    return QObject::tr("keeps names, families and notes");
  case ExchangeFormat::Cgats:
  case ExchangeFormat::Css:
    return QObject::tr("keeps names and families, loses notes");
  case ExchangeFormat::Hex:
    return QObject::tr("keeps names, loses families and notes");
  case ExchangeFormat::Png:
    return QObject::tr("keeps the colors alone");
  }
  return {};
}

Status write_bytes(const QString& path, const std::string& text) {
  return save_safely(path.toStdString(), Bytes(text.begin(), text.end()), Backup::None);
}

/// Of a format by its word, in the chosen folder, under the name of the set.
QString file_of(const FilesOrder& order, const std::string& word) {
  const QString stem = QDir(text(order.files.folder)).filePath(file_name(order.set.name, QString()));
  for (const auto& facts : kExchangeFormats)
    if (facts.word == word) return stem + text(facts.suffix);
  if (word == "lines") return stem + QLatin1String(kLinesSuffix);
  if (word == "plan") return stem + QStringLiteral("-plan.png");
  return stem + QStringLiteral("-sheet.") + QString::fromStdString(word.substr(6));
}

Status write_exchange(const ExchangeFormatFacts& facts, const SwatchSet& set, const QString& file) {
  const auto bytes = write_set(set, facts.format);
  if (!bytes) return bytes.error();
  return save_safely(file.toStdString(), *bytes, Backup::None);
}

Status write_lines(const FilesOrder& order, const QString& file) {
  const auto pattern = lines_pattern_from_text(order.files.pattern);
  if (!pattern) return pattern.error();
  const auto lines = set_in_lines(order.set, order.title, *pattern);
  return lines ? write_bytes(file, *lines) : Status(lines.error());
}

Status write_one(const FilesOrder& order, const std::string& word, const Progress& progress) {
  const QString file = file_of(order, word);
  for (const auto& facts : kExchangeFormats)
    if (facts.word == word) return write_exchange(facts, order.set, file);
  if (word == "lines") return write_lines(order, file);
  if (word == "plan") return write_plan(order.plan, file.toStdString(), progress);
  if (!order.sheet) return order.sheet.error();
  const auto files = write_sheet(*order.sheet, file.toStdString(), progress);
  return files ? Status(Done{}) : Status(files.error());
}

/// The part of the whole that one of `count` works takes.
Progress part_of(const Progress& progress, std::size_t done, std::size_t count) {
  if (!progress) return {};
  return [progress, done, count](double share) {
    return progress((static_cast<double>(done) + share) / static_cast<double>(count));
  };
}

/// What is cut into areas keeps their edges.
QImage smaller(const QImage& picture, bool by_areas) {
  const QSize size = picture.size().scaled(kPictureSide, kPictureSide, Qt::KeepAspectRatio);
  if (picture.width() <= size.width()) return picture;
  return by_areas ? picture.scaled(size, Qt::IgnoreAspectRatio, Qt::FastTransformation)
                  : reduced(picture, size.width(), size.height());
}

} // namespace

SheetImages images_of(const ImagesOrder& order) {
  StudyOrder study = order.study;
  QImage reference;
  if (study.photo && study.study.by_areas && !study.side.colors.empty()) {
    reference = smaller(studied(study), true);
  } else if (study.photo) {
    // Made smaller first: a color between two swatches is none of the set.
    study.photo = std::make_shared<Photo>(Photo{{smaller(study.photo->full(), false)}, {}});
    reference = studied(study);
  }
  return sheet_images(order.piece, order.spec, reference, kPictureSide / 2,
                      order.keys ? order.keys() : std::vector<KeyCell>());
}

Result<std::vector<std::string>> write_sheet(const SheetOrder& order, const std::string& path,
                                             const Progress& progress) {
  return save_sheet(order.sheet, images_of(order.images),
                    {order.images.piece.title, order.images.piece.signature},
                    usual_dots(order.images.spec.paper), path, progress);
}

Status write_plan(const PlanOrder& order, const std::string& path, const Progress& progress) {
  if (text(path).endsWith(QLatin1String(".svg"), Qt::CaseInsensitive))
    return write_bytes(text(path), plan_outline_svg(order.piece, order.spec.size, order.spec.words));
  auto plan = plan_image(order.piece, order.spec, progress);
  return plan ? save_picture(std::move(plan).value(), path) : Status(plan.error());
}

QString file_name(const std::string& name, const QString& suffix) {
  QString out = text(name).simplified().left(80);
  for (const QChar c : QStringLiteral("/\\:*?\"<>|")) out.replace(c, QLatin1Char('-'));
  return (out.isEmpty() ? QObject::tr("unnamed") : out) + suffix;
}

std::vector<OutFormat> out_formats() {
  std::vector<OutFormat> out;
  for (const auto& facts : kExchangeFormats)
    out.push_back({std::string(facts.word), word(facts.name), keeps_of(facts.format)});
  out.push_back({"lines", QObject::tr("Your own lines"), QObject::tr("as the pattern below says")});
  out.push_back({"sheet-pdf", QObject::tr("Sheet, PDF"), QObject::tr("all pages, with bookmarks")});
  out.push_back({"sheet-svg", QObject::tr("Sheet, SVG"), QObject::tr("one file for each page")});
  out.push_back(
      {"sheet-png", QObject::tr("Sheet, PNG"), QObject::tr("one file for each page, 300 pixels per inch")});
  out.push_back({"plan", QObject::tr("Wheel, PNG"), QObject::tr("as chosen under Wheel")});
  return out;
}

QStringList files_of(const FilesOrder& order) {
  QStringList out;
  for (const std::string& word : order.files.formats) {
    const bool sheet = word.starts_with("sheet-");
    const std::size_t pages = sheet && order.sheet ? order.sheet->sheet.pages.size() : 1;
    for (const std::string& file : sheet_file_names(file_of(order, word).toStdString(), pages))
      out << text(file);
  }
  return out;
}

QString write_files(const FilesOrder& order, const Progress& progress) {
  const FilesOut& files = order.files;
  if (!QDir(text(files.folder)).exists())
    return QObject::tr("The folder \"%1\" no longer exists; choose another one.").arg(text(files.folder));
  std::size_t written = 0, seen = 0;
  QStringList failed;
  for (const std::string& word : files.formats) {
    const Status done = write_one(order, word, part_of(progress, seen++, files.formats.size()));
    if (done)
      ++written;
    else
      failed << words(done.error());
    if (progress && !progress(static_cast<double>(seen) / static_cast<double>(files.formats.size()))) break;
  }
  QString out =
      QObject::tr("Wrote %1 of %n formats to \"%2\".", nullptr, static_cast<int>(files.formats.size()))
          .arg(written)
          .arg(text(files.folder));
  if (!failed.isEmpty()) out += QLatin1Char(' ') + failed.first();
  return out;
}

} // namespace zc
