// SPDX-License-Identifier: GPL-3.0-or-later
// Thousands of edits in an order nobody would choose: whatever is given, a piece stays whole, a locked swatch
// keeps its color, a mask goes on enclosing something, and what is saved comes back.
#include "core/color/convert.h"
#include "core/grading/remedies.h"
#include "core/mask/patterns.h"
#include "core/piece/adjust.h"
#include "core/piece/edits.h"
#include "core/piece/import.h"
#include "core/piece/key_edits.h"
#include "core/piece/laying.h"
#include "core/piece/paints.h"
#include "io/container/piece_file.h"
#include "io/exchange/exchange.h"
#include "support/check.h"
#include "support/full_document.h"
#include "support/random_shapes.h"
#include "support/whole.h"

#include <QDirIterator>
#include <QFile>
#include <QRegularExpression>

#include <map>

using namespace zc;
using namespace zc::test;

namespace {

/// Draws what edits are about: things that are there, were there or never were.
class Hand {
public:
  explicit Hand(unsigned seed) : m_random(seed) {}

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

  std::size_t below(std::size_t n) { return m_random() % n; }
  double share() { return static_cast<double>(m_random() % 1'000'001) / 1e6; }
  Srgb any_color() { return {share(), share(), share()}; }
  /// Picked, sampled, or neither.
  LaidColor any_laid(const Piece& p) {
    LaidColor out{any_color(), {}};
    if (below(2)) out.picked = WheelPlace{Wheel(p.wheel).locate(out.color), p.wheel};
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

  Shape any_shape() { return random_shape(m_random); }
  DiscPoint any_point() { return random_point(m_random); }
  DiscPoint any_place() { return {2.4 * share() - 1.2, 2.4 * share() - 1.2}; }
  AreaMode any_mode() { return below(3) ? AreaMode::Adds : AreaMode::Cuts; }
  WheelSpec any_wheel() {
    return {static_cast<HueScale>(below(4)), static_cast<SaturationMeasure>(below(5))};
  }
  Id any_reference(const Piece& p) {
    std::vector<Id> ids;
    for (const auto& r : p.references) ids.push_back(r.id);
    return one_of(ids);
  }
  Id any_paint(const Piece& p) {
    std::vector<Id> ids;
    for (const auto& paint : p.paints) ids.push_back(paint.id);
    return one_of(ids);
  }
  Adjustment any_adjustment() {
    Adjustment out;
    out.turn = 360 * share() - 180;
    out.saturation = 2 * share();
    out.value = 40 * share() - 20;
    if (below(2)) out.tint = any_color();
    out.tint_share = share();
    return out;
  }
  /// From another piece, with places and references of its own.
  std::vector<Swatch> strangers() {
    Swatch out{77, any_color(), WheelPlace{{359.5, 1, 50}, any_wheel()}, "from elsewhere", "note"};
    out.from = SampleOrigin{below(2) ? Id{1} : Id{1'000'000}, 4, 5};
    out.place = 3;
    out.locked = out.used = true;
    return {out, out};
  }

private:
  std::mt19937_64 m_random;
};

using P = const Piece&;
using Drawn = Result<Piece> (*)(Hand&, P);
struct Edit {
  std::string name; ///< Of the function.
  Drawn draw;
  int weight = 2; ///< How often it comes.
};

/// Every edit there is.
std::vector<ColorKey> any_keys(Hand& h, P p) {
  KeySheet sheet;
  sheet.step = 5 + 175 * h.share();
  sheet.strength = h.share();
  return keys_of(p, sheet, {p.mask.value_or(Mask())}, 360 * h.share(), 0.1 + 0.9 * h.share());
}

const Edit kEdits[] = {
    {"with_set", [](Hand& h, P p) { return with_set(p, h.any_name()); }},
    {"with_current_set", [](Hand& h, P p) { return with_current_set(p, h.any_set(p)); }},
    {"with_set_named", [](Hand& h, P p) { return with_set_named(p, h.any_set(p), h.any_name()); }},
    {"with_set_duplicated", [](Hand& h, P p) { return with_set_duplicated(p, h.any_set(p)); }, 1},
    {"with_set_moved", [](Hand& h, P p) { return with_set_moved(p, h.any_set(p), h.below(5)); }},
    {"without_set", [](Hand& h, P p) { return without_set(p, h.any_set(p)); }},
    {"with_set_tags",
     [](Hand& h, P p) {
       return with_set_tags(p, h.any_set(p), std::vector<std::string>(h.below(60), h.any_name()));
     }},
    {"with_bands", [](Hand& h, P p) { return with_bands(p, {100.0 * h.share(), 100.0 * h.share()}); }},
    {"with_version_kept", [](Hand& h, P p) { return with_version_kept(p, p.current_set, h.any_name()); }},
    {"with_version_restored", [](Hand& h, P p) { return with_version_restored(p, h.any_version(p)); }},
    {"without_version", [](Hand& h, P p) { return without_version(p, h.any_version(p)); }},
    {"with_version_named", [](Hand& h, P p) { return with_version_named(p, h.any_version(p), h.any_name()); }},
    {"with_set_note",
     [](Hand& h, P p) { return with_set_note(p, h.any_set(p), std::string(h.below(10'400), 'n')); }},
    {"with_title", [](Hand& h, P p) { return with_title(p, h.any_name()); }},
    {"with_card",
     [](Hand& h, P p) {
       return with_card(p, {h.any_name(), h.any_name(), h.below(2) ? "2026-02-28" : "2026-02-30", h.any_name()});
     }},
    {"with_grading",
     [](Hand& h, P p) {
       return with_grading(p, {static_cast<int>(h.below(14)), 22 * h.share(), 22 * h.share(),
                               105 * h.share(), 22 * h.share(), {static_cast<int>(h.below(9)) - 1, 3, 4}});
     }},
    {"with_family", [](Hand& h, P p) { return with_family(p, h.any_name()); }, 4},
    {"with_family_named", [](Hand& h, P p) { return with_family_named(p, h.any_family(p), h.any_name()); }},
    {"with_family_moved", [](Hand& h, P p) { return with_family_moved(p, h.any_family(p), h.below(6)); }},
    {"with_families_merged",
     [](Hand& h, P p) { return with_families_merged(p, h.any_family(p), h.any_family(p)); }},
    {"with_family_split", [](Hand& h, P p) { return with_family_split(p, h.some_swatches(p)); }},
    {"without_family", [](Hand& h, P p) { return without_family(p, h.any_family(p)); }, 1},
    {"with_swatch", [](Hand& h, P p) { return with_swatch(p, h.any_family(p), h.any_laid(p), h.any_name()); },
     6},
    {"with_swatch_named", [](Hand& h, P p) { return with_swatch_named(p, h.any_swatch(p), h.any_name()); }},
    {"with_swatch_coded",
     [](Hand& h, P p) {
       const double share = h.below(101);
       return with_swatch_coded(
           p, h.any_swatch(p),
           code_with(WrittenInks{{share, 0, 100 - share, 12.5}, "a press", "00ff"}, {share, 40 - share, 20}));
     }},
    {"with_finish",
     [](Hand& h, P p) {
       return with_finish(p, {h.any_swatch(p), h.any_swatch(p)}, static_cast<Finish>(h.below(3)));
     }},
    {"without_codes", [](Hand& h, P p) { return without_codes(p, {h.any_swatch(p)}); }},
    {"with_swatch_note",
     [](Hand& h, P p) { return with_swatch_note(p, h.any_swatch(p), std::string(h.below(10'400), 'n')); }},
    {"with_swatches_colored",
     [](Hand& h, P p) { return with_swatches_colored(p, h.some_swatches(p), h.any_laid(p)); }},
    {"with_swatches_locked",
     [](Hand& h, P p) { return with_swatches_locked(p, {h.any_swatch(p)}, h.below(3) == 0); }},
    {"with_swatches_used",
     [](Hand& h, P p) { return with_swatches_used(p, h.some_swatches(p), h.below(2) == 0); }},
    {"with_swatches_duplicated", [](Hand& h, P p) { return with_swatches_duplicated(p, h.some_swatches(p)); },
     1},
    {"without_swatches", [](Hand& h, P p) { return without_swatches(p, {h.any_swatch(p)}); }, 4},
    {"with_swatches_pasted",
     [](Hand& h, P p) { return with_swatches_pasted(p, h.any_family(p), h.strangers()); }},
    {"with_swatches_pasted_into",
     [](Hand& h, P p) { return with_swatches_pasted_into(p, h.below(3) ? h.any_family(p) : 0, h.strangers()); },
     1},
    // Now and then at the very end of a row, where no place follows.
    {"with_swatches_moved",
     [](Hand& h, P p) {
       if (h.below(2)) return with_swatches_moved(p, h.some_swatches(p), h.any_family(p));
       const int place = h.below(3) ? static_cast<int>(h.below(12)) : kMostPlaces - 1;
       return with_swatches_moved(p, {h.any_swatch(p)}, h.any_family(p), place);
     },
     4},
    {"with_swatches_inserted",
     [](Hand& h, P p) {
       const int place = h.below(4) ? static_cast<int>(h.below(12)) : kMostPlaces - 2;
       return with_swatches_inserted(p, h.some_swatches(p), h.any_family(p), place);
     },
     2},
    {"with_filled_between",
     [](Hand& h, P p) {
       return with_filled_between(p, h.any_swatch(p), h.any_swatch(p), 1 + static_cast<int>(h.below(5)),
                                  static_cast<Way>(h.below(5)));
     }},
    {"with_set_sorted",
     [](Hand& h, P p) { return with_set_sorted(p, h.any_set(p), static_cast<SortBy>(h.below(4))); }},
    {"with_color_laid",
     [](Hand& h, P p) { return with_color_laid(p, h.below(3) ? h.any_family(p) : 0, h.any_laid(p)); }},
    {"with_color_laid_as",
     [](Hand& h, P p) {
       return with_color_laid_as(p, h.any_laid(p), h.any_name(), h.below(3) ? h.any_name() : "");
     }},
    {"with_laid_family",
     [](Hand& h, P p) { return with_laid_family(p, h.any_name(), {h.any_laid(p), h.any_laid(p)}); }, 1},
    {"with_laid_families",
     [](Hand& h, P p) {
       return with_laid_families(p, grouped_by_hue({h.any_laid(p), h.any_laid(p), h.any_laid(p)}));
     },
     1},
    {"with_found", [](Hand& h, P p) { return h.imported(p, h.any_family(p)); }},
    {"with_adjusted",
     [](Hand& h, P p) { return with_adjusted(p, h.any_set(p), h.some_swatches(p), h.any_adjustment()); }},
    {"with_merged", [](Hand& h, P p) { return with_merged(p, h.any_swatch(p), h.any_swatch(p)); }},
    {"with_parted", [](Hand& h, P p) { return with_parted(p, h.any_swatch(p), h.any_swatch(p)); }},
    {"with_told_apart",
     [](Hand& h, P p) { return with_told_apart(p, h.any_swatch(p), h.any_swatch(p), ColorVision::Deutan); }},
    {"with_evened", [](Hand& h, P p) { return with_evened(p, h.any_family(p)); }},
    {"with_gap_filled",
     [](Hand& h, P p) { return with_gap_filled(p, {h.any_family(p), h.any_swatch(p), h.any_swatch(p), 30}); }},
    {"with_brought_inside", [](Hand& h, P p) { return with_brought_inside(p, h.some_swatches(p)); }},
    {"with_mask",
     [](Hand& h, P p) -> Result<Piece> {
       if (h.below(8) == 0) return with_mask(p, std::nullopt);
       return with_mask(p, pattern_mask({kPatterns[h.below(8)], 400 * h.share(), 5 + 140 * h.share()}));
     },
     4},
    {"with_mask_on", [](Hand& h, P p) -> Result<Piece> { return with_mask_on(p, h.below(3) > 0); }},
    {"with_rule", [](Hand& h, P p) -> Result<Piece> { return with_rule(p, static_cast<MaskRule>(h.below(3))); }},
    {"with_wheel",
     [](Hand& h, P p) {
       return with_wheel(p, h.any_wheel(), h.below(2) ? MaskKeeps::Colors : MaskKeeps::Outline);
     },
     1},
    {"with_area_added", [](Hand& h, P p) { return with_area_added(p, {h.any_mode(), h.any_shape()}); }, 4},
    {"with_area_mode", [](Hand& h, P p) { return with_area_mode(p, h.below(4), h.any_mode()); }},
    {"with_area_shape", [](Hand& h, P p) { return with_area_shape(p, h.below(4), h.any_shape()); }},
    {"with_area_duplicated", [](Hand& h, P p) { return with_area_duplicated(p, h.below(4)); }, 1},
    {"with_area_moved", [](Hand& h, P p) { return with_area_moved(p, h.below(4), h.below(5)); }},
    {"with_area_removed", [](Hand& h, P p) { return with_area_removed(p, h.below(4)); }},
    {"with_mask_point_added",
     [](Hand& h, P p) { return with_mask_point_added(p, h.below(4), h.below(7), h.any_point()); }},
    {"with_mask_point_removed", [](Hand& h, P p) { return with_mask_point_removed(p, h.below(4), h.below(7)); }},
    {"with_mask_handle",
     [](Hand& h, P p) {
       return with_mask_handle(p, h.below(4), static_cast<Grip>(h.below(7)), h.below(5), h.any_place());
     }},
    {"with_mask_turned",
     [](Hand& h, P p) {
       return with_mask_turned(p, 1000 * h.share() - 500, static_cast<Carry>(h.below(3)));
     },
     4},
    {"with_sets_moved",
     [](Hand& h, P p) -> Result<Piece> {
       const Wheel wheel(p.wheel);
       const bool press = p.mask && h.below(2);
       return with_sets_moved(p,
                              press ? KeyMap::pressed(wheel, MaskRegion(*p.mask), h.share())
                                    : KeyMap::turned(wheel, 360 * h.share()),
                              static_cast<Carry>(h.below(3)));
     }},
    {"with_key_taken",
     [](Hand& h, P p) {
       auto keys = any_keys(h, p);
       std::erase_if(keys, [](const ColorKey& key) { return key.kind == KeyKind::Version; });
       return with_key_taken(p, keys[h.below(keys.size())], static_cast<Carry>(h.below(3)));
     }},
    {"with_key_taken, a version or not",
     [](Hand& h, P p) {
       const auto keys = any_keys(h, p);
       return with_key_taken(p, keys[h.below(keys.size())], static_cast<Carry>(h.below(3)));
     }},
    {"with_key_as_version",
     [](Hand& h, P p) {
       const auto keys = any_keys(h, p);
       return with_key_as_version(p, keys[h.below(keys.size())], h.any_name());
     }},
    {"with_reference", [](Hand& h, P p) { return with_reference(p, h.any_name(), "PNG", shared_bytes(h.any_name())); }},
    {"without_reference", [](Hand& h, P p) { return without_reference(p, h.any_reference(p)); }},
    {"with_reference_named",
     [](Hand& h, P p) { return with_reference_named(p, h.any_reference(p), h.any_name()); }},
    {"with_reference_moved",
     [](Hand& h, P p) { return with_reference_moved(p, h.any_reference(p), h.below(6)); }},
    {"with_reference_replaced",
     [](Hand& h, P p) {
       return with_reference_replaced(p, h.any_reference(p), h.any_name(), "j/p.g", shared_bytes("other"));
     }},
    {"with_reference_following",
     [](Hand& h, P p) {
       return with_reference_following(p, h.any_reference(p), h.below(2) ? "" : "/canvas/" + h.any_name());
     }},
    {"with_lit_version",
     [](Hand& h, P p) {
       return with_lit_version(p, h.any_set(p), h.any_name(), {{1, 0.7, 0.4}, 0.8, 0.5, {0.5, 0.6, 0.8}, 0.3});
     }},
    {"with_colors_kept_before",
     [](Hand& h, P p) {
       const Id set = h.any_set(p);
       std::vector<std::pair<Id, Srgb>> colors;
       if (const SwatchSet* there = find_set(p, set))
         for (const auto& family : there->families)
           for (const auto& s : family.swatches)
             if (h.below(2)) colors.emplace_back(s.id, Srgb{0.2, 0.4, 0.6});
       if (h.below(8) == 0) colors.emplace_back(1 + h.below(40), Srgb{1, 0, 0});
       return with_colors_kept_before(p, set, colors, h.any_name());
     }},
    {"with_study",
     [](Hand& h, P p) {
       Study study;
       study.by_areas = h.below(2);
       study.cut.count = 1 + static_cast<int>(h.below(502));
       study.edits.resize(h.below(40) ? h.below(4) : kMostStudyEdits + h.below(2));
       study.bound.push_back({1, 2, 1 + h.below(40)});
       return with_study(p, h.any_reference(p), study);
     }},
    {"with_paint",
     [](Hand& h, P p) {
       const char* trades[] = {"", "", "ultramarine blue", "no such paint"};
       return with_paint(p, h.any_name(), h.any_color(), trades[h.below(4)]);
     },
     4},
    {"without_paint", [](Hand& h, P p) { return without_paint(p, h.any_paint(p)); }, 1},
    {"with_paint_named", [](Hand& h, P p) { return with_paint_named(p, h.any_paint(p), h.any_name()); }},
    {"with_paint_color", [](Hand& h, P p) { return with_paint_color(p, h.any_paint(p), h.any_color()); }},
    {"with_paint_strength",
     [](Hand& h, P p) { return with_paint_strength(p, h.any_paint(p), 24 * h.share() - 2); }},
    {"with_paint_out", [](Hand& h, P p) { return with_paint_out(p, h.any_paint(p), h.below(2) == 0); }},
    {"with_paints_out",
     [](Hand& h, P p) -> Result<Piece> { return with_paints_out(p, {h.any_paint(p), h.any_paint(p)}); }},
    {"with_paint_moved", [](Hand& h, P p) { return with_paint_moved(p, h.any_paint(p), h.below(14)); }},
    {"with_paints",
     [](Hand& h, P p) {
       List<PalettePaint> paints = p.paints;
       for (std::size_t i = h.below(4); i > 0; --i)
         paints.push_back({0, "From shelf", h.any_color(), {}, 20 * h.share(), h.below(2) == 0});
       return with_paints(p, paints);
     },
     1},
    {"with_canvas",
     [](Hand& h, P p) -> Result<Piece> { 
       const Reference* r = find_reference(p, h.any_reference(p));
       return r ? with_canvas(p, r->id, r->follows, "ora", shared_bytes("saved again")) : p; }},
};

std::map<Id, Srgb> locked_colors(const Piece& p) {
  std::map<Id, Srgb> out;
  for (const auto& set : p.sets)
    for (const auto& family : set.families)
      for (const auto& s : family.swatches)
        if (s.locked) out.emplace(s.id, s.color);
  return out;
}

bool takes_away(const std::string& edit) {
  return edit == "with_version_restored" || edit == "with_key_taken, a version or not" ||
         edit == "without_set";
}
/// A hand on its way may leave nothing of a mask.
bool may_empty(const std::string& edit) { return edit == "with_mask_handle"; }

std::string json_of(const Piece& piece) { return document_to_json({piece, {}}); }

/// What is written, read again.
Result<Piece> reread(const Piece& piece, const std::string& json) {
  auto read = document_from_json(json);
  if (!read) return read.error();
  Piece out = read->document.piece;
  for (std::size_t i = 0; i < out.references.size(); ++i)
    out.references.change(i).bytes = piece.references[i].bytes;
  return out;
}

bool encloses(const Piece& p) { return p.mask && !MaskRegion(*p.mask).empty(); }

} // namespace

class AnyEditsTest : public QObject {
  Q_OBJECT
private slots:
  void every_edit_is_drawn();
  void a_piece_stays_whole_data() {
    QTest::addColumn<unsigned>("seed");
    for (unsigned seed = 1; seed <= 6; ++seed) QTest::addRow("seed %u", seed) << seed;
  }
  void a_piece_stays_whole();
};

void AnyEditsTest::every_edit_is_drawn() {
  std::set<std::string> drawn, there;
  for (const Edit& edit : kEdits) drawn.insert(edit.name);
  const QRegularExpression declared(R"((?:Result<Piece>|Piece)\s+(with(?:out)?_\w+)\()");
  QDirIterator files(SOURCE_FOLDER "/core/piece", {"*.h"});
  while (files.hasNext()) {
    QFile file(files.next());
    QVERIFY(file.open(QIODevice::ReadOnly));
    for (const auto& match : declared.globalMatch(file.readAll()))
      there.insert(match.captured(1).toStdString());
  }
  QVERIFY(there.size() > 50);
  for (const auto& name : there) QVERIFY2(drawn.contains(name), name.c_str());
}

void AnyEditsTest::a_piece_stays_whole() {
  QFETCH(unsigned, seed);
  Hand hand(seed);
  std::vector<const Edit*> hat;
  for (const Edit& edit : kEdits) hat.insert(hat.end(), static_cast<std::size_t>(edit.weight), &edit);
  Piece piece = new_piece("2026-01-01");
  std::string json = json_of(piece);
  int done = 0, refused = 0;
  bool enclosed = false;
  for (int i = 0; i < 800; ++i) {
    const Edit& edit = *hat[hand.below(hat.size())];
    const auto at = [&] { return QStringLiteral("edit %1, %2: ").arg(i).arg(edit.name.c_str()); };
    const Piece before = piece;
    auto next = edit.draw(hand, piece);
    // Undone, a piece is what it was: nothing that is shared was touched.
    QVERIFY2(before == piece && json_of(before) == json, qPrintable(at() + "changed what it was given"));
    if (!next) {
      ++refused;
      // One sentence, with its end, and the place it speaks of.
      const Error& e = next.error();
      QVERIFY2(e.sentence().size() > 10 && e.sentence().back() == '.' && !e.place.empty(),
               e.sentence().c_str());
      continue;
    }
    ++done;
    const auto faults = check(*next);
    QVERIFY2(faults.empty(), faults.empty() ? "" : qPrintable(at() + faults.front().place.c_str()));
    QVERIFY(check(*next, &piece).empty());
    const std::string fault = fault_of(*next);
    QVERIFY2(fault.empty(), qPrintable(at() + fault.c_str()));
    for (const auto& [id, color] : locked_colors(piece)) {
      if (takes_away(edit.name)) continue;
      const Swatch* still = find_swatch(*next, id);
      QVERIFY2(still && still->color == color, qPrintable(at() + "changed a locked swatch"));
    }
    const bool mask_changed = next->mask != piece.mask;
    piece = std::move(next).value();
    json = json_of(piece);
    const auto again = reread(piece, json);
    QVERIFY2(again.ok(), again.ok() ? "" : qPrintable(at() + again.error().sentence().c_str()));
    QVERIFY2(*again == piece, qPrintable(at() + "is not read as it was written"));
    if (mask_changed) {
      const bool now = encloses(piece);
      QVERIFY2(now || !enclosed || !piece.mask || may_empty(edit.name),
               qPrintable(at() + "emptied the mask"));
      enclosed = now;
    }
    // Large pieces are slow, not other than small ones.
    const bool large = json.size() > 120'000, full = piece.mask && piece.mask->areas.size() > 6;
    if (large) piece = *without_set(*with_set(piece, "fresh " + std::to_string(i)), piece.sets[0].id);
    if (full) piece = with_mask(piece, std::nullopt);
    if (large || full) json = json_of(piece);
  }
  // Both kinds came often enough for the test to mean something.
  QVERIFY2(done > 300 && refused > 80,
           qPrintable(QStringLiteral("%1 done, %2 refused").arg(done).arg(refused)));
}

QTEST_GUILESS_MAIN(AnyEditsTest)
#include "any_edits_test.moc"
