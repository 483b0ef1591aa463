// SPDX-License-Identifier: GPL-3.0-or-later
// How windows looked when it was last found right: each at an eighth of its size, all in one picture.
#pragma once

#include <QPainter>
#include <QWidget>

#include <algorithm>
#include <vector>

namespace zc::test {

class KeptLooks {
public:
  static constexpr int kCell = 8;   ///< Pixels of the window that one of the kept picture stands for.
  static constexpr int kLevels = 3; ///< What machines may round differently, of 255.

  explicit KeptLooks(const QString& file) : m_kept(file) {}

  /// Notes what a window shows; says what no longer looks as it did, with the part that lies there, or
  /// nothing.
  QString note(const QString& scene, QWidget& window) {
    const QImage full = window.grab().toImage().convertToFormat(QImage::Format_RGB32);
    const QImage small = full.scaled(full.size() / kCell, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    QImage tile(kTile, QImage::Format_RGB32);
    tile.fill(Qt::black);
    QPainter(&tile).drawImage(0, 0, small);
    m_seen.push_back(tile);
    const QPoint other = first_difference(tile, m_kept.copy(place(m_seen.size() - 1)));
    if (other.x() < 0) return {};
    const QPoint at = other * kCell + QPoint(kCell / 2, kCell / 2);
    const QWidget* part = window.childAt(at);
    while (part && part->objectName().isEmpty()) part = part->parentWidget();
    return QStringLiteral("%1, picture %2, is not as in tests/reference/looks.png at %3,%4, in %5")
        .arg(scene)
        .arg(m_seen.size())
        .arg(at.x())
        .arg(at.y())
        .arg(part ? part->objectName() : QStringLiteral("the window"));
  }
  void write(const QString& file) const {
    QImage all(place(m_seen.size() - 1).united({0, 0, kInRow * kTile.width(), 1}).size(),
               QImage::Format_RGB32);
    all.fill(Qt::black);
    QPainter painter(&all);
    for (std::size_t i = 0; i < m_seen.size(); ++i) painter.drawImage(place(i).topLeft(), m_seen[i]);
    painter.end();
    if (!all.save(file)) qFatal("the looks cannot be kept");
  }

private:
  static constexpr QSize kTile{160, 100};
  static constexpr int kInRow = 6;

  static QRect place(std::size_t i) {
    const int n = static_cast<int>(i);
    return {QPoint(n % kInRow * kTile.width(), n / kInRow * kTile.height()), kTile};
  }
  static QPoint first_difference(const QImage& a, const QImage& b) {
    const auto far = [](QRgb p, QRgb q) {
      return std::max({std::abs(qRed(p) - qRed(q)), std::abs(qGreen(p) - qGreen(q)),
                       std::abs(qBlue(p) - qBlue(q))}) > kLevels;
    };
    for (int y = 0; y < kTile.height(); ++y)
      for (int x = 0; x < kTile.width(); ++x)
        if (far(a.pixel(x, y), b.pixel(x, y))) return {x, y};
    return {-1, -1};
  }

  QImage m_kept;
  std::vector<QImage> m_seen;
};

} // namespace zc::test
