#include "app/desks/try/tried_picture.h"

#include "app/store/try_reading.h"
#include "core/color/convert.h"
#include "core/try/follow.h"
#include "core/try/study.h"
#include "io/exchange/study_files.h"
#include "io/files/safe_save.h"
#include "io/photo/decode.h"
#include "io/photo/picture_file.h"

#include <QPointer>
#include <QThreadPool>

namespace zc {
namespace {

/// Everything the picture is made of, so that what changes meanwhile does not matter.
struct Order {
  std::shared_ptr<const Photo> photo;
  std::shared_ptr<const Areas> areas;
  TryWay way = TryWay::Photo;
  SideColors side;
  Match match = Match::Color;
  std::vector<std::optional<std::size_t>> bound;
  std::vector<SwatchMove> moves;
  double softness = 0;
  bool values_only = false;
  std::vector<std::string> names; ///< Of the side's swatches.
};

std::vector<std::size_t> swatches_of_areas(const Order& order) {
  return swatches_of(*order.areas, SwatchMatcher(order.side.colors, order.match), order.bound);
}

/// A study by areas as shapes.
Status save_shapes(const Order& order, const std::string& path) {
  if (order.way != TryWay::Study || !order.areas || order.side.colors.empty())
    return Error{ErrorCode::BadInput, "Only a study of areas can be written as .svg; cut the picture first.",
                 path};
  std::vector<Srgb> colors;
  std::vector<std::string> names;
  for (const auto s : swatches_of_areas(order)) {
    colors.push_back(order.side.colors[s].color);
    names.push_back(order.names[s]);
  }
  const std::string svg = study_svg(*order.areas, colors, names);
  return save_safely(path, Bytes(svg.begin(), svg.end()), Backup::None);
}

QImage made(const Order& order) {
  QImage out = order.photo->full().copy();
  auto* words = reinterpret_cast<std::uint32_t*>(out.bits());
  const PixelView view = view_of(order.photo->full());
  const bool study = order.way == TryWay::Study && !order.side.colors.empty();
  if (study && order.areas) {
    std::vector<std::uint32_t> colors;
    for (const auto s : swatches_of_areas(order))
      colors.push_back(word_of(rounded_8bit(order.side.colors[s].color)));
    paint_areas(*order.areas, colors, words);
  } else if (study) {
    StudyMapper(order.side.colors, order.match).map(view, words);
  } else if (order.way == TryWay::Follow) {
    FollowMapper(Follow(order.moves, order.softness)).map(view, words);
  }
  if (order.values_only) to_value_greys(words, words, static_cast<std::size_t>(out.width()) * out.height());
  return out;
}

} // namespace

void write_tried_picture(Workspace& space, const QString& path,
                         const std::function<void(const Status&)>& then) {
  TryReader& tries = space.tries();
  const Trying& trying = space.session().trying;
  Order order{tries.photo(),
              nullptr,
              trying.right.photo ? TryWay::Photo : trying.way,
              tries.colors_of(trying.right, true),
              tries.study().match,
              {},
              tries.moves_to(trying.right, true),
              trying.softness,
              space.session().values_only,
              {}};
  if (trying.way == TryWay::Study && tries.study().by_areas) {
    order.areas = tries.areas();
    if (order.areas) order.bound = tries.bound(*order.areas, order.side.ids);
  }
  for (const Id id : order.side.ids) {
    const Swatch* s = find_swatch(space.piece(), id);
    order.names.push_back(s ? s->name : std::string());
  }
  QThreadPool::globalInstance()->start([order, path, then, who = QPointer<Workspace>(&space)] {
    const bool shapes = path.endsWith(QLatin1String(".svg"), Qt::CaseInsensitive);
    const Status written =
        shapes ? save_shapes(order, path.toStdString()) : save_picture(made(order), path.toStdString());
    if (who)
      QMetaObject::invokeMethod(
          who, [then, written] { then(written); }, Qt::QueuedConnection);
  });
}

} // namespace zc
