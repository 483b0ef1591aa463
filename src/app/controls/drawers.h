// SPDX-License-Identifier: GPL-3.0-or-later
// Drawers over the foot of a stage: one open at a time, opened and closed by words in a row.
#pragma once

#include <QObject>
#include <QRect>
#include <functional>
#include <vector>

class QWidget;

namespace zc {

class WordControl;

class Drawers final : public QObject {
  Q_OBJECT
public:
  /// `stage` tells the place that they cover the foot of.
  Drawers(QWidget& desk, std::function<QRect()> stage);
  /// The word that opens it.
  WordControl* add(const QString& name, const QString& word, const QString& tip, QWidget* content);
  /// Null closes them all.
  void open(const WordControl* word);
  /// How high the open one is; 0 when none is.
  [[nodiscard]] int height() const;
  /// Puts the drawers over the foot of the stage, as high as they need; has to be called when either changes
  /// its size.
  void place();

signals:
  void changed();

private:
  struct Drawer {
    WordControl* word;
    QWidget* content;
  };
  QWidget& m_desk;
  std::function<QRect()> m_stage;
  std::vector<Drawer> m_drawers;
};

} // namespace zc
