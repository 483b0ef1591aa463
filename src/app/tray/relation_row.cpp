// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/tray/relation_row.h"

#include "app/controls/controls.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QMenu>
#include <QSettings>
#include <QVBoxLayout>

namespace zc {

namespace {

constexpr int kLeastChips = 64;
const QString kOpenSetting = QStringLiteral("tray/relation");

} // namespace

void fill_with_relations(QComboBox& box) {
  const std::pair<QString, Relation> relations[] = {{RelationRow::tr("complement"), Relation::Complement},
                                                    {RelationRow::tr("split"), Relation::Split},
                                                    {RelationRow::tr("triad"), Relation::Triad},
                                                    {RelationRow::tr("square"), Relation::Square},
                                                    {RelationRow::tr("rectangle"), Relation::Rectangle},
                                                    {RelationRow::tr("analogous"), Relation::Analogous},
                                                    {RelationRow::tr("double"), Relation::Double}};
  for (const auto& [words, relation] : relations) box.addItem(words, static_cast<int>(relation));
}

void show_members(ChipRow& chips, const Studio& studio, const Picking& picking) {
  std::vector<RampStep> steps;
  QStringList words, captions;
  for (const auto& member : picking.members()) {
    steps.push_back({member.color, studio.geometry().place(member.at)});
    captions << RelationRow::tr("%1°").arg(std::lround(member.turn));
    words << RelationRow::tr(
                 "%1° further: %2. Click to use it, Ctrl+click to add it to the set; on the rim of the wheel "
                 "it can be dragged.")
                 .arg(std::lround(member.turn))
                 .arg(color_told(member.color));
  }
  chips.show_steps(std::move(steps), words, studio.session().vision);
  chips.show_captions(captions);
}

RelationRow::RelationRow(Studio& model, Picking& picking, Laying& laying, QWidget* parent)
    : QWidget(parent), m_model(model), m_picks(picking), m_laying(laying), m_content(new QWidget(this)),
      m_relation(new QComboBox(this)), m_vivid(new WordControl(ControlKind::Switch, tr("vivid"), m_content)),
      m_fix(new WordControl(ControlKind::Switch, tr("pin"), m_content)),
      m_chips(new ChipRow(tr("Members of the relation"), m_content)) {
  m_relation->setObjectName(QStringLiteral("relation"));
  m_relation->setAccessibleName(tr("Relation of the current color"));
  m_relation->setToolTip(tr("Show hues related to the current color: complement 180°; split 150° and 210°; "
                            "triad 120° and 240°; square 90°, 180°, 270°; rectangle 60°, 180°, 240°; "
                            "analogous 30° to either side; double complement 30°, 180°, 210°"));
  fill_with_relations(*m_relation);
  m_vivid->setObjectName(QStringLiteral("relationVivid"));
  m_vivid->setToolTip(
      tr("Show each related color at the value where its hue is strongest, not at the current value"));
  m_fix->setObjectName(QStringLiteral("fixRelation"));
  m_fix->setToolTip(tr("Leave the relation where it is, here and on the rim, while you pick"));
  auto* lay = word_action(
      QStringLiteral("layRelation"), tr("Add all"),
      tr("Add the current color and all related colors as a family named after the relation"), m_content);
  m_chips->setObjectName(QStringLiteral("members"));
  m_chips->setMinimumWidth(kLeastChips);

  auto* head = new QHBoxLayout;
  head->setSpacing(4);
  head->addWidget(m_relation, 1);
  head->addWidget(m_vivid);
  head->addWidget(m_fix);
  auto* row = new QHBoxLayout(m_content);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(6);
  row->addWidget(m_chips, 1, Qt::AlignTop);
  row->addWidget(lay, 0, Qt::AlignTop);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(3);
  column->addLayout(head);
  column->addWidget(m_content);
  open(QSettings().value(kOpenSetting, false).toBool());

  connect(m_relation, &QComboBox::activated, this,
          [this] { m_picks.choose_relation(static_cast<Relation>(m_relation->currentData().toInt())); });
  connect(m_vivid, &QAbstractButton::clicked, &m_picks, &Picking::show_members_vivid);
  connect(m_fix, &QAbstractButton::clicked, &m_picks, &Picking::fix_relation);
  connect(lay, &QAbstractButton::clicked, &m_laying, &Laying::lay_relation);
  connect(m_chips, &ChipRow::taken, &m_picks, &Picking::use_member);
  connect(m_chips, &ChipRow::laid, &m_laying, &Laying::lay_member);
  model.hear({Part::Color, Part::Geometry, Part::Relations, Part::Steps, Part::ColorVision, Part::Vivid},
             this, &RelationRow::follow);
  follow();
}

void RelationRow::fill_menu(QMenu& menu) {
  for (int i = 0; i < m_relation->count(); ++i)
    menu.addAction(m_relation->itemText(i), this, [this, i] {
      m_picks.choose_relation(static_cast<Relation>(m_relation->itemData(i).toInt()));
      open(true);
    });
  auto* all = menu.addAction(tr("Show all on the rim"));
  all->setObjectName(QStringLiteral("allRelations"));
  all->setCheckable(true);
  connect(all, &QAction::triggered, &m_picks, &Picking::show_all_relations);
  connect(&menu, &QMenu::aboutToShow, all, [this, all] { all->setChecked(m_model.session().relations.all); });
  auto* hide = menu.addAction(tr("Hide related colors"), this, [this] { open(false); });
  hide->setObjectName(QStringLiteral("hideRelation"));
  connect(&menu, &QMenu::aboutToShow, hide, [this, hide] { hide->setVisible(!m_content->isHidden()); });
}

/// It stays as it was left.
void RelationRow::open(bool open) {
  QSettings().setValue(kOpenSetting, open);
  setVisible(open);
  m_content->setVisible(open);
}

void RelationRow::follow() {
  const Session& s = m_model.session();
  show_members(*m_chips, m_model, m_picks);
  const QSignalBlocker quiet(m_relation);
  m_relation->setCurrentIndex(m_relation->findData(static_cast<int>(s.relations.relation)));
  m_vivid->setChecked(s.relations.value == MemberValue::Vivid);
  m_fix->setChecked(s.relations.of.has_value());
}

} // namespace zc
