// SPDX-License-Identifier: GPL-3.0-or-later
// The rules of a piece: what is broken is told with its place, by edits and readers alike; and the lists it
// is made of.
#include "core/piece/edits.h"
#include "core/piece/set_edits.h"
#include "io/files/json_text.h"
#include "support/check.h"
#include "support/full_document.h"

#include <QFile>
#include <nlohmann/json.hpp>

#include <functional>
#include <random>

using namespace zc;
using namespace zc::test;

namespace {

using Break = std::function<void(Piece&)>;

Family& family(Piece& p) { return p.sets.change(1).families.change(0); }
Swatch& swatch(Piece& p, std::size_t i) { return family(p).swatches.change(i); }

/// "sets[1].name" as "/sets/1/name".
nlohmann::json::json_pointer pointer_to(const std::string& place) {
  std::string out = "/";
  for (const char c : place)
    if (c != ']') out += c == '.' || c == '[' ? '/' : c;
  return nlohmann::json::json_pointer(out);
}

} // namespace

class RulesTest : public QObject {
  Q_OBJECT
private slots:
  /// Two sets of 10,000 swatches: versions are kept until there is more than a file can hold, and then one
  /// sentence says so. What was larger before may still become smaller.
  void what_it_all_comes_to_is_bounded() {
    Piece p = new_piece("");
    Family family{p.next_id++, "many"};
    for (int i = 0; i < static_cast<int>(kMostSwatches); ++i) {
      Swatch s{p.next_id++, {0.25, 0.5, 0.75}, {}, "a swatch of many"};
      s.place = i;
      family.swatches.push_back(s);
    }
    p.sets.change(0).families = {family};
    QVERIFY(check(p, &p).empty());
    int kept = 0;
    Piece over = p;
    for (; kept < 50; ++kept) {
      over = with_version_kept(p, p.current_set, "v" + std::to_string(kept)).value();
      if (!check(over, &p).empty()) break;
      p = over;
    }
    QVERIFY2(kept > 15 && kept < 40, std::to_string(kept).c_str());
    QCOMPARE(check(over, &p).front().place, std::string("sets"));
    QVERIFY(document_to_json({p, {}}).size() < kLargestJson);
    QVERIFY(document_to_json({p, {}}).size() <= text_weight(p));
    const Piece smaller = without_version(over, over.sets[0].versions[0].id).value();
    QVERIFY(check(smaller, &over).empty());
    // Letters that JSON has to escape weigh what they take.
    Piece escaped = full_document().piece;
    for (int i = 0; i < 40; ++i)
      escaped.sets.change(1).families.change(0).swatches.change(0).note += "\x01\"\\\x7f";
    QVERIFY(json_text(Json{{"n", escaped.sets[1].families[0].swatches[0].note}}).size() <=
            text_weight(escaped));
    // Each of its texts weighs what it is long.
    const Piece full = full_document().piece;
    const auto weighs = [&](const auto& text_in) {
      Piece longer = full;
      text_in(longer) += std::string(100, 'x');
      return text_weight(longer) >= text_weight(full) + 100;
    };
    const auto set = [](Piece& q) -> SwatchSet& { return q.sets.change(1); };
    const auto swatch = [&](Piece& q) -> Swatch& { return set(q).families.change(0).swatches.change(0); };
    QVERIFY(weighs([&](Piece& q) -> std::string& { return set(q).name; }));
    QVERIFY(weighs([&](Piece& q) -> std::string& { return set(q).note; }));
    QVERIFY(weighs([&](Piece& q) -> std::string& { return set(q).tags.front(); }));
    QVERIFY(weighs([&](Piece& q) -> std::string& { return set(q).versions.change(0).name; }));
    QVERIFY(weighs([&](Piece& q) -> std::string& { return set(q).families.change(0).name; }));
    QVERIFY(weighs([&](Piece& q) -> std::string& { return swatch(q).name; }));
    QVERIFY(weighs([&](Piece& q) -> std::string& { return swatch(q).note; }));
  }
  void references_have_a_bound_together() {
    Piece p = full_document().piece;
    // Its size is all that counts; nobody reads it.
    const auto large = std::make_shared<const std::vector<unsigned char>>(std::size_t{1} << 28);
    for (int i = 0; i < 15; ++i) {
      const auto next = with_reference(p, "large", "png", large);
      QVERIFY(next);
      const bool fits = check(*next, &p).empty();
      QCOMPARE(fits, i < 13);
      p = *next;
    }
    QVERIFY(check(*without_reference(p, p.references.back().id), &p).empty());
  }
  void what_is_broken_is_told_with_its_place() {
    const Piece whole = full_document().piece;
    QVERIFY(check(whole).empty());
    const std::string longest(kLongestName, 'x'), over = longest + "x";
    const std::pair<const char*, Break> breaks[] = {
        {"title", [&](Piece& p) { p.title = over; }},
        {"words", [&](Piece& p) { p.words = std::string(kLongestNote + 1, 'x'); }},
        {"signature", [&](Piece& p) { p.signature = over; }},
        {"date", [&](Piece& p) { p.date = over; }},
        {"bands",
         [](Piece& p) {
           p.bands = {80, 20};
         }},
        {"grading", [](Piece& p) { p.grading.outside = 0; }},
        {"next_id", [](Piece& p) { p.next_id = kIdEnd + 1; }},
        {"current_set", [](Piece& p) { p.current_set = 4; }},
        {"mask.name", [&](Piece& p) { p.mask->name = over; }},
        {"mask.turned", [](Piece& p) { p.mask->turned = 360; }},
        {"mask.areas[1]",
         [](Piece& p) {
           p.mask->areas.change(1).shape = Ellipse{{0, 0}, 0.005, 0.1, 0};
         }},
        {"mask.areas[2]",
         [](Piece& p) {
           p.mask->areas.change(2).shape = RingSector{0, 90, -0.006, 0.004};
         }},
        {"mask.areas[0]",
         [](Piece& p) {
           p.mask->areas.change(0).shape = Polygon{{{0, 1.01}}};
         }},
        {"references[0].name", [&](Piece& p) { p.references.change(0).name = over; }},
        {"references[1].file", [](Piece& p) { p.references.change(1).extension = "a/b"; }},
        {"references[1].id", [](Piece& p) { p.references.change(1).id = 1; }},
        {"sets[0].name", [&](Piece& p) { p.sets.change(0).name = over; }},
        {"sets[1].note", [](Piece& p) { p.sets.change(1).note = std::string(kLongestNote + 1, 'x'); }},
        {"sets[1].tags[0]", [&](Piece& p) { p.sets.change(1).tags[0] = over; }},
        {"sets[1].id", [](Piece& p) { p.sets.change(1).id = p.current_set = 3; }},
        {"sets[1].families[0].id", [](Piece& p) { family(p).id = 0; }},
        {"sets[1].families[0].name", [&](Piece& p) { family(p).name = over; }},
        {"sets[1].families[0].swatches[0].srgb", [](Piece& p) { swatch(p, 0).color.g = std::nan(""); }},
        {"sets[1].families[0].swatches[0].name", [&](Piece& p) { swatch(p, 0).name = over; }},
        {"sets[1].families[0].swatches[0].picked", [](Piece& p) { swatch(p, 0).picked->at.a = 360; }},
        {"sets[1].families[0].swatches[0].from", [](Piece& p) { swatch(p, 0).from->y = -1; }},
        {"sets[1].families[0].swatches[1].id", [](Piece& p) { swatch(p, 1).id = p.next_id; }},
        {"sets[1].families[0].swatches[1].place", [](Piece& p) { swatch(p, 1).place = 2; }},
        {"sets[1].families[0].swatches[2].place", [](Piece& p) { swatch(p, 2).place = kMostPlaces; }},
        {"sets[1].versions[0].name", [&](Piece& p) { p.sets.change(1).versions.change(0).name = over; }},
        {"sets[1].versions[0].key.mask.name",
         [&](Piece& p) { p.sets.change(1).versions.change(0).key->mask->name = over; }},
        {"sets[1].versions[0].families[0].swatches[0].srgb",
         [](Piece& p) {
           p.sets.change(1).versions.change(0).families.change(0).swatches.change(0).color.r = 1.5;
         }},
    };
    for (const auto& [place, change] : breaks) {
      Piece broken = whole;
      change(broken);
      const auto faults = check(broken), beside = check(broken, &whole);
      QVERIFY2(faults.size() == 1 && faults[0].place == place, place);
      QVERIFY2(in_english(faults[0].said).size() > 10 && in_english(faults[0].said).back() == '.', place);
      // Beside a whole piece the same is found; what is shared with it is not looked at.
      QVERIFY2(beside.size() == 1 && beside[0].place == place, place);
      // A reader refuses it too, at the same place or one above it.
      // The writer takes only colors that exist, so those are broken in its text.
      const bool color = std::string(place).ends_with(".srgb");
      auto json = nlohmann::json::parse(document_to_json({color ? whole : broken, {}}));
      if (color) json[pointer_to(place)][0] = 1.5;
      const auto read = document_from_json(json.dump());
      const bool settled = std::string(place) == "current_set" || std::string(place) == "mask.turned" ||
                           std::string(place).ends_with("picked") || std::string(place).ends_with(".place") ||
                           std::string(place).ends_with("file") || std::string(place).ends_with("[1].id");
      if (!settled) QVERIFY2(!read, place);
    }
    // Several at once, in their order.
    Piece several = whole;
    swatch(several, 0).color.r = 2;
    swatch(several, 2).name = over;
    several.bands = {50, 50};
    QCOMPARE(check(several).size(), std::size_t{3});
    Piece many = whole;
    for (std::size_t i = 0; i < 3000; ++i) many.references.push_back({50 + i, over, "png", nullptr, {}});
    QCOMPARE(check(many).size(), kMostFaults);
  }
  void the_schema_has_the_same_bounds() {
    QFile file(DOCS_FOLDER "/piece.schema.json");
    QVERIFY(file.open(QIODevice::ReadOnly));
    const auto schema = nlohmann::json::parse(file.readAll().toStdString());
    const auto number = [&](const char* pointer) {
      return schema[nlohmann::json::json_pointer(pointer)].get<double>();
    };
    const auto& mask = schema["$defs"]["mask"]["properties"]["areas"];
    const auto& set = schema["$defs"]["set"]["properties"];
    QVERIFY(mask["maxItems"] == kMostAreas && number("/properties/references/maxItems") == kMostReferences);
    QVERIFY(number("/properties/sets/maxItems") == kMostSets && set["tags"]["maxItems"] == kMostTags);
    QVERIFY(set["families"]["maxItems"] == kMostFamilies && set["versions"]["maxItems"] == kMostVersions);
    QVERIFY(number("/$defs/family/properties/swatches/maxItems") == kMostSwatches);
    QVERIFY(number("/$defs/swatch/properties/place/maximum") == kMostPlaces - 1);
    const std::pair<const char*, Range> ranges[] = {{"value_steps", kValueStepsRange},
                                                    {"near_duplicate", kNearDuplicateRange},
                                                    {"twin", kTwinRange},
                                                    {"gap", kGapRange},
                                                    {"outside", kOutsideRange}};
    for (const auto& [name, range] : ranges) {
      const auto& rule = schema["properties"]["grading"]["properties"][name];
      QVERIFY2(rule["minimum"] == range.low && rule["maximum"] == range.high, name);
    }
    QVERIFY(number("/$defs/count/maximum") == kTargetRange.high);
  }
  void edits_keep_what_readers_take() {
    // The inner handle of a sector that lies near neutral.
    Piece sector =
        with_mask(new_piece({}), Mask{"thin", {{AreaMode::Adds, RingSector{0, 360, 0, 0.004}}}, 0, {}});
    for (const double r : {0.0, 0.003, 0.5}) {
      const Piece dragged = *with_mask_handle(sector, 0, Grip::Inner, 0, disc_point(Angle(90), r));
      QVERIFY(check(dragged).empty());
    }
    QVERIFY(!with_area_added(sector, {AreaMode::Adds, Ellipse{{0, 0}, 0.005, 0.1, 0}}));
    // Extracting points away must not leave a mask that admits nothing.
    Piece line =
        with_mask(new_piece({}),
                  Mask{"line", {{AreaMode::Adds, Polygon{{{0, 0}, {0.5, 0}, {0.2, 0}, {0.3, 0.4}}}}}, 0, {}});
    QVERIFY(!with_mask_point_removed(line, 0, 3) && with_mask_point_removed(line, 0, 2));
    // The last numbers there are.
    Piece last = new_piece({});
    last.next_id = kIdEnd;
    QVERIFY(check(last).empty());
    QVERIFY(!check(*with_set(last, "one more")).empty());
  }
  /// Against a plain vector, with copies that must not change.
  void lists_are_vectors_that_share() {
    std::mt19937 random(3);
    List<int> list;
    std::vector<int> plain;
    std::vector<std::pair<List<int>, std::vector<int>>> copies;
    for (int step = 0; step < 4000; ++step) {
      const std::size_t n = plain.size(), at = n ? random() % n : 0;
      switch (random() % 9) {
      case 0:
      case 1:
      case 2:
        list.insert(at, step);
        plain.insert(plain.begin() + static_cast<std::ptrdiff_t>(at), step);
        break;
      case 3:
        list.push_back(step);
        plain.push_back(step);
        break;
      case 4:
        if (n == 0) break;
        list.erase(at);
        plain.erase(plain.begin() + static_cast<std::ptrdiff_t>(at));
        break;
      case 5:
        if (n == 0) break;
        list.change(at) = plain[at] = -step;
        break;
      case 6: {
        const auto odd = [](int x) { return x % 7 == 3; };
        QCOMPARE(list.erase_if(odd), std::erase_if(plain, odd));
        break;
      }
      case 7:
        if (n == 0) break;
        list.move(at, n - at);
        plain.insert(plain.begin() + static_cast<std::ptrdiff_t>(n - at), plain[at]);
        plain.erase(plain.begin() + static_cast<std::ptrdiff_t>(at >= n - at ? at + 1 : at));
        break;
      default:
        copies.emplace_back(list, plain);
        QVERIFY(list.shares_all(copies.back().first));
      }
      QVERIFY(std::equal(list.begin(), list.end(), plain.begin(), plain.end()));
      QVERIFY(list.size() == plain.size() && list.empty() == plain.empty());
      if (n > 1)
        QVERIFY(list == List<int>(plain.begin(), plain.end()) &&
                list[plain.size() / 2] == plain[plain.size() / 2]);
    }
    for (const auto& [shared, was] : copies)
      QVERIFY(std::equal(shared.begin(), shared.end(), was.begin(), was.end()));
    QVERIFY(list.end() - list.begin() == static_cast<std::ptrdiff_t>(plain.size()) &&
            *(list.begin() + 5) == plain[5] && list.back() == plain.back());
  }
};

QTEST_GUILESS_MAIN(RulesTest)
#include "rules_test.moc"
