// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/name_editor.h"

#include <QKeyEvent>
#include <QShortcut>

namespace zc {

NameEditor::NameEditor(const QString& object_name, QWidget* parent) : QLineEdit(parent) {
  setObjectName(object_name);
  setAccessibleName(tr("Name"));
  hide();
  connect(new QShortcut(Qt::Key_Escape, this, nullptr, nullptr, Qt::WidgetShortcut), &QShortcut::activated,
          this, [this] {
            setModified(false);
            clearFocus();
          });
  connect(this, &QLineEdit::editingFinished, this, &NameEditor::finish);
}

void NameEditor::finish() {
  if (!isVisible()) return;
  hide();
  parentWidget()->setFocus();
  const QString given = text();
  const bool changed = isModified();
  clear();
  setModified(false);
  if (const auto done = std::exchange(m_done, {}); done && changed) done(given);
}

/// The Enter that ends a name is no command of what lies below it.
void NameEditor::keyPressEvent(QKeyEvent* event) {
  QLineEdit::keyPressEvent(event);
  if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) event->accept();
}

void NameEditor::edit(const QRectF& place, const QString& was,
                      const std::function<void(const QString&)>& done) {
  m_done = done;
  const int w = std::max(150, static_cast<int>(place.width())), room = parentWidget()->width();
  const int left = std::clamp(static_cast<int>(place.center().x()) - w / 2, 0, std::max(0, room - w));
  setGeometry(left, static_cast<int>(place.center().y()) - 13, w, 26);
  setText(was);
  setModified(false);
  selectAll();
  show();
  setFocus();
}

} // namespace zc
