// SPDX-License-Identifier: GPL-3.0-or-later
// Two pieces whose ids are the same numbers: whatever is being typed, dragged, asked or worked out in one
// when the other is opened, the other stays as it was.
#pragma once

#include "app/band/staff_view.h"
#include "app/desk.h"
#include "app/desks/pick/mix_view.h"
#include "app/tray/wells_view.h"
#include "core/piece/edits.h"
#include "core/piece/laying.h"
#include "io/container/piece_file.h"
#include "model/journal/journal.h"
#include "model/study/try_model.h"

#include <QAbstractItemView>
#include <QApplication>
#include <QBuffer>
#include <QDialog>
#include <QDir>
#include <QMenu>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTimer>
#include <QToolTip>

using namespace zc;
using namespace zc::test;

inline SharedBytes photo_bytes(int seed) {
  QImage image(48, 36, QImage::Format_RGB32);
  for (int y = 0; y < image.height(); ++y)
    for (int x = 0; x < image.width(); ++x)
      image.setPixelColor(x, y, QColor::fromHsv((x * 7 + seed * 40) % 360, 60 + y * 5, 255 - y * 4));
  QByteArray png;
  QBuffer buffer(&png);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return std::make_shared<const Bytes>(png.begin(), png.end());
}

/// The same steps give the same ids, whatever the names.
inline Piece piece_called(const std::string& name, int seed) {
  Piece p = new_piece("2026-11-29");
  const auto step = [&p](Result<Piece> next) {
    if (!next) qFatal("%s", next.error().sentence().c_str());
    p = std::move(next).value();
  };
  step(with_card(p, {name, name + " words", "2026-11-29", name + " signature"}));
  step(with_set_named(p, p.current_set, name + " set"));
  step(with_set_note(p, p.current_set, name + " note"));
  step(with_set_tags(p, p.current_set, {name + " tag"}));
  const double shift = 0.05 * seed;
  step(with_laid_families(p, {{name + " one", {{{0.8 - shift, 0.4, 0.2}, {}}, {{0.3, 0.3 + shift, 0.6}, {}}}},
                              {name + " two", {{{0.2, 0.5, 0.3 + shift}, {}}}}}));
  step(with_version_kept(p, p.current_set, name + " version"));
  step(with_set(p, name + " second"));
  step(with_laid_family(p, name + " three", {{{0.5, 0.1 + shift, 0.1}, {}}}));
  step(with_current_set(p, p.sets[0].id));
  step(with_reference(p, name + " photo", "png", photo_bytes(seed)));
  step(with_reference(p, name + " other photo", "png", photo_bytes(seed + 3)));
  step(with_area_added(p, {AreaMode::Adds, Polygon{{{0.1, 0.1}, {0.7, 0.2}, {0.3, 0.7 - shift}}}}));
  return p;
}

class CrossingTask : public QObject {
  Q_OBJECT
private slots:
  void init() {
    m_folder = std::make_unique<QTemporaryDir>();
    for (const auto& [name, seed, path] : {std::tuple("A", 1, a()), std::tuple("B", 2, b())}) {
      Document document{piece_called(name, seed), {}};
      document.at_hand.current = {0.2 * seed, 0.3, 0.4};
      document.at_hand.wells[3] = Srgb{0.1, 0.1 * seed, 0.5};
      QVERIFY(save_document(path.toStdString(), document));
    }
    m_desk = std::make_unique<DeskTop>();
    m_desk->dialogs.unsaved = UnsavedAnswer::Discard;
    QVERIFY(m_desk->documents().open(a()));
    QVERIFY(m_desk->photos_decoded());
  }
  void cleanup() {
    m_desk.reset();
    QDir(Journal::folder()).removeRecursively();
    QDir().mkpath(Journal::folder());
  }

  void nothing_begun_reaches_the_next_piece_data();
  void nothing_begun_reaches_the_next_piece();
  void an_answer_belongs_to_the_piece_it_was_asked_in_data();
  void an_answer_belongs_to_the_piece_it_was_asked_in();
  void other_programs_wait_for_free_hands();
  void names_are_never_markup();
  void a_name_is_edited_where_it_is_seen();
  void exports_of_another_piece_are_asked_about();

private:
  QString path(const char* name) { return m_folder->filePath(QLatin1String(name)); }
  QString a() { return path("a.zonachrom"); }
  QString b() { return path("b.zonachrom"); }
  DeskTop& desk() { return *m_desk; }
  QWidget& at(const char* part, Desk shown) {
    desk().model().viewing().show_desk(shown);
    if (shown == Desk::Grade) desk().model().viewing().show_set_view(SetView::Staff);
    QCoreApplication::processEvents();
    return desk().part<QWidget>(part);
  }
  void type_in(QWidget& field, const char* words) {
    field.setFocus();
    if (auto* line = qobject_cast<QLineEdit*>(&field)) line->selectAll();
    QTest::keyClicks(&field, QLatin1String(words));
  }
  /// A hand that presses and pulls, and lets go after the other piece has come.
  std::function<void()> pull(QWidget& part, QPointF from, QPointF to) {
    press(part, from);
    move(part, (from + to) / 2);
    move(part, to);
    return [&part, to] {
      move(part, to + QPointF(9, 9));
      release(part, to + QPointF(9, 9));
    };
  }
  std::map<std::string, std::function<std::function<void()>()>> beginnings();

  std::unique_ptr<QTemporaryDir> m_folder;
  std::unique_ptr<DeskTop> m_desk;
};
