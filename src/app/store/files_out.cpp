#include "app/store/files_out.h"

#include "app/store/share_reading.h"
#include "app/theme/text.h"
#include "core/piece/lines_pattern.h"
#include "io/exchange/exchange.h"
#include "io/files/safe_save.h"
#include "io/photo/picture_file.h"
#include "io/sheet/sheet_files.h"

#include <QDir>

namespace zc {
namespace {

constexpr double kSheetDots = 300;

QString keeps_of(ExchangeFormat format) {
  switch (format) {
  case ExchangeFormat::Tokens:
  case ExchangeFormat::Cxf:
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

Status write_exchange(const ExchangeFormatFacts& facts, const SwatchSet& set, const QString& stem) {
  const auto bytes = write_set(set, facts.format);
  if (!bytes) return bytes.error();
  return save_safely((stem + text(facts.suffix)).toStdString(), *bytes, Backup::None);
}

Status write_one(Workspace& space, const std::string& word, const SwatchSet& set, const QString& stem) {
  for (const auto& facts : kExchangeFormats)
    if (facts.word == word) return write_exchange(facts, set, stem);
  const Piece& piece = space.piece();
  if (word == "lines") {
    const auto pattern = lines_pattern_from_text(space.session().sharing.files.pattern);
    if (!pattern) return pattern.error();
    const auto lines = set_in_lines(set, piece.title, *pattern);
    return lines ? write_bytes(stem + QStringLiteral(".lines.txt"), *lines) : Status(lines.error());
  }
  if (word == "plan") {
    auto plan = space.shares().plan();
    return plan ? save_picture(std::move(plan).value(), (stem + QStringLiteral("-plan.png")).toStdString())
                : Status(plan.error());
  }
  const auto& sheet = space.shares().sheet();
  if (!sheet) return sheet.error();
  const auto files =
      save_sheet(*sheet, space.shares().plain_images(), {piece.title, piece.signature}, kSheetDots,
                 (stem + QStringLiteral("-sheet.") + QString::fromStdString(word.substr(6))).toStdString());
  return files ? Status(Done{}) : Status(files.error());
}

} // namespace

QString file_name(const std::string& name, const QString& suffix) {
  QString out = text(name).simplified().left(80);
  for (const QChar c : QStringLiteral("/\\:*?\"<>|")) out.replace(c, QLatin1Char('-'));
  return (out.isEmpty() ? QObject::tr("unnamed") : out) + suffix;
}

const std::vector<OutFormat>& out_formats() {
  static const auto all = [] {
    std::vector<OutFormat> out;
    for (const auto& facts : kExchangeFormats)
      out.push_back({std::string(facts.word), text(facts.name), keeps_of(facts.format)});
    out.push_back({"lines", QObject::tr("Lines of your own"), QObject::tr("what the pattern below says")});
    out.push_back({"sheet-pdf", QObject::tr("Sheet, PDF"), QObject::tr("all pages, with bookmarks")});
    out.push_back({"sheet-svg", QObject::tr("Sheet, SVG"), QObject::tr("a file a page")});
    out.push_back({"sheet-png", QObject::tr("Sheet, PNG"), QObject::tr("a file a page, 300 pixels an inch")});
    out.push_back({"plan", QObject::tr("Wheel, PNG"), QObject::tr("as set under Wheel")});
    return out;
  }();
  return all;
}

QString write_files(Workspace& space) {
  const FilesOut& files = space.session().sharing.files;
  const SwatchSet* set = current_set(space.piece());
  if (files.formats.empty()) return QObject::tr("Choose at least one format first.");
  if (files.folder.empty()) return QObject::tr("Choose a folder first.");
  if (!set) return QObject::tr("There is no set yet.");
  if (!QDir(text(files.folder)).exists())
    return QObject::tr("The folder \"%1\" is not there any more; choose another.").arg(text(files.folder));
  const QString stem = QDir(text(files.folder)).filePath(file_name(set->name, QString()));
  int written = 0;
  QStringList failed;
  for (const std::string& word : files.formats) {
    const Status done = write_one(space, word, *set, stem);
    if (done)
      ++written;
    else
      failed << words(done.error());
  }
  QString out = QObject::tr("Wrote %1 of %2 formats to \"%3\".")
                    .arg(written)
                    .arg(files.formats.size())
                    .arg(text(files.folder));
  if (!failed.isEmpty()) out += QLatin1Char(' ') + failed.first();
  return out;
}

} // namespace zc
