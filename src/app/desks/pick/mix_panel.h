// Two to four wells mixed by parts, as paint or as light; the mixture and the string between two, live.
#pragma once

#include "app/store/workspace.h"
#include "core/mix/pigment.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QPushButton;

namespace zc {

class ChipRow;
class NumberField;
class WordButton;

class MixPanel final : public QWidget {
  Q_OBJECT
public:
  MixPanel(Workspace& space, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;

private:
  struct Slot {
    QComboBox* well = nullptr;
    NumberField* parts = nullptr;
  };
  void follow_wells();
  void follow();
  void follow_string(const std::vector<MixPart>& parts);
  [[nodiscard]] std::vector<MixPart> parts() const;
  [[nodiscard]] MixAs as() const;

  Workspace& m_space;
  std::array<Slot, 4> m_slots;
  WordButton* m_paint;
  WordButton* m_light;
  ChipRow* m_result;
  ChipRow* m_row;
  QLabel* m_words;
  QPushButton* m_lay;
};

} // namespace zc
