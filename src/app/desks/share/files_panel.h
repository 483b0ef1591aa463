// SPDX-License-Identifier: GPL-3.0-or-later
// All formats in one place: several at once, into one folder, again without asking; and lines of the
// user's own, with their editor.
#pragma once

#include "io/shelf/pattern_shelf.h"
#include "model/session/studio.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QPlainTextEdit;

namespace zc {

class Viewing;

class ElidedLabel;
class WordControl;

class FilesPanel final : public QWidget {
  Q_OBJECT
public:
  FilesPanel(Studio& model, Viewing& viewing, QWidget* parent);

signals:
  void folderAsked();
  void writeAsked();
  /// A file is to be read by the pattern.
  void readAsked();

protected:
  void showEvent(QShowEvent* event) override;

private:
  void change(const std::function<void(FilesOut&)>& by);
  void follow();
  void follow_preview();
  void read_shelf();
  void keep_pattern();
  QWidget* make_formats();
  QWidget* make_lines();
  Studio& m_model;
  Viewing& m_viewing;
  std::vector<std::pair<WordControl*, std::string>> m_formats;
  ElidedLabel* m_folder = nullptr;
  WordControl* m_at_save = nullptr;
  QComboBox* m_patterns = nullptr;
  QPlainTextEdit* m_pattern = nullptr;
  QLabel* m_preview = nullptr;
  std::vector<ShelfPattern> m_shelf;
};

} // namespace zc
