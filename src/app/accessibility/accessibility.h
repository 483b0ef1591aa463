// SPDX-License-Identifier: GPL-3.0-or-later
// What views of our own tell assistive technology: each says what it shows as a plain value, and one
// interface serves them all.
#pragma once

#include <QAccessible>
#include <QRectF>
#include <QString>

#include <functional>
#include <optional>
#include <vector>

namespace zc {

/// Something that can be done to an item; the first of several is what a press does.
struct AccessibleAction {
  QString name; ///< One or two words.
  std::function<void()> act;
};

/// A number that can be read and set, as on a slider.
struct AccessibleNumber {
  double now = 0, low = 0, high = 100, step = 1;
  std::function<void(double)> set;
};

struct AccessibleItem {
  quint64 key = 0;    ///< Stays while the item is the same; never 0.
  quint64 within = 0; ///< Key of an item before this one, or 0 for the view itself.
  QAccessible::Role role = QAccessible::ListItem;
  QString name, description;
  QRectF rect; ///< In the view.
  bool selectable = false, selected = false, focused = false;
  std::optional<AccessibleNumber> number;
  std::vector<AccessibleAction> actions;
};

/// What a whole view tells; its name and tip are those of the widget.
struct AccessibleContent {
  QAccessible::Role role = QAccessible::Grouping;
  QString description; ///< Beside the widget's own; what is shown just now.
  std::optional<AccessibleNumber> number;
  std::vector<AccessibleItem> items;
};

class AccessibleView {
public:
  virtual ~AccessibleView() = default;
  /// Asked for again whenever the view was painted or worked on.
  [[nodiscard]] virtual AccessibleContent accessible() = 0;
};

/// Kinds from here on are the view's own; those below are of spoken/swatches.h.
inline constexpr unsigned kOwnItems = 8;
/// Keys for several kinds of things in one view; no two are the same.
[[nodiscard]] constexpr quint64 accessible_key(unsigned kind, quint64 id) {
  return quint64{kind + 1} << 48 | id;
}

/// From now on assistants are told of every AccessibleView, as are buttons of our own. What changes is told
/// where an assistant listens. To be called before the first widget is made.
void speak_to_assistants();

} // namespace zc
