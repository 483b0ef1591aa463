// SPDX-License-Identifier: GPL-3.0-or-later
// The page of the companion that watches the canvas: what of it strays from the plan, and the way back.
#pragma once

#include "model/watch/watch_model.h"

#include <QWidget>

class QLabel;
class QStackedWidget;

namespace zc {

class AppModel;
class CanvasPicture;
class ChipRow;
class ElidedLabel;
struct SeenCanvas;
class WordControl;

class CanvasPage final : public QWidget {
  Q_OBJECT
public:
  CanvasPage(AppModel& model, QWidget* parent);
  /// Whether a part can be watched again without choosing it.
  void allow_again(bool allowed);

signals:
  void watchAsked();
  void watchAgainAsked();

private:
  QWidget* make_off();
  QWidget* make_on();
  QWidget* make_way(QWidget* parent);
  [[nodiscard]] QString said_of(const SeenCanvas* seen) const;
  void follow();
  void follow_way();
  void use_inside(void (CanvasPage::*with)(const PairMixture&));
  void use(const PairMixture& mixture);
  void add(const PairMixture& mixture);
  void copy(const PairMixture& mixture);

  AppModel& m_model;
  WatchModel& m_watch;
  QStackedWidget* m_pages;
  WordControl* m_again = nullptr;
  CanvasPicture* m_picture = nullptr;
  QLabel* m_says = nullptr;
  ElidedLabel* m_bands = nullptr; ///< Or why the canvas cannot be seen.
  ChipRow* m_strays = nullptr;
  QWidget* m_way_box = nullptr;
  QLabel* m_way = nullptr;
  std::optional<PairMixture> m_inside; ///< That is told, and used.
  WordControl* m_paint = nullptr;
  WordControl* m_light = nullptr;
  std::vector<WordControl*> m_way_actions;
};

/// How the watched canvas stands to the plan, in one short line; empty while there is no picture.
[[nodiscard]] QString canvas_in_a_line(const WatchModel& watch);

} // namespace zc
