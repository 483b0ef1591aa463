// Masks kept across pieces: search, take up, put up with tags, take off.
#pragma once

#include "app/store/workbench.h"
#include "io/shelf/mask_shelf.h"

#include <QWidget>

class QLineEdit;
class QListWidget;
class QPushButton;

namespace zc {

class ShelfPanel final : public QWidget {
  Q_OBJECT
public:
  ShelfPanel(Workbench& bench, QWidget* parent);
  /// Where shelf masks lie: under the desktop's data folder.
  [[nodiscard]] static QString folder();

protected:
  void showEvent(QShowEvent* event) override;
  void changeEvent(QEvent* event) override;

private:
  void read();
  void show_found();
  void put_up();
  void take_up();
  void take_off();
  void follow();
  [[nodiscard]] const ShelfMask* chosen() const;

  Workbench& m_bench;
  std::vector<ShelfMask> m_masks;
  std::vector<std::size_t> m_found; ///< Into m_masks, in the order shown.
  QLineEdit* m_search;
  QListWidget* m_list;
  QLineEdit* m_name;
  QLineEdit* m_tags;
  QPushButton* m_put;
  QPushButton* m_take;
  QPushButton* m_off;
};

} // namespace zc
