// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/reading_panel.h"

#include "app/controls/controls.h"
#include "app/paint/monitor.h"
#include "app/paint/paint.h"
#include "app/photo/footprint_picture.h"
#include "app/theme/theme.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/photo/photo_model.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QPainter>

namespace zc {
namespace {

constexpr int kDisc = 96, kTop = 10, kWords = 340;

} // namespace

ReadingPanel::ReadingPanel(Studio& model, Viewing& viewing, PhotoModel& photos, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_photos(photos),
      m_region(new WordControl(ControlKind::Switch, tr("draw region"), this)),
      m_hold(new WordControl(ControlKind::Switch, tr("keep samples in the mask"), this)) {
  setObjectName(QStringLiteral("reading"));
  setAccessibleName(tr("Values and key"));
  setFixedHeight(kDisc + 2 * kTop);
  m_region->setObjectName(QStringLiteral("markRegion"));
  m_region->setToolTip(tr("Drag on the photo to draw a region. Values, footprint and colors taken are then "
                          "from the region only (Escape removes it)."));
  m_region->move(kMargin + kWords, kTop + 20);
  m_hold->setObjectName(QStringLiteral("holdSamples"));
  m_hold->setToolTip(tr("Move a sampled color that lies outside the mask to the nearest color inside"));
  m_hold->move(kMargin + kWords, kTop + 50);
  connect(m_region, &QAbstractButton::clicked, this, [this](bool on) {
    Looking looking = m_model.session().looking;
    looking.marking = on;
    if (!on) looking.region.reset();
    m_viewing.look_at(looking);
  });
  connect(m_hold, &QAbstractButton::clicked, this, [this](bool on) {
    Looking looking = m_model.session().looking;
    looking.hold_samples = on;
    m_viewing.look_at(looking);
  });
  model.hear({Part::References, Part::Geometry, Part::Sets, Part::Looking, Part::Reference, Part::Sharing},
             this, &ReadingPanel::follow);
  connect(&model.photos(), &PhotoLibrary::changed, this, &ReadingPanel::follow);
  follow();
}

void ReadingPanel::follow() {
  const Looking& looking = m_model.session().looking;
  m_region->setChecked(looking.marking || looking.region);
  m_hold->setChecked(looking.hold_samples);
  allow(*m_hold, m_model.region(), tr("There is no mask in use. Make one at Limit."));
  update();
}

void ReadingPanel::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  painter.setFont(heading_font());
  painter.setPen(theme().text);
  painter.drawText(QRectF(kMargin, kTop, kWords, 18), Qt::AlignLeft | Qt::AlignVCenter,
                   m_model.session().looking.region ? tr("Values and key of the region")
                                                    : tr("Values and key of the photo"));
  const FineValues* values = m_photos.values();
  painter.setFont(caption_font());
  if (!values) {
    m_words = tr("No photo yet.");
    painter.drawText(QRectF(kMargin, kTop + 22, kWords, 20), Qt::AlignLeft, m_words);
    return;
  }
  const Shown now{PhotoMark(m_photos.photo()), m_model.session().looking.region, m_model.piece().wheel};
  if (!(now == m_shown) || m_footprint.isNull()) {
    m_shown = now;
    m_footprint = footprint_picture(m_photos.places(), kDisc * 2, false);
  }
  const QRectF disc(kMargin + kWords - kDisc - 2 * kMargin, kTop, kDisc, kDisc);
  painter.setPen(QPen(theme().line, 1));
  painter.setBrush(QColor(40, 40, 40));
  painter.drawEllipse(disc);
  painter.drawImage(disc, for_monitor(m_footprint));
  if (m_model.region()) {
    QPainterPath outline;
    for (const auto& ring : m_model.region()->outlines()) {
      QPolygonF polygon;
      for (const auto& p : ring) polygon << disc.center() + QPointF(p.x, -p.y) * kDisc / 2;
      outline.addPolygon(polygon);
      outline.closeSubpath();
    }
    draw_double_line(painter, outline, 1);
  }
  const BandShares shares = band_shares(*values, m_model.piece().bands);
  const auto key = key_of(*values);
  const auto percent = [](double share) { return number(100 * share, 0); };
  m_words = tr("%1\\nlight %2 %\\nmiddle %3 %\\ndark %4 %")
                .arg(word(key), percent(shares.light), percent(shares.middle), percent(shares.dark));
  m_words.replace(QStringLiteral("\\n"), QStringLiteral("\n"));
  if (const auto inside = m_photos.share_inside()) m_words += tr("\nin the mask %1 %").arg(percent(*inside));
  painter.setPen(theme().text);
  painter.drawText(QRectF(kMargin, kTop + 20, kWords, kDisc), Qt::AlignLeft | Qt::AlignTop, m_words);
}

} // namespace zc
