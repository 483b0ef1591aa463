// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/grade/adjust_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/grade/set_wheel.h"
#include "app/theme/theme.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSlider>
#include <QVBoxLayout>

namespace zc {

AdjustPanel::AdjustPanel(Studio& model, SetWork& work, Place place, QWidget* parent)
    : QWidget(parent), m_model(model), m_work(work), m_place(place), m_title(new QLabel(this)),
      m_says(new QLabel(this)), m_grid(new QGridLayout), m_take(new QPushButton(tr("Apply"), this)),
      m_reset(new QPushButton(tr("Reset numbers"), this)) {
  auto* column = new QVBoxLayout(this);
  if (place == Place::Page)
    column->setContentsMargins(0, 2, 0, 0);
  else
    column->setContentsMargins(20, 10, 20, 10);
  column->setSpacing(2);
  m_title->setFont(heading_font());
  column->addWidget(m_title);
  m_grid->setHorizontalSpacing(8);
  m_grid->setVerticalSpacing(4);
  m_grid->setColumnStretch(1, 1);
  if (place == Place::Drawer) m_grid->setColumnStretch(4, 1);
  column->addLayout(m_grid);
  add_rows();
  m_says->setObjectName(named("Says"));
  m_says->setFont(caption_font());
  m_says->setWordWrap(true);
  m_says->setMinimumHeight(32);
  m_says->setAlignment(Qt::AlignLeft | Qt::AlignTop);
  column->addWidget(m_says);
  auto* buttons = new QHBoxLayout;
  m_take->setObjectName(named("Take"));
  m_take->setToolTip(tr("Change the swatches as the preview shows them"));
  m_reset->setObjectName(named("Reset"));
  m_reset->setToolTip(tr("Set every number back to no change"));
  buttons->addWidget(m_take);
  buttons->addWidget(m_reset);
  buttons->addStretch();
  column->addLayout(buttons);
  if (place == Place::Page) column->addWidget(new SetWheel(model, work, this), 1);
  connect(m_take, &QPushButton::clicked, this, [this] {
    m_work.apply_adjustment();
    follow();
  });
  connect(m_reset, &QPushButton::clicked, this, [this] {
    m_work.try_out({});
    follow();
  });
  // After the work on the set, which has made the preview by then.
  model.hear({Part::Selection, Part::Adjustment, Part::Sets, Part::Geometry}, this, &AdjustPanel::follow);
  model.hear({Part::Color}, this, [this] {
    // The tint follows the current color.
    Adjustment a = m_work.adjustment();
    if (!a.tint || a.tint == m_model.session().color()) return;
    a.tint = m_model.session().color();
    m_work.try_out(a);
  });
  follow();
}

void AdjustPanel::add_rows() {
  add_row("Turn", tr("Turn hue by"), tr("Degrees on the wheel of the piece, clockwise"), kTurnRange,
          {-180, 180}, 1, 1, QStringLiteral("°"), [](Adjustment& a) -> double& { return a.turn; });
  add_row("Saturation", tr("Multiply saturation by"), tr("The saturation is multiplied by this factor"),
          kFactorRange, {0, 2}, 0.01, 2, {}, [](Adjustment& a) -> double& { return a.saturation; });
  add_row("Value", tr("Add to value"), tr("How much is added to the value of each swatch"), kValueShiftRange,
          {-50, 50}, 1, 1, {}, [](Adjustment& a) -> double& { return a.value; });
  add_row("Contrast", tr("Multiply contrast by"),
          tr("The distance of each value from the middle below is multiplied by this factor"), kFactorRange,
          {0, 2}, 0.01, 2, {}, [](Adjustment& a) -> double& { return a.contrast; });
  add_row("Pivot", tr("Middle of the contrast"), tr("The value that a change of contrast leaves as it is"),
          kPivotRange, kPivotRange, 1, 1, {}, [](Adjustment& a) -> double& { return a.pivot; });
  add_row("Tint", tr("Tint with current color"),
          tr("Move hue and saturation as a light of the current color would; values stay"), kTintRange,
          kTintRange, 0.01, 2, {}, [](Adjustment& a) -> double& { return a.tint_share; });
}

QString AdjustPanel::named(const char* part) const {
  return (m_place == Place::Page ? QStringLiteral("adjust") : QStringLiteral("tryAdjust")) +
         QLatin1String(part);
}

void AdjustPanel::add_row(const char* name, const QString& word, const QString& tip, const Range& range,
                          const Range& usual, double step, int digits, const QString& suffix,
                          const std::function<double&(Adjustment&)>& member) {
  auto* label = caption_label(word, this);
  auto* field = new NumberField(named(name), tip, this);
  field->set_range({range.low, range.high, step, digits, suffix, false, {}});
  field->setToolTip(tip);
  field->setFixedWidth(64);
  auto* slider = new QSlider(Qt::Horizontal, this);
  // Numbers beyond what is usual are typed.
  slider->setRange(static_cast<int>(std::lround(usual.low / step)),
                   static_cast<int>(std::lround(usual.high / step)));
  slider->setObjectName(named(name) + QStringLiteral("Slider"));
  slider->setAccessibleName(word);
  // Side by side where there is no height.
  const int n = static_cast<int>(m_rows.size()), rows = m_place == Place::Page ? 6 : 3;
  m_grid->addWidget(label, n % rows, n / rows * 3);
  m_grid->addWidget(slider, n % rows, n / rows * 3 + 1);
  m_grid->addWidget(field, n % rows, n / rows * 3 + 2);
  connect(field, &NumberField::wanted, this, [this, member](double value) { change(member, value); });
  connect(slider, &QSlider::valueChanged, this,
          [this, member, step](int value) { change(member, value * step); });
  m_rows.push_back({field, slider, step, [member](const Adjustment& a) {
                      Adjustment copy = a;
                      return member(copy);
                    }});
}

void AdjustPanel::change(const std::function<double&(Adjustment&)>& member, double value) {
  Adjustment a = m_work.adjustment();
  member(a) = value;
  a.tint = a.tint_share > 0 ? std::optional(m_model.session().color()) : std::nullopt;
  m_work.try_out(a);
  follow();
}

void AdjustPanel::follow() {
  const SetWork& work = m_work;
  const Adjustment& a = work.adjustment();
  for (const auto& row : m_rows) {
    const double value = row.read(a);
    row.field->show_value(value);
    const QSignalBlocker quiet(row.slider);
    row.slider->setValue(static_cast<int>(std::lround(value / row.step)));
  }
  const auto selected = work.selection().size();
  m_title->setText(selected == 0 ? tr("Adjust the whole set")
                                 : tr("Adjust the selection (%1)").arg(selected));
  const auto reduced = std::count_if(work.preview().begin(), work.preview().end(),
                                     [](const auto& p) { return p.second.reduced; });
  m_says->setText(!a.changes() ? tr("No change yet. Locked swatches stay as they are.")
                  : reduced == 0
                      ? tr("%n swatches change, all by the full amount.", nullptr,
                           static_cast<int>(work.preview().size()))
                      : tr("%n swatches change. Those marked with a dot (%1) stop at the limit of what "
                           "a display can show.",
                           nullptr, static_cast<int>(work.preview().size()))
                            .arg(reduced));
  allow(*m_take, a.changes(), tr("Nothing is adjusted yet."));
  allow(*m_reset, a.changes() || a.pivot != 50, tr("Nothing is adjusted yet."));
}

} // namespace zc
