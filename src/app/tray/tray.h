// The tray: the current color in words and numbers, wells, recent colors.
#pragma once

#include "app/store/workbench.h"
#include "core/color/readout.h"

#include <QWidget>

class QLabel;
class QLineEdit;

namespace zc {

class Tray final : public QWidget {
  Q_OBJECT
public:
  Tray(Workbench& bench, QWidget* parent);

signals:
  void copyHexAsked();

protected:
  void resizeEvent(QResizeEvent* event) override;

private:
  QWidget* make_words();
  QWidget* make_readouts();
  QWidget* make_set_controls();
  void follow();
  void take_typed(QLineEdit& field, const Result<Srgb>& color);
  void take_typed_hex();
  void take_typed_readout(QLineEdit& field, ReadoutSpace space);
  void show_readouts();

  Workbench& m_bench;
  QWidget* m_readouts = nullptr;
  QLabel* m_name = nullptr;
  QLineEdit* m_hex = nullptr;
  QLineEdit* m_numbers[4]{};
  QLabel* m_value = nullptr;
  QLabel* m_mask = nullptr;
  QLabel* m_family = nullptr;
};

} // namespace zc
