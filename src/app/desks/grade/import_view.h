// SPDX-License-Identifier: GPL-3.0-or-later
// What a file would bring into the piece: its colors, which of them the set has already, and where to put
// them.
#pragma once

#include "core/piece/import.h"
#include "model/session/studio.h"

#include <QWidget>

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;
class QScrollArea;

namespace zc {

class FoundChips;

class ImportView final : public QWidget {
  Q_OBJECT
public:
  ImportView(Studio& model, QWidget* parent);
  void offer(const FoundSet& found, const QString& file);

signals:
  /// Brought in or left.
  void done();

private:
  void follow();
  void import_set();
  void choose(std::size_t color, bool wanted);
  [[nodiscard]] ImportPlan plan() const;
  Studio& m_model;
  FoundSet m_found;
  std::vector<std::optional<bool>> m_chosen; ///< Of each color, what the user said.
  QString m_file;
  Id m_set = 0, m_family = 0; ///< That it was offered for: the words say their names.
  QLabel* m_title;
  QLabel* m_says;
  FoundChips* m_chips;
  QComboBox* m_into;
  QCheckBox* m_same;
  QCheckBox* m_near;
  QCheckBox* m_book; ///< Seen where the file could be a color book.
  QPushButton* m_take;
};

} // namespace zc
