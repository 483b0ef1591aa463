// SPDX-License-Identifier: GPL-3.0-or-later
// The sheet and the plan: pieces nobody would make on purpose, and every pixel of a disc.
#include "core/color/convert.h"
#include "core/image/pixels.h"
#include "core/mask/patterns.h"
#include "core/sheet/plan_picture.h"
#include "core/sheet/sheet.h"
#include "support/check.h"
#include "support/random_shapes.h"

#include <QFile>
#include <QTest>

#include <random>

using namespace zc;
using namespace zc::test;

namespace {

/// Half a square a letter, as typefaces have it on the whole; counted in letters, not bytes.
double measured(std::string_view words, double size, bool bold) {
  std::size_t letters = 0;
  for (const char c : words) letters += (static_cast<unsigned char>(c) & 0xc0) != 0x80;
  return static_cast<double>(letters) * size * (bold ? 0.56 : 0.5);
}

std::string hostile_name(std::mt19937& random) {
  static const char* const parts[] = {"",
                                      " ",
                                      "copper",
                                      "\n\tnew\nline\r",
                                      "W",
                                      "wwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwwww",
                                      "نحاس مضيء",
                                      "銅の光 夕暮れ",
                                      "e\u0301\u0301\u0301",
                                      "<b>&amp;</b>",
                                      "\x01\x02",
                                      "\u202eright"};
  std::string out;
  for (unsigned n = random() % 5; n > 0; --n) out += std::string(parts[random() % std::size(parts)]) + " ";
  if (random() % 20 == 0) out.append(400, 'm');
  return out;
}

Piece hostile_piece(std::mt19937& random) {
  Piece piece;
  piece.title = hostile_name(random);
  piece.words = hostile_name(random) + hostile_name(random) + hostile_name(random);
  piece.signature = hostile_name(random);
  piece.date = random() % 2 ? "2026-09-14" : "";
  if (random() % 2) piece.mask = pattern_mask({Pattern::Triad, double(random() % 360), 30});
  if (piece.mask) piece.mask->name = hostile_name(random);
  SwatchSet set{1, hostile_name(random)};
  set.note = hostile_name(random);
  Id id = 2;
  for (unsigned f = random() % 7; f > 0; --f) {
    Family family{id++, hostile_name(random)};
    for (unsigned n = random() % (random() % 6 ? 9 : 120); n > 0; --n) {
      const auto channel = [&] { return (random() % 256) / 255.0; };
      family.swatches.push_back(
          {id++, {channel(), channel(), channel()}, {}, hostile_name(random), hostile_name(random)});
    }
    set.families.push_back(family);
  }
  piece.sets = {set};
  piece.current_set = 1;
  return piece;
}

bool overlap(const SheetBox& a, const SheetBox& b) {
  constexpr double touch = 1e-6;
  return a.x < b.right() - touch && b.x < a.right() - touch && a.y < b.bottom() - touch &&
         b.y < a.bottom() - touch;
}

QString told(const SheetBox& b) { return QStringLiteral("%1 %2 %3 %4").arg(b.x).arg(b.y).arg(b.w).arg(b.h); }

QString told(const Sheet& sheet) {
  QString out = QStringLiteral("paper %1 %2 dark %3\n")
                    .arg(sheet.width, 0, 'f', 2)
                    .arg(sheet.height, 0, 'f', 2)
                    .arg(sheet.dark);
  const auto box = [](const SheetBox& b) {
    return QStringLiteral("%1 %2 %3 %4")
        .arg(b.x, 0, 'f', 2)
        .arg(b.y, 0, 'f', 2)
        .arg(b.w, 0, 'f', 2)
        .arg(b.h, 0, 'f', 2);
  };
  for (const SheetPage& page : sheet.pages) {
    out += QStringLiteral("page\n");
    for (const SheetText& t : page.texts)
      out +=
          QStringLiteral("text %1 size %2%3%4%5: %6\n")
              .arg(box(t.box))
              .arg(t.size)
              .arg(t.bold ? QStringLiteral(" bold") : QString(), t.soft ? QStringLiteral(" soft") : QString(),
                   t.at_right ? QStringLiteral(" right") : QString(), QString::fromStdString(t.words));
    for (const SheetSwatch& w : page.swatches)
      out +=
          QStringLiteral("swatch %1 %2: %3\n").arg(box(w.box)).arg(w.id).arg(QString::fromStdString(w.title));
    for (const SheetPicture& p : page.pictures) {
      out += QStringLiteral("picture %1 %2\n")
                 .arg(box(p.box))
                 .arg(p.part == SheetPart::Wheel ? QStringLiteral("wheel") : QStringLiteral("reference"));
      for (const SheetHue& h : p.hues)
        out += QStringLiteral("hue %1 %2 %3\n")
                   .arg(h.x, 0, 'f', 2)
                   .arg(h.y, 0, 'f', 2)
                   .arg(QString::fromStdString(h.label));
      for (const SheetPlace& place : p.places)
        out += QStringLiteral("place %1 %2\n").arg(place.x, 0, 'f', 2).arg(place.y, 0, 'f', 2);
    }
    for (const SheetBox& line : page.lines) out += QStringLiteral("line %1\n").arg(box(line));
  }
  for (const SheetBookmark& b : sheet.bookmarks)
    out += QStringLiteral("bookmark page %1 at %2: %3\n")
               .arg(b.page + 1)
               .arg(b.y, 0, 'f', 2)
               .arg(QString::fromStdString(b.words));
  return out;
}

/// Families of 7, 0, 40 and 3 swatches.
Piece plain_piece() {
  Piece piece;
  piece.title = "The row at dusk";
  piece.words = "Warm lamps under a cold sky, and one figure in red that everything leads to";
  piece.signature = "I. Marrow";
  piece.date = "2026-09-14";
  piece.mask = pattern_mask({Pattern::Triad, 30, 30});
  piece.mask->name = "lamplight";
  piece.grading.target = {12, 20, 9};
  SwatchSet set{1, "row"};
  Id id = 2;
  for (const auto& [name, count] : {std::pair("lamps", 7), {"nobody", 0}, {"walls", 40}, {"figure", 3}}) {
    Family family{id++, name};
    for (int i = 0; i < count; ++i) {
      const double t = (i * 37 % 100) / 100.0;
      family.swatches.push_back({id++,
                                 {t, 0.3 + t / 3, 1 - t},
                                 {},
                                 std::string(name) + " " + std::to_string(i + 1),
                                 i % 3 ? "" : "for the edges"});
      family.swatches.change(family.swatches.size() - 1).place = i;
    }
    set.families.push_back(family);
  }
  piece.sets = {set};
  piece.current_set = 1;
  return piece;
}

struct LookedAt {
  const char* name;
  Piece piece;
  SheetSpec spec;
  SheetPictures pictures;
};
std::vector<LookedAt> looked_at() {
  std::vector<LookedAt> out;
  const auto add = [&out](const char* name, const auto& change) {
    LookedAt one{name, plain_piece(), {}, {1.5, "the photo", "triad"}};
    change(one);
    out.push_back(one);
  };
  add("as it comes", [](LookedAt&) {});
  add("standing, small paper, wide margins, dark", [](LookedAt& l) {
    l.spec.lying = false, l.spec.paper = Paper::A5, l.spec.margin = 25, l.spec.dark = true;
  });
  add("from light to dark with notes", [](LookedAt& l) { l.spec.by_value = l.spec.notes = true; });
  add("nothing under the swatches", [](LookedAt& l) { l.spec.names = l.spec.hexes = l.spec.values = false; });
  add("a staff, and the wheel alone", [](LookedAt& l) {
    l.spec.parts = {SheetPart::Staff, SheetPart::Wheel, SheetPart::Title};
    l.spec.wheel_value.reset();
    l.piece.mask_on = false;
  });
  add("a study beside the wheel, the wheel first", [](LookedAt& l) {
    l.spec.parts = {SheetPart::Wheel, SheetPart::Reference, SheetPart::Signature};
    l.spec.study = true, l.piece.date.clear();
  });
  add("the reference alone, very wide", [](LookedAt& l) {
    l.spec.parts = {SheetPart::Reference, SheetPart::Needs};
    l.pictures.reference_aspect = 6, l.piece.signature.clear();
  });
  add("no reference", [](LookedAt& l) {
    l.pictures = {};
    l.spec.lying = false;
  });
  add("needs one below the other", [](LookedAt& l) {
    l.spec.parts = {SheetPart::Needs, SheetPart::Signature, SheetPart::Staff};
    l.spec.paper = Paper::A5, l.spec.lying = false, l.spec.margin = 30;
    l.piece.signature.clear();
  });
  add("a staff of one value", [](LookedAt& l) {
    l.spec.parts = {SheetPart::Staff, SheetPart::Swatches};
    l.spec.paper = Paper::Letter;
    Family& walls = l.piece.sets.change(0).families.change(2);
    for (std::size_t i = 0; i < walls.swatches.size(); ++i) walls.swatches.change(i).color = {0.5, 0.5, 0.5};
  });
  add("two sets, large, the swatches on the wheel", [](LookedAt& l) {
    SwatchSet second{900, "under snow"};
    second.note = "All of it paler, and the lamps alone keep their red";
    second.families = {
        {901, "drifts", {{902, {0.8, 0.8, 0.85}, {}, "the drift that lies in front of the steps"}}}};
    l.piece.sets.push_back(second);
    l.spec.sets = {900, 1}, l.spec.large = l.spec.places = true;
    l.spec.paper = Paper::LargeSquare;
  });
  add("a large paper", [](LookedAt& l) { l.spec.paper = Paper::A2; });
  add("little room below for the facts of the wheel", [](LookedAt& l) {
    l.spec.parts = {SheetPart::Title, SheetPart::Staff, SheetPart::Wheel};
    l.spec.paper = Paper::A5, l.spec.margin = 20;
  });
  return out;
}

} // namespace

class SheetTest : public QObject {
  Q_OBJECT
private slots:
  void nothing_overlaps_whatever_the_piece() {
    std::mt19937 random(7);
    std::size_t swatches = 0, pages = 0;
    for (int round = 0; round < 500; ++round) {
      Piece piece = hostile_piece(random);
      SheetSpec spec;
      for (Id id = 10'000; random() % 2 && id < 30'000; id += 10'000) {
        SwatchSet more = hostile_piece(random).sets[0];
        more.id = id;
        piece.sets.push_back(more);
      }
      for (const SwatchSet& set : piece.sets) spec.sets.push_back(set.id);
      spec.paper = kPaperWords[random() % std::size(kPaperWords)].value;
      spec.lying = random() % 2;
      spec.margin = 5 + random() % 30;
      spec.by_value = random() % 3 == 0;
      spec.names = random() % 4 != 0;
      spec.hexes = random() % 4 != 0;
      spec.values = random() % 4 != 0;
      spec.notes = random() % 2;
      spec.large = random() % 2;
      spec.places = random() % 2;
      spec.set_words = random() % 2;
      spec.parts.clear();
      for (const auto& part : kSheetPartWords)
        if (random() % 5)
          spec.parts.insert(spec.parts.begin() + static_cast<int>(random() % (spec.parts.size() + 1)),
                            part.value);
      const double aspects[] = {0, 0.05, 0.7, 1.6, 20};
      SheetPictures pictures{aspects[random() % 5], hostile_name(random)};
      for (auto keys = random() % 30; keys > 0; --keys) pictures.keys.push_back(hostile_name(random));
      const auto sets = sets_on(spec, piece);
      QCOMPARE(sets.size(), piece.sets.size());
      const auto sheet = sheet_of(piece, sets, spec, pictures, measured);
      QVERIFY2(sheet || sheet.error().place == "margin", "");
      if (!sheet) continue;
      const double margin = spec.margin * 72 / 25.4;
      std::vector<Id> shown;
      for (const SheetPage& page : sheet->pages) {
        ++pages;
        std::vector<SheetBox> all;
        for (const auto& t : page.texts) {
          QVERIFY2(measured(t.words, t.size, t.bold) <= t.box.w + 1e-6, t.words.c_str());
          QVERIFY(t.words.find('\n') == std::string::npos && !t.words.empty());
          all.push_back(t.box);
        }
        for (const auto& s : page.swatches) all.push_back(s.box);
        for (const auto& p : page.pictures) all.push_back(p.box);
        for (std::size_t i = 0; i < all.size(); ++i) {
          const SheetBox& b = all[i];
          const bool within = b.x >= margin - 1e-6 && b.y >= margin - 1e-6 &&
                              b.right() <= sheet->width - margin + 1e-6 &&
                              b.bottom() <= sheet->height - margin + 1e-6;
          if (!within) QFAIL(qPrintable(QStringLiteral("round %1: %2").arg(round).arg(told(b))));
          for (std::size_t k = i + 1; k < all.size(); ++k)
            if (overlap(b, all[k]))
              QFAIL(qPrintable(QStringLiteral("round %1: %2 and %3").arg(round).arg(told(b), told(all[k]))));
        }
        for (const auto& s : page.swatches) shown.push_back(s.id);
      }
      // Every swatch is there, as often as parts show it.
      const auto parts =
          static_cast<std::size_t>(std::count(spec.parts.begin(), spec.parts.end(), SheetPart::Swatches) +
                                   std::count(spec.parts.begin(), spec.parts.end(), SheetPart::Staff));
      std::size_t all_swatches = 0;
      for (const SwatchSet* set : sets) all_swatches += swatch_count(*set);
      QCOMPARE(shown.size(), parts * all_swatches);
      for (const SheetPage& page : sheet->pages)
        for (const SheetPicture& p : page.pictures)
          if (p.part == SheetPart::Wheel) QCOMPARE(p.places.size(), spec.places ? all_swatches : 0);
      swatches += shown.size();
    }
    QVERIFY(swatches > 5000 && pages > 700);
  }

  /// Every number and word of ten sheets, as they were looked at on paper and found right. They are written
  /// anew with WRITE_SHEETS=1, and then to be looked at again.
  void sheets_are_as_they_were_looked_at() {
    QString all;
    for (const auto& [name, piece, spec, pictures] : looked_at()) {
      const auto sheet = sheet_of(piece, sets_on(spec, piece), spec, pictures, measured);
      QVERIFY2(sheet, name);
      all += QStringLiteral("== ") + QLatin1String(name) + QLatin1Char('\n') + told(*sheet);
    }
    QFile kept(QStringLiteral(REFERENCE_FOLDER "/sheets.txt"));
    if (qEnvironmentVariableIsSet("WRITE_SHEETS")) {
      QVERIFY(kept.open(QFile::WriteOnly) && kept.write(all.toUtf8()) > 0);
      return;
    }
    QVERIFY(kept.open(QFile::ReadOnly));
    const QStringList wanted = QString::fromUtf8(kept.readAll()).split(QLatin1Char('\n')),
                      got = all.split(QLatin1Char('\n'));
    for (qsizetype i = 0; i < std::min(got.size(), wanted.size()); ++i)
      QVERIFY2(got[i] == wanted[i],
               qPrintable(QStringLiteral("line %1: %2, was %3").arg(i + 1).arg(got[i], wanted[i])));
    QCOMPARE(got.size(), wanted.size());
  }

  void papers_are_as_large_as_papers_are() {
    // Millimetres: ISO 216:2007, table 1; letter: ANSI/ASME Y14.1, 8.5 by 11 inch. Screens: 96 pixels an
    // inch.
    const std::tuple<Paper, double, double> known[] = {
        {Paper::A5, 148, 210},
        {Paper::A4, 210, 297},
        {Paper::A3, 297, 420},
        {Paper::A2, 420, 594},
        {Paper::Letter, 215.9, 279.4},
        {Paper::Square, 210, 210},
        {Paper::LargeSquare, 2048 * 25.4 / 192, 2048 * 25.4 / 192},
        {Paper::Screen, 1080 * 25.4 / 96, 1920 * 25.4 / 96},
        {Paper::LargeScreen, 1440 * 25.4 / 96, 2560 * 25.4 / 96}};
    for (const auto& [paper, narrow, wide] : known) {
      const auto [w, h] = paper_size(paper, true);
      CHECK_NEAR(w * 25.4 / 72, wide, 1e-9);
      CHECK_NEAR(h * 25.4 / 72, narrow, 1e-9);
      QCOMPARE(paper_size(paper, false), std::pair(h, w));
    }
  }

  void hues_stand_where_they_are() {
    Piece piece;
    piece.sets = {SwatchSet{1, "set", {}}};
    SheetSpec spec;
    spec.parts = {SheetPart::Wheel};
    const auto drawn = [&](const SheetWords& words) {
      return sheet_of(piece, {&piece.sets[0]}, spec, {}, measured, words)->pages[0].pictures[0];
    };
    const SheetPicture wheel = drawn({});
    const SheetBox& place = wheel.box;
    const auto& hues = wheel.hues;
    const auto at = [&](std::string_view label) {
      return *std::ranges::find_if(hues, [&](const SheetHue& h) { return h.label == label; });
    };
    QVERIFY(hues.size() >= 6);
    // Yellow at the top, violet facing it, red on the right and below (color.md's twelve hues).
    const double middle = place.x + place.w / 2;
    CHECK_NEAR(at("Y").x, middle, 1e-9);
    CHECK_NEAR(at("V").x, middle, 1e-9);
    QVERIFY(at("Y").y < disc_in(place).y && at("V").y > disc_in(place).bottom());
    QVERIFY(at("R").x > disc_in(place).x + disc_in(place).w * 0.9 && at("R").y > place.y + place.h / 2);
    // In another language they stand at the same places.
    const auto other =
        drawn({[](std::string_view ours) { return ours == "Y" ? std::string("G") : std::string(ours); }, {}});
    QCOMPARE(other.hues[0].x, hues[0].x);
    QVERIFY(std::ranges::any_of(other.hues,
                                [&](const SheetHue& h) { return h.label == "G" && h.x == at("Y").x; }));
  }

  void what_does_not_fit_says_so() {
    Piece piece;
    piece.title = std::string(400, 'm');
    piece.sets = {SwatchSet{1, "set", {{2, "family", {{3, {1, 0, 0}, {}, std::string(80, 'w')}}}}}};
    SheetSpec spec;
    spec.lying = false;
    const auto sheet = *sheet_of(piece, {&piece.sets[0]}, spec, {}, measured);
    int titles = 0;
    for (const auto& t : sheet.pages[0].texts) titles += t.words.find("mmm") != std::string::npos;
    QCOMPARE(titles, 3);
    QVERIFY(sheet.pages[0].texts[2].words.ends_with("\u2026"));
    // A name has two lines before it is cut.
    const auto first =
        std::find_if(sheet.pages[0].texts.begin(), sheet.pages[0].texts.end(),
                     [](const SheetText& t) { return t.words.find("www") != std::string::npos; });
    QVERIFY(!first->words.ends_with("\u2026"));
    const auto cut = std::next(first);
    QVERIFY(cut->words.starts_with("ww") && cut->box.y > first->box.y && cut->box.x == first->box.x);
    QVERIFY(cut->words.ends_with("\u2026"));
    QCOMPARE(fitted_words("a b", 100, 10, false, measured), std::string("a b"));
    QCOMPARE(wrapped_words("one two three", 36, 10, false, 5, measured),
             (std::vector<std::string>{"one two", "three"}));
    spec.margin = 4;
    QVERIFY(!sheet_of(piece, {&piece.sets[0]}, spec, {}, measured));
    spec.margin = 12;
    spec.parts.push_back(SheetPart::Title);
    QVERIFY(!sheet_of(piece, {&piece.sets[0]}, spec, {}, measured));
  }

  /// A mask that is off is kept, and nobody is told that it is in use.
  void a_mask_that_is_off_is_not_named() {
    Piece piece;
    piece.mask = pattern_mask({Pattern::Triad, 30, 30});
    piece.mask->name = "Lamplight";
    piece.sets = {{1, "set", {{2, "f", {{3, {0.5, 0.4, 0.3}, {}, "one"}}}}}};
    for (const bool on : {true, false}) {
      piece.mask_on = on;
      const auto sheet = sheet_of(piece, {&piece.sets[0]}, {}, {}, measured);
      QVERIFY(sheet);
      std::string all;
      for (const auto& page : sheet->pages)
        for (const auto& text : page.texts) all += text.words + "\n";
      QCOMPARE(all.find("Lamplight") != std::string::npos, on);
      QCOMPARE(all.find("of the wheel") != std::string::npos, on);
    }
  }
  void the_plan_is_the_wheel_at_its_value_data() {
    QTest::addColumn<int>("hues");
    QTest::addColumn<int>("measure");
    QTest::addColumn<double>("value");
    for (const double value : {12.0, 50.0, 91.5})
      for (const auto& hues : kHueWords)
        for (const auto& measure : kMeasureWords)
          QTest::addRow("%s %s %.1f", hues.word.data(), measure.word.data(), value)
              << static_cast<int>(hues.value) << static_cast<int>(measure.value) << value;
  }
  /// Every pixel is the color at its center; the mask parts alpha at its edge; nothing outside the disc.
  void the_plan_is_the_wheel_at_its_value() {
    QFETCH(int, hues);
    QFETCH(int, measure);
    QFETCH(double, value);
    const Wheel wheel({static_cast<HueScale>(hues), static_cast<SaturationMeasure>(measure)});
    const MaskRegion mask(pattern_mask({Pattern::Triad, 40, 25}));
    PlanSpec spec;
    spec.value = value;
    spec.size = 96;
    const auto disc = *plan_disc(wheel, &mask, spec);
    int checked = 0, inside = 0, outside = 0;
    for (int y = 0; y < spec.size; ++y)
      for (int x = 0; x < spec.size; ++x) {
        const Pixel seen = disc.pixels[static_cast<std::size_t>(y) * spec.size + x];
        const DiscPoint p{(x + 0.5) / spec.size * 2 - 1, 1 - (y + 0.5) / spec.size * 2};
        const double r = std::hypot(p.x, p.y), pixel = 2.0 / spec.size;
        if (r > 1 + pixel) QCOMPARE(seen.alpha(), 0u);
        if (r > 1) continue;
        const auto exact = wheel.color_at(wheel_point(p, value));
        if (!exact || seen.alpha() == 0) continue; // At the gamut's own edge either may be a pixel ahead.
        ++checked;
        QVERIFY(largest_step(*exact, srgb_from_8bit(color_of(seen))) <= 1.5 / 255);
        if (r > 1 - pixel) continue;
        const double alpha = seen.alpha() / 255.0;
        const auto near = mask.nearest(p);
        // A pixel's half diagonal from the edge it is wholly on one side.
        if (mask.inside(p) && mask.inside({p.x + pixel, p.y}) && mask.inside({p.x - pixel, p.y}) &&
            mask.inside({p.x, p.y + pixel}) && mask.inside({p.x, p.y - pixel})) {
          QCOMPARE(alpha, 1.0);
          ++inside;
        } else if (std::hypot(near->x - p.x, near->y - p.y) > pixel * 0.75) {
          QVERIFY(std::abs(alpha - kOutsideShown) < 0.01);
          ++outside;
        }
      }
    // Measures of chroma have no color in much of the disc.
    QVERIFY(checked > 100 && inside + outside > 50);
    if (measure == 0)
      QVERIFY2(checked > 7000 && inside > 100 && outside > 1500,
               qPrintable(QStringLiteral("%1 %2 %3").arg(checked).arg(inside).arg(outside)));
  }

  void what_cannot_be_drawn_is_said() {
    const Wheel wheel({HueScale::Even, SaturationMeasure::Hsl});
    for (const auto& [value, size] : {std::pair(50.0, 15), {50.0, 8193}, {-1.0, 64}, {101.0, 64}}) {
      PlanSpec spec;
      spec.value = value;
      spec.size = size;
      QVERIFY(!plan_disc(wheel, nullptr, spec));
    }
    QCOMPARE(plan_values(3), (std::vector<double>{25, 50, 75}));
    // Half of a disc is covered by half of its pixels, exactly.
    const MaskRegion half(
        Mask{"", {{AreaMode::Adds, Polygon{{{-1, -1}, {0.25, -1}, {0.25, 1}, {-1, 1}}}}}, 0, ""});
    const auto cover = mask_cover(half, 64);
    double row = 0;
    for (int x = 0; x < 64; ++x) row += cover[static_cast<std::size_t>(32) * 64 + x];
    CHECK_NEAR(row, 40.0, 1e-3);
  }
};

QTEST_APPLESS_MAIN(SheetTest)
#include "sheet_test.moc"
