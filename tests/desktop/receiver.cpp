// SPDX-License-Identifier: GPL-3.0-or-later
// A window that takes every drop and writes down what came: color, text, first pixel of the picture.
#include <QApplication>
#include <QColor>
#include <QDragEnterEvent>
#include <QFile>
#include <QImage>
#include <QJsonDocument>
#include <QJsonObject>
#include <QMimeData>
#include <QWidget>

namespace {

class Receiver final : public QWidget {
public:
  explicit Receiver(const QString& note) : m_note(note) {
    setWindowTitle(QStringLiteral("qt receiver"));
    setAcceptDrops(true);
    setGeometry(400, 60, 300, 300);
  }

protected:
  void dragEnterEvent(QDragEnterEvent* event) override { event->acceptProposedAction(); }
  void dropEvent(QDropEvent* event) override {
    const QMimeData* clip = event->mimeData();
    const auto picture = qvariant_cast<QImage>(clip->imageData());
    const QJsonObject line{{"color", qvariant_cast<QColor>(clip->colorData()).name()},
                           {"text", clip->text()},
                           {"picture", picture.isNull() ? QString() : picture.pixelColor(0, 0).name()}};
    QFile file(m_note);
    if (file.open(QIODevice::Append)) file.write(QJsonDocument(line).toJson(QJsonDocument::Compact) + '\n');
    event->acceptProposedAction();
  }

private:
  QString m_note;
};

} // namespace

int main(int argc, char** argv) {
  QApplication app(argc, argv);
  Receiver receiver(QApplication::arguments().value(1));
  receiver.show();
  return QApplication::exec();
}
