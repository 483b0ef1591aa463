// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/extraction_panel.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/observe/extracting.h"
#include "app/theme/theme.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>

namespace zc {

ExtractionPanel::ExtractionPanel(Extracting& taking, QWidget* parent)
    : QWidget(parent), m_extracting(taking),
      m_difference(new NumberField(QStringLiteral("leastDifference"),
                                   tr("Least difference between two colors"), this)),
      m_accents(new NumberField(QStringLiteral("accents"), tr("Number of accents"), this)),
      m_kind(new QComboBox(this)), m_mask(new QComboBox(this)) {
  m_difference->set_range({0, 50, 1, 1, {}, false, {}});
  m_difference->setFixedWidth(40);
  m_difference->setToolTip(tr("Least difference (CIEDE2000) between any two colors, 0 to 50"));
  m_accents->set_range({0, kMostAccents, 1, 0, {}, false, {}});
  m_accents->setFixedWidth(30);
  m_accents->setToolTip(
      tr("Accents are small areas whose color is far from all others: at most this many of the colors"));
  m_kind->setObjectName(QStringLiteral("representative"));
  m_kind->setAccessibleName(tr("What each color is"));
  m_kind->setToolTip(
      tr("Each color is the average of a group of pixels, or a real pixel that is typical of it"));
  m_kind->addItem(tr("averages"), static_cast<int>(Representative::Mean));
  m_kind->addItem(tr("real pixels"), static_cast<int>(Representative::Pixel));
  m_mask->setObjectName(QStringLiteral("maskUse"));
  m_mask->setAccessibleName(tr("What the mask does to the extraction"));
  m_mask->setToolTip(tr("Take colors from the whole photo, only from what lies inside the mask, or from "
                        "everything moved into the mask"));
  m_mask->addItem(tr("from the whole photo"), static_cast<int>(MaskUse::Ignore));
  m_mask->addItem(tr("from inside the mask"), static_cast<int>(MaskUse::InsideOnly));
  m_mask->addItem(tr("moved into the mask"), static_cast<int>(MaskUse::MapInto));

  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(kMargin, 10, kMargin, 10);
  row->setSpacing(kGap);
  const auto labeled = [&](const QString& word, QWidget* field) {
    row->addWidget(caption_label(word, this));
    row->addWidget(field);
    row->addSpacing(kGap);
  };
  labeled(tr("Difference at least"), m_difference);
  labeled(tr("Accents"), m_accents);
  labeled(tr("Colors are"), m_kind);
  row->addWidget(m_mask);
  row->addStretch();

  connect(m_difference, &NumberField::wanted, this,
          [this](double x) { change([x](ExtractionSpec& s) { s.least_difference = x; }); });
  connect(m_accents, &NumberField::wanted, this, [this](double n) {
    change([n](ExtractionSpec& s) { s.accents = static_cast<int>(std::lround(n)); });
  });
  connect(m_kind, &QComboBox::currentIndexChanged, this, [this] {
    change([this](ExtractionSpec& s) {
      s.representative = static_cast<Representative>(m_kind->currentData().toInt());
    });
  });
  connect(m_mask, &QComboBox::currentIndexChanged, this, [this] {
    change([this](ExtractionSpec& s) { s.mask = static_cast<MaskUse>(m_mask->currentData().toInt()); });
  });
  connect(&m_extracting, &Extracting::changed, this, &ExtractionPanel::follow);
  follow();
}

template <class F> void ExtractionPanel::change(const F& f) {
  ExtractionSpec wanted = m_extracting.wanted();
  f(wanted);
  m_extracting.want(wanted);
}

void ExtractionPanel::follow() {
  const ExtractionSpec& wanted = m_extracting.wanted();
  m_difference->show_value(wanted.least_difference);
  m_accents->show_value(wanted.accents);
  const QSignalBlocker kind(m_kind), mask(m_mask);
  m_kind->setCurrentIndex(m_kind->findData(static_cast<int>(wanted.representative)));
  m_mask->setCurrentIndex(m_mask->findData(static_cast<int>(wanted.mask)));
}

} // namespace zc
