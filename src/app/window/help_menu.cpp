// SPDX-License-Identifier: GPL-3.0-or-later
// Help: the handbook, the first steps, what a report needs.
#include "app/first/first_start.h"
#include "app/first/steps_line.h"
#include "app/handbook/handbook_window.h"
#include "app/log/session_log.h"
#include "app/seams/clipboard.h"
#include "app/seams/dialogs.h"
#include "app/window/main_window.h"
#include "model/documents/documents.h"
#include "model/workspace/workspace.h"

#include <QApplication>
#include <QMenuBar>

namespace zc {
namespace {

QString page_of(Desk desk) { return QString::fromStdString(word_for(kDeskWords, desk)); }

} // namespace

void MainWindow::open_handbook(const QString& page) {
  if (!m_handbook) m_handbook = new HandbookWindow(*menuBar(), this);
  m_handbook->open(page);
}

void MainWindow::offer_first_start() {
  if (!FirstStart::is_first()) return;
  auto* first = new FirstStart(findChild<QWidget*>(QStringLiteral("middle")));
  // The steps go along whatever was chosen.
  connect(first, &FirstStart::photoAsked, this, [this] {
    m_steps->begin();
    m_space.viewing().show_desk(Desk::Observe);
    add_photos();
  });
  connect(first, &FirstStart::emptyAsked, this, [this] {
    m_steps->begin();
    m_space.viewing().show_desk(Desk::Observe);
  });
  connect(first, &FirstStart::demoAsked, this, [this] {
    m_documents.open_demo([this](bool /*opened*/) {
      m_steps->begin();
      m_space.viewing().show_desk(Desk::Observe);
    });
  });
  for (const auto chosen : {&FirstStart::photoAsked, &FirstStart::emptyAsked, &FirstStart::demoAsked})
    connect(first, chosen, first, &QObject::deleteLater);
  first->offer();
}

void MainWindow::make_help_menu() {
  auto* menu = menuBar()->addMenu(tr("&Help"));
  menu->setToolTipsVisible(true);
  add_action(menu, tr("&Handbook"), tr("The page of the desk you are at"), QKeySequence(Qt::Key_F1),
             [this] { open_handbook(page_of(m_space.session().desk)); });
  add_action(menu, tr("The &order of work"), tr("The first page of the handbook"), {},
             [this] { open_handbook(QStringLiteral("index")); });
  add_action(menu, tr("Every &key"), tr("All commands with their keys"), {},
             [this] { open_handbook(QStringLiteral("keys")); });
  add_action(menu, tr("The &first steps"), tr("The list of first steps, with nothing ticked yet"), {},
             [this] { m_steps->begin(); });
  menu->addSeparator();
  add_action(menu, tr("Copy &details"),
             tr("Versions, screens and what the program did, for a report; nothing of your pieces"), {},
             [this] {
               put_on_clipboard(session_log::details());
               m_space.notice(tr("The details are on the clipboard; nothing of your pieces is among them."));
             });
  add_action(menu, tr("&About Zonachrom"), tr("What this program is"), {}, [this] {
    m_dialogs.show_about(this, tr("Zonachrom %1\n\nA desk for planning a limited palette: gamut masks over a "
                                  "hue wheel, colors picked at true lightness, value-graded swatch sets.")
                                   .arg(QApplication::applicationVersion()));
  });
}

} // namespace zc
