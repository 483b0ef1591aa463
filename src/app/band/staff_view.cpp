// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/band/staff_view.h"

#include "app/band/lanes.h"
#include "app/controls/controls.h"
#include "app/controls/name_editor.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "model/i18n/text.h"
#include "model/proof/press_model.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/study/try_model.h"
#include "model/work/set_work.h"

#include <QScrollBar>

namespace zc {
namespace {

/// Columns narrow down to this before a scroll bar comes.
constexpr double kWidestColumn = 92, kNarrowestColumn = 26, kSwatchHeight = 24;
/// The widest and the narrowest column at Grade.
constexpr double kWidestOfWide = 150, kNarrowestOfWide = 40;
/// At the right, for the counts of light, middle, dark, where no swatch stands.
constexpr double kGutter = 30, kGutterOfWide = 104;
/// Free at each side of a column; less where it is narrow.
constexpr double kColumnGap = 12, kNarrowGap = 4;
/// Beside the staff while a ramp is previewed.
constexpr double kRampLane = 40, kLadderRow = 20;
/// A band limit can be taken this far off.
constexpr double kLimitReach = 5;

} // namespace

StaffView::StaffView(Studio& model, Picking& picking, Laying& laying, SetWork& work, PressModel& press,
                     TryModel& tries, Place place, QWidget* parent)
    : AxisWidget(model, picking, parent), m_laying(laying), m_work(work), m_reader(press), m_tries(tries),
      m_place(place), m_scroll(new QScrollBar(Qt::Horizontal, this)),
      m_first(word_action(QStringLiteral("addFirst"), tr("Add current color"),
                          tr("Add the current color to the set (Ctrl+L)"), this)),
      m_editor(new NameEditor(QStringLiteral("nameEditor"), this)) {
  setObjectName(QStringLiteral("staff"));
  setAccessibleName(tr("Staff of the current set"));
  setStatusTip(tr("The set by value"));
  setMouseTracking(true);
  setAcceptDrops(true);
  m_scroll->hide();
  connect(m_first, &QAbstractButton::clicked, this, [this] { m_laying.lay_current(); });
  model.hear({Part::Color}, this, &StaffView::place_first);
  connect(m_scroll, &QScrollBar::valueChanged, this, qOverload<>(&QWidget::update));
  model.hear({Part::Sets, Part::Geometry, Part::Ramp, Part::ColorVision, Part::Desk, Part::SetView,
              Part::Sharing, Part::Versions, Part::Trying, Part::Reference, Part::Steps, Part::Selection},
             this, &StaffView::follow);
  connect(&work, &SetWork::reportChanged, this, &StaffView::follow);
  connect(&work, &SetWork::previewChanged, this, &StaffView::follow);
  // At Try the swatches tell how much of the picture they cover.
  const auto tell_use = [this] {
    if (m_model.session().desk == Desk::Try) update();
  };
  connect(&tries, &TryModel::changed, this, tell_use);
  connect(&tries, &TryModel::hoveredChanged, this, tell_use);
  connect(&model.photos(), &PhotoLibrary::changed, this, tell_use);
  model.hear({Part::References}, this, tell_use);
}

// ---------------------------------------------------------------- layout

/// Above or below the value line, wherever there is more room.
QRectF StaffView::empty_rect() const {
  const QRectF r = staff_rect().adjusted(kMargin, kGap, -kMargin, -kGap);
  return line_y() > r.center().y() ? QRectF(r.topLeft(), QPointF(r.right(), line_y() - kGap))
                                   : QRectF(QPointF(r.left(), line_y() + kGap), r.bottomRight());
}

/// Under the words that say what the staff is for.
void StaffView::place_first() {
  m_first->setVisible(families().empty() && m_place == Place::Window);
  const QPointF middle = empty_rect().center();
  m_first->resize(m_first->sizeHint());
  m_first->move(static_cast<int>(middle.x() - m_first->width() / 2.0), static_cast<int>(middle.y()) + kGap);
}

QRectF StaffView::staff_rect() const {
  const double lane = m_model.session().ramp.empty() ? 0 : ramp_lane();
  return {8, axis().top(), width() - 8.0 - kMargin - lane - gutter(), axis().length()};
}

/// Rows of a ladder stand side by side.
double StaffView::ramp_lane() const {
  int rows = 1;
  for (const RampStep& step : m_model.session().ramp) rows = std::max(rows, step.row + 1);
  return rows == 1 ? kRampLane : 8 + kLadderRow * rows;
}

QRectF StaffView::ramp_rect(std::size_t step) const {
  const auto& ramp = m_model.session().ramp;
  const double y = axis().y_of(value_of(ramp.at(step).color));
  const double height = ramp.size() > 12 ? 10 : 16;
  const double left = staff_rect().right() + gutter() + 10, wide = ramp_lane() - 8;
  if (wide < kLadderRow * 2) return {left, y - height / 2, wide, height};
  return {left + kLadderRow * ramp[step].row, y - height / 2, kLadderRow - 4, height};
}

std::optional<std::size_t> StaffView::ramp_step_at(QPointF p) const {
  for (std::size_t i = 0; i < m_model.session().ramp.size(); ++i)
    if (ramp_rect(i).contains(p)) return i;
  return std::nullopt;
}

double StaffView::gutter() const {
  if (m_place == Place::Beside) return 0;
  return wide() ? kGutterOfWide : kGutter;
}

double StaffView::column_gap() const { return std::clamp(column_width() / 6, kNarrowGap, kColumnGap); }

/// Where the middle of a swatch stands; at the ends of the axis it stays inside the frame.
double StaffView::chip_y(double value) const {
  return std::clamp(axis().y_of(value), axis().top() + kSwatchHeight / 2,
                    axis().bottom() - kSwatchHeight / 2);
}

double StaffView::column_width() const {
  const auto n = static_cast<double>(std::max<std::size_t>(families().size(), 1));
  const double room = staff_rect().width() - 8;
  return wide() ? std::clamp(room / n, kNarrowestOfWide, kWidestOfWide)
                : std::clamp(room / n, kNarrowestColumn, kWidestColumn);
}

QRectF StaffView::column_rect(std::size_t family) const {
  const double left =
      staff_rect().left() + 4 + column_width() * static_cast<double>(family) - m_scroll->value();
  return {left, axis().top(), column_width(), axis().length()};
}

QRectF StaffView::name_rect(std::size_t family) const {
  const QRectF c = column_rect(family);
  return {c.left() + 2, axis().bottom() + 2, c.width() - 4, 20};
}

QRectF StaffView::slot_rect(std::size_t family) const {
  const QRectF c = column_rect(family);
  const double w = c.width() - 2 * column_gap();
  return {c.center().x() - w / 2, chip_y(m_model.session().at.at.v) - kSwatchHeight / 2, w, kSwatchHeight};
}

QRectF StaffView::limit_rect(bool light) const {
  if (!wide()) return {};
  const Bands& bands = m_model.piece().bands;
  const double y = axis().y_of(light ? bands.light_from : bands.dark_below);
  return {staff_rect().right(), y - kLimitReach, kGutterOfWide, 2 * kLimitReach};
}

void StaffView::lay_out_chips() {
  m_chips.clear();
  m_chip_of.clear();
  const double w = column_width() - 2 * column_gap(), left = staff_rect().left() + 4 + column_gap();
  for (std::size_t i = 0; i < families().size(); ++i)
    for (const auto& s : families()[i].swatches) {
      const auto preview = m_work.preview().find(s.id);
      const Srgb shown = m_work.shown(s);
      const bool reduced = preview != m_work.preview().end() && preview->second.reduced;
      const double y = chip_y(value_of(shown)) - kSwatchHeight / 2;
      m_chip_of[s.id] = m_chips.size();
      m_chips.push_back(
          {&s, i, {left + column_width() * static_cast<double>(i), y, w, kSwatchHeight}, shown, reduced});
    }
  for (std::size_t from = 0, to = 0; from < m_chips.size(); from = to) {
    while (to < m_chips.size() && m_chips[to].family == m_chips[from].family) ++to;
    part_into_lanes(from, to);
  }
}

/// So that no swatch hides another of its value.
void StaffView::part_into_lanes(std::size_t from, std::size_t to) {
  constexpr double kMayCover = 5; // Names stay whole.
  constexpr double kNarrowestChip = 10;
  std::vector<QRectF*> order;
  order.reserve(to - from);
  for (std::size_t i = from; i < to; ++i) order.push_back(&m_chips[i].rect);
  std::stable_sort(order.begin(), order.end(),
                   [](const QRectF* p, const QRectF* q) { return p->top() < q->top(); });
  std::vector<ChipSpan> spans;
  spans.reserve(order.size());
  for (const QRectF* r : order) spans.push_back({r->top() + kMayCover, r->bottom()});
  const auto lanes = lanes_of(
      spans, static_cast<std::size_t>(std::max(1.0, (column_width() - 2 * column_gap()) / kNarrowestChip)));
  for (std::size_t i = 0; i < order.size(); ++i) {
    QRectF& r = *order[i];
    const double width = r.width() / static_cast<double>(lanes[i].of);
    r = QRectF(r.left() + width * static_cast<double>(lanes[i].lane), r.top(), width, r.height());
  }
}

QRectF StaffView::scrolled(const Chip& chip) const { return chip.rect.translated(-m_scroll->value(), 0); }

QRectF StaffView::swatch_rect(Id swatch) const {
  const auto at = m_chip_of.find(swatch);
  return at == m_chip_of.end() ? QRectF() : scrolled(m_chips[at->second]);
}

const Swatch* StaffView::swatch_at(QPointF p) const {
  const Swatch* found = nullptr;
  double nearest = 1e9;
  for (const auto& chip : m_chips) {
    const QRectF r = scrolled(chip);
    const double away = std::abs(r.center().y() - p.y());
    if (!r.contains(p) || away > nearest) continue;
    nearest = away;
    found = chip.swatch;
  }
  return found;
}

std::vector<Id> StaffView::swatches_in(const QRectF& box) const {
  std::vector<Id> out;
  for (const auto& chip : m_chips)
    if (scrolled(chip).intersects(box)) out.push_back(chip.swatch->id);
  return out;
}

std::optional<std::size_t> StaffView::family_at(QPointF p) const {
  const QRectF r = staff_rect();
  if (p.x() < r.left() || p.x() >= r.right()) return std::nullopt;
  const double along = p.x() - column_rect(0).left();
  const auto i = static_cast<std::size_t>(std::max(0.0, along) / column_width());
  if (along < 0 || i >= families().size()) return std::nullopt;
  return i;
}

void StaffView::follow() {
  const SwatchSet* set = current_set(m_model.piece());
  m_families = set ? set->families : List<Family>();
  const double needed = column_width() * static_cast<double>(families().size()) + 8;
  const int over = std::max(0, static_cast<int>(std::ceil(needed - staff_rect().width())));
  m_scroll->setRange(0, over);
  m_scroll->setPageStep(static_cast<int>(staff_rect().width()));
  m_scroll->setSingleStep(static_cast<int>(column_width()));
  m_scroll->setVisible(over > 0);
  m_scroll->setGeometry(static_cast<int>(staff_rect().left()), height() - 8,
                        static_cast<int>(staff_rect().width()), 8);
  if (const Id focus = m_model.session().selection.focus(); focus != m_focus) {
    if (focus != m_pointed) m_pointed = 0;
    m_focus = focus;
  }
  lay_out_chips();
  place_first();
  m_links.reset();
  // Made here where it is going to be painted, so that painting finds it ready.
  if (wide() && isVisible()) static_cast<void>(m_work.report());
  update();
}

void StaffView::showEvent(QShowEvent* event) {
  AxisWidget::showEvent(event);
  follow();
}

void StaffView::resizeEvent(QResizeEvent* event) {
  AxisWidget::resizeEvent(event);
  follow();
}

} // namespace zc
