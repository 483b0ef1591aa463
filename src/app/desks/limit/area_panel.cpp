// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/limit/area_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/session/masking.h"
#include "model/session/studio.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

/// One number of a shape: how it reads, and the shape with another number.
struct ShapeNumber {
  QString label, tip;
  NumberRange range;
  double value = 0;
  std::function<Shape(double)> with;
};

NumberRange angle_range() { return {0, 360, 1, 1, QStringLiteral("°"), true, {}}; }
NumberRange percent_range(double low = 0, double high = 100) {
  return {low, high, 1, 1, QStringLiteral(" %"), false, {}};
}

WheelPoint polar(DiscPoint p) { return wheel_point(p, 0); }

std::vector<ShapeNumber> numbers_of(const Polygon& polygon, std::size_t corner, const QString& corner_label) {
  if (corner >= polygon.points.size()) return {};
  const WheelPoint at = polar(polygon.points[corner]);
  const auto moved = [polygon, corner](double a, double r) {
    return with_handle_at(polygon, Grip::Corner, corner, disc_point(Angle(a), r));
  };
  const DiscPoint middle = middle_of(polygon);
  double size = 0;
  for (const auto& p : polygon.points) size = std::max(size, std::hypot(p.x - middle.x, p.y - middle.y));
  return {{corner_label,
           QObject::tr("Which corner the numbers show"),
           {1, static_cast<double>(polygon.points.size()), 1, 0, {}, false, {}},
           static_cast<double>(corner + 1),
           {}},
          {QObject::tr("Hue"), QObject::tr("Angle of the corner on the wheel"), angle_range(), at.a,
           [=](double a) { return moved(a, at.r); }},
          {QObject::tr("Saturation"), QObject::tr("Saturation of the corner"), percent_range(), 100 * at.r,
           [=](double r) { return moved(at.a, r / 100); }},
          {QObject::tr("Size"), QObject::tr("From the center of the area to its farthest corner"),
           percent_range(1), 100 * size,
           [=](double to) { return scaled_shape(polygon, to / 100 / std::max(size, 1e-6)); }}};
}

std::vector<ShapeNumber> numbers_of(const Ellipse& e) {
  const WheelPoint at = polar(e.center);
  const auto changed = [e](auto change) {
    return [e, change](double x) -> Shape {
      Ellipse out = e;
      change(out, x);
      return out;
    };
  };
  return {{QObject::tr("Hue"), QObject::tr("Angle of the center on the wheel"), angle_range(), at.a,
           changed([at](Ellipse& o, double a) { o.center = disc_point(Angle(a), at.r); })},
          {QObject::tr("Saturation"), QObject::tr("Saturation of the center"), percent_range(), 100 * at.r,
           changed([at](Ellipse& o, double r) { o.center = disc_point(Angle(at.a), r / 100); })},
          {QObject::tr("Length"), QObject::tr("Half of the longer axis"),
           percent_range(100 * kThinnest, 100 * kLongestAxis), 100 * e.along,
           changed([](Ellipse& o, double x) { o.along = x / 100; })},
          {QObject::tr("Width"), QObject::tr("Half of the shorter axis"),
           percent_range(100 * kThinnest, 100 * kLongestAxis), 100 * e.across,
           changed([](Ellipse& o, double x) { o.across = x / 100; })},
          {QObject::tr("Rotation"), QObject::tr("Angle on the wheel to which the longer axis points"),
           angle_range(), e.turned, changed([](Ellipse& o, double a) { o.turned = wrap_degrees(a); })}};
}

std::vector<ShapeNumber> numbers_of(const RingSector& s) {
  const auto changed = [s](auto change) {
    return [s, change](double x) -> Shape {
      RingSector out = s;
      change(out, x);
      return out;
    };
  };
  return {{QObject::tr("From hue"), QObject::tr("Angle on the wheel where the sector begins"), angle_range(),
           s.from, changed([](RingSector& o, double a) { o.from = wrap_degrees(a); })},
          {QObject::tr("Span"),
           QObject::tr("How many degrees the sector spans, clockwise"),
           {1, 360, 1, 1, QStringLiteral("°"), false, {}},
           s.sweep,
           changed([](RingSector& o, double a) { o.sweep = a; })},
          {QObject::tr("Lowest sat."), QObject::tr("Lowest saturation of the sector"), percent_range(0, 99),
           100 * s.inner, changed([](RingSector& o, double x) { o.inner = x / 100; })},
          {QObject::tr("Highest sat."), QObject::tr("Highest saturation of the sector"), percent_range(1),
           100 * s.outer, changed([](RingSector& o, double x) { o.outer = x / 100; })}};
}

std::vector<ShapeNumber> numbers_of(const Shape& shape, std::size_t corner) {
  if (const auto* polygon = std::get_if<Polygon>(&shape))
    return numbers_of(*polygon, corner, QObject::tr("Corner"));
  if (const auto* ellipse = std::get_if<Ellipse>(&shape)) return numbers_of(*ellipse);
  return numbers_of(std::get<RingSector>(shape));
}

QString words_of(const Shape& shape) {
  if (const auto* polygon = std::get_if<Polygon>(&shape))
    return QObject::tr("polygon, %n points", nullptr, static_cast<int>(polygon->points.size()))
        .replace(QStringLiteral("%n"), number(static_cast<double>(polygon->points.size()), 0));
  return std::holds_alternative<Ellipse>(shape) ? QObject::tr("ellipse") : QObject::tr("ring sector");
}

} // namespace

AreaPanel::AreaPanel(Studio& model, Masking& masking, QWidget* parent)
    : QWidget(parent), m_model(model), m_masking(masking), m_list(new QListWidget(this)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  m_list->setObjectName(QStringLiteral("areas"));
  m_list->setAccessibleName(tr("Areas of the mask"));
  m_list->setToolTip(
      tr("Areas in order: each is added to, or subtracted from, those above it. Drag an area to move it."));
  m_list->setFont(caption_font());
  m_list->setMinimumHeight(30);
  m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  m_list->setDragDropMode(QAbstractItemView::InternalMove);
  column->addWidget(m_list, 1);
  column->addWidget(make_commands());
  column->addWidget(make_numbers());
  connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) {
    if (row >= 0) m_masking.select_area(static_cast<std::size_t>(row));
  });
  connect(
      m_list->model(), &QAbstractItemModel::rowsMoved, this,
      [this](const QModelIndex&, int from, int, const QModelIndex&, int to) {
        move_area(static_cast<std::size_t>(from), static_cast<std::size_t>(to));
      },
      Qt::QueuedConnection);
  model.hear({Part::Geometry, Part::Masking}, this, &AreaPanel::follow);
  follow();
}

const Area* AreaPanel::area() const {
  const auto& mask = m_model.piece().mask;
  return mask && m_model.session().area < mask->areas.size() ? &mask->areas[m_model.session().area] : nullptr;
}

QWidget* AreaPanel::make_commands() {
  auto* box = new QWidget(this);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  m_adds = word_choice(QStringLiteral("areaAdds"), tr("Add"), tr("The area is added to the mask"), box);
  m_cuts = word_choice(QStringLiteral("areaCuts"), tr("Subtract"),
                       tr("The area is subtracted from the areas above it"), box);
  auto* modes = joined_row();
  for (WordControl* button : {m_adds, m_cuts}) {
    modes->addWidget(button);
    connect(button, &QAbstractButton::clicked, this, &AreaPanel::change_mode);
  }
  modes->addStretch();
  m_locked =
      word_switch(QStringLiteral("maskLocked"), tr("locked"),
                  tr("Leave the mask as it is when hands slip on the wheel; numbers and commands still "
                     "change it"),
                  box);
  connect(m_locked, &QAbstractButton::clicked, &m_masking, &Masking::lock_mask);
  modes->addWidget(m_locked);
  modes->addWidget(make_more(box));
  auto* row = new QHBoxLayout;
  row->setSpacing(3);
  column->addLayout(modes);
  column->addLayout(row);
  const auto command = [&](const QString& name, const QString& word, const QString& tip, auto run) {
    auto* button = new QPushButton(word, box);
    button->setObjectName(name);
    button->setToolTip(tip);
    button->setFont(caption_font());
    button->setFixedWidth(QFontMetrics(caption_font()).horizontalAdvance(word) + 14);
    row->addWidget(button);
    connect(button, &QPushButton::clicked, this, run);
    m_commands.push_back(button);
  };
  command(QStringLiteral("areaDouble"), tr("Duplicate"), tr("Add a copy of the area, moved a little"),
          [this] {
            const std::size_t i = m_model.session().area;
            const bool applied = m_model.store().apply(
                tr("Duplicate mask area"), [i](Piece p) { return with_area_duplicated(std::move(p), i); });
            if (applied) m_masking.select_area(m_model.piece().mask->areas.size() - 1);
          });
  command(QStringLiteral("areaMirror"), tr("Mirror"),
          tr("Move the area across neutral, to the complements of its hues"),
          [this] { reshape(tr("Mirror mask area"), mirrored_shape(area()->shape), {}); });
  command(QStringLiteral("areaRemove"), tr("Remove"), tr("Remove the area (Delete on the wheel)"), [this] {
    const std::size_t i = m_model.session().area;
    m_model.store().apply(tr("Remove mask area"),
                          [i](Piece p) { return with_area_removed(std::move(p), i); });
  });
  row->addStretch();
  return box;
}

WordControl* AreaPanel::make_more(QWidget* box) {
  auto* more = word_opener(QStringLiteral("areaMore"), tr("More"),
                           tr("Add or remove corners, or remove the mask"), box);
  auto* menu = new QMenu(more);
  menu->setToolTipsVisible(true);
  const auto command = [&](const QString& name, const QString& word, const QString& tip, auto run) {
    auto* action = menu->addAction(word, this, run);
    action->setObjectName(name);
    action->setToolTip(tip);
    return action;
  };
  m_add_corner = command(QStringLiteral("cornerAdd"), tr("Add corner"),
                         tr("Add a corner in the middle of the edge behind the shown one, to bend the edge. "
                            "On the wheel: drag the edge."),
                         &AreaPanel::add_corner);
  m_remove_corner = command(QStringLiteral("cornerRemove"), tr("Remove corner"),
                            tr("Remove the corner that the numbers show"), &AreaPanel::remove_corner);
  menu->addSeparator();
  m_remove_mask = command(QStringLiteral("maskRemove"), tr("Remove mask"),
                          tr("Remove the mask from the piece (Undo brings it back)"),
                          [this] { m_masking.remove_mask(); });
  opens(*more, *menu);
  return more;
}

void AreaPanel::add_corner() {
  const std::size_t i = m_model.session().area, next = m_corner + 1;
  const DiscPoint at = middle_of_edge(std::get<Polygon>(area()->shape), m_corner);
  const bool applied = m_model.store().apply(
      tr("Add mask corner"), [=](Piece p) { return with_mask_point_added(std::move(p), i, next, at); });
  if (!applied) return;
  m_corner = next;
  follow_numbers();
}

void AreaPanel::remove_corner() {
  const std::size_t i = m_model.session().area, corner = m_corner;
  m_model.store().apply(tr("Remove mask corner"),
                        [=](Piece p) { return with_mask_point_removed(std::move(p), i, corner); });
}

QWidget* AreaPanel::make_numbers() {
  auto* box = new QWidget(this);
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(6);
  grid->setVerticalSpacing(4);
  for (std::size_t i = 0; i < m_fields.size(); ++i) {
    m_labels[i] = new QLabel(box);
    m_labels[i]->setFont(caption_font());
    m_fields[i] = new NumberField(QStringLiteral("area.%1").arg(i), {}, box);
    m_fields[i]->setFixedWidth(58);
    const int row = static_cast<int>(i) / 2, column = 2 * (static_cast<int>(i) % 2);
    grid->addWidget(m_labels[i], row, column);
    grid->addWidget(m_fields[i], row, column + 1);
    connect(m_fields[i], &NumberField::wanted, this, [this, i](double x) {
      if (!area()) return;
      const auto numbers = numbers_of(area()->shape, m_corner);
      if (i >= numbers.size()) return;
      if (numbers[i].with)
        return reshape(tr("Reshape mask area"), numbers[i].with(x), m_fields[i]->drag_key());
      m_corner = static_cast<std::size_t>(std::max(1.0, x)) - 1;
      follow_numbers();
    });
  }
  grid->setColumnStretch(4, 1);
  return box;
}

void AreaPanel::reshape(const QString& name, const Shape& shape, const QString& drag) {
  const std::size_t i = m_model.session().area;
  m_model.store().apply(
      name, [&](Piece p) { return with_area_shape(std::move(p), i, shape); }, drag);
}

void AreaPanel::move_area(std::size_t area, std::size_t place) {
  const bool applied = m_model.store().apply(
      tr("Move mask area"), [=](Piece p) { return with_area_moved(std::move(p), area, place); });
  if (applied) m_masking.select_area(place > area ? place - 1 : place);
  follow();
}

void AreaPanel::move_chosen(int by) {
  const std::size_t i = m_model.session().area;
  const auto& mask = m_model.piece().mask;
  if (!mask || (by < 0 && i == 0) || (by > 0 && i + 1 >= mask->areas.size())) return;
  move_area(i, by < 0 ? i - 1 : i + 2);
}

void AreaPanel::change_mode() {
  const std::size_t i = m_model.session().area;
  const AreaMode mode = sender() == m_cuts ? AreaMode::Cuts : AreaMode::Adds;
  m_model.store().apply(mode == AreaMode::Cuts ? tr("Subtract mask area") : tr("Add mask area"),
                        [=](Piece p) { return with_area_mode(std::move(p), i, mode); });
  follow();
}

void AreaPanel::follow() {
  m_locked->setChecked(m_model.at_hand().mask_locked);
  const QSignalBlocker quiet(m_list);
  const auto& mask = m_model.piece().mask;
  QStringList rows;
  if (mask)
    for (const auto& a : mask->areas)
      rows << (a.mode == AreaMode::Adds ? tr("Add") : tr("Subtract")) + QStringLiteral("   ") +
                  words_of(a.shape);
  QStringList shown;
  for (int i = 0; i < m_list->count(); ++i) shown << m_list->item(i)->text();
  if (rows != shown) {
    m_list->clear();
    m_list->addItems(rows);
  }
  const Area* chosen = area();
  if (chosen) m_list->setCurrentRow(static_cast<int>(m_model.session().area));
  const auto needs_area = [chosen](QWidget& control) {
    allow(control, chosen, tr("There is no area yet. Choose a pattern, or draw an area."));
  };
  for (QPushButton* button : m_commands) needs_area(*button);
  needs_area(*m_adds);
  needs_area(*m_cuts);
  m_adds->setChecked(chosen && chosen->mode == AreaMode::Adds);
  m_cuts->setChecked(chosen && chosen->mode == AreaMode::Cuts);
  follow_numbers();
}

void AreaPanel::follow_numbers() {
  std::vector<ShapeNumber> numbers;
  for (QAction* action : {m_add_corner, m_remove_corner}) action->setEnabled(false);
  m_remove_mask->setEnabled(area());
  if (const Area* chosen = area()) {
    const auto* polygon = std::get_if<Polygon>(&chosen->shape);
    if (!polygon || m_corner >= polygon->points.size()) m_corner = 0;
    numbers = numbers_of(chosen->shape, m_corner);
    m_add_corner->setEnabled(polygon);
    m_remove_corner->setEnabled(polygon && polygon->points.size() > 3);
  }
  for (std::size_t i = 0; i < m_fields.size(); ++i) {
    const bool used = i < numbers.size();
    m_labels[i]->setVisible(used);
    m_fields[i]->setVisible(used);
    if (!used) continue;
    m_labels[i]->setText(numbers[i].label);
    m_fields[i]->setAccessibleName(tr("Area: %1").arg(numbers[i].label));
    m_fields[i]->setToolTip(numbers[i].tip);
    m_fields[i]->set_range(numbers[i].range);
    m_fields[i]->show_value(numbers[i].value);
  }
}

} // namespace zc
