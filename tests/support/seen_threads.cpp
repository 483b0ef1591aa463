// SPDX-License-Identifier: GPL-3.0-or-later
// For the thread sanitizer: the toolkit is built without it, so that what its pools and its queue hand from
// thread to thread would look unguarded. These stand before the toolkit's own functions and tell it.
#include <QCoreApplication>
#include <QEvent>
#include <QThreadPool>

#include <dlfcn.h>
#include <sanitizer/tsan_interface.h>

namespace {

char queue; ///< What is called later in the main thread is handed over here.

/// The toolkit's own, behind the one of the same name here.
template <class F> F* own(const char* mangled) { return reinterpret_cast<F*>(dlsym(RTLD_NEXT, mangled)); }

class TakesOver final : public QObject {
public:
  using QObject::QObject;
  bool eventFilter(QObject*, QEvent* event) override {
    if (event->type() == QEvent::MetaCall) __tsan_acquire(&queue);
    return false;
  }
};

class Handed final : public QRunnable {
public:
  Handed(std::function<void()> work, QThreadPool* pool) : m_work(std::move(work)), m_pool(pool) {}
  void run() override {
    __tsan_acquire(this); // Before anything of it is read.
    m_work();
    __tsan_release(m_pool);
  }

private:
  std::function<void()> m_work;
  QThreadPool* m_pool;
};

void watch_the_queue() { qApp->installEventFilter(new TakesOver(qApp)); }

} // namespace

Q_COREAPP_STARTUP_FUNCTION(watch_the_queue)

void QThreadPool::start(std::function<void()> work, int priority) {
  auto* handed = new Handed(std::move(work), this);
  __tsan_release(handed);
  start(handed, priority);
}

bool QThreadPool::waitForDone(int milliseconds) {
  using Own = bool(QThreadPool*, int);
  static const auto wait = own<Own>("_ZN11QThreadPool11waitForDoneEi");
  const bool done = wait(this, milliseconds);
  __tsan_acquire(this);
  return done;
}

bool QMetaObject::invokeMethodImpl(QObject* object, QtPrivate::QSlotObjectBase* slot, Qt::ConnectionType type,
                                   void* out) {
  using Own = bool(QObject*, QtPrivate::QSlotObjectBase*, Qt::ConnectionType, void*);
  static const auto invoke = own<Own>(
      "_ZN11QMetaObject16invokeMethodImplEP7QObjectPN9QtPrivate15QSlotObjectBaseEN2Qt14ConnectionTypeEPv");
  __tsan_release(&queue);
  return invoke(object, slot, type, out);
}
