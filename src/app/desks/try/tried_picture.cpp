// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/tried_picture.h"

#include "app/theme/theme.h"
#include "core/base/sentences.h"
#include "core/color/convert.h"
#include "core/try/render.h"
#include "io/exchange/study_files.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"
#include "model/derived/job_pool.h"
#include "model/study/study_order.h"

#include <QFileInfo>
#include <QPointer>

namespace zc {
namespace {

/// Everything the picture is made of, so that what changes meanwhile does not matter.
struct Order {
  std::shared_ptr<const Photo> photo;
  SeenPicture seen;
  Study study;                    ///< With areas that are not there yet, they are cut first.
  std::vector<std::string> names; ///< Of the right side's swatches.
};

void cut_side(const Order& order, TriedSide& side, const std::vector<Id>& ids) {
  if (side.way != TryWay::Study || !order.study.by_areas || side.colors.empty()) return;
  if (!side.areas) side.areas = areas_of(*order.photo, order.study);
  if (side.areas)
    side.area_swatches = swatches_of_areas({order.photo, order.study, {side.colors, ids}, side.areas});
}

StudyFills fills_of(const Order& order) {
  const TriedSide& side = order.seen.tried.right;
  StudyFills out{side.areas, side.area_swatches, {}, order.names};
  for (const MatchColor& color : side.colors) out.colors.push_back(color.color);
  return out;
}

/// A study by areas as shapes, or into a folder as one picture for each swatch.
Status save_shapes(const Order& order, const std::string& path) {
  const TriedSide& side = order.seen.tried.right;
  if (side.way != TryWay::Study || !side.areas || side.colors.empty() || order.seen.tried.two)
    return Error{ErrorCode::BadInput, Sentence::SvgNeedsAreas, path};
  const StudyFills fills = fills_of(order);
  if (std::filesystem::is_directory(path)) return save_fill_pngs(path, fills);
  const std::string svg = study_svg(fills);
  return save_safely(path, Bytes(svg.begin(), svg.end()), Backup::None);
}

Status write(Order order, const std::string& path, bool shapes) {
  TriedPicture& tried = order.seen.tried;
  if (tried.two) cut_side(order, tried.left, order.seen.left);
  if (tried.left.areas) tried.right.areas = tried.left.areas;
  cut_side(order, tried.right, order.seen.right);
  if (shapes) return save_shapes(order, path);
  QImage out = order.photo->full().copy();
  render_tried(view_of(order.photo->full()), tried, pixels_of(out));
  return save_picture(std::move(out), path);
}

} // namespace

Srgb8 ground_of_stage() {
  const QColor ground = theme().stage;
  return {static_cast<std::uint8_t>(ground.red()), static_cast<std::uint8_t>(ground.green()),
          static_cast<std::uint8_t>(ground.blue())};
}

void write_tried_picture(Studio& model, TryModel& tries, const QString& path, double edge,
                         const std::function<void(const Status&)>& then) {
  static JobPool pool;
  tries.set_ground(ground_of_stage());
  const auto photo = tries.photo();
  Order order{photo, tries.seen(photo->full().size(), edge), tries.study(), {}};
  // Nothing is pointed out in a file.
  for (TriedSide* side : {&order.seen.tried.left, &order.seen.tried.right}) side->pointed_out.reset();
  for (const Id id : order.seen.right) {
    const Swatch* s = find_swatch(model.piece(), id);
    order.names.push_back(s ? s->name : std::string());
  }
  pool.start([order = std::move(order), path, then, who = QPointer<Studio>(&model)] {
    const bool shapes = path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive) || QFileInfo(path).isDir();
    const Status written = write(order, path.toStdString(), shapes);
    if (who)
      QMetaObject::invokeMethod(
          who, [then, written] { then(written); }, Qt::QueuedConnection);
  });
}

} // namespace zc
