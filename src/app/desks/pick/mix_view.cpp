// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/pick/mix_view.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/platform/clipboard.h"
#include "app/theme/theme.h"
#include "core/image/pixels.h"
#include "core/mask/outside.h"
#include "model/i18n/text.h"
#include "model/mixing/paint_model.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QContextMenuEvent>
#include <QDropEvent>
#include <QMenu>
#include <QMimeData>
#include <QMouseEvent>

namespace zc {
namespace {

constexpr double kChipSide = 22, kBeside = 8, kLineHigh = 64;
constexpr int kVeilCells = 48;
constexpr double kVeiled = 158; ///< Alpha over what is outside the mask, as on the plan.
/// Places of a path lie so far from each other, in sides of the field.
constexpr double kPathStep = 0.01;
constexpr double kStrengthStep = 0.1;

/// A way in the color of each of its places; with flat ends the pieces lie side by side.
void paint_band(QPainter& painter, const QPolygonF& way, const std::vector<QColor>& colors, double wide,
                Qt::PenCapStyle ends) {
  for (qsizetype k = 0; k < way.size(); ++k) {
    const QColor& color = colors[static_cast<std::size_t>(k)];
    const QPointF before = way[std::max<qsizetype>(0, k - 1)], after = way[std::min(k + 1, way.size() - 1)];
    if (ends == Qt::RoundCap) {
      painter.setPen(QPen(color, wide, Qt::SolidLine, ends));
      painter.drawLine(before, way[k]);
      continue;
    }
    // From the middle before it to the middle behind it.
    const QLineF along(before, after);
    if (along.length() < 1e-6) continue;
    const QPointF across = QPointF(-along.dy(), along.dx()) / along.length() * wide / 2;
    const QPointF from = (before + way[k]) / 2, to = (way[k] + after) / 2;
    painter.setPen(Qt::NoPen);
    painter.setBrush(color);
    painter.drawPolygon(QPolygonF({from - across, from + across, to + across, to - across}));
  }
}

} // namespace

MixView::MixView(Studio& model, Picking& picking, PaintModel& paints, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_mixing(paints) {
  setObjectName(QStringLiteral("mixField"));
  setAccessibleName(tr("Field of mixtures"));
  setStatusTip(tr("Drag to pick a mixture; drag with the right button to draw the line of a ramp."));
  setProperty("takesColors", true);
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
  setAcceptDrops(true);
  model.hear({Part::Mixing}, this, &MixView::follow);
  model.hear({Part::Color}, this, &MixView::follow_color);
  model.hear({Part::Geometry, Part::ColorVision, Part::Sets}, this, &MixView::follow);
}

void MixView::change(const std::function<void(Mixing&)>& f) {
  Mixing next = mixing();
  f(next);
  m_picks.mix_by_hand(next);
}

void MixView::follow_color() {
  const auto corner = mixing().follows;
  if (!corner || *corner >= mixing().corners.size() || m_reading || m_hand == Hand::Reading || !isVisible())
    return;
  change([&](Mixing& m) {
    m.corners[*corner].color = m_model.session().color();
    m.corners[*corner].trade.clear();
  });
}

// ---------------------------------------------------------------- places

QRectF MixView::field_rect() const {
  const double beside = kChipSide + kBeside;
  const QRectF room(beside, 2, width() - 2 * beside, height() - 4.0);
  if (mixing().corners.size() == 2) {
    const double high = std::min(kLineHigh, room.height());
    return {room.left(), room.center().y() - high / 2, room.width(), high};
  }
  const double side = std::min(room.width(), room.height());
  return {room.center().x() - side / 2, room.center().y() - side / 2, side, side};
}

QPointF MixView::screen_point(FieldPoint p) const {
  const QRectF r = field_rect();
  return {r.left() + p.x * r.width(), r.top() + p.y * r.height()};
}

FieldPoint MixView::field_point(QPointF p) const {
  const QRectF r = field_rect();
  return onto_field(mixing().corners.size(),
                    {(p.x() - r.left()) / r.width(), (p.y() - r.top()) / r.height()});
}

/// Beside its corner, outside of the field. With one color or none the places of two stand ready.
QRectF MixView::chip_rect(std::size_t corner) const {
  const std::size_t count = std::max(kFewestCorners, mixing().corners.size());
  const FieldPoint at = corner_place(count, corner);
  const QPointF p = screen_point(at);
  const bool left = at.x < 0.5 || (count == 3 && corner == 0);
  const double gap = count == 3 && corner == 0 ? kBeside + 4 : kBeside;
  const double x = left ? p.x() - gap - kChipSide : p.x() + gap;
  const double y = std::clamp(p.y() - kChipSide / 2, field_rect().top(), field_rect().bottom() - kChipSide);
  return {x, y, kChipSide, kChipSide};
}

std::optional<std::size_t> MixView::chip_at(QPointF p) const {
  for (std::size_t i = 0; i < mixing().corners.size(); ++i)
    if (chip_rect(i).adjusted(-2, -2, 2, 2).contains(p)) return i;
  return std::nullopt;
}

std::size_t MixView::corner_for(QPointF p) const {
  if (const auto chip = chip_at(p)) return *chip;
  const std::size_t count = mixing().corners.size();
  if (count < kMostCorners) return count;
  std::size_t best = 0;
  for (std::size_t i = 1; i < count; ++i)
    if (QLineF(chip_rect(i).center(), p).length() < QLineF(chip_rect(best).center(), p).length()) best = i;
  return best;
}

// ---------------------------------------------------------------- painting

void MixView::follow() {
  if (!isVisible()) return;
  refresh_picture();
  static_cast<void>(smears());
  update();
}

const Smears& MixView::smears() { return m_mixing.smears(m_hand == Hand::Smear ? m_path : FieldPath()); }

void MixView::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void MixView::refresh_picture() {
  const auto& field = m_mixing.field();
  const QSize size = (field_rect().size() * devicePixelRatioF()).toSize().expandedTo({2, 2});
  const Shown wanted{m_mixing.field_serial(),
                     size,
                     m_model.session().vision,
                     m_model.piece().wheel,
                     m_model.region() ? m_model.piece().mask : std::nullopt,
                     m_model.piece().grading.outside,
                     theme().stage};
  if (wanted == m_shown) return;
  m_shown = wanted;
  m_image = QImage();
  if (!field) return;
  field->draw(size.width(), size.height(), m_picture);
  show_as_seen(wanted.vision, m_picture);
  m_image = image_of(m_picture);
  refresh_veil();
}

/// Coarse, since every cell is asked for its place on the wheel.
void MixView::refresh_veil() {
  m_veil = QImage();
  const MaskRegion* region = m_model.region();
  const auto& field = m_mixing.field();
  if (!region || !field) return;
  const auto cells = field->colors(kVeilCells, kVeilCells);
  QImage veil(kVeilCells, kVeilCells, QImage::Format_ARGB32);
  const QColor ground = theme().stage;
  const double limit = m_model.piece().grading.outside;
  for (int y = 0; y < kVeilCells; ++y)
    for (int x = 0; x < kVeilCells; ++x) {
      const auto& color = cells[static_cast<std::size_t>(y) * kVeilCells + static_cast<std::size_t>(x)];
      const double away = !color ? 0
                          : region->empty()
                              ? 2 * limit
                              : outside_by(m_model.wheel(), *region, *color, m_model.wheel().locate(*color));
      // The color fades from half the limit on, for a soft border.
      const double veiled = std::clamp(2 * away / limit - 1, 0.0, 1.0);
      veil.setPixelColor(x, y,
                         QColor(ground.red(), ground.green(), ground.blue(),
                                static_cast<int>(std::lround(kVeiled * veiled))));
    }
  m_veil = veil;
}

void MixView::paint_field(QPainter& painter) {
  const QRectF r = field_rect();
  QPainterPath shape;
  if (mixing().corners.size() == 3) {
    QPolygonF corners;
    for (std::size_t i = 0; i < 3; ++i) corners << screen_point(corner_place(3, i));
    shape.addPolygon(corners);
    shape.closeSubpath();
  } else {
    shape.addRect(r);
  }
  if (m_image.isNull()) {
    painter.setPen(QPen(theme().line, 1, Qt::DashLine));
    painter.drawPath(shape);
    painter.setPen(theme().quiet);
    painter.setFont(caption_font());
    painter.drawText(
        r.adjusted(8, 0, -8, 0), Qt::AlignCenter | Qt::TextWordWrap,
        mixing().corners.empty()
            ? tr("Drag two to four colors here, from wells, the set or anywhere a color is shown.")
            : tr("Drag a second color here."));
    return;
  }
  painter.save();
  painter.setClipPath(shape);
  painter.drawImage(r, for_monitor(m_image));
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  if (!m_veil.isNull()) painter.drawImage(r, m_veil);
  paint_streaks(painter);
  painter.restore();
  painter.setPen(QPen(theme().line, 1));
  painter.setBrush(Qt::NoBrush);
  painter.drawPath(shape);
}

void MixView::paint_streaks(QPainter& painter) {
  const QRectF r = field_rect();
  // Between two colors only the way from one to the other counts.
  const bool bar = mixing().corners.size() == 2;
  const double wide = bar ? 2 * r.height() : 2 * kSmearReach * r.width();
  const ColorVision vision = m_model.session().vision;
  const Smears& lying = smears();
  for (std::size_t i = 0; i < lying.streaks.size(); ++i) {
    QPolygonF way;
    for (const FieldPoint& p : lying.streaks[i].places) way << screen_point(p);
    std::vector<QColor> colors;
    for (const auto& c : lying.colors[i])
      colors.push_back(c ? shown_color(*c, vision) : QColor(Qt::transparent));
    // Soft ends and edges first, then each place in its own color: round ends would lay the colors of later
    // places over those before them.
    if (!bar) paint_band(painter, way, colors, wide, Qt::RoundCap);
    painter.setRenderHint(QPainter::Antialiasing, false);
    paint_band(painter, way, colors, bar ? wide : wide - 1.5, Qt::FlatCap);
    painter.setRenderHint(QPainter::Antialiasing);
  }
}

/// Of a stroke that goes on.
void MixView::paint_path(QPainter& painter) {
  if (m_hand != Hand::Stroke || m_path.size() < 2) return;
  QPainterPath way(screen_point(m_path.front()));
  for (const FieldPoint& p : m_path) way.lineTo(screen_point(p));
  draw_double_line(painter, way, 1.4);
}

void MixView::paint_chips(QPainter& painter) {
  const ColorVision vision = m_model.session().vision;
  for (std::size_t i = 0; i < mixing().corners.size(); ++i) {
    const MixingCorner& c = mixing().corners[i];
    const QRectF chip = chip_rect(i);
    if (c.muted) {
      painter.setPen(QPen(theme().quiet, 1, Qt::DashLine));
      painter.drawRect(chip.adjusted(0.5, 0.5, -0.5, -0.5));
      painter.fillRect(chip.adjusted(7, 7, -7, -7), shown_color(c.color, vision));
      continue;
    }
    draw_chip(painter, chip, shown_color(c.color, vision), theme().stage);
    painter.setFont(small_font());
    painter.setPen(readable_on(shown_color(c.color, vision)));
    painter.drawText(chip, Qt::AlignCenter, number(static_cast<double>(i + 1), 0));
    // One that follows is framed, within: a corner may stand at the edge of the view.
    if (mixing().follows != i) continue;
    QPainterPath frame;
    frame.addRect(chip.adjusted(1.5, 1.5, -1.5, -1.5));
    draw_double_line(painter, frame, 1.2);
  }
}

void MixView::paint_marks(QPainter& painter) {
  const Mixing& m = mixing();
  const auto mark = [&](const std::vector<double>& parts, double size) {
    QPainterPath dot;
    dot.addEllipse(screen_point(place_of_parts(parts)), size, size);
    draw_double_line(painter, dot, 1.2);
  };
  for (const auto& parts : m.picks)
    if (parts.size() == m.corners.size()) mark(parts, 2.5);
  if (m.line) {
    const QPointF from = screen_point(m.line->first), to = screen_point(m.line->second);
    draw_double_line(painter, from, to, 1.4);
    for (int i = 0; i < m.steps; ++i) {
      QPainterPath dot;
      dot.addEllipse(from + (to - from) * (static_cast<double>(i) / (m.steps - 1)), 3, 3);
      draw_double_line(painter, dot, 1.2);
    }
  }
  if (m.parts.size() == m.corners.size() && m.parts.size() >= kFewestCorners)
    draw_pick_mark(painter, screen_point(m.at.value_or(place_of_parts(m.parts))));
  paint_path(painter);
}

void MixView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  if (!m_image.isNull()) refresh_picture(); // It may have another size now.
  paint_field(painter);
  paint_chips(painter);
  if (!m_image.isNull()) paint_marks(painter);
  if (!hasFocus()) return;
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(theme().strong, 1));
  painter.drawRect(field_rect().adjusted(-2.5, -2.5, 2.5, 2.5));
}

// ---------------------------------------------------------------- hands

void MixView::pick_parts(const std::vector<double>& parts) {
  if (!read_parts(parts)) return;
  keep_pick();
}

/// One pick of its own; false where there is no mixture.
bool MixView::read_parts(const std::vector<double>& parts, std::optional<FieldPoint> at) {
  const auto& field = m_mixing.field();
  const auto mixture = field && parts.size() == field->corners() ? field->of_parts(parts) : std::nullopt;
  if (!mixture) return false;
  m_reading = true;
  m_picks.begin_pick();
  change([&](Mixing& m) {
    m.parts = parts;
    m.at = at;
  });
  m_picks.show_mixture(mixture->color);
  m_picks.end_pick();
  m_reading = false;
  return true;
}

void MixView::keep_pick() {
  change([](Mixing& m) {
    m.picks.push_back(m.parts);
    if (m.picks.size() > kMostMixPicks) m.picks.erase(m.picks.begin());
  });
}

void MixView::drop_at(QPoint global, Srgb color) {
  const QPointF p = mapFromGlobal(global);
  if (rect().contains(p.toPoint())) change([&](Mixing& m) { m = with_corner(m, corner_for(p), {color}); });
}

void MixView::read(QPointF p) {
  const auto& field = m_mixing.field();
  if (!field) return;
  const FieldPoint at = field_point(p);
  const auto parts = parts_there(at);
  const auto mixture = field->of_parts(parts);
  if (!mixture) return;
  change([&](Mixing& m) {
    m.parts = parts;
    m.at = at;
  });
  m_picks.show_mixture(mixture->color);
}

std::vector<double> MixView::parts_there(FieldPoint p) {
  return parts_under(mixing().corners.size(), smears().streaks, p);
}

/// One more place of the path, where the hand has gone on far enough.
void MixView::go_along(QPointF p) {
  const FieldPoint at = field_point(p);
  const bool far = m_path.empty() || std::hypot(at.x - m_path.back().x, at.y - m_path.back().y) >= kPathStep;
  if (!far || m_path.size() >= kMostPathPoints) return;
  m_path.push_back(at);
  static_cast<void>(smears());
  update();
}

void MixView::end_path(Hand hand) {
  const FieldPath path = std::exchange(m_path, {});
  const auto& field = m_mixing.field();
  if (!field || path.size() < 2) return update();
  change([&](Mixing& m) {
    m = hand == Hand::Smear ? with_smear(std::move(m), path) : with_stroke(std::move(m), *field, path);
  });
  update();
}

void MixView::mousePressEvent(QMouseEvent* event) {
  const QPointF p = event->position();
  m_hand = Hand::None;
  if (const auto chip = chip_at(p)) {
    if (event->button() != Qt::LeftButton) return;
    m_hand = Hand::Chip;
    m_chip = *chip;
    return m_pressed.press(*event, mixing().corners[*chip].color);
  }
  if (!m_mixing.field() || !field_rect().adjusted(-4, -4, 4, 4).contains(p)) return;
  const bool right = event->button() == Qt::RightButton;
  if (event->button() != Qt::LeftButton && !right) return;
  const MixHand does = right ? MixHand::Line : mixing().hand;
  if (does == MixHand::Stroke || does == MixHand::Smear) {
    m_hand = does == MixHand::Smear ? Hand::Smear : Hand::Stroke;
    m_path.clear();
    return go_along(p);
  }
  m_hand = does == MixHand::Line ? Hand::Drawing : Hand::Reading;
  if (does == MixHand::Line) return change([&](Mixing& m) { m.line = {field_point(p), field_point(p)}; });
  m_picks.begin_pick();
  read(p);
}

void MixView::mouseMoveEvent(QMouseEvent* event) {
  const QPointF p = event->position();
  if (m_hand == Hand::Chip) {
    if (m_pressed.pull(*this, p)) m_hand = Hand::None;
    return;
  }
  if (m_hand == Hand::Reading) return read(p);
  if (m_hand == Hand::Stroke || m_hand == Hand::Smear) return go_along(p);
  if (m_hand == Hand::Drawing)
    return change([&](Mixing& m) {
      if (m.line) m.line->second = field_point(p);
    });
  const auto chip = chip_at(p);
  say_hint(*this, chip
                      ? tr("Click to use the color, scroll to change its strength, drag it elsewhere; the "
                           "right button opens a menu.")
                      : tr("Drag to pick a mixture; drag with the right button to draw the line of a ramp."));
  const auto& field = m_mixing.field();
  const bool over = field && field_rect().contains(p);
  setCursor(chip ? Qt::PointingHandCursor : over ? Qt::CrossCursor : Qt::ArrowCursor);
  emit passing(over ? std::optional(parts_there(field_point(p))) : std::nullopt);
}

void MixView::mouseReleaseEvent(QMouseEvent*) {
  const Hand hand = std::exchange(m_hand, Hand::None);
  if (hand == Hand::Chip) {
    if (m_pressed.let_go() && m_chip < mixing().corners.size())
      m_picks.use_color(mixing().corners[m_chip].color);
    return;
  }
  if (hand == Hand::Drawing)
    return change([](Mixing& m) {
      if (m.line && m.line->first == m.line->second) m.line.reset();
    });
  if (hand == Hand::Stroke || hand == Hand::Smear) return end_path(hand);
  if (hand != Hand::Reading) return;
  keep_pick();
  m_picks.end_pick();
}

void MixView::wheelEvent(QWheelEvent* event) {
  const auto chip = chip_at(event->position());
  if (!chip) return event->ignore();
  change([&](Mixing& m) {
    double& strength = m.corners[*chip].strength;
    strength =
        std::clamp(strength + kStrengthStep * wheel_notches(*event), kStrengthRange.low, kStrengthRange.high);
  });
  event->accept();
}

void MixView::keyPressEvent(QKeyEvent* event) {
  const auto& field = m_mixing.field();
  const double step = nudge_size(event->modifiers()) / 100;
  FieldPoint by;
  switch (event->key()) {
  case Qt::Key_Left:
    by.x = -step;
    break;
  case Qt::Key_Right:
    by.x = step;
    break;
  case Qt::Key_Up:
    by.y = -step;
    break;
  case Qt::Key_Down:
    by.y = step;
    break;
  case Qt::Key_Escape:
    if (!mixing().line && mixing().smears.empty()) return QWidget::keyPressEvent(event);
    return change([](Mixing& m) {
      if (!std::exchange(m.line, std::nullopt)) m.smears.pop_back();
    });
  default:
    return QWidget::keyPressEvent(event);
  }
  if (!field) return;
  const std::size_t n = field->corners();
  const FieldPoint from = mixing().parts.size() == n ? place_of_parts(mixing().parts) : FieldPoint{0.5, 0.5};
  const FieldPoint at = mixing().at.value_or(from);
  const FieldPoint to = onto_field(n, {at.x + by.x, at.y + by.y});
  static_cast<void>(read_parts(parts_there(to), to));
}

bool MixView::offers_menu(QPointF p) const { return chip_at(p).has_value(); }

void MixView::contextMenuEvent(QContextMenuEvent* event) {
  const auto chip = chip_at(event->pos());
  if (!chip) return;
  QMenu menu;
  const bool muted = mixing().corners[*chip].muted;
  menu.addAction(muted ? tr("Mix this color again") : tr("Leave this color out"),
                 [this, c = *chip] { change([c](Mixing& m) { m.corners[c].muted = !m.corners[c].muted; }); });
  const bool follows = mixing().follows == *chip;
  menu.addAction(follows ? tr("Stop following the current color") : tr("Follow the current color"),
                 [this, c = *chip, follows] {
                   change([&](Mixing& m) {
                     m.follows.reset();
                     if (!follows) m.follows = c;
                   });
                 });
  menu.addAction(tr("Set to current color"), [this, c = *chip] {
    change([&](Mixing& m) { m = with_corner(m, c, {m_model.session().color()}); });
  });
  menu.addAction(tr("Remove from field"),
                 [this, c = *chip] { change([c](Mixing& m) { m = without_corner(m, c); }); });
  menu.exec(event->globalPos());
}

void MixView::leaveEvent(QEvent*) { emit passing(std::nullopt); }

void MixView::dragEnterEvent(QDragEnterEvent* event) {
  const QMimeData* clip = event->mimeData();
  if (clip->hasUrls()) return event->ignore(); // Files are the window's.
  if (!swatches_of(*clip).empty()) event->acceptProposedAction();
}

void MixView::dropEvent(QDropEvent* event) {
  const auto swatches = swatches_of(*event->mimeData());
  if (swatches.empty()) return;
  change([&](Mixing& m) {
    std::size_t corner = corner_for(event->position());
    for (const Swatch& s : swatches) {
      if (corner >= kMostCorners) break;
      m = with_corner(m, corner, {s.color});
      corner = m.corners.size();
    }
  });
  event->acceptProposedAction();
}

void MixView::end_drag() {
  m_hand = Hand::None;
  m_path.clear();
  m_pressed.call_off();
}

AccessibleContent MixView::accessible() {
  AccessibleContent out{QAccessible::Canvas, {}, {}, {}};
  for (std::size_t i = 0; i < mixing().corners.size(); ++i) {
    const MixingCorner& corner = mixing().corners[i];
    AccessibleItem item;
    item.key = accessible_key(kOwnItems, i);
    item.name = tr("Corner %1: %2").arg(i + 1).arg(color_told(corner.color));
    if (corner.muted) item.description = tr("left out");
    item.rect = chip_rect(i);
    item.actions = {{tr("Use color"), [this, c = corner.color] { m_picks.use_color(c); }}};
    out.items.push_back(std::move(item));
  }
  return out;
}

} // namespace zc
