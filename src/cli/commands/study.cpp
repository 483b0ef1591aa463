// SPDX-License-Identifier: GPL-3.0-or-later
// zonachrom-cli study: how a reference is tried in the set, by pixels or by areas that are split, merged and
// bound.
#include "cli/change.h"

#include "cli/photos.h"
#include "core/piece/edits.h"

namespace zc::cli {
namespace {

constexpr Word<Match> kMatches[] = {{Match::Color, "color"}, {Match::Value, "value"}};

struct StudyRequest : ChangeRequest {
  int areas = 0;
  double smallest = -1, smoothing = -1;
  std::optional<Match> match;
  bool by_pixels = false, anew = false;
  /// In the order of the line: what was asked, and where.
  std::vector<std::pair<AreaEdit::Kind, std::string>> edits;
  std::vector<std::string> bound;
};

/// "X,Y" or, for two areas, "X,Y:X,Y".
Result<std::vector<int>> pixels_in(const std::string& text, std::size_t count, const char* option) {
  std::string parted = text;
  std::replace(parted.begin(), parted.end(), ':', ',');
  return whole_numbers(parted, 2 * count, option);
}

Result<AreaBinding> binding_in(const Piece& piece, const std::string& text) {
  const auto at = text.find('=');
  const auto place = pixels_in(text.substr(0, at), 1, "--bind");
  if (!place) return place.error();
  if (at == std::string::npos)
    return Error{ErrorCode::BadInput, as_said("\"" + text + "\" is not X,Y=SWATCH."), "--bind"};
  const auto swatch = swatch_named(piece, text.substr(at + 1));
  if (!swatch) return swatch.error();
  return AreaBinding{(*place)[0], (*place)[1], (*swatch)->id};
}

Study with_choices(Study study, const StudyRequest& r) {
  study.by_areas = !r.by_pixels && (study.by_areas || r.areas > 0 || !r.edits.empty() || !r.bound.empty());
  if (r.areas > 0) study.cut.count = r.areas;
  if (r.smallest >= 0) study.cut.smallest = r.smallest;
  if (r.smoothing >= 0) study.cut.smoothing = r.smoothing;
  study.match = r.match.value_or(study.match);
  return study;
}

Result<Piece> studied(const Piece& piece, const StudyRequest& r) {
  const auto reference = reference_named(piece, r.name);
  if (!reference) return reference.error();
  Study study = with_choices(r.anew ? Study() : (*reference)->study, r);
  for (const auto& [kind, text] : r.edits) {
    const bool merge = kind == AreaEdit::Kind::Merge;
    const auto at = pixels_in(text, merge ? 2 : 1, merge ? "--merge" : "--split");
    if (!at) return at.error();
    study.edits.push_back({kind, (*at)[0], (*at)[1], merge ? (*at)[2] : 0, merge ? (*at)[3] : 0});
  }
  for (const std::string& text : r.bound) {
    const auto binding = binding_in(piece, text);
    if (!binding) return binding.error();
    study.bound.push_back(*binding);
  }
  return with_study(piece, (*reference)->id, study);
}

} // namespace

Command add_study(const Options& app) {
  auto r = std::make_shared<StudyRequest>();
  const Options command =
      app.command("study", "Change how a reference is tried in the set: by pixels or by areas");
  Command out = change_command(command, r, [r = r.get()](const Piece& p) { return studied(p, *r); });
  command.text("reference", r->name, "Name of the reference", Options::Need::Needed);
  command.whole("--areas", r->areas, {kFewestPictureAreas, kMostPictureAreas}, "By at most so many areas");
  command.flag("--pixels", r->by_pixels, "By pixels");
  command.flag("--anew", r->anew, "Forget what was split, merged and bound");
  command.number("--smallest", r->smallest, {0, 5}, "Percent of the picture that an area has at least");
  command.number("--smoothing", r->smoothing, {0, 2},
                 "Texture of this size is smoothed before, percent of the longer side");
  command.choice<Match>("--match", kMatches, "What comes first", [r](Match match) { r->match = match; });
  const auto edit = [&](const char* name, AreaEdit::Kind kind, const char* help) {
    command.each(
        name, [r, kind](const std::string& text) { r->edits.emplace_back(kind, text); }, help);
  };
  edit("--split", AreaEdit::Kind::Split, "X,Y: split the area at this pixel");
  edit("--merge", AreaEdit::Kind::Merge, "X,Y:X,Y: the area at the first pixel takes in that at the second");
  command.texts("--bind", r->bound, "X,Y=SWATCH: bind the area at this pixel to a swatch, once for each");
  add_set_option(command, *r);
  return out;
}

} // namespace zc::cli
