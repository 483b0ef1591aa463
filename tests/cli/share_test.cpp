// SPDX-License-Identifier: GPL-3.0-or-later
// Sheets, plans and presses from the command line, read by programs made elsewhere.
#include "cli/run.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"
#include "support/check.h"

#include <QImage>
#include <QRegularExpression>
#include <QTemporaryDir>

#include <QColorSpace>
#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

QByteArray answer(const QString& program, const QStringList& options) {
  QProcess process;
  process.start(program, options);
  if (!process.waitForStarted()) qFatal("%s is not there", qPrintable(program));
  process.waitForFinished(60'000);
  return process.readAllStandardOutput() + process.readAllStandardError();
}

} // namespace

class ShareTest : public QObject {
  Q_OBJECT
private slots:
  void initTestCase() { QVERIFY(m_folder.isValid()); }

  void a_sheet_is_read_elsewhere_data() {
    QTest::addColumn<int>("swatches");
    for (const int n : {1, 19, 300}) QTest::addRow("%d", n) << n;
  }
  void a_sheet_is_read_elsewhere() {
    QFETCH(int, swatches);
    const QString piece = piece_of(swatches), pdf = m_folder.filePath("sheet.pdf"),
                  svg = m_folder.filePath("sheet.svg");
    const auto told = run({"sheet", piece, "--paper", "A4", "--force", "-o", pdf}).json();
    const auto pages = told["counts"]["pages"].get<std::size_t>();
    QVERIFY(swatches < 300 ? pages <= 2 : pages > 2);
    const auto fonts = answer("pdffonts", {pdf}).split('\n').mid(2);
    QVERIFY(fonts.size() >= 2);
    for (const auto& line : fonts)
      if (!line.trimmed().isEmpty())
        QVERIFY2(QString(line).contains(QRegularExpression(" yes (yes|no)  ?yes ")), line);
    QVERIFY(answer("qpdf", {"--check", pdf}).contains("No syntax or stream encoding errors"));
    const QString words = QString::fromUtf8(answer("pdftotext", {"-layout", pdf, "-"}));
    const auto document = open_document(piece.toStdString());
    // What pixels a page has at 150 an inch.
    answer("pdftoppm", {"-r", "150", "-png", pdf, m_folder.filePath("page")});
    run({"sheet", piece, "--paper", "A4", "--force", "-o", svg});
    std::map<QString, QRgb> wanted;
    for (const auto& family : current_set(document->piece)->families)
      for (const auto& s : family.swatches) {
        const Srgb8 c = rounded_8bit(s.color);
        const QString hex = QColor(c.r, c.g, c.b).name();
        QVERIFY2(words.contains(hex), qPrintable(hex));
        QVERIFY2(words.contains(QString::fromStdString(s.name)), s.name.c_str());
        wanted[hex] = qRgb(c.r, c.g, c.b);
      }
    int found = 0;
    for (std::size_t page = 1; page <= pages; ++page) {
      const QString number =
          QString::number(page).rightJustified(static_cast<int>(std::to_string(pages).size()), '0');
      const QImage seen(m_folder.filePath("page-" + number + ".png"));
      QVERIFY(!seen.isNull());
      const QString file = page == 1 ? svg : m_folder.filePath(QStringLiteral("sheet-%1.svg").arg(page));
      QVERIFY(answer("rsvg-convert",
                     {"--dpi-x", "150", "--dpi-y", "150", file, "-o", m_folder.filePath("svg.png")})
                  .isEmpty());
      const QImage drawn(m_folder.filePath("svg.png"));
      QFile text(file);
      QVERIFY(text.open(QIODevice::ReadOnly));
      const QString svg_text = QString::fromUtf8(text.readAll());
      static const QRegularExpression rect(
          "<rect x=\"([0-9.]+)\" y=\"([0-9.]+)\" width=\"([0-9.]+)\" height=\"([0-9.]+)\" "
          "fill=\"(#[0-9a-f]{6})\"><title>");
      for (auto at = rect.globalMatch(svg_text); at.hasNext();) {
        const auto match = at.next();
        const double x = match.captured(1).toDouble() + match.captured(3).toDouble() / 2,
                     y = match.captured(2).toDouble() + match.captured(4).toDouble() / 2;
        const QPoint in_pdf(static_cast<int>(x * 150 / 72), static_cast<int>(y * 150 / 72));
        const QPoint in_svg(
            static_cast<int>(x * drawn.width() / (told["width_mm"].get<double>() / 25.4 * 72)),
            static_cast<int>(y * drawn.height() / (told["height_mm"].get<double>() / 25.4 * 72)));
        QVERIFY2(close(seen.pixel(in_pdf), wanted[match.captured(5)]), qPrintable(match.captured(5)));
        QVERIFY2(close(drawn.pixel(in_svg), wanted[match.captured(5)]), qPrintable(match.captured(5)));
        ++found;
      }
    }
    QCOMPARE(found, swatches);
    // A bookmark a family, the sRGB output intent.
    const QByteArray whole = answer("qpdf", {"--qdf", "--object-streams=disable", pdf, "-"});
    QVERIFY(whole.contains("/Outlines") && whole.contains("/OutputIntents") && whole.contains("/GTS_PDFA1"));
    QCOMPARE(whole.count("/Dest "), static_cast<qsizetype>(current_set(document->piece)->families.size()));
  }

  void the_plan_is_a_picture() {
    const QString file = m_folder.filePath("plan.png");
    run({"plan", DEMO_PIECE, "--value", "60", "--size", "200", "--without-labels", "--force", "-o", file});
    const QImage plan(file);
    QCOMPARE(plan.size(), QSize(200, 200));
    QCOMPARE(qAlpha(plan.pixel(0, 0)), 0);
    QCOMPARE(plan.colorSpace(), QColorSpace(QColorSpace::SRgb));
    QStringList asked{"wheel"};
    std::vector<QRgb> pixels;
    for (int y = 20; y < 180; y += 16)
      for (int x = 20; x < 180; x += 16) {
        const double px = (x + 0.5) / 100 - 1, py = 1 - (y + 0.5) / 100, r = std::hypot(px, py);
        if (r > 1) continue;
        asked << "--at"
              << QStringLiteral("%1,%2,60").arg(std::atan2(px, py) * 180 / M_PI, 0, 'f', 9).arg(r, 0, 'f', 9);
        pixels.push_back(plan.pixel(x, y));
      }
    const auto exact = run(asked).json()["places"];
    for (std::size_t i = 0; i < pixels.size(); ++i) {
      const auto c = exact[i]["color"]["srgb"];
      QVERIFY(std::abs(qRed(pixels[i]) - 255 * c[0].get<double>()) <= 1.5 &&
              std::abs(qGreen(pixels[i]) - 255 * c[1].get<double>()) <= 1.5 &&
              std::abs(qBlue(pixels[i]) - 255 * c[2].get<double>()) <= 1.5);
    }
    const auto row =
        run({"plan", DEMO_PIECE, "--values", "5", "--size", "64", "--without-labels", "--force", "-o", file})
            .json();
    QCOMPARE(QImage(file).size(), QSize(320, 64));
    QCOMPARE(row["values"].size(), std::size_t{5});
    // With names there is room around; its outline is a drawing that another program reads.
    run({"plan", DEMO_PIECE, "--vivid", "--size", "200", "--background", "dark", "--force", "-o", file});
    QVERIFY(QImage(file).width() > 240 && qAlpha(QImage(file).pixel(0, 0)) == 255);
    const QString outline = m_folder.filePath("plan.svg");
    run({"plan", DEMO_PIECE, "-o", outline});
    QVERIFY(answer("rsvg-convert", {outline, "-o", file}).isEmpty());
    for (const QStringList& wrong :
         {QStringList{"--value", "50", "--vivid"}, {"--values", "2"}, {"--size", "9"}, {"--value", "101"}})
      QCOMPARE(run(QStringList{"plan", DEMO_PIECE, "-o", m_folder.filePath("never.png")} + wrong).code, 2);
    QVERIFY(!QFile::exists(m_folder.filePath("never.png")));
  }

  void the_press_says_what_prints() {
    const auto told = run({"press", DEMO_PIECE, "--set", "Row at dusk"}).json();
    QVERIFY(told["profile"].get<std::string>().find("Stand-in") == 0);
    QCOMPARE(told["swatches"].size(), std::size_t{19});
    int not_printing = 0;
    for (const auto& s : told["swatches"]) {
      QCOMPARE(s["prints"].get<bool>(), s["difference"].get<double>() < 2);
      QVERIFY(near(s["ink"],
                   s["inks"][0].get<double>() + s["inks"][1].get<double>() + s["inks"][2].get<double>() +
                       s["inks"][3].get<double>(),
                   3e-4));
      not_printing += !s["prints"].get<bool>();
      if (s["prints"].get<bool>()) QVERIFY(s["nearest"]["hex"] == s["hex"]);
    }
    QVERIFY(not_printing >= 1);
    const auto strict = run({"press", DEMO_PIECE, "--most-difference", "0.2"}).json();
    int more = 0;
    for (const auto& s : strict["swatches"]) more += !s["prints"].get<bool>();
    QVERIFY(more > not_printing);
    QCOMPARE(run({"press", DEMO_PIECE, "--profile", DEMO_PIECE}).code, 3);
    QCOMPARE(run({"press", DEMO_PIECE, "--most-difference", "0"}).code, 2);
  }

  void lines_go_out_and_come_back() {
    const QString pattern = m_folder.filePath("pattern.txt"), lines = m_folder.filePath("lines.txt"),
                  piece = m_folder.filePath("lines.zonachrom");
    QFile file(pattern);
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write("# {title}\n== {family}\n{r:3} {g:3} {b:3}\t{name}\n");
    file.close();
    QVERIFY(run({"export", DEMO_PIECE, "--set", "Row at dusk", "--format", "lines", "--pattern", pattern,
                 "-o", lines})
                .json()["count"] == 19);
    const auto told = run({"import", lines, "--into", piece, "--pattern", pattern}).json();
    QVERIFY(told["counts"]["found"] == 19 && told["counts"]["families"] == 4);
    // Without the pattern the numbers at the starts of lines are read all the same.
    const auto plain = run({"import", lines, "--into", piece, "--set", "plain"}).json();
    QVERIFY(plain["counts"]["found"] == 19);
    QCOMPARE(
        run({"export", DEMO_PIECE, "--set", "Row at dusk", "--format", "lines", "--force", "-o", lines}).code,
        2);
  }

private:
  static bool close(QRgb a, QRgb b) {
    return std::abs(qRed(a) - qRed(b)) <= 1 && std::abs(qGreen(a) - qGreen(b)) <= 1 &&
           std::abs(qBlue(a) - qBlue(b)) <= 1;
  }
  /// A piece with so many swatches in families of ten, all of different colors.
  QString piece_of(int swatches) {
    std::mt19937 random(5);
    Document document{new_piece("2026-11-26"), {}};
    SwatchSet set{100, "row"};
    std::set<QRgb> taken;
    Id id = 200;
    for (int i = 0; i < swatches; ++i) {
      if (i % 10 == 0) set.families.push_back({id++, "family " + std::to_string(i / 10)});
      QRgb c = 0;
      do c = random() & 0xffffffu;
      while (!taken.insert(c).second);
      Swatch s{
          id++, {qRed(c) / 255.0, qGreen(c) / 255.0, qBlue(c) / 255.0}, {}, "first " + std::to_string(i)};
      s.place = i % 10;
      set.families.change(set.families.size() - 1).swatches.push_back(s);
    }
    document.piece.sets = {set};
    document.piece.current_set = 100;
    document.piece.next_id = id;
    document.piece.title = "Three hundred";
    const QString path = m_folder.filePath(QStringLiteral("piece-%1.zonachrom").arg(swatches));
    if (!save_document(path.toStdString(), document)) qFatal("not saved");
    return path;
  }
  QTemporaryDir m_folder;
};

QTEST_GUILESS_MAIN(ShareTest)
#include "share_test.moc"
