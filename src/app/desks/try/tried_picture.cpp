// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/tried_picture.h"

#include "app/jobs/job_pool.h"
#include "app/store/study_order.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/try/render.h"
#include "io/exchange/study_files.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"

#include <QPointer>

namespace zc {
namespace {

/// Everything the picture is made of, so that what changes meanwhile does not matter.
struct Order {
  std::shared_ptr<const Photo> photo;
  TriedPicture tried;
  Study study; ///< With areas that are not there yet, they are cut first.
  std::vector<Id> left_ids, right_ids;
  std::vector<std::string> names; ///< Of the right side's swatches.
};

void cut_side(Order& order, TriedSide& side, const std::vector<Id>& ids) {
  if (side.way != TryWay::Study || !order.study.by_areas || side.colors.empty()) return;
  if (!side.areas) side.areas = areas_of(*order.photo, order.study);
  if (side.areas)
    side.area_swatches = swatches_of_areas({order.photo, order.study, {side.colors, ids}, side.areas});
}

/// A study by areas as shapes.
Status save_shapes(const Order& order, const std::string& path) {
  const TriedSide& side = order.tried.right;
  if (side.way != TryWay::Study || !side.areas || side.colors.empty() || order.tried.two)
    return Error{ErrorCode::BadInput, "Only a study of areas can be written as .svg; cut the picture first.",
                 path};
  std::vector<Srgb> colors;
  std::vector<std::string> names;
  for (const auto s : side.area_swatches) {
    colors.push_back(side.colors[s].color);
    names.push_back(order.names[s]);
  }
  const std::string svg = study_svg(*side.areas, colors, names);
  return save_safely(path, Bytes(svg.begin(), svg.end()), Backup::None);
}

Status write(Order order, const std::string& path, bool shapes) {
  if (order.tried.two) cut_side(order, order.tried.left, order.left_ids);
  order.tried.right.areas = order.tried.left.areas ? order.tried.left.areas : order.tried.right.areas;
  cut_side(order, order.tried.right, order.right_ids);
  if (shapes) return save_shapes(order, path);
  QImage out = order.photo->full().copy();
  render_tried(view_of(order.photo->full()), order.tried, reinterpret_cast<std::uint32_t*>(out.bits()));
  return save_picture(std::move(out), path);
}

} // namespace

void write_tried_picture(Workspace& space, const QString& path, double edge,
                         const std::function<void(const Status&)>& then) {
  static JobPool pool;
  TryReader& tries = space.tries();
  const Trying& trying = space.session().trying;
  const SideColors left = tries.colors_of(trying.left, false), right = tries.colors_of(trying.right, true);
  Order order{tries.photo(), tries.tried(edge), tries.study(), left.ids, right.ids, {}};
  const QColor ground = theme().stage;
  for (TriedSide* side : {&order.tried.left, &order.tried.right})
    side->ground = {static_cast<std::uint8_t>(ground.red()), static_cast<std::uint8_t>(ground.green()),
                    static_cast<std::uint8_t>(ground.blue())};
  if (trying.way == TryWay::Study && order.study.by_areas) order.tried.right.areas = tries.areas();
  for (const Id id : right.ids) {
    const Swatch* s = find_swatch(space.piece(), id);
    order.names.push_back(s ? s->name : std::string());
  }
  pool.start([order = std::move(order), path, then, who = QPointer<Workspace>(&space)] {
    const bool shapes = path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive);
    const Status written = write(order, path.toStdString(), shapes);
    if (who)
      QMetaObject::invokeMethod(
          who, [then, written] { then(written); }, Qt::QueuedConnection);
  });
}

} // namespace zc
