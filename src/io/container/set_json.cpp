#include "io/container/set_json.h"

#include "core/piece/set_edits.h"

namespace zc {
namespace {

Json swatch_json(const Swatch& s, int running) {
  Json out{{"id", s.id}, {"name", s.name}, {"srgb", color_json(s.color)}, {"hex", hex_of(s.color)}};
  if (s.place != running) out["place"] = s.place;
  if (!s.note.empty()) out["note"] = s.note;
  if (s.from) out["from"] = {{"reference", s.from->reference}, {"x", s.from->x}, {"y", s.from->y}};
  if (s.locked) out["locked"] = true;
  if (s.used) out["used"] = true;
  if (s.picked) out["picked"] = Json::array({s.picked->a, s.picked->r, s.picked->v});
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
  put_extras(out, version.extras);
  return out;
}

/// Places rise from swatch to swatch, each has its own.
void settle_places(Family& family) {
  std::stable_sort(family.swatches.begin(), family.swatches.end(),
                   [](const Swatch& a, const Swatch& b) { return a.place < b.place; });
  int free = 0;
  for (auto& s : family.swatches) {
    s.place = std::max(s.place, free);
    free = s.place + 1;
  }
}

Swatch read_swatch(Fields f, int running) {
  Swatch s;
  s.id = f.id("id");
  s.color = f.color(f.has("srgb") ? "srgb" : "hex");
  s.name = f.text("name");
  s.note = f.text("note");
  s.place = static_cast<int>(f.number("place", 0, kMostPlaces - 1, running));
  s.locked = f.flag("locked", false);
  s.used = f.flag("used", false);
  if (f.has("picked")) {
    const auto n = f.numbers(f.raw("picked"), "picked", 3, 0, 360);
    s.picked = WheelPoint{n[0], std::min(n[1], 1.0), std::min(n[2], 100.0)};
  }
  if (f.has("from")) {
    auto from = f.inner(f.raw("from"), "from");
    s.from = SampleOrigin{from.id("reference"), static_cast<int>(from.number("x", 0, 1e6, 0)),
                          static_cast<int>(from.number("y", 0, 1e6, 0))};
  }
  s.extras = f.extras({"id", "srgb", "hex", "name", "note", "picked", "from", "place", "locked", "used"});
  return s;
}

Family read_family(Fields f) {
  Family family;
  family.id = f.id("id");
  family.name = f.text("name");
  f.each("swatches", kMostSwatches, [&](const Json& j, const std::string& key) {
    family.swatches.push_back(read_swatch(f.inner(j, key), next_place(family)));
  });
  settle_places(family);
  if (next_place(family) > kMostPlaces) f.fail("swatches", "within the places of a row");
  family.extras = f.extras({"id", "name", "swatches"});
  return family;
}

SetVersion read_version(Fields f) {
  SetVersion version;
  version.id = f.id("id");
  version.name = f.text("name");
  f.each("families", kMostFamilies, [&](const Json& j, const std::string& key) {
    version.families.push_back(read_family(f.inner(j, key)));
  });
  version.extras = f.extras({"id", "name", "families"});
  return version;
}

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

SwatchSet read_set(Fields f) {
  SwatchSet set;
  set.id = f.id("id");
  set.name = f.text("name");
  set.note = f.text("note");
  f.each("tags", kMostTags, [&](const Json& j, const std::string& key) {
    if (j.is_string())
      set.tags.push_back(j.get<std::string>());
    else
      f.fail(key, "text");
  });
  f.each("families", kMostFamilies, [&](const Json& j, const std::string& key) {
    set.families.push_back(read_family(f.inner(j, key)));
  });
  f.each("versions", kMostVersions, [&](const Json& j, const std::string& key) {
    set.versions.push_back(read_version(f.inner(j, key)));
  });
  if (swatch_count(set) > kMostSwatches) f.fail("families", "at most 10000 swatches");
  set.extras = f.extras({"id", "name", "note", "tags", "families", "versions"});
  return set;
}

Json grading_json(const GradingRules& r) {
  return {{"value_steps", r.value_steps},
          {"near_duplicate", r.near_duplicate},
          {"twin", r.twin},
          {"gap", r.gap},
          {"target", {{"dark", r.target.dark}, {"middle", r.target.middle}, {"light", r.target.light}}}};
}

GradingRules read_grading(Fields f) {
  GradingRules r;
  r.value_steps = static_cast<int>(f.number("value_steps", 3, 11, r.value_steps));
  r.near_duplicate = f.number("near_duplicate", 0.1, 20, r.near_duplicate);
  r.twin = f.number("twin", 0.1, 20, r.twin);
  r.gap = f.number("gap", 1, 100, r.gap);
  if (!f.has("target")) return r;
  auto t = f.inner(f.raw("target"), "target");
  const auto count = [&t](const char* key, int otherwise) {
    return static_cast<int>(t.number(key, 0, 10'000, otherwise));
  };
  r.target = {count("dark", r.target.dark), count("middle", r.target.middle), count("light", r.target.light)};
  return r;
}

} // namespace zc
