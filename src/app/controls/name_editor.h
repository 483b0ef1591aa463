// SPDX-License-Identifier: GPL-3.0-or-later
// A name edited where it stands: Enter takes it, Escape leaves it as it was.
#pragma once

#include <QLineEdit>
#include <functional>

namespace zc {

class NameEditor final : public QLineEdit {
  Q_OBJECT
public:
  /// Hidden until edit() is called.
  NameEditor(const QString& object_name, QWidget* parent);
  /// Edits a name over a place of the parent; `done` gets the new name when it was changed.
  void edit(const QRectF& place, const QString& was, const std::function<void(const QString&)>& done);

protected:
  void keyPressEvent(QKeyEvent* event) override;

private:
  void finish();
  std::function<void(const QString&)> m_done;
};

} // namespace zc
