// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/container/at_hand_json.h"

#include "core/base/text.h"
#include "io/container/set_json.h"

namespace zc {
namespace {

constexpr Word<MixAs> kMixWords[] = {{MixAs::Paint, "paint"}, {MixAs::Light, "light"}};
constexpr double kMostParts = 1000;

Json point_json(const FieldPoint& p) { return Json::array({p.x, p.y}); }

Json mixing_json(const Mixing& m) {
  Json out{{"as", word_for(kMixWords, m.as)}, {"steps", m.steps}, {"corners", Json::array()}};
  for (const MixingCorner& c : m.corners) {
    Json corner{{"srgb", color_json(c.color)}, {"strength", c.strength}};
    if (!c.trade.empty()) corner["trade"] = c.trade;
    if (c.muted) corner["muted"] = true;
    out["corners"].push_back(std::move(corner));
  }
  if (m.follows) out["follows"] = *m.follows;
  if (m.toward != 0) out["toward"] = m.toward;
  if (m.white) out["white"] = color_json(*m.white);
  if (m.black) out["black"] = color_json(*m.black);
  if (!m.parts.empty()) out["parts"] = m.parts;
  if (m.at) out["at"] = point_json(*m.at);
  if (!m.picks.empty()) out["picks"] = m.picks;
  if (m.line) out["line"] = Json::array({point_json(m.line->first), point_json(m.line->second)});
  for (const FieldPath& path : m.smears) {
    Json smear = Json::array();
    for (const FieldPoint& p : path) smear.push_back(point_json(p));
    out["smears"].push_back(std::move(smear));
  }
  return out;
}

/// One for each corner, adding up to something.
std::vector<double> read_parts(Fields& f, const Json& json, const std::string& key, std::size_t corners) {
  auto parts = f.numbers(json, key, corners, 0, kMostParts);
  double whole = 0;
  for (const double part : parts) whole += part;
  if (whole <= 0) f.fail(key, Sentence::ShouldPartsOfSomething);
  return parts;
}

FieldPoint read_field_point(Fields& f, const Json& json, const std::string& key) {
  const auto n = f.numbers(json, key, 2, 0, 1);
  return {n[0], n[1]};
}

MixingCorner read_corner(Fields f) {
  return {f.color("srgb"), f.text("trade"), f.number("strength", kStrengthRange, 1), f.flag("muted", false)};
}

/// What belongs to corners is read only where there are enough of them to mix.
void read_places(Fields& f, Mixing& out) {
  const std::size_t corners = out.corners.size();
  if (corners < kFewestCorners) return;
  if (f.has("parts")) out.parts = read_parts(f, f.raw("parts"), "parts", corners);
  if (f.has("at")) out.at = read_field_point(f, f.raw("at"), "at");
  f.each("picks", kMostMixPicks,
         [&](const Json& j, const std::string& key) { out.picks.push_back(read_parts(f, j, key, corners)); });
  FieldPath line;
  f.each("line", 2,
         [&](const Json& j, const std::string& key) { line.push_back(read_field_point(f, j, key)); });
  if (line.size() == 2) out.line = {line[0], line[1]};
  if (line.size() == 1) f.fail("line", Sentence::ShouldPoints);
  f.each("smears", kMostSmears, [&](const Json& j, const std::string& key) {
    if (!j.is_array() || j.empty() || j.size() > kMostPathPoints)
      return f.fail(key, say(Sentence::ShouldListUpTo, kMostPathPoints));
    out.smears.emplace_back();
    for (const Json& p : j) out.smears.back().push_back(read_field_point(f, p, key));
  });
}

Mixing read_mixing(Fields f) {
  Mixing out;
  out.begun = true;
  out.as = f.word("as", kMixWords, out.as);
  out.steps = f.whole("steps", kMixingStepsRange, out.steps);
  f.each("corners", kMostCorners,
         [&](const Json& j, const std::string& key) { out.corners.push_back(read_corner(f.inner(j, key))); });
  out.toward = f.number("toward", -1, 1, 0);
  if (f.has("white")) out.white = f.color("white");
  if (f.has("black")) out.black = f.color("black");
  if (f.has("follows") && !out.corners.empty())
    out.follows =
        static_cast<std::size_t>(f.whole("follows", 0, static_cast<double>(out.corners.size() - 1), 0));
  read_places(f, out);
  return out;
}

Steps read_steps(Fields f) {
  return sensible_steps(
      {f.whole("hues", 0, 360, 0), f.whole("saturations", 0, 50, 0), f.whole("values", 0, 101, 0)});
}

/// The first row is `wells`, which programs know that have only eight; the others are `more_wells`.
void read_wells(Fields& f, AtHand& out) {
  std::size_t well = 0;
  const auto read = [&](const Json& j, const std::string& key) {
    if (!j.is_null()) out.wells[well] = f.color_of(j, key);
    ++well;
  };
  f.each("wells", kWellsInRow, read);
  if (!f.has("more_wells")) return;
  const Json& more = f.raw("more_wells");
  if (!more.is_array() || more.empty() || more.size() % kWellsInRow != 0)
    return f.fail("more_wells", Sentence::ShouldRowsOfWells);
  if (more.size() / kWellsInRow >= kMostWellRows)
    return f.fail("more_wells", say(Sentence::ShouldListUpTo, (kMostWellRows - 1) * kWellsInRow));
  out.wells.resize(kWellsInRow + more.size());
  well = kWellsInRow;
  f.each("more_wells", more.size(), read);
}

} // namespace

Json at_hand_json(const AtHand& at_hand) {
  Json out{{"wells", Json::array()}, {"recent", Json::array()}, {"current", color_json(at_hand.current)}};
  for (std::size_t i = 0; i < at_hand.wells.size(); ++i)
    out[i < kWellsInRow ? "wells" : "more_wells"].push_back(at_hand.wells[i] ? color_json(*at_hand.wells[i])
                                                                             : Json(nullptr));
  if (!at_hand.row_names.empty()) out["well_rows"] = at_hand.row_names;
  if (at_hand.row != 0) out["well_row"] = at_hand.row;
  for (const auto& c : at_hand.recent) out["recent"].push_back(color_json(c));
  if (!at_hand.steps.off())
    out["steps"] = {{"hues", at_hand.steps.hues},
                    {"saturations", at_hand.steps.saturations},
                    {"values", at_hand.steps.values}};
  if (at_hand.mixing.begun) out["mixing"] = mixing_json(at_hand.mixing);
  if (at_hand.mask_locked) out["mask_locked"] = true;
  put_extras(out, at_hand.extras);
  return out;
}

AtHand read_at_hand(Fields f) {
  AtHand out;
  if (f.has("current")) out.current = f.color("current");
  read_wells(f, out);
  f.each("well_rows", well_rows(out), [&](const Json& j, const std::string& key) {
    if (!j.is_string()) return f.fail(key, Sentence::ShouldText);
    out.row_names.push_back(shortened(j.get<std::string>(), kLongestName));
  });
  out.row = static_cast<std::size_t>(f.whole("well_row", 0, static_cast<double>(well_rows(out) - 1), 0));
  f.each("recent", kRecentColors,
         [&](const Json& j, const std::string& key) { out.recent.push_back(f.color_of(j, key)); });
  if (f.has("steps")) out.steps = read_steps(f.inner(f.raw("steps"), "steps"));
  if (f.has("mixing")) out.mixing = read_mixing(f.inner(f.raw("mixing"), "mixing"));
  out.mask_locked = f.flag("mask_locked", false);
  out.extras = f.extras({"current", "wells", "more_wells", "well_rows", "well_row", "recent", "steps",
                         "mixing", "mask_locked"});
  return out;
}

} // namespace zc
