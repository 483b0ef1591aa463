// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/extraction_row.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/desks/observe/extracting.h"
#include "app/theme/theme.h"
#include "model/photo/photo_model.h"
#include "model/session/studio.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace zc {
namespace {

int& count_of(BandCounts& counts, std::size_t band) {
  return band == 0 ? counts.light : band == 1 ? counts.middle : counts.dark;
}

} // namespace

ExtractionRow::ExtractionRow(Studio& model, PhotoModel& photos, Extracting& taking, QWidget* parent)
    : QWidget(parent), m_model(model), m_photos(photos), m_extracting(taking),
      m_start(new QPushButton(this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(5);
  const std::pair<QString, QString> bands[] = {{QStringLiteral("count.light"), tr("light")},
                                               {QStringLiteral("count.middle"), tr("middle")},
                                               {QStringLiteral("count.dark"), tr("dark")}};
  for (std::size_t i = 0; i < 3; ++i) {
    m_counts[i] = new NumberField(bands[i].first, tr("Number of %1 colors").arg(bands[i].second), this);
    m_counts[i]->set_range({0, 60, 1, 0, {}, false, {}});
    m_counts[i]->setFixedWidth(30);
    m_counts[i]->setToolTip(tr("Number of %1 colors to take, 0 to 60").arg(bands[i].second));
    connect(m_counts[i], &NumberField::wanted, this,
            [this, i](double n) { want_count(i, static_cast<int>(std::lround(n))); });
    auto* label = caption_label(bands[i].second, this);
    row->addWidget(m_counts[i]);
    row->addWidget(label);
  }
  m_start->setObjectName(QStringLiteral("takeColors"));
  m_start->setToolTip(tr("Take a palette from the photo: this many light, middle and dark colors"));
  row->addSpacing(4);
  row->addWidget(m_start);
  connect(m_start, &QPushButton::clicked, this,
          [this] { m_extracting.running() ? m_extracting.stop() : m_extracting.start(); });
  connect(&m_extracting, &Extracting::refused, this,
          [this](const QString& sentence) { say_at(*m_start, sentence); });
  connect(&m_extracting, &Extracting::changed, this, &ExtractionRow::follow);
  model.hear({Part::Looking, Part::Reference, Part::Extracted}, this, &ExtractionRow::follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, &ExtractionRow::follow);
  m_start->setText(tr("Take palette"));
  m_start->setFixedWidth(m_start->sizeHint().width());
  follow();
}

void ExtractionRow::want_count(std::size_t band, int count) {
  ExtractionSpec wanted = m_extracting.wanted();
  count_of(*wanted.quotas, band) = count;
  m_extracting.want(wanted);
}

void ExtractionRow::follow() {
  BandCounts counts = *m_extracting.wanted().quotas;
  for (std::size_t i = 0; i < 3; ++i) m_counts[i]->show_value(count_of(counts, i));
  const bool running = m_extracting.running();
  m_start->setText(running ? tr("Stop, %1 %").arg(m_extracting.percent()) : tr("Take palette"));
  allow(*m_start, running || m_photos.photo(), tr("Add a photo first."));
}

} // namespace zc
