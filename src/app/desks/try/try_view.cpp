#include "app/desks/try/try_view.h"

#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/store/set_work.h"
#include "app/theme/controls.h"
#include "app/theme/number_field.h"
#include "app/theme/text.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/image/blur.h"
#include "core/try/follow.h"
#include "core/try/study.h"
#include "io/photo/decode.h"

#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>

namespace zc {
namespace {

constexpr double kLargestScale = 16, kZoomStep = 1.25, kEdgeReach = 7;
/// How much of the surround lies over what is not looked for.
constexpr double kMuted = 0.78;
/// Squinting blurs by so much of the longer side.
constexpr double kSquint = 0.008;
constexpr double kLabelHeight = 22;

std::uint32_t muted(std::uint32_t word, const QColor& ground) {
  const auto mix = [](int from, int to) {
    return static_cast<std::uint32_t>(std::lround(from + (to - from) * kMuted));
  };
  const Srgb8 c = color_of_word(word);
  return 0xff000000u | mix(c.r, ground.red()) << 16 | mix(c.g, ground.green()) << 8 | mix(c.b, ground.blue());
}

} // namespace

TryView::TryView(Workspace& space, QWidget* parent) : QWidget(parent), m_space(space) {
  setObjectName(QStringLiteral("tryPicture"));
  setAccessibleName(tr("The picture in the set"));
  setStatusTip(
      tr("Click takes up the swatch, the edge can be dragged, Space changes its sides; a swatch dragged "
         "onto an area binds it."));
  setMouseTracking(true);
  setFocusPolicy(Qt::StrongFocus);
  space.hear({&Workspace::referencesChanged, &Workspace::setsChanged, &Workspace::viewChanged}, this,
             &TryView::renew);
  connect(&space, &Workspace::geometryChanged, this, [this] {
    m_outside.clear();
    renew();
  });
  connect(&space.photos(), &PhotoLibrary::changed, this, &TryView::renew);
  connect(&space.set_work(), &SetWork::previewChanged, this, &TryView::renew);
  connect(&space.tries(), &TryReader::changed, this, &TryView::renew);
  connect(&space.tries(), &TryReader::hoveredChanged, this, [this] {
    update();
    if (m_space.tries().hovered_on_staff() || !underMouse()) renew();
  });
}

// ---------------------------------------------------------------- places

QRectF TryView::room() const { return {0, 0, double(width()), std::max(40.0, double(height() - m_foot))}; }

void TryView::leave_foot(int height) {
  if (height == m_foot) return;
  m_foot = height;
  if (m_fitted) fit();
  renew();
}

QRectF TryView::photo_rect() const {
  if (!m_photo) return {};
  const QSizeF size = QSizeF(m_photo->full().size()) * m_scale;
  return {room().center() - m_center * m_scale, size};
}

void TryView::fit() {
  m_fitted = true;
  if (!m_photo) return;
  const QSizeF size = m_photo->full().size();
  m_scale = std::min({room().width() / size.width(), room().height() / size.height(), kLargestScale});
  m_center = {size.width() / 2, size.height() / 2};
}

void TryView::zoom_to(double scale, QPointF about) {
  if (!m_photo) return;
  const QSizeF size = m_photo->full().size();
  const double fitted =
      std::min({room().width() / size.width(), room().height() / size.height(), kLargestScale});
  const QPointF under = (about - photo_rect().topLeft()) / m_scale;
  m_scale = std::clamp(scale, fitted, std::max(kLargestScale, fitted));
  if (m_scale <= fitted * 1.0001)
    fit();
  else {
    m_fitted = false;
    m_center = under - (about - room().center()) / m_scale;
  }
  renew();
}

QPointF TryView::place_of(int x, int y) const {
  return photo_rect().topLeft() + QPointF(x + 0.5, y + 0.5) * m_scale;
}

std::optional<QPoint> TryView::pixel_at(QPointF position) const {
  if (!m_photo) return std::nullopt;
  const QPointF p = (position - photo_rect().topLeft()) / m_scale;
  const QPoint pixel(static_cast<int>(std::floor(p.x())), static_cast<int>(std::floor(p.y())));
  if (!m_photo->full().rect().contains(pixel)) return std::nullopt;
  return pixel;
}

/// In the widget; everything lies right of it while one side is shown.
double TryView::edge_x() const {
  const QRectF seen = photo_rect().intersected(room());
  return m_space.session().trying.two ? seen.left() + m_space.session().trying.edge * seen.width()
                                      : seen.left();
}

const TryView::Side& TryView::side_at(QPointF position) const {
  return m_space.session().trying.two && position.x() < edge_x() ? m_left : m_right;
}

std::optional<std::size_t> TryView::seen_at(QPointF position) const {
  const QPointF p = position * m_seen.ratio - QPointF(m_place.topLeft());
  const int x = static_cast<int>(std::floor(p.x())), y = static_cast<int>(std::floor(p.y()));
  if (x < 0 || y < 0 || x >= m_picture.width || y >= m_picture.height) return std::nullopt;
  return static_cast<std::size_t>(y) * m_picture.width + x;
}

Id TryView::swatch_at(QPointF position) const {
  const auto i = seen_at(position);
  const Side& side = side_at(position);
  if (!i || side.swatch.empty()) return 0;
  const std::size_t entry = side.areas ? m_numbers[*i] : m_picture.index[*i];
  return entry < side.swatch.size() ? side.colors.ids[side.swatch[entry]] : 0;
}

std::optional<Srgb> TryView::color_at(QPointF position) const {
  const auto i = seen_at(position);
  if (!i) return std::nullopt;
  const Side& side = side_at(position);
  const std::size_t entry = side.areas ? m_numbers[*i] : m_picture.index[*i];
  if (entry >= side.words.size()) return std::nullopt;
  return srgb_from_8bit(color_of_word(side.words[entry]));
}

AreaNumber TryView::area_at(QPointF position) const {
  const auto pixel = pixel_at(position);
  return m_areas && pixel ? m_areas->at(pixel->x(), pixel->y()) : kNoArea;
}

// ---------------------------------------------------------------- making

/// What takes a while is made before painting, never in it.
void TryView::renew() {
  if (!isVisible()) return;
  const auto photo = m_space.tries().photo();
  if (photo != m_photo) {
    const bool alike = photo && m_photo && photo->full().size() == m_photo->full().size();
    m_photo = photo;
    m_seen = {};
    m_numbers_of = nullptr;
    if (!alike) fit();
  }
  if (m_photo) {
    const Trying& trying = m_space.session().trying;
    renew_picture();
    m_areas =
        trying.way == TryWay::Study && m_space.tries().study().by_areas ? m_space.tries().areas() : nullptr;
    if (m_areas) {
      renew_areas();
    } else {
      m_numbers_of = nullptr;
      outline(kNoArea);
    }
    if (trying.two) renew_side(m_left, trying.left, false);
    renew_side(m_right, trying.right, true);
    compose();
  }
  update();
}

/// The visible part at the resolution of the screen, as its different colors.
void TryView::renew_picture() {
  const Seen wanted{m_photo.get(), room().size().toSize(), devicePixelRatioF(), m_scale, m_center};
  if (wanted == m_seen) return;
  m_seen = wanted;
  m_numbers_of = nullptr;
  const double by = m_scale * m_seen.ratio;
  const QRectF whole(photo_rect().topLeft() * m_seen.ratio, photo_rect().size() * m_seen.ratio);
  m_place = whole.intersected(QRectF(QPointF(), room().size() * m_seen.ratio)).toAlignedRect();
  const QRectF part((m_place.left() - whole.left()) / by, (m_place.top() - whole.top()) / by,
                    m_place.width() / by, m_place.height() / by);
  std::size_t level = 0;
  while (level + 1 < m_photo->levels.size() &&
         m_photo->levels[level + 1].width() >= m_photo->full().width() * by)
    ++level;
  const QImage& source = m_photo->levels[level];
  const double to_source = static_cast<double>(source.width()) / m_photo->full().width();
  const QRect taken =
      QRectF(part.topLeft() * to_source, part.size() * to_source).toAlignedRect().intersected(source.rect());
  QImage seen = source.copy(taken);
  const QSize wanted_size = m_place.size().expandedTo({1, 1});
  // Flat artwork keeps its colors, and so does what is enlarged.
  const bool flat = few_colors(view_of(seen), kFlatColors).has_value();
  seen = flat || wanted_size.width() >= seen.width()
             ? seen.scaled(wanted_size, Qt::IgnoreAspectRatio, Qt::FastTransformation)
             : reduced(seen, wanted_size.width(), wanted_size.height());
  m_picture = indexed(view_of(seen));
  m_outside.clear();
}

void TryView::renew_areas() {
  if (m_numbers_of == m_areas.get()) return;
  m_numbers_of = m_areas.get();
  outline(kNoArea);
  m_numbers.assign(m_picture.index.size(), kNoArea);
  const double by = m_scale * m_seen.ratio;
  const QPointF first = photo_rect().topLeft() * m_seen.ratio;
  for (int y = 0; y < m_picture.height; ++y) {
    const int py =
        std::clamp(static_cast<int>((m_place.top() + y + 0.5 - first.y()) / by), 0, m_areas->height - 1);
    for (int x = 0; x < m_picture.width; ++x) {
      const int px =
          std::clamp(static_cast<int>((m_place.left() + x + 0.5 - first.x()) / by), 0, m_areas->width - 1);
      m_numbers[static_cast<std::size_t>(y) * m_picture.width + x] = m_areas->at(px, py);
    }
  }
}

void TryView::renew_side(Side& side, const TrySide& of, bool lit) {
  TryReader& tries = m_space.tries();
  const Trying& trying = m_space.session().trying;
  side.colors = tries.colors_of(of, lit);
  side.areas = false;
  side.swatch.clear();
  side.words.resize(m_picture.colors.size());
  const auto photo_words = [&] {
    for (std::size_t i = 0; i < side.words.size(); ++i) side.words[i] = m_picture.colors[i].word;
  };
  if (of.photo || side.colors.colors.empty()) return photo_words();
  const Match match = trying.way == TryWay::Study ? tries.study().match : Match::Color;
  if (trying.way == TryWay::Study && tries.study().by_areas) {
    if (!m_areas) return photo_words(); // Until they are cut.
    side.areas = true;
    side.swatch = swatches_of(*m_areas, SwatchMatcher(side.colors.colors, match),
                              tries.bound(*m_areas, side.colors.ids));
    side.words.clear();
    for (const auto s : side.swatch) side.words.push_back(word_of(rounded_8bit(side.colors.colors[s].color)));
    return mute_all_but_hovered(side);
  }
  const auto& matched = side.live.matched(m_picture, side.colors.colors, match);
  for (const Matched& m : matched) side.swatch.push_back(m.swatch);
  if (trying.way == TryWay::Study) {
    for (std::size_t i = 0; i < side.words.size(); ++i)
      side.words[i] = word_of(rounded_8bit(side.colors.colors[matched[i].swatch].color));
  } else if (trying.way == TryWay::Follow) {
    follow(side, tries.moves_to(of, lit));
    side.words = side.followed;
  } else if (trying.way == TryWay::Check) {
    // What strays keeps its color, all else steps back.
    if (m_outside.empty())
      for (const auto& c : m_picture.colors) m_outside.push_back(tries.outside(c.word));
    for (std::size_t i = 0; i < side.words.size(); ++i) {
      const std::uint32_t word = m_picture.colors[i].word;
      const bool strays =
          (trying.show_far && matched[i].away > trying.far) || (trying.show_outside && m_outside[i]);
      side.words[i] = strays ? word : muted(word, theme().stage);
    }
    return;
  } else {
    photo_words();
  }
  mute_all_but_hovered(side);
}

void TryView::follow(Side& side, const std::vector<SwatchMove>& moves) {
  const double softness = m_space.session().trying.softness;
  const bool same =
      side.picture == m_picture.serial && side.softness == softness &&
      std::equal(moves.begin(), moves.end(), side.moves.begin(), side.moves.end(),
                 [](const SwatchMove& a, const SwatchMove& b) { return a.from == b.from && a.to == b.to; });
  if (same) return;
  side.picture = m_picture.serial;
  side.softness = softness;
  side.moves = moves;
  side.followed.resize(m_picture.colors.size());
  const Follow follow(moves, softness);
  in_rows(static_cast<int>(side.followed.size()), [&](int from, int to) {
    for (auto i = static_cast<std::size_t>(from); i < static_cast<std::size_t>(to); ++i)
      side.followed[i] = follow.still() ? m_picture.colors[i].word
                                        : word_of(follow.moved(color_of_word(m_picture.colors[i].word)));
  });
}

/// The places of a swatch that is pointed at on the staff.
void TryView::mute_all_but_hovered(Side& side) const {
  const Id hovered = m_space.tries().hovered_on_staff() ? m_space.tries().hovered() : 0;
  const auto at = std::find(side.colors.ids.begin(), side.colors.ids.end(), hovered);
  if (hovered == 0 || at == side.colors.ids.end()) return;
  const auto kept = static_cast<std::size_t>(at - side.colors.ids.begin());
  for (std::size_t i = 0; i < side.words.size(); ++i)
    if (side.swatch[i] != kept) side.words[i] = muted(side.words[i], theme().stage);
}

void TryView::compose() {
  m_image = QImage(m_picture.width, m_picture.height, QImage::Format_ARGB32);
  auto* out = reinterpret_cast<std::uint32_t*>(m_image.bits());
  const int edge =
      std::clamp(static_cast<int>(std::lround(edge_x() * m_seen.ratio)) - m_place.left(), 0, m_picture.width);
  const auto word = [&](const Side& side, std::size_t i) {
    const std::size_t entry = side.areas ? m_numbers[i] : m_picture.index[i];
    return entry < side.words.size() ? side.words[entry] : 0u;
  };
  const bool two = m_space.session().trying.two;
  in_rows(m_picture.height, [&](int from, int to) {
    for (int y = from; y < to; ++y)
      for (int x = 0; x < m_picture.width; ++x) {
        const std::size_t i = static_cast<std::size_t>(y) * m_picture.width + x;
        out[i] = word(two && x < edge ? m_left : m_right, i);
      }
  });
  if (m_space.session().trying.squint) {
    std::vector<std::uint32_t> soft(m_picture.index.size());
    const QSize full = m_photo->full().size();
    squint(view_of(m_image), kSquint * std::max(full.width(), full.height()) * m_scale * m_seen.ratio,
           soft.data());
    std::copy(soft.begin(), soft.end(), out);
  }
  if (m_space.session().values_only) to_value_greys(out, out, m_picture.index.size());
  m_image.setDevicePixelRatio(m_seen.ratio);
}

// ---------------------------------------------------------------- painting

void TryView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (!m_photo) {
    painter.setPen(QPen(theme().line, 1, Qt::DashLine));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
    painter.setFont(text_font());
    painter.setPen(theme().text);
    painter.drawText(rect().adjusted(40, 0, -40, 0), Qt::AlignCenter | Qt::TextWordWrap,
                     tr("Add a photo, a flat drawing or a canvas at Observe; here it stands in the set."));
    return;
  }
  painter.drawImage(QPointF(m_place.topLeft()) / m_seen.ratio, for_monitor(m_image));
  if (!m_outline.isNull()) painter.drawImage(QPointF(m_place.topLeft()) / m_seen.ratio, m_outline);
  painter.setRenderHint(QPainter::Antialiasing);
  if (m_space.session().trying.two) {
    const QRectF seen = photo_rect().intersected(room());
    draw_double_line(painter, {edge_x(), seen.top()}, {edge_x(), seen.bottom()}, 1.4);
    draw_handle(painter, {edge_x(), seen.center().y()}, m_drag == Drag::Edge);
    paint_labels(painter);
  }
  if (const auto marked = m_space.tries().marked()) {
    QPainterPath ring;
    ring.addEllipse(place_of(marked->x(), marked->y()), 14, 14);
    draw_double_line(painter, ring, 2);
  }
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
}

/// Which state stands on which side, where the edge leaves room for it.
void TryView::paint_labels(QPainter& painter) {
  const QRectF seen = photo_rect().intersected(room());
  const Trying& trying = m_space.session().trying;
  painter.setFont(caption_font());
  const auto label = [&](const TrySide& side, bool left) {
    const QString words = m_space.tries().name_of(side);
    const double width = QFontMetrics(caption_font()).horizontalAdvance(words) + 16;
    const QRectF box(left ? edge_x() - 10 - width : edge_x() + 10, seen.top() + 8, width, kLabelHeight);
    if (!seen.contains(box)) return;
    painter.fillRect(box, theme().furniture);
    painter.setPen(theme().text);
    painter.drawText(box, Qt::AlignCenter, words);
  };
  label(trying.left, true);
  label(trying.right, false);
}

void TryView::resizeEvent(QResizeEvent*) {
  if (m_fitted) fit();
  renew();
}

void TryView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  renew();
}

// ---------------------------------------------------------------- hands

void TryView::flip() {
  Trying trying = m_space.session().trying;
  std::swap(trying.left, trying.right);
  m_space.try_on(trying);
}

void TryView::move_edge(double x) {
  const QRectF seen = photo_rect().intersected(room());
  Trying trying = m_space.session().trying;
  trying.edge = std::clamp((x - seen.left()) / std::max(1.0, seen.width()), 0.0, 1.0);
  m_space.try_on(trying);
}

/// Light inside its edge and dark outside, so that it is seen on any color.
void TryView::outline(AreaNumber area) {
  if (area == m_outlined) return;
  m_outlined = area;
  m_outline = {};
  update();
  if (area == kNoArea) return;
  m_outline = QImage(m_picture.width, m_picture.height, QImage::Format_ARGB32);
  m_outline.fill(Qt::transparent);
  const auto at = [&](int x, int y) {
    return x < 0 || y < 0 || x >= m_picture.width || y >= m_picture.height
               ? kNoArea
               : m_numbers[static_cast<std::size_t>(y) * m_picture.width + x];
  };
  for (int y = 0; y < m_picture.height; ++y)
    for (int x = 0; x < m_picture.width; ++x) {
      const bool inside = at(x, y) == area;
      const bool edge = (at(x - 1, y) == area) != inside || (at(x + 1, y) == area) != inside ||
                        (at(x, y - 1) == area) != inside || (at(x, y + 1) == area) != inside;
      if (edge) m_outline.setPixel(x, y, inside ? 0xffffffffu : 0xff000000u);
    }
  m_outline.setDevicePixelRatio(m_seen.ratio);
}

void TryView::hover_at(QPointF position) {
  const auto seen = seen_at(position);
  outline(side_at(position).areas && seen ? m_numbers[*seen] : kNoArea);
  const Id swatch = swatch_at(position);
  m_space.tries().hover(swatch, false);
  const Swatch* s = find_swatch(m_space.piece(), swatch);
  say_hint(*this, s ? tr("%1: click takes it up").arg(text(s->name)) : QString());
}

void TryView::wheelEvent(QWheelEvent* event) {
  zoom_to(m_scale * std::pow(kZoomStep, wheel_notches(*event)), event->position());
  event->accept();
}

void TryView::keyPressEvent(QKeyEvent* event) {
  const QPointF middle = room().center();
  switch (event->key()) {
  case Qt::Key_Space:
    return flip();
  case Qt::Key_Left:
    return move_edge(edge_x() - 10);
  case Qt::Key_Right:
    return move_edge(edge_x() + 10);
  case Qt::Key_Plus:
  case Qt::Key_Equal:
    return zoom_to(m_scale * kZoomStep, middle);
  case Qt::Key_Minus:
    return zoom_to(m_scale / kZoomStep, middle);
  case Qt::Key_0:
    fit();
    return renew();
  default:
    QWidget::keyPressEvent(event);
  }
}

void TryView::mousePressEvent(QMouseEvent* event) {
  m_press = m_pointer = event->position();
  if (event->button() == Qt::MiddleButton) m_drag = Drag::Pan;
  if (event->button() != Qt::LeftButton) return;
  const bool on_edge = m_space.session().trying.two && std::abs(m_press.x() - edge_x()) <= kEdgeReach;
  m_drag = on_edge ? Drag::Edge : Drag::Area;
}

void TryView::mouseMoveEvent(QMouseEvent* event) {
  const QPointF before = std::exchange(m_pointer, event->position());
  if (m_drag == Drag::Edge) return move_edge(m_pointer.x());
  if (m_drag == Drag::Pan) {
    m_center -= (m_pointer - before) / m_scale;
    m_fitted = false;
    return renew();
  }
  const bool on_edge = m_space.session().trying.two && std::abs(m_pointer.x() - edge_x()) <= kEdgeReach;
  setCursor(on_edge ? Qt::SplitHCursor : Qt::ArrowCursor);
  hover_at(m_pointer);
}

/// A click takes up what is seen; an area that is dragged onto another takes that in.
void TryView::mouseReleaseEvent(QMouseEvent* event) {
  const Drag drag = std::exchange(m_drag, Drag::None);
  update();
  if (drag != Drag::Area || event->button() != Qt::LeftButton) return;
  const AreaNumber from = area_at(m_press), to = area_at(event->position());
  if (m_areas && from != kNoArea && to != kNoArea && from != to) {
    const QPoint a = *pixel_at(m_press), b = *pixel_at(event->position());
    return m_space.tries().change_study(tr("Join areas"), [&](Study& s) {
      s.edits.push_back({AreaEdit::Kind::Merge, a.x(), a.y(), b.x(), b.y()});
    });
  }
  if ((event->position() - m_press).manhattanLength() > 4) return;
  const Id swatch = swatch_at(m_press);
  const SwatchSet* set = current_set(m_space.piece());
  const Swatch* s = find_swatch(m_space.piece(), swatch);
  const auto color = color_at(m_press);
  // A swatch of the set is taken up itself; that of another state, or what is moved, is only a color.
  if (s && set && color && rounded_8bit(*color) == rounded_8bit(s->color))
    return m_space.set_work().take_up_swatch(swatch);
  if (color) m_space.take_up(*color);
}

void TryView::leaveEvent(QEvent*) {
  outline(kNoArea);
  m_space.tries().hover(0, false);
}

void TryView::contextMenuEvent(QContextMenuEvent* event) {
  const AreaNumber area = area_at(event->pos());
  if (area == kNoArea) return;
  const QPoint pixel = *pixel_at(event->pos());
  QMenu menu(this);
  menu.addAction(tr("Split this area"), this, [this, pixel] {
    m_space.tries().change_study(tr("Split area"), [&](Study& s) {
      s.edits.push_back({AreaEdit::Kind::Split, pixel.x(), pixel.y()});
    });
  });
  menu.addAction(tr("Let it choose its swatch by itself"), this, [this, area] {
    m_space.tries().change_study(tr("Unbind area"), [&](Study& s) { unbind(s, area); });
  });
  menu.exec(event->globalPos());
}

/// Bindings of an area; those at pixels that a smaller canvas no longer has are left alone.
void TryView::unbind(Study& study, AreaNumber area) const {
  std::erase_if(study.bound, [&](const AreaBinding& b) {
    return m_areas && b.x < m_areas->width && b.y < m_areas->height && m_areas->at(b.x, b.y) == area;
  });
}

bool TryView::bind_at(QPoint global, Id swatch) {
  const QPoint position = mapFromGlobal(global);
  if (!rect().contains(position)) return false;
  const auto pixel = pixel_at(position);
  const AreaNumber area = area_at(position);
  if (!pixel || area == kNoArea) {
    emit m_space.notice(tr("Cut the picture into areas first; a swatch is bound to an area."));
    return true;
  }
  m_space.tries().change_study(tr("Bind area"), [&](Study& s) {
    unbind(s, area);
    s.bound.push_back({pixel->x(), pixel->y(), swatch});
  });
  return true;
}

} // namespace zc
