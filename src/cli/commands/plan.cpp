// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/command.h"

#include "cli/drawing.h"
#include "io/container/piece_file.h"
#include "io/files/safe_save.h"
#include "io/photo/picture_file.h"
#include "io/sheet/plan_file.h"

namespace zc::cli {
namespace {

struct PlanRequest {
  std::string piece;
  OutputFile output;
  double value = 50;
  bool vivid = false, stepped = false, bare = false;
  int values = 0, size = 1024;
  PlanGround ground = PlanGround::Transparent;
};

enum Format { kPng, kSvg };

Result<Json> plan(const PlanRequest& r, bool value_given) {
  if (int(value_given) + int(r.vivid) + int(r.values != 0) > 1)
    return Error{ErrorCode::BadInput, as_said("Give one of --value, --vivid and --values."), "--value"};
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  const Drawing drawing;
  if (r.output.format == kSvg) {
    const std::string svg = plan_outline_svg(document->piece, r.size);
    const Status saved = save_safely(r.output.path, Bytes(svg.begin(), svg.end()), Backup::None);
    if (!saved) return saved.error();
    return Json{{"files", files_json(r.output.path)}};
  }
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
  const Status saved = save_picture(std::move(image).value(), r.output.path);
  if (!saved) return saved.error();
  return Json{{"files", files_json(r.output.path)},
              {"width", size.width()},
              {"height", size.height()},
              {"values", spec.values}};
}

} // namespace

Command add_plan(const Options& app) {
  auto r = std::make_shared<PlanRequest>();
  const Options command = app.command("plan", "Write the wheel with its mask as a picture");
  command.input("piece", r->piece, "Piece file");
  command.number("--value", r->value, kValueRange, "Value of the disc");
  command.flag("--vivid", r->vivid, "Each hue at the value where it is vivid");
  command.whole("--values", r->values, {kFewestPlanValues, kMostPlanValues},
                "A row of so many values from dark to light");
  command.whole("--size", r->size, {16, 8192}, "Pixels of a disc");
  command.flag("--stepped", r->stepped, "In the steps of the piece");
  command.flag("--without-labels", r->bare, "The disc alone, filling the square");
  command.choice("--background", kPlanGroundWords, "What lies around the disc", r->ground);
  command.output(r->output, {{"png", {".png"}}, {"svg", {".svg"}}},
                 "PNG file to write; SVG for the outline alone");
  return {command, [r, command] { return plan(*r, command.given("--value")); }};
}

} // namespace zc::cli
