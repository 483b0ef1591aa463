// SPDX-License-Identifier: GPL-3.0-or-later
// Values that are worked out from others: when they are made, which are kept, and what goes with a document.
#include "model/derived/derived.h"

#include <QSemaphore>
#include <QTest>

using namespace zc;

namespace {

/// Waits until it is allowed to go on, so that a test decides what happens meanwhile.
struct Gate {
  QSemaphore begun, open;
  int pass(int result) {
    begun.release();
    open.acquire();
    return result;
  }
};

} // namespace

class DerivedTest : public QObject {
  Q_OBJECT
private slots:
  void made_once_for_what_it_is_made_from() {
    const DocumentScope scope;
    Derived<int, int> value(scope);
    int made = 0;
    const auto ten_times = [&](int key) { return value.now(key, [&] { return ++made, 10 * key; }); };
    QVERIFY(!value.value() && !value.made_for());
    QCOMPARE(ten_times(1), 10);
    const auto serial = value.serial();
    QCOMPARE(ten_times(1), 10);
    QCOMPARE(made, 1);
    QCOMPARE(value.serial(), serial);
    QCOMPARE(ten_times(2), 20);
    QCOMPARE(made, 2);
    QVERIFY(value.serial() != serial && value.value_for(2) && !value.value_for(1));
    // Only the last is kept.
    QCOMPARE(ten_times(1), 10);
    QCOMPARE(made, 3);
    QCOMPARE(*value.made_for(), 1);
    const auto before = value.serial();
    QCOMPARE(value.taken(), 10);
    QVERIFY(!value.value() && value.serial() != before);
    ten_times(1);
    scope.forget_all();
    QVERIFY(!value.value());
    QCOMPARE(ten_times(1), 10);
    QCOMPARE(made, 5);
    // An empty key is one as well.
    Derived<std::optional<int>, int> of_none(scope);
    QVERIFY(!of_none.value_for(std::nullopt) && !of_none.is_asked(std::nullopt));
    QCOMPARE(of_none.now(std::nullopt, [] { return 7; }), 7);
    QCOMPARE(*of_none.value_for(std::nullopt), 7);
  }

  void made_beside_the_window_the_one_before_stands() {
    const DocumentScope scope;
    Derived<int, int> value(scope);
    int made = 0, told = 0;
    Gate gate;
    const auto ask = [&](int key) {
      value.later(
          key, [&made, &gate, key] { return ++made, gate.pass(10 * key); }, [&told] { ++told; });
    };
    ask(1);
    ask(1);
    QVERIFY(value.is_asked(1) && !value.value());
    gate.open.release();
    QTRY_COMPARE(told, 1);
    QCOMPARE(made, 1);
    QVERIFY(value.value_for(1) && !value.is_asked(1));
    ask(1); // It is there.
    QVERIFY(!value.is_asked(1));
    ask(2);
    QVERIFY(value.is_asked(2));
    QCOMPARE(*value.value(), 10);
    QVERIFY(!value.value_for(2));
    gate.open.release();
    QTRY_COMPARE(told, 2);
    QCOMPARE(*value.value_for(2), 20);
    QCOMPARE(made, 2);
  }

  /// Also when what was asked for first comes to its end last.
  void what_was_asked_for_last_is_kept() {
    const DocumentScope scope;
    Derived<int, int> value(scope);
    Gate first;
    std::vector<int> told;
    value.later(
        1, [&] { return first.pass(10); }, [&] { told.push_back(1); });
    first.begun.acquire();
    value.later(
        2, [] { return 20; }, [&] { told.push_back(2); });
    // What waits behind it and was not begun is never made.
    bool made = false;
    value.later(
        3, [&] { return made = true, 30; }, [&] { told.push_back(3); });
    value.later(
        2, [] { return 20; }, [&] { told.push_back(2); });
    QVERIFY(value.is_asked(2) && !value.is_asked(3));
    first.open.release();
    QTRY_COMPARE(told, (std::vector<int>{2}));
    QCOMPARE(*value.value_for(2), 20);
    QTest::qWait(20);
    QCOMPARE(told, (std::vector<int>{2}));
    QVERIFY(!made);
    // Made at once, what is on its way for another is not wanted any more.
    value.later(
        4, [&] { return first.pass(40); }, [&] { told.push_back(4); });
    QCOMPARE(value.now(5, [] { return 50; }), 50);
    QVERIFY(!value.is_asked(4));
    first.open.release();
    QTest::qWait(50);
    QCOMPARE(*value.value_for(5), 50);
    // Back at what is there, nothing is made again, and what was on its way is dropped.
    value.later(
        6, [&] { return first.pass(60); }, [&] { told.push_back(6); });
    value.later(
        5, [&] { return made = true, 50; }, [&] { told.push_back(5); });
    QVERIFY(!value.is_asked(5) && !value.is_asked(6));
    first.open.release();
    QTest::qWait(50);
    QVERIFY(!made && *value.value_for(5) == 50);
    QCOMPARE(told, (std::vector<int>{2}));
  }

  void work_tells_how_far_it_is_and_can_be_stopped() {
    const DocumentScope scope;
    std::vector<std::pair<bool, int>> seen;
    Task<int>* asked = nullptr;
    Task<int> task(scope, [&] { seen.emplace_back(asked->running(), asked->percent()); });
    asked = &task;
    Gate gate;
    int answer = 0;
    const auto work = [&gate](const Progress& progress) {
      if (!progress(0.4)) return -1;
      gate.pass(0);
      return progress(0.9) ? 1 : 2;
    };
    const auto take = [&](int made) {
      QVERIFY(!task.running());
      answer = made;
    };
    QCOMPARE(task.percent(), 0);
    task.start(work, take);
    QVERIFY(task.running());
    QCOMPARE(seen, (std::vector<std::pair<bool, int>>{{true, 0}}));
    QTRY_COMPARE(task.percent(), 40);
    QTRY_VERIFY(seen.back() == std::pair(true, 40));
    gate.open.release();
    QTRY_COMPARE(answer, 1);
    QVERIFY(seen.back() == std::pair(false, 0));
    // Stopped, it still says what it came to.
    answer = 0;
    task.start(work, take);
    QTRY_COMPARE(gate.begun.available(), 2);
    task.stop();
    QVERIFY(task.running());
    gate.open.release();
    QTRY_COMPARE(answer, 2);
    // Another one in its place: only that is heard of.
    int heard = 0;
    task.start(work, [&](int) { heard += 100; });
    QTRY_COMPARE(gate.begun.available(), 3);
    task.start([] { return 7; }, [&](int made) { heard += made; });
    gate.open.release();
    QTRY_COMPARE(heard, 7);
    QTest::qWait(20);
    QCOMPARE(heard, 7);
    // From what is told the next can be started.
    std::function<void(int)> again = [&](int made) {
      heard = made;
      if (made < 3) task.start([made] { return made + 1; }, again);
    };
    task.start([] { return 1; }, again);
    QTRY_COMPARE(heard, 3);
  }

  void what_belongs_to_a_document_goes_with_it() {
    const DocumentScope scope, other;
    Derived<int, int> here(scope), there(other);
    int told = 0, ended = 0, answers = 0;
    Gate gate;
    Task<int> task(scope, [&] { ++ended; });
    here.now(1, [] { return 1; });
    there.now(1, [] { return 1; });
    here.later(
        2, [&] { return gate.pass(2); }, [&] { ++told; });
    task.start([&] { return gate.pass(3); }, [&](int) { ++answers; });
    gate.begun.acquire(2);
    scope.forget_all();
    QVERIFY(!here.value() && !here.is_asked(2) && !task.running());
    QVERIFY(there.value_for(1));
    const int begun = ended;
    gate.open.release(2);
    QTRY_COMPARE(ended, begun + 1); // Whoever shows it hears of the end, once.
    QTest::qWait(50);
    QCOMPARE(told + answers, 0);
    QVERIFY(!here.value());
    // It can be asked for again.
    here.later(
        2, [] { return 4; }, [&] { ++told; });
    QTRY_COMPARE(told, 1);
    QCOMPARE(*here.value_for(2), 4);
    {
      const Derived<int, int> gone(scope);
      Task<int> going(scope, [&] { ++ended; });
      going.start([] { return 1; }, [&](int) { ++answers; });
    }
    scope.forget_all(); // Asks none that is gone.
    QTest::qWait(20);
    QCOMPARE(answers, 0);
  }
};

QTEST_GUILESS_MAIN(DerivedTest)
#include "derived_test.moc"
