#include "app/tray/partners_row.h"

#include "app/theme/controls.h"
#include "app/theme/text.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"
#include "core/wheel/partners.h"

#include <QGridLayout>
#include <QLabel>

namespace zc {

PartnersRow::PartnersRow(Workspace& space, QWidget* parent)
    : QWidget(parent), m_space(space), m_chips(new ChipRow(tr("Partners of the current color"), this)),
      m_fix(new WordButton(tr("fix"), this)) {
  m_chips->setObjectName(QStringLiteral("partners"));
  m_fix->setObjectName(QStringLiteral("fixPartners"));
  m_fix->setCheckable(true);
  m_fix->setToolTip(tr("Keep these partners, here and on the rim, while picking goes on"));
  auto* label = new QLabel(tr("Partners"), this);
  label->setFont(caption_font());
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(kGap);
  grid->setVerticalSpacing(2);
  grid->addWidget(label, 0, 0);
  grid->addWidget(m_fix, 0, 1, Qt::AlignLeft);
  grid->addWidget(m_chips, 1, 0, 1, 2);
  grid->setColumnStretch(1, 1);
  connect(m_chips, &ChipRow::taken, this, [this](std::size_t chip) {
    const StringStep step = m_chips->steps()[chip];
    m_space.take_up(step.color, step.at);
  });
  connect(m_chips, &ChipRow::laid, this, [this](std::size_t chip) {
    const StringStep step = m_chips->steps()[chip];
    m_space.lay_color({step.color, step.at});
  });
  connect(m_fix, &QAbstractButton::clicked, &m_space, &Workspace::fix_partners);
  space.hear({&Workspace::colorChanged, &Workspace::geometryChanged, &Workspace::viewChanged}, this,
             &PartnersRow::follow);
  follow();
}

void PartnersRow::follow() {
  std::vector<StringStep> steps;
  QStringList words;
  for (const auto& p : partners_of(m_space.wheel(), m_space.partners_place())) {
    steps.push_back({p.color, m_space.geometry().place(p.at)});
    words << tr("%1, %2° on: %3")
                 .arg(QString::fromLatin1(p.name.data(), static_cast<qsizetype>(p.name.size())))
                 .arg(p.turn)
                 .arg(color_told(p.color));
  }
  m_chips->show_steps(std::move(steps), words, m_space.session().values_only);
  m_fix->setChecked(m_space.session().relations_of.has_value());
}

} // namespace zc
