// Thousands of edits in an order nobody would choose: whatever is given, a piece stays whole, a locked swatch
// keeps its color, a mask goes on enclosing something, and what is saved comes back.
#include "core/color/convert.h"
#include "core/mask/patterns.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "core/piece/import.h"
#include "core/piece/laying.h"
#include "core/piece/remedies.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"
#include "support/check.h"
#include "support/full_document.h"
#include "support/random_shapes.h"
#include "support/whole.h"

#include <map>

using namespace zc;
using namespace zc::test;

namespace {

/// Edits drawn at random, about things that are there, were there or never were.
class Hand {
public:
  explicit Hand(unsigned seed) : m_random(seed) {}

  Result<Piece> edit(const Piece& p) {
    m_replaces = m_may_empty = false;
    const std::size_t kind = below(10);
    if (kind < 2) return edit_sets(p);
    if (kind < 4) return edit_families(p);
    if (kind < 6) return edit_swatches(p);
    if (kind < 7) return edit_many(p);
    return kind < 9 ? edit_mask(p) : edit_references(p);
  }
  /// The last edit put another set in the place of one, or took one away.
  [[nodiscard]] bool replaces() const { return m_replaces; }
  /// The last edit was a hand on its way, which may leave nothing of a mask.
  [[nodiscard]] bool may_empty() const { return m_may_empty; }

private:
  Result<Piece> edit_sets(const Piece& p) {
    const Id set = any_set(p);
    switch (below(15)) {
    case 0:
      return with_set(p, any_name());
    case 1:
      return with_current_set(p, set);
    case 2:
      return with_set_named(p, set, any_name());
    case 3:
      return with_set_duplicated(p, set);
    case 4:
      return with_set_moved(p, set, below(5));
    case 5:
      m_replaces = true;
      return without_set(p, set);
    case 6:
      return with_set_tags(p, set, std::vector<std::string>(below(60), any_name()));
    case 7:
      return with_bands(p, {100.0 * share(), 100.0 * share()});
    case 8:
      return with_version_kept(p, p.current_set, any_name());
    case 9:
      m_replaces = true;
      return with_version_taken_up(p, any_version(p));
    case 10:
      return without_version(p, any_version(p));
    case 11:
      return with_version_named(p, any_version(p), any_name());
    case 12:
      return with_set_note(p, set, std::string(below(10'400), 'n'));
    case 13:
      return with_title(p, any_name());
    default:
      return with_grading(p, {static_cast<int>(below(14)),
                              22 * share(),
                              22 * share(),
                              105 * share(),
                              {static_cast<int>(below(9)) - 1, 3, 4}});
    }
  }

  Result<Piece> edit_families(const Piece& p) {
    const Id family = any_family(p);
    switch (below(7)) {
    case 0:
    case 1:
      return with_family(p, any_name());
    case 2:
      return with_family_named(p, family, any_name());
    case 3:
      return with_family_moved(p, family, below(6));
    case 4:
      return with_families_merged(p, family, any_family(p));
    case 5:
      return with_family_split(p, some_swatches(p));
    default:
      return below(4) == 0 ? without_family(p, family) : Result<Piece>(p);
    }
  }

  Result<Piece> edit_swatches(const Piece& p) {
    const Id family = any_family(p), swatch = any_swatch(p);
    switch (below(14)) {
    case 0:
    case 1:
    case 2:
      return with_swatch(p, family, any_laid(p), any_name());
    case 3:
      return with_swatch_named(p, swatch, any_name());
    case 4:
      return with_swatch_note(p, swatch, std::string(below(10'400), 'n'));
    case 5:
      return with_swatches_colored(p, some_swatches(p), any_laid(p));
    case 6:
      return with_swatches_locked(p, {swatch}, below(3) == 0);
    case 7:
      return with_swatches_used(p, some_swatches(p), below(2) == 0);
    case 8:
      return with_swatches_duplicated(p, some_swatches(p));
    case 9:
      return without_swatches(p, {swatch});
    case 10:
      // Now and then at the very end of a row, where no place follows.
      return with_swatches_moved(p, {swatch}, family,
                                 below(3) ? static_cast<int>(below(12)) : kMostPlaces - 1);
    case 11:
      return with_swatches_moved(p, some_swatches(p), family);
    case 12:
      return with_set_sorted(p, any_set(p), static_cast<SortBy>(below(4)));
    default: {
      // From another piece, with places and references of its own.
      Swatch strange{77, any_color(), WheelPoint{359.5, 1, 50}, "from elsewhere", "note"};
      strange.from = SampleOrigin{below(2) ? Id{1} : Id{1'000'000}, 4, 5};
      strange.place = 3;
      strange.locked = strange.used = true;
      return with_swatches_pasted(p, family, {strange, strange});
    }
    }
  }

  Result<Piece> edit_many(const Piece& p) {
    const Id swatch = any_swatch(p), family = any_family(p);
    switch (below(9)) {
    case 0: {
      Adjustment change;
      change.turn = 360 * share() - 180;
      change.saturation = 2 * share();
      change.value = 40 * share() - 20;
      if (below(2)) change.tint = any_color();
      change.tint_share = share();
      return with_adjusted(p, any_set(p), some_swatches(p), change);
    }
    case 1:
      return with_merged(p, swatch, any_swatch(p));
    case 2:
      return with_parted(p, swatch, any_swatch(p));
    case 3:
      return with_evened(p, family);
    case 4:
      return with_gap_filled(p, {family, swatch, any_swatch(p), 30});
    case 5:
      return with_brought_inside(p, some_swatches(p));
    case 6:
    case 7:
      return imported(p, family);
    default:
      return with_laid_families(p, grouped_by_hue({any_laid(p), any_laid(p), any_laid(p)}));
    }
  }

  /// A file with colors the display cannot show.
  Result<Piece> imported(const Piece& p, Id family) {
    static const std::string colors[] = {
        "lab(110% 0 0)",   "lab(60% 120 -100)", "oklch(0.7 0.4 40)", "color(rec2020 1 0 -0.2)",
        "rgb(300 -20 10)", "hsl(40 130% 50%)",  "lch(-20% 30 10)",   "#c0ffee"};
    std::string sheet = ":root {\n/* " + any_name() + " */\n";
    for (int i = 0; i < 3; ++i)
      sheet += "--c" + std::to_string(i) + ": " + colors[below(std::size(colors))] + ";\n";
    sheet += "}";
    const auto found = read_set_file(Bytes(sheet.begin(), sheet.end()), "elsewhere.css");
    if (!found) return found.error();
    return with_found(p, *found, {static_cast<ImportInto>(below(3)), family, below(2) == 0, below(2) == 0});
  }

  Result<Piece> edit_mask(const Piece& p) {
    const std::size_t area = below(4), point = below(7);
    const Shape shape = random_shape(m_random);
    const bool many = p.mask && p.mask->areas.size() > 6; // Slow to combine.
    switch (many ? 0 : below(16)) {
    case 0:
      return with_mask(p, pattern_mask({kPatterns[below(8)], 400 * share(), 5 + 140 * share()}));
    case 1:
      return below(4) ? with_mask_on(p, below(2) == 0) : with_mask(p, std::nullopt);
    case 2:
      return with_rule(p, static_cast<MaskRule>(below(3)));
    case 3:
      if (below(4)) return with_mask_on(p, true);
      return with_wheel(p, {static_cast<HueScale>(below(4)), static_cast<SaturationMeasure>(below(5))},
                        below(2) ? MaskKeeps::Colors : MaskKeeps::Outline);
    case 4:
    case 5:
      return with_area_added(p, {below(3) ? AreaMode::Adds : AreaMode::Cuts, shape});
    case 6:
      return with_area_mode(p, area, below(2) ? AreaMode::Adds : AreaMode::Cuts);
    case 7:
      return with_area_shape(p, area, shape);
    case 8:
      return with_area_duplicated(p, area);
    case 9:
      return with_area_removed(p, area);
    case 10:
      return with_mask_point_added(p, area, point, random_point(m_random));
    case 11:
      m_may_empty = true;
      return with_mask_point_removed(p, area, point);
    case 12:
      m_may_empty = true;
      return with_mask_handle(p, area, static_cast<Grip>(below(7)), below(5),
                              {2.4 * share() - 1.2, 2.4 * share() - 1.2});
    case 13:
      return with_mask_turned(p, 1000 * share() - 500);
    default:
      return with_mask_turned(p, 1000 * share() - 500, Carry::SetToo);
    }
  }

  Result<Piece> edit_references(const Piece& p) {
    std::vector<Id> ids;
    for (const auto& r : p.references) ids.push_back(r.id);
    const Id reference = one_of(ids);
    switch (below(6)) {
    case 0:
    case 1:
      return with_reference(p, any_name(), "png", shared_bytes(any_name()));
    case 2:
      return without_reference(p, reference);
    case 3:
      return with_reference_named(p, reference, any_name());
    case 4:
      return with_reference_moved(p, reference, below(6));
    default:
      return with_reference_replaced(p, reference, any_name(), "jpg", shared_bytes("other"));
    }
  }

  std::size_t below(std::size_t n) { return m_random() % n; }
  double share() { return static_cast<double>(m_random() % 1'000'001) / 1e6; }
  Srgb any_color() { return {share(), share(), share()}; }
  /// Picked, sampled, or neither.
  LaidColor any_laid(const Piece& p) {
    LaidColor out{any_color(), {}};
    if (below(2)) out.picked = Wheel(p.wheel).locate(out.color);
    if (below(3) == 0 && !p.references.empty()) out.from = SampleOrigin{p.references[0].id, 3, 4};
    return out;
  }
  std::string any_name() {
    static const std::string names[] = {"lamp", "wall", " wall ", "", "кромка", "a\nb", std::string(500, 'x'),
                                        "銅"};
    const std::size_t i = below(24);
    return i < std::size(names) ? names[i] : "name " + std::to_string(below(30));
  }
  /// One of these, or one in eight times an id that is nobody's.
  Id one_of(const std::vector<Id>& ids) {
    return ids.empty() || below(8) == 0 ? 1'000'000 + below(3) : ids[below(ids.size())];
  }
  Id any_set(const Piece& p) {
    std::vector<Id> ids;
    for (const auto& s : p.sets) ids.push_back(s.id);
    return one_of(ids);
  }
  Id any_version(const Piece& p) {
    std::vector<Id> ids;
    for (const auto& s : p.sets)
      for (const auto& v : s.versions) ids.push_back(v.id);
    return one_of(ids);
  }
  Id any_family(const Piece& p) {
    std::vector<Id> ids;
    for (const auto& s : p.sets)
      for (const auto& f : s.families) ids.push_back(f.id);
    return one_of(ids);
  }
  Id any_swatch(const Piece& p) {
    std::vector<Id> ids;
    for (const auto& s : p.sets)
      for (const auto& f : s.families)
        for (const auto& w : f.swatches) ids.push_back(w.id);
    return one_of(ids);
  }
  /// Often of one family, sometimes from anywhere or twice the same.
  std::vector<Id> some_swatches(const Piece& p) {
    std::vector<Id> out;
    if (const Family* f = find_family(p, any_family(p)); f && below(2) == 0)
      for (const auto& s : f->swatches)
        if (below(2) == 0) out.push_back(s.id);
    while (out.empty() || below(4) == 0) out.push_back(any_swatch(p));
    return out;
  }

  std::mt19937_64 m_random;
  bool m_replaces = false, m_may_empty = false;
};

std::map<Id, Srgb> locked_colors(const Piece& p) {
  std::map<Id, Srgb> out;
  for (const auto& set : p.sets)
    for (const auto& family : set.families)
      for (const auto& s : family.swatches)
        if (s.locked) out.emplace(s.id, s.color);
  return out;
}

bool encloses(const Piece& p) { return p.mask && !MaskRegion(*p.mask).empty(); }

} // namespace

class AnyEditsTest : public QObject {
  Q_OBJECT
private slots:
  void a_piece_stays_whole_data() {
    QTest::addColumn<unsigned>("seed");
    for (unsigned seed = 1; seed <= 6; ++seed) QTest::addRow("seed %u", seed) << seed;
  }
  void a_piece_stays_whole();
};

void AnyEditsTest::a_piece_stays_whole() {
  QFETCH(unsigned, seed);
  Hand hand(seed);
  Piece piece = new_piece("2026-01-01");
  int done = 0, refused = 0;
  bool enclosed = false;
  for (int i = 0; i < 2000; ++i) {
    auto next = hand.edit(piece);
    if (!next) {
      ++refused;
      // One sentence, with its end, and the place it speaks of.
      const Error& e = next.error();
      QVERIFY2(e.sentence.size() > 10 && e.sentence.back() == '.' && !e.place.empty(), e.sentence.c_str());
      continue;
    }
    ++done;
    const std::string fault = fault_of(*next);
    QVERIFY2(fault.empty(), qPrintable(QStringLiteral("after edit %1: %2").arg(i).arg(fault.c_str())));
    for (const auto& [id, color] : locked_colors(piece)) {
      if (hand.replaces()) continue;
      const Swatch* still = find_swatch(*next, id);
      QVERIFY2(still, qPrintable(QStringLiteral("edit %1 took a locked swatch away").arg(i)));
      QCOMPARE(still->color, color);
    }
    const bool mask_changed = next->mask != piece.mask;
    piece = std::move(next).value();
    if (mask_changed) {
      const bool now = encloses(piece);
      QVERIFY2(now || !enclosed || !piece.mask || hand.may_empty(),
               qPrintable(QStringLiteral("edit %1 left a mask that admits nothing").arg(i)));
      enclosed = now;
    }
    if (i % 50 != 49) continue;
    const auto packed = pack_document({piece, Bench{}});
    QVERIFY(packed);
    const auto read = unpack_document(*packed);
    QVERIFY2(read.ok(), read.ok() ? "" : read.error().sentence.c_str());
    QCOMPARE(read->piece, piece);
  }
  // Both kinds came often enough for the test to mean something.
  QVERIFY2(done > 600 && refused > 150,
           qPrintable(QStringLiteral("%1 done, %2 refused").arg(done).arg(refused)));
}

QTEST_GUILESS_MAIN(AnyEditsTest)
#include "any_edits_test.moc"
