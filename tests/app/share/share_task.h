// SPDX-License-Identifier: GPL-3.0-or-later
// Giving the plan away: what a hand does at this desk, what is seen, what is written.
#pragma once

#include "app/band/staff_view.h"
#include "app/controls/number_field.h"
#include "app/desk.h"
#include "app/desks/grade/list_view.h"
#include "app/desks/share/share_stage.h"
#include "app/desks/try/try_view.h"
#include "app/shelf/shelf_panel.h"
#include "app/tray/readout_panel.h"
#include "app/wheel/wheel_view.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/mask/patterns.h"
#include "core/piece/edits.h"
#include "io/shelf/mask_shelf.h"
#include "io/shelf/press_shelf.h"
#include "io/shelf/set_shelf.h"
#include "model/share/files_out.h"
#include "model/share/share_model.h"
#include "model/study/try_model.h"
#include "support/check.h"

#include <QClipboard>
#include <QComboBox>
#include <QDir>
#include <QListWidget>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSettings>
#include <QTableView>

using namespace zc;
using namespace zc::test;

class ShareTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_desk = demo_at(Desk::Share);
    QVERIFY(m_desk->photo_shown());
  }
  void cleanup() { m_desk.reset(); }
  void parts_are_switched_and_seen();
  void keys_stand_on_the_sheet();
  void pages_are_turned();
  void the_printable_is_taken_and_undone();
  void the_proof_shows_what_the_press_makes_of_it();
  void the_plan_is_seen_and_written();
  void a_limit_is_told_in_other_pickers();
  void all_formats_are_written_and_again();
  void a_chosen_part_of_a_parcel_is_taken();
  void several_sets_are_on_one_sheet();
  void ink_is_read_and_typed();
  void what_cannot_be_laid_out_is_said();

private:
  ShareStage& stage() { return m_desk->part<ShareStage>("shareStage"); }
  const Sharing& sharing() { return m_desk->session().sharing; }
  const Sheet& sheet() { return *m_desk->model().share_model().sheet(); }
  void press_word(const char* name) {
    m_desk->part<QAbstractButton>(name).click();
    m_desk->wait_for_files();
  }
  QListWidget& parts() { return m_desk->part<QListWidget>("sheet.parts"); }
  int row_of(SheetPart part) {
    for (int i = 0; i < parts().count(); ++i)
      if (parts().item(i)->data(Qt::UserRole).toInt() == static_cast<int>(part)) return i;
    return -1;
  }
  /// By a click on its box, as it is ticked by hand.
  void tick_part(SheetPart part) {
    const QRect row = parts().visualItemRect(parts().item(row_of(part)));
    QTest::mouseClick(parts().viewport(), Qt::LeftButton, {}, {row.left() + 8, row.center().y()});
    QCoreApplication::processEvents();
  }
  QColor seen_at(const SheetBox& box) {
    return seen(stage(), stage().place_of(box.x + box.w / 2, box.y + box.h / 2));
  }
  void choose_stand_in() {
    press_word("share.press");
    auto& profile = m_desk->part<QComboBox>("press.profile");
    const int at = profile.findText("Stand-in press, coated paper");
    QVERIFY(at > 0);
    profile.setCurrentIndex(at);
    emit profile.activated(at);
    QVERIFY(comes_true([&] { return m_desk->model().press().checked() != nullptr; }));
  }
  std::unique_ptr<DeskTop> m_desk;
};
