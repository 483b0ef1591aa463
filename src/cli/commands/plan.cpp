// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/drawing.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/photo/picture_file.h"
#include "io/sheet/plan_file.h"

namespace zc::cli {
namespace {

struct PlanRequest {
  std::string piece, output;
  double value = 50;
  bool vivid = false, stepped = false, bare = false;
  int values = 0, size = 1024;
  PlanGround ground = PlanGround::Transparent;
};

bool ends_in(const std::string& path, std::string_view ending) {
  return path.size() > ending.size() && path.ends_with(ending);
}

Result<Json> plan(const PlanRequest& r, bool value_given) {
  if (int(value_given) + int(r.vivid) + int(r.values != 0) > 1)
    return Error{ErrorCode::BadInput, as_said("Give one of --value, --vivid and --values."), "--value"};
  if (r.values != 0 && (r.values < kFewestPlanValues || r.values > kMostPlanValues))
    return Error{ErrorCode::BadInput, as_said("A row has 3 to 11 values."), "--values"};
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const Drawing drawing;
  if (ends_in(r.output, ".svg")) {
    const std::string svg = plan_outline_svg(document->piece, r.size);
    const Status saved = save_safely(r.output, Bytes(svg.begin(), svg.end()), Backup::None);
    if (!saved) return saved.error();
    return Json{{"file", r.output}};
  }
  if (!ends_in(r.output, ".png"))
    return Error{ErrorCode::BadInput,
                 as_said("The plan is written as .png, its outline as .svg; name the file so."), "-o"};
  PlanFileSpec spec;
  spec.values = r.vivid    ? std::vector<double>()
                : r.values ? plan_values(r.values)
                           : std::vector<double>{r.value};
  spec.size = r.size;
  spec.bare = r.bare;
  spec.ground = r.ground;
  if (r.stepped) spec.steps = plan_steps(document->at_hand.steps);
  auto image = plan_image(document->piece, spec);
  if (!image) return image.error();
  const QSize size = image->size();
  const Status saved = save_picture(std::move(image).value(), r.output);
  if (!saved) return saved.error();
  return Json{
      {"file", r.output}, {"width", size.width()}, {"height", size.height()}, {"values", spec.values}};
}

} // namespace

Command add_plan(const Options& app) {
  auto r = std::make_shared<PlanRequest>();
  const Options command = app.command("plan", "Write the wheel with its mask as a picture");
  command.text("piece", r->piece, "Piece file", Options::Need::Needed);
  command.number("--value", r->value, "L* of the disc; 50 when left out");
  command.flag("--vivid", r->vivid, "Each hue at the value where it is vivid");
  command.whole("--values", r->values, "A row of 3 to 11 values from dark to light");
  command.whole("--size", r->size, "Pixels of a disc, 16 to 8192");
  command.flag("--stepped", r->stepped, "In the steps of the piece");
  command.flag("--bare", r->bare, "The disc alone, filling the square");
  command.choice("--ground", kPlanGroundWords, "What lies around the disc", r->ground);
  command.text("-o,--output", r->output, "PNG file to write; SVG for the outline", Options::Need::Needed);
  return {command, [r, command] { return plan(*r, command.given("--value")); }};
}

} // namespace zc::cli
