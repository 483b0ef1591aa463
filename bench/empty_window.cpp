// SPDX-License-Identifier: GPL-3.0-or-later
// What an empty window of the toolkit takes to be there.
#include <QApplication>
#include <QWidget>

int main(int argc, char** argv) {
  const QApplication app(argc, argv);
  QWidget window;
  window.resize(1280, 800);
  window.show();
  return QApplication::exec();
}
