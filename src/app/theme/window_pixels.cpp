// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/theme/window_pixels.h"

#include <QApplication>
#include <QBackingStore>
#include <QEvent>
#include <QWidget>

namespace zc {
namespace {

class LettingGo final : public QObject {
public:
  using QObject::QObject;
  bool eventFilter(QObject* object, QEvent* event) override {
    // What the desktop hides by itself (spontaneous), as when it folds a window away, it shows again without
    // having it painted.
    if (event->type() != QEvent::Hide || event->spontaneous() || !object->isWidgetType()) return false;
    const auto* widget = static_cast<QWidget*>(object);
    if (widget->isWindow() && widget->backingStore()) widget->backingStore()->resize(QSize(1, 1));
    return false;
  }
};

} // namespace

void hold_pixels_of_shown_windows_only() { qApp->installEventFilter(new LettingGo(qApp)); }

} // namespace zc
