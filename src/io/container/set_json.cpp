// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/container/set_json.h"

#include "core/base/sentences.h"
#include "io/container/mask_json.h"

namespace zc {
namespace {

/// Color and code stand for each other: a program that knows no codes may have changed the color.
Json code_json(const Code& code) {
  Json out{{"lab", Json::array({code.lab.l, code.lab.a, code.lab.b})}, {"srgb", color_json(code.shown)}};
  if (code.finish != Finish::Plain) out["finish"] = word_for(kFinishWords, code.finish);
  if (const auto* name = std::get_if<BookName>(&code.as)) {
    out["book"] = name->book;
    out["name"] = name->name;
    return out;
  }
  const auto& inks = std::get<WrittenInks>(code.as);
  out["inks"] = Json::array({inks.ink.c, inks.ink.m, inks.ink.y, inks.ink.k});
  if (!inks.profile.empty()) out["profile"] = inks.profile;
  if (!inks.digest.empty()) out["profile_id"] = inks.digest;
  return out;
}

Code read_code(Fields f) {
  constexpr double widest = 1000; // Of CIELAB, beyond anything a surface has.
  const auto lab = f.numbers(f.raw("lab"), "lab", 3, -widest, widest);
  Code out{
      BookName{}, {lab[0], lab[1], lab[2]}, f.color("srgb"), f.word("finish", kFinishWords, Finish::Plain)};
  if (f.has("inks")) {
    const auto ink = f.numbers(f.raw("inks"), "inks", 4, 0, 100);
    out.as = WrittenInks{{ink[0], ink[1], ink[2], ink[3]}, f.text("profile"), f.text("profile_id")};
  } else {
    for (const char* key : {"book", "name"})
      if (!f.has(key)) f.fail(key, Sentence::ShouldText);
    out.as = BookName{f.text("book"), f.text("name")};
  }
  return out;
}

Json swatch_json(const Swatch& s, int running) {
  Json out{{"id", s.id}, {"name", s.name}, {"srgb", color_json(s.color)}, {"hex", hex_of(s.color)}};
  if (s.place != running) out["place"] = s.place;
  if (!s.note.empty()) out["note"] = s.note;
  if (s.from) out["from"] = {{"reference", s.from->reference}, {"x", s.from->x}, {"y", s.from->y}};
  if (s.code) out["code"] = code_json(*s.code);
  if (s.locked) out["locked"] = true;
  if (s.used) out["used"] = true;
  if (s.picked) {
    out["picked"] = Json::array({s.picked->at.a, s.picked->at.r, s.picked->at.v});
    out["picked_on"] = wheel_json(s.picked->wheel);
  }
  put_extras(out, s.extras);
  return out;
}

Json family_json(const Family& f) {
  Json out{{"id", f.id}, {"name", f.name}, {"swatches", Json::array()}};
  int running = 0;
  for (const auto& s : f.swatches) {
    out["swatches"].push_back(swatch_json(s, running));
    running = s.place + 1;
  }
  put_extras(out, f.extras);
  return out;
}

Json version_json(const SetVersion& version) {
  Json out{{"id", version.id}, {"name", version.name}, {"families", Json::array()}};
  for (const auto& f : version.families) out["families"].push_back(family_json(f));
  if (version.key)
    out["key"] = {{"wheel", wheel_json(version.key->wheel)},
                  {"mask", version.key->mask ? mask_json(*version.key->mask) : Json(nullptr)}};
  put_extras(out, version.extras);
  return out;
}

/// A place that does not say its wheel is true where the wheel has that color there.
bool true_on(const Wheel& wheel, const WheelPoint& at, Srgb color) {
  const auto there = wheel.color_at(at);
  constexpr double close = 1.0 / 512;
  return there && std::abs(there->r - color.r) < close && std::abs(there->g - color.g) < close &&
         std::abs(there->b - color.b) < close;
}

/// Reads sets; older places belong to `m_wheel`, if there is one.
class SetReader {
public:
  explicit SetReader(const Wheel* wheel) : m_wheel(wheel) {}

  SwatchSet set(Fields f) const {
    SwatchSet set;
    set.id = f.id("id");
    set.name = f.text("name");
    set.note = f.text("note");
    set.tags = read_tags(f);
    set.families = families(f);
    f.each("versions", kMostVersions,
           [&](const Json& j, const std::string& key) { set.versions.push_back(version(f.inner(j, key))); });
    set.extras = f.extras({"id", "name", "note", "tags", "families", "versions"});
    return set;
  }

private:
  List<Family> families(Fields& f) const {
    List<Family> out;
    f.each("families", kMostFamilies,
           [&](const Json& j, const std::string& key) { out.push_back(family(f.inner(j, key))); });
    return out;
  }
  SetVersion version(Fields f) const {
    SetVersion version;
    version.id = f.id("id");
    version.name = f.text("name");
    version.families = families(f);
    if (f.has("key")) version.key = key(f.inner(f.raw("key"), "key"));
    version.extras = f.extras({"id", "name", "families", "key"});
    return version;
  }
  static PlanKey key(Fields f) {
    PlanKey out;
    if (f.has("wheel")) out.wheel = read_wheel(f.inner(f.raw("wheel"), "wheel"));
    if (f.has("mask")) out.mask = read_mask(f.inner(f.raw("mask"), "mask"));
    return out;
  }
  Family family(Fields f) const {
    std::vector<Swatch> swatches;
    f.each("swatches", kMostSwatches, [&](const Json& j, const std::string& key) {
      const int running = swatches.empty() ? 0 : swatches.back().place + 1;
      swatches.push_back(swatch(f.inner(j, key), running));
    });
    settle_places(swatches);
    return {
        f.id("id"), f.text("name"), {swatches.begin(), swatches.end()}, f.extras({"id", "name", "swatches"})};
  }
  Swatch swatch(Fields f, int running) const {
    Swatch s;
    s.id = f.id("id");
    s.color = f.color(f.has("srgb") ? "srgb" : "hex");
    s.name = f.text("name");
    s.note = f.text("note");
    s.place = f.whole("place", 0, kMostPlaces - 1, running);
    s.locked = f.flag("locked", false);
    s.used = f.flag("used", false);
    if (f.has("picked")) s.picked = picked(f, s.color);
    if (f.has("from")) {
      auto from = f.inner(f.raw("from"), "from");
      s.from = SampleOrigin{from.id("reference"), from.whole("x", kPixelRange, 0),
                            from.whole("y", kPixelRange, 0)};
    }
    if (f.has("code")) s.code = read_code(f.inner(f.raw("code"), "code"));
    s.extras = f.extras({"id", "srgb", "hex", "name", "note", "picked", "picked_on", "from", "code", "place",
                         "locked", "used"});
    return s;
  }
  std::optional<WheelPlace> picked(Fields& f, Srgb color) const {
    const auto n = f.numbers(f.raw("picked"), "picked", 3, 0, 360);
    const WheelPoint at{wrap_degrees(n[0]), std::min(n[1], 1.0), std::min(n[2], 100.0)};
    if (f.has("picked_on")) return WheelPlace{at, read_wheel(f.inner(f.raw("picked_on"), "picked_on"))};
    if (m_wheel && true_on(*m_wheel, at, color)) return WheelPlace{at, m_wheel->spec()};
    return std::nullopt;
  }
  /// Places rise from swatch to swatch, each has its own.
  static void settle_places(std::vector<Swatch>& swatches) {
    std::stable_sort(swatches.begin(), swatches.end(),
                     [](const Swatch& a, const Swatch& b) { return a.place < b.place; });
    int free = 0;
    for (auto& s : swatches) {
      s.place = std::max(s.place, free);
      free = s.place + 1;
    }
  }

  const Wheel* m_wheel;
};

} // namespace

Json set_json(const SwatchSet& set) {
  Json out{{"id", set.id}, {"name", set.name}, {"families", Json::array()}};
  if (!set.note.empty()) out["note"] = set.note;
  if (!set.tags.empty()) out["tags"] = set.tags;
  for (const auto& f : set.families) out["families"].push_back(family_json(f));
  for (const auto& v : set.versions) out["versions"].push_back(version_json(v));
  put_extras(out, set.extras);
  return out;
}

SwatchSet read_set(Fields f, const Wheel* wheel) { return SetReader(wheel).set(std::move(f)); }

std::vector<std::string> read_tags(Fields& f) {
  std::vector<std::string> out;
  f.each("tags", kMostTags, [&](const Json& j, const std::string& key) {
    if (j.is_string())
      out.push_back(j.get<std::string>());
    else
      f.fail(key, Sentence::ShouldText);
  });
  return out;
}

Json grading_json(const GradingRules& r) {
  return {{"value_steps", r.value_steps},
          {"near_duplicate", r.near_duplicate},
          {"twin", r.twin},
          {"gap", r.gap},
          {"outside", r.outside},
          {"target", {{"dark", r.target.dark}, {"middle", r.target.middle}, {"light", r.target.light}}}};
}

GradingRules read_grading(Fields f) {
  GradingRules r;
  r.value_steps = f.whole("value_steps", kValueStepsRange, r.value_steps);
  r.near_duplicate = f.number("near_duplicate", kNearDuplicateRange, r.near_duplicate);
  r.twin = f.number("twin", kTwinRange, r.twin);
  r.gap = f.number("gap", kGapRange, r.gap);
  r.outside = f.number("outside", kOutsideRange, r.outside);
  if (!f.has("target")) return r;
  auto t = f.inner(f.raw("target"), "target");
  const auto count = [&t](const char* key, int otherwise) { return t.whole(key, kTargetRange, otherwise); };
  r.target = {count("dark", r.target.dark), count("middle", r.target.middle), count("light", r.target.light)};
  return r;
}

} // namespace zc
