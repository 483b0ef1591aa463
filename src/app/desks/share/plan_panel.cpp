// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/share/plan_panel.h"

#include "app/controls/controls.h"
#include "app/controls/field_grid.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "core/sheet/picker_words.h"
#include "core/sheet/plan_picture.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace zc {

PlanPanel::PlanPanel(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing),
      m_stepped(new WordControl(ControlKind::Switch, tr("in steps"), this)),
      m_bare(new WordControl(ControlKind::Switch, tr("without labels"), this)),
      m_value(new NumberField(QStringLiteral("plan.value"), tr("Value of the disc, L*"), this)),
      m_row(new NumberField(QStringLiteral("plan.row"), tr("Number of values in the row, 3 to 11"), this)),
      m_size(
          new NumberField(QStringLiteral("plan.size"), tr("Width of a disc in pixels, 16 to 8192"), this)) {
  setObjectName(QStringLiteral("planPanel"));
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 10, 0, 0);
  column->setSpacing(8);
  auto* says = new QLabel(tr("A picture of the wheel with its mask, for a layer of your canvas. Outside the "
                             "mask it is nearly transparent, outside the disc fully."),
                          this);
  says->setFont(caption_font());
  says->setWordWrap(true);
  column->addWidget(says);
  const auto row = [column] {
    auto* made = new QHBoxLayout;
    made->setSpacing(6);
    column->addLayout(made);
    return made;
  };
  auto* kinds = row();
  add_kinds(*kinds);
  kinds->addStretch(1);
  auto* fields = new FieldGrid;
  column->addLayout(fields);
  add_numbers(*fields);
  auto* looks = row();
  add_looks(*looks);
  looks->addStretch(1);
  column->addSpacing(12);
  auto* out = row();
  auto* write = new QPushButton(tr("Save wheel"), this);
  write->setDefault(true);
  write->setObjectName(QStringLiteral("plan.write"));
  write->setToolTip(tr("Save as PNG with a transparent background, or only the outlines as SVG"));
  connect(write, &QPushButton::clicked, this, &PlanPanel::writeAsked);
  auto* copy = new QPushButton(tr("Copy wheel"), this);
  copy->setObjectName(QStringLiteral("plan.copy"));
  copy->setToolTip(tr("Copy the picture, to paste it into any program"));
  connect(copy, &QPushButton::clicked, this, &PlanPanel::copyAsked);
  out->addWidget(write);
  out->addWidget(copy);
  out->addStretch(1);
  column->addSpacing(12);
  add_picker(*column);
  column->addStretch(1);
  model.hear({Part::Sharing, Part::Steps}, this, &PlanPanel::follow);
  model.hear({Part::Geometry, Part::Sharing}, this, &PlanPanel::follow_picker);
  follow();
}

/// The limit in the numbers of the picker that the painting program has.
void PlanPanel::add_picker(QVBoxLayout& column) {
  column.addWidget(heading_label(tr("The limit in other pickers"), this));
  m_picker = new QComboBox(this);
  m_picker->setObjectName(QStringLiteral("plan.picker"));
  m_picker->setAccessibleName(tr("Picker of your painting program"));
  m_picker->setToolTip(
      tr("The model that the picker of your painting program turns; the best fit comes first"));
  auto* fields = new FieldGrid;
  fields->add(tr("Picker"), {m_picker});
  column.addLayout(fields);
  const auto words = [&](const QString& name) {
    auto* label = new QLabel(this);
    label->setObjectName(name);
    label->setFont(caption_font());
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column.addWidget(label);
    return label;
  };
  m_ranges = words(QStringLiteral("plan.ranges"));
  m_corners = words(QStringLiteral("plan.corners"));
  connect(m_picker, &QComboBox::activated, this, &PlanPanel::follow_picker);
}

void PlanPanel::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow_picker();
}

/// It asks much of a mask that is being dragged, so only while it is seen.
void PlanPanel::follow_picker() {
  if (!isVisible()) return;
  const Mask* mask = mask_in_use(m_model.piece());
  const double value = m_model.session().sharing.plan.value;
  const auto fits = mask ? picker_fits(*mask, m_model.wheel(), value) : std::vector<PickerFit>();
  allow(*m_picker, !fits.empty(), tr("There is no mask in use."));
  if (fits.empty()) {
    m_picker->clear();
    m_ranges->setText(tr("Without a mask every hue and saturation is allowed."));
    return m_corners->clear();
  }
  const QVariant chosen = m_picker->currentIndex() > 0 ? m_picker->currentData() : QVariant();
  m_picker->clear();
  for (const PickerFit& fit : fits)
    m_picker->addItem(fit.model == SaturationMeasure::LumaChroma ? tr("luma and chroma (BT.709)")
                                                                 : text(picker_name(fit.model)),
                      static_cast<int>(fit.model));
  m_picker->setCurrentIndex(std::max(0, m_picker->findData(chosen)));
  const PickerFit& fit = fits[static_cast<std::size_t>(m_picker->currentIndex())];
  const SheetWords said = words_of_sheets();
  QStringList lines{text(fit_line(fit, said))};
  for (const std::string& line : range_lines(fit, said)) lines << text(line);
  m_ranges->setText(lines.join(QLatin1Char('\n')));
  lines = {tr("Corners at value %1:").arg(std::lround(value))};
  for (const std::string& line : corner_lines(*mask, m_model.wheel(), value, fit.model, said))
    lines << text(line);
  m_corners->setText(lines.size() > 1 ? lines.join(QLatin1Char('\n')) : QString());
}

void PlanPanel::add_looks(QHBoxLayout& row) {
  m_stepped->setObjectName(QStringLiteral("plan.stepped"));
  m_stepped->setToolTip(
      tr("Draw the disc in the steps of the wheel; without steps, in twelve hues and eight saturations"));
  m_bare->setObjectName(QStringLiteral("plan.bare"));
  m_bare->setToolTip(tr("Draw only the disc, filling the square, without names and lines"));
  for (WordControl* button : {m_stepped, m_bare}) {
    row.addWidget(button);
  }
  connect(m_stepped, &QAbstractButton::clicked, this,
          [this](bool on) { change([&](PlanView& p) { p.stepped = on; }); });
  connect(m_bare, &QAbstractButton::clicked, this,
          [this](bool on) { change([&](PlanView& p) { p.bare = on; }); });
}

void PlanPanel::add_numbers(FieldGrid& fields) {
  m_value->set_range({0, 100, 1, 0, {}, false, {}});
  m_row->set_range({kFewestPlanValues, kMostPlanValues, 1, 0, {}, false, {}});
  m_size->set_range({kPlanSizeRange.low, kPlanSizeRange.high, 64, 0, tr(" pixels"), false, {}});
  for (NumberField* field : {m_value, m_row, m_size}) {
    field->keep_width(90);
    field->setToolTip(field->accessibleName());
  }
  m_value_name = fields.add(tr("Value"), {m_value});
  m_row_name = fields.add(tr("Number of values"), {m_row});
  fields.add(tr("Width and height"), {m_size});
  connect(m_value, &NumberField::wanted, this,
          [this](double n) { change([&](PlanView& p) { p.value = n; }); });
  connect(m_row, &NumberField::wanted, this,
          [this](double n) { change([&](PlanView& p) { p.row = static_cast<int>(n); }); });
  connect(m_size, &NumberField::wanted, this,
          [this](double n) { change([&](PlanView& p) { p.size = static_cast<int>(n); }); });
}

void PlanPanel::add_kinds(QHBoxLayout& row) {
  const std::tuple<const char*, QString, PlanView::Kind, QString> all[] = {
      {"plan.one", tr("at one value"), PlanView::Kind::Value, tr("Show one disc at one value")},
      {"plan.many", tr("a row of values"), PlanView::Kind::Row, tr("Show several discs from dark to light")},
      {"plan.vivid", tr("vivid"), PlanView::Kind::Vivid, tr("Each hue at the value where it is strongest")}};
  auto* kinds = joined_row();
  row.addLayout(kinds);
  for (const auto& [name, word, kind, tip] : all) {
    auto* button = word_choice(QLatin1String(name), word, tip, this);
    connect(button, &QAbstractButton::clicked, this,
            [this, kind = kind] { change([&](PlanView& p) { p.kind = kind; }); });
    kinds->addWidget(button);
    m_kinds.emplace_back(button, kind);
  }
}

void PlanPanel::change(const std::function<void(PlanView&)>& by) {
  Sharing next = m_model.session().sharing;
  by(next.plan);
  m_viewing.share(next);
}

void PlanPanel::follow() {
  const PlanView& plan = m_model.session().sharing.plan;
  for (const auto& [button, kind] : m_kinds) button->setChecked(plan.kind == kind);
  for (QWidget* w : {static_cast<QWidget*>(m_value_name), static_cast<QWidget*>(m_value)})
    w->setVisible(plan.kind == PlanView::Kind::Value);
  for (QWidget* w : {static_cast<QWidget*>(m_row_name), static_cast<QWidget*>(m_row)})
    w->setVisible(plan.kind == PlanView::Kind::Row);
  m_value->show_value(plan.value);
  m_row->show_value(plan.row);
  m_size->show_value(plan.size);
  m_stepped->setChecked(plan.stepped);
  m_bare->setChecked(plan.bare);
}

} // namespace zc
