// SPDX-License-Identifier: GPL-3.0-or-later
// The current color in words: its name, its hex code, and whether it is inside the mask and prints.
#pragma once

#include <QWidget>

#include <optional>

class QBoxLayout;
class QLineEdit;

namespace zc {

class ElidedLabel;
class CopyOnPick;
class WordControl;
class AppModel;

class ColorGroup final : public QWidget {
  Q_OBJECT
public:
  ColorGroup(AppModel& model, CopyOnPick& copy_on_pick, QWidget* parent);
  /// All in one row, without the sentence.
  void fold(bool folded);
  void follow();

signals:
  void copyHexAsked();

private:
  void commit_typed_hex();
  void follow_press();
  [[nodiscard]] QString print_words() const;
  void use_printable();
  AppModel& m_model;
  CopyOnPick& m_copy_on_pick;
  QBoxLayout* m_column;
  ElidedLabel* m_name;
  QLineEdit* m_hex;
  ElidedLabel* m_state;
  WordControl* m_use_printable; ///< Seen while the chosen press cannot print the color.
  WordControl* m_every_pick;    ///< Seen while it is on; it is turned on in the menu Edit.
  bool m_folded = false;
  std::optional<bool> m_prints; ///< The current color on the chosen press; nothing without one.
};

} // namespace zc
