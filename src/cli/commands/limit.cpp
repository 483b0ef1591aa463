// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/command.h"

#include "cli/sets.h"
#include "core/piece/edits.h"
#include "io/container/piece_file.h"

namespace zc::cli {
namespace {

constexpr Word<MaskKeeps> kKeeps[] = {{MaskKeeps::Colors, "colors"}, {MaskKeeps::Outline, "shape"}};

struct LimitRequest {
  std::string piece;
  OutputFile output;
  WheelSpec wheel;
  MaskKeeps keeps = MaskKeeps::Colors;
  double turn = 0;
  bool other_hues = false, other_measure = false, turned = false, carry = false;
};

Result<Json> limit(const LimitRequest& r) {
  const FileClaim claim(r.output.path, kClaimPatience);
  if (claim.taken()) return taken_elsewhere(r.output.path);
  const auto document = open_document(r.piece);
  if (!document) return document.error();
  if (r.carry && !r.turned)
    return Error{ErrorCode::BadInput, as_said("The set turns along with the mask; give --turn too."),
                 "--with-set"};
  Document changed = *document;
  WheelSpec wheel = changed.piece.wheel;
  if (r.other_hues) wheel.hues = r.wheel.hues;
  if (r.other_measure) wheel.measure = r.wheel.measure;
  auto piece = with_wheel(changed.piece, wheel, r.keeps);
  if (piece && r.turned)
    piece = with_mask_turned(std::move(piece).value(), r.turn, r.carry ? Carry::SetToo : Carry::MaskOnly);
  if (!piece) return piece.error();
  if (const auto faults = check(*piece); !faults.empty())
    return Error{ErrorCode::BadInput, faults.front().said, faults.front().place};
  changed.piece = std::move(piece).value();
  const Status saved = save_document(r.output.path, changed);
  if (!saved) return saved.error();
  Json out{{"files", files_json(r.output.path)}, {"wheel", wheel_json(wheel)}, {"mask", nullptr}};
  if (const auto& mask = changed.piece.mask)
    out["mask"] = {{"name", mask->name},
                   {"counts", {{"areas", mask->areas.size()}}},
                   {"turn", mask->turned},
                   {"share", MaskRegion(*mask).share()}};
  return out;
}

} // namespace

Command add_limit(const Options& app) {
  auto r = std::make_shared<LimitRequest>();
  const Options command = app.command("limit", "Change the wheel of a piece, turn its mask");
  command.changed_piece(r->piece, r->output);
  command.choice<HueScale>("--hues", kHueWords, "Hue scale", [r](HueScale hues) {
    r->wheel.hues = hues;
    r->other_hues = true;
  });
  command.choice<SaturationMeasure>("--measure", kMeasureWords, "Saturation measure",
                                    [r](SaturationMeasure measure) {
                                      r->wheel.measure = measure;
                                      r->other_measure = true;
                                    });
  command.choice("--keep", kKeeps, "What of the mask stays on another wheel", r->keeps);
  command.number("--turn", r->turn, kDegrees, "Turns the mask by so many degrees, clockwise");
  command.flag("--with-set", r->carry, "Turn the current set along with the mask");
  return {command, [r, command] {
            r->turned = command.given("--turn");
            return limit(*r);
          }};
}

} // namespace zc::cli
