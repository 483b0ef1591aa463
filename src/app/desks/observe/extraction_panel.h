// SPDX-License-Identifier: GPL-3.0-or-later
// How colors are taken out of a photo: how far apart, as what, from where, how many accents.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QComboBox;

namespace zc {

class NumberField;
class Extracting;

class ExtractionPanel final : public QWidget {
  Q_OBJECT
public:
  ExtractionPanel(Extracting& taking, QWidget* parent);

private:
  void follow();
  template <class F> void change(const F& f);

  Extracting& m_extracting;
  NumberField* m_difference;
  NumberField* m_accents;
  QComboBox* m_kind;
  QComboBox* m_mask;
};

} // namespace zc
