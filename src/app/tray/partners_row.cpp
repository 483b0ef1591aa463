#include "app/tray/partners_row.h"

#include "app/theme/controls.h"
#include "app/theme/theme.h"
#include "app/tray/chip_row.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"
#include "core/wheel/partners.h"

#include <QGridLayout>
#include <QLabel>

namespace zc {

PartnersRow::PartnersRow(Workbench& bench, QWidget* parent)
    : QWidget(parent), m_bench(bench), m_chips(new ChipRow(tr("Partners of the current color"), this)),
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
    m_bench.take_up(step.color, step.at);
  });
  connect(m_chips, &ChipRow::laid, this, [this](std::size_t chip) {
    const StringStep step = m_chips->steps()[chip];
    m_bench.lay_color({step.color, step.at});
  });
  connect(m_fix, &QAbstractButton::clicked, &m_bench, &Workbench::fix_partners);
  for (const auto signal : {&Workbench::colorChanged, &Workbench::pieceChanged, &Workbench::viewChanged})
    connect(&bench, signal, this, &PartnersRow::follow);
  follow();
}

void PartnersRow::follow() {
  std::vector<StringStep> steps;
  QStringList words;
  for (const auto& p : partners_of(m_bench.wheel(), m_bench.partners_place())) {
    steps.push_back({p.color, p.at});
    words << tr("%1, %2° on: %3, %4")
                 .arg(QString::fromLatin1(p.name.data(), static_cast<qsizetype>(p.name.size())))
                 .arg(p.turn)
                 .arg(QString::fromStdString(color_in_words(p.color)),
                      QString::fromStdString(hex_of(p.color)));
  }
  m_chips->show_steps(std::move(steps), words, m_bench.session().values_only);
  m_fix->setChecked(m_bench.session().partners_of.has_value());
}

} // namespace zc
