// SPDX-License-Identifier: GPL-3.0-or-later
// A word that can be pressed, of one of the kinds of control.
#pragma once

#include "app/theme/looks.h"

#include <QAbstractButton>

class QHBoxLayout;
class QMenu;

namespace zc {

class WordControl final : public QAbstractButton {
  Q_OBJECT
public:
  /// Switches, choices, openers and tabs can be on; actions are pressed and are done.
  WordControl(ControlKind kind, const QString& word, QWidget* parent);
  [[nodiscard]] ControlKind kind() const { return m_kind; }
  /// The action of its group that is done most.
  void make_primary() { m_kind = ControlKind::Primary; }
  [[nodiscard]] QSize sizeHint() const override { return control_size(m_kind, text()); }
  /// A word is never cut.
  [[nodiscard]] QSize minimumSizeHint() const override { return sizeHint(); }

protected:
  void paintEvent(QPaintEvent* event) override;

private:
  [[nodiscard]] Joined joined() const;
  ControlKind m_kind;
};

/// Each with the name it is found by, and the tip that says what it does.
[[nodiscard]] WordControl* word_action(const QString& name, const QString& word, const QString& tip,
                                       QWidget* parent);
[[nodiscard]] WordControl* word_switch(const QString& name, const QString& word, const QString& tip,
                                       QWidget* parent);
[[nodiscard]] WordControl* word_choice(const QString& name, const QString& word, const QString& tip,
                                       QWidget* parent);
[[nodiscard]] WordControl* word_opener(const QString& name, const QString& word, const QString& tip,
                                       QWidget* parent);
[[nodiscard]] WordControl* word_tab(const QString& name, const QString& word, const QString& tip,
                                    QWidget* parent);

/// Which side of its opener a menu stands at.
enum class MenuSide { Below, Above };
/// A press of the opener opens the menu.
void opens(WordControl& opener, QMenu& menu, MenuSide side = MenuSide::Below);

/// A row in which choices stand joined.
[[nodiscard]] QHBoxLayout* joined_row();

} // namespace zc
