// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/tray.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/hand/hand_over.h"
#include "app/theme/theme.h"
#include "app/tray/color_pair.h"
#include "app/tray/readout_panel.h"
#include "app/tray/relation_row.h"
#include "app/tray/wells_view.h"
#include "core/color/text.h"
#include "core/grading/grading.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/share/share_reading.h"
#include "model/workspace/workspace.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {
namespace {

constexpr int kValueSteps = 9;
constexpr int kRoomy = 1240;

} // namespace

Tray::Tray(Workspace& space, HandOver& hand_over, QWidget* parent)
    : QWidget(parent), m_space(space), m_hand_over(hand_over) {
  setFixedHeight(150);
  setAutoFillBackground(true);
  setBackgroundRole(QPalette::Window);
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 14, kMargin, 14);
  row->setSpacing(kMargin);
  m_pair = new ColorPair(space, space.picking(), {150, 114}, this);
  m_words = make_words();
  m_wells = new WellsView(space, space.picking(), WellsView::Build::Roomy, this);
  row->addWidget(m_pair, 0, Qt::AlignTop);
  row->addWidget(m_words, 0, Qt::AlignTop);
  row->addWidget(new ReadoutPanel(space, space.picking(), space.press(), this), 0, Qt::AlignTop);
  row->addWidget(m_wells, 0, Qt::AlignTop);
  // A wide window leaves its room here, not between numbers that belong together.
  row->addStretch(1);
  row->addWidget(make_set_controls(), 100, Qt::AlignTop);
  space.hear(
      {Part::Color, Part::Geometry, Part::Sets, Part::Sharing, Part::Steps, Part::Desk, Part::Selection},
      this, &Tray::follow);
  connect(&hand_over, &HandOver::changed, this, &Tray::follow);
  follow();
}

QWidget* Tray::make_words() {
  auto* box = new QWidget(this);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(5);
  m_name = new ElidedLabel(heading_font(), box);
  m_name->setObjectName(QStringLiteral("colorName"));
  column->addWidget(m_name);
  auto* row = new QHBoxLayout;
  row->setSpacing(kGap);
  m_hex = new QLineEdit(box);
  m_hex->setObjectName(QStringLiteral("hex"));
  m_hex->setAccessibleName(tr("Current color as hex"));
  m_hex->setToolTip(tr("Type a color as #rrggbb or #rgb and press Enter"));
  m_hex->setFixedWidth(92);
  auto* copy = new QPushButton(tr("Copy"), box);
  copy->setObjectName(QStringLiteral("copyHex"));
  copy->setToolTip(tr("Copy the color as hex (Ctrl+Shift+C)"));
  row->addWidget(m_hex);
  row->addWidget(copy);
  row->addStretch();
  column->addLayout(row);
  column->addWidget(make_place());
  m_mask = new ElidedLabel(caption_font(), box);
  column->addWidget(m_mask);
  m_mask->setObjectName(QStringLiteral("maskState"));
  connect(m_hex, &QLineEdit::returnPressed, this, &Tray::take_typed_hex);
  connect(m_hex, &QLineEdit::editingFinished, this, &Tray::follow);
  connect(copy, &QPushButton::clicked, this, &Tray::copyHexAsked);
  return box;
}

QWidget* Tray::make_place() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(3);
  const std::tuple<QString, QString, NumberRange> numbers[] = {
      {QStringLiteral("place.hue"), tr("Hue on the wheel"), {0, 360, 1, 1, QStringLiteral("°"), true, {}}},
      {QStringLiteral("place.saturation"),
       tr("Saturation on the wheel"),
       {0, 100, 1, 1, QStringLiteral(" %"), false, {}}},
      {QStringLiteral("place.value"),
       tr("Value: true lightness, L*"),
       {0, 100, 1, 1, tr(" value"), false, {}}}};
  for (int i = 0; i < 3; ++i) {
    const auto& [name, accessible, range] = numbers[i];
    m_place[i] = new NumberField(name, accessible, box);
    m_place[i]->set_range(range);
    m_place[i]->setToolTip(
        tr("%1: type, scroll or drag, with Shift in tens, with Alt in tenths").arg(accessible));
    if (i == 2) m_place[i]->keep_width(76);
    row->addWidget(m_place[i], i == 2 ? 4 : 3);
    connect(m_place[i], &NumberField::wanted, this, [this, i](double x) { go_to(i, x); });
  }
  return box;
}

void Tray::go_to(int number, double value) {
  const WheelPoint at = m_space.session().at.at;
  if (number == 0) return m_space.picking().nudge_hue(turn_between(at.a, value));
  if (number == 1) return m_space.picking().nudge_saturation(value / 100 - at.r);
  m_space.picking().nudge_value(value - at.v);
}

QWidget* Tray::make_set_controls() {
  auto* box = new QWidget(this);
  box->setMinimumWidth(128);
  box->setMaximumWidth(300);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  m_family = new ElidedLabel(caption_font(), box);
  auto* lay = new QPushButton(tr("Add to set"), box);
  lay->setObjectName(QStringLiteral("lay"));
  lay->setDefault(true);
  lay->setToolTip(tr("Add the current color to the chosen family (Ctrl+L)"));
  connect(lay, &QPushButton::clicked, this, [this] { m_space.laying().lay_current(); });
  column->addWidget(lay);
  m_hand = new WordControl(ControlKind::Switch, tr("copy every pick"), box);
  m_hand->setObjectName(QStringLiteral("handOver"));
  m_hand->setFixedHeight(22);
  connect(m_hand, &QAbstractButton::clicked, &m_hand_over, &HandOver::turn);
  auto* under = new QHBoxLayout;
  under->setContentsMargins(0, 0, 0, 0);
  under->setSpacing(4);
  under->addWidget(m_family, 1);
  under->addWidget(m_hand);
  column->addLayout(under);
  column->addWidget(new RelationRow(m_space, m_space.picking(), m_space.laying(), box));
  column->addStretch();
  return box;
}

/// A narrow window draws everything closer together; nothing is left out.
void Tray::resizeEvent(QResizeEvent* event) {
  QWidget::resizeEvent(event);
  const bool narrow = width() < kRoomy;
  m_pair->setFixedWidth(narrow ? 84 : 150);
  m_words->setFixedWidth(narrow ? 176 : 196);
  m_wells->set_build(narrow ? WellsView::Build::Narrow : WellsView::Build::Roomy);
  layout()->setSpacing(narrow ? 12 : kMargin);
  layout()->activate(); // What is elided asks how wide it is.
  follow();
}

void Tray::take_typed_hex() {
  if (!m_hex->isModified()) return;
  m_hex->setModified(false);
  m_space.picking().take_up_text(m_hex->text());
}

void Tray::follow() {
  const Session& s = m_space.session();
  m_name->setText(color_name(s.color()));
  if (!m_hex->hasFocus() || !m_hex->isModified()) m_hex->setText(QString::fromStdString(hex_of(s.color())));
  const int steps = s.at_hand.steps.values;
  const int step = steps ? static_cast<int>(std::lround(s.at.at.v / 100 * (steps - 1))) + 1
                         : value_step(s.at.at.v, kValueSteps);
  const double place[] = {s.at.at.a, 100 * s.at.at.r, s.at.at.v};
  for (int i = 0; i < 3; ++i) m_place[i]->show_value(place[i]);
  const auto inside = m_space.in_mask();
  const auto press = m_space.press().chosen();
  const bool prints = !press || press->prints(s.color(), s.sharing.print_limit);
  m_mask->setText(
      tr("step %1 of %2, %3").arg(step).arg(steps ? steps : kValueSteps).arg(mask_state_words(m_space)) +
      (prints ? QString() : tr(", does not print")));
  m_mask->setFont(inside && !*inside ? heading_font() : caption_font());
  const Family* family = find_family(m_space.piece(), s.family);
  m_family->setText(family ? tr("to %1").arg(text(family->name)) : tr("to a new family"));
  m_hand->setChecked(m_hand_over.on());
  m_hand->setToolTip(
      m_hand_over.last().isEmpty()
          ? tr("Copy every picked color to the clipboard, as %1 (Ctrl+H)").arg(words_for(m_hand_over.form()))
          : m_hand_over.last());
}

} // namespace zc
