// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/controls/empty_action.h"

#include <QEvent>

namespace zc {
namespace {

constexpr int kBelowMiddle = 30; ///< Room for the second line of the sentence.

class StaysBelowMiddle final : public QObject {
public:
  StaysBelowMiddle(QWidget& view, WordControl& action) : QObject(&action), m_view(view), m_action(action) {
    view.installEventFilter(this);
    action.installEventFilter(this);
  }

protected:
  bool eventFilter(QObject* watched, QEvent* event) override {
    const bool moves = (watched == &m_view && event->type() == QEvent::Resize) ||
                       (watched == &m_action && event->type() == QEvent::Show);
    if (!moves) return false;
    m_action.resize(m_action.sizeHint());
    m_action.move((m_view.width() - m_action.width()) / 2, m_view.height() / 2 + kBelowMiddle);
    return false;
  }

private:
  QWidget& m_view;
  WordControl& m_action;
};

} // namespace

WordControl* empty_action(const QString& name, const QString& word, const QString& tip, QWidget& view) {
  auto* action = word_action(name, word, tip, &view);
  action->hide();
  new StaysBelowMiddle(view, *action);
  return action;
}

} // namespace zc
