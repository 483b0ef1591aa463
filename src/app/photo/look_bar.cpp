// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/photo/look_bar.h"

#include "app/controls/controls.h"
#include "app/controls/number_field.h"
#include "app/theme/theme.h"
#include "model/session/studio.h"
#include "model/session/viewing.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QSlider>

namespace zc {

LookBar::LookBar(Studio& model, Viewing& viewing, QWidget* parent)
    : QWidget(parent), m_model(model), m_viewing(viewing), m_looks(new QComboBox(this)),
      m_tones(new NumberField(QStringLiteral("flatTones"), tr("Number of flat tones"), this)),
      m_find(new WordControl(ControlKind::Action, tr("Find limits"), this)),
      m_squint(new QSlider(Qt::Horizontal, this)),
      m_steps(new NumberField(QStringLiteral("toneSteps"), tr("Number of tone steps"), this)) {
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2);
  m_looks->setObjectName(QStringLiteral("look"));
  m_looks->setAccessibleName(tr("Look at the photo"));
  m_looks->setToolTip(
      tr("Look at the photo in color, in values or simplified. Each way has a key of its own."));
  const std::tuple<QString, PhotoLook, QString> looks[] = {
      {tr("in color"), PhotoLook::Color, tr("The photo in color (C)")},
      {tr("in values"), PhotoLook::Value, tr("Greys of equal lightness (V)")},
      {tr("in flat tones"), PhotoLook::Flat, tr("A few flat tones; drag their limits on the value axis (F)")},
      {tr("squinted"), PhotoLook::Squint, tr("Blurred, as with eyes half shut (S)")},
      {tr("in tone steps"), PhotoLook::Steps, tr("Even tone steps from black to white (T)")},
      {tr("through the mask"), PhotoLook::Mask,
       tr("The photo through the mask; drag the edge between before and after (M)")}};
  for (const auto& [word, look, tip] : looks) {
    m_looks->addItem(word, static_cast<int>(look));
    m_looks->setItemData(m_looks->count() - 1, tip, Qt::ToolTipRole);
  }
  connect(m_looks, &QComboBox::activated, this, [this](int i) {
    m_viewing.show_look(static_cast<PhotoLook>(m_looks->itemData(i).toInt()));
    follow();
  });
  row->addWidget(m_looks);
  row->addSpacing(8);
  m_tones->set_range({2, 5, 1, 0, tr(" tones"), false, {}});
  m_tones->setFixedWidth(60);
  m_tones->setToolTip(tr("How many flat tones, 2 to 5"));
  m_find->setObjectName(QStringLiteral("findLimits"));
  m_find->setToolTip(tr("Find the best limits between the tones"));
  m_squint->setObjectName(QStringLiteral("squintAmount"));
  m_squint->setAccessibleName(tr("How much the photo is blurred"));
  m_squint->setToolTip(tr("How much the photo is blurred"));
  m_squint->setRange(1, 60);
  m_squint->setFixedWidth(100);
  m_steps->set_range({2, 21, 1, 0, tr(" steps"), false, {}});
  m_steps->setFixedWidth(60);
  m_steps->setToolTip(tr("How many tone steps, 2 to 21"));
  for (QWidget* w : {static_cast<QWidget*>(m_tones), static_cast<QWidget*>(m_find),
                     static_cast<QWidget*>(m_squint), static_cast<QWidget*>(m_steps)})
    row->addWidget(w);
  row->addStretch();

  hear_fields();
  model.hear({Part::Looking, Part::Steps}, this, &LookBar::follow);
  follow();
}

void LookBar::hear_fields() {
  connect(m_tones, &NumberField::wanted, this, [this](double n) {
    Looking looking = m_model.session().looking;
    looking.tones = static_cast<int>(std::lround(n));
    looking.limits.clear();
    m_viewing.look_at(looking);
  });
  connect(m_find, &QAbstractButton::clicked, this, [this] {
    Looking looking = m_model.session().looking;
    looking.limits.clear();
    m_viewing.look_at(looking);
  });
  connect(m_squint, &QSlider::valueChanged, this, [this](int n) {
    Looking looking = m_model.session().looking;
    looking.squint = n / 10.0;
    m_viewing.look_at(looking);
  });
  connect(m_steps, &NumberField::wanted, this, [this](double n) {
    Looking looking = m_model.session().looking;
    looking.steps = static_cast<int>(std::lround(n));
    m_viewing.look_at(looking);
  });
}

void LookBar::follow() {
  const Looking& looking = m_model.session().looking;
  m_looks->setCurrentIndex(m_looks->findData(static_cast<int>(looking.look)));
  m_tones->setVisible(looking.look == PhotoLook::Flat);
  m_find->setVisible(looking.look == PhotoLook::Flat);
  m_squint->setVisible(looking.look == PhotoLook::Squint);
  m_steps->setVisible(looking.look == PhotoLook::Steps);
  m_tones->show_value(looking.tones);
  m_steps->show_value(looking.steps);
  const QSignalBlocker quiet(m_squint);
  m_squint->setValue(static_cast<int>(std::lround(looking.squint * 10)));
}

} // namespace zc
