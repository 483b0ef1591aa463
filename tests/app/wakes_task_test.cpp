// SPDX-License-Identifier: GPL-3.0-or-later
// What a gesture wakes: of twelve the parts that are told, how often, and which of the window's own views are
// painted again.
#include "desk.h"
#include "model/work/set_work.h"

#include <map>
#include <set>

using namespace zc;
using namespace zc::test;

namespace {

constexpr const char* kPartNames[] = {
    "words",      "geometry",  "references", "paints",   "sets",      "color",     "at hand",
    "steps",      "relations", "ramp",       "harvest",  "selection", "masking",   "reference",
    "adjustment", "versions",  "desk",       "set view", "looking",   "look edge", "trying",
    "try edge",   "sharing",   "mixing",     "reach",    "eyes",      "vivid",     "keys"};
static_assert(std::size(kPartNames) == kPartCount);

/// The views that show colors; what else is painted is small.
const std::set<QString> kViews{
    QStringLiteral("wheel"),         QStringLiteral("maskWheel"), QStringLiteral("section"),
    QStringLiteral("rail"),          QStringLiteral("staff"),     QStringLiteral("photo"),
    QStringLiteral("tryPicture"),    QStringLiteral("useBar"),    QStringLiteral("wells"),
    QStringLiteral("colorPair"),     QStringLiteral("members"),   QStringLiteral("mixField"),
    QStringLiteral("setWheel"),      QStringLiteral("rows"),      QStringLiteral("shareStage"),
    QStringLiteral("maskedPreview"), QStringLiteral("keptPhoto"), QStringLiteral("references")};

class Paints final : public QObject {
public:
  Paints() { qApp->installEventFilter(this); }
  bool eventFilter(QObject* what, QEvent* event) override {
    if (event->type() == QEvent::Paint && kViews.contains(what->objectName()))
      m_painted.insert(what->objectName());
    return false;
  }
  [[nodiscard]] QStringList taken() {
    QStringList out(m_painted.begin(), m_painted.end());
    m_painted.clear();
    return out;
  }

private:
  std::set<QString> m_painted;
};

struct Woken {
  int told = 0; ///< How often.
  const char* parts = "";
  const char* painted = "";
};

} // namespace

class WakesTask : public QObject {
  Q_OBJECT
private slots:
  void a_gesture_wakes_what_shows_it_and_nothing_else_data();
  void a_gesture_wakes_what_shows_it_and_nothing_else();

private:
  std::unique_ptr<DeskTop> m_desk;
};

void WakesTask::a_gesture_wakes_what_shows_it_and_nothing_else_data() {
  using Gesture = std::function<void(DeskTop&)>;
  QTest::addColumn<Desk>("desk");
  QTest::addColumn<Gesture>("gesture");
  QTest::addColumn<Woken>("expected");
  const auto row = [](const char* name, Desk desk, const Gesture& gesture, const Woken& expected) {
    QTest::newRow(name) << desk << gesture << expected;
  };
  const auto view = [](DeskTop& d, const char* name) -> QWidget& { return d.part<QWidget>(name); };
  row("pick in the plan", Desk::Pick,
      [view](DeskTop& d) {
        QWidget& wheel = view(d, "wheel");
        drag(wheel, wheel.rect().center(), wheel.rect().center() + QPoint(30, 20), 4);
      },
      {6, "color, at hand", "colorPair members rail section staff wells wheel"});
  row("pick on the rail", Desk::Pick,
      [view](DeskTop& d) {
        click(view(d, "rail"), {20, 120});
      },
      {2, "color, at hand", "colorPair members rail section staff wells wheel"});
  row("Add a swatch", Desk::Pick, [](DeskTop& d) { d.model().laying().lay_current(); },
      {2, "sets, selection", "staff"});
  row("turn the mask", Desk::Limit, [](DeskTop& d) { d.model().masking().turn_mask(10); },
      {1, "geometry", "maskWheel maskedPreview members rail staff"});
  row("the edge over the photo", Desk::Observe,
      [](DeskTop& d) {
        Looking looking = d.session().looking;
        looking.edge = 0.3;
        d.model().viewing().look_at(looking);
      },
      {1, "look edge", "photo"});
  row("another look", Desk::Observe, [](DeskTop& d) { d.model().viewing().show_look(PhotoLook::Value); },
      {1, "looking", "photo rail"});
  row("select a swatch", Desk::Grade,
      [](DeskTop& d) {
        d.model().laying().select_swatch(current_set(d.piece())->families[1].swatches[0].id);
      },
      {1, "selection", "staff"});
  row("try out a value", Desk::Grade,
      [](DeskTop& d) {
        Adjustment a;
        a.value = 4;
        d.model().set_work().try_out(a);
      },
      {1, "adjustment", "staff"});
  row("the edge at Try", Desk::Try,
      [](DeskTop& d) {
        Trying t = d.session().trying;
        t.edge = 0.3;
        d.model().viewing().try_on(t);
      },
      {1, "try edge", "tryPicture"});
  row("light at Try", Desk::Try,
      [](DeskTop& d) {
        Trying t = d.session().trying;
        t.light = {{1, 0.8, 0.5}, 0.6};
        d.model().viewing().try_on(t);
      },
      {1, "trying", "staff tryPicture useBar"});
  row("a dark sheet", Desk::Share,
      [](DeskTop& d) {
        Sharing s = d.session().sharing;
        s.sheet.dark = !s.sheet.dark;
        d.model().viewing().share(s);
      },
      {1, "sharing", "shareStage"});
  row("other eyes", Desk::Pick, [](DeskTop& d) { d.model().viewing().look_with(ColorVision::Values); },
      {1, "eyes", "colorPair members rail section staff wells wheel"});
}

void WakesTask::a_gesture_wakes_what_shows_it_and_nothing_else() {
  QFETCH(const Desk, desk);
  QFETCH(const std::function<void(DeskTop&)>, gesture);
  QFETCH(const Woken, expected);
  m_desk = demo_at(desk);
  if (desk == Desk::Try) {
    Trying two = m_desk->session().trying;
    two.two = true;
    m_desk->model().viewing().try_on(two);
  }
  QVERIFY(m_desk->photo_shown());
  QTest::qWait(300);
  int told = 0;
  Parts parts;
  const auto listening = connect(&m_desk->model(), &AppModel::changed, this, [&](const Parts& these) {
    ++told;
    parts = parts | these;
  });
  Paints paints;
  gesture(*m_desk);
  QTest::qWait(100);
  disconnect(listening);
  QStringList names;
  for (std::size_t i = 0; i < kPartCount; ++i)
    if (parts.has(static_cast<Part>(i))) names << QString::fromLatin1(kPartNames[i]);
  const QString painted = paints.taken().join(QLatin1Char(' '));
  QCOMPARE(QStringLiteral("%1 told %2 times paints %3")
               .arg(names.join(QStringLiteral(", ")))
               .arg(told)
               .arg(painted),
           QStringLiteral("%1 told %2 times paints %3")
               .arg(QLatin1String(expected.parts))
               .arg(expected.told)
               .arg(QLatin1String(expected.painted)));
}

DESK_TEST_MAIN(WakesTask)
#include "wakes_task_test.moc"
