// Thousands of edits in an order nobody would choose: whatever is given, a piece stays whole, a locked swatch
// keeps its color, and what is saved comes back.
#include "core/color/convert.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "core/piece/import.h"
#include "core/piece/laying.h"
#include "core/piece/remedies.h"
#include "io/container/piece_file.h"
#include "support/check.h"

#include <QTemporaryDir>

#include <map>
#include <random>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

/// Edits drawn at random, about things that are there, were there or never were.
class Hand {
public:
  explicit Hand(unsigned seed) : m_random(seed) {}

  Result<Piece> edit(const Piece& p) {
    const SwatchSet& set = *current_set(p);
    const Id family = any_family(p), swatch = any_swatch(p);
    m_replaces = false;
    switch (below(37)) {
    case 0:
      return with_set(p, any_name());
    case 1:
      return with_current_set(p, any_set(p));
    case 2:
      return with_set_named(p, any_set(p), any_name());
    case 3:
      return with_set_duplicated(p, any_set(p));
    case 4:
      return with_set_moved(p, any_set(p), below(5));
    case 5:
      m_replaces = true;
      return without_set(p, any_set(p));
    case 6:
      return with_set_tags(p, set.id, {any_name(), any_name()});
    case 7:
      return with_bands(p, {100.0 * share(), 100.0 * share()});
    case 8:
      return with_version_kept(p, set.id, any_name());
    case 9:
      m_replaces = true;
      return with_version_taken_up(p, any_version(p));
    case 10:
      return without_version(p, any_version(p));
    case 11:
    case 12:
      return with_family(p, any_name());
    case 13:
      return with_family_named(p, family, any_name());
    case 14:
      return with_family_moved(p, family, below(6));
    case 15:
      return with_families_merged(p, family, any_family(p));
    case 16:
      return with_family_split(p, some_swatches(p));
    case 17:
      return below(4) == 0 ? without_family(p, family) : Result<Piece>(p);
    case 18:
    case 19:
    case 20:
    case 21:
      return with_swatch(p, family, {any_color(), {}}, any_name());
    case 22:
      return with_swatch_named(p, swatch, any_name());
    case 23:
      return with_swatch_note(p, swatch, any_name());
    case 24:
      return with_swatches_colored(p, some_swatches(p), {any_color(), {}});
    case 25:
      return with_swatches_locked(p, {swatch}, below(3) == 0);
    case 26:
      return with_swatches_duplicated(p, some_swatches(p));
    case 27:
      return without_swatches(p, {swatch});
    case 28:
      return with_swatches_moved(p, {swatch}, family, static_cast<int>(below(12)));
    case 29:
      return with_swatches_moved(p, some_swatches(p), family);
    case 30:
      return with_set_sorted(p, set.id, static_cast<SortBy>(below(4)));
    case 31: {
      Adjustment change;
      change.turn = 360 * share() - 180;
      change.saturation = 2 * share();
      change.value = 40 * share() - 20;
      return with_adjusted(p, set.id, some_swatches(p), change);
    }
    case 32:
      return with_merged(p, swatch, any_swatch(p));
    case 33:
      return with_parted(p, swatch, any_swatch(p));
    case 34:
      return with_evened(p, family);
    case 35:
      return with_found(p, {any_name(), {{any_name(), {{any_color(), any_name()}, {any_color()}}}}},
                        {static_cast<ImportInto>(below(3)), family, true, below(2) == 0});
    default:
      return with_laid_families(p, grouped_by_hue({{any_color(), {}}, {any_color(), {}}, {any_color(), {}}}));
    }
  }

  /// The last edit put another set in the place of one, or took one away.
  [[nodiscard]] bool replaces() const { return m_replaces; }

private:
  std::size_t below(std::size_t n) { return m_random() % n; }
  double share() { return static_cast<double>(m_random() % 1'000'001) / 1e6; }
  Srgb any_color() { return {share(), share(), share()}; }
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

  std::mt19937 m_random;
  bool m_replaces = false;
};

bool good_name(const std::string& name) {
  return !name.empty() && name.size() <= kLongestName && name.front() != ' ' && name.back() != ' ';
}

/// What is wrong with a piece, in words; empty when it is whole.
std::string fault_of(const Piece& p) {
  std::set<Id> ids;
  std::set<std::string> set_names;
  const auto fresh = [&](Id id) { return id != 0 && id < p.next_id && ids.insert(id).second; };
  if (!current_set(p)) return "there is no current set";
  for (const auto& set : p.sets) {
    if (!fresh(set.id)) return "the id of a set is used twice";
    if (!good_name(set.name) || !set_names.insert(set.name).second) return "bad or double name of a set";
    std::set<std::string> family_names;
    for (const auto& family : set.families) {
      if (!fresh(family.id)) return "the id of a family is used twice";
      if (!good_name(family.name) || !family_names.insert(family.name).second)
        return "bad or double name of a family";
      int last = -1;
      for (const auto& s : family.swatches) {
        if (!fresh(s.id)) return "the id of a swatch is used twice";
        if (!good_name(s.name)) return "bad name of a swatch";
        if (s.place <= last || s.place >= kMostPlaces) return "places out of order";
        last = s.place;
        for (const double c : {s.color.r, s.color.g, s.color.b})
          if (!(c >= 0 && c <= 1)) return "a color that does not exist";
      }
    }
    for (const auto& v : set.versions)
      if (!fresh(v.id)) return "the id of a version is used twice";
  }
  if (!(0 < p.bands.dark_below && p.bands.dark_below < p.bands.light_from && p.bands.light_from < 100))
    return "bands out of order";
  return {};
}

std::map<Id, Srgb> locked_colors(const Piece& p) {
  std::map<Id, Srgb> out;
  for (const auto& set : p.sets)
    for (const auto& family : set.families)
      for (const auto& s : family.swatches)
        if (s.locked) out.emplace(s.id, s.color);
  return out;
}

} // namespace

class AnyEditsTest : public QObject {
  Q_OBJECT
private slots:
  void a_piece_stays_whole_data() {
    QTest::addColumn<unsigned>("seed");
    for (const unsigned seed : {1U, 2U, 3U, 4U, 5U, 6U}) QTest::addRow("seed %u", seed) << seed;
  }
  void a_piece_stays_whole();
};

void AnyEditsTest::a_piece_stays_whole() {
  QFETCH(unsigned, seed);
  const QTemporaryDir folder;
  const std::string path = folder.filePath("any.zonachrom").toStdString();
  Hand hand(seed);
  Piece piece = new_piece("2026-01-01");
  int done = 0, refused = 0;
  for (int i = 0; i < 2000; ++i) {
    auto next = hand.edit(piece);
    if (!next) {
      ++refused;
      // One sentence, with its end.
      const std::string& sentence = next.error().sentence;
      QVERIFY2(sentence.size() > 10 && sentence.back() == '.', sentence.c_str());
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
    piece = std::move(next).value();
    if (i % 500 != 499) continue;
    QVERIFY(save_document(path, {piece, Bench{}}).ok());
    const auto read = open_document(path);
    QVERIFY2(read.ok(), read.ok() ? "" : read.error().sentence.c_str());
    QCOMPARE(read->piece, piece);
  }
  // Both kinds came often enough for the test to mean something.
  QVERIFY2(done > 600 && refused > 150,
           qPrintable(QStringLiteral("%1 done, %2 refused").arg(done).arg(refused)));
}

QTEST_APPLESS_MAIN(AnyEditsTest)
#include "any_edits_test.moc"
