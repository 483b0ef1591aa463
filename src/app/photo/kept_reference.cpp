// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/photo/kept_reference.h"

#include "app/band/value_axis.h"
#include "app/controls/controls.h"
#include "app/photo/photo_view.h"
#include "app/theme/theme.h"
#include "model/i18n/text.h"
#include "model/photo/photo_model.h"
#include "model/session/laying.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace zc {

KeptReference::KeptReference(Studio& model, Picking& picking, Laying& laying, Viewing& viewing,
                             PhotoModel& photos, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_which(new QComboBox(this)),
      m_look(new QComboBox(this)), m_photo(new PhotoView(model, picking, laying, viewing, photos, this)) {
  setMinimumWidth(kNarrowest);
  m_photo->setObjectName(QStringLiteral("keptPhoto"));
  m_which->setObjectName(QStringLiteral("keptWhich"));
  m_which->setAccessibleName(tr("Reference kept in sight"));
  m_which->setToolTip(tr("Which reference is kept in sight"));
  m_which->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  m_look->setObjectName(QStringLiteral("keptLook"));
  m_look->setAccessibleName(tr("How the reference is shown"));
  m_look->setToolTip(tr("How the reference is shown at this desk; the keys of the photo do the same"));
  const std::pair<QString, PhotoLook> looks[] = {
      {tr("color"), PhotoLook::Color},      {tr("value"), PhotoLook::Value},
      {tr("flat tones"), PhotoLook::Flat},  {tr("squint"), PhotoLook::Squint},
      {tr("tone steps"), PhotoLook::Steps}, {tr("through mask"), PhotoLook::Mask}};
  for (const auto& [words, look] : looks) m_look->addItem(words, static_cast<int>(look));
  auto* away =
      word_action(QStringLiteral("keptAway"), tr("Close"), tr("Close the reference at this desk (K)"), this);

  auto* row = new QHBoxLayout;
  row->setSpacing(6);
  row->setContentsMargins(0, 2, 0, 0);
  row->addWidget(m_which, 1);
  row->addWidget(m_look);
  row->addWidget(away);
  auto* head = new QWidget(this);
  head->setFixedHeight(ValueAxis::kHead - 4);
  head->setLayout(row);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(kMargin, 0, 0, 6);
  column->setSpacing(4);
  column->addWidget(head);
  column->addWidget(m_photo, 1);

  connect(m_which, &QComboBox::activated, this,
          [this] { m_viewing.show_reference(m_which->currentData().toULongLong()); });
  connect(m_look, &QComboBox::activated, this,
          [this] { m_viewing.show_look(static_cast<PhotoLook>(m_look->currentData().toInt())); });
  connect(away, &QAbstractButton::clicked, this, [this] { m_viewing.keep_reference(false); });
  model.hear({Part::References}, this, &KeptReference::follow_references);
  model.hear({Part::Desk, Part::Looking, Part::Reference, Part::ColorVision}, this,
             &KeptReference::follow_view);
  follow_references();
}

void KeptReference::follow_references() {
  const QSignalBlocker quiet(m_which);
  m_which->clear();
  for (const auto& r : m_model.piece().references) m_which->addItem(text(r.name), QVariant::fromValue(r.id));
  allow(*m_which, m_which->count() > 0, tr("Add a photo at Observe first."));
  follow_view();
}

void KeptReference::follow_view() {
  const QSignalBlocker which(m_which), look(m_look);
  m_which->setCurrentIndex(m_which->findData(QVariant::fromValue(m_model.session().reference)));
  m_look->setCurrentIndex(m_look->findData(static_cast<int>(m_model.session().looking.look)));
}

} // namespace zc
