// SPDX-License-Identifier: GPL-3.0-or-later
// Photos that were taken in become references of the piece; what could not be taken in is said, all at once.
#pragma once

#include "model/session/viewing.h"

#include <QStringList>

namespace zc {

class PhotoIntake final : public QObject {
  Q_OBJECT
public:
  PhotoIntake(Studio& studio, Viewing& viewing);

private:
  void admit(const PhotoLibrary::Admitted& photo);
  void note_refusal(const QString& sentence);
  void tell_refusals();

  Studio& m_studio;
  Viewing& m_viewing;
  QStringList m_refusals; ///< Of the photos being taken in, told together at the end.
};

} // namespace zc
