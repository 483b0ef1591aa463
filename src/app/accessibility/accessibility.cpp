// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/accessibility/accessibility.h"

#include "model/i18n/text.h"

#include <QAbstractButton>
#include <QAccessibleWidget>
#include <QButtonGroup>
#include <QCheckBox>
#include <QEvent>
#include <QHash>
#include <QPointer>
#include <QPushButton>
#include <QRadioButton>
#include <QTimer>
#include <QToolButton>
#include <QWidget>

#include <algorithm>

namespace zc {
namespace {

/// What a view said last. A view that is painted may have changed: it is asked again, and where somebody
/// listens, what is new is told.
class Memory final : public QObject {
public:
  explicit Memory(QWidget& view) : QObject(&view), m_view(view) {
    setObjectName(QStringLiteral("spoken"));
    view.installEventFilter(this);
  }
  ~Memory() override {
    for (const QAccessible::Id id : m_known) QAccessible::deleteAccessibleInterface(id);
  }
  static Memory& of(QWidget& view) {
    auto* known = view.findChild<QObject*>(QStringLiteral("spoken"), Qt::FindDirectChildrenOnly);
    return known ? static_cast<Memory&>(*known) : *new Memory(view);
  }

  [[nodiscard]] const AccessibleContent& accessible() {
    if (m_stale || !m_view.isVisible()) {
      m_accessible = dynamic_cast<AccessibleView&>(m_view).accessible();
      m_place.clear();
      for (std::size_t i = 0; i < m_accessible.items.size(); ++i) m_place[m_accessible.items[i].key] = i;
      m_stale = false;
    }
    return m_accessible;
  }
  [[nodiscard]] const AccessibleItem* item(quint64 key) {
    const AccessibleContent& all = accessible();
    const auto at = m_place.constFind(key);
    return at == m_place.constEnd() ? nullptr : &all.items[*at];
  }
  /// The keys of what is directly within.
  [[nodiscard]] std::vector<quint64> within(quint64 key) {
    std::vector<quint64> out;
    for (const AccessibleItem& i : accessible().items)
      if (i.within == key) out.push_back(i.key);
    return out;
  }
  [[nodiscard]] QAccessibleInterface* interface_of(quint64 key);
  void worked_on() { m_stale = true; }

protected:
  bool eventFilter(QObject*, QEvent* event) override {
    if (event->type() != QEvent::Paint && event->type() != QEvent::Resize) return false;
    m_stale = true;
    if (!QAccessible::isActive() || m_telling) return false;
    m_telling = true;
    QTimer::singleShot(0, this, [this] {
      m_telling = false;
      tell();
    });
    return false;
  }

private:
  /// Compares what was told with what is.
  void tell();
  void tell_reordered();
  void tell_item(const AccessibleItem& was, const AccessibleItem& is);
  QWidget& m_view;
  AccessibleContent m_accessible, m_told;
  QHash<quint64, std::size_t> m_place;
  QHash<quint64, QAccessible::Id> m_known;
  bool m_stale = true, m_telling = false;
};

QStringList names_of(const std::vector<AccessibleAction>& actions, bool number) {
  QStringList out;
  for (const AccessibleAction& a : actions) out << a.name;
  if (number)
    out << QAccessibleActionInterface::increaseAction() << QAccessibleActionInterface::decreaseAction();
  return out;
}

void set_number(const AccessibleNumber& number, double wanted) {
  if (number.set) number.set(std::clamp(wanted, number.low, number.high));
}

/// False where no action is called so.
bool act(const std::vector<AccessibleAction>& actions, const std::optional<AccessibleNumber>& number,
         const QString& name) {
  // An action may change what it came from.
  for (const AccessibleAction& a : std::vector(actions))
    if (a.name == name) {
      a.act();
      return true;
    }
  if (!number) return false;
  const AccessibleNumber n = *number; // Likewise. NOLINT(performance-unnecessary-copy-initialization)
  if (name == QAccessibleActionInterface::increaseAction())
    set_number(n, n.now + n.step);
  else if (name == QAccessibleActionInterface::decreaseAction())
    set_number(n, n.now - n.step);
  else
    return false;
  return true;
}

class ItemInterface final : public QAccessibleInterface,
                            public QAccessibleActionInterface,
                            public QAccessibleValueInterface {
public:
  ItemInterface(QWidget& view, quint64 key) : m_view(&view), m_key(key) {}

  [[nodiscard]] bool isValid() const override { return item() != nullptr; }
  [[nodiscard]] QObject* object() const override { return nullptr; }
  [[nodiscard]] QWindow* window() const override {
    return m_view ? m_view->window()->windowHandle() : nullptr;
  }
  [[nodiscard]] QAccessibleInterface* parent() const override {
    const AccessibleItem* i = item();
    if (!m_view) return nullptr;
    return i && i->within ? Memory::of(*m_view).interface_of(i->within)
                          : QAccessible::queryAccessibleInterface(m_view);
  }
  [[nodiscard]] int childCount() const override {
    return m_view ? static_cast<int>(Memory::of(*m_view).within(m_key).size()) : 0;
  }
  [[nodiscard]] QAccessibleInterface* child(int index) const override {
    if (!m_view) return nullptr;
    const auto all = Memory::of(*m_view).within(m_key);
    const auto i = static_cast<std::size_t>(index);
    return index >= 0 && i < all.size() ? Memory::of(*m_view).interface_of(all[i]) : nullptr;
  }
  [[nodiscard]] QAccessibleInterface* childAt(int x, int y) const override {
    for (int i = childCount() - 1; i >= 0; --i)
      if (QAccessibleInterface* c = child(i); c && c->rect().contains(x, y)) return c;
    return nullptr;
  }
  [[nodiscard]] int indexOfChild(const QAccessibleInterface* wanted) const override {
    for (int i = 0; i < childCount(); ++i)
      if (child(i) == wanted) return i;
    return -1;
  }
  [[nodiscard]] QString text(QAccessible::Text what) const override {
    const AccessibleItem* i = item();
    if (!i) return {};
    switch (what) {
    case QAccessible::Name:
      return i->name;
    case QAccessible::Description:
      return i->description;
    case QAccessible::Value:
      return i->number ? zc::number(i->number->now, 1) : QString();
    default:
      return {};
    }
  }
  void setText(QAccessible::Text, const QString&) override {}
  [[nodiscard]] QRect rect() const override {
    const AccessibleItem* i = item();
    if (!i) return {};
    return i->rect.toAlignedRect().translated(m_view->mapToGlobal(QPoint()));
  }
  [[nodiscard]] QAccessible::Role role() const override {
    const AccessibleItem* i = item();
    return i ? i->role : QAccessible::NoRole;
  }
  [[nodiscard]] QAccessible::State state() const override {
    QAccessible::State s;
    const AccessibleItem* i = item();
    if (!i) {
      s.invalid = true;
      return s;
    }
    s.selectable = i->selectable;
    s.selected = i->selected;
    s.focusable = m_view->focusPolicy() != Qt::NoFocus;
    s.focused = i->focused && m_view->hasFocus();
    s.active = i->focused;
    s.invisible = !m_view->isVisible();
    s.offscreen = !m_view->rect().intersects(i->rect.toAlignedRect());
    return s;
  }
  void* interface_cast(QAccessible::InterfaceType type) override {
    if (type == QAccessible::ActionInterface) return static_cast<QAccessibleActionInterface*>(this);
    const AccessibleItem* i = item();
    if (type == QAccessible::ValueInterface && i && i->number)
      return static_cast<QAccessibleValueInterface*>(this);
    return nullptr;
  }

  [[nodiscard]] QStringList actionNames() const override {
    const AccessibleItem* i = item();
    return i ? names_of(i->actions, i->number.has_value()) : QStringList();
  }
  void doAction(const QString& name) override {
    const AccessibleItem* i = item();
    if (!i) return;
    act(i->actions, i->number, name);
    if (m_view) Memory::of(*m_view).worked_on();
  }
  [[nodiscard]] QStringList keyBindingsForAction(const QString&) const override { return {}; }

  [[nodiscard]] QVariant currentValue() const override { return number().now; }
  void setCurrentValue(const QVariant& value) override {
    set_number(number(), value.toDouble());
    if (m_view) Memory::of(*m_view).worked_on();
  }
  [[nodiscard]] QVariant maximumValue() const override { return number().high; }
  [[nodiscard]] QVariant minimumValue() const override { return number().low; }
  [[nodiscard]] QVariant minimumStepSize() const override { return number().step; }

private:
  [[nodiscard]] const AccessibleItem* item() const {
    return m_view ? Memory::of(*m_view).item(m_key) : nullptr;
  }
  [[nodiscard]] AccessibleNumber number() const {
    const AccessibleItem* i = item();
    return i && i->number ? *i->number : AccessibleNumber{};
  }
  QPointer<QWidget> m_view;
  quint64 m_key;
};

/// Its items come before the widgets in it.
class ViewInterface final : public QAccessibleWidget, public QAccessibleValueInterface {
public:
  explicit ViewInterface(QWidget* view) : QAccessibleWidget(view, QAccessible::Grouping) {
    static_cast<void>(Memory::of(*view)); // From now on it hears of paintings.
  }

  [[nodiscard]] QAccessible::Role role() const override { return memory().accessible().role; }
  [[nodiscard]] QString text(QAccessible::Text what) const override {
    QString own = QAccessibleWidget::text(what);
    if (what == QAccessible::Value && memory().accessible().number)
      return zc::number(memory().accessible().number->now, 1);
    if (what != QAccessible::Description) return own;
    const QString shown = memory().accessible().description;
    return own.isEmpty() || shown.isEmpty() ? own + shown : shown + QStringLiteral(". ") + own;
  }
  [[nodiscard]] int childCount() const override {
    return static_cast<int>(memory().within(0).size()) + QAccessibleWidget::childCount();
  }
  [[nodiscard]] QAccessibleInterface* child(int index) const override {
    const auto items = memory().within(0);
    const auto i = static_cast<std::size_t>(index);
    if (index < 0) return nullptr;
    return i < items.size() ? memory().interface_of(items[i])
                            : QAccessibleWidget::child(index - static_cast<int>(items.size()));
  }
  [[nodiscard]] int indexOfChild(const QAccessibleInterface* wanted) const override {
    const auto items = memory().within(0);
    for (std::size_t i = 0; i < items.size(); ++i)
      if (memory().interface_of(items[i]) == wanted) return static_cast<int>(i);
    const int own = QAccessibleWidget::indexOfChild(wanted);
    return own < 0 ? own : own + static_cast<int>(items.size());
  }
  [[nodiscard]] QAccessibleInterface* childAt(int x, int y) const override {
    const auto items = memory().within(0);
    for (auto i = items.rbegin(); i != items.rend(); ++i) {
      QAccessibleInterface* found = memory().interface_of(*i);
      if (!found || !found->rect().contains(x, y)) continue;
      QAccessibleInterface* deeper = found->childAt(x, y);
      return deeper ? deeper : found;
    }
    return QAccessibleWidget::childAt(x, y);
  }
  [[nodiscard]] QAccessibleInterface* focusChild() const override {
    if (widget()->hasFocus())
      for (const AccessibleItem& i : memory().accessible().items)
        if (i.focused) return memory().interface_of(i.key);
    return QAccessibleWidget::focusChild();
  }
  void* interface_cast(QAccessible::InterfaceType type) override {
    if (type == QAccessible::ValueInterface && memory().accessible().number)
      return static_cast<QAccessibleValueInterface*>(this);
    return QAccessibleWidget::interface_cast(type);
  }
  [[nodiscard]] QStringList actionNames() const override {
    return names_of({}, memory().accessible().number.has_value()) + QAccessibleWidget::actionNames();
  }
  void doAction(const QString& name) override {
    if (!act({}, memory().accessible().number, name)) QAccessibleWidget::doAction(name);
    memory().worked_on();
  }

  [[nodiscard]] QVariant currentValue() const override { return number().now; }
  void setCurrentValue(const QVariant& value) override {
    set_number(number(), value.toDouble());
    memory().worked_on();
  }
  [[nodiscard]] QVariant maximumValue() const override { return number().high; }
  [[nodiscard]] QVariant minimumValue() const override { return number().low; }
  [[nodiscard]] QVariant minimumStepSize() const override { return number().step; }

private:
  [[nodiscard]] Memory& memory() const { return Memory::of(*widget()); }
  [[nodiscard]] AccessibleNumber number() const {
    return memory().accessible().number.value_or(AccessibleNumber{});
  }
};

QAccessibleInterface* Memory::interface_of(quint64 key) {
  if (!item(key)) return nullptr;
  const auto known = m_known.constFind(key);
  if (known != m_known.constEnd()) return QAccessible::accessibleInterface(*known);
  auto* made = new ItemInterface(m_view, key);
  m_known[key] = QAccessible::registerAccessibleInterface(made);
  return made;
}

void Memory::tell() {
  const AccessibleContent now = accessible();
  const AccessibleContent before = std::exchange(m_told, now);
  const bool same_items =
      std::equal(now.items.begin(), now.items.end(), before.items.begin(), before.items.end(),
                 [](const AccessibleItem& a, const AccessibleItem& b) { return a.key == b.key; });
  if (!same_items) tell_reordered();
  if (now.number && (!before.number || now.number->now != before.number->now)) {
    QAccessibleValueChangeEvent changed(&m_view, now.number->now);
    QAccessible::updateAccessibility(&changed);
  }
  if (!same_items) return;
  for (std::size_t i = 0; i < now.items.size(); ++i) tell_item(before.items[i], now.items[i]);
}

void Memory::tell_reordered() {
  QAccessibleEvent changed(&m_view, QAccessible::ObjectReorder);
  QAccessible::updateAccessibility(&changed);
  // What is gone is forgotten, or a long day would fill the memory.
  for (auto i = m_known.begin(); i != m_known.end();) {
    if (m_place.contains(i.key())) {
      ++i;
      continue;
    }
    QAccessible::deleteAccessibleInterface(*i);
    i = m_known.erase(i);
  }
}

void Memory::tell_item(const AccessibleItem& was, const AccessibleItem& is) {
  const auto event = [&](QAccessible::Event what) {
    QAccessibleEvent changed(interface_of(is.key), what);
    QAccessible::updateAccessibility(&changed);
  };
  if (is.name != was.name) event(QAccessible::NameChanged);
  if (is.selected != was.selected)
    event(is.selected ? QAccessible::SelectionAdd : QAccessible::SelectionRemove);
  if (is.focused && !was.focused && m_view.hasFocus()) event(QAccessible::Focus);
  if (!is.number || (was.number && is.number->now == was.number->now)) return;
  QAccessibleValueChangeEvent changed(interface_of(is.key), is.number->now);
  QAccessible::updateAccessibility(&changed);
}

/// The toolkit tells its own kinds of buttons alone.
class ButtonInterface final : public QAccessibleWidget {
public:
  explicit ButtonInterface(QAbstractButton* button) : QAccessibleWidget(button, QAccessible::Button) {}

  [[nodiscard]] QAccessible::Role role() const override {
    const bool one_of = button().autoExclusive() || (button().group() && button().group()->exclusive());
    if (!button().isCheckable()) return QAccessible::Button;
    return one_of ? QAccessible::RadioButton : QAccessible::CheckBox;
  }
  [[nodiscard]] QAccessible::State state() const override {
    QAccessible::State s = QAccessibleWidget::state();
    s.checkable = button().isCheckable();
    s.checked = button().isChecked();
    s.pressed = button().isDown();
    return s;
  }
  [[nodiscard]] QStringList actionNames() const override {
    return QStringList{pressAction()} + QAccessibleWidget::actionNames();
  }
  void doAction(const QString& name) override {
    if (name == pressAction())
      button().click();
    else
      QAccessibleWidget::doAction(name);
  }

private:
  [[nodiscard]] QAbstractButton& button() const { return static_cast<QAbstractButton&>(*widget()); }
};

bool of_the_toolkit(const QAbstractButton& button) {
  return qobject_cast<const QPushButton*>(&button) || qobject_cast<const QToolButton*>(&button) ||
         qobject_cast<const QCheckBox*>(&button) || qobject_cast<const QRadioButton*>(&button);
}

QAccessibleInterface* made_for(const QString&, QObject* object) {
  auto* widget = qobject_cast<QWidget*>(object);
  if (!widget) return nullptr;
  if (dynamic_cast<AccessibleView*>(widget)) return new ViewInterface(widget);
  auto* button = qobject_cast<QAbstractButton*>(widget);
  return button && !of_the_toolkit(*button) ? new ButtonInterface(button) : nullptr;
}

} // namespace

void speak_to_assistants() { QAccessible::installFactory(made_for); }

} // namespace zc
