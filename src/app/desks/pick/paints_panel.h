// SPDX-License-Identifier: GPL-3.0-or-later
// The palette of paints: which are put out, what they reach, the recipe of the current color.
#pragma once

#include "io/shelf/paint_shelf.h"
#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QHBoxLayout;
class QLabel;
class QScrollArea;

namespace zc {

class PaintModel;
class Picking;
class SetWork;

class ElidedLabel;
class NameEditor;
class NumberField;
enum class ControlKind;
class WordControl;
struct NumberRange;

class PaintsPanel final : public QWidget {
  Q_OBJECT
public:
  PaintsPanel(Studio& model, Picking& picking, SetWork& work, PaintModel& paints, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;

private:
  [[nodiscard]] QLayout* make_list();
  [[nodiscard]] QWidget* make_answers();
  void make_recipe_line(QHBoxLayout& line);
  void make_reach_line(QHBoxLayout& line);
  void make_mask_line(QHBoxLayout& line);
  void make_fewest_line(QHBoxLayout& limits, QHBoxLayout& line);
  WordControl* add_word(QHBoxLayout& line, ControlKind kind, const QString& words, const char* name,
                        const QString& tip);
  NumberField* add_number(QHBoxLayout& line, const char* name, const QString& said, const NumberRange& range,
                          double shown, int width);
  void fill_shelf();
  void add_from_shelf();
  void keep_on_shelf();
  void add_asked();
  void add_paint(const QString& name, Srgb color, const std::string& trade);
  void list_paints();
  void add_row(QWidget* list, const PalettePaint& paint, std::size_t place);
  /// Null where it is not listed.
  [[nodiscard]] QWidget* button_of(Id paint);
  void add_row_menu(QWidget& button, const PalettePaint& paint, std::size_t place);
  void follow();
  void follow_seeking();
  void say_recipe();
  void say_inside();
  void use_recipe();
  Studio& m_model;
  Picking& m_picks;
  SetWork& m_work;
  PaintModel& m_mixing;
  WordControl* m_add;
  QComboBox* m_shelf;
  QScrollArea* m_scroll;
  NameEditor* m_editor;
  std::vector<ShelfPaints> m_on_shelf; ///< In the order of the list.
  List<PalettePaint> m_listed;
  QLabel* m_recipe;
  NumberField* m_most;
  WordControl* m_take;
  WordControl* m_show;
  WordControl* m_ends;
  ElidedLabel* m_inside;
  NumberField* m_within;
  NumberField* m_share;
  WordControl* m_of_photo;
  WordControl* m_of_set;
};

} // namespace zc
