// SPDX-License-Identifier: GPL-3.0-or-later
// For the thread sanitizer: the toolkit is built without it, so that what its pools and its queue hand from
// thread to thread would look unguarded. These stand before the toolkit's own functions and tell it.
#include <QCoreApplication>
#include <QEvent>
#include <QFutureInterface>
#include <QThreadPool>

#include <dlfcn.h>
#include <memory>
#include <sanitizer/tsan_interface.h>

namespace {

char queue; ///< What is called later in the main thread is copied on pick here.

/// The toolkit's own, behind the one of the same name here.
template <class F> F* own(const char* mangled) { return reinterpret_cast<F*>(dlsym(RTLD_NEXT, mangled)); }

class TakesOver final : public QObject {
public:
  using QObject::QObject;
  bool eventFilter(QObject*, QEvent* event) override {
    if (event->type() == QEvent::MetaCall || event->type() == QEvent::FutureCallOut) __tsan_acquire(&queue);
    return false;
  }
};

class Handed final : public QRunnable {
public:
  Handed(std::unique_ptr<QRunnable> work, QThreadPool* pool) : m_work(std::move(work)), m_pool(pool) {}
  void run() override {
    __tsan_acquire(this); // Before anything of it is read.
    m_work->run();
    __tsan_release(m_pool);
  }

private:
  std::unique_ptr<QRunnable> m_work;
  QThreadPool* m_pool;
};

void watch_the_queue() { qApp->installEventFilter(new TakesOver(qApp)); }

} // namespace

Q_COREAPP_STARTUP_FUNCTION(watch_the_queue)

/// All of the program's work is deleted when it is done.
void QThreadPool::start(QRunnable* work, int priority) {
  using Own = void(QThreadPool*, QRunnable*, int);
  static const auto start_own = own<Own>("_ZN11QThreadPool5startEP9QRunnablei");
  auto* handed = new Handed(std::unique_ptr<QRunnable>(work), this);
  __tsan_release(handed);
  start_own(this, handed, priority);
}

void QThreadPool::start(std::function<void()> work, int priority) {
  start(QRunnable::create(std::move(work)), priority);
}

void QFutureInterfaceBase::reportFinished() {
  using Own = void(QFutureInterfaceBase*);
  static const auto report = own<Own>("_ZN20QFutureInterfaceBase14reportFinishedEv");
  __tsan_release(&queue);
  report(this);
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
