// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/try/tried_picture.h"

#include "app/jobs/job_pool.h"
#include "app/store/study_order.h"
#include "core/color/convert.h"
#include "core/try/follow.h"
#include "core/try/study.h"
#include "io/exchange/study_files.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"

#include <QPointer>

namespace zc {
namespace {

/// Everything the picture is made of, so that what changes meanwhile does not matter.
struct Order {
  StudyOrder study;
  TryWay way = TryWay::Photo;
  std::vector<SwatchMove> moves;
  double softness = 0;
  Eyes eyes = Eyes::Usual;
  std::vector<std::string> names; ///< Of the side's swatches.
};

/// A study by areas as shapes.
Status save_shapes(const Order& order, const std::string& path) {
  if (order.way != TryWay::Study || !order.study.areas || order.study.side.colors.empty())
    return Error{ErrorCode::BadInput, "Only a study of areas can be written as .svg; cut the picture first.",
                 path};
  std::vector<Srgb> colors;
  std::vector<std::string> names;
  for (const auto s : swatches_of_areas(order.study)) {
    colors.push_back(order.study.side.colors[s].color);
    names.push_back(order.names[s]);
  }
  const std::string svg = study_svg(*order.study.areas, colors, names);
  return save_safely(path, Bytes(svg.begin(), svg.end()), Backup::None);
}

QImage made(const Order& order) {
  const QImage& photo = order.study.photo->full();
  QImage out = order.way == TryWay::Study ? studied(order.study) : photo.copy();
  auto* words = reinterpret_cast<std::uint32_t*>(out.bits());
  if (order.way == TryWay::Follow)
    FollowMapper(Follow(order.moves, order.softness)).map(view_of(photo), words);
  to_seen(order.eyes, words, static_cast<std::size_t>(out.width()) * out.height());
  return out;
}

} // namespace

void write_tried_picture(Workspace& space, const QString& path,
                         const std::function<void(const Status&)>& then) {
  TryReader& tries = space.tries();
  const Trying& trying = space.session().trying;
  Order order{{tries.photo(), tries.study(), tries.colors_of(trying.right, true)},
              trying.right.photo ? TryWay::Photo : trying.way,
              tries.moves_to(trying.right, true),
              trying.softness,
              space.session().eyes,
              {}};
  if (trying.way == TryWay::Study && tries.study().by_areas) order.study.areas = tries.areas();
  for (const Id id : order.study.side.ids) {
    const Swatch* s = find_swatch(space.piece(), id);
    order.names.push_back(s ? s->name : std::string());
  }
  static JobPool pool;
  pool.start([order, path, then, who = QPointer<Workspace>(&space)] {
    const bool shapes = path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive);
    const Status written =
        shapes ? save_shapes(order, path.toStdString()) : save_picture(made(order), path.toStdString());
    if (who)
      QMetaObject::invokeMethod(
          who, [then, written] { then(written); }, Qt::QueuedConnection);
  });
}

} // namespace zc
