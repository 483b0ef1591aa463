// SPDX-License-Identifier: GPL-3.0-or-later
// What a program of the toolkit without anything in it takes to start and end.
#include <QCoreApplication>

int main(int argc, char** argv) {
  const QCoreApplication app(argc, argv);
  return 0;
}
