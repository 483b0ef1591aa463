// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/photo/loupe.h"

#include "app/paint/paint.h"
#include "app/theme/theme.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/color/text.h"
#include "model/i18n/text.h"

namespace zc {
namespace {

constexpr int kLoupe = 132, kText = 118, kCompared = 40;
/// CIEDE2000 below which two colors look the same beside each other (common practice, no source).
constexpr double kSameToTheEye = 1;

QString signed_number(double x, int digits) {
  const QString out = number(x, digits);
  return x > 0 ? QLatin1Char('+') + out : out;
}

} // namespace

Loupe loupe_at(QPointF pointer, QSize room, int side, bool compares) {
  const int high = kLoupe + (compares ? kCompared : 0);
  QPointF corner = pointer + QPointF(22, 22);
  if (corner.x() + kLoupe + kText > room.width()) corner.setX(pointer.x() - 22 - kLoupe - kText);
  if (corner.y() + high > room.height()) corner.setY(pointer.y() - 22 - high);
  corner = {std::max(0.0, std::min(corner.x(), room.width() - kLoupe - kText - 1.0)),
            std::max(0.0, corner.y())};
  Loupe out;
  out.frame = QRectF(corner, QSizeF(kLoupe, kLoupe));
  out.note = QRectF(out.frame.right() + 1, out.frame.top(), kText - 1, kLoupe);
  if (compares) out.compared = QRectF(out.frame.left(), out.frame.bottom(), kLoupe + kText, kCompared);
  out.shown = std::max(15, side + side / 2 + 1) | 1;
  return out;
}

void paint_loupe_patch(QPainter& painter, const Loupe& loupe, const QImage& patch, int side) {
  painter.fillRect(loupe.frame, theme().stage);
  painter.drawImage(loupe.frame, patch);
  QPainterPath border, square;
  border.addRect(loupe.frame);
  const double cell = static_cast<double>(kLoupe) / loupe.shown;
  square.addRect(QRectF(loupe.frame.center() - QPointF(side, side) * cell / 2, QSizeF(side, side) * cell));
  draw_double_line(painter, border, 1.5);
  draw_double_line(painter, square, 1.2);
  painter.fillRect(loupe.note, theme().furniture);
}

void paint_loupe_note(QPainter& painter, const Studio& model, const QRectF& note, Srgb here, Srgb average) {
  const ColorVision vision = model.session().vision;
  const QRectF left(note.left(), note.top(), note.width() / 2, 44),
      right(left.right(), note.top(), note.width() / 2, 44);
  painter.fillRect(left, shown_color(here, vision));
  painter.fillRect(right, shown_color(model.session().color(), vision));
  painter.setFont(caption_font());
  painter.setPen(theme().quiet);
  painter.drawText(left.translated(8, 44).adjusted(0, 0, 0, -25), Qt::AlignLeft | Qt::AlignVCenter,
                   QObject::tr("here"));
  painter.drawText(right.translated(4, 44).adjusted(0, 0, 0, -25), Qt::AlignLeft | Qt::AlignVCenter,
                   QObject::tr("current"));
  painter.setPen(theme().text);
  QString mask;
  if (model.region()) {
    const WheelPoint at = model.wheel().locate(here);
    mask = model.region()->inside(disc_point(at)) ? QObject::tr("\nin the mask")
                                                  : QObject::tr("\noutside the mask");
    if (!(here == average)) mask = QObject::tr("\nmoved into the mask");
  }
  painter.drawText(note.adjusted(8, 63, 0, 0), Qt::AlignLeft | Qt::AlignTop,
                   QObject::tr("%1\nvalue %2\n%3 px square")
                           .arg(QString::fromStdString(hex_of(here)))
                           .arg(number(value_of(here), 1))
                           .arg(model.session().sample_side) +
                       mask);
}

void paint_comparison(QPainter& painter, const Studio& model, const QRectF& note, Srgb pinned, Srgb here) {
  const ColorDifference d = difference_between(pinned, here);
  painter.fillRect(note, theme().furniture);
  const QRectF chip(note.left(), note.top(), note.height(), note.height());
  painter.fillRect(chip, shown_color(pinned, model.session().vision));
  const QString hue = d.hue ? QObject::tr("hue %1°").arg(signed_number(*d.hue, 0)) : QObject::tr("no hue");
  const QString far = d.ciede2000 < kSameToTheEye ? QObject::tr("the same to the eye")
                      : d.ciede2000 < model.piece().grading.near_duplicate
                          ? QObject::tr("near, difference %1").arg(number(d.ciede2000, 1))
                          : QObject::tr("difference %1").arg(number(d.ciede2000, 1));
  painter.setFont(caption_font());
  painter.setPen(theme().text);
  painter.drawText(
      note.adjusted(chip.width() + 8, 3, 0, 0), Qt::AlignLeft | Qt::AlignTop,
      QObject::tr("value %1, chroma %2, %3").arg(signed_number(d.value, 1), signed_number(d.chroma, 1), hue) +
          QLatin1Char('\n') + far);
}

} // namespace zc
