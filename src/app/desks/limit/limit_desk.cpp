// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/limit/limit_desk.h"

#include "app/controls/controls.h"
#include "app/desks/limit/area_panel.h"
#include "app/desks/limit/keys_page.h"
#include "app/desks/limit/pattern_panel.h"
#include "app/desks/limit/reference_panel.h"
#include "app/shelf/mask_source.h"
#include "app/shelf/shelf_panel.h"
#include "app/theme/theme.h"
#include "app/wheel/mask_hands.h"
#include "app/wheel/mask_rule.h"
#include "app/wheel/wheel_head.h"
#include "app/wheel/wheel_view.h"
#include "model/application/app_model.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/photo/photo_model.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zc {

LimitDesk::LimitDesk(AppModel& model, QWidget* parent)
    : QWidget(parent), m_model(model), m_mask_page(new QWidget(this)),
      m_wheel(new WheelView(model, model.picking(), model.laying(), model.masking(), model.plan(),
                            model.reader(), model.reaches(), WheelView::Use::ShapeMask, m_mask_page)),
      m_keys(new KeysPage(model, this)) {
  make_mask_page();
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, kGap, 6);
  column->setSpacing(2);
  column->addWidget(m_mask_page, 1);
  column->addWidget(m_keys, 1);
  model.hear({Part::Geometry, Part::References, Part::Color, Part::Reference, Part::Looking, Part::Masking,
              Part::ColorVision, Part::Keys},
             this, &LimitDesk::follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, &LimitDesk::follow);
  connect(m_wheel->hands(), &MaskHands::toolChanged, this, &LimitDesk::follow_tools);
  connect(m_keys, &KeysPage::closed, this, &LimitDesk::take_focus);
  follow();
  follow_tools();
}

void LimitDesk::take_focus() {
  if (m_model.session().shows_keys)
    m_keys->take_focus();
  else
    m_wheel->setFocus();
}

void LimitDesk::make_mask_page() {
  auto* left = new QVBoxLayout;
  left->setSpacing(4);
  left->addWidget(
      new WheelHead(m_model, m_model.masking(), m_model.viewing(), WheelHead::Build::Choices, this));
  left->addWidget(m_wheel, 1);
  left->addWidget(make_tools());
  m_facts = new QLabel(this);
  m_facts->setObjectName(QStringLiteral("maskFacts"));
  m_facts->setFont(caption_font());
  m_facts->setWordWrap(true);
  m_facts->setMinimumHeight(34);
  m_facts->setAlignment(Qt::AlignLeft | Qt::AlignTop);
  left->addWidget(m_facts);
  auto* row = new QHBoxLayout(m_mask_page);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(12);
  row->addLayout(left, 1);
  row->addWidget(make_side());
}

QWidget* LimitDesk::make_tools() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2);
  auto* label = new QLabel(tr("Draw area"), box);
  label->setFont(heading_font());
  row->addWidget(label);
  row->addSpacing(kGap);
  QHBoxLayout* joined = joined_row();
  row->addLayout(joined);
  const auto button = [&](const QString& name, const QString& word, const QString& tip) {
    auto* b = word_choice(name, word, tip, box);
    joined->addWidget(b);
    return b;
  };
  using Tool = MaskHands::Tool;
  const std::tuple<QString, QString, QString, Tool> tools[] = {
      {QStringLiteral("draw.outline"), tr("free shape"),
       tr("Click corners and end at the first one, or draw freehand with mouse or pen. Enter ends the "
          "outline, Backspace removes the last corner, Escape cancels."),
       Tool::Outline},
      {QStringLiteral("draw.round"), tr("ellipse"), tr("Drag from the center outward"), Tool::Round},
      {QStringLiteral("draw.sector"), tr("sector"), tr("Drag from one corner to the opposite one"),
       Tool::Sector}};
  for (const auto& [name, word, tip, tool] : tools) {
    auto* b = button(name, word, tip);
    m_tools.push_back(b);
    connect(b, &QAbstractButton::clicked, this, [this, tool = tool](bool on) {
      m_wheel->hands()->choose_tool(on ? tool : Tool::None);
      m_wheel->setFocus();
    });
  }
  row->addSpacing(12);
  // What the next area does is asked once one is going to be drawn.
  m_mode_box = new QWidget(box);
  m_mode_box->setLayout(joined = joined_row());
  joined->setContentsMargins(0, 0, 0, 0);
  row->addWidget(m_mode_box);
  const std::tuple<QString, QString, QString> modes[] = {
      {QStringLiteral("draw.adds"), tr("Add"), tr("The next area you draw is added to the mask")},
      {QStringLiteral("draw.cuts"), tr("Subtract"),
       tr("The next area you draw is subtracted from the mask")}};
  for (const auto& [name, word, tip] : modes) {
    auto* b = button(name, word, tip);
    const auto mode = m_modes.empty() ? AreaMode::Adds : AreaMode::Cuts;
    m_modes.push_back(b);
    connect(b, &QAbstractButton::clicked, this, [this, mode] { m_wheel->hands()->choose_mode(mode); });
  }
  row->addStretch();
  return box;
}

QWidget* LimitDesk::make_mask_commands() {
  auto* box = new QWidget(this);
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(4);
  const auto command = [&](const QString& name, const QString& word, const QString& tip, auto run) {
    auto* button = new QPushButton(word, box);
    button->setObjectName(name);
    button->setToolTip(tip);
    button->setFont(caption_font());
    row->addWidget(button);
    connect(button, &QPushButton::clicked, this, run);
    m_commands.push_back(button);
  };
  command(QStringLiteral("takeNeutral"), tr("Use neutral"),
          tr("Make the subjective neutral, the middle of the mask, the current color; the value stays"),
          [this] { m_model.picking().use_neutral(); });
  command(QStringLiteral("layKeys"), tr("Add corners"),
          tr("Add the colors at the corners of the mask, at the current value, as a family"),
          [this] { m_model.laying().lay_key_colors(); });
  m_show_keys = word_opener(QStringLiteral("openKeys"), tr("Keys"),
                            tr("See the reference in other color keys, and take one"), box);
  connect(m_show_keys, &QAbstractButton::clicked, this, [this] {
    m_model.viewing().show_keys(true);
    take_focus();
  });
  row->addWidget(m_show_keys);
  row->addStretch();
  return box;
}

QWidget* LimitDesk::make_lists() {
  auto* pages = new Pages(this);
  m_areas = new AreaPanel(m_model, m_model.masking(), pages);
  pages->add(QStringLiteral("page.reference"), tr("Reference"),
             tr("See the reference through the mask, or fit a mask to the reference"),
             new ReferencePanel(m_model, m_model.viewing(), m_model.reader(), pages));
  pages->add(QStringLiteral("page.areas"), tr("Areas"), tr("The areas of the mask, in numbers"), m_areas);
  pages->add(QStringLiteral("page.shelf"), tr("Shelf"), tr("Masks that all your pieces share"),
             new ShelfPanel(m_model, std::make_unique<MaskSource>(m_model), pages));
  return pages;
}

QWidget* LimitDesk::make_side() {
  auto* side = new QWidget(this);
  auto* column = new QVBoxLayout(side);
  column->setContentsMargins(0, 6, 0, 0);
  column->setSpacing(6);
  m_patterns = new PatternPanel(m_model, m_model.masking(), side);
  column->addWidget(m_patterns);
  column->addSpacing(2);
  column->addWidget(new MaskRuleChoice(m_model, MaskRuleChoice::Build::Choices, side));
  column->addWidget(make_mask_commands());
  column->addSpacing(2);
  column->addWidget(make_lists(), 1);
  // As wide as its words, which some languages need more room for.
  constexpr int usual = 266;
  side->setFixedWidth(std::max(usual, column->minimumSize().width()));
  return side;
}

QString LimitDesk::share_of_photo() const {
  const Reference* reference = find_reference(m_model.piece(), m_model.session().reference);
  const auto inside = isVisible() ? m_model.reader().share_inside() : std::nullopt;
  if (!reference || !inside) return {};
  return tr(", holds %1 % of %2").arg(number(100 * *inside, 0)).arg(QString::fromStdString(reference->name));
}

QString LimitDesk::facts() const {
  const auto& mask = m_model.piece().mask;
  if (!mask)
    return tr("No mask yet: every color can be picked. Choose a pattern, or draw an area, to limit hue and "
              "saturation.");
  const MaskRegion* region = m_model.region();
  if (!region) return tr("The mask is switched off.");
  const auto neutral = region->centroid();
  if (!neutral) return tr("The mask encloses no color. Move its corners apart.");
  const Srgb color = m_model.wheel().nearest_existing(wheel_point(*neutral, m_model.session().at.at.v)).color;
  QString out = tr("%1, turned %2°, fills %3 % of the wheel%5. Subjective neutral: %4.")
                    .arg(QString::fromStdString(mask->name))
                    .arg(number(mask->turned, 1))
                    .arg(number(100 * region->share(), 1))
                    .arg(color_name(color))
                    .arg(share_of_photo());
  for (const auto& area : mask->areas)
    if (const auto* polygon = std::get_if<Polygon>(&area.shape); polygon && crosses_itself(*polygon))
      return out + QStringLiteral(" ") + tr("An outline crosses itself; the mask is open where it overlaps.");
  return out;
}

void LimitDesk::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  follow();
}

void LimitDesk::follow() {
  const bool keys = m_model.session().shows_keys;
  m_mask_page->setVisible(!keys);
  m_keys->setVisible(keys);
  m_show_keys->setChecked(keys);
  m_facts->setText(facts());
  for (QPushButton* button : m_commands)
    allow(*button, m_model.piece().mask.has_value(),
          tr("There is no mask yet. Choose a pattern at Limit, or draw an area."));
}

void LimitDesk::follow_tools() {
  const auto& hands = *m_wheel->hands();
  for (std::size_t i = 0; i < m_tools.size(); ++i)
    m_tools[i]->setChecked(static_cast<std::size_t>(hands.tool()) == i + 1);
  m_mode_box->setVisible(hands.tool() != MaskHands::Tool::None);
  m_modes[0]->setChecked(hands.mode() == AreaMode::Adds);
  m_modes[1]->setChecked(hands.mode() == AreaMode::Cuts);
}

} // namespace zc
