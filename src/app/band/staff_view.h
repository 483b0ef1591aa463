// SPDX-License-Identifier: GPL-3.0-or-later
// The staff: the current set drawn like notes. Families are columns, height is value. At Grade it is wide,
// says the names, and marks what the grading report finds.
#pragma once

#include "app/accessibility/accessibility.h"
#include "app/band/axis_widget.h"
#include "app/platform/drags.h"
#include "app/platform/press_and_hold.h"
#include "core/grading/grading.h"

#include <unordered_map>

class QMenu;
class QScrollBar;

namespace zc {

class Laying;
class NameEditor;
class Picking;
class PressModel;
class SetWork;
class Studio;
class TryModel;
class WordControl;

class StaffView final : public AxisWidget, public AccessibleView, public Draggable, public OffersMenu {
  Q_OBJECT
public:
  /// Beside the canvas the staff is as at Pick, whatever the desk, and nothing is typed.
  enum class Place { Window, Beside };
  StaffView(Studio& model, Picking& picking, Laying& laying, SetWork& work, PressModel& press,
            TryModel& tries, Place place, QWidget* parent);
  [[nodiscard]] QSize sizeHint() const override { return {400, 400}; }
  [[nodiscard]] QSize minimumSizeHint() const override { return {166, 200}; }
  /// The name of the set above the axis, where nothing else says it.
  void show_head(bool shown) {
    m_head_shown = shown;
    update();
  }

  /// How much of a picture each swatch covers, 0..1, beside what is told at Try; none for no longer.
  void show_use(std::optional<std::unordered_map<Id, double>> use) {
    m_use = std::move(use);
    update();
  }

  /// Where a swatch is drawn; empty when it is not on the staff.
  [[nodiscard]] QRectF swatch_rect(Id swatch) const;
  /// The column of a family, over the whole height of the axis.
  [[nodiscard]] QRectF column_rect(std::size_t family) const;
  [[nodiscard]] QRectF name_rect(std::size_t family) const;
  /// Of the name that stands on a swatch; empty where there is no room for it.
  [[nodiscard]] QRectF swatch_name_rect(Id swatch) const;
  /// The free place at the value line where a click lays the current color.
  [[nodiscard]] QRectF slot_rect(std::size_t family) const;

  /// A step of the string previewed beside the staff; a click lays it into the chosen family.
  [[nodiscard]] double ramp_lane() const;
  [[nodiscard]] QRectF ramp_rect(std::size_t step) const;

  /// Where the limit of the light or the dark band can be taken; at Grade only.
  [[nodiscard]] QRectF limit_rect(bool light) const;

  void add_family();
  void rename_selected();
  [[nodiscard]] AccessibleContent accessible() override;
  [[nodiscard]] bool offers_menu(QPointF p) const override;
  void end_drag() override;
  void ask_back() override;
  [[nodiscard]] QVariant inputMethodQuery(Qt::InputMethodQuery query) const override;

signals:
  /// A swatch was let go of outside of the staff, within the window.
  void droppedElsewhere(zc::Id swatch, QPoint global);

protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;
  void showEvent(QShowEvent* event) override;
  void keyPressEvent(QKeyEvent* event) override;
  void mousePressEvent(QMouseEvent* event) override;
  void mouseMoveEvent(QMouseEvent* event) override;
  void mouseReleaseEvent(QMouseEvent* event) override;
  void mouseDoubleClickEvent(QMouseEvent* event) override;
  void contextMenuEvent(QContextMenuEvent* event) override;
  void leaveEvent(QEvent* event) override;
  void dragEnterEvent(QDragEnterEvent* event) override;
  void dropEvent(QDropEvent* event) override;

private:
  bool m_head_shown = true;
  /// Asked for once a painting: which swatches the picture at Try uses, or null at the other desks.
  std::optional<std::unordered_map<Id, double>> m_use;
  const std::unordered_map<Id, double>* m_uses = nullptr; ///< What is told just now.
  void paint_use(QPainter& painter, const QRectF& chip, const QColor& color, double share);
  [[nodiscard]] QString hint_at(QPointF p) const;
  enum class Drag { None, Value, Swatch, Family, Box, LightLimit, DarkLimit, Shift };
  /// A swatch laid out, before scrolling.
  struct Chip {
    const Swatch* swatch;
    std::size_t family;
    QRectF rect;
    Srgb shown;
    bool reduced;
  };
  [[nodiscard]] const List<Family>& families() const { return m_families; }
  /// Takes the stage at Grade.
  [[nodiscard]] bool wide() const {
    return m_place == Place::Window && m_model.session().desk == Desk::Grade &&
           m_model.session().set_view == SetView::Staff;
  }
  [[nodiscard]] double column_width() const;
  [[nodiscard]] double column_gap() const;
  [[nodiscard]] double gutter() const;
  [[nodiscard]] double chip_y(double value) const;
  [[nodiscard]] QRectF staff_rect() const;
  [[nodiscard]] QRectF scrolled(const Chip& chip) const;
  [[nodiscard]] const Swatch* swatch_at(QPointF p) const;
  [[nodiscard]] std::optional<std::size_t> family_at(QPointF p) const;
  [[nodiscard]] std::optional<std::size_t> chosen_family() const;
  [[nodiscard]] std::optional<std::size_t> neighbor_family(int by) const;
  [[nodiscard]] std::vector<Id> swatches_in(const QRectF& box) const;
  void step_family(int by);
  void step_swatch(int by);
  void move_selected(int by);
  void follow();
  void lay_out_chips();
  void part_into_lanes(std::size_t from, std::size_t to);
  [[nodiscard]] bool moves_up_and_down(QPointF p) const;
  void end_box();
  void end_move(Drag drag, QPoint global);
  void end_click(Drag drag);
  [[nodiscard]] bool over_taker(QPoint global) const;
  void drop(QPointF p);
  void move_limit(QPointF p);
  bool drag_out();
  /// The grip beside the swatch that keys work on: dragged, it moves all selected ones in value. None while
  /// an adjustment is tried out.
  [[nodiscard]] QRectF shift_grip() const;
  void shift_selected(QPointF p);
  void paint_grip(QPainter& painter);
  void fill_swatch_menu(QMenu& menu, Id swatch);
  void fill_family_menu(QMenu& menu, std::size_t family);

  void paint_bands(QPainter& painter);
  void paint_head(QPainter& painter);
  void paint_families(QPainter& painter);
  void paint_family_name(QPainter& painter, std::size_t family);
  void paint_chip(QPainter& painter, const Chip& chip);
  void paint_findings(QPainter& painter);
  void paint_link(QPainter& painter, Id one, Id other, const QString& words);
  [[nodiscard]] QRectF free_box(const QPainterPath& line, const QString& words) const;
  void choose_links();
  void paint_counts(QPainter& painter);
  void paint_dragged(QPainter& painter);
  [[nodiscard]] QRectF empty_rect() const;
  void paint_empty(QPainter& painter);
  void place_first();
  void paint_ramp(QPainter& painter);
  void paint_slot(QPainter& painter);
  [[nodiscard]] std::optional<std::size_t> ramp_step_at(QPointF p) const;
  struct ChipName {
    QString words = {}; ///< As much of the name as there is room for.
    QFont font = {};
    QRectF rect = {};
  };
  [[nodiscard]] ChipName name_on(const Swatch& s, const QRectF& chip) const;
  void rename_family(std::size_t i);
  void rename_swatch(Id swatch);

  Laying& m_laying;
  SetWork& m_work;
  PressModel& m_reader;
  TryModel& m_tries;
  Place m_place;
  QScrollBar* m_scroll;
  WordControl* m_first; ///< Adds the first color; seen while the set is empty.
  NameEditor* m_editor;
  Drag m_drag = Drag::None;
  Id m_dragged = 0;
  QPointF m_press, m_pointer;
  Qt::KeyboardModifiers m_modifiers;
  bool m_moved = false;
  int m_limit_drag = 0;
  /// The families of the piece that was followed last; chips point into it. The piece itself may be another
  /// one already when something asks for a paint before this view has heard of it.
  List<Family> m_families;
  std::vector<Chip> m_chips; ///< In the order of the set.
  std::unordered_map<Id, std::size_t> m_chip_of;
  /// Twins and near-duplicates that are drawn: of the selection, or the first of all.
  struct Link {
    Id a, b;
    bool twins;
  };
  std::optional<std::vector<Link>> m_links; ///< Nothing until they are painted after a change.
  std::optional<std::size_t> m_hovered;
  Id m_pointed = 0; ///< The swatch that the pointer moved onto, until a key or another selection comes.
  Id m_focus = 0;   ///< The swatch that keys worked on last.
};

} // namespace zc
