// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/menus/edit_menu.h"

#include "app/band/staff_view.h"
#include "app/band/value_band.h"
#include "app/copying/copy_on_pick.h"
#include "app/desks/grade/grade_desk.h"
#include "app/desks/grade/list_view.h"
#include "app/desks/grade/rows_view.h"
#include "app/files/arrivals.h"
#include "app/platform/clipboard.h"
#include "app/screen/screen_sampler.h"
#include "core/color/text.h"
#include "model/application/app_model.h"
#include "model/proof/typed_color.h"
#include "model/work/set_work.h"

#include <QApplication>
#include <QClipboard>
#include <QLineEdit>
#include <QMimeData>
#include <QPlainTextEdit>

namespace zc {

EditMenu::EditMenu(AppModel& model, CopyOnPick& copy_on_pick, ScreenSampler& sampler, Arrivals& arrivals,
                   LateWidget<GradeDesk>& grade, ValueBand& band, QWidget* parent)
    : CommandMenu(tr("&Edit"), parent), m_model(model), m_copy_on_pick(copy_on_pick), m_sampler(sampler),
      m_arrivals(arrivals), m_grade(grade), m_band(band) {
  auto& stack = m_model.store().stack();
  auto* undo = stack.createUndoAction(this, tr("Undo"));
  undo->setShortcut(QKeySequence::Undo);
  undo->setObjectName(QStringLiteral("undo"));
  auto* redo = stack.createRedoAction(this, tr("Redo"));
  redo->setShortcuts(QKeySequence::Redo);
  redo->setObjectName(QStringLiteral("redo"));
  addAction(undo);
  addAction(redo);
  addSeparator();
  add_command("copyColorAsHex", tr("&Copy color as hex"), tr("Copy the hex code of the current color"),
              QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), [this] { copy_hex(); });
  auto* hand =
      add_command("copyEveryPick", tr("Copy e&very pick"),
                  tr("Every picked color is copied to the clipboard, in the form chosen below"),
                  QKeySequence(Qt::CTRL | Qt::Key_H), [this] { m_copy_on_pick.turn(!m_copy_on_pick.on()); });
  hand->setCheckable(true);
  connect(&m_copy_on_pick, &CopyOnPick::changed, hand,
          [this, hand] { hand->setChecked(m_copy_on_pick.on()); });
  add_command("chooseCopyForm", tr("Choose fo&rm of copied colors..."),
              tr("Hex, numbers, CSS or a line of your own, with or without a small picture"), {},
              [this] { emit copyFormAsked(); });
  add_command("pickColorFromScreen", tr("Pick color from &screen"),
              tr("Use the color of any pixel of the screen, or the average of a square around it"),
              QKeySequence(Qt::Key_P), [this] { m_sampler.sample_color(); });
  auto* key = add_command(
      "setGlobalShortcutForPicking", tr("Set global shortcuts for &picking and companion"),
      tr("Pick from the screen, or call the companion, while any program has the keyboard. The desktop asks "
         "for the shortcuts."),
      {}, [this] { m_sampler.desktop_key().turn(!m_sampler.desktop_key().on()); });
  key->setCheckable(true);
  connect(&m_sampler.desktop_key(), &DesktopKey::changed, key,
          [key](const QString& given) { key->setChecked(!given.isEmpty()); });
  add_command("addScreenPicture", tr("Add pict&ure of the screen"),
              tr("Add the screen, or a part of it, as a reference"), QKeySequence(Qt::SHIFT | Qt::Key_P),
              [this] { m_sampler.take_picture(); });
  add_command("paste", tr("&Paste photo, color or swatches"),
              tr("Paste a picture or photo files as references, a hex color as the current color; at Grade, "
                 "swatches"),
              QKeySequence::Paste, [this] { paste(); });
  addSeparator();
  add_command("addCurrentColorToSet", tr("Add current color to se&t"),
              tr("Add the current color to the chosen family of the set"), QKeySequence(Qt::CTRL | Qt::Key_L),
              [this] { m_model.laying().lay_current(); });
  add_command("addFamily", tr("Add &family"), tr("Add a family to the set and name it"),
              QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_L), [this] { m_band.staff().add_family(); });
  add_command("goBackToPreviousColor", tr("Go &back to previous color"),
              tr("Swap the current color with the previous one"), QKeySequence(Qt::CTRL | Qt::Key_B),
              [this] { m_model.picking().back_to_before(); });
  addSeparator();
  add_swatch_commands();
}

/// They work on what is selected wherever the staff is shown.
void EditMenu::add_swatch_commands() {
  SetWork& work = m_model.set_work();
  add_command("findSwatch", tr("&Find swatch"),
              tr("Find a swatch by its name, or the one nearest to a color"), QKeySequence::Find, [this] {
                m_model.viewing().show_desk(Desk::Grade);
                m_grade->find();
              });
  add_command("findEverywhere", tr("Find everywhere..."),
              tr("Find a color or a name in all sets and versions, on the shelf and in recent pieces"),
              QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_F), [this] { emit findAsked(); });
  add_command("selectAll", tr("Select &all"), tr("Select all swatches of the set"), QKeySequence::SelectAll,
              [&work] { work.select_all(); });
  add_command("cutSwatches", tr("C&ut swatches"), tr("Cut the selected swatches"), QKeySequence::Cut,
              [this] { cut_swatches(); });
  add_command("copySwatches", tr("C&opy swatches"),
              tr("Copy the selected swatches, for other sets, pieces and programs"), QKeySequence::Copy,
              [this] { copy_swatches(); });
  add_command("duplicateSwatches", tr("Dupl&icate swatches"),
              tr("Duplicate the selected swatches at the next free places"),
              QKeySequence(Qt::CTRL | Qt::Key_D), [&work] { work.duplicate(); });
  add_command("replaceWithCurrentColor", tr("Re&place with current color"),
              tr("Give the selected swatches the current color"), QKeySequence(Qt::CTRL | Qt::Key_R),
              [&work] { work.replace_by_current(); });
  add_command("useSwatchColor", tr("&Use color of swatch"),
              tr("Make the color of the selected swatch the current one (Enter, double click)"),
              QKeySequence(Qt::CTRL | Qt::Key_T), [&work] {
                if (!work.nothing_selected()) work.use_focus();
              });
  add_command("renameSwatchOrFamily", tr("Re&name swatch or family"),
              tr("Rename the swatch under the pointer, the selected one, or the chosen family"),
              QKeySequence(Qt::Key_F2), [this] { rename_swatch(); });
  // The key belongs to the view of the set that has the focus: on a photo or a wheel it means something else.
  auto* remove = add_command("deleteSwatches", tr("&Delete swatches"), tr("Delete the selected swatches"),
                             QKeySequence::Delete, [&work] {
                               if (!work.nothing_selected()) work.remove();
                             });
  remove->setShortcutContext(Qt::WidgetShortcut);
  m_band.staff().addAction(remove);
  add_command("lockOrUnlockSwatches", tr("Loc&k or unlock swatches"),
              tr("Protect the selected swatches from changes, or allow changes again"),
              QKeySequence(Qt::CTRL | Qt::Key_K), [&work] { work.switch_lock(); });
  add_command("markSwatchesUsedOrUnused", tr("&Mark swatches used or unused"),
              tr("Mark the selected swatches as used in the painting, or not"),
              QKeySequence(Qt::CTRL | Qt::Key_M), [&work] { work.switch_used(); });
  auto* code = add_submenu(tr("Edit code"));
  const std::tuple<const char*, QString, QString, Finish> finishes[] = {
      {"markPlainInk", tr("Mark as plain ink"),
       tr("Displays show the inks of the selected swatches as they are"), Finish::Plain},
      {"markMetallicInk", tr("Mark as metallic ink"),
       tr("No display shows the ink of the selected swatches: it shines"), Finish::Metallic},
      {"markFluorescentInk", tr("Mark as fluorescent ink"),
       tr("No display shows the ink of the selected swatches: it glows"), Finish::Fluorescent}};
  for (const auto& [name, text, tip, finish] : finishes)
    code->add_command(name, text, tip, {}, [&work, finish = finish] { work.mark_finish(finish); });
  code->add_command("removeCode", tr("Remove code"),
                    tr("Keep the colors of the selected swatches without their codes"), {},
                    [&work] { work.remove_codes(); });
}

void EditMenu::paste() {
  if (auto* field = qobject_cast<QLineEdit*>(parentWidget()->focusWidget())) return field->paste();
  if (auto* field = qobject_cast<QPlainTextEdit*>(parentWidget()->focusWidget())) return field->paste();
  const QMimeData* clip = QApplication::clipboard()->mimeData();
  const QMimeData nothing;
  if (!clip) clip = &nothing; // As on some desktops before anything has been copied.
  if (m_model.session().desk == Desk::Grade || holds_swatches(*clip))
    if (const auto swatches = swatches_of(*clip); !swatches.empty())
      return m_model.set_work().paste(swatches);
  if (m_arrivals.accept(*clip, tr("pasted photo"))) return;
  const QString text = clip->text().trimmed();
  if (text.isEmpty() || text.contains(QLatin1Char('\n')))
    return m_model.notice(tr("The clipboard has no picture, color or swatches. Copy something first."));
  use_typed(text, m_model, m_model.picking(), m_model.press().chosen().get());
}

void EditMenu::copy_swatches() {
  const SwatchSet* set = current_set(m_model.piece());
  if (set && !m_model.session().selection.empty())
    put_on_clipboard(clip_of(*set, m_model.session().selection.swatches()));
}

void EditMenu::cut_swatches() {
  if (m_model.set_work().nothing_selected()) return;
  copy_swatches();
  m_model.set_work().remove(tr("Cut swatch"), tr("Cut %1 swatches"));
}

void EditMenu::copy_hex() {
  const QString hex = QString::fromStdString(hex_of(m_model.session().color()));
  put_on_clipboard(hex);
  m_model.notice(tr("Copied %1.").arg(hex));
}

void EditMenu::rename_swatch() {
  const bool grade = m_model.session().desk == Desk::Grade;
  const SetView view = m_model.session().set_view;
  if (grade && view == SetView::Rows) return m_grade->rows().rename_selected();
  if (grade && view == SetView::List) return m_grade->list().rename_selected();
  if (m_band.staff().isVisible()) return m_band.staff().rename_selected();
  m_model.notice(
      tr("Swatches are renamed at Grade, on the staff, in rows or in the list. Show one of these first."));
}

} // namespace zc
