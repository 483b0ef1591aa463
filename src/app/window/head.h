// SPDX-License-Identifier: GPL-3.0-or-later
// The head: title with its saved state in words, the desks, the companion, values only.
#pragma once

#include "model/session/studio.h"

#include <QWidget>

class QLabel;
class QLineEdit;

namespace zc {

class Viewing;

class WordControl;

class Head final : public QWidget {
  Q_OBJECT
public:
  Head(Studio& model, Viewing& viewing, QWidget* parent);
  void set_state_words(const QString& words);

  /// Whether the piece's card is open.
  void show_card_open(bool open);
  void show_beside(bool shown);

signals:
  void besideAsked();
  void cardAsked(bool open);

protected:
  void resizeEvent(QResizeEvent* event) override;

private:
  void fit_title();
  QWidget* make_desks();
  QWidget* make_views();
  void follow();
  Studio& m_model;
  Viewing& m_viewing;
  QLineEdit* m_title;
  QLabel* m_state;
  QWidget* m_desks = nullptr;
  QWidget* m_views = nullptr;
  WordControl* m_card;
  WordControl* m_beside = nullptr;
};

} // namespace zc
