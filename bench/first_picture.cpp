// SPDX-License-Identifier: GPL-3.0-or-later
// Loaded before a program of the toolkit it ends it as soon as the first picture of a window is there, so
// that any program's start is timed in the same way.
#include <QBackingStore>
#include <unistd.h>

void QBackingStore::flush(const QRegion& /*region*/, QWindow* /*window*/, const QPoint& /*offset*/) {
  _exit(0);
}
